import {
  check,
  concluding,
  finding,
  type FindingOf,
  given,
  over,
  plus,
  quantity,
  times,
  type Verdict,
  type WorkingLine,
  workedOut,
  minus,
} from '../findings/index.js';
import { axleRatingKg, schoolOf, type TongueBand, type Trailer } from '../project/index.js';
import { commonPractice, publishedVerify, type Source } from '../source.js';
import { massOfWeightKg, pounds, weightN } from '../units/index.js';
import type { AxlePlacement } from './axlePlacement.js';
import type { AxleWindow } from './axleWindow.js';
import { type BalancedCase, bandKg, hitchLimitN } from './balanceCase.js';
import { JUST_OFF, NEAR_EDGE, RULES } from './rules.js';

export interface BalanceFindingData {
  'tongue-share': {
    readonly tongueN: number;
    readonly share: number;
    readonly band: TongueBand;
    readonly side: 'within' | 'too-light' | 'too-heavy' | 'lifts';
    /** pulled at a walking pace, where nothing sways */
    readonly slow: boolean;
    /** a tandem with nothing aboard that has as much as the bathroom scale asks of it */
    readonly enoughForScale: boolean;
  };
  'tongue-limit': {
    readonly tongueN: number;
    readonly limitN: number | undefined;
    readonly by: 'tow-vehicle' | 'coupler' | 'nobody';
    readonly vehicleUnknown: boolean;
  };
  'jack-load': { readonly loadN: number };
  'loading-uplift': { readonly tongueN: number };
  'sixty-forty': { readonly ruleM: number; readonly window: AxleWindow; readonly ruleFits: boolean };
  'axle-window': { readonly window: AxleWindow; readonly positionM: number; readonly inside: boolean };
  'no-cases': Record<string, never>;
}
export type BalanceFinding = FindingOf<BalanceFindingData>;
const SCHOOL_SOURCES: Readonly<Record<Trailer['settings']['tongueSchool'], Source>> = {
  'north-america': commonPractice('10 to 15 % of the loaded trailer; SAE J2807 tests at 10 %'),
  europe: publishedVerify(
    'StVZO §44(3); Regulation (EU) 1230/2012: at least 4 %, at most the plate of coupling and vehicle',
  ),
  australia: commonPractice('about 10 % of the loaded trailer'),
  'muscle-pulled': commonPractice('a few percent, never negative'),
  own: { kind: 'own', note: 'your own band' },
};

const KG = (kg: number) => quantity(kg, 'mass');

/** The steps from weight and balance point to the load on the tongue. */
const tongueWorking = ({ massKg, centre, standing }: BalancedCase): WorkingLine[] => {
  if (!standing || !centre) return [];
  const sprungKg = massOfWeightKg(standing.aheadN + standing.axles.reduce((sum, axle) => sum + axle.loadN, 0));
  const armM = standing.groupCentreXM - centre.xM;
  const baseM = standing.groupCentreXM - standing.aheadXM;
  // With unequal equaliser arms the axles' own weight does not stand at the group's centre, so the arm is told by the load it gives.
  const toldArmM = (massOfWeightKg(standing.aheadN) * baseM) / sprungKg;
  return [
    given('whole-trailer', massKg, 'mass'),
    given('balance-point-to-axle', Math.abs(toldArmM - armM) < 1e-9 ? armM : toldArmM, 'length'),
    given('ball-to-axle', baseM, 'length'),
    concluding(
      workedOut(
        'tongue-load',
        over(times(KG(massKg), quantity(toldArmM, 'length')), quantity(baseM, 'length')),
        'mass',
      ),
    ),
  ];
};

const sideOf = (tongueKg: number, minKg: number, maxKg: number): BalanceFindingData['tongue-share']['side'] =>
  tongueKg < 0 ? 'lifts' : tongueKg < minKg ? 'too-light' : tongueKg > maxKg ? 'too-heavy' : 'within';

/** A small machine pulls at a walking pace: a light tongue sways nothing there, it only lets the hitch chatter. */
const isSlow = ({ towVehicle }: Trailer): boolean => towVehicle?.kind === 'small-machine';

/** An empty tandem by the bathroom scale, at least: 75 lb (common practice). */
const SCALE_KG = pounds(75);

const tongueShare = (trailer: Trailer, balanced: BalancedCase): BalanceFinding[] => {
  const { standing, massKg, band, loadCase } = balanced;
  if (!standing || loadCase.mode !== 'towed') return [];
  const tongueKg = massOfWeightKg(standing.tongueN);
  const { minKg, maxKg } = bandKg(band, massKg);
  const side = sideOf(tongueKg, minKg, maxKg);
  const near = (maxKg - minKg) * NEAR_EDGE;
  // So near to its band no scale and no guess tells it from one that is within.
  const off = Math.max(minKg - tongueKg, tongueKg - maxKg) / massKg;
  const slow = isSlow(trailer);
  const verdict: Verdict =
    side === 'lifts' || (off > JUST_OFF && !(slow && side === 'too-light'))
      ? 'over'
      : side !== 'within'
        ? 'tight'
        : tongueKg < minKg + near || tongueKg > maxKg - near
          ? 'tight'
          : 'ok';
  return [
    finding({
      rule: RULES['tongue-share'],
      data: {
        tongueN: standing.tongueN,
        share: standing.tongueShare,
        band,
        side,
        slow,
        enoughForScale: standing.axles.length > 1 && loadCase.aboard.length === 0 && tongueKg >= SCALE_KG,
      },
      verdict,
      step: 'balance',
      subject: 'trailer',
      caseId: loadCase.id,
      counts: true,
      value: quantity(standing.tongueShare, 'percent'),
      limit: quantity((side === 'too-heavy' ? maxKg : minKg) / massKg, 'percent'),
      working: [
        ...tongueWorking(balanced),
        concluding(workedOut('tongue-share', over(KG(tongueKg), KG(massKg)), 'percent')),
      ],
      aspect: loadCase.id,
      source: loadCase.tongueBand ? SCHOOL_SOURCES.own : SCHOOL_SOURCES[schoolOf(trailer)],
    }),
  ];
};

const worstTongue = (cases: readonly BalancedCase[]): BalancedCase | undefined =>
  cases
    .filter(({ standing, loadCase }) => standing && loadCase.mode !== 'parked')
    .reduce<BalancedCase | undefined>(
      (worst, next) =>
        (next.standing?.tongueN ?? 0) > (worst?.standing?.tongueN ?? Number.NEGATIVE_INFINITY) ? next : worst,
      undefined,
    );

const tongueLimit = (trailer: Trailer, cases: readonly BalancedCase[]): BalanceFinding[] => {
  const worst = worstTongue(cases);
  if (!worst?.standing) return [];
  const { tongueN } = worst.standing;
  const limitN = hitchLimitN(trailer);
  // People hold what they can: nothing of theirs is stamped.
  const byHand = trailer.towVehicle?.kind === 'muscle';
  if (byHand && limitN === undefined) return [];
  const vehicleUnknown = !byHand && (trailer.towVehicle?.tongueLimitKg ?? null) === null;
  const by =
    limitN === undefined
      ? 'nobody'
      : limitN === weightN(trailer.towVehicle?.tongueLimitKg ?? Number.NaN)
        ? 'tow-vehicle'
        : 'coupler';
  const judged = check({
    rule: RULES['tongue-limit'],
    data: { tongueN, limitN, by, vehicleUnknown },
    step: 'tongue',
    subject: 'coupler',
    caseId: worst.loadCase.id,
    asked: quantity(tongueN, 'load'),
    allowed: limitN === undefined ? undefined : quantity(limitN, 'load'),
    working: tongueWorking(worst),
  });
  // The coupler's plate alone does not answer for the vehicle: what it allows must be known, too.
  return [vehicleUnknown && judged.verdict !== 'over' ? { ...judged, verdict: 'open' } : judged];
};

const standingStill = (balanced: BalancedCase): BalanceFinding[] => {
  const { standing, loadCase } = balanced;
  if (!standing || loadCase.mode === 'towed') return [];
  const common = {
    verdict: (standing.aheadN < 0 ? 'over' : 'ok') as Verdict,
    step: 'balance' as const,
    caseId: loadCase.id,
    aspect: loadCase.id,
    value: quantity(standing.aheadN, 'load'),
    limit: quantity(0, 'load'),
    working: tongueWorking(balanced),
  };
  return loadCase.mode === 'parked'
    ? [finding({ ...common, rule: RULES['jack-load'], subject: 'jack', data: { loadN: standing.aheadN } })]
    : [finding({ ...common, rule: RULES['loading-uplift'], subject: 'coupler', data: { tongueN: standing.tongueN } })];
};

const sixtyForty = (trailer: Trailer, { ruleOfThumbM, window }: AxlePlacement): BalanceFinding => {
  const ruleFits = window.kind === 'window' && window.fromM <= ruleOfThumbM && ruleOfThumbM <= window.toM;
  return finding({
    rule: RULES['sixty-forty'],
    data: { ruleM: ruleOfThumbM, window, ruleFits },
    verdict: window.kind === 'window' ? (ruleFits ? 'ok' : 'tight') : 'unchecked',
    step: 'axle',
    subject: 'axle.1',
    counts: false,
    value: quantity(ruleOfThumbM, 'length'),
    working: [
      concluding(
        workedOut(
          'sixty-percent',
          times(quantity(trailer.frame.bed.lengthM, 'length'), quantity(0.6, 'number')),
          'length',
        ),
      ),
    ],
  });
};

/** Whether every load that counts is within its band, or so near to it that no scale tells it apart. */
const nearEnough = (trailer: Trailer, cases: readonly BalancedCase[]): boolean => {
  const rating = axleRatingKg(trailer.runningGear);
  const hitchN = hitchLimitN(trailer) ?? Number.POSITIVE_INFINITY;
  return cases.every(({ standing, massKg, band, loadCase }) => {
    if (loadCase.mode !== 'towed' || !loadCase.countsForWindow || !standing) return true;
    const { minKg, maxKg } = bandKg(band, massKg);
    const tongueKg = massOfWeightKg(standing.tongueN);
    const offKg = Math.max(isSlow(trailer) && tongueKg >= 0 ? 0 : minKg - tongueKg, tongueKg - maxKg);
    return (
      offKg <= JUST_OFF * massKg &&
      standing.tongueN <= hitchN &&
      standing.axles.every(({ loadN }) => rating === null || loadN <= weightN(rating))
    );
  });
};

const axleWindow = (trailer: Trailer, cases: readonly BalancedCase[], { window }: AxlePlacement): BalanceFinding => {
  const { positionM } = trailer.runningGear;
  const inside = window.kind === 'window' && window.fromM <= positionM && positionM <= window.toM;
  return finding({
    rule: RULES['axle-window'],
    data: { window, positionM, inside },
    verdict: window.kind === 'none-asked' ? 'open' : inside ? 'ok' : nearEnough(trailer, cases) ? 'tight' : 'over',
    step: 'balance',
    subject: 'axle.1',
    counts: true,
    value: quantity(positionM, 'length'),
    working:
      window.kind === 'window' ? [given('ball-to-axle', positionM + trailer.frame.tongue.lengthM, 'length')] : [],
  });
};

export const balanceFindings = (
  trailer: Trailer,
  cases: readonly BalancedCase[],
  placement: AxlePlacement,
): BalanceFinding[] => {
  if (cases.length === 0) {
    return [
      finding({
        rule: RULES['no-cases'],
        data: {},
        verdict: 'open',
        step: 'loads',
        subject: 'trailer',
        counts: true,
        working: [],
      }),
    ];
  }
  if (trailer.runningGear.layout === 'none') return [];
  return [
    ...cases.flatMap((balanced) => [...tongueShare(trailer, balanced), ...standingStill(balanced)]),
    ...tongueLimit(trailer, cases),
    axleWindow(trailer, cases, placement),
    sixtyForty(trailer, placement),
  ];
};

/** Load on one axle of a case, worked out from the tongue. */
export const axleWorking = (balanced: BalancedCase, axleIndex: number): WorkingLine[] => {
  const { standing, massKg } = balanced;
  const axle = standing?.axles[axleIndex];
  if (!standing || !axle) return [];
  const aheadKg = massOfWeightKg(standing.aheadN);
  const lines = [...tongueWorking(balanced), workedOut('axle-group-load', minus(KG(massKg), KG(aheadKg)), 'mass')];
  if (standing.axles.length === 1) return lines;
  const sprungKg = massOfWeightKg(standing.axles.reduce((sum, each) => sum + each.sprungN, 0));
  const ownKg = massOfWeightKg(axle.loadN - axle.sprungN);
  const share = massOfWeightKg(axle.sprungN) / sprungKg;
  return [
    ...lines,
    given('axle-own-weight', ownKg, 'mass'),
    workedOut('axle-load', plus(times(KG(sprungKg), quantity(share, 'percent')), KG(ownKg)), 'mass'),
  ];
};
