/** Stiff enough to count as rigid beside a trailer's bars, soft enough not to spoil the figures: steel, 30 cm² and 4,000 cm⁴. */
export const RIGID = {
  areaM2: 3e-3,
  iyM4: 4e-5,
  izM4: 4e-5,
  torsionM4: 4e-5,
  elasticPa: 2e11,
  shearPa: 7.7e10,
} as const;
