import { type Chassis, lineLengthM, type Member } from '../chassis/index.js';
import { bendingShare, checkShare, type FindingOf, quantity, times, workedOut } from '../findings/index.js';
import { PERSON_KG } from '../mass/index.js';
import { allowableBending } from '../materials/index.js';
import { isOfPiece, type Piece, type Trailer } from '../project/index.js';
import { weightN } from '../units/index.js';
import { RULES, STEPPING_ON } from './rules.js';

export interface TreadFindingData {
  'tread-person': { readonly pieceId: string; readonly memberId: string; readonly personKg: number };
}
export type TreadFinding = FindingOf<TreadFindingData>;

const isTrodden = (piece: Piece): boolean => piece.kind === 'step' || (piece.kind === 'fender' && piece.standOn);

/** The arm that a person's whole weight comes on, out at its end. */
const onArm = (piece: Piece, arm: Member, reachM: number): TreadFinding => {
  const { design } = arm.bar;
  const modulusM3 = Math.min(design.syTopM3, design.syBottomM3);
  const allowed = allowableBending(arm.material, true);
  const moment = workedOut(
    'moment-standing',
    times(times(quantity(weightN(PERSON_KG), 'force'), quantity(STEPPING_ON, 'number')), quantity(reachM, 'arm')),
    'moment',
  );
  return checkShare({
    rule: RULES['tread-person'],
    data: { pieceId: piece.id, memberId: arm.id, personKg: PERSON_KG },
    step: 'strength',
    subject: piece.id,
    counts: true,
    ...bendingShare(moment, modulusM3, allowed.stressPa),
  });
};

/** Steps and fenders that people stand on: the arm that reaches furthest out bears a person who steps on its end. */
export const treadFindings = ({ frame }: Trailer, { members }: Chassis): TreadFinding[] =>
  frame.pieces.filter(isTrodden).flatMap((piece): TreadFinding[] => {
    const arms = members.flatMap((member) =>
      isOfPiece(member.id, piece.id) && /\.arm\./.test(member.id) && member.line
        ? [{ member, reachM: lineLengthM(member.line) }]
        : [],
    );
    const [longest] = arms.toSorted((a, b) => b.reachM - a.reachM);
    return longest ? [onArm(piece, longest.member, longest.reachM)] : [];
  });
