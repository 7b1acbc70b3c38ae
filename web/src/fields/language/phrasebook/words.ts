import type { Phrasebook } from '@kereta/core';

export const words = {
  'Find a word': { de: 'Ein Wort finden', es: 'Buscar una palabra' },
  'No word is called so.': { de: 'Kein Wort heißt so.', es: 'Ninguna palabra se llama así.' },
  word: { de: 'Wort', es: 'palabra' },
  words: { de: 'Wörter', es: 'palabras' },
  ', also {also}': { de: ', auch {also}', es: ', también {also}' },
} as const satisfies Phrasebook;
