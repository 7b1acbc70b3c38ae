import { fail, ok, type Result } from '../result.js';
import { beamStiffness, type ShearRatios, shearRatios, SIZE } from './beamElement.js';
import {
  FREEDOMS,
  type FrameModel,
  type FrameProblem,
  type FrameMember,
  type MemberStiffness,
  type Restraint,
  type Vector3,
} from './frame.js';
import { type MemberAxes, memberAxes } from './memberAxes.js';
import { narrowOrder, neighbours } from './numbering.js';
import { type CondensedMember, condense, softEnds } from './releases.js';
import { type Factorisation } from './skyline.js';
import { slabs } from './slab.js';
import { cross, isFinite3 } from './vectors.js';

export interface PreparedMember {
  readonly member: FrameMember;
  readonly from: number;
  readonly to: number;
  readonly axes: MemberAxes;
  readonly ratios: ShearRatios;
  readonly condensed: CondensedMember;
  /** node movements (global) → movements of the member's ends (local), 12 × 12 by rows */
  readonly transform: Float64Array;
}

/** Node movements (global, six per node) → forces at all members' ends (local, twelve per member): stiffness × transform, by rows without zeros. */
export interface EndForceMatrix {
  /** first entry of each row; behind the last row, how many there are */
  readonly starts: Int32Array;
  readonly columns: Int32Array;
  readonly values: Float64Array;
}

/** How a node may move: its six movements along these directions, the held ones without an equation (−1). */
export interface NodeFreedoms {
  /** three translation and three rotation directions, each set orthonormal */
  readonly directions: readonly Vector3[];
  readonly equations: Int32Array;
  readonly springs: readonly Restraint[];
  readonly supported: boolean;
  /** its directions are x, y, z in this order */
  readonly plain: boolean;
}

/** Nodes and members of a frame, worked out as far as they can be without knowing how it is held. */
export interface UnheldFrame {
  readonly model: Omit<FrameModel, 'supports'>;
  readonly nodeIndex: ReadonlyMap<string, number>;
  readonly memberIndex: ReadonlyMap<string, number>;
  readonly members: readonly PreparedMember[];
  readonly endForces: EndForceMatrix;
  /** of each member in its nodes' global movements, Tᵀ·k·T, 12 × 12 by rows */
  readonly stiffness: readonly Float64Array[];
  /** nodes in the order that keeps the matrix narrow */
  readonly order: readonly number[];
  /** largest distance between nodes along one axis, m: what moments are compared by */
  readonly spanM: number;
  /** room for results, zeroed */
  readonly take: (count: number) => Float64Array;
}

/** A frame with its supports, its matrix factorised once for any number of loads. */
export interface PreparedFrame extends UnheldFrame {
  readonly model: FrameModel;
  readonly nodes: readonly NodeFreedoms[];
  readonly factorisation: Factorisation;
  /** condition of the matrix with its units taken out; figures lose about its decimal logarithm in digits */
  readonly condition: number;
  /** what solving writes on and throws away: loads and forces on nodes, the right side of the equations */
  readonly room: { readonly applied: Float64Array; readonly passed: Float64Array; readonly right: Float64Array };
}

const PROPERTIES = ['areaM2', 'iyM4', 'izM4', 'torsionM4', 'elasticPa', 'shearPa'] as const;
const SHEAR_AREAS = ['shearAreaYM2', 'shearAreaZM2'] as const;

const propertyProblems = (member: FrameMember): FrameProblem[] => {
  const wrong = (field: keyof MemberStiffness, value: number): FrameProblem[] =>
    value > 0 && Number.isFinite(value) ? [] : [{ code: 'not-positive', member: member.id, field }];
  return [
    ...PROPERTIES.flatMap((field) => wrong(field, member[field])),
    ...[member.springFrom, member.springTo].flatMap((springs) =>
      FREEDOMS.flatMap((freedom): FrameProblem[] => {
        const stiffness = springs?.[freedom];
        return stiffness === undefined || (stiffness > 0 && Number.isFinite(stiffness))
          ? []
          : [{ code: 'spring-not-positive', member: member.id, freedom }];
      }),
    ),
    ...SHEAR_AREAS.flatMap((field) => {
      const value = member[field];
      return value === undefined ? [] : wrong(field, value);
    }),
  ];
};

const indexById = (
  entries: readonly { readonly id: string }[],
  code: 'duplicate-node' | 'duplicate-member',
  problems: FrameProblem[],
): Map<string, number> => {
  const index = new Map<string, number>();
  entries.forEach(({ id }, i) => {
    if (index.has(id)) problems.push({ code, id });
    index.set(id, i);
  });
  return index;
};

const transformOf = (member: FrameMember, { rows }: MemberAxes, t: Float64Array): Float64Array => {
  const arms: readonly Vector3[] = [member.offsetFrom ?? [0, 0, 0], member.offsetTo ?? [0, 0, 0]];
  arms.forEach((arm, end) => {
    rows.forEach((row, i) => {
      const shift = end * 6 + i;
      const turn = shift + 3;
      // Movement of the end = movement of the node + rotation × arm; along a row: (arm × row)·rotation.
      const lever = cross(arm, row);
      for (let j = 0; j < 3; j += 1) {
        t[shift * SIZE + end * 6 + j] = row[j] as number;
        t[shift * SIZE + end * 6 + 3 + j] = lever[j] as number;
        t[turn * SIZE + end * 6 + 3 + j] = row[j] as number;
      }
    });
  });
  return t;
};

/** a·b of two 12 × 12 matrices, into zeroes. */
export const product = (
  a: Float64Array,
  b: Float64Array,
  result: Float64Array = new Float64Array(SIZE * SIZE),
): Float64Array => {
  for (let i = 0; i < SIZE; i += 1) {
    for (let m = 0; m < SIZE; m += 1) {
      const value = a[i * SIZE + m] as number;
      if (value === 0) continue;
      for (let j = 0; j < SIZE; j += 1) {
        result[i * SIZE + j] = (result[i * SIZE + j] as number) + value * (b[m * SIZE + j] as number);
      }
    }
  }
  return result;
};

/** aᵀ·b of two 12 × 12 matrices, into zeroes. */
export const transposedProduct = (
  a: Float64Array,
  b: Float64Array,
  result: Float64Array = new Float64Array(SIZE * SIZE),
): Float64Array => {
  for (let m = 0; m < SIZE; m += 1) {
    for (let i = 0; i < SIZE; i += 1) {
      const value = a[m * SIZE + i] as number;
      if (value === 0) continue;
      for (let j = 0; j < SIZE; j += 1) {
        result[i * SIZE + j] = (result[i * SIZE + j] as number) + value * (b[m * SIZE + j] as number);
      }
    }
  }
  return result;
};

const prepareMember = (
  model: UnheldFrame['model'],
  member: FrameMember,
  nodeIndex: ReadonlyMap<string, number>,
  take: UnheldFrame['take'],
): Result<PreparedMember, FrameProblem[]> => {
  const problems = propertyProblems(member);
  const from = nodeIndex.get(member.from);
  const to = nodeIndex.get(member.to);
  if (from === undefined) problems.push({ code: 'unknown-node', by: member.id, node: member.from });
  if (to === undefined) problems.push({ code: 'unknown-node', by: member.id, node: member.to });
  if (problems.length > 0 || from === undefined || to === undefined) return fail(problems);
  const place = (index: number): Vector3 => (model.nodes[index] as { at: Vector3 }).at;
  const axes = memberAxes(member, place(from), place(to));
  if (!axes.ok) return fail([axes.error]);
  const full = beamStiffness(member, axes.value.lengthM, take(SIZE * SIZE));
  const condensed = condense(full, softEnds(member));
  if (!condensed.ok)
    return fail([{ code: 'loose-member', member: member.id, freedom: FREEDOMS[condensed.error % 6] ?? 'rx' }]);
  const transform = transformOf(member, axes.value, take(SIZE * SIZE));
  return ok({
    member,
    from,
    to,
    axes: axes.value,
    ratios: shearRatios(member, axes.value.lengthM),
    condensed: condensed.value,
    transform,
  });
};

const endForceMatrix = (members: readonly PreparedMember[], perMovement: readonly Float64Array[]): EndForceMatrix => {
  const starts = new Int32Array(members.length * SIZE + 1);
  const columns: number[] = [];
  const values: number[] = [];
  members.forEach(({ from, to }, i) => {
    const block = perMovement[i] as Float64Array;
    for (let row = 0; row < SIZE; row += 1) {
      for (let j = 0; j < SIZE; j += 1) {
        const value = block[row * SIZE + j] as number;
        if (value === 0) continue;
        columns.push(j < 6 ? from * 6 + j : to * 6 + j - 6);
        values.push(value);
      }
      starts[i * SIZE + row + 1] = values.length;
    }
  });
  return { starts, columns: Int32Array.from(columns), values: Float64Array.from(values) };
};

/** Checks nodes and members and prepares them for any number of supports; or everything that is wrong, with the place. */
export const prepareMembers = (model: UnheldFrame['model']): Result<UnheldFrame, FrameProblem[]> => {
  const problems: FrameProblem[] = [];
  if (model.members.length === 0) problems.push({ code: 'no-members' });
  const nodeIndex = indexById(model.nodes, 'duplicate-node', problems);
  const memberIndex = indexById(model.members, 'duplicate-member', problems);
  for (const { id, at } of model.nodes) if (!isFinite3(at)) problems.push({ code: 'not-finite', of: id });
  const take = slabs();
  const members: PreparedMember[] = [];
  for (const member of model.members) {
    const prepared = prepareMember(model, member, nodeIndex, take);
    if (prepared.ok) members.push(prepared.value);
    else problems.push(...prepared.error);
  }
  if (problems.length > 0) return fail(problems);
  const graph = neighbours(
    model.nodes.length,
    members.map(({ from, to }) => [from, to] as const),
  );
  const perMovement = members.map(({ condensed, transform }) =>
    product(condensed.stiffness, transform, take(SIZE * SIZE)),
  );
  return ok({
    model,
    nodeIndex,
    memberIndex,
    members,
    endForces: endForceMatrix(members, perMovement),
    stiffness: members.map(({ transform }, i) =>
      transposedProduct(transform, perMovement[i] as Float64Array, take(SIZE * SIZE)),
    ),
    order: narrowOrder(graph),
    spanM: spanOf(model),
    take,
  });
};

const spanOf = (model: UnheldFrame['model']): number => {
  const sizes = [0, 1, 2].map((axis) => {
    const values = model.nodes.map(({ at }) => at[axis] as number);
    return Math.max(...values) - Math.min(...values);
  });
  return Math.max(...sizes, Number.MIN_VALUE);
};
