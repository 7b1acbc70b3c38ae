import type { ReactNode } from 'react';
import { useParams } from 'react-router';
import { KeepingNote } from '../fields/KeepingNote';
import type { ReadableTrailer } from '../storage/trailers';
import { TrailerRoute } from './TrailerRoute';
import type { Session } from './useSession';
import { t } from '../fields/language/t';

/** A page of its own that works on one trailer, beside the workbench. */
export const TrailerPage = ({
  children,
}: {
  readonly children: (id: string, stored: ReadableTrailer) => ReactNode;
}) => {
  const { projectId = '' } = useParams();
  return (
    <TrailerRoute>
      {(stored) => (
        <main className="relative h-full overflow-auto" key={projectId}>
          <KeepingNote />
          {children(projectId, stored)}
        </main>
      )}
    </TrailerRoute>
  );
};

interface SessionNotesProps {
  readonly session: Pick<Session, 'refused' | 'takeOver' | 'saveState'>;
  /** what can only be looked at: "the plan can be looked at here, not ticked off" */
  readonly onlyLooked: string;
  /** what the browser did not take: "what was ticked off" */
  readonly unsaved: string;
}

/** Why nothing can be changed here, or is not saved. */
export const SessionNotes = ({ session: { refused, takeOver, saveState }, onlyLooked, unsaved }: SessionNotesProps) => (
  <>
    {refused && (
      <p className="flex items-center justify-between gap-3 py-2" role="status">
        {t('This trailer is open in another tab, which writes it: {onlyLooked}.', { onlyLooked })}
        <button type="button" className="button" onClick={takeOver}>
          {t('Take over here')}
        </button>
      </p>
    )}
    {(saveState === 'failed' || saveState === 'overtaken') && (
      <p className="py-2 font-semibold" role="alert">
        {t('Not saved: this browser did not take {unsaved}{saveState}.', {
          unsaved,
          saveState:
            saveState === 'failed' ? t(', it may be out of room') : t(', the trailer was changed in another tab'),
        })}
      </p>
    )}
  </>
);
