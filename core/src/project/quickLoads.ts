import { USUAL_LOADS, type UsualLoad } from '../catalog/index.js';
import { fail, ok, type Result } from '../result.js';
import { parseMass, type UnitSystem } from '../units/index.js';

/** One entry of a typed list: so many alike. */
export interface QuickLoad {
  readonly count: number;
  /** as one of them is called */
  readonly name: string;
  /** each */
  readonly massKg: number;
  /** of a thing whose usual size is known */
  readonly usual: UsualLoad | undefined;
}

export type QuickProblem = {
  /** no-weight: nor is it on the list of usual things */
  readonly code: 'no-weight' | 'not-read' | 'too-many';
  /** the entry as it was typed */
  readonly text: string;
};

/** More of one kind than this are a slip of the keys. */
const MOST_ALIKE = 40;

const singularWord = (word: string): string =>
  /ies$/i.test(word)
    ? word.replace(/ies$/i, 'y')
    : /(x|ch|sh|ss)es$/i.test(word)
      ? word.slice(0, -2)
      : /[^s]s$/i.test(word)
        ? word.slice(0, -1)
        : word;

/** "bags of cement" → "bag of cement": the word before "of", or the last one. */
const singular = (name: string): string => {
  const words = name.split(' ');
  const before = words.findIndex((word) => word.toLowerCase() === 'of');
  const at = before > 0 ? before - 1 : words.length - 1;
  return words.map((word, i) => (i === at ? singularWord(word) : word)).join(' ');
};

const titled = (name: string): string => name.charAt(0).toUpperCase() + name.slice(1);

const WEIGHT_LAST = /^(.*?)[\s:]+(\d[\d.,]*\s*[a-z]*)$/i;

const readEntry = (text: string, system: UnitSystem): Result<QuickLoad, QuickProblem> => {
  const counted = /^(\d+)\s*[x×]?\s+(.+)$/i.exec(text);
  const count = counted ? Number(counted[1]) : 1;
  const rest = counted?.[2] ?? text;
  const weighed = WEIGHT_LAST.exec(rest);
  const mass = weighed ? parseMass(weighed[2] ?? '', system) : undefined;
  const name = (mass?.ok ? (weighed?.[1] ?? '') : rest).trim().replaceAll(/\s+/g, ' ');
  if (name === '' || !/\p{L}/u.test(name) || count === 0) return fail({ code: 'not-read', text });
  if (count > MOST_ALIKE) return fail({ code: 'too-many', text });
  const one = count > 1 ? singular(name) : name;
  const usual = USUAL_LOADS.find(
    (load) => load.name === one.toLowerCase() || load.name === singular(name).toLowerCase(),
  );
  if (mass?.ok) return ok({ count, name: titled(one), massKg: mass.value, usual });
  return usual ? ok({ count, name: titled(one), massKg: usual.massKg, usual }) : fail({ code: 'no-weight', text });
};

/**
 * Reads a list as people jot it down, "2 crates 600, firewood 1200, 6 straw bales": how many, of what, and what each weighs; bare numbers in the
 * project's unit. Things of the list of usual ones may be without a weight. All of it, or every entry that cannot be read.
 */
export const readQuickLoads = (text: string, system: UnitSystem): Result<readonly QuickLoad[], QuickProblem[]> => {
  const entries = text
    .split(/[;\n]|,(?!\d)/)
    .map((entry) => entry.trim())
    .filter((entry) => entry !== '');
  const read = entries.map((entry) => readEntry(entry, system));
  const problems = read.flatMap((one) => (one.ok ? [] : [one.error]));
  return problems.length > 0 ? fail(problems) : ok(read.flatMap((one) => (one.ok ? [one.value] : [])));
};

/** Room left between things, m. */
const GAP_M = 0.02;

/** Places for things on a bed, middle by middle, row by row from its front, each row in the middle of the bed; past its rear they begin anew. */
export const placeInRows = (
  bed: { readonly lengthM: number; readonly widthM: number },
  sizes: readonly { readonly lengthM: number; readonly widthM: number }[],
): readonly { readonly xM: number; readonly rightM: number }[] => {
  const rows: { xM: number; deepM: number; wideM: number; own: { index: number; atM: number }[] }[] = [];
  sizes.forEach(({ lengthM, widthM }, index) => {
    let row = rows.at(-1);
    if (!row || row.wideM + GAP_M + widthM > bed.widthM) {
      const next = row ? row.xM + row.deepM + GAP_M : 0;
      row = { xM: next + lengthM > bed.lengthM ? 0 : next, deepM: 0, wideM: -GAP_M, own: [] };
      rows.push(row);
    }
    row.own.push({ index, atM: row.wideM + GAP_M + widthM / 2 });
    row.wideM += GAP_M + widthM;
    row.deepM = Math.max(row.deepM, lengthM);
  });
  const places = new Map<number, { xM: number; rightM: number }>();
  for (const { xM, wideM, own } of rows)
    for (const { index, atM } of own)
      places.set(index, { xM: xM + (sizes[index]?.lengthM ?? 0) / 2, rightM: atM - wideM / 2 });
  return sizes.map((_, index) => places.get(index) ?? { xM: 0, rightM: 0 });
};
