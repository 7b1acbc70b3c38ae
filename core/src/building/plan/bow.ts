import { outsideM, usualLegOf } from '../../buying/index.js';
import type { Chassis, Member } from '../../chassis/index.js';
import { publishedVerify, type Source } from '../../source.js';

/** How far a rail is pulled out of straight, least and most, m. */
export type BowRange = readonly [leastM: number, mostM: number];

export interface Bows {
  /** up or down, once the welds of one side are in and those of the other are not */
  readonly oneSideM: BowRange;
  /** sideways, its ends drawn in: every weld is on its inner face */
  readonly sidewaysM: BowRange;
}

export const BOW_SOURCE: Source = publishedVerify(
  'O. Blodgett, Design of Weldments: Δ = 0.005 A d L² ÷ I for a long bar; here with the mean area of all its short welds, 0.4 to 1.2 times as seen on cross-members (common practice)',
);

/** Of fillets along a bar that lie d off its middle: mean area A over its length, Δ = 0.005 A d L² ÷ I. Any one unit of length. */
export const bowM = (meanAreaM2: number, offM: number, lengthM: number, inertiaM4: number): number =>
  (0.005 * meanAreaM2 * offM * lengthM ** 2) / inertiaM4;

/** Welds of cross-members are short and apart: they pull less than a seam all along would at least, a little more at most. */
const PULLS = [0.4, 1.2] as const;
const rangeOf = (metres: number): BowRange => [PULLS[0] * metres, PULLS[1] * metres];

/** A fillet's triangle. */
const fillet = (legM: number): number => legM ** 2 / 2;

/**
 * What the cross-members' welds do to a rail of a frame. Undefined where there is no rail, or nothing is welded on it. `firstTop`: the
 * welds on the upper edge go in first.
 */
export const bowsOf = ({ members }: Chassis, weldLegM: number | null, firstTop: boolean): Bows | undefined => {
  const rail = members.find(({ id }) => id === 'rail.left');
  const crosses = members.filter(({ group, existing }) => group === 'cross' && !existing);
  if (!rail || crosses.length === 0) return undefined;
  const lengthM = rail.extent.x1M - rail.extent.x0M;
  const middleZM = (rail.extent.z0M + rail.extent.z1M) / 2;
  const welded = (one: (cross: Member) => number): number => crosses.reduce((sum, cross) => sum + one(cross), 0);
  const area = (cross: Member): number => fillet(weldLegM ?? usualLegOf(cross));
  const edgeM = (cross: Member): number => cross.bar.widthM * area(cross);
  const edge = welded(edgeM);
  const off =
    welded((cross) => edgeM(cross) * Math.abs((firstTop ? cross.extent.z1M : cross.extent.z0M) - middleZM)) / edge;
  const round = welded((cross) => cross.pieces * outsideM(cross.section.shape) * area(cross));
  const { iyM4, izM4 } = rail.bar.design;
  return {
    oneSideM: rangeOf(bowM(edge / lengthM, off, lengthM, iyM4)),
    sidewaysM: rangeOf(bowM(round / lengthM, rail.bar.widthM / 2, lengthM, izM4)),
  };
};
