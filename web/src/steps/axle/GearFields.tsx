import { withTrack, MOUNTING_NAMES } from '@kereta/core';
import { useWorkbench } from '../../bench/workbench';
import { FieldGroup, SelectField } from '../../fields/fields';
import { QuantityField } from '../../fields/QuantityField';
import { useRecord } from '../../fields/useRecord';
import { BracketOffer } from './BracketOffer';
import { t } from '../../fields/language/t';
import { optionsIn } from '../../fields/language/optionsIn';

const MOUNTINGS = optionsIn(MOUNTING_NAMES);

/** What holds the axles under the frame, and where. */
export const GearFields = () => {
  const { say } = useWorkbench('say');
  const [gear, set] = useRecord('runningGear');
  const [, setAxle] = useRecord('runningGear.axle');
  const [, setSuspension] = useRecord('runningGear.suspension');
  return (
    <FieldGroup title={t('Springs, hangers, track')}>
      {gear.suspension.kind === 'leaf' && (
        <QuantityField
          label={t('Spring, bolt to bolt')}
          kind="length"
          value={gear.suspension.hangerSpacingM}
          of="runningGear.suspension.hangerSpacingM"
          onCommit={(hangerSpacingM) => setSuspension(t('hangers'), { hangerSpacingM })}
        />
      )}
      {gear.suspension.kind === 'torsion' && (
        <QuantityField
          label={t('Wheel behind bracket, loaded')}
          kind="length"
          value={gear.suspension.armM}
          of="runningGear.suspension.armM"
          onCommit={(armM) => setSuspension(t('torsion arm'), { armM })}
        />
      )}
      {gear.layout !== 'single' && gear.layout !== 'none' && (
        <QuantityField
          label={t('Between the axles')}
          kind="length"
          value={gear.spacingM}
          of="runningGear.spacingM"
          onCommit={(spacingM) => set(t('between the axles'), { spacingM })}
        />
      )}
      {gear.layout === 'tandem-equaliser' && gear.suspension.kind === 'leaf' && (
        <QuantityField
          label={t('Equaliser, hole to hole')}
          kind="length"
          value={gear.suspension.equaliserM}
          of="runningGear.suspension.equaliserM"
          hint={t('For the lean of its shackles')}
          onCommit={(equaliserM) => setSuspension(t('equaliser'), { equaliserM })}
          onClear={() => setSuspension(t('no equaliser measured'), { equaliserM: null })}
        />
      )}
      {gear.layout === 'tandem-equaliser' &&
        (['front', 'rear'] as const).map((which, index) => (
          <QuantityField
            key={which}
            label={
              which === 'front'
                ? t('{kind}, its front arm', {
                    kind: gear.suspension.kind === 'walking-beam' ? t('Beam') : t('Equaliser'),
                  })
                : t('{kind}, its rear arm', {
                    kind: gear.suspension.kind === 'walking-beam' ? t('Beam') : t('Equaliser'),
                  })
            }
            kind="number"
            value={gear.equaliserArms[index] ?? 1}
            min={0.01}
            max={100}
            hint={t('Only the ratio of the two counts')}
            onCommit={(arm) =>
              set(which === 'front' ? t('front arm') : t('rear arm'), {
                equaliserArms: which === 'front' ? [arm, gear.equaliserArms[1]] : [gear.equaliserArms[0], arm],
              })
            }
          />
        ))}
      <SelectField
        label={t('Hangers or brackets')}
        value={gear.suspension.mounting}
        options={MOUNTINGS}
        onCommit={(mounting) => setSuspension(t('how hangers are held'), { mounting: mounting })}
      />
      <QuantityField
        label={t('Wheel middle to wheel middle')}
        kind="length"
        value={gear.suspension.trackM}
        of="runningGear.suspension.trackM"
        hint={t('The hub faces follow')}
        onCommit={(trackM) => set(t('track'), withTrack(gear, trackM))}
      />
      <QuantityField
        label={t('Spring or bracket centres')}
        kind="length"
        value={gear.suspension.springCentresM}
        of="runningGear.suspension.springCentresM"
        hint={t('Under the middles of the rails where you say nothing')}
        onCommit={(springCentresM) => setSuspension(t('spring centres'), { springCentresM })}
        onClear={() => setSuspension(t('springs under the rails'), { springCentresM: null })}
      />
      <QuantityField
        label={t('Axle weighs, with hubs')}
        kind="mass"
        value={gear.axle.massKg}
        of="runningGear.axle.massKg"
        onCommit={(massKg) => setAxle(t('axle’s own weight'), { massKg })}
      />
      <QuantityField
        label={t('Top of rails above ground, measured')}
        kind="length"
        value={gear.measuredRailTopM}
        of="runningGear.measuredRailTopM"
        hint={t('Level, under the heaviest load; empty: by the parts')}
        onCommit={(measuredRailTopM) =>
          set(t('rails measured {measuredRailTop} high', { measuredRailTop: say.length(measuredRailTopM) }), {
            measuredRailTopM,
          })
        }
        onClear={() => set(t('rails’ height by the parts'), { measuredRailTopM: null })}
      />
      <BracketOffer />
    </FieldGroup>
  );
};
