import { schoolAnswers, SCHOOL_NAMES } from '@kereta/core';
import { useMemo } from 'react';
import { useWorkbench } from '../../bench/workbench';
import { t } from '../../fields/language/t';

/** What each school of tongue weight says of the same loads, and where it would have the axle. */
export const Schools = () => {
  const { evaluation, say } = useWorkbench('evaluation', 'say');
  const answers = useMemo(() => schoolAnswers(evaluation), [evaluation]);
  return (
    <details className="border-t border-base-300">
      <summary className="flex min-h-[44px] items-center px-4 font-semibold">
        {t('What other schools would say')}
      </summary>
      <table className="narrow mx-4 mb-3 w-[calc(100%-2rem)] text-[13px]" aria-label={t('Schools of tongue weight')}>
        <thead>
          <tr className="text-left">
            <th scope="col" className="font-semibold">
              {t('School')}
            </th>
            <th scope="col" className="text-right font-semibold">
              {t('Tongues within')}
            </th>
            <th scope="col" className="text-right font-semibold">
              {t('Axle from, to')}
            </th>
          </tr>
        </thead>
        <tbody>
          {answers.map(({ school, content, of, place }) => (
            <tr key={school} className="border-t border-base-300">
              <th scope="row" className="text-left font-normal">
                {school === 'bathroom-scale' ? t('Empty tandem on a bathroom scale') : t(SCHOOL_NAMES[school])}
              </th>
              <td className="text-right whitespace-nowrap">{t('{content} of {of}', { content, of })}</td>
              <td className="text-right">
                {place
                  ? t('{from} to {to}', { from: say.length(place.fromM), to: say.length(place.toM) })
                  : t('nowhere')}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="narrow mute px-4 pb-3 text-[13px]">
        {t('Of the loads that are towed; one with a band of its own keeps it.')}{' '}
        {answers.some(({ school }) => school === 'bathroom-scale') &&
          `${t('The bathroom scale asks for 75 to 100 lb (34 to 45 kg) on an empty tandem’s tongue whatever its share (common practice).')} `}
        {t('Weight-distribution hitches are not checked: their bars move load between axles by how far they are bent.')}
      </p>
    </details>
  );
};
