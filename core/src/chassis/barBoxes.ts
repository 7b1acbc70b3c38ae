import { subtract, type Vector3 } from '../frame-analysis/index.js';
import type { Member } from './member.js';
import { lineLengthM } from './middleLine.js';

/** A box along the trailer's axes, m. */
export interface BarBox {
  readonly x0M: number;
  readonly x1M: number;
  readonly y0M: number;
  readonly y1M: number;
  readonly z0M: number;
  readonly z1M: number;
}

/** A slanting bar is told by boxes no longer than this, m, and by no more than so many. */
const STEP_M = 0.05;
const MOST = 40;

/**
 * A bar that runs in any direction as a row of boxes about it, so that what lies beside a slanting one is not taken to touch it. Empty for
 * bars that lie or stand as their outline says.
 */
export const boxesAlong = ({ line, bar }: Pick<Member, 'line' | 'bar'>): readonly BarBox[] => {
  if (!line) return [];
  const { start, end, across, up } = line;
  const whole = subtract(end, start);
  const slants = whole.filter((part) => Math.abs(part) > 1e-6).length > 1;
  const count = slants ? Math.min(MOST, Math.max(1, Math.ceil(lineLengthM(line) / STEP_M))) : 1;
  const half = (axis: 0 | 1 | 2): number =>
    (Math.abs(across[axis]) * bar.widthM + Math.abs(up[axis]) * bar.heightM) / 2;
  // The middle line lies at the centroid; the box lies about half the height.
  const off = bar.heightM / 2 - bar.design.centroidZM;
  return Array.from({ length: count }, (_, i) => {
    const at = (share: number): Vector3 => [
      start[0] + whole[0] * share + up[0] * off,
      start[1] + whole[1] * share + up[1] * off,
      start[2] + whole[2] * share + up[2] * off,
    ];
    const [a, b] = [at(i / count), at((i + 1) / count)];
    const reach = (axis: 0 | 1 | 2): readonly [number, number] => [
      Math.min(a[axis], b[axis]) - half(axis),
      Math.max(a[axis], b[axis]) + half(axis),
    ];
    const [[x0M, x1M], [y0M, y1M], [z0M, z1M]] = [reach(0), reach(1), reach(2)];
    return { x0M, x1M, y0M, y1M, z0M, z1M };
  });
};
