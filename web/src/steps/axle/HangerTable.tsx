import { wantedSpacingM, HANGER_NAMES } from '@kereta/core';

import { useEditing } from '../../fields/editing';
import { useRecord } from '../../fields/useRecord';
import { QuantityField } from '../../fields/QuantityField';
import { Sized } from '../../fields/Sized';
import { useWorkbench } from '../../bench/workbench';
import { t } from '../../fields/language/t';

/** Every hanger from the bed's front edge, for the axle's place as it stands loaded. */
export const HangerTable = () => {
  const { trailer, readOnly } = useEditing();
  const [{ hangerSpacingM }, setSuspension] = useRecord('runningGear.suspension');
  const [gear, setGear] = useRecord('runningGear');
  const { evaluation, say } = useWorkbench('evaluation', 'say');
  const plan = evaluation.hangers;
  const wanted = wantedSpacingM(trailer);
  const [first] = plan.marks;
  if (!first) return null;
  return (
    <details className="border-t border-base-300">
      <summary className="flex min-h-[44px] items-center px-4 font-semibold">{t('Where the hangers go')}</summary>
      <div className="px-4 pb-3">
        <table className="narrow w-full text-[13px]" aria-label={t('Hangers from the front edge of the bed')}>
          <tbody>
            {plan.marks.map(({ id, kind, axle, xM }) => (
              <tr key={id} className="border-t border-base-300">
                <th scope="row" className="text-left font-normal">
                  {say.partName(`axle.${axle + 1}`)}, {t(HANGER_NAMES[kind])}
                </th>
                <td className="text-right font-semibold whitespace-nowrap">
                  <Sized>{say.length(xM)}</Sized>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
        <div className="mt-2">
          <QuantityField
            label={t('Front one, measured from the front edge')}
            kind="length"
            value={first.xM}
            of="runningGear.positionM"
            hint={t('Moves the axle with it')}
            onCommit={(xM) =>
              setGear(t('front hanger at {x}', { x: say.length(xM) }), { positionM: gear.positionM + xM - first.xM })
            }
          />
        </div>
        <p className="narrow mute mt-2 text-[13px]">
          {t(
            'From the front edge, both rails alike. The axle lies under the centre bolt, half the loaded chord behind the fixed eye: as the spring flattens under load it moves back. Measure your own springs before you weld.',
          )}
        </p>
        {wanted !== undefined && Math.abs(wanted - hangerSpacingM) > 1e-4 && (
          <button
            type="button"
            className="button mt-2"
            disabled={readOnly}
            onClick={() =>
              setSuspension(t('hangers {wanted} apart', { wanted: say.length(wanted) }), { hangerSpacingM: wanted })
            }
          >
            {t('Take {wanted} bolt to bolt', { wanted: say.length(wanted) })}
          </button>
        )}
      </div>
    </details>
  );
};
