import { type Coupling, COUPLING_NAMES } from '@kereta/core';
import { CheckField, FieldGroup, SelectField } from '../../../fields/fields';
import { RecordFields, type SizeOf } from '../../../fields/RecordFields';
import { CouplingStudy } from './CouplingStudy';
import { useCoupling } from './useCoupling';
import { t } from '../../../fields/language/t';
import { optionsIn } from '../../../fields/language/optionsIn';

const KINDS = optionsIn(COUPLING_NAMES);

const BALL_SIZE: SizeOf<Coupling> = {
  field: 'ballDiameterM',
  label: t('Made for a ball of'),
  kind: 'length',
  of: 'coupling.ballDiameterM',
  said: t('coupler’s ball'),
};

/** What the coupler's stamp and plate say. */
export const CouplerStamp = () => {
  const { coupling, set } = useCoupling();
  return (
    <FieldGroup title={t('Coupler’s stamp')}>
      <SelectField
        label={t('Kind of coupling')}
        value={coupling.kind}
        options={KINDS}
        onCommit={(kind) => set(t('kind of coupling'), { kind: kind })}
      />
      <RecordFields
        record={coupling}
        sizes={[
          ...(coupling.kind === 'ball' ? [BALL_SIZE] : []),
          {
            field: 'ratedGrossKg',
            label: t('Coupler rated for'),
            kind: 'mass',
            of: 'coupling.ratedGrossKg',
            said: t('coupler rating'),
            clears: true,
          },
          {
            field: 'tongueLimitKg',
            label: t('Coupler allows on the ball'),
            kind: 'mass',
            of: 'coupling.tongueLimitKg',
            said: t('coupler’s limit'),
            clears: true,
            hint: t('S on a European plate'),
          },
          {
            field: 'dValueN',
            label: t('D on its plate, kN'),
            kind: 'number',
            of: 'coupling.dValueN',
            said: t('D of the coupling'),
            clears: true,
            per: 1000,
            hint: t('European couplings'),
          },
        ]}
        onChange={set}
      />
      <div className="col-span-2">
        <CheckField
          label={t('Home-made coupling')}
          checked={coupling.homeMade}
          onCommit={(homeMade) => set(homeMade ? t('home-made coupling') : t('a bought coupling'), { homeMade })}
        />
      </div>
      {coupling.homeMade && <CouplingStudy />}
    </FieldGroup>
  );
};
