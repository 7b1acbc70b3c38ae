import type { Chassis } from '../chassis/index.js';
import type { Trailer } from '../project/index.js';
import type { Stance } from './gear.js';
import { arc, box, type Point, type DrawnShape, strip } from './shapes.js';

/** Couplings as they are about as large as (common practice), m: over the ball, and back along the tongue. */
const COUPLER = { aheadM: 0.045, backM: 0.2, widthM: 0.09, highM: 0.06 } as const;
/** Ball where its size is not said, m: 2 in. */
const USUAL_BALL_M = 0.0508;
/** A lunette eye: ring and bar, m (common practice: 3 in hole, 1-1/4 in bar). */
const EYE = { holeM: 0.076, barM: 0.032 } as const;
/** Jack: tube, and how far its head stands over its mount where nobody has measured, m (common practice). */
const JACK = { tubeM: 0.05, headM: 0.5, capM: 0.2, footHalfM: 0.07, upM: 0.1 } as const;

const own = { part: 'coupler', layer: 'coupling', fill: 'steel', line: 'outline' } as const;
const bored = { part: 'coupler', layer: 'coupling', fill: 'paper', line: 'edge' } as const;

/** Top and bottom of the tongue's front end, where it carries coupler and jack. */
const noseOf = ({ tongue }: Chassis): { readonly topZM: number; readonly ballZM: number } | undefined => {
  const front = tongue?.members[0];
  return tongue && front
    ? { topZM: front.extent.z1M - Math.max(0, -front.frontRiseM), ballZM: tongue.ballZM }
    : undefined;
};

const ballMOf = (trailer: Trailer): number => trailer.coupling.ballDiameterM || USUAL_BALL_M;

/** What joins trailer and vehicle, from the side: a cup over a ball, an eye on a hook, or a joint that turns about three axes. */
const couplingFromSide = (trailer: Trailer, { ballXM }: Chassis, ballZM: number): DrawnShape[] => {
  const { aheadM, backM, highM } = COUPLER;
  switch (trailer.coupling.kind) {
    case 'ball': {
      const r = ballMOf(trailer) / 2;
      const cup = arc([ballXM, ballZM], r + 0.012, Math.PI / 2, (4 * Math.PI) / 3, 12);
      return [
        {
          ...own,
          kind: 'polygon',
          points: [
            [ballXM + backM, ballZM + highM],
            ...cup,
            [ballXM + r, ballZM - r / 2],
            [ballXM + backM, ballZM - highM / 3],
          ],
        },
        { ...bored, kind: 'circle', centre: [ballXM, ballZM], radiusM: r },
      ];
    }
    case 'pin':
      return [
        { ...own, kind: 'polygon', points: strip([ballXM - aheadM, ballZM], [ballXM + backM, ballZM], EYE.barM) },
        {
          ...bored,
          kind: 'polygon',
          points: box(ballXM - EYE.barM / 4, ballXM + EYE.barM / 4, ballZM - 2 * EYE.barM, ballZM + 2 * EYE.barM),
        },
      ];
    case 'hand':
      return [
        { ...own, kind: 'polygon', points: strip([ballXM, ballZM], [ballXM + backM, ballZM], EYE.barM) },
        { ...own, kind: 'circle', centre: [ballXM, ballZM], radiusM: EYE.barM / 2 },
      ];
    case 'pintle':
      return [
        { ...own, kind: 'polygon', points: strip([ballXM, ballZM], [ballXM + backM, ballZM], EYE.barM) },
        {
          ...own,
          kind: 'polygon',
          points: box(
            ballXM - EYE.holeM / 2 - EYE.barM,
            ballXM + EYE.holeM / 2 + EYE.barM,
            ballZM - EYE.barM / 2,
            ballZM + EYE.barM / 2,
          ),
        },
        {
          ...bored,
          kind: 'polygon',
          points: box(ballXM - EYE.holeM / 2, ballXM + EYE.holeM / 2, ballZM - EYE.barM / 4, ballZM + EYE.barM / 4),
        },
      ];
    case 'three-axis':
      return [
        // A fork about a cross pin, on a shaft that turns in its housing.
        { ...own, kind: 'polygon', points: box(ballXM + 0.07, ballXM + backM, ballZM - highM / 2, ballZM + highM / 2) },
        {
          ...own,
          kind: 'polygon',
          points: box(ballXM - aheadM, ballXM + 0.07, ballZM - highM * 0.8, ballZM - highM * 0.45),
        },
        {
          ...own,
          kind: 'polygon',
          points: box(ballXM - aheadM, ballXM + 0.07, ballZM + highM * 0.45, ballZM + highM * 0.8),
        },
        { ...own, kind: 'polygon', points: box(ballXM - 0.015, ballXM + 0.015, ballZM - highM, ballZM + highM) },
        { ...bored, kind: 'circle', centre: [ballXM, ballZM], radiusM: 0.012 },
        {
          ...bored,
          kind: 'line',
          points: [
            [ballXM + 0.02, ballZM],
            [ballXM + backM, ballZM],
          ],
          fill: 'none',
          line: 'centre',
        },
      ];
  }
};

const couplingFromAbove = (trailer: Trailer, { ballXM }: Chassis): DrawnShape[] => {
  const { aheadM, backM, widthM } = COUPLER;
  switch (trailer.coupling.kind) {
    case 'ball': {
      const r = ballMOf(trailer) / 2;
      const nose = arc([ballXM, 0], r + 0.014, Math.PI / 2, (3 * Math.PI) / 2, 12);
      return [
        {
          ...own,
          kind: 'polygon',
          points: [
            [ballXM + 0.6 * backM, r + 0.014],
            ...nose,
            [ballXM + 0.6 * backM, -r - 0.014],
            [ballXM + backM, -widthM / 2],
            [ballXM + backM, widthM / 2],
          ],
        },
        { ...bored, kind: 'circle', centre: [ballXM, 0], radiusM: r },
      ];
    }
    case 'pin':
      return [
        { ...own, kind: 'polygon', points: strip([ballXM - aheadM, 0], [ballXM + backM, 0], 2 * EYE.barM) },
        { ...bored, kind: 'circle', centre: [ballXM, 0], radiusM: EYE.barM / 4 },
      ];
    case 'hand':
      return [
        { ...own, kind: 'polygon', points: strip([ballXM, 0], [ballXM + backM, 0], EYE.barM) },
        { ...own, kind: 'polygon', points: strip([ballXM, -1.5 * widthM], [ballXM, 1.5 * widthM], EYE.barM) },
      ];
    case 'pintle':
      return [
        { ...own, kind: 'polygon', points: strip([ballXM, 0], [ballXM + backM, 0], EYE.barM) },
        { ...own, kind: 'circle', centre: [ballXM, 0], radiusM: EYE.holeM / 2 + EYE.barM },
        { ...bored, kind: 'circle', centre: [ballXM, 0], radiusM: EYE.holeM / 2 },
      ];
    case 'three-axis':
      return [
        { ...own, kind: 'polygon', points: box(ballXM + 0.07, ballXM + backM, -widthM / 3, widthM / 3) },
        { ...own, kind: 'polygon', points: box(ballXM - aheadM, ballXM + 0.07, -widthM / 2, widthM / 2) },
        { ...bored, kind: 'circle', centre: [ballXM, 0], radiusM: 0.015 },
        {
          ...bored,
          kind: 'line',
          points: [
            [ballXM, -0.7 * widthM],
            [ballXM, 0.7 * widthM],
          ],
          fill: 'none',
          line: 'centre',
        },
      ];
  }
};

/** Jack: let down where the trailer stands on it, else drawn in, and turned up along the tongue where it swings. */
const jackFromSide = (
  trailer: Trailer,
  { ballXM }: Chassis,
  stance: Stance,
  topZM: number,
  parked: boolean,
): DrawnShape[] => {
  const { jack, jackBehindBallM } = trailer.coupling;
  if (!jack.fitted) return [];
  const xM = ballXM + jackBehindBallM;
  const tube = { part: 'jack', layer: 'jack', fill: 'steel', line: 'edge' } as const;
  const strokeM = jack.longM !== null && jack.shortM !== null ? jack.longM - jack.shortM : undefined;
  const headM = strokeM === undefined ? JACK.headM : strokeM + JACK.capM;
  const half = JACK.tubeM / 2;
  if (!parked && jack.swings) {
    const z = topZM + JACK.tubeM;
    // Turned about its mount, head and foot on either side of it.
    return [
      { ...tube, kind: 'polygon', points: box(xM - 0.4 * headM, xM + 0.6 * headM, z - half, z + half) },
      {
        ...tube,
        kind: 'line',
        points: [
          [xM + 0.6 * headM, z - JACK.footHalfM],
          [xM + 0.6 * headM, z + JACK.footHalfM],
        ],
        fill: 'none',
        line: 'outline',
      },
    ];
  }
  const footZM = parked ? stance.groundZM : Math.max(stance.groundZM + 0.02, topZM - (jack.shortM ?? JACK.upM));
  return [
    { ...tube, kind: 'polygon', points: box(xM - half * 0.7, xM + half * 0.7, footZM, topZM + headM * 0.5) },
    { ...tube, kind: 'polygon', points: box(xM - half, xM + half, Math.max(footZM, topZM - 0.12), topZM + headM) },
    {
      ...tube,
      kind: 'line',
      points: [
        [xM - JACK.footHalfM, footZM],
        [xM + JACK.footHalfM, footZM],
      ],
      fill: 'none',
      line: 'outline',
    },
  ];
};

/** Chains hang from their tabs to the hooks ahead of the ball. */
const chainsFromSide = (trailer: Trailer, { ballXM }: Chassis, ballZM: number): DrawnShape[] => {
  const { safetyChain, chains } = trailer.coupling;
  if (chains !== 'fitted') return [];
  const [x0, x1] = [ballXM - safetyChain.hookAheadOfBallM, ballXM + safetyChain.tabBehindBallM];
  const straight = Math.max(0.05, x1 - x0);
  // A shallow hanging chain: its sag from its length over the straight way, s = c + 8·a² ÷ (3·c).
  const slackM = Math.max(0, (safetyChain.lengthM ?? straight * 1.1) - straight);
  const sagM = Math.sqrt((3 * straight * slackM) / 8);
  const points = Array.from({ length: 13 }, (_, i): Point => {
    const u = i / 6 - 1;
    return [(x0 + x1) / 2 + (u * straight) / 2, ballZM - COUPLER.highM / 2 - sagM * (1 - u * u)];
  });
  return [{ kind: 'line', layer: 'coupling', points, fill: 'none', line: 'hidden' }];
};

const chainsFromAbove = (trailer: Trailer, { ballXM }: Chassis): DrawnShape[] => {
  const { safetyChain, chains } = trailer.coupling;
  if (chains !== 'fitted') return [];
  const { hookAheadOfBallM, tabBehindBallM, apartM, crossed, count } = safetyChain;
  const half = count === 1 ? 0 : apartM / 2;
  return (count === 1 ? [1] : [-1, 1]).map((side) => ({
    kind: 'line',
    layer: 'coupling',
    points: [
      [ballXM - hookAheadOfBallM, side * half],
      [ballXM + tabBehindBallM, (crossed ? -1 : 1) * side * half],
    ],
    fill: 'none',
    line: 'hidden',
  }));
};

/** Coupling, jack and chains from the side; `parked`: it stands on its jack. */
export const hitchFromSide = (
  trailer: Trailer,
  chassis: Chassis,
  stance: Stance,
  parked: boolean,
): readonly DrawnShape[] => {
  const nose = noseOf(chassis);
  if (!nose) return [];
  return [
    ...(trailer.coupling.fitted
      ? [
          ...(parked ? [] : chainsFromSide(trailer, chassis, nose.ballZM)),
          ...couplingFromSide(trailer, chassis, nose.ballZM),
        ]
      : []),
    ...jackFromSide(trailer, chassis, stance, nose.topZM, parked),
  ];
};

export const hitchFromAbove = (trailer: Trailer, chassis: Chassis): readonly DrawnShape[] => {
  if (!chassis.tongue) return [];
  const { fitted, jack, jackBehindBallM } = trailer.coupling;
  const jackAt: DrawnShape[] = jack.fitted
    ? [
        {
          part: 'jack',
          kind: 'circle',
          layer: 'jack',
          centre: [chassis.ballXM + jackBehindBallM, 0],
          radiusM: JACK.tubeM / 2,
          fill: 'paper',
          line: 'edge',
        },
      ]
    : [];
  return [...(fitted ? [...chainsFromAbove(trailer, chassis), ...couplingFromAbove(trailer, chassis)] : []), ...jackAt];
};
