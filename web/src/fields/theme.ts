import { useSyncExternalStore } from 'react';
import { recall, remember } from '../storage/remembered';

export type Theme = 'kereta-paper' | 'kereta-slate';
const KEY = 'kereta-theme';
const listeners = new Set<() => void>();

const preferred = (): Theme => {
  const chosen = recall(KEY);
  if (chosen === 'kereta-paper' || chosen === 'kereta-slate') return chosen;
  return matchMedia('(prefers-color-scheme: dark)').matches ? 'kereta-slate' : 'kereta-paper';
};

let theme: Theme = preferred();

export const applyTheme = (next: Theme = theme): void => {
  theme = next;
  document.documentElement.dataset['theme'] = next;
  for (const listener of listeners) listener();
};

export const switchTheme = (): void => {
  const next = theme === 'kereta-paper' ? 'kereta-slate' : 'kereta-paper';
  remember(KEY, next);
  applyTheme(next);
};

export const useTheme = (): Theme =>
  useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => theme,
  );
