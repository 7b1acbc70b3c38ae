import { loadsWithin, TONGUE_SCHOOLS, SCHOOL_NAMES } from '@kereta/core';
import { useWorkbench } from '../../workbench/workbench';

/** What the other schools of tongue weight would say of the same loads. */
export const Schools = () => {
  const { evaluation } = useWorkbench();
  return (
    <details className="border-t border-base-300">
      <summary className="flex min-h-[44px] items-center px-4 font-semibold">What other schools would say</summary>
      <table className="narrow mx-4 mb-3 w-[calc(100%-2rem)] text-[13px]" aria-label="Schools of tongue weight">
        <tbody>
          {(Object.keys(TONGUE_SCHOOLS) as (keyof typeof TONGUE_SCHOOLS)[]).map((school) => {
            const { content, of } = loadsWithin(evaluation, TONGUE_SCHOOLS[school]);
            return (
              <tr key={school} className="border-t border-base-300">
                <th scope="row" className="text-left font-normal">
                  {SCHOOL_NAMES[school]}
                </th>
                <td className="text-right whitespace-nowrap">
                  {content} of {of} loads
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      <p className="narrow mute px-4 pb-3 text-[13px]">
        An empty tandem wants 75 to 100 lb (35 to 45 kg) on its tongue whatever its share (common practice).
        Weight-distribution hitches are not checked: their bars move load between axles by how far they are bent.
      </p>
    </details>
  );
};
