import { schoolAnswers, SCHOOL_NAMES } from '@kereta/core';
import { useMemo } from 'react';
import { useWorkbench } from '../../bench/workbench';

/** What each school of tongue weight says of the same loads, and where it would have the axle. */
export const Schools = () => {
  const { evaluation, say } = useWorkbench('evaluation', 'say');
  const answers = useMemo(() => schoolAnswers(evaluation), [evaluation]);
  return (
    <details className="border-t border-base-300">
      <summary className="flex min-h-[44px] items-center px-4 font-semibold">What other schools would say</summary>
      <table className="narrow mx-4 mb-3 w-[calc(100%-2rem)] text-[13px]" aria-label="Schools of tongue weight">
        <thead>
          <tr className="text-left">
            <th scope="col" className="font-semibold">
              School
            </th>
            <th scope="col" className="text-right font-semibold">
              Tongues within
            </th>
            <th scope="col" className="text-right font-semibold">
              Axle from, to
            </th>
          </tr>
        </thead>
        <tbody>
          {answers.map(({ school, content, of, place }) => (
            <tr key={school} className="border-t border-base-300">
              <th scope="row" className="text-left font-normal">
                {school === 'bathroom-scale' ? 'Empty tandem on a bathroom scale' : SCHOOL_NAMES[school]}
              </th>
              <td className="text-right whitespace-nowrap">
                {content} of {of}
              </td>
              <td className="text-right">
                {place ? `${say.length(place.fromM)} to ${say.length(place.toM)}` : 'nowhere'}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="narrow mute px-4 pb-3 text-[13px]">
        Of the loads that are towed; one with a band of its own keeps it.{' '}
        {answers.some(({ school }) => school === 'bathroom-scale') &&
          'The bathroom scale asks for 75 to 100 lb (34 to 45 kg) on an empty tandem’s tongue whatever its share (common practice). '}
        Weight-distribution hitches are not checked: their bars move load between axles by how far they are bent.
      </p>
    </details>
  );
};
