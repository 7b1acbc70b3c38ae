import type { BalancedCase } from '../balance/index.js';
import type { Chassis } from '../chassis/index.js';
import { isOfTongue, type LoadCase, type Trailer, UNKNOWN_VEHICLE } from '../project/index.js';
import { type RampRig, roadZM, tippedPoint, trailerPitchRad } from '../towing/index.js';
import { box, type DrawnShape, type DrawnView, mapShape, type Point } from './shapes.js';
import { loadShapes, loadsOf } from './loads.js';
import { planView, sideView } from './trailerViews.js';

/** Nothing is written on a rig: what it shows stands beside it. */
const SILENT = { lettering: { length: () => '', mass: () => '', load: () => '' }, sizes: false, names: false } as const;
/** Vehicles as long as they usually are where nobody has measured, m: between the axles, ball behind the rear one, ahead of the front one. */
const USUAL = { wheelbaseM: 2.8, overhangM: 1.1, noseM: 0.9, wheelM: 0.34 } as const;

const view = (shapes: readonly DrawnShape[]): DrawnView => ({
  shapes,
  dimensions: [],
  labels: [],
  arrows: [],
  balancePoint: undefined,
});

/** Lines that would only clutter a small rig. */
const isPlain = ({ line, layer }: DrawnShape): boolean =>
  line !== 'hidden' && line !== 'ghost' && line !== 'centre' && layer !== 'vehicle';

const turned = ([across, up]: Point, angleRad: number): Point => [
  across * Math.cos(angleRad) + up * Math.sin(angleRad),
  -across * Math.sin(angleRad) + up * Math.cos(angleRad),
];

const ghost = { layer: 'vehicle', fill: 'none', line: 'ghost' } as const;

/** How long the vehicle is from its nose to the ball, m. */
export const vehicleLengthM = ({ towVehicle }: Trailer): number =>
  (towVehicle?.wheelbaseM ?? USUAL.wheelbaseM) + (towVehicle?.ballBehindAxleM ?? USUAL.overhangM) + USUAL.noseM;

/** The vehicle from above as an outline, its ball at the origin, with its tailgate and what holds the ball. */
const vehicleFromAbove = (trailer: Trailer): readonly DrawnShape[] => {
  const { widthM, bumperAheadOfBallM, tailgateReachM } = trailer.towVehicle ?? UNKNOWN_VEHICLE;
  const half = widthM / 2;
  return [
    { ...ghost, kind: 'polygon', points: box(-vehicleLengthM(trailer), -bumperAheadOfBallM, -half, half) },
    ...(tailgateReachM > 0
      ? [
          {
            ...ghost,
            kind: 'polygon',
            points: box(-bumperAheadOfBallM, tailgateReachM - bumperAheadOfBallM, -0.85 * half, 0.85 * half),
          } as const,
        ]
      : []),
    {
      layer: 'vehicle',
      kind: 'line',
      points: [
        [-bumperAheadOfBallM, 0],
        [0, 0],
      ],
      fill: 'none',
      line: 'outline',
    },
  ];
};

/** The whole trailer from above, its ball at the origin. */
const trailerFromBall = (trailer: Trailer, chassis: Chassis, shown: BalancedCase | undefined): readonly DrawnShape[] =>
  planView({ trailer, chassis, shown }, SILENT)
    .shapes.filter((shape) => isPlain(shape) || shape.layer === 'loads')
    .map((shape) => mapShape(shape, ([x, y]) => [x - chassis.ballXM, y]));

/**
 * The rig from above, ball at the origin, x rearward along the vehicle, y to its right: the trailer turned against the vehicle, and the ways
 * of the bed's front corners from straight to a right angle.
 */
export const turnedView = (
  trailer: Trailer,
  chassis: Chassis,
  shown: BalancedCase | undefined,
  angleRad: number,
): DrawnView => {
  const half = trailer.frame.bed.widthM / 2;
  const sweep = (side: number): DrawnShape => ({
    ...ghost,
    kind: 'line',
    points: Array.from({ length: 46 }, (_, i) => turned([-chassis.ballXM, side * half], (Math.PI * i) / 90)),
  });
  return view([
    ...vehicleFromAbove(trailer),
    sweep(1),
    sweep(-1),
    ...trailerFromBall(trailer, chassis, shown).map((shape) => mapShape(shape, (point) => turned(point, angleRad))),
  ]);
};

/** The rig on its way, seen from above: x rearward from the vehicle's middle at rest, y to its right. */
export const rigView = (
  trailer: Trailer,
  chassis: Chassis,
  { headingRad, angleRad, hitchM }: { readonly headingRad: number; readonly angleRad: number; readonly hitchM: number },
): DrawnView =>
  view(
    [
      ...vehicleFromAbove(trailer),
      ...trailerFromBall(trailer, chassis, undefined).map((shape) =>
        mapShape(shape, (point) => turned(point, -angleRad)),
      ),
    ].map((shape) => mapShape(shape, ([x, y]) => turned([x + hitchM, y], -headingRad))),
  );

/** The vehicle from the side as an outline, x behind its rear axle. */
const vehicleFromSide = (trailer: Trailer, rig: RampRig): readonly DrawnShape[] => {
  const wheelbaseM = trailer.towVehicle?.wheelbaseM ?? null;
  const noseM = (wheelbaseM ?? USUAL.wheelbaseM) + USUAL.noseM;
  const faceM = rig.ballBehindAxleM - rig.bumperAheadOfBallM;
  const roof = Math.max(1.2, rig.ballHeightM + 0.9);
  const wheel = (x: number): DrawnShape => ({
    ...ghost,
    kind: 'circle',
    centre: [x, USUAL.wheelM],
    radiusM: USUAL.wheelM,
  });
  return [
    {
      ...ghost,
      kind: 'polygon',
      points: [
        [-noseM, 0.35],
        [-noseM, 0.8],
        [-noseM * 0.68, 0.95],
        [-noseM * 0.5, roof],
        [faceM, roof],
        [faceM, 0.3],
      ],
    },
    wheel(0),
    ...(wheelbaseM === null ? [] : [wheel(-wheelbaseM)]),
    {
      layer: 'vehicle',
      kind: 'line',
      points: [
        [faceM, rig.ballHeightM],
        [rig.ballBehindAxleM, rig.ballHeightM],
      ],
      fill: 'none',
      line: 'outline',
    },
  ];
};

/** The rig from the side where the road breaks: x behind the vehicle's rear axle, z above its road. */
export const crestView = (
  trailer: Trailer,
  chassis: Chassis,
  shown: BalancedCase,
  rig: RampRig,
  betaRad: number,
  breakM: number,
): DrawnView => {
  const pitch = trailerPitchRad(rig, betaRad, breakM);
  const endM = rig.ballBehindAxleM + trailer.frame.bed.lengthM - chassis.ballXM + 0.6;
  const startM = -((trailer.towVehicle?.wheelbaseM ?? USUAL.wheelbaseM) + USUAL.noseM);
  const edge = Math.min(breakM, endM);
  const road: DrawnShape = {
    layer: 'ground',
    kind: 'line',
    points: [
      [startM, 0],
      [edge, 0],
      [endM, roadZM(endM, betaRad, breakM)],
    ],
    fill: 'none',
    line: 'edge',
  };
  const tipped = ([x, z]: Point): Point => {
    const { xM, zM } = tippedPoint(rig, pitch, { behindM: x - chassis.ballXM, aboveM: z - rig.ballZM });
    return [xM, zM];
  };
  return view([
    road,
    ...vehicleFromSide(trailer, rig),
    ...sideView({ trailer, chassis, shown }, SILENT)
      .shapes.filter(isPlain)
      .map((shape) => mapShape(shape, tipped)),
  ]);
};

/** The bed from above for one trip: bed, tongue, wheels, and what comes along in its place; nothing is drawn of what stays at home. */
export const bedView = (trailer: Trailer, chassis: Chassis, trip: LoadCase): DrawnView => {
  const { lengthM, widthM } = trailer.frame.bed;
  const under = planView({ trailer, chassis, shown: undefined }, SILENT).shapes.filter(
    (shape) =>
      isPlain(shape) &&
      (shape.layer === 'wheels' || shape.layer === 'coupling' || (shape.part !== undefined && isOfTongue(shape.part))),
  );
  const bed: DrawnShape = {
    layer: 'deck',
    kind: 'polygon',
    points: box(0, lengthM, -widthM / 2, widthM / 2),
    fill: 'paper',
    line: 'outline',
  };
  const loads = loadShapes(
    loadsOf(trailer, chassis, trip).filter(({ aboard }) => aboard),
    'plan',
  ).map((shape): DrawnShape => ({ ...shape, line: 'edge' }));
  const centre: DrawnShape = {
    layer: 'centre-lines',
    kind: 'line',
    points: [
      [trailer.runningGear.positionM, -widthM / 2],
      [trailer.runningGear.positionM, widthM / 2],
    ],
    fill: 'none',
    line: 'centre',
  };
  return view([...under, bed, centre, ...loads]);
};
