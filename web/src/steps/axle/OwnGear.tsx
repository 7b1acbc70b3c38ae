import { nanoid } from 'nanoid';
import { useState } from 'react';
import { useEditing } from '../../fields/editing';
import { FieldGroup, TextField } from '../../fields/fields';
import { t } from '../../fields/language/t';

/** Keeps the axle or the tire as it stands as a row of one's own, to be taken again after trying others. */
export const OwnGear = () => {
  const { trailer, edit, readOnly } = useEditing();
  const { axle, tire, wheel } = trailer.runningGear;
  const [name, setName] = useState(t('As measured'));
  const used = name.trim() === '' || readOnly;
  return (
    <FieldGroup title={t('Rows of your own')}>
      <div className="col-span-2">
        <TextField label={t('Name of the row')} value={name} onCommit={setName} />
      </div>
      <button
        type="button"
        className="button"
        disabled={used}
        onClick={() =>
          edit(t('axle {name} kept', { name }), (current) => {
            const id = `own-axle-${nanoid(8)}`;
            return {
              ...current,
              ownRows: {
                ...current.ownRows,
                axles: [...current.ownRows.axles, { id, name, axle: { ...axle, catalogId: id, name } }],
              },
              runningGear: { ...current.runningGear, axle: { ...axle, catalogId: id, name } },
            };
          })
        }
      >
        {t('Keep this axle')}
      </button>
      <button
        type="button"
        className="button"
        disabled={used}
        onClick={() =>
          edit(t('tire {name} kept', { name }), (current) => {
            const id = `own-tire-${nanoid(8)}`;
            const own = { ...tire, catalogId: id, name };
            return {
              ...current,
              ownRows: {
                ...current.ownRows,
                tires: [...current.ownRows.tires, { id, name, tire: own, assemblyMassKg: wheel.assemblyMassKg }],
              },
              runningGear: { ...current.runningGear, tire: own },
            };
          })
        }
      >
        {t('Keep this tire')}
      </button>
    </FieldGroup>
  );
};
