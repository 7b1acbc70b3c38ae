import type { Phrasebook } from '../phrases.js';

export const papers = {
  'Receipts of material and parts, photos of the build, a weight slip of the empty trailer.': {
    de: 'Belege für Material und Teile, Fotos vom Bau, ein Wiegeschein des leeren Anhängers.',
    es: 'Recibos de material y piezas, fotos de la construcción, un boleto de peso del remolque vacío.',
  },
  'A number assigned by the state or province after it was looked at, on its own plate; makers stamp seventeen characters of their own.':
    {
      de: 'Eine Nummer, die Staat oder Provinz nach der Besichtigung vergibt, auf eigenem Schild; Hersteller prägen siebzehn eigene Zeichen.',
      es: 'Un número asignado por el estado o provincia tras verlo, en su propia placa; los fabricantes estampan diecisiete caracteres propios.',
    },
  'Lamps, reflectors, chains, and brakes above the weight that the place sets.': {
    de: 'Lampen, Rückstrahler, Ketten, und Bremsen über dem Gewicht, das der Ort setzt.',
    es: 'Luces, reflectores, cadenas, y frenos sobre el peso que fije el lugar.',
  },
  'Some places ask nothing below 1,000 to 3,000 lb; others want an inspection before paint.': {
    de: 'Manche Orte verlangen unter 1.000 bis 3.000 lb nichts; andere wollen eine Prüfung vor der Farbe.',
    es: 'Algunos lugares no piden nada bajo 1.000 a 3.000 lb; otros quieren una inspección antes de pintar.',
  },
  'Up to 750 kg light rules, in some countries without approval; above, an individual approval before it is used.': {
    de: 'Bis 750 kg leichte Regeln, in manchen Ländern ohne Genehmigung; darüber eine Einzelgenehmigung vor Gebrauch.',
    es: 'Hasta 750 kg reglas ligeras, en algunos países sin aprobación; más allá, una homologación individual antes de usarlo.',
  },
  'A coupling with its type plate, welds or bolts as its papers say, brakes from 750 kg on.': {
    de: 'Eine Kupplung mit Typschild, Nähte oder Schrauben wie in ihren Papieren, Bremsen ab 750 kg.',
    es: 'Un acoplamiento con su placa de tipo, soldaduras o tornillos como digan sus papeles, frenos desde 750 kg.',
  },
  'A plate with largest mass, axle mass, load on the coupling, number and year; lamps by UN R48.': {
    de: 'Ein Schild mit Gesamtmasse, Achsmasse, Stützlast, Nummer und Jahr; Lampen nach UN R48.',
    es: 'Una placa con masa máxima, masa por eje, carga en el acoplamiento, número y año; luces según UN R48.',
  },
  'Ask the testing body before you weld: many want drawings and proof of the steel first.': {
    de: 'Die Prüfstelle fragen, bevor Sie schweißen: viele wollen zuerst Zeichnungen und Nachweise des Stahls.',
    es: 'Pregunte a la entidad antes de soldar: muchas quieren primero planos y prueba del acero.',
  },
  'Up to 4.5 t aggregate mass a statement that it complies, with a plate: builder, ATM, GTM, axle ratings, tires, number and month.':
    {
      de: 'Bis 4,5 t Gesamtmasse eine Erklärung, dass er den Regeln entspricht, mit Schild: Erbauer, ATM, GTM, Achstragkräfte, Reifen, Nummer und Monat.',
      es: 'Hasta 4,5 t de masa total una declaración de conformidad, con placa: constructor, ATM, GTM, capacidades de ejes, neumáticos, número y mes.',
    },
  'A seventeen-character number, lamps by the design rules, chains by mass, brakes above 750 kg.': {
    de: 'Eine siebzehnstellige Nummer, Lampen nach den Design Rules, Ketten nach Masse, Bremsen über 750 kg.',
    es: 'Un número de diecisiete caracteres, luces según las reglas de diseño, cadenas por masa, frenos sobre 750 kg.',
  },
} as const satisfies Phrasebook;
