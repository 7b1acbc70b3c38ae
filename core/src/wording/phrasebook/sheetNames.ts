import type { Phrasebook } from '../phrases.js';

export const sheetNames = {
  'cut out {length} x {height}, {along} along, {up} up': {
    de: 'Ausschnitt {length} x {height}, {along} längs, {up} hoch',
    es: 'recorte {length} x {height}, a {along} a lo largo, {up} arriba',
  },
} as const satisfies Phrasebook;
