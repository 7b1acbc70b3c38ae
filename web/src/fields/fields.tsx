import { type ReactNode, useId, useState } from 'react';
import { useEditing } from './editing';
import { t } from './language/t';

export interface Option<Value extends string = string> {
  readonly value: Value;
  readonly text: string;
  readonly group?: string;
}

interface SelectFieldProps<Value extends string> {
  readonly label: string;
  readonly value: string;
  readonly options: readonly Option<Value>[];
  readonly onCommit: (value: Value) => void;
  readonly partField?: string;
  readonly hint?: string;
}

/** So many characters of a choice are read in half a row. */
const HALF_ROW_CHARACTERS = 16;

/** A choice from a list, grouped where the list is long. */
export const SelectField = <Value extends string>({
  label,
  value,
  options,
  onCommit,
  partField,
  hint,
}: SelectFieldProps<Value>) => {
  const { readOnly } = useEditing();
  const id = useId();
  const groups = [...new Set(options.map(({ group }) => group))];
  const known = options.some((option) => option.value === value);
  // What decides is not cut off: a choice with long words takes the whole row, whatever is chosen now.
  const long = options.some(({ text }) => text.length > HALF_ROW_CHARACTERS);
  return (
    <div className={`min-w-0 ${long ? 'col-span-2' : ''}`}>
      <label htmlFor={id} className="narrow mb-1 block text-[14px] leading-[18px]">
        {label}
      </label>
      <select
        id={id}
        className="field-box narrow truncate"
        value={value}
        disabled={readOnly}
        data-part-field={partField}
        onChange={(event) => {
          const chosen = options.find((option) => option.value === event.target.value);
          if (chosen) onCommit(chosen.value);
        }}
      >
        {!known && (
          <option value={value}>{value === '' ? t('choose') : t('{value} (not in the list)', { value })}</option>
        )}
        {groups.map((group) => {
          const list = options
            .filter((option) => option.group === group)
            .map((option) => (
              <option key={option.value} value={option.value}>
                {option.text}
              </option>
            ));
          return group === undefined ? (
            list
          ) : (
            <optgroup key={group} label={group}>
              {list}
            </optgroup>
          );
        })}
      </select>
      {hint && <p className="narrow mute text-[13px] leading-[17px]">{hint}</p>}
    </div>
  );
};

interface TextFieldProps {
  readonly label: string;
  readonly value: string;
  readonly onCommit: (value: string) => void;
  readonly partField?: string;
  /** a note, not a name: it may be taken out */
  readonly mayBeEmpty?: boolean;
}

/** A name or a note; counts when the field is left or Enter is pressed. */
export const TextField = ({ label, value, onCommit, partField, mayBeEmpty = false }: TextFieldProps) => {
  const { readOnly } = useEditing();
  const id = useId();
  const [typed, setTyped] = useState<string | undefined>();
  const commit = (): void => {
    if (typed !== undefined && (mayBeEmpty || typed.trim() !== '') && typed !== value)
      onCommit(typed.trim().slice(0, 200));
    setTyped(undefined);
  };
  return (
    <div className="min-w-0">
      <label htmlFor={id} className="narrow mb-1 block text-[14px] leading-[18px]">
        {label}
      </label>
      <input
        id={id}
        className="field-box"
        value={typed ?? value}
        disabled={readOnly}
        maxLength={200}
        data-part-field={partField}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={commit}
        onKeyDown={(event) => {
          if (event.key === 'Enter') commit();
          if (event.key === 'Escape') setTyped(undefined);
        }}
      />
    </div>
  );
};

interface CheckFieldProps {
  readonly label: string;
  readonly checked: boolean;
  readonly onCommit: (checked: boolean) => void;
}

export const CheckField = ({ label, checked, onCommit }: CheckFieldProps) => {
  const { readOnly } = useEditing();
  return (
    <label className="flex min-h-[44px] items-center gap-3">
      <input
        type="checkbox"
        className="h-[18px] w-[18px] accent-[var(--dye)]"
        checked={checked}
        disabled={readOnly}
        onChange={(event) => onCommit(event.target.checked)}
      />
      <span>{label}</span>
    </label>
  );
};

/** A named group of inputs that are not needed at a glance. */
export const FieldGroup = ({
  title,
  children,
  open = false,
}: {
  readonly title: string;
  readonly children: ReactNode;
  readonly open?: boolean;
}) => (
  <details className="border-t border-base-300" open={open}>
    <summary className="flex min-h-[44px] items-center gap-2 px-4 font-semibold">{title}</summary>
    <div className="grid grid-cols-2 gap-x-3 gap-y-2 px-4 pb-4">{children}</div>
  </details>
);

export const FieldGrid = ({ children }: { readonly children: ReactNode }) => (
  <div className="grid grid-cols-2 gap-x-3 gap-y-2 px-4 pb-3">{children}</div>
);
