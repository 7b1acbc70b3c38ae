import type { Phrasebook } from '../phrases.js';

export const sentences = {
  'Behind {vehicle}: {said}': { de: 'Hinter {vehicle}: {said}', es: 'Detrás de {vehicle}: {said}' },
  'another vehicle': { de: 'einem anderen Fahrzeug', es: 'otro vehículo' },
} as const satisfies Phrasebook;
