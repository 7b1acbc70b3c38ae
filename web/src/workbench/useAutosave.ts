import type { Project } from '@kereta/core';
import { useEffect, useRef, useState } from 'react';
import { saveProject } from '../storage/projectDatabase';
import type { ProjectStore } from './projectStore';

export type SaveState = 'saved' | 'saving' | 'failed';

/** Waits this long after an edit before it writes, so that typing and nudging save once. */
const SETTLE_MS = 250;

/** Writes each committed edit to this browser's database, and at once when the page goes away. */
export const useAutosave = (projectStore: ProjectStore, writer: boolean): SaveState => {
  const [state, setState] = useState<SaveState>('saved');
  const pending = useRef<Project | undefined>(undefined);
  useEffect(() => {
    if (!writer) return undefined;
    let timer: ReturnType<typeof setTimeout> | undefined;
    const flush = async (): Promise<void> => {
      clearTimeout(timer);
      const project = pending.current;
      if (!project) return;
      pending.current = undefined;
      try {
        await saveProject(project);
        if (!pending.current) setState('saved');
      } catch {
        pending.current ??= project;
        setState('failed');
      }
    };
    let last = projectStore.store.getState().project;
    const unsubscribe = projectStore.store.subscribe(({ project }) => {
      if (project === last) return;
      last = project;
      pending.current = project;
      setState('saving');
      clearTimeout(timer);
      timer = setTimeout(() => void flush(), SETTLE_MS);
    });
    const flushNow = (): void => void flush();
    window.addEventListener('pagehide', flushNow);
    document.addEventListener('visibilitychange', flushNow);
    return () => {
      unsubscribe();
      window.removeEventListener('pagehide', flushNow);
      document.removeEventListener('visibilitychange', flushNow);
      void flush();
    };
  }, [projectStore, writer]);
  return state;
};
