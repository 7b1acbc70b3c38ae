import { newProject, placeOf, type Project } from '@kereta/core';
import { Archive, FolderOpen, ListChecks, Plus } from 'lucide-react';
import { nanoid } from 'nanoid';
import { useRef, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { Brand } from '../fields/Brand';
import { LanguageField } from '../fields/language/LanguageField';
import { ThemeSwitch } from '../fields/ThemeSwitch';
import { addTrailer, deleteTrailer, restoreTrailer, type StoredTrailer } from '../storage/trailers';
import { rememberExport } from '../storage/room';
import { useShed } from '../storage/useTrailers';
import { Contained } from '../fields/Contained';
import { download } from '../fields/download';
import { KeepingNote } from '../fields/KeepingNote';
import { copyOf } from './copyOf';
import { Deleted } from './Deleted';
import { FirstNote } from './FirstNote';
import { nameOfStored } from './nameOfStored';
import { StoragePart } from './StoragePart';
import { TrailerCard } from './TrailerCard';
import { UnreadableCard } from './UnreadableCard';
import { t } from '../fields/language/t';

/** What can be done with the trailers of this browser, and what came of it. */
const useShedActions = (trailers: readonly StoredTrailer[]) => {
  const [problems, setProblems] = useState<readonly string[]>([]);
  const [said, setSaid] = useState('');
  const [justDeleted, setJustDeleted] = useState<StoredTrailer | undefined>();
  const navigate = useNavigate();

  /** Does something with this browser's storage, and says so where it does not take it. */
  const attempt = async (what: string, action: () => Promise<void>): Promise<boolean> => {
    try {
      await action();
      setProblems([]);
      return true;
    } catch {
      setProblems([t('{what} This browser did not take it: it may be out of room. Nothing was changed.', { what })]);
      return false;
    }
  };
  const open = async (files: readonly File[]): Promise<void> => {
    // Reading files, and saying where one is damaged, is loaded when a file comes.
    const { takeInFiles } = await import('./arrivals');
    const arrived = await takeInFiles(files);
    setProblems(arrived.problems);
    const [only] = arrived.ids;
    const plain = arrived.problems.length === 0 && arrived.notes.length === 0;
    if (arrived.ids.length === 1 && plain) void navigate(`/trailer/${only}/axle`);
    else
      setSaid(
        [
          ...arrived.notes,
          ...(arrived.ids.length > 1
            ? [t('{count} trailers are in the shed now.', { count: arrived.ids.length })]
            : []),
        ].join(' '),
      );
  };
  const create = async (): Promise<void> => {
    const place = placeOf(navigator.language);
    const project = newProject({
      id: `trailer.${nanoid(10)}`,
      name: t('New trailer'),
      units: place.units,
      place,
      newId: () => nanoid(8),
    });
    if (await attempt(t('The new trailer could not be made.'), () => addTrailer(project)))
      void navigate(`/trailer/${project.id}/job`);
  };
  const duplicate = (project: Project): void =>
    void attempt(t('{name} could not be copied.', { name: project.design.name }), () =>
      addTrailer(copyOf(project, t('{name}, copy', { name: project.design.name }))),
    );
  const remove = async (stored: StoredTrailer): Promise<void> => {
    if (
      await attempt(t('{stored} could not be deleted.', { stored: nameOfStored(stored) }), () =>
        deleteTrailer(stored.id),
      )
    )
      setJustDeleted(stored);
  };
  const bringBack = async (id: string): Promise<void> => {
    const worked = await attempt(t('It could not be brought back.'), () => restoreTrailer(id));
    // The offer stands until it has worked.
    if (worked && justDeleted?.id === id) setJustDeleted(undefined);
  };
  const exportAll = async (): Promise<void> => {
    await attempt(t('The shed could not be exported.'), async () => {
      const { shedFile } = await import('./arrivals');
      const { name, text } = await shedFile(trailers);
      download(name, text, 'application/json');
      rememberExport();
    });
  };
  return { problems, said, justDeleted, open, create, duplicate, remove, bringBack, exportAll };
};
type ShedActions = ReturnType<typeof useShedActions>;

/** Heading and buttons: export, open, new. */
const ShedTools = ({
  any,
  onExport,
  onOpen,
  onCreate,
}: {
  readonly any: boolean;
  readonly onExport: ShedActions['exportAll'];
  readonly onOpen: ShedActions['open'];
  readonly onCreate: ShedActions['create'];
}) => {
  const file = useRef<HTMLInputElement>(null);
  return (
    <div className="mb-5 flex flex-wrap items-center gap-3">
      <h1 className="wide flex-1 text-[24px] leading-[30px] font-bold max-[560px]:w-full max-[560px]:flex-none">
        {t('The shed')}
      </h1>
      {any && (
        <button
          type="button"
          className="button"
          title={t('All trailers in one file, to keep or to bring back elsewhere')}
          onClick={() => void onExport()}
        >
          <Archive size={17} aria-hidden /> {t('Export all')}
        </button>
      )}
      <button
        type="button"
        className="button"
        title={t('Trailers or a whole shed that was exported; files can be dropped here, too')}
        onClick={() => file.current?.click()}
      >
        <FolderOpen size={17} aria-hidden /> {t('Open files')}
      </button>
      <button type="button" className="button" onClick={() => void onCreate()}>
        <Plus size={17} aria-hidden /> {t('New trailer')}
      </button>
      <Link className="button button-main" to="/new">
        <ListChecks size={17} aria-hidden /> {t('By six questions')}
      </Link>
      <input
        ref={file}
        type="file"
        multiple
        accept=".json,application/json"
        className="sr-only"
        aria-label={t('Trailer files')}
        tabIndex={-1}
        onChange={(event) => {
          const files = [...(event.target.files ?? [])];
          event.target.value = '';
          if (files.length > 0) void onOpen(files);
        }}
      />
    </div>
  );
};

/** What went wrong, what was done, and a way back from a deletion. */
const ShedNotes = ({
  problems,
  said,
  justDeleted,
  onBringBack,
}: Pick<ShedActions, 'problems' | 'said' | 'justDeleted'> & { readonly onBringBack: ShedActions['bringBack'] }) => (
  <>
    {problems.length > 0 && (
      <ul role="alert" className="mb-4 rounded-[6px] border p-3" style={{ borderColor: 'var(--fix)' }}>
        {problems.map((problem) => (
          <li key={problem}>{problem}</li>
        ))}
      </ul>
    )}
    {said && (
      <p role="status" className="mb-4">
        {said}
      </p>
    )}
    {justDeleted && (
      <p
        role="status"
        className="mb-4 flex items-center justify-between gap-3 rounded-[6px] border border-base-300 bg-base-100 py-1 pr-1 pl-4"
      >
        {t('{justDeleted} deleted.', { justDeleted: nameOfStored(justDeleted) })}
        <button type="button" className="button" onClick={() => void onBringBack(justDeleted.id)}>
          {t('Undo')}
        </button>
      </p>
    )}
  </>
);

/** All trailers of this browser. */
export const Shed = () => {
  const { data, isPending, isError } = useShed();
  const { trailers = [], deleted = [] } = data ?? {};
  const { problems, said, justDeleted, open, create, duplicate, remove, bringBack, exportAll } =
    useShedActions(trailers);
  return (
    <div
      className="flex min-h-full flex-col"
      style={{ background: 'var(--color-base-200)' }}
      onDragOver={(event) => event.preventDefault()}
      onDrop={(event) => {
        event.preventDefault();
        const files = [...event.dataTransfer.files];
        if (files.length > 0) void open(files);
      }}
    >
      <header className="flex h-12 items-center border-b border-base-300 bg-base-100">
        <Brand />
        <span className="flex-1" />
        <LanguageField />
        <ThemeSwitch />
      </header>
      <KeepingNote />
      <FirstNote />
      <main className="mx-auto w-full max-w-[1180px] flex-1 px-5 py-6">
        <ShedTools any={trailers.length > 0} onExport={exportAll} onOpen={open} onCreate={create} />
        <ShedNotes problems={problems} said={said} justDeleted={justDeleted} onBringBack={bringBack} />
        {isError && (
          <p role="alert" className="mb-4">
            {t('This browser did not hand its trailers out. Load the page again; nothing was changed.')}
          </p>
        )}
        {isPending ? (
          <p className="mute" role="status">
            {t('Opening the shed …')}
          </p>
        ) : (
          <ul className="grid grid-cols-[repeat(auto-fill,minmax(300px,1fr))] gap-5" aria-label={t('Trailers')}>
            {trailers.map((stored) =>
              stored.opened.ok ? (
                <Contained key={stored.id} name={nameOfStored(stored)} of={[stored]}>
                  <TrailerCard
                    project={stored.opened.value}
                    updatedAt={stored.updatedAt}
                    onDuplicate={duplicate}
                    onDelete={() => void remove(stored)}
                  />
                </Contained>
              ) : (
                <UnreadableCard key={stored.id} stored={stored} onDelete={() => void remove(stored)} />
              ),
            )}
          </ul>
        )}
        {!isPending && !isError && trailers.length === 0 && (
          <p className="mute">{t('No trailer here yet. Make a new one, or open or drop a file.')}</p>
        )}
        <p className="narrow mute mt-8 text-[13px]">
          {t('Trailers are kept in this browser for {origin}; another name or port is another shed.', {
            origin: window.location.origin,
          })}
          {window.location.hostname === 'localhost' && (
            <>
              {' '}
              {t('Kereta’s own address is')}{' '}
              <a className="underline" href={`${window.location.protocol}//127.0.0.1:${window.location.port}/`}>
                127.0.0.1:{window.location.port}
              </a>
              {t(': what you made there is there.')}
            </>
          )}
        </p>
        {trailers.length > 0 && <StoragePart changedAt={Math.max(...trailers.map(({ updatedAt }) => updatedAt))} />}
        <Deleted deleted={deleted} onBringBack={(id) => void bringBack(id)} />
      </main>
    </div>
  );
};
