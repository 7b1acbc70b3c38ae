import type { Phrasebook } from '@kereta/core';

export const drawing = {
  'doubt × {larger}': { de: 'Zweifel × {larger}', es: 'duda × {larger}' },
  idle: { de: 'ruhig', es: 'ocioso' },
  'under 25 %': { de: 'unter 25 %', es: 'menos de 25 %' },
  easy: { de: 'leicht', es: 'fácil' },
  '25 to 50 %': { de: '25 bis 50 %', es: '25 a 50 %' },
  working: { de: 'arbeitet', es: 'trabaja' },
  '50 to 70 %': { de: '50 bis 70 %', es: '50 a 70 %' },
  tight: { de: 'knapp', es: 'justo' },
  '70 to 100 %': { de: '70 bis 100 %', es: '70 a 100 %' },
  past: { de: 'darüber', es: 'pasado' },
  'over 100 %': { de: 'über 100 %', es: 'más de 100 %' },
  'How hard the steel works': { de: 'Wie hart der Stahl arbeitet', es: 'Cuánto trabaja el acero' },
} as const satisfies Phrasebook;
