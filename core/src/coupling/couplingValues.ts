import {
  shareOf,
  concluding,
  finding,
  type FindingOf,
  given,
  over,
  plus,
  quantity,
  times,
  type Verdict,
  workedOut,
} from '../findings/index.js';
import type { BalancedCase } from '../balance/index.js';
import type { Chassis } from '../chassis/index.js';
import type { Trailer } from '../project/index.js';
import type { RideHeights } from '../running-gear/index.js';
import { publishedVerify } from '../source.js';
import { massOfWeightKg, millimetres } from '../units/index.js';
import { RULES, V_FROM_KG, V_ACCELERATION, R55_G } from './rules.js';

export interface CouplingValueFindingData {
  'd-value': {
    /** undefined where the vehicle's greatest mass is missing */
    readonly neededN: number | undefined;
    readonly ratedN: number | undefined;
    /** heaviest trailer that the stamped D allows behind this vehicle */
    readonly allowsKg: number | undefined;
  };
  'v-value': { readonly neededN: number };
  'coupler-height': {
    readonly region: 'europe' | 'australia';
    readonly heightM: number;
    readonly fromM: number;
    readonly toM: number;
  };
}
export type CouplingValueFinding = FindingOf<CouplingValueFindingData>;

/** D of UN R55, N, of a vehicle and a trailer by their permissible greatest masses, kg: g·T·R ÷ (T + R). */
export const dValueN = (vehicleKg: number, trailerKg: number): number =>
  (R55_G * vehicleKg * trailerKg) / (vehicleKg + trailerKg);

/** Heaviest trailer that a stamped D allows, kg: R = D·T ÷ (g·T − D); any where D is no less than the vehicle's weight. */
export const trailerOfDKg = (dN: number, vehicleKg: number): number | undefined =>
  R55_G * vehicleKg > dN ? (dN * vehicleKg) / (R55_G * vehicleKg - dN) : undefined;

/** V of UN R55, N: a·C·X² ÷ L², X² ÷ L² no less than 1; C the mass on the trailer's axles, kg, X the deck's length and L the drawbar's, m. */
export const vValueN = (axlesKg: number, deckM: number, drawbarM: number): number =>
  V_ACCELERATION * axlesKg * Math.max(1, (deckM / drawbarM) ** 2);

const dFinding = (trailer: Trailer, vehicleKg: number | null, grossKg: number): CouplingValueFinding => {
  if (vehicleKg === null)
    return finding({
      rule: RULES['d-value'],
      data: { neededN: undefined, ratedN: trailer.coupling.dValueN ?? undefined, allowsKg: undefined },
      verdict: 'open',
      step: 'tongue',
      subject: 'coupler',
    });
  const n = (value: number) => quantity(value, 'force');
  const [vehicle, towed] = [n(R55_G * vehicleKg), n(R55_G * grossKg)];
  const line = workedOut('d-value', over(times(vehicle, towed), plus(vehicle, towed)), 'force');
  const neededN = line.result.value;
  const ratedN = trailer.coupling.dValueN ?? undefined;
  const verdict: Verdict = ratedN === undefined ? 'open' : neededN > ratedN ? 'over' : 'ok';
  return finding({
    rule: RULES['d-value'],
    data: {
      neededN,
      ratedN,
      allowsKg: ratedN === undefined ? undefined : trailerOfDKg(ratedN, vehicleKg),
    },
    verdict,
    step: 'tongue',
    subject: 'coupler',
    counts: true,
    value: n(neededN),
    limit: ratedN === undefined ? undefined : n(ratedN),
    utilisation: ratedN === undefined ? undefined : shareOf(neededN, ratedN),
    working: [
      given('vehicle-weighs', vehicle.value, 'force'),
      given('trailer-weighs', towed.value, 'force'),
      concluding(line),
    ],
  });
};

/** Where a coupling's height is ruled, at the loaded trailer standing level, m. */
const HEIGHTS = {
  europe: {
    fromM: millimetres(395),
    toM: millimetres(465),
    source: publishedVerify('UN R55 Annex 7: 430 ± 35 mm to the coupling’s middle'),
  },
  australia: {
    fromM: millimetres(350),
    toM: millimetres(460),
    source: publishedVerify('ADR 62, VSB 1: 350 to 460 mm'),
  },
} as const;

const heights = (
  trailer: Trailer,
  cases: readonly BalancedCase[],
  rides: readonly RideHeights[],
): CouplingValueFinding[] => {
  const towed = cases.filter(({ loadCase, standing }) => loadCase.mode === 'towed' && standing);
  const heaviest = towed.reduce<BalancedCase | undefined>(
    (most, next) => (!most || next.massKg > most.massKg ? next : most),
    undefined,
  );
  const ride = rides.find(({ caseId }) => caseId === heaviest?.loadCase.id);
  if (!ride || !heaviest) return [];
  return trailer.settings.regions.flatMap((region): CouplingValueFinding[] => {
    if (region === 'north-america') return [];
    const { fromM, toM, source } = HEIGHTS[region];
    const within = ride.couplerM >= fromM && ride.couplerM <= toM;
    return [
      finding({
        rule: RULES['coupler-height'],
        data: { region, heightM: ride.couplerM, fromM, toM },
        verdict: within ? 'ok' : 'tight',
        step: 'tongue',
        subject: 'coupler',
        region,
        caseId: heaviest.loadCase.id,
        counts: true,
        value: quantity(ride.couplerM, 'length'),
        working: [],
        source,
      }),
    ];
  });
};

/** D, V and the coupling's height, where the region rules them. */
export const couplingValueFindings = (
  trailer: Trailer,
  chassis: Chassis,
  cases: readonly BalancedCase[],
  rides: readonly RideHeights[],
  grossKg: number,
): CouplingValueFinding[] => {
  if (trailer.towVehicle?.kind === 'muscle') return [];
  const vehicleKg = trailer.towVehicle?.maxMassKg ?? null;
  const tongueKg = Math.max(0, ...cases.map(({ standing }) => massOfWeightKg(standing?.tongueN ?? 0)));
  const europe = trailer.settings.regions.includes('europe');
  const onAxlesKg = Math.max(0, grossKg - tongueKg);
  const drawbarM = trailer.runningGear.positionM - chassis.ballXM;
  return [
    ...(europe && grossKg > 0 ? [dFinding(trailer, vehicleKg, grossKg)] : []),
    ...(europe && grossKg > V_FROM_KG && drawbarM > 0
      ? [
          finding({
            rule: RULES['v-value'],
            data: { neededN: vValueN(onAxlesKg, trailer.frame.bed.lengthM, drawbarM) },
            verdict: 'unchecked',
            step: 'tongue',
            subject: 'coupler',
            counts: true,
            working: [],
          }),
        ]
      : []),
    ...heights(trailer, cases, rides),
  ];
};
