import { useMemo } from 'react';
import { useStore } from 'zustand';
import type { Editing } from '../fields/editing';
import type { ProjectStore } from './projectStore';

/** What every field needs of the open trailer. */
export const useFieldContext = (projectStore: ProjectStore): Editing => {
  const committed = useStore(projectStore.store, projectStore.trailerNow);
  const readOnly = !useStore(projectStore.store, ({ mayWrite }) => mayWrite);
  return useMemo<Editing>(
    () => ({
      units: committed.settings.units,
      fraction: committed.settings.fraction,
      readOnly,
      trailer: committed,
      edit: projectStore.edit,
    }),
    [readOnly, committed, projectStore],
  );
};
