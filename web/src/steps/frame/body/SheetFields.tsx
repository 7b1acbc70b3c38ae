import { inches, millimetres, optionsOf, SHEET_NAMES, SHEET_ROWS, type FieldPath, type SheetFill } from '@kereta/core';
import { useEditing } from '../../../fields/editing';
import { SelectField } from '../../../fields/fields';
import { QuantityField } from '../../../fields/QuantityField';
import { inner, t, voice } from '../../../fields/language/t';

const KINDS = optionsOf(SHEET_NAMES).map(({ value, text }) => ({ value, text: voice.name(text) }));

interface SheetFieldsProps {
  /** "Fill", "Skin", "Roof" */
  readonly label: string;
  readonly sheet: SheetFill | null;
  readonly of: FieldPath;
  readonly onCommit: (said: string, sheet: SheetFill | null) => void;
  /** whether there may be none */
  readonly optional?: boolean;
}

/** Of what a flat part is, and how thick. */
export const SheetFields = ({ label, sheet, of, onCommit, optional = true }: SheetFieldsProps) => {
  const { trailer } = useEditing();
  const metric = trailer.settings.units === 'metric';
  return (
    <>
      <SelectField
        label={label}
        value={sheet?.kind ?? 'none'}
        options={[...(optional ? [{ value: 'none' as const, text: t('None') }] : []), ...KINDS]}
        onCommit={(kind) => {
          const row = SHEET_ROWS.find(({ id }) => id === kind);
          const thicknessM = row?.usualThicknessM ?? (metric ? millimetres(12) : inches(1 / 2));
          onCommit(
            row
              ? t('{label} of {name}', { label: inner(label), name: inner(row.name) })
              : t('no {label}', { label: inner(label) }),
            row ? { kind: row.id, thicknessM } : null,
          );
        }}
      />
      {sheet && (
        <QuantityField
          label={t('{label}, thickness', { label })}
          kind="length"
          value={sheet.thicknessM}
          of={of}
          onCommit={(thicknessM) => onCommit(t('{label} thickness', { label: inner(label) }), { ...sheet, thicknessM })}
        />
      )}
    </>
  );
};
