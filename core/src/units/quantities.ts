import { fieldNumber } from './fieldNumber.js';
import { ok, type Result } from '../result.js';
import {
  type AngleUnit,
  type ForceUnit,
  KILOGRAMS_PER,
  KILOMETRES_PER_MILE,
  type MassUnit,
  METRES_PER,
  NEWTONS_PER,
  PASCALS_PER,
  RADIANS_PER,
  STANDARD_GRAVITY,
  type StressUnit,
  type UnitSystem,
} from './factors.js';
import { isFigure, NO_FIGURE } from './noFigure.js';
import { type DigitMarks, parseWithUnit, plainlyDecimal, type TextProblem } from './parseNumber.js';

export const toKilograms = (value: number, unit: MassUnit): number => value * KILOGRAMS_PER[unit];
export const fromKilograms = (kg: number, unit: MassUnit): number => kg / KILOGRAMS_PER[unit];
/** Torque in foot-pounds as N·m. */
export const footPounds = (value: number): number => value * NEWTONS_PER.lbf * METRES_PER.ft;

export const pounds = (value: number): number => toKilograms(value, 'lb');
export const toNewtons = (value: number, unit: ForceUnit): number => value * NEWTONS_PER[unit];
export const fromNewtons = (n: number, unit: ForceUnit): number => n / NEWTONS_PER[unit];
export const toPascals = (value: number, unit: StressUnit): number => value * PASCALS_PER[unit];
export const fromPascals = (pa: number, unit: StressUnit): number => pa / PASCALS_PER[unit];
export const toRadians = (value: number, unit: AngleUnit): number => value * RADIANS_PER[unit];
export const fromRadians = (rad: number, unit: AngleUnit): number => rad / RADIANS_PER[unit];

export const toKilometres = (value: number, unit: 'km' | 'mile'): number =>
  unit === 'mile' ? value * KILOMETRES_PER_MILE : value;
export const fromKilometres = (km: number, unit: 'km' | 'mile'): number =>
  unit === 'mile' ? km / KILOMETRES_PER_MILE : km;

/** Weight of a mass under standard gravity, N. */
export const weightN = (massKg: number): number => massKg * STANDARD_GRAVITY;
/** Mass whose weight is the force, kg: how tongue and axle loads are spoken of. */
export const massOfWeightKg = (forceN: number): number => forceN / STANDARD_GRAVITY;

const MASS_NAMES: Readonly<Record<string, MassUnit>> = {
  kg: 'kg',
  kgs: 'kg',
  g: 'g',
  t: 't',
  lb: 'lb',
  lbs: 'lb',
  pound: 'lb',
  pounds: 'lb',
  oz: 'oz',
};
const FORCE_NAMES: Readonly<Record<string, ForceUnit>> = {
  n: 'N',
  kn: 'kN',
  lbf: 'lbf',
  lb: 'lbf',
  lbs: 'lbf',
  kip: 'kip',
  kips: 'kip',
  kgf: 'kgf',
  kg: 'kgf',
};
const STRESS_NAMES: Readonly<Record<string, StressUnit>> = {
  Pa: 'Pa',
  pa: 'Pa',
  mpa: 'MPa',
  'n/mm²': 'MPa',
  gpa: 'GPa',
  psi: 'psi',
  ksi: 'ksi',
};
const ANGLE_NAMES: Readonly<Record<string, AngleUnit>> = {
  deg: 'deg',
  degree: 'deg',
  degrees: 'deg',
  '°': 'deg',
  rad: 'rad',
};

type Parse = (raw: string, system: UnitSystem) => Result<number, TextProblem>;
const parser =
  <U extends string>(
    names: Readonly<Record<string, U>>,
    factors: Readonly<Record<U, number>>,
    imperial: U,
    metric: U,
    marksOf: (unit: U, system: UnitSystem) => DigitMarks = () => 'asks',
  ): Parse =>
  (raw, system) => {
    const read = parseWithUnit(raw, names, system === 'imperial' ? imperial : metric, (unit) => marksOf(unit, system));
    return read.ok ? ok(read.value.value * factors[read.value.unit]) : read;
  };

/** Typed mass in kg; bare numbers are lb or kg. */
export const parseMass = parser(MASS_NAMES, KILOGRAMS_PER, 'lb', 'kg', (unit, system) =>
  system === 'imperial' ? 'thousands' : unit === 'kg' ? 'continental' : 'asks',
);
/** Typed force in N; bare numbers are lbf or N. */
export const parseForce = parser(FORCE_NAMES, NEWTONS_PER, 'lbf', 'N', (_unit, system) =>
  system === 'imperial' ? 'thousands' : 'asks',
);
/** Typed stress in Pa; bare numbers are psi or MPa. */
export const parseStress = parser(STRESS_NAMES, PASCALS_PER, 'psi', 'MPa', (_unit, system) =>
  system === 'imperial' ? 'thousands' : 'asks',
);
/** Typed angle in rad; bare numbers are degrees. */
export const parseAngle = parser(ANGLE_NAMES, RADIANS_PER, 'deg', 'deg');

/** `1,234.5`: groups of three, a fixed number of decimals, never "-0". */
export const formatNumber = (value: number, decimals: number): string => {
  if (!isFigure(value)) return NO_FIGURE;
  const text = Math.abs(value).toFixed(decimals);
  const [whole = '0', fraction] = text.split('.');
  const grouped = whole.replace(/\B(?=(\d{3})+(?!\d))/g, ',');
  return `${value < 0 && Number(text) !== 0 ? '-' : ''}${grouped}${fraction === undefined ? '' : `.${fraction}`}`;
};

/** A digit more below ten, so that 2.4 kg of tongue weight is not written as 2. */
const digitsFor = (value: number): number => (Math.abs(value) < 9.95 ? 1 : 0);

export const formatMass = (kg: number, system: UnitSystem): string => {
  if (!isFigure(kg)) return NO_FIGURE;
  const value = system === 'imperial' ? fromKilograms(kg, 'lb') : kg;
  return `${formatNumber(value, digitsFor(value))} ${system === 'imperial' ? 'lb' : 'kg'}`;
};

/** What a bar weighs by its length, kg/m: in lb/ft or kg/m. */
export const formatMassPerLength = (kgPerM: number, system: UnitSystem): string => {
  if (!isFigure(kgPerM)) return NO_FIGURE;
  const value = system === 'imperial' ? fromKilograms(kgPerM, 'lb') * METRES_PER.ft : kgPerM;
  return `${formatNumber(value, 2)} ${system === 'imperial' ? 'lb/ft' : 'kg/m'}`;
};

/** A load that people speak of by weight (tongue, axle), in lb or kg. */
export const formatLoad = (forceN: number, system: UnitSystem): string => formatMass(massOfWeightKg(forceN), system);

export const formatForce = (n: number, system: UnitSystem): string => {
  if (!isFigure(n)) return NO_FIGURE;
  if (system === 'imperial') return `${formatNumber(fromNewtons(n, 'lbf'), 0)} lbf`;
  return Math.abs(n) >= 1e4 ? `${formatNumber(n / 1e3, 2)} kN` : `${formatNumber(n, 0)} N`;
};

export const formatStress = (pa: number, system: UnitSystem): string =>
  !isFigure(pa)
    ? NO_FIGURE
    : system === 'imperial'
      ? `${formatNumber(fromPascals(pa, 'psi'), 0)} psi`
      : `${formatNumber(fromPascals(pa, 'MPa'), 1)} MPa`;

/** A distance driven, rounded to two figures: it is never known better. */
export const formatDistance = (km: number, system: UnitSystem): string => {
  if (!isFigure(km)) return NO_FIGURE;
  const value = fromKilometres(km, system === 'imperial' ? 'mile' : 'km');
  const size = value > 0 ? 10 ** Math.max(0, Math.floor(Math.log10(value)) - 1) : 1;
  return `${formatNumber(Math.round(value / size) * size, 0)} ${system === 'imperial' ? 'miles' : 'km'}`;
};

/** A distance on the ground: feet or metres, to a tenth under twenty, whole beyond. */
export const formatGround = (metres: number, system: UnitSystem): string => {
  if (!isFigure(metres)) return NO_FIGURE;
  const value = system === 'imperial' ? metres / METRES_PER.ft : metres;
  return `${formatNumber(value, value < 20 ? 1 : 0).replace(/\.0$/, '')} ${system === 'imperial' ? 'ft' : 'm'}`;
};

/** A torque on a nut, in ft·lb or N·m. */
export const formatTorque = (newtonMetres: number, system: UnitSystem): string =>
  !isFigure(newtonMetres)
    ? NO_FIGURE
    : system === 'imperial'
      ? `${formatNumber(newtonMetres / footPounds(1), 0)} ft·lb`
      : `${formatNumber(newtonMetres, 0)} N·m`;

/** A speed in whole miles or kilometres an hour. */
export const formatSpeed = (metresPerSecond: number, system: UnitSystem): string =>
  !isFigure(metresPerSecond)
    ? NO_FIGURE
    : system === 'imperial'
      ? `${Math.round(fromKilometres(metresPerSecond * 3.6, 'mile'))} mph`
      : `${Math.round(metresPerSecond * 3.6)} km/h`;

export const formatAngle = (rad: number, decimals = 1): string =>
  isFigure(rad) ? `${formatNumber(fromRadians(rad, 'deg'), decimals).replace(/\.0+$/, '')}°` : NO_FIGURE;

export const formatPercent = (fraction: number, decimals = 1): string =>
  isFigure(fraction) ? `${formatNumber(fraction * 100, decimals)} %` : NO_FIGURE;

/** For a field, as people write it. */
export const editMass = (kg: number, system: UnitSystem): string =>
  system === 'imperial' ? fieldNumber(fromKilograms(kg, 'lb')) : plainlyDecimal(fieldNumber(kg));
export const editAngle = (rad: number): string => fieldNumber(fromRadians(rad, 'deg'));
export const editNumber = (value: number): string => fieldNumber(value);
