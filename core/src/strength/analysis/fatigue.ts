import type { Material } from '../../materials/index.js';
import type { Trailer } from '../../project/index.js';
import { publishedSure, publishedVerify, type Source } from '../../source.js';
import { fromPascals, toPascals } from '../../units/index.js';
import { DESIGN_KM } from '../rules.js';

/** How a road shakes: rms vertical acceleration in g at the frame, speed, m/s; bounce 2 Hz (common practice). */
export const ROAD_SPECTRA: Readonly<
  Record<Trailer['job']['road'], { readonly rmsG: number; readonly speedMs: number }>
> = {
  road: { rmsG: 0.15, speedMs: 80 / 3.6 },
  rough: { rmsG: 0.25, speedMs: 60 / 3.6 },
  'off-road': { rmsG: 0.4, speedMs: 30 / 3.6 },
};
export const BOUNCE_HZ = 2;

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

export const detailOf = ({ family }: Material, atToe: boolean): Detail => (atToe ? STRUCTURAL : NOMINAL)[family];

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

/** Lives are good to a factor of about five either way. */
export const LIFE_SCATTER = 5;
/** Below this the first cracks come while the trailer is new; even the longest that it may be must reach it. */
const LEAST_KM = DESIGN_KM / 10;

/** How hard a weld works for its years, as stress: 1 where even the longest life that it may have ends while the trailer is new (m = 3). */
export const fatigueShare = (km: number): number => Math.cbrt(LEAST_KM / (LIFE_SCATTER * km));

export type FatigueVerdict = 'ok' | 'tight' | 'over';
/** over: even the longest life ends while the trailer is new; tight: even the longest does not reach what trailers are built for. */
export const fatigueVerdict = (km: number): FatigueVerdict =>
  fatigueShare(km) > 1 ? 'over' : LIFE_SCATTER * km < DESIGN_KM ? 'tight' : 'ok';
