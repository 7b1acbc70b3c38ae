export { allWelds, usualLegOf, type WeldLength } from './consumables.js';
export {
  type Ledger,
  type LedgerGroup,
  type LedgerLine,
  ledgerOf,
  type LineState,
  type PriceFrom,
  type Purchase,
  type Quote,
  quotesOf,
} from './ledger.js';
export type { LineUnit, LineWhat, PartCode, PurchaseLine } from './line.js';
export { type MatchedPrice, matchPrices, withPrices } from './matchPrices.js';
export {
  guessColumns,
  type PriceColumns,
  type PriceItem,
  type PriceList,
  priceListOf,
  type PriceListProblem,
  type PriceRowProblem,
  type PriceTable,
  readFigure,
  readPriceTable,
  readYardList,
} from './priceList.js';
export { type Variant, type VariantFigures, variantFigures, type Variants, variantSteps } from './variants.js';
export { withStickPrice } from './stickPrice.js';
export { purchaseLines } from './purchaseList.js';
