import { useQueryClient } from '@tanstack/react-query';
import { markFirstNoteRead } from '../storage/trailers';
import { useFirstNoteRead } from '../storage/useTrailers';
import { t } from '../fields/language/t';

/** Said once, before the first trailer: what this can do and what it cannot. */
export const FirstNote = () => {
  const { data: read } = useFirstNoteRead();
  const queryClient = useQueryClient();
  if (read !== false) return null;
  return (
    <section
      className="no-print flex flex-wrap items-center gap-3 border-b border-base-300 bg-base-200 px-4 py-2"
      aria-label={t('Before you start')}
    >
      <p className="min-w-[240px] flex-1 text-[14px] leading-[19px]">
        <b>{t('Before you start.')}</b>{' '}
        {t(
          'Kereta does the sums a careful builder does by hand, and shows them. It says what it checked and what it did not. A trailer can hurt people: coupler, chains, brakes and welds want your own eyes, your local law, and a licensed engineer or inspector. Your work stays in this browser; export it to keep it.',
        )}
      </p>
      <button
        type="button"
        className="button"
        onClick={() => {
          void markFirstNoteRead().then(() => queryClient.invalidateQueries({ queryKey: ['first-note-read'] }));
        }}
      >
        {t('Understood')}
      </button>
    </section>
  );
};
