import {
  boughtOf,
  formatMoney,
  inches,
  type Moved,
  sheetPlan,
  type Speaker,
  type Stick,
  stickProblemText,
  stickProofText,
  type StickSection,
  type Trailer,
  VERDICT_WORDS,
} from '@kereta/core';
import { type ReactNode, useMemo, useState } from 'react';
import { Link } from 'react-router';
import { useStore } from 'zustand';
import { useFollowed, useWorkbench } from '../../bench/workbench';
import { Sized } from '../../fields/Sized';
import { useWidth } from '../../fields/useWidth';
import { VerdictMark } from '../../fields/VerdictMark';
import { useSticks } from '../../jobs/questions';
import { useEditing } from '../../fields/editing';
import { type Saw, sawOf } from './saw';
import { SheetPictures } from './SheetPictures';
import { HatchLeft, StickPicture } from './StickPicture';
import { figures, t, voice } from '../../fields/language/t';

/** Less than this left of a stick is nothing to rely on: yards’ lengths vary. Common practice. */
const TIGHT_M = inches(1 / 2);

/** What is bought of one section, in words. */
export const buyText = (section: StickSection, say: Speaker): string => {
  const bought = boughtOf(section).map(({ lengthM, count }) => `${count} × ${say.length(lengthM)}`);
  const onHand = section.sticks.filter((stick) => stick.onHand).length;
  return [...bought, ...(onHand > 0 ? [t('{onHand} on hand', { onHand })] : [])].join(', ');
};

const SectionHead = ({
  section,
  say,
  trailer,
}: {
  readonly section: StickSection;
  readonly say: Speaker;
  readonly trailer: Trailer;
}) => {
  const wholeM = section.sticks.reduce((sum, { lengthM }) => sum + lengthM, 0);
  const lostM = section.sticks.reduce((sum, { leftM, kept }) => sum + (kept ? 0 : leftM), 0);
  return (
    <div className="mt-5 border-t border-base-300 pt-3">
      <h3 className="text-[15px] font-semibold">
        <Sized>{section.designation}</Sized>, {voice.name(section.materialName)}
      </h3>
      {section.problem ? (
        <p className="mt-1 flex items-start gap-2 text-[14px]">
          <VerdictMark verdict={section.problem.assumed ? 'tight' : 'over'} />
          <span>
            <b>{t(VERDICT_WORDS[section.problem.assumed ? 'tight' : 'over'])}</b>:{' '}
            {stickProblemText(section.problem, voice)}
          </span>
        </p>
      ) : (
        <p className="narrow mute text-[13.5px]">
          <Sized>{buyText(section, say)}</Sized>
          {section.price !== null && `, ${figures(formatMoney(section.price, trailer.settings.currency))}`}
          {wholeM > 0 && t('; {x} % is too short to keep', { x: Math.round((100 * lostM) / wholeM) })}.{' '}
          {stickProofText(section, voice)}
        </p>
      )}
    </div>
  );
};

type Laid = Stick['pieces'][number];

interface SticksOfProps {
  readonly sections: readonly StickSection[];
  readonly trailer: Trailer;
  readonly say: Speaker;
  readonly width: number;
  readonly chosen: (piece: Laid) => boolean;
  readonly onChoose?: (piece: Laid) => void;
  readonly onDrop?: (section: StickSection, stick: Stick, piece: Laid, toStickId: string) => void;
  /** what stands under a stick: what can be done with it */
  readonly renderUnder?: (section: StickSection, stick: Stick) => ReactNode;
}

/** Every stick with what is cut out of it. */
export const SticksOf = ({ sections, trailer, say, width, chosen, onChoose, onDrop, renderUnder }: SticksOfProps) => {
  const longestM = Math.max(0.01, ...sections.flatMap(({ sticks }) => sticks.map(({ lengthM }) => lengthM)));
  return (
    <>
      <HatchLeft />
      {sections.map((section) => (
        <section key={`${section.sectionId} ${section.materialName}`}>
          <SectionHead section={section} say={say} trailer={trailer} />
          <ol className="list-none">
            {section.sticks.map((stick) => (
              <StickPicture
                key={stick.number}
                stick={stick}
                name={section.designation}
                width={width}
                longestM={longestM}
                say={say}
                currency={trailer.settings.currency}
                tight={stick.origin === 'stock' && !stick.onHand && stick.leftM < TIGHT_M}
                chosen={chosen}
                onChoose={onChoose}
                onDrop={onDrop && ((piece, toStickId) => onDrop(section, stick, piece, toStickId))}
              >
                {renderUnder?.(section, stick)}
              </StickPicture>
            ))}
          </ol>
        </section>
      ))}
    </>
  );
};

/** The sticks that a piece could be put on instead, and whether this one is to stay as it is. */
const StickActions = ({
  section,
  stick,
  piece,
  saw,
  say,
  onRefused,
}: {
  readonly section: StickSection;
  readonly stick: Stick;
  /** the piece of it that is chosen */
  readonly piece: Laid | undefined;
  readonly saw: Saw;
  readonly say: Speaker;
  readonly onRefused: (text: string) => void;
}) => {
  const { readOnly } = useEditing();
  const others = section.sticks.filter(({ id }) => id !== stick.id);
  return (
    <div className="narrow mt-1 flex flex-wrap items-center gap-x-4 gap-y-1 text-[13.5px]">
      <label className="flex min-h-[28px] items-center gap-2">
        <input
          type="checkbox"
          className="checkbox checkbox-sm"
          checked={stick.held}
          disabled={readOnly}
          onChange={() => (stick.held ? saw.release(stick) : saw.keep(stick))}
        />
        <span>
          {t('Keep')} <span className="sr-only">{t('stick {number}', { number: stick.number })}</span> {t('as it is')}
        </span>
      </label>
      {piece?.state === 'planned' && others.length > 0 && (
        <label className="flex items-center gap-2">
          {t('{mark} goes on', { mark: piece.mark })}
          <select
            className="field-box w-auto"
            value={stick.id}
            disabled={readOnly}
            aria-label={t('{mark} goes on stick', { mark: piece.mark })}
            onChange={(event) => {
              const to = others.find(({ id }) => id === event.target.value);
              if (to) onRefused(movedText(saw.move(piece.id, stick, to), piece, to, say));
            }}
          >
            <option value={stick.id}>{t('this stick')}</option>
            {others.map(({ id, number, leftM }) => (
              <option key={id} value={id}>
                {t('stick {number}, {left} left', { number, left: say.length(leftM) })}
              </option>
            ))}
          </select>
        </label>
      )}
    </div>
  );
};

/** Why a piece stayed where it was; nothing where it went. */
const movedText = (moved: Moved, piece: Laid, to: Stick, say: Speaker): string =>
  moved.ok
    ? ''
    : t('{mark} does not go on stick {number}: {left} is left there, it takes {needed}.', {
        mark: piece.mark,
        number: to.number,
        left: say.length(moved.error.leftM),
        needed: say.length(moved.error.neededM),
      });

/** The plan of all sticks under the cut list, worked out in the worker while the rest stays in hand. */
export const StickPlan = () => {
  const { trailer, say, projectStore, readOnly } = useWorkbench('trailer', 'say', 'projectStore', 'readOnly');
  const record = useStore(projectStore.store, (state) => state.record);
  const { evaluation, picked, pick } = useFollowed('evaluation', 'picked', 'pick');
  const { sections, current, failed } = useSticks(trailer, record);
  const [holder, width] = useWidth<HTMLDivElement>(700);
  const [chosenId, setChosenId] = useState<string>();
  const [refused, setRefused] = useState('');
  const rowOf = (id: string) => evaluation.cutList.rows.find(({ pieceIds }) => pieceIds.includes(id));
  const groups = useMemo(() => sheetPlan(evaluation.trailer, evaluation.chassis, evaluation.cutList), [evaluation]);
  const saw = sawOf(projectStore, evaluation.cutList, sections ?? []);
  const held = trailer.cutting.held.length;
  return (
    <>
      <section aria-label={t('Sticks')} ref={holder} aria-busy={!current}>
        <div className="mt-2 flex flex-wrap items-center gap-x-4 gap-y-2">
          <h2 className="text-[17px] font-bold">{t('Sticks')}</h2>
          {current && sections && sections.length > 0 && (
            <span className="ml-auto flex flex-wrap gap-2">
              <Link className="button" to={`/trailer/${trailer.id}/saw`}>
                {t('At the saw')}
              </Link>
              {held > 0 && (
                <button type="button" className="button" disabled={readOnly} onClick={() => saw.release()}>
                  {t('Plan the rest again')}
                </button>
              )}
              <button type="button" className="button" disabled={readOnly} onClick={saw.keepAll}>
                {t('Keep this plan')}
              </button>
            </span>
          )}
        </div>
        <p className="mute min-h-[20px] text-[14px]" role="status">
          {failed ? t('The sticks could not be laid out.') : !current ? t('Laying pieces on sticks …') : refused}
        </p>
        {sections && (
          <SticksOf
            sections={sections}
            trailer={trailer}
            say={say}
            width={width}
            chosen={({ id }) =>
              chosenId === undefined
                ? picked !== undefined && (rowOf(id)?.memberIds.includes(picked) ?? false)
                : id === chosenId
            }
            onChoose={({ id }) => {
              setRefused('');
              setChosenId(id === chosenId ? undefined : id);
              pick(rowOf(id)?.memberIds.find((memberId) => id.startsWith(`${memberId}#`)));
            }}
            onDrop={(section, from, piece, toStickId) => {
              const to = section.sticks.find(({ id }) => id === toStickId);
              if (to && to !== from) setRefused(movedText(saw.move(piece.id, from, to), piece, to, say));
            }}
            renderUnder={(section, stick) => (
              <StickActions
                section={section}
                stick={stick}
                piece={stick.pieces.find(({ id }) => id === chosenId)}
                saw={saw}
                say={say}
                onRefused={setRefused}
              />
            )}
          />
        )}
      </section>
      <SheetPictures groups={groups} trailer={trailer} say={say} />
    </>
  );
};
