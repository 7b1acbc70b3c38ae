import type { Material } from '../../materials/index.js';
import type { Trailer } from '../../project/index.js';
import { publishedSure, publishedVerify, type Source } from '../../source.js';
import { fromPascals, toPascals } from '../../units/index.js';
import { DESIGN_KM, YEAR_KM } from '../rules.js';

/** How a road shakes: rms vertical acceleration in g at the frame, speed, m/s; bounce 2 Hz (common practice). */
export const ROAD_SPECTRA: Readonly<
  Record<Trailer['job']['road'], { readonly rmsG: number; readonly speedMs: number }>
> = {
  road: { rmsG: 0.15, speedMs: 80 / 3.6 },
  rough: { rmsG: 0.25, speedMs: 60 / 3.6 },
  'off-road': { rmsG: 0.4, speedMs: 30 / 3.6 },
};
export const BOUNCE_HZ = 2;

/** Where a crack begins at a drilled hole. */
export const HOLE = 'hole';

/** Γ(x) for x > 0.5, Lanczos, nine terms: good to 1e-13. */
export const gamma = (x: number): number => {
  const c = [
    0.99999999999980993, 676.5203681218851, -1259.1392167224028, 771.32342877765313, -176.61502916214059,
    12.507343278686905, -0.13857109526572012, 9.9843695780195716e-6, 1.5056327351493116e-7,
  ];
  const z = x - 1;
  let sum = c[0] as number;
  for (let i = 1; i < c.length; i += 1) sum += (c[i] as number) / (z + i);
  const t = z + 7.5;
  return Math.sqrt(2 * Math.PI) * t ** (z + 0.5) * Math.exp(-t) * sum;
};

/** Equivalent stress range of narrow-band random shaking, per rms stress: 2√2·Γ(1 + m/2)^(1/m) (Rayleigh amplitudes). */
export const equivalentRange = (m: number): number => 2 * Math.SQRT2 * gamma(1 + m / 2) ** (1 / m);

export interface Detail {
  readonly category: string;
  readonly m: number;
  /** cycles that a range in ksi is borne for */
  readonly cycles: (rangeKsi: number) => number;
  readonly source: Source;
}

/** Welded attachments longer than 4 in, and ends of welded bars: category E of steel and aluminum, on the bar's own stress. */
const NOMINAL: Readonly<Record<Material['family'], Detail>> = {
  steel: {
    category: 'E',
    m: 3,
    cycles: (range) => 1.1 * (1000 / range) ** 3,
    source: publishedSure('AISC 360-16 Appendix 3, category E; Rayleigh amplitudes, Miner’s rule'),
  },
  aluminum: {
    category: 'E',
    m: 3.45,
    cycles: (range) => (160 / range) ** 3.45,
    source: publishedVerify('Aluminum Design Manual B.3, category E; Rayleigh amplitudes, Miner’s rule'),
  },
};

/** FAT class in MPa at two million cycles, m = 3. */
const structural = (fatMpa: number): Detail => ({
  category: `FAT ${fatMpa}`,
  m: 3,
  cycles: (range) => 2e6 * (fatMpa / toMegapascals(range)) ** 3,
  source: publishedVerify(
    `IIW recommendations: structural stress at the toe of a load-carrying fillet, FAT ${fatMpa}; Rayleigh amplitudes, Miner’s rule`,
  ),
});
const toMegapascals = (ksi: number): number => toPascals(ksi, 'ksi') / 1e6;

/** Ends of tubes on tube walls by the stress at the weld's toe; everything else by its own. */
const STRUCTURAL: Readonly<Record<Material['family'], Detail>> = { steel: structural(90), aluminum: structural(36) };

const byFat = (fatMpa: number, source: Source): Detail => ({ ...structural(fatMpa), source });
const SPLICE_SOURCE = publishedVerify(
  'IIW recommendations, EN 1993-1-9 table 8.6: hollow sections welded end to end from outside, wall under 8 mm, class 50 (aluminum 20); Rayleigh amplitudes, Miner’s rule',
);
/** Lengths of a tube welded together end on end, from outside. */
const SPLICED: Readonly<Record<Material['family'], Detail>> = {
  steel: byFat(50, SPLICE_SOURCE),
  aluminum: byFat(20, SPLICE_SOURCE),
};
/** Drilled holes without a tightened bolt, on the net section: category D. */
const DRILLED: Readonly<Record<Material['family'], Detail>> = {
  steel: {
    category: 'D',
    m: 3,
    cycles: (range) => 2.2 * (1000 / range) ** 3,
    source: publishedVerify(
      'AISC 360-16 Appendix 3, category D: open drilled holes; Rayleigh amplitudes, Miner’s rule',
    ),
  },
  aluminum: {
    category: 'D',
    m: 3.73,
    cycles: (range) => (151 / range) ** 3.73,
    source: publishedVerify('Aluminum Design Manual B.3, category D; Rayleigh amplitudes, Miner’s rule'),
  },
};

export type DetailKind = 'toe' | 'nominal' | 'splice' | 'hole';
const DETAILS: Readonly<Record<DetailKind, Readonly<Record<Material['family'], Detail>>>> = {
  toe: STRUCTURAL,
  nominal: NOMINAL,
  splice: SPLICED,
  hole: DRILLED,
};

export const detailOf = ({ family }: Material, kind: DetailKind): Detail => DETAILS[kind][family];

/** Kilometres until cracks are to be looked for at a detail that stands at this stress, always loaded so. */
export const kmToCrack = (
  staticPa: number,
  detail: Detail,
  road: Trailer['job']['road'],
): { readonly km: number; readonly rangePa: number } => {
  const { rmsG, speedMs } = ROAD_SPECTRA[road];
  const rangePa = equivalentRange(detail.m) * rmsG * staticPa;
  const cycles = detail.cycles(Math.max(fromPascals(rangePa, 'ksi'), 1e-9));
  return { km: ((cycles / BOUNCE_HZ) * speedMs) / 1000, rangePa };
};

/** What a life is told as: lives are good to a factor of about five either way, so no figure is. */
export type FatigueClass = 'early' | 'yearly' | 'not-expected';

/** By the median: within a year's use, within what a trailer is built for, or beyond it. */
export const fatigueClass = (km: number): FatigueClass =>
  km < YEAR_KM ? 'early' : km < DESIGN_KM ? 'yearly' : 'not-expected';

/** How hard a weld works for its years, as stress: 1 where its median life is a year's use (m = 3). */
export const fatigueShare = (km: number): number => Math.cbrt(YEAR_KM / km);
