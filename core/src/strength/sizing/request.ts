import type { Sections, SizedGroup, Worst } from './design.js';
import type { Trailer } from '../../project/index.js';

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

export interface SizedDesign {
  readonly sections: Sections;
  readonly massKg: number;
  readonly price: number | undefined;
  readonly worst: Worst;
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
