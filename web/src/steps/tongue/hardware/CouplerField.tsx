import { COUPLER_ROWS, couplingFromCatalog } from '@kereta/core';
import { useMemo } from 'react';
import { useWorkbench } from '../../../bench/workbench';
import { useEditing } from '../../../fields/editing';
import { Picker } from '../../../fields/Picker';
import { couplerRows, NO_COUPLER } from '../../pickRows';
import { rowSource } from '../../stepKit';
import { useCoupling } from './useCoupling';
import { t } from '../../../fields/language/t';

/** The coupler and what its stamp says. */
export const CouplerField = () => {
  const { coupling, set } = useCoupling();
  const { trailer } = useEditing();
  const { say } = useWorkbench('say');
  const rows = useMemo(() => couplerRows(trailer, say), [trailer, say]);
  return (
    <Picker
      label={t('Coupler')}
      list="couplers"
      hint={rowSource(COUPLER_ROWS, coupling.catalogId)}
      value={coupling.fitted ? (coupling.catalogId ?? '') : NO_COUPLER}
      rows={rows}
      onCommit={(id) => {
        if (id === NO_COUPLER) set(t('no coupler'), { fitted: false });
        else if (id === '')
          set(t('another coupler'), { catalogId: null, name: t('Own coupler'), ratedGrossKg: null, fitted: true });
        else {
          const { name, kind, catalogId, ratedGrossKg, ballDiameterM, massKg } = couplingFromCatalog(id);
          set(t('coupler {name}', { name }), {
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
