import { railTopM } from '@kereta/core';
import { Sized } from '../../fields/Sized';
import { useWorkbench } from '../../bench/workbench';
import { t } from '../../fields/language/t';

/** The shown load standing still: what ball or jack, axles and wheels carry, and where it balances. */
export const StandingTable = () => {
  const { trailer, evaluation, caseId, say } = useWorkbench('trailer', 'evaluation', 'caseId', 'say');
  const shown = evaluation.cases.find(({ loadCase }) => loadCase.id === caseId);
  if (!shown?.standing || !shown.centre) return null;
  const { standing, centre, massKg } = shown;
  const rows: readonly (readonly [string, string])[] = [
    [t('Whole trailer'), say.mass(massKg)],
    [standing.on === 'ball' ? t('On the ball') : t('On the jack'), say.load(standing.aheadN)],
    ...standing.axles.flatMap(({ id, loadN, leftN, rightN }): (readonly [string, string])[] => [
      [say.partName(id), say.load(loadN)],
      [t('its left and right wheel'), `${say.load(leftN)}, ${say.load(rightN)}`],
    ]),
    [t('Balance point, back from front edge'), say.length(centre.xM)],
    [centre.yM < 0 ? t('left of the middle') : t('right of the middle'), say.length(Math.abs(centre.yM))],
    [t('above the ground'), say.length(centre.zM + railTopM(trailer, evaluation.chassis, shown.parts))],
  ];
  return (
    <details className="border-t border-base-300">
      <summary className="flex min-h-[44px] items-center px-4 font-semibold">
        {t('{name}, standing still', { name: shown.loadCase.name })}
      </summary>
      <table
        className="narrow mx-4 mb-3 w-[calc(100%-2rem)] text-[14px]"
        aria-label={t('{name}, standing', { name: shown.loadCase.name })}
      >
        <tbody>
          {rows.map(([name, text], i) => (
            // oxlint-disable-next-line react/no-array-index-key -- rows keep their order, and two axles have rows of one name
            <tr key={i} className="border-t border-base-300">
              <th scope="row" className="text-left font-normal">
                {name}
              </th>
              <td className="text-right whitespace-nowrap">
                <Sized>{text}</Sized>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </details>
  );
};
