import { useState } from 'react';
import { isRouteErrorResponse, Link, useParams, useRouteError } from 'react-router';
import { useStore } from 'zustand';
import { loadTrailer } from '../storage/trailers';
import { saveRawCopy } from '../fields/download';
import { isNotLoaded, problemText } from '../fields/problemText';
import { lastOpenedOf } from '../bench/useSession';
import { t } from '../fields/language/t';

type Opened = NonNullable<ReturnType<typeof lastOpenedOf>>;

/** The step that brought a page down can be taken back from outside of it. */
const UndoButton = ({ opened }: { readonly opened: Opened }) => {
  const { projectStore, saving } = opened;
  const past = useStore(projectStore.history, (state) => state.pastStates.length);
  const label = useStore(projectStore.store, (state) => state.label);
  if (past === 0) return null;
  const undo = async (): Promise<void> => {
    projectStore.allowWriting(true);
    projectStore.undo();
    await saving.flush();
    window.location.reload();
  };
  return (
    <button type="button" className="button" onClick={() => void undo()}>
      {t('Undo the last step{label}', { label: label ? `: ${label}` : '' })}
    </button>
  );
};

/** Where a page fails: what happened in words, and the ways on. Nothing of a trailer is lost by it. */
export const RouteProblem = () => {
  const error = useRouteError();
  const { projectId } = useParams();
  const [copyFailed, setCopyFailed] = useState(false);
  const opened = projectId === undefined ? undefined : lastOpenedOf(projectId);
  const saveCopy = async (id: string): Promise<void> => {
    try {
      const stored = await loadTrailer(id);
      saveRawCopy(id, opened?.projectStore.projectNow() ?? stored?.raw);
    } catch {
      setCopyFailed(true);
    }
  };
  return (
    <main className="p-6" role="alert">
      <h1 className="wide text-[22px] font-bold">
        {isNotLoaded(error) ? t('Kereta is not there just now') : t('This page could not be shown')}
      </h1>
      <p className="my-3 max-w-[70ch]">
        {t('{error} Your trailers lie in this browser as they were.', {
          error: isRouteErrorResponse(error) ? t('There is no such page here.') : problemText(error),
        })}
      </p>
      {copyFailed && <p className="my-3">{t('The browser did not hand the trailer out.')}</p>}
      <p className="flex flex-wrap gap-3">
        <button type="button" className="button" onClick={() => window.location.reload()}>
          {t('Load the page again')}
        </button>
        {projectId !== undefined && (
          <button type="button" className="button" onClick={() => void saveCopy(projectId)}>
            {t('Save a raw copy of this trailer')}
          </button>
        )}
        {opened && <UndoButton opened={opened} />}
        <Link className="button" to="/" reloadDocument>
          {t('Back to the shed')}
        </Link>
      </p>
    </main>
  );
};
