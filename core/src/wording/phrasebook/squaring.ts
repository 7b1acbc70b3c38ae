import type { Phrasebook } from '../phrases.js';

export const squaring = {
  '{length} by {width}: each is about {closesBy} too {closesBy2}. Measure again at the same points, or check the sides first.':
    {
      de: '{length} mal {width}: jede ist etwa {closesBy} zu {closesBy2}. An denselben Punkten neu messen, oder erst die Seiten prüfen.',
      es: '{length} por {width}: cada una es unos {closesBy} demasiado {closesBy2}. Mida de nuevo en los mismos puntos, o revise antes los lados.',
    },
  long: { de: 'lang', es: 'larga' },
  short: { de: 'kurz', es: 'corta' },
  'These fit no frame of {closesBy}': {
    de: 'Diese passen zu keinem Rahmen von {closesBy}',
    es: 'Estas no van con un bastidor de {closesBy}',
  },
  'Square: the diagonals differ by {apart}, {within} would do.': {
    de: 'Im Winkel: die Diagonalen unterscheiden sich um {apart}, {within} würden genügen.',
    es: 'A escuadra: las diagonales difieren {apart}, bastaría {within}.',
  },
  'left front to right rear': { de: 'links vorn nach rechts hinten', es: 'de delante izquierda a detrás derecha' },
  right: { de: 'rechts', es: 'derecha' },
  'right front to left rear': { de: 'rechts vorn nach links hinten', es: 'de delante derecha a detrás izquierda' },
  left: { de: 'links', es: 'izquierda' },
  'Out of square: the {back} rail stands {railsOffset} further back than the other. Pull the longer diagonal, {longer}, together until both read {both}.':
    {
      de: 'Aus dem Winkel: der Längsträger {back} steht {railsOffset} weiter hinten als der andere. Die längere Diagonale, {longer}, zusammenziehen, bis beide {both} zeigen.',
      es: 'Fuera de escuadra: el larguero {back} queda {railsOffset} más atrás que el otro. Acorte la diagonal larga, {longer}, hasta que ambas den {both}.',
    },
  'These do not go with {closesBy}': { de: 'Diese passen nicht zu {closesBy}', es: 'Estas no van con {closesBy}' },
  'Square: A and B differ by {apart}, {within} would do.': {
    de: 'Im Winkel: A und B unterscheiden sich um {apart}, {within} würden genügen.',
    es: 'A escuadra: A y B difieren {apart}, bastaría {within}.',
  },
  'Out of square: {difference} is {apart} longer. Bring its ends together until both read {both}.': {
    de: 'Aus dem Winkel: {difference} ist um {apart} länger. Die Enden zusammenbringen, bis beide {both} zeigen.',
    es: 'Fuera de escuadra: {difference} es {apart} más larga. Junte sus extremos hasta que ambas den {both}.',
  },
  'the {side} hangers {by} {by2}': { de: 'die Böcke {side} {by} {by2}', es: 'los soportes ({side}) {by} {by2}' },
  rearward: { de: 'nach hinten', es: 'hacia atrás' },
  forward: { de: 'nach vorn', es: 'hacia delante' },
  '{offSquare} off square, give or take {doubt} by the tape': {
    de: '{offSquare} aus dem Winkel, nach dem Band auf {doubt} genau',
    es: '{offSquare} fuera de escuadra, con {doubt} de duda por la cinta',
  },
  and: { de: 'und', es: 'y' },
  'Its middle stands {misplaced} {misplaced2} its drawn place.': {
    de: 'Die Mitte steht {misplaced} {misplaced2} dem gezeichneten Platz.',
    es: 'Su centro queda {misplaced} {misplaced2} de su lugar dibujado.',
  },
  'Square as far as a tape can tell: left and right differ by {apart}, {angle}.{place}': {
    de: 'Im Winkel, soweit ein Band es zeigt: links und rechts unterscheiden sich um {apart}, {angle}.{place}',
    es: 'A escuadra hasta donde llega una cinta: izquierda y derecha difieren {apart}, {angle}.{place}',
  },
  'Nearly: the {back} end is {apart} further from the ball, {angle}. It would track; better still, move {all}.{place}':
    {
      de: 'Beinahe: das Ende {back} ist {apart} weiter von der Kugel, {angle}. Er würde laufen; besser {all} rücken.{place}',
      es: 'Casi: el extremo ({back}) está {apart} más lejos de la bola, {angle}. Rodaría; mejor aún, mueva {all}.{place}',
    },
  'The {back} end is {apart} further from the ball, {angle}. Move {all}, and read again.{place}': {
    de: 'Das Ende {back} ist {apart} weiter von der Kugel, {angle}. {all} rücken und neu lesen.{place}',
    es: 'El extremo ({back}) está {apart} más lejos de la bola, {angle}. Mueva {all}, y lea de nuevo.{place}',
  },
  'left front': { de: 'links vorn', es: 'delante izquierda' },
  'right front': { de: 'rechts vorn', es: 'delante derecha' },
  'left rear': { de: 'links hinten', es: 'detrás izquierda' },
  'right rear': { de: 'rechts hinten', es: 'detrás derecha' },
  'Level: all corners within {out}.': {
    de: 'Waagrecht: alle Ecken innerhalb {out}.',
    es: 'A nivel: todas las esquinas dentro de {out}.',
  },
  '{shims} under {corners}': { de: '{shims} unter {corners}', es: '{shims} bajo {corners}' },
  'left front and right rear': { de: 'links vorn und rechts hinten', es: 'delante izquierda y detrás derecha' },
  'right front and left rear': { de: 'rechts vorn und links hinten', es: 'delante derecha y detrás izquierda' },
  'It is twisted: {low} lie {x} low against the other two. Loosen what holds it before you shim, or the twist is welded in.':
    {
      de: 'Er ist verdreht: {low} liegen {x} tiefer als die anderen zwei. Vor dem Unterlegen lösen, was ihn hält, sonst wird die Verdrehung eingeschweißt.',
      es: 'Está torcido: {low} quedan {x} más bajas que las otras dos. Suelte lo que lo sujeta antes de calzar, o la torsión queda soldada.',
    },
  'Shim {under}.{twist}': { de: 'Unterlegen: {under}.{twist}', es: 'Calce {under}.{twist}' },
  'On the centre line as far as a tape can tell: both corners are as far from the ball within {apart}.': {
    de: 'Auf der Mittellinie, soweit ein Band es zeigt: beide Ecken sind bis auf {apart} gleich weit von der Kugel.',
    es: 'En la línea central hasta donde llega una cinta: ambas esquinas distan igual de la bola, salvo {apart}.',
  },
  'The ball is {off} to the {side} of the centre line, the corners differ by {apart}': {
    de: 'Die Kugel liegt {off} {side} der Mittellinie, die Ecken unterscheiden sich um {apart}',
    es: 'La bola queda {off} a la {side} de la línea central, las esquinas difieren {apart}',
  },
  '{found}. It would do; better still, swing the tongue to the {other}.': {
    de: '{found}. Es ginge; besser die Deichsel nach {other} schwenken.',
    es: '{found}. Serviría; mejor aún, gire la lanza hacia la {other}.',
  },
  '{found}: swing the tongue to the {other} until both read the same.': {
    de: '{found}: die Deichsel nach {other} schwenken, bis beide dasselbe zeigen.',
    es: '{found}: gire la lanza hacia la {other} hasta que ambas den lo mismo.',
  },
  'Parallel: left and right differ by {apart}.': {
    de: 'Parallel: links und rechts unterscheiden sich um {apart}.',
    es: 'Paralelos: izquierda y derecha difieren {apart}.',
  },
  'They are {off} off parallel: left and right differ by {apart}. Where axle {axle} is square, move the {side} hangers of axle {axle2} {hanger} forward.':
    {
      de: 'Sie stehen {off} aus der Parallelen: links und rechts unterscheiden sich um {apart}. Wenn Achse {axle} im Winkel ist, die Böcke {side} von Achse {axle2} {hanger} nach vorn rücken.',
      es: 'Están {off} fuera de paralelo: izquierda y derecha difieren {apart}. Si el eje {axle} está a escuadra, mueva los soportes ({side}) del eje {axle2} {hanger} hacia delante.',
    },
  'left bearing seat': { de: 'linker Lagersitz', es: 'asiento izquierdo del rodamiento' },
  'left end of the tube': { de: 'linkes Rohrende', es: 'extremo izquierdo del tubo' },
  middle: { de: 'Mitte', es: 'centro' },
  'right end of the tube': { de: 'rechtes Rohrende', es: 'extremo derecho del tubo' },
  'right bearing seat': { de: 'rechter Lagersitz', es: 'asiento derecho del rodamiento' },
  'place {place}': { de: 'Stelle {place}', es: 'lugar {place}' },
  'At the {name} the dial swings {x}, highest {at} on from the first reading': {
    de: '{name}: die Uhr schlägt um {x} aus, am höchsten {at} nach der ersten Ablesung',
    es: '{name}: el reloj oscila {x}, lo más alto a {at} de la primera lectura',
  },
  'the {dial} is {bent} off the line of both ends': {
    de: '{dial} liegt {bent} neben der Linie beider Enden',
    es: '{dial} queda {bent} fuera de la línea de ambos extremos',
  },
  'It is bent: {bent}.': { de: 'Sie ist verbogen: {bent}.', es: 'Está doblado: {bent}.' },
  'What is left is no swing about a middle: out of round, or misread.': {
    de: 'Was bleibt, ist kein Ausschlag um eine Mitte: unrund oder falsch gelesen.',
    es: 'Lo que queda no gira en torno a un centro: ovalado, o mal leído.',
  },
  '{swing}: true as such axles go.{oval}': {
    de: '{swing}: gerade, wie solche Achsen sind.{oval}',
    es: '{swing}: recto para tales ejes.{oval}',
  },
  '{swing}. It would do.{why}{oval}': { de: '{swing}. Es ginge.{why}{oval}', es: '{swing}. Serviría.{why}{oval}' },
  '{swing}: too much.{why} Set the spindle anew before it is welded, or take another.{oval}': {
    de: '{swing}: zu viel.{why} Den Zapfen neu setzen, bevor er geschweißt wird, oder einen anderen nehmen.{oval}',
    es: '{swing}: demasiado.{why} Coloque el muñón de nuevo antes de soldarlo, o tome otro.{oval}',
  },
  'Straight as tires go: {rad} {way}.': {
    de: 'Gerade, wie Reifen laufen: {rad} {way}.',
    es: 'Rectas para neumáticos: {rad} {way}.',
  },
  'Toed {way} by {rad}: it wears tires and pulls. Set at the spindles before they are welded, never by bending.': {
    de: 'Spur {rad} {way}: das nutzt Reifen ab und zieht. An den Zapfen einstellen, bevor sie geschweißt sind, nie durch Biegen.',
    es: 'Convergencia {rad} {way}: gasta neumáticos y frena. Se ajusta en los muñones antes de soldarlos, nunca doblando.',
  },
  'Upright: {rad} {way} at the top.': { de: 'Aufrecht: {rad} oben {way}.', es: 'Vertical: {rad} {way} arriba.' },
  'It leans {rad} {way} at the top. Loaded it should stand upright; a bent axle is not straightened at home.': {
    de: 'Es lehnt oben um {rad} {way}. Beladen soll es aufrecht stehen; eine verbogene Achse wird nicht daheim gerichtet.',
    es: 'Se inclina {rad} {way} arriba. Cargada debe quedar vertical; un eje doblado no se endereza en casa.',
  },
  'The shackle leans {rad} past upright.': {
    de: 'Die Lasche neigt sich {rad} über die Senkrechte.',
    es: 'La gemela se inclina {rad} pasada la vertical.',
  },
  'The shackle leans {rad}: {rad2}. The hangers’ distance does not go with this spring.': {
    de: 'Die Lasche neigt sich {rad}: {rad2}. Der Abstand der Böcke passt nicht zu dieser Feder.',
    es: 'La gemela se inclina {rad}: {rad2}. La distancia de soportes no va con esta ballesta.',
  },
  'it can go over centre': { de: 'sie kann über den Totpunkt gehen', es: 'puede pasar el punto muerto' },
  'it lies down': { de: 'sie liegt um', es: 'se tumba' },
  'Level: {rad} nose {way}.': { de: 'Waagrecht: {rad} Nase {way}.', es: 'Nivelado: {rad} de morro {way}.' },
  'Nose {way} by {rad}: take a ball mount with more {rad2}, or change what stands under the springs.': {
    de: 'Nase {way} um {rad}: ein Kugelträger, {rad2}, oder ändern, was unter den Federn steht.',
    es: 'Morro {way} por {rad}: tome un portabola con más {rad2}, o cambie lo que hay bajo las ballestas.',
  },
} as const satisfies Phrasebook;
