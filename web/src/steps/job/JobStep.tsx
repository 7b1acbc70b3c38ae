import {
  exampleOf,
  UNKNOWN_VEHICLE,
  REGION_NAMES,
  ROAD_NAMES,
  UNIT_NAMES,
  currencyOf,
  hasUnevenSizes,
  SCHOOL_NAMES,
  schoolOf,
  schoolOfRegion,
  withRoundSizes,
  withSchool,
} from '@kereta/core';
import { useEditing } from '../../fields/editing';
import { useRecord } from '../../fields/useRecord';
import { CheckField, FieldGrid, FieldGroup, SelectField, TextField } from '../../fields/fields';
import { QuantityField } from '../../fields/QuantityField';
import { useWorkbench } from '../../bench/workbench';
import { t } from '../../fields/language/t';
import { optionsIn } from '../../fields/language/optionsIn';

const REGIONS = optionsIn(REGION_NAMES);

const UNITS = optionsIn(UNIT_NAMES);
const FRACTIONS = [
  { value: '16', text: t('To 1/16 in') },
  { value: '32', text: t('To 1/32 in') },
] as const;

const ROADS = optionsIn(ROAD_NAMES);

/** What pulls it, as far as the first questions go. */
const JobVehicle = () => {
  const { trailer, edit } = useEditing();
  const { say } = useWorkbench('say');
  const vehicle = trailer.towVehicle ?? UNKNOWN_VEHICLE;
  const like = exampleOf(vehicle);
  const readYours = (kg: number | undefined): { hint?: string } =>
    kg === undefined ? {} : { hint: t('Such a one perhaps {kg}: read yours', { kg: say.mass(kg) }) };
  const setVehicle = (label: string, change: Partial<typeof vehicle>): void =>
    edit(label, (current) => ({
      ...current,
      towVehicle: { ...(current.towVehicle ?? UNKNOWN_VEHICLE), ...change },
    }));
  return (
    <FieldGroup title={t('Tow vehicle')} open>
      <QuantityField
        label={t('May tow')}
        kind="mass"
        value={vehicle.towLimitKg}
        of="towVehicle.towLimitKg"
        {...readYours(like?.towLimitKg)}
        onCommit={(towLimitKg) => setVehicle(t('tow limit'), { towLimitKg })}
        onClear={() => setVehicle(t('tow limit taken out'), { towLimitKg: null })}
      />
      <QuantityField
        label={t('Hitch allows')}
        kind="mass"
        value={vehicle.tongueLimitKg}
        of="towVehicle.tongueLimitKg"
        {...readYours(like?.tongueLimitKg)}
        onCommit={(tongueLimitKg) => setVehicle(t('hitch limit'), { tongueLimitKg })}
        onClear={() => setVehicle(t('hitch limit taken out'), { tongueLimitKg: null })}
      />
      <TextField
        label={t('Vehicle’s name')}
        value={vehicle.name}
        onCommit={(name) => setVehicle(t('tow vehicle'), { name })}
      />
      <QuantityField
        label={t('Vehicle weighs')}
        kind="mass"
        value={vehicle.massKg}
        of="towVehicle.massKg"
        onCommit={(massKg) => setVehicle(t('vehicle’s weight'), { massKg })}
        onClear={() => setVehicle(t('vehicle’s weight taken out'), { massKg: null })}
      />
      <QuantityField
        label={t('Hitch height')}
        kind="length"
        value={vehicle.hitchHeightM}
        of="towVehicle.hitchHeightM"
        onCommit={(hitchHeightM) => setVehicle(t('hitch height'), { hitchHeightM })}
        onClear={() => setVehicle(t('hitch height taken out'), { hitchHeightM: null })}
      />
    </FieldGroup>
  );
};

/** An offer on one line: what is so, and a click that makes it otherwise. */
const Offer = ({
  text,
  action,
  onTake,
}: {
  readonly text: string;
  readonly action: string;
  readonly onTake: () => void;
}) => {
  const { readOnly } = useEditing();
  return (
    <div className="narrow col-span-2 flex items-center justify-between gap-3 text-[13px]">
      <span>{text}</span>
      <button
        type="button"
        className="button min-h-[36px] shrink-0 whitespace-nowrap"
        disabled={readOnly}
        onClick={onTake}
      >
        {action}
      </button>
    </div>
  );
};

/** Units, money and fractions. */
const HowWritten = () => {
  const { trailer, edit } = useEditing();
  const { projectStore } = useWorkbench('projectStore');
  const { units } = trailer.settings;
  const uneven = hasUnevenSizes(trailer, units);
  const money = currencyOf(units, trailer.settings);
  return (
    <FieldGroup title={t('How sizes are written')}>
      <SelectField
        label={t('Units')}
        value={trailer.settings.units}
        options={UNITS}
        onCommit={(chosen) => projectStore.changeSettings({ units: chosen === 'metric' ? 'metric' : 'imperial' })}
      />
      <TextField
        label={t('Money')}
        value={trailer.settings.currency}
        onCommit={(currency) => projectStore.changeSettings({ currency: currency.slice(0, 8) })}
      />
      {trailer.settings.units === 'imperial' && (
        <SelectField
          label={t('Fractions of an inch')}
          value={String(trailer.settings.fraction)}
          options={FRACTIONS}
          onCommit={(fraction) => projectStore.changeSettings({ fraction: fraction === '32' ? 32 : 16 })}
        />
      )}
      {money !== trailer.settings.currency && (
        <Offer
          text={t('Money is in {currency}; prices stay as they were typed.', { currency: trailer.settings.currency })}
          action={t('Take {money}', { money })}
          onTake={() => projectStore.changeSettings({ currency: money })}
        />
      )}
      {uneven && (
        <Offer
          text={t('Sizes were chosen in the other units.')}
          action={units === 'metric' ? t('Round them to mm') : t('Round them to inches')}
          onTake={() => edit(t('round sizes'), (current) => ({ ...current, ...withRoundSizes(current, units) }))}
        />
      )}
    </FieldGroup>
  );
};

/** Regions whose rules it is judged by, and the school of tongue weight that goes with them. */
const WhereTowed = () => {
  const { trailer, edit } = useEditing();
  const { projectStore } = useWorkbench('projectStore');
  const [first] = trailer.settings.regions;
  const school = schoolOf(trailer);
  // A cart's school is chosen on purpose, and so is a band of one's own.
  const offered =
    first !== undefined && school !== 'own' && school !== 'muscle-pulled' && school !== schoolOfRegion(first)
      ? schoolOfRegion(first)
      : undefined;
  return (
    <FieldGroup title={t('Where it will be towed')}>
      {REGIONS.map(({ value: region, text: name }) => (
        <CheckField
          key={region}
          label={name}
          checked={trailer.settings.regions.includes(region)}
          onCommit={(on) =>
            projectStore.changeSettings({
              regions: on
                ? [...trailer.settings.regions, region]
                : trailer.settings.regions.filter((other) => other !== region),
            })
          }
        />
      ))}
      {offered && (
        <Offer
          text={t('Tongue weight goes by another school: {school}.', { school: t(SCHOOL_NAMES[schoolOf(trailer)]) })}
          action={t('Take {school}', { school: t(SCHOOL_NAMES[offered]) })}
          onTake={() => {
            projectStore.changeSettings({ tongueSchool: offered });
            edit(t('school of tongue weight'), (current) => withSchool(current, offered));
          }}
        />
      )}
    </FieldGroup>
  );
};

/** What it carries, what tows it, where it must fit. */
export const JobStep = () => {
  const { trailer, edit } = useEditing();
  const [, setJob] = useRecord('job');
  return (
    <>
      <FieldGrid>
        <div className="col-span-2">
          <TextField
            label={t('Trailer’s name')}
            value={trailer.name}
            onCommit={(name) => edit(t('name {name}', { name }), (current) => ({ ...current, name }))}
          />
        </div>
        <div className="col-span-2">
          <TextField
            label={t('What it will carry')}
            value={trailer.job.purpose}
            onCommit={(purpose) => setJob(t('what it carries'), { purpose })}
          />
        </div>
        <SelectField
          label={t('On what roads')}
          value={trailer.job.road}
          options={ROADS}
          onCommit={(road) => setJob(t('roads'), { road: road })}
        />
        <QuantityField
          label={t('Rated gross, for its plate')}
          kind="mass"
          value={trailer.ratedGrossKg}
          of="ratedGrossKg"
          onCommit={(ratedGrossKg) => edit(t('rated gross'), (current) => ({ ...current, ratedGrossKg }))}
          onClear={() => edit(t('rated gross taken out'), (current) => ({ ...current, ratedGrossKg: null }))}
        />
      </FieldGrid>
      <JobVehicle />
      <FieldGroup title={t('Where it must fit')}>
        <QuantityField
          label={t('Widest it may be')}
          kind="length"
          value={trailer.job.maxWidthM}
          of="job.maxWidthM"
          onCommit={(maxWidthM) => setJob(t('widest'), { maxWidthM })}
          onClear={() => setJob(t('no limit of width'), { maxWidthM: null })}
        />
        <QuantityField
          label={t('Longest it may be')}
          kind="length"
          value={trailer.job.maxLengthM}
          of="job.maxLengthM"
          onCommit={(maxLengthM) => setJob(t('longest'), { maxLengthM })}
          onClear={() => setJob(t('no limit of length'), { maxLengthM: null })}
        />
      </FieldGroup>
      <HowWritten />
      <WhereTowed />
    </>
  );
};
