import { CHAIN_ROWS } from '@kereta/core';
import { CheckField, FieldGroup, SelectField } from '../../../fields/fields';
import { useRecord } from '../../../fields/useRecord';
import { RecordFields } from '../../../fields/RecordFields';
import { rowSource } from '../../stepKit';
import { STATES, useCoupling } from './useCoupling';

/** How many, how strong, how long, how they hang. */
export const Chains = () => {
  const { coupling, set } = useCoupling();
  const { safetyChain } = coupling;
  const [, change] = useRecord('coupling.safetyChain');
  return (
    <FieldGroup title="Safety chains" open>
      <SelectField
        label="Safety chains"
        value={coupling.chains}
        options={STATES}
        onCommit={(chains) => set('safety chains', { chains: chains })}
      />
      {coupling.chains === 'fitted' && (
        <>
          <SelectField
            label="Held on the trailer by"
            value={safetyChain.heldOn}
            options={[
              { value: 'not-decided', text: 'Not decided' },
              { value: 'own-tabs', text: 'Tabs of their own' },
              { value: 'coupler', text: 'The coupler' },
            ]}
            onCommit={(heldOn) => change('how the chains are held', { heldOn: heldOn })}
          />
          <SelectField
            label="Chain"
            hint={rowSource(CHAIN_ROWS, safetyChain.catalogId)}
            value={safetyChain.catalogId ?? ''}
            options={[
              { value: '', text: 'Another one' },
              ...CHAIN_ROWS.map(({ id, name }) => ({ value: id, text: name })),
            ]}
            onCommit={(id) => {
              const row = CHAIN_ROWS.find((candidate) => candidate.id === id);
              change(row?.name ?? 'another chain', {
                catalogId: row?.id ?? null,
                breaksAtKg: row?.breaksAtKg ?? null,
              });
            }}
          />
          <SelectField
            label="How many"
            value={String(safetyChain.count)}
            options={[
              { value: '1', text: 'One' },
              { value: '2', text: 'Two' },
            ]}
            onCommit={(count) => change('number of chains', { count: Number(count) })}
          />
          <RecordFields
            record={safetyChain}
            sizes={[
              {
                field: 'breaksAtKg',
                label: 'Each breaks at',
                kind: 'mass',
                of: 'coupling.safetyChain.breaksAtKg',
                said: 'strength of the chains',
                clears: true,
                hint: 'The least of chain, hook and link',
              },
              {
                field: 'lengthM',
                label: 'From tab to hook',
                kind: 'length',
                of: 'coupling.safetyChain.lengthM',
                said: 'length of the chains',
                clears: true,
              },
              {
                field: 'tabBehindBallM',
                label: 'Tabs behind the ball',
                kind: 'length',
                of: 'coupling.safetyChain.tabBehindBallM',
                said: 'place of the tabs',
              },
              {
                field: 'hookAheadOfBallM',
                label: 'Hooks ahead of the ball',
                kind: 'length',
                of: 'coupling.safetyChain.hookAheadOfBallM',
                said: 'place of the hooks',
              },
              {
                field: 'apartM',
                label: 'Tab to tab',
                kind: 'length',
                of: 'coupling.safetyChain.apartM',
                said: 'distance of the tabs',
              },
            ]}
            onChange={change}
          />
          <CheckField
            label="Crossed under the tongue"
            checked={safetyChain.crossed}
            onCommit={(crossed) => change(crossed ? 'chains crossed' : 'chains not crossed', { crossed })}
          />
        </>
      )}
    </FieldGroup>
  );
};
