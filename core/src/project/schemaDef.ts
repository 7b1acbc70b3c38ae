import type { z } from 'zod';

/** What of a schema's own definition is looked at, whatever kind it is of. */
interface SchemaDef {
  readonly type: string;
  readonly innerType?: z.ZodType;
  readonly element?: z.ZodType;
  readonly valueType?: z.ZodType;
  readonly shape?: Readonly<Record<string, z.ZodType>>;
  readonly options?: readonly z.ZodType[];
  readonly items?: readonly z.ZodType[];
}
export const defOf = ({ def }: z.ZodType): SchemaDef => def;

/** The schema itself, without `nullable` and the like around it. */
export const unwrapped = (schema: z.ZodType): z.ZodType => {
  const { innerType } = defOf(schema);
  return innerType ? unwrapped(innerType) : schema;
};
