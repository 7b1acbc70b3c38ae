import type { Design, Place } from '../project/index.js';

/** What is at hand to build of: nothing yet, so the lightest of steel or of aluminum; or one section of the list for all main bars. */
export type SteelAtHand =
  | { readonly kind: 'steel' }
  | { readonly kind: 'aluminum' }
  | { readonly kind: 'section'; readonly sectionId: string };

/** Six questions that make a trailer: what, how heavy, how big, what tows it, on which roads, of what. */
export interface Answers {
  readonly what: string;
  /** the trailer's own name, in the language of who asks */
  readonly name: string;
  /** of what is carried at most, kg */
  readonly massKg: number;
  readonly lengthM: number;
  readonly widthM: number;
  readonly heightM: number;
  /** of the list of examples; null: not known yet */
  readonly vehicleId: string | null;
  readonly road: Design['job']['road'];
  readonly steel: SteelAtHand;
}

/** Where it is built and towed; ids of the trailer and of its load. */
export interface StartedWith {
  readonly id: string;
  readonly loadId: string;
  readonly place: Place;
}

/** What had to be decided otherwise than somebody may expect; told on the way. */
export type StartNote =
  | { readonly code: 'wider-than-between-wheels'; readonly bedM: number; readonly goodsM: number }
  | { readonly code: 'no-axle-for-it'; readonly neededKg: number; readonly ratedKg: number }
  | { readonly code: 'tandem' }
  | { readonly code: 'brakes' }
  | { readonly code: 'vehicle-tows-less'; readonly grossKg: number; readonly usualKg: number }
  | { readonly code: 'not-balanced' }
  /** no frame of what is at hand passes every check */
  | { readonly code: 'not-strong' };
