import { fail, ok, type Result } from '../result.js';

/** Why a typed text is not a quantity; `wording/` turns it into the sentence under the field. */
export type TextProblem =
  | { readonly code: 'empty' }
  | { readonly code: 'not-a-number'; readonly text: string }
  | { readonly code: 'unknown-unit'; readonly unit: string }
  | { readonly code: 'division-by-zero'; readonly text: string }
  | { readonly code: 'ambiguous-comma'; readonly text: string }
  | { readonly code: 'ambiguous-point'; readonly text: string }
  | { readonly code: 'inches-past-a-foot'; readonly text: string }
  | { readonly code: 'too-large'; readonly text: string };

const LARGEST = 1e9;

/** Nobody types a size longer than this; what is longer was pasted, and is not looked through. */
const LONGEST_TYPED = 60;

/** Refuses what is too long to be a size before any pattern is tried on it. */
export const typedText = (raw: string): Result<string, TextProblem> => {
  const trimmed = raw.trim();
  return trimmed.length > LONGEST_TYPED
    ? fail({ code: 'not-a-number', text: `${trimmed.slice(0, 20)} …` })
    : ok(plainMarks(trimmed));
};

/** Brings the marks that phones, word processors and other keyboards put in back to plain ones. */
const plainMarks = (text: string): string =>
  text
    // Wide letters and digits of East Asian keyboards.
    .replace(/[\uff01-\uff5e]/g, (wide) => String.fromCharCode(wide.charCodeAt(0) - 0xfee0))
    .replace(/[\u00bc-\u00be\u2150-\u215e]/g, (fraction) => ` ${fraction.normalize('NFKC')}`)
    // Between digits in threes the apostrophe parts thousands: nobody writes hundreds of inches after feet.
    .replace(/(\d)[’'](?=\d{3}(?!\d))/g, '$1')
    .replace(/[′’‘´`]/g, "'")
    .replace(/[″“”]|''/g, '"')
    .replace(/[−–—]/g, '-')
    .replace(/⁄/g, '/')
    .replace(/[\u00a0\u2007\u2009\u202f\u3000]/g, ' ')
    // "59 in." and "350 lbs." end in a point that is none of the number's.
    .replace(/([a-z])\.(?=\s|$)/gi, '$1')
    .trim();

/**
 * How marks between digits are meant where they could be two things: `asks` about a comma before three digits; `thousands` where the
 * program itself writes commas so; `continental` besides asks about a point before three digits, which there parts thousands as often.
 */
export type DigitMarks = 'asks' | 'thousands' | 'continental';

/** Spaces between groups of three digits: 2 500, 1 200.5. */
const GROUPED = /^(-?\d{1,3}(?: \d{3})+)([.,]\d+)?$/;

/** A decimal comma becomes a point; `1,500` could be either and is asked about. */
const decimalPoint = (text: string, marks: DigitMarks): Result<string, TextProblem> => {
  const grouped = GROUPED.exec(text);
  if (grouped?.[1]) return ok(`${grouped[1].replaceAll(' ', '')}${(grouped[2] ?? '').replace(',', '.')}`);
  if (marks === 'thousands' && /^-?[1-9]\d{0,2}(,\d{3})+(\.\d+)?$/.test(text)) return ok(text.replaceAll(',', ''));
  if (/^-?[1-9]\d{0,2},\d{3}$/.test(text)) return fail({ code: 'ambiguous-comma', text });
  if (marks === 'continental' && /^-?[1-9]\d{0,2}\.\d{3}$/.test(text)) return fail({ code: 'ambiguous-point', text });
  return ok(text.replace(',', '.'));
};

/** `12`, `-0.5`, `.5`, `1,5`, `2 500`, `3/4`, `2 1/2`, `2-1/2` as a number. */
export const parseNumber = (raw: string, marks: DigitMarks = 'asks'): Result<number, TextProblem> => {
  const typed = typedText(raw);
  if (!typed.ok) return typed;
  const pointed = decimalPoint(typed.value, marks);
  if (!pointed.ok) return pointed;
  const text = pointed.value;
  if (text === '') return fail({ code: 'empty' });
  const mixed = /^(-)?(?:(\d+)(?:\s+|\s*-\s*))?(\d+)\s*\/\s*(\d+)$/.exec(text);
  let value: number;
  if (mixed) {
    const denominator = Number(mixed[4]);
    if (denominator === 0) return fail({ code: 'division-by-zero', text });
    value = (mixed[1] ? -1 : 1) * (Number(mixed[2] ?? 0) + Number(mixed[3]) / denominator);
  } else if (/^-?(\d+\.?\d*|\.\d+)$/.test(text)) {
    value = Number(text);
  } else {
    return fail({ code: 'not-a-number', text });
  }
  return Math.abs(value) > LARGEST ? fail({ code: 'too-large', text }) : ok(value);
};

/** A unit by the name that was typed; any other word, `constructor` too, names none. */
export const named = <U>(unitsByName: Readonly<Record<string, U>>, name: string): U | undefined =>
  [name, name.toLowerCase()].flatMap((known) => (Object.hasOwn(unitsByName, known) ? [unitsByName[known]] : []))[0];

/** A number and an optional unit, `350 lb`; without a unit the project's own is meant. */
export const parseWithUnit = <U extends string>(
  raw: string,
  unitsByName: Readonly<Record<string, U>>,
  ownUnit: U,
  marksOf: (unit: U) => DigitMarks = () => 'asks',
): Result<{ readonly value: number; readonly unit: U }, TextProblem> => {
  const typed = typedText(raw);
  if (!typed.ok) return typed;
  const text = typed.value;
  const split = /^(.*?)\s*([a-zA-Z°²³/%"']*)$/.exec(text);
  const unitText = split?.[2] ?? '';
  const unit = unitText === '' ? ownUnit : named(unitsByName, unitText);
  if (unit === undefined) {
    return fail(/\d/.test(text) ? { code: 'unknown-unit', unit: unitText } : { code: 'not-a-number', text });
  }
  const number = parseNumber(split?.[1] ?? '', marksOf(unit));
  return number.ok ? ok({ value: number.value, unit }) : number;
};

/** Three places behind a point could be thousands: a fourth says that they are not. */
export const plainlyDecimal = (text: string): string => (/^-?\d{1,3}\.\d{3}$/.test(text) ? `${text}0` : text);
