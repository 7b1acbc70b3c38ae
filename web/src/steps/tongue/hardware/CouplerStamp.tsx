import { type Coupling, COUPLING_NAMES, optionsOf } from '@kereta/core';
import { CheckField, FieldGroup, SelectField } from '../../../fields/fields';
import { RecordFields, type SizeOf } from '../../../fields/RecordFields';
import { CouplingStudy } from './CouplingStudy';
import { useCoupling } from './useCoupling';

const KINDS = optionsOf(COUPLING_NAMES);

const BALL_SIZE: SizeOf<Coupling> = {
  field: 'ballDiameterM',
  label: 'Made for a ball of',
  kind: 'length',
  of: 'coupling.ballDiameterM',
  said: 'coupler’s ball',
};

/** What the coupler's stamp and plate say. */
export const CouplerStamp = () => {
  const { coupling, set } = useCoupling();
  return (
    <FieldGroup title="Coupler’s stamp">
      <SelectField
        label="Kind of coupling"
        value={coupling.kind}
        options={KINDS}
        onCommit={(kind) => set('kind of coupling', { kind: kind })}
      />
      <RecordFields
        record={coupling}
        sizes={[
          ...(coupling.kind === 'ball' ? [BALL_SIZE] : []),
          {
            field: 'ratedGrossKg',
            label: 'Coupler rated for',
            kind: 'mass',
            of: 'coupling.ratedGrossKg',
            said: 'coupler rating',
            clears: true,
          },
          {
            field: 'tongueLimitKg',
            label: 'Coupler allows on the ball',
            kind: 'mass',
            of: 'coupling.tongueLimitKg',
            said: 'coupler’s limit',
            clears: true,
            hint: 'S on a European plate',
          },
          {
            field: 'dValueN',
            label: 'D on its plate, kN',
            kind: 'number',
            of: 'coupling.dValueN',
            said: 'D of the coupling',
            clears: true,
            per: 1000,
            hint: 'European couplings',
          },
        ]}
        onChange={set}
      />
      <div className="col-span-2">
        <CheckField
          label="Home-made coupling"
          checked={coupling.homeMade}
          onCommit={(homeMade) => set(homeMade ? 'home-made coupling' : 'a bought coupling', { homeMade })}
        />
      </div>
      {coupling.homeMade && <CouplingStudy />}
    </FieldGroup>
  );
};
