import type { Part, Stock } from '../nesting/index.js';
import type { HeldStick, Trailer } from '../project/index.js';
import { inches, millimetres } from '../units/index.js';
import type { StockTotal } from './cutList.js';
import { CUT_WITHIN_M, cutBarId, type CutPiece, serves } from './cutPieces.js';
import type { FixedStick } from './fixedSticks.js';
import type { StickPiece } from './sticks.js';
import { type Offered, stockOf } from './stock.js';

export const up = (lengthM: number, unitM: number): number => Math.ceil(lengthM / unitM - 1e-6);
export const down = (lengthM: number, unitM: number): number => Math.floor(lengthM / unitM + 1e-6);

/** Lengths are counted in one of these, m: pieces upwards, sticks downwards. */
const UNITS_M = [inches(1 / 32), millimetres(0.5)] as const;

/** The unit in which pieces and their cuts are lengthened least, and sticks shortened, whatever sizes are told in. */
export const unitOf = (piecesM: readonly number[], kerfM: number, sticksM: readonly number[]): number => {
  const addedM = (lengthM: number, unitM: number): number => up(lengthM, unitM) * unitM - lengthM;
  const lostM = (unitM: number): number =>
    piecesM.reduce((sum, lengthM) => sum + addedM(lengthM, unitM) + addedM(kerfM, unitM), 0) +
    sticksM.reduce((sum, lengthM) => sum + lengthM - down(lengthM, unitM) * unitM, 0);
  const [inch, metre] = UNITS_M;
  return lostM(metre) < lostM(inch) ? metre : inch;
};

/** Prices are counted in hundredths. */
export const HUNDREDTHS = 100;

/** A stick that nothing has been cut from. */
type FreshStick = Pick<HeldStick, 'stockId' | 'origin' | 'lengthM' | 'trimM' | 'price' | 'onHand' | 'note'>;

/** Something that pieces can be cut from, and what the stick is that comes of it. */
export type Offer = Stock & {
  readonly from: /** the end of a stick that is begun or held */
  { readonly kind: 'rest'; readonly stick: FixedStick } | { readonly kind: 'fresh'; readonly stick: FreshStick };
};

/** Alike pieces, and the part of the problem that they are. */
export interface PartPieces {
  readonly part: Part;
  readonly pieces: readonly StickPiece[];
}

/** What is wanted in whole units: alike pieces are one part. */
export const partsOf = (pieces: readonly StickPiece[], kerfM: number, unitM: number): readonly PartPieces[] => {
  const parts = new Map<string, { part: Part; pieces: StickPiece[] }>();
  for (const piece of pieces) {
    const lostM = kerfM / Math.cos(piece.angleRad) - kerfM;
    const slant = piece.nests ? down(piece.slantM - lostM, unitM) : 0;
    const length = up(piece.lengthM, unitM);
    const key = `${length} ${slant > 0 ? `${piece.nests?.name} ${slant}` : ''}`;
    const own = [...(parts.get(key)?.pieces ?? []), piece];
    const nests = slant > 0 && piece.nests ? { nests: { name: piece.nests.name, slant } } : {};
    parts.set(key, { part: { length, quantity: own.length, ...nests }, pieces: own });
  }
  return [...parts.values()];
};

interface Asked {
  readonly trailer: Trailer;
  readonly total: StockTotal;
  readonly parts: readonly PartPieces[];
  readonly fixed: readonly FixedStick[];
  readonly cuts: readonly CutPiece[];
  /** how many of each row of stock are taken already */
  readonly used: ReadonlyMap<string, number>;
  readonly unitM: number;
}

/** Pieces that came out wrong, or that nothing wants any more: short bars to cut others from. */
const fromCutPieces = ({ total, parts, cuts, used, unitM }: Asked): readonly Offer[] =>
  cuts.flatMap((cut): Offer[] => {
    const { entry, state } = cut;
    const { stick, lengthM, mark } = entry;
    if (serves(state) || stick.sectionId !== total.sectionId || stick.materialName !== total.materialName) return [];
    if (used.has(cutBarId(entry))) return [];
    // What is as long as it was to be takes another of that length.
    const length = Math.max(
      down(lengthM, unitM),
      ...parts.flatMap(({ part, pieces }) =>
        Math.abs((pieces[0]?.lengthM ?? 0) - lengthM) <= CUT_WITHIN_M ? [part.length] : [],
      ),
    );
    return [
      {
        length,
        price: 0,
        available: 1,
        from: {
          kind: 'fresh',
          stick: {
            stockId: cutBarId(entry),
            origin: 'cut-piece',
            lengthM,
            trimM: 0,
            price: 0,
            onHand: true,
            note: mark,
          },
        },
      },
    ];
  });

/** Whether it is known what it costs; who saws to size is on offer only where it is. */
const isPriced = ({ price, onHand, cutToSize }: Offered): boolean =>
  onHand || price !== null || cutToSize !== undefined;

const toSize = (row: Offered, { parts, unitM }: Asked): readonly Offer[] =>
  parts.flatMap(({ part, pieces }): Offer[] => {
    const lengthM = pieces[0]?.lengthM ?? 0;
    const { cutToSize } = row;
    if (!cutToSize || lengthM > row.lengthM + unitM / 10) return [];
    const price = (cutToSize.perM ?? 0) * lengthM + (cutToSize.perCut ?? 0);
    return [
      {
        length: part.length,
        price: Math.round(price * HUNDREDTHS),
        available: null,
        from: {
          kind: 'fresh',
          stick: {
            stockId: row.id ?? null,
            origin: 'cut-to-size',
            lengthM,
            trimM: 0,
            price,
            onHand: false,
            note: row.note,
          },
        },
      },
    ];
  });

/**
 * All that the pieces can be cut from; whether every price is known. Where not, the least metal is bought, and nothing is had cut to size.
 */
export const offersOf = (
  asked: Asked,
): { readonly offers: readonly Offer[]; readonly priced: boolean; readonly assumed: boolean } => {
  const { trailer, total, fixed, used, unitM } = asked;
  const { trimM } = trailer.cutting;
  const stock = stockOf(trailer, total);
  const priced = stock.every(isPriced);
  const rests = fixed.flatMap((stick): Offer[] =>
    stick.roomM > unitM
      ? [{ length: down(stick.roomM, unitM), price: 0, available: 1, begun: true, from: { kind: 'rest', stick } }]
      : [],
  );
  const rows = stock.flatMap((row): readonly Offer[] => {
    const { id, lengthM, price, onHand, available, note, cutToSize } = row;
    if (cutToSize) return priced ? toSize(row, asked) : [];
    return [
      {
        length: Math.max(0, down(lengthM - 2 * trimM, unitM)),
        // Where no price is known, the least metal is bought.
        price: onHand ? 0 : priced ? Math.round((price ?? 0) * HUNDREDTHS) : up(lengthM, unitM),
        available: available === null ? null : Math.max(0, available - (used.get(id ?? '') ?? 0)),
        from: {
          kind: 'fresh',
          stick: {
            stockId: id ?? null,
            origin: 'stock',
            lengthM,
            trimM,
            price: onHand ? 0 : price,
            onHand,
            note,
          },
        },
      },
    ];
  });
  return {
    offers: [...rests, ...fromCutPieces(asked), ...rows],
    priced,
    assumed: stock.some(({ id }) => id === undefined),
  };
};
