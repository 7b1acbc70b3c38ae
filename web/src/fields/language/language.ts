import { type Language, languageOf, LANGUAGES } from '@kereta/core';
import { recall, remember } from '../../storage/remembered';

const KEY = 'kereta.language';

const chosen = (): Language => {
  const kept = recall(KEY);
  return LANGUAGES.find((language) => language === kept) ?? languageOf(navigator.language);
};

/** What the page speaks from its first line to its last: as it was chosen in this browser, else the browser's own. */
export const PAGE_LANGUAGE: Language = chosen();

/** Another language is another page: everything is said anew. What lies in the store of this browser is there again. */
export const chooseLanguage = (language: Language): void => {
  remember(KEY, language);
  location.reload();
};
