import { evaluate, inches, newOwnPanel, newPiece, newProject, speaker, trailerOf } from '@kereta/core';
import { describe, expect, test } from 'vitest';
import { canRemove, moveName, movePart, partPlaceM, pickableParts, removePart, snapTo, stepsOf } from './parts';

const trailer = trailerOf(newProject({ id: 'p', name: 'P', units: 'imperial', newId: () => 'load' }));
const evaluation = evaluate(trailer);

describe('parts on the drawing', () => {
  test('are walked front to back, the coupler first', () => {
    const parts = pickableParts(trailer, evaluation);
    expect(parts[0]).toBe('coupler');
    expect(parts).toEqual(expect.arrayContaining(['axle', 'item.load', 'cross.1', 'rail.left', 'header.rear']));
    expect(new Set(parts).size).toBe(parts.length);
  });
  test('axle, load and cross-member go where they are put, whatever they are measured from', () => {
    for (const id of ['axle', 'item.load', 'cross.2']) {
      const moved = movePart(trailer, evaluation, id, 1.5);
      expect(partPlaceM(moved, evaluate(moved), id)).toBeCloseTo(1.5, 12);
    }
    const fromAxle = {
      ...trailer,
      items: trailer.items.map((item) => ({ ...item, attach: { ...item.attach, from: 'axle' as const } })),
    };
    expect(
      partPlaceM(movePart(fromAxle, evaluate(fromAxle), 'item.load', 0.7), evaluate(fromAxle), 'item.load'),
    ).toBeCloseTo(0.7, 12);
  });
  test('bars, panels and pieces of one’s own go along the ruler and off it, a piece as a whole', () => {
    const { frame } = trailer;
    const metal = { sectionId: frame.groups.cross.sectionId, materialId: frame.groups.cross.materialId };
    const own: typeof trailer = {
      ...trailer,
      frame: {
        ...frame,
        ownBars: [
          {
            ...metal,
            id: 'bar.post',
            turnDeg: 0,
            from: { kind: 'on', barId: 'rail.left', atM: 0.5 },
            to: { kind: 'off', byXM: 0, byYM: 0, byZM: 0.6 },
          },
        ],
        ownPanels: [{ ...newOwnPanel(trailer, 'imperial', 'panel.board') }],
        pieces: [
          newPiece(trailer, 'imperial', 'headboard', 'piece.h'),
          newPiece(trailer, 'imperial', 'gate', 'piece.g'),
        ],
      },
    };
    for (const id of ['bar.post', 'panel.board', 'piece.h', 'bar.h.top']) {
      const moved = movePart(own, evaluate(own), id, 1.25);
      expect(partPlaceM(moved, evaluate(moved), id), id).toBeCloseTo(1.25, 9);
      expect(canRemove(own, evaluate(own), id)).toBe(true);
    }
    // A rear gate goes by the bed's own end.
    expect(partPlaceM(own, evaluate(own), 'piece.g')).toBeUndefined();
    expect(removePart(own, evaluate(own), 'bar.g.stile.1').frame.pieces.map(({ id }) => id)).toEqual(['piece.h']);
    expect(removePart(own, evaluate(own), 'bar.post').frame.ownBars).toEqual([]);
    expect(removePart(own, evaluate(own), 'panel.board').frame.ownPanels).toEqual([]);
  });
  test('the ball goes along the ruler as the tongue gets longer or shorter, never into the bed', () => {
    const longer = movePart(trailer, evaluation, 'coupler', -1.5);
    expect(longer.frame.tongue.lengthM).toBeCloseTo(1.5, 12);
    expect(partPlaceM(longer, evaluate(longer), 'coupler')).toBeCloseTo(-1.5, 12);
    expect(movePart(trailer, evaluation, 'coupler', 2).frame.tongue.lengthM).toBeCloseTo(inches(4), 12);
    expect(moveName(speaker(trailer), 'coupler', -inches(50))).toBe(`tongue 4' 2" long`);
  });
  test('rails stay', () => {
    expect(partPlaceM(trailer, evaluation, 'rail.left')).toBeUndefined();
    expect(movePart(trailer, evaluation, 'rail.left', 1)).toBe(trailer);
    expect(canRemove(trailer, evaluation, 'rail.left')).toBe(false);
  });
  test('loads and cross-members come off', () => {
    expect(removePart(trailer, evaluation, 'item.load').items).toEqual([]);
    expect(evaluate(removePart(trailer, evaluation, 'cross.1')).chassis.crossPlaced.map(({ id }) => id)).not.toContain(
      'cross.1',
    );
  });
  test('snapping lands on whole sixteenths, or millimetres, exactly', () => {
    expect(snapTo(inches(59.04), stepsOf(trailer).snap, trailer)).toBe(inches(59.0625));
    const metric = { ...trailer, settings: { ...trailer.settings, units: 'metric' as const } };
    expect(snapTo(1.49964, stepsOf(metric).snap, metric)).toBe(1.5);
    expect(snapTo(1.49964, stepsOf(metric).fine, metric)).toBeCloseTo(1.4996, 12);
  });
});
