import type { BalancedCase } from '../balance/index.js';
import { check, finding, type FindingOf, minus, plus, quantity, type Verdict, workedOut } from '../findings/index.js';
import type { Trailer } from '../project/index.js';
import type { RideHeights } from '../running-gear/index.js';

import { massOfWeightKg } from '../units/index.js';
import { RULES, OVER_BALL_M, ROAD_CLEAR_M } from './rules.js';

export interface JackFindingData {
  /** assumed: no load is parked, so that what is towed is taken to be set down as it is */
  'jack-rating': { readonly loadKg: number; readonly ratedKg: number | undefined; readonly assumed: boolean };
  'jack-reach': {
    readonly neededM: number;
    readonly longM: number | undefined;
    readonly clearM: number | undefined;
  };
}
export type JackFinding = FindingOf<JackFindingData>;

/** Whether the jack holds what stands on it, lifts the coupler off the ball, and clears the road drawn in. */
export const jackFindings = (
  trailer: Trailer,
  cases: readonly BalancedCase[],
  rides: readonly RideHeights[],
): JackFinding[] => {
  const { jack, jackBehindBallM } = trailer.coupling;
  if (!jack.fitted) return [];
  const parked = cases.filter(({ standing }) => standing?.on === 'jack');
  const assumed = parked.length === 0;
  const onJack = (assumed ? cases.filter(({ loadCase }) => loadCase.mode === 'towed') : parked).flatMap(
    ({ standing, loadCase }) => {
      if (!standing) return [];
      // Nearer to the axle than the ball it carries more, as the levers go.
      const baseM = standing.groupCentreXM - standing.aheadXM;
      const lever = assumed && baseM > jackBehindBallM ? baseM / (baseM - jackBehindBallM) : 1;
      return [{ caseId: loadCase.id, n: standing.aheadN * lever }];
    },
  );
  const worst = onJack.reduce<(typeof onJack)[number] | undefined>(
    (most, next) => (!most || next.n > most.n ? next : most),
    undefined,
  );
  const loadKg = massOfWeightKg(Math.max(0, worst?.n ?? 0));
  const ratedKg = jack.ratedKg ?? undefined;
  const plain = { step: 'tongue', subject: 'jack', counts: true, working: [] } as const;
  const findings: JackFinding[] = [];
  if (worst) {
    findings.push(
      check({
        ...plain,
        rule: RULES['jack-rating'],
        data: { loadKg, ratedKg, assumed },
        caseId: worst.caseId,
        asked: quantity(loadKg, 'mass'),
        allowed: ratedKg === undefined ? undefined : quantity(ratedKg, 'mass'),
      }),
    );
  }
  const highest = Math.max(...rides.map(({ jackM }) => jackM));
  const lowest = Math.min(...rides.map(({ jackM }) => jackM));
  const ride = rides[0];
  const hitchM = trailer.towVehicle?.hitchHeightM ?? null;
  if (!ride || hitchM === null || trailer.towVehicle?.kind === 'muscle') return findings;
  const m = (value: number) => quantity(value, 'length');
  // From the tongue's top down to the ball is the same in every case.
  const mountOverBallM = ride.jackM - ride.couplerM;
  const needed = workedOut('jack-needs', plus(plus(m(hitchM), m(OVER_BALL_M)), m(mountOverBallM)), 'length');
  const neededM = Math.max(needed.result.value, highest);
  const longM = jack.longM ?? undefined;
  // One that swings up is not there on the road.
  const clear =
    jack.shortM === null || jack.swings
      ? undefined
      : workedOut('jack-clears', minus(m(lowest), m(jack.shortM)), 'length');
  const clearM = clear?.result.value;
  const verdict: Verdict =
    longM === undefined || (clearM === undefined && !jack.swings)
      ? 'open'
      : longM < neededM || (clearM ?? 1) <= 0
        ? 'over'
        : (clearM ?? ROAD_CLEAR_M) < ROAD_CLEAR_M
          ? 'tight'
          : 'ok';
  findings.push(
    finding({
      ...plain,
      rule: RULES['jack-reach'],
      data: { neededM, longM, clearM },
      verdict,
      value: m(neededM),
      limit: longM === undefined ? undefined : m(longM),
      working: [needed, ...(clear ? [clear] : [])],
    }),
  );
  return findings;
};
