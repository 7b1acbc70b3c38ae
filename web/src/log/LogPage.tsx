import {
  buildPlan,
  dueOf,
  dueText,
  DRIVEN,
  drivenKm,
  evaluate,
  fromKilometres,
  formatMoney,
  jointName,
  jointsOf,
  type LogEntry,
  logEntries,
  parseNumber,
  type ProjectRecord,
  progressOf,
  type TaskProgress,
  resultOf,
  SERVICE_HOW,
  SERVICE_NAMES,
  servicePlan,
  speaker,
  standingEntries,
  type Speaker,
  taskName,
  toKilometres,
} from '@kereta/core';
import { useId, useMemo, useState } from 'react';
import { Link } from 'react-router';
import { useStore } from 'zustand';
import { PageHead } from '../fields/PageHead';
import { SessionNotes, TrailerPage } from '../bench/TrailerPage';
import { useFieldContext } from '../bench/useFieldContext';
import { useSession } from '../bench/useSession';
import { download, fileName } from '../fields/download';
import { EditingContext, useEditing } from '../fields/editing';
import { SelectField } from '../fields/fields';
import { HoursField, readHours } from '../fields/HoursField';
import { type NewEntry, noteOf, today } from '../fields/newEntry';
import { PhotoField } from '../fields/PhotoField';
import { Photos } from '../fields/Photos';
import { Sized } from '../fields/Sized';
import { useStrength } from '../jobs/questions';
import type { ReadableTrailer } from '../storage/trailers';
import { figures, t, voice } from '../fields/language/t';

const ABOUT_NAMES = {
  work: t('Work'),
  change: t('A change of the design, and why'),
  lesson: t('A lesson for the next one'),
} as const;
type About = keyof typeof ABOUT_NAMES;
const ABOUTS = Object.entries(ABOUT_NAMES) as readonly (readonly [About, string])[];

interface PartProps {
  readonly record: ProjectRecord;
  readonly say: Speaker;
  readonly note: (entry: NewEntry) => void;
}

/** What was done today: in words, with hours, by whom, on which task, with photos. */
const NewDay = ({ note, tasks }: Pick<PartProps, 'note'> & { readonly tasks: readonly TaskProgress[] }) => {
  const { readOnly } = useEditing();
  const [textId, whoId] = [useId(), useId()];
  const [text, setText] = useState('');
  const [typed, setTyped] = useState('');
  const { hours, bad } = readHours(typed);
  const [who, setWho] = useState('');
  const [about, setAbout] = useState<About>('work');
  const [taskId, setTaskId] = useState('');
  const [photos, setPhotos] = useState<readonly string[]>([]);
  const keep = (): void => {
    note({
      kind: 'log',
      text: text.trim(),
      hours,
      about,
      ...(who.trim() === '' ? {} : { who: who.trim() }),
      ...(taskId === '' ? {} : { taskId }),
      ...(photos.length > 0 ? { blobIds: [...photos] } : {}),
    });
    setText('');
    setTyped('');
    setPhotos([]);
  };
  return (
    <div className="grid grid-cols-2 gap-3">
      <div className="col-span-2">
        <label htmlFor={textId} className="narrow mb-1 block text-[14px]">
          {t('What was done, seen or learned')}
        </label>
        <textarea
          id={textId}
          className="field-box min-h-[88px] py-2"
          value={text}
          maxLength={2000}
          disabled={readOnly}
          onChange={(event) => setText(event.target.value)}
        />
      </div>
      <div className="col-span-2">
        <SelectField
          label={t('It is')}
          value={about}
          options={ABOUTS.map(([value, name]) => ({ value, text: name }))}
          onCommit={setAbout}
        />
      </div>
      <HoursField typed={typed} onChange={setTyped} />
      <div>
        <label htmlFor={whoId} className="narrow mb-1 block text-[14px]">
          {t('Who')}
        </label>
        <input
          id={whoId}
          className="field-box"
          value={who}
          maxLength={60}
          disabled={readOnly}
          onChange={(event) => setWho(event.target.value)}
        />
      </div>
      <div className="col-span-2">
        <SelectField
          label={t('On the task')}
          value={taskId}
          options={[
            { value: '', text: t('none of the plan') },
            ...tasks.map(({ task }) => ({ value: task.id, text: taskName(task, voice) })),
          ]}
          onCommit={setTaskId}
        />
      </div>
      <div className="col-span-2">
        <PhotoField
          label={t('Photo')}
          count={photos.length}
          onAdd={(blobId) => setPhotos((before) => [...before, blobId])}
        />
      </div>
      <button
        type="button"
        className="button button-main col-span-2 min-h-[52px]"
        disabled={readOnly || text.trim() === '' || bad}
        onClick={keep}
      >
        {t('Keep it')}
      </button>
    </div>
  );
};

const hoursOf = (entries: readonly LogEntry[]): number => entries.reduce((sum, { hours }) => sum + (hours ?? 0), 0);
const inHours = (hours: number): string => `${Math.round(hours * 100) / 100} h`;

/** What was paid on a day. */
const paidOn = (record: ProjectRecord, day: string) =>
  standingEntries(record).flatMap((entry) =>
    entry.kind === 'purchase' && entry.date === day && entry.paid !== null
      ? [{ id: entry.id, what: entry.what, paid: entry.paid }]
      : [],
  );

/** Day by day, the last first, and what each task took. */
const Journal = ({ record, say, note }: PartProps) => {
  const entries = logEntries(record);
  const days = [...new Set(entries.map(({ date }) => date))].toSorted().toReversed();
  const tasks = useMemo(() => progressOf(buildPlan(evaluate(say.trailer)), record), [say, record]);
  const spent = tasks.filter(({ spentH }) => spentH > 0);
  return (
    <section aria-label={t('Journal')} className="border-t border-[var(--ink)] py-3">
      <h2 className="text-[17px] font-bold">{t('Journal')}</h2>
      <NewDay note={note} tasks={tasks} />
      {entries.length > 0 && (
        <p className="mt-3 text-[14.5px]">{t('{entries} so far.', { entries: inHours(hoursOf(entries)) })}</p>
      )}
      {spent.length > 0 && (
        <table className="narrow mt-1 w-full text-[14px]" aria-label={t('Hours by task')}>
          <tbody>
            {spent.map(({ task, spentH }) => (
              <tr key={task.id} className="border-t border-base-300">
                <td className="py-1">{taskName(task, voice)}</td>
                <td className="text-right">{inHours(spentH)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {days.map((day) => {
        const own = entries.filter(({ date }) => date === day);
        return (
          <div key={day} className="mt-3">
            <h3 className="text-[15px] font-semibold">
              {day || t('No day noted')}
              {hoursOf(own) > 0 && <span className="mute font-normal">, {inHours(hoursOf(own))}</span>}
            </h3>
            <ul>
              {own.map(({ id, text, who, hours, about = 'work', blobIds = [] }) => (
                <li key={id} className="border-t border-base-300 py-1 text-[14.5px]">
                  {about !== 'work' && <b>{ABOUT_NAMES[about]}: </b>}
                  {text}
                  <span className="mute">
                    {hours !== null && `, ${inHours(hours)}`}
                    {who !== undefined && `, ${who}`}
                  </span>
                  <span className="flex flex-wrap gap-1">
                    <Photos blobIds={blobIds} name={t('Photo of {day}', { day })} />
                  </span>
                </li>
              ))}
              {paidOn(record, day).map(({ id, what, paid }) => (
                <li key={id} className="border-t border-base-300 py-1 text-[14.5px]">
                  {t('Paid: {what}, {paid}', { what, paid: figures(formatMoney(paid, say.trailer.settings.currency)) })}{' '}
                  <Link className="underline" to={`/trailer/${say.trailer.id}/buy`}>
                    {t('in the ledger')}
                  </Link>
                </li>
              ))}
            </ul>
          </div>
        );
      })}
    </section>
  );
};

/** So many joints are looked at first. */
const HARDEST = 3;

/** Joints that work hardest under the user's own loads, once they are worked out. */
const useHardest = (say: Speaker): readonly string[] => {
  const { outcome } = useStrength(say.trailer, 'soon');
  return useMemo(() => {
    const own = outcome?.kind === 'analysed' ? resultOf(outcome.analysis, 'own') : undefined;
    return (own ? jointsOf(own) : [])
      .slice(0, HARDEST)
      .map((look) => `${jointName(look, say)} (${say.percent(look.utilisation, 0)})`);
  }, [outcome, say]);
};

/** What is to be looked after, what is due, and the distance driven. */
const Service = ({ record, say, note }: PartProps) => {
  const { trailer, readOnly, units } = useEditing();
  const distanceId = useId();
  const [distance, setDistance] = useState('');
  const plan = useMemo(() => servicePlan(trailer), [trailer]);
  const hardest = useHardest(say);
  const dues = dueOf(plan, record, today());
  const drivenNow = drivenKm(record);
  const unit = units === 'imperial' ? 'mile' : 'km';
  const read = parseNumber(distance);
  const saveCalendar = async (): Promise<void> => {
    const { calendarFile } = await import('./calendarFile');
    download(
      fileName(t('{name} service', { name: trailer.name }), '.ics'),
      calendarFile(trailer, dues),
      'text/calendar',
    );
  };
  return (
    <section aria-label={t('Service')} className="border-t border-[var(--ink)] py-3">
      <h2 className="text-[17px] font-bold">{t('Service')}</h2>
      <div className="flex items-end gap-2">
        <div className="flex-1">
          <label htmlFor={distanceId} className="narrow mb-1 block text-[14px]">
            {t('Driven so far, {unit}', { unit: unit === 'mile' ? t('miles') : 'km' })}
          </label>
          <input
            id={distanceId}
            className="field-box"
            inputMode="decimal"
            placeholder={drivenNow > 0 ? String(Math.round(fromKilometres(drivenNow, unit))) : ''}
            value={distance}
            disabled={readOnly}
            onChange={(event) => setDistance(event.target.value)}
          />
        </div>
        <button
          type="button"
          className="button"
          disabled={readOnly || !read.ok || read.value < 0}
          onClick={() => {
            if (!read.ok) return;
            note({ kind: 'service', what: DRIVEN, atKm: toKilometres(read.value, unit) });
            setDistance('');
          }}
        >
          {t('Note it')}
        </button>
      </div>
      <ul className="mt-2">
        {dues.map((due) => (
          <li key={due.task.code} className="flex items-center gap-3 border-t border-base-300 py-2">
            <span className="flex-1">
              <b className="text-[15px]">{t(SERVICE_NAMES[due.task.code])}</b>
              <span
                className="block text-[14px]"
                style={due.state === 'due' ? { color: 'var(--fix)', fontWeight: 600 } : undefined}
              >
                <Sized>{dueText(due, say)}</Sized>
              </span>
              <span className="mute block text-[13.5px]">
                <Sized>{t(SERVICE_HOW[due.task.code])}</Sized>
                {due.task.code === 'welds' && hardest.length > 0 && (
                  <Sized>{` ${t('By the analysis these work hardest: {hardest}.', { hardest: hardest.join('; ') })}`}</Sized>
                )}
              </span>
            </span>
            <button
              type="button"
              className="button min-h-[48px]"
              disabled={readOnly}
              aria-label={t('Done: {service}', { service: t(SERVICE_NAMES[due.task.code]) })}
              onClick={() => note({ kind: 'service', what: due.task.code, atKm: drivenNow > 0 ? drivenNow : null })}
            >
              {t('Done')}
            </button>
          </li>
        ))}
      </ul>
      <button
        type="button"
        className="button mt-2"
        disabled={dues.every(({ day }) => day === undefined)}
        onClick={() => void saveCalendar()}
      >
        {t('Into a calendar, ICS')}
      </button>
      <p className="narrow mute mt-2 text-[13px]">
        {t(
          'Common practice; what the makers of axle, coupler and tires write in their books governs, and inspections that the law asks for come besides.',
        )}
      </p>
    </section>
  );
};

/** Journal and service of one trailer. */
const Log = ({ id, stored }: { readonly id: string; readonly stored: ReadableTrailer }) => {
  const session = useSession(id, stored);
  const { projectStore } = session;
  const editing = useFieldContext(projectStore);
  const { trailer } = editing;
  const record = useStore(projectStore.store, (state) => state.record);
  const say = useMemo(() => speaker(trailer, voice), [trailer]);
  const note = useMemo(() => noteOf(projectStore.note), [projectStore]);
  return (
    <EditingContext value={editing}>
      <div className="mx-auto max-w-[640px] px-4 pb-24">
        <PageHead title={t('{name}, its log', { name: trailer.name })} back={`/trailer/${id}/weigh`} />
        <SessionNotes
          session={session}
          onlyLooked={t('the log can be read here, not written')}
          unsaved={t('what was written')}
        />
        <Service record={record} say={say} note={note} />
        <Journal record={record} say={say} note={note} />
      </div>
    </EditingContext>
  );
};

export const LogPage = () => <TrailerPage>{(id, stored) => <Log id={id} stored={stored} />}</TrailerPage>;
