import {
  STUD_CIRCLES,
  likeExample,
  type TowVehicle,
  UNKNOWN_VEHICLE,
  VEHICLE_ROWS,
  VEHICLE_NAMES,
  optionsOf,
} from '@kereta/core';
import { nanoid } from 'nanoid';
import { useEditing } from '../../fields/editing';
import { useRecord } from '../../fields/useRecord';
import { CheckField, FieldGroup, SelectField, TextField } from '../../fields/fields';
import { RecordFields, type SizeOf } from '../../fields/RecordFields';

const KINDS = optionsOf(VEHICLE_NAMES);

const SHAPE: readonly SizeOf<TowVehicle>[] = [
  {
    field: 'wheelbaseM',
    label: 'Wheelbase',
    kind: 'length',
    of: 'towVehicle.wheelbaseM',
    said: 'wheelbase',
    clears: true,
  },
  {
    field: 'ballBehindAxleM',
    label: 'Ball behind its rear axle',
    kind: 'length',
    of: 'towVehicle.ballBehindAxleM',
    said: 'ball behind the rear axle',
    clears: true,
  },
];
const WEIGHT: readonly SizeOf<TowVehicle>[] = [
  {
    field: 'massKg',
    label: 'Vehicle weighs',
    kind: 'mass',
    of: 'towVehicle.massKg',
    said: 'vehicle’s weight',
    clears: true,
  },
  {
    field: 'maxMassKg',
    label: 'Permissible greatest mass (GVWR)',
    kind: 'mass',
    of: 'towVehicle.maxMassKg',
    said: 'vehicle’s greatest mass',
    clears: true,
    hint: 'On its plate; D and surge brakes go by it',
  },
];
const FRONT: readonly SizeOf<TowVehicle>[] = [
  {
    field: 'frontShare',
    label: 'On its front axle, alone',
    kind: 'percent',
    of: 'towVehicle.frontShare',
    said: 'weight on the front axle',
  },
];
const HITCH: readonly SizeOf<TowVehicle>[] = [
  {
    field: 'hitchHeightM',
    label: 'Hitch height, to the ball’s centre',
    kind: 'length',
    of: 'towVehicle.hitchHeightM',
    said: 'hitch height',
    clears: true,
  },
];
const SINKS: readonly SizeOf<TowVehicle>[] = [
  {
    field: 'rearAxleLimitKg',
    label: 'Its rear axle may carry',
    kind: 'mass',
    of: 'towVehicle.rearAxleLimitKg',
    said: 'limit of the rear axle',
    clears: true,
  },
];
const REAR: readonly SizeOf<TowVehicle>[] = [
  { field: 'widthM', label: 'Width at the rear', kind: 'length', of: 'towVehicle.widthM', said: 'vehicle’s width' },
  {
    field: 'bumperAheadOfBallM',
    label: 'Rear face ahead of the ball',
    kind: 'length',
    of: 'towVehicle.bumperAheadOfBallM',
    said: 'rear face ahead of the ball',
  },
  {
    field: 'rearTopM',
    label: 'Top of that rear face',
    kind: 'length',
    of: 'towVehicle.rearTopM',
    said: 'top of the rear face',
    clears: true,
    hint: 'Above the ground; empty: nothing swings over it',
  },
  {
    field: 'tailgateReachM',
    label: 'Open tailgate reaches back',
    kind: 'length',
    of: 'towVehicle.tailgateReachM',
    said: 'reach of the tailgate',
    hint: 'From its rear face; 0 where it has none',
  },
  {
    field: 'tailgateHeightM',
    label: 'Open tailgate’s underside',
    kind: 'length',
    of: 'towVehicle.tailgateHeightM',
    said: 'height of the open tailgate',
    clears: true,
    hint: 'Above the ground; empty: as low as the trailer',
  },
];

/** Kept vehicles that tow it as well: what they change is told beside, and the worst counts. */
const AlsoTowedBy = () => {
  const { trailer, edit } = useEditing();
  const own = trailer.ownRows.vehicles;
  if (own.length === 0) return null;
  return (
    <fieldset className="col-span-2" aria-label="Also towed by">
      <legend className="narrow text-[14px]">Also towed by</legend>
      {own.map(({ id, vehicle: { name } }) => (
        <CheckField
          key={id}
          label={name}
          checked={trailer.alsoTowedBy.includes(id)}
          onCommit={(on) =>
            edit(`${on ? 'also' : 'not'} towed by ${name}`, (current) => ({
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

/** The vehicle's shape and weight, as far as towing asks for them. */
export const VehicleFields = ({ open = true }: { readonly open?: boolean }) => {
  const { trailer, edit, readOnly } = useEditing();
  const vehicle = trailer.towVehicle ?? UNKNOWN_VEHICLE;
  const set = (label: string, change: Partial<TowVehicle>): void =>
    edit(label, (current) => ({ ...current, towVehicle: { ...(current.towVehicle ?? UNKNOWN_VEHICLE), ...change } }));
  const [, setJob] = useRecord('job');
  const byHand = vehicle.kind === 'muscle';
  const own = trailer.ownRows.vehicles;
  const tryKg = TRY_KG[trailer.settings.units];
  return (
    <FieldGroup title="Tow vehicle" open={open}>
      <div className="col-span-2">
        <SelectField
          label="Start from"
          hint="Made-up examples fill what you have not typed; limits you read yourself"
          value=""
          options={[
            { value: '', text: vehicle.name === '' ? 'choose' : `${vehicle.name}, as written below` },
            ...own.map(({ id, vehicle: { name } }) => ({ value: id, text: name, group: 'Your own' })),
            ...VEHICLE_ROWS.map(({ id, name }) => ({ value: id, text: name, group: 'Examples' })),
          ]}
          onCommit={(id) => {
            const kept = own.find((candidate) => candidate.id === id);
            const row = VEHICLE_ROWS.find((candidate) => candidate.id === id);
            if (kept) set(`tow vehicle ${kept.vehicle.name}`, kept.vehicle);
            else if (row) set(`tow vehicle like ${row.name.toLowerCase()}`, likeExample(vehicle, row));
          }}
        />
      </div>
      <SelectField
        label="Pulled by"
        value={vehicle.kind}
        options={KINDS}
        onCommit={(kind) => set('what pulls it', { kind: kind })}
      />
      <TextField label="Vehicle’s name" value={vehicle.name} onCommit={(name) => set('tow vehicle', { name })} />
      <RecordFields record={vehicle} sizes={WEIGHT} onChange={set} />
      {!byHand && <RecordFields record={vehicle} sizes={[...SHAPE, ...FRONT]} onChange={set} />}
      <RecordFields record={vehicle} sizes={HITCH} onChange={set} />
      {!byHand && (
        <>
          <SelectField
            label="Stud circle of its wheels"
            hint="For one spare that fits both"
            value={vehicle.studCircle}
            options={[
              { value: '', text: 'not read' },
              ...[...new Set([...STUD_CIRCLES, vehicle.studCircle].filter((studs) => studs !== ''))].map((studs) => ({
                value: studs,
                text: studs,
              })),
            ]}
            onCommit={(studCircle) => set('stud circle of the vehicle', { studCircle })}
          />
          <RecordFields
            record={vehicle}
            sizes={[
              {
                field: 'hitchSinksMPerKg',
                label: `Hitch sinks under ${trailer.settings.units === 'imperial' ? '100 lb' : '50 kg'}`,
                kind: 'length',
                of: 'towVehicle.hitchSinksMPerKg',
                said: 'how far the hitch sinks',
                clears: true,
                per: 1 / tryKg,
                hint: 'Stand on it and measure',
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
                label: 'Tightest turn, circle of the ball',
                kind: 'length',
                of: 'job.cornerM',
                said: 'tightest turn',
              },
              {
                field: 'laneM',
                label: 'Gate or lane it turns into',
                kind: 'length',
                of: 'job.laneM',
                said: 'width of the lane',
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
          edit(`${vehicle.name} kept`, (current) => ({
            ...current,
            ownRows: {
              ...current.ownRows,
              vehicles: [...current.ownRows.vehicles, { id: `own-vehicle-${nanoid(8)}`, vehicle }],
            },
          }))
        }
      >
        Keep {vehicle.name.trim() === '' ? 'it once it has a name' : `“${vehicle.name}” for another time`}
      </button>
    </FieldGroup>
  );
};
