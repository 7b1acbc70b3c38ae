import type { Phrasebook } from '@kereta/core';

export const build = {
  'This trailer has no plan yet: it has no frame.': {
    de: 'Dieser Anhänger hat noch keinen Plan: er hat keinen Rahmen.',
    es: 'Este remolque aún no tiene plan: no tiene bastidor.',
  },
  '{at} of {count}, {name}': { de: '{at} von {count}, {name}', es: '{at} de {count}, {name}' },
  'The plan': { de: 'Der Plan', es: 'El plan' },
  'tasks can be looked at here, not ticked': {
    de: 'Aufgaben lassen sich hier ansehen, nicht abhaken',
    es: 'las tareas se pueden ver aquí, no marcar',
  },
  'what was noted': { de: 'was notiert wurde', es: 'lo anotado' },
  'Other tasks': { de: 'Andere Aufgaben', es: 'Otras tareas' },
  Before: { de: 'Davor', es: 'Antes' },
  Next: { de: 'Weiter', es: 'Siguiente' },
  'The screen stays on while this card is open.': {
    de: 'Der Bildschirm bleibt an, solange diese Karte offen ist.',
    es: 'La pantalla sigue encendida mientras esta ficha esté abierta.',
  },
  'This browser does not keep the screen on.': {
    de: 'Dieser Browser hält den Bildschirm nicht an.',
    es: 'Este navegador no mantiene la pantalla encendida.',
  },
} as const satisfies Phrasebook;
