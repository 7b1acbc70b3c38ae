import { PASSENGER_TIRE_DERATING } from '../catalog/index.js';
import type { Trailer } from '../project/index.js';

export type AssemblyPart = 'axle' | 'springs' | 'tires' | 'wheels';

/** What one axle may carry, by each of its parts, kg; undefined where nobody has read it. */
export const assemblyRatings = ({ runningGear }: Trailer): Readonly<Record<AssemblyPart, number | undefined>> => {
  const { axle, suspension, tire, wheel } = runningGear;
  const pair = (kg: number | null): number | undefined => (kg === null ? undefined : 2 * kg);
  const tireKg = pair(tire.maxLoadKg);
  return {
    axle: axle.ratingKg ?? undefined,
    springs: suspension.kind === 'leaf' ? pair(suspension.spring.ratingKg) : undefined,
    tires: tireKg === undefined ? undefined : tireKg / (tire.passenger ? PASSENGER_TIRE_DERATING : 1),
    wheels: pair(wheel.maxLoadKg),
  };
};

/** The part that gives out first; undefined where nothing is rated. */
export const weakestPart = (
  trailer: Trailer,
): { readonly part: AssemblyPart; readonly ratingKg: number } | undefined => {
  const ratings = assemblyRatings(trailer);
  return (['axle', 'springs', 'tires', 'wheels'] as const).reduce<
    { readonly part: AssemblyPart; readonly ratingKg: number } | undefined
  >((least, part) => {
    const ratingKg = ratings[part];
    return ratingKg !== undefined && (!least || ratingKg < least.ratingKg) ? { part, ratingKg } : least;
  }, undefined);
};
