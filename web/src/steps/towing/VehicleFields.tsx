import { STUD_CIRCLES, likeExample, type TowVehicle, UNKNOWN_VEHICLE, VEHICLE_ROWS, VEHICLE_NAMES } from '@kereta/core';
import { nanoid } from 'nanoid';
import { useEditing } from '../../fields/editing';
import { useRecord } from '../../fields/useRecord';
import { CheckField, FieldGroup, SelectField, TextField } from '../../fields/fields';
import { RecordFields, type SizeOf } from '../../fields/RecordFields';
import { inner, t, voice } from '../../fields/language/t';
import { optionsIn } from '../../fields/language/optionsIn';

const KINDS = optionsIn(VEHICLE_NAMES);

const SHAPE: readonly SizeOf<TowVehicle>[] = [
  {
    field: 'wheelbaseM',
    label: t('Wheelbase'),
    kind: 'length',
    of: 'towVehicle.wheelbaseM',
    said: t('wheelbase'),
    clears: true,
  },
  {
    field: 'ballBehindAxleM',
    label: t('Ball behind its rear axle'),
    kind: 'length',
    of: 'towVehicle.ballBehindAxleM',
    said: t('ball behind the rear axle'),
    clears: true,
  },
];
const WEIGHT: readonly SizeOf<TowVehicle>[] = [
  {
    field: 'massKg',
    label: t('Vehicle weighs'),
    kind: 'mass',
    of: 'towVehicle.massKg',
    said: t('vehicle’s weight'),
    clears: true,
  },
  {
    field: 'maxMassKg',
    label: t('Permissible greatest mass (GVWR)'),
    kind: 'mass',
    of: 'towVehicle.maxMassKg',
    said: t('vehicle’s greatest mass'),
    clears: true,
    hint: t('On its plate; D and surge brakes go by it'),
  },
];
const FRONT: readonly SizeOf<TowVehicle>[] = [
  {
    field: 'frontShare',
    label: t('On its front axle, alone'),
    kind: 'percent',
    of: 'towVehicle.frontShare',
    said: t('weight on the front axle'),
  },
];
const HITCH: readonly SizeOf<TowVehicle>[] = [
  {
    field: 'hitchHeightM',
    label: t('Hitch height, to the ball’s centre'),
    kind: 'length',
    of: 'towVehicle.hitchHeightM',
    said: t('hitch height'),
    clears: true,
  },
];
const SINKS: readonly SizeOf<TowVehicle>[] = [
  {
    field: 'rearAxleLimitKg',
    label: t('Its rear axle may carry'),
    kind: 'mass',
    of: 'towVehicle.rearAxleLimitKg',
    said: t('limit of the rear axle'),
    clears: true,
  },
];
const REAR: readonly SizeOf<TowVehicle>[] = [
  {
    field: 'widthM',
    label: t('Width at the rear'),
    kind: 'length',
    of: 'towVehicle.widthM',
    said: t('vehicle’s width'),
  },
  {
    field: 'bumperAheadOfBallM',
    label: t('Rear face ahead of the ball'),
    kind: 'length',
    of: 'towVehicle.bumperAheadOfBallM',
    said: t('rear face ahead of the ball'),
  },
  {
    field: 'rearTopM',
    label: t('Top of that rear face'),
    kind: 'length',
    of: 'towVehicle.rearTopM',
    said: t('top of the rear face'),
    clears: true,
    hint: t('Above the ground; empty: nothing swings over it'),
  },
  {
    field: 'tailgateReachM',
    label: t('Open tailgate reaches back'),
    kind: 'length',
    of: 'towVehicle.tailgateReachM',
    said: t('reach of the tailgate'),
    hint: t('From its rear face; 0 where it has none'),
  },
  {
    field: 'tailgateHeightM',
    label: t('Open tailgate’s underside'),
    kind: 'length',
    of: 'towVehicle.tailgateHeightM',
    said: t('height of the open tailgate'),
    clears: true,
    hint: t('Above the ground; empty: as low as the trailer'),
  },
];

/** Kept vehicles that tow it as well: what they change is told beside, and the worst counts. */
const AlsoTowedBy = () => {
  const { trailer, edit } = useEditing();
  const own = trailer.ownRows.vehicles;
  if (own.length === 0) return null;
  return (
    <fieldset className="col-span-2" aria-label={t('Also towed by')}>
      <legend className="narrow text-[14px]">{t('Also towed by')}</legend>
      {own.map(({ id, vehicle: { name } }) => (
        <CheckField
          key={id}
          label={name}
          checked={trailer.alsoTowedBy.includes(id)}
          onCommit={(on) =>
            edit(on ? t('also towed by {name}', { name }) : t('not towed by {name}', { name }), (current) => ({
              ...current,
              alsoTowedBy: on ? [...current.alsoTowedBy, id] : current.alsoTowedBy.filter((other) => other !== id),
            }))
          }
        />
      ))}
    </fieldset>
  );
};

/** What a hitch goes down by under a weight that is easy to stand on it: 100 lb or 50 kg. */
const TRY_KG = { imperial: 45.359237, metric: 50 } as const;

interface StartFromProps {
  readonly vehicle: TowVehicle;
  readonly set: (label: string, change: Partial<TowVehicle>) => void;
}

/** A vehicle that was kept, or a made-up one to begin with. */
const StartFrom = ({ vehicle, set }: StartFromProps) => {
  const { trailer } = useEditing();
  const own = trailer.ownRows.vehicles;
  return (
    <div className="col-span-2">
      <SelectField
        label={t('Start from')}
        hint={t('Made-up examples fill what you have not typed; limits you read yourself')}
        value=""
        options={[
          {
            value: '',
            text: vehicle.name === '' ? t('choose') : t('{name}, as written below', { name: vehicle.name }),
          },
          ...own.map(({ id, vehicle: { name } }) => ({ value: id, text: name, group: t('Your own') })),
          ...VEHICLE_ROWS.map(({ id, name }) => ({ value: id, text: voice.name(name), group: t('Examples') })),
        ]}
        onCommit={(id) => {
          const kept = own.find((candidate) => candidate.id === id);
          const row = VEHICLE_ROWS.find((candidate) => candidate.id === id);
          if (kept) set(t('tow vehicle {name}', { name: kept.vehicle.name }), kept.vehicle);
          else if (row) set(t('tow vehicle like {name}', { name: inner(row.name) }), likeExample(vehicle, row));
        }}
      />
    </div>
  );
};

/** The vehicle's shape and weight, as far as towing asks for them. */
export const VehicleFields = ({ open = true }: { readonly open?: boolean }) => {
  const { trailer, edit, readOnly } = useEditing();
  const vehicle = trailer.towVehicle ?? UNKNOWN_VEHICLE;
  const set = (label: string, change: Partial<TowVehicle>): void =>
    edit(label, (current) => ({ ...current, towVehicle: { ...(current.towVehicle ?? UNKNOWN_VEHICLE), ...change } }));
  const [, setJob] = useRecord('job');
  const byHand = vehicle.kind === 'muscle';
  const tryKg = TRY_KG[trailer.settings.units];
  return (
    <FieldGroup title={t('Tow vehicle')} open={open}>
      <StartFrom vehicle={vehicle} set={set} />
      <SelectField
        label={t('Pulled by')}
        value={vehicle.kind}
        options={KINDS}
        onCommit={(kind) => set(t('what pulls it'), { kind: kind })}
      />
      <TextField
        label={t('Vehicle’s name')}
        value={vehicle.name}
        onCommit={(name) => set(t('tow vehicle'), { name })}
      />
      <RecordFields record={vehicle} sizes={WEIGHT} onChange={set} />
      {!byHand && <RecordFields record={vehicle} sizes={[...SHAPE, ...FRONT]} onChange={set} />}
      <RecordFields record={vehicle} sizes={HITCH} onChange={set} />
      {!byHand && (
        <>
          <SelectField
            label={t('Stud circle of its wheels')}
            hint={t('For one spare that fits both')}
            value={vehicle.studCircle}
            options={[
              { value: '', text: t('not read') },
              ...[...new Set([...STUD_CIRCLES, vehicle.studCircle].filter((studs) => studs !== ''))].map((studs) => ({
                value: studs,
                text: studs,
              })),
            ]}
            onCommit={(studCircle) => set(t('stud circle of the vehicle'), { studCircle })}
          />
          <RecordFields
            record={vehicle}
            sizes={[
              {
                field: 'hitchSinksMPerKg',
                label: t('Hitch sinks under {units}', {
                  units: trailer.settings.units === 'imperial' ? t('100 lb') : t('50 kg'),
                }),
                kind: 'length',
                of: 'towVehicle.hitchSinksMPerKg',
                said: t('how far the hitch sinks'),
                clears: true,
                per: 1 / tryKg,
                hint: t('Stand on it and measure'),
              },
              ...SINKS,
              ...REAR,
            ]}
            onChange={set}
          />
          <RecordFields
            record={trailer.job}
            sizes={[
              {
                field: 'cornerM',
                label: t('Tightest turn, circle of the ball'),
                kind: 'length',
                of: 'job.cornerM',
                said: t('tightest turn'),
              },
              {
                field: 'laneM',
                label: t('Gate or lane it turns into'),
                kind: 'length',
                of: 'job.laneM',
                said: t('width of the lane'),
                clears: true,
              },
            ]}
            onChange={setJob}
          />
        </>
      )}
      <AlsoTowedBy />
      <button
        type="button"
        className="button col-span-2"
        disabled={readOnly || vehicle.name.trim() === ''}
        onClick={() =>
          edit(t('{name} kept', { name: vehicle.name }), (current) => ({
            ...current,
            ownRows: {
              ...current.ownRows,
              vehicles: [...current.ownRows.vehicles, { id: `own-vehicle-${nanoid(8)}`, vehicle }],
            },
          }))
        }
      >
        {t('Keep {name}', {
          name:
            vehicle.name.trim() === ''
              ? t('it once it has a name')
              : t('“{name}” for another time', { name: vehicle.name }),
        })}
      </button>
    </FieldGroup>
  );
};
