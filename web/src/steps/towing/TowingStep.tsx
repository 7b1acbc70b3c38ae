import { type CaseSway, fromKilometres, type LostDamping, type Speaker, MISSING_OF_VEHICLE_NAMES } from '@kereta/core';
import { lazy, useMemo, useState } from 'react';
import { Link } from 'react-router';
import { useWorkbench } from '../../bench/workbench';
import { ContainedChart } from '../../fields/Contained';
import { NoFigure } from '../../fields/NoFigure';
import { useSway } from '../../jobs/questions';
import { useJob } from '../../jobs/useJob';
import { VehicleFields } from './VehicleFields';
import { t } from '../../fields/language/t';

const SwayChart = lazy(() => import('./SwayChart').then((module) => ({ default: module.SwayChart })));

const ShareChart = lazy(() => import('./ShareChart').then((module) => ({ default: module.ShareChart })));

const speedText = (lost: LostDamping | undefined, say: Speaker): string => {
  if (!lost) return 'none';
  const kmh = lost.speedMPerS * 3.6;
  return say.style.system === 'metric'
    ? `${Math.round(kmh)} km/h`
    : t('{kmh} mph', { kmh: Math.round(fromKilometres(kmh, 'mile')) });
};

/** At what speed each load's damping is gone, with softer and stiffer tires, and in which way. */
const LostTable = ({ cases, say }: { readonly cases: readonly CaseSway[]; readonly say: Speaker }) => (
  <table className="narrow w-full text-[13px]" aria-label={t('Speed at which damping is gone')}>
    <thead>
      <tr className="text-right">
        <th scope="col" className="text-left font-normal">
          {t('Damping is gone at (none: at no speed in these sums)')}
        </th>
        <th scope="col" className="font-normal">
          {t('soft tires')}
        </th>
        <th scope="col" className="font-normal">
          {t('usual')}
        </th>
        <th scope="col" className="font-normal">
          {t('stiff')}
        </th>
      </tr>
    </thead>
    <tbody>
      {cases.map(({ caseId, lost }) => (
        <tr key={caseId} className="border-t border-base-300 text-right">
          <th scope="row" className="py-1 text-left font-normal">
            {say.caseName(caseId)}
            {lost.usual && (
              <span className="mute block">
                {lost.usual.kind === 'oscillatory' ? t('it then fish-tails') : t('it then runs away to one side')}
              </span>
            )}
          </th>
          <td className="pl-2 whitespace-nowrap">{speedText(lost.softer, say)}</td>
          <td className="pl-2 font-semibold whitespace-nowrap">{speedText(lost.usual, say)}</td>
          <td className="pl-2 whitespace-nowrap">{speedText(lost.stiffer, say)}</td>
        </tr>
      ))}
    </tbody>
  </table>
);

/** What the axle's place does to the tongue, as a chart of its own, drawn when it is opened. */
const ShareOverAxle = () => {
  const { committed, say } = useWorkbench('committed', 'say');
  const [open, setOpen] = useState(false);
  const input = useMemo(() => ({ trailer: committed }), [committed]);
  const { result: data, failed, again } = useJob('shareOverAxle', input, { wanted: open, urgency: 'soon' });
  return (
    <details className="border-t border-base-300" onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="flex min-h-[44px] items-center px-4 font-semibold">
        {t('Tongue’s share against the axle’s place')}
      </summary>
      <div className="px-4 pb-3">
        {failed && <NoFigure what={t('the chart')} onRetry={again} />}
        {data && (
          <ContainedChart name={t('The chart')} of={[data]}>
            <ShareChart lines={data} trailer={committed} say={say} />
          </ContainedChart>
        )}
      </div>
    </details>
  );
};

/** How the loaded trailer behaves behind this vehicle: turning, level, sway. */
export const TowingStep = () => {
  const { committed, caseId, say } = useWorkbench('committed', 'caseId', 'say');
  const { sway, current, failed } = useSway(committed);
  return (
    <>
      <VehicleFields />
      <section className="border-t border-base-300 px-4 py-3" aria-label={t('Sway')}>
        <h2 className="font-semibold">
          {t('Sway{sway}', { sway: sway && !current ? ` ${t('(before the last change)')}` : '' })}
        </h2>
        {failed && <NoFigure what={t('the damping of sway')} />}
        {sway?.missing && (
          <p className="narrow text-[13px]">
            {t('Missing: {missing}. Without it sway is not worked out.', {
              missing: t(MISSING_OF_VEHICLE_NAMES[sway.missing]),
            })}
          </p>
        )}
        {sway && sway.cases.length > 0 && (
          <>
            <ContainedChart name={t('The chart')} of={[sway, caseId]}>
              <SwayChart sway={sway} say={say} bandOf={caseId} />
            </ContainedChart>
            <LostTable cases={sway.cases} say={say} />
          </>
        )}
        {sway && sway.cases.length > 0 && (
          <p className="narrow mute mt-1 text-[13px]">
            {t('Shaded: {case} with tires a third softer to a third stiffer.', { case: say.caseName(caseId) })}
          </p>
        )}
        <p className="narrow mute mt-2 text-[13px]">
          {t(
            'Not checked, compared: wind, ruts, worn tires and a soft hitch are not in it, and real rigs lose their damping sooner. Load forward, a longer tongue, a lighter tail and less speed all help; torsion axles sway like any other.',
          )}
        </p>
      </section>
      <ShareOverAxle />
      <p className="border-t border-base-300 px-4 py-3">
        <Link className="button" to={`/trailer/${committed.id}/print/tow`}>
          {t('Tow-ready page')}
        </Link>
      </p>
    </>
  );
};
