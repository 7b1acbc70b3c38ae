import {
  FIELD_WORDS,
  editAngle,
  editLength,
  editMass,
  editNumber,
  type FieldPath,
  formatAngle,
  formatLength,
  formatMass,
  formatStress,
  fromPascals,
  limitsOf,
  parseAngle,
  parseLength,
  parseMass,
  parseNumber,
  parseStress,
  type Result,
  type TextProblem,
  type UnitSystem,
} from '@kereta/core';
import { CircleQuestionMark } from 'lucide-react';
import { lazy, Suspense, useId, useState } from 'react';
import { useEditing } from './editing';
import { PAGE_LANGUAGE } from './language/language';
import { Sized } from './Sized';
import { isMeasured } from './tape/isMeasured';
import { figures, inField, t } from './language/t';

const TapeHelp = lazy(() => import('./tape/TapeHelp').then((module) => ({ default: module.TapeHelp })));

type FieldKind = 'length' | 'mass' | 'stress' | 'angle' | 'percent' | 'number';

interface KindRules {
  readonly parse: (text: string, system: UnitSystem) => Result<number, TextProblem>;
  /** for the field: comes back exactly */
  readonly edit: (value: number, system: UnitSystem) => string;
  readonly show: (value: number, system: UnitSystem, denominator: number) => string;
  readonly unit: (system: UnitSystem) => string;
  readonly example: (system: UnitSystem, or: string) => string;
}

/** Two values this close, as a share, are one written in two ways. */
const ROUNDING = 1e-12;

const percentText = (text: string): string => text.replace(/\s*%\s*$/, '');

const RULES: Readonly<Record<FieldKind, KindRules>> = {
  length: {
    parse: parseLength,
    edit: editLength,
    show: (value, system, denominator) => formatLength(value, { system, denominator }),
    unit: (system) => (system === 'imperial' ? '' : 'mm'),
    example: (system, or) =>
      system === 'imperial' ? `59, 4' 11 1/16", 4-11 ${or} 1499 mm` : t('1499, 1.5 m {or} 59 in', { or }),
  },
  mass: {
    parse: parseMass,
    edit: editMass,
    show: formatMass,
    unit: (system) => (system === 'imperial' ? 'lb' : 'kg'),
    example: (system, or) => (system === 'imperial' ? t('350 {or} 160 kg', { or }) : t('160 {or} 350 lb', { or })),
  },
  stress: {
    parse: parseStress,
    edit: (value, system) => editNumber(fromPascals(value, system === 'imperial' ? 'psi' : 'MPa')),
    show: formatStress,
    unit: (system) => (system === 'imperial' ? 'psi' : 'MPa'),
    example: (system, or) =>
      system === 'imperial' ? t('36000, 36 ksi {or} 250 MPa', { or }) : t('250 {or} 36 ksi', { or }),
  },
  angle: {
    parse: parseAngle,
    edit: editAngle,
    show: (value) => formatAngle(value),
    unit: () => '°',
    example: () => '50',
  },
  percent: {
    parse: (text) => {
      const number = parseNumber(percentText(text));
      return number.ok ? { ok: true, value: number.value / 100 } : number;
    },
    edit: (value) => editNumber(value * 100),
    show: (value) => `${editNumber(value * 100)} %`,
    unit: () => '%',
    example: (_, or) => `12 ${or} 12.5`,
  },
  number: {
    parse: (text) => parseNumber(text),
    edit: editNumber,
    show: editNumber,
    unit: () => '',
    example: () => '2.5',
  },
};

interface QuantityFieldProps {
  readonly label: string;
  readonly kind: FieldKind;
  /** what stands in it while there is no value */
  readonly empty?: string;
  /** null where it is missing */
  readonly value: number | null;
  readonly onCommit: (value: number) => void;
  /** given where the field may be left empty */
  readonly onClear?: () => void;
  /** the number of the design that it asks for: its limits stand beside the schema */
  readonly of?: FieldPath;
  /** the number of the design that is measured in the same place, where the field is of the record */
  readonly measuredAs?: FieldPath;
  /** limits of what is no number of the design, or tighter ones that depend on another size */
  readonly min?: number;
  readonly max?: number;
  /** shown as so many of these; 1 where left out */
  readonly per?: number;
  readonly hint?: string;
  readonly hot?: boolean;
  /** part id that Enter on the drawing brings here */
  readonly partField?: string;
}

interface TapeButtonProps {
  readonly id: string;
  readonly helped: boolean;
  readonly onHelp: () => void;
  /** a unit stands at the right */
  readonly ahead: boolean;
}

/** Asks where to hold the tape: in the box of the field, ahead of its unit. */
const TapeButton = ({ id, helped, onHelp, ahead }: TapeButtonProps) => (
  <button
    type="button"
    className={`mute no-print absolute top-1/2 flex size-6 -translate-y-1/2 items-center justify-center ${ahead ? 'right-8' : 'right-2'}`}
    // Every field would have two stops else: in the field F1 does the same.
    tabIndex={-1}
    aria-label={t('Where to hold the tape')}
    aria-describedby={`${id}-label`}
    aria-expanded={helped}
    aria-controls={`${id}-tape`}
    onClick={onHelp}
  >
    <CircleQuestionMark size={15} aria-hidden />
  </button>
);

interface FieldNoteProps {
  readonly id: string;
  readonly problem: string | undefined;
  readonly echo: string | undefined;
  readonly hint: string | undefined;
}

/** What is wrong with what was typed, what it comes to, or what is asked for. */
const FieldNote = ({ id, problem, echo, hint }: FieldNoteProps) => {
  const text = problem ?? echo ?? hint;
  const colour = problem ? 'var(--fix)' : echo ? 'var(--dye)' : undefined;
  return (
    <p id={id} className="narrow text-[13px] leading-[17px]" aria-live="polite">
      {text && (
        <span className={colour ? '' : 'mute'} style={{ color: colour }}>
          <Sized>{text}</Sized>
        </span>
      )}
    </p>
  );
};

/** A size in the project's units that takes what people type, echoes it before it counts, and says what would have worked. */
export const QuantityField = ({
  label,
  kind,
  empty,
  value,
  onCommit,
  onClear,
  of,
  measuredAs = of,
  min: tighterMin = Number.NEGATIVE_INFINITY,
  max: tighterMax = Number.POSITIVE_INFINITY,
  per = 1,
  hint,
  hot = false,
  partField,
}: QuantityFieldProps) => {
  const { units, fraction, readOnly } = useEditing();
  const words = FIELD_WORDS[PAGE_LANGUAGE];
  const id = useId();
  const rules = RULES[kind];
  const measured = kind === 'length' && measuredAs !== undefined && isMeasured(measuredAs);
  const limits = of && limitsOf(of);
  const min = Math.max(tighterMin, (limits?.least ?? Number.NEGATIVE_INFINITY) / per);
  const max = Math.min(tighterMax, (limits?.most ?? Number.POSITIVE_INFINITY) / per);
  const [helped, setHelped] = useState(false);
  const [typed, setTyped] = useState<string | undefined>();
  // What was typed finer than fields write comes back as it was typed, as long as nothing else has set it.
  const [before, setBefore] = useState<{ readonly text: string; readonly value: number; readonly units: UnitSystem }>();
  const written = value === null ? '' : inField(rules.edit(value, units));
  const own = before && before.value === value && before.units === units ? before.text : written;
  const text = typed ?? own;
  const parsed = typed === undefined || typed.trim() === '' ? undefined : rules.parse(typed, units);
  const emptied = typed !== undefined && typed.trim() === '';
  const show = (shown: number): string => figures(rules.show(shown, units, fraction));
  const outside =
    parsed?.ok && limits?.whole && !Number.isInteger(parsed.value)
      ? words.whole
      : parsed?.ok && parsed.value < min
        ? words.atLeast(show(min))
        : parsed?.ok && parsed.value > max
          ? words.atMost(show(max))
          : undefined;
  const problem =
    emptied && !onClear
      ? words.problem({ code: 'empty' }, rules.example(units, words.orSo))
      : parsed && !parsed.ok
        ? words.problem(parsed.error, rules.example(units, words.orSo))
        : outside;
  const echo = parsed?.ok && !problem ? `= ${show(parsed.value)}` : undefined;

  /** A plain number in the field's own unit that would lose digits as fields write it. */
  const isFiner = (typedText: string, exact: number): boolean => {
    if (!/^[\d.,\s]+$/.test(typedText.trim())) return false;
    const again = rules.parse(rules.edit(exact, units), units);
    return !again.ok || Math.abs(again.value - exact) > ROUNDING * Math.abs(exact);
  };
  const commit = (): void => {
    if (typed === undefined || problem) return;
    if (emptied) onClear?.();
    else if (parsed?.ok && typed !== own) {
      setBefore(isFiner(typed, parsed.value) ? { text: typed.trim(), value: parsed.value, units } : undefined);
      onCommit(parsed.value);
    }
    setTyped(undefined);
  };

  const unit = rules.unit(units);
  return (
    <div className={`min-w-0 ${helped ? 'col-span-2' : ''}`}>
      <label id={`${id}-label`} htmlFor={id} className="narrow mb-1 block text-[14px] leading-[18px]">
        {label}
      </label>
      {helped && measured && (
        <Suspense fallback={null}>
          <TapeHelp of={measuredAs} id={`${id}-tape`} />
        </Suspense>
      )}
      <div className="relative">
        <input
          id={id}
          className={`field-box ${hot ? 'text-[18px]' : ''} ${measured ? (unit ? 'pr-14' : 'pr-8') : unit ? 'pr-9' : ''}`}
          value={text}
          disabled={readOnly}
          inputMode={kind === 'length' ? 'text' : 'decimal'}
          autoComplete="off"
          spellCheck={false}
          aria-keyshortcuts={measured ? 'F1' : undefined}
          aria-invalid={problem !== undefined}
          aria-describedby={`${id}-note`}
          placeholder={value === null ? (empty ?? words.missing) : undefined}
          data-part-field={partField}
          onChange={(event) => setTyped(event.target.value)}
          onFocus={(event) => event.target.select()}
          onBlur={() => {
            commit();
          }}
          onKeyDown={(event) => {
            if (event.key === 'F1' && measured) {
              event.preventDefault();
              setHelped(!helped);
            }
            if (event.key === 'Enter') commit();
            if (event.key === 'Escape') setTyped(undefined);
          }}
        />
        {measured && <TapeButton id={id} helped={helped} onHelp={() => setHelped(!helped)} ahead={unit !== ''} />}
        {unit && (
          <span className="mute pointer-events-none absolute top-1/2 right-3 -translate-y-1/2 text-[13px]">{unit}</span>
        )}
      </div>
      <FieldNote id={`${id}-note`} problem={problem} echo={echo} hint={hint} />
    </div>
  );
};
