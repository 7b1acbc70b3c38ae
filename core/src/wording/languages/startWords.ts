import type { Answers, StartNote, SteelAtHand } from '../../starting/index.js';
import type { Speaker } from '../speak.js';
import type { InLanguages } from './language.js';

type Say = Pick<Speaker, 'length' | 'mass'>;
type Note<Code extends StartNote['code']> = Extract<StartNote, { code: Code }>;
type Notes = { readonly [Code in StartNote['code']]: (note: Note<Code>, say: Say) => string };
type Vehicle = 'vehicle-estate' | 'vehicle-pickup' | 'vehicle-van' | 'vehicle-yard-tractor' | 'vehicle-by-hand';

/** All that the page of six questions says. */
export interface StartWords {
  readonly title: string;
  readonly back: string;
  readonly what: readonly [question: string, label: string];
  readonly heavy: readonly [question: string, label: string, hint: string];
  readonly big: readonly [question: string, long: string, wide: string, high: string];
  readonly tows: readonly [question: string, label: string, hint: string];
  readonly roads: readonly [question: string, label: string];
  readonly metal: readonly [question: string, label: string, section: string];
  readonly vehicles: Readonly<Record<Vehicle | 'none', string>>;
  readonly roadNames: Readonly<Record<Answers['road'], string>>;
  readonly metals: Readonly<Record<SteelAtHand['kind'], string>>;
  readonly soFar: string;
  readonly soFarLabel: string;
  readonly bed: (length: string, width: string, axles: 1 | 2, rating: string | null, gross: string | null) => string;
  readonly toKnow: string;
  readonly go: string;
  readonly looking: string;
  readonly sizing: string;
  readonly stop: string;
  readonly failed: string;
  readonly changeable: string;
  readonly done: string;
  readonly bars: Readonly<Record<'rail' | 'header' | 'cross' | 'tongue', string>>;
  readonly places: (axle: string, tongue: string) => string;
  readonly open: string;
  readonly notKept: string;
  readonly trailerFor: (what: string) => string;
  readonly newTrailer: string;
  readonly notes: Notes;
}

export const START_WORDS: InLanguages<StartWords> = {
  en: {
    title: 'A new trailer by six questions',
    back: 'Back to the shed',
    what: ['What will it carry?', 'In a word or two'],
    heavy: [
      'How heavy is that, at most?',
      'Weight of all of it',
      'Without the trailer. Guess high: it counts as a guess until you weigh.',
    ],
    big: ['How big is it?', 'Long', 'Wide', 'High'],
    tows: [
      'What tows it?',
      'Most like',
      'Its sizes are an example’s until you measure; what it may tow you read in its papers.',
    ],
    roads: ['On which roads?', 'The worst of them'],
    metal: ['What metal is at hand?', 'Build it of', 'Of which section'],
    vehicles: {
      none: 'not known yet',
      'vehicle-estate': 'Family estate car',
      'vehicle-pickup': 'Full-size pickup',
      'vehicle-van': 'Panel van',
      'vehicle-yard-tractor': 'Yard tractor',
      'vehicle-by-hand': 'Two people, by hand',
    },
    roadNames: { road: 'paved roads', rough: 'gravel and bad roads, too', 'off-road': 'fields and tracks' },
    metals: {
      steel: 'nothing yet: steel',
      aluminum: 'nothing yet: aluminum',
      section: 'tubes or bars of one kind',
    },
    soFar: 'So far',
    soFarLabel: 'From the side, as it is drawn so far',
    bed: (length, width, axles, rating, gross) =>
      `Bed ${length} x ${width}, ${axles === 1 ? 'one axle' : 'two axles'}${rating ? ` for ${rating}` : ''}${gross ? `, ${gross} gross` : ''}`,
    toKnow: 'To know',
    go: 'Draw it, size it, balance it',
    looking: 'Looking for the lightest bars that pass every check …',
    sizing: 'Sizing',
    stop: 'Stop',
    failed: 'It could not be worked out: try once more, or begin with a plain new trailer in the shed.',
    changeable:
      'Everything can be changed afterwards. What is told by an example or a guess stands as such until you measure, weigh or read it.',
    done: 'Done',
    bars: { rail: 'Rails', header: 'headers', cross: 'cross-members', tongue: 'tongue' },
    places: (axle, tongue) => `axle ${axle} behind the front edge, tongue ${tongue}.`,
    open: 'Open it',
    notKept: 'This browser did not keep it: it may be out of room.',
    trailerFor: (what) => `Trailer for ${what}`,
    newTrailer: 'New trailer',
    notes: {
      'wider-than-between-wheels': ({ bedM, goodsM }, say) =>
        `The bed is ${say.length(bedM)} wide, as much as fits between the wheels; ${say.length(goodsM)} reach over them. Raise the load past the tires, or build the deck over them.`,
      'no-axle-for-it': ({ ratedKg, neededKg }, say) =>
        `Two axles of the list carry ${say.mass(ratedKg)} together; ${say.mass(neededKg)} are wanted with a reserve. That is no trailer to build at home.`,
      tandem: () => 'Two axles share it.',
      brakes: () => 'It has brakes and a breakaway: so much weight asks for them in most places.',
      'vehicle-tows-less': ({ usualKg, grossKg }, say) =>
        `Such a vehicle usually tows ${say.mass(usualKg)}; this will be up to ${say.mass(grossKg)}. Read its papers before you go on.`,
      'not-balanced': () => 'No place of the axle suits it both empty and loaded: see Balance for what would.',
      'not-strong': () =>
        'No frame of what is at hand bears it: it is drawn with usual bars. See Is it strong? for what would.',
    },
  },
  de: {
    title: 'Ein neuer Anhänger mit sechs Fragen',
    back: 'Zurück zum Schuppen',
    what: ['Was soll er tragen?', 'In ein, zwei Wörtern'],
    heavy: [
      'Wie schwer ist das, höchstens?',
      'Gewicht von allem',
      'Ohne den Anhänger. Lieber hoch schätzen: es gilt als geschätzt, bis gewogen wird.',
    ],
    big: ['Wie groß ist es?', 'Lang', 'Breit', 'Hoch'],
    tows: [
      'Was zieht ihn?',
      'Am ehesten wie',
      'Die Maße sind die eines Beispiels, bis nachgemessen ist; was es ziehen darf, steht in den Papieren.',
    ],
    roads: ['Auf welchen Wegen?', 'Der schlechteste davon'],
    metal: ['Welches Metall ist da?', 'Gebaut aus', 'Aus welchem Profil'],
    vehicles: {
      none: 'noch nicht bekannt',
      'vehicle-estate': 'Familienkombi',
      'vehicle-pickup': 'großer Pritschenwagen',
      'vehicle-van': 'Kastenwagen',
      'vehicle-yard-tractor': 'Hofschlepper',
      'vehicle-by-hand': 'zwei Leute, von Hand',
    },
    roadNames: {
      road: 'befestigte Straßen',
      rough: 'auch Schotter und schlechte Wege',
      'off-road': 'Äcker und Spuren',
    },
    metals: {
      steel: 'noch nichts: Stahl',
      aluminum: 'noch nichts: Aluminium',
      section: 'Rohre oder Stäbe einer Sorte',
    },
    soFar: 'Bis jetzt',
    soFarLabel: 'Von der Seite, wie er bis jetzt gezeichnet ist',
    bed: (length, width, axles, rating, gross) =>
      `Ladefläche ${length} x ${width}, ${axles === 1 ? 'eine Achse' : 'zwei Achsen'}${rating ? ` für ${axles === 1 ? '' : 'je '}${rating}` : ''}${gross ? `, ${gross} Gesamtgewicht` : ''}`,
    toKnow: 'Zu wissen',
    go: 'Zeichnen, bemessen, ausbalancieren',
    looking: 'Sucht die leichtesten Stäbe, die jede Prüfung bestehen …',
    sizing: 'Bemessung',
    stop: 'Anhalten',
    failed: 'Es ließ sich nicht rechnen: noch einmal versuchen, oder im Schuppen mit einem einfachen neuen beginnen.',
    changeable:
      'Alles lässt sich danach ändern. Was von einem Beispiel oder einer Schätzung kommt, gilt als solche, bis gemessen, gewogen oder abgelesen ist.',
    done: 'Fertig',
    bars: { rail: 'Längsträger', header: 'Stirnträger', cross: 'Querträger', tongue: 'Deichsel' },
    places: (axle, tongue) => `Achse ${axle} hinter der Vorderkante, Deichsel ${tongue}.`,
    open: 'Öffnen',
    notKept: 'Dieser Browser hat ihn nicht behalten: vielleicht ist kein Platz mehr.',
    trailerFor: (what) => `Anhänger für ${what}`,
    newTrailer: 'Neuer Anhänger',
    notes: {
      'wider-than-between-wheels': ({ bedM, goodsM }, say) =>
        `Die Ladefläche ist ${say.length(bedM)} breit, so viel wie zwischen die Räder passt; ${say.length(goodsM)} ragen darüber. Die Last über die Reifen heben, oder die Fläche über den Rädern bauen.`,
      'no-axle-for-it': ({ ratedKg, neededKg }, say) =>
        `Zwei Achsen der Liste tragen zusammen ${say.mass(ratedKg)}; gebraucht werden mit Reserve ${say.mass(neededKg)}. Das ist kein Anhänger für die eigene Werkstatt.`,
      tandem: () => 'Zwei Achsen teilen es sich.',
      brakes: () => 'Er hat Bremsen und ein Abreißseil: so viel Gewicht verlangt sie fast überall.',
      'vehicle-tows-less': ({ usualKg, grossKg }, say) =>
        `Ein solches Fahrzeug zieht meist ${say.mass(usualKg)}; dieser wird bis zu ${say.mass(grossKg)} wiegen. Erst die Papiere lesen.`,
      'not-balanced': () => 'Kein Platz der Achse passt leer und beladen: unter „Balance“ steht, was hilft.',
      'not-strong': () =>
        'Kein Rahmen aus dem, was da ist, trägt es: gezeichnet ist er mit üblichen Stäben. Unter „Ist er stark?“ steht, was hilft.',
    },
  },
  es: {
    title: 'Un remolque nuevo con seis preguntas',
    back: 'Volver al cobertizo',
    what: ['¿Qué va a llevar?', 'En una o dos palabras'],
    heavy: [
      '¿Cuánto pesa eso, como mucho?',
      'Peso de todo',
      'Sin el remolque. Mejor calcular de más: vale como estimado hasta que se pese.',
    ],
    big: ['¿Qué tamaño tiene?', 'Largo', 'Ancho', 'Alto'],
    tows: [
      '¿Qué tira de él?',
      'Parecido a',
      'Sus medidas son las de un ejemplo hasta que se midan; lo que puede remolcar está en sus papeles.',
    ],
    roads: ['¿Por qué caminos?', 'El peor de ellos'],
    metal: ['¿Qué metal hay a mano?', 'Hecho de', 'De qué perfil'],
    vehicles: {
      none: 'aún no se sabe',
      'vehicle-estate': 'Coche familiar',
      'vehicle-pickup': 'Camioneta grande',
      'vehicle-van': 'Furgoneta',
      'vehicle-yard-tractor': 'Tractor de patio',
      'vehicle-by-hand': 'Dos personas, a mano',
    },
    roadNames: {
      road: 'carreteras asfaltadas',
      rough: 'también grava y malos caminos',
      'off-road': 'campos y rodadas',
    },
    metals: {
      steel: 'nada aún: acero',
      aluminum: 'nada aún: aluminio',
      section: 'tubos o barras de una clase',
    },
    soFar: 'Hasta ahora',
    soFarLabel: 'De lado, como está dibujado hasta ahora',
    bed: (length, width, axles, rating, gross) =>
      `Caja ${length} x ${width}, ${axles === 1 ? 'un eje' : 'dos ejes'}${rating ? ` de ${rating}` : ''}${gross ? `, ${gross} en total` : ''}`,
    toKnow: 'Conviene saber',
    go: 'Dibujar, dimensionar, equilibrar',
    looking: 'Busca las barras más ligeras que pasan todas las comprobaciones …',
    sizing: 'Dimensionado',
    stop: 'Parar',
    failed: 'No se pudo calcular: pruebe otra vez, o empiece con un remolque nuevo sencillo en el cobertizo.',
    changeable:
      'Todo se puede cambiar después. Lo que viene de un ejemplo o de un cálculo a ojo vale como tal hasta que se mida, se pese o se lea.',
    done: 'Hecho',
    bars: { rail: 'Largueros', header: 'cabezales', cross: 'travesaños', tongue: 'lanza' },
    places: (axle, tongue) => `eje a ${axle} del borde delantero, lanza de ${tongue}.`,
    open: 'Abrir',
    notKept: 'Este navegador no lo guardó: puede que no quede sitio.',
    trailerFor: (what) => `Remolque para ${what}`,
    newTrailer: 'Remolque nuevo',
    notes: {
      'wider-than-between-wheels': ({ bedM, goodsM }, say) =>
        `La caja tiene ${say.length(bedM)} de ancho, lo que cabe entre las ruedas; ${say.length(goodsM)} sobresalen por encima. Suba la carga por encima de los neumáticos, o haga el piso sobre las ruedas.`,
      'no-axle-for-it': ({ ratedKg, neededKg }, say) =>
        `Dos ejes de la lista llevan juntos ${say.mass(ratedKg)}; con reserva hacen falta ${say.mass(neededKg)}. No es un remolque para hacer en casa.`,
      tandem: () => 'Lo reparten dos ejes.',
      brakes: () => 'Lleva frenos y cable de rotura: tanto peso los pide en casi todas partes.',
      'vehicle-tows-less': ({ usualKg, grossKg }, say) =>
        `Un vehículo así suele remolcar ${say.mass(usualKg)}; este pesará hasta ${say.mass(grossKg)}. Lea sus papeles antes de seguir.`,
      'not-balanced': () => 'Ningún sitio del eje le va bien vacío y cargado: en «Equilibrio» se ve qué ayudaría.',
      'not-strong': () =>
        'Ningún bastidor de lo que hay a mano lo aguanta: está dibujado con barras usuales. En «¿Aguanta?» se ve qué ayudaría.',
    },
  },
};

/** A note in the words of a page. */
export const startNoteIn = (words: StartWords, note: StartNote, say: Say): string =>
  // The map ties each code to its own note; which of them it is cannot be followed from here.
  (words.notes[note.code] as (one: StartNote, by: Say) => string)(note, say);
