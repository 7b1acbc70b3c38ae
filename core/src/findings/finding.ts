import type { Source } from '../source.js';
import type { Rule } from './rule.js';
import type { Measured, WorkingLine } from './working.js';

/** ok Within, tight Tight, over Fix, open Missing, unchecked Not checked. */
export type Verdict = 'ok' | 'tight' | 'over' | 'open' | 'unchecked';

/** Steps whose findings are checked, in working order. */
export const CHECKED_STEP_IDS = [
  'job',
  'frame',
  'loads',
  'axle',
  'tongue',
  'strength',
  'balance',
  'towing',
  'cut',
] as const;
export type CheckedStepId = (typeof CHECKED_STEP_IDS)[number];

/** All steps in working order; of the last two nothing is checked: how far they are the record tells. */
export const STEP_IDS = [...CHECKED_STEP_IDS, 'build', 'weigh'] as const;
export type StepId = (typeof STEP_IDS)[number];

export const isChecked = (step: StepId): step is CheckedStepId =>
  (CHECKED_STEP_IDS as readonly StepId[]).includes(step);

/** One thing that Kereta has to say: a code with its numbers, never a sentence; `wording/` makes the sentence. */
export interface Finding<Code extends string, Data> {
  /** what it is about, whatever it says: code, part, region, and what else tells it apart; the same after an edit */
  readonly id: string;
  readonly code: Code;
  readonly data: Data;
  readonly verdict: Verdict;
  readonly step: CheckedStepId;
  /** id of the part it is about */
  readonly subject: string;
  readonly caseId?: string | undefined;
  readonly region?: string | undefined;
  /** name of a further tow vehicle that it was asked of; undefined for the trailer's own */
  readonly vehicle?: string | undefined;
  readonly value?: Measured | undefined;
  readonly limit?: Measured | undefined;
  /** demand ÷ allowable */
  readonly utilisation?: number | undefined;
  /** false where it only compares or explains: it then has no say in the step's verdict */
  readonly counts: boolean;
  readonly working: readonly WorkingLine[];
  readonly rule: Rule;
  /** the rule's own, or the clause of it that governs here */
  readonly source: Source;
}

/** The union of findings that a table of code → data describes. */
export type FindingOf<Table> = { [Code in keyof Table & string]: Finding<Code, Table[Code]> }[keyof Table & string];

/** Tight from here on, unless a check says otherwise. */
export const TIGHT_FROM = 0.7;

export const verdictOf = (utilisation: number, tightFrom = TIGHT_FROM): Verdict =>
  utilisation > 1 ? 'over' : utilisation >= tightFrom ? 'tight' : 'ok';

const WORST_FIRST: readonly Verdict[] = ['over', 'open', 'tight', 'unchecked', 'ok'];

/** Roll-up: over > open > tight > unchecked > ok. Nothing checked is not within. */
export const rollUp = (verdicts: readonly Verdict[]): Verdict =>
  WORST_FIRST.find((verdict) => verdicts.includes(verdict)) ?? 'unchecked';

/** Worst verdict first. */
export const byVerdict = (a: Verdict, b: Verdict): number => WORST_FIRST.indexOf(a) - WORST_FIRST.indexOf(b);

/** Worst verdict first, then the highest utilisation. */
export const bySeverity = (
  a: Pick<Finding<string, unknown>, 'verdict' | 'utilisation' | 'counts'>,
  b: typeof a,
): number =>
  Number(b.counts) - Number(a.counts) || byVerdict(a.verdict, b.verdict) || (b.utilisation ?? 0) - (a.utilisation ?? 0);
