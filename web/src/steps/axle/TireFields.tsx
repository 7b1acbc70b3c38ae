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
import { figures, t } from '../../fields/language/t';

/** Tires and wheels: what is written on them, and how large they are. */
export const TireFields = () => {
  const { trailer } = useEditing();
  const { say } = useWorkbench('say');
  const [gear, set] = useRecord('runningGear');
  const [, setTire] = useRecord('runningGear.tire');
  const tires = useMemo(() => tireRows(trailer, say), [trailer, say]);
  return (
    <FieldGroup title={t('Tires and wheels')}>
      <Picker
        label={t('Tire from the list')}
        list="tires"
        hint={rowSource(TIRE_ROWS, gear.tire.catalogId)}
        value={gear.tire.catalogId ?? ''}
        rows={tires}
        onCommit={(id) => {
          const row = TIRE_ROWS.find((candidate) => candidate.id === id);
          const own = trailer.ownRows.tires.find((candidate) => candidate.id === id);
          if (own) set(t('tire {name}', { name: own.name }), withTire(gear, own.tire, own.assemblyMassKg));
          else if (row) {
            const tire = tireFromCatalog(id);
            const pressure = figures(formatPressureText(tire.pressure, trailer.settings.units));
            set(t('tire {name}', { name: row.name }), withTire(gear, { ...tire, pressure }, row.assemblyMassKg));
          } else setTire(t('another tire'), { catalogId: null, name: t('Own tire'), maxLoadKg: null });
        }}
      />
      <QuantityField
        label={t('On its sidewall, each')}
        kind="mass"
        value={gear.tire.maxLoadKg}
        of="runningGear.tire.maxLoadKg"
        onCommit={(maxLoadKg) => setTire(t('tire load'), { maxLoadKg })}
        onClear={() => setTire(t('tire load taken out'), { maxLoadKg: null })}
      />
      <SelectField
        label={t('Tire made for')}
        value={gear.tire.passenger ? 'passenger' : 'trailer'}
        options={[
          { value: 'trailer', text: t('Trailers, light trucks') },
          { value: 'passenger', text: t('Passenger cars') },
        ]}
        onCommit={(kind) => setTire(t('kind of tire'), { passenger: kind === 'passenger' })}
      />
      <QuantityField
        label={t('Stamped on the wheel, each')}
        kind="mass"
        value={gear.wheel.maxLoadKg}
        of="runningGear.wheel.maxLoadKg"
        onCommit={(maxLoadKg) => set(t('wheel load'), { wheel: { ...gear.wheel, maxLoadKg } })}
        onClear={() => set(t('wheel load taken out'), { wheel: { ...gear.wheel, maxLoadKg: null } })}
      />
      <QuantityField
        label={t('Tire and wheel weigh, each')}
        kind="mass"
        value={gear.wheel.assemblyMassKg}
        of="runningGear.wheel.assemblyMassKg"
        onCommit={(assemblyMassKg) => set(t('wheel’s own weight'), { wheel: { ...gear.wheel, assemblyMassKg } })}
      />
      <QuantityField
        label={t('Tire width')}
        kind="length"
        value={gear.tire.widthM}
        of="runningGear.tire.widthM"
        onCommit={(widthM) => setTire(t('tire width'), { widthM })}
      />
      <QuantityField
        label={t('Tire height, unloaded')}
        kind="length"
        value={gear.tire.diameterM}
        of="runningGear.tire.diameterM"
        onCommit={(diameterM) => setTire(t('tire height'), { diameterM })}
      />
      <QuantityField
        label={t('Hub to ground, loaded')}
        kind="length"
        value={gear.tire.loadedRadiusM}
        of="runningGear.tire.loadedRadiusM"
        onCommit={(loadedRadiusM) => setTire(t('loaded radius'), { loadedRadiusM })}
      />
      <WheelFields />
    </FieldGroup>
  );
};
