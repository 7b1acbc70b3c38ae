import { commonPractice, type Source } from '../source.js';
import { inches, pounds } from '../units/index.js';

/** A thing that people carry, with an honest guess of what it weighs and how big it is. */
export interface UsualLoad {
  /** as one of them is called, small letters */
  readonly name: string;
  readonly massKg: number;
  readonly lengthM: number;
  readonly widthM: number;
  readonly heightM: number;
  readonly source: Source;
}

const row = (
  name: string,
  lb: number,
  [longIn, wideIn, tallIn]: readonly [number, number, number],
  said: string,
): UsualLoad => ({
  name,
  massKg: pounds(lb),
  lengthM: inches(longIn),
  widthM: inches(wideIn),
  heightM: inches(tallIn),
  source: commonPractice(said),
});

export const USUAL_LOADS: readonly UsualLoad[] = [
  row('straw bale', 40, [36, 18, 14], 'small square bale of straw, 35 to 45 lb'),
  row('hay bale', 55, [36, 18, 14], 'small square bale of hay, 45 to 70 lb'),
  row('bag of cement', 94, [24, 16, 6], 'US bag of Portland cement, 94 lb'),
  row('bag of sand', 50, [24, 14, 5], 'bag of dry sand, 50 lb'),
  row('sheet of plywood', 70, [96, 48, 0.75], '3/4 in, 4 x 8 ft, 2.2 lb/ft²'),
  row('pallet', 45, [48, 40, 5.5], 'empty wooden pallet, 35 to 50 lb'),
  row('drum of water', 485, [24, 24, 35], '55 US gal at 8.34 lb/gal and the drum'),
  row('fuel can', 37, [14, 8, 18], '5 US gal of petrol at 6.2 lb/gal and the can'),
  row('wheelbarrow', 40, [60, 27, 26], 'steel, 35 to 45 lb'),
  row('generator', 130, [27, 21, 22], 'open frame, 3 to 4 kW, 110 to 150 lb'),
  row('tool box', 120, [30, 20, 18], 'with hand tools in it'),
  row('spare wheel', 45, [27, 8, 27], '15 in wheel with its tire'),
];
