import {
  CUT_STATE_TEXT,
  cutEndsText,
  cutEntries,
  type CutPiece,
  cutPiecesOf,
  cutOrder,
  evaluate,
  type Evaluation,
  formatAngle,
  serves,
  type Speaker,
  speaker,
  type Stick,
  type StickSection,
} from '@kereta/core';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { useStore } from 'zustand';
import { SessionNotes, TrailerPage } from '../bench/TrailerPage';
import { useSession } from '../bench/useSession';
import { EditingContext } from '../fields/editing';
import { Sized } from '../fields/Sized';
import { useWidth } from '../fields/useWidth';
import { useSticks } from '../jobs/questions';
import type { ReadableTrailer } from '../storage/trailers';
import { type Saw, sawOf } from '../steps/cut/saw';
import { HatchLeft, StickPicture } from '../steps/cut/StickPicture';
import { PieceRow } from './PieceRow';
import { figures, t, voice } from '../fields/language/t';

type Laid = Stick['pieces'][number];

interface ListProps {
  readonly sections: readonly StickSection[];
  readonly evaluation: Evaluation;
  readonly cuts: readonly CutPiece[];
  readonly saw: Saw;
  readonly say: Speaker;
}

const rowProps = ({ evaluation, cuts, saw, say }: ListProps, stick: Stick, piece: Laid) => {
  const row = evaluation.cutList.rows.find(({ pieceIds }) => pieceIds.includes(piece.id));
  const cut = cuts.find(({ entry, state }) => entry.pieceId === piece.id && serves(state));
  return { stick, piece, ends: row ? cutEndsText(row, voice) : '', cut, saw, say };
};

/** Stick by stick, each as a picture with its pieces under it. */
const BySticks = (props: ListProps & { readonly width: number; readonly currency: string }) => {
  const { sections, say, width, currency } = props;
  return sections.map((section) => (
    <section key={`${section.sectionId} ${section.materialName}`} aria-label={section.designation}>
      <ol className="list-none">
        {section.sticks.map((stick) => (
          <StickPicture
            key={stick.number}
            stick={stick}
            name={section.designation}
            width={width}
            longestM={stick.lengthM}
            say={say}
            currency={currency}
            tight={false}
            chosen={() => false}
          >
            <ul>
              {stick.pieces.map((piece) => (
                <PieceRow key={`${piece.id} ${piece.fromM}`} {...rowProps(props, stick, piece)} />
              ))}
            </ul>
          </StickPicture>
        ))}
      </ol>
    </section>
  ));
};

/** One stop setting after another, over all sticks of a section. */
const ByStops = (props: ListProps) => {
  const { sections, say } = props;
  return sections.map((section) => (
    <section key={`${section.sectionId} ${section.materialName}`} className="mt-4">
      <h2 className="text-[16px] font-bold">
        <Sized>{section.designation}</Sized>
      </h2>
      {cutOrder(section).map(({ lengthM, angleRad, shape, cuts }) => {
        const atStop = new Set(cuts.flatMap(({ pieceIds }) => pieceIds));
        return (
          <section key={`${lengthM} ${shape} ${angleRad}`} className="mt-2 border-t border-[var(--ink)] pt-2">
            <h3 className="text-[18px] font-bold">
              {t('Stop at')} <Sized>{say.length(lengthM)}</Sized>
              {angleRad > 1e-6 && t(', saw {angle} off square', { angle: figures(formatAngle(angleRad)) })}
            </h3>
            <ul>
              {section.sticks.flatMap((stick) =>
                stick.pieces
                  .filter(({ id, state }) => state !== 'wrong' && atStop.has(id))
                  .map((piece) => (
                    <PieceRow key={`${stick.number} ${piece.id}`} from {...rowProps(props, stick, piece)} />
                  )),
              )}
            </ul>
          </section>
        );
      })}
    </section>
  ));
};

/** Pieces that were cut and are not what is wanted: what became of each, and what can be said of it. */
const Amiss = ({ cuts, saw, say }: Pick<ListProps, 'cuts' | 'saw' | 'say'>) => {
  const amiss = cuts.filter(({ state }) => state !== 'good');
  if (amiss.length === 0) return null;
  return (
    <section aria-label={t('Cut otherwise than wanted')} className="mt-2 border-y border-[var(--ink)] py-1">
      <ul>
        {amiss.map(({ entry, state, piece }) => (
          <li key={entry.id} className="flex flex-wrap items-center gap-2 py-1">
            <span className="min-w-[200px] flex-1 text-[15px]">
              <b>{entry.mark}</b>
              {t(', cut')} <Sized>{say.length(entry.lengthM)}</Sized>
              {piece && Math.abs(piece.lengthM - entry.lengthM) > 1e-6 && (
                <>
                  {' '}
                  {t('for')} <Sized>{say.length(piece.lengthM)}</Sized>
                </>
              )}
              , {state === 'good' ? '' : t(CUT_STATE_TEXT[state])}.
            </span>
            {(state === 'short' || state === 'long') && (
              <button type="button" className="button min-h-[44px]" onClick={() => saw.willDo(entry)}>
                {t('It will do')}
              </button>
            )}
            <button type="button" className="button min-h-[44px]" onClick={() => saw.takeBack(entry)}>
              {t('Take back')}
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
};

/** The pieces at the saw, on the phone: what is cut is ticked off, what came out wrong is said, and the rest is planned again. */
const AtTheSaw = ({ id, stored }: { readonly id: string; readonly stored: ReadableTrailer }) => {
  const session = useSession(id, stored);
  const { projectStore } = session;
  const mayWrite = useStore(projectStore.store, (state) => state.mayWrite);
  const trailer = useStore(projectStore.store, projectStore.trailerNow);
  const record = useStore(projectStore.store, (state) => state.record);
  const say = useMemo(() => speaker(trailer, voice), [trailer]);
  const evaluation = useMemo(() => evaluate(trailer), [trailer]);
  const { sections = [], current, failed } = useSticks(trailer, record);
  const cuts = useMemo(
    () => cutPiecesOf(trailer, evaluation.cutList, cutEntries(record)),
    [trailer, evaluation, record],
  );
  const [byStops, setByStops] = useState(false);
  const [holder, width] = useWidth<HTMLDivElement>(360);
  const saw = sawOf(projectStore, evaluation.cutList, sections);
  const pieces = sections.flatMap(({ sticks }) => sticks.flatMap((stick) => stick.pieces));
  const wanted = pieces.filter(({ state }) => state !== 'wrong');
  const done = cuts.filter(({ state }) => serves(state)).length;
  const editing = useMemo(
    () => ({
      units: trailer.settings.units,
      fraction: trailer.settings.fraction,
      // While a new plan is worked out nothing is ticked off from the old one, unless that is kept.
      readOnly: !mayWrite || (!current && trailer.cutting.held.length === 0),
      trailer,
      edit: projectStore.edit,
    }),
    [trailer, mayWrite, current, projectStore],
  );
  const list = { sections, evaluation, cuts, saw, say };
  return (
    <EditingContext value={editing}>
      <div className="mx-auto max-w-[640px] px-4 pb-24" ref={holder}>
        <HatchLeft />
        <header className="flex items-center justify-between gap-3 py-3">
          <h1 className="wide text-[19px] font-bold">{t('{name}, at the saw', { name: trailer.name })}</h1>
          <Link className="button" to={`/trailer/${trailer.id}/cut`}>
            {t('Back')}
          </Link>
        </header>
        <div className="sticky top-0 z-10 flex items-center justify-between gap-3 border-b border-base-300 bg-base-100 py-2">
          <p className="text-[16px] font-semibold" role="status">
            {t('{done} of {count} cut', { done, count: wanted.length })}
            {!current && !failed && t(', laying pieces on sticks …')}
          </p>
          <button
            type="button"
            className="button min-h-[44px]"
            aria-pressed={byStops}
            onClick={() => setByStops(!byStops)}
          >
            {t('One stop after another')}
          </button>
        </div>
        {failed && (
          <p className="py-2" role="status">
            {t('The sticks could not be laid out.')}
          </p>
        )}
        <SessionNotes
          session={session}
          onlyLooked={t('the plan can be looked at here, not ticked off')}
          unsaved={t('what was ticked off')}
        />
        <Amiss cuts={cuts} saw={saw} say={say} />
        {byStops ? (
          <ByStops {...list} />
        ) : (
          <BySticks {...list} width={Math.max(200, width - 32)} currency={trailer.settings.currency} />
        )}
        <p className="narrow mute mt-4 text-[13.5px]">
          {t(
            'Measure the first piece of every stop before you cut its twins. Long points are told; angles are told off square. Clamp it, and keep the offcut from falling into the blade.',
          )}
        </p>
      </div>
    </EditingContext>
  );
};

export const SawPage = () => <TrailerPage>{(id, stored) => <AtTheSaw id={id} stored={stored} />}</TrailerPage>;
