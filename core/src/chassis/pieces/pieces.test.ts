import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { sampleTrailer } from '../../../test/projects.js';
import { verify } from '../../../test/verify.js';
import { evaluate } from '../../evaluation/index.js';
import { buildCutList } from '../../fabrication/index.js';
import type { Piece, Trailer } from '../../project/index.js';
import { analyseStrength, type AnalysisOutcome } from '../../strength/index.js';
import { inches, pounds } from '../../units/index.js';
import { buildChassis, type Chassis, lineLengthM } from '../index.js';

const area = 'Ready-made pieces of a body';
/** 60 × 98 in, rails and headers 3 × 1 in on edge, cross-members 2 × 1 in. */
const bed = (pieces: readonly Piece[], change: Partial<Trailer['frame']> = {}): Trailer => {
  const sample = sampleTrailer();
  const steel = { materialId: 'a500b', faces: 'in' } as const;
  return {
    ...sample,
    frame: {
      ...sample.frame,
      bed: { lengthM: inches(98), widthM: inches(60), corner: 'rails-through' },
      groups: {
        ...sample.frame.groups,
        rail: { ...steel, sectionId: 'hss-3x2x3_16' },
        header: { ...steel, sectionId: 'hss-3x2x3_16' },
        cross: { ...steel, sectionId: 'hss-2x1x1_8' },
      },
      deck: { ...sample.frame.deck, kind: 'plywood', thicknessM: inches(0.75), seat: 'recessed' },
      sides: { kind: 'none' },
      pieces: [...pieces],
      ...change,
    },
  };
};
const steel = { sectionId: 'hss-1x1x1_8', materialId: 'a500b' } as const;
const mesh = { kind: 'welded-mesh', thicknessM: 0.006 } as const;
const ply = { kind: 'plywood', thicknessM: inches(0.5) } as const;

const SIDES: Piece = {
  kind: 'sides',
  id: 'piece.s',
  ...steel,
  edges: { left: true, right: true, front: true, rear: false },
  heightM: inches(24),
  postSpacingM: inches(30),
  midRails: 1,
  fill: ply,
  liftsOut: false,
};
const GATE: Extract<Piece, { kind: 'gate' }> = {
  kind: 'gate',
  id: 'piece.g',
  ...steel,
  edge: 'rear',
  atM: 0,
  widthM: inches(54),
  heightM: inches(40),
  bars: 3,
  gapM: inches(0.25),
  fill: mesh,
  held: 'ground',
};
const RACK: Piece = {
  kind: 'rack',
  id: 'piece.r',
  ...steel,
  fromM: inches(10),
  toM: inches(88),
  hoops: 3,
  heightM: inches(40),
  overhangM: inches(3),
  longBars: true,
  braced: true,
};
const BODY: Extract<Piece, { kind: 'body' }> = {
  kind: 'body',
  id: 'piece.b',
  ...steel,
  heightM: inches(60),
  postSpacingM: inches(24),
  skin: { kind: 'aluminum-sheet', thicknessM: 0.001 },
  roof: { kind: 'aluminum-sheet', thicknessM: 0.001 },
  insulation: { kind: 'foam-board', thicknessM: inches(1) },
  openings: [
    { id: 'door', edge: 'rear', alongM: inches(18), upM: 0, lengthM: inches(24), heightM: inches(54) },
    { id: 'window', edge: 'left', alongM: inches(30), upM: inches(30), lengthM: inches(20), heightM: inches(16) },
  ],
};
const UPPER: Piece = {
  kind: 'upper-frame',
  id: 'piece.u',
  ...steel,
  fromM: 0,
  toM: inches(98),
  heightM: inches(6),
  overhangM: inches(12),
  spacingM: inches(24),
  fill: { kind: 'expanded-steel', thicknessM: 0.0032 },
};
const HEADBOARD: Piece = {
  kind: 'headboard',
  id: 'piece.h',
  ...steel,
  atM: 0,
  heightM: inches(36),
  posts: 4,
  midRails: 2,
  fill: { kind: 'expanded-steel', thicknessM: 0.0032 },
};
const SHELF: Piece = {
  kind: 'shelf',
  id: 'piece.t',
  ...steel,
  fromM: inches(4),
  toM: inches(24),
  widthM: inches(36),
  fill: ply,
};
const BUMPER: Piece = {
  kind: 'bumper',
  id: 'piece.p',
  ...steel,
  behindM: inches(6),
  widthM: inches(56),
  levelM: inches(-1.5),
};
const ALL: readonly Piece[] = [SIDES, GATE, RACK, BODY, UPPER, HEADBOARD, SHELF, BUMPER];

const ofPiece = ({ members, panels }: Chassis, own: string) => ({
  bars: members.filter(({ id }) => id.startsWith(`bar.${own}.`)),
  panels: panels.filter(({ id }) => id.startsWith(`panel.${own}.`)),
});
const kg = (parts: readonly { readonly massKg: number }[]): number =>
  parts.reduce((sum, { massKg }) => sum + massKg, 0);
const analysisOf = (trailer: Trailer): AnalysisOutcome => {
  const { chassis, bare, cases } = evaluate(trailer);
  return analyseStrength({ trailer, chassis, bare, cases });
};

describe('each piece on a bed that no demo has', () => {
  test.each(ALL.map((piece) => [piece.kind, piece] as const))('%s is built whole and analysed', (_kind, piece) => {
    const trailer = bed([piece]);
    const chassis = buildChassis(trailer);
    expect(chassis.problems).toEqual([]);
    const { bars } = ofPiece(chassis, piece.id.slice(6));
    expect(bars.length).toBeGreaterThan(2);
    const outcome = analysisOf(trailer);
    expect(outcome.kind).toBe('analysed');
  });
  test.each(ALL.map((piece) => [piece.kind, piece] as const))('%s is alike left and right', (_kind, piece) => {
    const own = ofPiece(buildChassis(bed([piece])), piece.id.slice(6));
    const parts = [...own.bars, ...own.panels];
    const window = piece.kind === 'body' ? { ...piece, openings: [] } : piece;
    const even = ofPiece(buildChassis(bed([window])), piece.id.slice(6));
    const yM = [...even.bars, ...even.panels].reduce((sum, { massKg, centre }) => sum + massKg * centre.yM, 0);
    expect(parts.length).toBeGreaterThan(0);
    expect(Math.abs(yM)).toBeLessThan(1e-9 * kg(parts) + 1e-9);
  });
});
