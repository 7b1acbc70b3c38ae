import {
  STUD_CIRCLES,
  LOAD_INDEXES,
  loadOfIndexKg,
  type RunningGear,
  fenderFor,
  FENDER_NAMES,
  optionsOf,
  withWheel,
} from '@kereta/core';
import { useEditing } from '../../fields/editing';
import { useRecord } from '../../fields/useRecord';
import { SelectField, TextField } from '../../fields/fields';
import { QuantityField } from '../../fields/QuantityField';
import { useWorkbench } from '../../bench/workbench';

const FENDERS = optionsOf(FENDER_NAMES);

/** Rim, offset and studs of the wheels, and what covers them. */
export const WheelFields = () => {
  const { trailer, edit } = useEditing();
  const { evaluation } = useWorkbench('evaluation');
  const { wheel, tire, fender, axle } = trailer.runningGear;
  const setGear = (label: string, change: (gear: RunningGear) => RunningGear): void =>
    edit(label, (current) => ({ ...current, runningGear: change(current.runningGear) }));
  const [, setWheel] = useRecord('runningGear.wheel');
  const [, setTire] = useRecord('runningGear.tire');
  const [, setFender] = useRecord('runningGear.fender');
  const [, setAxle] = useRecord('runningGear.axle');
  return (
    <>
      <QuantityField
        label="Rim of the wheel"
        kind="length"
        value={wheel.rimM}
        of="runningGear.wheel.rimM"
        onCommit={(rimM) => setWheel('rim', { rimM })}
        onClear={() => setWheel('rim unknown', { rimM: null })}
      />
      <QuantityField
        label="Rim that the tire is made for"
        kind="length"
        value={tire.rimM}
        of="runningGear.tire.rimM"
        onCommit={(rimM) => setTire('tire’s rim', { rimM })}
        onClear={() => setTire('tire’s rim unknown', { rimM: null })}
      />
      <QuantityField
        label="Offset, face outside the middle"
        kind="length"
        value={wheel.offsetM}
        of="runningGear.wheel.offsetM"
        onCommit={(offsetM) => setGear('wheel offset', (gear) => withWheel(gear, { offsetM }))}
      />
      <QuantityField
        label="Adapter between hub and wheel"
        kind="length"
        value={wheel.adapterM}
        of="runningGear.wheel.adapterM"
        hint="Its thickness; 0 without one"
        onCommit={(adapterM) => setGear('adapter', (gear) => withWheel(gear, { adapterM }))}
      />
      <SelectField
        label="Load index on the sidewall"
        value={String(LOAD_INDEXES.find((index) => loadOfIndexKg(index) === tire.maxLoadKg) ?? '')}
        options={[
          { value: '', text: 'Load written out' },
          ...LOAD_INDEXES.map((index) => ({ value: String(index), text: `${index}: ${loadOfIndexKg(index)} kg` })),
        ]}
        onCommit={(index) => {
          const maxLoadKg = loadOfIndexKg(Number(index));
          if (maxLoadKg !== undefined) setTire(`load index ${index}`, { maxLoadKg });
        }}
      />
      <TextField
        label="Pressure on the sidewall"
        value={tire.pressure}
        onCommit={(pressure) => setTire('tire pressure', { pressure })}
      />
      <SelectField
        label="Studs of the wheels"
        value={wheel.studCircle}
        options={[
          { value: '', text: 'Not read yet' },
          ...[...new Set([...STUD_CIRCLES, wheel.studCircle].filter((studs) => studs !== ''))].map((studs) => ({
            value: studs,
            text: studs,
          })),
        ]}
        onCommit={(studCircle) => setWheel('studs of the wheels', { studCircle })}
      />
      <SelectField
        label="Studs of the hubs"
        value={axle.studCircle}
        options={[...new Set([...STUD_CIRCLES, axle.studCircle])].map((studs) => ({
          value: studs,
          text: studs || 'Not read yet',
        }))}
        onCommit={(studCircle) => setAxle('studs of the hubs', { studCircle })}
      />
      <SelectField
        label="Over the wheels"
        value={fender.kind}
        options={FENDERS}
        onCommit={(kind) =>
          setFender(
            kind === 'fitted' ? 'fenders' : 'no fenders',
            kind === 'fitted' ? fenderFor(trailer, evaluation.rides) : { kind: 'none' },
          )
        }
      />
      {fender.kind === 'fitted' && (
        <>
          <QuantityField
            label="Fender’s underside above the rails"
            kind="length"
            value={fender.aboveRailM}
            of="runningGear.fender.aboveRailM"
            onCommit={(aboveRailM) => setFender('height of the fenders', { aboveRailM })}
          />
          <QuantityField
            label="Its edge outside the bed"
            kind="length"
            value={fender.reachM}
            of="runningGear.fender.reachM"
            onCommit={(reachM) => setFender('reach of the fenders', { reachM })}
          />
          <QuantityField
            label="Its outer edge hangs down by"
            kind="length"
            value={fender.skirtM}
            of="runningGear.fender.skirtM"
            onCommit={(skirtM) => setFender('edge of the fenders', { skirtM })}
          />
        </>
      )}
    </>
  );
};
