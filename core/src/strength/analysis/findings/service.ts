import { checkShare, finding, type Verdict } from '../../../findings/index.js';

import type { StrengthAnalysis } from '../analysis.js';
import { deflectionLines, fatigueLines } from '../workings.js';
import { type AnalysisFinding, plain } from './data.js';
import { RULES, DESIGN_KM } from '../../rules.js';

export const deflectionFindings = ({ deflections }: StrengthAnalysis): AnalysisFinding[] =>
  deflections.map((found) => {
    const utilisation = (found.byM * found.divisor) / found.lengthM;
    const { what, memberId, byM, lengthM, divisor } = found;
    return checkShare({
      ...plain,
      rule: RULES['frame-deflection'],
      data: { what, memberId, byM, lengthM, divisor },
      aspect: what,
      subject: memberId,
      caseId: found.caseId,
      utilisation,
      working: deflectionLines(found),
    });
  });

export const fatigueFindings = ({ fatigue }: StrengthAnalysis): AnalysisFinding[] => {
  if (!fatigue) return [];
  const verdict: Verdict = fatigue.km < DESIGN_KM / 10 ? 'over' : fatigue.km < DESIGN_KM ? 'tight' : 'ok';
  return [
    finding({
      ...plain,
      rule: RULES['fatigue-life'],
      data: { memberId: fatigue.memberId, joint: fatigue.joint, km: fatigue.km },
      verdict,
      subject: fatigue.memberId,
      caseId: fatigue.caseId,
      working: fatigueLines(fatigue),
    }),
  ];
};
