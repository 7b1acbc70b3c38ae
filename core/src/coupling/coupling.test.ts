import { describe, expect, test } from 'vitest';
import { sampleTrailer } from '../../test/projects.js';
import { evaluate } from '../evaluation/index.js';
import type { AnyFinding } from '../evaluation/index.js';
import { type Trailer, UNKNOWN_VEHICLE } from '../project/index.js';
import { pounds } from '../units/index.js';

/** Limits that somebody has read: a new trailer's vehicle has none. */
const base: Trailer = {
  ...sampleTrailer(),
  towVehicle: { ...UNKNOWN_VEHICLE, towLimitKg: pounds(3500), tongueLimitKg: pounds(350) },
};
const coupling = (change: Partial<Trailer['coupling']>): Trailer => ({
  ...base,
  coupling: { ...base.coupling, ...change },
});
const find = (trailer: Trailer, code: AnyFinding['code'], region?: string): AnyFinding => {
  const found = evaluate(trailer).findings.find(
    (finding) => finding.code === code && (region === undefined || finding.region === region),
  );
  if (!found) throw new Error(code);
  return found;
};

describe('weights against plate, coupler and tow vehicle', () => {
  test('the plate binds coupler and vehicle where it allows more than is ever loaded', () => {
    const plated: Trailer = { ...base, ratedGrossKg: pounds(4000) };
    expect(find(plated, 'gross-against-coupler')).toMatchObject({
      data: { byPlate: true, grossKg: pounds(4000) },
      verdict: 'ok',
    });
    expect(find(plated, 'gross-against-tow-vehicle')).toMatchObject({ verdict: 'over' });
    expect(find(plated, 'gross-against-plate').verdict).toBe('ok');
  });
  test('without a plate the heaviest load does', () => {
    const unplated: Trailer = { ...base, ratedGrossKg: null };
    const heaviest = Math.max(...evaluate(unplated).cases.map(({ massKg }) => massKg));
    expect(find(unplated, 'gross-against-coupler')).toMatchObject({ data: { byPlate: false, grossKg: heaviest } });
    expect(find(unplated, 'gross-against-plate').verdict).toBe('open');
  });
  test('within, tight from 90 %, over past 100 %', () => {
    const rated = (lb: number): string => find(coupling({ ratedGrossKg: pounds(lb) }), 'gross-against-coupler').verdict;
    expect([rated(4000), rated(2700), rated(2500)]).toEqual(['ok', 'tight', 'over']);
  });
  test('a coupler rated for nothing is over, not a division by zero', () => {
    expect(find(coupling({ ratedGrossKg: 0 }), 'gross-against-coupler')).toMatchObject({ verdict: 'over' });
    // No share can be told of nothing: no figure, and no line that would divide by it.
    expect(find(coupling({ ratedGrossKg: 0 }), 'gross-against-coupler').utilisation).toBeUndefined();
    expect(find(coupling({ ratedGrossKg: 0 }), 'gross-against-coupler').working).toEqual([]);
  });
});

describe('what the ball may carry', () => {
  test('the lower of vehicle and coupler counts', () => {
    expect(find(coupling({ tongueLimitKg: 50 }), 'tongue-limit')).toMatchObject({
      verdict: 'over',
      data: { by: 'coupler' },
    });
    expect(find(coupling({ tongueLimitKg: 500 }), 'tongue-limit')).toMatchObject({ data: { by: 'tow-vehicle' } });
  });
  test('a vehicle that says nothing stays open, unless the coupler alone is already too weak', () => {
    const silent = (trailer: Trailer): Trailer => ({
      ...trailer,
      towVehicle: trailer.towVehicle && { ...trailer.towVehicle, tongueLimitKg: null },
    });
    expect(find(silent(base), 'tongue-limit').verdict).toBe('open');
    expect(find(silent(coupling({ tongueLimitKg: 500 })), 'tongue-limit').verdict).toBe('open');
    expect(find(silent(coupling({ tongueLimitKg: 20 })), 'tongue-limit').verdict).toBe('over');
  });
});

describe('chains and brakes', () => {
  test('brakes: nothing asked below the range, the user decides within it, missing while undecided', () => {
    const braked = (brakes: Trailer['coupling']['brakes'], grossLb: number): string =>
      find({ ...coupling({ brakes }), ratedGrossKg: pounds(grossLb) }, 'brakes').verdict;
    const light: Trailer = { ...coupling({ brakes: 'none' }), items: [], ratedGrossKg: pounds(1000) };
    expect(find(light, 'brakes').verdict).toBe('ok');
    expect(braked('none', 2600)).toBe('tight');
    expect(braked('none', 3200)).toBe('over');
    expect(braked('not-decided', 2600)).toBe('open');
    expect(braked('fitted', 9000)).toBe('ok');
  });
  test('each region has its own range and source', () => {
    const everywhere: Trailer = {
      ...base,
      settings: { ...base.settings, regions: ['north-america', 'europe', 'australia'] },
    };
    expect(find(everywhere, 'brakes', 'europe').source).toMatchObject({
      kind: 'published',
      confidence: 'sure',
      name: expect.stringContaining('UN R13'),
    });
    expect(find(everywhere, 'brakes', 'north-america').source).toMatchObject({ confidence: 'verify' });
    expect(find(everywhere, 'brakes', 'australia').limit?.value).toBe(750);
  });
  test('no region chosen is asked about', () => {
    expect(find({ ...base, settings: { ...base.settings, regions: [] } }, 'no-region').verdict).toBe('open');
  });
  test('a home-made coupling is never rated: what is typed beside it does not stand in the chain', () => {
    const own = coupling({ homeMade: true, ratedGrossKg: pounds(9000) });
    expect(find(own, 'home-made-coupling').verdict).toBe('unchecked');
    expect(find(own, 'gross-against-coupler')).toMatchObject({ verdict: 'unchecked', data: { ratedKg: undefined } });
    const evaluation = evaluate(own);
    expect(evaluation.hitch.links.find(({ id }) => id === 'coupler')).toMatchObject({
      verdict: 'unchecked',
      ratedKg: undefined,
    });
    expect(['ok', 'tight']).not.toContain(find(own, 'weakest-link').verdict);
    expect(evaluation.findings.some(({ code }) => code === 'home-made-study')).toBe(false);
  });
});

describe('sizes', () => {
  test('over the tires or the frame, whichever is wider, against the widest it may be', () => {
    const wide = (trackIn: number, bedIn: number): AnyFinding =>
      find(
        {
          ...base,
          frame: { ...base.frame, bed: { ...base.frame.bed, widthM: bedIn * 0.0254 } },
          runningGear: {
            ...base.runningGear,
            suspension: { ...base.runningGear.suspension, trackM: trackIn * 0.0254 },
          },
        },
        'overall-width',
      );
    expect(wide(74, 60)).toMatchObject({ data: { by: 'tires' }, verdict: 'ok' });
    expect(wide(50, 96)).toMatchObject({ data: { by: 'frame' } });
    expect(wide(96, 60).verdict).toBe('over');
  });
  test('no limit, no verdict against one', () => {
    const finding = find({ ...base, job: { ...base.job, maxWidthM: null, maxLengthM: null } }, 'overall-length');
    expect(finding).toMatchObject({ verdict: 'ok', limit: undefined });
  });
});
