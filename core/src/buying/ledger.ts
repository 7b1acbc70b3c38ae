import type { PurchaseGroup, RecordEntry, Trailer } from '../project/index.js';
import { PURCHASE_GROUPS, type ProjectRecord, standingEntries } from '../project/index.js';
import type { PurchaseLine } from './line.js';

export type Quote = Extract<RecordEntry, { kind: 'quote' }>;
export type Purchase = Extract<RecordEntry, { kind: 'purchase' }> & { readonly paid: number };
export type LineState = Extract<RecordEntry, { kind: 'line-state' }>['state'];

/** Where the price of a line is from. */
export type PriceFrom = 'typed' | 'plan' | 'quote';

/** A line with what is decided, known and paid of it. */
export interface LedgerLine {
  readonly line: PurchaseLine;
  /** it lies there already */
  readonly own: boolean;
  readonly spare: number;
  readonly supplier: string;
  /** what is needed with what is spare; 0 of what lies there */
  readonly toBuy: number;
  /** of one piece, or of all of what is measured, without tax, in the project's currency; null where nobody knows */
  readonly each: number | null;
  readonly from: PriceFrom | undefined;
  /** the last quote in the project's currency */
  readonly quote: Quote | undefined;
  /** pieces to buy × each, or the price of all, without tax; null where the price is not known */
  readonly planned: number | null;
  readonly state: LineState;
  readonly paid: number;
  /** what is to be spent on it yet, with tax: nothing where it is paid, here or fitted; null where the price is not known */
  readonly left: number | null;
}

export interface LedgerGroup {
  readonly group: PurchaseGroup;
  /** of lines whose price is known, with tax */
  readonly planned: number;
  readonly paid: number;
  readonly left: number;
  /** lines to buy yet that nobody knows the price of */
  readonly unpriced: number;
}

export interface Ledger {
  readonly lines: readonly LedgerLine[];
  readonly groups: readonly LedgerGroup[];
  /** all that count, in the order of their entry */
  readonly purchases: readonly Purchase[];
  /** purchases of nothing on the list: they are in `paid` all the same */
  readonly unplanned: readonly Purchase[];
  readonly planned: number;
  readonly tax: number;
  readonly delivery: number;
  readonly paid: number;
  /** to be spent yet, deliveries in it as long as anything is to be bought */
  readonly left: number;
  /** how far off `left` may be, either way */
  readonly doubt: number;
  readonly unpriced: number;
  /** of the budget, once all is bought; undefined where there is none */
  readonly overBudget: number | undefined;
}

const NOT_SAID = { own: false, spare: 0, priceEach: null, supplier: '' } as const;

/** Purchases that count, in the order of their entry. */
const purchasesOf = (record: ProjectRecord): readonly Purchase[] =>
  standingEntries(record).filter((entry): entry is Purchase => entry.kind === 'purchase' && entry.paid !== null);

/** What a line was seen to cost over time, oldest first; of all currencies. */
export const quotesOf = (record: ProjectRecord, lineId: string): readonly Quote[] =>
  standingEntries(record)
    .filter((entry): entry is Quote => entry.kind === 'quote' && entry.lineId === lineId)
    .toSorted((a, b) => a.date.localeCompare(b.date));

/** A price that nobody dated, that is fresh, and what each month adds. Our choice: prices of metal move. */
const UNDATED_DOUBT = 0.1;
const FRESH_DOUBT = 0.03;
const DOUBT_PER_DAY = 0.02 / 30;
const MOST_DOUBT = 0.3;
const DAY_MS = 24 * 60 * 60 * 1000;

/** How far off a price may be by its age on a day, as a share. */
export const priceDoubt = (from: PriceFrom | undefined, quote: Quote | undefined, today: string): number => {
  if (from !== 'quote' || !quote) return UNDATED_DOUBT;
  const days = (Date.parse(today) - Date.parse(quote.date)) / DAY_MS;
  return Number.isFinite(days) ? Math.min(MOST_DOUBT, FRESH_DOUBT + Math.max(0, days) * DOUBT_PER_DAY) : UNDATED_DOUBT;
};

const ledgerLine = (
  trailer: Trailer,
  line: PurchaseLine,
  quote: Quote | undefined,
  state: LineState,
  paid: number,
): LedgerLine => {
  const { taxShare, choices } = trailer.buying;
  const { own, spare, supplier, priceEach } = choices[line.id] ?? NOT_SAID;
  const each = priceEach ?? line.each ?? quote?.each ?? null;
  // The plan's price of a stick came from a quote where they are the same.
  const from: PriceFrom | undefined =
    priceEach !== null
      ? 'typed'
      : line.each !== null
        ? line.each === quote?.each
          ? 'quote'
          : 'plan'
        : quote && 'quote';
  const toBuy = own ? 0 : line.needed + (line.unit === 'piece' ? spare : 0);
  // What is measured is bought as a can, a roll or a bottle: its price is of all of it.
  const times = line.unit === 'piece' ? toBuy : Math.min(1, Math.ceil(toBuy));
  const planned = times === 0 ? 0 : each === null ? null : times * each;
  const done = paid > 0 || state === 'here' || state === 'fitted';
  return {
    line,
    own,
    spare,
    supplier: supplier || (quote?.supplier ?? ''),
    toBuy,
    each,
    from,
    quote,
    planned,
    state,
    paid,
    left: done ? 0 : planned === null ? null : planned * (1 + taxShare),
  };
};

const sumOf = <T>(things: readonly T[], of: (thing: T) => number): number =>
  things.reduce((sum, thing) => sum + of(thing), 0);

/** Planned against paid, line by line and group by group. `today`: a day as YYYY-MM-DD, for the age of prices. */
export const ledgerOf = (
  trailer: Trailer,
  record: ProjectRecord,
  lines: readonly PurchaseLine[],
  today: string,
): Ledger => {
  const { taxShare, delivery, budget } = trailer.buying;
  const { currency } = trailer.settings;
  const entries = standingEntries(record);
  const quotes = new Map<string, Quote>();
  const states = new Map<string, LineState>();
  for (const entry of entries) {
    if (entry.kind === 'line-state') states.set(entry.lineId, entry.state);
    if (entry.kind === 'quote' && entry.currency === currency) {
      const known = quotes.get(entry.lineId);
      if (!known || entry.date >= known.date) quotes.set(entry.lineId, entry);
    }
  }
  const purchases = purchasesOf(record);
  const ids = new Set(lines.map(({ id }) => id));
  const paidFor = (id: string): number =>
    sumOf(
      purchases.filter(({ lineId }) => lineId === id),
      ({ paid }) => paid,
    );
  const own = lines.map((line) =>
    ledgerLine(trailer, line, quotes.get(line.id), states.get(line.id) ?? 'to-buy', paidFor(line.id)),
  );
  const unplanned = purchases.filter(({ lineId }) => lineId === undefined || !ids.has(lineId));
  const groups = PURCHASE_GROUPS.map((group): LedgerGroup => {
    const ofGroup = own.filter(({ line }) => line.group === group);
    return {
      group,
      planned: sumOf(ofGroup, ({ planned }) => planned ?? 0) * (1 + taxShare),
      paid:
        sumOf(ofGroup, ({ paid }) => paid) +
        sumOf(
          unplanned.filter((purchase) => (purchase.group ?? 'other') === group),
          ({ paid }) => paid,
        ),
      left: sumOf(ofGroup, ({ left }) => left ?? 0),
      unpriced: ofGroup.filter(({ left }) => left === null).length,
    };
  }).filter(({ planned, paid, unpriced }) => planned > 0 || paid > 0 || unpriced > 0);
  const net = sumOf(own, ({ planned }) => planned ?? 0);
  const unpriced = sumOf(groups, (group) => group.unpriced);
  const leftOfLines = sumOf(groups, (group) => group.left);
  const left = leftOfLines + (leftOfLines > 0 || unpriced > 0 ? delivery : 0);
  const paid = sumOf(purchases, (purchase) => purchase.paid);
  return {
    lines: own,
    groups,
    purchases,
    unplanned,
    planned: net * (1 + taxShare) + delivery,
    tax: net * taxShare,
    delivery,
    paid,
    left,
    doubt: Math.hypot(...own.map((one) => (one.left ?? 0) * priceDoubt(one.from, one.quote, today))),
    unpriced,
    overBudget: budget === null ? undefined : paid + left - budget,
  };
};
