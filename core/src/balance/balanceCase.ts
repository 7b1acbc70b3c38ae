import type { Chassis, Point3 } from '../chassis/index.js';
import { axlePlaces, itemParts, type Part, sumMass } from '../mass/index.js';
import type { LoadCase, Project, TongueBand } from '../project/index.js';
import { massOfWeightKg, weightN } from '../units/index.js';
import type { CaseMoments, WindowGeometry, WindowLimits } from './axleWindow.js';
import { groupCentreXM, type StaticMass, standingLoads, type Support } from './statics.js';

export interface AxleLoad {
  readonly id: 'axle.1' | 'axle.2';
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

const asStaticMass = (part: Part): StaticMass => ({
  massKg: part.massKg,
  xM: part.centre.xM,
  yM: part.centre.yM,
  ...(part.carriedBy === 'axle.1' ? { unsprungAxle: 0 as const } : {}),
  ...(part.carriedBy === 'axle.2' ? { unsprungAxle: 1 as const } : {}),
});

export const supportOf = (project: Project, chassis: Chassis, on: 'ball' | 'jack'): Support | undefined => {
  const [first, second] = axlePlaces(project);
  if (!first) return undefined;
  return {
    aheadXM: chassis.ballXM + (on === 'jack' ? project.coupling.jackBehindBallM : 0),
    axlesXM: second ? [first.xM, second.xM] : [first.xM],
    equaliserArms: project.runningGear.equaliserArms,
    trackM: project.runningGear.suspension.trackM,
  };
};

export const balanceCase = (
  project: Project,
  chassis: Chassis,
  bare: readonly Part[],
  loadCase: LoadCase,
): BalancedCase => balanceParts(project, chassis, [...bare, ...itemParts(project, chassis, loadCase)], loadCase);

/** The same of parts that are given, whatever the case says is aboard. */
export const balanceParts = (
  project: Project,
  chassis: Chassis,
  parts: readonly Part[],
  loadCase: LoadCase,
): BalancedCase => {
  const { massKg, centre } = sumMass(parts);
  const band = loadCase.tongueBand ?? project.tongueBand;
  const on = loadCase.mode === 'parked' ? 'jack' : 'ball';
  const support = supportOf(project, chassis, on);
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
      axles: axlePlaces(project).map((place, i) => ({
        ...place,
        ...(loads.axles[i] as { loadN: number; leftN: number; rightN: number }),
        sprungN: loads.sprungAxlesN[i] as number,
      })),
    },
  };
};

/** First moments of a case as the axle window needs them. */
export const momentsOf = (project: Project, { loadCase, parts }: BalancedCase): CaseMoments => {
  let fixedKg = 0;
  let fixedMomentKgM = 0;
  let movingKg = 0;
  let movingMomentKgM = 0;
  const unsprungKg = axlePlaces(project).map(() => 0);
  for (const { massKg, centre, carriedBy, movesWithAxle } of parts) {
    if (carriedBy === 'axle.1' || carriedBy === 'axle.2') {
      const axle = carriedBy === 'axle.1' ? 0 : 1;
      unsprungKg[axle] = (unsprungKg[axle] ?? 0) + massKg;
    } else if (movesWithAxle) {
      movingKg += massKg;
      movingMomentKgM += massKg * (centre.xM - project.runningGear.positionM);
    } else {
      fixedKg += massKg;
      fixedMomentKgM += massKg * centre.xM;
    }
  }
  return { id: loadCase.id, fixedKg, fixedMomentKgM, movingKg, movingMomentKgM, unsprungKg };
};

export const windowGeometry = (project: Project, chassis: Chassis): WindowGeometry | undefined => {
  const support = supportOf(project, chassis, 'ball');
  if (!support) return undefined;
  const [a, b] = support.equaliserArms;
  return {
    ballXM: chassis.ballXM,
    centreOffsetM: groupCentreXM(support) - project.runningGear.positionM,
    axleShares: support.axlesXM.length === 2 ? [b / (a + b), a / (a + b)] : [1],
  };
};

/** The least of what tow vehicle and coupler allow on the ball, N; undefined where neither is known. */
export const hitchLimitN = (project: Project): number | undefined => {
  const known = [project.towVehicle?.tongueLimitKg, project.coupling.tongueLimitKg].filter(
    (kg) => kg !== null && kg !== undefined,
  );
  return known.length > 0 ? weightN(Math.min(...known)) : undefined;
};

export const windowLimits = (project: Project, band: TongueBand): WindowLimits => {
  const rating = project.runningGear.axle.ratingKg;
  return {
    minShare: band.minShare,
    maxShare: band.maxShare,
    minTongueN: band.minKg === null ? undefined : weightN(band.minKg),
    maxTongueN: band.maxKg === null ? undefined : weightN(band.maxKg),
    hitchN: hitchLimitN(project),
    axleRatingsN: axlePlaces(project).map(() => (rating === null ? undefined : weightN(rating))),
  };
};

/** Lightest and heaviest tongue that a band lets a trailer of this mass have, kg. */
export const bandKg = (band: TongueBand, massKg: number): { readonly minKg: number; readonly maxKg: number } => ({
  minKg: Math.max(band.minShare * massKg, band.minKg ?? 0),
  maxKg: Math.min(band.maxShare * massKg, band.maxKg ?? Number.POSITIVE_INFINITY),
});

export const tongueKg = ({ standing }: BalancedCase): number | undefined =>
  standing && massOfWeightKg(standing.tongueN);
