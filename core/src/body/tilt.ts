import type { BalancedCase } from '../balance/index.js';
import type { Chassis } from '../chassis/index.js';
import {
  checkShare,
  concluding,
  finding,
  type FindingOf,
  given,
  over,
  plus,
  minus,
  quantity,
  times,
  workedOut,
} from '../findings/index.js';
import { axleCount, heaviestMachine, rampRad, sumMass, tipsWithBed } from '../mass/index.js';
import type { Trailer } from '../project/index.js';
import { usualRailTopM } from '../suspension/index.js';
import { weightN } from '../units/index.js';
import { PIN_SHEAR, PIN_YIELD_PA, RULES, STEEP_RAD, TILT_BUMP } from './rules.js';

export interface TiltFindingData {
  'tilt-balance': {
    /** of the bed and what is on it, ahead of the pivot (+), m */
    readonly aheadM: number;
    readonly massKg: number;
    /** pulls the bed open at the latch where it is positive, N; undefined where the latch is at the pivot */
    readonly latchN: number | undefined;
  };
  'tilt-tips': {
    readonly machineKg: number;
    readonly tipsXM: number;
    readonly onBed: boolean;
  };
  'tilt-ramp': { readonly angleRad: number | undefined; readonly pivotM: number; readonly behindM: number };
  'tilt-pins': { readonly massKg: number };
}
export type TiltFinding = FindingOf<TiltFindingData>;

/** Where the bed goes down with a weight on it that comes from behind: moments about the pivot, m back from the bed's front edge. */
export const tippingXM = (pivotXM: number, bedKg: number, bedXM: number, machineKg: number): number =>
  pivotXM + (bedKg * (pivotXM - bedXM)) / machineKg;

interface Tilting {
  readonly balanced: BalancedCase;
  readonly massKg: number;
  readonly xM: number;
}

const tiltingOf = (trailer: Trailer, balanced: BalancedCase): Tilting[] => {
  const { massKg, centre } = sumMass(balanced.parts.filter((part) => tipsWithBed(trailer, part)));
  return centre ? [{ balanced, massKg, xM: centre.xM }] : [];
};

const balance = ({ pivotXM, latchXM }: NonNullable<Trailer['frame']['tilt']>, worst: Tilting): TiltFinding => {
  const aheadM = pivotXM - worst.xM;
  const armM = pivotXM - latchXM;
  const opensNm = weightN(worst.massKg) * -aheadM;
  return finding({
    rule: RULES['tilt-balance'],
    data: { aheadM, massKg: worst.massKg, latchN: Math.abs(armM) < 1e-6 ? undefined : opensNm / armM },
    verdict: aheadM < 0 ? 'tight' : 'ok',
    step: 'balance',
    subject: 'deck',
    caseId: worst.balanced.loadCase.id,
    counts: true,
    value: quantity(aheadM, 'length'),
    working: [
      given('bed-tips-weight', worst.massKg, 'mass'),
      concluding(
        workedOut('bed-ahead-of-pivot', minus(quantity(pivotXM, 'length'), quantity(worst.xM, 'length')), 'length'),
      ),
    ],
  });
};

const tipping = (trailer: Trailer, pivotXM: number, empty: Tilting): TiltFinding[] => {
  const machine = heaviestMachine(trailer);
  if (!machine) return [];
  const tipsXM = tippingXM(pivotXM, empty.massKg, empty.xM, machine.massKg);
  const onBed = tipsXM < trailer.frame.bed.lengthM;
  return [
    finding({
      rule: RULES['tilt-tips'],
      data: { machineKg: machine.massKg, tipsXM, onBed },
      verdict: onBed ? 'ok' : 'tight',
      step: 'frame',
      subject: machine.item.id,
      counts: true,
      value: quantity(tipsXM, 'length'),
      working: [
        given('bed-tips-weight', empty.massKg, 'mass'),
        concluding(
          workedOut(
            'machine-tips-at',
            plus(
              quantity(pivotXM, 'length'),
              over(
                times(quantity(empty.massKg, 'mass'), quantity(pivotXM - empty.xM, 'length')),
                quantity(machine.massKg, 'mass'),
              ),
            ),
            'length',
          ),
        ),
      ],
    }),
  ];
};

const ramp = (trailer: Trailer, chassis: Chassis, pivotXM: number): TiltFinding => {
  const pivotM = usualRailTopM(trailer, chassis.railHeightM, axleCount(trailer)) - chassis.railHeightM;
  const behindM = trailer.frame.bed.lengthM - pivotXM;
  const angleRad = behindM > 0 ? rampRad(pivotM, behindM) : undefined;
  return finding({
    rule: RULES['tilt-ramp'],
    data: { angleRad, pivotM, behindM },
    verdict: angleRad === undefined ? 'over' : angleRad > STEEP_RAD ? 'tight' : 'ok',
    step: 'frame',
    subject: 'deck',
    counts: true,
    value: quantity(behindM, 'length'),
    limit: quantity(pivotM / Math.sin(STEEP_RAD), 'length'),
    working:
      behindM > 0
        ? [
            concluding(
              workedOut('ramp-rises', over(quantity(pivotM, 'length'), quantity(behindM, 'length')), 'percent'),
            ),
          ]
        : [],
  });
};

const pins = (pinDiameterM: number, heaviest: Tilting): TiltFinding => {
  const areaM2 = (Math.PI * pinDiameterM ** 2) / 4;
  const forceN = (TILT_BUMP * weightN(heaviest.massKg)) / 2;
  const allowedPa = PIN_SHEAR * PIN_YIELD_PA;
  const feels = workedOut('shear-feels', over(quantity(forceN, 'force'), quantity(areaM2, 'area')), 'stress');
  return checkShare({
    rule: RULES['tilt-pins'],
    data: { massKg: heaviest.massKg },
    step: 'strength',
    subject: 'deck',
    caseId: heaviest.balanced.loadCase.id,
    counts: true,
    utilisation: feels.result.value / allowedPa,
    working: [
      feels,
      given('allowed', allowedPa, 'stress'),
      concluding(
        workedOut('works-at', over(quantity(feels.result.value, 'stress'), quantity(allowedPa, 'stress')), 'percent'),
      ),
    ],
  });
};

/** A bed that tips: where it balances under each load, where it goes down with a machine on it, how steep it then is, and its pins. */
export const tiltFindings = (trailer: Trailer, chassis: Chassis, cases: readonly BalancedCase[]): TiltFinding[] => {
  const { tilt } = trailer.frame;
  if (!tilt) return [];
  const towed = cases.filter(({ loadCase }) => loadCase.mode === 'towed').flatMap((one) => tiltingOf(trailer, one));
  const [first] = towed;
  if (!first) return [];
  const rearmost = towed.reduce((most, next) =>
    next.massKg * (next.xM - tilt.pivotXM) > most.massKg * (most.xM - tilt.pivotXM) ? next : most,
  );
  const heaviest = towed.reduce((most, next) => (next.massKg > most.massKg ? next : most));
  const lightest = towed.reduce((least, next) => (next.massKg < least.massKg ? next : least));
  return [
    balance(tilt, rearmost),
    ...tipping(trailer, tilt.pivotXM, lightest),
    ramp(trailer, chassis, tilt.pivotXM),
    pins(tilt.pinDiameterM, heaviest),
  ];
};
