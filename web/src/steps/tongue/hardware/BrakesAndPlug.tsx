import { FieldGroup, SelectField } from '../../../fields/fields';
import { STATES, useCoupling } from './useCoupling';
import { t } from '../../../fields/language/t';

/** Brakes, what works them, breakaway, and the plug. */
export const BrakesAndPlug = () => {
  const { coupling, set } = useCoupling();
  return (
    <FieldGroup title={t('Brakes and plug')}>
      <SelectField
        label={t('Brakes')}
        value={coupling.brakes}
        options={STATES}
        onCommit={(brakes) => set(t('brakes'), { brakes: brakes })}
      />
      {coupling.brakes === 'fitted' && (
        <>
          <SelectField
            label={t('Worked by')}
            value={coupling.brakeKind}
            options={[
              { value: 'not-decided', text: t('Not decided') },
              { value: 'electric', text: t('A controller, electric') },
              { value: 'overrun', text: t('The coupling, overrun') },
            ]}
            onCommit={(brakeKind) => set(t('what works the brakes'), { brakeKind: brakeKind })}
          />
          <SelectField
            label={t('Breakaway')}
            value={coupling.breakaway}
            options={STATES}
            onCommit={(breakaway) => set(t('breakaway'), { breakaway: breakaway })}
          />
        </>
      )}
      <SelectField
        label={t('Plug for the lights')}
        value={coupling.plug}
        options={[
          { value: 'not-decided', text: t('Not decided') },
          { value: '4-way', text: t('4 ways') },
          { value: '6-way', text: t('6 ways') },
          { value: '7-way', text: t('7 ways') },
          { value: '13-way', text: t('13 ways') },
          { value: 'none', text: t('None') },
        ]}
        onCommit={(plug) => set(t('plug'), { plug: plug })}
      />
    </FieldGroup>
  );
};
