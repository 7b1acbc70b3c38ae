import { type SheetGroup, SHEET_NAMES, type SheetSizeRow, usualSheets } from '@kereta/core';
import { Trash2 } from 'lucide-react';
import { nanoid } from 'nanoid';
import { useEditing } from '../../fields/editing';
import { CheckField } from '../../fields/fields';
import { QuantityField } from '../../fields/QuantityField';
import { useRecord } from '../../fields/useRecord';
import { inner, t, voice } from '../../fields/language/t';

const MOST_MONEY = 1e8;
const USUAL = { kerfM: 0.003, keepsGrain: false, table: false, sizes: [] } as const;
type Sheets = { kerfM: number; keepsGrain: boolean; table: boolean; sizes: SheetSizeRow[] };

const nameOf = (of: SheetSizeRow['of']): string => (of === 'plate' ? t('Plate') : voice.name(SHEET_NAMES[of]));

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
        label={t('{of}, length', { of: nameOf(size.of) })}
        kind="length"
        value={size.lengthM}
        min={0.1}
        max={15}
        onCommit={(lengthM) => onChange(t('length of a sheet'), { lengthM })}
      />
      <QuantityField
        label={t('Width')}
        kind="length"
        value={size.widthM}
        min={0.1}
        max={5}
        onCommit={(widthM) => onChange(t('width of a sheet'), { widthM })}
      />
      <QuantityField
        label={t('Each costs, {currency}', { currency })}
        kind="number"
        value={size.price}
        min={0}
        max={MOST_MONEY}
        onCommit={(price) => onChange(t('price of a sheet'), { price })}
        onClear={() => onChange(t('price of a sheet'), { price: null })}
      />
      <button type="button" className="button self-end" disabled={readOnly} onClick={onRemove}>
        <Trash2 size={16} aria-hidden /> {t('Take off')}
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
      <legend className="sr-only">{t('Sheets')}</legend>
      <p className="font-semibold" aria-hidden>
        {t('Sheets')}
      </p>
      <div className="grid grid-cols-2 gap-x-3 gap-y-2">
        <QuantityField
          label={t('Saw or torch eats')}
          kind="length"
          value={sheets.kerfM}
          min={0}
          max={0.02}
          onCommit={(kerfM) => set(t('what a cut through a sheet eats'), { kerfM })}
        />
        <CheckField
          label={t('Keep the grain')}
          checked={sheets.keepsGrain}
          onCommit={(keepsGrain) => set(t('whether panels keep the grain'), { keepsGrain })}
        />
        {kinds.includes('plate') && (
          <CheckField
            label={t('Plates on a plasma or laser table')}
            checked={sheets.table}
            onCommit={(table) => set(t('whether plates are cut on a table'), { table })}
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
              set(t('size of a sheet taken off'), { sizes: sheets.sizes.filter(({ id }) => id !== size.id) })
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
              set(t('a sheet that is sold'), { sizes: [...sheets.sizes, size] });
            }}
          >
            {t('A sheet of {of}', { of: inner(nameOf(of)) })}
          </button>
        ))}
      </div>
    </fieldset>
  );
};
