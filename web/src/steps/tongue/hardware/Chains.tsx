import { CHAIN_ROWS } from '@kereta/core';
import { CheckField, FieldGroup, SelectField } from '../../../fields/fields';
import { useRecord } from '../../../fields/useRecord';
import { RecordFields } from '../../../fields/RecordFields';
import { rowSource } from '../../stepKit';
import { STATES, useCoupling } from './useCoupling';
import { t } from '../../../fields/language/t';

/** How many, how strong, how long, how they hang. */
export const Chains = () => {
  const { coupling, set } = useCoupling();
  const { safetyChain } = coupling;
  const [, change] = useRecord('coupling.safetyChain');
  return (
    <FieldGroup title={t('Safety chains')} open>
      <SelectField
        label={t('Safety chains')}
        value={coupling.chains}
        options={STATES}
        onCommit={(chains) => set(t('safety chains'), { chains: chains })}
      />
      {coupling.chains === 'fitted' && (
        <>
          <SelectField
            label={t('Held on the trailer by')}
            value={safetyChain.heldOn}
            options={[
              { value: 'not-decided', text: t('Not decided') },
              { value: 'own-tabs', text: t('Tabs of their own') },
              { value: 'coupler', text: t('The coupler') },
            ]}
            onCommit={(heldOn) => change(t('how the chains are held'), { heldOn: heldOn })}
          />
          <SelectField
            label={t('Chain')}
            hint={rowSource(CHAIN_ROWS, safetyChain.catalogId)}
            value={safetyChain.catalogId ?? ''}
            options={[
              { value: '', text: t('Another one') },
              ...CHAIN_ROWS.map(({ id, name }) => ({ value: id, text: name })),
            ]}
            onCommit={(id) => {
              const row = CHAIN_ROWS.find((candidate) => candidate.id === id);
              change(row?.name ?? t('another chain'), {
                catalogId: row?.id ?? null,
                breaksAtKg: row?.breaksAtKg ?? null,
              });
            }}
          />
          <SelectField
            label={t('How many')}
            value={String(safetyChain.count)}
            options={[
              { value: '1', text: t('One') },
              { value: '2', text: t('Two') },
            ]}
            onCommit={(count) => change(t('number of chains'), { count: Number(count) })}
          />
          <RecordFields
            record={safetyChain}
            sizes={[
              {
                field: 'breaksAtKg',
                label: t('Each breaks at'),
                kind: 'mass',
                of: 'coupling.safetyChain.breaksAtKg',
                said: t('strength of the chains'),
                clears: true,
                hint: t('The least of chain, hook and link'),
              },
              {
                field: 'lengthM',
                label: t('From tab to hook'),
                kind: 'length',
                of: 'coupling.safetyChain.lengthM',
                said: t('length of the chains'),
                clears: true,
              },
              {
                field: 'tabBehindBallM',
                label: t('Tabs behind the ball'),
                kind: 'length',
                of: 'coupling.safetyChain.tabBehindBallM',
                said: t('place of the tabs'),
              },
              {
                field: 'hookAheadOfBallM',
                label: t('Hooks ahead of the ball'),
                kind: 'length',
                of: 'coupling.safetyChain.hookAheadOfBallM',
                said: t('place of the hooks'),
              },
              {
                field: 'apartM',
                label: t('Tab to tab'),
                kind: 'length',
                of: 'coupling.safetyChain.apartM',
                said: t('distance of the tabs'),
              },
            ]}
            onChange={change}
          />
          <CheckField
            label={t('Crossed under the tongue')}
            checked={safetyChain.crossed}
            onCommit={(crossed) => change(crossed ? t('chains crossed') : t('chains not crossed'), { crossed })}
          />
        </>
      )}
    </FieldGroup>
  );
};
