import { buildChassis, couplerFor, overrideBar, withRearHeld } from '@kereta/core';
import { useEditing } from '../../fields/editing';
import { useRecord } from '../../fields/useRecord';
import { FieldGrid, FieldGroup, SelectField } from '../../fields/fields';
import { QuantityField } from '../../fields/QuantityField';
import { RecordFields } from '../../fields/RecordFields';
import { useWorkbench } from '../../bench/workbench';
import { BarFields } from '../BarFields';
import { BuildFields } from '../frame/BuildFields';
import { CutsTable } from './CutsTable';
import { CouplerField } from './hardware/CouplerField';
import { HardwareFields } from './hardware/HardwareFields';
import { LengthTable } from './LengthTable';
import { LevelTable } from './LevelTable';
import { LinkTable } from './LinkTable';
import { PackerFields } from './PackerFields';
import { ShortestTongue } from './ShortestTongue';
import { SideTubeFields } from './SideTubeFields';
import { ofKind, TONGUE_KINDS, TongueShape } from './TongueShape';
import { t } from '../../fields/language/t';

/** Tongue, coupler and all that joins trailer and vehicle. */
export const TongueStep = () => {
  const { trailer, edit } = useEditing();
  const { say, evaluation } = useWorkbench('say', 'evaluation');
  const legs = evaluation.chassis.tongue?.members ?? [];
  const [tongue, setTongue] = useRecord('frame.tongue');
  const [, setJob] = useRecord('job');
  return (
    <>
      <FieldGrid>
        <SelectField
          label={t('Tongue')}
          value={tongue.kind}
          options={TONGUE_KINDS}
          partField="tongue"
          onCommit={(kind) =>
            edit(t('kind of tongue'), (current) => {
              const next = ofKind(kind, tongue, current.frame.bed.lengthM, current.settings.units === 'metric');
              const made = {
                ...current,
                frame: { ...current.frame, tongue: next, packers: [] },
                // A coupler for two legs has nothing to hold one tube by.
                coupling: couplerFor(current.coupling, next.kind),
              };
              // A single tube’s rear end hangs in the air unless something reaches down to it.
              return kind === 'a-frame' ? made : withRearHeld(made, buildChassis(made).tongue?.crossings ?? []);
            })
          }
        />
        <QuantityField
          label={t('Ball to front edge')}
          kind="length"
          value={tongue.lengthM}
          of="frame.tongue.lengthM"
          hot
          partField="coupler"
          onCommit={(lengthM) => setTongue(t('tongue {length} long', { length: say.length(lengthM) }), { lengthM })}
        />
        {tongue.kind === 'a-frame' ? (
          <SelectField
            label={t('Legs end')}
            value={tongue.rearEnd}
            options={[
              { value: 'under', text: t('Under the rails') },
              { value: 'header', text: t('At front header') },
            ]}
            onCommit={(rearEnd) => setTongue(t('where the legs end'), { rearEnd: rearEnd })}
          />
        ) : (
          <QuantityField
            label={t('Runs on along the frame')}
            kind="length"
            value={tongue.underM}
            of="frame.tongue.underM"
            max={trailer.frame.bed.lengthM}
            hint={t('0: ends at the front header')}
            onCommit={(underM) => setTongue(t('tongue under the frame'), { underM })}
          />
        )}
        <div className="col-span-2">
          <CouplerField />
        </div>
      </FieldGrid>
      <ShortestTongue />
      <LinkTable />
      <FieldGroup title={t('What it must clear')}>
        <RecordFields
          record={trailer.job}
          sizes={[
            {
              field: 'turnRad',
              label: t('To be turned by'),
              kind: 'angle',
              of: 'job.turnRad',
              said: t('turn without touching'),
            },
            {
              field: 'rampRad',
              label: t('Break of the road'),
              kind: 'angle',
              of: 'job.rampRad',
              said: t('break of the road'),
              hint: t('Crest or dip to go over; 0: none'),
            },
          ]}
          onChange={setJob}
        />
        <p className="narrow mute col-span-2 text-[13px]">
          {t(
            'The vehicle’s own shape, its tailgate among it, stands in the step “How it tows”. Sliders: above the drawing.',
          )}
        </p>
      </FieldGroup>
      <LevelTable />
      <LengthTable />
      <TongueShape />
      <FieldGroup title={t('Tongue’s section')}>
        <BarFields group="tongue" />
        {legs[0] && (
          <BuildFields
            member={legs[0]}
            override={(current, change) => legs.reduce((next, { id }) => overrideBar(next, [], id, change), current)}
          />
        )}
        {tongue.kind === 'backbone' && <SideTubeFields />}
      </FieldGroup>
      <PackerFields />
      <CutsTable />
      <HardwareFields />
      <p className="narrow mute border-t border-base-300 px-4 py-2 text-[13px]">
        {t(
          'Coupler, ball, mount and hitch each have their own stamp; the lowest governs. A 50 mm ball and a 2 in ball do not interchange. Chains hold the trailer when all else fails: hang them on their own tabs. Local law decides; Kereta shows what is published.',
        )}
      </p>
    </>
  );
};
