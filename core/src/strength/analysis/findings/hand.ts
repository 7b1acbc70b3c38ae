import { finding } from '../../../findings/index.js';

import type { StrengthResult } from '../../by-hand/findings.js';
import type { StrengthAnalysis } from '../analysis.js';
import { type AnalysisFinding, plain } from './data.js';
import { RULES, APART } from '../../rules.js';

export const handFindings = ({ bumps }: StrengthAnalysis, hand: StrengthResult): AnalysisFinding[] => {
  const pairs = hand.checks.flatMap(({ caseId, rails, tongue }) =>
    [...rails, ...(tongue ? [tongue] : [])].flatMap((work) => {
      const frame = bumps.get(work.member.id)?.get(caseId);
      return frame === undefined
        ? []
        : [{ memberId: work.member.id, group: work.member.group, hand: work.utilisation, frame, caseId }];
    }),
  );
  return (['rail', 'tongue'] as const).flatMap((group) => {
    const own = pairs.filter((pair) => pair.group === group);
    const worst = own.reduce<(typeof own)[number] | undefined>(
      (most, next) => (!most || next.hand > most.hand ? next : most),
      undefined,
    );
    if (!worst) return [];
    const apart = Math.max(worst.hand, worst.frame) > APART * Math.min(worst.hand, worst.frame);
    return [
      finding({
        ...plain,
        rule: RULES['hand-compared'],
        data: { memberId: worst.memberId, hand: worst.hand, frame: worst.frame, apart },
        verdict: apart ? 'unchecked' : 'ok',
        subject: worst.memberId,
        caseId: worst.caseId,
        counts: false,
      }),
    ];
  });
};
