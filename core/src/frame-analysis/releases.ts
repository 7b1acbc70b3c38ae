import { SIZE } from './beamElement.js';
import { type FrameMember, FREEDOMS, type Freedom } from './frame.js';

/** An end movement that is not its node's: free where `stiffness` is 0, else held to it by a spring of so many N/m or N·m/rad. */
export interface SoftEnd {
  readonly index: number;
  readonly stiffness: number;
}

/** Member forces f = K·u + F with the soft movements worked out of K, each remembered so that they can be found again. */
export interface CondensedMember {
  readonly stiffness: Float64Array;
  /** in the order they were worked out: index, spring, its row of K at that stage, its pivot (spring included) */
  readonly steps: readonly (SoftEnd & { readonly row: Float64Array; readonly pivot: number })[];
}

/** A pivot below this share of the member's own stiffness there means that the member turns or slides by itself. */
const LOOSE = 1e-12;

/** Released and sprung movements of both ends; a movement that is both is released. */
export const softEnds = ({
  releaseFrom,
  releaseTo,
  springFrom,
  springTo,
}: Pick<FrameMember, 'releaseFrom' | 'releaseTo' | 'springFrom' | 'springTo'>): readonly SoftEnd[] => {
  const found = new Map<number, number>();
  const take = (springs: FrameMember['springFrom'], releases: readonly Freedom[] | undefined, from: 0 | 6): void => {
    for (const freedom of FREEDOMS) {
      const stiffness = releases?.includes(freedom) ? 0 : springs?.[freedom];
      if (stiffness !== undefined) found.set(from + FREEDOMS.indexOf(freedom), stiffness);
    }
  };
  take(springFrom, releaseFrom, 0);
  take(springTo, releaseTo, 6);
  return [...found].map(([index, stiffness]) => ({ index, stiffness }));
};

/** Works the soft movements out one by one (static condensation); or the one that has nothing to hold it. */
export const condense = (
  full: Float64Array,
  soft: readonly SoftEnd[],
): { readonly ok: true; readonly value: CondensedMember } | { readonly ok: false; readonly error: number } => {
  if (soft.length === 0) return { ok: true, value: { stiffness: full, steps: [] } };
  const k = full.slice();
  const steps: CondensedMember['steps'][number][] = [];
  for (const { index, stiffness } of soft) {
    const own = k[index * SIZE + index] as number;
    if (!(own + stiffness > LOOSE * (full[index * SIZE + index] as number))) return { ok: false, error: index };
    const pivot = own + stiffness;
    const row = k.slice(index * SIZE, (index + 1) * SIZE);
    steps.push({ index, stiffness, row, pivot });
    for (let i = 0; i < SIZE; i += 1) {
      const factor = (row[i] as number) / pivot;
      if (factor === 0 || i === index) continue;
      for (let j = 0; j < SIZE; j += 1) {
        if (j !== index) k[i * SIZE + j] = (k[i * SIZE + j] as number) - factor * (row[j] as number);
      }
    }
    // The row is now the node's own: through the spring it feels so much of what the end felt; nothing where it is released.
    const passed = stiffness / pivot;
    for (let i = 0; i < SIZE; i += 1) {
      k[i * SIZE + index] = passed * (row[i] as number);
      k[index * SIZE + i] = passed * (row[i] as number);
    }
  }
  return { ok: true, value: { stiffness: k, steps } };
};

/** Equivalent end forces (12) with the soft movements worked out, in place; what stood at each step goes into `held` from `at`. */
export const condenseLoads = (
  steps: CondensedMember['steps'],
  loads: Float64Array,
  held: Float64Array,
  at: number,
): void => {
  steps.forEach(({ index, stiffness, row, pivot }, step) => {
    const value = loads[index] as number;
    held[at + step] = value;
    if (value === 0) return;
    for (let i = 0; i < SIZE; i += 1) loads[i] = (loads[i] as number) - ((row[i] as number) / pivot) * value;
    loads[index] = (stiffness / pivot) * value;
  });
};

/** The member's own movement at its soft ends, written into `ends` (local axes) in place of the node's. */
export const recoverReleased = (steps: CondensedMember['steps'], held: Float64Array, ends: Float64Array): void => {
  for (let step = steps.length - 1; step >= 0; step -= 1) {
    const { index, stiffness, row, pivot } = steps[step] as CondensedMember['steps'][number];
    let sum = (held[step] as number) + stiffness * (ends[index] as number);
    for (let i = 0; i < SIZE; i += 1) if (i !== index) sum -= (row[i] as number) * (ends[i] as number);
    ends[index] = sum / pivot;
  }
};
