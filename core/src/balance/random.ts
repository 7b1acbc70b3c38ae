import { type RandomGenerator, xoroshiro128plus } from 'pure-rand';

/** Chance that is the same for the same seed. */
export interface Dice {
  /** from −1 to 1, every value alike */
  even(): number;
  /** of mean 0 and standard deviation 1: Marsaglia's polar method */
  normal(): number;
}

const HALF = 2 ** 31;

export const diceOf = (seed: number): Dice => {
  const generator: RandomGenerator = xoroshiro128plus(seed);
  let kept: number | undefined;
  const even = (): number => (generator.unsafeNext() + 0.5) / HALF;
  return {
    even,
    normal: () => {
      if (kept !== undefined) {
        const value = kept;
        kept = undefined;
        return value;
      }
      for (;;) {
        const [a, b] = [even(), even()];
        const square = a * a + b * b;
        if (square >= 1 || square === 0) continue;
        const stretch = Math.sqrt((-2 * Math.log(square)) / square);
        kept = b * stretch;
        return a * stretch;
      }
    },
  };
};
