import { optionsOf, withTrack, MOUNTING_NAMES } from '@kereta/core';
import { useWorkbench } from '../../bench/workbench';
import { FieldGroup, SelectField } from '../../fields/fields';
import { QuantityField } from '../../fields/QuantityField';
import { useRecord } from '../../fields/useRecord';
import { BracketOffer } from './BracketOffer';

const MOUNTINGS = optionsOf(MOUNTING_NAMES);

/** What holds the axles under the frame, and where. */
export const GearFields = () => {
  const { say } = useWorkbench('say');
  const [gear, set] = useRecord('runningGear');
  const [, setAxle] = useRecord('runningGear.axle');
  const [, setSuspension] = useRecord('runningGear.suspension');
  return (
    <FieldGroup title="Springs, hangers, track">
      {gear.suspension.kind === 'leaf' && (
        <QuantityField
          label="Spring, bolt to bolt"
          kind="length"
          value={gear.suspension.hangerSpacingM}
          of="runningGear.suspension.hangerSpacingM"
          onCommit={(hangerSpacingM) => setSuspension('hangers', { hangerSpacingM })}
        />
      )}
      {gear.suspension.kind === 'torsion' && (
        <QuantityField
          label="Wheel behind bracket, loaded"
          kind="length"
          value={gear.suspension.armM}
          of="runningGear.suspension.armM"
          onCommit={(armM) => setSuspension('torsion arm', { armM })}
        />
      )}
      {gear.layout !== 'single' && gear.layout !== 'none' && (
        <QuantityField
          label="Between the axles"
          kind="length"
          value={gear.spacingM}
          of="runningGear.spacingM"
          onCommit={(spacingM) => set('between the axles', { spacingM })}
        />
      )}
      {gear.layout === 'tandem-equaliser' && gear.suspension.kind === 'leaf' && (
        <QuantityField
          label="Equaliser, hole to hole"
          kind="length"
          value={gear.suspension.equaliserM}
          of="runningGear.suspension.equaliserM"
          hint="For the lean of its shackles"
          onCommit={(equaliserM) => setSuspension('equaliser', { equaliserM })}
          onClear={() => setSuspension('no equaliser measured', { equaliserM: null })}
        />
      )}
      {gear.layout === 'tandem-equaliser' &&
        (['front', 'rear'] as const).map((which, index) => (
          <QuantityField
            key={which}
            label={`${gear.suspension.kind === 'walking-beam' ? 'Beam' : 'Equaliser'}, its ${which} arm`}
            kind="number"
            value={gear.equaliserArms[index] ?? 1}
            min={0.01}
            max={100}
            hint="Only the ratio of the two counts"
            onCommit={(arm) =>
              set(`${which} arm`, {
                equaliserArms: which === 'front' ? [arm, gear.equaliserArms[1]] : [gear.equaliserArms[0], arm],
              })
            }
          />
        ))}
      <SelectField
        label="Hangers or brackets"
        value={gear.suspension.mounting}
        options={MOUNTINGS}
        onCommit={(mounting) => setSuspension('how hangers are held', { mounting: mounting })}
      />
      <QuantityField
        label="Wheel middle to wheel middle"
        kind="length"
        value={gear.suspension.trackM}
        of="runningGear.suspension.trackM"
        hint="The hub faces follow"
        onCommit={(trackM) => set('track', withTrack(gear, trackM))}
      />
      <QuantityField
        label="Spring or bracket centres"
        kind="length"
        value={gear.suspension.springCentresM}
        of="runningGear.suspension.springCentresM"
        hint="Under the middles of the rails where you say nothing"
        onCommit={(springCentresM) => setSuspension('spring centres', { springCentresM })}
        onClear={() => setSuspension('springs under the rails', { springCentresM: null })}
      />
      <QuantityField
        label="Axle weighs, with hubs"
        kind="mass"
        value={gear.axle.massKg}
        of="runningGear.axle.massKg"
        onCommit={(massKg) => setAxle('axle’s own weight', { massKg })}
      />
      <QuantityField
        label="Top of rails above ground, measured"
        kind="length"
        value={gear.measuredRailTopM}
        of="runningGear.measuredRailTopM"
        hint="Level, under the heaviest load; empty: by the parts"
        onCommit={(measuredRailTopM) =>
          set(`rails measured ${say.length(measuredRailTopM)} high`, { measuredRailTopM })
        }
        onClear={() => set('rails’ height by the parts', { measuredRailTopM: null })}
      />
      <BracketOffer />
    </FieldGroup>
  );
};
