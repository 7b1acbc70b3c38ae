import type { Member } from '../../chassis/index.js';
import type { Allowable } from '../../materials/index.js';
import { bendingShare, memberBending, memberShear, type WeldZone, zoneAt } from './allowables.js';
import { type BeamExtreme, type BeamPiece, largestMoment, largestShear } from './beam.js';

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
  const shapeShare = bendingShare(member);
  const bending = { free: memberBending(member, false), welded: memberBending(member, true) };
  const shearing = { free: memberShear(member, false), welded: memberShear(member, true) };
  const perMoment = (factor * share) / member.bar.sMinM3;
  const perShear = (factor * share) / member.bar.design.shearAreaM2;
  let most = -1;
  let worst: { mode: MemberWork['mode']; extreme: BeamExtreme; zone: WeldZone | undefined } | undefined;
  for (const piece of pieces) {
    const zone = zoneAt(zones, piece.fromM, piece.toM);
    const strength = zone ? 'welded' : 'free';
    const moment = largestMoment(piece);
    const bent = (Math.abs(moment.value) * perMoment) / (bending[strength].stressPa * shapeShare);
    if (bent > most) {
      most = bent;
      worst = { mode: 'bending', extreme: moment, zone };
    }
    const shear = largestShear(piece);
    const sheared = (Math.abs(shear.value) * perShear) / shearing[strength].stressPa;
    if (sheared > most) {
      most = sheared;
      worst = { mode: 'shear', extreme: shear, zone };
    }
  }
  if (!worst) return undefined;
  const { mode, extreme, zone } = worst;
  const isBending = mode === 'bending';
  return {
    member,
    mode,
    placeM: extreme.xM,
    standing: extreme.value,
    factor,
    share,
    resists: isBending ? member.bar.sMinM3 : member.bar.design.shearAreaM2,
    shapeShare: isBending ? shapeShare : 1,
    stressPa: Math.abs(extreme.value) * (isBending ? perMoment : perShear),
    allowable: (isBending ? bending : shearing)[zone ? 'welded' : 'free'],
    zone,
    utilisation: most,
  };
};
