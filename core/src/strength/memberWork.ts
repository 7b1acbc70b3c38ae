import type { Member } from '../chassis/index.js';
import type { Allowable } from '../materials/index.js';
import { bendingShare, memberBending, memberShear, type WeldZone, zoneAt } from './allowables.js';
import { type BeamPiece, largestMoment, largestShear } from './beam.js';

/** How hard a member works where it works hardest. */
export interface MemberWork {
  readonly member: Member;
  readonly mode: 'bending' | 'shear';
  /** along the beam's own axis */
  readonly placeM: number;
  /** moment (N·m) or shear (N) of the whole beam, standing still */
  readonly standing: number;
  /** vertical factor × share of this member */
  readonly factor: number;
  readonly share: number;
  /** section modulus (m³) or shear area (m²) */
  readonly resists: number;
  /** 0.80 for an angle, else 1 */
  readonly shapeShare: number;
  readonly stressPa: number;
  readonly allowable: Allowable;
  readonly zone: WeldZone | undefined;
  readonly utilisation: number;
}

export interface WorkOptions {
  readonly factor: number;
  readonly share: number;
  readonly zones: readonly WeldZone[];
}

/** Worst bending or shear of one member over some pieces of a beam; undefined where there is no piece. */
export const hardestWork = (
  member: Member,
  pieces: readonly BeamPiece[],
  { factor, share, zones }: WorkOptions,
): MemberWork | undefined => {
  let worst: MemberWork | undefined;
  for (const piece of pieces) {
    const zone = zoneAt(zones, piece.fromM, piece.toM);
    const nearWeld = zone !== undefined;
    const shapeShare = bendingShare(member);
    const moment = largestMoment(piece);
    const shear = largestShear(piece);
    const bending = memberBending(member, nearWeld);
    const shearing = memberShear(member, nearWeld);
    const bendingPa = (Math.abs(moment.value) * factor * share) / member.bar.sMinM3;
    const shearPa = (Math.abs(shear.value) * factor * share) / member.bar.design.shearAreaM2;
    const candidates: MemberWork[] = [
      {
        member,
        mode: 'bending',
        placeM: moment.xM,
        standing: moment.value,
        factor,
        share,
        resists: member.bar.sMinM3,
        shapeShare,
        stressPa: bendingPa,
        allowable: bending,
        zone,
        utilisation: bendingPa / (bending.stressPa * shapeShare),
      },
      {
        member,
        mode: 'shear',
        placeM: shear.xM,
        standing: shear.value,
        factor,
        share,
        resists: member.bar.design.shearAreaM2,
        shapeShare: 1,
        stressPa: shearPa,
        allowable: shearing,
        zone,
        utilisation: shearPa / shearing.stressPa,
      },
    ];
    for (const candidate of candidates) {
      if (worst === undefined || candidate.utilisation > worst.utilisation) worst = candidate;
    }
  }
  return worst;
};
