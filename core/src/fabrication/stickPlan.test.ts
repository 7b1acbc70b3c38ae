import type { Highs } from 'highs';
import { beforeAll, describe, expect, test } from 'vitest';
import { buildChassis } from '../chassis/index.js';
import { DEMO_TRAILERS } from '../demos/index.js';
import { evaluate } from '../evaluation/index.js';
import { loadSolver } from '../nesting/index.js';
import { newProject, type Trailer, trailerOf } from '../project/index.js';
import { lastOf } from '../steps.js';
import { feet, inches, millimetres } from '../units/index.js';
import { stickProofText } from '../wording/index.js';
import { boughtOf, buildCutList, stickPlanSteps } from './index.js';

let highs: Highs;
beforeAll(async () => {
  highs = await loadSolver();
});
const planned = (trailer: Trailer) => {
  const cutList = buildCutList(buildChassis(trailer));
  return { cutList, sections: lastOf(stickPlanSteps(highs, trailer, cutList, [])) };
};
const withCutting = (trailer: Trailer, change: Partial<Trailer['cutting']>): Trailer => ({
  ...trailer,
  cutting: { ...trailer.cutting, ...change },
});
let ids = 0;
const fresh = trailerOf(
  newProject({ id: 'trailer.x', name: 'Mushroom cart', units: 'imperial', newId: () => `n${(ids += 1)}` }),
);

describe('every trailer', () => {
  test.each(DEMO_TRAILERS)('$name: every piece once, none over the end, none into the next, proved', (trailer) => {
    const { cutList, sections } = planned(trailer);
    const { kerfM, trimM } = trailer.cutting;
    for (const { mark, quantity, cutLengthM, cutLaterM } of cutList.rows) {
      const own = sections
        .flatMap(({ sticks }) => sticks.flatMap(({ pieces }) => pieces))
        .filter((one) => one.mark === mark);
      expect(own).toHaveLength(quantity);
      for (const { fromM, toM } of own) expect(toM - fromM).toBeCloseTo(cutLengthM + cutLaterM, 9);
    }
    for (const { sticks, proved } of sections) {
      expect(proved).toBe(true);
      for (const { lengthM, pieces, leftM } of sticks) {
        expect(pieces.at(-1)?.toM).toBeLessThanOrEqual(lengthM - trimM + 1e-9);
        expect(leftM).toBeGreaterThanOrEqual(0);
        pieces.forEach(({ fromM, sharesCut, slantM, angleRad }, i) => {
          const before = pieces[i - 1];
          if (!before) return expect(fromM).toBe(trimM);
          // Metal of both stays apart by the saw's cut, along the slant too.
          const gapM = sharesCut ? fromM - (before.toM - slantM) : fromM - before.toM;
          return expect(gapM).toBeCloseTo(sharesCut ? kerfM / Math.cos(angleRad) : kerfM, 9);
        });
      }
    }
  });
});

describe('by hand', () => {
  // 2 rails of 8 ft, 2 headers, cross-members and tongue of one size each: what a new trailer has.
  test('a price per stick decides between lengths, and no price buys the least metal', () => {
    const { cutList } = planned(fresh);
    const [total] = cutList.totals;
    if (!total) throw new Error('nothing to cut');
    const row = { id: 'stock.a', sectionId: total.sectionId, available: null, onHand: false, note: '' };
    const stock = [
      { ...row, lengthM: feet(20), price: 60 },
      { ...row, id: 'stock.b', lengthM: feet(24), price: 500 },
    ];
    const { sections } = planned(withCutting(fresh, { stock }));
    const own = sections.find(({ sectionId }) => sectionId === total.sectionId);
    expect(own && boughtOf(own).map(({ lengthM }) => lengthM)).toEqual([feet(20)]);
    expect(own?.price).toBe(60 * (own?.sticks.length ?? Number.NaN));
  });
  test('one price of two does not decide: the least metal is bought, and that is said', () => {
    const [total] = planned(fresh).cutList.totals;
    if (!total) throw new Error('nothing to cut');
    const row = { sectionId: total.sectionId, available: null, onHand: false, note: '' };
    const stock = [
      { ...row, id: 'stock.a', lengthM: feet(20), price: 1 },
      { ...row, id: 'stock.b', lengthM: feet(24), price: null },
    ];
    const metal = planned(fresh).sections.find(({ sectionId }) => sectionId === total.sectionId);
    const own = planned(withCutting(fresh, { stock })).sections.find(({ sectionId }) => sectionId === total.sectionId);
    expect(own?.byPrice).toBe(false);
    expect(own?.sticks.map(({ lengthM }) => lengthM)).toEqual(metal?.sticks.map(({ lengthM }) => lengthM));
    expect(own && stickProofText(own)).toBe('No plan buys less metal.');
  });
  test('what is on hand is cut first and costs nothing', () => {
    const { cutList } = planned(fresh);
    const [total] = cutList.totals;
    if (!total) throw new Error('nothing to cut');
    const longestM = Math.max(
      ...cutList.rows.filter(({ sectionId }) => sectionId === total.sectionId).map(({ cutLengthM }) => cutLengthM),
    );
    const stock = [
      {
        id: 'stock.a',
        sectionId: total.sectionId,
        lengthM: longestM + inches(1),
        price: null,
        available: 20,
        onHand: true,
        note: 'from the old gate',
      },
    ];
    const { sections } = planned(withCutting(fresh, { stock }));
    const onHand = sections.flatMap(({ sticks }) => sticks.filter((stick) => stick.onHand));
    expect(onHand.length).toBeGreaterThan(0);
    for (const stick of onHand) expect(stick).toMatchObject({ price: 0, note: 'from the old gate' });
    expect(sections[0] && boughtOf(sections[0])).toEqual([]);
  });
  test('a piece longer than everything that is sold is named', () => {
    const { cutList } = planned(fresh);
    const stock = cutList.totals.map(({ sectionId }, i) => ({
      id: `stock.${i}`,
      sectionId,
      lengthM: millimetres(700),
      price: 10,
      available: null,
      onHand: false,
      note: '',
    }));
    const { sections } = planned(withCutting(fresh, { stock }));
    expect(sections[0]?.problem).toMatchObject({ code: 'too-long' });
    expect(sections[0]?.problem?.marks).toContain('R1');
    const found = evaluate(withCutting(fresh, { stock })).findings.filter(({ code }) => code === 'longer-than-stock');
    expect(found.length).toBeGreaterThan(0);
    for (const { verdict } of found) expect(verdict).toBe('over');
    // Enough of them on hand, and nothing is amiss.
    const gates = cutList.totals.map(({ sectionId }, i) => ({
      id: `stock.h${i}`,
      sectionId,
      lengthM: feet(24),
      price: null,
      available: 9,
      onHand: true,
      note: '',
    }));
    const codes = evaluate(withCutting(fresh, { stock: [...stock, ...gates] })).findings.map(({ code }) => code);
    expect(codes).not.toContain('longer-than-stock');
  });
  test('what is left on for grinding makes a piece too long for its stock, and the finding says so', () => {
    const rail = planned(fresh).cutList.rows.find(({ mark }) => mark === 'R1');
    if (!rail) throw new Error('no rail');
    const row = { sectionId: rail.sectionId, price: 10, available: null, onHand: false, note: '' };
    const stock = [{ ...row, id: 'stock.a', lengthM: rail.cutLengthM }];
    const codes = (allowM: number) => evaluate(withCutting(fresh, { stock, allowM })).findings.map(({ code }) => code);
    expect(codes(0)).not.toContain('longer-than-stock');
    expect(codes(inches(1 / 16))).toContain('longer-than-stock');
  });
  test('a rail longer than what yards usually sell is a question for the yard, not a mistake', () => {
    const long = { ...fresh, frame: { ...fresh.frame, bed: { ...fresh.frame.bed, lengthM: feet(26) } } };
    expect(evaluate(long).findings.find(({ code }) => code === 'longer-than-stock')?.verdict).toBe('tight');
    expect(evaluate(fresh).findings.map(({ code }) => code)).not.toContain('longer-than-stock');
  });
});
