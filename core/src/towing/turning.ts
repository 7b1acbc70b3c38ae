import type { Chassis } from '../chassis/index.js';
import { itemPart } from '../mass/index.js';
import type { Project } from '../project/index.js';

/** A straight edge across the trailer, behind the ball, facing the vehicle. */
export interface FrontEdge {
  readonly what: 'bed' | 'item';
  readonly id: string;
  readonly behindBallM: number;
  readonly leftM: number;
  readonly rightM: number;
}

/** What stands nearest to the vehicle: the bed, and what is on tongue or deck in front. */
export const frontEdges = (project: Project, chassis: Chassis): readonly FrontEdge[] => {
  const half = project.frame.bed.widthM / 2;
  return [
    { what: 'bed', id: 'trailer', behindBallM: -chassis.ballXM, leftM: -half, rightM: half },
    ...project.items.flatMap((item): FrontEdge[] => {
      const part = itemPart(project, chassis, item);
      const behindBallM = part.x0M - chassis.ballXM;
      return behindBallM < -chassis.ballXM
        ? [{ what: 'item', id: item.id, behindBallM, leftM: part.y0M, rightM: part.y1M }]
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
const LOOKS = 360;

/** The angle at which something first touches, rad; undefined where nothing does to 90°. */
export const touchAngleRad = (
  edges: readonly FrontEdge[],
  bumperAheadM: number,
  halfVehicleM: number,
): number | undefined => {
  const touches = (gamma: number): boolean => (tightestAt(edges, gamma, bumperAheadM, halfVehicleM)?.roomM ?? 1) < 0;
  if (touches(0)) return 0;
  for (let i = 1; i <= LOOKS; i += 1) {
    const high = (FULL_TURN_RAD * i) / LOOKS;
    if (!touches(high)) continue;
    let [clear, touching] = [(FULL_TURN_RAD * (i - 1)) / LOOKS, high];
    for (let k = 0; k < 40; k += 1) {
      const middle = (clear + touching) / 2;
      if (touches(middle)) touching = middle;
      else clear = middle;
    }
    return touching;
  }
  return undefined;
};

/** How much longer (or shorter, negative) the tongue must be for this room at every angle up to the wanted one, m. */
export const tongueLacksM = (
  edges: readonly FrontEdge[],
  wantedRad: number,
  bumperAheadM: number,
  halfVehicleM: number,
  marginM: number,
): number => {
  const least = (longerM: number): number => {
    const moved = edges.map((edge) => ({ ...edge, behindBallM: edge.behindBallM + longerM }));
    let room = Number.POSITIVE_INFINITY;
    for (let i = 0; i <= LOOKS; i += 1) {
      const found = tightestAt(moved, (wantedRad * i) / LOOKS, bumperAheadM, halfVehicleM);
      room = Math.min(room, found?.roomM ?? Number.POSITIVE_INFINITY);
    }
    return room;
  };
  let [short, long] = [-3, 5];
  for (let k = 0; k < 40; k += 1) {
    const middle = (short + long) / 2;
    if (least(middle) >= marginM) long = middle;
    else short = middle;
  }
  return long;
};

/** How far the trailer's axle cuts inside the ball's circle, m: R − √(R² − L²), steady and slow. */
export const offTrackingM = (radiusM: number, ballToAxleM: number): number | undefined =>
  radiusM > ballToAxleM ? radiusM - Math.sqrt(radiusM ** 2 - ballToAxleM ** 2) : undefined;
