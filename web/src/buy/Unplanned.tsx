import { formatMoney, type Ledger } from '@kereta/core';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import { useEditing } from '../fields/editing';
import { TextField } from '../fields/fields';
import { QuantityField } from '../fields/QuantityField';
import type { Purchases } from './purchases';
import { PhotoField } from '../fields/PhotoField';
import { Photos } from '../fields/Photos';
import { figures, t } from '../fields/language/t';

const MOST_MONEY = 1e8;

/** Something bought that stood on no list, or a line of one's own for something that is still to be bought. */
const Add = ({ purchases }: { readonly purchases: Purchases }) => {
  const { trailer, readOnly } = useEditing();
  const [what, setWhat] = useState('');
  const [blobIds, setBlobIds] = useState<readonly string[]>([]);
  const { currency } = trailer.settings;
  const done = (): void => {
    setWhat('');
    setBlobIds([]);
  };
  return (
    <div className="mt-2 grid grid-cols-2 gap-3 sm:grid-cols-4">
      <TextField label={t('What else')} value={what} onCommit={setWhat} />
      <PhotoField
        label={t('Photo of the receipt, before you enter what was paid')}
        count={blobIds.length}
        onAdd={(id) => setBlobIds((before) => [...before, id])}
      />
      {what !== '' && (
        <>
          <QuantityField
            label={t('Paid for {what}, {currency}', { what, currency })}
            kind="number"
            value={null}
            min={0}
            max={MOST_MONEY}
            onCommit={(paid) => {
              purchases.pay({ what, paid, group: 'other', blobIds });
              done();
            }}
          />
          <button
            type="button"
            className="button self-end"
            disabled={readOnly}
            onClick={() => {
              const own = {
                id: `own.${nanoid(8)}`,
                group: 'other' as const,
                what,
                count: 1,
                priceEach: null,
                note: '',
              };
              purchases.change(t('a line of one’s own'), { lines: [...trailer.buying.lines, own] });
              done();
            }}
          >
            {t('Put on the list')}
          </button>
        </>
      )}
    </div>
  );
};

/** Everything that was paid, planned or not, and what is added by hand. */
export const Unplanned = ({ ledger, purchases }: { readonly ledger: Ledger; readonly purchases: Purchases }) => {
  const { trailer, readOnly } = useEditing();
  const unplanned = new Set(ledger.unplanned);
  return (
    <section aria-label={t('Paid')} className="mt-5">
      <h2 className="text-[17px] font-bold">{t('Paid')}</h2>
      <ul>
        {ledger.purchases.map((purchase) => (
          <li key={purchase.id} className="flex flex-wrap items-center gap-x-3 border-b border-base-300 py-1">
            <span className="min-w-[180px] flex-1 text-[14.5px]">
              {purchase.date} · {purchase.what}
              {unplanned.has(purchase) && <span className="mute"> {t('· not planned')}</span>}
              {purchase.supplier && ` · ${purchase.supplier}`}
            </span>
            <Photos blobIds={purchase.blobIds ?? []} name={t('Receipt')} />
            <b>{figures(formatMoney(purchase.paid, trailer.settings.currency))}</b>
            <button
              type="button"
              className="button no-print"
              disabled={readOnly}
              aria-label={t('Take back {what}', { what: purchase.what })}
              onClick={() => purchases.takeBack(purchase.id)}
            >
              {t('Take back')}
            </button>
          </li>
        ))}
      </ul>
      {ledger.purchases.length === 0 && <p className="mute text-[14px]">{t('Nothing yet.')}</p>}
      <div className="no-print">
        <Add purchases={purchases} />
      </div>
    </section>
  );
};
