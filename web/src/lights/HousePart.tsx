import {
  CARRIES_SOURCE,
  formatNumber,
  type House,
  HOUSE_SOURCE,
  houseFigures,
  type HouseLoad,
  type HouseRun,
  sourceText,
  type Speaker,
  USABLE_SHARE,
  wireText,
} from '@kereta/core';
import { Trash2 } from 'lucide-react';
import { nanoid } from 'nanoid';
import { useEditing } from '../fields/editing';
import { FieldGrid, SelectField, TextField } from '../fields/fields';
import { QuantityField } from '../fields/QuantityField';

type UsualLoad = Pick<HouseLoad, 'name' | 'watts' | 'hoursADay'>;
/** What people have on board, with what is usually printed on it and a guess of its hours: common practice. */
const USUAL: readonly UsualLoad[] = [
  { name: 'LED lamps', watts: 12, hoursADay: 4 },
  { name: 'Refrigerator, compressor', watts: 45, hoursADay: 10 },
  { name: 'Roof fan', watts: 24, hoursADay: 6 },
  { name: 'Water pump', watts: 60, hoursADay: 0.3 },
  { name: 'Heater’s blower', watts: 25, hoursADay: 8 },
  { name: 'Sockets for telephones', watts: 30, hoursADay: 3 },
];

const START: House = { battery: 'lead', batteryAh: null, loads: [], fromVehicle: null, sun: null };
const BATTERIES = [
  { value: 'lead', text: 'lead, deep cycle' },
  { value: 'lithium', text: 'lithium iron phosphate' },
] as const satisfies readonly { readonly value: House['battery']; readonly text: string }[];

const fuseText = (amperes: number): string => `${formatNumber(amperes, Number.isInteger(amperes) ? 0 : 1)} A`;
const ah = (ampereHours: number): string => `${formatNumber(ampereHours, 0)} Ah`;

/** How long it lasts, and whether what comes in makes up for what goes out. */
const Answer = ({ house }: { readonly house: House }) => {
  const { ahADay, usableAh, days, fromVehicleAh, fromSunAh, mostA, mainFuseA } = houseFigures(house);
  const inAh = fromVehicleAh + fromSunAh;
  return (
    <div className="mt-2 text-[14.5px]" role="status">
      <p>
        <b>{ah(ahADay)} a day</b> go out.{' '}
        {usableAh === undefined
          ? 'How long that lasts is open: the battery’s size is missing.'
          : days === undefined
            ? 'Nothing draws.'
            : `Of ${ah(house.batteryAh ?? 0)} ${Math.round(USABLE_SHARE[house.battery] * 100)} % may be used, ${ah(usableAh)}: about ${formatNumber(days, 1)} days with nothing coming in.`}
      </p>
      {inAh > 0 && (
        <p>
          {ah(inAh)} a day come in
          {fromVehicleAh > 0 && fromSunAh > 0 ? ` (${ah(fromVehicleAh)} while driving, ${ah(fromSunAh)} of sun)` : ''}:{' '}
          {inAh >= ahADay
            ? 'as much as goes out, on such days.'
            : `${ah(ahADay - inAh)} a day less than goes out${usableAh === undefined ? '' : `, about ${formatNumber(usableAh / (ahADay - inAh), 1)} days`}.`}
        </p>
      )}
      <p>
        All at once {formatNumber(mostA, 1)} A: a main fuse of {fuseText(mainFuseA)} within a hand of the battery.
      </p>
    </div>
  );
};

interface LoadRowProps {
  readonly load: HouseLoad;
  readonly run: HouseRun | undefined;
  readonly say: Speaker;
  readonly onChange: (part: Partial<HouseLoad>) => void;
  readonly onRemove: () => void;
}

/** One thing that the battery feeds, with its wire and fuse. */
const LoadRow = ({ load, run, say, onChange, onRemove }: LoadRowProps) => {
  const { readOnly } = useEditing();
  return (
    <li className="border-t border-base-300 py-2">
      <div className="grid grid-cols-[2fr_1fr_1fr_1fr_auto] items-end gap-2 max-[600px]:grid-cols-3 max-[600px]:*:first:col-span-2 max-[600px]:*:last:col-start-3 max-[600px]:*:last:row-start-1">
        <TextField label="What" value={load.name} onCommit={(name) => onChange({ name })} />
        <QuantityField
          label="Watts"
          kind="number"
          value={load.watts}
          min={0}
          max={5000}
          onCommit={(watts) => onChange({ watts })}
        />
        <QuantityField
          label="Hours a day"
          kind="number"
          value={load.hoursADay}
          min={0}
          max={24}
          onCommit={(hoursADay) => onChange({ hoursADay })}
        />
        <QuantityField
          label="Wire’s way"
          kind="length"
          value={load.runM}
          min={0}
          max={30}
          onCommit={(runM) => onChange({ runM })}
        />
        <button
          type="button"
          className="button"
          disabled={readOnly}
          aria-label={`${load.name} off the battery`}
          onClick={onRemove}
        >
          <Trash2 size={17} aria-hidden />
        </button>
      </div>
      {run && (
        <p className="narrow text-[13.5px]">
          {formatNumber(run.amperes, 1)} A, {ah(run.ahADay)} a day; {wireText(run)} there and back
          {run.dropShare === undefined ? '' : ` (loses ${say.percent(run.dropShare)})`}; fuse {fuseText(run.fuseA)}.
        </p>
      )}
    </li>
  );
};

interface BatteryFieldsProps {
  readonly house: House;
  readonly set: (label: string, part: Partial<House>) => void;
}

/** The battery, and what charges it. */
const BatteryFields = ({ house, set }: BatteryFieldsProps) => (
  <FieldGrid>
    <SelectField
      label="Battery is"
      value={house.battery}
      options={BATTERIES}
      onCommit={(battery) => set('which battery', { battery })}
    />
    <QuantityField
      label="Battery’s size, Ah"
      kind="number"
      value={house.batteryAh}
      min={1}
      max={5000}
      onCommit={(batteryAh) => set('battery’s size', { batteryAh })}
      onClear={() => set('battery’s size', { batteryAh: null })}
    />
    <QuantityField
      label="Charged from the vehicle with, A"
      kind="number"
      empty="not at all"
      value={house.fromVehicle?.chargeA ?? null}
      min={0}
      max={200}
      onCommit={(chargeA) =>
        set('charge from the vehicle', { fromVehicle: { hoursADay: 2, ...house.fromVehicle, chargeA } })
      }
      onClear={() => set('charge from the vehicle', { fromVehicle: null })}
    />
    {house.fromVehicle && (
      <QuantityField
        label="Hours driven a day"
        kind="number"
        value={house.fromVehicle.hoursADay}
        min={0}
        max={24}
        onCommit={(hoursADay) =>
          set('hours driven a day', { fromVehicle: { chargeA: 0, ...house.fromVehicle, hoursADay } })
        }
      />
    )}
    <QuantityField
      label="Solar panel, W"
      kind="number"
      empty="none"
      value={house.sun?.watts ?? null}
      min={0}
      max={5000}
      onCommit={(watts) => set('solar panel', { sun: { hoursADay: 4, ...house.sun, watts } })}
      onClear={() => set('solar panel', { sun: null })}
    />
    {house.sun && (
      <QuantityField
        label="Hours of full sun a day"
        kind="number"
        value={house.sun.hoursADay}
        min={0}
        max={24}
        onCommit={(hoursADay) => set('hours of sun a day', { sun: { watts: 0, ...house.sun, hoursADay } })}
      />
    )}
  </FieldGrid>
);

/** A living body's small 12 V system: what it feeds, how long it lasts, wires and fuses. */
export const HousePart = ({ say }: { readonly say: Speaker }) => {
  const { trailer, edit, readOnly } = useEditing();
  const house = trailer.lighting?.house;
  const set = (label: string, part: Partial<House>): void => {
    edit(label, (now) => ({
      ...now,
      lighting: {
        ...now.lighting,
        lamps: now.lighting?.lamps ?? 'led',
        house: { ...START, ...now.lighting?.house, ...part },
      },
    }));
  };
  const setLoad = (id: string, part: Partial<HouseLoad>): void =>
    set('what the battery feeds', {
      loads: (house?.loads ?? []).map((load) => (load.id === id ? { ...load, ...part } : load)),
    });
  const add = (load: UsualLoad): void =>
    set(`${load.name} on the battery`, {
      loads: [...(house?.loads ?? []), { ...load, id: `load.${nanoid(6)}`, runM: trailer.frame.bed.lengthM }],
    });
  const runs = new Map((house ? houseFigures(house).runs : []).map((run) => [run.load.id, run]));
  return (
    <section aria-label="12 V of a living body" className="border-t border-[var(--ink)] py-3">
      <h2 className="text-[17px] font-bold">12 V of a living body</h2>
      {!house || house.loads.length === 0 ? (
        <p className="text-[14.5px]">
          Where people sleep, cook or work in it: what a battery of its own feeds, for how long, by which wires.
        </p>
      ) : (
        <>
          <ul>
            {house.loads.map((load) => (
              <LoadRow
                key={load.id}
                load={load}
                run={runs.get(load.id)}
                say={say}
                onChange={(part) => setLoad(load.id, part)}
                onRemove={() =>
                  set(`${load.name} off the battery`, { loads: house.loads.filter(({ id }) => id !== load.id) })
                }
              />
            ))}
          </ul>
          <BatteryFields house={house} set={set} />
          <Answer house={house} />
        </>
      )}
      <p className="no-print mt-2 flex flex-wrap gap-2">
        {USUAL.filter(({ name }) => !house?.loads.some((load) => load.name === name)).map((load) => (
          <button key={load.name} type="button" className="button" disabled={readOnly} onClick={() => add(load)}>
            + {load.name}
          </button>
        ))}
        <button
          type="button"
          className="button"
          disabled={readOnly}
          onClick={() => add({ name: 'Something else', watts: 10, hoursADay: 1 })}
        >
          + Something else
        </button>
      </p>
      {house && house.loads.length > 0 && (
        <p className="narrow mute mt-1 text-[13px]">
          A battery that gasses stands outside or is vented; a long line from the vehicle hardly fills one without a
          converter beside it. 120 or 230 V, inverters and shore power are an electrician’s. {sourceText(HOUSE_SOURCE)}.{' '}
          {sourceText(CARRIES_SOURCE)}.
        </p>
      )}
    </section>
  );
};
