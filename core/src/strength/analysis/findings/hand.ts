import type { TongueGeometry } from '../../../chassis/index.js';
import { finding } from '../../../findings/index.js';

import type { StrengthResult } from '../../by-hand/findings.js';
import type { StrengthAnalysis } from '../analysis.js';
import { type AnalysisFinding, type Apart, plain } from './data.js';
import { RULES, APART } from '../../rules.js';

const whyApart = (
  group: 'rail' | 'tongue' | 'cross',
  hand: number,
  frame: number,
  rearOn: TongueGeometry['rearOn'] | undefined,
): Apart | undefined => {
  if (Math.max(hand, frame) <= APART * Math.min(hand, frame)) return undefined;
  if (frame > hand) return 'twist';
  if (group === 'cross') return 'ends-held';
  return rearOn === 'rails' ? 'legs-share' : 'frame-shares';
};

/** The hand check of each kind of bar beside the frame analysis under the same load; where they are far apart, why. */
export const handFindings = (
  { bumps }: StrengthAnalysis,
  hand: StrengthResult,
  rearOn: TongueGeometry['rearOn'] | undefined,
): AnalysisFinding[] => {
  const pairs = hand.checks.flatMap(({ caseId, rails, tongue, cross }) =>
    [...rails, ...(tongue ? [tongue] : []), ...cross.map(({ work }) => work)].flatMap((work) => {
      const frame = bumps.get(work.member.id)?.get(caseId);
      return frame === undefined
        ? []
        : [{ memberId: work.member.id, group: work.member.group, hand: work.utilisation, frame, caseId }];
    }),
  );
  return (['rail', 'tongue', 'cross'] as const).flatMap((group) => {
    const own = pairs.filter((pair) => pair.group === group);
    const worst = own.reduce<(typeof own)[number] | undefined>(
      (most, next) => (!most || next.hand > most.hand ? next : most),
      undefined,
    );
    if (!worst) return [];
    const apart = whyApart(group, worst.hand, worst.frame, rearOn);
    return [
      finding({
        ...plain,
        rule: RULES['hand-compared'],
        data: { memberId: worst.memberId, hand: worst.hand, frame: worst.frame, apart },
        verdict: apart ? 'unchecked' : 'ok',
        subject: worst.memberId,
        aspect: group,
        caseId: worst.caseId,
        counts: false,
      }),
    ];
  });
};
