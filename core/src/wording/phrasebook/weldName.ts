import type { Phrasebook } from '../phrases.js';

export const weldName = {
  'Weld of a splice in {part}': { de: 'Naht eines Stoßes in {part}', es: 'Soldadura de un empalme en {part}' },
  'Weld of a hanger on {part}': { de: 'Naht eines Federbocks an {part}', es: 'Soldadura de un soporte en {part}' },
  'Weld of {part} on {joint}': { de: 'Naht: {part} an {joint}', es: 'Soldadura: {part} en {joint}' },
  'Hanger on the {member}, {at} back': {
    de: 'Federbock an {member}, {at} hinten',
    es: 'Soporte en {member}, a {at} hacia atrás',
  },
  'Wall of {joint} under {part}': { de: 'Wand von {joint} unter {part}', es: 'Pared de {joint} bajo {part}' },
  'Bolts of the coupler': { de: 'Schrauben der Kupplung', es: 'Tornillos del acoplamiento' },
  'End of a bar, all round': { de: 'Ende eines Stabes, rundum', es: 'Extremo de una barra, todo alrededor' },
  'Splice, filled all round': { de: 'Stoß, rundum gefüllt', es: 'Empalme, relleno alrededor' },
  'Where bars cross': { de: 'Wo Stäbe sich kreuzen', es: 'Donde se cruzan barras' },
} as const satisfies Phrasebook;
