/** A polynomial by its coefficients, lowest power first. */
export type Polynomial = ArrayLike<number>;

export const valueAt = (p: Polynomial, x: number): number => {
  let value = 0;
  for (let i = p.length - 1; i >= 0; i -= 1) value = value * x + (p[i] as number);
  return value;
};

export const derivative = (p: Polynomial): number[] =>
  Array.from({ length: Math.max(0, p.length - 1) }, (_, i) => (i + 1) * (p[i + 1] as number));

/** Halvings after which nothing is left between two neighbours in floating point. */
const HALVINGS = 100;

/** The one place between a and b where p changes its sign, halved down to machine precision. */
const bisect = (p: Polynomial, a: number, b: number): number => {
  let [low, high] = [a, b];
  const rising = valueAt(p, low) < 0;
  for (let i = 0; i < HALVINGS; i += 1) {
    const middle = (low + high) / 2;
    if (middle <= low || middle >= high) break;
    if (valueAt(p, middle) < 0 === rising) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
};

/** All places strictly between a and b where p changes its sign; between the turning points, found the same way, there is at most one each. */
export const signChanges = (p: Polynomial, a: number, b: number): number[] => {
  if (p.length < 2 || !(b > a)) return [];
  const stops = [a, ...signChanges(derivative(p), a, b), b];
  return stops.slice(1).flatMap((stop, i) => {
    const start = stops[i] as number;
    const [left, right] = [valueAt(p, start), valueAt(p, stop)];
    return left * right < 0 ? [bisect(p, start, stop)] : [];
  });
};
