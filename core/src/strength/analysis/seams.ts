import type { BuiltUp } from '../../chassis/index.js';
import { innerInPiece, type MemberPieces, noInner } from '../../frame-analysis/index.js';
import type { Design } from '../../project/index.js';
import { seamFlow, wallThicknessM } from '../../sections/index.js';
import { usualLegM, weldStrength } from '../joints/weldStrength.js';
import type { Limit } from '../situations/situations.js';
import type { ElementStrength } from './bracing.js';

/** Share of a seam that is welded. */
export const weldedShare = ({ stitch }: BuiltUp): number =>
  stitch && stitch.pitchM > stitch.lengthM ? stitch.lengthM / stitch.pitchM : 1;

/** The seams of one element of a built-up bar, and what a metre of one bears. */
export interface SeamPlace {
  readonly index: number;
  readonly memberId: string;
  readonly builtUp: BuiltUp;
  readonly bearsNM: Readonly<Record<Limit, number>>;
}

/** Elements of built-up bars that have seams. */
export const seamPlaces = (
  strengths: readonly ElementStrength[],
  strength: Pick<Design['strength'], 'weldLegM' | 'filler'>,
): readonly SeamPlace[] =>
  strengths.flatMap(({ bar: { member } }, index): SeamPlace[] => {
    const { builtUp, material } = member;
    if (!builtUp || builtUp.how.kind === 'sleeved') return [];
    const wallM = Math.min(
      wallThicknessM(builtUp.base.shape),
      builtUp.how.kind === 'plated' ? builtUp.how.thicknessM : Number.POSITIVE_INFINITY,
    );
    const legM = strength.weldLegM ?? usualLegM(wallM);
    const bears = (limit: Limit): number => {
      const { weldNM, baseShearNM } = weldStrength(material, wallM, legM, strength.filler, limit);
      return Math.min(weldNM, baseShearNM) * weldedShare(builtUp);
    };
    return [
      {
        index,
        memberId: member.id,
        builtUp,
        bearsNM: { allowable: bears('allowable'), yield: bears('yield') },
      },
    ];
  });

const room = noInner();

/** Largest shear flow along one element, N/m: shear and twist have their extremes at the ends of its pieces. */
export const largestFlowNM = (
  { builtUp }: Pick<SeamPlace, 'builtUp'>,
  { breaksM }: MemberPieces,
  rows: Float64Array,
): number => {
  let most = 0;
  for (let piece = 0; piece < breaksM.length - 1; piece += 1) {
    const lengthM = (breaksM[piece + 1] as number) - (breaksM[piece] as number);
    for (const sM of [0, lengthM]) {
      const { vz, vy, t } = innerInPiece(rows, piece, sM, room);
      most = Math.max(most, seamFlow(builtUp.base, builtUp.how, { uprightN: vz, levelN: vy, twistNm: t }));
    }
  }
  return most;
};
