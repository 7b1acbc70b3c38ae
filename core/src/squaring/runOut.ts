/** A dial's readings at one place of a tube or spindle, evenly round it, m; the first from above, on the way it is turned. */
export type DialRound = readonly number[];

/** How far the middle of a place runs off the line that it is turned about. */
export interface OffMiddle {
  /** to where the first reading was taken, and a quarter turn on, m */
  readonly alongM: number;
  readonly acrossM: number;
  /** of both, m: what the dial swings is twice that */
  readonly offM: number;
  /** where round it, rad from the first reading */
  readonly atRad: number;
  /** what is left once that is taken off, half of its swing, m: out of round, or misread */
  readonly outOfRoundM: number;
}

/**
 * First harmonic of readings evenly round a place: r(φ) = r₀ + a cos φ + b sin φ, a = (2/n) Σ r cos φ, b = (2/n) Σ r sin φ. Undefined for fewer than
 * three readings. Source: Fourier's series, discrete, exact.
 */
export const offMiddle = (round: DialRound): OffMiddle | undefined => {
  const n = round.length;
  if (n < 3) return undefined;
  const angle = (i: number): number => (2 * Math.PI * i) / n;
  const mean = round.reduce((sum, value) => sum + value, 0) / n;
  const alongM = (2 / n) * round.reduce((sum, value, i) => sum + value * Math.cos(angle(i)), 0);
  const acrossM = (2 / n) * round.reduce((sum, value, i) => sum + value * Math.sin(angle(i)), 0);
  const left = round.map((value, i) => value - mean - alongM * Math.cos(angle(i)) - acrossM * Math.sin(angle(i)));
  return {
    alongM,
    acrossM,
    offM: Math.hypot(alongM, acrossM),
    atRad: Math.atan2(acrossM, alongM),
    outOfRoundM: (Math.max(...left) - Math.min(...left)) / 2,
  };
};

/** How far a place is off the straight line through both ends, each off the line that all are turned about, m. `share`: 0 at the first end, 1 at the other. */
export const bendM = (
  place: Pick<OffMiddle, 'alongM' | 'acrossM'>,
  ends: readonly [Pick<OffMiddle, 'alongM' | 'acrossM'>, Pick<OffMiddle, 'alongM' | 'acrossM'>],
  share: number,
): number => {
  const [first, last] = ends;
  const line = (of: 'alongM' | 'acrossM'): number => first[of] + share * (last[of] - first[of]);
  return Math.hypot(place.alongM - line('alongM'), place.acrossM - line('acrossM'));
};
