export type Fields = { [name: string]: unknown };

export const isFields = (value: unknown): value is Fields =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/**
 * The same object with the field at this path put in where it is missing; everything else is shared with the old one. `[]` stands for every
 * entry of a list.
 */
export const putIn = (into: unknown, path: readonly string[], value: unknown): unknown => {
  const [step = '', ...rest] = path;
  if (!isFields(into)) return into;
  const name = step.replace(/\[\]$/, '');
  const inside = Object.hasOwn(into, name) ? into[name] : undefined;
  if (rest.length === 0) return inside === undefined ? { ...into, [name]: structuredClone(value) } : into;
  if (inside === undefined) return into;
  const filled =
    step.endsWith('[]') && Array.isArray(inside)
      ? inside.map((entry) => putIn(entry, rest, value))
      : putIn(inside, rest, value);
  return { ...into, [name]: filled };
};
