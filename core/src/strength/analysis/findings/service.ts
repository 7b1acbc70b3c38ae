import { finding, type Verdict } from '../../../findings/index.js';

import type { StrengthAnalysis } from '../analysis.js';
import { fatigueClass, type FatigueClass } from '../fatigue.js';
import { deflectionLines, fatigueLines } from '../workings.js';
import { type AnalysisFinding, plain } from './data.js';
import { DEFLECTION_TIGHT, FAR_PAST, RULES } from '../../rules.js';

export const deflectionFindings = ({ deflections }: StrengthAnalysis): AnalysisFinding[] =>
  deflections.map((found) => {
    const utilisation = (found.byM * found.divisor) / found.lengthM;
    const { what, memberId, byM, lengthM, divisor } = found;
    // Limits of practice are limits of feel: past one a bed sways and a tongue nods, and nothing gives way.
    const verdict: Verdict = utilisation > FAR_PAST ? 'over' : utilisation > DEFLECTION_TIGHT ? 'tight' : 'ok';
    return finding({
      ...plain,
      rule: RULES['frame-deflection'],
      data: { what, memberId, byM, lengthM, divisor },
      aspect: what,
      subject: memberId,
      caseId: found.caseId,
      utilisation,
      verdict,
      working: deflectionLines(found),
    });
  });

const VERDICTS: Readonly<Record<FatigueClass, Verdict>> = { early: 'over', yearly: 'tight', 'not-expected': 'ok' };

export const fatigueFindings = ({ fatigue }: StrengthAnalysis): AnalysisFinding[] => {
  if (!fatigue) return [];
  const is = fatigueClass(fatigue.km);
  return [
    finding({
      ...plain,
      rule: RULES['fatigue-life'],
      data: {
        memberId: fatigue.memberId,
        joint: fatigue.joint,
        km: fatigue.km,
        class: is,
        pastYieldPa: fatigue.staticPa > fatigue.yieldPa ? fatigue.staticPa : undefined,
      },
      verdict: VERDICTS[is],
      subject: fatigue.memberId,
      caseId: fatigue.caseId,
      working: fatigueLines(fatigue),
    }),
  ];
};
