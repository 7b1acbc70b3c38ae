import { useKeeping } from '../storage/useTrailers';
import { t } from './language/t';

/** Said wherever work is done, when the browser keeps nothing of it. */
export const KeepingNote = () =>
  useKeeping() === 'memory' ? (
    <p role="alert" className="border-b border-base-300 bg-base-200 px-4 py-2">
      <b>{t('This browser keeps nothing for Kereta just now')}</b>{' '}
      {t(
        '(its storage is blocked, as in some private windows). You can work, but everything is gone when this page is closed or loaded again: export your trailers as files.',
      )}
    </p>
  ) : null;
