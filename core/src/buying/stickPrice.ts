import { usualLengthsM } from '../fabrication/index.js';
import type { StockRow, Trailer } from '../project/index.js';

/** Lengths that agree to this are one, m. */
const SAME_M = 5e-4;

/**
 * The trailer with a price for a length of a section: the plan of sticks goes by it. Where nobody has said which lengths are sold, the usual
 * ones are named with it, so that none falls out of the plan. `newId` names new rows.
 */
export const withStickPrice = (
  trailer: Trailer,
  { sectionId, lengthM }: { readonly sectionId: string; readonly lengthM: number },
  price: number | null,
  newId: () => string,
): Trailer => {
  const { stock } = trailer.cutting;
  const isThis = (row: Pick<StockRow, 'lengthM'>): boolean => Math.abs(row.lengthM - lengthM) < SAME_M;
  const sold = stock.filter((row) => row.sectionId === sectionId && !row.onHand);
  const known = sold.find((row) => row.cutToSize === undefined && isThis(row));
  const added =
    sold.length > 0
      ? [lengthM]
      : [...new Set([...usualLengthsM(trailer).filter((own) => !isThis({ lengthM: own })), lengthM])];
  const rows: readonly StockRow[] = known
    ? stock.map((row) => (row === known ? { ...row, price } : row))
    : [
        ...stock,
        ...added.map((own) => ({
          id: `stock.${newId()}`,
          sectionId,
          lengthM: own,
          price: own === lengthM ? price : null,
          available: null,
          onHand: false,
          note: '',
        })),
      ];
  return { ...trailer, cutting: { ...trailer.cutting, stock: [...rows] } };
};
