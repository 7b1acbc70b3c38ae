import { steelAreaM2 } from '../../buying/index.js';
import { towsOnRoad } from '../../project/index.js';
import { inches } from '../../units/index.js';
import { type Draft, lengthOf, piecesOfGroups, type Plan } from './draft.js';
import type { PlanFigure } from './task.js';

/** Left about a gate so that it opens after paint and rust, and between boards of wood that dry or swell, m. Common practice. */
const GATE_GAP_M = inches(1 / 4);
const BOARD_GAP_M = [inches(1 / 8), inches(1 / 4)] as const;

/** What is built on the bed once it is true: sides, gates, bodies, brackets. All welding is done before paint. */
export const bodyTasks = (plan: Plan): readonly Draft[] => {
  const { frame } = plan.trailer;
  const kinds = new Set(frame.pieces.map(({ kind }) => kind));
  const posts = piecesOfGroups(plan, ['side', 'post']);
  const own = piecesOfGroups(plan, ['own']);
  const body = [...kinds].some((kind) => kind !== 'gate' && kind !== 'spare' && kind !== 'fender');
  return [
    ...(posts.length > 0 || frame.sides.kind !== 'none'
      ? [
          {
            kind: 'sides' as const,
            phase: 'fittings' as const,
            hours: [2, 5] as const,
            people: 2,
            drawing: 'side' as const,
            pieces: posts,
            tools: ['tape', 'square', 'clamps', 'welder'] as const,
            cautions: ['near-wheels', 'fire-watch', 'zinc'] as const,
          },
        ]
      : []),
    ...(kinds.has('gate')
      ? [
          {
            kind: 'gate' as const,
            phase: 'fittings' as const,
            hours: [2, 5] as const,
            people: 2,
            figures: [lengthOf('gap', 'gap', GATE_GAP_M, { aside: true })],
            tools: ['tape', 'square', 'clamps', 'welder', 'spacers'] as const,
            cautions: ['near-wheels', 'fire-watch', 'zinc'] as const,
          },
        ]
      : []),
    ...(body || own.length > 0
      ? [
          {
            kind: 'body' as const,
            phase: 'fittings' as const,
            hours: [3, 10] as const,
            people: 2,
            drawing: 'side' as const,
            pieces: own,
            tools: ['tape', 'square', 'clamps', 'welder', 'drill'] as const,
            cautions: ['near-wheels', 'fire-watch', 'zinc'] as const,
          },
        ]
      : []),
    {
      kind: 'brackets',
      phase: 'fittings',
      hours: [2, 5],
      tools: ['tape', 'welder', 'drill', 'clamps'],
      cautions: ['near-wheels', 'no-weld-axle', 'fire-watch', 'zinc'],
    },
    { kind: 'inspect', phase: 'fittings', hours: [0.5, 1.5], tools: ['brush', 'dye', 'gauge'], page: 'drawing' },
  ];
};

/** A vent and a drain at both ends of what is closed, so wide at least, m. Common practice; the galvanizer's own table governs. */
const VENT_M = inches(1 / 2);

/** Steel tubes that are shut at both ends once they are welded in. */
const closedTubes = ({ evaluation }: Plan): number =>
  evaluation.chassis.members
    .filter(
      ({ material, section, existing }) =>
        !existing &&
        material.family === 'steel' &&
        (section.shape.kind === 'rect-tube' || section.shape.kind === 'round-tube'),
    )
    .reduce((sum, { pieces }) => sum + pieces, 0);

const steelOf = (plan: Plan): number => steelAreaM2(plan.evaluation.chassis);

/** Cleaned and coated; what is of aluminum stays bare. */
export const coatTasks = (plan: Plan): readonly Draft[] => {
  const areaM2 = steelOf(plan);
  const tubes = closedTubes(plan);
  if (areaM2 <= 0) return [];
  return [
    {
      kind: 'clean',
      phase: 'finish',
      hours: [2, 6],
      tools: ['grinder', 'brush'],
      cautions: ['solvent', 'grinding'],
    },
    {
      kind: 'coat',
      phase: 'finish',
      hours: [3, 8],
      tools: ['brush'],
      cautions: ['galvanize'],
      figures: [
        { id: 'coat-area', what: 'coat-area', kind: 'area', value: areaM2, aside: true },
        ...(tubes > 0
          ? [
              { id: 'vents', what: 'vents', kind: 'count', value: 2 * tubes, aside: true } satisfies PlanFigure,
              lengthOf('vent-size', 'vent-size', VENT_M, { aside: true }),
            ]
          : []),
      ],
    },
  ];
};

/** Chains, lamps and deck: what goes on after paint. */
const afterPaint = ({ trailer: { coupling, frame } }: Plan): readonly Draft[] => [
  ...(coupling.fitted && coupling.chains !== 'none'
    ? [
        {
          kind: 'chains' as const,
          phase: 'finish' as const,
          hours: [0.5, 1] as const,
          tools: ['tape'] as const,
          cautions: ['local-law'] as const,
          figures: [lengthOf('tab-apart', 'tab-apart', coupling.safetyChain.apartM)],
        },
      ]
    : []),
  ...(coupling.plug === 'none'
    ? []
    : [
        {
          kind: 'wire' as const,
          phase: 'finish' as const,
          hours: [3, 8] as const,
          tools: ['crimper', 'tester', 'drill'] as const,
          cautions: ['battery', 'local-law'] as const,
          page: 'lights' as const,
        },
      ]),
  ...(frame.deck.kind === 'none'
    ? []
    : [
        {
          kind: 'deck' as const,
          phase: 'finish' as const,
          hours: [2, 5] as const,
          tools: ['saw', 'drill', 'tape'] as const,
          figures:
            frame.deck.kind === 'planks'
              ? [lengthOf('gap', 'gap', BOARD_GAP_M[0], { upTo: BOARD_GAP_M[1], aside: true })]
              : [],
        },
      ]),
];

export const lastTasks = (plan: Plan): readonly Draft[] => {
  const { trailer, evaluation } = plan;
  const road = towsOnRoad(trailer);
  const weights: PlanFigure[] = evaluation.cases.flatMap(({ loadCase, massKg, standing }) =>
    standing && loadCase.mode === 'towed'
      ? [
          {
            id: `tongue.${loadCase.id}`,
            what: 'tongue-weight',
            kind: 'load',
            value: standing.tongueN,
            of: loadCase.id,
            aside: true,
          },
          {
            id: `whole.${loadCase.id}`,
            what: 'whole-weight',
            kind: 'mass',
            value: massKg,
            of: loadCase.id,
            aside: true,
          },
        ]
      : [],
  );
  return [
    ...afterPaint(plan),
    {
      kind: 'weigh',
      phase: 'road',
      hours: [1, 2],
      people: 2,
      tools: ['scale', 'jack', 'stands'],
      cautions: ['stands'],
      figures: weights,
      page: 'weigh-in',
    },
    ...(road
      ? [
          {
            kind: 'register' as const,
            phase: 'road' as const,
            hours: [1, 4] as const,
            cautions: ['local-law'] as const,
          },
          {
            kind: 'first-tow' as const,
            phase: 'road' as const,
            hours: [1, 3] as const,
            people: 2,
            tools: ['torque-wrench'] as const,
            cautions: ['slowly'] as const,
          },
          {
            kind: 'retorque' as const,
            phase: 'road' as const,
            hours: [0.5, 1] as const,
            tools: ['torque-wrench'] as const,
          },
        ]
      : []),
  ];
};
