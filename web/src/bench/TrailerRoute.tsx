import { storedProblemSentence } from '@kereta/core';
import type { ReactNode } from 'react';
import { Link, useParams } from 'react-router';
import type { ReadableTrailer, StoredTrailer } from '../storage/trailers';
import { useStoredTrailer } from '../storage/useTrailers';
import { saveRawCopy } from '../fields/download';
import { t } from '../fields/language/t';

const Note = ({ title, children }: { readonly title: string; readonly children: ReactNode }) => (
  <main className="p-6">
    <h1 className="wide text-[22px] font-bold">{title}</h1>
    {children}
    <Link className="button mt-3" to="/">
      {t('Back to the shed')}
    </Link>
  </main>
);

const Unreadable = ({ stored }: { readonly stored: StoredTrailer }) => (
  <Note title={t('This trailer cannot be opened')}>
    <p className="my-3">{stored.opened.ok ? '' : storedProblemSentence(stored.opened.error)}</p>
    <button type="button" className="button mr-3" onClick={() => saveRawCopy(stored.id, stored.raw)}>
      {t('Save a raw copy')}
    </button>
  </Note>
);

/** What every page of one trailer begins with: the trailer of the address, or in words why it is not there. */
export const TrailerRoute = ({ children }: { readonly children: (trailer: ReadableTrailer) => ReactNode }) => {
  const { projectId = '' } = useParams();
  const { data, isPending, isError } = useStoredTrailer(projectId);
  if (isPending) {
    return (
      <p className="mute p-6" role="status">
        {t('Opening …')}
      </p>
    );
  }
  if (isError) {
    return (
      <Note title={t('This browser did not hand the trailer out')}>
        <p className="my-3">{t('Its storage gave no answer. Load the page again; nothing was changed.')}</p>
      </Note>
    );
  }
  if (!data) {
    return (
      <Note title={t('This trailer is not in this browser')}>
        <p className="my-3">
          {t('It may have been deleted, or made in another browser. A trailer travels as an exported file.')}
        </p>
      </Note>
    );
  }
  if (!data.opened.ok) return <Unreadable stored={data} />;
  return children({ project: data.opened.value, updatedAt: data.updatedAt });
};
