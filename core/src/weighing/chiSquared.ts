/** Where the continued fraction and the series of the incomplete gamma function stop. */
const ENOUGH = 1e-14;
const STEPS_AT_MOST = 10_000;

/** ln Γ by Lanczos' approximation, g = 7 (recalled; checked against Γ of whole and half numbers). */
const LANCZOS = [
  0.99999999999980993, 676.5203681218851, -1259.1392167224028, 771.32342877765313, -176.61502916214059,
  12.507343278686905, -0.13857109526572012, 9.9843695780195716e-6, 1.5056327351493116e-7,
] as const;
const logGamma = (x: number): number => {
  const z = x - 1;
  const t = z + 7.5;
  const sum = LANCZOS.slice(1).reduce((all, c, i) => all + c / (z + i + 1), LANCZOS[0] as number);
  return 0.5 * Math.log(2 * Math.PI) + (z + 0.5) * Math.log(t) - t + Math.log(sum);
};

/** Series for P(a, x), x < a + 1. */
const lowerBySeries = (a: number, x: number): number => {
  let term = 1 / a;
  let sum = term;
  for (let n = 1; n < STEPS_AT_MOST && Math.abs(term) > Math.abs(sum) * ENOUGH; n += 1) {
    term *= x / (a + n);
    sum += term;
  }
  return sum * Math.exp(-x + a * Math.log(x) - logGamma(a));
};

/** Continued fraction for Q(a, x), x ≥ a + 1, by Lentz' way. */
const upperByFraction = (a: number, x: number): number => {
  const tiny = 1e-300;
  let b = x + 1 - a;
  let c = 1 / tiny;
  let d = 1 / b;
  let h = d;
  for (let i = 1; i < STEPS_AT_MOST; i += 1) {
    const an = -i * (i - a);
    b += 2;
    d = an * d + b;
    if (Math.abs(d) < tiny) d = tiny;
    c = b + an / c;
    if (Math.abs(c) < tiny) c = tiny;
    d = 1 / d;
    const step = d * c;
    h *= step;
    if (Math.abs(step - 1) < ENOUGH) break;
  }
  return h * Math.exp(-x + a * Math.log(x) - logGamma(a));
};

/** How often χ² of so many readings is at least this large though nothing is wrong: Q(n/2, χ²/2). Source: the incomplete gamma function. */
export const chanceOfChiSquared = (chiSquared: number, readings: number): number => {
  if (readings <= 0 || !(chiSquared > 0)) return 1;
  const [a, x] = [readings / 2, chiSquared / 2];
  return x < a + 1 ? 1 - lowerBySeries(a, x) : upperByFraction(a, x);
};
