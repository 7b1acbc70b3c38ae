import {
  type AnyFinding,
  type Evaluation,
  findMaterial,
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

const GROUPS = ['rail', 'header', 'cross', 'tongue'] as const;

const BALANCE_WORDS = {
  supported: 'supported as it stands',
  free: 'free: stated forces against the inertia of the masses',
} as const;
const LIMIT_WORDS = {
  allowable: 'usual allowable (yield ÷ 1.67, ADM for aluminum)',
  yield: 'no stress past yield',
} as const;

const PLACES: Readonly<Record<string, string>> = { ball: 'Ball' };
const placeName = (place: string, say: Speaker): string => {
  if (place.startsWith('jack@')) return `Floor jack, ${place.slice(5).replace('rail.', '')} rail`;
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
    <table className="narrow w-full text-[14px]" aria-label="Inputs">
      <tbody>
        {GROUPS.map((group) => {
          const { sectionId, materialId } = trailer.frame.groups[group];
          return (
            <tr key={group} className="border-b border-gray-300">
              <td className="py-1">{BAR_GROUP_NAMES[group]}</td>
              <td>
                <Sized>{findSection(trailer, sectionId)?.designation ?? sectionId}</Sized>
              </td>
              <td>{findMaterial(trailer, materialId)?.name ?? materialId}</td>
            </tr>
          );
        })}
        {Object.entries(trailer.frame.overrides).map(([id, { sectionId }]) => (
          <tr key={id} className="border-b border-gray-300">
            <td className="py-1">{say.partName(id)} by itself</td>
            <td colSpan={2}>
              <Sized>{findSection(trailer, sectionId ?? '')?.designation ?? 'as its group'}</Sized>
            </td>
          </tr>
        ))}
        <tr className="border-b border-gray-300">
          <td className="py-1">Bed</td>
          <td colSpan={2}>
            <Sized>{`${say.length(trailer.frame.bed.lengthM)} long, ${say.length(trailer.frame.bed.widthM)} wide; ball ${say.length(-evaluation.chassis.ballXM)} ahead of it`}</Sized>
          </td>
        </tr>
        <tr className="border-b border-gray-300">
          <td className="py-1">Gross on the plate</td>
          <td colSpan={2}>{trailer.ratedGrossKg === null ? 'missing' : say.mass(trailer.ratedGrossKg)}</td>
        </tr>
        {evaluation.cases.map(({ loadCase, massKg }) => (
          <tr key={loadCase.id} className="border-b border-gray-300">
            <td className="py-1">Load: {loadCase.name}</td>
            <td colSpan={2}>
              {say.mass(massKg)} in all, {loadCase.mode}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
};

const Situations = ({ analysis }: { readonly analysis: StrengthAnalysis }) => (
  <table className="narrow w-full text-[13px]" aria-label="Situations">
    <thead>
      <tr className="border-b border-black text-left">
        <th className="font-semibold">Situation</th>
        <th className="font-semibold">Support and balance</th>
        <th className="font-semibold">Held to</th>
        <th className="font-semibold">Source</th>
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
            <td className="py-1 pr-2">{SITUATION_NAMES[id]}</td>
            <td className="pr-2">
              {off
                ? 'switched off: not looked at'
                : id === 'turn-over'
                  ? 'bare frame on its corners'
                  : kinds.length > 0
                    ? kinds.map((kind) => BALANCE_WORDS[kind]).join('; ')
                    : 'no load goes through it'}
            </td>
            <td className="pr-2">{LIMIT_WORDS[SITUATIONS[id].limit]}</td>
            <td>{sourceText(SITUATIONS[id].source)}</td>
          </tr>
        );
      })}
    </tbody>
  </table>
);

const Worked = ({ finding, say }: { readonly finding: AnyFinding; readonly say: Speaker }) => (
  <div className="mt-2 break-inside-avoid border-t border-gray-400 pt-1">
    <p className="text-[14px]">
      <b>{finding.counts ? VERDICT_WORDS[finding.verdict] : 'Note'}.</b> <Sized>{sentenceOf(finding, say)}</Sized>
    </p>
    {finding.working.length > 0 && (
      <table className="narrow ml-6 text-[12.5px]">
        <tbody>
          {finding.working.map((line, index) => {
            const printed = printWorking(line, say.style.system);
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
    <p className="narrow ml-6 text-[12.5px]">{sourceText(finding.source)}</p>
  </div>
);

/** Reactions of the heaviest load in every situation, with what is left over of the sums. */
const Reactions = ({ balances, say }: { readonly balances: readonly RunBalance[]; readonly say: Speaker }) => (
  <table className="narrow w-full text-[12.5px]" aria-label="Reactions and equilibrium">
    <thead>
      <tr className="border-b border-black text-left">
        <th className="font-semibold">Situation</th>
        <th className="font-semibold">Put on, up and down</th>
        <th className="font-semibold">The ground gives (along / across / up)</th>
        <th className="text-right font-semibold">Left over of the sums</th>
      </tr>
    </thead>
    <tbody>
      {balances.map((run) => (
        <tr key={run.situation + run.variant + run.balance} className="border-b border-gray-300 align-top">
          <td className="py-1 pr-2">
            {SITUATION_NAMES[run.situation]} {run.variant.replaceAll('-', ' ')}
          </td>
          <td className="pr-2">{say.force(run.appliedN[2])}</td>
          <td className="pr-2">
            {run.reactions
              .filter(({ forceN }) => Math.hypot(...forceN) > 0.5)
              .map(({ place, forceN }) => `${placeName(place, say)} ${forceN.map((n) => say.force(n)).join(' / ')}`)
              .join('; ') || 'nothing: the forces balance each other'}
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
  const say = useMemo(() => speaker(trailer), [trailer]);
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
      note={`Figures in ${trailer.settings.units === 'imperial' ? 'lb, lbf and inches' : 'kg, N and mm'}`}
      updatedAt={stored.updatedAt}
    >
      <h1 className="wide text-[22px] font-bold">Strength: {trailer.name}</h1>
      <p className="my-2 border border-black p-2 text-[14px]">
        A calculation sheet for a trailer that people build themselves. It says what was checked, against what, and what
        was not. It approves nothing: show it to a licensed engineer or inspector, and keep to local law. Overload,
        couplings, chains, brakes and aluminum beside welds are where trailers hurt people.
      </p>
      {!strength.outcome || !strength.current ? (
        <p role="status">Analysing the frame …</p>
      ) : (
        <>
          <Heading>What it is made of, and what it carries</Heading>
          <Inputs stored={stored} say={say} evaluation={evaluation} />
          {analysis && (
            <>
              <Heading>What it is put through</Heading>
              <Situations analysis={analysis} />
            </>
          )}
          <Heading>What was found, with its working</Heading>
          {evaluation.steps.strength.findings.map((finding, index) => (
            // oxlint-disable-next-line react/no-array-index-key -- findings of a finished sheet keep their order
            <Worked key={index} finding={finding} say={say} />
          ))}
          {analysis && heaviest && (
            <>
              <Heading>Reactions and equilibrium</Heading>
              <p className="text-[13px]">
                {say.caseName(heaviest.caseId)}, the heaviest load. In free situations the supports must give no more
                than the standing load; left over of all sums in all {analysis.counts.runs} runs at most{' '}
                {Math.max(...analysis.balances.map(({ residual }) => residual)).toExponential(0)} of the forces.
                Condition of the stiffness matrix {analysis.condition.toExponential(0)}.
              </p>
              <Reactions balances={analysis.balances.filter(({ caseId }) => caseId === heaviest.caseId)} say={say} />
            </>
          )}
          <Heading>Assumptions</Heading>
          <ul className="ml-5 list-disc text-[13px]">
            <li>Linear and elastic; bars straight, joined at their middles, arms to their faces rigid.</li>
            <li>
              Deck, boards, side rails and loads weigh but do not stiffen. Loads bear on the bars beneath them as a
              stiff plate does.
            </li>
            <li>
              Leaf spring: a rocker on the axle, its fixed eye leads it along and across. Equaliser: both springs share
              by its arms. Torsion axle: the bracket gets the wheel’s force and its moment along the trailer.
            </li>
            <li>
              Ball at the height of the tongue’s middle; hangers {say.length(0.09)} deep and long, where nothing else is
              known.
            </li>
            <li>Welds all round each bar’s end, legs as stated; angles and channels about their faces.</li>
          </ul>
          <p className="mt-3 text-[13px]">
            What was checked stands above; nothing else was. Grind zinc off before welding: its fumes make ill.
          </p>
        </>
      )}
    </SheetFrame>
  );
};

/** The calculation sheet: inputs, situations, worst bars with their working, reactions, assumptions. */
export const StrengthSheet = () => <TrailerRoute>{(stored) => <Sheet stored={stored} />}</TrailerRoute>;
