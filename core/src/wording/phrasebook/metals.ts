import type { Phrasebook } from '../phrases.js';

export const metals = {
  'A36 (angle, channel, flat)': { de: 'A36 (Winkel, U, flach)', es: 'A36 (angular, canal, pletina)' },
  'A500 grade B tube': { de: 'A500 Grad B Rohr', es: 'A500 grado B tubo' },
  'A500 grade C tube': { de: 'A500 Grad C Rohr', es: 'A500 grado C tubo' },
  'A500 grade B round tube': { de: 'A500 Grad B Rundrohr', es: 'A500 grado B tubo redondo' },
  'Steel without mark or certificate': { de: 'Stahl ohne Zeichen oder Zeugnis', es: 'Acero sin marca ni certificado' },
  'Bed-frame angle and other hard steel': {
    de: 'Bettgestellwinkel und anderer harter Stahl',
    es: 'Angular de somier y otro acero duro',
  },
  'A513 type 1, 1020 tube': { de: 'A513 Typ 1, 1020 Rohr', es: 'A513 tipo 1, 1020 tubo' },
  'A513 type 5 DOM 1020': { de: 'A513 Typ 5 DOM 1020', es: 'A513 tipo 5 DOM 1020' },
  'A53 grade B pipe': { de: 'A53 Grad B Leitungsrohr', es: 'A53 grado B tubería' },
  'A572 grade 50': { de: 'A572 Grad 50', es: 'A572 grado 50' },
  '5052-H32 sheet and plate': { de: '5052-H32 Blech und Platte', es: '5052-H32 chapa y placa' },
  '5083-H116 plate': { de: '5083-H116 Platte', es: '5083-H116 placa' },
  '5086-H116 plate': { de: '5086-H116 Platte', es: '5086-H116 placa' },
  'EN AW-6082-T6, walls to 5 mm': { de: 'EN AW-6082-T6, Wand bis 5 mm', es: 'EN AW-6082-T6, pared hasta 5 mm' },
  'EN AW-6005A-T6 hollow, walls to 5 mm': {
    de: 'EN AW-6005A-T6 hohl, Wand bis 5 mm',
    es: 'EN AW-6005A-T6 hueco, pared hasta 5 mm',
  },
  'EN AW-6060-T66, walls to 3 mm': { de: 'EN AW-6060-T66, Wand bis 3 mm', es: 'EN AW-6060-T66, pared hasta 3 mm' },
  'Count on it only where the tube carries the stencil or comes with a certificate.': {
    de: 'Nur darauf zählen, wo das Rohr den Stempel trägt oder mit Zeugnis kommt.',
    es: 'Cuente con ello solo donde el tubo lleve la marca o venga con certificado.',
  },
  'Counted at 30 ksi (205 MPa) because nothing says what it is.': {
    de: 'Mit 30 ksi (205 MPa) gerechnet, weil nichts sagt, was es ist.',
    es: 'Contado a 30 ksi (205 MPa) porque nada dice qué es.',
  },
  'Re-rolled rail is hard: it cracks beside welds and dulls drills. Counted at 30 ksi (205 MPa).': {
    de: 'Umgewalzte Schiene ist hart: sie reißt neben Nähten und stumpft Bohrer. Mit 30 ksi (205 MPa) gerechnet.',
    es: 'El riel relaminado es duro: se agrieta junto a soldaduras y embota brocas. Contado a 30 ksi (205 MPa).',
  },
  'Welded value for 5183, 5356 or 5556 wire, or walls to 3/8 in with 4043.': {
    de: 'Geschweißter Wert für Draht 5183, 5356 oder 5556 oder Wand bis 3/8 in mit 4043.',
    es: 'Valor soldado para hilo 5183, 5356 o 5556, o paredes hasta 3/8 in con 4043.',
  },
} as const satisfies Phrasebook;
