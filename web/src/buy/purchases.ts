import {
  type Buying,
  type LineState,
  type MatchedPrice,
  type PriceList,
  type PurchaseGroup,
  type PurchaseLine,
  type Trailer,
  withPrices,
  withStickPrice,
} from '@kereta/core';
import { nanoid } from 'nanoid';
import type { ProjectStore } from '../bench/projectStore';
import { today } from '../fields/newEntry';
import { t } from '../fields/language/t';

type Choice = Buying['choices'][string];
const NOT_SAID: Choice = { own: false, spare: 0, priceEach: null, supplier: '' };

interface Paid {
  readonly what: string;
  readonly paid: number;
  readonly lineId?: string;
  readonly group?: PurchaseGroup;
  readonly supplier?: string;
  readonly blobIds?: readonly string[];
}

/** What is done on the purchase list: decisions are design and can be undone; prices seen, orders and money are recorded. */
export interface Purchases {
  readonly choose: (lineId: string, said: string, change: Partial<Choice>) => void;
  readonly setState: (lineId: string, state: LineState) => void;
  /** a price typed by hand: it counts at once, and its day is kept */
  readonly typePrice: (line: PurchaseLine, each: number | null, supplier: string) => void;
  readonly pay: (purchase: Paid) => void;
  /** a purchase was noted by mistake */
  readonly takeBack: (id: string) => void;
  readonly takePrices: (list: PriceList, source: 'list' | 'yard', matches: readonly MatchedPrice[]) => void;
  readonly change: (said: string, change: Partial<Buying>) => void;
}

const withBuying = (trailer: Trailer, change: Partial<Buying>): Trailer => ({
  ...trailer,
  buying: { ...trailer.buying, ...change },
});

export const purchasesIn = (projectStore: ProjectStore): Purchases => {
  const entry = () => ({ id: `buy.${nanoid(8)}`, date: today() });
  const choose: Purchases['choose'] = (lineId, said, change) =>
    projectStore.edit(said, (trailer) =>
      withBuying(trailer, {
        choices: {
          ...trailer.buying.choices,
          [lineId]: { ...(trailer.buying.choices[lineId] ?? NOT_SAID), ...change },
        },
      }),
    );
  return {
    choose,
    setState: (lineId, state) => projectStore.note({ kind: 'line-state', ...entry(), lineId, state }),
    typePrice: ({ id: lineId, what }, each, supplier) => {
      // The plan of sticks goes by what they cost: their price belongs there.
      if (what.kind === 'stick' && !what.toSize)
        projectStore.edit(t('price of a stick'), (trailer) => withStickPrice(trailer, what, each, () => nanoid(8)));
      else choose(lineId, t('price of a line'), { priceEach: each });
      if (each === null) return;
      const { currency } = projectStore.trailerNow().settings;
      projectStore.note({ kind: 'quote', ...entry(), lineId, each, currency, supplier, source: 'typed' });
    },
    pay: ({ blobIds, ...paid }) =>
      projectStore.note({
        kind: 'purchase',
        ...entry(),
        ...paid,
        ...(blobIds && blobIds.length > 0 ? { blobIds: [...blobIds] } : {}),
      }),
    takeBack: (id) => {
      const old = projectStore.projectNow().record.entries.find((one) => one.id === id);
      if (old?.kind === 'purchase') projectStore.note({ ...old, ...entry(), corrects: id, paid: null });
    },
    takePrices: (list, source, matches) => {
      projectStore.edit(t('prices of {supplier}', { supplier: list.supplier }), (trailer) =>
        withPrices(trailer, list, matches, () => nanoid(8)),
      );
      for (const { lineId, each } of matches)
        projectStore.note({
          kind: 'quote',
          ...entry(),
          date: list.date,
          lineId,
          each,
          currency: list.currency,
          supplier: list.supplier,
          source,
        });
    },
    change: (said, change) => projectStore.edit(said, (trailer) => withBuying(trailer, change)),
  };
};
