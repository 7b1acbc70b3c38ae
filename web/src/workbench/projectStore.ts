import type { Project } from '@kereta/core';
import { temporal } from 'zundo';
import { createStore } from 'zustand/vanilla';

export interface ProjectState {
  readonly project: Project;
  /** what the last edit did, for "Undo: …" */
  readonly label: string;
  /** while a drag is on: the trailer as it would be; not part of the history */
  readonly preview: Project | undefined;
}

/** The open trailer with its history. A committed edit is one step; previews, units and view are none. */
export const createProjectStore = (opened: Project) => {
  const store = createStore<ProjectState>()(
    temporal((): ProjectState => ({ project: opened, label: '', preview: undefined }), {
      partialize: ({ project, label }) => ({ project, label }),
      equality: (past, current) => past.project === current.project,
    }),
  );
  const history = store.temporal;

  const outsideHistory = (change: (project: Project) => Project): void => {
    history.getState().pause();
    store.setState(({ project }) => ({ project: change(project) }));
    history.getState().resume();
  };
  /** Units and fraction stay as they are now, whatever step of the history comes back. */
  const keepingSettings = (move: () => void): void => {
    const { units, fraction } = store.getState().project.settings;
    store.setState({ preview: undefined });
    move();
    const back = store.getState().project.settings;
    if (back.units !== units || back.fraction !== fraction) {
      outsideHistory((project) => ({ ...project, settings: { ...project.settings, units, fraction } }));
    }
  };

  return {
    store,
    history,
    edit: (label: string, change: (project: Project) => Project): void => {
      const { project } = store.getState();
      const changed = change(project);
      if (changed !== project) store.setState({ project: changed, label, preview: undefined });
    },
    preview: (change: ((project: Project) => Project) | undefined): void => {
      store.setState(({ project }) => ({ preview: change?.(project) }));
    },
    outsideHistory,
    undo: () => keepingSettings(() => history.getState().undo()),
    redo: () => keepingSettings(() => history.getState().redo()),
    /** Takes in what another tab saved; a new history starts there. */
    replace: (project: Project): void => {
      history.getState().pause();
      store.setState({ project, label: '', preview: undefined });
      history.getState().resume();
      history.getState().clear();
    },
  };
};

export type ProjectStore = ReturnType<typeof createProjectStore>;
