import {
  bandShares,
  type CaseDoubt,
  formatPercent,
  type Overload,
  PART_GROUP_NAMES,
  type PartGroup,
  type Speaker,
} from '@kereta/core';
import { Sized } from '../../fields/Sized';
import { useWorkbench } from '../../bench/workbench';
import { figures, inner, t } from '../../fields/language/t';

const BAR_PX = 132;
/** Chances smaller than this are nothing to act on. */
const WORTH_TELLING = 0.005;

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** Nine tries in ten on the band: a hatched stretch for the band, a bar for the doubt, a tick for the figure as it is put. */
const Bar = ({ doubt, low, high }: { readonly doubt: CaseDoubt; readonly low: number; readonly high: number }) => {
  const { p5, p95, mean } = doubt.tongueShare;
  const from = Math.min(p5, low) - 0.01;
  const to = Math.max(p95, high) + 0.01;
  const x = (share: number): number => ((share - from) / (to - from)) * BAR_PX;
  return (
    <svg width={BAR_PX} height="20" aria-hidden>
      <rect x={x(low)} y="3" width={x(high) - x(low)} height="14" fill="url(#band)" stroke="var(--good)" />
      <rect x={x(p5)} y="8" width={Math.max(2, x(p95) - x(p5))} height="4" fill="var(--ink)" />
      <path d={`M${x(mean)} 4v12`} stroke="var(--ink)" strokeWidth="2" />
    </svg>
  );
};

const OVERLOADED: Readonly<Record<Overload['of'], string>> = {
  axle: 'axle',
  tires: 'tires',
  plate: 'plate',
  coupler: 'coupler',
  'coupler-ball': t('coupler’s tongue limit'),
  vehicle: t('tow vehicle'),
  'vehicle-ball': 'hitch',
};

/** Once in so many tries. */
const oneIn = (chance: number): string =>
  chance > 0.5 ? t('more often than not') : t('in one try of {x}', { x: Math.round(1 / chance) });

/** What is in order on paper and may not be. */
const overloadText = ({ overloads }: CaseDoubt, say: Speaker): string =>
  overloads
    .filter(({ chance, spareKg }) => chance >= WORTH_TELLING && spareKg >= 0)
    .map(
      ({ of, spareKg, chance }) =>
        ` ${t('{overloaded}: {spare} spare on paper; with your guesses over {chance}.', { overloaded: capital(OVERLOADED[of]), spare: say.mass(spareKg), chance: oneIn(chance) })}`,
    )
    .join('');

const guessName = (id: string, say: Speaker): string =>
  id in PART_GROUP_NAMES ? inner(t(PART_GROUP_NAMES[id as PartGroup])) : say.partName(id);

/** What guessed weights and places do to every towed load, and which to weigh or measure first. */
export const DoubtTable = () => {
  const { doubt, evaluation, say } = useWorkbench('doubt', 'evaluation', 'say');
  const { doubts, current } = doubt;
  if (!doubts || doubts.length === 0) return null;
  return (
    <details className="border-t border-base-300" open>
      <summary className="flex min-h-[44px] items-center px-4 font-semibold">
        {t('What your guesses do{current}', { current: current ? '' : ` ${t('(before the last change)')}` })}
      </summary>
      <ul className="narrow px-4 pb-3 text-[13px]" aria-label={t('Doubt of every towed load')}>
        {doubts.map((own) => {
          const balanced = evaluation.cases.find(({ loadCase }) => loadCase.id === own.caseId);
          if (!balanced) return null;
          const { minShare, maxShare } = bandShares(balanced);
          const [first] = own.guesses;
          const out = own.tooLight + own.tooHeavy;
          return (
            <li key={own.caseId} className="border-t border-base-300 py-2">
              <span className="flex items-center justify-between gap-2">
                <span className="font-semibold">{say.caseName(own.caseId)}</span>
                <Bar doubt={own} low={minShare} high={maxShare} />
              </span>
              <span>
                {t('{p5} to {p95} (', {
                  p5: figures(formatPercent(own.tongueShare.p5)),
                  p95: figures(formatPercent(own.tongueShare.p95)),
                })}
                <Sized>{t('{p5} to {p95}', { p5: say.mass(own.tongueKg.p5), p95: say.mass(own.tongueKg.p95) })}</Sized>
                {t(') in nine tries of ten; {out}.', {
                  out:
                    out < 0.0005
                      ? t('never out of its band')
                      : t('out of its band in {out}{tooLight}', {
                          out: figures(formatPercent(out, 0)),
                          tooLight: own.tooLight > own.tooHeavy ? t(', too light') : t(', too heavy'),
                        }),
                })}
                <span className="font-semibold">{overloadText(own, say)}</span>
              </span>{' '}
              {first && first.share > 0.05 && (
                <span className="mute">
                  {t('{what} {id} first: {share} of its doubt.', {
                    what: first.what === 'mass' ? t('Weigh') : t('Measure the place of'),
                    id: guessName(first.id, say),
                    share: figures(formatPercent(first.share, 0)),
                  })}
                </span>
              )}
            </li>
          );
        })}
      </ul>
      <p className="narrow mute px-4 pb-3 text-[13px]">
        {t(
          '10,000 tries of each load, every weight and place anywhere within its tolerance, each by itself; the trailer’s own parts within 5 to 10 %.',
        )}
      </p>
    </details>
  );
};
