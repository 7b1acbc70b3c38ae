import { storedProblemSentence } from '@kereta/core';
import { Download, Trash2 } from 'lucide-react';
import type { StoredTrailer } from '../storage/trailers';
import { saveRawCopy } from '../fields/download';
import { nameOfStored } from './nameOfStored';
import { t } from '../fields/language/t';

/** A trailer that cannot be read: why, in words, and what lies there as a file; the others are not touched by it. */
export const UnreadableCard = ({
  stored,
  onDelete,
}: {
  readonly stored: StoredTrailer;
  readonly onDelete: () => void;
}) => {
  const name = nameOfStored(stored);
  return (
    <li
      className="flex flex-col overflow-hidden rounded-[6px] border border-base-300 bg-base-100"
      data-testid="unreadable-card"
    >
      <div className="flex-1 px-4 pt-3">
        <h2 className="wide text-[17px] leading-[21px] font-bold">{name}</h2>
        <p className="mt-2 font-semibold">{t('This trailer cannot be opened.')}</p>
        <p className="narrow my-1 text-[13.5px] wrap-break-word">
          {stored.opened.ok ? '' : storedProblemSentence(stored.opened.error)}
        </p>
      </div>
      <div className="flex items-center justify-between gap-1 px-3 py-1">
        <button type="button" className="button" onClick={() => saveRawCopy(stored.id, stored.raw)}>
          <Download size={17} aria-hidden /> {t('Save a raw copy')}
        </button>
        <button
          type="button"
          className="button button-plain px-3"
          aria-label={t('Delete {name}', { name })}
          title={t('Delete')}
          onClick={onDelete}
        >
          <Trash2 size={17} aria-hidden />
        </button>
      </div>
    </li>
  );
};
