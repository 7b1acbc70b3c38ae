import { changePiece, formatPercent, type SizedPiece, type Speaker } from '@kereta/core';
import { useEditing } from '../../fields/editing';

interface SizedPiecesProps {
  readonly sized: readonly SizedPiece[];
  readonly words: { readonly say: Speaker; readonly name: (sectionId: string) => string };
}

const presentText = ({ present: { share, massKg } }: SizedPiece, say: Speaker): string =>
  `${say.mass(massKg)} of bars, at ${formatPercent(share, 0)}`;

/** The lightest bars that pass, piece by piece. */
export const SizedPieces = ({ sized, words: { say, name } }: SizedPiecesProps) => {
  const { edit, readOnly } = useEditing();
  if (sized.length === 0)
    return (
      <p className="col-span-2 text-[13px]">None of the pieces is in the frame analysis: they only weigh on it.</p>
    );
  return (
    <ul className="narrow col-span-2 text-[13px]" aria-label="Bars of body and add-ons">
      {sized.map((piece) => {
        const { pieceId, present, better } = piece;
        const title = say.partName(pieceId);
        return (
          <li key={pieceId} className="flex items-center justify-between gap-2 border-t border-base-300 py-1">
            <span>
              <b>{title}</b>: {presentText(piece, say)}.{' '}
              {better
                ? `As ${name(better.sectionId)} ${say.mass(better.massKg)}, at ${formatPercent(better.share, 0)}.`
                : present.share > 1
                  ? 'No section of its kind that was looked at passes: brace it, or let it weigh less.'
                  : 'Nothing lighter of its kind passes.'}
            </span>
            {better && (
              <button
                type="button"
                className="button"
                disabled={readOnly}
                aria-label={`Take ${name(better.sectionId)} for ${title.toLowerCase()}`}
                onClick={() => {
                  const { sectionId, materialId } = better;
                  edit(`${title.toLowerCase()} of ${name(sectionId)}`, (current) =>
                    changePiece(current, pieceId, { sectionId, materialId }),
                  );
                }}
              >
                Take it
              </button>
            )}
          </li>
        );
      })}
    </ul>
  );
};
