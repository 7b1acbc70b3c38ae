import { inches, type Speaker, type WhatIf } from '@kereta/core';
import { t } from '../../fields/language/t';

interface Slider {
  readonly field: keyof WhatIf;
  readonly name: string;
  readonly min: number;
  readonly max: number;
  readonly step: number;
  readonly text: (value: number, say: Speaker) => string;
}

const metresText =
  (plus: string, minus: string) =>
  (value: number, say: Speaker): string =>
    value === 0 ? t('as it is') : `${say.length(Math.abs(value))} ${value > 0 ? plus : minus}`;

const SLIDERS: readonly Slider[] = [
  {
    field: 'loadForwardM',
    name: t('Load'),
    min: inches(-48),
    max: inches(24),
    step: inches(2),
    text: metresText('forward', 'back'),
  },
  {
    field: 'longerM',
    name: t('Tongue'),
    min: inches(-12),
    max: inches(36),
    step: inches(3),
    text: metresText('longer', 'shorter'),
  },
  {
    field: 'tailLighter',
    name: t('Load behind the axle'),
    min: 0,
    max: 0.8,
    step: 0.1,
    text: (value) => (value === 0 ? t('as it is') : t('{value} % lighter', { value: Math.round(value * 100) })),
  },
];

/** Things that help or harm, tried without changing the trailer. */
export const WhatIfSliders = ({
  value,
  onChange,
  say,
}: {
  readonly value: WhatIf;
  readonly onChange: (next: WhatIf) => void;
  readonly say: Speaker;
}) => (
  <fieldset className="grid grid-cols-3 gap-x-5 px-4 pb-2 text-[13px] max-[800px]:grid-cols-1">
    <legend className="sr-only">{t('Try what helps, without changing the trailer')}</legend>
    {SLIDERS.map(({ field, name, min, max, step, text }) => (
      <label key={field} className="block">
        <span className="block">
          {name}: <span className="font-semibold">{text(value[field], say)}</span>
        </span>
        <input
          type="range"
          className="range w-full"
          min={Math.round(min / step)}
          max={Math.round(max / step)}
          value={Math.round(value[field] / step)}
          aria-label={`${name}: ${text(value[field], say)}`}
          onChange={(event) => onChange({ ...value, [field]: Number(event.target.value) * step })}
        />
      </label>
    ))}
  </fieldset>
);
