import { z } from 'zod';

/**
 * Limits of every quantity stand here and in the schemas that use these fields, once: files are refused outside of them, and the
 * page's fields take them from the schema (`limitsOf`). They are wide on purpose: what is likely is a finding's business.
 */
/** A length that is there is at least this, m: a tenth of a millimetre. */
const SHORTEST_M = 1e-4;
/** Nothing on a trailer is longer than this, m; catches a slip of the unit before it does harm. */
const LONGEST_M = 100;
/** Nothing on a trailer is heavier than this, kg. */
const HEAVIEST_KG = 1e5;
/** Least and most of a stress or modulus, Pa: no metal is weaker than a kilopascal, none stiffer than diamond. */
const WEAKEST_PA = 1e3;

export const text = z.string().max(2000);
export const id = z.string().min(1).max(120);
export const finite = z.number();
export const length = z.number().min(SHORTEST_M).max(LONGEST_M);
export const lengthOrZero = z.number().nonnegative().max(LONGEST_M);
export const place = z.number().min(-LONGEST_M).max(LONGEST_M);
export const mass = z.number().nonnegative().max(HEAVIEST_KG);
export const share = z.number().min(0).max(1);
/** of a metal, Pa */
export const stress = z.number().min(WEAKEST_PA).max(5e9);
/** of a material, kg/m³ */
export const density = z.number().min(1).max(30_000);
/** of a spring, N/m */
export const springRate = z.number().min(1).max(1e7);
/** of a kilogram, in the project's currency; 0 for what lies in the shed already */
export const price = z.number().nonnegative().max(1e4);

/** Objects keep fields they do not know, so that a file from a later program loses nothing here. */
export const object = z.looseObject;

const basisSchema = z.enum(['guessed', 'listed', 'weighed']);
/** A value with its doubt; the tolerance is in the value's own unit, either way. */
export const measured = (value: z.ZodNumber) =>
  object({ value, basis: basisSchema, tolerance: z.number().nonnegative().max(HEAVIEST_KG) });
