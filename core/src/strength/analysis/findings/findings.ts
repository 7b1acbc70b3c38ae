import type { Member } from '../../../chassis/index.js';
import { commonPractice, computedBy } from '../../../source.js';
import type { StrengthResult } from '../../by-hand/findings.js';
import { SITUATIONS } from '../../situations/situations.js';
import type { AnalysisOutcome, StrengthAnalysis } from '../analysis.js';
import { type AnalysisFinding, plain } from './data.js';
import { handFindings } from './hand.js';
import { weldFindings, holeFindings, jointFindings } from './joints.js';
import { memberFindings } from './members.js';
import { deflectionFindings, fatigueFindings } from './service.js';

/** Beyond these the figures have lost too many digits to be counted on: about one in ten thousand. */
const MOST_CONDITION = 1e12;
const MOST_RESIDUAL = 1e-5;

const doubtFindings = ({ condition, balances }: StrengthAnalysis): AnalysisFinding[] => {
  const residual = balances.reduce((most, next) => Math.max(most, next.residual), 0);
  return condition > MOST_CONDITION || residual > MOST_RESIDUAL
    ? [
        {
          ...plain,
          code: 'figures-doubtful',
          data: { condition, residual },
          verdict: 'unchecked',
          source: computedBy('condition of the stiffness matrix; sums of loads and reactions'),
        },
      ]
    : [];
};

const coverageFindings = (analysis: StrengthAnalysis): AnalysisFinding[] => [
  ...doubtFindings(analysis),
  ...(analysis.switchedOff.length > 0
    ? [
        {
          ...plain,
          code: 'situations-off',
          data: { off: analysis.switchedOff },
          verdict: 'unchecked',
          counts: false,
          source: { kind: 'own', note: 'switched off' },
        } satisfies AnalysisFinding,
      ]
    : []),
  ...(analysis.switchedOff.includes('recovery')
    ? []
    : [
        ...analysis.notRun.map(
          ({ situation }): AnalysisFinding => ({
            ...plain,
            code: 'situation-not-run',
            data: { situation },
            verdict: 'open',
            source: SITUATIONS[situation].source,
          }),
        ),
        {
          ...plain,
          code: 'recovery-advice',
          data: {},
          verdict: 'unchecked',
          counts: false,
          source: commonPractice('recovery points'),
        } satisfies AnalysisFinding,
      ]),
  ...(analysis.grossMissing
    ? [
        {
          ...plain,
          code: 'rated-gross-missing',
          data: {},
          verdict: 'open',
          source: computedBy('the plate’s gross with the cargo uniform, in front, behind and in the middle'),
        } satisfies AnalysisFinding,
      ]
    : []),
  {
    ...plain,
    code: 'not-in-analysis',
    data: {},
    verdict: 'unchecked',
    counts: false,
    source: commonPractice('what this analysis leaves out'),
  },
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
        {
          ...plain,
          code: 'frame-fault',
          data: { fault: outcome.fault.code },
          verdict: outcome.fault.code === 'suspension-not-modelled' ? 'unchecked' : 'open',
          source: computedBy('frame analysis'),
        },
      ];
    case 'unsolvable':
      return [
        {
          ...plain,
          code: 'frame-unsolvable',
          data: { problems: outcome.problems },
          verdict: 'open',
          source: computedBy('frame analysis'),
        },
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
