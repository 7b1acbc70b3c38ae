import type { FieldPath } from '@kereta/core';
import { QuantityField } from './QuantityField';
import { t } from './language/t';

/** One size of a record, and how it is asked for. */
export interface SizeOf<T> {
  readonly field: keyof T & string;
  readonly label: string;
  readonly kind: 'length' | 'mass' | 'stress' | 'angle' | 'percent' | 'number';
  /** the number of the design that it asks for: its limits stand beside the schema */
  readonly of: FieldPath;
  /** name of the edit in the list of undos */
  readonly said: string;
  /** may be left empty: it is then missing, not nothing */
  readonly clears?: boolean;
  readonly hint?: string;
  readonly hot?: boolean;
  readonly partField?: string;
  /** shown as so many of these; 1 where left out */
  readonly per?: number;
}

/** Sizes of a record side by side, one field each. */
export const RecordFields = <T extends object>({
  record,
  sizes,
  onChange,
}: {
  readonly record: T;
  readonly sizes: readonly SizeOf<T>[];
  readonly onChange: (said: string, change: Partial<T>) => void;
}) =>
  sizes.map(({ field, said, clears = false, per = 1, label, kind, of, hint, hot, partField }) => {
    const value = record[field] as number | null;
    return (
      <QuantityField
        key={field}
        label={label}
        kind={kind}
        of={of}
        per={per}
        {...(hint === undefined ? {} : { hint })}
        {...(hot === undefined ? {} : { hot })}
        {...(partField === undefined ? {} : { partField })}
        value={value === null ? null : value / per}
        onCommit={(typed) => onChange(said, { [field]: typed * per } as unknown as Partial<T>)}
        {...(clears
          ? { onClear: () => onChange(t('{said}: taken out', { said }), { [field]: null } as unknown as Partial<T>) }
          : {})}
      />
    );
  });
