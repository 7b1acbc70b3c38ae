import { finding, type FindingOf, quantity } from '../findings/index.js';
import type { Trailer } from '../project/index.js';
import type { CutList, StockTotal } from './cutList.js';
import { RULES } from './rules.js';
import { stockOf } from './stock.js';

export interface FabricationFindingData {
  'cut-list': {
    readonly pieces: number;
    readonly marks: number;
    readonly massKg: number;
    /** bars that are there already, not among the pieces */
    readonly existing: number;
  };
  'no-cut-list': Record<string, never>;
  'longer-than-stock': {
    readonly marks: readonly string[];
    readonly designation: string;
    readonly lengthM: number;
    readonly longestM: number;
    /** nobody has said which lengths are sold */
    readonly assumed: boolean;
  };
}
export type FabricationFinding = FindingOf<FabricationFindingData>;

/** Lengths that agree to this are the same, m. */
const LIKE_M = 1e-4;

/**
 * Pieces that nothing which is sold is long enough for, and more of them than what is on hand could hold; a warning where the lengths that
 * are sold are taken to be the usual ones.
 */
const longerThanStock = (trailer: Trailer, { rows }: CutList, total: StockTotal): FabricationFinding[] => {
  const { trimM, kerfM, allowM } = trailer.cutting;
  const lengthOf = ({ cutLengthM, cutLaterM }: CutList['rows'][number]): number => cutLengthM + cutLaterM + allowM;
  const stock = stockOf(trailer, total).map((one) => ({ ...one, usableM: one.lengthM - 2 * trimM }));
  const longestM = Math.max(...stock.filter(({ onHand }) => !onHand).map(({ usableM }) => usableM));
  const own = rows.filter(
    (row) =>
      row.sectionId === total.sectionId && row.materialName === total.materialName && lengthOf(row) > longestM + LIKE_M,
  );
  if (own.length === 0) return [];
  const shortestM = Math.min(...own.map(lengthOf));
  const onHand = stock
    .filter((one) => one.onHand)
    .reduce(
      (sum, { usableM, available }) =>
        sum + (available ?? Number.POSITIVE_INFINITY) * Math.floor((usableM + kerfM + LIKE_M) / (shortestM + kerfM)),
      0,
    );
  if (own.reduce((sum, { quantity: pieces }) => sum + pieces, 0) <= onHand) return [];
  const assumed = stock.some(({ id }) => id === undefined);
  const lengthM = Math.max(...own.map(lengthOf));
  return [
    finding({
      rule: RULES['longer-than-stock'],
      data: { marks: own.map(({ mark }) => mark), designation: total.designation, lengthM, longestM, assumed },
      verdict: assumed ? 'tight' : 'over',
      step: 'cut',
      subject: own[0]?.memberIds[0] ?? 'trailer',
      counts: true,
      value: quantity(lengthM, 'length'),
      limit: quantity(longestM, 'length'),
      working: [],
    }),
  ];
};

/** What is told of the cut list, and what of it cannot be cut from what there is. */
export const fabricationFindings = (trailer: Trailer, cutList: CutList): FabricationFinding[] => {
  const { rows, massKg, existingIds, totals } = cutList;
  const plain = {
    step: 'cut',
    subject: 'trailer',
    counts: true,
    working: [],
  } as const;
  const existing = existingIds.length;
  if (rows.length === 0 && existing === 0)
    return [finding({ ...plain, rule: RULES['no-cut-list'], data: {}, verdict: 'open' })];
  const pieces = rows.reduce((sum, row) => sum + row.quantity, 0);
  return [
    finding({
      ...plain,
      rule: RULES['cut-list'],
      data: { pieces, marks: rows.length, massKg, existing },
      verdict: 'ok',
    }),
    ...totals.flatMap((total) => longerThanStock(trailer, cutList, total)),
  ];
};
