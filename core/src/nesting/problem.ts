/** A length that is needed, in whole units. */
export interface Part {
  readonly length: number;
  readonly quantity: number;
  /**
   * Parts of one slant lie nose to tail: each then takes its length along a face, and a stick with any of them one slant on top.
   * `slant`: what the cut runs along the stick; `name`: which cuts fit one another.
   */
  readonly nests?: { readonly name: string; readonly slant: number };
}

/** A length of stock on offer or on hand. */
export interface Stock {
  readonly length: number;
  /** whole money units for one */
  readonly price: number;
  /** null: as many as wanted */
  readonly available: number | null;
  /** the end of a stick that is used anyway: it does not count as one more */
  readonly begun?: boolean;
}

/**
 * What is to be cut from what, in whole units of length and of money. Parts fit on a stick where their lengths and the saw's loss between
 * two of them are no more than its length: the last cut may be flush.
 */
export interface CuttingProblem {
  readonly kerf: number;
  readonly stock: readonly Stock[];
  readonly parts: readonly Part[];
}

/** One way to cut a stick: how many of each part, in the order of the problem's parts. */
export interface Pattern {
  readonly stock: number;
  readonly counts: readonly number[];
}

export interface PlannedPattern extends Pattern {
  readonly times: number;
}

export interface CuttingPlan {
  readonly patterns: readonly PlannedPattern[];
  /** of every stick used */
  readonly price: number;
  readonly sticks: number;
  /** no plan costs less than this */
  readonly leastPrice: number;
  /** no plan costs less, and none of this cost needs fewer sticks */
  readonly proved: boolean;
  /** nor can one offcut of the same sticks be longer */
  readonly offcutProved: boolean;
}

/** The lengths on which parts of one cut fit, as the saw takes them: with the loss of one cut each. */
export interface Weights {
  /** of each part, the saw's cut behind it and its slant behind the next one counted in */
  readonly of: readonly number[];
  /** of each kind of slant, once for a stick that has any of it */
  readonly slants: ReadonlyMap<string, number>;
}

/** What each part takes of a stick of its length and one kerf. */
export const weightsOf = ({ kerf, parts }: CuttingProblem): Weights => {
  const slants = new Map<string, number>();
  for (const { nests } of parts) if (nests) slants.set(nests.name, Math.max(nests.slant, slants.get(nests.name) ?? 0));
  return { of: parts.map(({ length, nests }) => length + kerf - (nests ? nests.slant : 0)), slants };
};

/** What a pattern takes of a stick, its last cut flush. */
export const takenBy = (problem: CuttingProblem, counts: readonly number[]): number => {
  const weights = weightsOf(problem);
  const slanted = new Set(problem.parts.flatMap(({ nests }, i) => (nests && counts[i] ? [nests.name] : [])));
  const slants = [...slanted].reduce((sum, name) => sum + (weights.slants.get(name) ?? 0), 0);
  const parts = counts.reduce((sum, count, i) => sum + count * (weights.of[i] ?? 0), 0);
  return parts === 0 ? 0 : parts + slants - problem.kerf;
};
