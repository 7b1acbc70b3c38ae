import { bySeverity, rollUp, STEP_IDS, type StepId } from '../findings/index.js';
import type { Project } from '../project/index.js';
import { type AnalysisInput, type AnalysisOutcome, analysisFindings, analyseStrength } from '../strength/index.js';
import { type AnyFinding, type Evaluation, evaluate, stepResult } from './evaluate.js';

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

const summed = (evaluation: Evaluation, findings: readonly AnyFinding[]): Evaluation => ({
  ...evaluation,
  findings,
  steps: Object.fromEntries(STEP_IDS.map((step) => [step, stepResult(findings, step)])) as unknown as Record<
    StepId,
    Evaluation['steps'][StepId]
  >,
  verdict: rollUp(findings.filter(({ counts }) => counts).map(({ verdict }) => verdict)),
});

export const analysisInput = (project: Project, { chassis, bare, cases }: Evaluation): AnalysisInput => ({
  project,
  chassis,
  bare,
  cases,
});

/** The light chain's findings with those of the frame analysis, once that is done. */
export const withStrength = (evaluation: Evaluation, outcome: AnalysisOutcome): Evaluation => {
  const memberOf = (id: string) => evaluation.chassis.members.find((member) => member.id === id);
  const own = analysisFindings(outcome, evaluation.strength, memberOf);
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
  return summed(evaluation, findings);
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
  return summed({ ...now, strength: older.strength }, findings);
};

/** Everything about a trailer, frame analysis and all, at once: for the command line and tests. */
export const evaluateFully = (
  project: Project,
): { readonly evaluation: Evaluation; readonly outcome: AnalysisOutcome } => {
  const light = evaluate(project);
  const outcome = analyseStrength(analysisInput(project, light));
  return { evaluation: withStrength(light, outcome), outcome };
};
