import { nanoid } from 'nanoid';
import { useState } from 'react';
import { useEditing } from '../../fields/editing';
import { FieldGroup, TextField } from '../../fields/fields';

/** Keeps the axle or the tire as it stands as a row of one's own, to be taken again after trying others. */
export const OwnGear = () => {
  const { trailer, edit, readOnly } = useEditing();
  const { axle, tire, wheel } = trailer.runningGear;
  const [name, setName] = useState('As measured');
  const used = name.trim() === '' || readOnly;
  return (
    <FieldGroup title="Rows of your own">
      <div className="col-span-2">
        <TextField label="Name of the row" value={name} onCommit={setName} />
      </div>
      <button
        type="button"
        className="button"
        disabled={used}
        onClick={() =>
          edit(`axle ${name} kept`, (current) => {
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
        Keep this axle
      </button>
      <button
        type="button"
        className="button"
        disabled={used}
        onClick={() =>
          edit(`tire ${name} kept`, (current) => {
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
        Keep this tire
      </button>
    </FieldGroup>
  );
};
