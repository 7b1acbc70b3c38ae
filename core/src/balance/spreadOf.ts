/** What many tries of a figure came to. */
export interface Spread {
  readonly mean: number;
  readonly sd: number;
  /** one in twenty lies below, one in twenty above */
  readonly p5: number;
  readonly p95: number;
}

/** Percentile by straight interpolation between the ordered tries. */
const percentile = (ordered: Float64Array, share: number): number => {
  const place = share * (ordered.length - 1);
  const below = Math.floor(place);
  const low = ordered[below] as number;
  return low + (place - below) * ((ordered[Math.min(below + 1, ordered.length - 1)] as number) - low);
};

/** Mean, standard deviation (n − 1) and percentiles; the tries are left in their order. */
export const spreadOf = (tries: Float64Array): Spread => {
  const n = tries.length;
  let sum = 0;
  for (const value of tries) sum += value;
  const mean = sum / n;
  let squares = 0;
  for (const value of tries) squares += (value - mean) ** 2;
  const ordered = tries.slice().sort();
  return {
    mean,
    sd: n > 1 ? Math.sqrt(squares / (n - 1)) : 0,
    p5: percentile(ordered, 0.05),
    p95: percentile(ordered, 0.95),
  };
};
