import type { Member } from '../../../chassis/index.js';
import { checkShare, concluding, given, minus, over, quantity, workedOut } from '../../../findings/index.js';
import { openStitchM } from '../../joints/stitches.js';
import { RULES } from '../../rules.js';
import type { SeamResult, StrengthAnalysis } from '../analysis.js';
import { type AnalysisFinding, plain } from './data.js';

const flowFinding = ({ memberId, situation, variant, caseId, flowNM, bearsNM, welded, utilisation }: SeamResult) =>
  checkShare({
    ...plain,
    rule: RULES['built-up-seam'],
    data: { memberId, situation, variant, flowNM, welded },
    subject: memberId,
    caseId,
    value: quantity(utilisation, 'percent'),
    utilisation,
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
  });

/** Plates in stitches: between two of them a plate that is pressed must not buckle. */
const openFindings = (member: Member): AnalysisFinding[] => {
  const builtUp = member.builtUp ?? member.reinforced?.builtUp;
  if (builtUp?.how.kind !== 'plated' || !builtUp.stitch) return [];
  const { pitchM, lengthM } = builtUp.stitch;
  const openM = Math.max(0, pitchM - lengthM);
  const mostM = openStitchM(member.material, builtUp.how.thicknessM);
  return [
    checkShare({
      ...plain,
      rule: RULES['stitch-gap'],
      data: { memberId: member.id, openM, mostM },
      subject: member.id,
      value: quantity(openM, 'length'),
      limit: quantity(mostM, 'length'),
      utilisation: openM / mostM,
      working: [
        workedOut('stitch-open', minus(quantity(pitchM, 'length'), quantity(lengthM, 'length')), 'length'),
        given('stitch-open-most', mostM, 'length'),
        concluding(workedOut('works-at', over(quantity(openM, 'length'), quantity(mostM, 'length')), 'percent')),
      ],
    }),
  ];
};

/** Seams of built-up bars: shear flow where it is largest against what is welded of it, and what is left open between stitches. */
export const seamFindings = (
  { members, seams }: StrengthAnalysis,
  memberOf: (id: string) => Member | undefined,
): AnalysisFinding[] => [
  ...seams.map(flowFinding),
  ...members.flatMap(({ memberId }) => {
    const member = memberOf(memberId);
    return member ? openFindings(member) : [];
  }),
];
