import { builtReadings, statesOf } from '../as-built/index.js';
import { buildPlan, progressOf } from '../building/index.js';
import type { Evaluation } from '../evaluation/index.js';
import {
  axleRatingKg,
  logEntries,
  type Project,
  type RecordEntry,
  standingEntries,
  trailerOf,
  weighInEntries,
} from '../project/index.js';
import { dueOf, servicePlan } from '../service/index.js';
import { axleCount } from '../mass/index.js';
import { overallWidthM } from '../chassis/index.js';
import { formatMoney } from '../units/index.js';
import {
  BUILT_SIZE_NAMES,
  dueText,
  PAPERS_BY_REGION,
  readingName,
  REGION_NAMES,
  sentenceOf,
  SERVICE_NAMES,
  sourceText,
  speaker,
  type Speaker,
  STEP_NAMES,
  tapeText,
  taskName,
  VERDICT_WORDS,
} from '../wording/index.js';

/** A table of the book: its columns with their widths as shares. */
export interface BookTable {
  readonly title: string;
  readonly head: readonly string[];
  readonly widths: readonly number[];
  readonly rows: readonly (readonly string[])[];
}

export interface TrailerBook {
  /** what stands before the drawings */
  readonly front: readonly BookTable[];
  /** what was measured, done and paid */
  readonly back: readonly BookTable[];
}

const TO_BE_READ = 'not read yet';

/** What belongs on the trailer's plate; what nobody has read says so. */
const plateTable = ({ trailer, chassis, cases }: Evaluation, say: Speaker): BookTable => {
  const { runningGear, coupling, ratedGrossKg } = trailer;
  const mass = (kg: number | null): string => (kg === null ? TO_BE_READ : say.mass(kg));
  const emptyKg = Math.min(...cases.filter(({ loadCase }) => loadCase.mode === 'towed').map(({ massKg }) => massKg));
  const count = axleCount(trailer);
  const rating = axleRatingKg(runningGear);
  return {
    title: 'data plate',
    head: ['Figure', 'Value', 'Where it comes from'],
    widths: [34, 30, 36],
    rows: [
      ['Gross mass (GVWR, ATM)', mass(ratedGrossKg), 'declared, by its weakest link'],
      ...(count === 0
        ? []
        : [[count === 1 ? 'Axle rating (GAWR)' : `Each of ${count} axles (GAWR)`, mass(rating), 'its tag']]),
      [
        'Lightest load, as designed',
        Number.isFinite(emptyKg) ? say.mass(emptyKg) : TO_BE_READ,
        'worked out; a scale governs',
      ],
      [
        'Cargo never above',
        ratedGrossKg === null || !Number.isFinite(emptyKg) ? TO_BE_READ : say.mass(Math.max(0, ratedGrossKg - emptyKg)),
        'gross less the lightest load',
      ],
      ...(coupling.fitted
        ? [
            ['Coupler', mass(coupling.ratedGrossKg), 'its stamp'],
            ['Load on the ball at most', mass(coupling.tongueLimitKg), 'its stamp'],
          ]
        : []),
      ...(count === 0
        ? []
        : [
            ['Tires', runningGear.tire.name || TO_BE_READ, 'sidewall'],
            ['Cold pressure', runningGear.tire.pressure || TO_BE_READ, 'sidewall'],
          ]),
      ['Length with tongue', say.length(trailer.frame.bed.lengthM - Math.min(0, chassis.ballXM)), 'as drawn'],
      ['Width', say.length(overallWidthM(trailer).widthM), 'as drawn'],
      ['Number, month and year', '', 'by the authority and the builder'],
    ],
  };
};

const papersTable = ({ trailer }: Evaluation): BookTable => ({
  title: 'papers: usual demands, the authority’s own list governs',
  head: ['Region', 'What is asked for', 'Source'],
  widths: [14, 58, 28],
  rows: trailer.settings.regions.flatMap((region) => {
    const { asks, source } = PAPERS_BY_REGION[region];
    return asks.map((ask) => [REGION_NAMES[region], ask, sourceText(source)]);
  }),
});

const weightsTable = ({ trailer }: Evaluation, record: Project['record'], say: Speaker): BookTable => {
  const load = (newtons: number | undefined): string => (newtons === undefined ? '–' : say.load(newtons));
  return {
    title: 'weights as designed, built and weighed',
    head: ['Load', 'Tongue, designed', 'All', 'Tongue, built', 'All', 'Tongue, weighed', 'All'],
    widths: [28, 14, 10, 14, 10, 14, 10],
    rows: statesOf(trailer, record).loads.map(({ caseId, states: { designed, built, weighed } }) => [
      say.caseName(caseId),
      ...[designed, built, weighed].flatMap(({ tongueN, massKg }) => [load(tongueN), say.mass(massKg)]),
    ]),
  };
};

/** Every check with its verdict: what was checked, and what was not. */
const checksTable = ({ findings }: Evaluation, say: Speaker): BookTable => ({
  title: 'what was checked, and what was not',
  head: ['Step', 'Verdict', 'What was found', 'By which rule'],
  widths: [13, 9, 50, 28],
  rows: findings
    .filter(({ counts }) => counts)
    .map((finding) => [
      STEP_NAMES[finding.step],
      VERDICT_WORDS[finding.verdict],
      sentenceOf(finding, say),
      sourceText(finding.source),
    ]),
});

const SQUARED = {
  level: 'Level',
  frame: 'Frame’s diagonals',
  tongue: 'Ball to rear corners',
  'front-corners': 'Ball to front corners',
  hangers: 'Hangers’ diagonals',
  gate: 'Gate’s diagonals',
  axle: 'Axle from the ball',
  parallel: 'Axles side by side',
  'run-out': 'Axle under a dial',
  toe: 'Toe',
  camber: 'Lean of wheels',
  shackle: 'Shackle’s bolts',
  hitched: 'Ends of the bed, hitched',
} as const satisfies Readonly<Record<Extract<RecordEntry, { kind: 'squaring' }>['of'], string>>;

const measuredTable = (record: Project['record'], say: Speaker): BookTable => ({
  title: 'what was measured and weighed',
  head: ['Day', 'What', 'Readings'],
  widths: [14, 30, 56],
  rows: [
    ...standingEntries(record).flatMap((entry) =>
      entry.kind === 'squaring' && entry.readings
        ? [
            [
              entry.date,
              SQUARED[entry.of],
              Object.entries(entry.readings)
                .map(([key, value]) => `${key} ${tapeText(value, say)}`)
                .join(', '),
            ],
          ]
        : [],
    ),
    ...builtReadings(record).map(({ size, value, date }) => [date, BUILT_SIZE_NAMES[size], tapeText(value, say)]),
    ...weighInEntries(record).map(({ date, caseId, readings }) => [
      date,
      `Scale, ${say.caseName(caseId)}`,
      Object.entries(readings)
        .map(([name, value]) => `${readingName(name)} ${say.load(value)}`)
        .join(', '),
    ]),
  ],
});

const STATE_WORDS = { 'to-do': 'to do', done: 'done', skipped: 'skipped' } as const;

const workTable = (evaluation: Evaluation, record: Project['record']): BookTable => ({
  title: 'tasks',
  head: ['Task', 'State', 'Day', 'Hours', 'Note'],
  widths: [28, 9, 12, 8, 43],
  rows: progressOf(buildPlan(evaluation), record).map(({ task, state, entry, spentH }) => [
    taskName(task),
    STATE_WORDS[state],
    state === 'to-do' ? '' : (entry?.date ?? ''),
    spentH > 0 ? String(spentH) : '',
    entry?.note ?? '',
  ]),
});

const journalTable = (record: Project['record']): BookTable => ({
  title: 'journal',
  head: ['Day', 'Who', 'Hours', 'What'],
  widths: [13, 14, 8, 65],
  rows: logEntries(record).map(({ date, who = '', hours, text }) => [
    date,
    who,
    hours === null ? '' : String(hours),
    text,
  ]),
});

const paidTable = ({ trailer }: Evaluation, record: Project['record']): BookTable => ({
  title: 'what was paid',
  head: ['Day', 'What', 'From', 'Paid'],
  widths: [14, 48, 22, 16],
  rows: standingEntries(record).flatMap((entry) =>
    entry.kind === 'purchase' && entry.paid !== null
      ? [[entry.date, entry.what, entry.supplier ?? '', formatMoney(entry.paid, trailer.settings.currency)]]
      : [],
  ),
});

const serviceTable = ({ trailer }: Evaluation, record: Project['record'], say: Speaker, today: string): BookTable => ({
  title: 'service',
  head: ['What', 'When'],
  widths: [45, 55],
  rows: dueOf(servicePlan(trailer), record, today).map((due) => [SERVICE_NAMES[due.task.code], dueText(due, say)]),
});

/** The trailer's book as tables; of what was never done none stands there. `today`: ISO day. */
export const trailerBook = (project: Project, evaluation: Evaluation, today: string): TrailerBook => {
  const say = speaker(trailerOf(project));
  const { record } = project;
  return {
    front: [
      plateTable(evaluation, say),
      weightsTable(evaluation, record, say),
      checksTable(evaluation, say),
      papersTable(evaluation),
    ],
    back: [
      measuredTable(record, say),
      workTable(evaluation, record),
      journalTable(record),
      paidTable(evaluation, record),
      serviceTable(evaluation, record, say, today),
    ].filter(({ rows }) => rows.length > 0),
  };
};
