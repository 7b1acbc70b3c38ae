import { fieldNumber } from './fieldNumber.js';
import { fail, ok, type Result } from '../result.js';
import { METRES_PER, type LengthUnit, type UnitSystem } from './factors.js';
import { isFigure, NO_FIGURE } from './noFigure.js';
import { named, parseNumber, plainlyDecimal, type TextProblem, typedText } from './parseNumber.js';

export const toMetres = (value: number, unit: LengthUnit): number => value * METRES_PER[unit];
export const fromMetres = (metres: number, unit: LengthUnit): number => metres / METRES_PER[unit];
export const inches = (value: number): number => toMetres(value, 'in');
export const feet = (value: number): number => toMetres(value, 'ft');
export const millimetres = (value: number): number => toMetres(value, 'mm');

const UNIT_NAMES: Readonly<Record<string, LengthUnit>> = {
  "'": 'ft',
  ft: 'ft',
  foot: 'ft',
  feet: 'ft',
  '"': 'in',
  in: 'in',
  inch: 'in',
  inches: 'in',
  mm: 'mm',
  cm: 'cm',
  m: 'm',
};

/** feet-inches without marks: `4-11`, `4-11-1/16`, `4 11`, `4 11 1/16`, `8-2.5`. A fraction right after the dash is a mixed number instead. */
const BARE_FEET_INCHES = /^(\d+)(?:\s*-\s*|\s+)(\d+(?:\.\d+)?(?:(?:\s*-\s*|\s+)\d+\s*\/\s*\d+)?)$/;
/** Most inches behind feet: what is more was meant otherwise. */
const INCHES_IN_A_FOOT = 12;

/** Groups of three digits with spaces between, in millimetres and the like: `2 500 mm`; feet and inches have none. */
const joinGroups = (body: string, ownUnit: LengthUnit): string =>
  ownUnit === 'in' && !/(mm|cm|m)$/i.test(body)
    ? body
    : body.replace(
        /(^|[^\d.,])(\d{1,3}(?: \d{3})+)(?![\d/])(?!\s*\/)/g,
        (_, before: string, groups: string) => `${before}${groups.replaceAll(' ', '')}`,
      );

/** a number with its own unit, several in a row: `8' 2 1/2"`, `2 m 30 cm`; the last may leave its unit out after feet: `8' 2`. */
const TERM = /^(\s*-)?\s*((?:\d+(?:\s+|\s*-\s*))?\d+\s*\/\s*\d+|\d+(?:[.,]\d*)?|[.,]\d+)\s*("|'|[a-z]+)?\s*/i;

const parseTerms = (text: string, ownUnit: LengthUnit): Result<number, TextProblem> => {
  let rest = text;
  let metres = 0;
  let previous: LengthUnit | undefined;
  while (rest !== '') {
    const term = TERM.exec(rest);
    // A dash may stand between feet and inches, 8'-2", but not ahead of them.
    if (!term?.[2] || (term[1] !== undefined && previous === undefined)) return fail({ code: 'not-a-number', text });
    const unitText = term[3]?.toLowerCase();
    const unit =
      unitText === undefined
        ? previous === 'ft'
          ? 'in'
          : previous
            ? undefined
            : ownUnit
        : named(UNIT_NAMES, unitText);
    if (unit === undefined) {
      return fail(unitText === undefined ? { code: 'not-a-number', text } : { code: 'unknown-unit', unit: unitText });
    }
    const number = parseNumber(term[2], unit === 'mm' || unit === 'cm' ? 'continental' : 'asks');
    if (!number.ok) return number;
    if (unit === 'in' && previous === 'ft' && number.value >= INCHES_IN_A_FOOT)
      return fail({ code: 'inches-past-a-foot', text });
    metres += toMetres(number.value, unit);
    rest = rest.slice(term[0].length);
    // Only the last may leave its unit out, and only alone or behind feet.
    if (unitText === undefined && rest !== '') return fail({ code: 'not-a-number', text });
    previous = unit;
  }
  return ok(metres);
};

/**
 * A typed length in metres. A bare number is inches or millimetres by unit system; a unit always wins;
 * `4-11` and `4 11` are feet and inches, `5-3/4` is a mixed number.
 */
export const parseLength = (raw: string, system: UnitSystem): Result<number, TextProblem> => {
  const typed = typedText(raw);
  if (!typed.ok) return typed;
  const text = typed.value;
  if (text === '') return fail({ code: 'empty' });
  const negative = text.startsWith('-');
  const body = negative ? text.slice(1).trim() : text;
  const sign = negative ? -1 : 1;
  const ownUnit: LengthUnit = system === 'imperial' ? 'in' : 'mm';
  const joined = joinGroups(body, ownUnit);
  const bare = BARE_FEET_INCHES.exec(joined.replace(/\s*(?:"|in|inch|inches)$/i, ''));
  if (bare?.[1] && bare[2] && !/'|ft|m$/.test(joined)) {
    // Without a dash nobody means feet and inches in millimetres.
    if (ownUnit === 'mm' && !joined.includes('-')) return fail({ code: 'not-a-number', text });
    const inch = parseNumber(bare[2]);
    if (!inch.ok) return inch;
    return inch.value < INCHES_IN_A_FOOT
      ? ok(sign * (toMetres(Number(bare[1]), 'ft') + toMetres(inch.value, 'in')))
      : fail({ code: 'inches-past-a-foot', text });
  }
  const terms = parseTerms(joined, ownUnit);
  return terms.ok ? ok(sign * terms.value) : terms;
};

/** A length taken apart for printing; the fraction is in lowest terms. */
export interface LengthParts {
  readonly negative: boolean;
  /** undefined where the length is written in plain inches. */
  readonly feet: number | undefined;
  readonly inches: number;
  readonly numerator: number;
  readonly denominator: number;
}

/** Lengths under three feet are written in inches: shop habit, so that "24 3/4" is never read as 2' 0 3/4". */
const FEET_FROM_INCHES = 36;

/** Of whole numbers. */
const greatestCommonDivisor = (a: number, b: number): number => (b > 0 ? greatestCommonDivisor(b, a % b) : a);

export const lengthParts = (metres: number, denominator: number, plainInches = false): LengthParts => {
  const totalParts = Math.round((Math.abs(metres) / METRES_PER.in) * denominator);
  const wholeInches = Math.floor(totalParts / denominator);
  const numerator = totalParts % denominator;
  const divisor = greatestCommonDivisor(denominator, numerator);
  const withFeet = !plainInches && totalParts >= FEET_FROM_INCHES * denominator;
  return {
    negative: metres < 0 && totalParts > 0,
    feet: withFeet ? Math.floor(wholeInches / 12) : undefined,
    inches: withFeet ? wholeInches % 12 : wholeInches,
    numerator: numerator / divisor,
    denominator: denominator / divisor,
  };
};

const partsText = ({ negative, feet: ft, inches: inch, numerator, denominator }: LengthParts): string => {
  const fraction = numerator === 0 ? '' : `${numerator}/${denominator}`;
  const inchText = fraction === '' ? `${inch}` : inch === 0 && ft === undefined ? fraction : `${inch} ${fraction}`;
  return `${negative ? '-' : ''}${ft === undefined ? '' : `${ft}' `}${inchText}"`;
};

/** How a project writes lengths. */
export interface LengthStyle {
  readonly system: UnitSystem;
  /** Smallest fraction of an inch written: 16 or 32. */
  readonly denominator: number;
}

/** For reading: `5' 10"`, `24 3/4"`, `1778 mm`; rounded to the style's fraction or to the millimetre. */
export const formatLength = (metres: number, style: LengthStyle): string =>
  !isFigure(metres)
    ? NO_FIGURE
    : style.system === 'imperial'
      ? partsText(lengthParts(metres, style.denominator))
      : `${Math.round(fromMetres(metres, 'mm')) + 0} mm`;

const FINEST_FRACTION = 64;
const SAME_LENGTH_M = 1e-9;

/** For a field, as people write it: on the finest fractions as such, else in decimals. */
export const editLength = (metres: number, system: UnitSystem): string => {
  if (system === 'metric') return plainlyDecimal(fieldNumber(fromMetres(metres, 'mm')));
  const inch = fromMetres(metres, 'in');
  const nearest = Math.round(inch * FINEST_FRACTION) / FINEST_FRACTION;
  return Math.abs(nearest - inch) * METRES_PER.in < SAME_LENGTH_M
    ? partsText(lengthParts(metres, FINEST_FRACTION))
    : `${fieldNumber(inch)}"`;
};
