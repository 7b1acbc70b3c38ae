import type { Chassis } from '../../chassis/index.js';
import { bendingShare, checkShare, type FindingOf, quantity, times, workedOut } from '../../findings/index.js';
import { type Trailer, parsePartId } from '../../project/index.js';

import { RULES, LEAN_N } from '../rules.js';

export interface SideRailFindingData {
  'side-post': { readonly memberId: string; readonly forceN: number; readonly heightM: number };
}
export type SideRailFinding = FindingOf<SideRailFindingData>;

/** Yield ÷ 1.67 in steel, ÷ 1.65 in aluminum at its welded strength, the foot being welded. */
const FACTOR = { steel: 1.67, aluminum: 1.65 } as const;

/** Each post of a side rail as a cantilever under a push at the rail's top; the rail's help from post to post is left out. */
export const sideRailFindings = (trailer: Trailer, { members }: Chassis): SideRailFinding[] => {
  const { sides } = trailer.frame;
  const post = members.find(({ id }) => parsePartId(id).kind === 'post');
  if (sides.kind !== 'rail' || !post) return [];
  const { design } = post.bar;
  // A post leans out about the axis along the trailer: the bar stands on end, its width across.
  const modulusM3 = Math.min(design.szLeftM3, design.szRightM3);
  const { family, yieldPa, weldedYieldPa } = post.material;
  const allowedPa = (family === 'aluminum' ? (weldedYieldPa ?? yieldPa) : yieldPa) / FACTOR[family];
  const moment = workedOut(
    'moment-standing',
    times(quantity(LEAN_N, 'force'), quantity(sides.heightM, 'arm')),
    'moment',
  );
  return [
    checkShare({
      rule: RULES['side-post'],
      data: { memberId: post.id, forceN: LEAN_N, heightM: sides.heightM },
      step: 'strength',
      subject: post.id,
      counts: true,
      ...bendingShare(moment, modulusM3, allowedPa),
    }),
  ];
};
