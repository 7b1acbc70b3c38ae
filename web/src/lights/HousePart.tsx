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
import { figures, t, voice } from '../fields/language/t';

type UsualLoad = Pick<HouseLoad, 'name' | 'watts' | 'hoursADay'>;
/** What people have on board, with what is usually printed on it and a guess of its hours: common practice. */
const USUAL: readonly UsualLoad[] = [
  { name: t('LED lamps'), watts: 12, hoursADay: 4 },
  { name: t('Refrigerator, compressor'), watts: 45, hoursADay: 10 },
  { name: t('Roof fan'), watts: 24, hoursADay: 6 },
  { name: t('Water pump'), watts: 60, hoursADay: 0.3 },
  { name: t('Heater’s blower'), watts: 25, hoursADay: 8 },
  { name: t('Sockets for telephones'), watts: 30, hoursADay: 3 },
];

const START: House = { battery: 'lead', batteryAh: null, loads: [], fromVehicle: null, sun: null };
const BATTERIES = [
  { value: 'lead', text: t('lead, deep cycle') },
  { value: 'lithium', text: t('lithium iron phosphate') },
] as const satisfies readonly { readonly value: House['battery']; readonly text: string }[];

const fuseText = (amperes: number): string => `${figures(formatNumber(amperes, Number.isInteger(amperes) ? 0 : 1))} A`;
const ah = (ampereHours: number): string => `${figures(formatNumber(ampereHours, 0))} Ah`;

/** How long it lasts, and whether what comes in makes up for what goes out. */
const Answer = ({ house }: { readonly house: House }) => {
  const { ahADay, usableAh, days, fromVehicleAh, fromSunAh, mostA, mainFuseA } = houseFigures(house);
  const inAh = fromVehicleAh + fromSunAh;
  return (
    <div className="mt-2 text-[14.5px]" role="status">
      <p>
        <b>{t('{ahADay} a day', { ahADay: ah(ahADay) })}</b>{' '}
        {t('go out. {usableAh}', {
          usableAh:
            usableAh === undefined
              ? t('How long that lasts is open: the battery’s size is missing.')
              : days === undefined
                ? t('Nothing draws.')
                : t('Of {batteryAh} {usable} % may be used, {usableAh}: about {days} days with nothing coming in.', {
                    batteryAh: ah(house.batteryAh ?? 0),
                    usable: Math.round(USABLE_SHARE[house.battery] * 100),
                    usableAh: ah(usableAh),
                    days: figures(formatNumber(days, 1)),
                  }),
        })}
      </p>
      {inAh > 0 && (
        <p>
          {t('{inAh} a day come in{fromVehicleAh}: {inAh2}', {
            inAh: ah(inAh),
            fromVehicleAh:
              fromVehicleAh > 0 && fromSunAh > 0
                ? ` ${t('({fromVehicleAh} while driving, {fromSunAh} of sun)', { fromVehicleAh: ah(fromVehicleAh), fromSunAh: ah(fromSunAh) })}`
                : '',
            inAh2:
              inAh >= ahADay
                ? t('as much as goes out, on such days.')
                : t('{ahADay} a day less than goes out{usableAh}.', {
                    ahADay: ah(ahADay - inAh),
                    usableAh:
                      usableAh === undefined
                        ? ''
                        : t(', about {usableAh} days', {
                            usableAh: figures(formatNumber(usableAh / (ahADay - inAh), 1)),
                          }),
                  }),
          })}
        </p>
      )}
      <p>
        {t('All at once {mostA} A: a main fuse of {mainFuseA} within a hand of the battery.', {
          mostA: figures(formatNumber(mostA, 1)),
          mainFuseA: fuseText(mainFuseA),
        })}
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
        <TextField label={t('What')} value={load.name} onCommit={(name) => onChange({ name })} />
        <QuantityField
          label={t('Watts')}
          kind="number"
          value={load.watts}
          min={0}
          max={5000}
          onCommit={(watts) => onChange({ watts })}
        />
        <QuantityField
          label={t('Hours a day')}
          kind="number"
          value={load.hoursADay}
          min={0}
          max={24}
          onCommit={(hoursADay) => onChange({ hoursADay })}
        />
        <QuantityField
          label={t('Wire’s way')}
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
          aria-label={t('{name} off the battery', { name: load.name })}
          onClick={onRemove}
        >
          <Trash2 size={17} aria-hidden />
        </button>
      </div>
      {run && (
        <p className="narrow text-[13.5px]">
          {t('{amperes} A, {ahADay} a day; {run} there and back{dropShare}; fuse {fuseA}.', {
            amperes: figures(formatNumber(run.amperes, 1)),
            ahADay: ah(run.ahADay),
            run: wireText(run, voice),
            dropShare:
              run.dropShare === undefined
                ? ''
                : ` ${t('(loses {dropShare})', { dropShare: say.percent(run.dropShare) })}`,
            fuseA: fuseText(run.fuseA),
          })}
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
      label={t('Battery is')}
      value={house.battery}
      options={BATTERIES}
      onCommit={(battery) => set(t('which battery'), { battery })}
    />
    <QuantityField
      label={t('Battery’s size, Ah')}
      kind="number"
      value={house.batteryAh}
      min={1}
      max={5000}
      onCommit={(batteryAh) => set(t('battery’s size'), { batteryAh })}
      onClear={() => set(t('battery’s size'), { batteryAh: null })}
    />
    <QuantityField
      label={t('Charged from the vehicle with, A')}
      kind="number"
      empty={t('not at all')}
      value={house.fromVehicle?.chargeA ?? null}
      min={0}
      max={200}
      onCommit={(chargeA) =>
        set(t('charge from the vehicle'), { fromVehicle: { hoursADay: 2, ...house.fromVehicle, chargeA } })
      }
      onClear={() => set(t('charge from the vehicle'), { fromVehicle: null })}
    />
    {house.fromVehicle && (
      <QuantityField
        label={t('Hours driven a day')}
        kind="number"
        value={house.fromVehicle.hoursADay}
        min={0}
        max={24}
        onCommit={(hoursADay) =>
          set(t('hours driven a day'), { fromVehicle: { chargeA: 0, ...house.fromVehicle, hoursADay } })
        }
      />
    )}
    <QuantityField
      label={t('Solar panel, W')}
      kind="number"
      empty={t('none')}
      value={house.sun?.watts ?? null}
      min={0}
      max={5000}
      onCommit={(watts) => set(t('solar panel'), { sun: { hoursADay: 4, ...house.sun, watts } })}
      onClear={() => set(t('solar panel'), { sun: null })}
    />
    {house.sun && (
      <QuantityField
        label={t('Hours of full sun a day')}
        kind="number"
        value={house.sun.hoursADay}
        min={0}
        max={24}
        onCommit={(hoursADay) => set(t('hours of sun a day'), { sun: { watts: 0, ...house.sun, hoursADay } })}
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
    set(t('what the battery feeds'), {
      loads: (house?.loads ?? []).map((load) => (load.id === id ? { ...load, ...part } : load)),
    });
  const add = (load: UsualLoad): void =>
    set(t('{name} on the battery', { name: load.name }), {
      loads: [...(house?.loads ?? []), { ...load, id: `load.${nanoid(6)}`, runM: trailer.frame.bed.lengthM }],
    });
  const runs = new Map((house ? houseFigures(house).runs : []).map((run) => [run.load.id, run]));
  return (
    <section aria-label={t('12 V of a living body')} className="border-t border-[var(--ink)] py-3">
      <h2 className="text-[17px] font-bold">{t('12 V of a living body')}</h2>
      {!house || house.loads.length === 0 ? (
        <p className="text-[14.5px]">
          {t('Where people sleep, cook or work in it: what a battery of its own feeds, for how long, by which wires.')}
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
                  set(t('{name} off the battery', { name: load.name }), {
                    loads: house.loads.filter(({ id }) => id !== load.id),
                  })
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
          onClick={() => add({ name: t('Something else'), watts: 10, hoursADay: 1 })}
        >
          {t('+ Something else')}
        </button>
      </p>
      {house && house.loads.length > 0 && (
        <p className="narrow mute mt-1 text-[13px]">
          {t(
            'A battery that gasses stands outside or is vented; a long line from the vehicle hardly fills one without a converter beside it. 120 or 230 V, inverters and shore power are an electrician’s. {house}. {carries}.',
            { house: sourceText(HOUSE_SOURCE, voice), carries: sourceText(CARRIES_SOURCE, voice) },
          )}
        </p>
      )}
    </section>
  );
};
