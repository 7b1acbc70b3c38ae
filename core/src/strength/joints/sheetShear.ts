import type { SheetFill } from '../../project/index.js';
import { toPascals } from '../../units/index.js';

/** Young's modulus of sheet metal, Pa. */
const ELASTIC_PA: Partial<Record<SheetFill['kind'], number>> = {
  'steel-sheet': toPascals(29_000, 'ksi'),
  'aluminum-sheet': toPascals(10_100, 'ksi'),
};
const POISSON = 0.3;
/** Softwood plywood in shear through its thickness, dry, Pa: 190 psi (recalled from panel design tables). */
const PLYWOOD_PA = toPascals(190, 'psi');

/**
 * Shear flow at which a bay of a sheet begins to fold or tear, N/m: sheet metal buckles at τ = k·π²·E ÷ (12·(1 − ν²))·(t ÷ b)², k = 5.34 + 4·(b ÷ a)² for
 * edges that turn freely, b the shorter side; plywood by its strength. Undefined for what nothing is known of.
 * Source: Timoshenko & Gere, Theory of Elastic Stability, shear of a rectangular plate.
 */
export const sheetShearNM = (
  { kind, thicknessM }: Pick<SheetFill, 'kind' | 'thicknessM'>,
  alongM: number,
  upM: number,
): number | undefined => {
  if (kind === 'plywood') return PLYWOOD_PA * thicknessM;
  const elasticPa = ELASTIC_PA[kind];
  if (elasticPa === undefined) return undefined;
  const [b, a] = [Math.min(alongM, upM), Math.max(alongM, upM)];
  const k = 5.34 + 4 * (b / a) ** 2;
  const tau = ((k * Math.PI ** 2 * elasticPa) / (12 * (1 - POISSON ** 2))) * (thicknessM / b) ** 2;
  return tau * thicknessM;
};
