import type { Trailer } from '../project/index.js';

/** Rings stand evenly along the bed, half a gap from either end, m. */
export const tieDownPlaces = ({ frame: { bed, tieDowns } }: Trailer): readonly number[] =>
  Array.from({ length: tieDowns.perSide }, (_, i) => (bed.lengthM * (i + 0.5)) / tieDowns.perSide);
