import {
  aboardOf,
  evaluate,
  type LoadCase,
  MAY_BE_EMPTY,
  massOfWeightKg,
  type ProjectRecord,
  readingName,
  type ScaleLine,
  sidesText,
  speaker,
  type Speaker,
  tongueShareText,
  WEIGH_FIELD_NAMES,
  WEIGH_FIELDS,
  WEIGH_METHOD_HOW,
  WEIGH_METHOD_NAMES,
  WEIGH_METHODS,
  weighMethodName,
  type WeighField,
  type WeighMethod,
  weighInEntries,
  weightN,
  workedOutBy,
  type WorkedOut,
} from '@kereta/core';
import { useMemo, useState } from 'react';
import { useStore } from 'zustand';
import { PageHead } from '../fields/PageHead';
import type { ProjectStore } from '../bench/projectStore';
import { SessionNotes, TrailerPage } from '../bench/TrailerPage';
import { useFieldContext } from '../bench/useFieldContext';
import { useSession } from '../bench/useSession';
import { EditingContext } from '../fields/editing';
import { SelectField } from '../fields/fields';
import { noteOf } from '../fields/newEntry';
import { QuantityField } from '../fields/QuantityField';
import { Sized } from '../fields/Sized';
import { useStaysAwake } from '../fields/useStaysAwake';
import type { ReadableTrailer } from '../storage/trailers';
import { LiveScalePart } from './LiveScalePart';
import { t, voice } from '../fields/language/t';

type Raw = Readonly<Partial<Record<WeighField, number>>>;

const MOST_KG = 50_000;
const MOST_M = 30;

const FIELD_OF_CHANNEL: Readonly<Record<ScaleLine['channel'], WeighField>> = {
  tongue: 'tongueKg',
  left: 'leftKg',
  right: 'rightKg',
};

const newtons = (readings: WorkedOut['readings'], which: 'value' | 'sd'): Record<string, number> =>
  Object.fromEntries(Object.entries(readings).map(([name, read]) => [name, weightN(read[which])]));

/** What is thought to be on each scale, kg. */
const expectedOf = (trailerNow: Speaker['trailer'], caseId: string): Readonly<Record<string, number>> => {
  const balanced = evaluate(trailerNow).cases.find(({ loadCase }) => loadCase.id === caseId);
  const standing = balanced?.standing;
  if (!balanced || !standing) return {};
  const sum = (of: 'loadN' | 'leftN' | 'rightN'): number =>
    massOfWeightKg(standing.axles.reduce((all, axle) => all + axle[of], 0));
  return {
    tongue: massOfWeightKg(standing.tongueN),
    axles: sum('loadN'),
    left: sum('leftN'),
    right: sum('rightN'),
    total: balanced.massKg,
    heightM: evaluate(trailerNow).rides.find((ride) => ride.caseId === caseId)?.balancePointM ?? Number.NaN,
  };
};

/** All of the trailer: as it was read with the tongue, else as it is thought. */
const wholeOf = ({ readings }: WorkedOut, expected: Readonly<Record<string, number>>): number =>
  readings.total?.value ??
  (readings.axles && readings.tongue ? readings.axles.value + readings.tongue.value : (expected['total'] ?? 0));

const Result = ({
  found,
  expected,
  say,
}: {
  readonly found: WorkedOut;
  readonly expected: Readonly<Record<string, number>>;
  readonly say: Speaker;
}) => (
  <div role="status" className="mt-2">
    {Object.entries(found.readings).map(([name, { value, sd }]) => (
      <p key={name} className="text-[16px]">
        {readingName(name, voice)}: <b className="wide text-[22px]">{say.mass(value)}</b>{' '}
        <span className="mute text-[14px]">
          {t('give or take {x}', { x: say.mass(2 * sd) })}
          {expected[name] !== undefined && `; ${t('thought: {mass}', { mass: say.mass(expected[name]) })}`}
        </span>
      </p>
    ))}
    {found.readings.tongue && (
      <p className="text-[14.5px]">
        {t('On the ball: {value}', {
          value: tongueShareText(found.readings.tongue.value, wholeOf(found, expected), say),
        })}
      </p>
    )}
    {found.readings.left && found.readings.right && (
      <p className="text-[14.5px]">{sidesText(found.readings.left.value, found.readings.right.value, say)}</p>
    )}
    {found.heightM !== undefined && (
      <p className="text-[16px]">
        {t('Balance point above ground:')}{' '}
        <b className="wide text-[22px]">
          <Sized>{say.length(found.heightM)}</Sized>
        </b>
        {Number.isFinite(expected['heightM']) && (
          <span className="mute text-[14px]">
            {t('thought:')} <Sized>{say.length(expected['heightM'] ?? Number.NaN)}</Sized>
          </span>
        )}
      </p>
    )}
  </div>
);

/** What was weighed before, the last one first. */
const Before = ({
  record,
  say,
  disabled,
  projectStore,
}: {
  readonly record: ProjectRecord;
  readonly say: Speaker;
  readonly disabled: boolean;
  readonly projectStore: ProjectStore;
}) => {
  const entries = weighInEntries(record);
  if (entries.length === 0) return null;
  return (
    <section aria-label={t('Weighed before')} className="border-t border-[var(--ink)] py-3">
      <h2 className="text-[17px] font-bold">{t('Weighed before')}</h2>
      <ol>
        {entries.toReversed().map((entry) => (
          <li key={entry.id} className="flex items-center gap-2 border-t border-base-300 py-1 text-[14.5px]">
            <span className="flex-1">
              <b>{entry.date}</b>, {say.caseName(entry.caseId)}, {weighMethodName(entry.support, voice)}:{' '}
              {Object.entries(entry.readings)
                .map(([name, value]) => `${readingName(name, voice)} ${say.load(value)}`)
                .join(', ')}
              {entry.raw?.['heightM'] !== undefined && (
                <Sized>{t('balance point {raw} high', { raw: say.length(entry.raw['heightM']) })}</Sized>
              )}
            </span>
            <button
              type="button"
              className="button min-h-[44px]"
              disabled={disabled}
              aria-label={t('Take back the weigh-in of {date}', { date: entry.date })}
              onClick={() => {
                const { id, date: _date, ...rest } = entry;
                noteOf(projectStore.note)({ ...rest, readings: null, corrects: id });
              }}
            >
              {t('Take back')}
            </button>
          </li>
        ))}
      </ol>
    </section>
  );
};

const aboardText = (loadCase: LoadCase, say: Speaker): string => {
  const aboard = aboardOf(loadCase);
  const names = say.trailer.items
    .filter(({ id, kind }) => kind === 'fixed' || aboard.has(id))
    .map(({ id, name, kind }) => {
      const fill = aboard.get(id)?.fill ?? 0;
      return kind === 'tank' ? t('{name} {fill} full', { name, fill: say.percent(fill, 0) }) : name;
    });
  return names.length === 0
    ? t('Nothing aboard: the trailer alone.')
    : t('Aboard: {names}.', { names: names.join(', ') });
};

/** What is read off scale and tape. */
const Readings = ({
  method,
  raw,
  onChange,
}: {
  readonly method: WeighMethod;
  readonly raw: Raw;
  readonly onChange: (raw: Raw) => void;
}) => {
  const fields: readonly WeighField[] = WEIGH_FIELDS[method];
  return (
    <div className="grid grid-cols-2 gap-3 max-[380px]:grid-cols-1">
      {fields.map((field) => (
        <QuantityField
          key={`${method} ${field}`}
          label={t(WEIGH_FIELD_NAMES[field])}
          kind={field.endsWith('Kg') ? 'mass' : 'length'}
          empty={MAY_BE_EMPTY.has(field) ? t('none') : t('to be read')}
          value={raw[field] ?? null}
          min={0}
          max={field.endsWith('Kg') ? MOST_KG : MOST_M}
          onCommit={(value) => onChange({ ...raw, [field]: value })}
          onClear={() => onChange(Object.fromEntries(Object.entries(raw).filter(([own]) => own !== field)))}
        />
      ))}
    </div>
  );
};

/** A weigh-in, led through: what is aboard, how it is weighed, what is read, and what that means. */
const WeighIn = ({ id, stored }: { readonly id: string; readonly stored: ReadableTrailer }) => {
  const session = useSession(id, stored);
  const { projectStore } = session;
  const editing = useFieldContext(projectStore);
  const { trailer, readOnly } = editing;
  const record = useStore(projectStore.store, (state) => state.record);
  const say = useMemo(() => speaker(trailer, voice), [trailer]);
  const towed = trailer.cases.filter(({ mode }) => mode === 'towed');
  const [caseId, setCaseId] = useState(towed[0]?.id ?? '');
  const [method, setMethod] = useState<WeighMethod>('bathroom-scale');
  const [raw, setRaw] = useState<Raw>({});
  const awake = useStaysAwake();
  const loadCase = towed.find((own) => own.id === caseId) ?? towed[0];
  const expected = loadCase ? expectedOf(trailer, loadCase.id) : {};
  const found = workedOutBy(method, raw);
  const fields: readonly WeighField[] = WEIGH_FIELDS[method];
  const complete = fields.every((field) => raw[field] !== undefined || MAY_BE_EMPTY.has(field));
  const keep = (): void => {
    if (!found || !loadCase) return;
    noteOf(projectStore.note)({
      kind: 'weigh-in',
      caseId: loadCase.id,
      support: method,
      readings: newtons(found.readings, 'value'),
      doubtsN: newtons(found.readings, 'sd'),
      raw: { ...raw, ...(found.heightM === undefined ? {} : { heightM: found.heightM }) },
      aboard: loadCase.aboard.map(({ itemId, fill }) => ({ itemId, fill })),
    });
    setRaw({});
  };
  const take = (channel: ScaleLine['channel'], kg: number): void => {
    setMethod('pads');
    setRaw((before) => ({ ...(method === 'pads' ? before : {}), [FIELD_OF_CHANNEL[channel]]: kg }));
  };
  return (
    <EditingContext value={editing}>
      <div className="mx-auto max-w-[640px] px-4 pb-24">
        <PageHead title={t('{name}, on the scale', { name: trailer.name })} back={`/trailer/${id}/weigh`} />
        <SessionNotes
          session={session}
          onlyLooked={t('readings can be looked at here, not kept')}
          unsaved={t('what was read')}
        />
        {loadCase ? (
          <>
            <SelectField
              label={t('What is aboard now')}
              value={loadCase.id}
              options={towed.map((own) => ({ value: own.id, text: own.name }))}
              onCommit={setCaseId}
            />
            <p className="narrow mute text-[14px]">{aboardText(loadCase, say)}</p>
            <div className="mt-2">
              <SelectField
                label={t('How it is weighed')}
                value={method}
                options={WEIGH_METHODS.map((own) => ({ value: own, text: t(WEIGH_METHOD_NAMES[own]) }))}
                onCommit={(next) => {
                  setMethod(next);
                  setRaw({});
                }}
              />
            </div>
            <ol className="my-2 list-outside list-decimal pl-5 text-[15px]">
              {WEIGH_METHOD_HOW[method].map((line) => (
                <li key={line} className="py-[2px]">
                  <Sized>{t(line)}</Sized>
                </li>
              ))}
            </ol>
            <Readings method={method} raw={raw} onChange={setRaw} />
            {found && <Result found={found} expected={expected} say={say} />}
            {!found && complete && (
              <p role="status" className="mt-2">
                {t('These cannot be: read again.')}
              </p>
            )}
            <button
              type="button"
              className="button button-main mt-2 min-h-[52px] w-full"
              disabled={readOnly || !found}
              onClick={keep}
            >
              {t('Keep this weigh-in')}
            </button>
            <div className="mt-3">
              <LiveScalePart
                balanced={evaluate(trailer).cases.find((own) => own.loadCase.id === loadCase.id)}
                say={say}
                disabled={readOnly}
                onTake={take}
              />
            </div>
          </>
        ) : (
          <p>{t('There is no load yet that is towed: put one on in What’s on it.')}</p>
        )}
        <Before record={record} say={say} disabled={readOnly} projectStore={projectStore} />
        <p className="narrow mute mt-2 text-[13px]">
          {t(
            '{awake}On rated stands and chocks before anybody reaches under it. Plate, ratings and law are not changed by what a scale says.',
            { awake: awake === 'awake' ? `${t('The screen stays on while this page is open.')} ` : '' },
          )}
        </p>
      </div>
    </EditingContext>
  );
};

export const WeighPage = () => <TrailerPage>{(id, stored) => <WeighIn id={id} stored={stored} />}</TrailerPage>;
