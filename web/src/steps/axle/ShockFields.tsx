import type { RunningGear } from '@kereta/core';
import { CheckField } from '../../fields/fields';
import { RecordFields, type SizeOf } from '../../fields/RecordFields';
import { useRecord } from '../../fields/useRecord';
import { t } from '../../fields/language/t';

type Shocks = NonNullable<RunningGear['suspension']['shocks']>;

const SIZES: readonly SizeOf<Shocks>[] = [
  {
    field: 'dampingNsPerM',
    label: t('Damping of one, N·s/m'),
    kind: 'number',
    of: 'runningGear.suspension.shocks.dampingNsPerM',
    said: t('damping of the shocks'),
    clears: true,
    hint: t('As its maker says'),
  },
  {
    field: 'massKg',
    label: t('Each weighs'),
    kind: 'mass',
    of: 'runningGear.suspension.shocks.massKg',
    said: t('weight of a shock'),
  },
];

/** Of a usual one, kg (common practice). */
const USUAL_KG = 2;

/** Shock absorbers beside leaf springs or torsion arms. */
export const ShockFields = () => {
  const [{ shocks }, set] = useRecord('runningGear.suspension');
  return (
    <>
      <div className="col-span-2">
        <CheckField
          label={t('Shocks beside the springs')}
          checked={shocks !== null}
          onCommit={(on) =>
            set(on ? t('shocks') : t('no shocks'), { shocks: on ? { dampingNsPerM: null, massKg: USUAL_KG } : null })
          }
        />
      </div>
      {shocks && (
        <RecordFields
          record={shocks}
          sizes={SIZES}
          onChange={(said, part) => set(said, { shocks: { ...shocks, ...part } })}
        />
      )}
    </>
  );
};
