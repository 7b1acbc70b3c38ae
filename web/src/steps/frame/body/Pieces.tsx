import { addPiece, newPiece, optionsOf, PIECE_KIND_NAMES, pieceOf } from '@kereta/core';
import { nanoid } from 'nanoid';
import { useWorkbench } from '../../../bench/workbench';
import { useEditing } from '../../../fields/editing';
import { FieldGroup, SelectField } from '../../../fields/fields';

const KINDS = optionsOf(PIECE_KIND_NAMES);

/** Ready-made pieces of the body: those that are on, and what can be put on. */
export const Pieces = () => {
  const { trailer, edit } = useEditing();
  const { picked, pick, say } = useWorkbench('picked', 'pick', 'say');
  const { pieces } = trailer.frame;
  const pickedPiece = picked === undefined ? undefined : pieceOf(trailer, picked);
  return (
    <FieldGroup title="Body and add-ons">
      <p className="mute col-span-2 text-[13px]">
        Sides, gates, racks and bodies by a few sizes: drawn, weighed, checked and cut like everything else.
      </p>
      {pieces.map(({ id }) => (
        <button
          key={id}
          type="button"
          className="button"
          aria-pressed={pickedPiece?.id === id}
          onClick={() => pick(id)}
        >
          {say.partName(id)}
        </button>
      ))}
      <SelectField
        label="Put on"
        value=""
        options={KINDS}
        onCommit={(kind) => {
          const id = `piece.${nanoid(8)}`;
          edit(`${PIECE_KIND_NAMES[kind].toLowerCase()} put on`, (current) =>
            addPiece(current, newPiece(current, current.settings.units, kind, id)),
          );
          pick(id);
        }}
      />
    </FieldGroup>
  );
};
