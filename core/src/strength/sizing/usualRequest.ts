import { SECTION_ROWS } from '../../catalog/index.js';
import type { Trailer } from '../../project/index.js';
import { inches, millimetres } from '../../units/index.js';
import type { SizingRequest } from './request.js';

/** One family in steel and one in aluminum, in the sizes of the project's own units. */
export const METAL_FAMILIES = {
  imperial: { steel: 'Structural tube, A500', aluminum: 'Aluminum tube, inch' },
  metric: { steel: 'Cold-formed tube, EN 10219', aluminum: 'Aluminum tube, mm' },
} as const;

/** Thinner walls burn through under a usual shop welder (common practice). */
export const LEAST_WALL_M = { imperial: inches(1 / 16), metric: millimetres(2) } as const;

/** The lightest frame of one metal's usual tubes, asked as the sizing's own fields ask at first. */
export const usualRequest = (trailer: Trailer, metal: 'steel' | 'aluminum'): SizingRequest => {
  const { units } = trailer.settings;
  const ids = SECTION_ROWS.filter(({ group }) => group === METAL_FAMILIES[units][metal]).map(({ id }) => id);
  return {
    trailer,
    candidates: { rail: ids, header: ids, cross: ids, tongue: ids },
    aim: 'mass',
    leastWallM: LEAST_WALL_M[units],
    flush: true,
    badly: false,
  };
};
