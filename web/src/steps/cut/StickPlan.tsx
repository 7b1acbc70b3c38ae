import {
  boughtOf,
  formatMoney,
  inches,
  type Speaker,
  type StickSection,
  type Trailer,
  VERDICT_WORDS,
} from '@kereta/core';
import { useFollowed, useWorkbench } from '../../bench/workbench';
import { Sized } from '../../fields/Sized';
import { useWidth } from '../../fields/useWidth';
import { VerdictMark } from '../../fields/VerdictMark';
import { useSticks } from '../../jobs/questions';
import { StickPicture } from './StickPicture';

/** Less than this left of a stick is nothing to rely on: yards’ lengths vary. Common practice. */
const TIGHT_M = inches(1 / 2);

const WHY_NOT = {
  'too-long':
    'longer than every length there is. Name a longer one under “Saw and stock”, or say where the bar is welded together.',
  'too-little-stock': 'left without stock: there is too little of what is named under “Saw and stock”.',
  'too-fine': 'too many sizes to be laid out at once.',
  'not-found': 'not laid out: no plan was found.',
} as const;

/** What is bought of one section, in words. */
export const buyText = (section: StickSection, say: Speaker): string => {
  const bought = boughtOf(section).map(({ lengthM, count }) => `${count} × ${say.length(lengthM)}`);
  const onHand = section.sticks.filter((stick) => stick.onHand).length;
  return [...bought, ...(onHand > 0 ? [`${onHand} on hand`] : [])].join(', ');
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
        <Sized>{section.designation}</Sized>, {section.materialName}
      </h3>
      {section.problem ? (
        <p className="mt-1 flex items-start gap-2 text-[14px]">
          <VerdictMark verdict={section.problem.assumed ? 'tight' : 'over'} />
          <span>
            <b>{VERDICT_WORDS[section.problem.assumed ? 'tight' : 'over']}</b>:{' '}
            {section.problem.marks.join(', ') || 'Some pieces'}: {WHY_NOT[section.problem.code]}
          </span>
        </p>
      ) : (
        <p className="narrow mute text-[13.5px]">
          <Sized>{buyText(section, say)}</Sized>
          {section.price !== null && `, ${formatMoney(section.price, trailer.settings.currency)}`}
          {wholeM > 0 && `; ${Math.round((100 * lostM) / wholeM)} % is too short to keep`}.{' '}
          {section.proved
            ? section.price === null
              ? 'No plan buys less metal.'
              : 'No plan costs less.'
            : `The best found; one up to ${Math.ceil(section.gap * 100)} % cheaper is not ruled out.`}
        </p>
      )}
    </div>
  );
};

/** Every stick with what is cut out of it. */
export const SticksOf = ({
  sections,
  trailer,
  say,
  width,
  picked,
  onPick,
}: {
  readonly sections: readonly StickSection[];
  readonly trailer: Trailer;
  readonly say: Speaker;
  readonly width: number;
  readonly picked: (mark: string) => boolean;
  readonly onPick: (mark: string) => void;
}) => {
  const longestM = Math.max(0.01, ...sections.flatMap(({ sticks }) => sticks.map(({ lengthM }) => lengthM)));
  return (
    <>
      <svg width="0" height="0" className="absolute" aria-hidden>
        <defs>
          <pattern id="hatch-left" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <path d="M0 0V7" stroke="var(--ink)" strokeOpacity="0.25" strokeWidth="1.5" />
          </pattern>
        </defs>
      </svg>
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
                tight={!stick.onHand && stick.leftM < TIGHT_M}
                picked={picked}
                onPick={onPick}
              />
            ))}
          </ol>
        </section>
      ))}
    </>
  );
};

/** The plan of all sticks under the cut list, worked out in the worker while the rest stays in hand. */
export const StickPlan = () => {
  const { trailer, say } = useWorkbench('trailer', 'say');
  const { evaluation, picked, pick } = useFollowed('evaluation', 'picked', 'pick');
  const { sections, current, failed } = useSticks(trailer);
  const [holder, width] = useWidth<HTMLDivElement>(700);
  const rowOf = (mark: string) => evaluation.cutList.rows.find((row) => row.mark === mark);
  return (
    <section aria-label="Sticks" ref={holder} aria-busy={!current}>
      <h2 className="mt-2 text-[17px] font-bold">Sticks</h2>
      {failed && <p className="mute text-[14px]">The sticks could not be laid out.</p>}
      {!failed && !current && (
        <p className="mute text-[14px]" role="status">
          Laying pieces on sticks …
        </p>
      )}
      {sections && (
        <SticksOf
          sections={sections}
          trailer={trailer}
          say={say}
          width={width}
          picked={(mark) => picked !== undefined && (rowOf(mark)?.memberIds.includes(picked) ?? false)}
          onPick={(mark) => pick(rowOf(mark)?.memberIds[0])}
        />
      )}
    </section>
  );
};
