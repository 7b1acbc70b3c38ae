import type { Phrasebook } from '@kereta/core';

export const trip = {
  'The bed from above with what comes along; the list below moves each thing, too': {
    de: 'Die Fläche von oben mit dem, was mitkommt; die Liste unten versetzt auch jedes',
    es: 'La caja de arriba con lo que va; la lista de abajo también mueve cada cosa',
  },
  'One trip': { de: 'Eine Fahrt', es: 'Un viaje' },
  'There is no axle behind the ball yet.': {
    de: 'Noch ist keine Achse hinter der Kugel.',
    es: 'Aún no hay eje detrás de la bola.',
  },
  'Nothing aboard yet.': { de: 'Noch nichts an Bord.', es: 'Nada a bordo aún.' },
  'Tongue in its band.': { de: 'Stützlast in ihrer Spanne.', es: 'Lanza en su margen.' },
  'Tongue of this trip': { de: 'Stützlast dieser Fahrt', es: 'Lanza de este viaje' },
  'is more than its plate’s {gross}': {
    de: 'ist mehr als die {gross} seines Schildes',
    es: 'es más que los {gross} de su placa',
  },
  '. Axle': { de: '. Achse', es: '. Eje' },
  ', its rating is missing': { de: ', ihre Tragfähigkeit fehlt', es: ', falta su capacidad' },
  ', more than its {rating}': { de: ', mehr als ihre {rating}', es: ', más que sus {rating}' },
  'of {rating}': { de: 'von {rating}', es: 'de {rating}' },
  '{name} forward': { de: '{name} nach vorn', es: '{name} adelante' },
  '{name} back': { de: '{name} nach hinten', es: '{name} atrás' },
  'back from the front edge': { de: 'hinter der Vorderkante', es: 'detrás del borde delantero' },
  '{shift} its usual place': { de: '{shift} seinem üblichen Platz', es: '{shift} de su lugar habitual' },
  'How full': { de: 'Wie voll', es: 'Cuán lleno' },
  '{by} {by2} than worked out': { de: '{by} {by2} als gerechnet', es: '{by} {by2} de lo calculado' },
  'As worked out, within what such a scale reads: {share} of all.': {
    de: 'Wie gerechnet, so genau, wie eine solche Waage zeigt: {share} von allem.',
    es: 'Como se calculó, dentro de lo que marca tal báscula: {share} del total.',
  },
  '{by}, {share} of all: something weighs or stands otherwise than the list says. Weigh & log finds out what.': {
    de: '{by}, {share} von allem: etwas wiegt oder steht anders, als die Liste sagt. „Wiegen & Buch“ findet heraus, was.',
    es: '{by}, {share} del total: algo pesa o está de otro modo que en la lista. «Pesar y anotar» halla qué.',
  },
  'Found on this trip': { de: 'Auf dieser Fahrt gefunden', es: 'Hallado en este viaje' },
  'Tongue on a scale before driving': {
    de: 'Stützlast auf einer Waage vor der Fahrt',
    es: 'Lanza en una báscula antes de salir',
  },
  'A lesson for the next trip': { de: 'Eine Lehre für die nächste Fahrt', es: 'Una lección para el próximo viaje' },
  '{name} kept as a load': { de: '{name} als Beladung behalten', es: '{name} guardado como carga' },
  '{name}, one trip': { de: '{name}, eine Fahrt', es: '{name}, un viaje' },
  'What comes along': { de: 'Was mitkommt', es: 'Lo que va' },
  'Nothing loose is on this trailer’s list yet: add it under What’s on it.': {
    de: 'Auf der Liste dieses Anhängers ist noch nichts Loses: unter „Was drauf kommt“ hinzufügen.',
    es: 'En la lista de este remolque aún no hay nada suelto: añádalo en «Lo que lleva».',
  },
  'Name of the trip': { de: 'Name der Fahrt', es: 'Nombre del viaje' },
  'Keep as a load': { de: 'Als Beladung behalten', es: 'Guardar como carga' },
  'the trip can be looked at here, not kept': {
    de: 'die Fahrt lässt sich hier ansehen, nicht behalten',
    es: 'el viaje se puede ver aquí, no guardar',
  },
  'the trip': { de: 'die Fahrt', es: 'el viaje' },
} as const satisfies Phrasebook;
