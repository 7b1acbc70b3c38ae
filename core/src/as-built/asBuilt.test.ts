import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { DEMO_TRAILERS } from '../demos/index.js';
import { evaluate } from '../evaluation/index.js';
import type { ProjectRecord, RecordEntry, Trailer } from '../project/index.js';
import { inches, pounds, weightN } from '../units/index.js';
import { sidesText, speaker, tongueShareText } from '../wording/index.js';
import { drawnSize, statesOf, trailerIn, weighedOf, withBuiltSizes, withMasses } from './index.js';
import { OWN_GROUPS, partsOfGroup } from './masses.js';

const [apiary, oven, telescope] = DEMO_TRAILERS as [Trailer, Trailer, Trailer];
const towed = (trailer: Trailer) => trailer.cases.filter(({ mode }) => mode === 'towed');

/** What scales read of a trailer, N. */
const readingsOf = (trailer: Trailer, caseId: string): Record<'tongue' | 'axles' | 'total', number> => {
  const balanced = evaluate(trailer).cases.find(({ loadCase }) => loadCase.id === caseId);
  const standing = balanced?.standing;
  if (!balanced || !standing) throw new Error('no standing');
  return {
    tongue: standing.tongueN,
    axles: standing.axles.reduce((sum, { loadN }) => sum + loadN, 0),
    total: weightN(balanced.massKg),
  };
};
const SURE_N = weightN(0.05);
const weighIn = (
  truth: Trailer,
  caseId: string,
  change: Partial<Record<'tongue' | 'axles' | 'total', number>> = {},
): Extract<RecordEntry, { kind: 'weigh-in' }> => ({
  kind: 'weigh-in',
  id: `w.${caseId}`,
  date: '2026-06-01',
  caseId,
  support: 'pads',
  readings: { ...readingsOf(truth, caseId), ...change },
  doubtsN: { tongue: SURE_N, axles: SURE_N, total: SURE_N },
});
const recordOf = (...entries: readonly RecordEntry[]): ProjectRecord => ({ entries: [...entries] });
const builtEntry = (field: string, value: number | null, subject = 'trailer', corrects?: string): RecordEntry => ({
  kind: 'as-built',
  id: `b.${subject}.${field}.${value}`,
  date: '2026-06-01',
  subject,
  field,
  value,
  ...(corrects === undefined ? {} : { corrects }),
});

/** A trailer whose frame is so much heavier, and one of whose loads, than designed. */
const heavier = (trailer: Trailer, frameShare: number, itemShare: number): Trailer => {
  const frame = partsOfGroup(trailer, 'frame').reduce((sum, { massKg }) => sum + massKg, 0);
  const item = trailer.items.find(({ massKg }) => massKg.tolerance > 0);
  return withMasses(
    trailer,
    new Map([
      ['frame', { kg: frame * (1 + frameShare), tolerance: 0 }],
      ...(item ? ([[item.id, { kg: item.massKg.value * (1 + itemShare), tolerance: 0 }]] as const) : []),
    ]),
  );
};

describe('weighed', () => {
  test('nothing read: nothing is other than designed', () => {
    expect(trailerIn(apiary, recordOf(), 'weighed')).toBe(apiary);
    expect(weighedOf(apiary, recordOf())).toMatchObject({ fits: [], chance: undefined, unusable: [] });
  });
  test('readings of the design itself change nothing', () => {
    for (const trailer of [apiary, oven, telescope]) {
      const record = recordOf(...towed(trailer).map(({ id }) => weighIn(trailer, id)));
      const found = weighedOf(trailer, record);
      for (const { kg, expectedKg } of found.fits) expect(expectedKg).toBeCloseTo(kg, 4);
      for (const { before, after } of found.masses) expect(after.value).toBeCloseTo(before.value, 3);
      expect(found.chance).toBeCloseTo(1, 3);
    }
  });
  test('a frame 3 % heavier and a load a little heavier: the weighed trailer puts on the scale what was read', () => {
    for (const trailer of [apiary, oven]) {
      const truth = heavier(trailer, 0.03, 0.02);
      const record = recordOf(...towed(trailer).map(({ id }) => weighIn(truth, id)));
      const now = trailerIn(trailer, record, 'weighed');
      for (const { id } of towed(trailer)) {
        const [read, said] = [readingsOf(truth, id), readingsOf(now, id)];
        // Within what the scale itself leaves open, in a thousandth of the whole.
        expect(Math.abs(said.total - read.total)).toBeLessThan(read.total / 1000);
        expect(Math.abs(said.tongue - read.tongue)).toBeLessThan(read.total / 1000);
      }
    }
  });
  test('the empty trailer alone says nothing of loads that were not aboard', () => {
    const empty = towed(apiary)[0];
    if (!empty) throw new Error('none');
    const bare = towed(apiary).toSorted((a, b) => a.aboard.length - b.aboard.length)[0];
    if (!bare) throw new Error('none');
    const found = weighedOf(apiary, recordOf(weighIn(heavier(apiary, 0.03, 0), bare.id)));
    const aboard = new Set(bare.aboard.map(({ itemId }) => itemId));
    for (const { id, before, after } of found.masses)
      if (apiary.items.some((item) => item.id === id && item.kind === 'cargo') && !aboard.has(id))
        expect(after).toEqual({ value: before.value, sd: before.sd });
  });
  test('a reading that cannot be is refused and kept; the others count as if it were not there', () => {
    const ids = towed(apiary).map(({ id }) => id);
    const truth = heavier(apiary, 0.02, 0.01);
    const good = ids.map((id) => weighIn(truth, id));
    const bad = weighIn(truth, ids[0] ?? '', { axles: readingsOf(truth, ids[0] ?? '').axles + weightN(pounds(400)) });
    const found = weighedOf(apiary, recordOf(bad, ...good.slice(1)));
    const refused = found.fits.filter((fit) => fit.refused);
    expect(refused.map(({ entry, reading }) => [entry.id, reading])).toEqual([[bad.id, 'axles']]);
    expect(refused[0]?.leftKg).toBeUndefined();
    expect(found.chance).toBeLessThan(0.001);
    expect(found.fits).toHaveLength(3 * ids.length);
  });
  test('two loads on one place are told to be known only together', () => {
    const [first] = apiary.items.filter(({ kind }) => kind === 'cargo');
    if (!first) throw new Error('none');
    const twin = { ...first, id: 'item.twin', name: 'Twin', massKg: { ...first.massKg, tolerance: 20 } };
    const doubtful = { ...first, massKg: { ...first.massKg, tolerance: 20 } };
    const trailer: Trailer = {
      ...apiary,
      items: [...apiary.items.map((item) => (item.id === first.id ? doubtful : item)), twin],
      cases: apiary.cases.map((loadCase) => ({
        ...loadCase,
        aboard: loadCase.aboard.flatMap((entry) =>
          entry.itemId === first.id ? [entry, { ...entry, itemId: twin.id }] : [entry],
        ),
      })),
    };
    const record = recordOf(...towed(trailer).map(({ id }) => weighIn(trailer, id)));
    expect(weighedOf(trailer, record).together.some((ids) => ids.includes(first.id) && ids.includes(twin.id))).toBe(
      true,
    );
  });
  test('a weigh-in of a load that is gone is kept, and told to be of no use', () => {
    const lost: RecordEntry = { ...weighIn(apiary, towed(apiary)[0]?.id ?? ''), caseId: 'gone' };
    expect(weighedOf(apiary, recordOf(lost)).unusable).toHaveLength(1);
  });
  test('more readings never leave a mass more doubtful', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: towed(apiary).length }), (count) => {
        const all = towed(apiary).map(({ id }) => weighIn(apiary, id));
        const [few, more] = [all.slice(0, count), all].map((entries) => weighedOf(apiary, recordOf(...entries)));
        more?.masses.forEach(({ after }, i) =>
          expect(after.sd).toBeLessThanOrEqual((few?.masses[i]?.after.sd ?? 0) + 1e-9),
        );
      }),
    );
  });
});

describe('built', () => {
  test('an axle an inch further back takes off the tongue what the drawn trailer says of that place', () => {
    const at = apiary.runningGear.positionM + inches(1);
    const built = withBuiltSizes(apiary, recordOf(builtEntry('axle-back', at)));
    const drawn: Trailer = { ...apiary, runningGear: { ...apiary.runningGear, positionM: at } };
    for (const { id } of towed(apiary)) expect(readingsOf(built, id)).toEqual(readingsOf(drawn, id));
  });
  test('the last reading counts; one taken back counts no more', () => {
    const first = builtEntry('axle-back', 1.8);
    const second = builtEntry('axle-back', 1.9);
    expect(withBuiltSizes(apiary, recordOf(first, second)).runningGear.positionM).toBe(1.9);
    expect(
      withBuiltSizes(apiary, recordOf(first, second, builtEntry('axle-back', null, 'trailer', second.id))).runningGear
        .positionM,
    ).toBe(1.8);
  });
  test('a ball measured an inch lower stands the rails an inch lower', () => {
    const { rides } = evaluate(apiary);
    // Heights are measured under the heaviest load, where it stands lowest.
    const ride = rides.reduce((low, own) => (own.railTopM < low.railTopM ? own : low));
    const built = withBuiltSizes(apiary, recordOf(builtEntry('ball-height', ride.couplerM - inches(1))));
    expect(built.runningGear.measuredRailTopM).toBeCloseTo(ride.railTopM - inches(1), 6);
    expect(drawnSize(apiary, 'rail-top')).toBeCloseTo(ride.railTopM, 9);
  });
  test('the scale’s word: a load that is believed weighs so in the built trailer, its date kept', () => {
    const item = apiary.items[0];
    if (!item) throw new Error('none');
    const record = recordOf(builtEntry('massKg', item.massKg.value + 5, item.id));
    expect(trailerIn(apiary, record, 'built').items[0]?.massKg).toMatchObject({
      value: item.massKg.value + 5,
      basis: 'weighed',
    });
    expect(trailerIn(apiary, record, 'designed')).toBe(apiary);
  });
  test('groups take what the scale found: the sum is what was said, wherever it stands', () => {
    for (const trailer of [apiary, oven, telescope])
      for (const group of OWN_GROUPS) {
        const parts = partsOfGroup(trailer, group);
        const kg = parts.reduce((sum, { massKg }) => sum + massKg, 0);
        if (kg === 0 || (group === 'running-gear' && trailer.runningGear.layout === 'none')) continue;
        const now = withMasses(trailer, new Map([[group, { kg: kg + 7, tolerance: 0 }]]));
        for (const { id } of towed(trailer)) {
          const [was, is] = [readingsOf(trailer, id), readingsOf(now, id)];
          expect(is.total - was.total).toBeCloseTo(weightN(7), 6);
          expect(is.tongue + is.axles).toBeCloseTo(is.total, 6);
        }
      }
  });
  test('what the scale found weighs, and is no part that anything could strike: no finding comes or goes by it', () => {
    for (const trailer of [apiary, oven, telescope]) {
      const groups = OWN_GROUPS.map((group) => {
        const kg = partsOfGroup(trailer, group).reduce((sum, { massKg }) => sum + massKg, 0);
        return [group, { kg: 1.01 * kg, tolerance: 0 }] as const;
      });
      const now = withMasses(trailer, new Map(groups));
      const said = (of: Trailer) =>
        evaluate(of)
          .findings.map(({ id }) => id)
          .toSorted();
      expect(said(now)).toEqual(said(trailer));
    }
  });
  test('side by side: every load in each state, and findings whose verdict changes', () => {
    const at = apiary.runningGear.positionM + inches(9);
    const { loads, changes } = statesOf(apiary, recordOf(builtEntry('axle-back', at)));
    expect(loads.map(({ caseId }) => caseId)).toEqual(apiary.cases.map(({ id }) => id));
    expect(
      changes.some(({ designed, weighed }) => designed.code === 'tongue-share' && weighed.verdict === 'over'),
    ).toBe(true);
  });
});

describe('words', () => {
  const say = speaker(apiary);
  test('sides within a twentieth are even, past a tenth the heavy one is named (common practice)', () => {
    expect(sidesText(pounds(500), pounds(510), say)).toMatch(/^Left and right differ by 2\.0 %: even\.$/);
    expect(sidesText(pounds(540), pounds(500), say)).toMatch(/it would do; .*from the left/);
    expect(sidesText(pounds(400), pounds(500), say)).toMatch(/more than the 10 %.*from the right/);
    expect(sidesText(0, 0, say)).toBe('');
  });
  test('320 lb of 2,840 lb are 11.3 % on the ball', () => {
    expect(tongueShareText(pounds(320), pounds(2840), say)).toBe('11.3 % of all of it, 2,840 lb.');
  });
});
