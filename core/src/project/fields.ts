import { z } from 'zod';

/** Nothing on a trailer is longer than this, m; catches a slip of the unit before it does harm. */
const LONGEST_M = 60;
const HEAVIEST_KG = 1e6;

export const text = z.string().max(2000);
export const id = z.string().min(1).max(120);
export const finite = z.number();
export const length = z.number().positive().max(LONGEST_M);
export const lengthOrZero = z.number().nonnegative().max(LONGEST_M);
export const place = z.number().min(-LONGEST_M).max(LONGEST_M);
export const mass = z.number().nonnegative().max(HEAVIEST_KG);
export const share = z.number().min(0).max(1);

/** Objects keep fields they do not know, so that a file from a later program loses nothing here. */
export const object = z.looseObject;

const basisSchema = z.enum(['guessed', 'listed', 'weighed']);
/** A value with its doubt; the tolerance is in the value's own unit, either way. */
export const measured = (value: z.ZodNumber) =>
  object({ value, basis: basisSchema, tolerance: z.number().nonnegative() });
