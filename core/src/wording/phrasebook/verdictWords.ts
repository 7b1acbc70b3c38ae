import type { Phrasebook } from '../phrases.js';

export const verdictWords = {
  Within: { de: 'Eingehalten', es: 'Cumple' },
  Tight: { de: 'Knapp', es: 'Justo' },
  Fix: { de: 'Ändern', es: 'Corregir' },
  Missing: { de: 'Fehlt', es: 'Falta' },
  'Not checked': { de: 'Ungeprüft', es: 'Sin revisar' },
} as const satisfies Phrasebook;
