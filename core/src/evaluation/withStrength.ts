import { bySeverity } from '../findings/index.js';
import type { Trailer } from '../project/index.js';
import { type AnalysisInput, type AnalysisOutcome, analysisFindings, analyseStrength } from '../strength/index.js';
import { type AnyFinding, type Evaluation, evaluate, summed } from './evaluate.js';

/** The hand check of these stays beside the frame analysis and only compares. */
const COMPARED: ReadonlySet<string> = new Set(['rails', 'tongue', 'cross-member']);
/** What the frame analysis answers in their place. */
const REPLACED: ReadonlySet<string> = new Set([
  'cross-members-rest',
  'deflection',
  'tongue-root',
  'support-assumed',
  'not-in-hand-check',
]);

/** Whether the frame analysis answers for this check of the light chain, or only compares itself with it. */
export const isAnsweredByAnalysis = (code: string): boolean => COMPARED.has(code) || REPLACED.has(code);

export const analysisInput = (trailer: Trailer, { chassis, bare, cases }: Evaluation): AnalysisInput => ({
  trailer,
  chassis,
  bare,
  cases,
});

/** The light chain's findings with those of the frame analysis, once that is done. */
export const withStrength = (evaluation: Evaluation, outcome: AnalysisOutcome): Evaluation => {
  const memberOf = (id: string) => evaluation.chassis.members.find((member) => member.id === id);
  const own = analysisFindings(outcome, evaluation.strength, memberOf, {
    settings: evaluation.trailer.settings,
    panels: evaluation.chassis.panels,
    rearOn: evaluation.chassis.tongue?.rearOn,
  });
  const done = outcome.kind === 'analysed';
  const findings: AnyFinding[] = [
    ...evaluation.findings.flatMap((finding) =>
      done && REPLACED.has(finding.code)
        ? []
        : [done && COMPARED.has(finding.code) ? { ...finding, counts: false } : finding],
    ),
    ...own,
  ];
  findings.sort(bySeverity);
  return { ...evaluation, ...summed(findings) };
};

/**
 * A trailer as it is now, with what the frame analysis said of it before the last change: its strength step is that older one as a
 * whole, so that no figure of now stands beside one of then.
 */
export const withOlderStrength = (now: Evaluation, older: Evaluation): Evaluation => {
  const findings = [
    ...now.findings.filter(({ step }) => step !== 'strength'),
    ...older.findings.filter(({ step }) => step === 'strength'),
  ];
  findings.sort(bySeverity);
  return { ...now, strength: older.strength, ...summed(findings) };
};

/** Everything about a trailer, frame analysis and all, at once: for the command line and tests. */
export const evaluateFully = (
  trailer: Trailer,
): { readonly evaluation: Evaluation; readonly outcome: AnalysisOutcome } => {
  const light = evaluate(trailer);
  const outcome = analyseStrength(analysisInput(trailer, light));
  return { evaluation: withStrength(light, outcome), outcome };
};
