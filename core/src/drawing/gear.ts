import { drawnRailTopM, drawnStack } from '../balance/index.js';
import type { Chassis } from '../chassis/index.js';
import { axlePlaces } from '../mass/index.js';
import type { Trailer } from '../project/index.js';
import { type HangerMark, hangerPlan } from '../running-gear/index.js';
import { chordM, hasAxleAcross } from '../suspension/index.js';
import { arc, box, type Point, type DrawnShape, strip } from './shapes.js';

/** Wheels, axles and springs as they stand under the heaviest towed load; heights from the top of the rails, m. */
export interface Stance {
  readonly groundZM: number;
  readonly hubZM: number;
  readonly tubeZM: number;
  readonly railBottomZM: number;
  /** arch left in a leaf spring */
  readonly archM: number;
  readonly marks: readonly HangerMark[];
}

export const stanceOf = (trailer: Trailer, chassis: Chassis): Stance => {
  const { tire, axle } = trailer.runningGear;
  const groundZM = -drawnRailTopM(trailer, chassis);
  const stack = drawnStack(trailer, chassis);
  const hubM = stack?.hubM ?? tire.loadedRadiusM;
  const archM = stack?.archM ?? 0;
  return {
    groundZM,
    hubZM: groundZM + hubM,
    tubeZM: groundZM + (stack?.tubeMiddleM ?? hubM - axle.dropM),
    railBottomZM: -chassis.railHeightM,
    archM,
    marks: hangerPlan(trailer, archM).marks,
  };
};

/** Sizes of what nobody enters, m (common practice): hangers 60 mm along the rail and half of that at the bolt, shackle plates 20 mm. */
const HANGER_HALF_M = 0.03;
const EYE_HALF_M = 0.015;
const LINK_M = 0.02;
/** Arms of torsion axles and plates of stubs are about so thick, m. */
const ARM_M = 0.05;
/** An axle's centre line goes so far past what it is of, m. */
const PAST_M = 0.06;

const ofAxle = { part: 'axle' } as const;

/** Blocks and brackets between the rails and what holds the axle, one at each hanger. */
const brackets = (trailer: Trailer, { marks, railBottomZM }: Stance): DrawnShape[] => {
  const { bracketM } = trailer.runningGear.suspension;
  return bracketM <= 0
    ? []
    : marks.map(({ xM }) => ({
        ...ofAxle,
        kind: 'polygon',
        layer: 'suspension',
        points: box(xM - 1.3 * HANGER_HALF_M, xM + 1.3 * HANGER_HALF_M, railBottomZM - bracketM, railBottomZM),
        fill: 'steel',
        line: 'edge',
      }));
};

/** The leaves of one spring from the side, stepped, between its two eyes; a parabola is as near to its arc as a drawing shows. */
const leaves = (trailer: Trailer, frontXM: number, rearXM: number, eyeZM: number, archM: number): DrawnShape[] => {
  const { spring } = trailer.runningGear.suspension;
  const middle = (frontXM + rearXM) / 2;
  const half = Math.max(1e-6, (rearXM - frontXM) / 2);
  return Array.from({ length: spring.leaves }, (_, i): DrawnShape => {
    const share = 1 - i / (spring.leaves + 0.5);
    const points = Array.from({ length: 17 }, (_unused, k): Point => {
      const u = share * (k / 8 - 1);
      return [middle + u * half, eyeZM - archM * (1 - u * u) - i * spring.leafThicknessM];
    });
    const under = points.toReversed().map(([x, z]): Point => [x, z - spring.leafThicknessM]);
    return {
      ...ofAxle,
      kind: 'polygon',
      layer: 'suspension',
      points: [...points, ...under],
      fill: 'steel',
      line: 'detail',
    };
  });
};

const hangers = (trailer: Trailer, stance: Stance): DrawnShape[] => {
  const { spring, bracketM } = trailer.runningGear.suspension;
  const { marks, railBottomZM } = stance;
  const topZM = railBottomZM - bracketM;
  const eyeZM = topZM - spring.hangerM;
  const own = { ...ofAxle, layer: 'suspension', fill: 'steel', line: 'edge' } as const;
  const plate = (xM: number, toZM: number): DrawnShape => ({
    ...own,
    kind: 'polygon',
    points: [
      [xM - HANGER_HALF_M, topZM],
      [xM + HANGER_HALF_M, topZM],
      [xM + EYE_HALF_M, toZM - EYE_HALF_M],
      [xM - EYE_HALF_M, toZM - EYE_HALF_M],
    ],
  });
  const bolt = (xM: number, zM: number): DrawnShape => ({
    ...own,
    kind: 'circle',
    centre: [xM, zM],
    radiusM: EYE_HALF_M / 2,
    fill: 'paper',
    line: 'detail',
  });
  const chord = spring.kind === 'slipper' ? undefined : chordM(spring, stance.archM);
  return marks.flatMap((mark): DrawnShape[] => {
    const { xM, kind, axle } = mark;
    if (kind === 'shackle') {
      const front = marks.find((other) => other.axle === axle && other.kind === 'fixed-eye');
      const eyeXM = front && chord !== undefined ? front.xM + chord : xM;
      const dx = xM - eyeXM;
      const boltZM = Math.min(topZM, eyeZM + Math.sqrt(Math.max(0, spring.shackleM ** 2 - dx ** 2)));
      return [
        plate(xM, boltZM),
        { ...own, kind: 'polygon', points: strip([xM, boltZM], [eyeXM, eyeZM], LINK_M) },
        bolt(xM, boltZM),
        bolt(eyeXM, eyeZM),
      ];
    }
    if (kind === 'equaliser') {
      const [before, after] = [axle, axle + 1].map((index) => axlePlaces(trailer)[index]?.xM ?? xM);
      const half = (chord ?? trailer.runningGear.suspension.hangerSpacingM) / 2;
      const arms: Point[] = [
        [(before ?? xM) + half, eyeZM],
        [(after ?? xM) - half, eyeZM],
      ];
      const pivotZM = eyeZM + 2 * EYE_HALF_M;
      return [
        plate(xM, pivotZM),
        ...arms.map(
          (end): DrawnShape => ({ ...own, kind: 'polygon', points: strip([xM, pivotZM], end, 1.5 * LINK_M) }),
        ),
        bolt(xM, pivotZM),
        ...arms.map(([x, z]) => bolt(x, z)),
      ];
    }
    return [plate(xM, eyeZM), bolt(xM, eyeZM)];
  });
};

/** What holds one axle under the frame, from the side. */
const heldFromSide = (trailer: Trailer, stance: Stance, xM: number): DrawnShape[] => {
  const { suspension } = trailer.runningGear;
  const { railBottomZM, tubeZM, hubZM, archM } = stance;
  const own = { ...ofAxle, layer: 'suspension', fill: 'steel', line: 'edge' } as const;
  const topZM = railBottomZM - suspension.bracketM;
  switch (suspension.kind) {
    case 'leaf': {
      const { spring, hangerSpacingM } = suspension;
      const half = (spring.kind === 'slipper' ? hangerSpacingM : chordM(spring, archM)) / 2;
      const eyeZM = topZM - spring.hangerM;
      const seatHalf = trailer.runningGear.axle.tubeDiameterM / 2 + spring.padM;
      const mainZM = eyeZM - archM;
      const packM = spring.leaves * spring.leafThicknessM;
      const seat =
        mainZM > tubeZM
          ? box(xM - seatHalf, xM + seatHalf, tubeZM, mainZM - packM)
          : box(xM - seatHalf, xM + seatHalf, mainZM, tubeZM);
      return [
        { ...own, kind: 'polygon', points: seat, line: 'detail' },
        ...leaves(trailer, xM - half, xM + half, eyeZM, archM),
      ];
    }
    case 'torsion':
      return [
        {
          ...own,
          kind: 'polygon',
          points: box(xM - suspension.armM - ARM_M, xM - suspension.armM + ARM_M, tubeZM, topZM),
        },
        { ...own, kind: 'polygon', points: strip([xM - suspension.armM, tubeZM], [xM, hubZM], ARM_M) },
      ];
    case 'swing-arm': {
      const { armLengthM, unitAtM } = suspension.swing;
      const pivot: Point = [xM - armLengthM, tubeZM];
      const along = (share: number): Point => [pivot[0] + armLengthM * share, tubeZM + (hubZM - tubeZM) * share];
      const foot = along(unitAtM / armLengthM);
      return [
        { ...own, kind: 'polygon', points: box(pivot[0] - ARM_M / 2, pivot[0] + ARM_M / 2, tubeZM, railBottomZM) },
        { ...own, kind: 'polygon', points: strip(pivot, along(Math.max(1, unitAtM / armLengthM)), ARM_M) },
        { ...own, kind: 'polygon', points: strip(foot, [foot[0], railBottomZM], 1.5 * ARM_M), line: 'detail' },
      ];
    }
    // One beam for both axles: drawn apart.
    case 'walking-beam':
      return [];
    case 'stub':
      return [
        { ...own, kind: 'polygon', points: box(xM - ARM_M, xM + ARM_M, Math.min(hubZM, railBottomZM) - ARM_M / 2, 0) },
      ];
    case 'none':
      return [{ ...own, kind: 'polygon', points: box(xM - ARM_M, xM + ARM_M, tubeZM, Math.max(topZM, tubeZM)) }];
    case 'unknown':
      return [
        {
          ...own,
          kind: 'polygon',
          points: box(xM - ARM_M, xM + ARM_M, tubeZM, Math.max(railBottomZM, tubeZM)),
          fill: 'none',
          line: 'hidden',
        },
      ];
  }
};

/** A walking beam from the side: from spindle to spindle, on its pivot under the rail. */
const beamFromSide = (trailer: Trailer, { hubZM, railBottomZM, marks }: Stance): DrawnShape[] => {
  const [first, second] = axlePlaces(trailer);
  const pivot = marks.find(({ kind }) => kind === 'beam-pivot');
  if (!first || !second || !pivot) return [];
  const own = { ...ofAxle, layer: 'suspension', fill: 'steel', line: 'edge' } as const;
  const r = trailer.runningGear.axle.tubeDiameterM / 2;
  return [
    {
      ...own,
      kind: 'polygon',
      points: box(pivot.xM - ARM_M, pivot.xM + ARM_M, hubZM, Math.max(railBottomZM, hubZM)),
    },
    { ...own, kind: 'polygon', points: strip([first.xM, hubZM], [second.xM, hubZM], 2 * r) },
    { ...own, kind: 'circle', centre: [pivot.xM, hubZM], radiusM: r / 2, fill: 'paper' },
  ];
};

/** The tire's outline from the side, flattened where it stands. */
const tireFromSide = (trailer: Trailer, { hubZM, groundZM }: Stance, xM: number): readonly Point[] => {
  const radiusM = trailer.runningGear.tire.diameterM / 2;
  const flat = Math.min(1, (hubZM - groundZM) / radiusM);
  const half = Math.acos(flat);
  return arc([xM, hubZM], radiusM, -Math.PI / 2 + half, (3 * Math.PI) / 2 - half, 60);
};

/** Rim of a wheel whose size nobody has read, as a share of the tire's diameter, for the eye. */
const RIM_SHARE = 0.56;
const HUB_SHARE = 0.16;

/** Wheels, axles and what holds them, from the trailer's left; what the wheel hides is told by hidden lines. */
export const gearFromSide = (trailer: Trailer, stance: Stance): readonly DrawnShape[] => {
  const { axle, suspension, tire, wheel } = trailer.runningGear;
  const places = axlePlaces(trailer);
  if (places.length === 0) return [];
  const hasTube = hasAxleAcross(suspension.kind);
  const aheadM = suspension.kind === 'torsion' ? suspension.armM : 0;
  const held = [
    ...brackets(trailer, stance),
    ...(suspension.kind === 'leaf' ? hangers(trailer, stance) : []),
    ...places.flatMap(({ xM }) => heldFromSide(trailer, stance, xM)),
    ...(suspension.kind === 'walking-beam' ? beamFromSide(trailer, stance) : []),
  ];
  const tubes: DrawnShape[] = hasTube
    ? places.map(({ xM }) => ({
        ...ofAxle,
        kind: 'circle',
        layer: 'axle',
        centre: [xM - aheadM, stance.tubeZM],
        radiusM: axle.tubeDiameterM / 2,
        fill: 'none',
        line: 'hidden',
      }))
    : [];
  const rimM = wheel.rimM ?? tire.rimM ?? RIM_SHARE * tire.diameterM;
  const wheels = places.flatMap(({ xM }): DrawnShape[] => [
    {
      ...ofAxle,
      kind: 'polygon',
      layer: 'wheels',
      points: tireFromSide(trailer, stance, xM),
      fill: 'steel',
      line: 'outline',
    },
    {
      ...ofAxle,
      kind: 'circle',
      layer: 'wheels',
      centre: [xM, stance.hubZM],
      radiusM: Math.min(rimM, 0.95 * tire.diameterM) / 2,
      fill: 'paper',
      line: 'edge',
    },
    {
      ...ofAxle,
      kind: 'circle',
      layer: 'wheels',
      centre: [xM, stance.hubZM],
      radiusM: (HUB_SHARE * tire.diameterM) / 2,
      fill: 'paper',
      line: 'edge',
    },
  ]);
  const behind = held.map((shape): DrawnShape => ({ ...shape, fill: 'none', line: 'hidden' }));
  const lines = places.map(
    ({ xM }): DrawnShape => ({
      ...ofAxle,
      kind: 'line',
      layer: 'centre-lines',
      points: [
        [xM, 1.5 * PAST_M],
        [xM, stance.groundZM - PAST_M],
      ],
      fill: 'none',
      line: 'centre',
    }),
  );
  return [...held, ...wheels, ...behind, ...tubes, ...lines];
};

/** Middle of a spring or bracket from the trailer's middle, m. */
export const springCentreYM = (trailer: Trailer, chassis: Chassis): number =>
  (trailer.runningGear.suspension.springCentresM ?? trailer.frame.bed.widthM - chassis.railWidthM) / 2;

/** The same from above; a centre line runs across through each axle. */
export const gearFromAbove = (trailer: Trailer, chassis: Chassis, stance: Stance): readonly DrawnShape[] => {
  const { axle, suspension, tire } = trailer.runningGear;
  const half = suspension.trackM / 2;
  const springYM = springCentreYM(trailer, chassis);
  const own = { ...ofAxle, layer: 'suspension', fill: 'none', line: 'hidden' } as const;
  return axlePlaces(trailer).flatMap(({ xM }): DrawnShape[] => {
    const tubeXM = suspension.kind === 'torsion' ? xM - suspension.armM : xM;
    const reach = suspension.kind === 'torsion' ? half - tire.widthM / 2 : half;
    const sides = [-1, 1] as const;
    const across: DrawnShape[] = !hasAxleAcross(suspension.kind)
      ? sides.map((side) => ({
          ...ofAxle,
          kind: 'polygon',
          layer: 'axle',
          points: box(
            xM - axle.tubeDiameterM / 4,
            xM + axle.tubeDiameterM / 4,
            ...sorted(side * springYM, side * half),
          ),
          fill: 'paper',
          line: 'edge',
        }))
      : [
          {
            ...ofAxle,
            kind: 'polygon',
            layer: 'axle',
            points: box(tubeXM - axle.tubeDiameterM / 2, tubeXM + axle.tubeDiameterM / 2, -reach, reach),
            fill: 'paper',
            line: 'edge',
          },
        ];
    const springs = sides.flatMap((side): DrawnShape[] => {
      if (suspension.kind === 'leaf') {
        const { spring, hangerSpacingM } = suspension;
        const halfChord = (spring.kind === 'slipper' ? hangerSpacingM : chordM(spring, stance.archM)) / 2;
        const y = side * springYM;
        return [
          {
            ...own,
            kind: 'polygon',
            points: box(xM - halfChord, xM + halfChord, y - spring.leafWidthM / 2, y + spring.leafWidthM / 2),
          },
        ];
      }
      if (suspension.kind === 'swing-arm') {
        const y = side * springYM;
        const armXM = xM - suspension.swing.armLengthM;
        return [{ ...own, kind: 'polygon', points: box(armXM, xM, y - ARM_M / 2, y + ARM_M / 2) }];
      }
      if (suspension.kind === 'walking-beam') {
        const y = side * springYM;
        const pivot = stance.marks.find(({ kind }) => kind === 'beam-pivot');
        return pivot
          ? [{ ...own, kind: 'polygon', points: box(...sorted(pivot.xM, xM), y - ARM_M / 2, y + ARM_M / 2) }]
          : [];
      }
      if (suspension.kind !== 'torsion') return [];
      const armYM = side * (half - tire.widthM / 2 - ARM_M / 2);
      return [
        { ...own, kind: 'polygon', points: box(...sorted(tubeXM, xM), armYM - ARM_M / 4, armYM + ARM_M / 4) },
        {
          ...own,
          kind: 'polygon',
          points: box(tubeXM - ARM_M, tubeXM + ARM_M, side * springYM - ARM_M, side * springYM + ARM_M),
        },
      ];
    });
    const wheels = sides.map(
      (side): DrawnShape => ({
        ...ofAxle,
        kind: 'polygon',
        layer: 'wheels',
        points: box(
          xM - tire.diameterM / 2,
          xM + tire.diameterM / 2,
          side * half - tire.widthM / 2,
          side * half + tire.widthM / 2,
        ),
        fill: 'steel',
        line: 'outline',
      }),
    );
    const line: DrawnShape = {
      ...ofAxle,
      kind: 'line',
      layer: 'centre-lines',
      points: [
        [xM, half + tire.widthM / 2 + PAST_M],
        [xM, -half - tire.widthM / 2 - PAST_M],
      ],
      fill: 'none',
      line: 'centre',
    };
    return [...across, ...springs, ...wheels, line];
  });
};

const sorted = (a: number, b: number): readonly [number, number] => (a < b ? [a, b] : [b, a]);

/** The rearmost axle from behind: tires, tube with its drop, springs or arms. */
export const gearFromRear = (trailer: Trailer, chassis: Chassis, stance: Stance): readonly DrawnShape[] => {
  const { axle, suspension, tire } = trailer.runningGear;
  if (axlePlaces(trailer).length === 0) return [];
  const half = suspension.trackM / 2;
  const inner = half - tire.widthM / 2;
  const springYM = springCentreYM(trailer, chassis);
  const { hubZM, tubeZM, groundZM, railBottomZM, archM } = stance;
  const sides = [-1, 1] as const;
  const own = { ...ofAxle, fill: 'steel', line: 'edge' } as const;
  const r = axle.tubeDiameterM / 2;
  const tube: DrawnShape[] = !hasAxleAcross(suspension.kind)
    ? sides.map((side) => ({
        ...own,
        kind: 'polygon',
        layer: 'axle',
        points: box(...sorted(side * springYM, side * half), hubZM - r / 2, hubZM + r / 2),
      }))
    : [
        { ...own, kind: 'polygon', layer: 'axle', points: box(-inner, inner, tubeZM - r, tubeZM + r) },
        ...sides.map(
          (side): DrawnShape => ({
            ...own,
            kind: 'polygon',
            layer: 'axle',
            points: strip([side * (inner - r), tubeZM], [side * half, hubZM], axle.tubeDiameterM * 0.7),
          }),
        ),
      ];
  const held = sides.flatMap((side): DrawnShape[] => {
    const y = side * springYM;
    if (suspension.kind === 'leaf') {
      const { spring, bracketM } = suspension;
      const eyeZM = railBottomZM - bracketM - spring.hangerM;
      const mainZM = eyeZM - archM;
      return [
        {
          ...own,
          kind: 'polygon',
          layer: 'suspension',
          points: box(y - spring.leafWidthM / 2, y + spring.leafWidthM / 2, eyeZM - EYE_HALF_M, railBottomZM),
          fill: 'none',
          line: 'hidden',
        },
        {
          ...own,
          kind: 'polygon',
          layer: 'suspension',
          points: box(
            y - spring.leafWidthM / 2,
            y + spring.leafWidthM / 2,
            mainZM - spring.leaves * spring.leafThicknessM,
            mainZM,
          ),
        },
      ];
    }
    if (suspension.kind === 'stub') return [];
    return [
      {
        ...own,
        kind: 'polygon',
        layer: 'suspension',
        points: box(y - ARM_M, y + ARM_M, tubeZM, Math.max(railBottomZM, tubeZM)),
        ...(suspension.kind === 'unknown' ? { fill: 'none', line: 'hidden' } : {}),
      },
    ];
  });
  const wheels = sides.map(
    (side): DrawnShape => ({
      ...ofAxle,
      kind: 'polygon',
      layer: 'wheels',
      points: box(side * half - tire.widthM / 2, side * half + tire.widthM / 2, groundZM, hubZM + tire.diameterM / 2),
      fill: 'steel',
      line: 'outline',
    }),
  );
  return [...tube, ...held, ...wheels];
};
