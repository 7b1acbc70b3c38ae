import { COUPLER_ROWS, couplingFromCatalog } from '@kereta/core';
import { SelectField } from '../../../fields/fields';
import { rowSource } from '../../stepKit';
import { useCoupling } from './useCoupling';

const NONE = 'none';

/** The coupler and what its stamp says. */
export const CouplerField = () => {
  const { coupling, set } = useCoupling();
  return (
    <SelectField
      label="Coupler"
      hint={rowSource(COUPLER_ROWS, coupling.catalogId)}
      value={coupling.fitted ? (coupling.catalogId ?? '') : NONE}
      options={[
        { value: '', text: 'Another one' },
        { value: NONE, text: 'None: pulled by hand' },
        ...COUPLER_ROWS.map(({ id, name }) => ({ value: id, text: name })),
      ]}
      onCommit={(id) => {
        if (id === NONE) set('no coupler', { fitted: false });
        else if (id === '')
          set('another coupler', { catalogId: null, name: 'Own coupler', ratedGrossKg: null, fitted: true });
        else {
          const { name, kind, catalogId, ratedGrossKg, ballDiameterM, massKg } = couplingFromCatalog(id);
          set(`coupler ${name}`, {
            name,
            kind,
            catalogId,
            ratedGrossKg,
            ballDiameterM,
            massKg,
            homeMade: false,
            fitted: true,
          });
        }
      }}
    />
  );
};
