import type { Phrasebook } from '@kereta/core';

export const stepsWeigh = {
  Designed: { de: 'Entworfen', es: 'Diseñado' },
  Built: { de: 'Gebaut', es: 'Armado' },
  'Loads as designed, built and weighed': {
    de: 'Beladungen wie entworfen, gebaut und gewogen',
    es: 'Cargas según diseño, armado y pesado',
  },
  all: { de: 'alles', es: 'todo' },
  'What changes by the scale': { de: 'Was sich durch die Waage ändert', es: 'Lo que cambia con la báscula' },
  'What changes by it': { de: 'Was sich dadurch ändert', es: 'Lo que cambia con ello' },
  'Designed, built, weighed': { de: 'Entworfen, gebaut, gewogen', es: 'Diseñado, armado, pesado' },
  'Nothing was measured or weighed yet: all three are as drawn.': {
    de: 'Noch nichts ist gemessen oder gewogen: alle drei sind wie gezeichnet.',
    es: 'Aún no se midió ni pesó nada: los tres son como el dibujo.',
  },
  'Built: by the sizes that were measured and the masses whose word was taken. Weighed: by everything that a scale read.':
    {
      de: 'Gebaut: nach den gemessenen Maßen und den Massen, die übernommen wurden. Gewogen: nach allem, was eine Waage zeigte.',
      es: 'Armado: por las medidas tomadas y las masas aceptadas. Pesado: por todo lo que marcó una báscula.',
    },
  'What the scale read': { de: 'Was die Waage zeigte', es: 'Lo que marcó la báscula' },
  'What it makes of every mass': { de: 'Was sie aus jeder Masse macht', es: 'Lo que dice de cada masa' },
  'Masses before and after the scale': {
    de: 'Massen vor und nach der Waage',
    es: 'Masas antes y después de la báscula',
  },
  'Part or load': { de: 'Teil oder Last', es: 'Pieza o carga' },
  thought: { de: 'gedacht', es: 'pensado' },
  'by the scale': { de: 'nach der Waage', es: 'por la báscula' },
  'that is': { de: 'das ist', es: 'es decir' },
  'believe it': { de: 'übernehmen', es: 'creerlo' },
  'Take the scale’s word for {id}': { de: 'Der Waage glauben: {id}', es: 'Creer a la báscula: {id}' },
  'Take its word': { de: 'Ihr glauben', es: 'Creerla' },
  '{count} of a load that is not there any more, or stood on nothing that is worked out: kept, and not used.': {
    de: '{count} von einer Beladung, die es nicht mehr gibt, oder auf etwas, das nicht gerechnet wird: behalten und nicht verwendet.',
    es: '{count} de una carga que ya no está, o sobre algo que no se calcula: se guarda, y no se usa.',
  },
  'One weigh-in is': { de: 'Eine Wägung ist', es: 'Un pesaje es' },
  '{count} weigh-ins are': { de: '{count} Wägungen sind', es: '{count} pesajes son' },
  'Best estimate by least squares, each mass and each reading by its own doubt; ± is twice the standard deviation.': {
    de: 'Beste Schätzung nach kleinsten Quadraten, jede Masse und jede Ablesung nach ihrem eigenen Zweifel; ± ist die doppelte Standardabweichung.',
    es: 'Mejor estimación por mínimos cuadrados, cada masa y lectura con su propia duda; ± es el doble de la desviación típica.',
  },
  'Chance of readings so far off, or further, where all is as thought: {chance}.': {
    de: 'Wahrscheinlichkeit so weit abweichender Ablesungen, wenn alles wie gedacht ist: {chance}.',
    es: 'Probabilidad de lecturas tan alejadas, o más, si todo es como se pensaba: {chance}.',
  },
  'under {x}': { de: 'unter {x}', es: 'menos de {x}' },
  'The analysis of the frame goes by the design.': {
    de: 'Die Rahmenrechnung geht nach dem Entwurf.',
    es: 'El cálculo del bastidor sigue el diseño.',
  },
  'not measured': { de: 'nicht gemessen', es: 'sin medir' },
  'drawn {drawn}': { de: 'gezeichnet {drawn}', es: 'dibujado {drawn}' },
  'measured {date}': { de: 'gemessen {date}', es: 'medido {date}' },
  'The trailer’s book: plate, papers, all of it': {
    de: 'Das Buch des Anhängers: Schild, Papiere, alles',
    es: 'El libro del remolque: placa, papeles, todo',
  },
  'As it was built': { de: 'Wie er gebaut wurde', es: 'Tal como se armó' },
  'The scale’s word taken': { de: 'Von der Waage übernommen', es: 'Lo aceptado de la báscula' },
  'Take back {id}': { de: '{id} zurücknehmen', es: 'Retirar {id}' },
} as const satisfies Phrasebook;
