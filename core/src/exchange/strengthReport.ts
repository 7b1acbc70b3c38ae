import { analysisInput, evaluate, type Evaluation, withStrength } from '../evaluation/index.js';
import type { Trailer } from '../project/index.js';
import {
  analysisSteps,
  type BarInRun,
  barsOfRun,
  hardestOf,
  type OpinionId,
  type OpinionResult,
  opinionOf,
  type RunBalance,
  type SituationId,
  type StrengthAnalysis,
} from '../strength/index.js';

/** Which runs are wanted; all of them where nothing is said. */
export interface StrengthFilter {
  readonly opinion?: OpinionId | undefined;
  readonly situation?: SituationId | undefined;
  readonly caseId?: string | undefined;
}

interface RunHead {
  readonly opinion: OpinionId;
  readonly situation: SituationId;
  readonly variant: string;
  readonly caseId: string;
}

/** Everything that the frame analysis worked out: N, N·m, m; local axes as in the neutral frame file. */
export interface StrengthReport {
  readonly opinions: Readonly<Record<string, unknown>>;
  readonly members: readonly { readonly id: string; readonly runs: readonly object[] }[];
  readonly welds: readonly object[];
  readonly reactions: readonly object[];
  readonly problem?: string;
}

const wants = (filter: StrengthFilter, { opinion, situation, caseId }: RunHead): boolean =>
  (filter.opinion === undefined || filter.opinion === opinion) &&
  (filter.situation === undefined || filter.situation === situation) &&
  (filter.caseId === undefined || filter.caseId === caseId);

const ORIGIN = [0, 0, 0] as const;

const reactionOf = (balance: RunBalance) => {
  const at = (place: string): readonly number[] => balance.outside.find((own) => own.place === place)?.forceN ?? ORIGIN;
  const axles = [
    ...new Set(balance.outside.flatMap(({ place }) => /^(axle\.\d)\.hub\./.exec(place)?.[1] ?? [])),
  ].sort();
  return {
    opinion: opinionOf(balance),
    situation: balance.situation,
    variant: balance.variant,
    caseId: balance.caseId,
    ballN: at('ball'),
    axles: axles.map((id) => ({ id, leftN: at(`${id}.hub.left`), rightN: at(`${id}.hub.right`) })),
  };
};

const opinionReport = (evaluation: Evaluation, analysis: StrengthAnalysis) => {
  const worst = (result: OpinionResult | undefined) => {
    const found = result && hardestOf(result)[0];
    return found ? { ...found.key, what: found.what, member: found.memberId, utilisation: found.share } : null;
  };
  const verdictOf = (code: string) => evaluation.findings.find((finding) => finding.code === code)?.verdict ?? null;
  return {
    own: { verdict: evaluation.steps.strength.verdict, worst: worst(analysis) },
    badly: { verdict: verdictOf('badly-loaded'), worst: worst(analysis.badly) },
    rules: {
      australia: {
        asked: evaluation.trailer.settings.regions.includes('australia'),
        verdict: verdictOf('published-loads'),
        worst: worst(analysis.rules),
      },
    },
  };
};

const weldsIn = (analysis: StrengthAnalysis): { opinion: OpinionId; result: OpinionResult }[] => [
  { opinion: 'own', result: analysis },
  ...(analysis.badly ? [{ opinion: 'badly' as const, result: analysis.badly }] : []),
  ...(analysis.rules ? [{ opinion: 'rules' as const, result: analysis.rules }] : []),
];

const withoutId = ({ memberId: _id, mid, ...bar }: BarInRun) => ({ ...bar, mid: { my: mid.my, mz: mid.mz } });

/** The whole frame analysis of a trailer as plain data, with the evaluation that it makes. */
export const strengthReport = (
  trailer: Trailer,
  filter: StrengthFilter,
): { readonly report: StrengthReport; readonly evaluation: Evaluation } => {
  const light = evaluate(trailer);
  const members = new Map<string, object[]>();
  const steps = analysisSteps({
    ...analysisInput(trailer, light),
    watch: (run) => {
      const { key, opinion } = run;
      const head: RunHead = { opinion, situation: key.situation, variant: key.variant, caseId: key.caseId };
      if (!wants(filter, head)) return;
      for (const bar of barsOfRun(run)) {
        const runs = members.get(bar.memberId) ?? [];
        members.set(bar.memberId, runs);
        runs.push({ ...head, balance: key.balance, ...withoutId(bar) });
      }
    },
  });
  let step = steps.next();
  while (!step.done) step = steps.next();
  const evaluation = withStrength(light, step.value);
  if (step.value.kind !== 'analysed') {
    return {
      report: { opinions: {}, members: [], welds: [], reactions: [], problem: step.value.kind },
      evaluation,
    };
  }
  const { analysis } = step.value;
  return {
    report: {
      opinions: opinionReport(evaluation, analysis),
      members: [...members].map(([id, runs]) => ({ id, runs })),
      welds: weldsIn(analysis).flatMap(({ opinion, result }) =>
        result.welds
          .filter(({ situation, variant, caseId }) => wants(filter, { opinion, situation, variant, caseId }))
          .map(({ memberId, joint, end, situation, caseId, utilisation, legM }) => ({
            id: `weld.${memberId}.${end}`,
            member: memberId,
            on: joint,
            opinion,
            situation,
            caseId,
            utilisation,
            legM,
          })),
      ),
      reactions: analysis.balances
        .filter((balance) => wants(filter, { ...balance, opinion: opinionOf(balance) }))
        .map(reactionOf),
    },
    evaluation,
  };
};
