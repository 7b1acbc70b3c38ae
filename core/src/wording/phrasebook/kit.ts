import type { Phrasebook } from '../phrases.js';

export const kit = {
  '{left} spare': { de: '{left} übrig', es: '{left} de sobra' },
  '{over} too much': { de: '{over} zu viel', es: '{over} de más' },
  standing: { de: 'im Stand', es: 'parado' },
  'less than {least}': { de: 'weniger als {least}', es: 'menos de {least}' },
  'More than is allowed.': { de: 'Mehr, als erlaubt ist.', es: 'Más de lo admitido.' },
  'Holds, little to spare.': { de: 'Hält, mit wenig Reserve.', es: 'Aguanta, con poca reserva.' },
  'By hand:': { de: 'Von Hand:', es: 'A mano:' },
  'adds {kg} to': { de: 'legt {kg} zu auf', es: 'añade {kg} a' },
  'takes {kg} off': { de: 'nimmt {kg} von', es: 'quita {kg} de' },
} as const satisfies Phrasebook;
