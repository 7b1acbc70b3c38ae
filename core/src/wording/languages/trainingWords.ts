import type { Answer, ExerciseId, MeasureKind, Tried } from '../../training/index.js';
import { formatNumber } from '../../units/index.js';
import type { Speaker } from '../speak.js';
import type { InLanguages } from './language.js';

export interface ExerciseText {
  readonly title: string;
  /** what is done badly; told with how far or how much */
  readonly done: (by: number, say: Pick<Speaker, 'length'>) => string;
  readonly question: string;
  readonly answers: Readonly<Record<Answer, string>>;
  readonly why: string;
}

/** All that the page of exercises says. */
export interface TrainingWords {
  readonly title: string;
  readonly back: (name: string) => string;
  readonly intro: (name: string) => string;
  readonly exercises: string;
  readonly goneThrough: string;
  readonly anew: string;
  readonly was: readonly [caption: string, label: string];
  readonly after: readonly [caption: string, label: string];
  readonly borrowed: (name: string) => string;
  readonly load: (name: string) => string;
  readonly cannot: string;
  readonly ask: string;
  readonly next: string;
  readonly agreed: string;
  readonly otherwise: string;
  readonly change: (before: string, after: string) => string;
  readonly less: (limit: string) => string;
  readonly more: (limit: string) => string;
  readonly inside: string;
  readonly texts: Readonly<Record<ExerciseId, ExerciseText>>;
  readonly measures: Readonly<Record<ExerciseId, string>>;
}

const EN_MORE = { up: 'More', down: 'Less', same: 'About as much' } as const;
const DE_MORE = { up: 'Mehr', down: 'Weniger', same: 'Etwa gleich viel' } as const;
const ES_MORE = { up: 'Más', down: 'Menos', same: 'Más o menos lo mismo' } as const;

export const TRAINING_WORDS: InLanguages<TrainingWords> = {
  en: {
    title: 'Load it badly and see',
    back: (name) => `Back to ${name}`,
    intro: (name) =>
      `A dozen ways of doing it wrong, on ${name} as it is drawn. Nothing here changes it. Guess first: a guess that turns out wrong is the one that is remembered.`,
    exercises: 'Exercises',
    goneThrough: 'gone through',
    anew: 'Start anew',
    was: ['As it was', 'From the side, as it was'],
    after: ['Then', 'From the side, as it is then'],
    borrowed: (name) => `On the demo ${name}, for this one has not what it takes. `,
    load: (name) => `Load: ${name}.`,
    cannot:
      'Neither this trailer nor a demo has what this exercise needs: a load that is towed, with cargo that can be moved, and a tow vehicle with its sizes.',
    ask: 'See what the model says',
    next: 'The next one',
    agreed: 'So says the model, too: ',
    otherwise: 'The model says otherwise: ',
    change: (before, after) => `${before}, then ${after}.`,
    less: (limit) => `Less than the ${limit} that are wanted.`,
    more: (limit) => `More than the ${limit} that are allowed.`,
    inside: 'Still inside what is allowed here.',
    texts: {
      'tail-heavy': {
        title: 'All the way back',
        done: (by, say) =>
          `The heaviest thing that can be moved goes ${say.length(by)} back, to the rear edge; what stands there is thought away.`,
        question: 'What does the ball carry then?',
        answers: EN_MORE,
        why: 'Whatever stands behind the axle lifts the tongue like a see-saw. With too little on the ball the trailer swings by itself from some speed on; below nothing it lifts the vehicle’s rear.',
      },
      'nose-heavy': {
        title: 'All the way forward',
        done: (by, say) =>
          `The heaviest thing that can be moved goes ${say.length(by)} forward, to the front edge; what stands there is thought away.`,
        question: 'What does the ball carry then?',
        answers: EN_MORE,
        why: 'Steady, but it presses on hitch, coupler and the vehicle’s rear axle, and takes weight off its front wheels. The smallest stamp on the way ends it.',
      },
      'axle-forward': {
        title: 'The axle too far forward',
        done: (by, say) => `Nothing of the load is touched; the axle is welded on ${say.length(by)} further forward.`,
        question: 'What does the ball carry then, in every load?',
        answers: EN_MORE,
        why: 'A hand’s breadth of the axle is worth a great deal of cargo: it is nearer to the balance point of all of it. Axles stand still once they are welded, loads do not.',
      },
      heavier: {
        title: 'Heavier than guessed',
        done: () => 'Every piece of cargo weighs a quarter more than somebody guessed.',
        question: 'What do the axles carry then?',
        answers: EN_MORE,
        why: 'Guesses are low more often than high, and axle, tires and hubs have no room for hope. Weigh one of what you carry many of.',
      },
      'one-sided': {
        title: 'To one side',
        done: (by, say) => `The heaviest thing that can be moved goes ${say.length(by)} to the right, to the edge.`,
        question: 'What does the right tire carry then?',
        answers: EN_MORE,
        why: 'The axle’s sum stays as it was, and says nothing of it. One tire runs hot, one spring lies lower, and in a curve to the left it leans further.',
      },
      high: {
        title: 'Piled high',
        done: (by, say) => `All of the cargo stands ${say.length(by)} higher.`,
        question: 'How fast may a bend of 130 ft (40 m) be taken before it would tip?',
        answers: { up: 'Faster', down: 'More slowly', same: 'As fast' },
        why: 'What counts is half the track over the height of the balance point. On real roads springs, tires and a bump take a good part of that speed away: nobody drives to it.',
      },
      'at-the-ends': {
        title: 'The same balance, at the ends',
        done: (by, say) =>
          `The heaviest thing is cut in two halves that stand ${say.length(by)} apart, one ahead and one behind of where it was: the ball carries as much as before.`,
        question: 'After a swing at 68 mph (110 km/h): how much of it is left at the next one?',
        answers: EN_MORE,
        why: 'The scale cannot see it. Weight far from the axle keeps swinging once it swings, like a long pole: what is heavy belongs near the axle.',
      },
      faster: {
        title: 'Faster',
        done: () => 'The same trailer, the same load: 68 mph (110 km/h) in place of 50 (80).',
        question: 'How much of a swing is left at the next one?',
        answers: EN_MORE,
        why: 'Tires hold the swing back less the faster it goes. A trailer that was steady yesterday may not be so with ten miles an hour more, downhill, with a wind.',
      },
      'short-tongue': {
        title: 'A short tongue',
        done: (by, say) => `The tongue is ${say.length(by)} shorter, so that it parks better.`,
        question: 'After a swing at 68 mph (110 km/h): how much of it is left at the next one?',
        answers: EN_MORE,
        why: 'The axle holds the trailer straight by its lever from the ball. A shorter one swings more and backs up like a shopping cart.',
      },
      'ball-high': {
        title: 'The ball too high, two axles',
        done: (by, say) =>
          `Two axles on springs of their own, no equaliser; the ball stands ${say.length(by)} higher than level.`,
        question: 'What does the rear axle carry then?',
        answers: EN_MORE,
        why: 'The nose goes up, the rear springs are pressed and the front ones let off. One axle is overloaded although both together are not: such trailers must ride level.',
      },
      'lighter-rails': {
        title: 'Rails one size down',
        done: () => 'The rails are of the next lighter section, as a friend has built it.',
        question: 'How hard do the rails work then?',
        answers: { up: 'Harder', down: 'Less hard', same: 'As hard' },
        why: 'It saves less weight than it looks and costs more reserve than it looks: bending goes by the square of the height. What held on his trailer held with his loads.',
      },
      'weld-at-peak': {
        title: 'A weld where it works hardest',
        done: () => 'A tab is welded across the tongue just ahead of the front header, on the side that is pulled.',
        question: 'What stress does the metal bear there then?',
        answers: EN_MORE,
        why: 'Aluminum is soft within an inch of a weld. Steel keeps its strength, but a weld across what is pulled cracks after far fewer bumps: told here as the range of stress that it bears without end. Put it further forward, on the sides at half height, or bolt it.',
      },
    },
    measures: {
      'tail-heavy': 'Of the weight on the ball',
      'nose-heavy': 'On the ball',
      'axle-forward': 'Of the weight on the ball',
      heavier: 'On the axles',
      'one-sided': 'On the hardest pressed right tire',
      high: 'Tips in that bend at',
      'at-the-ends': 'Of a swing left at the next one',
      faster: 'Of a swing left at the next one',
      'short-tongue': 'Of a swing left at the next one',
      'ball-high': 'On the rear axle',
      'lighter-rails': 'Hardest rail works at',
      'weld-at-peak': 'Stress that it bears',
    },
  },
  de: {
    title: 'Falsch beladen und sehen',
    back: (name) => `Zurück zu ${name}`,
    intro: (name) =>
      `Ein Dutzend Arten, es falsch zu machen, an ${name}, wie er gezeichnet ist. Nichts davon ändert ihn. Erst raten: wer falsch geraten hat, behält es.`,
    exercises: 'Übungen',
    goneThrough: 'durchgegangen',
    anew: 'Von vorn',
    was: ['Wie es war', 'Von der Seite, wie es war'],
    after: ['Dann', 'Von der Seite, wie es dann ist'],
    borrowed: (name) => `Am Beispiel ${name}, denn diesem fehlt dazu etwas. `,
    load: (name) => `Ladung: ${name}.`,
    cannot:
      'Weder dieser Anhänger noch ein Beispiel hat, was die Übung braucht: eine Ladung, die gezogen wird, mit Gut, das sich verschieben lässt, und ein Zugfahrzeug mit seinen Maßen.',
    ask: 'Sehen, was das Modell sagt',
    next: 'Die nächste',
    agreed: 'Das sagt auch das Modell: ',
    otherwise: 'Das Modell sagt etwas anderes: ',
    change: (before, after) => `${before}, dann ${after}.`,
    less: (limit) => `Weniger als die ${limit}, die gewünscht sind.`,
    more: (limit) => `Mehr als die ${limit}, die erlaubt sind.`,
    inside: 'Noch innerhalb dessen, was hier erlaubt ist.',
    texts: {
      'tail-heavy': {
        title: 'Alles nach hinten',
        done: (by, say) =>
          `Das Schwerste, was sich verschieben lässt, rückt um ${say.length(by)} nach hinten, bis an die Kante; was dort steht, denke man sich weg.`,
        question: 'Was trägt die Kugel dann?',
        answers: DE_MORE,
        why: 'Was hinter der Achse steht, hebt die Deichsel wie eine Wippe. Liegt zu wenig auf der Kugel, schwingt der Anhänger ab einem bestimmten Tempo von selbst; wird es weniger als nichts, hebt er das Fahrzeug hinten an.',
      },
      'nose-heavy': {
        title: 'Alles nach vorn',
        done: (by, say) =>
          `Das Schwerste, was sich verschieben lässt, rückt um ${say.length(by)} nach vorn, bis an die Kante; was dort steht, denke man sich weg.`,
        question: 'Was trägt die Kugel dann?',
        answers: DE_MORE,
        why: 'Ruhig läuft er so, aber es drückt auf Kupplung, Haken und Hinterachse des Fahrzeugs und nimmt den Vorderrädern Gewicht. Der kleinste Stempel auf dem Weg setzt das Ende.',
      },
      'axle-forward': {
        title: 'Die Achse zu weit vorn',
        done: (by, say) =>
          `An der Ladung ändert sich nichts; die Achse ist ${say.length(by)} weiter vorn angeschweißt.`,
        question: 'Was trägt die Kugel dann, bei jeder Ladung?',
        answers: DE_MORE,
        why: 'Eine Handbreit an der Achse wiegt viel Ladung auf: sie liegt dem Schwerpunkt von allem näher. Achsen bleiben, wo sie angeschweißt sind, Ladungen nicht.',
      },
      heavier: {
        title: 'Schwerer als geschätzt',
        done: () => 'Jedes Stück Ladung wiegt ein Viertel mehr, als jemand geschätzt hat.',
        question: 'Was tragen die Achsen dann?',
        answers: DE_MORE,
        why: 'Geschätzt wird öfter zu leicht als zu schwer, und Achse, Reifen und Naben haben keinen Platz für Hoffnung. Eines von dem wiegen, was man oft lädt.',
      },
      'one-sided': {
        title: 'Auf eine Seite',
        done: (by, say) =>
          `Das Schwerste, was sich verschieben lässt, rückt um ${say.length(by)} nach rechts, bis an die Kante.`,
        question: 'Was trägt der rechte Reifen dann?',
        answers: DE_MORE,
        why: 'Die Summe der Achse bleibt, wie sie war, und sagt nichts davon. Ein Reifen läuft heiß, eine Feder liegt tiefer, und in der Linkskurve neigt er sich weiter.',
      },
      high: {
        title: 'Hoch gestapelt',
        done: (by, say) => `Alle Ladung steht ${say.length(by)} höher.`,
        question: 'Wie schnell darf eine Kurve von 40 m Halbmesser sein, bevor er kippen würde?',
        answers: { up: 'Schneller', down: 'Langsamer', same: 'Gleich schnell' },
        why: 'Es zählt die halbe Spur durch die Höhe des Schwerpunkts. Auf der Straße nehmen Federn, Reifen und ein Schlag einen guten Teil davon weg: so schnell fährt niemand.',
      },
      'at-the-ends': {
        title: 'Gleiches Gleichgewicht, an den Enden',
        done: (by, say) =>
          `Das Schwerste ist in zwei Hälften geteilt, ${say.length(by)} auseinander, eine vor und eine hinter ihrem Platz: die Kugel trägt so viel wie vorher.`,
        question: 'Nach einem Schlag bei 110 km/h: wie viel davon ist beim nächsten Schwung noch da?',
        answers: DE_MORE,
        why: 'Die Waage sieht es nicht. Gewicht fern der Achse schwingt weiter, wenn es einmal schwingt, wie eine lange Stange: Schweres gehört zur Achse.',
      },
      faster: {
        title: 'Schneller',
        done: () => 'Derselbe Anhänger, dieselbe Ladung: 110 km/h statt 80.',
        question: 'Wie viel von einem Schwung ist beim nächsten noch da?',
        answers: DE_MORE,
        why: 'Je schneller, desto weniger halten die Reifen den Schwung auf. Was gestern ruhig lief, muss es mit fünfzehn km/h mehr nicht tun, bergab, mit Wind.',
      },
      'short-tongue': {
        title: 'Eine kurze Deichsel',
        done: (by, say) => `Die Deichsel ist ${say.length(by)} kürzer, damit er besser in die Ecke passt.`,
        question: 'Nach einem Schlag bei 110 km/h: wie viel davon ist beim nächsten Schwung noch da?',
        answers: DE_MORE,
        why: 'Die Achse hält den Anhänger mit ihrem Hebel von der Kugel gerade. Ein kürzerer schwingt mehr und setzt zurück wie ein Einkaufswagen.',
      },
      'ball-high': {
        title: 'Die Kugel zu hoch, zwei Achsen',
        done: (by, say) =>
          `Zwei Achsen mit eigenen Federn, ohne Ausgleich; die Kugel steht ${say.length(by)} höher als waagerecht.`,
        question: 'Was trägt die hintere Achse dann?',
        answers: DE_MORE,
        why: 'Der Bug geht hoch, die hinteren Federn werden gedrückt und die vorderen entlastet. Eine Achse ist überladen, obwohl es beide zusammen nicht sind: solche Anhänger müssen waagerecht laufen.',
      },
      'lighter-rails': {
        title: 'Längsträger eine Nummer kleiner',
        done: () => 'Die Längsträger sind aus dem nächstleichteren Profil, wie ein Freund es gebaut hat.',
        question: 'Wie hart arbeiten die Längsträger dann?',
        answers: { up: 'Härter', down: 'Weniger hart', same: 'Gleich hart' },
        why: 'Es spart weniger Gewicht, als es aussieht, und kostet mehr Reserve: Biegung geht mit der Höhe im Quadrat. Was an seinem Anhänger hielt, hielt mit seiner Ladung.',
      },
      'weld-at-peak': {
        title: 'Eine Naht, wo er am härtesten arbeitet',
        done: () =>
          'Quer über die Deichsel, gleich vor dem vorderen Stirnträger, ist auf der gezogenen Seite eine Lasche angeschweißt.',
        question: 'Welche Spannung trägt das Metall dort dann?',
        answers: DE_MORE,
        why: 'Aluminium ist einen Zoll um jede Naht weich. Stahl behält seine Festigkeit, aber eine Naht quer zum Zug reißt nach viel weniger Schlägen: hier als Schwingbreite, die er ohne Ende trägt. Weiter nach vorn damit, an die Seiten auf halber Höhe, oder schrauben.',
      },
    },
    measures: {
      'tail-heavy': 'Vom Gewicht auf der Kugel',
      'nose-heavy': 'Auf der Kugel',
      'axle-forward': 'Vom Gewicht auf der Kugel',
      heavier: 'Auf den Achsen',
      'one-sided': 'Auf dem am härtesten gedrückten rechten Reifen',
      high: 'Kippt in dieser Kurve bei',
      'at-the-ends': 'Vom Schwung beim nächsten noch da',
      faster: 'Vom Schwung beim nächsten noch da',
      'short-tongue': 'Vom Schwung beim nächsten noch da',
      'ball-high': 'Auf der hinteren Achse',
      'lighter-rails': 'Der härteste Längsträger arbeitet mit',
      'weld-at-peak': 'Spannung, die er trägt',
    },
  },
  es: {
    title: 'Cargarlo mal y ver',
    back: (name) => `Volver a ${name}`,
    intro: (name) =>
      `Una docena de formas de hacerlo mal, con ${name} tal como está dibujado. Nada de aquí lo cambia. Primero adivine: lo que se adivinó mal es lo que se recuerda.`,
    exercises: 'Ejercicios',
    goneThrough: 'hecho',
    anew: 'Empezar de nuevo',
    was: ['Como estaba', 'De lado, como estaba'],
    after: ['Entonces', 'De lado, como queda entonces'],
    borrowed: (name) => `Con el ejemplo ${name}, porque a este le falta algo. `,
    load: (name) => `Carga: ${name}.`,
    cannot:
      'Ni este remolque ni un ejemplo tiene lo que pide este ejercicio: una carga remolcada, con cosas que se puedan mover, y un vehículo con sus medidas.',
    ask: 'Ver qué dice el modelo',
    next: 'El siguiente',
    agreed: 'Lo mismo dice el modelo: ',
    otherwise: 'El modelo dice otra cosa: ',
    change: (before, after) => `${before}, luego ${after}.`,
    less: (limit) => `Menos de lo que se pide, ${limit}.`,
    more: (limit) => `Más de lo permitido, ${limit}.`,
    inside: 'Todavía dentro de lo permitido aquí.',
    texts: {
      'tail-heavy': {
        title: 'Todo hacia atrás',
        done: (by, say) =>
          `Lo más pesado que se puede mover va ${say.length(by)} hacia atrás, hasta el borde; lo que hay allí se imagina quitado.`,
        question: '¿Cuánto lleva entonces la bola?',
        answers: ES_MORE,
        why: 'Lo que está detrás del eje levanta la lanza como un balancín. Con poco peso en la bola el remolque oscila solo a partir de cierta velocidad; por debajo de nada levanta la trasera del vehículo.',
      },
      'nose-heavy': {
        title: 'Todo hacia delante',
        done: (by, say) =>
          `Lo más pesado que se puede mover va ${say.length(by)} hacia delante, hasta el borde; lo que hay allí se imagina quitado.`,
        question: '¿Cuánto lleva entonces la bola?',
        answers: ES_MORE,
        why: 'Va estable, pero aprieta enganche, acoplamiento y eje trasero del vehículo, y quita peso a sus ruedas delanteras. El sello más pequeño del camino pone el límite.',
      },
      'axle-forward': {
        title: 'El eje demasiado adelante',
        done: (by, say) => `La carga no se toca; el eje está soldado ${say.length(by)} más adelante.`,
        question: '¿Cuánto lleva entonces la bola, con cualquier carga?',
        answers: ES_MORE,
        why: 'Un palmo de eje vale por mucha carga: queda más cerca del centro de gravedad de todo. Los ejes se quedan donde se soldaron, las cargas no.',
      },
      heavier: {
        title: 'Más pesado de lo calculado',
        done: () => 'Cada pieza de la carga pesa una cuarta parte más de lo que alguien calculó.',
        question: '¿Cuánto llevan entonces los ejes?',
        answers: ES_MORE,
        why: 'A ojo se calcula de menos más veces que de más, y eje, neumáticos y bujes no tienen sitio para la esperanza. Pese una de las cosas que más carga.',
      },
      'one-sided': {
        title: 'A un lado',
        done: (by, say) => `Lo más pesado que se puede mover va ${say.length(by)} a la derecha, hasta el borde.`,
        question: '¿Cuánto lleva entonces el neumático derecho?',
        answers: ES_MORE,
        why: 'La suma del eje sigue igual y no dice nada de ello. Un neumático se calienta, una ballesta va más baja, y en una curva a la izquierda se inclina más.',
      },
      high: {
        title: 'Apilado en alto',
        done: (by, say) => `Toda la carga está ${say.length(by)} más alta.`,
        question: '¿A qué velocidad se puede tomar una curva de 40 m antes de volcar?',
        answers: { up: 'Más deprisa', down: 'Más despacio', same: 'Igual de deprisa' },
        why: 'Cuenta la mitad de la vía entre la altura del centro de gravedad. En la carretera ballestas, neumáticos y un bache se llevan buena parte: nadie conduce así de rápido.',
      },
      'at-the-ends': {
        title: 'El mismo equilibrio, en los extremos',
        done: (by, say) =>
          `Lo más pesado se parte en dos mitades a ${say.length(by)} una de otra, una delante y otra detrás de su sitio: la bola lleva lo mismo que antes.`,
        question: 'Tras un bandazo a 110 km/h: ¿cuánto queda en el siguiente?',
        answers: ES_MORE,
        why: 'La báscula no lo ve. El peso lejos del eje sigue oscilando una vez que oscila, como una vara larga: lo pesado va junto al eje.',
      },
      faster: {
        title: 'Más deprisa',
        done: () => 'El mismo remolque, la misma carga: 110 km/h en vez de 80.',
        question: '¿Cuánto de un bandazo queda en el siguiente?',
        answers: ES_MORE,
        why: 'Cuanto más rápido, menos frenan el bandazo los neumáticos. El que ayer iba estable puede no irlo con quince km/h más, cuesta abajo, con viento.',
      },
      'short-tongue': {
        title: 'Una lanza corta',
        done: (by, say) => `La lanza es ${say.length(by)} más corta, para que quepa mejor.`,
        question: 'Tras un bandazo a 110 km/h: ¿cuánto queda en el siguiente?',
        answers: ES_MORE,
        why: 'El eje mantiene recto el remolque con su brazo desde la bola. Uno más corto oscila más y da marcha atrás como un carro de la compra.',
      },
      'ball-high': {
        title: 'La bola demasiado alta, dos ejes',
        done: (by, say) =>
          `Dos ejes con sus propias ballestas, sin balancín; la bola está ${say.length(by)} más alta que a nivel.`,
        question: '¿Cuánto lleva entonces el eje trasero?',
        answers: ES_MORE,
        why: 'Sube el morro, las ballestas traseras se aprietan y las delanteras se sueltan. Un eje va sobrecargado aunque los dos juntos no: tales remolques tienen que ir a nivel.',
      },
      'lighter-rails': {
        title: 'Largueros un número menos',
        done: () => 'Los largueros son del perfil siguiente más ligero, como los hizo un amigo.',
        question: '¿Cuánto trabajan entonces los largueros?',
        answers: { up: 'Más', down: 'Menos', same: 'Lo mismo' },
        why: 'Ahorra menos peso de lo que parece y cuesta más reserva: la flexión va con el cuadrado de la altura. Lo que aguantó en su remolque, aguantó con sus cargas.',
      },
      'weld-at-peak': {
        title: 'Una soldadura donde más trabaja',
        done: () =>
          'Hay una pletina soldada de través en la lanza, justo delante del cabezal, por el lado que se estira.',
        question: '¿Qué tensión aguanta allí el metal?',
        answers: ES_MORE,
        why: 'El aluminio queda blando una pulgada alrededor de cada soldadura. El acero conserva su resistencia, pero una soldadura de través se agrieta tras muchos menos baches: aquí como amplitud de tensión que aguanta sin fin. Póngala más adelante, a los lados a media altura, o atorníllela.',
      },
    },
    measures: {
      'tail-heavy': 'Del peso, sobre la bola',
      'nose-heavy': 'Sobre la bola',
      'axle-forward': 'Del peso, sobre la bola',
      heavier: 'Sobre los ejes',
      'one-sided': 'Sobre el neumático derecho más apretado',
      high: 'Vuelca en esa curva a',
      'at-the-ends': 'Del bandazo queda en el siguiente',
      faster: 'Del bandazo queda en el siguiente',
      'short-tongue': 'Del bandazo queda en el siguiente',
      'ball-high': 'Sobre el eje trasero',
      'lighter-rails': 'El larguero más duro trabaja al',
      'weld-at-peak': 'Tensión que aguanta',
    },
  },
};

const speedText = (metresPerSecond: number, say: Speaker): string =>
  say.trailer.settings.units === 'imperial'
    ? `${formatNumber(metresPerSecond / 0.44704, 0)} mph`
    : `${formatNumber(metresPerSecond * 3.6, 0)} km/h`;

/** A number of an exercise, as people say it. */
export const measureText = (kind: MeasureKind, value: number, say: Speaker): string => {
  switch (kind) {
    case 'tongue-share':
    case 'works-at':
      return say.percent(value);
    case 'load':
      return say.mass(value);
    case 'speed':
      return speedText(value, say);
    case 'swing-left':
      return say.percent(value, 0);
    case 'stress-range':
      return say.stress(value);
  }
};

/** What the new number is held against; nothing where there is no limit, or where it keeps it. */
export const limitText = (
  { kind, after, limits: [least, most] }: Tried,
  say: Speaker,
  words: TrainingWords,
): string => {
  if (least !== undefined && after < least) return words.less(measureText(kind, least, say));
  if (most !== undefined && after > most) return words.more(measureText(kind, most, say));
  return least === undefined && most === undefined ? '' : words.inside;
};
