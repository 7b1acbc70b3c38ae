import {
  amountText,
  formatMoney,
  type LedgerLine,
  LINE_STATE_NAMES,
  type LineState,
  PRICE_FROM_NAMES,
  purchaseName,
  sourceText,
  type Speaker,
  STEP_NAMES,
} from '@kereta/core';
import { useId, useState } from 'react';
import { Link } from 'react-router';
import { useEditing } from '../fields/editing';
import { CheckField, TextField } from '../fields/fields';
import { QuantityField } from '../fields/QuantityField';
import { Sized } from '../fields/Sized';
import { PriceHistory } from './PriceHistory';
import type { Purchases } from './purchases';
import { PhotoField } from '../fields/PhotoField';
import { figures, t, voice } from '../fields/language/t';

const STATES = Object.keys(LINE_STATE_NAMES) as LineState[];
const MOST_MONEY = 1e8;

interface LineRowProps {
  readonly entry: LedgerLine;
  readonly say: Speaker;
  readonly purchases: Purchases;
}

/** What was paid for a line, or for something that was not planned. */
const PayFields = ({
  entry,
  name,
  purchases,
}: Pick<LineRowProps, 'entry' | 'purchases'> & { readonly name: string }) => {
  const { trailer } = useEditing();
  const [blobIds, setBlobIds] = useState<readonly string[]>([]);
  return (
    <>
      <QuantityField
        label={t('Paid, {currency}, with tax', { currency: trailer.settings.currency })}
        kind="number"
        value={null}
        min={0}
        max={MOST_MONEY}
        hint={t('Each payment is kept')}
        onCommit={(paid) => {
          purchases.pay({
            what: name,
            paid,
            lineId: entry.line.id,
            group: entry.line.group,
            supplier: entry.supplier,
            blobIds,
          });
          if (entry.state === 'to-buy' || entry.state === 'ordered') purchases.setState(entry.line.id, 'here');
          setBlobIds([]);
        }}
      />
      <PhotoField
        label={t('Photo of the receipt, before you enter what was paid')}
        count={blobIds.length}
        onAdd={(id) => setBlobIds((before) => [...before, id])}
      />
    </>
  );
};

/** What is decided of a line: whether it lies there, what it costs and where, what was paid. */
const LineFields = ({ entry, say, purchases, name }: LineRowProps & { readonly name: string }) => {
  const { trailer } = useEditing();
  const { line, own, spare, supplier, each } = entry;
  const { currency } = trailer.settings;
  const typed = trailer.buying.choices[line.id]?.priceEach ?? null;
  return (
    <div className="grid grid-cols-2 gap-x-3 gap-y-2 pb-3 sm:grid-cols-4">
      <QuantityField
        label={
          line.unit === 'piece'
            ? t('One costs, {currency}', { currency })
            : t('All of it costs, {currency}', { currency })
        }
        kind="number"
        value={typed ?? each}
        min={0}
        max={MOST_MONEY}
        onCommit={(price) => purchases.typePrice(line, price, supplier)}
        onClear={() => purchases.typePrice(line, null, supplier)}
      />
      <TextField
        mayBeEmpty
        label={t('From whom')}
        value={supplier}
        onCommit={(text) => purchases.choose(line.id, t('supplier of a line'), { supplier: text })}
      />
      {line.unit === 'piece' && (
        <QuantityField
          label={t('Spare ones')}
          kind="number"
          value={spare}
          min={0}
          max={10_000}
          onCommit={(count) => purchases.choose(line.id, t('spare ones of a line'), { spare: Math.round(count) })}
        />
      )}
      <CheckField
        label={t('Lies there already')}
        checked={own}
        onCommit={(there) => purchases.choose(line.id, t('whether it lies there already'), { own: there })}
      />
      <PayFields entry={entry} name={name} purchases={purchases} />
      <div className="col-span-2 sm:col-span-4">
        <p className="narrow mute text-[13.5px]">
          <Link className="underline" to={`/trailer/${trailer.id}/${line.step}`}>
            {t('Decided under {step}', { step: t(STEP_NAMES[line.step]) })}
          </Link>
          {line.source && `. ${t('Amount: {source}', { source: sourceText(line.source, voice) })}`}
        </p>
        <PriceHistory lineId={line.id} say={say} />
      </div>
    </div>
  );
};

/** One line of the purchase list; its details open under it. */
export const LineRow = ({ entry, say, purchases }: LineRowProps) => {
  const { trailer, readOnly } = useEditing();
  const [open, setOpen] = useState(false);
  const id = useId();
  const { line, toBuy, own, each, from, planned, state, paid, supplier } = entry;
  const { currency } = trailer.settings;
  const name = purchaseName(line.what, say);
  const price =
    own || toBuy === 0
      ? t('nothing to buy')
      : planned === null
        ? t('price missing')
        : `${figures(formatMoney(planned, currency))}${line.unit === 'piece' && toBuy !== 1 && each !== null ? ` ${t('({each} each)', { each: figures(formatMoney(each, currency)) })}` : ''}`;
  return (
    <li className="border-b border-base-300">
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1 py-2">
        <button
          type="button"
          className="min-h-[44px] min-w-[180px] flex-1 text-left"
          aria-expanded={open}
          aria-controls={id}
          onClick={() => setOpen(!open)}
        >
          <span className="text-[15px]">
            <b>
              <Sized>{own ? '0' : amountText(toBuy, line.unit, say)}</Sized>
            </b>{' '}
            <Sized>{name}</Sized>
          </span>
          <span className="narrow mute block text-[13.5px]">
            {price}
            {from && !own && ` ${t(PRICE_FROM_NAMES[from])}`}
            {from === 'quote' && entry.quote && ` ${t('on {date}', { date: entry.quote.date })}`}
            {supplier && ` · ${supplier}`}
            {paid > 0 && ` ${t('· paid {paid}', { paid: figures(formatMoney(paid, currency)) })}`}
            <span className="hidden print:inline"> · {t(LINE_STATE_NAMES[state])}</span>
          </span>
        </button>
        <select
          className="field-box no-print w-auto"
          aria-label={t('State of {name}', { name })}
          value={state}
          disabled={readOnly || own}
          onChange={(event) => purchases.setState(line.id, event.target.value as LineState)}
        >
          {STATES.map((one) => (
            <option key={one} value={one}>
              {t(LINE_STATE_NAMES[one])}
            </option>
          ))}
        </select>
      </div>
      <div id={id}>{open && <LineFields entry={entry} say={say} purchases={purchases} name={name} />}</div>
    </li>
  );
};
