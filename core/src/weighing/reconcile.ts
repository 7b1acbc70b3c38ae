import { CholeskyDecomposition, Matrix } from 'ml-matrix';

/** What is known of a thing before it is weighed: its mass with a standard deviation, kg, and where it stands behind the ball, m. */
export interface KnownMass {
  readonly id: string;
  readonly massKg: number;
  /** 0: it is sure, and stays as it is */
  readonly sdKg: number;
  readonly xM: number;
}

/** What a scale read, kg, with its own standard deviation. */
export interface ScaleReading {
  readonly kind: 'total' | 'axle' | 'tongue';
  readonly kg: number;
  readonly sdKg: number;
}

/** Readings of one stand, with what was aboard then. */
export interface WeighIn {
  readonly aboard: readonly string[];
  readonly readings: readonly ScaleReading[];
}

export interface Reconciled {
  readonly masses: readonly { readonly id: string; readonly massKg: number; readonly sdKg: number }[];
  /** of each reading in turn: what was read less what was thought before, and less what is thought after, kg */
  readonly residualBeforeKg: readonly number[];
  readonly residualAfterKg: readonly number[];
  /** of the readings under what was thought before; about as many as there are readings where all is well */
  readonly chiSquared: number;
  readonly readings: number;
}

/** What one kilogram at a place puts into a reading, by statics on ball and axle. */
const shareOf = (kind: ScaleReading['kind'], xM: number, ballToAxleM: number): number => {
  switch (kind) {
    case 'total':
      return 1;
    case 'axle':
      return xM / ballToAxleM;
    case 'tongue':
      return 1 - xM / ballToAxleM;
  }
};

/**
 * The best estimate of every mass by what was thought of it and by all readings, each weighed by how sure it is: with prior means m and
 * variances P, readings y = A m + e of variances R, gain K = P Aᵀ (A P Aᵀ + R)⁻¹; after: m + K (y − A m), P − K A P. χ² = (y − A m)ᵀ
 * (A P Aᵀ + R)⁻¹ (y − A m). Source: linear least squares with prior knowledge (Gauss–Markov); places are taken as sure. Undefined where a
 * reading has no doubt and says nothing new, so that there is nothing to divide by.
 */
export const reconcile = (
  known: readonly KnownMass[],
  weighIns: readonly WeighIn[],
  ballToAxleM: number,
): Reconciled | undefined => {
  const readings = weighIns.flatMap(({ aboard, readings: own }) => own.map((reading) => ({ reading, aboard })));
  const count = readings.length;
  if (count === 0) return { masses: known, residualBeforeKg: [], residualAfterKg: [], chiSquared: 0, readings: 0 };
  const a = new Matrix(
    readings.map(({ reading, aboard }) =>
      known.map(({ id, xM }) => (aboard.includes(id) ? shareOf(reading.kind, xM, ballToAxleM) : 0)),
    ),
  );
  const prior = Matrix.columnVector(known.map(({ massKg }) => massKg));
  const spread = Matrix.diag(known.map(({ sdKg }) => sdKg ** 2));
  const read = Matrix.columnVector(readings.map(({ reading }) => reading.kg));
  const noise = Matrix.diag(readings.map(({ reading }) => reading.sdKg ** 2));
  const crossed = spread.mmul(a.transpose());
  const summed = Matrix.add(a.mmul(crossed), noise);
  // Alike on both sides of its diagonal but for rounding, which the solver does not forgive.
  const whole = Matrix.add(summed, summed.transpose()).mul(0.5);
  const decomposed = new CholeskyDecomposition(whole);
  if (!decomposed.isPositiveDefinite()) return undefined;
  const before = Matrix.sub(read, a.mmul(prior));
  const weighed = decomposed.solve(before);
  const masses = Matrix.add(prior, crossed.mmul(weighed));
  const left = Matrix.sub(spread, crossed.mmul(decomposed.solve(crossed.transpose())));
  return {
    masses: known.map(({ id }, i) => ({
      id,
      massKg: masses.get(i, 0),
      // Rounding can leave a sure mass a hair below nothing.
      sdKg: Math.sqrt(Math.max(0, left.get(i, i))),
    })),
    residualBeforeKg: before.to1DArray(),
    residualAfterKg: Matrix.sub(read, a.mmul(masses)).to1DArray(),
    chiSquared: before.transpose().mmul(weighed).get(0, 0),
    readings: count,
  };
};
