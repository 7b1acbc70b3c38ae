import { CUBIC_METRES_PER, METRES_PER, type UnitSystem } from './factors.js';
import { isFigure, NO_FIGURE } from './noFigure.js';
import { formatNumber } from './quantities.js';

/** Figures above this are told without decimals. */
const WHOLE_FROM = 20;
const shown = (value: number): string => formatNumber(value, value >= WHOLE_FROM ? 0 : 1);

/** An area, in square feet or m². */
export const formatArea = (areaM2: number, system: UnitSystem): string =>
  !isFigure(areaM2)
    ? NO_FIGURE
    : system === 'imperial'
      ? `${shown(areaM2 / METRES_PER.ft ** 2)} sq ft`
      : `${shown(areaM2)} m²`;

/** What is bought in cans, in US gallons or litres. */
export const formatLiquid = (volumeM3: number, system: UnitSystem): string =>
  !isFigure(volumeM3)
    ? NO_FIGURE
    : system === 'imperial'
      ? `${shown(volumeM3 / CUBIC_METRES_PER.gallon)} gal`
      : `${shown(volumeM3 / CUBIC_METRES_PER.litre)} l`;

/** Gas as it is let out of its bottle, in cubic feet or m³. */
export const formatGas = (volumeM3: number, system: UnitSystem): string =>
  !isFigure(volumeM3)
    ? NO_FIGURE
    : system === 'imperial'
      ? `${shown(volumeM3 / CUBIC_METRES_PER['cubic-foot'])} cu ft`
      : `${formatNumber(volumeM3, 2)} m³`;
