import { STANDARD_GRAVITY } from '../units/index.js';
import { springInterval, springPosition } from './springWindow.js';
import type { CaseMoments, Interval, WindowEnd, WindowGeometry, WindowLimits, WindowReason } from './windowTypes.js';

/** a·p + b ≥ 0 for the group's position p. */
interface HalfLine {
  readonly a: number;
  readonly b: number;
  readonly reason: WindowReason;
}

/**
 * Every limit is linear in the position once it is multiplied by the distance from the ball:
 * T·(p + δ − x_b) = g·[M_f·(p + δ) − S_f + M_m·δ − D_m], W constant, N_i = k_i·(g·M_s − T) + g·u_i.
 */
const halfLines = (moments: CaseMoments, geometry: WindowGeometry, limits: WindowLimits): HalfLine[] => {
  const { fixedKg, fixedMomentKgM, movingKg, movingMomentKgM, unsprungKg } = moments;
  const { ballXM, centreOffsetM, axleShares } = geometry;
  const g = STANDARD_GRAVITY;
  const sprungKg = fixedKg + movingKg;
  const weightN = g * (sprungKg + unsprungKg.reduce((sum, kg) => sum + kg, 0));
  // T × (p + δ − x_b) = slope·p + start
  const slope = g * fixedKg;
  const start = g * (sprungKg * centreOffsetM - fixedMomentKgM - movingMomentKgM);
  const reach = centreOffsetM - ballXM;
  const atLeast = (forceN: number, reason: WindowReason): HalfLine => ({
    a: slope - forceN,
    b: start - forceN * reach,
    reason,
  });
  const atMost = (forceN: number, reason: WindowReason): HalfLine => ({
    a: forceN - slope,
    b: forceN * reach - start,
    reason,
  });
  const lines = [
    atLeast(limits.minShare * weightN, 'tongue-too-light'),
    atMost(limits.maxShare * weightN, 'tongue-too-heavy'),
  ];
  if (limits.minTongueN !== undefined) lines.push(atLeast(limits.minTongueN, 'tongue-too-light'));
  if (limits.maxTongueN !== undefined) lines.push(atMost(limits.maxTongueN, 'tongue-too-heavy'));
  if (limits.hitchN !== undefined) lines.push(atMost(limits.hitchN, 'hitch-limit'));
  limits.axleRatingsN.forEach((ratingN, i) => {
    const share = axleShares[i] ?? 0;
    if (ratingN === undefined || share === 0) return;
    lines.push(atLeast(g * sprungKg - (ratingN - g * (unsprungKg[i] ?? 0)) / share, 'axle-rating'));
  });
  return lines;
};

/** Interval of axle positions for one case, within the given bounds of the bed: closed form, or searched where springs share. */
export const caseInterval = (
  moments: CaseMoments,
  geometry: WindowGeometry,
  limits: WindowLimits,
  bounds: { readonly fromM: number; readonly toM: number },
): Interval => {
  if (geometry.springs) return springInterval(moments, { ...geometry, springs: geometry.springs }, limits, bounds);
  let from: WindowEnd = { xM: bounds.fromM, reason: 'bed-edge' };
  let to: WindowEnd = { xM: bounds.toM, reason: 'bed-edge' };
  const behindBall = geometry.ballXM - geometry.centreOffsetM;
  if (behindBall > from.xM) from = { xM: behindBall, reason: 'ball' };
  for (const { a, b, reason } of halfLines(moments, geometry, limits)) {
    if (a > 0) {
      if (-b / a > from.xM) from = { xM: -b / a, reason };
    } else if (a < 0) {
      if (-b / a < to.xM) to = { xM: -b / a, reason };
    } else if (b < 0) {
      // No position meets this limit at all: close the interval at its far end.
      return { from: { xM: to.xM, reason }, to: { xM: from.xM, reason }, empty: true };
    }
  }
  return { from, to, empty: from.xM > to.xM };
};

export interface NamedInterval extends Interval {
  readonly caseId: string;
}

/** The common window, or why there is none. */
export type AxleWindow =
  | { readonly kind: 'none-asked' }
  | {
      readonly kind: 'window';
      readonly fromM: number;
      readonly toM: number;
      readonly fromCase: NamedInterval;
      readonly toCase: NamedInterval;
    }
  | {
      readonly kind: 'conflict';
      /** cases that no place suits even alone */
      readonly impossible: readonly NamedInterval[];
      /** the two that lie furthest apart: the first wants the axle no further back than the second lets it come forward */
      readonly fight: { readonly forward: NamedInterval; readonly rearward: NamedInterval } | undefined;
      /** every pair that excludes each other */
      readonly pairs: readonly (readonly [string, string])[];
      /** the largest set that agrees, and where */
      readonly agree: { readonly caseIds: readonly string[]; readonly fromM: number; readonly toM: number } | undefined;
    };

const largestAgreement = (
  intervals: readonly NamedInterval[],
): { caseIds: string[]; fromM: number; toM: number } | undefined => {
  let best: { caseIds: string[]; fromM: number; toM: number } | undefined;
  for (const start of intervals) {
    const within = intervals.filter(({ from, to }) => from.xM <= start.from.xM && start.from.xM <= to.xM);
    if (best === undefined || within.length > best.caseIds.length) {
      best = {
        caseIds: within.map(({ caseId }) => caseId),
        fromM: start.from.xM,
        toM: Math.min(...within.map(({ to }) => to.xM)),
      };
    }
  }
  return best;
};

/** Intersects the intervals of all cases that count. */
export const commonWindow = (intervals: readonly NamedInterval[]): AxleWindow => {
  const [first, ...others] = intervals;
  if (!first) return { kind: 'none-asked' };
  const fromCase = others.reduce((best, next) => (next.from.xM > best.from.xM ? next : best), first);
  const toCase = others.reduce((best, next) => (next.to.xM < best.to.xM ? next : best), first);
  const impossible = intervals.filter(({ empty }) => empty);
  if (impossible.length === 0 && fromCase.from.xM <= toCase.to.xM) {
    return { kind: 'window', fromM: fromCase.from.xM, toM: toCase.to.xM, fromCase, toCase };
  }
  const possible = intervals.filter(({ empty }) => !empty);
  const pairs = possible.flatMap((one) =>
    possible
      .filter((other) => other.from.xM > one.to.xM)
      .map((other): readonly [string, string] => [one.caseId, other.caseId]),
  );
  const forward = possible.reduce<NamedInterval | undefined>(
    (best, next) => (!best || next.to.xM < best.to.xM ? next : best),
    undefined,
  );
  const rearward = possible.reduce<NamedInterval | undefined>(
    (best, next) => (!best || next.from.xM > best.from.xM ? next : best),
    undefined,
  );
  return {
    kind: 'conflict',
    impossible,
    fight: forward && rearward && pairs.length > 0 ? { forward, rearward } : undefined,
    pairs,
    agree: largestAgreement(possible),
  };
};

/** Position of the group that puts a given share of the gross weight on the tongue; undefined where no place behind the ball does. */
export const positionForShare = (moments: CaseMoments, geometry: WindowGeometry, share: number): number | undefined => {
  if (geometry.springs) return springPosition(moments, { ...geometry, springs: geometry.springs }, share);
  const [line] = halfLines(moments, geometry, {
    minShare: share,
    maxShare: share,
    minTongueN: undefined,
    maxTongueN: undefined,
    hitchN: undefined,
    axleRatingsN: [],
  });
  if (!line || line.a === 0) return undefined;
  const xM = -line.b / line.a;
  return xM + geometry.centreOffsetM > geometry.ballXM ? xM : undefined;
};
