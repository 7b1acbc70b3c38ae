import type { Phrasebook } from '../phrases.js';

export const fit = {
  'Tire beside the frame': { de: 'Reifen neben dem Rahmen', es: 'Neumático junto al bastidor' },
  'Tire beside the spring': { de: 'Reifen neben der Feder', es: 'Neumático junto a la ballesta' },
  'Tire under the frame': { de: 'Reifen unter dem Rahmen', es: 'Neumático bajo el bastidor' },
  'Tire under its fender': { de: 'Reifen unter seinem Kotflügel', es: 'Neumático bajo su guardabarros' },
  'Tire inside the fender’s edge': {
    de: 'Reifen innerhalb der Kotflügelkante',
    es: 'Neumático dentro del borde del guardabarros',
  },
  'Axle or spring under the rail': {
    de: 'Achse oder Feder unter dem Längsträger',
    es: 'Eje o ballesta bajo el larguero',
  },
  'Between the tires': { de: 'Zwischen den Reifen', es: 'Entre los neumáticos' },
  'tube and hubs': { de: 'Rohr und Naben', es: 'tubo y bujes' },
  spindles: { de: 'Achszapfen', es: 'muñones' },
  hubs: { de: 'Naben', es: 'bujes' },
  '{gaps}: {rest} standing{where}': { de: '{gaps}: {rest} im Stand{where}', es: '{gaps}: {rest} parado{where}' },
  '{rest} too little': { de: '{rest} zu wenig', es: '{rest} de menos' },
  '; in a hard bump they touch.': {
    de: '; bei einem harten Stoß berühren sie sich.',
    es: '; en un bache fuerte se tocan.',
  },
  ', {bump} in a hard bump.': { de: ', {bump} bei hartem Stoß.', es: ', {bump} en un bache fuerte.' },
  '{wanted} is usual.': { de: '{wanted} sind üblich.', es: 'Lo habitual es {wanted}.' },
  '{part} stands over the tongue’s hinge: it does not fold.': {
    de: '{part} steht über dem Gelenk der Deichsel: sie klappt nicht.',
    es: '{part} está sobre la bisagra de la lanza: no se pliega.',
  },
  'A hanger stands on {part}, which runs below the rails: move either.': {
    de: 'Ein Federbock steht auf {part}, das unter den Längsträgern läuft: eines versetzen.',
    es: 'Un soporte cae sobre {part}, que corre bajo los largueros: mueva uno.',
  },
  '{part} hangs {deep} lower than the rails, into the tongue that passes under it: make it as deep as the rails, or end the tongue before it.':
    {
      de: '{part} hängt {deep} tiefer als die Längsträger, in die Deichsel hinein, die darunter läuft: so hoch wie die Längsträger machen, oder die Deichsel davor enden lassen.',
      es: '{part} cuelga {deep} más que los largueros, dentro de la lanza que pasa debajo: hágalo tan alto como los largueros, o acabe la lanza antes.',
    },
  'A tire': { de: 'Ein Reifen', es: 'Un neumático' },
  'The axle’s tube': { de: 'Das Achsrohr', es: 'El tubo del eje' },
  '{moving} and {part} share a place by {rest}, standing{where}.': {
    de: '{moving} und {part} teilen sich einen Platz um {rest}, im Stand{where}.',
    es: '{moving} y {part} se solapan {rest}, parado{where}.',
  },
  'In a hard bump {moving} strikes {part}: {rest} standing{where}, {deep} too little.': {
    de: 'Bei hartem Stoß: {moving} schlägt an {part}; {rest} im Stand{where}, {deep} zu wenig.',
    es: 'En un bache fuerte {moving} golpea {part}: {rest} parado{where}, {deep} de menos.',
  },
  'In a hard bump {bump} are left between {moving} and {part}{where}.': {
    de: 'Bei hartem Stoß bleiben {bump} zwischen {moving} und {part}{where}.',
    es: 'En un bache fuerte quedan {bump} entre {moving} y {part}{where}.',
  },
  'Measured, the rails’ top stands at {measured}, {case}; tire, axle, spring and hanger add up to {parts}.': {
    de: 'Gemessen liegt die Oberkante der Längsträger bei {measured}, {case}; Reifen, Achse, Feder und Bock ergeben {parts}.',
    es: 'Medida, la cara superior de los largueros está a {measured}, {case}; neumático, eje, ballesta y soporte suman {parts}.',
  },
  '{told} The other {rest} must be a bracket, pedestal or block: enter it, or measure the parts again.': {
    de: '{told} Die übrigen {rest} müssen eine Konsole, ein Bock oder eine Unterlage sein: eintragen, oder die Teile neu messen.',
    es: '{told} Los otros {rest} han de ser una ménsula, pedestal o taco: anótelo, o mida de nuevo las piezas.',
  },
  '{told} It cannot stand {rest} lower than its parts: measure again, or mend the parts. What you measured counts.': {
    de: '{told} Er kann nicht {rest} tiefer stehen als seine Teile: neu messen, oder die Teile richtigstellen. Was gemessen ist, zählt.',
    es: '{told} No puede estar {rest} más bajo que sus piezas: mida de nuevo, o corrija las piezas. Cuenta lo medido.',
  },
  'The rails’ top stands {railTop} above the ground, the deck {deck}, {case}.': {
    de: 'Die Oberkante der Längsträger liegt {railTop} über dem Boden, die Ladefläche {deck}, {case}.',
    es: 'La cara superior de los largueros está a {railTop} del suelo, el piso a {deck}, {case}.',
  },
  'Each axle assembly carries what its {assembly} do, {rating}: {case} asks for {load}.': {
    de: 'Jedes Achsaggregat trägt, was seine Teile tragen ({assembly}), {rating}: {case} verlangt {load}.',
    es: 'Cada conjunto de eje lleva lo que sus piezas ({assembly}), {rating}: {case} pide {load}.',
  },
  'A spring carries {load}, {case}. What one may carry is missing: ask its seller, count its leaves.': {
    de: 'Eine Feder trägt {load}, {case}. Was eine tragen darf, fehlt: den Verkäufer fragen, Blätter zählen.',
    es: 'Una ballesta lleva {load}, {case}. Falta lo que puede llevar una: pregunte al vendedor, cuente las hojas.',
  },
  'A spring carries {load} of {rating}, {case}. {load2}.': {
    de: 'Eine Feder trägt {load} von {rating}, {case}. {load2}.',
    es: 'Una ballesta lleva {load} de {rating}, {case}. {load2}.',
  },
  'It bounces {hz} times a second, {case}: {judged}.': {
    de: 'Er schwingt {hz}-mal in der Sekunde, {case}: {judged}.',
    es: 'Rebota {hz} veces por segundo, {case}: {judged}.',
  },
  'rides well': { de: 'läuft gut', es: 'rueda bien' },
  'hops when empty': { de: 'hüpft leer', es: 'salta en vacío' },
  harsh: { de: 'hart', es: 'duro' },
  soft: { de: 'weich', es: 'blando' },
  'Springs this soft and long go on bouncing: shock absorbers help.': {
    de: 'So weiche, lange Federn schwingen weiter: Stoßdämpfer helfen.',
    es: 'Ballestas tan blandas y largas siguen rebotando: ayudan los amortiguadores.',
  },
  'The shackle cannot reach from spring to hanger, {case}.': {
    de: 'Die Lasche reicht nicht von der Feder zum Bock, {case}.',
    es: 'La gemela no llega de la ballesta al soporte, {case}.',
  },
  'The shackle has gone over centre, {case}: it flips and locks the spring.': {
    de: 'Die Lasche ist über den Totpunkt, {case}: sie schlägt um und sperrt die Feder.',
    es: 'La gemela ha pasado el punto muerto, {case}: se vuelca y traba la ballesta.',
  },
  'The shackle leans {lean} from upright {case}{most}, its lower end towards the axle.': {
    de: 'Die Lasche neigt sich {lean} aus der Senkrechten {case}{most}, unteres Ende zur Achse hin.',
    es: 'La gemela se inclina {lean} de la vertical {case}{most}, con el extremo inferior hacia el eje.',
  },
  '10 to 60° is usual: upright it can go over, lying it wanders.': {
    de: '10 bis 60° sind üblich: aufrecht kann sie umschlagen, liegend wandert sie.',
    es: 'Lo habitual es 10 a 60°: vertical puede volcarse, tumbada se desplaza.',
  },
  'The leaves feel {stress} and {arch}, {case}.': {
    de: 'Die Blätter spüren {stress} und {arch}, {case}.',
    es: 'Las hojas notan {stress} y {arch}, {case}.',
  },
  'bend {arch} past flat': { de: 'biegen {arch} über flach hinaus', es: 'flectan {arch} más allá de plano' },
  'keep {arch} of arch': { de: 'behalten {arch} Pfeil', es: 'conservan {arch} de arco' },
  'Springs of the trade feel no more than {most} at their own rating: more leaves, or a rate from the maker.': {
    de: 'Handelsübliche Federn spüren bei ihrer eigenen Last nicht mehr als {most}: mehr Blätter, oder eine Rate vom Hersteller.',
    es: 'Las ballestas del comercio no notan más de {most} con su propia carga: más hojas, o una rigidez del fabricante.',
  },
  'Past flat its shackle swings back: more leaves, or a spring with more arch.': {
    de: 'Über flach hinaus schwingt die Lasche zurück: mehr Blätter, oder eine Feder mit mehr Pfeil.',
    es: 'Más allá de plano la gemela vuelve: más hojas, o una ballesta con más arco.',
  },
  'No distance of the hanger bolts suits a spring that is {flat} long laid flat with so short a shackle: take one of {shackle}.':
    {
      de: 'Kein Abstand der Bockbolzen passt zu einer flach {flat} langen Feder mit so kurzer Lasche: eine von {shackle} nehmen.',
      es: 'Ninguna distancia de pernos sirve a una ballesta de {flat} aplanada con gemela tan corta: tome una de {shackle}.',
    },
  'Hanger bolts {said} apart are nearer than the spring laid flat, {flat}, and 3/8 in: its shackle goes over centre.{wanted}':
    {
      de: 'Bockbolzen mit {said} Abstand liegen enger als die flache Feder, {flat}, und 3/8 in: die Lasche geht über den Totpunkt.{wanted}',
      es: 'Pernos a {said} están más cerca que la ballesta aplanada, {flat}, y 3/8 in: la gemela pasa el punto muerto.{wanted}',
    },
  '{wanted} suits it.': { de: '{wanted} passen.', es: 'Le va bien {wanted}.' },
  'Hanger bolts {said} apart lay the shackle down: it flips up when the trailer is jacked.{wanted}': {
    de: 'Bockbolzen mit {said} Abstand legen die Lasche um: sie schlägt hoch, wenn der Anhänger angehoben wird.{wanted}',
    es: 'Pernos a {said} tumban la gemela: se vuelca arriba al levantar el remolque.{wanted}',
  },
  'How far a slipper’s hangers stand apart is its maker’s figure, and missing: do not guess it.': {
    de: 'Wie weit die Böcke einer Gleitfeder auseinander stehen, sagt ihr Hersteller, und es fehlt: nicht schätzen.',
    es: 'La distancia de soportes de una ballesta deslizante la da el fabricante, y falta: no la suponga.',
  },
  'Hanger bolts are {said} apart; this spring asks for {wanted}.': {
    de: 'Bockbolzen stehen {said} auseinander; diese Feder verlangt {wanted}.',
    es: 'Los pernos están a {said}; esta ballesta pide {wanted}.',
  },
  'Hanger bolts {said} apart suit this spring.': {
    de: 'Bockbolzen mit {said} Abstand passen zu dieser Feder.',
    es: 'Pernos a {said} van bien a esta ballesta.',
  },
  'Hubs are {hub}, wheels {other}, with adapters between: what an adapter may carry, and its nuts, are its maker’s to say.':
    {
      de: 'Naben {hub}, Räder {other}, mit Adaptern dazwischen: was ein Adapter tragen darf, und seine Muttern, sagt sein Hersteller.',
      es: 'Bujes {hub}, ruedas {other}, con adaptadores entre ambos: lo que lleva un adaptador, y sus tuercas, lo dice su fabricante.',
    },
  'Hubs are {hub}, wheels {other}: they do not go together. Adapters move the wheel out and want their own look.': {
    de: 'Naben {hub}, Räder {other}: sie passen nicht zusammen. Adapter setzen das Rad nach außen und wollen eigens angesehen sein.',
    es: 'Bujes {hub}, ruedas {other}: no casan. Los adaptadores sacan la rueda y piden su propia revisión.',
  },
  'Hubs are {hub}, the tow vehicle’s {other}: its spare does not fit.': {
    de: 'Naben {hub}, Zugfahrzeug {other}: sein Reserverad passt nicht.',
    es: 'Bujes {hub}, los del vehículo {other}: su repuesto no sirve.',
  },
  'The tow vehicle’s spare goes on these hubs by its studs, {studs}: try it on, for offset and bore must fit, too, and its load counts.':
    {
      de: 'Das Reserverad des Zugfahrzeugs passt nach den Bolzen auf diese Naben, {studs}: anprobieren, denn Einpresstiefe und Mittelloch müssen auch passen, und seine Tragfähigkeit zählt.',
      es: 'El repuesto del vehículo va en estos bujes por sus espárragos, {studs}: pruébelo, pues también deben casar bombeo y centro, y cuenta su carga.',
    },
  'The tire is made for a rim of {tire}, the wheel is {wheel}.': {
    de: 'Der Reifen ist für eine Felge von {tire}, das Rad hat {wheel}.',
    es: 'El neumático es para llanta de {tire}, la rueda es de {wheel}.',
  },
  'A tire {diameter} high cannot stand on a rim of {rim}.': {
    de: 'Ein {diameter} hoher Reifen kann nicht auf einer Felge von {rim} sitzen.',
    es: 'Un neumático de {diameter} de alto no puede ir en llanta de {rim}.',
  },
  'Hub faces and offset put the wheels’ middles {fromHub} apart; you say {track}.': {
    de: 'Nabenflächen und Einpresstiefe setzen die Radmitten {fromHub} auseinander; angegeben sind {track}.',
    es: 'Caras de buje y bombeo ponen los centros de rueda a {fromHub}; usted dice {track}.',
  },
  'Springs {spring} long do not go under a bed of {bed}.': {
    de: '{spring} lange Federn gehen nicht unter eine Fläche von {bed}.',
    es: 'Ballestas de {spring} no caben bajo una caja de {bed}.',
  },
  'Its tube bends by {bends} of what it does at its rating.': {
    de: 'Ihr Rohr biegt sich zu {bends} dessen, was es bei seiner Tragkraft tut.',
    es: 'Su tubo se flexiona al {bends} de lo que hace a su capacidad.',
  },
  'With these loads its tube bends by {bends} of what it does at its rating.': {
    de: 'Mit diesen Ladungen biegt sich ihr Rohr zu {bends} dessen, was es bei seiner Tragkraft tut.',
    es: 'Con estas cargas su tubo se flexiona al {bends} de lo que hace a su capacidad.',
  },
  'The wheels’ centers stand {overhang} outside the springs: an axle’s rating holds to about 8 1/2 in. Set the springs further out, or ask its maker.':
    {
      de: 'Die Radmitten stehen {overhang} außerhalb der Federn: die Tragfähigkeit einer Achse gilt bis etwa 8 1/2 in. Federn weiter nach außen, oder den Hersteller fragen.',
      es: 'Los centros de rueda quedan {overhang} fuera de las ballestas: la capacidad de un eje vale hasta unas 8 1/2 in. Saque las ballestas, o pregunte al fabricante.',
    },
  'The tube of this home-built axle yields in a bump: {bump} on a lever of {lever}, and its metal yields at {yield}.': {
    de: 'Das Rohr dieser selbst gebauten Achse fließt bei einem Schlag: {bump} an einem Hebel von {lever}, und ihr Werkstoff fließt bei {yield}.',
    es: 'El tubo de este eje hecho en casa fluye en un bache: {bump} con una palanca de {lever}, y su metal fluye a {yield}.',
  },
  '{tube} of the same metal would stay below that, or set the springs closer to the wheels.': {
    de: '{tube} aus demselben Werkstoff bliebe darunter; oder die Federn näher an die Räder setzen.',
    es: '{tube} del mismo metal quedaría por debajo; o acerque las ballestas a las ruedas.',
  },
  'No tube on file is strong enough: buy a rated axle.': {
    de: 'Kein Rohr der Liste reicht aus: eine Achse mit Tragkraftangabe kaufen.',
    es: 'Ningún tubo de la lista es lo bastante fuerte: compre un eje con capacidad declarada.',
  },
  'Home-built axle: in a bump its tube is at {bump} on a lever of {lever}; its metal yields at {yield}. Nobody has rated this axle, and Kereta does not. Spindles, their welds and the hubs are not checked: buy rated ones, weld where their maker says, never at mid-tube or on spring steel.':
    {
      de: 'Selbst gebaute Achse: bei einem Schlag steht ihr Rohr bei {bump} an einem Hebel von {lever}; ihr Werkstoff fließt bei {yield}. Niemand hat diese Achse geprüft, auch Kereta nicht. Achszapfen, ihre Nähte und die Naben sind nicht geprüft: solche mit Tragkraftangabe kaufen, schweißen, wo ihr Hersteller es sagt, nie in der Rohrmitte oder auf Federstahl.',
      es: 'Eje hecho en casa: en un bache su tubo está a {bump} con una palanca de {lever}; su metal fluye a {yield}. Nadie ha homologado este eje, y Kereta tampoco. Muñones, sus soldaduras y bujes no se revisan: cómprelos con capacidad declarada, suelde donde diga su fabricante, nunca en mitad del tubo ni en acero de muelle.',
    },
  'A bar across beside the spindles holds the {momentNm} by which each wheel turns its rail.': {
    de: 'Ein Stab quer neben den Zapfen hält {momentNm}, mit denen jedes Rad seinen Längsträger dreht.',
    es: 'Una barra transversal junto a los muñones sujeta los {momentNm} con que cada rueda gira su larguero.',
  },
  'Each spindle turns its rail by {momentNm}, and the nearest bar across is {off} off: put one beside them.': {
    de: 'Jeder Zapfen dreht seinen Längsträger mit {momentNm}, und der nächste Stab quer ist {off} entfernt: einen daneben setzen.',
    es: 'Cada muñón gira su larguero con {momentNm}, y la barra transversal más cercana está a {off}: ponga una al lado.',
  },
  in: { de: 'innen', es: 'hacia dentro' },
  out: { de: 'außen', es: 'hacia fuera' },
  'Under the heaviest load the wheels stand upright.': {
    de: 'Unter der schwersten Last stehen die Räder aufrecht.',
    es: 'Con la carga mayor las ruedas quedan verticales.',
  },
  'Under the heaviest load the wheels lean {way} at the top by {leans}.': {
    de: 'Unter der schwersten Last neigen sich die Räder oben um {leans} nach {way}.',
    es: 'Con la carga mayor las ruedas se inclinan arriba {leans} hacia {way}.',
  },
  'Bend the tube up by {slope} before it is loaded, or tires wear on one side.': {
    de: 'Das Rohr um {slope} nach oben biegen, bevor es belastet wird, sonst nutzen sich die Reifen einseitig ab.',
    es: 'Curve el tubo {slope} hacia arriba antes de cargarlo, o los neumáticos se gastan de un lado.',
  },
  'Behind the wheels it clears {rad}, ahead of them {approach} up to the ball; the lowest steel is {clear} above the ground, {case}.':
    {
      de: 'Hinter den Rädern überwindet er {rad}, davor {approach} bis zur Kugel; der tiefste Stahl liegt {clear} über dem Boden, {case}.',
      es: 'Detrás de las ruedas libra {rad}, delante {approach} hasta la bola; el acero más bajo queda a {clear} del suelo, {case}.',
    },
  'How high it rides is missing: choose the suspension, or measure the top of the rails above the ground.': {
    de: 'Wie hoch er steht, fehlt: Federung wählen, oder die Oberkante der Längsträger über dem Boden messen.',
    es: 'Falta la altura a la que va: elija suspensión, o mida la cara superior de los largueros desde el suelo.',
  },
} as const satisfies Phrasebook;
