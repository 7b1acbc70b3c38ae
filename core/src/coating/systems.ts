import type { Chassis } from '../chassis/index.js';
import type { Trailer } from '../project/index.js';
import { commonPractice, type Source } from '../source.js';
import { type Surroundings, zincOf, zincYears } from './galvanizing.js';
import { steelAreaM2 } from './surface.js';

/** How steel is kept from rust. */
export type CoatingSystem = 'brush' | 'two-pack' | 'powder' | 'galvanized' | 'none';

interface Coats {
  readonly primer: number;
  readonly paint: number;
}

interface SystemRow {
  /** coats that are put on by oneself; none where somebody else does it */
  readonly coats: Coats | undefined;
  /** years until rust shows at edges and welds on most, least and most */
  readonly years: Readonly<Record<Surroundings, readonly [number, number]>> | undefined;
  /** hours to a square metre, all coats together, cleaning not counted */
  readonly hoursPerM2: readonly [number, number];
}

export const AGE_SOURCE: Source = commonPractice(
  'years until rust shows at edges and welds, on clean steel and with stones mended every year',
);
export const COAT_SOURCE: Source = commonPractice(
  '8 m² from a litre in one coat, what drips and blows away counted in',
);
export const CLEAN_SOURCE: Source = commonPractice(
  'a quarter to half an hour to clean a square metre of tube with scale on it',
);
const CLEAN_HOURS_PER_M2 = [0.25, 0.5] as const;

export const COATING_SYSTEMS: Readonly<Record<CoatingSystem, SystemRow>> = {
  brush: {
    coats: { primer: 1, paint: 2 },
    years: { dry: [8, 15], rain: [4, 8], salt: [1, 4] },
    hoursPerM2: [0.4, 0.8],
  },
  'two-pack': {
    coats: { primer: 2, paint: 1 },
    years: { dry: [15, 25], rain: [8, 15], salt: [4, 10] },
    hoursPerM2: [0.4, 0.8],
  },
  powder: {
    coats: undefined,
    years: { dry: [10, 20], rain: [5, 12], salt: [2, 7] },
    hoursPerM2: [0, 0],
  },
  // By the thickness of its zinc: worked out.
  galvanized: { coats: undefined, years: undefined, hoursPerM2: [0, 0] },
  none: { coats: { primer: 0, paint: 0 }, years: undefined, hoursPerM2: [0, 0] },
};
/** Driving it there and fetching it, where somebody else coats it, h. Common practice. */
const AWAY_HOURS = [2, 5] as const;

export interface CoatingChoice {
  readonly system: CoatingSystem;
  readonly where: Surroundings;
}

/** As the user has it; brushed paint and rain where nobody has said, and nothing where there is no steel. */
export const coatingChoice = ({ coating }: Trailer, chassis: Chassis): CoatingChoice => {
  const steel = chassis.members.some(({ material }) => material.family === 'steel');
  return { system: steel ? (coating?.system ?? 'brush') : 'none', where: coating?.where ?? 'rain' };
};

/** A cubic metre of paint covers so much in one coat, m². */
const COVERS_M2 = 8000;

export interface CoatingFigures {
  readonly areaM2: number;
  /** of paint, m³ */
  readonly primerM3: number;
  readonly paintM3: number;
  readonly cleanHours: readonly [number, number];
  readonly coatHours: readonly [number, number];
  /** until rust shows; undefined where nothing is put on */
  readonly years: readonly [number, number] | undefined;
}

/** What a system takes on this frame, and how long it lasts there. */
export const coatingFigures = (chassis: Chassis, { system, where }: CoatingChoice): CoatingFigures => {
  const areaM2 = steelAreaM2(chassis);
  const { coats, years, hoursPerM2 } = COATING_SYSTEMS[system];
  const hours = ([least, most]: readonly [number, number]): readonly [number, number] => [
    areaM2 * least,
    areaM2 * most,
  ];
  return {
    areaM2,
    primerM3: (areaM2 * (coats?.primer ?? 0)) / COVERS_M2,
    paintM3: (areaM2 * (coats?.paint ?? 0)) / COVERS_M2,
    cleanHours: system === 'none' ? [0, 0] : hours(CLEAN_HOURS_PER_M2),
    coatHours: coats ? hours(hoursPerM2) : AWAY_HOURS,
    years: system === 'galvanized' && areaM2 > 0 ? zincYears(zincOf(chassis).thinnestM, where) : years && years[where],
  };
};
