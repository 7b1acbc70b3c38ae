import { JACK_ROWS } from '@kereta/core';
import { CheckField, FieldGroup, SelectField } from '../../../fields/fields';
import { RecordFields } from '../../../fields/RecordFields';
import { rowSource } from '../../stepKit';
import { useCoupling } from './useCoupling';
import { t } from '../../../fields/language/t';

/** The jack: where, how strong, how far it reaches. */
export const Jack = () => {
  const { coupling, set } = useCoupling();
  const { jack } = coupling;
  return (
    <FieldGroup title={t('Jack')}>
      <SelectField
        label={t('Jack')}
        hint={rowSource(
          JACK_ROWS,
          JACK_ROWS.find(({ ratedKg, longM }) => ratedKg === jack.ratedKg && longM === jack.longM)?.id ?? null,
        )}
        value={JACK_ROWS.find(({ ratedKg, longM }) => ratedKg === jack.ratedKg && longM === jack.longM)?.id ?? ''}
        options={[
          { value: '', text: t('Another one') },
          ...JACK_ROWS.map(({ id, name }) => ({ value: id, text: name })),
        ]}
        onCommit={(id) => {
          const row = JACK_ROWS.find((candidate) => candidate.id === id);
          if (row)
            set(row.name, {
              jack: { ...jack, swings: row.swings, ratedKg: row.ratedKg, shortM: row.shortM, longM: row.longM },
              jackMassKg: row.massKg,
            });
        }}
      />
      <RecordFields
        record={coupling}
        sizes={[
          {
            field: 'jackBehindBallM',
            label: t('Jack behind the ball'),
            kind: 'length',
            of: 'coupling.jackBehindBallM',
            said: t('place of the jack'),
          },
        ]}
        onChange={set}
      />
      <SelectField
        label={t('It stands on')}
        value={jack.foot}
        options={[
          { value: 'foot', text: t('A foot') },
          { value: 'wheel', text: t('A wheel') },
        ]}
        hint={t('On a wheel it rolls: chock the trailer before you unhitch')}
        onCommit={(foot) => set(t('jack on a {foot}', { foot }), { jack: { ...jack, foot } })}
      />
      <div className="col-span-2">
        <CheckField
          label={t('A jack is on the trailer')}
          checked={jack.fitted}
          onCommit={(fitted) => set(fitted ? t('a jack') : t('no jack'), { jack: { ...jack, fitted } })}
        />
        <CheckField
          label={t('It swings up or comes off for the road')}
          checked={jack.swings}
          onCommit={(swings) => set(t('jack on the road'), { jack: { ...jack, swings } })}
        />
      </div>
      <RecordFields
        record={jack}
        sizes={[
          {
            field: 'ratedKg',
            label: t('It may lift'),
            kind: 'mass',
            of: 'coupling.jack.ratedKg',
            said: t('rating of the jack'),
            clears: true,
          },
          {
            field: 'shortM',
            label: t('Foot below its mount, drawn in'),
            kind: 'length',
            of: 'coupling.jack.shortM',
            said: t('jack drawn in'),
            clears: true,
          },
          {
            field: 'longM',
            label: t('Foot below its mount, run out'),
            kind: 'length',
            of: 'coupling.jack.longM',
            said: t('jack run out'),
            clears: true,
            hint: t('With its drop leg down'),
          },
        ]}
        onChange={(said, part) => set(said, { jack: { ...jack, ...part } })}
      />
    </FieldGroup>
  );
};
