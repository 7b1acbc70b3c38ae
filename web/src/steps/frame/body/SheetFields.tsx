import { inches, millimetres, optionsOf, SHEET_NAMES, SHEET_ROWS, type FieldPath, type SheetFill } from '@kereta/core';
import { useEditing } from '../../../fields/editing';
import { SelectField } from '../../../fields/fields';
import { QuantityField } from '../../../fields/QuantityField';

const KINDS = optionsOf(SHEET_NAMES);

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
        options={[...(optional ? [{ value: 'none' as const, text: 'None' }] : []), ...KINDS]}
        onCommit={(kind) => {
          const row = SHEET_ROWS.find(({ id }) => id === kind);
          const thicknessM = row?.usualThicknessM ?? (metric ? millimetres(12) : inches(1 / 2));
          onCommit(
            row ? `${label.toLowerCase()} of ${row.name.toLowerCase()}` : `no ${label.toLowerCase()}`,
            row ? { kind: row.id, thicknessM } : null,
          );
        }}
      />
      {sheet && (
        <QuantityField
          label={`${label}, thickness`}
          kind="length"
          value={sheet.thicknessM}
          of={of}
          onCommit={(thicknessM) => onCommit(`${label.toLowerCase()} thickness`, { ...sheet, thicknessM })}
        />
      )}
    </>
  );
};
