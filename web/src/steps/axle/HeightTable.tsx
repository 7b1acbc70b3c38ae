import { formatAngle, loadedRide, takeWheelOff } from '@kereta/core';
import { useEditing } from '../../fields/editing';
import { HeadRow } from '../../fields/HeadRow';
import { Sized } from '../../fields/Sized';
import { useWorkbench } from '../../bench/workbench';
import { figures, inner, t } from '../../fields/language/t';

/** How high everything rides in every load, by tire, axle, spring and hanger. */
export const HeightTable = () => {
  const { trailer } = useEditing();
  const { evaluation, say } = useWorkbench('evaluation', 'say');
  const { rides } = evaluation;
  const loaded = loadedRide(rides);
  if (!loaded) return null;
  const { liftM, under } = takeWheelOff(trailer, evaluation.chassis, loaded);
  const what = under === 'fender' ? t('its fender') : under === 'bed' ? t('the bed') : inner(say.partName(under ?? ''));
  return (
    <details className="border-t border-base-300">
      <summary className="flex min-h-[44px] items-center px-4 font-semibold">
        {t('How high it rides, every load')}
      </summary>
      <div className="overflow-x-auto px-4 pb-3">
        <table className="narrow w-full text-[12.5px]" aria-label={t('Heights above the ground in every load')}>
          <HeadRow first={t('Load')} names={[t('Rails'), t('Deck'), t('Ball'), t('Balance'), t('Clear'), t('Nose')]} />
          <tbody>
            {rides.map((ride) => (
              <tr key={ride.caseId} className="border-t border-base-300 text-right">
                <th
                  scope="row"
                  className="max-w-[90px] truncate text-left font-normal"
                  title={say.caseName(ride.caseId)}
                >
                  {say.caseName(ride.caseId)}
                </th>
                {[ride.railTopM, ride.deckM, ride.couplerM, ride.balancePointM, ride.clearM].map((height, i) => (
                  // oxlint-disable-next-line react/no-array-index-key -- columns keep their order
                  <td key={i} className="pl-2 whitespace-nowrap">
                    {height === undefined ? '' : <Sized>{say.length(height)}</Sized>}
                  </td>
                ))}
                <td className="pl-2 whitespace-nowrap">
                  {ride.noseUpRad === undefined ? t('vehicle?') : figures(formatAngle(ride.noseUpRad))}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
        <p className="narrow mt-2 text-[13px]">
          {t('Jack from tongue to ground:')} <Sized>{say.length(loaded.jackM)}</Sized>
          {t('. Stands under the rails:')} <Sized>{say.length(loaded.standM)}</Sized>.
          {under !== undefined && (
            <>
              {' '}
              {liftM > 0 ? (
                <>
                  {t('To take a wheel off under {what}, lift the frame', { what })} <Sized>{say.length(liftM)}</Sized>{' '}
                  {t('off its axle, or let the spring hang by as much.')}
                </>
              ) : (
                t('A wheel comes off under {what} as it stands.', { what })
              )}
            </>
          )}
        </p>
      </div>
    </details>
  );
};
