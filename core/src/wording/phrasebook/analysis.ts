import type { Phrasebook } from '../phrases.js';

export const analysis = {
  'Go by the whole frame.': { de: 'Es gilt der ganze Rahmen.', es: 'Vale el bastidor entero.' },
  'The wall of {on} under the end of {member} is at {utilisation} of allowable {situation}{case}.': {
    de: 'Die Wand von {on} unter dem Ende von {member} ist bei {utilisation} des Zulässigen {situation}{case}.',
    es: 'La pared de {on} bajo el extremo de {member} está al {utilisation} de lo admisible {situation}{case}.',
  },
  'Run the tongue under the header to the next cross-member.': {
    de: 'Die Deichsel unter dem Querträger bis zum nächsten Querträger durchführen.',
    es: 'Lleve la lanza por debajo hasta el siguiente travesaño.',
  },
  'A design wall of {wall} would do, or a cap plate over that face that brings it to as much.': {
    de: 'Eine Rechendicke der Wand von {wall} reicht, oder eine Deckplatte auf dieser Fläche, mit der sie so viel hat.',
    es: 'Bastaría una pared de cálculo de {wall}, o una chapa de refuerzo sobre esa cara que llegue a tanto.',
  },
  'So would an end {across} wide there.': {
    de: 'Auch ein dort {across} breites Ende reicht.',
    es: 'También bastaría un extremo de {across} de ancho ahí.',
  },
  'Rails between ball and axle bend': {
    de: 'Längsträger zwischen Kugel und Achse: Durchbiegung',
    es: 'Largueros entre bola y eje: flecha',
  },
  'The rear end goes': { de: 'Hinteres Ende: Senkung', es: 'Extremo trasero: descenso' },
  'The tongue’s tip goes': { de: 'Spitze der Deichsel: Senkung', es: 'Punta de la lanza: descenso' },
  bends: { de: 'biegt sich', es: 'flecta' },
  'A leg of {leg} would do; the wall takes it.': {
    de: 'Ein Schenkel von {leg} würde genügen; die Wand nimmt ihn an.',
    es: 'Bastaría un cateto de {leg}; la pared lo admite.',
  },
  'Longer weld: {length} in all would do. A thicker leg than the wall would burn through.': {
    de: 'Längere Naht: {length} im Ganzen würden genügen. Ein dickerer Schenkel als die Wand brennt durch.',
    es: 'Soldadura más larga: bastaría {length} en total. Un cateto más grueso que la pared la perforaría.',
  },
  'A gusset with legs of {leg} would do. A thicker leg than the wall would burn through.': {
    de: 'Ein Knotenblech mit Schenkeln von {leg} würde genügen. Ein dickerer Nahtschenkel als die Wand brennt durch.',
    es: 'Bastaría una cartela con catetos de {leg}. Un cateto más grueso que la pared la perforaría.',
  },
  'Put a plate between that spreads the weld; a thicker leg than the wall would burn through.': {
    de: 'Ein Blech dazwischen, das die Naht verteilt; ein dickerer Schenkel als die Wand brennt durch.',
    es: 'Ponga una chapa en medio que reparta la soldadura; un cateto más grueso que la pared la perforaría.',
  },
  'Put plates along both sides of it, and have them looked at: they are not worked out here. A thicker leg than the wall would burn through.':
    {
      de: 'Bleche längs beider Seiten anbringen und ansehen lassen: sie werden hier nicht gerechnet. Ein dickerer Schenkel als die Wand brennt durch.',
      es: 'Ponga chapas a ambos lados y haga que las revisen: aquí no se calculan. Un cateto más grueso que la pared la perforaría.',
    },
  'The wall is the weaker: {wall} of it would do.': {
    de: 'Die Wand ist das Schwächere: {wall} davon würden genügen.',
    es: 'La pared es lo más débil: bastaría {wall}.',
  },
  'at a hole in {bar}': { de: 'an einem Loch in {bar}', es: 'en un agujero de {bar}' },
  'at the splice in {bar}': { de: 'am Stoß in {bar}', es: 'en el empalme de {bar}' },
  'where the reinforcement of {bar} ends': {
    de: 'wo die Verstärkung endet, {bar}',
    es: 'donde acaba el refuerzo de {bar}',
  },
  'where {joint} meets {bar}': { de: 'am Anschluss {joint} / {bar}', es: 'en la unión {joint} / {bar}' },
  'By hand its ends turn freely; in the frame the rails hold them as far as their walls do, and a tube counts with its full shape.':
    {
      de: 'Von Hand drehen sich seine Enden frei; im Rahmen halten die Längsträger sie so weit, wie ihre Wände es tun, und ein Rohr zählt mit seiner vollen Form.',
      es: 'A mano sus extremos giran libres; en el bastidor los largueros los sujetan tanto como sus paredes, y un tubo cuenta con toda su forma.',
    },
  'By hand the rails bear alone; in the frame the tongue’s legs run on below them and share.': {
    de: 'Von Hand tragen die Längsträger allein; im Rahmen laufen die Schenkel der Deichsel unter ihnen weiter und tragen mit.',
    es: 'A mano los largueros soportan solos; en el bastidor los brazos de la lanza siguen por debajo y comparten.',
  },
  'By hand one straight beam bears all; in the frame what is joined to it shares, and a tube counts with its full shape.':
    {
      de: 'Von Hand trägt ein gerader Balken alles; im Rahmen trägt mit, was daran hängt, und ein Rohr zählt mit seiner vollen Form.',
      es: 'A mano una viga recta lo soporta todo; en el bastidor lo unido a ella comparte, y un tubo cuenta con toda su forma.',
    },
  'The frame also twists it and bends it sideways, which the hand check leaves out.': {
    de: 'Der Rahmen verdreht ihn auch und biegt ihn seitwärts, was die Handrechnung weglässt.',
    es: 'El bastidor además la tuerce y la flecta de lado, lo que el cálculo a mano omite.',
  },
  '{member} works at {utilisation} of {rule} {situation}{case}{weldAt}.': {
    de: '{member}: {utilisation}, gemessen an {rule}, {situation}{case}{weldAt}.',
    es: '{member} trabaja al {utilisation} de {rule} {situation}{case}{weldAt}.',
  },
  'its yield': { de: 'der Fließgrenze', es: 'su límite elástico' },
  'what is allowed': { de: 'dem Erlaubten', es: 'lo admitido' },
  ', beside the weld of {weldAt}': { de: ', neben der Naht: {weldAt}', es: ', junto a la soldadura: {weldAt}' },
  'It bends for good.': { de: 'Er verbiegt sich bleibend.', es: 'Se dobla para siempre.' },
  'An open bar twists easily: join cross-members over its whole depth, or take a tube.': {
    de: 'Ein offener Stab verdreht sich leicht: Querträger über die ganze Höhe anschließen, oder ein Rohr nehmen.',
    es: 'Una barra abierta se tuerce con facilidad: una los travesaños en todo su canto, o tome un tubo.',
  },
  'The other bar: {most}.': { de: 'Der andere Stab: {most}.', es: 'La otra barra: {most}.' },
  'Other {count} bars: {least} to {most}.': {
    de: 'Weitere {count} Stäbe: {least} bis {most}.',
    es: 'Otras {count} barras: {least} a {most}.',
  },
  '{member} works at {utilisation} {situation}{case}; leg {leg}.': {
    de: '{member}: {utilisation} {situation}{case}; Schenkel {leg}.',
    es: '{member} trabaja al {utilisation} {situation}{case}; cateto {leg}.',
  },
  'Other {count} welds: up to {most}.': {
    de: 'Weitere {count} Nähte: bis {most}.',
    es: 'Otras {count} soldaduras: hasta {most}.',
  },
  'Seams of the {member}, {welded}, work at {utilisation} {situation}, {case}.': {
    de: 'Nähte, {member}, {welded}: {utilisation} {situation}, {case}.',
    es: 'Cordones de {member}, {welded}: {utilisation} {situation}, {case}.',
  },
  '{welded} of them welded': { de: '{welded} davon geschweißt', es: '{welded} soldado' },
  'welded all along': { de: 'durchgehend geschweißt', es: 'soldado de punta a punta' },
  'Make the stitches longer, or nearer to each other.': {
    de: 'Die Heftnähte länger machen oder näher zueinander setzen.',
    es: 'Haga los cordones más largos, o más juntos.',
  },
  '{panel} holds its bars square: up to {fastener} on each fastener where they are {pitch} apart, {situation}, {case}.':
    {
      de: '{panel} hält seine Stäbe im Winkel: bis {fastener} auf jeden Halt, wo sie {pitch} auseinander sitzen, {situation}, {case}.',
      es: '{panel} mantiene sus barras a escuadra: hasta {fastener} por sujeción donde están a {pitch}, {situation}, {case}.',
    },
  'It ripples there, and pulls on: fasten it closer, or take it thicker or the posts nearer.': {
    de: 'Es wirft dort Falten und zieht weiter: enger befestigen, dicker nehmen oder die Pfosten enger stellen.',
    es: 'Allí se arruga y sigue tirando: sujétela más seguido, tómela más gruesa o acerque los postes.',
  },
  'What it bears nobody has said.': {
    de: 'Was es trägt, hat niemand angegeben.',
    es: 'Nadie ha dicho lo que soporta.',
  },
  '{panel} is said to hold its bars square, and counts for nothing: no two bars run across it from edge to edge with joints there, or its sheet holds nothing, or every bay has an opening.':
    {
      de: '{panel} soll seine Stäbe im Winkel halten und zählt nichts: keine zwei Stäbe laufen mit Knoten dort von Kante zu Kante darüber, oder sein Blech hält nichts, oder jedes Feld hat eine Öffnung.',
      es: '{panel} debería mantener sus barras a escuadra y no cuenta nada: no la cruzan dos barras de borde a borde con uniones allí, o su chapa no sujeta, o cada paño tiene un hueco.',
    },
  '{open} stay open between the stitches of the {member}; so far a plate that is pressed holds to {most}.': {
    de: '{open} bleiben zwischen den Heftnähten offen, {member}; bis {most} hält ein Blech, das gedrückt wird.',
    es: '{open} quedan abiertos entre los cordones de {member}; una chapa comprimida aguanta hasta {most}.',
  },
  'Set the stitches nearer to each other.': {
    de: 'Die Heftnähte näher zueinander setzen.',
    es: 'Ponga los cordones más juntos.',
  },
  'A leg of {leg} is thin for its wall: {least} is the least that fuses well.': {
    de: 'Ein Schenkel von {leg} ist dünn für seine Wand: {least} ist das Mindeste, das gut einbrennt.',
    es: 'Un cateto de {leg} es fino para su pared: {least} es lo mínimo que funde bien.',
  },
  'Hangers push up to {force} into the {member} {situation}, {case}: {utilisation} of what its walls bear.': {
    de: 'Federböcke drücken mit bis zu {force} in {member} {situation}, {case}: {utilisation} von dem, was die Wände tragen.',
    es: 'Los soportes empujan hasta {force} en {member} {situation}, {case}: {utilisation} de lo que soportan sus paredes.',
  },
  'Weld a plate between, wider than the wall is thick.': {
    de: 'Ein Blech dazwischen schweißen, breiter als die Wand dick ist.',
    es: 'Suelde una chapa en medio, más ancha que el grueso de la pared.',
  },
  'The hole of {diameter} in the {member}, {at} along it, works at {utilisation} {situation}{case}.': {
    de: 'Das Loch von {diameter} in {member}, bei {at}: {utilisation} {situation}{case}.',
    es: 'El taladro de {diameter} en {member}, a {at}: {utilisation} {situation}{case}.',
  },
  'The hole of {diameter} in the {member} leaves no metal.': {
    de: 'Das Loch von {diameter} in {member} lässt kein Metall übrig.',
    es: 'El taladro de {diameter} en {member} no deja metal.',
  },
  'Move it to the middle of the sides, where bending is least, or make it smaller.': {
    de: 'In die Mitte der Seiten setzen, wo die Biegung am kleinsten ist, oder kleiner bohren.',
    es: 'Páselo a la mitad de los lados, donde menos flecta, o hágalo menor.',
  },
  'Coupler bolts take {force} {situation}: {utilisation} of what {by} bear.': {
    de: 'Die Schrauben der Kupplung nehmen {force} {situation}: {utilisation} von dem, was {by} tragen.',
    es: 'Los tornillos del acoplamiento toman {force} {situation}: {utilisation} de lo que soportan {by}.',
  },
  'the bolts': { de: 'die Schrauben', es: 'los tornillos' },
  'the walls at the holes': { de: 'die Wände an den Löchern', es: 'las paredes en los agujeros' },
  'the edges at the holes': { de: 'die Ränder an den Löchern', es: 'los bordes en los agujeros' },
  '{member} bends': { de: '{member}: Durchbiegung', es: '{member}: flecha' },
  '{subject} {by} under {case} alone; up to {usual} is usual.': {
    de: '{subject} {by}, allein unter {case}; bis {usual} sind üblich.',
    es: '{subject} {by} solo con {case}; lo habitual es hasta {usual}.',
  },
  'A tongue this springy nods on the road.': {
    de: 'Eine so federnde Deichsel nickt auf der Straße.',
    es: 'Una lanza tan flexible cabecea en el camino.',
  },
  'Likely to crack early {joint}, always loaded as {case}.': {
    de: 'Reißt wahrscheinlich früh, {joint}, immer beladen wie {case}.',
    es: 'Es probable que se agriete pronto {joint}, siempre cargado como {case}.',
  },
  'Look for cracks {joint} once a year, always loaded as {case}.': {
    de: 'Einmal im Jahr nach Rissen sehen, {joint}, immer beladen wie {case}.',
    es: 'Busque grietas {joint} una vez al año, siempre cargado como {case}.',
  },
  'No fatigue crack is expected, always loaded as {case}; the first would begin {joint}.': {
    de: 'Kein Ermüdungsriss zu erwarten, immer beladen wie {case}; der erste begänne {joint}.',
    es: 'No se espera grieta por fatiga, siempre cargado como {case}; la primera empezaría {joint}.',
  },
  'Standing still, the stress at the toe of that weld is {stress}, past the metal’s yield.': {
    de: 'Im Stand beträgt die Spannung am Nahtübergang {stress}, mehr als die Fließgrenze des Werkstoffs.',
    es: 'Parado, la tensión al pie de esa soldadura es {stress}, más que el límite elástico del metal.',
  },
  'Switched off, so not looked at: {off}.': {
    de: 'Ausgeschaltet, also nicht angesehen: {off}.',
    es: 'Desactivado, así que no se miró: {off}.',
  },
  '{situation} cannot be worked out: say how hard it is pulled, or what the tow vehicle weighs.': {
    de: '{situation} lässt sich nicht rechnen: angeben, wie stark gezogen wird, oder was das Zugfahrzeug wiegt.',
    es: '{situation} no se puede calcular: diga con cuánta fuerza se tira, o cuánto pesa el vehículo tractor.',
  },
  'Do not pull anything out by coupler, ball or chains unless each is rated for it: what breaks, flies.': {
    de: 'Nichts an Kupplung, Kugel oder Ketten herausziehen, wenn nicht jedes dafür bemessen ist: was bricht, fliegt.',
    es: 'No saque nada tirando de acoplamiento, bola o cadenas si no están previstos para ello: lo que se rompe, vuela.',
  },
  'And loaded badly: {utilisation}, {data} {situation}, {case}.': {
    de: 'Und schlecht beladen: {utilisation}, {data} {situation}, {case}.',
    es: 'Y mal cargado: {utilisation}, {data} {situation}, {case}.',
  },
  'ADR 62 and VSB 1 (Australia), at the plate’s gross: {utilisation} of yield, {data}.': {
    de: 'ADR 62 und VSB 1 (Australien), bei der Gesamtmasse des Schildes: {utilisation} der Fließgrenze, {data}.',
    es: 'ADR 62 y VSB 1 (Australia), con la masa total de la placa: {utilisation} del límite elástico, {data}.',
  },
  'Not asked where this trailer is used.': {
    de: 'Nicht verlangt, wo dieser Anhänger gebraucht wird.',
    es: 'No se pide donde se usa este remolque.',
  },
  'How the ends of {count} give on the walls that they are welded to is guessed: no model was made of such joints. Their working shows both bounds.':
    {
      de: 'Wie die Enden nachgeben, {count}, auf den Wänden, an die sie geschweißt sind, ist geschätzt: von solchen Knoten gibt es kein Modell. Ihr Rechenweg zeigt beide Grenzen.',
      es: 'Cuánto ceden los extremos de {count} en las paredes a las que se sueldan es una suposición: no hay modelo de tales uniones. Su cálculo muestra ambos límites.',
    },
  '{count} bars': { de: '{count} Stäbe', es: '{count} barras' },
  'Springs or brackets do not stand under the rails: what carries them there is not drawn, so neither it nor its welds are looked at. The rails get the twist.':
    {
      de: 'Federn oder Böcke stehen nicht unter den Längsträgern: was sie dort trägt, ist nicht gezeichnet, also werden weder es noch seine Nähte angesehen. Die Verdrehung bekommen die Längsträger.',
      es: 'Muelles o soportes no están bajo los largueros: lo que los lleva allí no está dibujado, así que ni eso ni sus soldaduras se miran. La torsión la reciben los largueros.',
    },
  'Nobody is taken to step on the rear edge: it is a low or light trailer, loaded from the ground. Say so under Situations if somebody will.':
    {
      de: 'Es wird angenommen, dass niemand auf die Hinterkante tritt: der Anhänger ist niedrig oder leicht und wird vom Boden beladen. Unter „Lastfälle“ sagen, wenn es doch jemand tut.',
      es: 'Se supone que nadie pisa el borde trasero: es un remolque bajo o ligero, que se carga desde el suelo. Dígalo en «Situaciones» si alguien lo hará.',
    },
  'The gross on the plate is missing: the frame is not looked at full to it{rulesAsked}.': {
    de: 'Die Gesamtmasse auf dem Schild fehlt: der Rahmen wird nicht voll bis dorthin angesehen{rulesAsked}.',
    es: 'Falta la masa total de la placa: el bastidor no se mira lleno hasta ella{rulesAsked}.',
  },
  ', nor under the drawbar loads of ADR 62 and VSB 1, which are asked where this trailer is used': {
    de: ', auch nicht unter den Deichsellasten von ADR 62 und VSB 1, die dort verlangt sind, wo er gebraucht wird',
    es: ', ni bajo las cargas de lanza de ADR 62 y VSB 1, que se piden donde se usa',
  },
  '{member} in a hard bump, {case}: {hand} by hand, {frame} in the whole frame.': {
    de: '{member} bei hartem Stoß, {case}: {hand} von Hand, {frame} im ganzen Rahmen.',
    es: '{member} en un bache fuerte, {case}: {hand} a mano, {frame} en el bastidor entero.',
  },
  'Not in this analysis: axle, springs and their bolts, wear and rust. Home-made couplings and swing arms are outside any rule here: buy rated ones.':
    {
      de: 'Nicht in dieser Rechnung: Achse, Federn und ihre Bolzen, Verschleiß und Rost. Selbst gebaute Kupplungen und Schwingarme liegen außerhalb jeder Regel hier: geprüfte kaufen.',
      es: 'No entra en este cálculo: eje, muelles y sus pernos, desgaste y óxido. Acoplamientos y brazos hechos en casa quedan fuera de toda regla aquí: compre homologados.',
    },
  'Very stiff and very soft bars stand side by side: the sums of the frame analysis leave {x} of the forces over. Do not count on its figures.':
    {
      de: 'Sehr steife und sehr weiche Stäbe stehen nebeneinander: die Summen der Rahmenrechnung lassen {x} der Kräfte übrig. Nicht auf ihre Zahlen bauen.',
      es: 'Hay barras muy rígidas junto a muy blandas: las sumas del cálculo dejan {x} de las fuerzas sin cerrar. No se fíe de sus cifras.',
    },
  'Three axles, or torsion arms on an equaliser, are not modelled: the frame is not analysed.': {
    de: 'Drei Achsen, oder Federarme an einem Ausgleichshebel, sind nicht modelliert: der Rahmen wird nicht gerechnet.',
    es: 'Tres ejes, o brazos de torsión con balancín, no están modelados: el bastidor no se calcula.',
  },
  'Hangers or axle are not under the rails: the frame cannot be analysed until they are.': {
    de: 'Federböcke oder Achse stehen nicht unter den Längsträgern: solange wird der Rahmen nicht gerechnet.',
    es: 'Soportes o eje no están bajo los largueros: hasta entonces no se calcula el bastidor.',
  },
  'The frame cannot be analysed until its bars fit together.': {
    de: 'Der Rahmen lässt sich erst rechnen, wenn seine Stäbe zusammenpassen.',
    es: 'El bastidor no se calcula hasta que sus barras encajen.',
  },
} as const satisfies Phrasebook;
