import { pairOf } from '../../../project/index.js';
import type { Member } from '../../../chassis/index.js';
import { checkShare, finding, quantity } from '../../../findings/index.js';
import { computedBy } from '../../../source.js';

import { netSource } from '../../joints/holes.js';
import { inches, millimetres, type UnitSystem } from '../../../units/index.js';
import { weldMend } from '../../joints/weldMend.js';
import { leastLegM } from '../../joints/weldStrength.js';
import type { StrengthAnalysis, WallResult, WeldResult } from '../analysis.js';
import { boltLines, hangerLines, holeLines, wallLines, weldLines } from '../workings.js';
import { type AnalysisFinding, plain } from './data.js';
import { RULES } from '../../rules.js';

/** Legs are measured and asked for in these steps, m. */
const LEG_STEP_M = { imperial: inches(1 / 16), metric: millimetres(0.5) } as const;

export const weldFindings = ({ welds }: StrengthAnalysis, units: UnitSystem): AnalysisFinding[] => {
  const sorted = [...welds].sort((a, b) => b.utilisation - a.utilisation);
  // Both ends of a bar, and both bars of a pair, are told as one.
  const nameOf = ({ memberId }: WeldResult): string => {
    const twin = pairOf(memberId);
    return twin !== undefined && twin < memberId ? twin : memberId;
  };
  const told = sorted.filter(
    (weld, i) => i === 0 || (weld.utilisation > 1 && sorted.findIndex((other) => nameOf(other) === nameOf(weld)) === i),
  );
  const rest = sorted.filter((weld) => !told.includes(weld));
  const small = welds.find(({ legM, wallM }) => legM < leastLegM(wallM) - 1e-9);
  return [
    ...told.map(
      (weld): AnalysisFinding =>
        checkShare({
          ...plain,
          rule: RULES['frame-weld'],
          data: {
            memberId: weld.memberId,
            joint: weld.joint,
            situation: weld.situation,
            variant: weld.variant,
            legM: weld.legM,
            mend:
              weld.utilisation > 1 ? weldMend({ ...weld, weldNM: weld.strength.weldNM }, LEG_STEP_M[units]) : undefined,
            by: weld.by,
          },
          subject: weld.memberId,
          aspect: weld.joint,
          caseId: weld.caseId,
          value: quantity(weld.utilisation, 'percent'),
          utilisation: weld.utilisation,
          working: weldLines(weld),
          source: weld.by === 'weld-metal' ? weld.strength.weldSource : weld.strength.baseSource,
        }),
    ),
    ...(rest.length > 0
      ? [
          checkShare({
            ...plain,
            rule: RULES['frame-welds-rest'],
            data: { count: rest.length, most: rest[0]?.utilisation ?? 0 },
            utilisation: rest[0]?.utilisation ?? 0,
          }),
        ]
      : []),
    ...(small
      ? [
          finding({
            ...plain,
            rule: RULES['weld-leg-small'],
            data: { memberId: small.memberId, legM: small.legM, leastM: leastLegM(small.wallM) },
            verdict: 'tight',
            subject: small.memberId,
          }),
        ]
      : []),
  ];
};

/** The hardest wall under a bar's end, and every other one that is past its allowance; both bars of a pair as one. */
export const wallFindings = ({ walls }: StrengthAnalysis, units: UnitSystem): AnalysisFinding[] => {
  const stepM = LEG_STEP_M[units];
  const up = (metres: number): number => Math.ceil(metres / stepM - 1e-9) * stepM;
  const nameOf = ({ memberId }: WallResult): string => {
    const twin = pairOf(memberId);
    return twin !== undefined && twin < memberId ? twin : memberId;
  };
  const sorted = [...walls].sort((a, b) => b.utilisation - a.utilisation);
  return sorted
    .filter(
      (wall, i) =>
        (i === 0 || wall.utilisation > 1) && sorted.findIndex((other) => nameOf(other) === nameOf(wall)) === i,
    )
    .map((wall) =>
      checkShare({
        ...plain,
        rule: RULES['end-wall'],
        data: {
          memberId: wall.memberId,
          onId: wall.onId,
          situation: wall.situation,
          variant: wall.variant,
          // Told in steps that a tape shows, rounded up: rounded down it would not do.
          mend: wall.mend && {
            wallM: up(wall.mend.wallM),
            acrossM: wall.mend.acrossM === undefined ? undefined : up(wall.mend.acrossM),
          },
        },
        subject: wall.onId,
        aspect: wall.memberId,
        caseId: wall.caseId,
        value: quantity(wall.utilisation, 'percent'),
        utilisation: wall.utilisation,
        working: wallLines(wall),
      }),
    );
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
      return checkShare({
        ...plain,
        rule: RULES['bar-hole'],
        data: {
          memberId: found.memberId,
          situation: found.situation,
          variant: found.variant,
          atM: found.hole.atM,
          diameterM: found.hole.diameterM,
        },
        subject: found.memberId,
        aspect: found.hole.atM.toFixed(6),
        caseId: found.caseId,
        utilisation: found.utilisation,
        working: holeLines(found),
        source: member ? netSource(member) : computedBy('net section'),
      });
    });

export const jointFindings = ({ hangers, bolts }: StrengthAnalysis): AnalysisFinding[] => {
  const worst = hangers.reduce<(typeof hangers)[number] | undefined>(
    (most, next) => (!most || next.utilisation > most.utilisation ? next : most),
    undefined,
  );
  return [
    ...(worst
      ? [
          checkShare({
            ...plain,
            rule: RULES['hanger-wall'],
            data: {
              memberId: worst.memberId,
              situation: worst.situation,
              variant: worst.variant,
              forceN: worst.forceN,
              strengthN: worst.strengthN,
            },
            subject: worst.memberId,
            caseId: worst.caseId,
            utilisation: worst.utilisation,
            working: hangerLines(worst),
          }),
        ]
      : []),
    ...(bolts
      ? [
          checkShare({
            ...plain,
            rule: RULES['coupler-bolts'],
            data: {
              situation: bolts.situation,
              variant: bolts.variant,
              forceN: bolts.forceN,
              strengthN: bolts.strengthN,
              by: bolts.by,
            },
            subject: 'coupler',
            caseId: bolts.caseId,
            utilisation: bolts.utilisation,
            working: boltLines(bolts),
          }),
        ]
      : []),
  ];
};
