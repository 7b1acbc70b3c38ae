import { allWelds } from '../../buying/index.js';
import { parsePartId, type PartId } from '../../project/index.js';
import { inches } from '../../units/index.js';
import { frameTarget } from '../squaring.js';
import { oneSideBowM } from './bow.js';
import { type Draft, lengthOf, markOf, piecesOfGroups, type Plan } from './draft.js';
import type { Caution, PlanFigure } from './task.js';
import { turningOf } from './turnOver.js';

/** Hours to lay a metre of fillet, with clamping, turning to the next and cooling; to cut a piece; to dress its ends. Common practice. */
const WELD_H_PER_M = [0.3, 0.7] as const;
const CUT_H = [0.08, 0.2] as const;
const DRESS_H = [0.08, 0.2] as const;

const range = ([least, most]: readonly [number, number], times: number): [number, number] => [
  Math.max(0.25, least * times),
  Math.max(0.25, most * times),
];

const metals = ({ evaluation }: Plan) => new Set(evaluation.chassis.members.map(({ material }) => material.family));

/** What welding asks for on any day. */
const weldingCautions = (plan: Plan): readonly Caution[] => [
  'fire-watch',
  'zinc',
  'solvent',
  'closed-tube',
  ...(metals(plan).has('aluminum') ? (['aluminum', 'aluminum-peak'] as const) : []),
];

/** What stands before the frame: metal looked over, cut and dressed. */
export const metalTasks = (plan: Plan): readonly Draft[] => {
  const { rows, plates, totals } = plan.evaluation.cutList;
  const pieces = rows.reduce((sum, { quantity }) => sum + quantity, 0);
  const all = rows.map(({ mark, quantity }) => ({ mark, count: quantity }));
  if (pieces === 0) return [];
  return [
    {
      kind: 'check-steel',
      phase: 'metal',
      hours: [0.5, 1.5],
      tools: ['caliper', 'tape'],
      figures: totals.map(({ sectionId, designation, materialName, lengthM }) =>
        lengthOf(`${sectionId} ${materialName}`, 'stock', lengthM, { of: designation }),
      ),
      page: 'buy',
    },
    {
      kind: 'cut',
      phase: 'metal',
      hours: range(CUT_H, pieces),
      pieces: [...all, ...plates.map(({ mark, quantity }) => ({ mark, count: quantity }))],
      tools: ['saw', 'tape', 'square', 'chalk'],
      cautions: ['grinding'],
      figures: [{ id: 'pieces', what: 'pieces', kind: 'count', value: pieces }],
      page: 'saw',
    },
    {
      kind: 'prepare',
      phase: 'metal',
      hours: range(DRESS_H, pieces),
      tools: ['grinder', 'drill', 'brush'],
      cautions: ['grinding', 'zinc', ...(metals(plan).has('aluminum') ? (['aluminum'] as const) : [])],
    },
  ];
};

/** From the front edge to the front face of each cross-member, as a tape is laid. */
const crossFigures = (plan: Plan): readonly PlanFigure[] => {
  const { chassis } = plan.evaluation;
  return chassis.members
    .filter(({ group }) => group === 'cross')
    .toSorted((a, b) => a.extent.x0M - b.extent.x0M)
    .map(({ id, extent }) => lengthOf(id, 'cross', extent.x0M, { of: id, ...markOf(plan, id) }));
};

/** What goes under the cross-members to hold them below the tops of the rails, where the deck lies in between; none where all is flush. */
const spacerFigures = ({ evaluation }: Plan): readonly PlanFigure[] => {
  const drops = evaluation.chassis.members
    .filter(({ group, extent }) => group === 'cross' && extent.z1M < -1e-4)
    .map(({ extent }) => -extent.z1M);
  const different = [...new Set(drops.map((drop) => Math.round(drop * 1e4) / 1e4))];
  return different.map((drop) => lengthOf(`spacer ${drop}`, 'spacer', drop));
};

/** Numbers of a frame that lies on its stands. */
const outlineFigures = ({ trailer }: Plan): readonly PlanFigure[] => {
  const { lengthM, widthM, diagonalM, withinM } = frameTarget(trailer);
  return [
    lengthOf('long', 'long', lengthM),
    lengthOf('wide', 'wide', widthM),
    lengthOf('diagonal', 'diagonal', diagonalM),
    lengthOf('within', 'within', withinM),
  ];
};

/** The frame laid out and tacked, tongue included: the axle is set by the ball. */
export const layOutTasks = (plan: Plan): readonly Draft[] => {
  const { trailer, evaluation, upsideDown } = plan;
  const { chassis } = evaluation;
  const outline = outlineFigures(plan);
  const cross = crossFigures(plan);
  const lies = { phase: 'frame', drawing: 'frame', upsideDown } as const;
  const target = frameTarget(trailer);
  return [
    {
      kind: 'level',
      ...lies,
      drawing: null,
      hours: [0.5, 1],
      people: 2,
      tools: ['stands', 'level', 'shims'],
      cautions: ['stands'],
      page: 'square',
    },
    {
      kind: 'lay-out',
      ...lies,
      hours: [0.5, 1.5],
      people: 2,
      pieces: piecesOfGroups(plan, ['rail', 'header']),
      figures: outline,
      tools: ['tape', 'square', 'clamps', 'chalk'],
    },
    ...(cross.length > 0
      ? [
          {
            kind: 'cross-members' as const,
            ...lies,
            hours: range([0.1, 0.25], cross.length),
            pieces: piecesOfGroups(plan, ['cross']),
            figures: [...cross, ...spacerFigures(plan)],
            tools: ['tape', 'square', 'clamps', 'chalk', 'spacers'] as const,
          },
        ]
      : []),
    ...(chassis.tongue
      ? [
          {
            kind: 'tongue' as const,
            ...lies,
            hours: [1, 3] as const,
            people: 2,
            pieces: piecesOfGroups(plan, ['tongue', 'packer']),
            figures: [
              lengthOf('ball-ahead', 'ball-ahead', -chassis.ballXM),
              lengthOf(
                'corner-to-ball',
                'corner-to-ball',
                Math.hypot(target.lengthM - chassis.ballXM, target.widthM / 2),
              ),
            ],
            tools: ['tape', 'plumb-bob', 'clamps', 'chalk'] as const,
            page: 'square' as const,
          },
        ]
      : []),
    {
      kind: 'tack',
      ...lies,
      hours: [0.5, 1.5],
      figures: outline.slice(2),
      tools: ['welder', 'clamps', 'tape', 'grinder'],
      cautions: weldingCautions(plan),
    },
    {
      kind: 'square',
      ...lies,
      hours: [0.5, 1],
      people: 2,
      figures: outline,
      tools: ['tape', 'clamps'],
      page: 'square',
    },
  ];
};

/** What hangs on a frame that is turned with its axle: coupler, axles and springs; no wheels yet. */
const HUNG: ReadonlySet<PartId['kind']> = new Set(['coupler', 'axle', 'springs']);

/** The frame turned over: all of its metal, and what hangs on it by then. */
export const turnTask = ({ evaluation, trailer }: Plan, axleIsOn: boolean): Draft => {
  const { sum, liftedKg, people, hoist } = turningOf(
    evaluation.bare.filter(({ group, id }) => group === 'frame' || (axleIsOn && HUNG.has(parsePartId(id).kind))),
  );
  return {
    kind: 'turn-over',
    phase: 'frame',
    hours: [0.25, 0.75],
    people,
    figures: [
      { id: 'turned-mass', what: 'turned-mass', kind: 'mass', value: sum.massKg },
      { id: 'lifted', what: 'lifted', kind: 'mass', value: liftedKg, aside: true },
      ...(sum.centre ? [lengthOf('balance-back', 'balance-back', sum.centre.xM)] : []),
    ],
    tools: ['stands'],
    cautions: [
      'turning',
      ...(hoist ? (['hoist'] as const) : []),
      ...(axleIsOn && trailer.runningGear.suspension.kind === 'leaf' ? (['springs'] as const) : []),
    ],
  };
};

/** What no tape sees is no bow, m. */
const LEAST_BOW_M = inches(1 / 64);

/** Welded on the side that lies up, and after it was turned on the other. */
export const weldTasks = (plan: Plan, axleIsOn: boolean) => {
  const { trailer, evaluation, upsideDown } = plan;
  const bow = oneSideBowM(evaluation.chassis, trailer.strength.weldLegM, !upsideDown);
  const weldM = allWelds(evaluation.chassis, []).reduce((sum, { lengthM }) => sum + lengthM, 0);
  const lengthFigure = lengthOf('weld-length', 'weld-length', weldM / 2, { aside: true });
  const first: Draft = {
    kind: 'weld-first',
    phase: 'frame',
    hours: range(WELD_H_PER_M, weldM * 0.6),
    drawing: 'frame',
    upsideDown,
    figures: [
      lengthFigure,
      ...(bow && bow[1] >= LEAST_BOW_M
        ? [lengthOf('bow-first', 'bow-first', bow[0], { upTo: bow[1], aside: true })]
        : []),
    ],
    tools: ['welder', 'grinder', 'brush', 'tape'],
    cautions: [...weldingCautions(plan), 'earth-clamp'],
  };
  const second: Draft = {
    kind: 'weld-second',
    phase: 'frame',
    hours: range(WELD_H_PER_M, weldM * 0.4),
    drawing: 'frame',
    upsideDown: !upsideDown,
    figures: [lengthFigure],
    tools: ['welder', 'grinder', 'brush', 'tape'],
    cautions: [
      ...weldingCautions(plan),
      'earth-clamp',
      ...(axleIsOn ? (['near-wheels', 'no-weld-axle'] as const) : []),
    ],
  };
  return { first, second };
};
