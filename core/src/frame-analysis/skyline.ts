/** A symmetric matrix by rows of its lower half, each from its first entry that is not zero to the diagonal. */
export interface Skyline {
  readonly size: number;
  /** first column of each row */
  readonly first: Int32Array;
  /** where row i's entry for column 0 would stand in `values` */
  readonly origin: Int32Array;
  readonly values: Float64Array;
}

export const emptySkyline = (first: Int32Array): Skyline => {
  const size = first.length;
  const origin = new Int32Array(size);
  let total = 0;
  for (let i = 0; i < size; i += 1) {
    origin[i] = total - (first[i] as number);
    total += i - (first[i] as number) + 1;
  }
  return { size, first, origin, values: new Float64Array(total) };
};

/** Below this share of its own diagonal a pivot is nothing but rounding: the movement there is free. */
const FREE_PIVOT = 1e-12;

export interface Factorisation {
  readonly lower: Skyline;
  readonly pivots: Float64Array;
  /** movements that cost no work, by equation; empty for a sound matrix */
  readonly freeMovements: readonly Float64Array[];
}

/** No more free movements are looked for than this: a part loose in space has six. */
const MOST_FREE = 12;

const freeMovement = (lower: Skyline, row: number): Float64Array => {
  const { origin, first, values } = lower;
  const movement = new Float64Array(lower.size);
  movement[row] = 1;
  for (let j = first[row] as number; j < row; j += 1) movement[j] = -(values[(origin[row] as number) + j] as number);
  for (let i = row - 1; i >= 0; i -= 1) {
    const value = movement[i] as number;
    if (value === 0) continue;
    for (let j = first[i] as number; j < i; j += 1) {
      movement[j] = (movement[j] as number) - (values[(origin[i] as number) + j] as number) * value;
    }
  }
  return movement;
};

/** L·D·Lᵀ in place of the matrix; a free movement is noted, held, and the work goes on, so that all of them are found. */
export const factorise = (matrix: Skyline): Factorisation => {
  const { size, first, origin, values } = matrix;
  const pivots = new Float64Array(size);
  const freeMovements: Float64Array[] = [];
  for (let i = 0; i < size; i += 1) {
    const oi = origin[i] as number;
    const fi = first[i] as number;
    for (let j = fi; j < i; j += 1) {
      const oj = origin[j] as number;
      let sum = values[oi + j] as number;
      for (let k = Math.max(fi, first[j] as number); k < j; k += 1) {
        sum -= (values[oi + k] as number) * (values[oj + k] as number);
      }
      values[oi + j] = sum;
    }
    const own = values[oi + i] as number;
    let pivot = own;
    for (let j = fi; j < i; j += 1) {
      const g = values[oi + j] as number;
      const l = g / (pivots[j] as number);
      values[oi + j] = l;
      pivot -= g * l;
    }
    if (!(pivot > FREE_PIVOT * own)) {
      if (freeMovements.length < MOST_FREE) freeMovements.push(freeMovement(matrix, i));
      pivot = own > 0 ? own : 1;
    }
    pivots[i] = pivot;
  }
  return { lower: matrix, pivots, freeMovements };
};

/** Solves in place. */
export const backSolve = ({ lower, pivots }: Factorisation, right: Float64Array): void => {
  const { size, first, origin, values } = lower;
  for (let i = 0; i < size; i += 1) {
    const oi = origin[i] as number;
    let sum = right[i] as number;
    for (let j = first[i] as number; j < i; j += 1) sum -= (values[oi + j] as number) * (right[j] as number);
    right[i] = sum;
  }
  for (let i = 0; i < size; i += 1) right[i] = (right[i] as number) / (pivots[i] as number);
  for (let i = size - 1; i > 0; i -= 1) {
    const oi = origin[i] as number;
    const value = right[i] as number;
    if (value === 0) continue;
    for (let j = first[i] as number; j < i; j += 1) {
      right[j] = (right[j] as number) - (values[oi + j] as number) * value;
    }
  }
};

/** Largest column sum of |S·A·S| with S = diag(A)^−½: the matrix with its units taken out. Call before `factorise`. */
export const scaledNorm = ({ size, first, origin, values }: Skyline, scale: Float64Array): number => {
  const sums = new Float64Array(size);
  for (let i = 0; i < size; i += 1) {
    const oi = origin[i] as number;
    for (let j = first[i] as number; j <= i; j += 1) {
      const value = Math.abs((values[oi + j] as number) * (scale[i] as number) * (scale[j] as number));
      sums[i] = (sums[i] as number) + value;
      if (j < i) sums[j] = (sums[j] as number) + value;
    }
  }
  return sums.reduce((most, sum) => Math.max(most, sum), 0);
};

/**
 * Condition of the scaled matrix in the 1-norm, estimated from a few solutions. Source: Hager 1984, Higham 1988 (recalled);
 * a lower bound, in practice of the right size.
 */
export const conditionEstimate = (factorisation: Factorisation, norm: number, scale: Float64Array): number => {
  const { size } = factorisation.lower;
  if (size === 0) return 1;
  // A⁻¹ with its units taken out, in place.
  const solveScaled = (vector: Float64Array): Float64Array => {
    for (let i = 0; i < size; i += 1) vector[i] = (vector[i] as number) / (scale[i] as number);
    backSolve(factorisation, vector);
    for (let i = 0; i < size; i += 1) vector[i] = (vector[i] as number) / (scale[i] as number);
    return vector;
  };
  const sumOf = (vector: Float64Array): number => {
    let total = 0;
    for (let i = 0; i < size; i += 1) total += Math.abs(vector[i] as number);
    return total;
  };
  const vector = new Float64Array(size).fill(1 / size);
  let estimate = 0;
  for (let round = 0; round < 5; round += 1) {
    const sum = sumOf(solveScaled(vector));
    if (sum <= estimate) break;
    estimate = sum;
    for (let i = 0; i < size; i += 1) vector[i] = (vector[i] as number) >= 0 ? 1 : -1;
    solveScaled(vector);
    let steepest = 0;
    for (let i = 1; i < size; i += 1)
      if (Math.abs(vector[i] as number) > Math.abs(vector[steepest] as number)) steepest = i;
    vector.fill(0);
    vector[steepest] = 1;
  }
  // Higham's second look, for matrices on which the first walk stands still: 2‖A⁻¹·b‖ ÷ 3n with signs in turn.
  for (let i = 0; i < size; i += 1) vector[i] = (i % 2 === 0 ? 1 : -1) * (1 + i / Math.max(1, size - 1));
  return Math.max(estimate, (2 * sumOf(solveScaled(vector))) / (3 * size)) * norm;
};
