import { FieldGroup, SelectField } from '../../../fields/fields';
import { STATES, useCoupling } from './useCoupling';

/** Brakes, what works them, breakaway, and the plug. */
export const BrakesAndPlug = () => {
  const { coupling, set } = useCoupling();
  return (
    <FieldGroup title="Brakes and plug">
      <SelectField
        label="Brakes"
        value={coupling.brakes}
        options={STATES}
        onCommit={(brakes) => set('brakes', { brakes: brakes })}
      />
      {coupling.brakes === 'fitted' && (
        <>
          <SelectField
            label="Worked by"
            value={coupling.brakeKind}
            options={[
              { value: 'not-decided', text: 'Not decided' },
              { value: 'electric', text: 'A controller, electric' },
              { value: 'overrun', text: 'The coupling, overrun' },
            ]}
            onCommit={(brakeKind) => set('what works the brakes', { brakeKind: brakeKind })}
          />
          <SelectField
            label="Breakaway"
            value={coupling.breakaway}
            options={STATES}
            onCommit={(breakaway) => set('breakaway', { breakaway: breakaway })}
          />
        </>
      )}
      <SelectField
        label="Plug for the lights"
        value={coupling.plug}
        options={[
          { value: 'not-decided', text: 'Not decided' },
          { value: '4-way', text: '4 ways' },
          { value: '6-way', text: '6 ways' },
          { value: '7-way', text: '7 ways' },
          { value: '13-way', text: '13 ways' },
          { value: 'none', text: 'None' },
        ]}
        onCommit={(plug) => set('plug', { plug: plug })}
      />
    </FieldGroup>
  );
};
