import type { Phrasebook } from '../phrases.js';

export const sticks = {
  '; long points on the same side': { de: '; lange Spitzen auf derselben Seite', es: '; puntas largas del mismo lado' },
  '; both slants parallel': { de: '; beide Schrägen parallel', es: '; ambos ingletes paralelos' },
  'both {first}': { de: 'beide {first}', es: 'ambos {first}' },
  '; left and right are mirror images: cut them as a pair': {
    de: '; links und rechts spiegelbildlich: als Paar sägen',
    es: '; izquierda y derecha son simétricas: córtelas en pareja',
  },
  '{top} off top and bottom': { de: '{top} oben und unten ab', es: '{top} arriba y abajo' },
  '{top} off the top and {bottom} off the bottom': {
    de: '{top} oben und {bottom} unten ab',
    es: '{top} arriba y {bottom} abajo',
  },
  '{top} off the top': { de: '{top} oben ab', es: '{top} arriba' },
  '{bottom} off the bottom': { de: '{bottom} unten ab', es: '{bottom} abajo' },
  '{off}, {length} back from the end': {
    de: '{off}, {length} vom Ende zurück',
    es: '{off}, hasta {length} del extremo',
  },
  '; hole of {diameter}, {along} along, {up} up': {
    de: '; Loch {diameter}, {along} längs, {up} hoch',
    es: '; taladro de {diameter}, a {along} a lo largo, {up} arriba',
  },
  'longer than every length there is. Name a longer one under “Saw and stock”, or say where the bar is welded together.':
    {
      de: 'länger als jede Länge, die es gibt. Unter „Säge und Vorrat“ eine längere nennen, oder sagen, wo der Stab zusammengeschweißt wird.',
      es: 'más larga que cualquier longitud que haya. Nombre una mayor en «Sierra y material», o diga dónde se suelda la barra.',
    },
  'left without stock: there is too little of what is named under “Saw and stock”.': {
    de: 'ohne Material: unter „Säge und Vorrat“ ist zu wenig genannt.',
    es: 'sin material: hay muy poco de lo nombrado en «Sierra y material».',
  },
  'too many sizes to be laid out at once.': {
    de: 'zu viele Maße, um sie auf einmal aufzuteilen.',
    es: 'demasiadas medidas para repartir a la vez.',
  },
  'not laid out: no plan was found.': {
    de: 'nicht aufgeteilt: kein Plan wurde gefunden.',
    es: 'sin repartir: no se halló plan.',
  },
  'Some pieces': { de: 'Einige Stücke', es: 'Algunas piezas' },
  'Kept as it is.': { de: 'So behalten, wie er ist.', es: 'Se mantiene como está.' },
  'The best found; one up to {gap} % cheaper is not ruled out.': {
    de: 'Der beste gefundene; einer, der bis {gap} % weniger kostet, ist nicht ausgeschlossen.',
    es: 'El mejor hallado; no se descarta uno hasta un {gap} % más barato.',
  },
  'The best found; one with up to {gap} % less metal is not ruled out.': {
    de: 'Der beste gefundene; einer mit bis {gap} % weniger Metall ist nicht ausgeschlossen.',
    es: 'El mejor hallado; no se descarta uno con hasta un {gap} % menos de metal.',
  },
  'With what is kept as it is, no plan costs less.': {
    de: 'Mit dem, was so bleibt, kostet kein Plan weniger.',
    es: 'Con lo que se mantiene, ningún plan cuesta menos.',
  },
  'With what is kept as it is, no plan buys less metal.': {
    de: 'Mit dem, was so bleibt, kauft kein Plan weniger Metall.',
    es: 'Con lo que se mantiene, ningún plan compra menos metal.',
  },
  'No plan costs less.': { de: 'Kein Plan kostet weniger.', es: 'Ningún plan cuesta menos.' },
  'No plan buys less metal.': { de: 'Kein Plan kauft weniger Metall.', es: 'Ningún plan compra menos metal.' },
  'is {by} longer': { de: 'ist {by} länger', es: 'es {by} más largo' },
  'is {by} shorter': { de: 'ist {by} kürzer', es: 'es {by} más corto' },
  'has other ends': { de: 'hat andere Enden', es: 'tiene otros extremos' },
  'is of another bar': { de: 'ist aus einem anderen Stab', es: 'es de otra barra' },
  'is new': { de: 'ist neu', es: 'es nuevo' },
  'is gone': { de: 'ist weg', es: 'ya no está' },
  '; already cut': { de: '; schon gesägt', es: '; ya cortado' },
  '; {cut} of them already cut': { de: '; davon schon geschnitten: {cut}', es: '; ya cortados: {cut}' },
  'is longer than it is wanted: saw the rest off': {
    de: 'ist länger als gebraucht: den Rest absägen',
    es: 'es más largo de lo pedido: corte el resto',
  },
  'is too short: it is planned again': {
    de: 'ist zu kurz: wird neu geplant',
    es: 'es demasiado corto: se planea de nuevo',
  },
  'is wanted with other ends now: it is planned again': {
    de: 'braucht jetzt andere Enden: wird neu geplant',
    es: 'ahora pide otros extremos: se planea de nuevo',
  },
  'is wanted of another bar now: it is planned again': {
    de: 'soll jetzt aus einem anderen Stab sein: wird neu geplant',
    es: 'ahora pide otra barra: se planea de nuevo',
  },
  'is not wanted any more': { de: 'wird nicht mehr gebraucht', es: 'ya no hace falta' },
} as const satisfies Phrasebook;
