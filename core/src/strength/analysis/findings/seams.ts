import type { BuiltUp, Member } from '../../../chassis/index.js';
import { checkShare, concluding, given, over, quantity, workedOut } from '../../../findings/index.js';
import type { Design } from '../../../project/index.js';
import { seamFlow, wallThicknessM } from '../../../sections/index.js';
import { usualLegM, weldStrength } from '../../joints/weldStrength.js';
import { RULES } from '../../rules.js';
import { SITUATIONS } from '../../situations/situations.js';
import type { Governing, StrengthAnalysis } from '../analysis.js';
import { type AnalysisFinding, plain } from './data.js';

/** Share of a seam that is welded. */
const weldedShare = ({ stitch }: BuiltUp): number =>
  stitch && stitch.pitchM > stitch.lengthM ? stitch.lengthM / stitch.pitchM : 1;

interface Seam {
  readonly member: Member;
  readonly builtUp: BuiltUp;
  readonly governing: Governing;
  readonly flowNM: number;
  readonly bearsNM: number;
  readonly share: number;
}

const seamOf = (
  member: Member,
  builtUp: BuiltUp,
  governing: Governing,
  strength: Pick<Design['strength'], 'weldLegM' | 'filler'>,
): Seam => {
  const { vz, vy, t } = governing.inner;
  const flowNM = seamFlow(builtUp.base, builtUp.how, { uprightN: vz, levelN: vy, twistNm: t });
  const wallM = Math.min(
    wallThicknessM(builtUp.base.shape),
    builtUp.how.kind === 'plated' ? builtUp.how.thicknessM : Number.POSITIVE_INFINITY,
  );
  const legM = strength.weldLegM ?? usualLegM(wallM);
  const { weldNM, baseShearNM } = weldStrength(
    member.material,
    wallM,
    legM,
    strength.filler,
    SITUATIONS[governing.situation].limit,
  );
  const bearsNM = Math.min(weldNM, baseShearNM) * weldedShare(builtUp);
  return { member, builtUp, governing, flowNM, bearsNM, share: flowNM / bearsNM };
};

/** Seams of built-up bars, each in the situation that works it hardest: shear flow against what is welded of it. */
export const seamFindings = (
  { members }: StrengthAnalysis,
  memberOf: (id: string) => Member | undefined,
  strength: Pick<Design['strength'], 'weldLegM' | 'filler'>,
): AnalysisFinding[] =>
  members.flatMap(({ memberId, worst, bySituation }): AnalysisFinding[] => {
    const member = memberOf(memberId);
    if (!member?.builtUp) return [];
    const { builtUp } = member;
    const [hardest] = [worst, ...Object.values(bySituation)]
      .map((governing) => seamOf(member, builtUp, governing, strength))
      .sort((a, b) => b.share - a.share);
    if (!hardest) return [];
    const { governing, flowNM, bearsNM, share } = hardest;
    return [
      checkShare({
        ...plain,
        rule: RULES['built-up-seam'],
        data: {
          memberId,
          situation: governing.situation,
          variant: governing.variant,
          flowNM,
          welded: weldedShare(builtUp),
        },
        subject: memberId,
        caseId: governing.caseId,
        value: quantity(share, 'percent'),
        utilisation: share,
        working: [
          given('seam-flow', flowNM, 'force-per-length'),
          given('weld-bears', bearsNM, 'force-per-length'),
          concluding(
            workedOut(
              'works-at',
              over(quantity(flowNM, 'force-per-length'), quantity(bearsNM, 'force-per-length')),
              'percent',
            ),
          ),
        ],
      }),
    ];
  });
