import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { sampleTrailer } from '../../test/projects.js';
import { evaluate } from '../evaluation/index.js';
import { axleFromCatalog, type RunningGear, type Trailer, UNKNOWN_VEHICLE } from '../project/index.js';
import { inches, massOfWeightKg } from '../units/index.js';
import { drawnRailTopM } from './frameHeight.js';

const base = sampleTrailer();
const geared = (change: Partial<RunningGear>, trailer: Trailer = base): Trailer => ({
  ...trailer,
  runningGear: { ...trailer.runningGear, ...change },
});
const suspended = (change: Partial<RunningGear['suspension']>, more: Partial<RunningGear> = {}): Trailer =>
  geared({ ...more, suspension: { ...base.runningGear.suspension, ...change } });
const ofCode = (trailer: Trailer, code: string) => evaluate(trailer).findings.filter((found) => found.code === code);
const heaviest = (trailer: Trailer) => {
  const { rides, cases } = evaluate(trailer);
  const towed = cases.filter(({ loadCase }) => loadCase.mode === 'towed').sort((a, b) => b.massKg - a.massKg)[0];
  return rides.find(({ caseId }) => caseId === towed?.loadCase.id);
};

describe('one height', () => {
  test('a torsion axle, 33 in measured: drawing, level and jack go by 33 in, and the rest is told as a bracket', () => {
    const trailer = suspended(
      { kind: 'torsion' },
      { axle: { ...axleFromCatalog('axle-3500') }, measuredRailTopM: inches(33) },
    );
    const { chassis } = evaluate(trailer);
    expect(drawnRailTopM(trailer, chassis)).toBeCloseTo(inches(33), 9);
    expect(heaviest(trailer)?.railTopM).toBeCloseTo(inches(33), 9);
    const [level] = ofCode(trailer, 'tows-level');
    expect((level as unknown as { data: { couplerM: number } }).data.couplerM).toBeCloseTo(
      inches(33) + (chassis.tongue?.ballZM ?? 0),
      9,
    );
    const [ride] = ofCode(trailer, 'ride-height');
    const data = (ride as unknown as { data: { partsM: number; restM: number } }).data;
    expect(data.restM).toBeCloseTo(inches(33) - data.partsM, 9);
    expect(ride?.verdict).toBe('tight');
  });
  test('a cart on no springs, 20 in measured, rides at 20 in under every load', () => {
    const cart = suspended({ kind: 'none' }, { measuredRailTopM: inches(20) });
    for (const { railTopM } of evaluate(cart).rides) expect(railTopM).toBeCloseTo(inches(20), 9);
    expect(ofCode(cart, 'hitch-above-deck')).toEqual([]);
  });
  test.each(['leaf', 'torsion', 'stub', 'none'] as const)(
    'brackets under the rails of %s lift all of it by their height',
    (kind) => {
      const plain = heaviest(suspended({ kind }));
      const raised = heaviest(suspended({ kind, bracketM: inches(4) }));
      expect((raised?.railTopM ?? 0) - (plain?.railTopM ?? 0)).toBeCloseTo(inches(4), 9);
    },
  );
  test('spindles above the middle lower a stub’s frame, as they do a beam’s', () => {
    const axle = { ...base.runningGear.axle, dropM: inches(2) };
    for (const kind of ['stub', 'none', 'torsion'] as const) {
      const by =
        (heaviest(suspended({ kind }))?.railTopM ?? 0) - (heaviest(suspended({ kind }, { axle }))?.railTopM ?? 0);
      expect(by).toBeCloseTo(inches(2), 9);
    }
  });
});

const VEHICLE = { ...UNKNOWN_VEHICLE, hitchHeightM: inches(17), wheelbaseM: 3, ballBehindAxleM: 1.1, massKg: 2200 };
const independent = (
  layout: 'tandem-independent' | 'triple-independent',
  hitchIn: number,
  sinks: number | null = null,
): Trailer => ({
  ...suspended({ kind: 'torsion' }, { layout, spacingM: inches(34) }),
  towVehicle: { ...VEHICLE, hitchHeightM: inches(hitchIn), hitchSinksMPerKg: sinks },
});

describe('axles without an equaliser', () => {
  test('ends of the window, put back, give the share that sets them; inside it all loads are within', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('tandem-independent' as const, 'triple-independent' as const),
        fc.double({ min: 14, max: 20, noNaN: true }),
        (layout, hitchIn) => {
          const trailer = independent(layout, hitchIn);
          for (const { caseId, from, to, empty } of evaluate(trailer).placement.intervals) {
            if (empty) continue;
            for (const end of [from, to]) {
              if (end.reason !== 'tongue-too-light' && end.reason !== 'tongue-too-heavy') continue;
              const there = evaluate(geared({ positionM: end.xM }, trailer));
              const own = there.cases.find(({ loadCase }) => loadCase.id === caseId);
              const band = own?.band ?? base.tongueBand;
              expect(own?.standing?.tongueShare).toBeCloseTo(
                end.reason === 'tongue-too-light' ? band.minShare : band.maxShare,
                6,
              );
            }
          }
        },
      ),
      { numRuns: 25 },
    );
  });
  test('the place that is offered for a share gives that share', () => {
    for (const layout of ['tandem-independent', 'triple-independent'] as const) {
      const trailer = { ...independent(layout, 16), wantedTongueShare: 0.11 };
      const xM = evaluate(trailer).placement.wanted?.xM;
      if (xM === undefined) throw new Error('no place');
      const there = evaluate(geared({ positionM: xM }, trailer));
      const own = there.cases.find(({ loadCase }) => loadCase.id === trailer.axleCaseId);
      expect(own?.standing?.tongueShare).toBeCloseTo(0.11, 6);
    }
  });
  test('each load stands by its own level: a hitch between two levels presses the front axle in one, the rear in the other', () => {
    // Empty it rides level at 14.1 in, loaded at 13.7.
    const [empty, loaded] = evaluate(independent('tandem-independent', 13.9)).cases.map(({ standing }) =>
      (standing?.axles ?? []).map(({ sprungN }) => massOfWeightKg(sprungN)),
    );
    const more = ([front = 0, rear = 0]: readonly number[] = []): number => front - rear;
    expect(more(empty)).toBeGreaterThan(0);
    expect(more(loaded)).toBeLessThan(0);
  });
  test('a hitch that sinks lets a lifted axle go on in proportion: forces close, none pulls', () => {
    const trailer = independent('tandem-independent', 34, 4e-4);
    for (const { standing, parts } of evaluate(trailer).cases) {
      if (!standing) continue;
      const weight = parts.reduce((sum, { massKg }) => sum + massKg, 0) * 9.80665;
      expect(standing.aheadN + standing.axles.reduce((sum, { loadN }) => sum + loadN, 0)).toBeCloseTo(weight, 6);
      for (const { sprungN } of standing.axles) expect(sprungN).toBeGreaterThanOrEqual(-1e-9);
    }
  });
});
