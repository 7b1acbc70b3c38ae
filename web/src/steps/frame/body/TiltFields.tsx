import { inches, millimetres } from '@kereta/core';
import { useWorkbench } from '../../../bench/workbench';
import { useEditing } from '../../../fields/editing';
import { CheckField, FieldGroup } from '../../../fields/fields';
import { QuantityField } from '../../../fields/QuantityField';
import { useRecord } from '../../../fields/useRecord';
import { t } from '../../../fields/language/t';

/** A bed that tips: about what, held by what. */
export const TiltFields = () => {
  const { trailer } = useEditing();
  const { say } = useWorkbench('say');
  const [{ tilt }, set] = useRecord('frame');
  const metric = trailer.settings.units === 'metric';
  return (
    <FieldGroup title={t('Tilting bed')}>
      <div className="col-span-2">
        <CheckField
          label={t('The bed tips to be driven on')}
          checked={tilt !== null}
          onCommit={(on) =>
            set(on ? t('tilting bed') : t('fixed bed'), {
              tilt: on
                ? {
                    pivotXM: trailer.runningGear.positionM,
                    latchXM: metric ? millimetres(150) : inches(6),
                    pinDiameterM: metric ? millimetres(25) : inches(1),
                  }
                : null,
            })
          }
        />
      </div>
      {tilt && (
        <>
          <QuantityField
            label={t('Pivot, back from front edge')}
            kind="length"
            value={tilt.pivotXM}
            of="frame.tilt.pivotXM"
            onCommit={(pivotXM) =>
              set(t('pivot at {pivotX}', { pivotX: say.length(pivotXM) }), { tilt: { ...tilt, pivotXM } })
            }
          />
          <QuantityField
            label={t('Latch, back from front edge')}
            kind="length"
            value={tilt.latchXM}
            of="frame.tilt.latchXM"
            onCommit={(latchXM) =>
              set(t('latch at {latchX}', { latchX: say.length(latchXM) }), { tilt: { ...tilt, latchXM } })
            }
          />
          <QuantityField
            label={t('Pivot pins, diameter')}
            kind="length"
            value={tilt.pinDiameterM}
            of="frame.tilt.pinDiameterM"
            onCommit={(pinDiameterM) => set(t('pivot pins'), { tilt: { ...tilt, pinDiameterM } })}
          />
          <p className="mute col-span-2 text-[13px]">
            {t(
              'The frame is analysed latched, as one piece. Latch, ears and what moves between bed and frame are yours to check.',
            )}
          </p>
        </>
      )}
    </FieldGroup>
  );
};
