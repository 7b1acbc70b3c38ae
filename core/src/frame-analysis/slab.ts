/** Numbers in one slab: some 130 kB. */
const SLAB = 16_384;

/** Hands out parts of large arrays, all zero: an array of its own for each of some hundred results would cost more than filling it. */
export const slabs = (): ((count: number) => Float64Array) => {
  let slab = new Float64Array(0);
  let used = 0;
  return (count) => {
    if (used + count > slab.length) {
      slab = new Float64Array(Math.max(count, SLAB));
      used = 0;
    }
    used += count;
    return slab.subarray(used - count, used);
  };
};
