import type { Chassis, Point3 } from '../chassis/index.js';
import {
  type AxleId,
  axlePlaces,
  inState,
  isIndependent,
  itemParts,
  type Part,
  sumMass,
  unsprungAxleOf,
} from '../mass/index.js';
import { axleRatingKg, type LoadCase, type Trailer, type TongueBand } from '../project/index.js';
import { massOfWeightKg, weightN } from '../units/index.js';
import type { CaseMoments, WindowGeometry, WindowLimits } from './windowTypes.js';
import { wheelRateNPerM } from '../suspension/index.js';
import { asStaticMass, ballZM, levelSupport, stackUnder } from './frameHeight.js';
import type { AxleSprings } from './springSharing.js';
import { groupCentreXM, standingLoads, type Support } from './statics.js';

export interface AxleLoad {
  readonly id: AxleId;
  readonly xM: number;
  readonly loadN: number;
  readonly leftN: number;
  readonly rightN: number;
  /** what springs and hangers of this axle pass */
  readonly sprungN: number;
}

/** One load case, standing still and level. */
export interface BalancedCase {
  readonly loadCase: LoadCase;
  readonly parts: readonly Part[];
  readonly massKg: number;
  readonly centre: Point3 | undefined;
  readonly band: TongueBand;
  /** where it can be worked out: an axle behind the ball and something that weighs */
  readonly standing:
    | {
        readonly on: 'ball' | 'jack';
        readonly aheadXM: number;
        readonly aheadN: number;
        /** on the ball; 0 when parked on the jack */
        readonly tongueN: number;
        /** tongue load as a share of the gross weight */
        readonly tongueShare: number;
        readonly groupCentreXM: number;
        readonly axles: readonly AxleLoad[];
      }
    | undefined;
}

/** How far the hitch goes down for each newton on it; nothing where its height or its springs are not known. */
const hitchSinksMPerN = ({ towVehicle }: Trailer): number =>
  towVehicle && towVehicle.hitchHeightM !== null ? massOfWeightKg(towVehicle.hitchSinksMPerKg ?? 0) : 0;

/** The springs of axles without an equaliser, where the hitch's height is known: without it they are taken to ride level. */
const springsOf = (trailer: Trailer, chassis: Chassis): AxleSprings | undefined => {
  const rate = wheelRateNPerM(trailer);
  const hitchM = trailer.towVehicle?.hitchHeightM ?? null;
  if (!isIndependent(trailer) || rate === undefined || hitchM === null) return undefined;
  const free = stackUnder(trailer, chassis, 0);
  if (!free) return undefined;
  return {
    ratesNPerM: axlePlaces(trailer).map(() => 2 * rate),
    freeAboveBallM: free.railBottomM + chassis.railHeightM + ballZM(chassis) - hitchM,
    sinksMPerN: hitchSinksMPerN(trailer),
  };
};

export const supportOf = (trailer: Trailer, chassis: Chassis, on: 'ball' | 'jack'): Support | undefined => {
  const level = levelSupport(trailer, chassis, on);
  return level && (on === 'ball' ? { ...level, springs: springsOf(trailer, chassis) } : level);
};

export const balanceCase = (
  trailer: Trailer,
  chassis: Chassis,
  bare: readonly Part[],
  loadCase: LoadCase,
): BalancedCase =>
  balanceParts(
    trailer,
    chassis,
    inState(trailer, chassis, [...bare, ...itemParts(trailer, chassis, loadCase)], loadCase),
    loadCase,
  );

/** The same of parts that are given, whatever the case says is aboard. */
export const balanceParts = (
  trailer: Trailer,
  chassis: Chassis,
  parts: readonly Part[],
  loadCase: LoadCase,
): BalancedCase => {
  const { massKg, centre } = sumMass(parts);
  const band = loadCase.tongueBand ?? trailer.tongueBand;
  const on = loadCase.mode === 'parked' ? 'jack' : 'ball';
  const support = supportOf(trailer, chassis, on);
  const loads = support && massKg > 0 ? standingLoads(parts.map(asStaticMass), support) : undefined;
  if (!support || !loads) return { loadCase, parts, massKg, centre, band, standing: undefined };
  const tongueN = on === 'ball' ? loads.aheadN : 0;
  return {
    loadCase,
    parts,
    massKg,
    centre,
    band,
    standing: {
      on,
      aheadXM: support.aheadXM,
      aheadN: loads.aheadN,
      tongueN,
      tongueShare: tongueN / loads.weightN,
      groupCentreXM: groupCentreXM(support),
      axles: axlePlaces(trailer).map((place, i) => ({
        ...place,
        ...(loads.axles[i] as { loadN: number; leftN: number; rightN: number }),
        sprungN: loads.sprungAxlesN[i] as number,
      })),
    },
  };
};

/** First moments of a case as the axle window needs them. */
export const momentsOf = (trailer: Trailer, { loadCase, parts }: BalancedCase): CaseMoments => {
  let fixedKg = 0;
  let fixedMomentKgM = 0;
  let movingKg = 0;
  let movingMomentKgM = 0;
  const unsprungKg = axlePlaces(trailer).map(() => 0);
  for (const { massKg, centre, carriedBy, movesWithAxle } of parts) {
    const axle = unsprungAxleOf({ carriedBy });
    if (axle !== undefined) {
      unsprungKg[axle] = (unsprungKg[axle] ?? 0) + massKg;
    } else if (movesWithAxle) {
      movingKg += massKg;
      movingMomentKgM += massKg * (centre.xM - trailer.runningGear.positionM);
    } else {
      fixedKg += massKg;
      fixedMomentKgM += massKg * centre.xM;
    }
  }
  return { id: loadCase.id, fixedKg, fixedMomentKgM, movingKg, movingMomentKgM, unsprungKg };
};

export const windowGeometry = (trailer: Trailer, chassis: Chassis): WindowGeometry | undefined => {
  const support = supportOf(trailer, chassis, 'ball');
  if (!support) return undefined;
  return {
    ballXM: chassis.ballXM,
    centreOffsetM: groupCentreXM(support) - trailer.runningGear.positionM,
    axleShares: support.shares,
    springs: support.springs && {
      ...support.springs,
      axleOffsetsM: support.axlesXM.map((x) => x - trailer.runningGear.positionM),
    },
  };
};

/** The least of what tow vehicle and coupler allow on the ball, N; undefined where neither is known. */
export const hitchLimitN = (trailer: Trailer): number | undefined => {
  const known = [trailer.towVehicle?.tongueLimitKg, trailer.coupling.tongueLimitKg].filter(
    (kg) => kg !== null && kg !== undefined,
  );
  return known.length > 0 ? weightN(Math.min(...known)) : undefined;
};

export const windowLimits = (
  trailer: Trailer,
  { band, massKg }: Pick<BalancedCase, 'band' | 'massKg'>,
): WindowLimits => {
  const rating = axleRatingKg(trailer.runningGear);
  return {
    minShare: leastShare(band, massKg),
    maxShare: band.maxShare,
    minTongueN: band.minKg === null ? undefined : weightN(band.minKg),
    maxTongueN: band.maxKg === null ? undefined : weightN(band.maxKg),
    hitchN: hitchLimitN(trailer),
    axleRatingsN: axlePlaces(trailer).map(() => (rating === null ? undefined : weightN(rating))),
  };
};

/** Least share of this mass, where so many kilograms are enough whatever share they are. */
const leastShare = ({ minShare, enoughKg }: TongueBand, massKg: number): number =>
  enoughKg === null || !(massKg > 0) ? minShare : Math.min(minShare, enoughKg / massKg);

/** Lightest and heaviest tongue that a band lets a trailer of this mass have, kg. */
export const bandKg = (band: TongueBand, massKg: number): { readonly minKg: number; readonly maxKg: number } => ({
  minKg: Math.max(leastShare(band, massKg) * massKg, band.minKg ?? 0),
  maxKg: Math.min(band.maxShare * massKg, band.maxKg ?? Number.POSITIVE_INFINITY),
});

/** The band of a load as shares of its weight, whatever of it is told in kg. */
export const bandShares = ({
  band,
  massKg,
}: Pick<BalancedCase, 'band' | 'massKg'>): { readonly minShare: number; readonly maxShare: number } => {
  if (!(massKg > 0)) return { minShare: band.minShare, maxShare: band.maxShare };
  const { minKg, maxKg } = bandKg(band, massKg);
  return { minShare: minKg / massKg, maxShare: maxKg / massKg };
};

/** Whether what presses on its ball is within its band, to the last rounding; not where it stands on none. */
export const isWithinBand = (own: Pick<BalancedCase, 'band' | 'massKg' | 'standing'>): boolean => {
  if (!own.standing) return false;
  const kg = massOfWeightKg(own.standing.tongueN);
  const { minKg, maxKg } = bandKg(own.band, own.massKg);
  return kg >= minKg - 1e-9 && kg <= maxKg + 1e-9;
};

export const tongueKg = ({ standing }: BalancedCase): number | undefined =>
  standing && massOfWeightKg(standing.tongueN);
