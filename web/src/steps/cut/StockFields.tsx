import { feet, type StockRow, usualLengthsM } from '@kereta/core';
import { Trash2 } from 'lucide-react';
import { nanoid } from 'nanoid';
import { useWorkbench } from '../../bench/workbench';
import { useEditing } from '../../fields/editing';
import { TextField } from '../../fields/fields';
import { QuantityField } from '../../fields/QuantityField';
import { Sized } from '../../fields/Sized';
import { useRecord } from '../../fields/useRecord';

interface RowProps {
  readonly row: StockRow;
  readonly currency: string;
  readonly onChange: (said: string, change: Partial<StockRow>) => void;
  readonly onRemove: () => void;
}

/** One length of a section: what it costs, or that it lies there already. */
const StockRowFields = ({ row, currency, onChange, onRemove }: RowProps) => {
  const { readOnly } = useEditing();
  return (
    <li className="grid grid-cols-2 gap-x-3 gap-y-2 border-t border-base-300 py-2">
      <QuantityField
        label={row.onHand ? 'On hand, this long' : 'Sold this long'}
        kind="length"
        value={row.lengthM}
        of="cutting.stock.lengthM"
        onCommit={(lengthM) => onChange('length of stock', { lengthM })}
      />
      {row.onHand ? (
        <QuantityField
          label="How many"
          kind="number"
          value={row.available}
          of="cutting.stock.available"
          onCommit={(available) => onChange('stock on hand', { available: Math.round(available) })}
        />
      ) : (
        <QuantityField
          label={`Each costs, ${currency}`}
          kind="number"
          value={row.price}
          of="cutting.stock.price"
          onCommit={(price) => onChange('price of a stick', { price })}
          onClear={() => onChange('price of a stick', { price: null })}
        />
      )}
      <TextField label="Note" value={row.note} onCommit={(note) => onChange('note on stock', { note })} />
      <div className="flex items-end">
        <button type="button" className="button" disabled={readOnly} onClick={onRemove}>
          <Trash2 size={16} aria-hidden /> Take off
        </button>
      </div>
    </li>
  );
};

/** The saw, and what is sold or lies there of each section. */
export const StockFields = () => {
  const { trailer, readOnly } = useEditing();
  const { evaluation, say } = useWorkbench('evaluation', 'say');
  const usual = usualLengthsM(trailer)
    .map((lengthM) => say.length(lengthM))
    .join(' and ');
  const [cutting, setCutting] = useRecord('cutting');
  const metric = trailer.settings.units === 'metric';
  const setRows = (said: string, stock: readonly StockRow[]): void => setCutting(said, { stock: [...stock] });
  const add = (sectionId: string, onHand: boolean): void =>
    setRows(onHand ? 'stock on hand' : 'a length that is sold', [
      ...cutting.stock,
      {
        id: `stock.${nanoid(8)}`,
        sectionId,
        lengthM: onHand ? (metric ? 1 : feet(3)) : (usualLengthsM(trailer)[0] ?? 6),
        price: null,
        available: onHand ? 1 : null,
        onHand,
        note: '',
      },
    ]);
  const sections = [...new Map(evaluation.cutList.totals.map((total) => [total.sectionId, total.designation]))];
  return (
    <details className="border-t border-base-300">
      <summary className="flex min-h-[44px] items-center px-4 font-semibold">Saw and stock</summary>
      <div className="px-4 pb-3">
        <div className="grid grid-cols-2 gap-x-3 gap-y-2">
          <QuantityField
            label="Saw eats per cut"
            kind="length"
            value={cutting.kerfM}
            of="cutting.kerfM"
            onCommit={(kerfM) => setCutting('what the saw eats', { kerfM })}
          />
          <QuantityField
            label="Cut off each end first"
            kind="length"
            value={cutting.trimM}
            of="cutting.trimM"
            hint="Mill ends are seldom square"
            onCommit={(trimM) => setCutting('what is cut off the ends', { trimM })}
          />
          <QuantityField
            label="Offcuts kept from"
            kind="length"
            value={cutting.keepM}
            of="cutting.keepM"
            onCommit={(keepM) => setCutting('offcuts kept', { keepM })}
          />
        </div>
        {sections.map(([sectionId, designation]) => {
          const rows = cutting.stock.filter((row) => row.sectionId === sectionId);
          return (
            <fieldset key={sectionId} className="mt-3 border-t border-[var(--ink)] pt-2">
              <legend className="sr-only">Stock of {designation}</legend>
              <p className="font-semibold" aria-hidden>
                <Sized>{designation}</Sized>
              </p>
              {!rows.some(({ onHand }) => !onHand) && (
                <p className="narrow mute text-[13px]">
                  Taken to be sold in {usual}, as is usual, by the weight’s price where that is known.
                </p>
              )}
              <ul>
                {rows.map((row) => (
                  <StockRowFields
                    key={row.id}
                    row={row}
                    currency={trailer.settings.currency}
                    onChange={(said, change) =>
                      setRows(
                        said,
                        cutting.stock.map((one) => (one.id === row.id ? { ...one, ...change } : one)),
                      )
                    }
                    onRemove={() =>
                      setRows(
                        'stock taken off',
                        cutting.stock.filter((one) => one.id !== row.id),
                      )
                    }
                  />
                ))}
              </ul>
              <div className="mt-1 flex flex-wrap gap-2">
                <button type="button" className="button" disabled={readOnly} onClick={() => add(sectionId, false)}>
                  A length that is sold
                </button>
                <button type="button" className="button" disabled={readOnly} onClick={() => add(sectionId, true)}>
                  One on hand
                </button>
              </div>
            </fieldset>
          );
        })}
      </div>
    </details>
  );
};
