import {
  type Design,
  designOf,
  type Project,
  recordEntry,
  type RecordEntry,
  type Settings,
  type Trailer,
  trailerOf,
} from '@kereta/core';
import { temporal } from 'zundo';
import { createStore } from 'zustand/vanilla';

export interface ProjectState {
  /** the only part of it that undo covers */
  readonly design: Design;
  readonly settings: Settings;
  readonly record: Project['record'];
  /** what the last edit did, for "Undo: …" */
  readonly label: string;
  /** while a drag is on: the design as it would be; not part of the history */
  readonly preview: Design | undefined;
  /** whether this tab may change anything; it is asked here and nowhere else */
  readonly mayWrite: boolean;
}

/** A change of the trailer; it may hand back the whole trailer or its design alone: what is not design falls away. */
export type DesignChange = (trailer: Trailer) => Design;

/**
 * The open trailer with its history. A committed edit is one step; previews, settings and the record are none. Where this tab may not
 * write, every change is refused here, whatever button or key asked for it.
 */
export const createProjectStore = (opened: Project, mayWrite = true) => {
  const { design, settings, record, ...head } = opened;
  const store = createStore<ProjectState>()(
    temporal((): ProjectState => ({ design, settings, record, label: '', preview: undefined, mayWrite }), {
      partialize: ({ design: kept, label }) => ({ design: kept, label }),
      equality: (past, current) => past.design === current.design,
    }),
  );
  const history = store.temporal;

  let project = opened;
  /** The project as it stands; the very same value until something changes. */
  const projectNow = (): Project => {
    const now = store.getState();
    if (project.design !== now.design || project.settings !== now.settings || project.record !== now.record)
      project = { ...head, design: now.design, settings: now.settings, record: now.record };
    return project;
  };
  const trailerNow = (): Trailer => trailerOf(projectNow());

  let shown: { readonly of: Project; readonly preview: Design; readonly trailer: Trailer } | undefined;
  /** The trailer as shown: with a drag that is on. */
  const trailerShown = (): Trailer => {
    const { preview } = store.getState();
    if (!preview) return trailerNow();
    const of = projectNow();
    if (shown?.of !== of || shown.preview !== preview)
      shown = { of, preview, trailer: { ...trailerOf(of), ...preview } };
    return shown.trailer;
  };

  const refused = (): boolean => !store.getState().mayWrite;
  const changed = (change: DesignChange): Design => {
    const before = trailerNow();
    const after = change(before);
    return after === before ? store.getState().design : designOf(after);
  };

  return {
    store,
    history,
    projectNow,
    trailerNow,
    trailerShown,
    edit: (label: string, change: DesignChange): void => {
      if (refused()) return;
      const next = changed(change);
      if (next !== store.getState().design) store.setState({ design: next, label, preview: undefined });
    },
    preview: (change: DesignChange | undefined): void => {
      if (change && refused()) return;
      store.setState({ preview: change && changed(change) });
    },
    changeSettings: (change: Partial<Settings>): void => {
      if (!refused()) store.setState(({ settings: before }) => ({ settings: { ...before, ...change } }));
    },
    /** Adds to the record; nothing takes an entry away again. */
    note: (entry: RecordEntry): void => {
      if (!refused()) store.setState(({ record: before }) => ({ record: recordEntry(before, entry) }));
    },
    undo: (): void => {
      if (refused()) return;
      store.setState({ preview: undefined });
      history.getState().undo();
    },
    redo: (): void => {
      if (refused()) return;
      store.setState({ preview: undefined });
      history.getState().redo();
    },
    allowWriting: (allowed: boolean): void => {
      store.setState(allowed ? { mayWrite: true } : { mayWrite: false, preview: undefined });
    },
    /** Takes in what another tab saved; a new history starts there. */
    replace: (fresh: Project): void => {
      history.getState().pause();
      store.setState({
        design: fresh.design,
        settings: fresh.settings,
        record: fresh.record,
        label: '',
        preview: undefined,
      });
      history.getState().resume();
      history.getState().clear();
    },
  };
};

export type ProjectStore = ReturnType<typeof createProjectStore>;
