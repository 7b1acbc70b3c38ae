import type { CutPiece, Speaker, Stick } from '@kereta/core';
import { useState } from 'react';
import { useEditing } from '../fields/editing';
import { QuantityField } from '../fields/QuantityField';
import { Sized } from '../fields/Sized';
import type { Saw } from '../steps/cut/saw';
import { t } from '../fields/language/t';

interface PieceRowProps {
  readonly stick: Stick;
  readonly piece: Stick['pieces'][number];
  /** how the saw is set for its ends */
  readonly ends: string;
  /** what was noted when it was cut */
  readonly cut: CutPiece | undefined;
  readonly saw: Saw;
  readonly say: Speaker;
  /** says from which stick it comes */
  readonly from?: boolean;
}

/** One piece to tick off with a thumb; or to say how long it came out instead. */
export const PieceRow = ({ stick, piece, ends, cut, saw, say, from = false }: PieceRowProps) => {
  const { readOnly } = useEditing();
  const [asks, setAsks] = useState(false);
  const lengthM = piece.toM - piece.fromM;
  const wrong = piece.state === 'wrong';
  const done = cut !== undefined && !wrong;
  return (
    <li className="border-b border-base-300 py-1">
      <div className="flex min-h-[56px] items-center gap-2">
        <label className="flex min-h-[56px] flex-1 items-center gap-3">
          <input
            type="checkbox"
            className="checkbox"
            checked={done}
            disabled={readOnly || wrong}
            onChange={() => (cut ? saw.takeBack(cut.entry) : saw.cut(stick, piece))}
          />
          <span>
            <span className="text-[17px] font-bold">
              {piece.mark} <Sized>{say.length(lengthM)}</Sized>
            </span>
            {from && <span className="text-[14px]"> {t('from stick {number}', { number: stick.number })}</span>}
            <span className="narrow mute block text-[13.5px]">
              {wrong ? t('came out wrong; it lies there for shorter pieces') : ends}
              {piece.sharesCut && !wrong && t('; shares its first cut with the piece before')}
            </span>
          </span>
        </label>
        {!done && !wrong && (
          <button
            type="button"
            className="button min-h-[44px]"
            disabled={readOnly}
            aria-label={t('Wrong: {mark}', { mark: piece.mark })}
            aria-expanded={asks}
            onClick={() => setAsks(!asks)}
          >
            {t('Wrong')}
          </button>
        )}
      </div>
      {asks && !done && !wrong && (
        <div className="pb-2">
          <QuantityField
            label={t('How long did {mark} come out?', { mark: piece.mark })}
            kind="length"
            value={null}
            min={0.001}
            max={stick.lengthM}
            hint={t('Over its long points. The rest is planned again from what is left.')}
            onCommit={(cutM) => {
              setAsks(false);
              saw.cut(stick, piece, cutM);
            }}
          />
        </div>
      )}
    </li>
  );
};
