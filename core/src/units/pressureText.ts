import { PASCALS_PER, type UnitSystem } from './factors.js';

const PASCALS_PER_BAR = 1e5;

/** A pressure as it is written on a sidewall, told in the other system where it is a plain figure: '50 psi' as '3.4 bar'. */
export const formatPressureText = (text: string, units: UnitSystem): string => {
  const found = /^\s*([\d.]+)\s*(psi|bar|kPa)\s*$/.exec(text);
  const [, figure = '', unit] = found ?? [];
  if (!found || (units === 'imperial') === (unit === 'psi')) return text;
  if (units === 'metric') return `${((Number(figure) * PASCALS_PER.psi) / PASCALS_PER_BAR).toFixed(1)} bar`;
  const pascals = Number(figure) * (unit === 'kPa' ? 1000 : PASCALS_PER_BAR);
  return `${Math.round(pascals / PASCALS_PER.psi)} psi`;
};
