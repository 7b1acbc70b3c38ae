import {
  BUILT,
  BUILT_SIZE_NAMES,
  BUILT_SIZES,
  builtReadings,
  drawnSize,
  type BuiltSize,
  type FieldPath,
  type ProjectRecord,
  type Speaker,
  takenMasses,
  massName,
} from '@kereta/core';
import { Link } from 'react-router';
import { useStore } from 'zustand';
import { useWorkbench } from '../../bench/workbench';
import { useEditing } from '../../fields/editing';
import { FieldGroup } from '../../fields/fields';
import { type NewEntry, noteOf } from '../../fields/newEntry';
import { QuantityField } from '../../fields/QuantityField';
import { Sized } from '../../fields/Sized';
import { t } from '../../fields/language/t';

/** Where a size of the built trailer is measured: as the design's own. */
const MEASURED_AS = {
  'axle-back': 'runningGear.positionM',
  'tongue-length': 'frame.tongue.lengthM',
  track: 'runningGear.suspension.trackM',
  'rail-top': 'runningGear.measuredRailTopM',
  'ball-height': 'towVehicle.hitchHeightM',
} as const satisfies Readonly<Record<BuiltSize, FieldPath>>;

const MOST_M = 30;

/** Sizes of the built trailer, each beside what was drawn. */
const BuiltSizes = ({
  record,
  say,
  note,
}: {
  readonly record: ProjectRecord;
  readonly say: Speaker;
  readonly note: (entry: NewEntry) => void;
}) => {
  const { trailer } = useEditing();
  const readings = builtReadings(record);
  return BUILT_SIZES.map((size) => {
    const drawn = drawnSize(trailer, size);
    if (drawn === undefined) return null;
    const reading = readings.find((one) => one.size === size);
    return (
      <div key={size} className="py-1">
        <QuantityField
          label={t(BUILT_SIZE_NAMES[size])}
          kind="length"
          measuredAs={MEASURED_AS[size]}
          empty={t('not measured')}
          value={reading?.value ?? null}
          min={0.05}
          max={MOST_M}
          onCommit={(value) => note({ kind: 'as-built', subject: BUILT, field: size, value })}
          onClear={() => {
            if (reading)
              note({ kind: 'as-built', subject: BUILT, field: size, value: null, corrects: reading.entryId });
          }}
        />
        <p className="narrow mute text-[13px]">
          <Sized>{t('drawn {drawn}', { drawn: say.length(drawn) })}</Sized>
          {reading && `; ${t('measured {date}', { date: reading.date })}`}
        </p>
      </div>
    );
  });
};

/** Weigh-ins, as-built sizes, and whose word was taken. */
export const WeighStep = () => {
  const { say, projectStore } = useWorkbench('say', 'projectStore');
  const { trailer } = useEditing();
  const record = useStore(projectStore.store, (state) => state.record);
  const note = noteOf(projectStore.note);
  const taken = [...takenMasses(record)];
  return (
    <div className="px-4 pb-3">
      <div className="grid grid-cols-1 gap-2">
        <Link className="button button-main" to={`/trailer/${trailer.id}/weigh-in`}>
          {t('Weigh it')}
        </Link>
        <Link className="button" to={`/trailer/${trailer.id}/log`}>
          {t('Journal and service')}
        </Link>
        <Link className="button" to={`/trailer/${trailer.id}/print/book`}>
          {t('The trailer’s book: plate, papers, all of it')}
        </Link>
        <Link className="button" to={`/trailer/${trailer.id}/trip`}>
          {t('Load it for a trip')}
        </Link>
      </div>
      <div className="-mx-4 mt-3">
        <FieldGroup title={t('As it was built')} open>
          <BuiltSizes record={record} say={say} note={note} />
        </FieldGroup>
      </div>
      {taken.length > 0 && (
        <>
          <h2 className="mt-3 text-[15px] font-bold">{t('The scale’s word taken')}</h2>
          <ul>
            {taken.map(([id, { kg, date }]) => (
              <li key={id} className="flex items-center gap-2 border-t border-base-300 py-1 text-[14.5px]">
                <span className="flex-1">
                  {massName(id, say)}: {say.mass(kg)}, {date}
                </span>
                <button
                  type="button"
                  className="button"
                  aria-label={t('Take back {id}', { id: massName(id, say) })}
                  onClick={() => note({ kind: 'as-built', subject: id, field: 'massKg', value: null })}
                >
                  {t('Take back')}
                </button>
              </li>
            ))}
          </ul>
        </>
      )}
    </div>
  );
};
