import type { Phrasebook } from '../phrases.js';

export const rules = {
  'push ÷ its limit + moment ÷ its limit, across and along the wall, each nominal ÷ 1.5 ≤ 1': {
    de: 'Druck ÷ Grenze + Moment ÷ Grenze, quer und längs zur Wand, jeweils Nennwert ÷ 1,5 ≤ 1',
    es: 'empuje ÷ su límite + momento ÷ su límite, a través y a lo largo de la pared, cada uno nominal ÷ 1,5 ≤ 1',
  },
  'ends of tongues, uprights and other bars that must pass a moment into the wall of a tube or the web of a channel, in the middle of it; the load in that bar itself, cap plates and corners are left out':
    {
      de: 'Enden von Deichseln, Pfosten und anderen Stäben, die ein Moment in die Wand eines Rohrs oder den Steg eines U-Profils geben müssen, in deren Mitte; die Last in diesem Stab selbst, Deckplatten und Ecken bleiben außen vor',
      es: 'extremos de lanzas, montantes y otras barras que pasan un momento a la pared de un tubo o al alma de un perfil U, en su centro; la carga de esa barra, chapas de refuerzo y esquinas quedan fuera',
    },
  'm·a·(h − h_ball) ÷ L unbraked, m·a·h ÷ L braked; two axles by moments of every body': {
    de: 'm·a·(h − h_ball) ÷ L ungebremst, m·a·h ÷ L gebremst; zwei Achsen aus den Momenten jedes Körpers',
    es: 'm·a·(h − h_ball) ÷ L sin frenos, m·a·h ÷ L con frenos; dos ejes por momentos de cada cuerpo',
  },
  'rigid, level, an emergency stop of 0.7 g where the brakes and tires reach it; told, not judged': {
    de: 'starr, waagrecht, eine Notbremsung von 0,7 g, soweit Bremsen und Reifen es schaffen; gesagt, nicht beurteilt',
    es: 'rígido, nivelado, una frenada de emergencia de 0,7 g si frenos y neumáticos llegan; se dice, no se juzga',
  },
  'both tires of an axle ≥ the axle’s rating; less is close to limit while they carry what any load and the plate ask':
    {
      de: 'beide Reifen einer Achse ≥ die Tragkraft der Achse; weniger ist knapp, solange sie tragen, was jede Beladung und das Fabrikschild verlangen',
      es: 'ambos neumáticos de un eje ≥ la capacidad del eje; menos es justo mientras lleven lo que pide cada carga y la placa',
    },
  'spring to wheel ≤ 8 1/2"; past it wheel load × distance ≤ half of the rating × 8 1/2"': {
    de: 'Feder bis Rad ≤ 8 1/2"; darüber Radlast × Abstand ≤ halbe Tragkraft × 8 1/2"',
    es: 'de ballesta a rueda ≤ 8 1/2"; más allá carga de rueda × distancia ≤ media capacidad × 8 1/2"',
  },
  'median km until the worst weld cracks: a year’s use (5,000) or less is early, up to 100,000 worth a look each year':
    {
      de: 'mittlere km, bis die schlechteste Naht reißt: ein Jahr (5.000) oder weniger ist früh, bis 100.000 jedes Jahr nachsehen',
      es: 'km medianos hasta que se agriete la peor soldadura: un año de uso (5.000) o menos es pronto, hasta 100.000 vale mirar cada año',
    },
  'splice at least a third of the span from the front header, ahead of it and behind': {
    de: 'Schweißstoß mindestens ein Drittel der Spannweite vom vorderen Querträger entfernt, davor und dahinter',
    es: 'empalme a un tercio del vano o más del travesaño frontal, por delante y por detrás',
  },
  'welds across a bar of the tongue; sleeves and fish plates over them are not seen': {
    de: 'Nähte quer über einen Stab der Deichsel; Hülsen und Laschen darüber sieht Kereta nicht',
    es: 'soldaduras a través de una barra de la lanza; no se ven manguitos ni platabandas encima',
  },
  'weight on the wheel or leg ÷ what the deck bears under it ≤ 1': {
    de: 'Gewicht auf Rad oder Fuß ÷ was das Deck darunter trägt ≤ 1',
    es: 'peso en la rueda o pata ÷ lo que aguanta el piso debajo ≤ 1',
  },
  'wheels half-way over the widest gap, legs where they stand; standing, for a short while': {
    de: 'Räder in der Mitte der weitesten Lücke, Füße wo sie stehen; im Stand, für kurze Zeit',
    es: 'ruedas a mitad del hueco más ancho, patas donde están; parado, por poco tiempo',
  },
  'least of the band ≤ T ÷ W ≤ most of the band, each in shares and in kg, whichever is narrower; tight within 10 % of the band’s width of either end, and up to 0.5 % of the weight outside':
    {
      de: 'Kleinstes der Spanne ≤ T ÷ W ≤ Größtes der Spanne, als Anteil und in kg, je nachdem was enger ist; knapp innerhalb 10 % der Spannenbreite an beiden Enden und bis 0,5 % des Gewichts außerhalb',
      es: 'mínimo del margen ≤ T ÷ W ≤ máximo del margen, en partes y en kg, lo más estrecho; justo a menos del 10 % del ancho del margen en cada extremo, y hasta 0,5 % del peso fuera',
    },
  'standing still and level; every towed load, by the trailer’s band or its own': {
    de: 'im Stillstand und waagrecht; jede gezogene Beladung, nach der Spanne des Anhängers oder ihrer eigenen',
    es: 'parado y nivelado; toda carga remolcada, por el margen del remolque o el suyo',
  },
  'greatest T of all loads not parked ≤ the lower of what hitch and coupler bear': {
    de: 'größtes T aller nicht geparkten Beladungen ≤ das Kleinere, das Zugvorrichtung und Kupplung tragen',
    es: 'mayor T de las cargas no aparcadas ≤ lo menor que soportan enganche y acoplamiento',
  },
  'standing still; braking and bumps add to it and are in the stamps': {
    de: 'im Stillstand; Bremsen und Stöße kommen dazu und stecken in den Prägungen',
    es: 'parado; frenada y baches se suman y están en los sellos',
  },
  'load on the jack ≥ 0': { de: 'Last auf dem Stützfuß ≥ 0', es: 'carga en la pata ≥ 0' },
  'parked level on the jack, wheels chocked': {
    de: 'waagrecht auf dem Stützfuß geparkt, Räder verkeilt',
    es: 'aparcado a nivel sobre la pata, ruedas calzadas',
  },
  'load on the ball ≥ 0': { de: 'Last auf der Kugel ≥ 0', es: 'carga en la bola ≥ 0' },
  'while loading, hitched and level': {
    de: 'beim Laden, angehängt und waagrecht',
    es: 'cargando, enganchado y nivelado',
  },
  'axle at 60 % of the bed': { de: 'Achse bei 60 % der Fläche', es: 'eje al 60 % de la caja' },
  'a rule of thumb for an even load; shown beside the window, never in its place': {
    de: 'eine Faustregel für gleichmäßige Last; neben dem Fenster gezeigt, nie an seiner Stelle',
    es: 'regla aproximada para carga pareja; se muestra junto a la ventana, nunca en su lugar',
  },
  'axle within every interval of tongue share, tongue force and axle rating of every load that counts': {
    de: 'Achse innerhalb jedes Bereichs von Stützlastanteil, Stützlast und Achslast jeder Beladung, die zählt',
    es: 'eje dentro de cada intervalo de parte de lanza, fuerza de lanza y capacidad de eje de cada carga que cuenta',
  },
  'closed form, as if it rode level; parked loads do not bind': {
    de: 'geschlossene Form, als liefe er waagrecht; geparkte Beladungen binden nicht',
    es: 'forma cerrada, como si fuera nivelado; las cargas aparcadas no limitan',
  },
  'at least one load': { de: 'mindestens eine Beladung', es: 'al menos una carga' },
  'nothing stands anywhere without one': {
    de: 'ohne eine steht nichts irgendwo',
    es: 'sin una nada está en ningún sitio',
  },
  'T with every weight and place at the end of its own tolerance that makes it worse, within the band; only T < 0 counts':
    {
      de: 'T mit jedem Gewicht und Platz am ungünstigen Ende seiner Spanne, innerhalb der Spanne; nur T < 0 zählt',
      es: 'T con cada peso y lugar en el extremo peor de su tolerancia, dentro del margen; solo T < 0 cuenta',
    },
  'loads that are within by their own figures': {
    de: 'Beladungen, die nach ihren eigenen Zahlen innerhalb sind',
    es: 'cargas que cumplen por sus propias cifras',
  },
  'W + 1.645·√(Σ tolerance² ÷ 3) ≤ the gross on the plate': {
    de: 'W + 1,645·√(Σ Spanne² ÷ 3) ≤ Gesamtmasse auf dem Schild',
    es: 'W + 1,645·√(Σ tolerancia² ÷ 3) ≤ la masa total de la placa',
  },
  'the heaviest load that is within its plate by its own figures; the trailer’s own parts within 5 to 10 %': {
    de: 'die schwerste Beladung, die nach ihren Zahlen im Schild bleibt; die Teile des Anhängers innerhalb 5 bis 10 %',
    es: 'la carga más pesada que cumple la placa por sus cifras; las piezas del remolque dentro del 5 al 10 %',
  },
  'dT ÷ dx for axle, ball and items': {
    de: 'dT ÷ dx für Achse, Kugel und Lasten',
    es: 'dT ÷ dx para eje, bola y cargas',
  },
  'near the present places; exact there': {
    de: 'nahe den jetzigen Plätzen; dort genau',
    es: 'cerca de los lugares actuales; exacto allí',
  },
  'load on the jack with 200 kg of people on the rear edge ≥ 0; tight under 3 % of the weight': {
    de: 'Last auf dem Stützfuß mit 200 kg Menschen auf der Hinterkante ≥ 0; knapp unter 3 % des Gewichts',
    es: 'carga en la pata con 200 kg de personas en el borde trasero ≥ 0; justo bajo el 3 % del peso',
  },
  'parked, about the hindmost of wheels and stands; people elsewhere tip less': {
    de: 'geparkt, um das Hinterste von Rädern und Stützen; Menschen anderswo kippen weniger',
    es: 'aparcado, en torno a lo más trasero de ruedas y apoyos; en otro sitio vuelcan menos',
  },
  '|left − right| ÷ (left + right) of the wheels ≤ 10 %; tight from 5 %': {
    de: '|links − rechts| ÷ (links + rechts) der Räder ≤ 10 %; knapp ab 5 %',
    es: '|izquierda − derecha| ÷ (izquierda + derecha) de las ruedas ≤ 10 %; justo desde 5 %',
  },
  'towed loads, level across; the ball takes no roll': {
    de: 'gezogene Beladungen, quer waagrecht; die Kugel nimmt kein Wanken',
    es: 'cargas remolcadas, niveladas de lado; la bola no toma balanceo',
  },
  'z of the balance point above the ground': {
    de: 'z des Schwerpunkts über dem Boden',
    es: 'z del punto de equilibrio sobre el suelo',
  },
  'the towed load that is highest; told, not judged': {
    de: 'die gezogene Beladung, die am höchsten ist; gesagt, nicht beurteilt',
    es: 'la carga remolcada más alta; se dice, no se juzga',
  },
  '|ball above where it rides level| ≤ one step (1 in or 25 mm)': {
    de: '|Kugel über der Höhe, in der er waagrecht fährt| ≤ eine Stufe (1 in oder 25 mm)',
    es: '|bola sobre la altura a la que va nivelado| ≤ un paso (1 in o 25 mm)',
  },
  'axles without an equaliser; rigid frame on springs': {
    de: 'Achsen ohne Ausgleichshebel; starrer Rahmen auf Federn',
    es: 'ejes sin balancín; bastidor rígido sobre muelles',
  },
  'person × 1.5 × reach of the arm ÷ section modulus ≤ allowed beside welds': {
    de: 'Mensch × 1,5 × Ausladung des Arms ÷ Widerstandsmoment ≤ Erlaubtes neben Nähten',
    es: 'persona × 1,5 × vuelo del brazo ÷ módulo resistente ≤ lo admitido junto a soldaduras',
  },
  'the arm that reaches furthest, all of one person on its end; its welds and what it is welded on are not checked': {
    de: 'der Arm, der am weitesten ausladet, ein ganzer Mensch auf seinem Ende; seine Nähte und woran er sitzt, werden nicht geprüft',
    es: 'el brazo que más sale, toda una persona en su extremo; sus soldaduras y a qué se une no se revisan',
  },
  'ball load − person × (person behind axle ÷ ball to axle), with the gate let down, ≥ 0': {
    de: 'Kugellast − Mensch × (Mensch hinter Achse ÷ Kugel bis Achse), mit herabgelassener Klappe, ≥ 0',
    es: 'carga en bola − persona × (persona tras el eje ÷ de bola a eje), con el portón bajado, ≥ 0',
  },
  'one person of 220 lb (100 kg): at the end of a gate on chains, at the hinge of one that lies on the ground': {
    de: 'ein Mensch von 220 lb (100 kg): am Ende einer Klappe an Ketten, am Scharnier einer, die am Boden liegt',
    es: 'una persona de 220 lb (100 kg): en el extremo de un portón en cadenas, en la bisagra de uno que apoya en el suelo',
  },
  'asin(hinge’s height ÷ gate’s length) ≤ 20°': {
    de: 'arcsin(Höhe des Scharniers ÷ Länge der Klappe) ≤ 20°',
    es: 'asin(altura de bisagra ÷ largo del portón) ≤ 20°',
  },
  'level ground, rear gates; of a trailer without a measured height by its parts': {
    de: 'ebener Boden, hintere Klappen; bei einem Anhänger ohne gemessene Höhe nach seinen Teilen',
    es: 'suelo llano, portones traseros; sin altura medida, por sus piezas',
  },
  'no load is towed with a ramp on the ground': {
    de: 'keine Beladung wird mit einer Rampe am Boden gezogen',
    es: 'ninguna carga se remolca con una rampa en el suelo',
  },
  'gates that lie on the ground when they are let down': {
    de: 'Klappen, die herabgelassen am Boden aufliegen',
    es: 'portones que bajados apoyan en el suelo',
  },
  'one bar from hinge to far end, person or wheel in its middle: load × length ÷ 4 ÷ section modulus ≤ allowed': {
    de: 'ein Stab vom Scharnier zum fernen Ende, Mensch oder Rad in der Mitte: Last × Länge ÷ 4 ÷ Widerstandsmoment ≤ Erlaubtes',
    es: 'una barra de la bisagra al extremo, persona o rueda en medio: carga × largo ÷ 4 ÷ módulo ≤ lo admitido',
  },
  'bars that run from the hinge to the far end; fill, hinges, latches and chains are not checked': {
    de: 'Stäbe vom Scharnier zum fernen Ende; Füllung, Scharniere, Riegel und Ketten werden nicht geprüft',
    es: 'barras de la bisagra al extremo; relleno, bisagras, cierres y cadenas no se revisan',
  },
  'the bed’s balance point ahead of its pivot in every load that is towed': {
    de: 'Schwerpunkt der Fläche vor ihrem Drehpunkt in jeder gezogenen Beladung',
    es: 'equilibrio de la caja delante de su pivote en toda carga remolcada',
  },
  'what tips: the frame without its tongue, deck, body and what is on them': {
    de: 'was kippt: der Rahmen ohne Deichsel, Boden, Aufbau und was darauf ist',
    es: 'lo que bascula: el bastidor sin lanza, piso, carrocería y lo que llevan',
  },
  'pivot + bed × (pivot − bed’s balance point) ÷ machine': {
    de: 'Drehpunkt + Fläche × (Drehpunkt − Schwerpunkt der Fläche) ÷ Maschine',
    es: 'pivote + caja × (pivote − equilibrio de la caja) ÷ máquina',
  },
  'the heaviest thing on wheels, driven on from behind over an empty bed': {
    de: 'das Schwerste auf Rädern, von hinten auf eine leere Fläche gefahren',
    es: 'lo más pesado sobre ruedas, subido por detrás a una caja vacía',
  },
  'asin(pivot’s height ÷ pivot to rear edge) ≤ 20°': {
    de: 'arcsin(Höhe des Drehpunkts ÷ Drehpunkt bis Hinterkante) ≤ 20°',
    es: 'asin(altura del pivote ÷ de pivote a borde trasero) ≤ 20°',
  },
  'level ground, pivot at the rails’ underside': {
    de: 'ebener Boden, Drehpunkt an der Unterseite der Längsträger',
    es: 'suelo llano, pivote en la cara inferior de los largueros',
  },
  '2 × weight on the pivot ÷ two pins’ areas ≤ 0.6 × yield ÷ 1.5': {
    de: '2 × Gewicht auf dem Drehpunkt ÷ Flächen zweier Bolzen ≤ 0,6 × Fließgrenze ÷ 1,5',
    es: '2 × peso en el pivote ÷ áreas de dos pasadores ≤ 0,6 × límite elástico ÷ 1,5',
  },
  'pins in single shear between tight ears; their bending in loose ones is not checked': {
    de: 'Bolzen in einschnittigem Schub zwischen engen Ösen; ihre Biegung in losen wird nicht geprüft',
    es: 'pasadores en cortante simple entre orejas ajustadas; su flexión en flojas no se revisa',
  },
  'each bar has a section, a metal, a length, and something to be welded to': {
    de: 'jeder Stab hat ein Profil, ein Metall, eine Länge und etwas, woran er geschweißt wird',
    es: 'cada barra tiene perfil, metal, largo y algo a que soldarse',
  },
  'the geometry alone': { de: 'die Geometrie allein', es: 'solo la geometría' },
  'metal joins only what it touches, within 1/16 in (1.6 mm), or through a packer': {
    de: 'Metall verbindet nur, was es berührt, bis auf 1/16 in (1,6 mm), oder über eine Unterlage',
    es: 'el metal solo une lo que toca, a menos de 1/16 in (1,6 mm), o con un suplemento',
  },
  'a tongue that runs under the frame; what an A-frame passes under is told, not judged': {
    de: 'eine Deichsel unter dem Rahmen; worunter eine V-Deichsel durchläuft, wird gesagt, nicht beurteilt',
    es: 'una lanza bajo el bastidor; lo que una en V pasa por debajo se dice, no se juzga',
  },
  'depth of the header ≥ 0.9 of the bar that butts on it': {
    de: 'Höhe des Stirnträgers ≥ 0,9 des Stabes, der daran stößt',
    es: 'canto del cabezal ≥ 0,9 de la barra que topa con él',
  },
  'tongues that end at the front header': {
    de: 'Deichseln, die am vorderen Stirnträger enden',
    es: 'lanzas que acaban en el cabezal delantero',
  },
  'outermost of tires, fenders and frame ≤ the widest that it may be': {
    de: 'das Äußerste von Reifen, Kotflügeln und Rahmen ≤ die höchste Breite',
    es: 'lo más exterior de neumáticos, guardabarros y bastidor ≤ el ancho máximo',
  },
  'mirrors, lights and loads beyond the bed are not in it': {
    de: 'Spiegel, Lampen und Lasten über die Fläche hinaus sind nicht darin',
    es: 'espejos, luces y cargas que sobresalen no entran',
  },
  'ball centre to rear edge ≤ the longest that it may be': {
    de: 'Kugelmitte bis Hinterkante ≤ die höchste Länge',
    es: 'centro de bola a borde trasero ≤ el largo máximo',
  },
  'loads and gates beyond the bed are not in it': {
    de: 'Lasten und Klappen über die Fläche hinaus sind nicht darin',
    es: 'cargas y portones que sobresalen no entran',
  },
  'each shape in a metal that its standard is made in': {
    de: 'jede Form in einem Metall, in dem ihre Norm sie macht',
    es: 'cada forma en un metal en que la hace su norma',
  },
  'metals of a standard; your own are taken as you name them': {
    de: 'Metalle einer Norm; eigene gelten, wie sie benannt sind',
    es: 'metales de una norma; los suyos valen como los nombra',
  },
  'no rule': { de: 'keine Regel', es: 'sin regla' },
  'welded frames; the bar itself counts at 30 ksi (205 MPa)': {
    de: 'geschweißte Rahmen; der Stab selbst zählt mit 30 ksi (205 MPa)',
    es: 'bastidores soldados; la barra cuenta con 30 ksi (205 MPa)',
  },
  'from bar to bar no further than a sheet reaches, lengthwise or crosswise': {
    de: 'von Stab zu Stab nicht weiter, als eine Tafel reicht, längs oder quer',
    es: 'de barra a barra no más de lo que llega una plancha, a lo largo o de través',
  },
  'plywood panels that do not lean; a joint on a batten of its own is not known': {
    de: 'Sperrholzplatten, die nicht lehnen; eine Fuge auf eigener Leiste ist nicht bekannt',
    es: 'paneles de contrachapado que no van inclinados; no se conoce una junta sobre su propio listón',
  },
  '3/8 in (10 mm) of a bar under the edge of each sheet where two meet across the trailer': {
    de: '3/8 in (10 mm) eines Stabes unter der Kante jeder Tafel, wo zwei sich quer treffen',
    es: '3/8 in (10 mm) de barra bajo el borde de cada plancha donde se juntan dos de través',
  },
  'joints along the trailer are not looked at, nor blocking between the bars': {
    de: 'Fugen längs werden nicht angesehen, auch keine Hölzer zwischen den Stäben',
    es: 'no se miran juntas a lo largo, ni tacos entre barras',
  },
  'told: a tongue on top of the frame takes room from deck and loads': {
    de: 'gesagt: eine Deichsel auf dem Rahmen nimmt Boden und Lasten Platz',
    es: 'se dice: una lanza sobre el bastidor quita sitio a piso y cargas',
  },
  'decks of any kind; loads are not moved aside': {
    de: 'Böden jeder Art; Lasten werden nicht beiseite gerückt',
    es: 'pisos de todo tipo; las cargas no se apartan',
  },
  'bars of one’s own keep clear of others, or stand on them': {
    de: 'eigene Stäbe bleiben frei von anderen, oder stehen auf ihnen',
    es: 'las barras propias no tocan otras, o apoyan en ellas',
  },
  'away from the ends of both; bars alongside each other are not looked at': {
    de: 'weg von den Enden beider; Stäbe nebeneinander werden nicht angesehen',
    es: 'lejos de los extremos de ambas; barras lado a lado no se miran',
  },
  'yield of steel without mark or certificate counts as 30 ksi (205 MPa)': {
    de: 'die Fließgrenze von Stahl ohne Zeichen oder Zeugnis zählt mit 30 ksi (205 MPa)',
    es: 'el límite de acero sin marca ni certificado cuenta 30 ksi (205 MPa)',
  },
  'steel of any shape that is called unmarked': {
    de: 'Stahl jeder Form, der ungezeichnet heißt',
    es: 'acero de cualquier forma que se llame sin marca',
  },
  'within 1 in (25 mm) of a weld aluminum counts at its welded strength': {
    de: 'bis 1 in (25 mm) neben einer Naht zählt Aluminium mit seiner geschweißten Festigkeit',
    es: 'a menos de 1 in (25 mm) de una soldadura el aluminio cuenta su resistencia soldada',
  },
  'bars of aluminum, welded': { de: 'Stäbe aus Aluminium, geschweißt', es: 'barras de aluminio, soldadas' },
  'heaviest load ≤ the gross on the plate': {
    de: 'schwerste Beladung ≤ Gesamtmasse auf dem Schild',
    es: 'carga mayor ≤ la masa total de la placa',
  },
  'all loads, parked ones too': { de: 'alle Beladungen, auch geparkte', es: 'todas las cargas, también aparcadas' },
  'the greater of plate and heaviest load ≤ the stamp on the coupler': {
    de: 'das Größere von Schild und schwerster Beladung ≤ Prägung der Kupplung',
    es: 'lo mayor de placa y carga ≤ el sello del acoplamiento',
  },
  'couplings that somebody has rated': {
    de: 'Kupplungen, die jemand eingestuft hat',
    es: 'acoplamientos que alguien ha clasificado',
  },
  'the greater of plate and heaviest load ≤ what the vehicle may tow': {
    de: 'das Größere von Schild und schwerster Beladung ≤ was das Fahrzeug ziehen darf',
    es: 'lo mayor de placa y carga ≤ lo que el vehículo puede remolcar',
  },
  'the vehicle’s own limits for braked and unbraked trailers are not told apart': {
    de: 'Grenzen des Fahrzeugs für gebremste und ungebremste Anhänger werden nicht unterschieden',
    es: 'no se distinguen los límites del vehículo con y sin frenos',
  },
  'nobody has tested it': { de: 'niemand hat sie geprüft', es: 'nadie lo ha ensayado' },
  'at least one region is chosen': { de: 'mindestens eine Region ist gewählt', es: 'al menos una región elegida' },
  'rules that differ by region cannot be asked without one': {
    de: 'Regeln, die sich nach Region unterscheiden, lassen sich ohne eine nicht fragen',
    es: 'sin una no se pueden pedir reglas que varían por región',
  },
  'an A-frame coupler between legs at 50° ± 2°, a straight one on one tube': {
    de: 'eine V-Kupplung zwischen Schenkeln unter 50° ± 2°, eine gerade auf einem Rohr',
    es: 'un acoplamiento en V entre brazos a 50° ± 2°, uno recto sobre un tubo',
  },
  'couplers of the list; what their sides are welded or bolted to': {
    de: 'Kupplungen der Liste; woran ihre Seiten geschweißt oder geschraubt sind',
    es: 'acoplamientos de la lista; a qué se sueldan o atornillan sus lados',
  },
  '|slope of the tongue under the coupler| ≤ 2°': {
    de: '|Neigung der Deichsel unter der Kupplung| ≤ 2°',
    es: '|inclinación de la lanza bajo el acoplamiento| ≤ 2°',
  },
  'tongues that slope all the way; a stepped or dropped one lies level in front': {
    de: 'Deichseln, die ganz geneigt sind; eine abgesetzte liegt vorn waagrecht',
    es: 'lanzas inclinadas del todo; una escalonada va a nivel delante',
  },
  'rated gross ≤ what the region lets run unbraked': {
    de: 'zulässige Gesamtmasse ≤ was die Region ungebremst zulässt',
    es: 'masa total ≤ lo que la región deja sin frenos',
  },
  'a range where authorities differ; your own decides': {
    de: 'eine Spanne, wo Behörden sich unterscheiden; die eigene entscheidet',
    es: 'un margen donde las autoridades difieren; decide la suya',
  },
  'brakes set themselves when the trailer comes loose': {
    de: 'Bremsen greifen, wenn der Anhänger sich löst',
    es: 'los frenos actúan cuando el remolque se suelta',
  },
  'braked trailers, by region': { de: 'gebremste Anhänger, nach Region', es: 'remolques con frenos, por región' },
  'gross ≤ what overrun brakes are let hold': {
    de: 'Gesamtmasse ≤ was Auflaufbremsen halten dürfen',
    es: 'masa total ≤ lo que se deja a frenos de inercia',
  },
  'overrun brakes; electric ones have no such limit here': {
    de: 'Auflaufbremsen; elektrische haben hier keine solche Grenze',
    es: 'frenos de inercia; los eléctricos no tienen tal límite aquí',
  },
  'gross ÷ vehicle < 40 %, or brakes': {
    de: 'Gesamtmasse ÷ Fahrzeug < 40 %, oder Bremsen',
    es: 'masa total ÷ vehículo < 40 %, o frenos',
  },
  'whatever the law says': { de: 'was auch das Gesetz sagt', es: 'diga lo que diga la ley' },
  'as many ways as lights and brakes ask for': {
    de: 'so viele Pole, wie Lampen und Bremsen verlangen',
    es: 'tantas vías como piden luces y frenos',
  },
  'wiring itself is not looked at': {
    de: 'die Verkabelung selbst wird nicht angesehen',
    es: 'el cableado mismo no se mira',
  },
  'two chains, crossed, on tabs of their own': {
    de: 'zwei Ketten, gekreuzt, an eigenen Laschen',
    es: 'dos cadenas, cruzadas, en orejetas propias',
  },
  'how they hang; strength and length apart': {
    de: 'wie sie hängen; Festigkeit und Länge gesondert',
    es: 'cómo cuelgan; resistencia y largo aparte',
  },
  'each chain breaks at no less than its class asks; as many as the region asks': {
    de: 'jede Kette bricht nicht unter dem, was ihre Klasse verlangt; so viele, wie die Region verlangt',
    es: 'cada cadena rompe a no menos de lo que pide su clase; tantas como pide la región',
  },
  'Europe and Australia are counted, not rated': {
    de: 'Europa und Australien werden gezählt, nicht eingestuft',
    es: 'Europa y Australia se cuentan, no se clasifican',
  },
  'longest span in the turn ≤ chain; a dropped tongue stays off the road': {
    de: 'größte Spannweite in der Wende ≤ Kette; eine fallende Deichsel bleibt von der Straße',
    es: 'mayor distancia al girar ≤ cadena; una lanza caída no toca el camino',
  },
  'plane geometry, chains pulled straight behind the vehicle': {
    de: 'ebene Geometrie, Ketten gerade hinter dem Fahrzeug gezogen',
    es: 'geometría plana, cadenas rectas tras el vehículo',
  },
  'D = g·T·R ÷ (T + R) ≤ the D stamped, g = 9.81': {
    de: 'D = g·T·R ÷ (T + R) ≤ das geprägte D, g = 9,81',
    es: 'D = g·T·R ÷ (T + R) ≤ el D sellado, g = 9,81',
  },
  'Europe, centre-axle trailers over 3500 kg without air springs; told, not judged': {
    de: 'Europa, Zentralachsanhänger über 3500 kg ohne Luftfederung; gesagt, nicht beurteilt',
    es: 'Europa, remolques de eje central de más de 3500 kg sin suspensión neumática; se dice, no se juzga',
  },
  'least ≤ the coupling’s height ≤ most of the region': {
    de: 'Kleinstes ≤ Höhe der Kupplung ≤ Größtes der Region',
    es: 'mínimo ≤ altura del acoplamiento ≤ máximo de la región',
  },
  'the heaviest towed load riding level; Europe and Australia': {
    de: 'die schwerste gezogene Beladung, waagrecht; Europa und Australien',
    es: 'la carga remolcada mayor, nivelada; Europa y Australia',
  },
  'load on the jack ≤ its rating': {
    de: 'Last auf dem Stützfuß ≤ seine Tragfähigkeit',
    es: 'carga en la pata ≤ su capacidad',
  },
  'the parked load that presses hardest': {
    de: 'die geparkte Beladung, die am stärksten drückt',
    es: 'la carga aparcada que más aprieta',
  },
  'jack run out ≥ hitch + 3" + what it is mounted over the ball; drawn in, 6" off the road': {
    de: 'Stützfuß ausgefahren ≥ Kugelhöhe + 3" + wie hoch er über der Kugel sitzt; eingezogen 6" über der Straße',
    es: 'pata extendida ≥ enganche + 3" + lo que se monta sobre la bola; recogida, 6" del camino',
  },
  'level ground': { de: 'ebener Boden', es: 'suelo llano' },
  'greatest of gross and tongue against each link’s stamp ≤ 1': {
    de: 'Größtes von Gesamtmasse und Stützlast gegen die Prägung jedes Glieds ≤ 1',
    es: 'lo mayor de masa y lanza contra el sello de cada eslabón ≤ 1',
  },
  'stamps that somebody has read; the tongue by hand': {
    de: 'Prägungen, die jemand abgelesen hat; die Deichsel von Hand',
    es: 'sellos que alguien ha leído; la lanza a mano',
  },
  'ball = coupler, within 0.5 mm': { de: 'Kugel = Kupplung, bis auf 0,5 mm', es: 'bola = acoplamiento, con 0,5 mm' },
  'ball couplings': { de: 'Kugelkupplungen', es: 'acoplamientos de bola' },
  'receiver’s pin to ball ≤ where its maker rated the mount': {
    de: 'Bolzen der Aufnahme bis Kugel ≤ wo der Hersteller den Träger eingestuft hat',
    es: 'pasador del receptor a bola ≤ donde lo clasificó su fabricante',
  },
  'the tongue’s weight; pull on a dropped or raised ball bends it besides. Beyond the rated place nothing is judged': {
    de: 'das Gewicht der Deichsel; Zug an einer gesenkten oder erhöhten Kugel biegt ihn zusätzlich. Über die eingestufte Stelle hinaus wird nichts beurteilt',
    es: 'el peso de la lanza; el tiro en una bola bajada o subida además lo flecta. Más allá del lugar clasificado nada se juzga',
  },
  'shank ≤ hole ≤ shank + 1/16"': { de: 'Schaft ≤ Loch ≤ Schaft + 1/16"', es: 'espiga ≤ agujero ≤ espiga + 1/16"' },
  'balls with a shank': { de: 'Kugeln mit Schaft', es: 'bolas con espiga' },
  'told, not judged': { de: 'gesagt, nicht beurteilt', es: 'se dice, no se juzga' },
  'couplings without a ball': { de: 'Kupplungen ohne Kugel', es: 'acoplamientos sin bola' },
  'each thing on the list weighs something': {
    de: 'alles auf der Liste wiegt etwas',
    es: 'todo lo de la lista pesa algo',
  },
  'a thing that weighs nothing is one of which nobody has said': {
    de: 'was nichts wiegt, davon hat es niemand gesagt',
    es: 'de lo que no pesa nada nadie lo ha dicho',
  },
  'a level bar of one’s own lies under what stands on a rack': {
    de: 'ein waagrechter eigener Stab liegt unter dem, was auf einem Gestell steht',
    es: 'una barra propia a nivel bajo lo que apoya en un portacargas',
  },
  'bars within 5 mm of the highest carry together': {
    de: 'Stäbe innerhalb 5 mm vom höchsten tragen zusammen',
    es: 'barras a menos de 5 mm de la más alta llevan juntas',
  },
  'balance point between the outermost bars under it': {
    de: 'Schwerpunkt zwischen den äußersten Stäben darunter',
    es: 'punto de equilibrio entre las barras extremas de debajo',
  },
  'loads that stand on bars of one’s own; straps may hold what would tip': {
    de: 'Lasten auf eigenen Stäben; Gurte können halten, was kippen würde',
    es: 'cargas sobre barras propias; las cinchas pueden sujetar lo que volcaría',
  },
  'something is carried': { de: 'etwas wird getragen', es: 'algo se lleva' },
  'a trailer without any load is judged bare': {
    de: 'ein Anhänger ohne Last wird nackt beurteilt',
    es: 'un remolque sin carga se juzga desnudo',
  },
  'Σm of the heaviest load': { de: 'Σm der schwersten Beladung', es: 'Σm de la carga mayor' },
  'weld metal, paint and wiring are not weighed; add them as items': {
    de: 'Schweißgut, Farbe und Leitungen werden nicht gewogen; als Lasten hinzufügen',
    es: 'soldadura, pintura y cables no se pesan; añádalos como cargas',
  },
  'Σ of the bars and plates': { de: 'Σ der Stäbe und Bleche', es: 'Σ de barras y chapas' },
  'nominal sections by their area; weld metal is not weighed': {
    de: 'Nennprofile nach ihrer Fläche; Schweißgut wird nicht gewogen',
    es: 'perfiles nominales por su área; la soldadura no se pesa',
  },
  'an axle is chosen': { de: 'eine Achse ist gewählt', es: 'un eje elegido' },
  'a trailer without wheels is none': {
    de: 'ein Anhänger ohne Räder ist keiner',
    es: 'un remolque sin ruedas no lo es',
  },
  'axle behind the ball': { de: 'Achse hinter der Kugel', es: 'eje detrás de la bola' },
  always: { de: 'immer', es: 'siempre' },
  '0 ≤ axle’s place ≤ the bed’s length': {
    de: '0 ≤ Platz der Achse ≤ Länge der Fläche',
    es: '0 ≤ lugar del eje ≤ largo de la caja',
  },
  'axles under the bed; not a spread that reaches out behind': {
    de: 'Achsen unter der Fläche; keine Spreizung, die hinten hinausreicht',
    es: 'ejes bajo la caja; no un grupo que sale por detrás',
  },
  'load on the axle at the ground, wheels and axle included ≤ the rating on its tag': {
    de: 'Last auf der Achse am Boden, mit Rädern und Achse ≤ Tragfähigkeit auf dem Schild',
    es: 'carga del eje en el suelo, con ruedas y eje ≤ la capacidad de su etiqueta',
  },
  'standing still; the tag counts bumps in': {
    de: 'im Stillstand; das Schild zählt Stöße mit',
    es: 'parado; la etiqueta cuenta los baches',
  },
  'heaviest wheel ≤ the load on the sidewall, ÷ 1.10 for a passenger tire': {
    de: 'schwerstes Rad ≤ Last auf der Seitenwand, ÷ 1,10 beim Pkw-Reifen',
    es: 'rueda más cargada ≤ la carga del flanco, ÷ 1,10 en neumático de turismo',
  },
  'at the pressure written there, by side': {
    de: 'bei dem Druck, der dort steht, je Seite',
    es: 'a la presión escrita allí, por lado',
  },
  'heaviest wheel ≤ the load stamped on the wheel': {
    de: 'schwerstes Rad ≤ auf das Rad geprägte Last',
    es: 'rueda más cargada ≤ la carga sellada en la rueda',
  },
  'by side, standing still': { de: 'je Seite, im Stillstand', es: 'por lado, parado' },
  'road trailers; the sum alone, each tire is checked against its own load besides': {
    de: 'Straßenanhänger; nur die Summe, jeder Reifen wird daneben an seiner eigenen Last geprüft',
    es: 'remolques de carretera; solo la suma, cada neumático se revisa aparte',
  },
  'rated gross less the lightest tongue of the band ≤ the axles’ ratings together': {
    de: 'zulässige Gesamtmasse weniger leichteste Stützlast der Spanne ≤ Tragfähigkeiten der Achsen zusammen',
    es: 'masa total menos la lanza más ligera del margen ≤ capacidades de los ejes juntas',
  },
  'the plate, whatever is loaded': { de: 'das Schild, was auch geladen ist', es: 'la placa, lleve lo que lleve' },
  'an equaliser hangs between leaf springs': {
    de: 'ein Ausgleichshebel hängt zwischen Blattfedern',
    es: 'un balancín cuelga entre ballestas',
  },
  'axle to axle > bolt to bolt of one spring': {
    de: 'Achse zu Achse > Bolzen zu Bolzen einer Feder',
    es: 'de eje a eje > de perno a perno de una ballesta',
  },
  'tandems with an equaliser': { de: 'Tandems mit Ausgleichshebel', es: 'tándems con balancín' },
  'two axles on one pivot to each side': {
    de: 'zwei Achsen auf einem Drehpunkt je Seite',
    es: 'dos ejes en un pivote por lado',
  },
  'c ÷ (2 × √(k × m)) of a wheel, 0.1 to 1': {
    de: 'c ÷ (2 × √(k × m)) eines Rades, 0,1 bis 1',
    es: 'c ÷ (2 × √(k × m)) de una rueda, 0,1 a 1',
  },
  'one shock to a wheel, upright, the heaviest towed load; told where nobody has read its damping': {
    de: 'ein Stoßdämpfer je Rad, aufrecht, die schwerste gezogene Beladung; gesagt, wo niemand seine Dämpfung abgelesen hat',
    es: 'un amortiguador por rueda, vertical, la carga remolcada mayor; se dice si nadie leyó su amortiguamiento',
  },
  'arm below level unloaded; wheel’s rate = unit’s × (lever ÷ arm × cos lean)²; given under the heaviest load < travel to the stop':
    {
      de: 'Arm unbelastet unter der Waagrechten; Rate am Rad = Federbein × (Hebel ÷ Arm × cos Neigung)²; Einfederung unter der schwersten Last < Weg zum Anschlag',
      es: 'brazo bajo el nivel sin carga; rigidez en rueda = unidad × (palanca ÷ brazo × cos inclinación)²; lo que cede con la carga mayor < recorrido al tope',
    },
  'the arm near level; arm, pivot and unit are in the frame analysis as bars, their own pins and bushes are not checked':
    {
      de: 'der Arm nahe der Waagrechten; Arm, Drehpunkt und Federbein sind als Stäbe in der Rahmenrechnung, ihre Bolzen und Buchsen werden nicht geprüft',
      es: 'el brazo casi a nivel; brazo, pivote y unidad entran en el cálculo como barras, sus pernos y casquillos no se revisan',
    },
  'independent wheels of one axle do not pass one wheel’s movement to the other; the tongue’s weight is asked of them all the same':
    {
      de: 'unabhängige Räder einer Achse geben die Bewegung des einen nicht weiter; die Stützlast wird von ihnen ebenso verlangt',
      es: 'ruedas independientes de un eje no pasan el movimiento de una a otra; el peso en la lanza se les pide igual',
    },
  'gap standing ≥ what is wanted there, gap in a bump ≥ 1/4 in, never less than nothing': {
    de: 'Abstand im Stand ≥ der gewünschte, bei einem Stoß ≥ 1/4 in, nie weniger als nichts',
    es: 'hueco parado ≥ el deseado, en un bache ≥ 1/4 in, nunca menos que nada',
  },
  'each load, with half an inch of lean sideways and the travel of the bump': {
    de: 'jede Beladung, mit einem halben Zoll Neigung seitwärts und dem Weg des Stoßes',
    es: 'cada carga, con media pulgada de inclinación lateral y el recorrido del bache',
  },
  'no two solid parts in one place: standing, and in the bump with 1/4 in between': {
    de: 'keine zwei festen Teile an einem Platz: im Stand, und beim Stoß mit 1/4 in dazwischen',
    es: 'ninguna pieza sólida en el lugar de otra: parado, y en el bache con 1/4 in entre ambas',
  },
  'axle and tires against everything but the rails, which have clearances of their own; boxes for loads; turning is looked at apart':
    {
      de: 'Achse und Reifen gegen alles außer den Längsträgern, die eigene Abstände haben; Kästen für Lasten; Wenden wird gesondert angesehen',
      es: 'eje y neumáticos contra todo menos los largueros, que tienen sus huecos; cajas por cargas; el giro se mira aparte',
    },
  '|measured − what the parts add up to| ≤ 1"; what was measured counts': {
    de: '|gemessen − was die Teile zusammen ergeben| ≤ 1"; es gilt, was gemessen wurde',
    es: '|medido − lo que suman las piezas| ≤ 1"; cuenta lo que se midió',
  },
  'measured on the level under the heaviest towed load': {
    de: 'auf ebenem Boden unter der schwersten gezogenen Beladung gemessen',
    es: 'medido a nivel con la carga remolcada mayor',
  },
  'loaded radius, axle, seat, leaves, arch left, hanger, bracket, rail; closed by what was measured': {
    de: 'belasteter Radius, Achse, Sitz, Blätter, Pfeil, Bock, Konsole, Längsträger; geschlossen mit dem Gemessenen',
    es: 'radio cargado, eje, asiento, hojas, arco restante, soporte, ménsula, larguero; cerrado con lo medido',
  },
  'the heaviest towed load, level; told, not judged': {
    de: 'die schwerste gezogene Beladung, waagrecht; gesagt, nicht beurteilt',
    es: 'la carga remolcada mayor, nivelada; se dice, no se juzga',
  },
  'angle from the rear wheel’s foot to the rear lower edge': {
    de: 'Winkel vom Aufstandspunkt des hinteren Rades zur unteren Hinterkante',
    es: 'ángulo del apoyo de la rueda trasera al borde inferior trasero',
  },
  'suspension is said, or the rails’ height measured': {
    de: 'die Federung ist angegeben, oder die Höhe der Längsträger gemessen',
    es: 'la suspensión está dicha, o medida la altura de los largueros',
  },
  'without either no height can be worked out': {
    de: 'ohne eines davon lässt sich keine Höhe rechnen',
    es: 'sin uno de ambos no se calcula altura',
  },
  'M ÷ S of the tube at the spring, × 2.5; past its own yield it fails': {
    de: 'M ÷ S des Rohrs an der Feder, × 2,5; über der eigenen Fließgrenze nicht bestanden',
    es: 'M ÷ S del tubo en la ballesta, × 2,5; pasado su límite elástico no cumple',
  },
  'for study: never OK for an axle that nobody has rated': {
    de: 'zum Lernen: nie OK für eine Achse, die niemand eingestuft hat',
    es: 'para estudio: nunca OK para un eje que nadie clasificó',
  },
  'a bar from rail to rail within 4 in of the spindle; it holds wheel load × lever from the rail’s middle': {
    de: 'ein Stab von Längsträger zu Längsträger innerhalb 4 in vom Zapfen; er hält Radlast × Hebel ab Trägermitte',
    es: 'una barra de larguero a larguero a menos de 4 in del muñón; sujeta carga de rueda × palanca desde el centro del larguero',
  },
  'spindles that are welded or bolted to the rails; the frame analysis has the rest': {
    de: 'Zapfen, die an die Längsträger geschweißt oder geschraubt sind; den Rest hat die Rahmenrechnung',
    es: 'muñones soldados o atornillados a los largueros; el resto lo tiene el cálculo del bastidor',
  },
  'camber as built − F × a × (l + a) ÷ (2 × E × I), within 1°': {
    de: 'Sturz wie gebaut − F × a × (l + a) ÷ (2 × E × I), innerhalb 1°',
    es: 'inclinación de fábrica − F × a × (l + a) ÷ (2 × E × I), con 1°',
  },
  'round steel tubes that you build, the heaviest wheel standing on each end; hubs and spindles taken stiff': {
    de: 'selbst gebaute runde Stahlrohre, das schwerste Rad auf jedem Ende; Naben und Zapfen gelten als steif',
    es: 'tubos redondos de acero hechos en casa, la rueda más cargada en cada extremo; bujes y muñones se toman rígidos',
  },
  'one stud circle for hub, wheel and tow vehicle': {
    de: 'ein Lochkreis für Nabe, Rad und Zugfahrzeug',
    es: 'un mismo círculo de espárragos en buje, rueda y vehículo',
  },
  'an adapter joins two; whether it carries the load is its maker’s to say': {
    de: 'ein Adapter verbindet zwei; ob er die Last trägt, sagt sein Hersteller',
    es: 'un adaptador une dos; si soporta la carga lo dice su fabricante',
  },
  'vehicles whose stud circle has been said': {
    de: 'Fahrzeuge, deren Lochkreis angegeben ist',
    es: 'vehículos cuyo círculo está dicho',
  },
  'tire’s rim = wheel’s rim': {
    de: 'Felge des Reifens = Felge des Rades',
    es: 'llanta del neumático = llanta de la rueda',
  },
  'where both are said': { de: 'wo beide angegeben sind', es: 'donde ambas están dichas' },
  'tire’s diameter > its rim': {
    de: 'Durchmesser des Reifens > seine Felge',
    es: 'diámetro del neumático > su llanta',
  },
  '|track that was said − track from hub face, adapter and offset| ≤ 1/8 in': {
    de: '|angegebene Spur − Spur aus Nabenfläche, Adapter und Einpresstiefe| ≤ 1/8 in',
    es: '|vía indicada − vía según cara del cubo, adaptador y bombeo| ≤ 1/8 in',
  },
  'axles with hubs': { de: 'Achsen mit Naben', es: 'ejes con bujes' },
  'bolt to bolt ≤ the bed’s length': {
    de: 'Bolzen zu Bolzen ≤ Länge der Fläche',
    es: 'de perno a perno ≤ largo de la caja',
  },
  'leaf springs': { de: 'Blattfedern', es: 'ballestas' },
  'axles of the trade on leaf springs': {
    de: 'handelsübliche Achsen auf Blattfedern',
    es: 'ejes del comercio sobre ballestas',
  },
  'heaviest axle ≤ the least of axle, springs, hubs, tires and wheels': {
    de: 'schwerste Achse ≤ das Kleinste von Achse, Federn, Naben, Reifen und Rädern',
    es: 'eje más cargado ≤ lo menor de eje, ballestas, bujes, neumáticos y ruedas',
  },
  'where something weaker than the axle is in it': {
    de: 'wo etwas Schwächeres als die Achse darin ist',
    es: 'donde hay algo más débil que el eje',
  },
  'half of the axle’s sprung load ≤ the rating of one spring': {
    de: 'die Hälfte der gefederten Last der Achse ≤ Tragfähigkeit einer Feder',
    es: 'la mitad de la carga suspendida del eje ≤ la capacidad de una ballesta',
  },
  'leaf springs, standing still': { de: 'Blattfedern, im Stillstand', es: 'ballestas, parado' },
  'f = √(k ÷ m) ÷ 2π: laden 1.4 to 2.6 Hz, empty to 3.5 Hz': {
    de: 'f = √(k ÷ m) ÷ 2π: beladen 1,4 bis 2,6 Hz, leer bis 3,5 Hz',
    es: 'f = √(k ÷ m) ÷ 2π: cargado 1,4 a 2,6 Hz, vacío hasta 3,5 Hz',
  },
  'told, not judged; without shock absorbers': {
    de: 'gesagt, nicht beurteilt; ohne Stoßdämpfer',
    es: 'se dice, no se juzga; sin amortiguadores',
  },
  'flat length + 3/8 in ≤ bolt to bolt ≤ eye to eye + 0.9 of the shackle; wanted: eye to eye + shackle − 1/2 in': {
    de: 'flache Länge + 3/8 in ≤ Bolzen zu Bolzen ≤ Auge zu Auge + 0,9 der Lasche; gewünscht: Auge zu Auge + Lasche − 1/2 in',
    es: 'largo aplanado + 3/8 in ≤ de perno a perno ≤ de ojo a ojo + 0,9 de la gemela; deseado: de ojo a ojo + gemela − 1/2 in',
  },
  'springs with two eyes; slippers by their maker only': {
    de: 'Federn mit zwei Augen; Gleitfedern nur nach ihrem Hersteller',
    es: 'ballestas de dos ojos; las deslizantes solo por su fabricante',
  },
  '10° to 60° from upright at every load, never past upright': {
    de: '10° bis 60° aus der Senkrechten bei jeder Last, nie über die Senkrechte',
    es: '10° a 60° de la vertical con toda carga, nunca más allá de la vertical',
  },
  'springs with two eyes; tandems where the equaliser has been measured': {
    de: 'Federn mit zwei Augen; Tandems, deren Ausgleichshebel gemessen ist',
    es: 'ballestas de dos ojos; tándems cuyo balancín está medido',
  },
  'σ = 3·P·l ÷ (n·b·t²), l = (L − 0.6·clamp) ÷ 2; some arch is left under the load': {
    de: 'σ = 3·P·l ÷ (n·b·t²), l = (L − 0,6·Klemmung) ÷ 2; etwas Pfeil bleibt unter der Last',
    es: 'σ = 3·P·l ÷ (n·b·t²), l = (L − 0,6·apriete) ÷ 2; queda algo de arco bajo la carga',
  },
  'leaves nipped to share alike; the limit is what trade springs feel at their own rating, worn ones are softer': {
    de: 'Blätter, die gleich tragen; die Grenze ist, was handelsübliche Federn bei ihrer eigenen Last spüren, verschlissene sind weicher',
    es: 'hojas que reparten igual; el límite es lo que notan las del comercio con su propia carga, las gastadas son más blandas',
  },
  'σ ÷ allowable, in bending with a hard bump; τ likewise; the worse one': {
    de: 'σ ÷ Erlaubtes, bei Biegung mit hartem Stoß; τ ebenso; das Schlechtere',
    es: 'σ ÷ admisible, en flexión con bache fuerte; τ igual; lo peor',
  },
  'one rail as a beam on hangers and tongue, half of everything; no twist': {
    de: 'ein Längsträger als Balken auf Böcken und Deichsel, von allem die Hälfte; keine Verdrehung',
    es: 'un larguero como viga sobre soportes y lanza, la mitad de todo; sin torsión',
  },
  'a cantilever from the front header, legs alike': {
    de: 'ein Kragarm vom vorderen Stirnträger, Schenkel gleich',
    es: 'un voladizo desde el cabezal delantero, brazos iguales',
  },
  'a beam between the rails, deck by tributary width': {
    de: 'ein Balken zwischen den Längsträgern, der Boden nach Einzugsbreite',
    es: 'una viga entre los largueros, el piso por ancho tributario',
  },
  'as the cross-members, those under 70 %': {
    de: 'wie die Querträger, die unter 70 %',
    es: 'como los travesaños, los de menos de 70 %',
  },
  'told together': { de: 'zusammen gesagt', es: 'se dicen juntos' },
  'sag under the standing load ≤ length ÷ 300 (rails), 150 (rear overhang), 200 (tongue), 180 (cross-members)': {
    de: 'Durchbiegung unter stehender Last ≤ Länge ÷ 300 (Längsträger), 150 (hinterer Überstand), 200 (Deichsel), 180 (Querträger)',
    es: 'flecha con carga parada ≤ largo ÷ 300 (largueros), 150 (vuelo trasero), 200 (lanza), 180 (travesaños)',
  },
  'by hand, one beam': { de: 'von Hand, ein Balken', es: 'a mano, una viga' },
  'something carries the frame': { de: 'etwas trägt den Rahmen', es: 'algo lleva el bastidor' },
  'a beam needs what carries it': { de: 'ein Balken braucht, was ihn trägt', es: 'una viga pide lo que la lleve' },
  'what a longer tongue does to its own bending': {
    de: 'was eine längere Deichsel mit ihrer eigenen Biegung macht',
    es: 'lo que hace una lanza más larga a su propia flexión',
  },
  'suspension is said': { de: 'die Federung ist angegeben', es: 'la suspensión está dicha' },
  'else the axle is taken as one point': {
    de: 'sonst gilt die Achse als ein Punkt',
    es: 'si no, el eje se toma como un punto',
  },
  'no rule by hand': { de: 'keine Regel von Hand', es: 'sin regla a mano' },
  'tongues that end at the header; the frame analysis answers for it': {
    de: 'Deichseln, die am Stirnträger enden; dafür steht die Rahmenrechnung ein',
    es: 'lanzas que acaban en el cabezal; responde el cálculo del bastidor',
  },
  'twist, welds, joints, loads off the middle: the frame analysis answers for them': {
    de: 'Verdrehung, Nähte, Knoten, Lasten neben der Mitte: dafür steht die Rahmenrechnung ein',
    es: 'torsión, soldaduras, uniones, cargas fuera del centro: responde el cálculo del bastidor',
  },
  'interaction of axial force, bending both ways, shear and twist ≤ 1': {
    de: 'Zusammenwirken von Normalkraft, Biegung in beiden Richtungen, Schub und Torsion ≤ 1',
    es: 'interacción de axil, flexión en ambos sentidos, cortante y torsión ≤ 1',
  },
  'second-order effects only through the member formulas; every situation of the road and the plate': {
    de: 'Effekte zweiter Ordnung nur über die Stabformeln; jeder Lastfall der Straße und des Schildes',
    es: 'segundo orden solo por las fórmulas de barra; toda situación del camino y de la placa',
  },
  'as the bars': { de: 'wie die Stäbe', es: 'como las barras' },
  'those that are told together': { de: 'die, die zusammen gesagt werden', es: 'las que se dicen juntas' },
  'force on the fillet ÷ what its throat or the metal beside it bears ≤ 1': {
    de: 'Kraft auf die Kehlnaht ÷ was ihre Kehle oder das Metall daneben trägt ≤ 1',
    es: 'fuerza en el cordón ÷ lo que soporta su garganta o el metal de al lado ≤ 1',
  },
  'elastic line method; each bar’s end by itself': {
    de: 'elastisches Linienverfahren; jedes Stabende für sich',
    es: 'método elástico de línea; cada extremo por sí',
  },
  'V × Q ÷ I ÷ seams + T ÷ 2A (box) ≤ fillet × welded share of the seam': {
    de: 'V × Q ÷ I ÷ Nähte + T ÷ 2A (Kasten) ≤ Kehlnaht × geschweißter Anteil der Naht',
    es: 'V × Q ÷ I ÷ costuras + T ÷ 2A (cajón) ≤ cordón × parte soldada de la costura',
  },
  'largest shear anywhere along the bar, in every situation; a bar inside a tube has no seam, its plug welds are not checked':
    {
      de: 'größter Schub irgendwo im Stab, in jedem Lastfall; ein Stab in einem Rohr hat keine Naht, seine Lochnähte werden nicht geprüft',
      es: 'mayor cortante de la barra, en toda situación; una barra dentro de un tubo no tiene costura, sus tapones no se revisan',
    },
  '(N₁ − N₂) ÷ L of its two crossed ties ≤ k × π² × E ÷ 12(1 − ν²) × (t ÷ b)² × t; plywood 190 psi × t': {
    de: '(N₁ − N₂) ÷ L seiner zwei gekreuzten Zugbänder ≤ k × π² × E ÷ 12(1 − ν²) × (t ÷ b)² × t; Sperrholz 190 psi × t',
    es: '(N₁ − N₂) ÷ L de sus dos tirantes cruzados ≤ k × π² × E ÷ 12(1 − ν²) × (t ÷ b)² × t; contrachapado 190 psi × t',
  },
  'panels fastened along all edges and to every bar, bays without openings; how far fasteners give is assumed. Fasteners and glue are not checked':
    {
      de: 'Platten, rundum und an jedem Stab befestigt, Felder ohne Öffnungen; wie weit Befestigungen nachgeben, ist angenommen. Befestigungen und Kleber werden nicht geprüft',
      es: 'paneles sujetos en todo el borde y a cada barra, paños sin huecos; lo que ceden las sujeciones se supone. Sujeciones y pegamento no se revisan',
    },
  'two bars run across the panel from edge to edge, joined to others there': {
    de: 'zwei Stäbe laufen von Kante zu Kante über die Platte, dort mit anderen verbunden',
    es: 'dos barras cruzan el panel de borde a borde, unidas a otras allí',
  },
  'panels that are said to hold their bars square; mesh and foam hold nothing, leaning panels are not counted': {
    de: 'Platten, die ihre Stäbe im Winkel halten sollen; Gitter und Schaum halten nichts, lehnende zählen nicht',
    es: 'paneles que deben mantener sus barras a escuadra; malla y espuma no sujetan, los inclinados no cuentan',
  },
  'clear gap between stitches ≤ plate × 0.75 × √(E ÷ Fy), and ≤ 12 in': {
    de: 'lichter Abstand zwischen Heftnähten ≤ Blech × 0,75 × √(E ÷ Fy), und ≤ 12 in',
    es: 'hueco entre cordones ≤ chapa × 0,75 × √(E ÷ Fy), y ≤ 12 in',
  },
  'outside plates that are pressed; aluminum by the same form with its yield beside welds': {
    de: 'äußere Bleche, die gedrückt werden; Aluminium nach derselben Form mit seiner Fließgrenze neben Nähten',
    es: 'chapas exteriores comprimidas; el aluminio igual con su límite junto a soldaduras',
  },
  'as the welds': { de: 'wie die Nähte', es: 'como las soldaduras' },
  'leg ≥ the least for the wall': {
    de: 'Schenkel ≥ das Mindeste für die Wand',
    es: 'cateto ≥ el mínimo para la pared',
  },
  'steel and aluminum alike': { de: 'Stahl und Aluminium gleich', es: 'acero y aluminio igual' },
  'hanger’s force ÷ what the wall bears without crippling ≤ 1': {
    de: 'Kraft des Bocks ÷ was die Wand ohne Einknicken trägt ≤ 1',
    es: 'fuerza del soporte ÷ lo que soporta la pared sin abollarse ≤ 1',
  },
  'walls under hangers and brackets, without stiffeners': {
    de: 'Wände unter Böcken und Konsolen, ohne Steifen',
    es: 'paredes bajo soportes y ménsulas, sin rigidizadores',
  },
  'net section at the hole, pulled and bent ≤ 1': {
    de: 'Nettoquerschnitt am Loch, gezogen und gebogen ≤ 1',
    es: 'sección neta en el taladro, tracción y flexión ≤ 1',
  },
  'round holes in the flats': { de: 'runde Löcher in den ebenen Seiten', es: 'taladros redondos en las caras planas' },
  'force on the bolts ÷ least of shear, bearing and tear-out ≤ 1': {
    de: 'Kraft auf die Schrauben ÷ das Kleinste von Schub, Lochleibung und Ausreißen ≤ 1',
    es: 'fuerza en los tornillos ÷ lo menor de cortante, aplastamiento y desgarro ≤ 1',
  },
  'bolted couplers; bolts share alike': {
    de: 'geschraubte Kupplungen; Schrauben tragen gleich',
    es: 'acoplamientos atornillados; los tornillos reparten igual',
  },
  'sag ÷ the usual limit of rails, overhang, tongue, cross-members; tight from 70 %, over past 2 times it': {
    de: 'Durchbiegung ÷ übliche Grenze von Längsträgern, Überstand, Deichsel, Querträgern; knapp ab 70 %, darüber ab dem 2-fachen',
    es: 'flecha ÷ límite usual de largueros, vuelo, lanza, travesaños; justo desde 70 %, mal desde 2 veces',
  },
  'under the payload alone, standing': {
    de: 'unter der Nutzlast allein, im Stand',
    es: 'con la carga útil sola, parado',
  },
  'good to a factor of about five either way': {
    de: 'auf etwa das Fünffache nach beiden Seiten genau',
    es: 'con un factor de cinco hacia ambos lados',
  },
  'condition of the stiffness matrix ≤ 1e+12, residual ≤ 1e-5': {
    de: 'Kondition der Steifigkeitsmatrix ≤ 1e+12, Rest ≤ 1e-5',
    es: 'condición de la matriz de rigidez ≤ 1e+12, resto ≤ 1e-5',
  },
  'beyond, too many digits are lost': {
    de: 'darüber gehen zu viele Stellen verloren',
    es: 'más allá se pierden demasiadas cifras',
  },
  'situations that were switched off': { de: 'Lastfälle, die ausgeschaltet sind', es: 'situaciones desactivadas' },
  'what a situation needs is said': {
    de: 'was ein Lastfall braucht, ist angegeben',
    es: 'lo que pide una situación está dicho',
  },
  'situations that lack an input': {
    de: 'Lastfälle, denen eine Angabe fehlt',
    es: 'situaciones a las que falta un dato',
  },
  'recovery points': { de: 'Abschlepppunkte', es: 'puntos de rescate' },
  'the plate’s cargo as one block as far forward as tongue band and hitch let it, as far back as the band lets it, and as a dense load on a third of the deck at both places: hardest bar, weld, hanger, hole or bolt ≤ 1':
    {
      de: 'die Ladung des Schildes als ein Block so weit vorn, wie Stützlastspanne und Zugvorrichtung es zulassen, so weit hinten, wie die Spanne es zulässt, und als schwere Last auf einem Drittel des Bodens an beiden Stellen: härtester Stab, Naht, Bock, Loch oder Schraube ≤ 1',
      es: 'la carga de la placa en un bloque tan adelante como dejan margen y enganche, tan atrás como deja el margen, y como carga densa en un tercio del piso en ambos lugares: la barra, soldadura, soporte, taladro o tornillo más duro ≤ 1',
    },
  'a second opinion: it never makes the step’s verdict': {
    de: 'eine zweite Meinung: sie macht nie das Urteil des Schritts',
    es: 'una segunda opinión: nunca decide el veredicto del paso',
  },
  '1.5 g along, 0.5 g across, up and down at the ball on the plate’s gross, as a free body: hardest stress of drawbar, front header and their joints ÷ yield ≤ 1':
    {
      de: '1,5 g längs, 0,5 g quer, auf und ab an der Kugel mit der Gesamtmasse des Schildes, als freier Körper: härteste Spannung von Deichsel, vorderem Stirnträger und ihren Knoten ÷ Fließgrenze ≤ 1',
      es: '1,5 g a lo largo, 0,5 g de través, arriba y abajo en la bola con la masa de la placa, como cuerpo libre: mayor tensión de lanza, cabezal delantero y sus uniones ÷ límite elástico ≤ 1',
    },
  'asked of trailers used in Australia; told of others': {
    de: 'verlangt für Anhänger in Australien; anderen gesagt',
    es: 'se pide a remolques en Australia; a otros se les dice',
  },
  'upright 2.20·E·t³·(h/(H−h))^0.92·(b/H)^0.30·(H/t)^0.235 and its kin for tubes on tubes; channels 0.8, angles 0.4 of it':
    {
      de: 'hochkant 2,20·E·t³·(h/(H−h))^0,92·(b/H)^0,30·(H/t)^0,235 und Verwandtes für Rohr auf Rohr; U-Profile 0,8, Winkel 0,4 davon',
      es: 'de canto 2,20·E·t³·(h/(H−h))^0,92·(b/H)^0,30·(H/t)^0,235 y afines para tubo sobre tubo; perfiles en U 0,8, angulares 0,4 de ello',
    },
  'told where the end of a bar lies outside what was modelled: the verdict rests on a guess of how far it gives': {
    de: 'gesagt, wo ein Stabende außerhalb des Modellierten liegt: das Urteil ruht auf einer Schätzung, wie weit es nachgibt',
    es: 'se dice donde un extremo queda fuera de lo modelado: el veredicto se apoya en suponer cuánto cede',
  },
  'springs or brackets that do not stand under the rails': {
    de: 'Federn oder Konsolen, die nicht unter den Längsträgern stehen',
    es: 'muelles o ménsulas que no están bajo los largueros',
  },
  'trailers on whose rear edge nobody is taken to step': {
    de: 'Anhänger, auf deren Hinterkante niemand tritt',
    es: 'remolques cuyo borde trasero no pisa nadie',
  },
  'the gross on the plate is said': {
    de: 'die Gesamtmasse auf dem Schild ist angegeben',
    es: 'la masa total de la placa está dicha',
  },
  'without it the plate’s cargo cannot be laid out': {
    de: 'ohne sie lässt sich die Ladung des Schildes nicht auslegen',
    es: 'sin ella no se puede disponer la carga de la placa',
  },
  'frame analysis ÷ hand within 1.25': {
    de: 'Rahmenrechnung ÷ Hand innerhalb 1,25',
    es: 'cálculo del bastidor ÷ a mano dentro de 1,25',
  },
  'what this analysis leaves out': { de: 'was diese Rechnung weglässt', es: 'lo que este cálculo omite' },
  'the frame can be analysed': { de: 'der Rahmen lässt sich rechnen', es: 'el bastidor se puede calcular' },
  'what keeps it from being so is told': { de: 'was dem im Weg steht, wird gesagt', es: 'se dice lo que lo impide' },
  'the frame holds together': { de: 'der Rahmen hält zusammen', es: 'el bastidor se sostiene' },
  'what folds is told': { de: 'was einknickt, wird gesagt', es: 'se dice lo que se pliega' },
  'weight × factor ÷ what the deck bears under a foot or a wheel ≤ 1': {
    de: 'Gewicht × Faktor ÷ was der Boden unter Fuß oder Rad trägt ≤ 1',
    es: 'peso × factor ÷ lo que soporta el piso bajo un pie o rueda ≤ 1',
  },
  'half-way from bar to bar': { de: 'in der Mitte von Stab zu Stab', es: 'a medio camino de barra a barra' },
  'pressure × factor ÷ what the deck bears ≤ 1': {
    de: 'Druck × Faktor ÷ was der Boden trägt ≤ 1',
    es: 'presión × factor ÷ lo que soporta el piso ≤ 1',
  },
  'the load that presses hardest, spans of the widest gap': {
    de: 'die Last, die am stärksten drückt, Felder der weitesten Lücke',
    es: 'la carga que más aprieta, vanos del hueco mayor',
  },
  'decks of expanded metal, and decks on no bars': {
    de: 'Böden aus Streckmetall, und Böden auf keinen Stäben',
    es: 'pisos de metal desplegado, y pisos sin barras',
  },
  '200 lbf at the rail’s top, M ÷ S ÷ allowable ≤ 1': {
    de: '200 lbf an der Oberkante des Geländers, M ÷ S ÷ Erlaubtes ≤ 1',
    es: '200 lbf en lo alto de la barandilla, M ÷ S ÷ admisible ≤ 1',
  },
  'each post as a cantilever; the rail’s help from post to post is left out': {
    de: 'jeder Pfosten als Kragarm; die Hilfe des Geländers von Pfosten zu Pfosten ist weggelassen',
    es: 'cada poste como voladizo; se omite la ayuda de la barandilla',
  },
  '50 % of the cargo ≤ Σ working loads of the straps': {
    de: '50 % der Ladung ≤ Σ Tragfähigkeiten der Gurte',
    es: '50 % de la carga ≤ Σ cargas de trabajo de las cinchas',
  },
  'straps over the load from ring to ring; the heaviest loose load': {
    de: 'Gurte über die Last von Ring zu Ring; die schwerste lose Last',
    es: 'cinchas sobre la carga de argolla a argolla; la carga suelta mayor',
  },
  'pin in shear and bending, bearing, tear-out and weld against yield; past it Fix, short of it Not checked all the same':
    {
      de: 'Bolzen auf Schub und Biegung, Lochleibung, Ausreißen und Naht gegen die Fließgrenze; darüber „Ändern“, darunter trotzdem „Ungeprüft“',
      es: 'pasador en cortante y flexión, aplastamiento, desgarro y soldadura contra el límite elástico; por encima «Corregir», por debajo «Sin revisar» igualmente',
    },
  'for study: wear, notches, blows and looseness are not in it, and nobody has tested it': {
    de: 'zum Lernen: Verschleiß, Kerben, Schläge und Spiel sind nicht darin, und niemand hat sie geprüft',
    es: 'para estudio: desgaste, muescas, golpes y holgura no entran, y nadie lo ha ensayado',
  },
  '1.5 g along or the couple of 0.5 g upright ÷ least of shear on two planes and bearing ≤ 1': {
    de: '1,5 g längs oder das Moment von 0,5 g aufrecht ÷ das Kleinste von zweischnittigem Schub und Lochleibung ≤ 1',
    es: '1,5 g a lo largo o el par de 0,5 g vertical ÷ lo menor de cortante doble y aplastamiento ≤ 1',
  },
  'folding and removable tongues; hinge plates are not looked at': {
    de: 'klappbare und abnehmbare Deichseln; Scharnierbleche werden nicht angesehen',
    es: 'lanzas plegables y desmontables; las chapas de bisagra no se miran',
  },
  'two pins': { de: 'zwei Bolzen', es: 'dos pasadores' },
  'one pin across is a hinge': { de: 'ein Bolzen quer ist ein Scharnier', es: 'un pasador de través es una bisagra' },
  'angle at which it touches ≥ the angle that is wanted; 2" of room there': {
    de: 'Winkel, bei dem er aufsetzt ≥ gewünschter Winkel; dort 2" Luft',
    es: 'ángulo al que toca ≥ ángulo deseado; 2" de holgura allí',
  },
  'flat ground, the front edges of frame, tongue and items': {
    de: 'ebener Boden, Vorderkanten von Rahmen, Deichsel und Lasten',
    es: 'suelo llano, bordes delanteros de bastidor, lanza y cargas',
  },
  'reach of the open tailgate ≤ room to what stands nearest': {
    de: 'Reichweite der offenen Heckklappe ≤ Platz bis zum Nächsten',
    es: 'alcance del portón abierto ≤ hueco hasta lo más cercano',
  },
  'straight, riding level': { de: 'gerade, waagrecht', es: 'recto, nivelado' },
  'room over the break, and to the vehicle ≥ 0; tight under 1", and past 20° at the coupling': {
    de: 'Luft über der Kante und zum Fahrzeug ≥ 0; knapp unter 1" und über 20° an der Kupplung',
    es: 'holgura sobre el quiebre y hasta el vehículo ≥ 0; justo bajo 1" y pasados 20° en el acoplamiento',
  },
  'rigid trailer, every place of the break': {
    de: 'starrer Anhänger, jede Stelle des Knicks',
    es: 'remolque rígido, cada lugar del quiebro',
  },
  'least length that clears in the turn, under the tailgate and in the dip': {
    de: 'kleinste Länge, die in Wende, unter Heckklappe und in der Senke genügt',
    es: 'menor largo que libra giro, portón y vaguada',
  },
  'slow and steady; told, not judged': {
    de: 'langsam und gleichmäßig; gesagt, nicht beurteilt',
    es: 'lento y constante; se dice, no se juzga',
  },
  'lane swept ≤ the lane, tight within 12" of it': {
    de: 'überstrichene Breite ≤ der Weg, knapp innerhalb 12"',
    es: 'paso barrido ≤ el paso, justo a menos de 12"',
  },
  'steady slow turn, each axle on its own circle': {
    de: 'gleichmäßig langsame Wende, jede Achse auf eigenem Kreis',
    es: 'giro lento y constante, cada eje en su círculo',
  },
  'vehicle and its shape are said': {
    de: 'Fahrzeug und seine Form sind angegeben',
    es: 'el vehículo y su forma están dichos',
  },
  'turning and sway cannot be worked out without': {
    de: 'Wenden und Schlingern lassen sich ohne nicht rechnen',
    es: 'sin eso no se calculan giro ni oscilación',
  },
  'what the loads differ at the ball': {
    de: 'worin sich die Beladungen an der Kugel unterscheiden',
    es: 'lo que difieren las cargas en la bola',
  },
  '|hitch − ball’s height riding level| ≤ 1/2"; tight over 1"': {
    de: '|Zugvorrichtung − Kugelhöhe bei waagrechter Fahrt| ≤ 1/2"; knapp über 1"',
    es: '|enganche − altura de la bola yendo nivelado| ≤ 1/2"; justo sobre 1"',
  },
  'the heaviest towed load; hands hold it where they please': {
    de: 'die schwerste gezogene Beladung; Hände halten sie, wo sie wollen',
    es: 'la carga remolcada mayor; las manos la llevan donde quieren',
  },
  'hitch ≤ the deck of the loaded trailer': {
    de: 'Kugelhöhe des Fahrzeugs ≤ Ladefläche des beladenen Anhängers',
    es: 'enganche ≤ el piso del remolque cargado',
  },
  'the heaviest towed load': { de: 'die schwerste gezogene Beladung', es: 'la carga remolcada mayor' },
  'rigid, without springs and tires, which take off a tenth or more; told, not judged': {
    de: 'starr, ohne Federn und Reifen, die ein Zehntel oder mehr wegnehmen; gesagt, nicht beurteilt',
    es: 'rígido, sin muelles ni neumáticos, que quitan un décimo o más; se dice, no se juzga',
  },
  'own rear load + tongue × (1 + overhang ÷ wheelbase) ≤ the rear axle’s limit': {
    de: 'eigene Hinterachslast + Stützlast × (1 + Überhang ÷ Radstand) ≤ Grenze der Hinterachse',
    es: 'carga trasera propia + lanza × (1 + vuelo ÷ batalla) ≤ límite del eje trasero',
  },
  'where the vehicle’s limit is read': {
    de: 'wo die Grenze des Fahrzeugs abgelesen ist',
    es: 'donde se ha leído el límite del vehículo',
  },
  'pulled by people; told, not judged': {
    de: 'von Menschen gezogen; gesagt, nicht beurteilt',
    es: 'tirado por personas; se dice, no se juzga',
  },
  'there are bars to cut': { de: 'es gibt Stäbe zu schneiden', es: 'hay barras que cortar' },
  'a frame that cannot be drawn has no cut list': {
    de: 'ein Rahmen, der sich nicht zeichnen lässt, hat keine Schnittliste',
    es: 'un bastidor que no se puede dibujar no tiene lista de corte',
  },
  'pieces, marks and weight': { de: 'Stücke, Marken und Gewicht', es: 'piezas, marcas y peso' },
  'piece ≤ longest length of its section − what is cut off both ends': {
    de: 'Stück ≤ größte Länge seines Profils − was an beiden Enden abgeht',
    es: 'pieza ≤ mayor largo de su perfil − lo que se corta de ambos extremos',
  },
  'lengths that are named under the stock; else the usual ones': {
    de: 'Längen, die unter dem Vorrat genannt sind; sonst die üblichen',
    es: 'longitudes nombradas en el material; si no, las usuales',
  },
} as const satisfies Phrasebook;
