import type { Chassis } from '../chassis/index.js';
import type { Trailer } from '../project/index.js';
import { inches } from '../units/index.js';
import type { RideHeights } from './heights.js';

/** A gap between something that moves with the wheel and something that does not. */
export interface Clearance {
  readonly what:
    | 'tire-frame'
    | 'tire-spring'
    | 'tire-deck'
    | 'tire-fender'
    | 'fender-outside'
    | 'axle-frame'
    | 'tire-tire';
  readonly caseId: string | undefined;
  /** standing in that load, m; negative where they are in each other */
  readonly restM: number;
  /** in a hard bump */
  readonly bumpM: number;
  /** what shops leave there at rest */
  readonly wantedM: number;
}

/** Shop clearances: tire beside steel 1 in, 1-1/2 in on leaf springs; half an inch goes as springs and tires lean; beside a fender 1-1/2 in; over the tire its travel and 1 in (common practice). */
const BESIDE_M = inches(1);
const BESIDE_LEAF_M = inches(1.5);
const LEAN_M = inches(0.5);
export const OUTSIDE_M = inches(1.5);
export const OVER_M = inches(1);
/** Between the tires of a tandem, common practice: 2 in. */
const BETWEEN_M = inches(2);

/** Sideways gaps do not change with the load. */
const sideways = (trailer: Trailer, chassis: Chassis): Clearance[] => {
  const { suspension, tire, fender, layout, spacingM } = trailer.runningGear;
  const half = trailer.frame.bed.widthM / 2;
  const insideM = suspension.trackM / 2 - tire.widthM / 2;
  const outsideM = suspension.trackM / 2 + tire.widthM / 2;
  const found: Clearance[] = [];
  // With the tire under the bed the frame beside it is the rail that stands further in.
  if (insideM > half - chassis.railWidthM * 0.5) {
    const restM = insideM - half;
    found.push({
      what: 'tire-frame',
      caseId: undefined,
      restM,
      bumpM: restM - LEAN_M,
      wantedM: suspension.kind === 'leaf' ? BESIDE_LEAF_M : BESIDE_M,
    });
  }
  if (suspension.kind === 'leaf') {
    const springEdgeM = half - chassis.railWidthM / 2 + suspension.spring.leafWidthM / 2;
    const restM = insideM - springEdgeM;
    found.push({ what: 'tire-spring', caseId: undefined, restM, bumpM: restM - LEAN_M, wantedM: BESIDE_M });
  }
  if (fender.kind === 'fitted') {
    const restM = half + fender.reachM - outsideM;
    found.push({ what: 'fender-outside', caseId: undefined, restM, bumpM: restM - LEAN_M, wantedM: OUTSIDE_M });
  }
  if (layout !== 'none' && layout !== 'single') {
    const restM = spacingM - tire.diameterM;
    found.push({ what: 'tire-tire', caseId: undefined, restM, bumpM: restM, wantedM: BETWEEN_M });
  }
  return found;
};

/** Gaps over the tire and over the axle shrink as the load and the bump bring them up. */
const upright = (trailer: Trailer, chassis: Chassis, ride: RideHeights): Clearance[] => {
  const { suspension, tire, fender } = trailer.runningGear;
  const { stack, railTopM, caseId } = ride;
  const travelM = suspension.bumpTravelM;
  const tireTopM = stack.hubM + tire.diameterM / 2;
  const half = trailer.frame.bed.widthM / 2;
  const insideM = suspension.trackM / 2 - tire.widthM / 2;
  const found: Clearance[] = [];
  const over = (what: Clearance['what'], restM: number, wantedM: number): void => {
    found.push({ what, caseId, restM, bumpM: restM - travelM, wantedM });
  };
  if (insideM < half) {
    // The rail is in the way where it stands over the tire, the deck everywhere inside the bed's edge.
    const railOver = half - chassis.railWidthM < suspension.trackM / 2 + tire.widthM / 2;
    const undersideM = railOver ? stack.railBottomM : ride.deckM - trailer.frame.deck.thicknessM;
    over('tire-deck', undersideM - tireTopM, travelM + OVER_M);
  }
  if (fender.kind === 'fitted') over('tire-fender', railTopM + fender.aboveRailM - tireTopM, travelM + OVER_M);
  if (stack.strikeM !== undefined) over('axle-frame', stack.strikeM, travelM);
  return found;
};

/** Every clearance of every load; the worst case of each stands first among its kind. */
export const clearances = (trailer: Trailer, chassis: Chassis, rides: readonly RideHeights[]): readonly Clearance[] =>
  trailer.runningGear.layout === 'none'
    ? []
    : [...sideways(trailer, chassis), ...rides.flatMap((ride) => upright(trailer, chassis, ride))].sort(
        (a, b) => a.bumpM - b.bumpM,
      );

/** The tightest of each kind. */
export const worstClearances = (all: readonly Clearance[]): readonly Clearance[] =>
  all.filter((one, i) => all.findIndex(({ what }) => what === one.what) === i);

/** Room that hands and studs want under a fender's edge, m: common practice. */
const HANDS_M = inches(0.5);

/** How far the frame must be lifted off its axle before a wheel comes out sideways under its fender's edge; undefined without fenders. */
export const liftToTakeWheelM = (trailer: Trailer, ride: RideHeights): number | undefined => {
  const { fender, tire } = trailer.runningGear;
  if (fender.kind === 'none') return undefined;
  const edgeM = ride.railTopM + fender.aboveRailM - fender.skirtM;
  const tireTopM = ride.stack.hubM + tire.diameterM / 2;
  return Math.max(0, tireTopM + HANDS_M - edgeM);
};
