import { isFigure, NO_FIGURE } from './noFigure.js';

/**
 * A sum of money by its currency: symbol and decimals as they are written in English where the currency is known by its three letters
 * (ISO 4217), else the figure with two decimals and the currency's own name behind it.
 */
export const formatMoney = (sum: number, currency: string): string => {
  if (!isFigure(sum)) return NO_FIGURE;
  if (/^[A-Z]{3}$/.test(currency)) return new Intl.NumberFormat('en-US', { style: 'currency', currency }).format(sum);
  const figure = new Intl.NumberFormat('en-US', { minimumFractionDigits: 2, maximumFractionDigits: 2 }).format(sum);
  return currency === '' ? figure : `${figure} ${currency}`;
};
