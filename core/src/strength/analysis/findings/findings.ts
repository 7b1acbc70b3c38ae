import { finding } from '../../../findings/index.js';
import type { Member } from '../../../chassis/index.js';
import type { StrengthResult } from '../../by-hand/findings.js';
import { SITUATIONS } from '../../situations/situations.js';
import type { AnalysisOutcome, StrengthAnalysis } from '../analysis.js';
import { type AnalysisFinding, plain } from './data.js';
import { handFindings } from './hand.js';
import { weldFindings, holeFindings, jointFindings } from './joints.js';
import { memberFindings } from './members.js';
import { deflectionFindings, fatigueFindings } from './service.js';
import { RULES, MOST_CONDITION, MOST_RESIDUAL } from '../../rules.js';

const doubtFindings = ({ condition, balances }: StrengthAnalysis): AnalysisFinding[] => {
  const residual = balances.reduce((most, next) => Math.max(most, next.residual), 0);
  return condition > MOST_CONDITION || residual > MOST_RESIDUAL
    ? [
        finding({
          ...plain,
          rule: RULES['figures-doubtful'],
          data: { condition, residual },
          verdict: 'unchecked',
        }),
      ]
    : [];
};

const coverageFindings = (analysis: StrengthAnalysis): AnalysisFinding[] => [
  ...doubtFindings(analysis),
  ...(analysis.switchedOff.length > 0
    ? [
        finding({
          ...plain,
          rule: RULES['situations-off'],
          data: { off: analysis.switchedOff },
          verdict: 'unchecked',
          counts: false,
        }),
      ]
    : []),
  ...(analysis.switchedOff.includes('recovery')
    ? []
    : [
        ...analysis.notRun.map(
          ({ situation }): AnalysisFinding =>
            finding({
              ...plain,
              rule: RULES['situation-not-run'],
              data: { situation },
              aspect: situation,
              verdict: 'open',
              source: SITUATIONS[situation].source,
            }),
        ),
        finding({
          ...plain,
          rule: RULES['recovery-advice'],
          data: {},
          verdict: 'unchecked',
          counts: false,
        }),
      ]),
  ...(analysis.grossMissing
    ? [
        finding({
          ...plain,
          rule: RULES['rated-gross-missing'],
          data: {},
          verdict: 'open',
        }),
      ]
    : []),
  finding({
    ...plain,
    rule: RULES['not-in-analysis'],
    data: {},
    verdict: 'unchecked',
    counts: false,
  }),
];

/** All that the frame analysis has to say, or why there is none. */
export const analysisFindings = (
  outcome: AnalysisOutcome,
  hand: StrengthResult,
  memberOf: (memberId: string) => Member | undefined,
): AnalysisFinding[] => {
  switch (outcome.kind) {
    case 'fault':
      return [
        finding({
          ...plain,
          rule: RULES['frame-fault'],
          data: { fault: outcome.fault.code },
          verdict: outcome.fault.code === 'suspension-not-modelled' ? 'unchecked' : 'open',
        }),
      ];
    case 'unsolvable':
      return [
        finding({
          ...plain,
          rule: RULES['frame-unsolvable'],
          data: { problems: outcome.problems },
          verdict: 'open',
        }),
      ];
    case 'analysed': {
      const { analysis } = outcome;
      return [
        ...memberFindings(analysis.members, (id) => memberOf(id)?.group),
        ...weldFindings(analysis),
        ...jointFindings(analysis),
        ...holeFindings(analysis, memberOf),
        ...deflectionFindings(analysis),
        ...fatigueFindings(analysis),
        ...handFindings(analysis, hand),
        ...coverageFindings(analysis),
      ];
    }
  }
};
