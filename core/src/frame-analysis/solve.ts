import { ok, type Result } from '../result.js';
import { SIZE } from './beamElement.js';
import type { FrameProblem, LoadPattern, Vector3 } from './frame.js';
import { readyLoads, type ReadyLoads } from './loads.js';
import type { EndForceMatrix, NodeFreedoms, PreparedFrame, PreparedMember } from './prepare.js';
import { recoverReleased } from './releases.js';
import { backSolve } from './skyline.js';
import { add, scale } from './vectors.js';

/** What loads do to a frame. Rows of six per node, of twelve per member, in the model's order. */
export interface PatternSolution {
  /** m and rad, global */
  readonly displacements: Float64Array;
  /** of the ground on the frame, N and N·m, global; 0 where nothing holds */
  readonly reactions: Float64Array;
  /** of the nodes on the member, local axes, first end then second */
  readonly endForces: Float64Array;
  /** what stands on it */
  readonly loads: ReadyLoads;
}

/** Tᵀ·local, twelve of `local` from `start`, added to the two nodes' six rows each. */
const addToNodes = (
  { transform, from, to }: PreparedMember,
  local: Float64Array,
  start: number,
  into: Float64Array,
): void => {
  // Each end moves with its own node alone.
  for (let end = 0; end < SIZE; end += 6) {
    const node = (end === 0 ? from : to) * 6;
    for (let j = 0; j < 6; j += 1) {
      let sum = 0;
      for (let i = end; i < end + 6; i += 1)
        sum += (transform[i * SIZE + end + j] as number) * (local[start + i] as number);
      into[node + j] = (into[node + j] as number) + sum;
    }
  }
};

/** Loads on nodes, along the directions that these are free in. */
const toEquations = (nodes: readonly NodeFreedoms[], loads: Float64Array, right: Float64Array): void => {
  nodes.forEach(({ directions, equations, plain }, node) => {
    for (let d = 0; d < 6; d += 1) {
      const equation = equations[d] as number;
      if (equation < 0) continue;
      if (plain) {
        right[equation] = loads[node * 6 + d] as number;
        continue;
      }
      const base = node * 6 + (d < 3 ? 0 : 3);
      const [x, y, z] = directions[d] as Vector3;
      right[equation] = (loads[base] as number) * x + (loads[base + 1] as number) * y + (loads[base + 2] as number) * z;
    }
  });
};

/** The other way: movements of nodes, global, six each. */
const fromEquations = (nodes: readonly NodeFreedoms[], solved: Float64Array, global: Float64Array): void => {
  nodes.forEach(({ directions, equations, plain }, node) => {
    for (let d = 0; d < 6; d += 1) {
      const equation = equations[d] as number;
      if (equation < 0) continue;
      const value = solved[equation] as number;
      if (plain) {
        global[node * 6 + d] = value;
        continue;
      }
      const base = node * 6 + (d < 3 ? 0 : 3);
      const direction = directions[d] as Vector3;
      for (let j = 0; j < 3; j += 1) {
        global[base + j] = (global[base + j] as number) + value * (direction[j] as number);
      }
    }
  });
};

/** Movement of a member's own ends, local axes, 12; a released end has its own, not its node's. */
export const endMovements = (
  frame: PreparedFrame,
  memberIndex: number,
  { displacements, loads }: PatternSolution,
): Float64Array => {
  const { transform, from, to, condensed } = frame.members[memberIndex] as PreparedMember;
  const ends = new Float64Array(SIZE);
  for (let i = 0; i < SIZE; i += 1) {
    const end = i < 6 ? 0 : 6;
    const node = (end === 0 ? from : to) * 6;
    let sum = 0;
    for (let j = 0; j < 6; j += 1)
      sum += (transform[i * SIZE + end + j] as number) * (displacements[node + j] as number);
    ends[i] = sum;
  }
  const { steps } = condensed;
  if (steps.length > 0) {
    const place = loads.members.indexOf(memberIndex);
    const held = place < 0 ? new Float64Array(steps.length) : loads.held.subarray(place * SIZE);
    recoverReleased(steps, held, ends);
  }
  return ends;
};

/** f = k·T·u − the loads' own, local axes: twelve per member. */
const endForcesUnder = (
  { starts, columns, values }: EndForceMatrix,
  displacements: Float64Array,
  { members, atEnds }: ReadyLoads,
  forces: Float64Array,
): void => {
  members.forEach((index, own) => {
    for (let i = 0; i < SIZE; i += 1) forces[index * SIZE + i] = -(atEnds[own * SIZE + i] as number);
  });
  for (let row = 0; row < forces.length; row += 1) {
    let sum = forces[row] as number;
    const end = starts[row + 1] as number;
    for (let k = starts[row] as number; k < end; k += 1)
      sum += (values[k] as number) * (displacements[columns[k] as number] as number);
    forces[row] = sum;
  }
};

export const vectorAt = (values: Float64Array, at: number): Vector3 => [
  values[at] as number,
  values[at + 1] as number,
  values[at + 2] as number,
];

/** What loads that are ready do to a frame that is held and factorised. */
export const solveLoads = (frame: PreparedFrame, loads: ReadyLoads): PatternSolution => {
  const { nodes, members, factorisation } = frame;
  const { applied, right, passed } = frame.room;
  if (loads.nodal) applied.set(loads.nodal);
  else applied.fill(0);
  loads.members.forEach((index, own) => {
    addToNodes(members[index] as PreparedMember, loads.atEnds, own * SIZE, applied);
  });
  toEquations(nodes, applied, right);
  backSolve(factorisation, right);
  const displacements = frame.take(nodes.length * 6);
  fromEquations(nodes, right, displacements);
  const endForces = frame.take(members.length * SIZE);
  endForcesUnder(frame.endForces, displacements, loads, endForces);
  // What the nodes pass on to members, less what was put on them, is what the ground gives; elsewhere it is rounding.
  passed.fill(0);
  members.forEach((member, index) => {
    if (nodes[member.from]?.supported || nodes[member.to]?.supported)
      addToNodes(member, endForces, index * SIZE, passed);
  });
  const reactions = frame.take(nodes.length * 6);
  nodes.forEach(({ supported }, i) => {
    if (!supported) return;
    for (let j = i * 6; j < i * 6 + 6; j += 1) reactions[j] = (passed[j] as number) - (loads.nodal?.[j] ?? 0);
  });
  keepHeld(nodes, reactions);
  return { displacements, reactions, endForces, loads };
};

/** Solves one pattern on a frame that is factorised already; or the loads that stand nowhere, with their place. */
export const solvePattern = (frame: PreparedFrame, pattern: LoadPattern): Result<PatternSolution, FrameProblem[]> => {
  const ready = readyLoads(frame, pattern);
  return ready.ok ? ok(solveLoads(frame, ready.value)) : ready;
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
