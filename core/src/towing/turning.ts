import type { Chassis } from '../chassis/index.js';
import { itemPart } from '../mass/index.js';
import type { Trailer } from '../project/index.js';

/** A straight edge across the trailer, behind the ball, facing the vehicle. */
export interface FrontEdge {
  readonly what: 'bed' | 'item';
  readonly id: string;
  readonly behindBallM: number;
  readonly leftM: number;
  readonly rightM: number;
  /** its highest point above the top of the rails */
  readonly topZM: number;
  /** stays as far behind the ball however long the tongue is made */
  readonly withBall: boolean;
}

const sideTops = (chassis: Chassis): readonly number[] =>
  chassis.members.filter(({ group }) => group === 'side').map(({ extent }) => extent.z1M);

/** What stands nearest to the vehicle: the bed, and what is on tongue or deck in front. */
export const frontEdges = (trailer: Trailer, chassis: Chassis): readonly FrontEdge[] => {
  const half = trailer.frame.bed.widthM / 2;
  return [
    {
      what: 'bed',
      id: 'trailer',
      behindBallM: -chassis.ballXM,
      leftM: -half,
      rightM: half,
      topZM: Math.max(chassis.deckTopZM, ...chassis.panels.map(({ extent }) => extent.z1M), ...sideTops(chassis)),
      withBall: false,
    },
    ...trailer.items.flatMap((item): FrontEdge[] => {
      const part = itemPart(trailer, chassis, item);
      const behindBallM = part.x0M - chassis.ballXM;
      return behindBallM < -chassis.ballXM
        ? [
            {
              what: 'item',
              id: item.id,
              behindBallM,
              leftM: part.y0M,
              rightM: part.y1M,
              topZM: part.centre.zM + part.heightM / 2,
              withBall: item.attach.from === 'ball',
            },
          ]
        : [];
    }),
  ];
};

/**
 * Room between an edge and the vehicle's rear face when the trailer is turned by γ, m; infinite where the edge has swung past the
 * vehicle's side. The edge's points are (L·cosγ − t·sinγ, L·sinγ + t·cosγ) from the ball, t across the trailer: exact.
 */
export const roomAt = (edge: FrontEdge, gammaRad: number, bumperAheadM: number, halfVehicleM: number): number => {
  const { behindBallM: l } = edge;
  const [sin, cos] = [Math.sin(gammaRad), Math.cos(gammaRad)];
  // The corner that turns towards the vehicle.
  let [low, high] = [edge.leftM, edge.rightM];
  if (cos > 1e-12) {
    low = Math.max(low, (-halfVehicleM - l * sin) / cos);
    high = Math.min(high, (halfVehicleM - l * sin) / cos);
  } else if (Math.abs(l * sin) > halfVehicleM) return Number.POSITIVE_INFINITY;
  if (low > high) return Number.POSITIVE_INFINITY;
  return l * cos - (sin >= 0 ? high : low) * sin + bumperAheadM;
};

export interface TurnRoom {
  readonly edge: FrontEdge;
  readonly roomM: number;
}

/** The tightest edge at an angle, either way. */
export const tightestAt = (
  edges: readonly FrontEdge[],
  gammaRad: number,
  bumperAheadM: number,
  halfVehicleM: number,
): TurnRoom | undefined =>
  edges
    .flatMap((edge) => [gammaRad, -gammaRad].map((g) => ({ edge, roomM: roomAt(edge, g, bumperAheadM, halfVehicleM) })))
    .reduce<TurnRoom | undefined>((least, next) => (!least || next.roomM < least.roomM ? next : least), undefined);

const FULL_TURN_RAD = Math.PI / 2;
/** Just short of where an edge leaves the vehicle's width, rad. */
const JUST_SHORT_RAD = 1e-9;

/**
 * Angles between 0 and the wanted one at which an edge that turns one way can come nearest: where its corner enters or leaves the
 * vehicle's width H (l·sinγ + t·cosγ = ±H), where it itself leaves it, and where the width's side line is nearest to it (sinγ = H ÷ l).
 * Between them the room only falls or only grows.
 */
const turningPoints = (
  l: number,
  corner: number,
  other: number,
  half: number,
  wantedRad: number,
): readonly number[] => {
  const reaching = (t: number): number[] => {
    const size = Math.hypot(l, t);
    if (size < half) return [];
    const [rise, lead] = [Math.asin(half / size), Math.atan2(t, l)];
    return [rise - lead, Math.PI - rise - lead];
  };
  const leaves = reaching(other);
  return [
    0,
    wantedRad,
    ...reaching(corner),
    ...leaves,
    ...leaves.map((gamma) => gamma - JUST_SHORT_RAD),
    ...(l > half ? [Math.asin(half / l)] : []),
  ].filter((gamma) => gamma >= 0 && gamma <= wantedRad);
};

/** The least room of any edge on the way to an angle, either way: exact. */
export const leastRoomM = (
  edges: readonly FrontEdge[],
  wantedRad: number,
  bumperAheadM: number,
  halfVehicleM: number,
): number => {
  let least = Number.POSITIVE_INFINITY;
  for (const edge of edges) {
    const { behindBallM: l, leftM, rightM } = edge;
    for (const gamma of turningPoints(l, rightM, leftM, halfVehicleM, wantedRad))
      least = Math.min(least, roomAt(edge, gamma, bumperAheadM, halfVehicleM));
    for (const gamma of turningPoints(l, -leftM, -rightM, halfVehicleM, wantedRad))
      least = Math.min(least, roomAt(edge, -gamma, bumperAheadM, halfVehicleM));
  }
  return least;
};

/** The angle at which something first touches, rad; undefined where nothing does to 90°. */
export const touchAngleRad = (
  edges: readonly FrontEdge[],
  bumperAheadM: number,
  halfVehicleM: number,
): number | undefined => {
  const touches = (gamma: number): boolean => leastRoomM(edges, gamma, bumperAheadM, halfVehicleM) < 0;
  if (touches(0)) return 0;
  if (!touches(FULL_TURN_RAD)) return undefined;
  let [clear, touching] = [0, FULL_TURN_RAD];
  for (let k = 0; k < 50; k += 1) {
    const middle = (clear + touching) / 2;
    if (touches(middle)) touching = middle;
    else clear = middle;
  }
  return touching;
};

/** Edges as a tongue longer by so much would have them. */
const lengthened = (edges: readonly FrontEdge[], longerM: number): readonly FrontEdge[] =>
  edges.map((edge) => (edge.withBall ? edge : { ...edge, behindBallM: edge.behindBallM + longerM }));

/** Lengths that a tongue may be made longer or shorter by, m. */
const LENGTHEN_M = [-3, 5] as const;

/** Halvings of that stretch: to a fifth of a thousandth of a millimetre. */
const HALVINGS = 26;

/** The least change of length that satisfies; undefined where even the longest does not. */
export const leastLength = (clears: (longerM: number) => boolean): number | undefined => {
  let [short, long]: [number, number] = [...LENGTHEN_M];
  if (!clears(long)) return undefined;
  for (let k = 0; k < HALVINGS; k += 1) {
    const middle = (short + long) / 2;
    if (clears(middle)) long = middle;
    else short = middle;
  }
  return long;
};

/**
 * How much longer (or shorter, negative) the tongue must be for this room at every angle up to the wanted one, m; undefined where no
 * length helps, because what is in the way stands at the ball.
 */
export const tongueLacksM = (
  edges: readonly FrontEdge[],
  wantedRad: number,
  bumperAheadM: number,
  halfVehicleM: number,
  marginM: number,
): number | undefined =>
  leastLength((longerM) => leastRoomM(lengthened(edges, longerM), wantedRad, bumperAheadM, halfVehicleM) >= marginM);

/** The same for a tailgate that opens over it: what stands as high as the gate must be further back than it reaches. */
export const tailgateLacksM = (
  edges: readonly FrontEdge[],
  bumperAheadM: number,
  halfVehicleM: number,
  reachM: number,
): number | undefined =>
  leastLength((longerM) => {
    const straight = tightestAt(lengthened(edges, longerM), 0, bumperAheadM, halfVehicleM);
    return !straight || straight.roomM >= reachM;
  });

/** Distance backed in which a small angle between vehicle and trailer grows to a large one, m: L·ln(tan(γ₂ ÷ 2) ÷ tan(γ₁ ÷ 2)), ball over the rear axle. */
export const jackknifeTravelM = (ballToAxleM: number, fromRad: number, toRad: number): number =>
  ballToAxleM * Math.log(Math.tan(toRad / 2) / Math.tan(fromRad / 2));

/** How far the trailer's axle cuts inside the ball's circle, m: R − √(R² − L²), steady and slow. */
export const offTrackingM = (radiusM: number, ballToAxleM: number): number | undefined =>
  radiusM > ballToAxleM ? radiusM - Math.sqrt(radiusM ** 2 - ballToAxleM ** 2) : undefined;
