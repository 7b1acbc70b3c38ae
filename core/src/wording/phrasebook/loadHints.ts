import type { Phrasebook } from '../phrases.js';

export const loadHints = {
  tongue: { de: 'Deichsel', es: 'lanza' },
  hitch: { de: 'Zugvorrichtung', es: 'enganche' },
  'left and right': { de: 'links und rechts', es: 'izquierda y derecha' },
  'lifts the ball': { de: 'hebt die Kugel', es: 'levanta la bola' },
  'tips back': { de: 'kippt nach hinten', es: 'vuelca hacia atrás' },
  axle: { de: 'Achse', es: 'eje' },
  tires: { de: 'Reifen', es: 'neumáticos' },
  wheels: { de: 'Räder', es: 'ruedas' },
  springs: { de: 'Federn', es: 'muelles' },
  'axle assembly': { de: 'Achsaggregat', es: 'conjunto del eje' },
  'tire rubs': { de: 'Reifen streift', es: 'roza el neumático' },
  plate: { de: 'Schild', es: 'placa' },
  coupler: { de: 'Kupplung', es: 'acoplamiento' },
  vehicle: { de: 'Fahrzeug', es: 'vehículo' },
  'Move something back.': { de: 'Etwas nach hinten stellen.', es: 'Mueva algo hacia atrás.' },
  'Move something forward.': { de: 'Etwas nach vorn stellen.', es: 'Mueva algo hacia delante.' },
  'Move something across.': { de: 'Etwas auf die andere Seite stellen.', es: 'Mueva algo al otro lado.' },
  'Leave something.': { de: 'Etwas dalassen.', es: 'Deje algo.' },
} as const satisfies Phrasebook;
