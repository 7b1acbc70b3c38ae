import { bendingShare, memberBending, zoneAt } from './allowables.js';
import { momentAt } from './beam.js';
import type { StrengthResult } from './findings.js';

export interface WorkPoint {
  readonly xM: number;
  readonly utilisation: number;
}

/** Bending of tongue and rails along the trailer, each place in its worst case, for the drawing's chart; sampled for the eye only. */
export const workAlong = (
  { checks }: StrengthResult,
  fromM: number,
  toM: number,
  points: number,
): readonly WorkPoint[] =>
  Array.from({ length: points + 1 }, (_, i) => {
    const xM = fromM + ((toM - fromM) * i) / points;
    let utilisation = 0;
    for (const { beam, rails, tongue, zones } of checks) {
      const piece = beam.pieces.find((candidate) => candidate.fromM <= xM && xM <= candidate.toM);
      if (!piece) continue;
      const momentNm = Math.abs(momentAt(piece, xM - piece.fromM));
      const nearWeld = zoneAt(xM < 0 ? zones.tongue : zones.rails, xM, xM) !== undefined;
      for (const work of xM < 0 ? [tongue] : rails) {
        if (!work) continue;
        const allowablePa = memberBending(work.member, nearWeld).stressPa * bendingShare(work.member);
        utilisation = Math.max(
          utilisation,
          (momentNm * work.factor * work.share) / (work.member.bar.sMinM3 * allowablePa),
        );
      }
    }
    return { xM, utilisation };
  });
