import type { Chassis } from '../../chassis/index.js';
import {
  concluding,
  type FindingOf,
  given,
  over,
  quantity,
  times,
  verdictOf,
  workedOut,
} from '../../findings/index.js';
import type { Trailer } from '../../project/index.js';
import { publishedVerify } from '../../source.js';
import { toNewtons } from '../../units/index.js';

export interface SideRailFindingData {
  'side-post': { readonly memberId: string; readonly forceN: number; readonly heightM: number };
}
export type SideRailFinding = FindingOf<SideRailFindingData>;

/** A person falling against a rail, or a load leaning on it: 200 lbf at its top, as guards of buildings are made for. */
const LEAN_N = toNewtons(200, 'lbf');
/** Yield ÷ 1.67 in steel, ÷ 1.65 in aluminum at its welded strength, the foot being welded. */
const FACTOR = { steel: 1.67, aluminum: 1.65 } as const;

/** Each post of a side rail as a cantilever under a push at the rail's top; the rail's help from post to post is left out. */
export const sideRailFindings = (trailer: Trailer, { members }: Chassis): SideRailFinding[] => {
  const { sides } = trailer.frame;
  const post = members.find(({ id }) => id.startsWith('post.'));
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
  const feels = workedOut(
    'metal-feels',
    over(quantity(moment.result.value, 'moment'), quantity(modulusM3, 'modulus')),
    'stress',
  );
  const share = feels.result.value / allowedPa;
  return [
    {
      code: 'side-post',
      data: { memberId: post.id, forceN: LEAN_N, heightM: sides.heightM },
      verdict: verdictOf(share),
      step: 'strength',
      subject: post.id,
      counts: true,
      utilisation: share,
      working: [
        moment,
        feels,
        given('allowed', allowedPa, 'stress'),
        concluding(
          workedOut('works-at', over(quantity(feels.result.value, 'stress'), quantity(allowedPa, 'stress')), 'percent'),
        ),
      ],
      source: publishedVerify(
        'ASCE 7 4.5.1: 200 lb on a guard rail; allowed by AISC 360-16 F1 or the Aluminum Design Manual',
      ),
    },
  ];
};
