import { CholeskyDecomposition, Matrix } from 'ml-matrix';

/** A figure that is known more or less, with its standard deviation; 0: it is sure, and stays as it is. */
export interface Guessed {
  readonly value: number;
  readonly sd: number;
}

/** What was read: coefficients on each guessed figure in turn, the reading, and its own standard deviation. */
export interface Row {
  readonly coefficients: readonly number[];
  readonly reading: number;
  readonly sd: number;
}

export interface BestEstimate {
  readonly after: readonly Guessed[];
  /** of each row in turn: what was read less what was thought before, and less what is thought after */
  readonly before: readonly number[];
  readonly left: readonly number[];
  /** of the readings under what was thought before; about as many as there are rows where all is well */
  readonly chiSquared: number;
}

/**
 * The best estimate of figures by what was thought of them and by all readings, each weighed by how sure it is: with prior means m and
 * variances P, readings y = A m + e of variances R, gain K = P Aᵀ (A P Aᵀ + R)⁻¹; after: m + K (y − A m), P − K A P. χ² = (y − A m)ᵀ
 * (A P Aᵀ + R)⁻¹ (y − A m). Source: linear least squares with prior knowledge (Gauss–Markov). Undefined where a reading has no doubt and
 * says nothing new, so that there is nothing to divide by.
 */
export const bestEstimate = (guesses: readonly Guessed[], rows: readonly Row[]): BestEstimate | undefined => {
  if (rows.length === 0) return { after: guesses, before: [], left: [], chiSquared: 0 };
  const a = new Matrix(rows.map(({ coefficients }) => [...coefficients]));
  const prior = Matrix.columnVector(guesses.map(({ value }) => value));
  const spread = Matrix.diag(guesses.map(({ sd }) => sd ** 2));
  const read = Matrix.columnVector(rows.map(({ reading }) => reading));
  const noise = Matrix.diag(rows.map(({ sd }) => sd ** 2));
  const crossed = spread.mmul(a.transpose());
  const summed = Matrix.add(a.mmul(crossed), noise);
  // Alike on both sides of its diagonal but for rounding, which the solver does not forgive.
  const whole = Matrix.add(summed, summed.transpose()).mul(0.5);
  const decomposed = new CholeskyDecomposition(whole);
  if (!decomposed.isPositiveDefinite()) return undefined;
  const before = Matrix.sub(read, a.mmul(prior));
  const weighed = decomposed.solve(before);
  const after = Matrix.add(prior, crossed.mmul(weighed));
  const leftSpread = Matrix.sub(spread, crossed.mmul(decomposed.solve(crossed.transpose())));
  return {
    after: guesses.map((_, i) => ({
      value: after.get(i, 0),
      // Rounding can leave a sure figure a hair below nothing.
      sd: Math.sqrt(Math.max(0, leftSpread.get(i, i))),
    })),
    before: before.to1DArray(),
    left: Matrix.sub(read, a.mmul(after)).to1DArray(),
    chiSquared: before.transpose().mmul(weighed).get(0, 0),
  };
};
