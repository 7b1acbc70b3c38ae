import type { Phrasebook } from '@kereta/core';

export const papers = {
  'Open until then:': { de: 'Offen bis dahin:', es: 'Abierto hasta entonces:' },
  'The other steps': { de: 'Die anderen Stufen', es: 'Los demás niveles' },
  '{name}, papers and manners': { de: '{name}, Papiere und Regeln', es: '{name}, papeles y reglas' },
  'Print, to take along': { de: 'Drucken, zum Mitnehmen', es: 'Imprimir, para llevar' },
  'Recalled in 2026, told as ranges: law differs by place and changes. Ask the authority or an inspector where you live before you build, and go by what they say.':
    {
      de: '2026 aus dem Gedächtnis, als Spannen: das Recht ist von Ort zu Ort verschieden und ändert sich. Vor dem Bau die Behörde oder einen Prüfer am Wohnort fragen, und danach gehen.',
      es: 'De memoria en 2026, como márgenes: la ley cambia según lugar y con el tiempo. Pregunte a la autoridad o a un inspector donde vive antes de armarlo, y guíese por lo que digan.',
    },
  'Pulled by hand or by a small machine it is no trailer of these rules, which are told for comparison. What holds for carts on a public road is a matter of the place.':
    {
      de: 'Von Hand oder von einer kleinen Maschine gezogen ist er kein Anhänger dieser Regeln; sie stehen zum Vergleich da. Was für Karren auf öffentlicher Straße gilt, ist Sache des Ortes.',
      es: 'Tirado a mano o por una máquina pequeña no es un remolque de estas reglas, que se dan para comparar. Lo que vale para carros en vía pública depende del lugar.',
    },
  'No region is set: choose where it is used under': {
    de: 'Keine Region ist gesetzt: wählen, wo er gebraucht wird, unter',
    es: 'No hay región: elija dónde se usa en',
  },
  'Before it goes on the road': { de: 'Bevor er auf die Straße geht', es: 'Antes de salir a la carretera' },
  'To take along': { de: 'Zum Mitnehmen', es: 'Para llevar' },
  'Plate, weights, checks and drawings stand in': {
    de: 'Schild, Gewichte, Prüfungen und Zeichnungen stehen im',
    es: 'Placa, pesos, revisiones y planos están en',
  },
  'the trailer’s book': { de: 'Buch des Anhängers', es: 'el libro del remolque' },
  ', the hitch on the': { de: ', die Kupplung auf der', es: ', el enganche en la' },
  'tow-ready page': { de: 'Fahrbereit-Seite', es: 'página de enganche' },
} as const satisfies Phrasebook;
