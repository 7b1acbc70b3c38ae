import { PROJECT_FILE_SUFFIX, type Project, writeProject } from '@kereta/core';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { addTrailer } from '../../storage/trailers';
import { download, fileName } from '../../fields/download';
import type { Session } from '../../bench/useSession';
import { t } from '../../fields/language/t';

const exported = (project: Project): void =>
  download(fileName(project.design.name, PROJECT_FILE_SUFFIX), writeProject(project), 'application/json');

/** What keeps the work from being saved, and what can be done about it. */
export const SaveNote = ({ session }: { readonly session: Session }) => {
  const { saveState, saving, projectStore, loadNewer } = session;
  const [copyFailed, setCopyFailed] = useState(false);
  const navigate = useNavigate();
  if (saveState !== 'failed' && saveState !== 'overtaken') return null;
  const keepCopy = async (): Promise<void> => {
    const mine = projectStore.projectNow();
    const id = `trailer.${nanoid(10)}`;
    try {
      await addTrailer({
        ...mine,
        id,
        design: { ...mine.design, name: t('{name}, from this tab', { name: mine.design.name }) },
      });
      loadNewer();
      void navigate(`/trailer/${id}/axle`);
    } catch {
      setCopyFailed(true);
    }
  };
  return (
    <div
      role="alert"
      className="no-print flex flex-wrap items-center gap-3 border-b border-base-300 bg-base-100 px-4 py-1"
      style={{ boxShadow: 'inset 4px 0 0 var(--fix)' }}
    >
      {saveState === 'failed' ? (
        <>
          <span className="flex-1">
            <b>{t('Not saved.')}</b>{' '}
            {t(
              'This browser did not take the last changes: it may be out of room. Kereta goes on trying; export the trailer before you close this page.',
            )}
          </span>
          <button type="button" className="button" onClick={() => void saving.flush()}>
            {t('Try now')}
          </button>
        </>
      ) : (
        <>
          <span className="flex-1">
            <b>{t('Changed in another tab.')}</b>{' '}
            {t(
              'A newer state of this trailer was saved elsewhere after it was opened here. What you changed here since is not put over it.',
            )}
            {copyFailed && ` ${t('The copy could not be saved either: export it.')}`}
          </span>
          <button type="button" className="button" onClick={loadNewer}>
            {t('Load the newer one')}
          </button>
          <button type="button" className="button" onClick={() => void keepCopy()}>
            {t('Keep mine as a copy')}
          </button>
        </>
      )}
      <button type="button" className="button" onClick={() => exported(projectStore.projectNow())}>
        {t('Export')}
      </button>
    </div>
  );
};
