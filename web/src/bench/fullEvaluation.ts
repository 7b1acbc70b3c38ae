import {
  type AnalysisOutcome,
  type Evaluation,
  evaluate,
  type Trailer,
  withOlderStrength,
  withStrength,
} from '@kereta/core';
import { useMemo } from 'react';
import type { Strength } from '../jobs/questions';

const analysed = new WeakMap<AnalysisOutcome, Evaluation>();

/** The trailer that was analysed with what was found; kept, since it stands beside every change until the next one is finished. */
const olderOf = (of: Trailer, outcome: AnalysisOutcome): Evaluation => {
  const known = analysed.get(outcome);
  if (known?.trailer === of) return known;
  const made = withStrength(evaluate(of), outcome);
  analysed.set(outcome, made);
  return made;
};

/** The light chain of now with the frame analysis: of now where it is done, else of before as a whole. */
export const fullEvaluation = (shown: Trailer, { outcome, of, current }: Strength, committed: Trailer): Evaluation => {
  const light = evaluate(shown);
  if (!outcome || !of) return light;
  return current && shown === committed ? withStrength(light, outcome) : withOlderStrength(light, olderOf(of, outcome));
};

/** The same of a trailer that stands still: a printed sheet. */
export const useFullEvaluation = (trailer: Trailer, strength: Strength): Evaluation =>
  useMemo(() => fullEvaluation(trailer, strength, trailer), [trailer, strength]);
