import { addPiece, keptPieces, newPiece, PIECE_KIND_NAMES, type PieceKind, pieceOf } from '@kereta/core';
import { nanoid } from 'nanoid';
import { useWorkbench } from '../../../bench/workbench';
import { useEditing } from '../../../fields/editing';
import { FieldGroup, SelectField } from '../../../fields/fields';
import { recall } from '../../../storage/remembered';
import { KEPT_KEY } from './pieceFields';
import { inner, t } from '../../../fields/language/t';
import { optionsIn } from '../../../fields/language/optionsIn';

const KINDS = optionsIn(PIECE_KIND_NAMES);

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
    <FieldGroup title={t('Body and add-ons')}>
      <p className="mute col-span-2 text-[13px]">
        {t('Sides, gates, racks and bodies by a few sizes: drawn, weighed, checked and cut like everything else.')}
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
        label={t('Put on')}
        value=""
        options={[
          ...KINDS,
          ...kept.map((piece, i) => ({
            value: `kept:${i}` as const,
            text: piece.name || t(PIECE_KIND_NAMES[piece.kind]),
            group: t('Kept from other trailers'),
          })),
        ]}
        onCommit={(chosen) => {
          const id = `piece.${nanoid(8)}`;
          const own = isKept(chosen) ? kept[Number(chosen.slice('kept:'.length))] : undefined;
          if (own)
            edit(t('{name} put on', { name: own.name || inner(t(PIECE_KIND_NAMES[own.kind])) }), (current) =>
              addPiece(current, { ...own, id }),
            );
          else if (!isKept(chosen))
            edit(t('{piece} put on', { piece: inner(t(PIECE_KIND_NAMES[chosen])) }), (current) =>
              addPiece(current, newPiece(current, current.settings.units, chosen, id)),
            );
          pick(id);
        }}
      />
    </FieldGroup>
  );
};
