import type { BalancedCase } from '../balance/index.js';
import { boxesAlong, panelBoxes, type Chassis } from '../chassis/index.js';
import type { Trailer } from '../project/index.js';
import { frontEdges } from './turning.js';
import { couplerHeightM, hitchUnderLoadM } from './level.js';

/** Vehicle and trailer seen from the side, where the road breaks; m. */
export interface RampRig {
  /** ball behind the vehicle's rear axle, and above its road */
  readonly ballBehindAxleM: number;
  readonly ballHeightM: number;
  /** from the ball back to the middle of the axle group */
  readonly drawbarM: number;
  readonly wheelRadiusM: number;
  readonly bumperAheadOfBallM: number;
  /** top of the vehicle's rear face above its road; what is higher passes over it */
  readonly rearTopM: number;
  /** ball above the top of the rails: negative */
  readonly ballZM: number;
  /** ball's height at which the trailer rides level */
  readonly levelBallM: number;
}

/** A point of the trailer: behind the ball, and above it when it rides level. */
export interface SidePoint {
  readonly what: 'bed' | 'tongue' | 'jack' | 'tail' | 'item';
  readonly id: string;
  readonly behindM: number;
  readonly aboveM: number;
}

/** Where the road lies at x behind the vehicle's rear axle, when it breaks by β (up behind +) at `breakM`. */
export const roadZM = (xM: number, betaRad: number, breakM: number): number =>
  xM <= breakM ? 0 : (xM - breakM) * Math.tan(betaRad);

/** Where two circles meet furthest back. */
const circlesMeet = (
  ball: { readonly xM: number; readonly zM: number; readonly radiusM: number },
  edge: { readonly xM: number; readonly zM: number; readonly radiusM: number },
): { readonly xM: number; readonly zM: number } => {
  const [dx, dz] = [edge.xM - ball.xM, edge.zM - ball.zM];
  const d = Math.hypot(dx, dz);
  const along = (d * d + ball.radiusM ** 2 - edge.radiusM ** 2) / (2 * d);
  const across = Math.sqrt(Math.max(0, ball.radiusM ** 2 - along ** 2));
  return { xM: ball.xM + (along * dx - across * dz) / d, zM: ball.zM + (along * dz + across * dx) / d };
};

/**
 * Middle of the trailer's wheel on the broken road, as far from the ball as on the level: on the near stretch, on the far one, or, over
 * a crest, rolling round its edge. Closed form: circle about the ball with the stretches' offset lines, or with the edge's circle.
 */
const wheelMiddle = (
  { ballBehindAxleM: e, ballHeightM: h, wheelRadiusM: r }: RampRig,
  reachM: number,
  betaRad: number,
  breakM: number,
): { readonly xM: number; readonly zM: number } => {
  const near = { xM: e + Math.sqrt(Math.max(0, reachM ** 2 - (h - r) ** 2)), zM: r };
  const tan = Math.tan(betaRad);
  const lift = r / Math.cos(betaRad);
  const farZM = (x: number): number => (x - breakM) * tan + lift;
  if (betaRad >= 0 ? farZM(near.xM) <= r : near.xM <= breakM) return near;
  // (x − e)² + (tan·(x − e) + k)² = reach², the root behind the ball.
  const k = (e - breakM) * tan + lift - h;
  const a = 1 + tan * tan;
  const root = Math.sqrt(Math.max(0, (k * tan) ** 2 - a * (k * k - reachM ** 2)));
  const xM = e + (-k * tan + root) / a;
  if (betaRad >= 0 || xM >= breakM + r * Math.sin(-betaRad)) return { xM, zM: farZM(xM) };
  return circlesMeet({ xM: e, zM: h, radiusM: reachM }, { xM: breakM, zM: 0, radiusM: r });
};

/**
 * How far the trailer is tipped against the vehicle, rad, nose up +. Exact for a rigid trailer on one axle line; the vehicle stands
 * level on the near stretch.
 */
export const trailerPitchRad = (rig: RampRig, betaRad: number, breakM: number): number => {
  const { ballBehindAxleM: e, ballHeightM: h, drawbarM } = rig;
  const dropM = rig.levelBallM - rig.wheelRadiusM;
  const wheel = wheelMiddle(rig, Math.hypot(drawbarM, dropM), betaRad, breakM);
  return Math.atan2(h - wheel.zM, wheel.xM - e) - Math.atan2(dropM, drawbarM);
};

/** A point of the tipped trailer, x behind the vehicle's rear axle and z above its road. */
export const tippedPoint = (
  rig: RampRig,
  pitchRad: number,
  { behindM, aboveM }: Pick<SidePoint, 'behindM' | 'aboveM'>,
): { readonly xM: number; readonly zM: number } => ({
  xM: rig.ballBehindAxleM + behindM * Math.cos(pitchRad) + aboveM * Math.sin(pitchRad),
  zM: rig.ballHeightM - behindM * Math.sin(pitchRad) + aboveM * Math.cos(pitchRad),
});

export interface RampLook {
  /** nearest to the vehicle's rear face, of all places of the break */
  readonly nearest: { readonly point: SidePoint; readonly roomM: number; readonly breakM: number };
  /** nearest to the road */
  readonly lowest: { readonly point: SidePoint; readonly clearM: number; readonly breakM: number };
  /** furthest tip against the vehicle, rad, its sign kept */
  readonly pitchRad: number;
}

/** Places of the break under the rig that are looked at. */
const PLACES = 40;

/** What comes nearest to vehicle and road while the rig goes over a break of β, wherever the break lies under it. */
export const rampLook = (rig: RampRig, points: readonly SidePoint[], betaRad: number): RampLook | undefined => {
  const faceM = rig.ballBehindAxleM - rig.bumperAheadOfBallM;
  const tailM = Math.max(rig.drawbarM, ...points.map(({ behindM }) => behindM));
  let nearest: RampLook['nearest'] | undefined;
  let lowest: RampLook['lowest'] | undefined;
  let pitchRad = 0;
  const under = undersides(points);
  for (let i = 0; i <= PLACES; i += 1) {
    const breakM = ((rig.ballBehindAxleM + tailM) * i) / PLACES;
    const pitch = trailerPitchRad(rig, betaRad, breakM);
    if (Math.abs(pitch) > Math.abs(pitchRad)) pitchRad = pitch;
    for (const point of points) {
      const { xM, zM } = tippedPoint(rig, pitch, point);
      const roomM = xM - faceM;
      const clearM = zM - roadZM(xM, betaRad, breakM);
      if (faces(point) && zM < rig.rearTopM && (!nearest || roomM < nearest.roomM)) nearest = { point, roomM, breakM };
      if (!lowest || clearM < lowest.clearM) lowest = { point, clearM, breakM };
    }
    // The edge of a crest rises between the points of a straight underside.
    for (const [from, to] of under) {
      const [a, b] = [tippedPoint(rig, pitch, from), tippedPoint(rig, pitch, to)];
      if (!(a.xM < breakM && b.xM > breakM)) continue;
      const clearM = a.zM + ((b.zM - a.zM) * (breakM - a.xM)) / (b.xM - a.xM);
      if (!lowest || clearM < lowest.clearM) lowest = { point: to, clearM, breakM };
    }
  }
  return nearest && lowest && { nearest, lowest, pitchRad };
};

/** What of the trailer faces the vehicle. */
const faces = ({ what }: SidePoint): boolean => what === 'bed' || what === 'item';

/** The least room to the vehicle's rear face over a break of β, at every second place that `rampLook` looks at. */
export const roomToVehicleM = (rig: RampRig, points: readonly SidePoint[], betaRad: number): number => {
  const facing = points.filter(faces);
  const tailM = Math.max(rig.drawbarM, ...points.map(({ behindM }) => behindM));
  const faceM = rig.ballBehindAxleM - rig.bumperAheadOfBallM;
  let least = Number.POSITIVE_INFINITY;
  for (let i = 0; i <= PLACES; i += 2) {
    const pitch = trailerPitchRad(rig, betaRad, ((rig.ballBehindAxleM + tailM) * i) / PLACES);
    for (const point of facing) {
      const { xM, zM } = tippedPoint(rig, pitch, point);
      if (zM < rig.rearTopM) least = Math.min(least, xM - faceM);
    }
  }
  return least;
};

const undersides = (points: readonly SidePoint[]): readonly (readonly [SidePoint, SidePoint])[] => {
  const of = (what: SidePoint['what'], id: string): SidePoint | undefined =>
    points.find((point) => point.what === what && point.id === id);
  const [tip, root] = [of('tongue', 'tip'), of('tongue', 'root')];
  const [front, tail] = [of('bed', 'underside'), of('tail', 'trailer')];
  return [...(tip && root ? [[tip, root] as const] : []), ...(front && tail ? [[front, tail] as const] : [])];
};

/** The rig at rest in a case; undefined where the vehicle does not say where its ball is. */
export const rampRigOf = (trailer: Trailer, chassis: Chassis, balanced: BalancedCase): RampRig | undefined => {
  const { towVehicle } = trailer;
  const { standing } = balanced;
  if (!towVehicle || towVehicle.ballBehindAxleM === null || !standing) return undefined;
  const levelBallM = couplerHeightM(trailer, chassis, balanced);
  const drawbarM = standing.groupCentreXM - chassis.ballXM;
  if (!(drawbarM > 0)) return undefined;
  return {
    ballBehindAxleM: towVehicle.ballBehindAxleM,
    ballHeightM: hitchUnderLoadM(trailer, balanced) ?? levelBallM,
    drawbarM,
    wheelRadiusM: trailer.runningGear.tire.loadedRadiusM,
    bumperAheadOfBallM: towVehicle.bumperAheadOfBallM,
    rearTopM: towVehicle.rearTopM ?? Number.POSITIVE_INFINITY,
    ballZM: chassis.tongue?.ballZM ?? -chassis.railHeightM / 2,
    levelBallM,
  };
};

/** Lowest corners of bars and panels of one's own that hang below the rails: a step, a bumper, a rear brace, a tray. */
const hangingPoints = ({
  members,
  panels,
  railHeightM,
}: Chassis): readonly { id: string; xM: number; zM: number }[] => {
  const boxes = [
    ...members.flatMap((member) => boxesAlong(member).map((box) => ({ id: member.id, box }))),
    ...panels.flatMap((panel) => (panel.own ? panelBoxes(panel, panel.own).map((box) => ({ id: panel.id, box })) : [])),
  ];
  return boxes
    .filter(({ box }) => box.z0M < -railHeightM)
    .flatMap(({ id, box }) => [box.x0M, box.x1M].map((xM) => ({ id, xM, zM: box.z0M })));
};

/** What may touch, seen from the side: bed, tongue, jack's foot, tail, and what stands in front. */
export const sidePoints = (trailer: Trailer, chassis: Chassis): readonly SidePoint[] => {
  const { tongue, ballXM, railHeightM } = chassis;
  const ballZM = tongue?.ballZM ?? -railHeightM / 2;
  const behind = (xM: number): number => xM - ballXM;
  const above = (zM: number): number => zM - ballZM;
  const first = tongue?.members[0];
  const { coupling } = trailer;
  const tailM = trailer.frame.bed.lengthM;
  const half = first ? first.bar.heightM / 2 : 0;
  const tongueBottomM = first ? first.extent.z0M + Math.max(0, -first.frontRiseM) : -railHeightM;
  return [
    { what: 'bed', id: 'underside', behindM: behind(0), aboveM: above(-railHeightM) },
    ...frontEdges(trailer, chassis).flatMap(({ what, id, behindBallM, bottomZM, topZM }): SidePoint[] =>
      what === 'bed' || what === 'item'
        ? (what === 'bed' ? [topZM] : [topZM, bottomZM]).map((zM) => ({
            what,
            id,
            behindM: behindBallM,
            aboveM: above(zM),
          }))
        : [],
    ),
    { what: 'tail', id: 'trailer', behindM: behind(tailM), aboveM: above(-railHeightM) },
    ...hangingPoints(chassis).map(
      ({ id, xM, zM }): SidePoint => ({ what: 'item', id, behindM: behind(xM), aboveM: above(zM) }),
    ),
    ...(first
      ? [
          { what: 'tongue', id: 'tip', behindM: behind(first.extent.x0M), aboveM: -half } as const,
          {
            what: 'tongue',
            id: 'root',
            behindM: behind(Math.max(0, first.extent.x1M)),
            aboveM: above(tongueBottomM),
          } as const,
        ]
      : []),
    ...(coupling.jack.fitted && !coupling.jack.swings && coupling.jack.shortM !== null && tongue
      ? [
          {
            what: 'jack',
            id: 'jack',
            behindM: coupling.jackBehindBallM,
            aboveM: above(tongue.topZM) - coupling.jack.shortM,
          } as const,
        ]
      : []),
  ];
};

/** Points as a tongue longer by so much would have them. */
export const lengthenedPoints = (
  trailer: Trailer,
  points: readonly SidePoint[],
  longerM: number,
): readonly SidePoint[] => {
  const withBall = new Set(trailer.items.filter(({ attach }) => attach.from === 'ball').map(({ id }) => id));
  return points.map((point) =>
    point.what === 'jack' || (point.what === 'tongue' && point.id === 'tip') || withBall.has(point.id)
      ? point
      : { ...point, behindM: point.behindM + longerM },
  );
};
