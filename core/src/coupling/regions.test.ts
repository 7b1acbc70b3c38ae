import { describe, expect, test } from 'vitest';
import { sampleTrailer } from '../../test/projects.js';
import { verify } from '../../test/verify.js';
import { loadOfIndexKg } from '../catalog/index.js';
import { evaluate } from '../evaluation/index.js';
import { couplerFor } from './couplerFor.js';
import { PLAIN_TONGUE, FIXED_JOINT, tireFromCatalog, type Trailer, UNKNOWN_VEHICLE } from '../project/index.js';
import { inches } from '../units/index.js';

type Region = Trailer['settings']['regions'][number];

const base = sampleTrailer();
const inRegion = (region: Region, change: Partial<Trailer> = {}): Trailer => ({
  ...base,
  ...change,
  settings: { ...base.settings, regions: [region] },
});
const coupled = (trailer: Trailer, change: Partial<Trailer['coupling']>): Trailer => ({
  ...trailer,
  coupling: { ...trailer.coupling, ...change },
});
const find = (trailer: Trailer, code: string) => evaluate(trailer).findings.find((found) => found.code === code);
const verdictOf = (trailer: Trailer, code: string) => find(trailer, code)?.verdict;

describe('what each region asks', () => {
  test('no chains: over in North America and Australia, and in Europe only without brakes', () => {
    for (const brakes of ['fitted', 'none'] as const) {
      const bare = (region: Region) => coupled(inRegion(region), { chains: 'none', brakes });
      expect(verdictOf(bare('north-america'), 'chains')).toBe('over');
      expect(verdictOf(bare('australia'), 'chains')).toBe('over');
      expect(verdictOf(bare('europe'), 'chains')).toBe(brakes === 'fitted' ? 'ok' : 'over');
    }
  });
  test('passenger tires carry their own load in Europe, and that ÷ 1.10 in North America (49 CFR 571.110)', () => {
    const tire = tireFromCatalog('155-13-79n');
    const allowed = (region: Region): number => {
      const found = find(inRegion(region, { runningGear: { ...base.runningGear, tire } }), 'tire-load');
      return (found as unknown as { data: { allowedKg: number } }).data.allowedKg;
    };
    expect(allowed('europe')).toBeCloseTo(437, 9);
    expect(allowed('north-america')).toBeCloseTo(437 / 1.1, 9);
  });
  test('a plug of four ways carries no European lights', () => {
    const plugged = (region: Region) => coupled(inRegion(region), { plug: '4-way' });
    expect(verdictOf(plugged('north-america'), 'plug')).toBe('ok');
    expect(verdictOf(plugged('europe'), 'plug')).toBe('over');
    expect(verdictOf(coupled(inRegion('europe'), { plug: '13-way' }), 'plug')).toBe('ok');
  });
  test('Australia goes by what stands on the axles, and by their number; axles less than 1 m apart count as one', () => {
    const unbraked = (change: Partial<Trailer>) => coupled(inRegion('australia', change), { brakes: 'none' });
    // 800 kg on the plate with 13 % on the ball leave under 750 on the axle.
    const light = unbraked({ ratedGrossKg: 800, items: [], cases: base.cases.slice(0, 1) });
    const found = find(light, 'brakes') as unknown as { data: { grossKg: number; by: string }; verdict: string };
    expect(found.data.grossKg).toBeLessThan(750);
    expect(found).toMatchObject({ verdict: 'ok', data: { by: 'axles' } });
    const tandem = (spacingM: number) =>
      unbraked({ ratedGrossKg: 700, runningGear: { ...base.runningGear, layout: 'tandem-equaliser', spacingM } });
    expect(find(tandem(1.1), 'brakes')).toMatchObject({ verdict: 'over', data: { by: 'more-than-one-axle' } });
    expect(find(tandem(0.84), 'brakes')).toMatchObject({ data: { by: 'axles' } });
  });
  test('Europe never asks for more than 25 kg on the tongue: 4 % of 2,800 kg would be 112', () => {
    const heavy: Trailer = {
      ...inRegion('europe'),
      tongueBand: { minShare: 0.04, maxShare: 0.15, minKg: null, maxKg: null, enoughKg: 25 },
      runningGear: { ...base.runningGear, axle: { ...base.runningGear.axle, ratingKg: null } },
      items: base.items.map((item) => ({ ...item, massKg: { ...item.massKg, value: 2500 } })),
      cases: base.cases.map((one) => ({ ...one, tongueBand: null })),
    };
    const { intervals } = evaluate(heavy).placement;
    const own = intervals.find(({ caseId }) => caseId === 'case.loaded');
    expect(own?.to.xM ?? 0).toBeGreaterThan(own?.from.xM ?? 0);
    // At the window's front end 25 kg press on the ball.
    const there = evaluate({ ...heavy, runningGear: { ...heavy.runningGear, positionM: own?.from.xM ?? 0 } });
    const standing = there.cases.find(({ loadCase }) => loadCase.id === 'case.loaded')?.standing;
    expect((standing?.tongueN ?? 0) / 9.80665).toBeCloseTo(25, 4);
  });
});

describe('carts and small machines', () => {
  const pulled = (kind: 'muscle' | 'small-machine'): Trailer => ({ ...base, towVehicle: { ...UNKNOWN_VEHICLE, kind } });
  test('no chains, no brakes by law, no plug are asked of them', () => {
    for (const kind of ['muscle', 'small-machine'] as const)
      for (const code of ['chains', 'brakes', 'plug', 'tires-together'])
        expect(find(pulled(kind), code), `${kind} ${code}`).toBeUndefined();
  });
  test('a light tongue behind a small machine sways nothing: tight; one that lifts is over all the same', () => {
    const light = (kind: 'vehicle' | 'small-machine', positionM: number): Trailer => ({
      ...base,
      towVehicle: { ...UNKNOWN_VEHICLE, kind },
      runningGear: { ...base.runningGear, positionM },
    });
    const share = (trailer: Trailer) =>
      evaluate(trailer).findings.find(({ code, caseId }) => code === 'tongue-share' && caseId === 'case.loaded');
    const forward = base.runningGear.positionM - inches(7);
    expect(share(light('vehicle', forward))?.verdict).toBe('over');
    expect(share(light('small-machine', forward))?.verdict).toBe('tight');
    expect(share(light('small-machine', base.runningGear.positionM - inches(30)))?.verdict).toBe('over');
  });
  test('a cart without coupler and jack weighs less by both, and is asked for neither', () => {
    const cart = pulled('muscle');
    const bare = coupled(cart, { fitted: false, jack: { ...cart.coupling.jack, fitted: false } });
    const weighs = (trailer: Trailer): number => evaluate(trailer).cases[0]?.massKg ?? 0;
    expect(weighs(cart) - weighs(bare)).toBeCloseTo(cart.coupling.massKg + cart.coupling.jackMassKg, 9);
    for (const code of ['gross-against-coupler', 'weakest-link', 'jack-rating', 'jack-reach', 'ball-fits'])
      expect(find(bare, code), code).toBeUndefined();
    // Behind a vehicle one that is missing is missing.
    expect(verdictOf(coupled(base, { fitted: false }), 'gross-against-coupler')).toBe('open');
  });
});

describe('coupler and tongue', () => {
  test('a 50° coupler on one tube is over, on legs at 50° in order, at 60° tight', () => {
    const { tongue } = base.frame;
    const tongued = (next: Trailer['frame']['tongue']): Trailer => ({
      ...base,
      frame: { ...base.frame, tongue: next },
    });
    expect(verdictOf(base, 'coupler-fits-tongue')).toBe('ok');
    if (tongue.kind !== 'a-frame') throw new Error('legs');
    expect(verdictOf(tongued({ ...tongue, includedAngleRad: Math.PI / 3 }), 'coupler-fits-tongue')).toBe('tight');
    expect(
      verdictOf(
        tongued({
          ...PLAIN_TONGUE,
          kind: 'straight',
          lengthM: inches(48),
          underM: inches(40),
          tipBehindBallM: inches(4),
          joint: FIXED_JOINT,
        }),
        'coupler-fits-tongue',
      ),
    ).toBe('over');
  });
  test('another kind of tongue brings a coupler that fits it, for the same ball, the nearest in rating', () => {
    const straight = couplerFor(base.coupling, 'straight');
    expect(straight.catalogId).toBe('coupler-3500-straight');
    expect(couplerFor(straight, 'a-frame').catalogId).toBe('coupler-5000-a-frame');
    expect(couplerFor(base.coupling, 'a-frame')).toBe(base.coupling);
    const own = { ...base.coupling, catalogId: null };
    expect(couplerFor(own, 'straight')).toBe(own);
  });
  test('of people nothing is asked that only a vehicle has', () => {
    const cart = coupled({ ...base, towVehicle: { ...UNKNOWN_VEHICLE, kind: 'muscle' } }, { fitted: false });
    for (const code of ['gross-against-tow-vehicle', 'tongue-limit']) expect(find(cart, code), code).toBeUndefined();
  });
  test('legs deeper than the header that they butt on', () => {
    const legs: Trailer = {
      ...base,
      frame: {
        ...base.frame,
        groups: { ...base.frame.groups, header: { ...base.frame.groups.header, sectionId: 'hss-2x2x1_8' } },
        tongue: { ...base.frame.tongue, rearEnd: 'header' },
      },
    };
    expect(find(legs, 'header-too-shallow')).toMatchObject({ verdict: 'over' });
    expect(find(base, 'header-too-shallow')).toBeUndefined();
  });
  test('without a parked load the jack is judged by what is towed, set down as it is', () => {
    const unparked = coupled(
      { ...base, cases: base.cases.filter(({ mode }) => mode !== 'parked') },
      { jack: { ...base.coupling.jack, ratedKg: 400 } },
    );
    const assumed = find(unparked, 'jack-rating') as unknown as { data: { loadKg: number; assumed: boolean } };
    const parked = find(coupled(base, { jack: { ...base.coupling.jack, ratedKg: 400 } }), 'jack-rating') as unknown as {
      data: { loadKg: number; assumed: boolean };
    };
    expect(assumed.data.assumed).toBe(true);
    expect(assumed.data.loadKg).toBeCloseTo(parked.data.loadKg, 6);
  });
});

describe('tables', () => {
  test.each([
    [62, 265],
    [77, 412],
    [88, 560],
    [95, 690],
    [99, 775],
    [103, 875],
    [112, 1120],
    [119, 1360],
    [127, 1750],
  ])('load index %d carries %d kg', (index, kg) => {
    verify({
      area: 'Tires',
      check: `load index ${index}`,
      ours: loadOfIndexKg(index) ?? Number.NaN,
      outside: String(kg),
      unit: 'kg',
      source: 'ISO 4000, ETRTO standards manual (recalled)',
      tolerance: 0,
    });
    // Each step is about a fortieth of a decade: 10^(1/80) of the one before, rounded.
    expect(kg / (445 * 10 ** ((index - 80) / 80))).toBeGreaterThan(0.97);
    expect(kg / (445 * 10 ** ((index - 80) / 80))).toBeLessThan(1.04);
  });
  test('no index from 62 to 127 is missing', () => {
    for (let index = 62; index <= 127; index += 1) expect(loadOfIndexKg(index), String(index)).toBeGreaterThan(0);
  });
});
