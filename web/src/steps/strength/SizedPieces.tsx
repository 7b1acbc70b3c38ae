import { changePiece, formatPercent, type SizedPiece, type Speaker } from '@kereta/core';
import { useEditing } from '../../fields/editing';
import { figures, inner, t } from '../../fields/language/t';

interface SizedPiecesProps {
  readonly sized: readonly SizedPiece[];
  readonly words: { readonly say: Speaker; readonly name: (sectionId: string) => string };
}

const presentText = ({ present: { share, massKg } }: SizedPiece, say: Speaker): string =>
  t('{mass} of bars, at {share}', { mass: say.mass(massKg), share: figures(formatPercent(share, 0)) });

/** The lightest bars that pass, piece by piece. */
export const SizedPieces = ({ sized, words: { say, name } }: SizedPiecesProps) => {
  const { edit, readOnly } = useEditing();
  if (sized.length === 0)
    return (
      <p className="col-span-2 text-[13px]">
        {t('None of the pieces is in the frame analysis: they only weigh on it.')}
      </p>
    );
  return (
    <ul className="narrow col-span-2 text-[13px]" aria-label={t('Bars of body and add-ons')}>
      {sized.map((piece) => {
        const { pieceId, present, better } = piece;
        const title = say.partName(pieceId);
        return (
          <li key={pieceId} className="flex items-center justify-between gap-2 border-t border-base-300 py-1">
            <span>
              <b>{title}</b>: {presentText(piece, say)}.{' '}
              {better
                ? t('As {section} {mass}, at {share}.', {
                    section: name(better.sectionId),
                    mass: say.mass(better.massKg),
                    share: figures(formatPercent(better.share, 0)),
                  })
                : present.share > 1
                  ? t('No section of its kind that was looked at passes: brace it, or let it weigh less.')
                  : t('Nothing lighter of its kind passes.')}
            </span>
            {better && (
              <button
                type="button"
                className="button"
                disabled={readOnly}
                aria-label={t('Take {section} for {title}', { section: name(better.sectionId), title: inner(title) })}
                onClick={() => {
                  const { sectionId, materialId } = better;
                  edit(t('{title} of {section}', { title: inner(title), section: name(sectionId) }), (current) =>
                    changePiece(current, pieceId, { sectionId, materialId }),
                  );
                }}
              >
                {t('Take it')}
              </button>
            )}
          </li>
        );
      })}
    </ul>
  );
};
