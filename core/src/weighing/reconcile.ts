import { bestEstimate } from './leastSquares.js';

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
export const scaleShareOf = (kind: ScaleReading['kind'], xM: number, ballToAxleM: number): number => {
  switch (kind) {
    case 'total':
      return 1;
    case 'axle':
      return xM / ballToAxleM;
    case 'tongue':
      return 1 - xM / ballToAxleM;
  }
};

/** The best estimate of every mass by `bestEstimate`; places are taken as sure. Undefined as there. */
export const reconcile = (
  known: readonly KnownMass[],
  weighIns: readonly WeighIn[],
  ballToAxleM: number,
): Reconciled | undefined => {
  const rows = weighIns.flatMap(({ aboard, readings }) =>
    readings.map(({ kind, kg, sdKg }) => ({
      coefficients: known.map(({ id, xM }) => (aboard.includes(id) ? scaleShareOf(kind, xM, ballToAxleM) : 0)),
      reading: kg,
      sd: sdKg,
    })),
  );
  const found = bestEstimate(
    known.map(({ massKg, sdKg }) => ({ value: massKg, sd: sdKg })),
    rows,
  );
  return (
    found && {
      masses: known.map(({ id }, i) => ({ id, massKg: found.after[i]?.value ?? 0, sdKg: found.after[i]?.sd ?? 0 })),
      residualBeforeKg: found.before,
      residualAfterKg: found.left,
      chiSquared: found.chiSquared,
      readings: rows.length,
    }
  );
};
