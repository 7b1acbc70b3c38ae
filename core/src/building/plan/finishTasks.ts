import { BOARD_GAP_M, coatingChoice, coatingFigures, ventRows } from '../../coating/index.js';
import { towsOnRoad } from '../../project/index.js';
import { inches } from '../../units/index.js';
import { type Draft, lengthOf, piecesOfGroups, type Plan } from './draft.js';
import type { PlanFigure } from './task.js';

/** Left about a gate so that it opens after paint and rust, m. Common practice. */
const GATE_GAP_M = inches(1 / 4);

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

/** No task is done in less, h. */
const LEAST_HOURS = 0.5;
const atLeast = ([least, most]: readonly [number, number]): readonly [number, number] => [
  Math.max(LEAST_HOURS, least),
  Math.max(2 * LEAST_HOURS, most),
];

/** Cleaned and coated; what is of aluminum stays bare, and what nobody wants coated. */
export const coatTasks = ({ trailer, evaluation: { chassis } }: Plan): readonly Draft[] => {
  const choice = coatingChoice(trailer, chassis);
  const { areaM2, cleanHours, coatHours } = coatingFigures(chassis, choice);
  if (areaM2 <= 0 || choice.system === 'none') return [];
  const vents = choice.system === 'galvanized' ? ventRows(chassis) : [];
  const diameters = vents.map(({ diameterM }) => diameterM);
  return [
    {
      kind: 'clean',
      phase: 'finish',
      hours: atLeast(cleanHours),
      tools: ['grinder', 'brush'],
      cautions: ['solvent', 'grinding'],
      page: 'coat',
    },
    {
      kind: 'coat',
      phase: 'finish',
      hours: atLeast(coatHours),
      tools: ['brush'],
      cautions: choice.system === 'galvanized' ? ['galvanize'] : [],
      figures: [
        { id: 'coat-area', what: 'coat-area', kind: 'area', value: areaM2, aside: true },
        ...(vents.length > 0
          ? [
              {
                id: 'vents',
                what: 'vents',
                kind: 'count',
                value: vents.reduce((sum, { holes }) => sum + holes, 0),
                aside: true,
              } satisfies PlanFigure,
              lengthOf('vent-size', 'vent-size', Math.min(...diameters), { upTo: Math.max(...diameters), aside: true }),
            ]
          : []),
      ],
      page: 'coat',
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
            page: 'papers' as const,
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
