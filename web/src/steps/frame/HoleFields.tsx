import { type Hole, HOLE_NAMES } from '@kereta/core';
import { SelectField } from '../../fields/fields';
import { QuantityField } from '../../fields/QuantityField';
import { inches } from '@kereta/core';
import { t } from '../../fields/language/t';
import { optionsIn } from '../../fields/language/optionsIn';

const THROUGH = optionsIn(HOLE_NAMES);

interface HoleFieldsProps {
  readonly holes: readonly Hole[];
  readonly lengthM: number;
  readonly onCommit: (label: string, holes: readonly Hole[]) => void;
}

/** Holes of one bar: where along it, how large, which way. */
export const HoleFields = ({ holes, lengthM, onCommit }: HoleFieldsProps) => {
  const change = (index: number, label: string, part: Partial<Hole>): void =>
    onCommit(
      label,
      holes.map((hole, i) => (i === index ? { ...hole, ...part } : hole)),
    );
  return (
    <>
      {holes.map((hole, index) => (
        // oxlint-disable-next-line react/no-array-index-key -- a bar's holes keep their order
        <fieldset key={index} className="col-span-2 grid grid-cols-2 gap-2 border-t border-base-300 pt-2">
          <legend className="narrow text-[13px]">{t('Hole {index}', { index: index + 1 })}</legend>
          <QuantityField
            label={t('Along the bar')}
            kind="length"
            value={hole.atM}
            of="frame.overrides.any.holes.atM"
            max={lengthM}
            onCommit={(atM) => change(index, t('hole moved'), { atM })}
          />
          <QuantityField
            label={t('Diameter')}
            kind="length"
            value={hole.diameterM}
            of="frame.overrides.any.holes.diameterM"
            onCommit={(diameterM) => change(index, t('hole diameter'), { diameterM })}
          />
          <SelectField
            label={t('Drilled')}
            value={hole.through}
            options={THROUGH}
            onCommit={(through) => change(index, t('hole turned'), { through: through })}
          />
          <button
            type="button"
            className="button self-center"
            onClick={() =>
              onCommit(
                t('hole taken out'),
                holes.filter((_, i) => i !== index),
              )
            }
          >
            {t('Take out')}
          </button>
        </fieldset>
      ))}
      <button
        type="button"
        className="button self-center"
        onClick={() =>
          onCommit(t('hole drilled'), [...holes, { atM: lengthM / 2, diameterM: inches(1 / 2), through: 'sides' }])
        }
      >
        {t('Drill a hole')}
      </button>
    </>
  );
};
