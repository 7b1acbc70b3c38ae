import type { Phrasebook } from '@kereta/core';

export const log = {
  Work: { de: 'Arbeit', es: 'Trabajo' },
  'A change of the design, and why': {
    de: 'Eine Änderung des Entwurfs, und warum',
    es: 'Un cambio del diseño, y por qué',
  },
  'A lesson for the next one': { de: 'Eine Lehre für den nächsten', es: 'Una lección para el próximo' },
  'What was done, seen or learned': { de: 'Was getan, gesehen oder gelernt wurde', es: 'Qué se hizo, vio o aprendió' },
  'It is': { de: 'Es ist', es: 'Es' },
  Who: { de: 'Wer', es: 'Quién' },
  'On the task': { de: 'Zur Aufgabe', es: 'Sobre la tarea' },
  'none of the plan': { de: 'keine des Plans', es: 'ninguna del plan' },
  Photo: { de: 'Foto', es: 'Foto' },
  'Keep it': { de: 'Behalten', es: 'Guardarlo' },
  Journal: { de: 'Tagebuch', es: 'Diario' },
  '{entries} so far.': { de: 'bisher {entries}.', es: '{entries} hasta ahora.' },
  'Hours by task': { de: 'Stunden nach Aufgabe', es: 'Horas por tarea' },
  'No day noted': { de: 'Kein Tag notiert', es: 'Sin fecha anotada' },
  'Photo of {day}': { de: 'Foto vom {day}', es: 'Foto del {day}' },
  'Paid: {what}, {paid}': { de: 'Bezahlt: {what}, {paid}', es: 'Pagado: {what}, {paid}' },
  'in the ledger': { de: 'in der Kasse', es: 'en las cuentas' },
  '{name} service': { de: '{name} Wartung', es: '{name} mantenimiento' },
  Service: { de: 'Wartung', es: 'Mantenimiento' },
  'Driven so far, {unit}': { de: 'Bisher gefahren, {unit}', es: 'Recorrido hasta ahora, {unit}' },
  miles: { de: 'Meilen', es: 'millas' },
  'Note it': { de: 'Notieren', es: 'Anotarlo' },
  'By the analysis these work hardest: {hardest}.': {
    de: 'Nach der Rechnung arbeiten diese am härtesten: {hardest}.',
    es: 'Según el cálculo estos trabajan más: {hardest}.',
  },
  'Done: {service}': { de: 'Fertig: {service}', es: 'Hecho: {service}' },
  Done: { de: 'Fertig', es: 'Hecho' },
  'Into a calendar, ICS': { de: 'In einen Kalender, ICS', es: 'A un calendario, ICS' },
  'Common practice; what the makers of axle, coupler and tires write in their books governs, and inspections that the law asks for come besides.':
    {
      de: 'Übliche Praxis; was die Hersteller von Achse, Kupplung und Reifen schreiben, gilt, und Prüfungen, die das Gesetz verlangt, kommen dazu.',
      es: 'Práctica habitual; manda lo que escriben los fabricantes de eje, acoplamiento y neumáticos, y aparte están las inspecciones de ley.',
    },
  '{name}, its log': { de: '{name}, sein Buch', es: '{name}, su registro' },
  'the log can be read here, not written': {
    de: 'das Buch lässt sich hier lesen, nicht schreiben',
    es: 'el registro se puede leer aquí, no escribir',
  },
  'what was written': { de: 'was geschrieben wurde', es: 'lo escrito' },
} as const satisfies Phrasebook;
