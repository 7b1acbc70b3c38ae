import type { Member } from '../../chassis/index.js';
import { type Allowable, allowableBending, allowableShear, WELD_ZONE_M } from '../../materials/index.js';

/** An angle bent about a face and not held sideways counts at 0.80 of its moment: AISC 360-16 F10.2. */
const ANGLE_BENDING_SHARE = 0.8;

export const bendingShare = (member: Member): number =>
  member.section.shape.kind === 'angle' ? ANGLE_BENDING_SHARE : 1;

export const memberBending = (member: Member, nearWeld: boolean): Allowable =>
  allowableBending(member.material, nearWeld);
export const memberShear = (member: Member, nearWeld: boolean): Allowable => allowableShear(member.material, nearWeld);

/** A stretch of a member that a weld weakens. */
export interface WeldZone {
  readonly fromM: number;
  readonly toM: number;
  /** id of what is welded on there */
  readonly at: string;
}

/** Half the length of a spring hanger or bracket welded to the rail, m: assumed, the real one is on its drawing. */
const HANGER_HALF_M = 0.05;

export const zoneAround = (fromM: number, toM: number, at: string): WeldZone => ({
  fromM: fromM - WELD_ZONE_M,
  toM: toM + WELD_ZONE_M,
  at,
});

export const hangerZone = (xM: number, index: number): WeldZone =>
  zoneAround(xM - HANGER_HALF_M, xM + HANGER_HALF_M, `hanger.${index + 1}`);

export const zoneAt = (zones: readonly WeldZone[], fromM: number, toM: number): WeldZone | undefined =>
  zones.find((zone) => zone.fromM < toM && fromM < zone.toM);

export const zoneBreaks = (zones: readonly WeldZone[]): number[] => zones.flatMap(({ fromM, toM }) => [fromM, toM]);
