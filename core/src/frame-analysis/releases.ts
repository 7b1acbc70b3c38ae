import { SIZE } from './beamElement.js';
import { FREEDOMS, type Freedom } from './frame.js';

/** Member forces f = K·u + F with the released movements worked out of K, each remembered so that they can be found again. */
export interface CondensedMember {
  readonly stiffness: Float64Array;
  /** in the order they were worked out: index, its row of K at that stage, its pivot */
  readonly steps: readonly { readonly index: number; readonly row: Float64Array; readonly pivot: number }[];
}

/** A pivot below this share of the member's own stiffness there means that the member turns or slides by itself. */
const LOOSE = 1e-12;

export const releasedIndices = (
  from: readonly Freedom[] | undefined,
  to: readonly Freedom[] | undefined,
): readonly number[] => [
  ...(from ?? []).map((freedom) => FREEDOMS.indexOf(freedom)),
  ...(to ?? []).map((freedom) => 6 + FREEDOMS.indexOf(freedom)),
];

/** Works the released movements out one by one (static condensation); or the one that has nothing to hold it. */
export const condense = (
  full: Float64Array,
  released: readonly number[],
): { readonly ok: true; readonly value: CondensedMember } | { readonly ok: false; readonly error: number } => {
  if (released.length === 0) return { ok: true, value: { stiffness: full, steps: [] } };
  const k = full.slice();
  const steps: { index: number; row: Float64Array; pivot: number }[] = [];
  for (const index of new Set(released)) {
    const pivot = k[index * SIZE + index] as number;
    if (!(pivot > LOOSE * (full[index * SIZE + index] as number))) return { ok: false, error: index };
    const row = k.slice(index * SIZE, (index + 1) * SIZE);
    steps.push({ index, row, pivot });
    for (let i = 0; i < SIZE; i += 1) {
      const factor = (row[i] as number) / pivot;
      if (factor === 0) continue;
      for (let j = 0; j < SIZE; j += 1) {
        k[i * SIZE + j] = (k[i * SIZE + j] as number) - factor * (row[j] as number);
      }
    }
    // What remains there is rounding; the released force is nothing, exactly.
    for (let i = 0; i < SIZE; i += 1) {
      k[i * SIZE + index] = 0;
      k[index * SIZE + i] = 0;
    }
  }
  return { ok: true, value: { stiffness: k, steps } };
};

/** Equivalent end forces with the released movements worked out, in place; returns what stood there at each step. */
export const condenseLoads = (steps: CondensedMember['steps'], loads: Float64Array): Float64Array => {
  const held = new Float64Array(steps.length);
  steps.forEach(({ index, row, pivot }, step) => {
    const value = loads[index] as number;
    held[step] = value;
    if (value === 0) return;
    for (let i = 0; i < SIZE; i += 1) loads[i] = (loads[i] as number) - ((row[i] as number) / pivot) * value;
    loads[index] = 0;
  });
  return held;
};

/** The member's own movement at its released ends, written into `ends` (local axes) in place of the node's. */
export const recoverReleased = (steps: CondensedMember['steps'], held: Float64Array, ends: Float64Array): void => {
  for (let step = steps.length - 1; step >= 0; step -= 1) {
    const { index, row, pivot } = steps[step] as CondensedMember['steps'][number];
    let sum = held[step] as number;
    for (let i = 0; i < SIZE; i += 1) if (i !== index) sum -= (row[i] as number) * (ends[i] as number);
    ends[index] = sum / pivot;
  }
};
