import {
  type Cutting,
  feet,
  findSection,
  formatStress,
  leftAlone,
  sheetPlan,
  type StockRow,
  usualLengthsM,
} from '@kereta/core';
import { Trash2 } from 'lucide-react';
import { nanoid } from 'nanoid';
import { useMemo } from 'react';
import { SheetFields } from './SheetFields';
import { useWorkbench } from '../../bench/workbench';
import { useEditing } from '../../fields/editing';
import { CheckField, TextField } from '../../fields/fields';
import { RecordFields, type SizeOf } from '../../fields/RecordFields';
import { QuantityField } from '../../fields/QuantityField';
import { Sized } from '../../fields/Sized';
import { useRecord } from '../../fields/useRecord';
import { figures, t, voice } from '../../fields/language/t';

const SAW: readonly SizeOf<Cutting>[] = [
  { field: 'kerfM', label: t('Saw eats per cut'), kind: 'length', of: 'cutting.kerfM', said: t('what the saw eats') },
  {
    field: 'trimM',
    label: t('Cut off each end first'),
    kind: 'length',
    of: 'cutting.trimM',
    said: t('what is cut off the ends'),
    hint: t('Mill ends are seldom square'),
  },
  { field: 'keepM', label: t('Offcuts kept from'), kind: 'length', of: 'cutting.keepM', said: t('offcuts kept') },
  {
    field: 'allowM',
    label: t('Left on for grinding'),
    kind: 'length',
    of: 'cutting.allowM',
    said: t('what is left on for grinding'),
    hint: t('On every piece'),
  },
];

interface RowProps {
  readonly row: StockRow;
  /** it is steel */
  readonly knowsSteel: boolean;
  readonly currency: string;
  readonly onChange: (said: string, change: Partial<StockRow>) => void;
  readonly onRemove: () => void;
}

/** One length of a section: what it costs, or that it lies there already. */
const StockRowFields = ({ row, knowsSteel, currency, onChange, onRemove }: RowProps) => {
  const { readOnly } = useEditing();
  return (
    <li className="grid grid-cols-2 gap-x-3 gap-y-2 border-t border-base-300 py-2">
      <QuantityField
        label={row.onHand ? t('On hand, this long') : row.cutToSize ? t('Sawn up to this long') : t('Sold this long')}
        kind="length"
        value={row.lengthM}
        of="cutting.stock.lengthM"
        onCommit={(lengthM) => onChange(t('length of stock'), { lengthM })}
      />
      {row.onHand ? (
        <QuantityField
          label={t('How many')}
          kind="number"
          value={row.available}
          of="cutting.stock.available"
          onCommit={(available) => onChange(t('stock on hand'), { available: Math.round(available) })}
        />
      ) : row.cutToSize ? (
        <>
          <QuantityField
            label={t('A metre costs, {currency}', { currency })}
            kind="number"
            value={row.cutToSize.perM}
            min={0}
            max={100_000}
            onCommit={(perM) =>
              onChange(t('price of a metre cut to size'), { cutToSize: { perCut: null, ...row.cutToSize, perM } })
            }
          />
          <QuantityField
            label={t('A cut costs, {currency}', { currency })}
            kind="number"
            value={row.cutToSize.perCut}
            min={0}
            max={100_000}
            onCommit={(perCut) =>
              onChange(t('price of a cut'), { cutToSize: { perM: null, ...row.cutToSize, perCut } })
            }
          />
        </>
      ) : (
        <QuantityField
          label={t('Each costs, {currency}', { currency })}
          kind="number"
          value={row.price}
          of="cutting.stock.price"
          onCommit={(price) => onChange(t('price of a stick'), { price })}
          onClear={() => onChange(t('price of a stick'), { price: null })}
        />
      )}
      {row.onHand && knowsSteel && (
        <div className="col-span-2">
          <CheckField
            label={t('Nobody knows what steel it is')}
            checked={row.unknownSteel ?? false}
            onCommit={(unknownSteel) => onChange(t('whether its steel is known'), { unknownSteel })}
          />
        </div>
      )}
      <TextField
        mayBeEmpty
        label={row.onHand ? t('What is wrong with it, where it is from') : t('Note')}
        value={row.note}
        onCommit={(note) => onChange(t('note on stock'), { note })}
      />
      <div className="flex items-end">
        <button type="button" className="button" disabled={readOnly} onClick={onRemove}>
          <Trash2 size={16} aria-hidden /> {t('Take off')}
        </button>
      </div>
    </li>
  );
};

/** What is sold or lies there of one section. */
const SectionStock = ({ sectionId, designation }: { readonly sectionId: string; readonly designation: string }) => {
  const { trailer, readOnly } = useEditing();
  const { evaluation, say } = useWorkbench('evaluation', 'say');
  const [cutting, setCutting] = useRecord('cutting');
  const rows = cutting.stock.filter((row) => row.sectionId === sectionId);
  const alone = evaluation.cutList.totals.filter(
    (total) => total.sectionId === sectionId && leftAlone(trailer, total).length > 0,
  );
  const usual = usualLengthsM(trailer)
    .map((lengthM) => say.length(lengthM))
    .join(` ${t('and')} `);
  const setRows = (said: string, stock: readonly StockRow[]): void => setCutting(said, { stock: [...stock] });
  const add = (said: string, row: Partial<StockRow>): void =>
    setRows(said, [
      ...cutting.stock,
      {
        id: `stock.${nanoid(8)}`,
        sectionId,
        lengthM: usualLengthsM(trailer)[0] ?? 6,
        price: null,
        available: null,
        onHand: false,
        note: '',
        ...row,
      },
    ]);
  const aPiece = { onHand: true, available: 1, lengthM: trailer.settings.units === 'metric' ? 1 : feet(3) };
  return (
    <fieldset className="mt-3 border-t border-[var(--ink)] pt-2">
      <legend className="sr-only">{t('Stock of {designation}', { designation })}</legend>
      <p className="font-semibold" aria-hidden>
        <Sized>{designation}</Sized>
      </p>
      {!rows.some(({ onHand }) => !onHand) && (
        <p className="narrow mute text-[13px]">
          {t('Taken to be sold in {usual}, as is usual, by the weight’s price where that is known.', { usual })}
        </p>
      )}
      {alone.map(({ materialName, yieldPa }) => (
        <p key={materialName} className="narrow text-[13px]">
          {t(
            'What nobody knows the steel of counts as 30 ksi (205 MPa): no bars of {materialName}, which count on {yield}, are cut from it.',
            { materialName: voice.name(materialName), yield: figures(formatStress(yieldPa, trailer.settings.units)) },
          )}
        </p>
      ))}
      <ul>
        {rows.map((row) => (
          <StockRowFields
            key={row.id}
            row={row}
            knowsSteel={findSection(trailer, sectionId)?.family === 'steel'}
            currency={trailer.settings.currency}
            onChange={(said, change) =>
              setRows(
                said,
                cutting.stock.map((one) => (one.id === row.id ? { ...one, ...change } : one)),
              )
            }
            onRemove={() =>
              setRows(
                t('stock taken off'),
                cutting.stock.filter((one) => one.id !== row.id),
              )
            }
          />
        ))}
      </ul>
      <div className="mt-1 flex flex-wrap gap-2">
        <button
          type="button"
          className="button"
          disabled={readOnly}
          onClick={() => add(t('a length that is sold'), {})}
        >
          {t('A length that is sold')}
        </button>
        <button type="button" className="button" disabled={readOnly} onClick={() => add(t('stock on hand'), aPiece)}>
          {t('One on hand')}
        </button>
        <button
          type="button"
          className="button"
          disabled={readOnly}
          onClick={() => add(t('what is cut to size'), { cutToSize: { perM: null, perCut: null } })}
        >
          {t('Cut to size')}
        </button>
      </div>
    </fieldset>
  );
};

/** The saw, and what is sold or lies there of each section. */
export const StockFields = () => {
  const { evaluation } = useWorkbench('evaluation');
  const [cutting, setCutting] = useRecord('cutting');
  const groups = useMemo(() => sheetPlan(evaluation.trailer, evaluation.chassis, evaluation.cutList), [evaluation]);
  const sections = [...new Map(evaluation.cutList.totals.map((total) => [total.sectionId, total.designation]))];
  return (
    <details className="border-t border-base-300">
      <summary className="flex min-h-[44px] items-center px-4 font-semibold">{t('Saw and stock')}</summary>
      <div className="px-4 pb-3">
        <div className="grid grid-cols-2 gap-x-3 gap-y-2">
          <RecordFields record={cutting} sizes={SAW} onChange={(said, change) => setCutting(said, change)} />
        </div>
        {sections.map(([sectionId, designation]) => (
          <SectionStock key={sectionId} sectionId={sectionId} designation={designation} />
        ))}
        {groups.length > 0 && <SheetFields groups={groups} />}
      </div>
    </details>
  );
};
