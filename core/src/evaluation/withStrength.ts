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

export const analysisInput = (project: Project, { chassis, bare, cases }: Evaluation): AnalysisInput => ({
  project,
  chassis,
  bare,
  cases,
});

/** The light chain's findings with those of the frame analysis, once that is done. */
export const withStrength = (evaluation: Evaluation, outcome: AnalysisOutcome): Evaluation => {
  const groupOf = (id: string) => evaluation.chassis.members.find((member) => member.id === id)?.group;
  const own = analysisFindings(outcome, evaluation.strength, groupOf);
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
  return {
    ...evaluation,
    findings,
    steps: Object.fromEntries(STEP_IDS.map((step) => [step, stepResult(findings, step)])) as unknown as Record<
      StepId,
      Evaluation['steps'][StepId]
    >,
    verdict: rollUp(findings.filter(({ counts }) => counts).map(({ verdict }) => verdict)),
  };
};

/** Everything about a trailer, frame analysis and all, at once: for the command line and tests. */
export const evaluateFully = (
  project: Project,
): { readonly evaluation: Evaluation; readonly outcome: AnalysisOutcome } => {
  const light = evaluate(project);
  const outcome = analyseStrength(analysisInput(project, light));
  return { evaluation: withStrength(light, outcome), outcome };
};
