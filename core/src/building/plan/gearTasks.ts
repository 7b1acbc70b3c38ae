import { axleCount } from '../../mass/index.js';
import { springCentreYM } from '../../drawing/index.js';
import { hasAxleAcross } from '../../suspension/index.js';
import { AXLE_WITHIN_M, axleTargets } from '../squaring.js';
import { lugTorques, uBoltTorque } from '../torques.js';
import { type Draft, lengthOf, type Plan } from './draft.js';
import type { PlanFigure } from './task.js';

/** The coupler: bolted or welded where the ball's centre is told from. */
export const couplerTask = ({ trailer, evaluation }: Plan): readonly Draft[] => {
  const { fitted, mount, bolts, homeMade } = trailer.coupling;
  if (!fitted || !evaluation.chassis.tongue) return [];
  const bolted = mount === 'bolted';
  return [
    {
      kind: 'coupler',
      phase: 'axle',
      hours: [0.5, 1.5],
      tools: bolted ? ['drill', 'torque-wrench', 'tape'] : ['welder', 'grinder', 'tape'],
      cautions: [
        ...(homeMade ? (['own-coupling'] as const) : []),
        ...(bolted ? [] : (['zinc', 'fire-watch', 'closed-tube'] as const)),
      ],
      figures: [
        lengthOf('ball-ahead', 'ball-ahead', -evaluation.chassis.ballXM),
        ...(bolted ? [lengthOf('bolts', 'bolts', bolts.diameterM, { of: `${bolts.count} × ${bolts.grade}` })] : []),
      ],
    },
  ];
};

const hangerFigures = ({ trailer, evaluation }: Plan): readonly PlanFigure[] => [
  ...evaluation.hangers.marks.map(({ id, kind, xM }) => lengthOf(id, 'hanger', xM, { of: kind })),
  lengthOf('springs-apart', 'springs-apart', 2 * springCentreYM(trailer, evaluation.chassis)),
];

/** Hangers and axle on the frame that lies upside down, the axle true to the ball. */
export const axleTasks = (plan: Plan): readonly Draft[] => {
  const { trailer, evaluation } = plan;
  const { suspension, axle, spacingM } = trailer.runningGear;
  const count = axleCount(trailer);
  if (count === 0) return [];
  const welded = suspension.mounting === 'welded';
  const across = hasAxleAcross(suspension.kind);
  const targets = axleTargets(trailer, evaluation.chassis);
  const bolts = uBoltTorque(trailer);
  return [
    ...(suspension.kind === 'none' || suspension.kind === 'unknown'
      ? []
      : [
          {
            kind: 'hangers' as const,
            phase: 'axle' as const,
            hours: [1, 2.5] as const,
            people: 2,
            drawing: 'frame' as const,
            upsideDown: true,
            figures: hangerFigures(plan),
            tools: [
              'tape',
              'square',
              'straight-rod',
              'clamps',
              ...(welded ? (['welder'] as const) : (['drill'] as const)),
            ] as const,
            cautions: welded ? (['springs', 'zinc', 'earth-clamp', 'fire-watch'] as const) : (['springs'] as const),
            page: 'square' as const,
          },
        ]),
    {
      kind: 'axle',
      phase: 'axle',
      hours: [1, 3],
      people: 2,
      drawing: 'frame',
      upsideDown: true,
      figures: [
        ...targets.map(({ axle: number, ballToAxleM, hooksApartM }) =>
          lengthOf(`hub-to-ball.${number}`, 'hub-to-ball', Math.hypot(ballToAxleM, hooksApartM / 2), {
            of: `axle.${number}`,
          }),
        ),
        lengthOf('within', 'within', AXLE_WITHIN_M.good, { upTo: AXLE_WITHIN_M.most, aside: true }),
        lengthOf('axle-back', 'axle-back', trailer.runningGear.positionM),
        ...(across ? [lengthOf('hub-to-rail', 'hub-to-rail', (axle.hubFaceM - trailer.frame.bed.widthM) / 2)] : []),
        ...(count > 1 ? [lengthOf('axles-apart', 'axles-apart', spacingM)] : []),
        ...(bolts
          ? [
              {
                id: 'u-bolts',
                what: 'u-bolts',
                kind: 'torque',
                value: bolts.nm[0],
                upTo: bolts.nm[1],
                of: bolts.size,
              } satisfies PlanFigure,
            ]
          : []),
      ],
      tools: ['tape', 'plumb-bob', 'clamps', 'torque-wrench'],
      cautions: ['springs', 'no-weld-axle', 'earth-clamp'],
      page: 'square',
    },
  ];
};

/** Wheels with their bearings greased, the nuts in stages. */
export const wheelTask = ({ trailer }: Plan): readonly Draft[] => {
  const count = axleCount(trailer);
  if (count === 0) return [];
  const lugs = lugTorques(trailer);
  return [
    {
      kind: 'wheels',
      phase: 'finish',
      hours: [0.75 * count, 2 * count],
      tools: ['grease-gun', 'torque-wrench', 'jack', 'gauge'],
      cautions: ['stands', 'paint-torque'],
      figures: (lugs?.stages ?? []).map(([least, most], i) => ({
        id: `nuts.${i + 1}`,
        what: 'nuts',
        kind: 'torque',
        value: least,
        upTo: most,
        of: `${i + 1}`,
      })),
      page: 'square',
    },
  ];
};
