import { type Language, languageOf, LANGUAGES } from '@kereta/core';
import { createContext, useContext, useSyncExternalStore } from 'react';
import { recall, remember } from '../../storage/remembered';

const KEY = 'kereta.language';
const listeners = new Set<() => void>();

const chosen = (): Language => {
  const kept = recall(KEY);
  return LANGUAGES.find((language) => language === kept) ?? languageOf(navigator.language);
};

/** The language of the pages that speak several: as it was chosen in this browser, else the browser's own. */
export const useChosenLanguage = (): Language =>
  useSyncExternalStore((listener) => {
    listeners.add(listener);
    return () => listeners.delete(listener);
  }, chosen);

export const chooseLanguage = (language: Language): void => {
  remember(KEY, language);
  for (const listener of listeners) listener();
};

/** What fields on a page speak; English where a page has no other. */
export const LanguageContext = createContext<Language>('en');
export const useLanguage = (): Language => useContext(LanguageContext);
