import { type Governing, SITUATION_IDS, SITUATION_NAMES, formatPercent, weldName } from '@kereta/core';
import { lazy } from 'react';
import { governingOf, runKeyOf, useShownResult } from '../../bench/sheet/useWork';
import { ContainedChart } from '../../fields/Contained';
import { NoFigure } from '../../fields/NoFigure';
import { useWorkbench } from '../../bench/workbench';
import { useJob } from '../../jobs/useJob';
import { SectionSketch } from './SectionSketch';
import { figures, inner, t } from '../../fields/language/t';

const BarCharts = lazy(() => import('./BarCharts').then((module) => ({ default: module.BarCharts })));

const shareText = (value: number): string => figures(formatPercent(value, 0));

/** Which of a situation's arrangements: "left", "push". */
const variantText = ({ variant }: Governing): string => variant.replaceAll('-', ' ');

/** The picked bar: how it works in every situation, its welds, and what goes on along it. */
export const BarLook = () => {
  const { strength, picked, say, situation, evaluation } = useWorkbench(
    'strength',
    'picked',
    'say',
    'situation',
    'evaluation',
  );
  const { of } = strength;
  const analysis = useShownResult();
  const member = analysis?.members.find(({ memberId }) => memberId === picked);
  const shown = analysis && picked !== undefined ? governingOf(analysis, picked, situation) : undefined;
  const {
    result: data,
    failed,
    again,
  } = useJob(
    'diagram',
    of && shown && picked !== undefined ? { trailer: of, memberId: picked, run: runKeyOf(shown) } : undefined,
    {
      dependsOn: [of, picked, ...(shown ? Object.values(runKeyOf(shown)) : [])],
      keepsOld: false,
    },
  );
  if (!member || !analysis || !shown) {
    return (
      <p className="narrow mute px-4 pb-3 text-[13px]">
        {t('Pick a bar on the drawing to see what bends it where, in every situation.')}
      </p>
    );
  }
  const welds = analysis.welds.filter(({ memberId }) => memberId === picked);
  const bar = evaluation.chassis.members.find(({ id }) => id === picked);
  return (
    <section className="border-t border-base-300 px-4 py-3" aria-label={say.partName(member.memberId)}>
      <h2 className="wide flex items-baseline justify-between text-[16px] font-bold">
        <span>{say.partName(member.memberId)}</span>
        <span>{shareText(shown.utilisation.value)}</span>
      </h2>
      <p className="narrow mute text-[13px]">
        {t(SITUATION_NAMES[shown.situation])}
        {variantText(shown) && ` (${variantText(shown)})`}
        {shown.caseId && `, ${say.caseName(shown.caseId)}`}
        {t(', {at} along it.', { at: say.length(shown.atM) })}
      </p>
      {bar && <SectionSketch member={bar} />}
      {failed && <NoFigure what={t('what bends it where')} onRetry={again} />}
      {data && (
        <ContainedChart name={t('The chart')} of={[data]}>
          <BarCharts diagram={data} />
        </ContainedChart>
      )}
      <table className="narrow mt-2 w-full text-[13px]" aria-label={t('In every situation')}>
        <tbody>
          {SITUATION_IDS.flatMap((id) => {
            const governing = member.bySituation[id];
            return governing
              ? [
                  <tr key={id} className="border-t border-base-300">
                    <td className="py-[2px]">{t(SITUATION_NAMES[id])}</td>
                    <td className="mute py-[2px]">
                      {governing.caseId ? say.caseName(governing.caseId) : t('bare frame')}
                    </td>
                    <td className="py-[2px] text-right font-semibold whitespace-nowrap">
                      {shareText(governing.utilisation.value)}
                    </td>
                  </tr>,
                ]
              : [];
          })}
          {welds.map((weld) => (
            <tr key={weld.end} className="border-t border-base-300">
              <td className="py-[2px]">{weldName(weld.memberId, weld.joint, say)}</td>
              <td className="mute py-[2px]">
                {t('leg {leg}, {situation}', {
                  leg: say.length(weld.legM),
                  situation: inner(t(SITUATION_NAMES[weld.situation])),
                })}
              </td>
              <td className="py-[2px] text-right font-semibold whitespace-nowrap">{shareText(weld.utilisation)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
};
