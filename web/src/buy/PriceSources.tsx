import {
  guessColumns,
  type LedgerLine,
  type MatchedPrice,
  matchPrices,
  type PriceColumns,
  type PriceList,
  priceListOf,
  priceListSentence,
  type PriceTable,
  purchaseName,
  readPriceTable,
  type Speaker,
  type CutList,
} from '@kereta/core';
import { useId, useState } from 'react';
import { useEditing } from '../fields/editing';
import { SelectField } from '../fields/fields';
import { today } from '../fields/newEntry';
import { recall, remember } from '../storage/remembered';
import { askPrices, askYards, type YardName } from './askYard';
import { PriceReview } from './PriceReview';
import type { Purchases } from './purchases';
import { t, voice } from '../fields/language/t';

interface PriceSourcesProps {
  readonly cutList: CutList;
  readonly lines: readonly LedgerLine[];
  readonly say: Speaker;
  readonly purchases: Purchases;
}

type Found = { readonly list: PriceList; readonly source: 'list' | 'yard' };

/** Columns of a list with the same headings are asked for once. */
const columnsKey = ({ columns }: PriceTable): string => `price-columns ${columns.join('|')}`.slice(0, 400);
const knownColumns = (table: PriceTable): PriceColumns => {
  const guessed = guessColumns(table);
  try {
    const kept: unknown = JSON.parse(recall(columnsKey(table)) ?? 'null');
    return typeof kept === 'object' && kept !== null ? { ...guessed, ...kept } : guessed;
  } catch {
    return guessed;
  }
};

const UNITS = [
  { value: 'ft', text: t('feet') },
  { value: 'in', text: t('inches') },
  { value: 'm', text: t('metres') },
  { value: 'mm', text: t('mm') },
] as const;
const PER = [
  { value: 'piece', text: t('one') },
  { value: 'm', text: t('a metre') },
  { value: 'kg', text: t('a kilogram') },
] as const;
const NONE = 'none';

/** Which column of a supplier's list is what. */
const Columns = ({
  table,
  onRead,
}: {
  readonly table: PriceTable;
  readonly onRead: (columns: PriceColumns) => void;
}) => {
  const [columns, setColumns] = useState(() => knownColumns(table));
  const options = table.columns.map((text, i) => ({ value: String(i), text: text || t('column {i}', { i: i + 1 }) }));
  const set = (change: Partial<PriceColumns>): void => setColumns((before) => ({ ...before, ...change }));
  return (
    <div className="mt-2 grid grid-cols-2 gap-3">
      <SelectField
        label={t('Name stands under')}
        value={String(columns.name)}
        options={options}
        onCommit={(value) => set({ name: Number(value) })}
      />
      <SelectField
        label={t('Price stands under')}
        value={String(columns.price)}
        options={options}
        onCommit={(value) => set({ price: Number(value) })}
      />
      <SelectField
        label={t('Length stands under')}
        value={columns.length === undefined ? NONE : String(columns.length)}
        options={[{ value: NONE, text: t('no column') }, ...options]}
        onCommit={(value) => set({ length: value === NONE ? undefined : Number(value) })}
      />
      <SelectField
        label={t('Lengths are in')}
        value={columns.lengthUnit}
        options={UNITS}
        onCommit={(lengthUnit) => set({ lengthUnit })}
      />
      <SelectField label={t('A price is of')} value={columns.per} options={PER} onCommit={(per) => set({ per })} />
      <button
        type="button"
        className="button self-end"
        onClick={() => {
          remember(columnsKey(table), JSON.stringify(columns));
          onRead(columns);
        }}
      >
        {t('Read the prices')}
      </button>
    </div>
  );
};

/** What was asked, of a yard or a file, and what came of it. */
const usePriceSearch = () => {
  const [yards, setYards] = useState<readonly YardName[]>();
  const [found, setFound] = useState<Found>();
  const [table, setTable] = useState<{ readonly table: PriceTable; readonly file: string }>();
  const [told, setTold] = useState('');
  const [asking, setAsking] = useState(false);
  const forget = (words: string): void => {
    setFound(undefined);
    setTable(undefined);
    setTold(words);
  };
  const during = async (work: () => Promise<string>): Promise<void> => {
    setAsking(true);
    forget('');
    setTold(await work());
    setAsking(false);
  };
  return {
    yards,
    found,
    table,
    told,
    asking,
    forget,
    setFound,
    findYards: () =>
      during(async () => {
        const answer = await askYards();
        if (answer.ok) setYards(answer.value);
        return answer.ok ? (answer.value.length === 0 ? t('There is no yard.') : '') : answer.told;
      }),
    ask: (yard: YardName, date: string) =>
      during(async () => {
        const answer = await askPrices(yard.id, date === '' ? undefined : date);
        if (answer.ok) setFound({ list: answer.value, source: 'yard' });
        return answer.ok ? '' : answer.told;
      }),
    readFile: (file: File | undefined) =>
      during(async () => {
        if (!file) return '';
        const read = readPriceTable(await file.text());
        if (read.ok) setTable({ table: read.value, file: file.name });
        return read.ok ? '' : priceListSentence(read.error, voice);
      }),
  };
};

/** Prices from a yard’s list or from a supplier’s file, looked over before they count. */
export const PriceSources = ({ cutList, lines, say, purchases }: PriceSourcesProps) => {
  const { trailer, readOnly } = useEditing();
  const { yards, found, table, told, asking, forget, setFound, findYards, ask, readFile } = usePriceSearch();
  const [date, setDate] = useState('');
  const fileId = useId();
  const dateId = useId();
  const matches: readonly MatchedPrice[] = found
    ? matchPrices(
        found.list,
        cutList,
        lines.map(({ line }) => line),
        (line) => purchaseName(line.what, say),
      )
    : [];
  return (
    <section aria-label={t('Prices')} className="no-print mt-4">
      <h2 className="text-[17px] font-bold">{t('Prices')}</h2>
      <div className="mt-2 flex flex-wrap items-end gap-3">
        {yards === undefined ? (
          <button type="button" className="button" disabled={asking} onClick={() => void findYards()}>
            {t('Ask a yard')}
          </button>
        ) : (
          <>
            {yards.map((yard) => (
              <button
                key={yard.id}
                type="button"
                className="button"
                disabled={asking}
                onClick={() => void ask(yard, date)}
              >
                {yard.name}, {yard.currency}
              </button>
            ))}
            <div>
              <label htmlFor={dateId} className="narrow mb-1 block text-[14px] leading-[18px]">
                {t('On another day')}
              </label>
              <input
                id={dateId}
                type="date"
                className="field-box"
                max={today()}
                value={date}
                onChange={(event) => setDate(event.target.value)}
              />
            </div>
          </>
        )}
        <div>
          <label htmlFor={fileId} className="narrow mb-1 block text-[14px] leading-[18px]">
            {t('A supplier’s list, CSV')}
          </label>
          <input
            id={fileId}
            type="file"
            accept=".csv,.tsv,.txt,text/csv"
            className="file-input"
            disabled={readOnly}
            onChange={(event) => {
              void readFile(event.target.files?.[0]);
              event.target.value = '';
            }}
          />
        </div>
      </div>
      <p className="mt-1 min-h-[20px] text-[14px]" role="status">
        {asking ? t('Asking …') : told}
      </p>
      {table && (
        <Columns
          key={table.file}
          table={table.table}
          onRead={(columns) =>
            setFound({
              list: priceListOf(table.table, columns, {
                supplier: table.file.replace(/\.[a-z]+$/i, ''),
                currency: trailer.settings.currency,
                date: today(),
              }),
              source: 'list',
            })
          }
        />
      )}
      {found && (
        <PriceReview
          key={`${found.list.supplier} ${found.list.date} ${found.list.items.length}`}
          list={found.list}
          matches={matches}
          say={say}
          onTake={(taken) => {
            purchases.takePrices(found.list, found.source, taken);
            forget(t('{count} prices taken; pieces are laid on sticks anew.', { count: taken.length }));
          }}
          onDrop={() => forget('')}
        />
      )}
    </section>
  );
};
