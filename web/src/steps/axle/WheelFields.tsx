import {
  STUD_CIRCLES,
  LOAD_INDEXES,
  loadOfIndexKg,
  type RunningGear,
  fenderFor,
  FENDER_NAMES,
  withWheel,
} from '@kereta/core';
import { useEditing } from '../../fields/editing';
import { useRecord } from '../../fields/useRecord';
import { SelectField, TextField } from '../../fields/fields';
import { QuantityField } from '../../fields/QuantityField';
import { useWorkbench } from '../../bench/workbench';
import { t } from '../../fields/language/t';
import { optionsIn } from '../../fields/language/optionsIn';

const FENDERS = optionsIn(FENDER_NAMES);

/** What covers the wheels. */
const FenderFields = () => {
  const { trailer } = useEditing();
  const { evaluation } = useWorkbench('evaluation');
  const [fender, setFender] = useRecord('runningGear.fender');
  return (
    <>
      <SelectField
        label={t('Over the wheels')}
        value={fender.kind}
        options={FENDERS}
        onCommit={(kind) =>
          setFender(
            kind === 'fitted' ? t('fenders') : t('no fenders'),
            kind === 'fitted' ? fenderFor(trailer, evaluation.rides) : { kind: 'none' },
          )
        }
      />
      {fender.kind === 'fitted' && (
        <>
          <QuantityField
            label={t('Fender’s underside above the rails')}
            kind="length"
            value={fender.aboveRailM}
            of="runningGear.fender.aboveRailM"
            onCommit={(aboveRailM) => setFender(t('height of the fenders'), { aboveRailM })}
          />
          <QuantityField
            label={t('Its edge outside the bed')}
            kind="length"
            value={fender.reachM}
            of="runningGear.fender.reachM"
            onCommit={(reachM) => setFender(t('reach of the fenders'), { reachM })}
          />
          <QuantityField
            label={t('Its outer edge hangs down by')}
            kind="length"
            value={fender.skirtM}
            of="runningGear.fender.skirtM"
            onCommit={(skirtM) => setFender(t('edge of the fenders'), { skirtM })}
          />
        </>
      )}
    </>
  );
};

/** Rim, offset and studs of the wheels, and what covers them. */
export const WheelFields = () => {
  const { trailer, edit } = useEditing();
  const { wheel, tire, axle } = trailer.runningGear;
  const setGear = (label: string, change: (gear: RunningGear) => RunningGear): void =>
    edit(label, (current) => ({ ...current, runningGear: change(current.runningGear) }));
  const [, setWheel] = useRecord('runningGear.wheel');
  const [, setTire] = useRecord('runningGear.tire');
  const [, setAxle] = useRecord('runningGear.axle');
  return (
    <>
      <QuantityField
        label={t('Rim of the wheel')}
        kind="length"
        value={wheel.rimM}
        of="runningGear.wheel.rimM"
        onCommit={(rimM) => setWheel(t('rim'), { rimM })}
        onClear={() => setWheel(t('rim unknown'), { rimM: null })}
      />
      <QuantityField
        label={t('Rim that the tire is made for')}
        kind="length"
        value={tire.rimM}
        of="runningGear.tire.rimM"
        onCommit={(rimM) => setTire(t('tire’s rim'), { rimM })}
        onClear={() => setTire(t('tire’s rim unknown'), { rimM: null })}
      />
      <QuantityField
        label={t('Offset, face outside the middle')}
        kind="length"
        value={wheel.offsetM}
        of="runningGear.wheel.offsetM"
        onCommit={(offsetM) => setGear(t('wheel offset'), (gear) => withWheel(gear, { offsetM }))}
      />
      <QuantityField
        label={t('Adapter between hub and wheel')}
        kind="length"
        value={wheel.adapterM}
        of="runningGear.wheel.adapterM"
        hint={t('Its thickness; 0 without one')}
        onCommit={(adapterM) => setGear(t('adapter'), (gear) => withWheel(gear, { adapterM }))}
      />
      <SelectField
        label={t('Load index on the sidewall')}
        value={String(LOAD_INDEXES.find((index) => loadOfIndexKg(index) === tire.maxLoadKg) ?? '')}
        options={[
          { value: '', text: t('Load written out') },
          ...LOAD_INDEXES.map((index) => ({
            value: String(index),
            text: `${index}: ${loadOfIndexKg(index)} kg`,
          })),
        ]}
        onCommit={(index) => {
          const maxLoadKg = loadOfIndexKg(Number(index));
          if (maxLoadKg !== undefined) setTire(t('load index {index}', { index }), { maxLoadKg });
        }}
      />
      <TextField
        label={t('Pressure on the sidewall')}
        value={tire.pressure}
        onCommit={(pressure) => setTire(t('tire pressure'), { pressure })}
      />
      <SelectField
        label={t('Studs of the wheels')}
        value={wheel.studCircle}
        options={[
          { value: '', text: t('Not read yet') },
          ...[...new Set([...STUD_CIRCLES, wheel.studCircle].filter((studs) => studs !== ''))].map((studs) => ({
            value: studs,
            text: studs,
          })),
        ]}
        onCommit={(studCircle) => setWheel(t('studs of the wheels'), { studCircle })}
      />
      <SelectField
        label={t('Studs of the hubs')}
        value={axle.studCircle}
        options={[...new Set([...STUD_CIRCLES, axle.studCircle])].map((studs) => ({
          value: studs,
          text: studs || t('Not read yet'),
        }))}
        onCommit={(studCircle) => setAxle(t('studs of the hubs'), { studCircle })}
      />
      <FenderFields />
    </>
  );
};
