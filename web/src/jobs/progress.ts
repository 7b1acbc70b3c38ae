import type { Progress } from '@kereta/core';
import { useSyncExternalStore } from 'react';

const progress = new Map<string, Progress>();
const listeners = new Set<() => void>();

/** Says how far the job of this name is; undefined: it is over. */
export const tellProgress = (key: string, now: Progress | undefined): void => {
  if (now) progress.set(key, now);
  else progress.delete(key);
  for (const listener of listeners) listener();
};

const subscribe = (listener: () => void): (() => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

/** How far a job is; only what shows it is drawn again when it goes on. */
export const useJobProgress = (key: string): Progress | undefined =>
  useSyncExternalStore(subscribe, () => progress.get(key));
