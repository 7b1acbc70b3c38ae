import type { SquaringEntry } from '@kereta/core';
import { Sized } from '../fields/Sized';
import { t } from '../fields/language/t';

interface RoundsProps {
  readonly entries: readonly SquaringEntry[];
  readonly disabled: boolean;
  /** what was read, in words */
  readonly told: (entry: SquaringEntry) => string;
  readonly onTakeBack: (entry: SquaringEntry) => void;
}

/** Every round that was read, the last one first. */
export const Rounds = ({ entries, disabled, told, onTakeBack }: RoundsProps) =>
  entries.length === 0 ? null : (
    <ol className="mt-2" aria-label={t('Rounds')} reversed>
      {entries
        .map((entry, i) => ({ entry, round: i + 1 }))
        .toReversed()
        .map(({ entry, round }) => (
          <li key={entry.id} className="flex items-center gap-2 border-t border-base-300 py-1 text-[14.5px]">
            <span className="flex-1">
              <b>{t('Round {round}', { round })}</b>, {entry.date}: <Sized>{told(entry)}</Sized>
            </span>
            <button
              type="button"
              className="button min-h-[44px]"
              disabled={disabled}
              onClick={() => onTakeBack(entry)}
              aria-label={t('Take back round {round}', { round })}
            >
              {t('Take back')}
            </button>
          </li>
        ))}
    </ol>
  );
