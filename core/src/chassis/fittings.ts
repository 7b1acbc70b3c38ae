import type { Trailer } from '../project/index.js';

/** Where straps are hooked along both rails, front to rear, m: where they are said to be, else evenly along the bed, half a gap from either end. */
export const tieDownPlaces = ({ frame: { bed, tieDowns } }: Trailer): readonly number[] =>
  tieDowns.places.length > 0
    ? tieDowns.places.filter((xM) => xM >= 0 && xM <= bed.lengthM).toSorted((a, b) => a - b)
    : Array.from({ length: tieDowns.perSide }, (_, i) => (bed.lengthM * (i + 0.5)) / tieDowns.perSide);
