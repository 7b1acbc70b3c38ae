import type { Member } from '../../../chassis/index.js';
import { quantity, verdictOf } from '../../../findings/index.js';
import { computedBy } from '../../../source.js';
import { BOLT_SOURCE } from '../../joints/bolts.js';
import { CRIPPLING_SOURCE } from '../../joints/crippling.js';
import { netSource } from '../../joints/holes.js';
import { leastLegM } from '../../joints/weldStrength.js';
import type { StrengthAnalysis, WeldResult } from '../analysis.js';
import { boltLines, hangerLines, holeLines, weldLines } from '../workings.js';
import { type AnalysisFinding, plain } from './data.js';

export const weldFindings = ({ welds }: StrengthAnalysis): AnalysisFinding[] => {
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
export const holeFindings = (
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

export const jointFindings = ({ hangers, bolts }: StrengthAnalysis): AnalysisFinding[] => {
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
