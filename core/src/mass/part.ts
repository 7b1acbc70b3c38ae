import type { Point3 } from '../chassis/index.js';

export type PartGroup = 'frame' | 'deck' | 'sides' | 'body' | 'running-gear' | 'coupling' | 'fixed' | 'cargo';

/** Axles from the front. */
export const AXLE_IDS = ['axle.1', 'axle.2', 'axle.3'] as const;
export type AxleId = (typeof AXLE_IDS)[number];

/** Which axle's own wheels a part stands on; undefined where the springs carry it. */
export const unsprungAxleOf = ({ carriedBy }: { readonly carriedBy: CarriedBy }): number | undefined => {
  const index = (AXLE_IDS as readonly string[]).indexOf(carriedBy);
  return index < 0 ? undefined : index;
};

/** What carries a part down to the springs; the unsprung ones go straight to the ground through their own wheels. */
export type CarriedBy = 'rails' | 'deck' | 'tongue' | 'rack' | AxleId;

/** A mass in its place. */
export interface Part {
  readonly id: string;
  readonly group: PartGroup;
  /** what the user calls it; our own parts are named by their id */
  readonly name?: string;
  readonly massKg: number;
  readonly centre: Point3;
  /** over which its weight is spread, m */
  readonly x0M: number;
  readonly x1M: number;
  readonly y0M: number;
  readonly y1M: number;
  readonly heightM: number;
  readonly carriedBy: CarriedBy;
  readonly movesWithAxle: boolean;
  /** bars that it hangs or lies on, instead of what `carriedBy` says */
  readonly heldBy?: readonly string[];
  /** stands on these places of what carries it, with such shares of its weight, and not over its whole outline */
  readonly feet?: readonly { readonly xM: number; readonly yM: number; readonly share: number }[];
  /** held over this stretch only: the housing of a drawer that is pulled out, m */
  readonly heldX0M?: number;
  readonly heldX1M?: number;
}
