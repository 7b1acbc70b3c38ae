import type { Material } from '../../materials/index.js';
import type { Trailer } from '../../project/index.js';
import { publishedSure, publishedVerify, type Source } from '../../source.js';
import { fromPascals } from '../../units/index.js';

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

interface Detail {
  readonly category: string;
  readonly m: number;
  /** cycles that a range in ksi is borne for */
  readonly cycles: (rangeKsi: number) => number;
  readonly source: Source;
}

/** Welded attachments longer than 4 in, and ends of welded bars: category E of steel and aluminum. */
export const detailOf = ({ family }: Material): Detail =>
  family === 'steel'
    ? {
        category: 'E',
        m: 3,
        cycles: (range) => 1.1 * (1000 / range) ** 3,
        source: publishedSure('AISC 360-16 Appendix 3, category E; Rayleigh amplitudes, Miner’s rule'),
      }
    : {
        category: 'E',
        m: 3.45,
        cycles: (range) => (160 / range) ** 3.45,
        source: publishedVerify('Aluminum Design Manual B.3, category E; Rayleigh amplitudes, Miner’s rule'),
      };

/** Kilometres until cracks are to be looked for at a detail that stands at this stress, always loaded so. */
export const kmToCrack = (
  staticPa: number,
  material: Material,
  road: Trailer['job']['road'],
): { readonly km: number; readonly rangePa: number } => {
  const { rmsG, speedMs } = ROAD_SPECTRA[road];
  const detail = detailOf(material);
  const rangePa = equivalentRange(detail.m) * rmsG * staticPa;
  const cycles = detail.cycles(Math.max(fromPascals(rangePa, 'ksi'), 1e-9));
  return { km: ((cycles / BOUNCE_HZ) * speedMs) / 1000, rangePa };
};
