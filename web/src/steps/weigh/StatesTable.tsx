import {
  type AnyFinding,
  doubtfulMass,
  type Evaluation,
  massFoundText,
  massName,
  readingText,
  sentenceOf,
  type Speaker,
  speaker,
  type States,
  statesOf,
  togetherText,
  trailerIn,
  VERDICT_WORDS,
} from '@kereta/core';
import { useMemo } from 'react';
import { useStore } from 'zustand';
import { useFollowed } from '../../bench/workbench';
import { noteOf } from '../../fields/newEntry';
import { Sized } from '../../fields/Sized';
import { VerdictMark } from '../../fields/VerdictMark';
import { t, voice } from '../../fields/language/t';

const BASES = ['designed', 'built', 'weighed'] as const;
const BASIS_WORDS = { designed: t('Designed'), built: t('Built'), weighed: t('Weighed') } as const;

/** Every load in three states, tongue and whole. */
const Loads = ({ states, say }: { readonly states: States; readonly say: Speaker }) => (
  <table className="narrow w-full text-[14px]" aria-label={t('Loads as designed, built and weighed')}>
    <thead>
      <tr className="mute text-left">
        <th className="font-normal" rowSpan={2}>
          {t('Load')}
        </th>
        {BASES.map((basis) => (
          <th key={basis} className="text-right font-normal" colSpan={2}>
            {BASIS_WORDS[basis]}
          </th>
        ))}
      </tr>
      <tr className="mute text-right text-[13px]">
        {BASES.flatMap((basis) => [
          <th key={`${basis} tongue`} className="font-normal">
            {t('tongue')}
          </th>,
          <th key={`${basis} all`} className="font-normal">
            {t('all')}
          </th>,
        ])}
      </tr>
    </thead>
    <tbody>
      {states.loads.map(({ caseId, states: own }) => (
        <tr key={caseId} className="border-t border-base-300">
          <td className="py-1">{say.caseName(caseId)}</td>
          {BASES.flatMap((basis) => {
            const { tongueN, massKg } = own[basis];
            return [
              <td key={`${basis} tongue`} className="pl-2 text-right whitespace-nowrap">
                {tongueN === undefined ? '–' : say.load(tongueN)}
              </td>,
              <td key={`${basis} all`} className="pl-2 text-right whitespace-nowrap">
                {say.mass(massKg)}
              </td>,
            ];
          })}
        </tr>
      ))}
    </tbody>
  </table>
);

/** The finding in words, its load named once. */
const changeText = (finding: AnyFinding, say: Speaker): string => {
  const sentence = sentenceOf(finding, say);
  const load = finding.caseId === undefined ? '' : say.caseName(finding.caseId);
  return load === '' || sentence.includes(load) ? `: ${sentence}` : `, ${load}: ${sentence}`;
};

/** Where the weighed trailer's verdict is another than the drawn one's. */
const Changes = ({ states, evaluation }: { readonly states: States; readonly evaluation: Evaluation }) => {
  const counted = states.changes.filter(({ weighed }) => weighed.counts);
  if (counted.length === 0) return null;
  const now = speaker(evaluation.trailer, voice);
  return (
    <section aria-label={t('What changes by the scale')} className="mt-4">
      <h2 className="text-[17px] font-bold">{t('What changes by it')}</h2>
      <ul>
        {counted.map(({ designed, weighed }) => (
          <li key={designed.id} className="flex items-start gap-2 border-t border-base-300 py-2 text-[14.5px]">
            <VerdictMark verdict={weighed.verdict} />
            <span>
              <b>
                {t(VERDICT_WORDS[designed.verdict])} → {t(VERDICT_WORDS[weighed.verdict])}
              </b>
              <Sized>{changeText(weighed, now)}</Sized>
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
};

/** Designed, built and weighed side by side; what the scale says of every mass, and what it cannot tell. */
export const StatesTable = () => {
  const { evaluation, trailer, say, projectStore, readOnly } = useFollowed(
    'evaluation',
    'trailer',
    'say',
    'projectStore',
    'readOnly',
  );
  const record = useStore(projectStore.store, (state) => state.record);
  const states = useMemo(() => statesOf(trailer, record), [trailer, record]);
  const { fits, masses, together, unusable, chance } = states.weighed;
  const seen = masses.filter(({ before }) => before.sd > 0 || fits.length === 0);
  const note = noteOf(projectStore.note);
  const built = trailerIn(trailer, record, 'built') !== trailer;
  return (
    <div className="px-4 py-3">
      <h2 className="wide text-[17px] font-bold">{t('Designed, built, weighed')}</h2>
      <p className="mute mb-2 text-[14px]">
        {fits.length === 0 && !built
          ? t('Nothing was measured or weighed yet: all three are as drawn.')
          : t(
              'Built: by the sizes that were measured and the masses whose word was taken. Weighed: by everything that a scale read.',
            )}
      </p>
      <Loads states={states} say={say} />
      <Changes states={states} evaluation={evaluation} />
      {fits.length > 0 && (
        <section aria-label={t('What the scale read')} className="mt-4">
          <h2 className="text-[17px] font-bold">{t('What the scale read')}</h2>
          <ul>
            {fits.map((fit) => (
              <li key={`${fit.entry.id} ${fit.reading}`} className="border-t border-base-300 py-1 text-[14.5px]">
                {fit.entry.date}, {say.caseName(fit.entry.caseId)}: <Sized>{readingText(fit, say)}</Sized>
              </li>
            ))}
          </ul>
          <h2 className="mt-4 text-[17px] font-bold">{t('What it makes of every mass')}</h2>
          <table className="narrow w-full text-[14px]" aria-label={t('Masses before and after the scale')}>
            <thead>
              <tr className="mute text-right">
                <th className="text-left font-normal">{t('Part or load')}</th>
                <th className="font-normal">{t('thought')}</th>
                <th className="font-normal">{t('by the scale')}</th>
                <th className="pl-3 text-left font-normal">{t('that is')}</th>
                <th className="font-normal">{t('believe it')}</th>
              </tr>
            </thead>
            <tbody>
              {seen.map((mass) => (
                <tr key={mass.id} className="border-t border-base-300">
                  <td className="py-1">{massName(mass.id, say)}</td>
                  <td className="text-right whitespace-nowrap">{doubtfulMass(mass.before, say)}</td>
                  <td className="text-right whitespace-nowrap">{doubtfulMass(mass.after, say)}</td>
                  <td className="pl-3">{massFoundText(mass, say)}</td>
                  <td className="text-right">
                    <button
                      type="button"
                      className="button"
                      disabled={readOnly}
                      aria-label={t('Take the scale’s word for {id}', { id: massName(mass.id, say) })}
                      onClick={() =>
                        note({ kind: 'as-built', subject: mass.id, field: 'massKg', value: mass.after.value })
                      }
                    >
                      {t('Take its word')}
                    </button>
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
          {together.map((ids) => (
            <p key={ids.join(' ')} className="mt-2 text-[14.5px]">
              {togetherText(ids, say)}
            </p>
          ))}
        </section>
      )}
      {unusable.length > 0 && (
        <p className="mt-2 text-[14.5px]">
          {t(
            '{count} of a load that is not there any more, or stood on nothing that is worked out: kept, and not used.',
            {
              count:
                unusable.length === 1 ? t('One weigh-in is') : t('{count} weigh-ins are', { count: unusable.length }),
            },
          )}
        </p>
      )}
      <p className="narrow mute mt-3 text-[13px]">
        {t(
          'Best estimate by least squares, each mass and each reading by its own doubt; ± is twice the standard deviation.',
        )}{' '}
        {chance !== undefined &&
          `${t('Chance of readings so far off, or further, where all is as thought: {chance}.', { chance: chance < 1e-4 ? t('under {x}', { x: say.percent(1e-4, 2) }) : say.percent(chance, 2) })} `}
        {t('The analysis of the frame goes by the design.')}
      </p>
    </div>
  );
};
