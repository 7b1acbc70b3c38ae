import {
  evaluateExpression,
  type Expression,
  type Measured,
  type QuantityKind,
  type WorkingLine,
} from '../findings/index.js';
import {
  formatNumber,
  fromKilograms,
  fromKilometres,
  fromMetres,
  fromNewtons,
  fromPascals,
  massOfWeightKg,
  type UnitSystem,
} from '../units/index.js';
import { WORKING_LABELS } from './labels.js';
import { numbersIn } from './languages/language.js';
import { ENGLISH, type Voice } from './voice.js';

interface PrintedUnit {
  readonly symbol: string;
  /** decimals of a result, and the least of an operand */
  readonly decimals: number;
  readonly from: (si: number) => number;
}

const NUMBER: PrintedUnit = { symbol: '', decimals: 3, from: (value) => value };
const PERCENT: PrintedUnit = { symbol: ' %', decimals: 1, from: (value) => value * 100 };
const inchesOf = (m: number, power: number): number => m / fromMetres(1, 'in') ** -power;

/** Units that fit each other in each system: lbf × in ÷ in³ = psi; N × m ÷ cm³ = MPa. */
const UNITS: Readonly<Record<UnitSystem, Readonly<Record<QuantityKind, PrintedUnit>>>> = {
  imperial: {
    mass: { symbol: ' lb', decimals: 1, from: (kg) => fromKilograms(kg, 'lb') },
    load: { symbol: ' lb', decimals: 1, from: (n) => fromKilograms(massOfWeightKg(n), 'lb') },
    length: { symbol: '″', decimals: 2, from: (m) => fromMetres(m, 'in') },
    arm: { symbol: '″', decimals: 2, from: (m) => fromMetres(m, 'in') },
    force: { symbol: ' lbf', decimals: 0, from: (n) => fromNewtons(n, 'lbf') },
    moment: { symbol: ' lbf·in', decimals: 0, from: (nm) => inchesOf(fromNewtons(nm, 'lbf'), 1) },
    modulus: { symbol: ' in³', decimals: 3, from: (m3) => inchesOf(m3, 3) },
    area: { symbol: ' in²', decimals: 3, from: (m2) => inchesOf(m2, 2) },
    stress: { symbol: ' psi', decimals: 0, from: (pa) => fromPascals(pa, 'psi') },
    'force-per-length': { symbol: ' lbf/in', decimals: 0, from: (nm) => inchesOf(fromNewtons(nm, 'lbf'), -1) },
    rate: { symbol: ' lbf/in', decimals: 0, from: (nm) => inchesOf(fromNewtons(nm, 'lbf'), -1) },
    kilometres: { symbol: ' miles', decimals: 0, from: (km) => fromKilometres(km, 'mile') },
    percent: PERCENT,
    number: NUMBER,
  },
  metric: {
    mass: { symbol: ' kg', decimals: 1, from: (kg) => kg },
    load: { symbol: ' kg', decimals: 1, from: (n) => massOfWeightKg(n) },
    length: { symbol: ' mm', decimals: 1, from: (m) => fromMetres(m, 'mm') },
    arm: { symbol: ' m', decimals: 3, from: (m) => m },
    force: { symbol: ' N', decimals: 0, from: (n) => n },
    moment: { symbol: ' N·m', decimals: 1, from: (nm) => nm },
    modulus: { symbol: ' cm³', decimals: 2, from: (m3) => m3 * 1e6 },
    area: { symbol: ' mm²', decimals: 1, from: (m2) => m2 * 1e6 },
    stress: { symbol: ' MPa', decimals: 1, from: (pa) => fromPascals(pa, 'MPa') },
    'force-per-length': { symbol: ' N/mm', decimals: 0, from: (nm) => nm * 1e-3 },
    rate: { symbol: ' N/mm', decimals: 1, from: (nm) => nm * 1e-3 },
    kilometres: { symbol: ' km', decimals: 0, from: (km) => km },
    percent: PERCENT,
    number: NUMBER,
  },
};

const MOST_DECIMALS = 12;

const round = (value: number, decimals: number): number => Number(value.toFixed(decimals));

/** The printed figure as a pure number again: a percentage counts as a hundredth. */
const printedValue = ({ value, kind }: Measured, system: UnitSystem, extra: number): number => {
  const unit = UNITS[system][kind];
  const figure = round(unit.from(value), Math.min(unit.decimals + extra, MOST_DECIMALS));
  return kind === 'percent' ? figure / 100 : figure;
};

const recompute = (expression: Expression, system: UnitSystem, extra: number): number =>
  evaluateExpression(expression, (operand) => printedValue(operand, system, extra));

const trimZeros = (text: string): string => (text.includes('.') ? text.replace(/\.?0+$/, '') : text);

const figure = ({ value, kind }: Measured, system: UnitSystem, extra: number): string => {
  const unit = UNITS[system][kind];
  const decimals = Math.min(unit.decimals + extra, MOST_DECIMALS);
  // Digits that were added for the sum are shown as far as they say something.
  const added = new RegExp(`(\\.\\d{${unit.decimals}}\\d*?)0+$`);
  const text = formatNumber(unit.from(value), decimals).replace(added, '$1').replace(/\.$/, '');
  return `${kind === 'number' || kind === 'percent' ? trimZeros(text) : text}${unit.symbol}`;
};

/** A figure by itself, with its unit. */
export const printFigure = (measured: Measured, system: UnitSystem): string => figure(measured, system, 0);

const RANK = { '+': 1, '−': 1, '×': 2, '÷': 2 } as const;

const print = (expression: Expression, system: UnitSystem, extra: number): string => {
  if (!('op' in expression)) return figure(expression, system, extra);
  const inner = (part: Expression, right: boolean): string => {
    const text = print(part, system, extra);
    if (!('op' in part)) return text;
    const lower = RANK[part.op] < RANK[expression.op];
    const unsafeRight =
      right && (expression.op === '−' || expression.op === '÷') && RANK[part.op] === RANK[expression.op];
    return lower || unsafeRight ? `(${text})` : text;
  };
  return `${inner(expression.left, false)} ${expression.op} ${inner(expression.right, true)}`;
};

export interface PrintedLine {
  readonly label: string;
  /** the arithmetic with its figures; empty for a given */
  readonly figures: string;
  readonly result: string;
  readonly concludes: boolean;
  /** the printed operands, recomputed, round to the printed result */
  readonly recomputes: boolean;
}

const labelOf = ({ label, name }: WorkingLine, { t }: Voice): string =>
  name === undefined ? t(WORKING_LABELS[label]) : `${name} ${t(WORKING_LABELS[label])}`;

/** Adds digits to the operands until the line, recomputed from what is printed, rounds to its printed result. */
export const printWorking = (line: WorkingLine, system: UnitSystem, by: Voice = ENGLISH): PrintedLine => {
  const { result, expression } = line;
  const said = (text: string): string => numbersIn(text, by.language);
  const common = {
    label: labelOf(line, by),
    result: said(figure(result, system, 0)),
    concludes: line.concludes === true,
  };
  if (!expression) return { ...common, figures: '', recomputes: true };
  const unit = UNITS[system][result.kind];
  const decimals = result.kind === 'percent' ? unit.decimals + 2 : unit.decimals;
  const printed = round(printedValue(result, system, 0), decimals);
  let extra = 0;
  while (extra < MOST_DECIMALS && round(recompute(expression, system, extra), decimals) !== printed) extra += 1;
  return {
    ...common,
    figures: said(print(expression, system, extra)),
    recomputes: round(recompute(expression, system, extra), decimals) === printed,
  };
};
