/**
 * A frame of straight members in space, linear and elastic. Knows nothing of trailers. SI: m, N, N·m, Pa, rad; right-handed axes.
 * Local axes of a member: x from its first to its second end; z the part of `up` square to x; y = z × x.
 */
export type Vector3 = readonly [x: number, y: number, z: number];

export interface FrameNode {
  readonly id: string;
  readonly at: Vector3;
}

/** Movements of a member's end along and about its local axes. */
export const FREEDOMS = ['ux', 'uy', 'uz', 'rx', 'ry', 'rz'] as const;
export type Freedom = (typeof FREEDOMS)[number];

/** Stiffness of a member's section; a shear area that is left out means no shear deformation in that direction (Euler-Bernoulli). */
export interface MemberStiffness {
  readonly areaM2: number;
  /** ∫z² dA: bending in the local x-z plane */
  readonly iyM4: number;
  /** ∫y² dA: bending in the local x-y plane */
  readonly izM4: number;
  /** St Venant */
  readonly torsionM4: number;
  readonly elasticPa: number;
  readonly shearPa: number;
  readonly shearAreaYM2?: number | undefined;
  readonly shearAreaZM2?: number | undefined;
}

/** How much a member's end gives against its node in each movement, N/m or N·m/rad. */
export type EndSprings = Readonly<Partial<Record<Freedom, number>>>;

export interface FrameMember extends MemberStiffness {
  readonly id: string;
  readonly from: string;
  readonly to: string;
  /** default: global +Z, or global +X for a member within about 2.6° of upright */
  readonly up?: Vector3 | undefined;
  /** movements that the member's end does not share with its node, local axes */
  readonly releaseFrom?: readonly Freedom[] | undefined;
  readonly releaseTo?: readonly Freedom[] | undefined;
  /** springs between the node and the member's end, local axes; what is not named is rigid */
  readonly springFrom?: EndSprings | undefined;
  readonly springTo?: EndSprings | undefined;
  /** rigid arm from the node to the member's end, global axes */
  readonly offsetFrom?: Vector3 | undefined;
  readonly offsetTo?: Vector3 | undefined;
}

/** Holds one movement of a node, in any direction: for good, or by a spring of this stiffness (N/m or N·m/rad). */
export interface Restraint {
  readonly kind: 'translation' | 'rotation';
  readonly direction: Vector3;
  readonly stiffness: 'fixed' | number;
}

export interface FrameSupport {
  readonly node: string;
  readonly restraints: readonly Restraint[];
}

export interface FrameModel {
  readonly nodes: readonly FrameNode[];
  readonly members: readonly FrameMember[];
  readonly supports: readonly FrameSupport[];
}

export interface NodalLoad {
  readonly node: string;
  readonly forceN: Vector3;
  readonly momentNm?: Vector3;
}

/** On the member's own length, measured from its first end; rigid arms carry none. */
export type MemberLoad = {
  readonly member: string;
  readonly axes: 'global' | 'local';
} & (
  | { readonly kind: 'point'; readonly atM: number; readonly forceN: Vector3 }
  | {
      readonly kind: 'spread';
      readonly fromM: number;
      readonly toM: number;
      /** N per metre of the member's length at both ends of the stretch, even between */
      readonly startNPerM: Vector3;
      readonly endNPerM: Vector3;
    }
);

export interface LoadPattern {
  readonly nodal: readonly NodalLoad[];
  readonly member: readonly MemberLoad[];
}

/** A movement that nothing resists: which nodes go which way. */
export interface FreeMovement {
  readonly node: string;
  readonly freedoms: readonly Freedom[];
}

export type FrameProblem =
  | { readonly code: 'no-members' }
  | { readonly code: 'no-supports' }
  | { readonly code: 'duplicate-node'; readonly id: string }
  | { readonly code: 'duplicate-member'; readonly id: string }
  | { readonly code: 'unknown-node'; readonly by: string; readonly node: string }
  | { readonly code: 'unknown-member'; readonly member: string }
  | { readonly code: 'no-length'; readonly member: string }
  | { readonly code: 'not-positive'; readonly member: string; readonly field: keyof MemberStiffness }
  | { readonly code: 'not-finite'; readonly of: string }
  | { readonly code: 'up-along-member'; readonly member: string }
  | { readonly code: 'no-direction'; readonly node: string }
  | { readonly code: 'negative-spring'; readonly node: string }
  | { readonly code: 'load-off-member'; readonly member: string; readonly lengthM: number }
  | { readonly code: 'spring-not-positive'; readonly member: string; readonly freedom: Freedom }
  | { readonly code: 'loose-member'; readonly member: string; readonly freedom: Freedom }
  | { readonly code: 'mechanism'; readonly movements: readonly (readonly FreeMovement[])[] };
