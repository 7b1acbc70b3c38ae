import { findSection, type StockRow, type Trailer } from '../project/index.js';
import { feet } from '../units/index.js';
import type { StockTotal } from './cutList.js';

/** What yards usually sell, by where the trailer is used and not by how its sizes are told; common practice. */
export const usualLengthsM = ({ settings: { regions } }: Trailer): readonly number[] => {
  const feetSold = regions.includes('north-america');
  const metresSold = regions.length === 0 || regions.some((region) => region !== 'north-america');
  return [...(feetSold ? [feet(20), feet(24)] : []), ...(metresSold ? [6] : [])];
};

/** A row of stock; what yards usually sell has no id. */
export type Offered = Pick<StockRow, 'lengthM' | 'price' | 'available' | 'onHand' | 'note'> & {
  readonly id: string | undefined;
};

/** What can be cut from: what is named for the section, and what yards usually sell where nothing on offer is. */
export const stockOf = (trailer: Trailer, { sectionId, massKg, lengthM: neededM }: StockTotal): readonly Offered[] => {
  const named = trailer.cutting.stock.filter((row) => row.sectionId === sectionId);
  if (named.some(({ onHand }) => !onHand)) return named;
  const section = findSection(trailer, sectionId);
  const perKg = (section && (section.pricePerKg ?? trailer.pricesPerKg[section.family])) ?? null;
  return [
    ...named,
    ...usualLengthsM(trailer).map((lengthM) => ({
      id: undefined,
      lengthM,
      price: perKg === null ? null : (perKg * lengthM * massKg) / neededM,
      available: null,
      onHand: false,
      note: '',
    })),
  ];
};
