import { STANDARD_GRAVITY } from '../units/index.js';
import { heldAxlesN } from './springSharing.js';
import type { CaseMoments, Interval, WindowEnd, WindowGeometry, WindowLimits, WindowReason } from './windowTypes.js';

type SpringGeometry = WindowGeometry & { readonly springs: NonNullable<WindowGeometry['springs']> };

interface Standing {
  readonly tongueN: number;
  readonly weightN: number;
  readonly axlesN: readonly number[];
}

/** Ball and axles with the group at this place; undefined where an axle would stand ahead of the ball. */
const standingAt = (
  { fixedKg, fixedMomentKgM, movingKg, movingMomentKgM, unsprungKg }: CaseMoments,
  { ballXM, springs }: SpringGeometry,
  xM: number,
): Standing | undefined => {
  const axlesM = springs.axleOffsetsM.map((offset) => xM + offset - ballXM);
  if (!axlesM.every((x) => x > 0)) return undefined;
  const sprungKg = fixedKg + movingKg;
  const sprungN = STANDARD_GRAVITY * sprungKg;
  const momentNm = STANDARD_GRAVITY * (fixedMomentKgM + movingMomentKgM + movingKg * xM - sprungKg * ballXM);
  const forcesN = heldAxlesN(axlesM, springs, momentNm, sprungN);
  if (!forcesN) return undefined;
  const unsprungN = unsprungKg.map((kg) => STANDARD_GRAVITY * kg);
  return {
    tongueN: sprungN - forcesN.reduce((sum, n) => sum + n, 0),
    weightN: sprungN + unsprungN.reduce((sum, n) => sum + n, 0),
    axlesN: forcesN.map((n, i) => n + (unsprungN[i] ?? 0)),
  };
};

/** How much of each limit is left at a place; less than nothing where it is passed. */
const sparesOf = (limits: WindowLimits): readonly { reason: WindowReason; spare: (of: Standing) => number }[] => [
  { reason: 'tongue-too-light', spare: ({ tongueN, weightN }) => tongueN - limits.minShare * weightN },
  { reason: 'tongue-too-heavy', spare: ({ tongueN, weightN }) => limits.maxShare * weightN - tongueN },
  ...(
    [
      ['tongue-too-light', limits.minTongueN, 1],
      ['tongue-too-heavy', limits.maxTongueN, -1],
      ['hitch-limit', limits.hitchN, -1],
    ] as const
  ).flatMap(([reason, limitN, sign]) =>
    limitN === undefined ? [] : [{ reason, spare: ({ tongueN }: Standing) => sign * (tongueN - limitN) }],
  ),
  ...limits.axleRatingsN.flatMap((ratingN, i) =>
    ratingN === undefined
      ? []
      : [{ reason: 'axle-rating' as const, spare: ({ axlesN }: Standing) => ratingN - (axlesN[i] ?? 0) }],
  ),
];

/** Places that are tried between the ends; an axle that lifts makes a kink, nothing makes more than a few. */
const TRIES = 120;
const HALVINGS = 40;
/** How far past the bed a place is still looked for, m: so that a conflict can say where it would be. */
const BEYOND_M = 2;

const between = (from: number, to: number, satisfied: (x: number) => boolean): number => {
  let [yes, no] = [from, to];
  for (let k = 0; k < HALVINGS; k += 1) {
    const middle = (yes + no) / 2;
    if (satisfied(middle)) yes = middle;
    else no = middle;
  }
  return yes;
};

/** Places that suit one case where axles share by springs and level: the same model as the balance, searched. */
export const springInterval = (
  moments: CaseMoments,
  geometry: SpringGeometry,
  limits: WindowLimits,
  bounds: { readonly fromM: number; readonly toM: number },
): Interval => {
  const firstM = geometry.ballXM - Math.min(...geometry.springs.axleOffsetsM) + 0.01;
  let from: WindowEnd = { xM: bounds.fromM, reason: 'bed-edge' };
  let to: WindowEnd = { xM: bounds.toM, reason: 'bed-edge' };
  if (firstM > from.xM) from = { xM: firstM, reason: 'ball' };
  const [low, high] = [Math.max(firstM, bounds.fromM - BEYOND_M), Math.max(bounds.toM, firstM) + BEYOND_M];
  const places = Array.from({ length: TRIES + 1 }, (_, i) => low + ((high - low) * i) / TRIES);
  const stands = places.map((x) => standingAt(moments, geometry, x));
  for (const { reason, spare } of sparesOf(limits)) {
    const satisfied = (x: number): boolean => {
      const of = standingAt(moments, geometry, x);
      return of !== undefined && spare(of) >= 0;
    };
    const good = stands.map((of) => of !== undefined && spare(of) >= 0);
    const [first, last] = [good.indexOf(true), good.lastIndexOf(true)];
    if (first < 0) return { from: { xM: to.xM, reason }, to: { xM: from.xM, reason }, empty: true };
    if (first > 0) {
      const xM = between(places[first] as number, places[first - 1] as number, satisfied);
      if (xM > from.xM) from = { xM, reason };
    }
    if (last < TRIES) {
      const xM = between(places[last] as number, places[last + 1] as number, satisfied);
      if (xM < to.xM) to = { xM, reason };
    }
  }
  return { from, to, empty: from.xM > to.xM };
};

/** The place that gives a share of the gross on the tongue; undefined where none near the bed does. */
export const springPosition = (moments: CaseMoments, geometry: SpringGeometry, share: number): number | undefined => {
  const firstM = geometry.ballXM - Math.min(...geometry.springs.axleOffsetsM) + 0.01;
  const heavier = (x: number): boolean | undefined => {
    const of = standingAt(moments, geometry, x);
    return of && of.tongueN > share * of.weightN;
  };
  const places = Array.from({ length: TRIES + 1 }, (_, i) => firstM + (20 * i) / TRIES);
  const after = places.findIndex((x) => heavier(x) === true);
  if (after <= 0 || heavier(places[after - 1] as number) !== false) return undefined;
  return between(places[after - 1] as number, places[after] as number, (x) => heavier(x) === false);
};
