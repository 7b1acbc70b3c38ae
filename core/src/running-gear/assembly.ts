import { tireLoadKg, type Trailer } from '../project/index.js';

export type AssemblyPart = 'axle' | 'spindles' | 'hubs' | 'springs' | 'tires' | 'wheels';

/** Axle, springs and wheels of one axle, kg: what its springs do not carry. */
const unsprungKg = ({ runningGear: { axle, suspension, wheel } }: Trailer): number =>
  axle.massKg + suspension.springMassKg + 2 * wheel.assemblyMassKg;

/**
 * What one axle may carry at the ground, by each of its parts, kg, two of each to an axle; undefined where nobody has read it. Springs bear what stands on them:
 * axle and wheels come on top of their ratings.
 */
export const assemblyRatings = (trailer: Trailer): Readonly<Record<AssemblyPart, number | undefined>> => {
  const { axle, suspension, wheel } = trailer.runningGear;
  const pair = (kg: number | null): number | undefined => (kg === null ? undefined : 2 * kg);
  const springsKg = suspension.kind === 'leaf' ? pair(suspension.spring.ratingKg) : undefined;
  return {
    // What the user builds has no tag: its spindles, hubs and springs say what it may carry.
    axle: axle.homeBuilt ? undefined : (axle.ratingKg ?? undefined),
    spindles: pair(axle.homeBuilt?.spindleKg ?? null),
    hubs: pair(axle.homeBuilt?.hubKg ?? null),
    springs: springsKg === undefined ? undefined : springsKg + unsprungKg(trailer),
    tires: pair(tireLoadKg(trailer) ?? null),
    wheels: pair(wheel.maxLoadKg),
  };
};

/** The part that gives out first; undefined where nothing is rated. */
export const weakestPart = (
  trailer: Trailer,
): { readonly part: AssemblyPart; readonly ratingKg: number } | undefined => {
  const ratings = assemblyRatings(trailer);
  return (['axle', 'spindles', 'hubs', 'springs', 'tires', 'wheels'] as const).reduce<
    { readonly part: AssemblyPart; readonly ratingKg: number } | undefined
  >((least, part) => {
    const ratingKg = ratings[part];
    return ratingKg !== undefined && (!least || ratingKg < least.ratingKg) ? { part, ratingKg } : least;
  }, undefined);
};
