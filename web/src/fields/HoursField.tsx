import { parseNumber } from '@kereta/core';
import { useId } from 'react';
import { useEditing } from './editing';
import { t } from './language/t';

/** More hours than that nobody works on one thing. */
const MOST_H = 1000;

/** What was typed for hours: none, so many, or nothing that hours can be. */
export const readHours = (typed: string): { readonly hours: number | null; readonly bad: boolean } => {
  if (typed.trim() === '') return { hours: null, bad: false };
  const read = parseNumber(typed);
  return read.ok && read.value >= 0 && read.value <= MOST_H
    ? { hours: read.value, bad: false }
    : { hours: null, bad: true };
};

/** Hours of work, as they are typed. */
export const HoursField = ({
  typed,
  onChange,
}: {
  readonly typed: string;
  readonly onChange: (typed: string) => void;
}) => {
  const { readOnly } = useEditing();
  const id = useId();
  const { bad } = readHours(typed);
  return (
    <div>
      <label htmlFor={id} className="narrow mb-1 block text-[14px]">
        {t('Hours')}
      </label>
      <input
        id={id}
        className="field-box"
        inputMode="decimal"
        value={typed}
        disabled={readOnly}
        aria-invalid={bad}
        onChange={(event) => onChange(event.target.value)}
      />
      {bad && (
        <p className="text-[13.5px]" role="alert">
          {t('Hours as a number: 1.5')}
        </p>
      )}
    </div>
  );
};
