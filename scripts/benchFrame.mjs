import { CholeskyDecomposition, Matrix } from 'ml-matrix';

/** A ladder frame of square tube, its members cut at the joints: as many bays as asked, ball ahead, two wheels. */
export const ladder = (bays) => {
  const tube = {
    areaM2: 1e-3,
    iyM4: 8e-7,
    izM4: 5e-7,
    torsionM4: 9e-7,
    elasticPa: 2e11,
    shearPa: 7.7e10,
  };
  const nodes = Array.from({ length: bays + 1 }, (_, i) => [
    { id: `l${i}`, at: [i * 0.4, -0.75, 0] },
    { id: `r${i}`, at: [i * 0.4, 0.75, 0] },
  ]).flat();
  const members = Array.from({ length: bays + 1 }, (_, i) => [
    { id: `c${i}`, from: `l${i}`, to: `r${i}`, ...tube },
    ...(i < bays
      ? [
          { id: `rl${i}`, from: `l${i}`, to: `l${i + 1}`, ...tube },
          { id: `rr${i}`, from: `r${i}`, to: `r${i + 1}`, ...tube },
        ]
      : []),
  ]).flat();
  const fixed = (...rows) => rows.map((direction) => ({ kind: 'translation', direction, stiffness: 'fixed' }));
  const wheel = Math.round(bays * 0.6);
  return {
    nodes,
    members,
    supports: [
      { node: 'l0', restraints: fixed([1, 0, 0], [0, 1, 0], [0, 0, 1]) },
      { node: `l${wheel}`, restraints: fixed([0, 0, 1], [0, 1, 0]) },
      { node: `r${wheel}`, restraints: fixed([0, 0, 1]) },
    ],
  };
};

/** Unit loads: gravity along each axis on every member, and a force of each kind on a few nodes. */
export const unitPatterns = (model, count) =>
  Array.from({ length: count }, (_, p) => {
    const direction = [0, 1, 2].map((axis) => (axis === p % 3 ? 1 : 0));
    return p < 6
      ? {
          nodal: [],
          member: model.members.map(({ id }, i) => ({
            member: id,
            axes: 'global',
            kind: 'spread',
            fromM: 0,
            toM: p < 3 ? 0.4 : 0.2,
            startNPerM: direction.map((v) => v * (100 + i)),
            endNPerM: direction.map((v) => v * 100),
          })),
        }
      : { nodal: [{ node: model.nodes[(p * 5) % model.nodes.length].id, forceN: direction }], member: [] };
  });

/** Once the engine has compiled it: as an analysis runs from the second edit on. */
const time = (work, least = 400) => {
  for (const warm = performance.now(); performance.now() - warm < least; ) work();
  let rounds = 0;
  const start = performance.now();
  while (performance.now() - start < least) {
    work();
    rounds += 1;
  }
  return (performance.now() - start) / rounds;
};
const print = (name, ms, note = '') => console.log(`${name.padEnd(58)} ${ms.toFixed(3).padStart(9)} ms   ${note}`);

/** The matrix again in its narrow form, from the dense one. */
const skylineOf = ({ size, first, origin, values }, dense) => {
  const again = values.slice();
  for (let i = 0; i < size; i += 1) {
    for (let j = first[i]; j <= i; j += 1) again[origin[i] + j] = dense.get(i, j);
  }
  return again;
};

/** The same matrix, dense, from the unit movements of the core's own factorised frame: K = L·D·Lᵀ multiplied out again. */
const denseOf = ({ lower, pivots }) => {
  const n = lower.size;
  const l = Matrix.eye(n, n);
  for (let i = 0; i < n; i += 1) {
    for (let j = lower.first[i]; j < i; j += 1) l.set(i, j, lower.values[lower.origin[i] + j]);
  }
  const k = l.mmul(Matrix.diag([...pivots])).mmul(l.transpose());
  // Multiplying out leaves rounding between the halves.
  return Matrix.add(k, k.transpose()).mul(0.5);
};

export const benchFrame = async (core) => {
  console.log('\nFrame analysis, this machine, this run:\n');
  const {
    prepareFrame,
    solvePattern,
    memberPieces,
    layPieces,
    pieceLoads,
    weightedSum,
    innerRoom,
    memberInner,
    innerExtremes,
  } = core;
  const model = ladder(19);
  const patterns = unitPatterns(model, 18);
  const combinations = Array.from({ length: 12 * 6 }, (_, c) =>
    Float64Array.from(patterns, (_p, k) => Math.sin(c + k * 1.7)),
  );
  const analyse = () => {
    const frame = prepareFrame(model).value;
    const solutions = patterns.map((pattern) => solvePattern(frame, pattern).value);
    const loads = solutions.map((solution) => solution.loads);
    const layout = layPieces(memberPieces(frame, loads));
    const along = loads.map((own) => pieceLoads(layout, own));
    const ends = solutions.map(({ endForces }) => endForces);
    const rows = layout.pieces.map((pieces) => innerRoom(pieces));
    const endForces = new Float64Array(ends[0].length);
    const standing = new Float64Array(along[0].length);
    for (const factors of combinations) {
      weightedSum(ends, factors, endForces);
      weightedSum(along, factors, standing);
      layout.pieces.forEach((pieces, i) => innerExtremes(pieces, memberInner(layout, i, endForces, standing, rows[i])));
    }
  };
  print(
    `${model.members.length} members, ${model.nodes.length} nodes, 72 combinations with extremes`,
    time(analyse),
    'aim: under 30 ms',
  );

  const frame = prepareFrame(model).value;
  const dense = denseOf(frame.factorisation);
  const right = Matrix.columnVector(Array.from({ length: dense.rows }, (_, i) => Math.cos(i)));
  const { factorise, backSolve } = await import('../core/dist/frame-analysis/skyline.js');
  const { lower } = frame.factorisation;
  const values = skylineOf(lower, dense);
  const fresh = { ...lower, values: values.slice() };
  const factorAgain = () => {
    fresh.values.set(values);
    return factorise(fresh);
  };
  const load = right.to1DArray();
  const ours = { factor: time(factorAgain), both: time(() => backSolve(factorAgain(), Float64Array.from(load))) };
  const theirs = {
    factor: time(() => new CholeskyDecomposition(dense)),
    both: time(() => new CholeskyDecomposition(dense).solve(right)),
  };
  const against = (kind, aim) =>
    `ml-matrix, dense Cholesky: ${theirs[kind].toFixed(2)} ms, ${(theirs[kind] / ours[kind]).toFixed(1)} times; aim: ${aim}`;
  print(`factorise ${dense.rows} equations`, ours.factor, against('factor', 20));
  print('factorise and solve', ours.both, against('both', 8));
  print(
    'check, number, build, factorise, condition',
    time(() => prepareFrame(model)),
  );
  let last;
  for (const members of [50, 100, 200, 400, 800]) {
    const long = ladder(Math.round((members - 1) / 3));
    const some = unitPatterns(long, 6);
    const ms = time(() => {
      const one = prepareFrame(long).value;
      for (const load of some) solvePattern(one, load);
    }, 200);
    const each = (1000 * ms) / long.members.length;
    print(
      `ladder of ${long.members.length} members, 6 loads`,
      ms,
      `${each.toFixed(1)} µs a member${last ? `, ${(each / last).toFixed(2)} times the one before` : ''}`,
    );
    last = each;
  }
};
