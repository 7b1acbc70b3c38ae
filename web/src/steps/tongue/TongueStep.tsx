import {
  COUPLER_ROWS,
  type Coupling,
  couplingFromCatalog,
  inches,
  millimetres,
  type Tongue,
  toRadians,
} from '@kereta/core';
import { useEditing } from '../../ui/editing';
import { CheckField, FieldGrid, FieldGroup, SelectField } from '../../ui/fields';
import { QuantityField } from '../../ui/QuantityField';
import { useWorkbench } from '../../workbench/workbench';
import { BarFields } from '../BarFields';
import { rowSource } from '../stepKit';

const STATES = [
  { value: 'not-decided', text: 'Not decided' },
  { value: 'fitted', text: 'Fitted' },
  { value: 'none', text: 'None' },
] as const;

/** Tongue, coupler, chains and brakes. */
export const TongueStep = () => {
  const { project, edit } = useEditing();
  const { say } = useWorkbench();
  const { tongue } = project.frame;
  const { coupling } = project;
  const metric = project.settings.units === 'metric';
  const setTongue = (label: string, next: Tongue): void =>
    edit(label, (current) => ({ ...current, frame: { ...current.frame, tongue: next } }));
  const setCoupling = (label: string, change: Partial<Coupling>): void =>
    edit(label, (current) => ({ ...current, coupling: { ...current.coupling, ...change } }));
  return (
    <>
      <FieldGrid>
        <SelectField
          label="Tongue"
          value={tongue.kind}
          options={[
            { value: 'a-frame', text: 'A-frame, two legs' },
            { value: 'straight', text: 'One straight tube' },
          ]}
          partField="tongue"
          onCommit={(kind) =>
            setTongue(
              'kind of tongue',
              kind === 'a-frame'
                ? {
                    kind: 'a-frame',
                    lengthM: tongue.lengthM,
                    includedAngleRad: toRadians(50, 'deg'),
                    rearEnd: 'under',
                    apexBehindBallM: metric ? millimetres(80) : inches(3),
                  }
                : {
                    kind: 'straight',
                    lengthM: tongue.lengthM,
                    underM: project.frame.bed.lengthM / 3,
                    tipBehindBallM: metric ? millimetres(80) : inches(3),
                  },
            )
          }
        />
        <QuantityField
          label="Ball to front edge"
          kind="length"
          value={tongue.lengthM}
          min={0.1}
          max={8}
          hot
          partField="coupler"
          onCommit={(lengthM) => setTongue(`tongue ${say.length(lengthM)} long`, { ...tongue, lengthM })}
        />
        {tongue.kind === 'a-frame' ? (
          <>
            <QuantityField
              label="Angle between the legs"
              kind="angle"
              value={tongue.includedAngleRad}
              min={toRadians(10, 'deg')}
              max={toRadians(120, 'deg')}
              hint="couplers are made for 50°"
              onCommit={(includedAngleRad) => setTongue('angle of the legs', { ...tongue, includedAngleRad })}
            />
            <SelectField
              label="Legs end"
              value={tongue.rearEnd}
              options={[
                { value: 'under', text: 'Under the rails' },
                { value: 'header', text: 'At front header' },
              ]}
              onCommit={(rearEnd) =>
                setTongue('where the legs end', { ...tongue, rearEnd: rearEnd as 'under' | 'header' })
              }
            />
          </>
        ) : (
          <QuantityField
            label="Runs on under the frame"
            kind="length"
            value={tongue.underM}
            min={0}
            max={project.frame.bed.lengthM}
            hint="0: ends at the front header"
            onCommit={(underM) => setTongue('tongue under the frame', { ...tongue, underM })}
          />
        )}
        <div className="col-span-2">
          <SelectField
            label="Coupler"
            hint={rowSource(COUPLER_ROWS, coupling.catalogId)}
            value={coupling.catalogId ?? ''}
            options={[
              { value: '', text: 'Another one' },
              ...COUPLER_ROWS.map(({ id, name }) => ({ value: id, text: name })),
            ]}
            onCommit={(id) => {
              if (id === '')
                setCoupling('another coupler', { catalogId: null, name: 'Own coupler', ratedGrossKg: null });
              else {
                const { name, catalogId, ratedGrossKg, ballDiameterM, massKg } = couplingFromCatalog(id);
                setCoupling(`coupler ${name}`, {
                  name,
                  catalogId,
                  ratedGrossKg,
                  ballDiameterM,
                  massKg,
                  homeMade: false,
                });
              }
            }}
          />
        </div>
      </FieldGrid>
      <FieldGroup title="Chains and brakes" open>
        <SelectField
          label="Safety chains"
          value={coupling.chains}
          options={STATES}
          onCommit={(chains) => setCoupling('safety chains', { chains: chains as Coupling['chains'] })}
        />
        <SelectField
          label="Brakes"
          value={coupling.brakes}
          options={STATES}
          onCommit={(brakes) => setCoupling('brakes', { brakes: brakes as Coupling['brakes'] })}
        />
      </FieldGroup>
      <FieldGroup title="Tongue’s section">
        <BarFields group="tongue" />
      </FieldGroup>
      <FieldGroup title="Coupler’s stamp and jack">
        <QuantityField
          label="Coupler rated for"
          kind="mass"
          value={coupling.ratedGrossKg}
          min={5}
          max={30000}
          onCommit={(ratedGrossKg) => setCoupling('coupler rating', { ratedGrossKg })}
          onClear={() => setCoupling('coupler rating taken out', { ratedGrossKg: null })}
        />
        <QuantityField
          label="Coupler allows on the ball"
          kind="mass"
          value={coupling.tongueLimitKg}
          min={1}
          max={5000}
          onCommit={(tongueLimitKg) => setCoupling('coupler’s limit', { tongueLimitKg })}
          onClear={() => setCoupling('coupler’s limit taken out', { tongueLimitKg: null })}
        />
        {tongue.kind === 'a-frame' ? (
          <QuantityField
            label="Legs meet behind the ball"
            kind="length"
            value={tongue.apexBehindBallM}
            min={0}
            max={1}
            onCommit={(apexBehindBallM) => setTongue('where the legs meet', { ...tongue, apexBehindBallM })}
          />
        ) : (
          <QuantityField
            label="Tube starts behind the ball"
            kind="length"
            value={tongue.tipBehindBallM}
            min={0}
            max={1}
            onCommit={(tipBehindBallM) => setTongue('where the tube starts', { ...tongue, tipBehindBallM })}
          />
        )}
        <QuantityField
          label="Jack behind the ball"
          kind="length"
          value={coupling.jackBehindBallM}
          min={0}
          max={4}
          onCommit={(jackBehindBallM) => setCoupling('place of the jack', { jackBehindBallM })}
        />
        <div className="col-span-2">
          <CheckField
            label="Home-made coupling"
            checked={coupling.homeMade}
            onCommit={(homeMade) => setCoupling('home-made coupling', { homeMade })}
          />
        </div>
        <QuantityField
          label="D on the coupling’s plate, kN"
          kind="number"
          value={coupling.dValueN === null ? null : coupling.dValueN / 1000}
          min={0}
          max={1000}
          hint="European couplings; leave it empty where there is none"
          onCommit={(kilonewtons) => setCoupling('D of the coupling', { dValueN: kilonewtons * 1000 })}
          onClear={() => setCoupling('D of the coupling taken out', { dValueN: null })}
        />
      </FieldGroup>
      <p className="narrow mute border-t border-base-300 px-4 py-2 text-[13px]">
        Coupler, ball, mount and hitch each have their own stamp; the lowest governs. A 50 mm ball and a 2 in ball do
        not interchange. Chains hold the trailer when all else fails: hang them on their own tabs.
      </p>
    </>
  );
};
