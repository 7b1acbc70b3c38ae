import type { DeletedTrailer } from '../storage/trailers';
import { nameOfStored } from './nameOfStored';
import { t } from '../fields/language/t';
import { PAGE_LANGUAGE } from '../fields/language/language';

const dayText = (time: number): string => new Intl.DateTimeFormat(PAGE_LANGUAGE, { dateStyle: 'medium' }).format(time);

/** What was deleted within the last 30 days, to be brought back. */
export const Deleted = ({
  deleted,
  onBringBack,
}: {
  readonly deleted: readonly DeletedTrailer[];
  readonly onBringBack: (id: string) => void;
}) =>
  deleted.length === 0 ? null : (
    <details className="mt-8 border-t border-base-300 pt-2">
      <summary className="flex min-h-[44px] items-center font-semibold">
        {t('Deleted in the last 30 days: {count}', { count: deleted.length })}
      </summary>
      <ul className="narrow max-w-[560px] text-[14px]">
        {deleted.map((trailer) => (
          <li key={trailer.id} className="flex items-center justify-between gap-3 border-t border-base-300 py-1">
            <span>
              {nameOfStored(trailer)}{' '}
              <span className="mute">{t('deleted {deletedAt}', { deletedAt: dayText(trailer.deletedAt) })}</span>
            </span>
            <button type="button" className="button" onClick={() => onBringBack(trailer.id)}>
              {t('Bring back')}
            </button>
          </li>
        ))}
      </ul>
    </details>
  );
