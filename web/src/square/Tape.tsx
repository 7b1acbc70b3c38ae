import { inches, millimetres, type UnitSystem } from '@kereta/core';
import { Minus, Plus } from 'lucide-react';
import { inner, t } from '../fields/language/t';

interface TapeProps {
  /** what is read, for who hears it */
  readonly name: string;
  readonly value: number;
  readonly units: UnitSystem;
  readonly onChange: (value: number) => void;
}

/** A tape by its marks: the large step, the small one, and the finest with how many make a small one. */
interface Marks {
  readonly large: { readonly name: string; readonly per: number };
  readonly small: { readonly name: string };
  readonly fine: { readonly name: string; readonly per: number; readonly m: number; readonly of: number };
}

const MARKS: Readonly<Record<UnitSystem, Marks>> = {
  imperial: {
    large: { name: t('Feet'), per: 12 },
    small: { name: t('Inches') },
    fine: { name: t('Sixteenths'), per: 16, m: inches(1 / 16), of: 16 },
  },
  metric: {
    large: { name: t('Metres'), per: 100 },
    small: { name: t('Centimetres') },
    fine: { name: t('Millimetres'), per: 10, m: millimetres(1), of: 10 },
  },
};

interface StepperProps {
  readonly label: string;
  readonly shown: number;
  readonly onStep: (by: 1 | -1) => void;
}

const Stepper = ({ label, shown, onStep }: StepperProps) => (
  <div className="flex items-center gap-1">
    <button
      type="button"
      className="button min-h-[52px] min-w-[52px]"
      aria-label={t('{label}, less', { label })}
      onClick={() => onStep(-1)}
    >
      <Minus size={20} aria-hidden />
    </button>
    <span className="wide min-w-[44px] text-center text-[26px] font-bold">
      {shown}
      <span className="narrow mute block text-[12px] font-normal">{inner(label)}</span>
    </span>
    <button
      type="button"
      className="button min-h-[52px] min-w-[52px]"
      aria-label={t('{label}, more', { label })}
      onClick={() => onStep(1)}
    >
      <Plus size={20} aria-hidden />
    </button>
  </div>
);

const WIDE = 320;
const PAD = 12;

/** How tall the mark of a part is: halves taller than quarters, and so on down. */
const tallOf = (part: number, of: number): number => {
  if (part === 0 || part === of) return 46;
  if (part * 2 === of) return 36;
  return of === 16 ? (part % 4 === 0 ? 28 : part % 2 === 0 ? 20 : 13) : 15;
};

/** One inch, or one centimetre, of a tape, large enough for a thumb. */
const OneInch = ({ part, of }: { readonly part: number; readonly of: number }) => {
  const x = (at: number): number => PAD + (at * (WIDE - 2 * PAD)) / of;
  return (
    <svg viewBox={`0 0 ${WIDE} 62`} className="block w-full" aria-hidden>
      <rect width={WIDE} height="62" fill="var(--steel)" />
      {Array.from({ length: of + 1 }, (_, at) => (
        <line
          key={at}
          x1={x(at)}
          x2={x(at)}
          y1="0"
          y2={tallOf(at, of)}
          stroke="var(--ink)"
          strokeWidth={at === part ? 5 : 2}
        />
      ))}
      <path d={`M${x(part) - 8} 62L${x(part)} 48L${x(part) + 8} 62Z`} fill="var(--ink)" />
    </svg>
  );
};

/** A reading set by the marks of a tape, for thumbs: feet and inches by steps, the sixteenth on one inch of it. */
export const Tape = ({ name, value, units, onChange }: TapeProps) => {
  const { large, small, fine } = MARKS[units];
  const marks = Math.max(0, Math.round(value / fine.m));
  const perLarge = large.per * fine.per;
  const set = (next: number): void => onChange(Math.max(0, next) * fine.m);
  const part = marks % fine.per;
  return (
    <fieldset className="mt-2 border-t border-base-300 pt-2">
      <legend className="sr-only">{t('{name}, by the tape', { name })}</legend>
      <div className="flex flex-wrap items-center justify-between gap-3">
        <Stepper label={large.name} shown={Math.floor(marks / perLarge)} onStep={(by) => set(marks + by * perLarge)} />
        <Stepper
          label={small.name}
          shown={Math.floor((marks % perLarge) / fine.per)}
          onStep={(by) => set(marks + by * fine.per)}
        />
      </div>
      <div className="mt-2">
        <OneInch part={part} of={fine.of} />
        <input
          type="range"
          className="range mt-1 h-[44px] w-full"
          aria-label={`${name}, ${inner(fine.name)}`}
          min={0}
          max={fine.per - 1}
          step={1}
          value={part}
          onChange={(event) => set(marks - part + Number(event.target.value))}
        />
      </div>
    </fieldset>
  );
};
