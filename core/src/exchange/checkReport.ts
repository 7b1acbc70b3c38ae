import type { Evaluation } from '../evaluation/index.js';
import { axleRatingKg, type Trailer } from '../project/index.js';
import { weightN } from '../units/index.js';
import { sentenceOf, sourceText, speaker, VERDICT_WORDS } from '../wording/index.js';

/** What `kereta check --json` prints; SI units, stable field names. */
export interface CheckReport {
  readonly project: { readonly id: string; readonly name: string };
  readonly verdict: string;
  readonly cases: readonly {
    readonly id: string;
    readonly name: string;
    readonly massKg: number;
    readonly cgM: { readonly x: number; readonly y: number; readonly z: number } | null;
    readonly tongueN: number | null;
    readonly tonguePercent: number | null;
    readonly axles: readonly { readonly id: string; readonly loadN: number; readonly ratingN: number | null }[];
    readonly jackN?: number;
  }[];
  readonly findings: readonly {
    readonly code: string;
    readonly verdict: string;
    readonly step: string;
    readonly subject: string;
    readonly caseId: string | null;
    readonly counts: boolean;
    readonly utilisation: number | null;
    readonly value: number | null;
    readonly limit: number | null;
    readonly kind: string | null;
    readonly sentence: string;
    readonly source: string;
  }[];
}

export const checkReport = (trailer: Trailer, evaluation: Evaluation): CheckReport => {
  const say = speaker(trailer);
  const rating = axleRatingKg(trailer.runningGear);
  return {
    project: { id: trailer.id, name: trailer.name },
    verdict: evaluation.verdict,
    cases: evaluation.cases.map(({ loadCase, massKg, centre, standing }) => ({
      id: loadCase.id,
      name: loadCase.name,
      massKg,
      cgM: centre ? { x: centre.xM, y: centre.yM, z: centre.zM } : null,
      tongueN: standing ? standing.tongueN : null,
      tonguePercent: standing ? 100 * standing.tongueShare : null,
      axles: standing
        ? standing.axles.map(({ id, loadN }) => ({ id, loadN, ratingN: rating === null ? null : weightN(rating) }))
        : [],
      ...(standing?.on === 'jack' ? { jackN: standing.aheadN } : {}),
    })),
    findings: evaluation.findings.map((finding) => ({
      code: finding.code,
      verdict: finding.verdict,
      step: finding.step,
      subject: finding.subject,
      caseId: finding.caseId ?? null,
      counts: finding.counts,
      utilisation: finding.utilisation ?? null,
      value: finding.value?.value ?? null,
      limit: finding.limit?.value ?? null,
      kind: finding.value?.kind ?? null,
      sentence: sentenceOf(finding, say),
      source: sourceText(finding.source),
    })),
  };
};

/** Exit code of the check: 1 when something is over, 3 when nothing is over but something is missing, else 0. */
export const checkExitCode = ({ findings }: Evaluation): 0 | 1 | 3 => {
  const verdicts = new Set(findings.filter(({ counts }) => counts).map(({ verdict }) => verdict));
  return verdicts.has('over') ? 1 : verdicts.has('open') ? 3 : 0;
};

export const checkText = (trailer: Trailer, { findings }: Evaluation): string => {
  const say = speaker(trailer);
  const lines = findings.map(
    (finding) => `${(finding.counts ? VERDICT_WORDS[finding.verdict] : 'Note').padEnd(12)}${sentenceOf(finding, say)}`,
  );
  return [
    trailer.name,
    ...lines,
    'What was checked is listed above; nothing else was. Local law and a licensed engineer or inspector have the last word.',
  ].join('\n');
};
