import type { LoadPattern, Vector3 } from './frame.js';
import type { PreparedFrame, PreparedMember } from './prepare.js';
import { type PatternSolution, vectorAt } from './solve.js';

/** Sums of forces and moments about the origin, and the sizes of what was added; plain numbers, as this is done for every load. */
class Sums {
  private readonly totals = [0, 0, 0, 0, 0, 0];
  private forceSize = 0;
  private momentSize = 0;

  /** A force at a place, N and m. */
  force(x: number, y: number, z: number, fx: number, fy: number, fz: number): void {
    this.forceSize += Math.sqrt(fx * fx + fy * fy + fz * fz);
    this.add(0, fx, fy, fz);
    this.moment(y * fz - z * fy, z * fx - x * fz, x * fy - y * fx);
  }
  moment(mx: number, my: number, mz: number): void {
    this.momentSize += Math.sqrt(mx * mx + my * my + mz * mz);
    this.add(3, mx, my, mz);
  }
  /** Largest of the six sums ÷ the size of all that was added; moments ÷ the frame's size too. */
  relative(spanM: number): number {
    const size = Math.max(this.forceSize, this.momentSize / spanM);
    if (size === 0) return 0;
    return this.totals.reduce((most, total, i) => Math.max(most, Math.abs(total) / (i < 3 ? 1 : spanM)), 0) / size;
  }
  private add(at: number, a: number, b: number, c: number): void {
    this.totals[at] = (this.totals[at] as number) + a;
    this.totals[at + 1] = (this.totals[at + 1] as number) + b;
    this.totals[at + 2] = (this.totals[at + 2] as number) + c;
  }
}

/** A force in the member's own axes at x along it, times a factor. */
const addLocal = (sums: Sums, { start, rows }: PreparedMember['axes'], x: number, f: Vector3, factor: number): void => {
  const [ex, ey, ez] = rows;
  sums.force(
    start[0] + ex[0] * x,
    start[1] + ex[1] * x,
    start[2] + ex[2] * x,
    factor * (ex[0] * f[0] + ey[0] * f[1] + ez[0] * f[2]),
    factor * (ex[1] * f[0] + ey[1] * f[1] + ez[1] * f[2]),
    factor * (ex[2] * f[0] + ey[2] * f[1] + ez[2] * f[2]),
  );
};

/**
 * Largest of the six sums of loads and reactions, ÷ the loads' own size (moments ÷ the frame's size too). Taken of the loads themselves,
 * not of what was solved for: a check of everything between.
 */
export const equilibriumResidual = (
  frame: PreparedFrame,
  pattern: LoadPattern,
  { reactions, loads }: PatternSolution,
): number => {
  const sums = new Sums();
  const { nodes } = frame.model;
  for (const { node, forceN, momentNm } of pattern.nodal) {
    const { at } = nodes[frame.nodeIndex.get(node) as number] as { at: Vector3 };
    sums.force(...at, ...forceN);
    if (momentNm) sums.moment(...momentNm);
  }
  for (const [index, own] of loads.standing.flatMap((map) => [...map])) {
    const { axes } = frame.members[index] as PreparedMember;
    for (const load of own) {
      if (load.kind === 'point') {
        addLocal(sums, axes, load.atM, load.forceN, 1);
        continue;
      }
      // Two triangles, each at a third from its own end.
      const span = load.toM - load.fromM;
      addLocal(sums, axes, load.fromM + span / 3, load.startNPerM, span / 2);
      addLocal(sums, axes, load.toM - span / 3, load.endNPerM, span / 2);
    }
  }
  nodes.forEach(({ at }, i) => {
    if (!frame.nodes[i]?.supported) return;
    sums.force(...at, ...vectorAt(reactions, i * 6));
    sums.moment(...vectorAt(reactions, i * 6 + 3));
  });
  return sums.relative(frame.spanM);
};
