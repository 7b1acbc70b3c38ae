import { panelFindings } from './panels.js';
import { seamFindings } from './seams.js';
import { checkShare, finding, quantity } from '../../../findings/index.js';
import { pieceIdOf, type Settings } from '../../../project/index.js';
import type { Member, Panel, TongueGeometry } from '../../../chassis/index.js';
import type { StrengthResult } from '../../by-hand/findings.js';
import { SITUATIONS } from '../../situations/situations.js';
import type { AnalysisOutcome, StrengthAnalysis } from '../analysis.js';
import { type Hardest, hardestOf } from '../hardest.js';
import { type AnalysisFinding, plain } from './data.js';
import { handFindings } from './hand.js';
import { weldFindings, holeFindings, jointFindings, wallFindings } from './joints.js';
import { memberFindings } from './members.js';
import { deflectionFindings, fatigueFindings } from './service.js';
import { RULES, MOST_CONDITION, MOST_RESIDUAL } from '../../rules.js';

type Region = Settings['regions'][number];

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

/** The second and third opinion, one line each: never in the first one's verdict, but for a rule that is asked where the trailer is used. */
const otherOpinions = ({ badly, rules }: StrengthAnalysis, regions: readonly Region[]): AnalysisFinding[] => {
  const told = ({ key, what, memberId, joint }: Hardest) => ({
    situation: key.situation,
    variant: key.variant,
    what,
    memberId,
    joint,
  });
  const [bad] = badly ? hardestOf(badly) : [];
  const [rule] = rules ? hardestOf(rules) : [];
  const asked = regions.includes('australia');
  return [
    ...(bad
      ? [
          checkShare({
            ...plain,
            rule: RULES['badly-loaded'],
            data: told(bad),
            subject: bad.memberId,
            caseId: bad.key.caseId,
            utilisation: bad.share,
            value: quantity(bad.share, 'percent'),
            counts: false,
          }),
        ]
      : []),
    ...(rule
      ? [
          checkShare({
            ...plain,
            rule: RULES['published-loads'],
            data: { ...told(rule), asked },
            subject: rule.memberId,
            caseId: rule.key.caseId,
            utilisation: rule.share,
            value: quantity(rule.share, 'percent'),
            source: SITUATIONS.drawbar.source,
            counts: asked,
          }),
        ]
      : []),
  ];
};

const coverageFindings = (analysis: StrengthAnalysis, regions: readonly Region[]): AnalysisFinding[] => [
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
  ...(analysis.guessedEnds.length > 0
    ? [
        finding({
          ...plain,
          rule: RULES['ends-guessed'],
          data: { memberIds: analysis.guessedEnds },
          verdict: 'unchecked',
          counts: false,
        }),
      ]
    : []),
  ...(analysis.outrigger
    ? [finding({ ...plain, rule: RULES['outrigger-not-checked'], data: {}, verdict: 'unchecked' })]
    : []),
  ...(analysis.nobodyOnRear && !analysis.switchedOff.includes('person-rear')
    ? [finding({ ...plain, rule: RULES['nobody-on-rear'], data: {}, verdict: 'unchecked', counts: false })]
    : []),
  ...(analysis.grossMissing
    ? [
        finding({
          ...plain,
          rule: RULES['rated-gross-missing'],
          data: { rulesAsked: regions.includes('australia') },
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

/** What the telling depends on besides the analysis. */
export interface Told {
  readonly settings: Settings;
  readonly panels: readonly Panel[];
  readonly rearOn: TongueGeometry['rearOn'] | undefined;
}

/** All that the frame analysis has to say, or why there is none. */
export const analysisFindings = (
  outcome: AnalysisOutcome,
  hand: StrengthResult,
  memberOf: (memberId: string) => Member | undefined,
  { settings, rearOn, panels }: Told,
): AnalysisFinding[] => {
  const { regions } = settings;
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
        ...memberFindings(analysis.members, (id) => pieceIdOf(id) ?? memberOf(id)?.group),
        ...weldFindings(analysis, settings.units),
        ...seamFindings(analysis, memberOf),
        ...panelFindings(analysis, panels),
        ...jointFindings(analysis),
        ...wallFindings(analysis, settings.units),
        ...holeFindings(analysis, memberOf),
        ...deflectionFindings(analysis),
        ...fatigueFindings(analysis),
        ...handFindings(analysis, hand, rearOn),
        ...otherOpinions(analysis, regions),
        ...coverageFindings(analysis, regions),
      ];
    }
  }
};
