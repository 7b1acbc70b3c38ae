import {
  type AnyFinding,
  type Evaluation,
  findSection,
  printWorking,
  type RunBalance,
  sentenceOf,
  SITUATION_IDS,
  SITUATION_NAMES,
  SITUATIONS,
  sourceText,
  type Speaker,
  speaker,
  type StrengthAnalysis,
  VERDICT_WORDS,
  trailerOf,
  BAR_GROUP_NAMES,
} from '@kereta/core';
import { useMemo } from 'react';
import type { ReadableTrailer } from '../storage/trailers';
import { TrailerRoute } from '../bench/TrailerRoute';
import { Sized } from '../fields/Sized';
import { useFullEvaluation } from '../bench/fullEvaluation';
import { useStrength } from '../jobs/questions';
import { SheetFrame } from './SheetFrame';
import { t, voice } from '../fields/language/t';
import { metalName } from '../fields/metalName';

const GROUPS = ['rail', 'header', 'cross', 'tongue'] as const;

const BALANCE_WORDS = {
  supported: t('supported as it stands'),
  free: t('free: stated forces against the inertia of the masses'),
} as const;
const LIMIT_WORDS = {
  allowable: t('usual allowable (yield ÷ 1.67, ADM for aluminum)'),
  yield: t('no stress past yield'),
} as const;

const PLACES: Readonly<Record<string, string>> = { ball: t('Ball') };
const placeName = (place: string, say: Speaker): string => {
  if (place.startsWith('jack@'))
    return t('Floor jack, {replace} rail', { replace: place.slice(5).replace('rail.', '') });
  return PLACES[place] ?? say.partName(place);
};

const Heading = ({ children }: { readonly children: string }) => (
  <h2 className="wide mt-6 mb-1 text-[16px] font-bold">{children}</h2>
);

const Inputs = ({
  stored,
  say,
  evaluation,
}: {
  readonly stored: ReadableTrailer;
  readonly say: Speaker;
  readonly evaluation: Evaluation;
}) => {
  const trailer = trailerOf(stored.project);
  return (
    <table className="narrow w-full text-[14px]" aria-label={t('Inputs')}>
      <tbody>
        {GROUPS.map((group) => {
          const { sectionId, materialId } = trailer.frame.groups[group];
          return (
            <tr key={group} className="border-b border-gray-300">
              <td className="py-1">{t(BAR_GROUP_NAMES[group])}</td>
              <td>
                <Sized>{findSection(trailer, sectionId)?.designation ?? sectionId}</Sized>
              </td>
              <td>{metalName(trailer, materialId) ?? materialId}</td>
            </tr>
          );
        })}
        {Object.entries(trailer.frame.overrides).map(([id, { sectionId }]) => (
          <tr key={id} className="border-b border-gray-300">
            <td className="py-1">{t('{id} by itself', { id: say.partName(id) })}</td>
            <td colSpan={2}>
              <Sized>{findSection(trailer, sectionId ?? '')?.designation ?? t('as its group')}</Sized>
            </td>
          </tr>
        ))}
        <tr className="border-b border-gray-300">
          <td className="py-1">{t('Bed')}</td>
          <td colSpan={2}>
            <Sized>
              {t('{length} long, {width} wide; ball {ballX} ahead of it', {
                length: say.length(trailer.frame.bed.lengthM),
                width: say.length(trailer.frame.bed.widthM),
                ballX: say.length(-evaluation.chassis.ballXM),
              })}
            </Sized>
          </td>
        </tr>
        <tr className="border-b border-gray-300">
          <td className="py-1">{t('Gross on the plate')}</td>
          <td colSpan={2}>{trailer.ratedGrossKg === null ? t('missing') : say.mass(trailer.ratedGrossKg)}</td>
        </tr>
        {evaluation.cases.map(({ loadCase, massKg }) => (
          <tr key={loadCase.id} className="border-b border-gray-300">
            <td className="py-1">{t('Load: {name}', { name: loadCase.name })}</td>
            <td colSpan={2}>{t('{mass} in all, {mode}', { mass: say.mass(massKg), mode: loadCase.mode })}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
};

const Situations = ({ analysis }: { readonly analysis: StrengthAnalysis }) => (
  <table className="narrow w-full text-[13px]" aria-label={t('Situations')}>
    <thead>
      <tr className="border-b border-black text-left">
        <th className="font-semibold">{t('Situation')}</th>
        <th className="font-semibold">{t('Support and balance')}</th>
        <th className="font-semibold">{t('Held to')}</th>
        <th className="font-semibold">{t('Source')}</th>
      </tr>
    </thead>
    <tbody>
      {SITUATION_IDS.map((id) => {
        const kinds = [
          ...new Set(analysis.balances.filter(({ situation }) => situation === id).map(({ balance }) => balance)),
        ];
        const off = analysis.switchedOff.includes(id);
        return (
          <tr key={id} className="border-b border-gray-300 align-top">
            <td className="py-1 pr-2">{t(SITUATION_NAMES[id])}</td>
            <td className="pr-2">
              {off
                ? t('switched off: not looked at')
                : id === 'turn-over'
                  ? t('bare frame on its corners')
                  : kinds.length > 0
                    ? kinds.map((kind) => BALANCE_WORDS[kind]).join('; ')
                    : t('no load goes through it')}
            </td>
            <td className="pr-2">{LIMIT_WORDS[SITUATIONS[id].limit]}</td>
            <td>{sourceText(SITUATIONS[id].source, voice)}</td>
          </tr>
        );
      })}
    </tbody>
  </table>
);

const Worked = ({ finding, say }: { readonly finding: AnyFinding; readonly say: Speaker }) => (
  <div className="mt-2 break-inside-avoid border-t border-gray-400 pt-1">
    <p className="text-[14px]">
      <b>{finding.counts ? t(VERDICT_WORDS[finding.verdict]) : t('Note')}.</b> <Sized>{sentenceOf(finding, say)}</Sized>
    </p>
    {finding.working.length > 0 && (
      <table className="narrow ml-6 text-[12.5px]">
        <tbody>
          {finding.working.map((line, index) => {
            const printed = printWorking(line, say.style.system, voice);
            return (
              // oxlint-disable-next-line react/no-array-index-key -- lines of one working keep their order
              <tr key={index} className={printed.concludes ? 'font-semibold' : ''}>
                <td className="pr-4">{printed.label}</td>
                <td className="pr-4">{printed.figures}</td>
                <td className="text-right">{printed.result}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
    )}
    <p className="narrow ml-6 text-[12.5px]">{sourceText(finding.source, voice)}</p>
  </div>
);

/** Reactions of the heaviest load in every situation, with what is left over of the sums. */
const Reactions = ({ balances, say }: { readonly balances: readonly RunBalance[]; readonly say: Speaker }) => (
  <table className="narrow w-full text-[12.5px]" aria-label={t('Reactions and equilibrium')}>
    <thead>
      <tr className="border-b border-black text-left">
        <th className="font-semibold">{t('Situation')}</th>
        <th className="font-semibold">{t('Put on, up and down')}</th>
        <th className="font-semibold">{t('The ground gives (along / across / up)')}</th>
        <th className="text-right font-semibold">{t('Left over of the sums')}</th>
      </tr>
    </thead>
    <tbody>
      {balances.map((run) => (
        <tr key={run.situation + run.variant + run.balance} className="border-b border-gray-300 align-top">
          <td className="py-1 pr-2">
            {t(SITUATION_NAMES[run.situation])} {run.variant.replaceAll('-', ' ')}
          </td>
          <td className="pr-2">{say.force(run.appliedN[2])}</td>
          <td className="pr-2">
            {run.reactions
              .filter(({ forceN }) => Math.hypot(...forceN) > 0.5)
              .map(({ place, forceN }) => `${placeName(place, say)} ${forceN.map((n) => say.force(n)).join(' / ')}`)
              .join('; ') || t('nothing: the forces balance each other')}
          </td>
          <td className="text-right">{run.residual.toExponential(0)}</td>
        </tr>
      ))}
    </tbody>
  </table>
);

const Sheet = ({ stored }: { readonly stored: ReadableTrailer }) => {
  const trailer = trailerOf(stored.project);
  const strength = useStrength(trailer);
  const evaluation = useFullEvaluation(trailer, strength);
  const say = useMemo(() => speaker(trailer, voice), [trailer]);
  const analysis = strength.current && strength.outcome?.kind === 'analysed' ? strength.outcome.analysis : undefined;
  const heaviest = analysis?.balances.reduce<RunBalance | undefined>(
    (most, next) =>
      next.situation === 'standing' && (!most || Math.abs(next.appliedN[2]) > Math.abs(most.appliedN[2])) ? next : most,
    undefined,
  );
  return (
    <SheetFrame
      trailer={trailer}
      sheet="strength"
      back={`/trailer/${trailer.id}/strength`}
      note={t('Figures in {units}', {
        units: trailer.settings.units === 'imperial' ? t('lb, lbf and inches') : t('kg, N and mm'),
      })}
      updatedAt={stored.updatedAt}
    >
      <h1 className="wide text-[22px] font-bold">{t('Strength: {name}', { name: trailer.name })}</h1>
      <p className="my-2 border border-black p-2 text-[14px]">
        {t(
          'A calculation sheet for a trailer that people build themselves. It says what was checked, against what, and what was not. It approves nothing: show it to a licensed engineer or inspector, and keep to local law. Overload, couplings, chains, brakes and aluminum beside welds are where trailers hurt people.',
        )}
      </p>
      {!strength.outcome || !strength.current ? (
        <p role="status">{t('Analysing the frame …')}</p>
      ) : (
        <>
          <Heading>{t('What it is made of, and what it carries')}</Heading>
          <Inputs stored={stored} say={say} evaluation={evaluation} />
          {analysis && (
            <>
              <Heading>{t('What it is put through')}</Heading>
              <Situations analysis={analysis} />
            </>
          )}
          <Heading>{t('What was found, with its working')}</Heading>
          {evaluation.steps.strength.findings.map((finding, index) => (
            // oxlint-disable-next-line react/no-array-index-key -- findings of a finished sheet keep their order
            <Worked key={index} finding={finding} say={say} />
          ))}
          {analysis && heaviest && (
            <>
              <Heading>{t('Reactions and equilibrium')}</Heading>
              <p className="text-[13px]">
                {t(
                  '{case}, the heaviest load. In free situations the supports must give no more than the standing load; left over of all sums in all {runs} runs at most',
                  { case: say.caseName(heaviest.caseId), runs: analysis.counts.runs },
                )}{' '}
                {Math.max(...analysis.balances.map(({ residual }) => residual)).toExponential(0)}{' '}
                {t('of the forces. Condition of the stiffness matrix {x}.', { x: analysis.condition.toExponential(0) })}
              </p>
              <Reactions balances={analysis.balances.filter(({ caseId }) => caseId === heaviest.caseId)} say={say} />
            </>
          )}
          <Heading>{t('Assumptions')}</Heading>
          <ul className="ml-5 list-disc text-[13px]">
            <li>{t('Linear and elastic; bars straight, joined at their middles, arms to their faces rigid.')}</li>
            <li>
              {t(
                'Deck, boards, side rails and loads weigh but do not stiffen. Loads bear on the bars beneath them as a stiff plate does.',
              )}
            </li>
            <li>
              {t(
                'Leaf spring: a rocker on the axle, its fixed eye leads it along and across. Equaliser: both springs share by its arms. Torsion axle: the bracket gets the wheel’s force and its moment along the trailer.',
              )}
            </li>
            <li>
              {t('Ball at the height of the tongue’s middle; hangers {x} deep and long, where nothing else is known.', {
                x: say.length(0.09),
              })}
            </li>
            <li>{t('Welds all round each bar’s end, legs as stated; angles and channels about their faces.')}</li>
          </ul>
          <p className="mt-3 text-[13px]">
            {t('What was checked stands above; nothing else was. Grind zinc off before welding: its fumes make ill.')}
          </p>
        </>
      )}
    </SheetFrame>
  );
};

/** The calculation sheet: inputs, situations, worst bars with their working, reactions, assumptions. */
export const StrengthSheet = () => <TrailerRoute>{(stored) => <Sheet stored={stored} />}</TrailerRoute>;
