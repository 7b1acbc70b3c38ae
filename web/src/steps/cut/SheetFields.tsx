import { type SheetGroup, SHEET_NAMES, type SheetSizeRow, usualSheets } from '@kereta/core';
import { Trash2 } from 'lucide-react';
import { nanoid } from 'nanoid';
import { useEditing } from '../../fields/editing';
import { CheckField } from '../../fields/fields';
import { QuantityField } from '../../fields/QuantityField';
import { useRecord } from '../../fields/useRecord';

const MOST_MONEY = 1e8;
const USUAL = { kerfM: 0.003, keepsGrain: false, table: false, sizes: [] } as const;
type Sheets = { kerfM: number; keepsGrain: boolean; table: boolean; sizes: SheetSizeRow[] };

const nameOf = (of: SheetSizeRow['of']): string => (of === 'plate' ? 'Plate' : SHEET_NAMES[of]);

interface SizeProps {
  readonly size: SheetSizeRow;
  readonly currency: string;
  readonly onChange: (said: string, change: Partial<SheetSizeRow>) => void;
  readonly onRemove: () => void;
}

const SizeFields = ({ size, currency, onChange, onRemove }: SizeProps) => {
  const { readOnly } = useEditing();
  return (
    <li className="grid grid-cols-2 gap-x-3 gap-y-2 border-t border-base-300 py-2">
      <QuantityField
        label={`${nameOf(size.of)}, length`}
        kind="length"
        value={size.lengthM}
        min={0.1}
        max={15}
        onCommit={(lengthM) => onChange('length of a sheet', { lengthM })}
      />
      <QuantityField
        label="Width"
        kind="length"
        value={size.widthM}
        min={0.1}
        max={5}
        onCommit={(widthM) => onChange('width of a sheet', { widthM })}
      />
      <QuantityField
        label={`Each costs, ${currency}`}
        kind="number"
        value={size.price}
        min={0}
        max={MOST_MONEY}
        onCommit={(price) => onChange('price of a sheet', { price })}
        onClear={() => onChange('price of a sheet', { price: null })}
      />
      <button type="button" className="button self-end" disabled={readOnly} onClick={onRemove}>
        <Trash2 size={16} aria-hidden /> Take off
      </button>
    </li>
  );
};

/** Saw, grain and sizes of whole sheets. */
export const SheetFields = ({ groups }: { readonly groups: readonly SheetGroup[] }) => {
  const { trailer, readOnly } = useEditing();
  const [cutting, setCutting] = useRecord('cutting');
  const sheets: Sheets = {
    ...USUAL,
    ...cutting.sheets,
    table: cutting.sheets?.table ?? false,
    sizes: [...(cutting.sheets?.sizes ?? [])],
  };
  const set = (said: string, change: Partial<Sheets>): void => setCutting(said, { sheets: { ...sheets, ...change } });
  const kinds = [...new Set(groups.map(({ of }) => of))];
  return (
    <fieldset className="mt-3 border-t border-[var(--ink)] pt-2">
      <legend className="sr-only">Sheets</legend>
      <p className="font-semibold" aria-hidden>
        Sheets
      </p>
      <div className="grid grid-cols-2 gap-x-3 gap-y-2">
        <QuantityField
          label="Saw or torch eats"
          kind="length"
          value={sheets.kerfM}
          min={0}
          max={0.02}
          onCommit={(kerfM) => set('what a cut through a sheet eats', { kerfM })}
        />
        <CheckField
          label="Keep the grain"
          checked={sheets.keepsGrain}
          onCommit={(keepsGrain) => set('whether panels keep the grain', { keepsGrain })}
        />
        {kinds.includes('plate') && (
          <CheckField
            label="Plates on a plasma or laser table"
            checked={sheets.table}
            onCommit={(table) => set('whether plates are cut on a table', { table })}
          />
        )}
      </div>
      <ul>
        {sheets.sizes.map((size) => (
          <SizeFields
            key={size.id}
            size={size}
            currency={trailer.settings.currency}
            onChange={(said, change) =>
              set(said, { sizes: sheets.sizes.map((one) => (one.id === size.id ? { ...one, ...change } : one)) })
            }
            onRemove={() =>
              set('size of a sheet taken off', { sizes: sheets.sizes.filter(({ id }) => id !== size.id) })
            }
          />
        ))}
      </ul>
      <div className="mt-1 flex flex-wrap gap-2">
        {kinds.map((of) => (
          <button
            key={of}
            type="button"
            className="button"
            disabled={readOnly}
            onClick={() => {
              const [usual] = usualSheets(trailer);
              const size = { id: `sheet.${nanoid(8)}`, of, lengthM: 2.44, widthM: 1.22, ...usual, price: null };
              set('a sheet that is sold', { sizes: [...sheets.sizes, size] });
            }}
          >
            A sheet of {nameOf(of).toLowerCase()}
          </button>
        ))}
      </div>
    </fieldset>
  );
};
