import { type BalancedCase, type HardStop, hardStop, railTopM } from '../balance/index.js';
import type { Chassis } from '../chassis/index.js';
import {
  shareOf,
  concluding,
  finding,
  type FindingOf,
  given,
  minus,
  over,
  plus,
  quantity,
  times,
  verdictOf,
  workedOut,
} from '../findings/index.js';
import type { Trailer } from '../project/index.js';
import { feet, massOfWeightKg } from '../units/index.js';
import { heaviestTowed, type TowedCase, towedCases } from './heaviest.js';
import { brakedTrailer, gradePullN, ROLLING, rollingPullN, stoppingFactor, tippingSpeedMPerS } from './motion.js';
import { vehicleAxles } from './rig.js';
import { RULES } from './rules.js';

export interface MotionFindingData {
  'rolls-over': {
    readonly factor: number;
    readonly slopeRad: number;
    readonly heightM: number;
    readonly radiusM: number;
    readonly speedMPerS: number;
  };
  'vehicle-axles': {
    readonly rearAddsKg: number;
    readonly frontLosesKg: number;
    /** share of its own load that the front axle loses */
    readonly frontShare: number | undefined;
    readonly rearKg: number | undefined;
    readonly limitKg: number | undefined;
  };
  'braking-adds': {
    readonly g: number;
    readonly addsKg: number;
    readonly braked: boolean;
    /** which axle its brakes slide or lift first; undefined where none does */
    readonly givesOut: 'lead-lifts' | 'lead-slides' | 'rear-slides' | 'all-slide' | undefined;
    readonly factor: number | undefined;
  };
  'hill-pulls': { readonly grade: number; readonly pullN: number };
  'hand-pull': {
    readonly firmN: number;
    readonly grassN: number;
    readonly grade: number;
    readonly hillN: number;
    readonly tongueN: number;
  };
}
export type MotionFinding = FindingOf<MotionFindingData>;

const plain = { step: 'towing', subject: 'trailer', counts: true, working: [] } as const;
const m = (value: number) => quantity(value, 'length');

/** A curve to compare by, m: a tight bend of a country road. */
const CURVE_M = { imperial: feet(130), metric: 40 } as const;
/** A steep road; a garden path by hand. */
const STEEP = 0.12;
const PATH = 0.05;

const rollover = (trailer: Trailer, chassis: Chassis, cases: readonly TowedCase[]): MotionFinding[] => {
  const worst = cases
    .flatMap((balanced) =>
      balanced.centre ? [{ balanced, heightM: balanced.centre.zM + railTopM(trailer, chassis, balanced.parts) }] : [],
    )
    .reduce<{ balanced: TowedCase; heightM: number } | undefined>(
      (most, next) => (!most || next.heightM > most.heightM ? next : most),
      undefined,
    );
  if (!worst || worst.heightM <= 0) return [];
  const { trackM } = trailer.runningGear.suspension;
  const line = workedOut('stability-factor', over(m(trackM), times(quantity(2, 'number'), m(worst.heightM))), 'number');
  const factor = line.result.value;
  return [
    finding({
      ...plain,
      rule: RULES['rolls-over'],
      data: {
        factor,
        slopeRad: Math.atan(factor),
        heightM: worst.heightM,
        radiusM: CURVE_M[trailer.settings.units],
        speedMPerS: tippingSpeedMPerS(factor, CURVE_M[trailer.settings.units]),
      },
      verdict: 'unchecked',
      caseId: worst.balanced.loadCase.id,
      counts: false,
      working: [concluding(line)],
    }),
  ];
};

const onVehicle = (trailer: Trailer, heaviest: TowedCase): MotionFinding[] => {
  const axles = vehicleAxles(trailer, heaviest);
  const vehicle = trailer.towVehicle;
  if (!axles || !vehicle) return [];
  const limitKg = vehicle.rearAxleLimitKg ?? undefined;
  const own =
    vehicle.massKg === null
      ? undefined
      : workedOut(
          'vehicle-rear',
          times(quantity(vehicle.massKg, 'mass'), quantity(1 - vehicle.frontShare, 'percent')),
          'mass',
        );
  const rear = own && workedOut('vehicle-rear-loaded', plus(own.result, quantity(axles.rearAddsKg, 'mass')), 'mass');
  const rearKg = rear?.result.value;
  const frontKg = vehicle.massKg === null ? undefined : vehicle.massKg * vehicle.frontShare;
  const use = limitKg === undefined || rearKg === undefined ? undefined : shareOf(rearKg, limitKg);
  return [
    finding({
      ...plain,
      rule: RULES['vehicle-axles'],
      data: {
        ...axles,
        frontShare: frontKg === undefined || frontKg <= 0 ? undefined : axles.frontLosesKg / frontKg,
        rearKg,
        limitKg,
      },
      verdict: use === undefined ? 'ok' : verdictOf(use, RULES['vehicle-axles'].tightFrom),
      caseId: heaviest.loadCase.id,
      counts: use !== undefined,
      value: rearKg === undefined ? undefined : quantity(rearKg, 'mass'),
      limit: limitKg === undefined ? undefined : quantity(limitKg, 'mass'),
      utilisation: use,
      working: [...(own ? [own] : []), ...(rear ? [rear] : [])],
    }),
  ];
};

/** Which axle gives out first in an emergency stop. */
const givesOut = ({
  slides,
  lifts,
}: HardStop): 'lead-lifts' | 'lead-slides' | 'rear-slides' | 'all-slide' | undefined => {
  if (slides.length < 2) return slides[0] ? 'all-slide' : undefined;
  if (lifts[0]) return 'lead-lifts';
  return slides[0] && slides[1] ? 'all-slide' : slides[0] ? 'lead-slides' : slides[1] ? 'rear-slides' : undefined;
};

const stopping = (trailer: Trailer, chassis: Chassis, heaviest: TowedCase): MotionFinding[] => {
  const body = brakedTrailer(trailer, chassis, heaviest);
  if (!body) return [];
  const braked = trailer.coupling.brakes === 'fitted';
  const stop = hardStop(body, braked ? 'own-brakes' : 'hitch');
  const vehicleKg = trailer.towVehicle?.massKg ?? null;
  const [drawbarM = 1, second] = body.drawbarsM;
  const g = quantity(stop.decelerationG, 'number');
  const pushed = minus(m(body.heightM), braked ? m(0) : m(body.ballHeightM));
  const adds =
    second === undefined
      ? workedOut('braking-adds', over(times(times(quantity(body.massKg, 'mass'), g), pushed), m(drawbarM)), 'mass')
      : given('braking-adds', massOfWeightKg(stop.ballAddsN), 'mass');
  return [
    finding({
      ...plain,
      rule: RULES['braking-adds'],
      data: {
        g: stop.decelerationG,
        addsKg: massOfWeightKg(stop.ballAddsN),
        braked,
        givesOut: givesOut(stop),
        factor: vehicleKg === null || braked || vehicleKg <= 0 ? undefined : stoppingFactor(vehicleKg, body.massKg),
      },
      verdict: 'ok',
      caseId: heaviest.loadCase.id,
      counts: false,
      value: quantity(stop.ballAddsN, 'load'),
      working: [
        given('stops-at', stop.decelerationG, 'number'),
        ...(braked
          ? stop.addsN.flatMap((n, i) => [
              given('axle-brakes', stop.brakesN[i] as number, 'force'),
              given('axle-then-carries', (body.standingN[i] as number) + n, 'force'),
            ])
          : []),
        adds,
      ],
    }),
  ];
};

const hills = (heaviest: TowedCase): MotionFinding => {
  const pullN = gradePullN(heaviest.massKg, STEEP);
  return finding({
    ...plain,
    rule: RULES['hill-pulls'],
    data: { grade: STEEP, pullN },
    verdict: 'ok',
    caseId: heaviest.loadCase.id,
    counts: false,
    value: quantity(pullN, 'force'),
  });
};

const byHand = (heaviest: TowedCase): MotionFinding =>
  finding({
    ...plain,
    rule: RULES['hand-pull'],
    data: {
      firmN: rollingPullN(heaviest.massKg, ROLLING.firm),
      grassN: rollingPullN(heaviest.massKg, ROLLING.grass),
      grade: PATH,
      hillN: gradePullN(heaviest.massKg, PATH) + rollingPullN(heaviest.massKg, ROLLING.firm),
      tongueN: heaviest.standing.tongueN,
    },
    verdict: 'ok',
    caseId: heaviest.loadCase.id,
    counts: false,
  });

/** Tipping, what the vehicle's axles and brakes feel, hills. */
export const motionFindings = (trailer: Trailer, chassis: Chassis, cases: readonly BalancedCase[]): MotionFinding[] => {
  const heaviest = heaviestTowed(cases);
  if (!heaviest) return [];
  if (trailer.towVehicle?.kind === 'muscle') return [byHand(heaviest)];
  return [
    ...rollover(trailer, chassis, towedCases(cases)),
    ...onVehicle(trailer, heaviest),
    ...stopping(trailer, chassis, heaviest),
    hills(heaviest),
  ];
};
