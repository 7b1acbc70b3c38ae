import { describe, expect, test } from 'vitest';
import { sampleTrailer } from '../../test/projects.js';
import { evaluate } from '../evaluation/index.js';
import { itemPart } from '../mass/index.js';
import {
  addCrossMember,
  addItem,
  changeItem,
  type Item,
  moveCrossMember,
  overrideBar,
  type Trailer,
  removeCase,
  removeCrossMember,
  removeItem,
  setAboard,
} from './index.js';

const placed = (project: Trailer) => evaluate(project).chassis.crossPlaced;

describe('edits leave the old project as it was', () => {
  test('dragging one of a spaced run turns the run into a list that keeps its ids', () => {
    const before = sampleTrailer();
    const copy = structuredClone(before);
    const ids = placed(before).map(({ id }) => id);
    const after = moveCrossMember(before, placed(before), 'cross.2', 1.234);
    expect(before).toEqual(copy);
    expect(after.frame.crossMembers.kind).toBe('explicit');
    expect(placed(after).map(({ id }) => id)).toEqual(ids);
    expect(placed(after)[1]).toEqual({ id: 'cross.2', xM: 1.234 });
    expect(placed(after)[0]).toEqual(placed(before)[0]);
  });
  test('an override hangs on its id through moving, and goes when the member goes', () => {
    const before = sampleTrailer();
    const strong = overrideBar(before, placed(before), 'cross.2', { sectionId: 'hss-3x2x3_16' });
    const moved = moveCrossMember(strong, placed(strong), 'cross.2', 1.5);
    expect(evaluate(moved).chassis.members.find(({ id }) => id === 'cross.2')?.section.id).toBe('hss-3x2x3_16');
    expect(overrideBar(moved, placed(moved), 'cross.2', undefined).frame.overrides).toEqual({});
    const removed = removeCrossMember(moved, placed(moved), 'cross.2');
    expect(removed.frame.overrides).toEqual({});
    expect(placed(removed).map(({ id }) => id)).toEqual(
      ['cross.1', 'cross.3', 'cross.4'].slice(0, placed(before).length - 1),
    );
  });
  test('an extra cross-member comes, moves and goes', () => {
    const added = addCrossMember(sampleTrailer(), 'extra.a', 0.4);
    expect(added.frame.crossMembers.kind).toBe('spacing');
    const moved = moveCrossMember(added, placed(added), 'extra.a', 0.5);
    expect(placed(moved).at(-1)).toEqual({ id: 'extra.a', xM: 0.5 });
    expect(placed(removeCrossMember(moved, placed(moved), 'extra.a'))).toEqual(placed(sampleTrailer()));
  });
  test('an item that goes takes its place in every case with it; what stood on it comes down to the deck', () => {
    const [load] = sampleTrailer().items as [Item];
    const onTop: Item = {
      ...load,
      id: 'item.top',
      attach: { ...load.attach, on: 'item', hostId: 'item.load', offsetM: { ...load.attach.offsetM, value: 0.1 } },
    };
    const stacked = addItem(sampleTrailer(), onTop, ['case.loaded']);
    const { chassis } = evaluate(stacked);
    const base = itemPart(stacked, chassis, load);
    const top = itemPart(stacked, chassis, onTop);
    expect(top.centre.xM).toBeCloseTo(base.centre.xM + 0.1, 12);
    expect(top.centre.zM).toBeCloseTo(base.centre.zM + load.sizeM.heightM, 12);
    const without = removeItem(stacked, 'item.load');
    expect(without.items[0]?.attach).toMatchObject({ on: 'deck', hostId: null });
    expect(without.cases.flatMap(({ aboard }) => aboard.map(({ itemId }) => itemId))).not.toContain('item.load');
  });
  test('items that stand on each other in a ring end somewhere', () => {
    const [load] = sampleTrailer().items as [Item];
    const ring = (id: string, hostId: string): Item => ({
      ...load,
      id,
      attach: { ...load.attach, on: 'item', hostId },
    });
    const project = { ...sampleTrailer(), items: [ring('a', 'b'), ring('b', 'a')] };
    expect(Number.isFinite(evaluate(project).cases[0]?.massKg)).toBe(true);
  });
  test('what is measured from rear, ball or axle moves with it', () => {
    const from = (origin: Item['attach']['from'], change: (project: Trailer) => Trailer): number => {
      const project = changeItem(sampleTrailer(), 'item.load', (item) => ({
        ...item,
        attach: { ...item.attach, from: origin },
      }));
      const place = (p: Trailer): number => itemPart(p, evaluate(p).chassis, p.items[0] as Item).centre.xM;
      return place(change(project)) - place(project);
    };
    const longer = (p: Trailer): Trailer => ({
      ...p,
      frame: { ...p.frame, bed: { ...p.frame.bed, lengthM: p.frame.bed.lengthM + 0.3 } },
    });
    const longTongue = (p: Trailer): Trailer => ({
      ...p,
      frame: { ...p.frame, tongue: { ...p.frame.tongue, lengthM: p.frame.tongue.lengthM + 0.3 } },
    });
    const axleBack = (p: Trailer): Trailer => ({
      ...p,
      runningGear: { ...p.runningGear, positionM: p.runningGear.positionM + 0.3 },
    });
    expect(from('front', longer)).toBeCloseTo(0, 12);
    expect(from('rear', longer)).toBeCloseTo(0.3, 12);
    expect(from('ball', longTongue)).toBeCloseTo(-0.3, 12);
    expect(from('axle', axleBack)).toBeCloseTo(0.3, 12);
  });
  test('aboard and ashore; a case that goes is no longer asked about', () => {
    const out = setAboard(sampleTrailer(), 'case.loaded', 'item.load', false);
    expect(out.cases.find(({ id }) => id === 'case.loaded')?.aboard).toEqual([]);
    expect(
      setAboard(out, 'case.loaded', 'item.load', true).cases.find(({ id }) => id === 'case.loaded')?.aboard,
    ).toHaveLength(1);
    expect(removeCase(sampleTrailer(), 'case.loaded').axleCaseId).toBeNull();
  });
  test('a tank that a case does not name is empty, full when it says so', () => {
    const tank = changeItem(sampleTrailer(), 'item.load', (item) => ({ ...item, kind: 'tank', emptyMassKg: 10 }));
    const [empty, loaded] = evaluate(tank).cases;
    expect(empty?.parts.find(({ id }) => id === 'item.load')?.massKg).toBe(10);
    expect(loaded?.parts.find(({ id }) => id === 'item.load')?.massKg).toBeCloseTo(
      10 + (tank.items[0]?.massKg.value ?? 0),
      9,
    );
  });
});
