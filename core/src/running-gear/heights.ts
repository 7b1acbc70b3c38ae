import { ballZM, type BalancedCase, levelWheelN, stackUnder } from '../balance/index.js';
import type { Chassis } from '../chassis/index.js';
import { axlePlaces } from '../mass/index.js';
import type { Trailer } from '../project/index.js';
import { bounceHz, type HeightStack, wheelRateNPerM } from '../suspension/index.js';
import { STANDARD_GRAVITY } from '../units/index.js';

/** How high everything rides in one case, level, from the ground, m. */
export interface RideHeights {
  readonly caseId: string;
  /** of the wheel that its springs carry most on */
  readonly stack: HeightStack;
  readonly railTopM: number;
  readonly deckM: number;
  /** ball centre at which it rides level */
  readonly couplerM: number;
  readonly balancePointM: number | undefined;
  /** lowest of axle tube and rails */
  readonly clearM: number;
  /** from the rear wheel's foot to the rear lower edge, rad */
  readonly departureRad: number | undefined;
  /** from the front wheel's foot up to the ball, rad */
  readonly approachRad: number | undefined;
  /** nose up behind this tow vehicle, rad; undefined where its hitch height is not known */
  readonly noseUpRad: number | undefined;
  /** jack from the tongue's top to the ground */
  readonly jackM: number;
  /** stands from the rails' underside to the ground */
  readonly standM: number;
  /** how fast it bounces; undefined where nothing springs */
  readonly bounceHz: number | undefined;
  readonly sprungWheelN: number;
}

const heightsOf = (trailer: Trailer, chassis: Chassis, balanced: BalancedCase): RideHeights | undefined => {
  const { standing, loadCase, centre, parts } = balanced;
  if (!standing) return undefined;
  const sprungWheelN = levelWheelN(trailer, chassis, parts);
  const stack = sprungWheelN === undefined ? undefined : stackUnder(trailer, chassis, sprungWheelN);
  if (sprungWheelN === undefined || !stack) return undefined;
  const railTopM = stack.railBottomM + chassis.railHeightM;
  const { axle } = trailer.runningGear;
  const ballM = ballZM(chassis);
  const rearM = trailer.frame.bed.lengthM - (axlePlaces(trailer).at(-1)?.xM ?? 0);
  const frontM = (axlePlaces(trailer)[0]?.xM ?? 0) - chassis.ballXM;
  const hitchM = trailer.towVehicle?.hitchHeightM ?? null;
  const couplerM = railTopM + ballM;
  const rate = wheelRateNPerM(trailer);
  return {
    caseId: loadCase.id,
    stack,
    railTopM,
    deckM: railTopM + chassis.deckTopZM,
    couplerM,
    balancePointM: centre && railTopM + centre.zM,
    clearM: Math.min(stack.railBottomM, stack.tubeMiddleM - axle.tubeDiameterM / 2),
    departureRad: rearM > 0 ? Math.atan2(stack.railBottomM, rearM) : undefined,
    approachRad: frontM > 0 ? Math.atan2(couplerM, frontM) : undefined,
    noseUpRad: hitchM === null ? undefined : Math.atan2(hitchM - couplerM, standing.groupCentreXM - chassis.ballXM),
    jackM: railTopM + (chassis.tongue?.topZM ?? 0),
    standM: stack.railBottomM,
    bounceHz: rate === undefined || sprungWheelN <= 0 ? undefined : bounceHz(rate, sprungWheelN / STANDARD_GRAVITY),
    sprungWheelN,
  };
};

/** Heights of every case whose suspension says how high it rides, in the order of the cases. */
export const rideHeights = (
  trailer: Trailer,
  chassis: Chassis,
  cases: readonly BalancedCase[],
): readonly RideHeights[] => cases.flatMap((balanced) => heightsOf(trailer, chassis, balanced) ?? []);

/** How it rides under the load that presses its springs most: what hangers, stands and the jack go by. */
export const loadedRide = (rides: readonly RideHeights[]): RideHeights | undefined =>
  rides.reduce<RideHeights | undefined>(
    (most, next) => (!most || next.sprungWheelN > most.sprungWheelN ? next : most),
    undefined,
  );
