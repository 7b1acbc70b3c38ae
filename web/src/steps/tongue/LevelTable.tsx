import { formatAngle } from '@kereta/core';

import { HeadRow } from '../../fields/HeadRow';
import { Sized } from '../../fields/Sized';
import { useWorkbench } from '../../bench/workbench';
import { figures, t } from '../../fields/language/t';

/** How each load rides behind the vehicle: ball, hitch under it, and what that does to a pair of axles. */
export const LevelTable = () => {
  const { evaluation, say } = useWorkbench('evaluation', 'say');
  const { levels, cases } = evaluation;
  if (levels.length === 0) return null;
  const pair = cases.some(({ standing }) => (standing?.axles.length ?? 0) > 1);
  return (
    <details className="border-t border-base-300">
      <summary className="flex min-h-[44px] items-center px-4 font-semibold">{t('Level, every load')}</summary>
      <div className="overflow-x-auto px-4 pb-3">
        <table className="narrow w-full text-[12.5px]" aria-label={t('How level every load rides')}>
          <HeadRow
            first={t('Load')}
            names={[t('Level at'), t('Hitch'), t('Nose'), ...(pair ? [t('Axles carry')] : [])]}
          />
          <tbody>
            {levels.map(({ caseId, couplerM, hitchM, noseUpRad }) => (
              <tr key={caseId} className="border-t border-base-300 text-right">
                <th scope="row" className="max-w-[90px] truncate text-left font-normal" title={say.caseName(caseId)}>
                  {say.caseName(caseId)}
                </th>
                <td className="pl-2 whitespace-nowrap">
                  <Sized>{say.length(couplerM)}</Sized>
                </td>
                <td className="pl-2 whitespace-nowrap">
                  <Sized>{say.length(hitchM)}</Sized>
                </td>
                <td className="pl-2 whitespace-nowrap">
                  {figures(formatAngle(Math.abs(noseUpRad)))} {noseUpRad >= 0 ? 'up' : t('down')}
                </td>
                {pair && (
                  <td className="pl-2 whitespace-nowrap">
                    {cases
                      .find(({ loadCase }) => loadCase.id === caseId)
                      ?.standing?.axles.map(({ loadN }) => say.load(loadN))
                      .join(' + ')}
                  </td>
                )}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </details>
  );
};
