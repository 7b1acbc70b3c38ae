import type { Vector3 } from '../frame-analysis/index.js';
import type { SectionOutline } from '../sections/index.js';

/** What is taken off a body, in the trailer's axes, m. */
export type Cut =
  /** everything on the normal's side of a plane */
  | { readonly kind: 'plane'; readonly at: Vector3; readonly normal: Vector3 }
  /** a hole, or the hollow that lies round a tube */
  | { readonly kind: 'cylinder'; readonly start: Vector3; readonly end: Vector3; readonly radiusM: number }
  /** a block from one corner along three edges square to each other */
  | { readonly kind: 'block'; readonly corner: Vector3; readonly edges: readonly [Vector3, Vector3, Vector3] };

/** A profile pushed along a line square to it, and what is cut off. */
export interface Body {
  /** boundary of the metal, m: first along `across`, then along `up`, from `at` */
  readonly profile: SectionOutline;
  readonly at: Vector3;
  readonly across: Vector3;
  readonly up: Vector3;
  /** across × up, of length one */
  readonly along: Vector3;
  readonly lengthM: number;
  readonly cuts: readonly Cut[];
}

/** One piece of metal as it stands in the trailer. */
export interface PieceSolid {
  /** of the piece or the plate, as in the cut list */
  readonly id: string;
  readonly partId: string;
  /** mark and part: R1 rail.left */
  readonly name: string;
  readonly mark: string;
  readonly densityKgM3: number;
  /** as the cut list weighs it */
  readonly massKg: number;
  readonly body: Body;
}
