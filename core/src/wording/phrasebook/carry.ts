import type { Phrasebook } from '../phrases.js';

export const carry = {
  'wall of {joint} under {part}': { de: 'Wand von {joint} unter {part}', es: 'pared de {joint} bajo {part}' },
  'walls of {part} at a hanger': { de: 'Wände von {part} an einem Federbock', es: 'paredes de {part} en un soporte' },
  'a hole in {part}': { de: 'ein Loch in {part}', es: 'un taladro en {part}' },
  'bolts of the coupler': { de: 'Schrauben der Kupplung', es: 'tornillos del acoplamiento' },
  Frame: { de: 'Rahmen', es: 'Bastidor' },
  Axles: { de: 'Achsen', es: 'Ejes' },
  Tires: { de: 'Reifen', es: 'Neumáticos' },
  Wheels: { de: 'Räder', es: 'Ruedas' },
  Coupler: { de: 'Kupplung', es: 'Acoplamiento' },
  'Tow vehicle': { de: 'Zugfahrzeug', es: 'Vehículo tractor' },
  '{ends} ends it {situation}{case}.': {
    de: '{ends} setzt die Grenze {situation}{case}.',
    es: '{ends} pone el límite {situation}{case}.',
  },
  'The frame does not bear even the empty trailer. {end}': {
    de: 'Der Rahmen trägt nicht einmal den leeren Anhänger. {end}',
    es: 'El bastidor no soporta ni el remolque vacío. {end}',
  },
  'With its loads kept in proportion the frame as drawn bears a gross of {gross}. {end}': {
    de: 'Bei Lasten im selben Verhältnis trägt der gezeichnete Rahmen eine Gesamtmasse von {gross}. {end}',
    es: 'Con sus cargas en la misma proporción, el bastidor dibujado soporta una masa total de {gross}. {end}',
  },
  'years of {part}': { de: 'Jahre: {part}', es: 'años: {part}' },
  'sag of {part}': { de: 'Durchbiegung: {part}', es: 'flecha: {part}' },
  'a weld of {part}': { de: 'eine Naht: {part}', es: 'una soldadura: {part}' },
} as const satisfies Phrasebook;
