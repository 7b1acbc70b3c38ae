import type { Phrasebook } from '../phrases.js';

export const body = {
  'at the end of the gate on its chains': {
    de: 'am Ende der Klappe an ihren Ketten',
    es: 'en el extremo del portón colgado de cadenas',
  },
  'on the gate at its hinge, its end on the ground': {
    de: 'auf der Klappe am Scharnier, das Ende am Boden',
    es: 'en el portón junto a la bisagra, con el extremo en el suelo',
  },
  '{person} {where} lift the tongue with {ball}, {case}. Step on it only when it is hitched, or put stands under the rear first.':
    {
      de: '{person} {where} heben die Deichsel mit {ball}, {case}. Nur betreten, wenn er angehängt ist, oder Stützen unter das Heck stellen.',
      es: '{person} {where} levantan la lanza con {ball}, {case}. Písela solo enganchado, o ponga antes apoyos bajo la trasera.',
    },
  '{person} {where} leave {ball} of {before} on the ball, {case}.': {
    de: '{person} {where} lassen {ball} von {before} auf der Kugel, {case}.',
    es: '{person} {where} dejan {ball} de {before} en la bola, {case}.',
  },
  '{piece} is shorter than its hinge is high, {hinge}: let down, it does not reach the ground. Make it longer, or hang it on chains.':
    {
      de: '{piece} ist kürzer, als das Scharnier hoch liegt, {hinge}: herabgelassen reicht sie nicht zum Boden. Länger machen, oder an Ketten hängen.',
      es: '{piece} es más corto que la altura de su bisagra, {hinge}: bajado no llega al suelo. Hágalo más largo, o cuélguelo de cadenas.',
    },
  '{piece} lies on the ground at {angle}, its hinge {hinge} high.': {
    de: '{piece} liegt mit {angle} am Boden auf, das Scharnier {hinge} hoch.',
    es: '{piece} se apoya en el suelo a {angle}, con la bisagra a {hinge}.',
  },
  '{piece} lies on the ground {case}, which is towed: fold it up, or hang it on chains.': {
    de: '{piece} liegt am Boden auf, {case}, wird aber gezogen: hochklappen, oder an Ketten hängen.',
    es: '{piece} se apoya en el suelo, {case}, que va remolcado: pliéguelo, o cuélguelo de cadenas.',
  },
  '{piece}: a person of {person} who steps on the end of one arm works it at {utilisation}.{utilisation2}': {
    de: '{piece}: ein Mensch von {person}, der auf das Ende eines Arms tritt, lastet ihn mit {utilisation} aus.{utilisation2}',
    es: '{piece}: una persona de {person} que pise el extremo de un brazo lo hace trabajar al {utilisation}.{utilisation2}',
  },
  'Take heavier bars, or let it reach out less.': {
    de: 'Stärkere Stäbe nehmen, oder weniger weit ausladen.',
    es: 'Tome barras más fuertes, o que salga menos.',
  },
  '{piece}: {by} {load} in the middle of one bar works it at {utilisation}.{utilisation2}': {
    de: '{piece}: {by} {load} in der Mitte eines Stabes lastet ihn mit {utilisation} aus.{utilisation2}',
    es: '{piece}: {by} {load} en mitad de una barra la hace trabajar al {utilisation}.{utilisation2}',
  },
  'a wheel with': { de: 'ein Rad mit', es: 'una rueda con' },
  'a person of': { de: 'ein Mensch von', es: 'una persona de' },
  'Take heavier bars, or drive on over ramps of their own.': {
    de: 'Stärkere Stäbe nehmen, oder über eigene Rampen auffahren.',
    es: 'Tome barras más fuertes, o suba por rampas propias.',
  },
  'The bed’s balance point lies {ahead} behind its pivot, {case}: only the latch holds it down{latch}. Stop the load further forward.':
    {
      de: 'Der Schwerpunkt der Fläche liegt {ahead} hinter ihrem Drehpunkt, {case}: nur die Verriegelung hält sie unten{latch}. Die Last weiter vorn anhalten.',
      es: 'El equilibrio de la caja queda {ahead} detrás de su pivote, {case}: solo el cierre la sujeta{latch}. Pare la carga más adelante.',
    },
  ', with {latch} standing': { de: ', mit {latch} im Stand', es: ', con {latch} parado' },
  'The bed with its load balances {ahead} ahead of the pivot, {case}: it stays down by itself.': {
    de: 'Die Fläche mit ihrer Last liegt {ahead} vor dem Drehpunkt im Gleichgewicht, {case}: sie bleibt von selbst unten.',
    es: 'La caja con su carga equilibra {ahead} delante del pivote, {case}: queda abajo sola.',
  },
  'Rolled back, {machine} bring the bed down as their balance point passes {tipsX} back from the front edge; driven on, it comes level ahead of that. Stop ahead of it.':
    {
      de: 'Zurückgerollt senken {machine} die Fläche, sobald ihr Schwerpunkt {tipsX} hinter der Vorderkante liegt; aufgefahren kommt sie davor waagrecht. Davor anhalten.',
      es: 'Al rodar atrás, {machine} bajan la caja cuando su equilibrio pasa {tipsX} desde el borde delantero; al subir queda nivelada antes de eso. Pare antes.',
    },
  'The bed’s own weight keeps it level with {machine} anywhere on it: hold its rear down until they are on.': {
    de: 'Das Eigengewicht der Fläche hält sie mit {machine} überall waagrecht: das Heck unten halten, bis sie oben sind.',
    es: 'El propio peso de la caja la mantiene nivelada con {machine} en cualquier sitio: sujete la trasera abajo hasta que suban.',
  },
  'The bed’s rear edge, {behind} behind the pivot, does not come down to the ground {pivot} below it. Move the pivot forward.':
    {
      de: 'Die Hinterkante der Fläche, {behind} hinter dem Drehpunkt, kommt nicht bis zum Boden {pivot} darunter. Den Drehpunkt nach vorn setzen.',
      es: 'El borde trasero de la caja, {behind} detrás del pivote, no baja hasta el suelo, {pivot} por debajo. Adelante el pivote.',
    },
  'Tipped, the bed stands at {angle}.': {
    de: 'Gekippt steht die Fläche bei {angle}.',
    es: 'Basculada, la caja queda a {angle}.',
  },
  'Two pivot pins under {mass} in a hard bump work at {utilisation} in shear.': {
    de: 'Zwei Drehbolzen unter {mass} bei hartem Stoß: {utilisation} auf Schub.',
    es: 'Dos pasadores de giro bajo {mass} en un bache fuerte trabajan al {utilisation} en cortante.',
  },
} as const satisfies Phrasebook;
