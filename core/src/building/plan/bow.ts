import { usualLegOf } from '../../buying/index.js';
import type { Chassis, Member } from '../../chassis/index.js';
import { publishedVerify, type Source } from '../../source.js';

/** How far a rail is pulled out of straight, least and most, m. */
export type BowRange = readonly [leastM: number, mostM: number];

export const BOW_SOURCE: Source = publishedVerify(
  'O. Blodgett, Design of Weldments: Δ = 0.005 A d L² ÷ I for a long bar; here with the mean area of all its short welds, 0.4 to 1.2 times as seen on cross-members, twice that in aluminum (common practice)',
);

/** Of fillets along a bar that lie d off its middle: mean area A over its length, Δ = 0.005 A d L² ÷ I. Any one unit of length. */
export const bowM = (meanAreaM2: number, offM: number, lengthM: number, inertiaM4: number): number =>
  (0.005 * meanAreaM2 * offM * lengthM ** 2) / inertiaM4;

/** Welds of cross-members are short and apart: they pull less than a seam all along would at least, a little more at most. */
const PULLS = [0.4, 1.2] as const;

/** A fillet's triangle. */
const fillet = (legM: number): number => legM ** 2 / 2;

/** Aluminum shrinks about twice as much as steel. Common practice. */
const SHRINKS = { steel: 1, aluminum: 2 } as const;

/**
 * How far a rail is bent up or down once the cross-members' welds of one edge are in and those of the other are not. Sideways nothing is told:
 * the cross-members themselves hold the rails apart. Undefined where there is no rail, or nothing is welded on it. `firstTop`: the upper edge
 * goes in first.
 */
export const oneSideBowM = ({ members }: Chassis, weldLegM: number | null, firstTop: boolean): BowRange | undefined => {
  const rail = members.find(({ id }) => id === 'rail.left');
  const crosses = members.filter(({ group, existing }) => group === 'cross' && !existing);
  if (!rail || crosses.length === 0) return undefined;
  const lengthM = rail.extent.x1M - rail.extent.x0M;
  const middleZM = (rail.extent.z0M + rail.extent.z1M) / 2;
  const volumeM3 = (cross: Member): number => cross.bar.widthM * fillet(weldLegM ?? usualLegOf(cross));
  const offM = (cross: Member): number => (firstTop ? cross.extent.z1M : cross.extent.z0M) - middleZM;
  // Welds above its middle pull against those below it.
  const momentM4 = Math.abs(crosses.reduce((sum, cross) => sum + volumeM3(cross) * offM(cross), 0));
  const wholeM3 = crosses.reduce((sum, cross) => sum + volumeM3(cross), 0);
  const metres =
    bowM(wholeM3 / lengthM, momentM4 / wholeM3, lengthM, rail.bar.design.iyM4) * SHRINKS[rail.material.family];
  return [PULLS[0] * metres, PULLS[1] * metres];
};
