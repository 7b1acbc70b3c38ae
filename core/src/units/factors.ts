/**
 * Exact conversion factors; the only place in the project where they stand.
 * Inch, foot and pound: international yard and pound agreement of 1959. Standard gravity: 3rd CGPM, 1901.
 */
export const STANDARD_GRAVITY = 9.80665;

export const METRES_PER = { m: 1, cm: 1e-2, mm: 1e-3, in: 0.0254, ft: 0.3048 } as const;
/** International mile, exact. */
export const KILOMETRES_PER_MILE = 1.609344;
export type LengthUnit = keyof typeof METRES_PER;

export const KILOGRAMS_PER = { kg: 1, g: 1e-3, t: 1e3, lb: 0.45359237, oz: 0.45359237 / 16 } as const;
export type MassUnit = keyof typeof KILOGRAMS_PER;

export const NEWTONS_PER = {
  N: 1,
  kN: 1e3,
  lbf: KILOGRAMS_PER.lb * STANDARD_GRAVITY,
  kip: 1e3 * KILOGRAMS_PER.lb * STANDARD_GRAVITY,
  kgf: STANDARD_GRAVITY,
} as const;
export type ForceUnit = keyof typeof NEWTONS_PER;

const PASCALS_PER_PSI = NEWTONS_PER.lbf / METRES_PER.in ** 2;
export const PASCALS_PER = { Pa: 1, MPa: 1e6, GPa: 1e9, psi: PASCALS_PER_PSI, ksi: 1e3 * PASCALS_PER_PSI } as const;
export type StressUnit = keyof typeof PASCALS_PER;

/** US liquid gallon of 231 cubic inches, exact. */
export const CUBIC_METRES_PER = {
  m3: 1,
  litre: 1e-3,
  gallon: 231 * METRES_PER.in ** 3,
  'cubic-foot': METRES_PER.ft ** 3,
} as const;

export const RADIANS_PER = { rad: 1, deg: Math.PI / 180 } as const;
export type AngleUnit = keyof typeof RADIANS_PER;

export type UnitSystem = 'imperial' | 'metric';
