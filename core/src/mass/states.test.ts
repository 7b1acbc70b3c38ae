import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { sampleTrailer } from '../../test/projects.js';
import { extremeCases, tongueSlopes, weightLedger } from '../balance/index.js';
import { buildChassis } from '../chassis/index.js';
import { evaluate } from '../evaluation/index.js';
import { isOfPiece, type Item, type LoadCase, newPiece, type Trailer } from '../project/index.js';
import { itemPart, trailerParts } from './index.js';

const sample = sampleTrailer('metric');
const chassis = buildChassis(sample);
const item = sample.items[0] as Item;
const loaded = sample.cases.find(({ aboard }) => aboard.length > 0) as LoadCase;
const withEntry = (entry: Partial<LoadCase['aboard'][number]>): LoadCase => ({
  ...loaded,
  aboard: [{ itemId: item.id, fill: 1, shiftM: 0, ...entry }],
});
const place = fc.double({ min: -2, max: 2, noNaN: true });

describe('what stands elsewhere in one load', () => {
  test('a shift moves the balance point by as much, along, across and up, and the outline with it', () => {
    fc.assert(
      fc.property(place, place, place, (shiftM, shiftRightM, shiftUpM) => {
        const usual = itemPart(sample, chassis, item, withEntry({}));
        const moved = itemPart(sample, chassis, item, withEntry({ shiftM, shiftRightM, shiftUpM }));
        expect(moved.centre.xM - usual.centre.xM).toBeCloseTo(shiftM, 9);
        expect(moved.centre.yM - usual.centre.yM).toBeCloseTo(shiftRightM, 9);
        expect(moved.centre.zM - usual.centre.zM).toBeCloseTo(shiftUpM, 9);
        expect(moved.y0M - usual.y0M).toBeCloseTo(shiftRightM, 9);
        expect(moved.massKg).toBe(usual.massKg);
      }),
    );
  });
  test('a thing that is fitted for good can be moved too: a boom of 20 kg swung 1 m to the right presses that wheel more', () => {
    const fixed: Item = { ...item, kind: 'fixed', massKg: { value: 20, basis: 'listed', tolerance: 0 } };
    const trailer: Trailer = {
      ...sample,
      items: [fixed],
      cases: [
        { ...loaded, id: 'in', aboard: [] },
        { ...loaded, id: 'out', aboard: [{ itemId: fixed.id, fill: 1, shiftM: 0, shiftRightM: 1 }] },
      ],
    };
    const rightOf = (id: string): number =>
      evaluate(trailer)
        .cases.find(({ loadCase }) => loadCase.id === id)
        ?.standing?.axles.reduce((sum, { rightN }) => sum + rightN, 0) ?? Number.NaN;
    // A ball bears no roll: all of the moment is on the axle, over its track.
    expect(rightOf('out') - rightOf('in')).toBeCloseTo((20 * 9.80665 * 1) / sample.runningGear.suspension.trackM, 6);
  });
});

describe('legs and wheels under a load', () => {
  test('legs lift its balance point, and press where they stand', () => {
    const legs = { heightM: 0.4, baseM: 0.8, trackM: 0.5 };
    const flat = itemPart(sample, chassis, item, loaded);
    const stands = itemPart(sample, chassis, { ...item, legs }, loaded);
    expect(stands.centre.zM - flat.centre.zM).toBeCloseTo(0.4, 12);
    expect(stands.heightM).toBe(flat.heightM);
    expect(stands.feet).toHaveLength(4);
    const xs = (stands.feet ?? []).map(({ xM }) => xM);
    expect(Math.max(...xs) - Math.min(...xs)).toBeCloseTo(0.8, 12);
  });
  test('what stands on it stands as much higher', () => {
    const top: Item = {
      ...item,
      id: 'item.top',
      attach: { ...item.attach, on: 'item', hostId: item.id, offsetM: { ...item.attach.offsetM, value: 0 } },
    };
    const baseOf = (own: Item): number => {
      const trailer: Trailer = { ...sample, items: [own, top] };
      const part = itemPart(trailer, chassis, top, loaded);
      return part.centre.zM - part.heightM / 2;
    };
    expect(baseOf({ ...item, legs: { heightM: 0.25, baseM: 1, trackM: 1 } }) - baseOf(item)).toBeCloseTo(0.25, 12);
  });
});

describe('a load that moves by itself', () => {
  test('its roaming is added to the doubt of its place: the tongue swings by mass × way ÷ ball to axle, each way', () => {
    const swing = (roamsM: number): number => {
      const trailer: Trailer = {
        ...sample,
        items: [{ ...item, roamsM, massKg: { ...item.massKg, value: 200, tolerance: 0 } }],
      };
      const { cases } = evaluate(trailer);
      const own = extremeCases(trailer, chassis, cases).filter(({ caseId }) => caseId === loaded.id);
      const [tail, nose] = (['tail', 'nose'] as const).map(
        (toward) => own.find((extreme) => extreme.toward === toward)?.tongueKg ?? Number.NaN,
      );
      return (nose ?? Number.NaN) - (tail ?? Number.NaN);
    };
    const armM = (evaluate(sample).cases[0]?.standing?.groupCentreXM ?? Number.NaN) - chassis.ballXM;
    expect(swing(0.5) - swing(0)).toBeCloseTo((2 * 200 * 0.5) / armM, 6);
  });
});

describe('weight over time', () => {
  const fitted = (id: string, kg: number, since: string): Item => ({
    ...item,
    id,
    kind: 'fixed',
    massKg: { value: kg, basis: 'weighed', tolerance: 0 },
    // Over the axle: all of it is on the axle.
    attach: { ...item.attach, from: 'axle', offsetM: { value: 0, basis: 'listed', tolerance: 0 } },
    since,
  });
  const trailer: Trailer = {
    ...sample,
    items: [fitted('b', 300, '2026-05-02'), fitted('a', 200, '2026-03-01'), fitted('c', 100, '2026-05-02')],
    runningGear: { ...sample.runningGear, axle: { ...sample.runningGear.axle, ratingKg: null } },
  };
  const ledgerOf = (own: Trailer) => weightLedger(own, buildChassis(own), trailerParts(own, buildChassis(own)));
  test('day by day, what was fitted on one day together; each adds what it weighs over the axle', () => {
    const { rows } = ledgerOf(trailer);
    expect(rows.map(({ date }) => date)).toEqual(['', '2026-03-01', '2026-05-02']);
    expect(rows.map(({ items }) => items.map(({ id }) => id))).toEqual([[], ['a'], ['b', 'c']]);
    const [bare = 0, spring = 0, may = 0] = rows.map(({ axlesKg }) => axlesKg);
    expect(spring - bare).toBeCloseTo(200, 6);
    expect(may - spring).toBeCloseTo(400, 6);
  });
  test('without a rating nothing is said of what is left; with one, the day on which it ran out', () => {
    expect(ledgerOf(trailer).rows.every(({ leftKg }) => leftKg === undefined)).toBe(true);
    const [bare = 0] = ledgerOf(trailer).rows.map(({ axlesKg }) => axlesKg);
    const rated = (kg: number): Trailer => ({
      ...trailer,
      runningGear: { ...trailer.runningGear, axle: { ...trailer.runningGear.axle, ratingKg: kg } },
    });
    expect(ledgerOf(rated(bare + 250)).ranOutOn).toBe('2026-05-02');
    expect(ledgerOf(rated(bare + 150)).ranOutOn).toBe('2026-03-01');
    expect(ledgerOf(rated(bare + 650)).ranOutOn).toBeUndefined();
    expect(ledgerOf(rated(bare - 10)).ranOutOn).toBe('');
  });
});

describe('a machine whose axles bear unlike', () => {
  test('three fifths on its front axle: it balances a tenth of its wheelbase ahead, and presses so', () => {
    const wheels = { baseM: 2, trackM: 1 };
    const alike = itemPart(sample, chassis, { ...item, wheels }, loaded);
    const unlike = itemPart(sample, chassis, { ...item, wheels: { ...wheels, frontShare: 0.6 } }, loaded);
    expect(unlike.centre.xM - alike.centre.xM).toBeCloseTo(-0.2, 12);
    const feet = unlike.feet ?? [];
    expect(feet.map(({ share }) => share)).toEqual([0.3, 0.3, 0.2, 0.2]);
    // The feet's own balance point is the machine's.
    expect(feet.reduce((sum, { xM, share }) => sum + xM * share, 0)).toBeCloseTo(unlike.centre.xM, 12);
  });
});

describe('gates and beds in a load’s own state', () => {
  const gate = (held: 'chains' | 'ground'): Trailer['frame']['pieces'][number] =>
    Object.assign(newPiece(sample, 'metric', 'gate', 'piece.g'), { held });
  const withGate = (held: 'chains' | 'ground', change: Partial<LoadCase>): Trailer => ({
    ...sample,
    frame: { ...sample.frame, pieces: [gate(held)] },
    cases: [loaded, { ...loaded, id: 'case.down', gatesDown: ['piece.g'], ...change }],
  });
  const both = (trailer: Trailer) => {
    const [shut, down] = evaluate(trailer).cases;
    if (!shut?.standing || !down?.standing || !shut.centre || !down.centre) throw new Error('not standing');
    return { shut, down };
  };
  const gateKg = (trailer: Trailer): number =>
    evaluate(trailer)
      .bare.filter(({ id }) => isOfPiece(id, 'piece.g'))
      .reduce((sum, { massKg }) => sum + massKg, 0);
  test('on chains it hangs out behind: its balance point goes back by what it stood up, by hand', () => {
    const trailer = withGate('chains', {});
    const { shut, down } = both(trailer);
    expect(down.massKg).toBeCloseTo(shut.massKg, 9);
    const hingeXM = trailer.frame.bed.lengthM;
    const own = evaluate(trailer).bare.filter(({ id }) => isOfPiece(id, 'piece.g'));
    const hingeZM = chassis.deckTopZM + 0.006;
    const byHand = own.reduce(
      (sum, { massKg, centre }) => sum + massKg * (hingeXM + (centre.zM - hingeZM) - centre.xM),
      0,
    );
    expect(down.massKg * (down.centre?.xM ?? 0) - shut.massKg * (shut.centre?.xM ?? 0)).toBeCloseTo(byHand, 6);
    expect(down.standing?.tongueN).toBeLessThan(shut.standing?.tongueN ?? 0);
  });
  test('what a longer tongue does to the ball is told of the load as it is: much the same with the gate down', () => {
    const { shut, down } = both(withGate('chains', {}));
    const trailer = withGate('chains', {});
    const [a, b] = [shut, down].map((balanced) => tongueSlopes(trailer, balanced)?.ballAhead ?? Number.NaN);
    // T = W·e ÷ B: its slope goes with T, which the gate changes by a part of itself.
    expect(Math.abs((b ?? Number.NaN) / (a ?? Number.NaN) - 1)).toBeLessThan(0.5);
  });
  test('on the ground half of it is borne there; while it is towed it stays shut, and that is told', () => {
    const parked = withGate('ground', { mode: 'loading' });
    const { shut, down } = both(parked);
    expect(shut.massKg - down.massKg).toBeCloseTo(gateKg(parked) / 2, 9);
    const towed = withGate('ground', { mode: 'towed' });
    const onRoad = both(towed);
    expect(onRoad.down.massKg).toBeCloseTo(onRoad.shut.massKg, 9);
    expect(evaluate(towed).findings.find(({ code }) => code === 'gate-drags')?.verdict).toBe('over');
    expect(evaluate(parked).findings.find(({ code }) => code === 'gate-drags')).toBeUndefined();
  });
  test('a bed that tips turns about its pivot: no part of it comes nearer to it or further off', () => {
    const pivotXM = 1.2;
    const trailer: Trailer = {
      ...sample,
      frame: { ...sample.frame, tilt: { pivotXM, latchXM: 0.1, pinDiameterM: 0.025 } },
      cases: [loaded, { ...loaded, id: 'case.tipped', mode: 'loading', bedTipped: true }],
    };
    const { cases, chassis: own } = evaluate(trailer);
    const [level, tipped] = cases;
    const far = ({ xM, zM }: { xM: number; zM: number }): number => Math.hypot(xM - pivotXM, zM + own.railHeightM);
    let turned = 0;
    level?.parts.forEach((part, i) => {
      const now = tipped?.parts[i];
      if (!now || now.centre.xM === part.centre.xM) return;
      turned += 1;
      expect(far(now.centre)).toBeCloseTo(far(part.centre), 9);
    });
    expect(turned).toBeGreaterThan(5);
    expect(tipped?.standing?.tongueN).toBeLessThan(level?.standing?.tongueN ?? 0);
    const onRoad = evaluate({ ...trailer, cases: [loaded, { ...loaded, id: 'case.tipped', bedTipped: true }] }).cases;
    expect(onRoad[1]?.centre).toEqual(onRoad[0]?.centre);
  });
});
