import type { Phrasebook } from '../phrases.js';

export const deck = {
  'A wheel of {item} presses {mass} on the deck, {case}: {utilisation} of the {bears} allowed half-way over {span} from bar to bar.':
    {
      de: 'Ein Rad von {item} drückt mit {mass} auf das Deck, {case}: {utilisation} der zulässigen {bears} in der Mitte zwischen zwei Trägern im Abstand von {span}.',
      es: 'Una rueda de {item} aprieta {mass} sobre el piso, {case}: {utilisation} de los {bears} admisibles a medio camino de {span} entre barras.',
    },
  'A leg of {item} presses {mass} on the deck, {case}: {utilisation} of the {bears} allowed half-way over {span} from bar to bar.':
    {
      de: 'Ein Fuß von {item} drückt mit {mass} auf das Deck, {case}: {utilisation} der zulässigen {bears} in der Mitte zwischen zwei Trägern im Abstand von {span}.',
      es: 'Una pata de {item} aprieta {mass} sobre el piso, {case}: {utilisation} de los {bears} admisibles a medio camino de {span} entre barras.',
    },
  'Set cross-members closer, lay plates or runners under its wheels, or take a thicker deck.': {
    de: 'Querträger enger setzen, Platten oder Bohlen unter die Räder legen oder ein dickeres Deck nehmen.',
    es: 'Ponga los travesaños más juntos, coloque chapas o tablones bajo las ruedas, o use un piso más grueso.',
  },
  '{who} asks {utilisation} of it, half-way over {span} from bar to bar.': {
    de: '{who}: {utilisation} davon, mitten über {span} von Stab zu Stab.',
    es: '{who}: pide el {utilisation}, a medio vano de {span} de barra a barra.',
  },
  'A person on the deck': { de: 'Ein Mensch auf dem Boden', es: 'Una persona en el piso' },
  'A wheel or post of {mass} on the deck{factor}': {
    de: 'Ein Rad oder Pfosten von {mass} auf dem Boden{factor}',
    es: 'Una rueda o poste de {mass} en el piso{factor}',
  },
  'Set a cross-member under it, or take a thicker deck.': {
    de: 'Einen Querträger darunter setzen, oder einen dickeren Boden nehmen.',
    es: 'Ponga un travesaño debajo, o tome un piso más grueso.',
  },
  '{item} presses the deck to {utilisation}{factor}, {case}, over {span} from bar to bar.': {
    de: '{item} drückt den Boden mit {utilisation}{factor}, {case}, über {span} von Stab zu Stab.',
    es: '{item} carga el piso al {utilisation}{factor}, {case}, sobre {span} de barra a barra.',
  },
  'Set cross-members closer, or take a thicker deck.': {
    de: 'Querträger enger setzen, oder einen dickeren Boden nehmen.',
    es: 'Acerque los travesaños, o tome un piso más grueso.',
  },
  'Somebody or something leaning on the side rail, {force} at {height}, asks {utilisation} of a post at its foot.': {
    de: 'Jemand oder etwas, das sich ans Geländer lehnt, {force} bei {height}: {utilisation} eines Pfostens an seinem Fuß.',
    es: 'Alguien o algo apoyado en la barandilla, {force} a {height}: pide {utilisation} de un poste en su pie.',
  },
  'Take a stouter post, or a lower rail.': {
    de: 'Einen kräftigeren Pfosten nehmen, oder ein niedrigeres Geländer.',
    es: 'Tome un poste más fuerte, o una barandilla más baja.',
  },
  '{count} straps are to hold {cargo}: what each may be worked at is missing. Read the tag, and the stamp of ring and hook; the least counts.':
    {
      de: '{count} Gurte sollen {cargo} halten: was jeder tragen darf, fehlt. Das Etikett lesen und die Prägung von Ring und Haken; das Kleinste zählt.',
      es: '{count} cinchas han de sujetar {cargo}: falta lo que admite cada una. Lea la etiqueta y el sello de argolla y gancho; cuenta lo menor.',
    },
  '{count} straps over the load may be worked at {hold} together; {case} asks for half of {cargo}.': {
    de: '{count} Gurte über die Last dürfen zusammen {hold} tragen; {case} verlangt die Hälfte von {cargo}.',
    es: '{count} cinchas sobre la carga admiten juntas {hold}; {case} pide la mitad de {cargo}.',
  },
  'Add straps and rings, or stronger ones.': {
    de: 'Mehr Gurte und Ringe, oder stärkere.',
    es: 'Añada cinchas y argollas, o más fuertes.',
  },
  'There are no bars under the deck to tell how far it spans.': {
    de: 'Unter dem Boden liegen keine Stäbe, die sagen, wie weit er spannt.',
    es: 'No hay barras bajo el piso que digan cuánto salva.',
  },
  'Expanded steel differs from maker to maker: go by its load table.': {
    de: 'Streckmetall ist von Hersteller zu Hersteller verschieden: nach dessen Lasttafel gehen.',
    es: 'El metal desplegado varía según fabricante: siga su tabla de cargas.',
  },
} as const satisfies Phrasebook;
