import type { Trailer } from '../project/index.js';
import { commonPractice, type Source } from '../source.js';

/** Vertical factor on the sprung weight by road: common practice for light trailers. */
export const ROAD_FACTORS: Readonly<Record<Trailer['job']['road'], number>> = { road: 2, rough: 2.5, 'off-road': 3 };

/** Where nothing springs, the road's blow goes straight into the frame. */
const UNSPRUNG_FACTOR = 3;

/** What is usual for these roads and this suspension. */
export const usualBumpFactor = ({ job, runningGear }: Trailer): number => {
  const { kind } = runningGear.suspension;
  return kind === 'none' || kind === 'stub' || kind === 'walking-beam'
    ? Math.max(UNSPRUNG_FACTOR, ROAD_FACTORS[job.road])
    : ROAD_FACTORS[job.road];
};

/** The user's own figure, or what is usual. */
export const bumpFactor = (trailer: Trailer): number => trailer.strength.bumpFactor ?? usualBumpFactor(trailer);

export const BUMP_SOURCE: Source = commonPractice(
  'sprung weight × 2 on roads, 2.5 on rough roads, 3 off road or unsprung; allowable yield ÷ 1.67 (AISC 360-16 F1) or ÷ 1.65 (Aluminum Design Manual)',
);
