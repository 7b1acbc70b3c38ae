import type { Material } from '../../materials/index.js';
import { inches } from '../../units/index.js';

/**
 * Largest clear gap between the stitches of an outside plate that is pressed, m: thickness × 0.75 × √(E ÷ Fy), and no more than 12 in. Source: AISC
 * 360-16 E6.2(b); for aluminum the same form with its own E and yield, beside welds.
 */
export const openStitchM = (
  { elasticPa, yieldPa, weldedYieldPa }: Pick<Material, 'elasticPa' | 'yieldPa' | 'weldedYieldPa'>,
  thicknessM: number,
): number => Math.min(0.75 * Math.sqrt(elasticPa / (weldedYieldPa ?? yieldPa)) * thicknessM, inches(12));
