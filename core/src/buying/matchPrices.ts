import type { CutList } from '../fabrication/index.js';
import type { StockRow, Trailer } from '../project/index.js';
import type { PriceItem, PriceList } from './priceList.js';
import type { PurchaseLine } from './line.js';

/** Names that differ by spaces, signs of multiplication and of inches alone are one. */
const plain = (name: string): string =>
  name
    .toLowerCase()
    .replaceAll('×', 'x')
    .replaceAll(/["”″']/g, '')
    .replaceAll(/\s+/g, '');

/** A price that a list has for something of the trailer. */
export interface MatchedPrice {
  readonly item: PriceItem;
  /** the section that it is a length of, or undefined */
  readonly sectionId: string | undefined;
  /** the line of the purchase list that it is of */
  readonly lineId: string;
  /** of one, in the list's currency; of a metre where it is cut to size */
  readonly each: number;
  /** a kilogram then costs many times more, or less, than most of the list: the unit may be another */
  readonly unlikely: boolean;
}

/** So many times off the list's usual price of a kilogram is unlikely. Our choice. */
const FAR_OFF = 6;

/** The lower one of the two in the middle: a slip of the unit makes dear more often than cheap. */
const median = (values: readonly number[]): number | undefined =>
  values.toSorted((a, b) => a - b)[(values.length - 1) >> 1];

const millimetres = (lengthM: number): number => Math.round(lengthM * 1000);

/** What a list says of the trailer's sections and lines; what it does not know is left alone. `nameOf`: what a line is called. */
export const matchPrices = (
  { items }: PriceList,
  { totals }: Pick<CutList, 'totals'>,
  lines: readonly PurchaseLine[],
  nameOf: (line: PurchaseLine) => string,
): readonly MatchedPrice[] => {
  const sections = new Map(totals.map((total) => [plain(total.designation), total]));
  const named = new Map(lines.map((line) => [plain(nameOf(line)), line]));
  const found = items.flatMap((item): readonly (MatchedPrice & { readonly perKg: number | undefined })[] => {
    const total = sections.get(plain(item.name));
    const line = named.get(plain(item.name));
    if (total && item.lengthM !== undefined) {
      const kgPerM = total.massKg / total.lengthM;
      const perM = item.per === 'm' ? item.price : item.per === 'kg' ? item.price * kgPerM : item.price / item.lengthM;
      const toSize = item.cutFee !== undefined;
      return [
        {
          item,
          sectionId: total.sectionId,
          lineId: toSize
            ? `sawn:${total.sectionId}`
            : `stick:${total.sectionId}:${total.materialName}:${millimetres(item.lengthM)}`,
          each: toSize ? perM : perM * item.lengthM,
          unlikely: false,
          perKg: perM / kgPerM,
        },
      ];
    }
    return line
      ? [{ item, sectionId: undefined, lineId: line.id, each: item.price, unlikely: false, perKg: undefined }]
      : [];
  });
  const usual = median(found.flatMap(({ perKg }) => (perKg !== undefined && perKg > 0 ? [perKg] : [])));
  return found.map(({ perKg, ...match }) => ({
    ...match,
    unlikely: perKg !== undefined && usual !== undefined && (perKg > usual * FAR_OFF || perKg < usual / FAR_OFF),
  }));
};

/** The trailer with these prices: lengths of sections as stock that is sold, the rest as prices of their lines. `newId` names new rows. */
export const withPrices = (
  trailer: Trailer,
  list: Pick<PriceList, 'supplier'>,
  matches: readonly MatchedPrice[],
  newId: () => string,
): Trailer => {
  let stock: readonly StockRow[] = trailer.cutting.stock;
  for (const { item, sectionId, each } of matches) {
    const { lengthM, cutFee } = item;
    if (sectionId === undefined || lengthM === undefined) continue;
    const toSize = cutFee !== undefined;
    const known = stock.find(
      (row) =>
        row.sectionId === sectionId &&
        !row.onHand &&
        (row.cutToSize !== undefined) === toSize &&
        millimetres(row.lengthM) === millimetres(lengthM),
    );
    const priced = {
      price: toSize ? null : each,
      available: item.available ?? null,
      // What somebody wrote there stays.
      note: known?.note || list.supplier,
      ...(toSize ? { cutToSize: { perM: each, perCut: cutFee } } : {}),
    };
    stock = known
      ? stock.map((row) => (row === known ? { ...row, ...priced } : row))
      : [...stock, { id: `stock.${newId()}`, sectionId, lengthM, onHand: false, ...priced }];
  }
  const choices = { ...trailer.buying.choices };
  for (const { sectionId, lineId, each } of matches)
    if (sectionId === undefined) {
      const known = choices[lineId] ?? { own: false, spare: 0, priceEach: null, supplier: '' };
      choices[lineId] = { ...known, priceEach: each, supplier: known.supplier || list.supplier };
    }
  return {
    ...trailer,
    cutting: { ...trailer.cutting, stock: [...stock] },
    buying: { ...trailer.buying, choices },
  };
};
