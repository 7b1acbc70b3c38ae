import type { Chassis, Member } from '../../chassis/index.js';
import type { Part } from '../../mass/index.js';
import { weightN } from '../../units/index.js';
import { type BeamLoads, type BeamPiece, beamPieces } from './beam.js';

/** A cross-member as a beam between the rails' inner faces, y from the left one; its strip of deck and load. */
export interface CrossBeam {
  readonly member: Member;
  readonly spanM: number;
  readonly stripM: number;
  /** the part behind each of the loads' spreads, in the same order; its own weight first */
  readonly pressing: readonly (Part | undefined)[];
  /** from the tongue that passes under or butts on it; up positive, N */
  readonly tongueUpN: number;
  readonly pieces: readonly BeamPiece[];
  readonly loads: BeamLoads;
}

/** A force of the tongue on the member that carries it, spread over one or two places about the centre line. */
export interface TongueForce {
  readonly memberId: string;
  readonly upN: number;
  readonly halfSpreadM: number;
}

interface Strip {
  readonly member: Member;
  readonly fromM: number;
  readonly toM: number;
}

/** Each member carries the deck half-way to its neighbours; what overhangs the bed's ends rests on the headers. */
const strips = (chassis: Chassis): Strip[] => {
  const bearing = chassis.members
    .filter(({ group }) => group === 'cross' || group === 'header')
    .sort((a, b) => a.centre.xM - b.centre.xM);
  return bearing.map((member, i) => {
    const before = bearing[i - 1];
    const after = bearing[i + 1];
    return {
      member,
      fromM: before ? (before.centre.xM + member.centre.xM) / 2 : Number.NEGATIVE_INFINITY,
      toM: after ? (member.centre.xM + after.centre.xM) / 2 : Number.POSITIVE_INFINITY,
    };
  });
};

/** Share of a part that lies on a strip: by overlap of its length; a part of no length lies on the strip it stands over. */
const shareOn = (part: Part, { fromM, toM }: Strip): number => {
  const length = part.x1M - part.x0M;
  if (length <= 0) return part.x0M >= fromM && part.x0M < toM ? 1 : 0;
  return Math.max(0, Math.min(toM, part.x1M) - Math.max(fromM, part.x0M)) / length;
};

export const crossBeams = (
  chassis: Chassis,
  parts: readonly Part[],
  tongueForces: readonly TongueForce[],
): CrossBeam[] => {
  const onDeck = parts.filter(({ carriedBy }) => carriedBy === 'deck');
  const bedLength = Math.max(
    0,
    ...chassis.members.filter(({ group }) => group === 'rail').map(({ extent }) => extent.x1M),
  );
  return strips(chassis).map((strip) => {
    const { member } = strip;
    const ys = member.plan.map(([, y]) => y);
    const leftM = Math.min(...ys);
    const rightM = Math.max(...ys);
    const pressing: (Part | undefined)[] = [undefined];
    const spreads = [{ fromM: leftM, toM: rightM, downN: weightN(member.massKg) }];
    for (const part of onDeck) {
      const share = shareOn(part, strip);
      if (share === 0) continue;
      const width = part.y1M - part.y0M;
      const fromM = Math.max(leftM, part.y0M);
      const toM = Math.min(rightM, part.y1M);
      // What lies over the rails themselves, or outside them, presses on the rails and not on this member.
      const between = width > 0 ? Math.max(0, toM - fromM) / width : part.y0M >= leftM && part.y0M <= rightM ? 1 : 0;
      if (between === 0) continue;
      const downN = weightN(part.massKg * share * between);
      pressing.push(part);
      spreads.push({ fromM, toM, downN });
    }
    const onThis = tongueForces.filter(({ memberId }) => memberId === member.id);
    const inner = onThis.flatMap(({ upN, halfSpreadM }) =>
      halfSpreadM > 0
        ? [
            { xM: Math.max(leftM, -halfSpreadM), upN: upN / 2 },
            { xM: Math.min(rightM, halfSpreadM), upN: upN / 2 },
          ]
        : [{ xM: (leftM + rightM) / 2, upN }],
    );
    const loadedBetween = { forces: inner, spreads, couples: [] };
    // Simple beam: the right end by moments about the left one.
    const spanM = rightM - leftM;
    const downN = spreads.reduce((sum, spread) => sum + spread.downN, 0) - inner.reduce((sum, { upN }) => sum + upN, 0);
    const aboutLeft =
      spreads.reduce((sum, spread) => sum + spread.downN * ((spread.fromM + spread.toM) / 2 - leftM), 0) -
      inner.reduce((sum, { xM, upN }) => sum + upN * (xM - leftM), 0);
    const rightN = aboutLeft / spanM;
    const loads: BeamLoads = {
      ...loadedBetween,
      forces: [{ xM: leftM, upN: downN - rightN }, ...inner, { xM: rightM, upN: rightN }],
    };
    return {
      member,
      spanM,
      stripM: Math.min(strip.toM, bedLength) - Math.max(strip.fromM, 0),
      pressing,
      tongueUpN: onThis.reduce((sum, { upN }) => sum + upN, 0),
      pieces: beamPieces(loads, [leftM, rightM]),
      loads,
    };
  });
};
