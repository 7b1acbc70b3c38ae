import { fail, ok, type Result } from '../result.js';
import { addPointLoad, addSpreadLoad, SIZE } from './beamElement.js';
import type { FrameProblem, LoadPattern, MemberLoad, Vector3 } from './frame.js';
import { toLocal } from './memberAxes.js';
import type { NodeFreedoms, PreparedFrame, PreparedMember } from './prepare.js';
import { condenseLoads, recoverReleased } from './releases.js';
import { backSolve } from './skyline.js';
import { add, isFinite3, scale } from './vectors.js';

/** A load on one member in its own axes. */
export type LocalLoad =
  | { readonly kind: 'point'; readonly atM: number; readonly forceN: Vector3 }
  | {
      readonly kind: 'spread';
      readonly fromM: number;
      readonly toM: number;
      readonly startNPerM: Vector3;
      readonly endNPerM: Vector3;
    };

/** What one load pattern does. Rows of six per node, of twelve per member, in the model's order. */
export interface PatternSolution {
  /** m and rad, global */
  readonly displacements: Float64Array;
  /** of the ground on the frame, N and N·m, global; 0 where nothing holds */
  readonly reactions: Float64Array;
  /** of the nodes on the member, local axes, first end then second */
  readonly endForces: Float64Array;
  /** what each member's loads come to at its ends, its releases worked out; and what stood at each of these */
  readonly condensedLoads: ReadonlyMap<number, { readonly loads: Float64Array; readonly held: Float64Array }>;
  /** by member index, where it carries any */
  readonly localLoads: ReadonlyMap<number, readonly LocalLoad[]>;
  /** largest of the six sums of loads and reactions, ÷ the loads' own size (moments ÷ the frame's size too) */
  readonly equilibriumResidual: number;
}

/** A load this little off the member's end, as a share of its length, is a slip of rounding. */
const END_SLIP = 1e-9;

const localise = (load: MemberLoad, { axes, member }: PreparedMember): Result<LocalLoad, FrameProblem> => {
  const { lengthM } = axes;
  const turn = (vector: Vector3): Vector3 => (load.axes === 'local' ? vector : toLocal(axes, vector));
  const off: FrameProblem = { code: 'load-off-member', member: member.id, lengthM };
  const inside = (x: number): boolean => x >= -END_SLIP * lengthM && x <= lengthM * (1 + END_SLIP);
  const clamp = (x: number): number => Math.min(lengthM, Math.max(0, x));
  if (load.kind === 'point') {
    if (!isFinite3(load.forceN) || !Number.isFinite(load.atM)) return fail({ code: 'not-finite', of: member.id });
    return inside(load.atM) ? ok({ kind: 'point', atM: clamp(load.atM), forceN: turn(load.forceN) }) : fail(off);
  }
  if (![load.startNPerM, load.endNPerM].every(isFinite3) || !Number.isFinite(load.fromM + load.toM))
    return fail({ code: 'not-finite', of: member.id });
  if (!inside(load.fromM) || !inside(load.toM) || load.toM < load.fromM) return fail(off);
  return ok({
    kind: 'spread',
    fromM: clamp(load.fromM),
    toM: clamp(load.toM),
    startNPerM: turn(load.startNPerM),
    endNPerM: turn(load.endNPerM),
  });
};

const localLoadsOf = (frame: PreparedFrame, pattern: LoadPattern): Result<Map<number, LocalLoad[]>, FrameProblem[]> => {
  const loads = new Map<number, LocalLoad[]>();
  const problems: FrameProblem[] = [];
  for (const load of pattern.member) {
    const index = frame.memberIndex.get(load.member);
    if (index === undefined) {
      problems.push({ code: 'unknown-member', member: load.member });
      continue;
    }
    const local = localise(load, frame.members[index] as PreparedMember);
    if (!local.ok) problems.push(local.error);
    else if (loads.has(index)) loads.get(index)?.push(local.value);
    else loads.set(index, [local.value]);
  }
  for (const { node, forceN, momentNm } of pattern.nodal) {
    if (!frame.nodeIndex.has(node)) problems.push({ code: 'unknown-node', by: 'load', node });
    if (!isFinite3(forceN) || (momentNm && !isFinite3(momentNm))) problems.push({ code: 'not-finite', of: node });
  }
  return problems.length > 0 ? fail(problems) : ok(loads);
};

/** End forces that work as the member's loads do, local axes, 12; zero where it carries none. */
const equivalentLoads = (loads: readonly LocalLoad[], { axes, ratios }: PreparedMember): Float64Array => {
  const equivalent = new Float64Array(SIZE);
  for (const load of loads) {
    if (load.kind === 'point') addPointLoad(equivalent, load.atM, load.forceN, axes.lengthM, ratios);
    else addSpreadLoad(equivalent, load.fromM, load.toM, load.startNPerM, load.endNPerM, axes.lengthM, ratios);
  }
  return equivalent;
};

/** Tᵀ·local, added to the two nodes' six rows each. */
const addToNodes = (
  { transform, from, to }: PreparedMember,
  local: Float64Array,
  into: Float64Array,
  sign: 1 | -1,
): void => {
  for (let j = 0; j < SIZE; j += 1) {
    let sum = 0;
    for (let i = 0; i < SIZE; i += 1) sum += (transform[i * SIZE + j] as number) * (local[i] as number);
    const at = j < 6 ? from * 6 + j : to * 6 + j - 6;
    into[at] = (into[at] as number) + sign * sum;
  }
};

const toEquations = (nodes: readonly NodeFreedoms[], loads: Float64Array, count: number): Float64Array => {
  const right = new Float64Array(count);
  nodes.forEach(({ directions, equations }, node) => {
    directions.forEach((direction, d) => {
      const equation = equations[d] as number;
      if (equation < 0) return;
      const base = node * 6 + (d < 3 ? 0 : 3);
      right[equation] =
        (loads[base] as number) * direction[0] +
        (loads[base + 1] as number) * direction[1] +
        (loads[base + 2] as number) * direction[2];
    });
  });
  return right;
};

const fromEquations = (nodes: readonly NodeFreedoms[], solved: Float64Array): Float64Array => {
  const global = new Float64Array(nodes.length * 6);
  nodes.forEach(({ directions, equations }, node) => {
    directions.forEach((direction, d) => {
      const equation = equations[d] as number;
      if (equation < 0) return;
      const base = node * 6 + (d < 3 ? 0 : 3);
      for (let j = 0; j < 3; j += 1) {
        global[base + j] = (global[base + j] as number) + (solved[equation] as number) * (direction[j] as number);
      }
    });
  });
  return global;
};

/** Movement of a member's own ends, local axes, 12; a released end has its own, not its node's. */
export const endMovements = (
  frame: PreparedFrame,
  memberIndex: number,
  { displacements, condensedLoads }: PatternSolution,
): Float64Array => {
  const { transform, from, to, condensed } = frame.members[memberIndex] as PreparedMember;
  const ends = new Float64Array(SIZE);
  for (let i = 0; i < SIZE; i += 1) {
    let sum = 0;
    for (let j = 0; j < 6; j += 1) {
      sum +=
        (transform[i * SIZE + j] as number) * (displacements[from * 6 + j] as number) +
        (transform[i * SIZE + 6 + j] as number) * (displacements[to * 6 + j] as number);
    }
    ends[i] = sum;
  }
  const { steps } = condensed;
  if (steps.length > 0) {
    recoverReleased(steps, condensedLoads.get(memberIndex)?.held ?? new Float64Array(steps.length), ends);
  }
  return ends;
};

/** f = k·T·u − the loads' own, local axes, into `into` from `at`. */
const memberForces = (
  { forcesPerMovement, from, to }: PreparedMember,
  displacements: Float64Array,
  loads: Float64Array | undefined,
  into: Float64Array,
  at: number,
): void => {
  for (let i = 0; i < SIZE; i += 1) {
    let sum = loads ? -(loads[i] as number) : 0;
    const row = i * SIZE;
    for (let j = 0; j < 6; j += 1) {
      sum +=
        (forcesPerMovement[row + j] as number) * (displacements[from * 6 + j] as number) +
        (forcesPerMovement[row + 6 + j] as number) * (displacements[to * 6 + j] as number);
    }
    into[at + i] = sum;
  }
};

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

const vectorAt = (values: Float64Array, at: number): Vector3 => [
  values[at] as number,
  values[at + 1] as number,
  values[at + 2] as number,
];

/** Sums taken of the loads themselves, not of what was solved for: a check of everything between. */
const residualOf = (
  frame: PreparedFrame,
  pattern: LoadPattern,
  localLoads: ReadonlyMap<number, readonly LocalLoad[]>,
  reactions: Float64Array,
): number => {
  const sums = new Sums();
  const { nodes } = frame.model;
  for (const { node, forceN, momentNm } of pattern.nodal) {
    const { at } = nodes[frame.nodeIndex.get(node) as number] as { at: Vector3 };
    sums.force(...at, ...forceN);
    if (momentNm) sums.moment(...momentNm);
  }
  for (const [index, loads] of localLoads) {
    const { axes } = frame.members[index] as PreparedMember;
    for (const load of loads) {
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

/** Solves one pattern on a frame that is factorised already; or the loads that stand nowhere, with their place. */
export const solvePattern = (frame: PreparedFrame, pattern: LoadPattern): Result<PatternSolution, FrameProblem[]> => {
  const found = localLoadsOf(frame, pattern);
  if (!found.ok) return found;
  const localLoads = found.value;
  const { nodes, members, factorisation } = frame;
  const applied = new Float64Array(nodes.length * 6);
  for (const { node, forceN, momentNm = [0, 0, 0] } of pattern.nodal) {
    const at = (frame.nodeIndex.get(node) as number) * 6;
    for (let j = 0; j < 3; j += 1) {
      applied[at + j] = (applied[at + j] as number) + (forceN[j] as number);
      applied[at + 3 + j] = (applied[at + 3 + j] as number) + (momentNm[j] as number);
    }
  }
  const reactions = new Float64Array(nodes.length * 6);
  for (let i = 0; i < applied.length; i += 1) reactions[i] = -(applied[i] as number);
  const condensed = new Map<number, { readonly loads: Float64Array; readonly held: Float64Array }>();
  for (const [index, loads] of localLoads) {
    const member = members[index] as PreparedMember;
    const equivalent = equivalentLoads(loads, member);
    const held = condenseLoads(member.condensed.steps, equivalent);
    condensed.set(index, { loads: equivalent, held });
    addToNodes(member, equivalent, applied, 1);
  }
  const right = toEquations(nodes, applied, factorisation.lower.size);
  backSolve(factorisation, right);
  const displacements = fromEquations(nodes, right);
  const endForces = new Float64Array(members.length * SIZE);
  for (let index = 0; index < members.length; index += 1) {
    const member = members[index] as PreparedMember;
    const at = index * SIZE;
    memberForces(member, displacements, condensed.get(index)?.loads, endForces, at);
    if (!nodes[member.from]?.supported && !nodes[member.to]?.supported) continue;
    addToNodes(member, endForces.subarray(at, at + SIZE), reactions, 1);
  }
  // What the nodes pass on to members, less what was put on them, is what the ground gives; elsewhere it is rounding.
  nodes.forEach(({ supported }, i) => {
    if (!supported) reactions.fill(0, i * 6, i * 6 + 6);
  });
  keepHeld(nodes, reactions);
  return ok({
    displacements,
    reactions,
    endForces,
    localLoads,
    condensedLoads: condensed,
    equilibriumResidual: residualOf(frame, pattern, localLoads, reactions),
  });
};

/** Rounding in the directions that a supported node is free in is no reaction. */
const keepHeld = (nodes: readonly NodeFreedoms[], reactions: Float64Array): void => {
  nodes.forEach(({ supported, directions, equations, springs }, i) => {
    if (!supported) return;
    for (const base of [0, 3]) {
      const kind = base === 0 ? 'translation' : 'rotation';
      if (springs.some((spring) => spring.kind === kind)) continue;
      const own = vectorAt(reactions, i * 6 + base);
      let kept: Vector3 = [0, 0, 0];
      for (let d = base; d < base + 3; d += 1) {
        if ((equations[d] as number) >= 0) continue;
        const direction = directions[d] as Vector3;
        kept = add(kept, scale(direction, own[0] * direction[0] + own[1] * direction[1] + own[2] * direction[2]));
      }
      reactions.set(kept, i * 6 + base);
    }
  });
};
