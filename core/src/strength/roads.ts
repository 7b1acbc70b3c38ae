import type { Trailer } from '../project/index.js';
import { commonPractice, type Source } from '../source.js';

/** Vertical factor on the sprung weight by road: common practice for light trailers. */
export const ROAD_FACTORS: Readonly<Record<Trailer['job']['road'], number>> = { road: 2, rough: 2.5, 'off-road': 3 };

export const bumpFactor = (trailer: Trailer): number => trailer.strength.bumpFactor ?? ROAD_FACTORS[trailer.job.road];

export const BUMP_SOURCE: Source = commonPractice(
  'sprung weight × 2 on roads, 2.5 on rough roads, 3 off road or unsprung; allowable yield ÷ 1.67 (AISC 360-16 F1) or ÷ 1.65 (Aluminum Design Manual)',
);
