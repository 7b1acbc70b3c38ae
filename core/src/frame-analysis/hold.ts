import { fail, ok, type Result } from '../result.js';
import { SIZE } from './beamElement.js';
import {
  FREEDOMS,
  type FrameModel,
  type FrameProblem,
  type FreeMovement,
  type Restraint,
  type Vector3,
} from './frame.js';
import {
  type NodeFreedoms,
  type PreparedFrame,
  type PreparedMember,
  prepareMembers,
  product,
  transposedProduct,
  type UnheldFrame,
} from './prepare.js';
import { conditionEstimate, emptySkyline, factorise, type Factorisation, scaledNorm } from './skyline.js';
import { dot, isFinite3, length, scale, subtract } from './vectors.js';

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
  const equations = members.map(equationsOf);
  for (const own of equations) reach(own);
  for (const node of nodes) reach(node.equations);
  const matrix = emptySkyline(first);
  const { origin, values } = matrix;
  const add = (block: Float64Array, own: ArrayLike<number>): void => {
    const size = own.length;
    for (let i = 0; i < size; i += 1) {
      const row = own[i] as number;
      if (row < 0) continue;
      const start = origin[row] as number;
      for (let j = 0; j < size; j += 1) {
        const column = own[j] as number;
        if (column >= 0 && column <= row)
          values[start + column] = (values[start + column] as number) + (block[i * size + j] as number);
      }
    }
  };
  members.forEach((member, i) => {
    add(stiffnessInNodes(stiffness[i] as Float64Array, member, nodes), equations[i] as number[]);
  });
  for (const { springs, directions, equations: own } of nodes) {
    if (springs.length > 0) add(springBlock(springs, directions), own);
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
