import { formatPressureText, TIRE_ROWS, tireFromCatalog, withTire } from '@kereta/core';
import { useMemo } from 'react';
import { useWorkbench } from '../../bench/workbench';
import { useEditing } from '../../fields/editing';
import { FieldGroup, SelectField } from '../../fields/fields';
import { Picker } from '../../fields/Picker';
import { QuantityField } from '../../fields/QuantityField';
import { useRecord } from '../../fields/useRecord';
import { tireRows } from '../pickRows';
import { rowSource } from '../stepKit';
import { WheelFields } from './WheelFields';

/** Tires and wheels: what is written on them, and how large they are. */
export const TireFields = () => {
  const { trailer } = useEditing();
  const { say } = useWorkbench('say');
  const [gear, set] = useRecord('runningGear');
  const [, setTire] = useRecord('runningGear.tire');
  const tires = useMemo(() => tireRows(trailer, say), [trailer, say]);
  return (
    <FieldGroup title="Tires and wheels">
      <Picker
        label="Tire from the list"
        list="tires"
        hint={rowSource(TIRE_ROWS, gear.tire.catalogId)}
        value={gear.tire.catalogId ?? ''}
        rows={tires}
        onCommit={(id) => {
          const row = TIRE_ROWS.find((candidate) => candidate.id === id);
          const own = trailer.ownRows.tires.find((candidate) => candidate.id === id);
          if (own) set(`tire ${own.name}`, withTire(gear, own.tire, own.assemblyMassKg));
          else if (row) {
            const tire = tireFromCatalog(id);
            const pressure = formatPressureText(tire.pressure, trailer.settings.units);
            set(`tire ${row.name}`, withTire(gear, { ...tire, pressure }, row.assemblyMassKg));
          } else setTire('another tire', { catalogId: null, name: 'Own tire', maxLoadKg: null });
        }}
      />
      <QuantityField
        label="On its sidewall, each"
        kind="mass"
        value={gear.tire.maxLoadKg}
        of="runningGear.tire.maxLoadKg"
        onCommit={(maxLoadKg) => setTire('tire load', { maxLoadKg })}
        onClear={() => setTire('tire load taken out', { maxLoadKg: null })}
      />
      <SelectField
        label="Tire made for"
        value={gear.tire.passenger ? 'passenger' : 'trailer'}
        options={[
          { value: 'trailer', text: 'Trailers, light trucks' },
          { value: 'passenger', text: 'Passenger cars' },
        ]}
        onCommit={(kind) => setTire('kind of tire', { passenger: kind === 'passenger' })}
      />
      <QuantityField
        label="Stamped on the wheel, each"
        kind="mass"
        value={gear.wheel.maxLoadKg}
        of="runningGear.wheel.maxLoadKg"
        onCommit={(maxLoadKg) => set('wheel load', { wheel: { ...gear.wheel, maxLoadKg } })}
        onClear={() => set('wheel load taken out', { wheel: { ...gear.wheel, maxLoadKg: null } })}
      />
      <QuantityField
        label="Tire and wheel weigh, each"
        kind="mass"
        value={gear.wheel.assemblyMassKg}
        of="runningGear.wheel.assemblyMassKg"
        onCommit={(assemblyMassKg) => set('wheel’s own weight', { wheel: { ...gear.wheel, assemblyMassKg } })}
      />
      <QuantityField
        label="Tire width"
        kind="length"
        value={gear.tire.widthM}
        of="runningGear.tire.widthM"
        onCommit={(widthM) => setTire('tire width', { widthM })}
      />
      <QuantityField
        label="Tire height, unloaded"
        kind="length"
        value={gear.tire.diameterM}
        of="runningGear.tire.diameterM"
        onCommit={(diameterM) => setTire('tire height', { diameterM })}
      />
      <QuantityField
        label="Hub to ground, loaded"
        kind="length"
        value={gear.tire.loadedRadiusM}
        of="runningGear.tire.loadedRadiusM"
        onCommit={(loadedRadiusM) => setTire('loaded radius', { loadedRadiusM })}
      />
      <WheelFields />
    </FieldGroup>
  );
};
