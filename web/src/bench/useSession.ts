import { useEffect, useRef, useState, useSyncExternalStore } from 'react';
import { useStore } from 'zustand';
import { dropRescued, rescued } from '../storage/rescue';
import { loadTrailer, type ReadableTrailer, watchTrailers } from '../storage/trailers';
import { acquireWriterLock, type WriterLock } from '../storage/writerLock';
import { createProjectStore, type ProjectStore } from './projectStore';
import { type SaveState, type Saving, startSaving } from './saving';

export interface Session {
  readonly projectStore: ProjectStore;
  readonly saveState: SaveState;
  readonly saving: Saving;
  /** another tab writes this trailer; here it can only be read */
  readonly refused: boolean;
  readonly takeOver: () => void;
  /** gives up what is here for what another tab has saved */
  readonly loadNewer: () => void;
}

interface Opened {
  readonly projectStore: ProjectStore;
  readonly saving: Saving;
}

/** The trailer that was opened last, with its history: what an error page needs to undo the step that brought it about. */
let lastOpened: (Opened & { readonly id: string }) | undefined;
export const lastOpenedOf = (id: string): Opened | undefined => (lastOpened?.id === id ? lastOpened : undefined);

/** What is typed and not yet confirmed counts as confirmed when the page goes. */
const confirmTyped = (): void => {
  const { activeElement } = document;
  if (activeElement instanceof HTMLInputElement || activeElement instanceof HTMLTextAreaElement) activeElement.blur();
};

/** Opens a stored trailer for work: its store, its place among the tabs, its saving. For the workbench and for the trip planner alike. */
export const useSession = (id: string, stored: ReadableTrailer): Session => {
  const [{ projectStore, saving, openedAt }] = useState(() => {
    const store = createProjectStore(stored.project, false);
    return { projectStore: store, saving: startSaving(store, stored.updatedAt), openedAt: stored.updatedAt };
  });
  const [refused, setRefused] = useState(false);
  const lock = useRef<WriterLock | undefined>(undefined);
  const saveState = useSyncExternalStore(saving.subscribe, saving.state);
  const mayWrite = useStore(projectStore.store, (state) => state.mayWrite);

  useEffect(() => {
    lastOpened = { id, projectStore, saving };
    let closed = false;
    /** Whoever begins to write, or only reads from now on, goes by what was saved last. */
    let goesBy = openedAt;
    const refresh = async (): Promise<void> => {
      const fresh = await loadTrailer(id);
      if (closed || !fresh?.opened.ok) return;
      if (fresh.updatedAt !== goesBy) projectStore.replace(fresh.opened.value);
      goesBy = fresh.updatedAt;
      saving.startFrom(fresh.updatedAt);
    };
    let granted = false;
    const acquired = acquireWriterLock(id, {
      onGranted: () => {
        granted = true;
        void refresh()
          .catch(() => undefined)
          .then(() => {
            if (closed || !granted) return;
            setRefused(false);
            projectStore.allowWriting(true);
            // What the page before this one could not write any more is taken up, and written.
            const kept = rescued(id, goesBy);
            if (kept) projectStore.replace({ ...kept, id });
            dropRescued(id);
          });
      },
      onRefused: () => {
        granted = false;
        projectStore.allowWriting(false);
        setRefused(true);
        void refresh().catch(() => undefined);
      },
      beforeLettingGo: async () => {
        confirmTyped();
        projectStore.allowWriting(false);
        await saving.flush();
      },
    });
    lock.current = acquired;
    const unwatch = watchTrailers(() => {
      if (!granted) void refresh().catch(() => undefined);
    });
    const onHide = (): void => void saving.flush();
    const onGone = (): void => {
      confirmTyped();
      saving.handOver();
      void saving.flush();
    };
    const onLeave = (event: BeforeUnloadEvent): void => {
      onGone();
      // What the browser does not take is lost with the page: leaving is asked about.
      if (saving.state() === 'failed') event.preventDefault();
    };
    window.addEventListener('pagehide', onGone);
    document.addEventListener('visibilitychange', onHide);
    window.addEventListener('beforeunload', onLeave);
    return () => {
      closed = true;
      window.removeEventListener('pagehide', onGone);
      document.removeEventListener('visibilitychange', onHide);
      window.removeEventListener('beforeunload', onLeave);
      unwatch();
      // What is pending is written before another tab, or the next page of this one, is let in.
      void saving.flush().finally(acquired.release);
      saving.stop();
    };
  }, [id, openedAt, projectStore, saving]);

  // Until it is known who writes, nothing that is done here counts: the page says that it is busy.
  const opening = !mayWrite && !refused;
  useEffect(() => {
    document.body.ariaBusy = opening ? 'true' : null;
    return () => {
      document.body.ariaBusy = null;
    };
  }, [opening]);

  return {
    projectStore,
    saveState,
    saving,
    refused: refused && !mayWrite,
    takeOver: () => lock.current?.takeOver(),
    loadNewer: () =>
      void loadTrailer(id).then((fresh) => {
        if (!fresh?.opened.ok) return;
        projectStore.replace(fresh.opened.value);
        saving.startFrom(fresh.updatedAt);
      }),
  };
};
