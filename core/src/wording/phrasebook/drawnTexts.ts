import type { Phrasebook } from '../phrases.js';

export const drawnTexts = {
  'in a bump': { de: 'bei einem Stoß', es: 'en un bache' },
  'balance point': { de: 'Schwerpunkt', es: 'equilibrio' },
  'balance point {place} back': { de: 'Schwerpunkt {place} hinten', es: 'equilibrio a {place}' },
  '{length} ball to rear edge': { de: '{length} Kugel bis Hinterkante', es: '{length} de bola a borde trasero' },
  '{length} track': { de: '{length} Spur', es: '{length} vía' },
  '{length} overall': { de: '{length} gesamt', es: '{length} total' },
  'loads {length}': { de: 'Lasten {length}', es: 'cargas {length}' },
} as const satisfies Phrasebook;
