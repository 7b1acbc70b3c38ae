import { checkShare, quantity } from '../../../findings/index.js';
import { pairOf } from '../../../project/index.js';
import { type Source } from '../../../source.js';
import { SITUATIONS } from '../../situations/situations.js';
import type { Governing, MemberResult } from '../analysis.js';
import { memberLines } from '../workings.js';
import { type AnalysisFinding, plain } from './data.js';
import { RULES } from '../../rules.js';

export const clauseOf = ({ utilisation, resistance, situation, inner }: Governing): Source => {
  if (utilisation.rule === 'yield') return SITUATIONS[situation].source;
  const leading =
    utilisation.bendingY >= Math.max(utilisation.bendingZ, utilisation.axial)
      ? resistance.bendingY
      : utilisation.bendingZ >= utilisation.axial
        ? resistance.bendingZ
        : inner.n >= 0
          ? resistance.tension
          : resistance.compression;
  return leading.source;
};

const memberFinding = ({ memberId, worst, bySituation }: MemberResult): AnalysisFinding =>
  checkShare({
    ...plain,
    rule: RULES['frame-member'],
    data: {
      memberId,
      situation: worst.situation,
      variant: worst.variant,
      atM: worst.atM,
      rule: worst.utilisation.rule,
      weldAt: worst.weldAt,
    },
    subject: memberId,
    caseId: worst.caseId,
    value: quantity(worst.utilisation.value, 'percent'),
    utilisation: worst.utilisation.value,
    working: memberLines(worst, bySituation.standing),
    source: clauseOf(worst),
  });

/** Worst of each group, and whatever else is past the allowance, one of each pair; the others in one line. */
export const memberFindings = (
  members: readonly MemberResult[],
  groupOf: (memberId: string) => string | undefined,
): AnalysisFinding[] => {
  const sorted = [...members].sort((a, b) => b.worst.utilisation.value - a.worst.utilisation.value);
  const told = new Set<string>();
  const groups = new Set<string>();
  for (const member of sorted) {
    const group = groupOf(member.memberId) ?? member.memberId;
    const twin = pairOf(member.memberId);
    if (twin !== undefined && told.has(twin)) continue;
    if (groups.has(group) && member.worst.utilisation.value <= 1) continue;
    groups.add(group);
    told.add(member.memberId);
  }
  const rest = sorted.filter(({ memberId }) => !told.has(memberId));
  const shares = rest.map(({ worst }) => worst.utilisation.value);
  return [
    ...sorted.filter(({ memberId }) => told.has(memberId)).map(memberFinding),
    ...(rest.length > 0
      ? [
          checkShare({
            ...plain,
            rule: RULES['frame-members-rest'],
            data: { count: rest.length, least: Math.min(...shares), most: Math.max(...shares) },
            utilisation: Math.max(...shares),
          }),
        ]
      : []),
  ];
};
