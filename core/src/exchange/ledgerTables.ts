import type { Ledger } from '../buying/index.js';
import type { Trailer } from '../project/index.js';
import { amountText, LINE_STATE_NAMES, PURCHASE_GROUP_NAMES, purchaseName, speaker } from '../wording/index.js';

/** A table of a spreadsheet; sums of money as numbers, in the trailer's currency. */
export interface LedgerTable {
  readonly name: string;
  readonly head: readonly string[];
  readonly rows: readonly (readonly (string | number | null)[])[];
}

const cents = (sum: number | null): number | null => (sum === null ? null : Math.round(sum * 100) / 100);

/** What is to be bought and what was paid, as three tables: lines, purchases, groups with their sums. */
export const ledgerTables = (trailer: Trailer, ledger: Ledger): readonly LedgerTable[] => {
  const say = speaker(trailer);
  const { currency } = trailer.settings;
  const nameOf = new Map(ledger.lines.map(({ line }) => [line.id, purchaseName(line.what, say)]));
  const money = (what: string): string => `${what}, ${currency}`;
  return [
    {
      name: 'To buy',
      head: [
        'Group',
        'What',
        'Amount',
        money('Each'),
        money('Planned, without tax'),
        'State',
        'Supplier',
        money('Paid'),
        money('Left, with tax'),
      ],
      rows: ledger.lines.map(({ line, toBuy, each, planned, state, supplier, paid, left, own }) => [
        PURCHASE_GROUP_NAMES[line.group],
        nameOf.get(line.id) ?? '',
        own ? 'there already' : amountText(toBuy, line.unit, say),
        cents(each),
        cents(planned),
        LINE_STATE_NAMES[state],
        supplier,
        cents(paid),
        cents(left),
      ]),
    },
    {
      name: 'Paid',
      head: ['Date', 'What', 'Planned as', 'Supplier', money('Paid'), 'Note'],
      rows: ledger.purchases.map(({ date, what, lineId, supplier, paid, note }) => [
        date,
        what,
        (lineId === undefined ? undefined : nameOf.get(lineId)) ?? 'not planned',
        supplier ?? '',
        cents(paid),
        note ?? '',
      ]),
    },
    {
      name: 'Sums',
      head: ['Group', money('Planned, with tax'), money('Paid'), money('Left, with tax'), 'Lines without a price'],
      rows: [
        ...ledger.groups.map(({ group, planned, paid, left, unpriced }) => [
          PURCHASE_GROUP_NAMES[group],
          cents(planned),
          cents(paid),
          cents(left),
          unpriced,
        ]),
        ['Deliveries', cents(ledger.delivery), null, null, null],
        ['Together', cents(ledger.planned), cents(ledger.paid), cents(ledger.left), ledger.unpriced],
      ],
    },
  ];
};
