import type { z } from 'zod';
import { projectSchema } from './schema.js';
import { defOf, unwrapped } from './schemaDef.js';
import { type FieldPath, USUAL_SIZES } from './usualSizes.js';

/** What a number may be, in SI. */
export interface Limits {
  readonly least: number;
  readonly most: number;
  readonly whole: boolean;
  /** may be left empty: it is then missing, not nothing */
  readonly mayBeMissing: boolean;
}

/** The fields of that name: of an object, of any kind in a union, of every entry of a list. */
const inside = (schema: z.ZodType, name: string): readonly z.ZodType[] => {
  const def = defOf(unwrapped(schema));
  if (def.options) return def.options.flatMap((option) => inside(option, name));
  if (def.element) return inside(def.element, name);
  if (def.items) return def.items.flatMap((item, index) => (String(index) === name ? [item] : []));
  if (def.valueType) return [def.valueType];
  const field = def.shape && Object.hasOwn(def.shape, name) ? def.shape[name] : undefined;
  return field ? [field] : [];
};

/**
 * Limits of the design's number at this path, as the schema states them: what a file may hold. A path that leads to no number is a slip of
 * ours, and throws.
 */
export const schemaLimitsOf = (path: string): Limits => {
  const [found] = path
    .split('.')
    .reduce<readonly z.ZodType[]>(
      (schemas, name) => schemas.flatMap((schema) => inside(schema, name)),
      [projectSchema.shape.design],
    );
  const number = found ? (unwrapped(found) as z.ZodNumber) : undefined;
  if (!found || !number || defOf(number).type !== 'number') throw new Error(`no number at ${path}`);
  return {
    least: number.minValue ?? Number.NEGATIVE_INFINITY,
    most: number.maxValue ?? Number.POSITIVE_INFINITY,
    whole: number.isInt,
    mayBeMissing: ['nullable', 'optional'].includes(defOf(found).type),
  };
};

const known = new Map<FieldPath, Limits>();

/** Limits of a field: the usual sizes within what the schema lets through. */
export const limitsOf = (path: FieldPath): Limits => {
  const before = known.get(path);
  if (before) return before;
  const schema = schemaLimitsOf(path);
  const [least = schema.least, most = schema.most] = USUAL_SIZES[path];
  const limits = { ...schema, least: Math.max(schema.least, least), most: Math.min(schema.most, most) };
  known.set(path, limits);
  return limits;
};
