import { COUPLER_ROWS } from '../catalog/index.js';
import { type Coupling, couplingFromCatalog, type Tongue } from '../project/index.js';

/**
 * The coupler for another kind of tongue: the one that is fitted where it fits; else the listed one for the same ball whose rating is nearest,
 * not less if there is one. One of one's own, or a home-made one, stays.
 */
export const couplerFor = (coupling: Coupling, kind: Tongue['kind']): Coupling => {
  const wanted = kind === 'a-frame' ? 'a-frame' : 'straight';
  const present = COUPLER_ROWS.find(({ id }) => id === coupling.catalogId);
  if (!present || present.fits === wanted || !coupling.fitted || coupling.homeMade) return coupling;
  const short = (ratedKg: number): number => Math.max(0, present.ratedGrossKg - ratedKg);
  const [best] = COUPLER_ROWS.filter(
    (row) =>
      row.fits === wanted && row.kind === present.kind && Math.abs(row.ballDiameterM - present.ballDiameterM) < 5e-4,
  ).sort((a, b) => short(a.ratedGrossKg) - short(b.ratedGrossKg) || a.ratedGrossKg - b.ratedGrossKg);
  if (!best) return coupling;
  const { name, catalogId, ratedGrossKg, massKg } = couplingFromCatalog(best.id);
  return { ...coupling, name, catalogId, ratedGrossKg, massKg };
};
