import { DEMO_PROJECTS } from '../../src/demos/index.js';
import { asProject, writeProject } from '../../src/project/index.js';
import { sampleTrailer } from '../projects.js';
import { chanceOf, replaced } from './extremes.js';

const FILES = [...DEMO_PROJECTS, asProject(sampleTrailer()), asProject(sampleTrailer('metric'))];

type Path = readonly (string | number)[];
const pathsOf = (value: unknown, at: Path = []): readonly Path[] =>
  typeof value !== 'object' || value === null
    ? [at]
    : [
        at,
        ...Object.entries(value).flatMap(([key, inner]) =>
          pathsOf(inner, [...at, Array.isArray(value) ? Number(key) : key]),
        ),
      ];

const nested = (depth: number): unknown => {
  let value: unknown = 1;
  for (let level = 0; level < depth; level += 1) value = level % 2 === 0 ? { a: value } : [value];
  return value;
};

/** Values that somebody's hand, another program or malice may put where another one belongs. */
const ODD: readonly (() => unknown)[] = [
  () => null,
  () => 0,
  () => -0,
  () => -1,
  () => 1e-300,
  () => 1e300,
  () => Number.MAX_SAFE_INTEGER,
  () => 0.1,
  () => '',
  () => 'constructor',
  () => '__proto__',
  () => '<img src=x onerror=alert(1)>',
  () => '\uD800',
  () => 'x'.repeat(5000),
  () => true,
  () => [],
  () => ({}),
  () => Array.from({ length: 3000 }, () => 0),
  () => nested(60),
  () => ({ kind: 'none' }),
  () => ({ value: 1, basis: 'guessed', tolerance: 1e9 }),
];

/** A file of a trailer with something done to it: a value swapped, a field gone or twice, its text damaged. */
export const mutatedFile = (seed: number): string => {
  const chance = chanceOf(seed);
  let value: unknown = chance.pick(FILES);
  const changes = 1 + Math.floor(chance.next() * 3);
  for (let change = 0; change < changes; change += 1) {
    const path = chance.pick(pathsOf(value).slice(1));
    const by =
      chance.next() < 0.2
        ? undefined
        : chance.next() < 0.3
          ? chance.next() * 10 ** (6 * chance.next() - 3)
          : chance.pick(ODD)();
    value = replaced(value, path, by);
  }
  const text = typeof value === 'object' ? writeProject(value as (typeof FILES)[number]) : JSON.stringify(value);
  const damage = chance.next();
  const at = Math.floor(chance.next() * text.length);
  if (damage < 0.08) return text.slice(0, at);
  if (damage < 0.16) return text.slice(0, at) + chance.pick(['"', '{', ']', ',', '\u0000', 'é', '\\']) + text.slice(at);
  if (damage < 0.2) return text.slice(0, at) + text.slice(at + 1 + Math.floor(chance.next() * 40));
  if (damage < 0.22) return text.replace('"items"', '"__proto__"');
  if (damage < 0.24) return text.replace('"notes"', `"deep":${'['.repeat(50_000)}${']'.repeat(50_000)},"notes"`);
  return text;
};
