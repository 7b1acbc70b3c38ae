import type { Sections, SizedGroup, Worst } from './design.js';
import type { Trailer } from '../../project/index.js';
import type { AnalysisOutcome } from '../analysis/analysis.js';

/** What may be taken, and what is wanted. */
export interface SizingRequest {
  readonly trailer: Trailer;
  /** sections to choose from, by group; a group that is left out stays as it is */
  readonly candidates: Readonly<Partial<Record<SizedGroup, readonly string[]>>>;
  readonly aim: 'mass' | 'price';
  readonly leastWallM: number;
  /** headers as deep as the rails, so that the deck lies flat */
  readonly flush: boolean;
  /** must bear the plate's gross badly loaded, too: the user's wish */
  readonly badly: boolean;
}

/**
 * Everything about a trailer that fails and counts, in all steps; without an outcome, what the frame analysis does not answer for. Sizing stands
 * before the evaluation that knows this, and is given it.
 */
export type FailsOf = (trailer: Trailer, outcome: AnalysisOutcome | undefined) => readonly NewFail[];
export interface NewFail {
  readonly id: string;
  readonly code: string;
  readonly subject: string;
}

export interface SizedDesign {
  readonly sections: Sections;
  readonly massKg: number;
  readonly price: number | undefined;
  readonly worst: Worst;
  /** checks of any step that fail and did not before */
  readonly fails: readonly NewFail[];
  /** under its loads, and without a check of any step that fails and did not before */
  readonly passes: boolean;
  /** how far the rails go between ball and axle under the load alone, m; undefined where no load was looked at */
  readonly railSagM: number | undefined;
}

export interface SizingResult {
  /** those that pass, best first; at most three */
  readonly best: readonly SizedDesign[];
  readonly present: SizedDesign;
  /** every allowed combination lighter or cheaper than the best was looked at and fails */
  readonly proved: boolean;
  /** of a search: no lighter set that differs in one group or two passes, as far as swaps are worth trying */
  readonly settled: boolean;
  readonly looked: number;
}

export interface SizingProgress {
  readonly done: number;
  readonly of: number;
}
