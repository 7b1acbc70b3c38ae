import { useState } from 'react';
import { useStore } from 'zustand';
import { offlineState } from '../fields/offlineState';
import { t } from '../fields/language/t';

/** A newer version is offered, not put in place: what is being edited stays until somebody takes it. */
export const OfflineNote = () => {
  const takeNewer = useStore(offlineState, (state) => state.takeNewer);
  const [later, setLater] = useState(false);
  if (!takeNewer || later) return null;
  return (
    <aside
      className="no-print fixed right-3 bottom-3 z-50 max-w-[340px] rounded-[6px] border border-[var(--ink)] bg-base-100 p-3"
      aria-label={t('A newer Kereta')}
    >
      <p>{t('A newer Kereta is ready. Your trailers stay; the page is loaded anew.')}</p>
      <div className="mt-2 flex gap-2">
        <button type="button" className="button button-main" onClick={takeNewer}>
          {t('Take it now')}
        </button>
        <button type="button" className="button" onClick={() => setLater(true)}>
          {t('Later')}
        </button>
      </div>
    </aside>
  );
};
