import { type FindingOf, quantity, type Verdict, verdictOf } from '../../findings/index.js';
import type { Member } from '../../chassis/index.js';
import type { FrameProblem } from '../../frame-analysis/index.js';
import { commonPractice, computedBy, type Source } from '../../source.js';
import { type BarGroup, pairOf } from '../../project/index.js';
import type { StrengthResult } from '../by-hand/findings.js';
import type { FrameFault } from '../frame-model/trailerFrame.js';
import { BOLT_SOURCE } from '../joints/bolts.js';
import { netSource } from '../joints/holes.js';
import { CRIPPLING_SOURCE } from '../joints/crippling.js';
import { leastLegM } from '../joints/weldStrength.js';
import type { Utilisation } from '../resistance/memberResistance.js';
import { type SituationId, SITUATIONS } from '../situations/situations.js';
import type {
  AnalysisOutcome,
  FrameDeflection,
  Governing,
  MemberResult,
  StrengthAnalysis,
  WeldResult,
} from './analysis.js';
import {
  boltLines,
  deflectionLines,
  fatigueLines,
  hangerLines,
  holeLines,
  memberLines,
  weldLines,
} from './workings.js';

interface When {
  readonly situation: SituationId;
  readonly variant: string;
}

export interface AnalysisFindingData {
  'frame-member': When & {
    readonly memberId: string;
    readonly atM: number;
    readonly rule: Utilisation['rule'];
    readonly weldAt: string | undefined;
  };
  'frame-members-rest': { readonly count: number; readonly least: number; readonly most: number };
  'frame-weld': When & {
    readonly memberId: string;
    readonly joint: string;
    readonly legM: number;
    readonly needM: number | undefined;
    readonly by: 'weld-metal' | 'base-metal';
  };
  'frame-welds-rest': { readonly count: number; readonly most: number };
  'weld-leg-small': { readonly memberId: string; readonly legM: number; readonly leastM: number };
  'hanger-wall': When & { readonly memberId: string; readonly forceN: number; readonly strengthN: number };
  'bar-hole': When & { readonly memberId: string; readonly atM: number; readonly diameterM: number };
  'coupler-bolts': When & {
    readonly forceN: number;
    readonly strengthN: number;
    readonly by: 'shear' | 'bearing' | 'tear-out';
  };
  'frame-deflection': Pick<FrameDeflection, 'what' | 'memberId' | 'byM' | 'lengthM' | 'divisor'>;
  'fatigue-life': { readonly memberId: string; readonly joint: string; readonly km: number };
  'situations-off': { readonly off: readonly SituationId[] };
  'situation-not-run': { readonly situation: SituationId };
  'recovery-advice': Record<string, never>;
  'rated-gross-missing': Record<string, never>;
  'hand-compared': {
    readonly memberId: string;
    readonly hand: number;
    readonly frame: number;
    readonly apart: boolean;
  };
  'not-in-analysis': Record<string, never>;
  'figures-doubtful': { readonly condition: number; readonly residual: number };
  'frame-fault': { readonly fault: FrameFault['code'] };
  'frame-unsolvable': { readonly problems: readonly FrameProblem[] };
}
export type AnalysisFinding = FindingOf<AnalysisFindingData>;

const plain = { step: 'strength', subject: 'trailer', counts: true, working: [] } as const;

const clauseOf = ({ utilisation, resistance, situation, inner }: Governing): Source => {
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

const memberFinding = ({ memberId, worst, bySituation }: MemberResult): AnalysisFinding => ({
  ...plain,
  code: 'frame-member',
  data: {
    memberId,
    situation: worst.situation,
    variant: worst.variant,
    atM: worst.atM,
    rule: worst.utilisation.rule,
    weldAt: worst.weldAt,
  },
  verdict: verdictOf(worst.utilisation.value),
  subject: memberId,
  caseId: worst.caseId,
  value: quantity(worst.utilisation.value, 'percent'),
  utilisation: worst.utilisation.value,
  working: memberLines(worst, bySituation.standing),
  source: clauseOf(worst),
});

/** Worst of each group, and whatever else is past the allowance, one of each pair; the others in one line. */
const memberFindings = (
  members: readonly MemberResult[],
  groupOf: (memberId: string) => BarGroup | undefined,
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
          {
            ...plain,
            code: 'frame-members-rest',
            data: { count: rest.length, least: Math.min(...shares), most: Math.max(...shares) },
            verdict: verdictOf(Math.max(...shares)),
            source: computedBy('frame analysis'),
          } satisfies AnalysisFinding,
        ]
      : []),
  ];
};

const weldFindings = ({ welds }: StrengthAnalysis): AnalysisFinding[] => {
  const sorted = [...welds].sort((a, b) => b.utilisation - a.utilisation);
  // Both ends of a bar, and both bars of a pair, are told as one.
  const nameOf = ({ memberId }: WeldResult): string => memberId.replace(/\.(left|right)$/, '');
  const told = sorted.filter(
    (weld, i) => i === 0 || (weld.utilisation > 1 && sorted.findIndex((other) => nameOf(other) === nameOf(weld)) === i),
  );
  const rest = sorted.filter((weld) => !told.includes(weld));
  const small = welds.find(({ legM, wallM }) => legM < leastLegM(wallM) - 1e-9);
  return [
    ...told.map(
      (weld): AnalysisFinding => ({
        ...plain,
        code: 'frame-weld',
        data: {
          memberId: weld.memberId,
          joint: weld.joint,
          situation: weld.situation,
          variant: weld.variant,
          legM: weld.legM,
          needM: weld.by === 'weld-metal' && weld.utilisation > 1 ? weld.legM * weld.utilisation : undefined,
          by: weld.by,
        },
        verdict: verdictOf(weld.utilisation),
        subject: weld.memberId,
        caseId: weld.caseId,
        value: quantity(weld.utilisation, 'percent'),
        utilisation: weld.utilisation,
        working: weldLines(weld),
        source: weld.by === 'weld-metal' ? weld.strength.weldSource : weld.strength.baseSource,
      }),
    ),
    ...(rest.length > 0
      ? [
          {
            ...plain,
            code: 'frame-welds-rest',
            data: { count: rest.length, most: rest[0]?.utilisation ?? 0 },
            verdict: verdictOf(rest[0]?.utilisation ?? 0),
            source: computedBy('frame analysis, elastic line method'),
          } satisfies AnalysisFinding,
        ]
      : []),
    ...(small
      ? [
          {
            ...plain,
            code: 'weld-leg-small',
            data: { memberId: small.memberId, legM: small.legM, leastM: leastLegM(small.wallM) },
            verdict: 'tight',
            subject: small.memberId,
            source: { kind: 'published', name: 'AISC 360-16 table J2.4', confidence: 'sure' },
          } satisfies AnalysisFinding,
        ]
      : []),
  ];
};

/** The hardest hole, and every other one that is past its allowance. */
const holeFindings = (
  { holes }: StrengthAnalysis,
  memberOf: (memberId: string) => Member | undefined,
): AnalysisFinding[] =>
  [...holes]
    .sort((a, b) => b.utilisation - a.utilisation)
    .filter(({ utilisation }, i) => i === 0 || utilisation > 1)
    .map((found) => {
      const member = memberOf(found.memberId);
      return {
        ...plain,
        code: 'bar-hole',
        data: {
          memberId: found.memberId,
          situation: found.situation,
          variant: found.variant,
          atM: found.hole.atM,
          diameterM: found.hole.diameterM,
        },
        verdict: verdictOf(found.utilisation),
        subject: found.memberId,
        caseId: found.caseId,
        utilisation: found.utilisation,
        working: holeLines(found),
        source: member ? netSource(member) : computedBy('net section'),
      };
    });

const jointFindings = ({ hangers, bolts }: StrengthAnalysis): AnalysisFinding[] => {
  const worst = hangers.reduce<(typeof hangers)[number] | undefined>(
    (most, next) => (!most || next.utilisation > most.utilisation ? next : most),
    undefined,
  );
  return [
    ...(worst
      ? [
          {
            ...plain,
            code: 'hanger-wall',
            data: {
              memberId: worst.memberId,
              situation: worst.situation,
              variant: worst.variant,
              forceN: worst.forceN,
              strengthN: worst.strengthN,
            },
            verdict: verdictOf(worst.utilisation),
            subject: worst.memberId,
            caseId: worst.caseId,
            utilisation: worst.utilisation,
            working: hangerLines(worst),
            source: CRIPPLING_SOURCE,
          } satisfies AnalysisFinding,
        ]
      : []),
    ...(bolts
      ? [
          {
            ...plain,
            code: 'coupler-bolts',
            data: {
              situation: bolts.situation,
              variant: bolts.variant,
              forceN: bolts.forceN,
              strengthN: bolts.strengthN,
              by: bolts.by,
            },
            verdict: verdictOf(bolts.utilisation),
            subject: 'coupler',
            caseId: bolts.caseId,
            utilisation: bolts.utilisation,
            working: boltLines(bolts),
            source: BOLT_SOURCE,
          } satisfies AnalysisFinding,
        ]
      : []),
  ];
};

const LIMIT_SOURCE = commonPractice('sag limits of trailer frames under the load alone');

const deflectionFindings = ({ deflections }: StrengthAnalysis): AnalysisFinding[] =>
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

const fatigueFindings = ({ fatigue }: StrengthAnalysis): AnalysisFinding[] => {
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

/** The two ways to the same figure are called apart where one is more than one and a half times the other. */
const APART = 1.5;

const handFindings = ({ bumps }: StrengthAnalysis, hand: StrengthResult): AnalysisFinding[] => {
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
      {
        ...plain,
        code: 'hand-compared',
        data: { memberId: worst.memberId, hand: worst.hand, frame: worst.frame, apart },
        verdict: apart ? 'unchecked' : 'ok',
        subject: worst.memberId,
        caseId: worst.caseId,
        counts: false,
        source: computedBy('the same load, on one beam by hand and on the whole frame'),
      } satisfies AnalysisFinding,
    ];
  });
};

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
