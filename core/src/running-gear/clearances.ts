import { boxesAlong, type Chassis, panelBoxes } from '../chassis/index.js';
import { axlePlaces } from '../mass/index.js';
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

/** What a wheel must come out under, sideways: the lowest edge outboard of it, and what that belongs to. */
export interface WheelOff {
  /** how far the frame must be lifted off its axle first; 0 where it comes out as it stands */
  readonly liftM: number;
  /** fender, bed, or the id of the bar or panel that is in the way; undefined where nothing is */
  readonly under: 'fender' | 'bed' | (string & {}) | undefined;
}

/** Edges of bed, fender, bars and panels that lie over a wheel and reach out past its inner face, above the ground, m. */
const edgesOver = (
  trailer: Trailer,
  chassis: Chassis,
  ride: RideHeights,
): readonly { readonly under: string; readonly zM: number }[] => {
  const { fender, suspension, tire } = trailer.runningGear;
  const half = trailer.frame.bed.widthM / 2;
  const innerM = suspension.trackM / 2 - tire.widthM / 2;
  const edges: { under: string; zM: number }[] = [];
  if (fender.kind === 'fitted') edges.push({ under: 'fender', zM: ride.railTopM + fender.aboveRailM - fender.skirtM });
  if (half > innerM) edges.push({ under: 'bed', zM: ride.stack.railBottomM });
  const boxes = [
    ...chassis.members.flatMap((member) => boxesAlong(member).map((box) => ({ id: member.id, box }))),
    ...chassis.panels.flatMap((panel) =>
      panel.own ? panelBoxes(panel, panel.own).map((box) => ({ id: panel.id, box })) : [],
    ),
  ];
  const radiusM = tire.diameterM / 2;
  for (const { xM } of axlePlaces(trailer))
    for (const { id, box } of boxes) {
      const beside = box.x1M > xM - radiusM && box.x0M < xM + radiusM && Math.max(box.y1M, -box.y0M) > innerM;
      // What hangs lower than the hub stands before the wheel, not over it.
      if (beside && ride.railTopM + box.z0M > ride.stack.hubM) edges.push({ under: id, zM: ride.railTopM + box.z0M });
    }
  return edges;
};

/** How far the frame must be lifted off its axle before a wheel comes out sideways under fender, bed or body; undefined where nothing is over it. */
export const takeWheelOff = (trailer: Trailer, chassis: Chassis, ride: RideHeights): WheelOff => {
  const tireTopM = ride.stack.hubM + trailer.runningGear.tire.diameterM / 2;
  const [lowest] = edgesOver(trailer, chassis, ride).toSorted((a, b) => a.zM - b.zM);
  const liftM = lowest ? Math.max(0, tireTopM + HANDS_M - lowest.zM) : 0;
  return { liftM, under: lowest?.under };
};
