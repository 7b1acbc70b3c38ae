import { type Verdict, verdictOf } from '../../../findings/index.js';
import { commonPractice } from '../../../source.js';
import type { StrengthAnalysis } from '../analysis.js';
import { deflectionLines, fatigueLines } from '../workings.js';
import { type AnalysisFinding, plain } from './data.js';

const LIMIT_SOURCE = commonPractice('sag limits of trailer frames under the load alone');

export const deflectionFindings = ({ deflections }: StrengthAnalysis): AnalysisFinding[] =>
  deflections.map((found) => {
    const utilisation = (found.byM * found.divisor) / found.lengthM;
    const { what, memberId, byM, lengthM, divisor } = found;
    return {
      ...plain,
      code: 'frame-deflection',
      data: { what, memberId, byM, lengthM, divisor },
      verdict: verdictOf(utilisation),
      subject: memberId,
      caseId: found.caseId,
      utilisation,
      working: deflectionLines(found),
      source: LIMIT_SOURCE,
    };
  });

/** A utility trailer is built for 100,000 km (common practice); below a tenth of that, cracks come while it is new. */
const DESIGN_KM = 100_000;

export const fatigueFindings = ({ fatigue }: StrengthAnalysis): AnalysisFinding[] => {
  if (!fatigue) return [];
  const verdict: Verdict = fatigue.km < DESIGN_KM / 10 ? 'over' : fatigue.km < DESIGN_KM ? 'tight' : 'ok';
  return [
    {
      ...plain,
      code: 'fatigue-life',
      data: { memberId: fatigue.memberId, joint: fatigue.joint, km: fatigue.km },
      verdict,
      subject: fatigue.memberId,
      caseId: fatigue.caseId,
      working: fatigueLines(fatigue),
      source: commonPractice(
        'AISC 360-16 Appendix 3 (steel) or Aluminum Design Manual (aluminum), category E; narrow-band road spectrum at 2 Hz, Miner’s rule. Good to a factor of about five either way',
      ),
    },
  ];
};
