import type { Trailer } from '../project/index.js';
import type { AnalysisOutcome } from '../strength/index.js';
import { type AnyFinding, evaluate } from './evaluate.js';
import { isAnsweredByAnalysis, withStrength } from './withStrength.js';

/** A check that fails and counts: what stays of it while figures change. */
export interface Fail {
  /** the finding's own, which stays while its figures change */
  readonly id: string;
  readonly code: AnyFinding['code'];
  readonly subject: string;
}

/**
 * Everything about a trailer that fails and counts, in all steps. Without an outcome, what the frame analysis answers for is left out: the rest can
 * be looked at before it.
 */
export const failsOf = (trailer: Trailer, outcome: AnalysisOutcome | undefined): readonly Fail[] => {
  const light = evaluate(trailer);
  const { findings } = outcome ? withStrength(light, outcome) : light;
  return findings
    .filter(({ counts, verdict, code }) => counts && verdict === 'over' && (outcome || !isAnsweredByAnalysis(code)))
    .map(({ id, code, subject }) => ({ id, code, subject }));
};
