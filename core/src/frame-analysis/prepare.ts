import { fail, ok, type Result } from '../result.js';
import { beamStiffness, type ShearRatios, shearRatios, SIZE } from './beamElement.js';
import {
  FREEDOMS,
  type FrameModel,
  type FrameProblem,
  type FrameMember,
  type FreeMovement,
  type MemberStiffness,
  type Restraint,
  type Vector3,
} from './frame.js';
import { type MemberAxes, memberAxes } from './memberAxes.js';
import { narrowOrder, neighbours } from './numbering.js';
import { type CondensedMember, condense, softEnds } from './releases.js';
import { conditionEstimate, emptySkyline, factorise, type Factorisation, scaledNorm } from './skyline.js';
import { slabs } from './slab.js';
import { cross, dot, isFinite3, length, scale, subtract } from './vectors.js';

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

const transformOf = (member: FrameMember, { rows }: MemberAxes): Float64Array => {
  const t = new Float64Array(SIZE * SIZE);
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

/** a·b of two 12 × 12 matrices. */
const product = (a: Float64Array, b: Float64Array): Float64Array => {
  const result = new Float64Array(SIZE * SIZE);
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

/** aᵀ·b of two 12 × 12 matrices. */
const transposedProduct = (a: Float64Array, b: Float64Array): Float64Array => {
  const result = new Float64Array(SIZE * SIZE);
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
  const full = beamStiffness(member, axes.value.lengthM);
  const condensed = condense(full, softEnds(member));
  if (!condensed.ok)
    return fail([{ code: 'loose-member', member: member.id, freedom: FREEDOMS[condensed.error % 6] ?? 'rx' }]);
  const transform = transformOf(member, axes.value);
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

/** A direction this near to the ones already held adds nothing, as a sine. */
const SAME_DIRECTION = 1e-9;
const AXES: readonly Vector3[] = [
  [1, 0, 0],
  [0, 1, 0],
  [0, 0, 1],
];

/** Orthonormal directions, the held ones first; axes of space where that is possible, so that plain supports stay exact. */
const directionsFrom = (held: readonly Vector3[]): { readonly all: Vector3[]; readonly heldCount: number } => {
  if (held.length === 0) return { all: [...AXES], heldCount: 0 };
  const all: Vector3[] = [];
  const take = (candidate: Vector3): void => {
    const rest = all.reduce((vector, own) => subtract(vector, scale(own, dot(own, vector))), candidate);
    const size = length(rest);
    if (size > SAME_DIRECTION) all.push(scale(rest, 1 / size));
  };
  for (const direction of held) take(scale(direction, 1 / length(direction)));
  const heldCount = all.length;
  const byFit = [...AXES].sort(
    (a, b) => all.reduce((sum, own) => sum + dot(own, a) ** 2, 0) - all.reduce((sum, own) => sum + dot(own, b) ** 2, 0),
  );
  for (const axis of byFit) if (all.length < 3) take(axis);
  return { all, heldCount };
};

const holdNodes = (
  model: FrameModel,
  nodeIndex: ReadonlyMap<string, number>,
  problems: FrameProblem[],
): { directions: Vector3[]; held: boolean[]; springs: Restraint[]; supported: boolean }[] => {
  const restraints = model.nodes.map((): Restraint[] => []);
  const supported = model.nodes.map(() => false);
  for (const support of model.supports) {
    const index = nodeIndex.get(support.node);
    if (index === undefined) {
      problems.push({ code: 'unknown-node', by: 'support', node: support.node });
      continue;
    }
    supported[index] = true;
    for (const restraint of support.restraints) {
      if (!isFinite3(restraint.direction) || length(restraint.direction) === 0)
        problems.push({ code: 'no-direction', node: support.node });
      else if (restraint.stiffness !== 'fixed' && !(restraint.stiffness >= 0 && Number.isFinite(restraint.stiffness)))
        problems.push({ code: 'negative-spring', node: support.node });
      else restraints[index]?.push(restraint);
    }
  }
  return restraints.map((own, i) => {
    const held = (kind: Restraint['kind']): Vector3[] =>
      own.filter((r) => r.kind === kind && r.stiffness === 'fixed').map(({ direction }) => direction);
    const shift = directionsFrom(held('translation'));
    const turn = directionsFrom(held('rotation'));
    return {
      directions: [...shift.all, ...turn.all],
      held: [0, 1, 2].map((j) => j < shift.heldCount).concat([0, 1, 2].map((j) => j < turn.heldCount)),
      springs: own.filter(({ stiffness }) => stiffness !== 'fixed' && stiffness > 0),
      supported: supported[i] as boolean,
    };
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
  const members: PreparedMember[] = [];
  for (const member of model.members) {
    const prepared = prepareMember(model, member, nodeIndex);
    if (prepared.ok) members.push(prepared.value);
    else problems.push(...prepared.error);
  }
  if (problems.length > 0) return fail(problems);
  const graph = neighbours(
    model.nodes.length,
    members.map(({ from, to }) => [from, to] as const),
  );
  const perMovement = members.map(({ condensed, transform }) => product(condensed.stiffness, transform));
  return ok({
    model,
    nodeIndex,
    memberIndex,
    members,
    endForces: endForceMatrix(members, perMovement),
    stiffness: members.map(({ transform }, i) => transposedProduct(transform, perMovement[i] as Float64Array)),
    order: narrowOrder(graph),
    spanM: spanOf(model),
    take: slabs(),
  });
};

/** Member stiffness in the directions that its nodes move in. */
const stiffnessInNodes = (
  global: Float64Array,
  { from, to }: PreparedMember,
  nodes: readonly NodeFreedoms[],
): Float64Array => {
  if ((nodes[from] as NodeFreedoms).plain && (nodes[to] as NodeFreedoms).plain) return global;
  const turned = new Float64Array(SIZE * SIZE);
  [from, to].forEach((node, end) => {
    (nodes[node] as NodeFreedoms).directions.forEach((direction, d) => {
      const block = end * 6 + (d < 3 ? 0 : 3);
      for (let j = 0; j < 3; j += 1) turned[(block + j) * SIZE + end * 6 + d] = direction[j] as number;
    });
  });
  return transposedProduct(turned, product(global, turned));
};

const springBlock = (springs: readonly Restraint[], directions: readonly Vector3[]): Float64Array => {
  const block = new Float64Array(36);
  for (const { kind, direction, stiffness } of springs) {
    if (stiffness === 'fixed') continue;
    const unit = scale(direction, 1 / length(direction));
    const base = kind === 'translation' ? 0 : 3;
    for (let i = 0; i < 3; i += 1) {
      for (let j = 0; j < 3; j += 1) {
        const value =
          stiffness * dot(unit, directions[base + i] as Vector3) * dot(unit, directions[base + j] as Vector3);
        const at = (base + i) * 6 + base + j;
        block[at] = (block[at] as number) + value;
      }
    }
  }
  return block;
};

/** Share of the largest movement below which a node does not count as moving. */
const MOVES = 1e-6;

const movementsOf = (
  vector: Float64Array,
  model: FrameModel,
  nodes: readonly NodeFreedoms[],
  spanM: number,
): FreeMovement[] => {
  // Rotations count by what they move at the frame's own size.
  const global = nodes.map(({ directions, equations }) => {
    const movement = new Float64Array(6);
    directions.forEach((direction, d) => {
      const equation = equations[d] as number;
      if (equation < 0) return;
      for (let j = 0; j < 3; j += 1) {
        const at = (d < 3 ? 0 : 3) + j;
        movement[at] = (movement[at] as number) + (vector[equation] as number) * (direction[j] as number);
      }
    });
    return movement;
  });
  const size = (value: number, freedom: number): number => Math.abs(value) * (freedom < 3 ? 1 : spanM);
  const most = global.reduce((all, movement) => movement.reduce((m, v, i) => Math.max(m, size(v, i)), all), 0);
  return global.flatMap((movement, i) => {
    const freedoms = FREEDOMS.filter((_, j) => size(movement[j] as number, j) > MOVES * most);
    return freedoms.length > 0 ? [{ node: (model.nodes[i] as { id: string }).id, freedoms }] : [];
  });
};

const spanOf = (model: UnheldFrame['model']): number => {
  const sizes = [0, 1, 2].map((axis) => {
    const values = model.nodes.map(({ at }) => at[axis] as number);
    return Math.max(...values) - Math.min(...values);
  });
  return Math.max(...sizes, Number.MIN_VALUE);
};

/** Holds a frame, builds its matrix and factorises it; or everything that is wrong, with the place. */
export const holdFrame = (
  unheld: UnheldFrame,
  supports: FrameModel['supports'],
): Result<PreparedFrame, FrameProblem[]> => {
  const model: FrameModel = { ...unheld.model, supports };
  const { nodeIndex, spanM } = unheld;
  const problems: FrameProblem[] = [];
  if (isLoose(supports)) problems.push({ code: 'no-supports' });
  const held = holdNodes(model, nodeIndex, problems);
  if (problems.length > 0) return fail(problems);
  const nodes = held.map(
    ({ directions, springs, supported }): NodeFreedoms => ({
      directions,
      equations: new Int32Array(6).fill(-1),
      springs,
      supported,
      plain: directions.every((direction, d) => direction[d % 3] === 1),
    }),
  );
  let count = 0;
  for (const node of unheld.order) {
    held[node]?.held.forEach((fixed, d) => {
      if (fixed) return;
      (nodes[node] as NodeFreedoms).equations[d] = count;
      count += 1;
    });
  }
  const factorised = assemble(unheld, nodes, count);
  const free = factorised.factorisation.freeMovements;
  if (free.length > 0) {
    return fail([{ code: 'mechanism', movements: free.map((vector) => movementsOf(vector, model, nodes, spanM)) }]);
  }
  const room = {
    applied: new Float64Array(nodes.length * 6),
    passed: new Float64Array(nodes.length * 6),
    right: new Float64Array(count),
  };
  return ok({ ...unheld, model, nodes, ...factorised, room });
};

const isLoose = (supports: FrameModel['supports']): boolean =>
  !supports.some(({ restraints }) => restraints.length > 0);

/** Checks the whole frame, numbers it, builds its matrix and factorises it; or everything that is wrong, with the place. */
export const prepareFrame = (model: FrameModel): Result<PreparedFrame, FrameProblem[]> => {
  const unheld = prepareMembers(model);
  if (unheld.ok) return holdFrame(unheld.value, model.supports);
  return fail(isLoose(model.supports) ? [...unheld.error, { code: 'no-supports' }] : unheld.error);
};

const assemble = (
  { members, stiffness }: UnheldFrame,
  nodes: readonly NodeFreedoms[],
  count: number,
): { factorisation: Factorisation; condition: number } => {
  const first = Int32Array.from({ length: count }, (_, i) => i);
  const equationsOf = ({ from, to }: PreparedMember): number[] => [
    ...(nodes[from] as NodeFreedoms).equations,
    ...(nodes[to] as NodeFreedoms).equations,
  ];
  const reach = (equations: ArrayLike<number>): void => {
    let least = count;
    for (let i = 0; i < equations.length; i += 1) {
      const equation = equations[i] as number;
      if (equation >= 0) least = Math.min(least, equation);
    }
    for (let i = 0; i < equations.length; i += 1) {
      const equation = equations[i] as number;
      if (equation >= 0) first[equation] = Math.min(first[equation] as number, least);
    }
  };
  for (const member of members) reach(equationsOf(member));
  for (const { equations } of nodes) reach(equations);
  const matrix = emptySkyline(first);
  const add = (block: Float64Array, equations: ArrayLike<number>): void => {
    const size = equations.length;
    for (let i = 0; i < size; i += 1) {
      const row = equations[i] as number;
      if (row < 0) continue;
      for (let j = 0; j < size; j += 1) {
        const column = equations[j] as number;
        if (column < 0 || column > row) continue;
        const at = (matrix.origin[row] as number) + column;
        matrix.values[at] = (matrix.values[at] as number) + (block[i * size + j] as number);
      }
    }
  };
  members.forEach((member, i) => {
    add(stiffnessInNodes(stiffness[i] as Float64Array, member, nodes), equationsOf(member));
  });
  for (const { springs, directions, equations } of nodes) {
    if (springs.length > 0) add(springBlock(springs, directions), equations);
  }
  const scaling = Float64Array.from({ length: count }, (_, i) => {
    const own = matrix.values[(matrix.origin[i] as number) + i] as number;
    return own > 0 ? 1 / Math.sqrt(own) : 1;
  });
  const norm = scaledNorm(matrix, scaling);
  const factorisation = factorise(matrix);
  return {
    factorisation,
    condition:
      factorisation.freeMovements.length > 0
        ? Number.POSITIVE_INFINITY
        : conditionEstimate(factorisation, norm, scaling),
  };
};
