import { addPiece, keptPieces, newPiece, optionsOf, PIECE_KIND_NAMES, type PieceKind, pieceOf } from '@kereta/core';
import { nanoid } from 'nanoid';
import { useWorkbench } from '../../../bench/workbench';
import { useEditing } from '../../../fields/editing';
import { FieldGroup, SelectField } from '../../../fields/fields';
import { recall } from '../../../storage/remembered';
import { KEPT_KEY } from './pieceFields';

const KINDS = optionsOf(PIECE_KIND_NAMES);

type Kept = `kept:${number}`;
const isKept = (chosen: PieceKind | Kept): chosen is Kept => chosen.startsWith('kept:');

/** Ready-made pieces of the body: those that are on, and what can be put on. */
export const Pieces = () => {
  const { trailer, edit } = useEditing();
  const { picked, pick, say } = useWorkbench('picked', 'pick', 'say');
  const { pieces } = trailer.frame;
  const kept = keptPieces(recall(KEPT_KEY));
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
        options={[
          ...KINDS,
          ...kept.map((piece, i) => ({
            value: `kept:${i}` as const,
            text: piece.name || PIECE_KIND_NAMES[piece.kind],
            group: 'Kept from other trailers',
          })),
        ]}
        onCommit={(chosen) => {
          const id = `piece.${nanoid(8)}`;
          const own = isKept(chosen) ? kept[Number(chosen.slice('kept:'.length))] : undefined;
          if (own)
            edit(`${own.name || PIECE_KIND_NAMES[own.kind].toLowerCase()} put on`, (current) =>
              addPiece(current, { ...own, id }),
            );
          else if (!isKept(chosen))
            edit(`${PIECE_KIND_NAMES[chosen].toLowerCase()} put on`, (current) =>
              addPiece(current, newPiece(current, current.settings.units, chosen, id)),
            );
          pick(id);
        }}
      />
    </FieldGroup>
  );
};
