import { findSection, type StockRow, type Trailer } from '../project/index.js';
import { feet, toPascals } from '../units/index.js';
import type { StockTotal } from './cutList.js';

/** What yards usually sell, by where the trailer is used and not by how its sizes are told; common practice. */
export const usualLengthsM = ({ settings: { regions } }: Trailer): readonly number[] => {
  const feetSold = regions.includes('north-america');
  const metresSold = regions.length === 0 || regions.some((region) => region !== 'north-america');
  return [...(feetSold ? [feet(20), feet(24)] : []), ...(metresSold ? [6] : [])];
};

/** A row of stock; what yards usually sell has no id. */
export type Offered = Pick<StockRow, 'lengthM' | 'price' | 'available' | 'onHand' | 'note' | 'cutToSize'> & {
  readonly id: string | undefined;
};

/** Steel that nobody knows counts at this, Pa. Common practice: no certificate, no credit. */
const UNKNOWN_PA = toPascals(30, 'ksi');

/** Whether bars that count on such a metal may be cut from a row: of steel that nobody knows only what counts on no more. */
const mayBeCutFrom = ({ unknownSteel }: StockRow, { yieldPa }: StockTotal): boolean =>
  unknownSteel !== true || yieldPa <= UNKNOWN_PA * (1 + 1e-9);

/** Rows of what lies there that are left alone, because nobody knows what steel they are. */
export const leftAlone = (trailer: Trailer, total: StockTotal): readonly StockRow[] =>
  trailer.cutting.stock.filter((row) => row.sectionId === total.sectionId && !mayBeCutFrom(row, total));

/** A supplier who saws to size is one once both prices are known: nothing is free because nobody has asked. */
const isOffered = ({ cutToSize }: StockRow): boolean =>
  cutToSize === undefined || (cutToSize.perM !== null && cutToSize.perCut !== null);

/** What can be cut from: what is named for the section, and what yards usually sell where nothing on offer is. */
export const stockOf = (trailer: Trailer, total: StockTotal): readonly Offered[] => {
  const { sectionId, massKg, lengthM: neededM } = total;
  const named = trailer.cutting.stock.filter(
    (row) => row.sectionId === sectionId && mayBeCutFrom(row, total) && isOffered(row),
  );
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
