import {
  axleRatingKg,
  type BalancedCase,
  evaluate,
  type Evaluation,
  formatPercent,
  itemPart,
  type Item,
  type LoadCase,
  loadAnswer,
  loadHint,
  massOfWeightKg,
  sentenceOf,
  type Speaker,
  speaker,
  type Trailer,
  type Verdict,
  VERDICT_WORDS,
  weightN,
  workedOutBy,
} from '@kereta/core';
import { nanoid } from 'nanoid';
import { useId, useMemo, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { useStore } from 'zustand';
import { SessionNotes, TrailerPage } from '../bench/TrailerPage';
import { snapTo, stepsOf } from '../bench/sheet/parts';
import type { ReadableTrailer } from '../storage/trailers';
import { useFieldContext } from '../bench/useFieldContext';
import { EditingContext } from '../fields/editing';
import { noteOf } from '../fields/newEntry';
import { QuantityField } from '../fields/QuantityField';
import { Sized } from '../fields/Sized';
import { VerdictMark } from '../fields/VerdictMark';
import { SeeSaw } from '../bench/SeeSaw';
import { useSession } from '../bench/useSession';
import { TripBed } from './TripBed';
import { figures, t, voice } from '../fields/language/t';

/** The trip as a load case like any other; nothing aboard to begin with. */
const emptyTrip = (): LoadCase => ({
  id: `case.trip-${nanoid(6)}`,
  name: t('One trip'),
  mode: 'towed',
  countsForWindow: false,
  aboard: [],
  drawerOutM: 0,
  tongueBand: null,
});

interface TripAnswer {
  readonly verdict: Verdict;
  readonly text: string;
}

/** What the checks say of this load, the worst of it in words: the same that strip and panels say. */
const answerOf = (evaluation: Evaluation, balanced: BalancedCase): TripAnswer => {
  const { standing, loadCase } = balanced;
  if (!standing) return { verdict: 'open', text: t('There is no axle behind the ball yet.') };
  // A bare trailer is judged by its own load case, not by a trip that has not begun.
  if (loadCase.aboard.length === 0) return { verdict: 'unchecked', text: t('Nothing aboard yet.') };
  const { verdict, worst } = loadAnswer(evaluation, loadCase.id);
  if (!worst) return { verdict, text: t('Tongue in its band.') };
  // The trip is a load of the trailer that was worked out, so it is called by its name.
  return { verdict, text: `${sentenceOf(worst, speaker(evaluation.trailer, voice))} ${loadHint(worst, voice)}`.trim() };
};

/** Live answer at the top: the see-saw, the share, and what to do. */
const Answer = ({
  answer: { verdict, text },
  balanced,
  trailer,
  say,
}: {
  readonly answer: TripAnswer;
  readonly balanced: BalancedCase;
  readonly trailer: Trailer;
  readonly say: Speaker;
}) => {
  const { standing, massKg } = balanced;
  const rating = axleRatingKg(trailer.runningGear);
  const worstAxle = Math.max(0, ...(standing?.axles.map(({ loadN }) => massOfWeightKg(loadN)) ?? []));
  const gross = trailer.ratedGrossKg;
  return (
    <section
      className="sticky top-0 z-10 border-b border-base-300 bg-base-100 px-4 py-2"
      aria-live="polite"
      aria-label={t('Tongue of this trip')}
    >
      <div className="flex items-center gap-4">
        <SeeSaw
          balanced={balanced}
          lengthM={trailer.frame.bed.lengthM}
          ballXM={standing?.aheadXM ?? -trailer.frame.tongue.lengthM}
          verdict={verdict}
        />
        <p>
          <span className="wide text-[22px] font-bold">
            {standing ? figures(formatPercent(standing.tongueShare)) : t('no axle yet')}
          </span>{' '}
          <Sized>{standing ? say.load(standing.tongueN) : ''}</Sized>
          <span className="flex items-start gap-2 text-[14px]">
            <VerdictMark verdict={verdict} /> {t(VERDICT_WORDS[verdict])}. {text}
          </span>
        </p>
      </div>
      <p className="narrow mute text-[13px]">
        {t('Whole trailer')} <Sized>{say.mass(massKg)}</Sized>
        {gross !== null && massKg > gross && (
          <span style={{ color: 'var(--fix)' }} className="font-semibold">
            {t('is more than its plate’s {gross}', { gross: say.mass(gross) })}
          </span>
        )}
        {t('. Axle')} <Sized>{say.mass(worstAxle)}</Sized>
        {rating === null
          ? t(', its rating is missing')
          : worstAxle > rating
            ? t(', more than its {rating}', { rating: say.mass(rating) })
            : ` ${t('of {rating}', { rating: say.mass(rating) })}`}
        .
      </p>
    </section>
  );
};

type Aboard = LoadCase['aboard'][number];

/** One thing of the list: whether it comes along, where it stands, how full it is. */
const ThingRow = ({
  item,
  entry,
  placeM,
  farM,
  say,
  onChange,
  onShift,
}: {
  readonly item: Item;
  readonly entry: Aboard | undefined;
  /** its middle, back from the front edge */
  readonly placeM: number;
  /** of one press, m */
  readonly farM: number;
  readonly say: Speaker;
  readonly onChange: (part: Partial<Aboard> | null) => void;
  readonly onShift: (shiftM: number) => void;
}) => {
  const aboard = entry !== undefined;
  return (
    <li className="border-b border-base-300 py-2">
      <div className="flex min-h-[48px] items-center justify-between gap-2">
        <label className="flex flex-1 items-center gap-3 text-[16px]">
          <input
            type="checkbox"
            className="checkbox"
            checked={aboard}
            onChange={(event) => onChange(event.target.checked ? {} : null)}
          />
          <span>
            {item.name}{' '}
            <span className="mute text-[14px]">
              <Sized>{say.mass(item.massKg.value + item.emptyMassKg)}</Sized>
            </span>
          </span>
        </label>
        {aboard && (
          <span className="flex items-center gap-1">
            <button
              type="button"
              className="button min-h-[48px] min-w-[48px]"
              aria-label={t('{name} forward', { name: item.name })}
              onClick={() => onShift((entry?.shiftM ?? 0) - farM)}
            >
              ←
            </button>
            <button
              type="button"
              className="button min-h-[48px] min-w-[48px]"
              aria-label={t('{name} back', { name: item.name })}
              onClick={() => onShift((entry?.shiftM ?? 0) + farM)}
            >
              →
            </button>
          </span>
        )}
      </div>
      {aboard && (
        <p className="narrow mute text-[13px]">
          {t('Its middle')} <Sized>{say.length(placeM)}</Sized> {t('back from the front edge')}
          {Math.abs(entry?.shiftM ?? 0) > 1e-6 && (
            <>
              , <Sized>{say.length(Math.abs(entry?.shiftM ?? 0))}</Sized>{' '}
              {t('{shift} its usual place', { shift: (entry?.shiftM ?? 0) > 0 ? t('behind') : t('ahead of') })}
            </>
          )}
          .
        </p>
      )}
      {aboard && item.kind === 'tank' && (
        <label className="narrow flex items-center gap-3 text-[14px]">
          <span className="whitespace-nowrap">{t('How full')}</span>
          <input
            type="range"
            className="range"
            min={0}
            max={100}
            step={5}
            value={Math.round((entry?.fill ?? 1) * 100)}
            onChange={(event) => onChange({ fill: Number(event.target.value) / 100 })}
          />
          <span className="whitespace-nowrap">{Math.round((entry?.fill ?? 1) * 100)} %</span>
        </label>
      )}
    </li>
  );
};

/** The tongue weighed before driving, against what was worked out. */
const tongueText = (scaleKg: number, balanced: BalancedCase, say: Speaker): string => {
  const tongue = workedOutBy('tongue-scale', { scaleKg })?.readings.tongue;
  const { standing } = balanced;
  if (!tongue || !standing) return '';
  const byKg = scaleKg - massOfWeightKg(standing.tongueN);
  const share = say.percent(scaleKg / balanced.massKg);
  const by = t('{by} {by2} than worked out', { by: say.mass(Math.abs(byKg)), by2: byKg > 0 ? 'more' : 'less' });
  return Math.abs(byKg) <= 2 * tongue.sd
    ? t('As worked out, within what such a scale reads: {share} of all.', { share })
    : t('{by}, {share} of all: something weighs or stands otherwise than the list says. Weigh & log finds out what.', {
        by,
        share,
      });
};

interface FoundProps {
  readonly balanced: BalancedCase;
  readonly say: Speaker;
  readonly scaleKg: number | null;
  readonly lesson: string;
  readonly onScale: (kg: number | null) => void;
  readonly onLesson: (lesson: string) => void;
}

/** What was found out before driving, and after: kept with the trip. */
const Found = ({ balanced, say, scaleKg, lesson, onScale, onLesson }: FoundProps) => {
  const lessonId = useId();
  return (
    <section aria-label={t('Found on this trip')} className="mt-3 px-4">
      <h2 className="text-[17px] font-bold">{t('Found on this trip')}</h2>
      <QuantityField
        label={t('Tongue on a scale before driving')}
        kind="mass"
        empty={t('to be read')}
        value={scaleKg}
        min={0}
        max={5000}
        onCommit={onScale}
        onClear={() => onScale(null)}
      />
      {scaleKg !== null && (
        <p role="status" className="text-[14.5px]">
          {tongueText(scaleKg, balanced, say)}
        </p>
      )}
      <label htmlFor={lessonId} className="narrow mt-2 mb-1 block text-[14px]">
        {t('A lesson for the next trip')}
      </label>
      <input
        id={lessonId}
        className="field-box"
        value={lesson}
        maxLength={400}
        onChange={(event) => onLesson(event.target.value)}
      />
    </section>
  );
};

/** Load it for one trip, on the phone: what comes along, where on the bed, how full; the tongue answers at once. */
const Planner = ({ id, stored }: { readonly id: string; readonly stored: ReadableTrailer }) => {
  const session = useSession(id, stored);
  const { projectStore, saving } = session;
  const mayWrite = useStore(projectStore.store, (state) => state.mayWrite);
  const trailer = useStore(projectStore.store, projectStore.trailerNow);
  const [trip, setTrip] = useState(emptyTrip);
  const [scaleKg, setScaleKg] = useState<number | null>(null);
  const [lesson, setLesson] = useState('');
  const editing = useFieldContext(projectStore);
  const navigate = useNavigate();
  const say = useMemo(() => speaker(trailer, voice), [trailer]);
  const evaluation = useMemo(() => evaluate({ ...trailer, cases: [...trailer.cases, trip] }), [trailer, trip]);
  const balanced = evaluation.cases.at(-1);
  if (!balanced) return null;
  const loose = trailer.items.filter(({ kind }) => kind !== 'fixed');
  const { far, snap } = stepsOf(trailer);
  const entryOf = (id: string) => trip.aboard.find(({ itemId }) => itemId === id);
  const change = (id: string, part: Partial<LoadCase['aboard'][number]> | null): void =>
    setTrip((current) => {
      const others = current.aboard.filter(({ itemId }) => itemId !== id);
      const old = current.aboard.find(({ itemId }) => itemId === id);
      return {
        ...current,
        aboard: part === null ? others : [...others, { fill: 1, shiftM: 0, ...old, ...part, itemId: id }],
      };
    });
  const shiftTo = (id: string, shiftM: number): void => change(id, { shiftM: snapTo(shiftM, snap, trailer) });
  const save = async (): Promise<void> => {
    projectStore.edit(t('{name} kept as a load', { name: trip.name }), (current) => ({
      ...current,
      cases: [...current.cases, trip],
    }));
    const note = noteOf(projectStore.note);
    const tongue = scaleKg === null ? undefined : workedOutBy('tongue-scale', { scaleKg })?.readings.tongue;
    if (tongue)
      note({
        kind: 'weigh-in',
        caseId: trip.id,
        support: 'tongue-scale',
        readings: { tongue: weightN(tongue.value) },
        doubtsN: { tongue: weightN(tongue.sd) },
        aboard: trip.aboard.map(({ itemId, fill }) => ({ itemId, fill })),
      });
    if (lesson.trim() !== '')
      note({ kind: 'log', text: `${trip.name}: ${lesson.trim()}`, hours: null, about: 'lesson' });
    await saving.flush();
    if (saving.state() === 'saved') void navigate(`/trailer/${id}/balance`);
  };
  return (
    <div className="mx-auto max-w-[640px] pb-24">
      <header className="flex items-center justify-between px-4 py-3">
        <h1 className="wide text-[19px] font-bold">{t('{name}, one trip', { name: trailer.name })}</h1>
        <Link className="button" to={`/trailer/${trailer.id}/balance`}>
          {t('Back')}
        </Link>
      </header>
      <Answer answer={answerOf(evaluation, balanced)} balanced={balanced} trailer={trailer} say={say} />
      <TripBed trailer={trailer} chassis={evaluation.chassis} trip={trip} onShift={shiftTo} />
      <ul className="px-4" aria-label={t('What comes along')}>
        {loose.map((item) => (
          <ThingRow
            key={item.id}
            item={item}
            entry={entryOf(item.id)}
            placeM={itemPart(trailer, evaluation.chassis, item, trip).centre.xM}
            farM={far}
            say={say}
            onChange={(part) => change(item.id, part)}
            onShift={(shiftM) => shiftTo(item.id, shiftM)}
          />
        ))}
      </ul>
      {loose.length === 0 && (
        <p className="px-4">{t('Nothing loose is on this trailer’s list yet: add it under What’s on it.')}</p>
      )}
      {trip.aboard.length > 0 && (
        <EditingContext value={editing}>
          <Found
            balanced={balanced}
            say={say}
            scaleKg={scaleKg}
            lesson={lesson}
            onScale={setScaleKg}
            onLesson={setLesson}
          />
        </EditingContext>
      )}
      <div className="fixed inset-x-0 bottom-0 mx-auto flex max-w-[640px] gap-2 border-t border-base-300 bg-base-100 p-3">
        <label className="flex-1">
          <span className="sr-only">{t('Name of the trip')}</span>
          <input
            className="input min-h-[48px] w-full text-[16px]"
            value={trip.name}
            onChange={(event) => setTrip((current) => ({ ...current, name: event.target.value }))}
          />
        </label>
        <button
          type="button"
          className="button button-main min-h-[48px]"
          disabled={!mayWrite || trip.name.trim() === ''}
          onClick={() => void save()}
        >
          {t('Keep as a load')}
        </button>
      </div>
      <div className="px-4">
        <SessionNotes
          session={session}
          onlyLooked={t('the trip can be looked at here, not kept')}
          unsaved={t('the trip')}
        />
      </div>
    </div>
  );
};

export const TripPage = () => <TrailerPage>{(id, stored) => <Planner id={id} stored={stored} />}</TrailerPage>;
