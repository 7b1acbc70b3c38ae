import { bendingShare, memberBending, zoneAt } from './allowables.js';
import { largestMoment, momentAt } from './beam.js';
import type { StrengthResult } from './findings.js';

export interface WorkPoint {
  readonly xM: number;
  readonly utilisation: number;
}

/** Places nearer than this are one, m. */
const SAME_PLACE_M = 1e-9;

/** Bending of tongue and rails along the trailer, each place in its worst case: at every joint and turning point of the pieces, and evenly between for the eye. */
export const workAlong = (
  { checks }: StrengthResult,
  fromM: number,
  toM: number,
  points: number,
): readonly WorkPoint[] => {
  const even = Array.from({ length: points + 1 }, (_, i) => fromM + ((toM - fromM) * i) / points);
  const joints = checks.flatMap(({ beam }) =>
    beam.pieces.flatMap((piece) => [piece.fromM, largestMoment(piece).xM, piece.toM]),
  );
  const places = [...new Set([...even, ...joints.filter((xM) => xM >= fromM && xM <= toM)])].sort((a, b) => a - b);
  return places.map((xM) => {
    let utilisation = 0;
    for (const { beam, rails, tongue, zones } of checks) {
      // At a joint both pieces count: a couple makes the moment step, a weld zone the allowable.
      for (const piece of beam.pieces) {
        if (xM < piece.fromM - SAME_PLACE_M || xM > piece.toM + SAME_PLACE_M) continue;
        const ahead = piece.toM <= SAME_PLACE_M;
        const momentNm = Math.abs(momentAt(piece, xM - piece.fromM));
        const nearWeld = zoneAt(ahead ? zones.tongue : zones.rails, piece.fromM, piece.toM) !== undefined;
        for (const work of ahead ? [tongue] : rails) {
          if (!work) continue;
          const allowablePa = memberBending(work.member, nearWeld).stressPa * bendingShare(work.member);
          utilisation = Math.max(
            utilisation,
            (momentNm * work.factor * work.share) / (work.member.bar.sMinM3 * allowablePa),
          );
        }
      }
    }
    return { xM, utilisation };
  });
};
