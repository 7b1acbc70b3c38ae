import * as fc from 'fast-check';
import type { Highs } from 'highs';
import { beforeAll, describe, expect, test } from 'vitest';
import { buildChassis } from '../chassis/index.js';
import { DEMO_TRAILERS } from '../demos/index.js';
import { loadSolver } from '../nesting/index.js';
import type { CutEntry, Trailer } from '../project/index.js';
import { lastOf } from '../steps.js';
import { feet, inches } from '../units/index.js';
import {
  buildCutList,
  cutEntryOf,
  cutOrder,
  cutPiecesOf,
  heldStickOf,
  holdAll,
  leftAlone,
  movePiece,
  releaseStick,
  type Stick,
  stickPlanSteps,
  type StickSection,
} from './index.js';

let highs: Highs;
beforeAll(async () => {
  highs = await loadSolver();
});
const cutListOf = (trailer: Trailer) => buildCutList(buildChassis(trailer));
const planned = (trailer: Trailer, cuts: readonly CutEntry[] = []): readonly StickSection[] =>
  lastOf(stickPlanSteps(highs, trailer, cutListOf(trailer), cuts));
const sticksOf = (sections: readonly StickSection[]): readonly Stick[] => sections.flatMap(({ sticks }) => sticks);
const priceOf = (sections: readonly StickSection[]): number =>
  sticksOf(sections).reduce((sum, { onHand, lengthM }) => sum + (onHand ? 0 : lengthM), 0);
let ids = 0;
const newId = (): string => `n${(ids += 1)}`;

/** A piece of a plan as it is cut, off its length by so much. */
const cutOf = (trailer: Trailer, stick: Stick, at: number, offM = 0): CutEntry => {
  const piece = stick.pieces[at];
  if (!piece) throw new Error('no such piece');
  return cutEntryOf(cutListOf(trailer), heldStickOf(stick, stick.id), piece, {
    id: newId(),
    date: '2026-11-27',
    lengthM: piece.toM - piece.fromM + offM,
  });
};
/** Every piece once, none over the end. */
const recount = (trailer: Trailer, sections: readonly StickSection[]): void => {
  const wanted = cutListOf(trailer)
    .rows.flatMap(({ pieceIds }) => pieceIds)
    .sort((a, b) => a.localeCompare(b));
  const laid = sticksOf(sections)
    .flatMap(({ pieces }) => pieces.filter(({ state }) => state !== 'wrong').map(({ id }) => id))
    .sort((a, b) => a.localeCompare(b));
  expect(laid).toEqual(wanted);
  for (const { pieces, lengthM, trimM } of sticksOf(sections))
    expect(pieces.at(-1)?.toM ?? 0).toBeLessThanOrEqual(lengthM - trimM + inches(1 / 32));
  const numbers = sticksOf(sections).map(({ number }) => number);
  expect(new Set(numbers).size).toBe(numbers.length);
};

const apiary = DEMO_TRAILERS[0] as Trailer;
const railsOf = (sections: readonly StickSection[]): Stick => {
  const found = sticksOf(sections).find(({ pieces }) => pieces.some(({ mark }) => mark === 'R1'));
  if (!found) throw new Error('no rails');
  return found;
};

describe('a plan that is kept', () => {
  test.each(DEMO_TRAILERS)('$name: stays as it is, whatever is planned again', (trailer) => {
    const before = planned(trailer);
    const held = holdAll(trailer, before, newId);
    const after = planned(held);
    const plain = (sections: readonly StickSection[]) =>
      sticksOf(sections).map(({ number, lengthM, pieces }) => ({ number, lengthM, marks: pieces.map(({ id }) => id) }));
    expect(plain(after)).toEqual(plain(before));
    expect(sticksOf(after).every((stick) => stick.held)).toBe(true);
    expect(planned(releaseStick(held, undefined))).toEqual(before);
  });
  test('a price that changes later is what a kept stick costs', () => {
    const row = { id: 'stock.a', sectionId: 'hss-4x2x3_16', available: null, onHand: false, note: '' };
    const sold = (trailer: Trailer, price: number): Trailer => ({
      ...trailer,
      cutting: { ...trailer.cutting, stock: [{ ...row, lengthM: feet(24), price }] },
    });
    const before = planned(sold(apiary, 70));
    const held = holdAll(sold(apiary, 70), before, newId);
    expect(before.find(({ sectionId }) => sectionId === row.sectionId)?.price).toBe(140);
    expect(planned(sold(held, 90)).find(({ sectionId }) => sectionId === row.sectionId)?.price).toBe(180);
  });
  test('pieces that are gone leave their stick, longer ones that do not fit are planned anew', () => {
    const held = holdAll(apiary, planned(apiary), newId);
    const longer = { ...held, frame: { ...held.frame, bed: { ...held.frame.bed, lengthM: feet(13) } } };
    const after = planned(longer);
    recount(longer, after);
    const shorter = { ...held, frame: { ...held.frame, bed: { ...held.frame.bed, lengthM: feet(8) } } };
    recount(shorter, planned(shorter));
  });
});

describe('a piece put on another stick', () => {
  test('both sticks stay so; where there is no room it says how much there is', () => {
    const sections = planned(apiary);
    const [section] = sections;
    const [one, other] = section?.sticks ?? [];
    if (!one || !other) throw new Error('two sticks expected');
    const cutList = cutListOf(apiary);
    const rail = other.pieces.find(({ mark }) => mark === 'R1');
    // By hand: two legs of 6 ft 8 in nose to tail and two headers of 5 ft leave nothing like 10 ft of 24.
    const refused = movePiece(apiary, cutList, rail?.id ?? '', { from: other, to: one }, newId);
    expect(refused).toMatchObject({ ok: false, error: { code: 'no-room', neededM: feet(10) } });
    // Of two rails of 120 in and a cut between, 288 in leave 47 7/8 less another cut: no header of 60 in, but one of the sides' pieces would.
    const header = one.pieces.find(({ mark }) => mark === 'E1');
    const tight = movePiece(apiary, cutList, header?.id ?? '', { from: one, to: other }, newId);
    if (tight.ok) throw new Error('it does not fit');
    expect(tight.error.leftM).toBeCloseTo(inches(288 - 240 - 2 * 0.125), 6);
  });
  test('the last cut may be flush: a rail of 120 in and a header of 60 in lie on 180 1/8 in, and nothing more does', () => {
    const row = { id: 'stock.a', sectionId: 'hss-4x2x3_16', price: 50, available: null, onHand: false, note: '' };
    const sold = { ...apiary, cutting: { ...apiary.cutting, stock: [{ ...row, lengthM: inches(180.125) }] } };
    const sticks = sticksOf(planned(sold)).filter(({ sectionId }) => sectionId === row.sectionId);
    expect(sticks.map(({ pieces }) => pieces.map(({ mark }) => mark).join(' ')).sort()).toEqual([
      'R1 E1',
      'R1 E1',
      'T1 T1',
    ]);
    const [rail, legs] = [railsOf(planned(sold)), sticks.find(({ pieces }) => pieces[0]?.mark === 'T1')];
    expect(rail.leftM).toBe(0);
    if (!legs) throw new Error('no legs');
    const leg = legs.pieces[0]?.id ?? '';
    expect(movePiece(sold, cutListOf(sold), leg, { from: legs, to: rail }, newId)).toMatchObject({
      ok: false,
      error: { code: 'no-room', leftM: 0 },
    });
    // A header goes beside the legs where a stick is long enough, and the rest is planned around it.
    const longer = { ...sold, cutting: { ...sold.cutting, stock: [{ ...row, lengthM: feet(20) }] } };
    const from = sticksOf(planned(longer)).find(({ pieces }) => pieces.some(({ mark }) => mark === 'E1'));
    const to = sticksOf(planned(longer)).find(
      (stick) => stick !== from && stick.sectionId === row.sectionId && stick.leftM > inches(60.125),
    );
    const header = from?.pieces.find(({ mark }) => mark === 'E1')?.id ?? '';
    if (!from || !to) throw new Error('two sticks expected');
    const moved = movePiece(longer, cutListOf(longer), header, { from, to }, newId);
    if (!moved.ok) throw new Error('there is room');
    recount(moved.value, planned(moved.value));
    expect(
      sticksOf(planned(moved.value))
        .find(({ number }) => number === to.number)
        ?.pieces.map(({ id }) => id),
    ).toContain(header);
  });
});

describe('what is cut', () => {
  test('a good piece stays on its stick and is not planned again', () => {
    const before = planned(apiary);
    const stick = railsOf(before);
    const cuts = [cutOf(apiary, stick, 0)];
    const after = planned(apiary, cuts);
    recount(apiary, after);
    const same = sticksOf(after).find(({ id }) => id === stick.id);
    expect(same?.pieces[0]).toMatchObject({ state: 'cut', mark: 'R1' });
    expect(priceOf(after)).toBeCloseTo(priceOf(before), 9);
  });
  test('a rail cut 1/4 in short: it is a bar for shorter pieces now, and the rail is planned again from what is left', () => {
    const before = planned(apiary);
    const stick = railsOf(before);
    const cuts = [cutOf(apiary, stick, 0, -inches(1 / 4))];
    const after = planned(apiary, cuts);
    recount(apiary, after);
    const begun = sticksOf(after).find(({ id }) => id === stick.id);
    expect(begun?.pieces[0]).toMatchObject({ state: 'wrong', mark: 'R1' });
    // 24 ft less 119 3/4 in and a cut leave 168 1/8, for the other rail or as the one long end that is kept.
    expect((begun?.pieces.length ?? 0) > 1 || Math.abs((begun?.leftM ?? 0) - inches(168.125)) < 1e-6).toBe(true);
    const [cut] = cutPiecesOf(apiary, cutListOf(apiary), cuts);
    expect(cut?.state).toBe('short');
    // The bar of 119 3/4 is on hand, and costs nothing more.
    const bar = sticksOf(after).find(({ origin }) => origin === 'cut-piece');
    if (bar) expect(bar).toMatchObject({ lengthM: inches(119.75), price: 0, onHand: true });
    // Nothing is bought that the first plan and one stick more would not have.
    expect(priceOf(after)).toBeLessThanOrEqual(priceOf(before) + feet(24) + 1e-9);
  });
  test('a wrong cut that is taken back takes its bar along, and what was planned on it', () => {
    const wrong = cutOf(apiary, railsOf(planned(apiary)), 0, -inches(1 / 4));
    const after = planned(apiary, [wrong]);
    const bar = sticksOf(after).find(({ origin }) => origin === 'cut-piece');
    const held = holdAll(apiary, after, newId);
    expect(held.cutting.held.some(({ origin }) => origin === 'cut-piece')).toBe(bar !== undefined);
    const back = planned(held, []);
    recount(held, back);
    expect(sticksOf(back).filter(({ origin }) => origin === 'cut-piece')).toEqual([]);
  });
  test('a kept stick on which nothing lies any more is not bought', () => {
    const held = holdAll(apiary, planned(apiary), newId);
    const { groups } = held.frame;
    const other = {
      ...held,
      frame: { ...held.frame, groups: { ...groups, cross: { ...groups.cross, sectionId: 'hss-2x2x1_8' } } },
    };
    const after = planned(other);
    recount(other, after);
    for (const { pieces } of sticksOf(after)) expect(pieces.length).toBeGreaterThan(0);
    // The one on hand that it was is free again.
    const row = {
      id: 'stock.h',
      sectionId: 'hss-4x2x3_16',
      lengthM: feet(24),
      price: null,
      available: 1,
      onHand: true,
      note: '',
    };
    const stocked = { ...apiary, cutting: { ...apiary.cutting, stock: [row] } };
    const kept = holdAll(stocked, planned(stocked), newId);
    const emptied = {
      ...kept,
      cutting: {
        ...kept.cutting,
        held: kept.cutting.held.map((stick) => (stick.onHand ? { ...stick, pieces: [] } : stick)),
      },
    };
    expect(sticksOf(planned(emptied)).filter(({ onHand }) => onHand)).toHaveLength(1);
    recount(emptied, planned(emptied));
  });
  test('used as it is, it counts; too long, it is sawn again', () => {
    const stick = railsOf(planned(apiary));
    const short = { ...cutOf(apiary, stick, 0, -inches(1 / 4)), willDo: true };
    const long = cutOf(apiary, stick, 1, inches(1 / 2));
    const states = cutPiecesOf(apiary, cutListOf(apiary), [short, long]).map(({ state }) => state);
    expect(states).toEqual(['good', 'long']);
    recount(apiary, planned(apiary, [short, long]));
  });
  test('within 1/32 in it is right; a rail that the design makes longer is short then', () => {
    const stick = railsOf(planned(apiary));
    const within = cutOf(apiary, stick, 0, -inches(1 / 32) + 1e-9);
    const list = cutListOf(apiary);
    expect(cutPiecesOf(apiary, list, [within])[0]?.state).toBe('good');
    const longer = {
      ...apiary,
      frame: { ...apiary.frame, bed: { ...apiary.frame.bed, lengthM: feet(10) + inches(1 / 2) } },
    };
    expect(cutPiecesOf(longer, cutListOf(longer), [within])[0]?.state).toBe('short');
  });
  test('a piece that nothing wants any more takes another of its length, its last cut flush', () => {
    const stick = railsOf(planned(apiary));
    const one = cutOf(apiary, stick, 0);
    // The same bar cut twice: the second is over, and the other rail, as long, is had from it.
    const twice = { ...one, id: newId() };
    const states = cutPiecesOf(apiary, cutListOf(apiary), [one, twice]).map(({ state }) => state);
    expect(states).toEqual(['good', 'gone']);
    const after = planned(apiary, [one, twice]);
    recount(apiary, after);
    const bar = sticksOf(after).find(({ origin }) => origin === 'cut-piece');
    expect(bar?.pieces.map(({ mark }) => mark)).toEqual(['R1']);
  });
  test('any cuts, right or wrong: every piece once, no stick over', () => {
    const sections = planned(apiary);
    const held = holdAll(apiary, sections, newId);
    const all = sticksOf(planned(held)).flatMap((stick) => stick.pieces.map((_, at) => ({ stick, at })));
    fc.assert(
      fc.property(
        fc.subarray(all, { minLength: 1, maxLength: 6 }),
        fc.array(fc.constantFrom(0, -0.006, 0.01, -0.2), { minLength: 6, maxLength: 6 }),
        fc.boolean(),
        (cut, offM, kept) => {
          const cuts = cut.map(({ stick, at }, i) => cutOf(apiary, stick, at, offM[i]));
          const trailer = kept ? held : apiary;
          recount(trailer, planned(trailer, cuts));
        },
      ),
      { numRuns: 12 },
    );
  }, 60_000);
});

describe('stock of all kinds', () => {
  const row = { sectionId: 'hss-4x2x3_16', price: null, available: null, onHand: false, note: '' };
  const withStock = (stock: Trailer['cutting']['stock']): Trailer => ({
    ...apiary,
    cutting: { ...apiary.cutting, stock },
  });
  const section = (trailer: Trailer) => {
    const found = planned(trailer).find(({ sectionId }) => sectionId === row.sectionId);
    if (!found) throw new Error('no such section');
    return found;
  };
  test('cut to size by the supplier: by the metre and by the cut', () => {
    const own = cutListOf(apiary).rows.filter(({ sectionId }) => sectionId === row.sectionId);
    const metres = own.reduce((sum, { quantity, cutLengthM }) => sum + quantity * cutLengthM, 0);
    const pieces = own.reduce((sum, { quantity }) => sum + quantity, 0);
    const bought = section(withStock([{ ...row, id: 'stock.s', lengthM: 6, cutToSize: { perM: 10, perCut: 2 } }]));
    // Each to the cent.
    expect(Math.abs((bought.price ?? 0) - (10 * metres + 2 * pieces))).toBeLessThan(0.01 * pieces);
    expect(bought.sticks).toHaveLength(pieces);
    expect(bought.sticks.every(({ origin, leftM }) => origin === 'cut-to-size' && leftM === 0)).toBe(true);
    // A cheap stick beside it is taken for what fits on it.
    const beside = section(
      withStock([
        { ...row, id: 'stock.s', lengthM: 6, cutToSize: { perM: 10, perCut: 2 } },
        { ...row, id: 'stock.a', lengthM: feet(24), price: 1 },
      ]),
    );
    expect(beside.sticks.every(({ origin }) => origin === 'stock')).toBe(true);
  });
  test('a supplier whose prices nobody has asked is none: the usual lengths stay on offer, nothing is free', () => {
    const usual = section(apiary);
    for (const cutToSize of [
      { perM: null, perCut: null },
      { perM: 10, perCut: null },
    ]) {
      const asked = section(withStock([{ ...row, id: 'stock.s', lengthM: 6, cutToSize }]));
      expect(asked.problem).toBeUndefined();
      expect(asked.sticks.map(({ lengthM }) => lengthM)).toEqual(usual.sticks.map(({ lengthM }) => lengthM));
    }
  });
  test('steel that nobody knows takes no bars that count on more than 30 ksi', () => {
    const scrap = { ...row, id: 'stock.u', lengthM: feet(24), available: 9, onHand: true, unknownSteel: true };
    const total = cutListOf(apiary).totals.find(({ sectionId }) => sectionId === row.sectionId);
    if (!total) throw new Error('no such section');
    expect(total.yieldPa).toBeGreaterThan(210e6);
    expect(section(withStock([scrap])).sticks.some(({ onHand }) => onHand)).toBe(false);
    expect(leftAlone(withStock([scrap]), total).map(({ id }) => id)).toEqual(['stock.u']);
    const weak = {
      ...withStock([scrap]),
      frame: {
        ...apiary.frame,
        groups: Object.fromEntries(
          Object.entries(apiary.frame.groups).map(([group, bar]) => [
            group,
            { ...(bar as object), materialId: 'unmarked-tube' },
          ]),
        ) as Trailer['frame']['groups'],
      },
    };
    expect(section(weak).sticks.every(({ onHand }) => onHand)).toBe(true);
  });
  test('what is left on for grinding lengthens every piece', () => {
    const more = { ...apiary, cutting: { ...apiary.cutting, allowM: inches(1 / 16) } };
    const lengths = sticksOf(planned(more)).flatMap(({ pieces }) => pieces.filter(({ mark }) => mark === 'R1'));
    for (const { fromM, toM } of lengths) expect(toM - fromM).toBeCloseTo(feet(10) + inches(1 / 16), 9);
  });
});

test('one stop after another: every piece once, lengths falling, what is slanted first', () => {
  for (const trailer of DEMO_TRAILERS)
    for (const section of planned(trailer)) {
      const order = cutOrder(section);
      const told = order.reduce((sum, { cuts }) => sum + cuts.reduce((all, { count }) => all + count, 0), 0);
      expect(told).toBe(section.sticks.reduce((sum, { pieces }) => sum + pieces.length, 0));
      const square = order.filter(({ shape }) => shape === 'square' || shape === 'one-slanted');
      square.slice(1).forEach(({ lengthM }, i) => expect(lengthM).toBeLessThan(square[i]?.lengthM ?? 0));
    }
});
