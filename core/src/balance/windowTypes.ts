import type { AxleSprings } from './springSharing.js';

/** What one load case looks like to a moving axle group; masses in kg, first moments in kg·m about the datum. */
export interface CaseMoments {
  readonly id: string;
  /** sprung and staying where it is */
  readonly fixedKg: number;
  readonly fixedMomentKgM: number;
  /** sprung and moving with the group: Σm and Σm·(x − position) */
  readonly movingKg: number;
  readonly movingMomentKgM: number;
  readonly unsprungKg: readonly number[];
}

export interface WindowGeometry {
  readonly ballXM: number;
  /** group centre minus group position, m: not zero only with unequal equaliser arms */
  readonly centreOffsetM: number;
  /** share of the sprung axle load that each axle carries */
  readonly axleShares: readonly number[];
  /** axles that share by their springs behind a hitch of known height, each so far behind the group's place, m */
  readonly springs?: (AxleSprings & { readonly axleOffsetsM: readonly number[] }) | undefined;
}

export interface WindowLimits {
  readonly minShare: number;
  readonly maxShare: number;
  readonly minTongueN: number | undefined;
  readonly maxTongueN: number | undefined;
  /** hitch, coupler or tow vehicle, whichever is least */
  readonly hitchN: number | undefined;
  readonly axleRatingsN: readonly (number | undefined)[];
}

/** Which limit sets an end. */
export type WindowReason =
  | 'tongue-too-light'
  | 'tongue-too-heavy'
  | 'hitch-limit'
  | 'axle-rating'
  | 'bed-edge'
  | 'ball';

export interface WindowEnd {
  readonly xM: number;
  readonly reason: WindowReason;
}

/** Places of the axle that suit one case. `empty` where none does: then the two ends that cross are told. */
export interface Interval {
  readonly from: WindowEnd;
  readonly to: WindowEnd;
  readonly empty: boolean;
}
