import type { z } from 'zod';
import { DEMO_PROJECTS } from '../../src/demos/index.js';
import { asProject, openProject, type Project, projectSchema } from '../../src/project/index.js';
import { defOf, unwrapped } from '../../src/project/schemaDef.js';
import { sampleTrailer } from '../projects.js';

/** Small repeatable source of chance (mulberry32): the same seed gives the same trailers on every machine. */
export const chanceOf = (seed: number) => {
  let state = seed >>> 0;
  const next = (): number => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
  return { next, pick: <T>(from: readonly T[]): T => from[Math.floor(next() * from.length)] as T };
};
type Chance = ReturnType<typeof chanceOf>;

interface Leaf {
  readonly at: readonly (string | number)[];
  readonly schema: z.ZodType;
  readonly value: unknown;
}

/** Every value of a project that is not itself an object or a list, with the schema that rules it. */
const leavesOf = (value: unknown, schema: z.ZodType, at: readonly (string | number)[] = []): readonly Leaf[] => {
  const { shape, element, options, items, valueType } = defOf(unwrapped(schema));
  if (Array.isArray(value)) {
    const inner = (index: number): z.ZodType | undefined => element ?? items?.[index];
    return value.flatMap((entry: unknown, index) => {
      const ruled = inner(index);
      return ruled ? leavesOf(entry, ruled, [...at, index]) : [];
    });
  }
  if (typeof value === 'object' && value !== null) {
    const kind = (value as { kind?: unknown }).kind;
    const own =
      shape ??
      options
        ?.map((option) => defOf(option).shape)
        .find((fields) => fields?.['kind'] !== undefined && unwrapped(fields['kind']).safeParse(kind).success);
    return Object.entries(value).flatMap(([name, entry]) => {
      const ruled = own?.[name] ?? valueType;
      return ruled ? leavesOf(entry, ruled, [...at, name]) : [];
    });
  }
  return [{ at, schema, value }];
};

/** The same value with another one at this path. */
export const replaced = (value: unknown, [step, ...rest]: readonly (string | number)[], by: unknown): unknown => {
  if (step === undefined) return by;
  if (Array.isArray(value))
    return value.map((entry: unknown, index) => (index === step ? replaced(entry, rest, by) : entry));
  return { ...(value as object), [step]: replaced((value as Record<string, unknown>)[step], rest, by) };
};

/** An extreme value that the schema still lets through. */
const extremeFor = ({ schema, value }: Leaf, chance: Chance): unknown => {
  const { type } = defOf(schema);
  if (type === 'nullable' && chance.next() < 0.3) return null;
  const inner = unwrapped(schema);
  switch (defOf(inner).type) {
    case 'number': {
      const { minValue, maxValue, isInt } = inner as z.ZodNumber;
      const least = minValue ?? -1e9;
      const most = maxValue ?? 1e9;
      const small = Math.max(least, most * 10 ** -(2 + 6 * chance.next()));
      const between = least + (most - least) * chance.next();
      const found = chance.pick([
        least,
        most,
        least <= 0 ? 0 : least,
        small,
        between,
        typeof value === 'number' ? value * 3 : most,
      ]);
      const held = Math.min(most, Math.max(least, found));
      return isInt ? Math.round(held) : held;
    }
    case 'enum':
      return chance.pick((inner as z.ZodEnum).options);
    case 'boolean':
      return chance.next() < 0.5;
    case 'string':
      return value === null ? 'x' : chance.pick(['', 'constructor', '__proto__', '<b>x</b>', '⅓ – 1’500', value]);
    default:
      return value;
  }
};

/** A project with some of its values at their extremes, all of them allowed; undefined where the change broke a reference. */
export const extremeProject = (seed: number): Project | undefined => {
  const chance = chanceOf(seed);
  const started = chance.pick([...DEMO_PROJECTS, asProject(sampleTrailer()), asProject(sampleTrailer('metric'))]);
  let project: unknown = started;
  const changes = 1 + Math.floor(chance.next() * 12);
  for (let change = 0; change < changes; change += 1) {
    const leaves = leavesOf(project, projectSchema).filter(
      ({ at }) => at[0] === 'design' && !['id', 'name'].includes(String(at.at(-1))),
    );
    const leaf = chance.pick(leaves);
    project = replaced(project, leaf.at, extremeFor(leaf, chance));
  }
  const opened = openProject(project);
  return opened.ok ? opened.value : undefined;
};

/** Paths of numbers that are none, and of undefined texts, anywhere inside a result. */
export const notFigures = (value: unknown, at = '', seen = new Set<unknown>()): readonly string[] => {
  if (typeof value === 'number') return Number.isFinite(value) ? [] : [at];
  if (typeof value !== 'object' || value === null || seen.has(value)) return [];
  seen.add(value);
  if (ArrayBuffer.isView(value)) return notFigures([...(value as Float64Array)], at, seen);
  if (value instanceof Map)
    return [...value.entries()].flatMap(([key, inner]) => notFigures(inner, `${at}[${String(key)}]`, seen));
  return Object.entries(value).flatMap(([key, inner]) => notFigures(inner, `${at}.${key}`, seen));
};
