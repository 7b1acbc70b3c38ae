import type { Phrasebook } from '../phrases.js';

export const sources = {
  'AISC 360-16 K3 and K4: chord wall plastification up to β = 0.85, side walls beyond, Ω = 1.50; between 0.85 and 1 a straight line, as EN 1993-1-8 has it':
    {
      de: 'AISC 360-16 K3 und K4: Plastifizieren der Gurtwand bis β = 0,85, darüber die Seitenwände, Ω = 1,50; zwischen 0,85 und 1 eine Gerade wie in EN 1993-1-8',
      es: 'AISC 360-16 K3 y K4: plastificación de la pared del cordón hasta β = 0,85, más allá las paredes laterales, Ω = 1,50; entre 0,85 y 1 una recta, como en EN 1993-1-8',
    },
  'statics of trailer, springs, equalizer or beam; a wheel brakes with no more than 0.8 of what it then carries (common practice)':
    {
      de: 'Statik von Anhänger, Federn, Ausgleichswippe oder Pendelschwinge; ein Rad bremst mit höchstens 0,8 dessen, was es dann trägt (übliche Praxis)',
      es: 'estática de remolque, ballestas, balancín o viga; una rueda frena con 0,8 de lo que entonces lleva como máximo (práctica habitual)',
    },
  'an emergency stop of 0.7 g with 1.5 times the standing load, judged at yield as an extreme case; no wheel brakes with more than 0.8 of what it carries':
    {
      de: 'eine Notbremsung von 0,7 g mit dem 1,5-Fachen der Last im Stand, als Ausnahmefall an der Fließgrenze beurteilt; kein Rad bremst mit mehr als 0,8 dessen, was es trägt',
      es: 'una frenada de emergencia de 0,7 g con 1,5 veces la carga parado, juzgada al límite elástico como caso extremo; ninguna rueda frena con más de 0,8 de lo que lleva',
    },
  '0.25 to 0.5 of a wheel’s load from one diagonal of the wheels to the other; only where two axles do not share: a ball lets the trailer roll':
    {
      de: '0,25 bis 0,5 einer Radlast von einer Diagonale der Räder zur anderen; nur wo zwei Achsen nicht ausgleichen: eine Kugel lässt den Anhänger rollen',
      es: 'de 0,25 a 0,5 de la carga de una rueda de una diagonal a la otra; solo si dos ejes no reparten: una bola deja rodar al remolque',
    },
  'axle ratings hold to about 8-1/2 in from spring to wheel; the tube bends by the wheel’s load times that distance': {
    de: 'Achstragkräfte gelten bis etwa 8-1/2 in von Feder zu Rad; das Rohr biegt sich durch Radlast mal diesen Abstand',
    es: 'las capacidades de eje valen hasta unas 8-1/2 in de ballesta a rueda; el tubo se flexiona por la carga de la rueda por esa distancia',
  },
  'no splice in the middle third of a bending moment’s peak': {
    de: 'kein Schweißstoß im mittleren Drittel um ein Momentenmaximum',
    es: 'ningún empalme en el tercio central de un pico de momento',
  },
  'by the school of tongue weight that is chosen, or your own limits': {
    de: 'nach der gewählten Schule der Stützlast oder eigenen Grenzen',
    es: 'según la escuela de peso en la bola elegida, o límites propios',
  },
  'turning forces balanced about the axle group': {
    de: 'Drehwirkungen um die Achsgruppe im Gleichgewicht',
    es: 'momentos equilibrados alrededor del grupo de ejes',
  },
  '60 % of the bed ahead of the axle': {
    de: '60 % der Ladefläche vor der Achse',
    es: '60 % de la caja por delante del eje',
  },
  'every weight and place at the end of its own tolerance': {
    de: 'jedes Gewicht und jede Lage am Ende der eigenen Toleranz',
    es: 'cada peso y lugar en el extremo de su propia tolerancia',
  },
  'sum of even spreads, each by itself; passed once in twenty': {
    de: 'Summe gleichmäßiger Streuungen, jede für sich; einmal in zwanzig überschritten',
    es: 'suma de dispersiones uniformes, cada una por sí; se supera una vez de cada veinte',
  },
  'two people, 200 kg (440 lb), on the rear edge': {
    de: 'zwei Personen, 200 kg (440 lb), auf der Hinterkante',
    es: 'dos personas, 200 kg (440 lb), en el borde trasero',
  },
  'left and right within 5 %, at most 10 %': {
    de: 'links und rechts auf 5 %, höchstens 10 %',
    es: 'izquierda y derecha con 5 %, a lo sumo 10 %',
  },
  'N = k·(free − ball − s·x) for each axle, turning forces about the ball': {
    de: 'N = k·(frei − Kugel − s·x) je Achse, Drehwirkungen um die Kugel',
    es: 'N = k·(libre − bola − s·x) por eje, momentos alrededor de la bola',
  },
  'cantilever with a load at its end': {
    de: 'Kragarm mit einer Last am Ende',
    es: 'voladizo con una carga en su extremo',
  },
  'moments about the axle group': { de: 'Drehwirkungen um die Achsgruppe', es: 'momentos alrededor del grupo de ejes' },
  'steeper than about 1 in 3 people slip and low machines drag': {
    de: 'steiler als etwa 1 zu 3 rutschen Menschen und setzen niedrige Maschinen auf',
    es: 'con más pendiente de 1 en 3 la gente resbala y las máquinas bajas rozan',
  },
  'simple beam with a load in its middle': {
    de: 'einfacher Balken mit einer Last in der Mitte',
    es: 'viga simple con una carga en su centro',
  },
  'moments about the pivot': { de: 'Drehwirkungen um den Drehpunkt', es: 'momentos alrededor del pivote' },
  'AISC 360-16 J7 and G1: 0.6 of the yield in shear, ÷ 1.5; pins of 30 ksi (205 MPa) steel': {
    de: 'AISC 360-16 J7 und G1: 0,6 der Fließgrenze auf Schub, ÷ 1,5; Bolzen aus Stahl mit 30 ksi (205 MPa)',
    es: 'AISC 360-16 J7 y G1: 0,6 de la fluencia a cortante, ÷ 1,5; pasadores de acero de 30 ksi (205 MPa)',
  },
  'both readings from the ball within 1/16 in, 1/8 in at most': {
    de: 'beide Ablesungen von der Kugel auf 1/16 in, höchstens 1/8 in',
    es: 'las dos lecturas desde la bola con 1/16 in, a lo sumo 1/8 in',
  },
  'O. Blodgett, Design of Weldments: Δ = 0.005 A d L² ÷ I for a long bar; here with the mean area of all its short welds, 0.4 to 1.2 times as seen on cross-members, twice that in aluminum (common practice)':
    {
      de: 'O. Blodgett, Design of Weldments: Δ = 0,005 A d L² ÷ I für einen langen Stab; hier mit der mittleren Fläche aller kurzen Nähte, das 0,4- bis 1,2fache wie an Querträgern gesehen, in Aluminium das Doppelte (übliche Praxis)',
      es: 'O. Blodgett, Design of Weldments: Δ = 0,005 A d L² ÷ I para una barra larga; aquí con el área media de todas sus soldaduras cortas, 0,4 a 1,2 veces según se ve en travesaños, el doble en aluminio (práctica común)',
    },
  'wheels upright within half a degree, loaded': {
    de: 'Räder beladen auf ein halbes Grad aufrecht',
    es: 'ruedas verticales a medio grado, cargado',
  },
  'both rear corners as far from the ball within 1/16 in, 1/8 in at most': {
    de: 'beide hinteren Ecken gleich weit von der Kugel auf 1/16 in, höchstens 1/8 in',
    es: 'las dos esquinas traseras a igual distancia de la bola con 1/16 in, a lo sumo 1/8 in',
  },
  'both diagonals within 1/16 in up to 10 ft of length, 1/8 in up to 20 ft, 3/16 in beyond': {
    de: 'beide Diagonalen auf 1/16 in bis 10 ft Länge, 1/8 in bis 20 ft, darüber 3/16 in',
    es: 'las dos diagonales con 1/16 in hasta 10 ft de largo, 1/8 in hasta 20 ft, 3/16 in más allá',
  },
  'a gate’s diagonals within 1/16 in, an even gap all about': {
    de: 'Diagonalen einer Klappe auf 1/16 in, ringsum gleicher Spalt',
    es: 'diagonales de una puerta con 1/16 in, holgura pareja alrededor',
  },
  'both diagonals between the hangers within 1/16 in': {
    de: 'beide Diagonalen zwischen den Federböcken auf 1/16 in',
    es: 'las dos diagonales entre soportes de ballesta con 1/16 in',
  },
  'bed level within half an inch from end to end, hitched and loaded': {
    de: 'Ladefläche von Ende zu Ende auf einen halben Zoll waagrecht, angehängt und beladen',
    es: 'caja nivelada a media pulgada de punta a punta, enganchado y cargado',
  },
  'all corners within 1/16 in, and no more twist than that': {
    de: 'alle Ecken auf 1/16 in, und nicht mehr Verdrehung als das',
    es: 'todas las esquinas con 1/16 in, y no más torcedura que eso',
  },
  'NIOSH, Revised Lifting Equation (1991): 51 lb under the best conditions': {
    de: 'NIOSH, Revised Lifting Equation (1991): 51 lb unter besten Bedingungen',
    es: 'NIOSH, Revised Lifting Equation (1991): 51 lb en las mejores condiciones',
  },
  'ends of neighbouring axles as far apart left and right within 1/16 in': {
    de: 'Enden benachbarter Achsen links und rechts auf 1/16 in gleich weit',
    es: 'extremos de ejes vecinos a igual distancia a izquierda y derecha con 1/16 in',
  },
  'the dial swings 0.005 in at most where it is good, 0.010 in at most at bearing seats and along the tube': {
    de: 'die Messuhr schlägt höchstens 0,005 in, wo sie gut ist, höchstens 0,010 in an Lagersitzen und entlang des Rohrs',
    es: 'el comparador oscila 0,005 in a lo sumo donde es bueno, 0,010 in a lo sumo en asientos de rodamiento y a lo largo del tubo',
  },
  'shackles 10 to 60 degrees past upright at every load': {
    de: 'Laschen bei jeder Last 10 bis 60 Grad über die Senkrechte hinaus',
    es: 'gemelas de 10 a 60 grados pasada la vertical con cada carga',
  },
  'wheels straight, or toed in by 1/8 in at most': {
    de: 'Räder gerade oder höchstens 1/8 in Vorspur',
    es: 'ruedas rectas, o con 1/8 in de convergencia a lo sumo',
  },
  'usual ranges for dry threads, from memory: what the wheel’s, the axle’s or the spring’s maker tells governs': {
    de: 'übliche Bereiche für trockene Gewinde, aus dem Gedächtnis: was der Hersteller von Rad, Achse oder Feder sagt, gilt',
    es: 'rangos usuales para roscas secas, de memoria: manda lo que diga el fabricante de la rueda, el eje o la ballesta',
  },
  'a cutting disc for 20 cuts, a flap disc for 4 m of weld': {
    de: 'eine Trennscheibe für 20 Schnitte, eine Fächerscheibe für 4 m Naht',
    es: 'un disco de corte para 20 cortes, un disco de láminas para 4 m de soldadura',
  },
  '14 l/min while 1.4 kg of wire is fed in an hour': {
    de: '14 l/min, während in einer Stunde 1,4 kg Draht laufen',
    es: '14 l/min mientras pasan 1,4 kg de hilo por hora',
  },
  'length × leg² / 2 of every weld, made a fifth fuller than its triangle, 7 % of the wire lost': {
    de: 'Länge × Schenkel² / 2 jeder Naht, ein Fünftel voller als ihr Dreieck, 7 % des Drahts verloren',
    es: 'largo × lado² / 2 de cada soldadura, un quinto más llena que su triángulo, 7 % del hilo perdido',
  },
  'usual stamps on balls of SAE J684; the stamp on the ball governs': {
    de: 'übliche Prägungen auf Kugeln nach SAE J684; die Prägung auf der Kugel gilt',
    es: 'estampas usuales en bolas de SAE J684; manda la estampa de la bola',
  },
  'ISO 1103, UN R55 class A50; its plate gives D and S; a 50 mm and a 2 in ball do not interchange': {
    de: 'ISO 1103, UN R55 Klasse A50; ihr Schild nennt D und S; 50-mm- und 2-in-Kugel sind nicht tauschbar',
    es: 'ISO 1103, UN R55 clase A50; su placa da D y S; una bola de 50 mm y una de 2 in no se intercambian',
  },
  'NACM and ASTM A413 working loads; breaks at four times that, grade 43 at three times': {
    de: 'Arbeitslasten nach NACM und ASTM A413; reißt beim Vierfachen, Güte 43 beim Dreifachen',
    es: 'cargas de trabajo de NACM y ASTM A413; rompe a cuatro veces eso, grado 43 a tres',
  },
  'usual sizes; measure your own': { de: 'übliche Größen; die eigene messen', es: 'tamaños usuales; mida el suyo' },
  'trade class, the lower end of its range; tongue a tenth; the stamp governs': {
    de: 'Handelsklasse, unteres Ende ihres Bereichs; Stützlast ein Zehntel; die Prägung gilt',
    es: 'clase comercial, extremo bajo de su rango; bola una décima; manda la estampa',
  },
  'North American trade classes; the tag on the axle governs': {
    de: 'nordamerikanische Handelsklassen; das Schild an der Achse gilt',
    es: 'clases comerciales norteamericanas; manda la etiqueta del eje',
  },
  'European trade classes; the plate on the axle governs': {
    de: 'europäische Handelsklassen; das Schild an der Achse gilt',
    es: 'clases comerciales europeas; manda la placa del eje',
  },
  'SAE J684 classes; the stamp on the coupler governs': {
    de: 'Klassen der SAE J684; die Prägung auf der Kupplung gilt',
    es: 'clases de SAE J684; manda la estampa del acoplamiento',
  },
  'UN R55 plate of the coupling governs': {
    de: 'das UN-R55-Schild der Kupplung gilt',
    es: 'manda la placa UN R55 del acoplamiento',
  },
  'SAE J847 eyes and pintles; the stamp governs': {
    de: 'Zugösen und Haken nach SAE J847; die Prägung gilt',
    es: 'argollas y ganchos de SAE J847; manda la estampa',
  },
  'tested to UN R55 or ADR 62; its plate governs': {
    de: 'geprüft nach UN R55 oder ADR 62; ihr Schild gilt',
    es: 'ensayado según UN R55 o ADR 62; manda su placa',
  },
  '3/4 in weighs 2.2 to 2.4 lb/ft²': { de: '3/4 in wiegt 2,2 bis 2,4 lb/ft²', es: '3/4 in pesa de 2,2 a 2,4 lb/ft²' },
  'dry softwood 35 lb/ft³; wet treated up to half as much again': {
    de: 'trockenes Nadelholz 35 lb/ft³; nass und imprägniert bis zur Hälfte mehr',
    es: 'conífera seca 35 lb/ft³; mojada y tratada hasta la mitad más',
  },
  'about 1.8 lb/ft² for 3/4 in no. 9': {
    de: 'etwa 1,8 lb/ft² bei 3/4 in Nr. 9',
    es: 'unas 1,8 lb/ft² para 3/4 in n.º 9',
  },
  'common warehouse size, not sure that AISC lists it; computed as AISC does': {
    de: 'gängige Lagergröße, nicht gewiss, dass AISC sie führt; gerechnet wie AISC',
    es: 'tamaño común de almacén, sin certeza de que AISC lo liste; calculado como AISC',
  },
  'AISC Manual 14th/15th ed., tables 1-11 and 1-12': {
    de: 'AISC Manual 14./15. Ausg., Tafeln 1-11 und 1-12',
    es: 'AISC Manual 14.ª/15.ª ed., tablas 1-11 y 1-12',
  },
  'actual wall, outside corner 2 t; mills vary 1 to 2.5 t': {
    de: 'tatsächliche Wand, Außenecke 2 t; Werke schwanken von 1 bis 2,5 t',
    es: 'pared real, esquina exterior 2 t; los fabricantes varían de 1 a 2,5 t',
  },
  'square corners': { de: 'scharfe Ecken', es: 'esquinas vivas' },
  'AISC Manual table 1-5': { de: 'AISC Manual Tafel 1-5', es: 'AISC Manual tabla 1-5' },
  'Aluminum Design Manual part V': { de: 'Aluminum Design Manual Teil V', es: 'Aluminum Design Manual parte V' },
  'mill lists of bar angles': { de: 'Werkslisten von Winkelstahl', es: 'listas de fábrica de angulares' },
  'AISC Manual table 1-7, ±1 % between editions': {
    de: 'AISC Manual Tafel 1-7, ±1 % zwischen Ausgaben',
    es: 'AISC Manual tabla 1-7, ±1 % entre ediciones',
  },
  'ASME B36.10M; AISC Manual table 1-14': {
    de: 'ASME B36.10M; AISC Manual Tafel 1-14',
    es: 'ASME B36.10M; AISC Manual tabla 1-14',
  },
  'a plain ring': { de: 'ein schlichter Ring', es: 'un anillo simple' },
  'yard sizes': { de: 'Größen vom Stahlhandel', es: 'tamaños de almacén' },
  '2 in squares of 1/8 in wire, about 1/2 lb/ft²': {
    de: 'Maschen von 2 in aus 1/8-in-Draht, etwa 1/2 lb/ft²',
    es: 'cuadros de 2 in de alambre de 1/8 in, alrededor de 1/2 lb/ft²',
  },
  'rigid foam weighs about 2 lb/ft³': {
    de: 'Hartschaum wiegt etwa 2 lb/ft³',
    es: 'la espuma rígida pesa unas 2 lb/ft³',
  },
  'usual sizes of the trade': { de: 'handelsübliche Größen', es: 'tamaños usuales del comercio' },
  'trade sizes; ratings by leaf count differ from maker to maker': {
    de: 'Handelsgrößen; Tragkraft nach Blattzahl ist je Hersteller verschieden',
    es: 'tamaños comerciales; la capacidad por número de hojas varía según el fabricante',
  },
  'one kit’s own figure, no rule for others': {
    de: 'Zahl eines Bausatzes, keine Regel für andere',
    es: 'cifra de un kit, no regla para otros',
  },
  'tire load tables; the sidewall governs': {
    de: 'Reifen-Lasttabellen; die Seitenwand gilt',
    es: 'tablas de carga de neumáticos; manda el flanco',
  },
  'tire load tables (load range C to E)': {
    de: 'Reifen-Lasttabellen (Load Range C bis E)',
    es: 'tablas de carga de neumáticos (rango C a E)',
  },
  'ISO 4000 load index 79; 49 CFR 571.110 for the derating': {
    de: 'ISO 4000 Lastindex 79; 49 CFR 571.110 für den Abschlag',
    es: 'ISO 4000 índice de carga 79; 49 CFR 571.110 para la rebaja',
  },
  'ISO 4000 load index 96; the sidewall governs': {
    de: 'ISO 4000 Lastindex 96; die Seitenwand gilt',
    es: 'ISO 4000 índice de carga 96; manda el flanco',
  },
  'small square bale of straw, 35 to 45 lb': {
    de: 'kleiner Strohballen, 35 bis 45 lb',
    es: 'paca pequeña de paja, 35 a 45 lb',
  },
  'small square bale of hay, 45 to 70 lb': {
    de: 'kleiner Heuballen, 45 bis 70 lb',
    es: 'paca pequeña de heno, 45 a 70 lb',
  },
  'US bag of Portland cement, 94 lb': {
    de: 'US-Sack Portlandzement, 94 lb',
    es: 'saco de cemento Portland de EE. UU., 94 lb',
  },
  'bag of dry sand, 50 lb': { de: 'Sack trockener Sand, 50 lb', es: 'saco de arena seca, 50 lb' },
  '3/4 in, 4 x 8 ft, 2.2 lb/ft²': { de: '3/4 in, 4 x 8 ft, 2,2 lb/ft²', es: '3/4 in, 4 x 8 ft, 2,2 lb/ft²' },
  'empty wooden pallet, 35 to 50 lb': { de: 'leere Holzpalette, 35 bis 50 lb', es: 'palé de madera vacío, 35 a 50 lb' },
  '55 US gal at 8.34 lb/gal and the drum': {
    de: '55 US gal zu 8,34 lb/gal und das Fass',
    es: '55 US gal a 8,34 lb/gal y el bidón',
  },
  '5 US gal of petrol at 6.2 lb/gal and the can': {
    de: '5 US gal Benzin zu 6,2 lb/gal und der Kanister',
    es: '5 US gal de gasolina a 6,2 lb/gal y el bidón',
  },
  'steel, 35 to 45 lb': { de: 'Stahl, 35 bis 45 lb', es: 'acero, 35 a 45 lb' },
  'open frame, 3 to 4 kW, 110 to 150 lb': {
    de: 'offener Rahmen, 3 bis 4 kW, 110 bis 150 lb',
    es: 'bastidor abierto, 3 a 4 kW, 110 a 150 lb',
  },
  'with hand tools in it': { de: 'mit Handwerkzeug darin', es: 'con herramienta de mano dentro' },
  '15 in wheel with its tire': { de: '15-in-Rad mit Reifen', es: 'rueda de 15 in con su neumático' },
  'a made-up example of its kind: read your own handbook, plate and tape': {
    de: 'erfundenes Beispiel seiner Art: eigenes Handbuch, Schild und Maßband ablesen',
    es: 'ejemplo inventado de su clase: lea su propio manual, placa y cinta',
  },
  'the frame’s own geometry': { de: 'Maße des Rahmens selbst', es: 'la geometría del propio bastidor' },
  'bars are joined where they touch': {
    de: 'Stäbe sind verbunden, wo sie sich berühren',
    es: 'las barras se unen donde se tocan',
  },
  'a bar is welded all round its end; half of it on air is half a joint': {
    de: 'ein Stab wird rings um sein Ende geschweißt; halb in der Luft ist ein halber Stoß',
    es: 'una barra se suelda alrededor de su extremo; la mitad en el aire es media unión',
  },
  '23 CFR 658.15: 102 in on US interstate routes; EU 2.55 m; narrower by state and road': {
    de: '23 CFR 658.15: 102 in auf Interstate-Routen der USA; EU 2,55 m; schmaler je Staat und Straße',
    es: '23 CFR 658.15: 102 in en rutas interestatales de EE. UU.; UE 2,55 m; menos según estado y vía',
  },
  'ball centre to rear edge': { de: 'Kugelmitte bis Hinterkante', es: 'del centro de la bola al borde trasero' },
  'scopes of ASTM A36, A53, A500, A513, A572, AS/NZS 1163': {
    de: 'Geltungsbereiche von ASTM A36, A53, A500, A513, A572, AS/NZS 1163',
    es: 'alcances de ASTM A36, A53, A500, A513, A572, AS/NZS 1163',
  },
  're-rolled rail is high in carbon: it hardens and cracks beside welds': {
    de: 'umgewalzte Schiene hat viel Kohlenstoff: sie härtet und reißt neben Nähten',
    es: 'el riel relaminado tiene mucho carbono: endurece y se agrieta junto a las soldaduras',
  },
  'two sheets meet on a bar; plywood is sold in 4 × 8 ft or 1250 × 2500 mm': {
    de: 'zwei Tafeln treffen auf einem Stab zusammen; Sperrholz gibt es in 4 × 8 ft oder 1250 × 2500 mm',
    es: 'dos planchas se juntan sobre una barra; el contrachapado se vende en 4 × 8 ft o 1250 × 2500 mm',
  },
  'joints of sheets lie on framing': {
    de: 'Stöße von Tafeln liegen auf dem Rahmen',
    es: 'las juntas de planchas van sobre el bastidor',
  },
  'no certificate, no credit: 30 ksi (205 MPa)': {
    de: 'kein Zeugnis, keine Anrechnung: 30 ksi (205 MPa)',
    es: 'sin certificado, sin crédito: 30 ksi (205 MPa)',
  },
  'Aluminum Design Manual: welded strength within 1 in of a weld': {
    de: 'Aluminum Design Manual: Festigkeit geschweißt innerhalb 1 in einer Naht',
    es: 'Aluminum Design Manual: resistencia soldada a menos de 1 in de una soldadura',
  },
  '5 m² of wood from a litre of sealer in two coats, cut edges three times': {
    de: '5 m² Holz aus einem Liter Versiegelung in zwei Anstrichen, Schnittkanten dreimal',
    es: '5 m² de madera con un litro de sellador en dos manos, cantos cortados tres veces',
  },
  'a drain of 1/4 in (6 mm) at the low end of each closed tube that is painted': {
    de: 'ein Ablauf von 1/4 in (6 mm) am tiefen Ende jedes geschlossenen, lackierten Rohrs',
    es: 'un desagüe de 1/4 in (6 mm) en el extremo bajo de cada tubo cerrado que se pinta',
  },
  'ASTM A385: no vent under 3/8 in; a quarter of the inside open at each end of a box section': {
    de: 'ASTM A385: keine Entlüftung unter 3/8 in; ein Viertel der Innenfläche an jedem Ende eines Hohlprofils offen',
    es: 'ASTM A385: ningún respiradero menor de 3/8 in; un cuarto del interior abierto en cada extremo de un perfil hueco',
  },
  'ISO 9223 and ISO 14713-1, zinc lost a year by corrosivity': {
    de: 'ISO 9223 und ISO 14713-1, Zinkverlust im Jahr nach Korrosivität',
    es: 'ISO 9223 e ISO 14713-1, zinc perdido al año según corrosividad',
  },
  'ISO 1461, mean thickness of coating without centrifuging': {
    de: 'ISO 1461, mittlere Schichtdicke ohne Schleudern',
    es: 'ISO 1461, espesor medio del recubrimiento sin centrifugar',
  },
  'years until rust shows at edges and welds, on clean steel and with stones mended every year': {
    de: 'Jahre bis Rost an Kanten und Nähten, auf sauberem Stahl, Steinschläge jährlich ausgebessert',
    es: 'años hasta que asome óxido en cantos y soldaduras, sobre acero limpio y retocando golpes cada año',
  },
  'a quarter to half an hour to clean a square metre of tube with scale on it': {
    de: 'eine Viertel- bis eine halbe Stunde, um einen Quadratmeter Rohr mit Walzhaut zu reinigen',
    es: 'de un cuarto a media hora para limpiar un metro cuadrado de tubo con cascarilla',
  },
  '8 m² from a litre in one coat, what drips and blows away counted in': {
    de: '8 m² aus einem Liter in einer Schicht, Tropfen und Nebel eingerechnet',
    es: '8 m² con un litro en una mano, contando lo que gotea y vuela',
  },
  'US states from 1,000 or 1,500 lb in a few to 3,000 lb in most, some higher; 49 CFR 393.42: 3,000 lb; Canadian provinces from about 1,360 kg':
    {
      de: 'US-Staaten ab 1.000 oder 1.500 lb in wenigen bis 3.000 lb in den meisten, einige höher; 49 CFR 393.42: 3.000 lb; kanadische Provinzen ab etwa 1.360 kg',
      es: 'estados de EE. UU. desde 1.000 o 1.500 lb en unos pocos hasta 3.000 lb en la mayoría, algunos más; 49 CFR 393.42: 3.000 lb; provincias de Canadá desde unos 1.360 kg',
    },
  'UN R13: trailers over 750 kg are braked; national limits may be lower': {
    de: 'UN R13: Anhänger über 750 kg sind gebremst; nationale Grenzen können tiefer liegen',
    es: 'UN R13: los remolques de más de 750 kg llevan freno; los límites nacionales pueden ser menores',
  },
  'VSB 1, ADR 38: over 750 kg on the axles (GTM), or more than one axle; axles less than 1 m apart count as one': {
    de: 'VSB 1, ADR 38: über 750 kg auf den Achsen (GTM) oder mehr als eine Achse; Achsen unter 1 m Abstand zählen als eine',
    es: 'VSB 1, ADR 38: más de 750 kg en los ejes (GTM), o más de un eje; ejes a menos de 1 m cuentan como uno',
  },
  'the rated gross you put on the plate': {
    de: 'das Gesamtgewicht, das auf das Schild kommt',
    es: 'el peso bruto que ponga en la placa',
  },
  'the tow vehicle’s handbook and plate govern': {
    de: 'Handbuch und Schild des Zugfahrzeugs gelten',
    es: 'mandan el manual y la placa del vehículo',
  },
  'buy a rated coupling': { de: 'eine Kupplung mit Schild kaufen', es: 'compre un acople homologado' },
  'A-frame couplers of the trade are made for legs that meet at 50°': {
    de: 'A-förmige Kupplungen des Handels sind für Schenkel gemacht, die sich unter 50° treffen',
    es: 'los acoplamientos en A del comercio se hacen para brazos que se juntan a 50°',
  },
  'a coupler lies level: on a slope it binds on its ball': {
    de: 'eine Kupplung liegt waagrecht: schräg klemmt sie auf der Kugel',
    es: 'un acoplamiento va a nivel: inclinado se traba en su bola',
  },
  'thresholds by region, told with each': {
    de: 'Schwellen je Region, bei jeder genannt',
    es: 'umbrales por región, dichos en cada una',
  },
  'by region, told with each': { de: 'je Region, bei jeder genannt', es: 'por región, dicho en cada una' },
  'brakes from about 40 % of the vehicle’s weight; UN R13 lets an unbraked trailer be half of it at most': {
    de: 'Bremsen ab etwa 40 % des Fahrzeuggewichts; UN R13 lässt einen ungebremsten Anhänger höchstens halb so schwer sein',
    es: 'frenos desde un 40 % del peso del vehículo; UN R13 permite a un remolque sin freno la mitad a lo sumo',
  },
  'lights by law; four ways carry lights alone, electric brakes ask for six or seven': {
    de: 'Licht nach Gesetz; vierpolig nur Licht, elektrische Bremsen brauchen sechs oder sieben Pole',
    es: 'luces por ley; cuatro polos solo llevan luces, los frenos eléctricos piden seis o siete',
  },
  'SAE J684: two chains, crossed, held apart from the coupler’s own bolts and welds': {
    de: 'SAE J684: zwei Ketten, gekreuzt, getrennt von den Schrauben und Nähten der Kupplung befestigt',
    es: 'SAE J684: dos cadenas, cruzadas, sujetas aparte de los tornillos y soldaduras del acoplamiento',
  },
  'SAE J684 classes: what each chain must break at': {
    de: 'Klassen der SAE J684: wobei jede Kette reißen darf',
    es: 'clases de SAE J684: a cuánto debe romper cada cadena',
  },
  'SAE J684: slack for turning only, and a dropped tongue held off the road; plane geometry': {
    de: 'SAE J684: Durchhang nur zum Wenden, eine gefallene Deichsel von der Straße gehalten; ebene Geometrie',
    es: 'SAE J684: holgura solo para girar, y una lanza caída sin tocar la vía; geometría plana',
  },
  'UN R55: D = g·T·R ÷ (T + R), g = 9.81, both permissible greatest masses': {
    de: 'UN R55: D = g·T·R ÷ (T + R), g = 9,81, beide zulässigen Gesamtmassen',
    es: 'UN R55: D = g·T·R ÷ (T + R), g = 9,81, ambas masas máximas admisibles',
  },
  'UN R55: V = a·C·X² ÷ L², a = 2.4 m/s² without air springs': {
    de: 'UN R55: V = a·C·X² ÷ L², a = 2,4 m/s² ohne Luftfederung',
    es: 'UN R55: V = a·C·X² ÷ L², a = 2,4 m/s² sin suspensión neumática',
  },
  'one and a half to twice what stands on it': {
    de: 'das Anderthalb- bis Zweifache dessen, was darauf steht',
    es: 'de una y media a dos veces lo que se apoya en ella',
  },
  'it lifts the coupler 2 to 3 in over the highest ball, and clears the road by 6 in drawn in': {
    de: 'er hebt die Kupplung 2 bis 3 in über die höchste Kugel und bleibt eingezogen 6 in über der Straße',
    es: 'levanta el acoplamiento de 2 a 3 in sobre la bola más alta, y recogida queda a 6 in del suelo',
  },
  'vehicle, hitch, ball mount, ball, coupler, tongue and chains: the lowest stamp governs': {
    de: 'Fahrzeug, Zugvorrichtung, Kugelträger, Kugel, Kupplung, Deichsel und Ketten: die kleinste Prägung gilt',
    es: 'vehículo, enganche, portabola, bola, acoplamiento, lanza y cadenas: manda la estampa menor',
  },
  'SAE J684, ISO 1103: a 50 mm and a 2 in ball do not interchange': {
    de: 'SAE J684, ISO 1103: eine 50-mm- und eine 2-in-Kugel sind nicht tauschbar',
    es: 'SAE J684, ISO 1103: una bola de 50 mm y una de 2 in no se intercambian',
  },
  'moments at the receiver: tongue load × reach': {
    de: 'Drehwirkungen an der Aufnahme: Stützlast × Ausladung',
    es: 'momentos en el receptor: peso en la bola × alcance',
  },
  'shank and 1/16 in at most; lock washer, two threads past the nut': {
    de: 'Schaft und höchstens 1/16 in; Federring, zwei Gewindegänge über der Mutter',
    es: 'espiga y 1/16 in a lo sumo; arandela de presión, dos hilos pasada la tuerca',
  },
  'pintle: eye and pintle of SAE J847; three axes: tested to UN R55 or ADR 62': {
    de: 'Zughaken: Öse und Haken nach SAE J847; drei Achsen: geprüft nach UN R55 oder ADR 62',
    es: 'gancho: argolla y gancho de SAE J847; tres ejes: ensayado según UN R55 o ADR 62',
  },
  'sum of the parts’ masses': { de: 'Summe der Massen der Teile', es: 'suma de las masas de las piezas' },
  'bars of one’s own under its outline': {
    de: 'eigene Stäbe unter seinem Umriss',
    es: 'barras propias bajo su contorno',
  },
  statics: { de: 'Statik', es: 'estática' },
  'the rating on the axle’s own tag governs': {
    de: 'die Tragkraft auf dem Schild der Achse gilt',
    es: 'manda la capacidad de la etiqueta del eje',
  },
  'the load on the tire’s sidewall at its pressure': {
    de: 'die Last auf der Seitenwand des Reifens bei seinem Druck',
    es: 'la carga del flanco del neumático a su presión',
  },
  'the load stamped on the wheel': { de: 'die ins Rad geprägte Last', es: 'la carga estampada en la rueda' },
  '49 CFR 571.110: passenger tires ÷ 1.10; the tires of an axle together at least its rating': {
    de: '49 CFR 571.110: Pkw-Reifen ÷ 1,10; die Reifen einer Achse zusammen mindestens deren Tragkraft',
    es: '49 CFR 571.110: neumáticos de turismo ÷ 1,10; los neumáticos de un eje juntos al menos su capacidad',
  },
  '49 CFR 567, 571.120: axle ratings and tongue load together at least the rated gross': {
    de: '49 CFR 567, 571.120: Achstragkräfte und Stützlast zusammen mindestens das Gesamtgewicht',
    es: '49 CFR 567, 571.120: capacidades de ejes y peso en la bola juntos al menos el peso bruto',
  },
  'damped mass on a spring; 0.2 to 0.4 is usual for road vehicles': {
    de: 'gedämpfte Masse auf einer Feder; 0,2 bis 0,4 ist bei Straßenfahrzeugen üblich',
    es: 'masa amortiguada sobre un muelle; 0,2 a 0,4 es usual en vehículos de carretera',
  },
  'moments about the pivot, and the same work at unit and wheel': {
    de: 'Drehwirkungen um den Drehpunkt und gleiche Arbeit an Einheit und Rad',
    es: 'momentos alrededor del pivote, y el mismo trabajo en unidad y rueda',
  },
  'yaw stability follows from where the mass lies ahead of the axle, whatever holds the wheel': {
    de: 'Gierstabilität folgt daraus, wo die Masse vor der Achse liegt, was immer das Rad hält',
    es: 'la estabilidad de guiñada depende de dónde va la masa ante el eje, sujete lo que sujete la rueda',
  },
  'shop clearances about wheels: 1 in beside, 1-1/2 in on leaf springs, the travel and 1 in above': {
    de: 'Werkstattabstände um Räder: 1 in seitlich, 1-1/2 in bei Blattfedern, der Federweg und 1 in darüber',
    es: 'holguras de taller en torno a ruedas: 1 in al lado, 1-1/2 in con ballestas, el recorrido y 1 in arriba',
  },
  'outlines from above and heights of axle, tires, tongue, hangers, hinge and loads, each load by itself': {
    de: 'Umrisse von oben und Höhen von Achse, Reifen, Deichsel, Federböcken, Scharnier und Lasten, jede Last für sich',
    es: 'contornos desde arriba y alturas de eje, neumáticos, lanza, soportes, bisagra y cargas, cada carga por sí',
  },
  'loaded radius, axle, seat, leaves, arch left, hanger, bracket, rail': {
    de: 'Halbmesser unter Last, Achse, Sitz, Blätter, verbliebene Sprengung, Federbock, Konsole, Längsträger',
    es: 'radio con carga, eje, asiento, hojas, arco restante, soporte, cartela, larguero',
  },
  'the chain of parts, or the tape': {
    de: 'die Kette der Teile oder das Maßband',
    es: 'la cadena de piezas, o la cinta',
  },
  'rear wheel’s foot to the rear lower edge': {
    de: 'Aufstandspunkt des Hinterrads bis zur hinteren Unterkante',
    es: 'del apoyo de la rueda trasera al borde inferior trasero',
  },
  'suspension unknown': { de: 'Federung unbekannt', es: 'suspensión desconocida' },
  'bending of a round tube, M ÷ S, in a bump of 2.5; spindles, hubs and their welds are their makers’': {
    de: 'Biegung eines Rundrohrs, M ÷ S, bei einem Stoß von 2,5; Achsstummel, Naben und ihre Nähte sind Sache ihrer Hersteller',
    es: 'flexión de un tubo redondo, M ÷ S, en un bache de 2,5; puntas de eje, cubos y sus soldaduras son de sus fabricantes',
  },
  'stub axles stand at a cross-member, or the rail twists': {
    de: 'Achsstummel sitzen an einem Querträger, sonst verdreht sich der Längsträger',
    es: 'los semiejes van junto a un travesaño, o el larguero se tuerce',
  },
  'slope of a beam with overhangs (AISC Manual, beam formulas); 1° is common practice': {
    de: 'Neigung eines Balkens mit Überhängen (AISC Manual, Balkenformeln); 1° ist übliche Praxis',
    es: 'giro de una viga con voladizos (AISC Manual, fórmulas de vigas); 1° es práctica común',
  },
  'wheel, hub and spare share one stud circle': {
    de: 'Rad, Nabe und Ersatzrad teilen einen Lochkreis',
    es: 'rueda, cubo y repuesto comparten un círculo de pernos',
  },
  'one stud circle; offset, hub bore and height are to be tried on': {
    de: 'ein Lochkreis; Einpresstiefe, Nabenbohrung und Höhe sind anzuprobieren',
    es: 'un círculo de pernos; bombeo, agujero central y altura hay que probarlos',
  },
  'a tire fits its own rim diameter only': {
    de: 'ein Reifen passt nur auf seinen Felgendurchmesser',
    es: 'un neumático solo va en su diámetro de llanta',
  },
  'outside of the tire against its rim': {
    de: 'Außenseite des Reifens gegen seine Felge',
    es: 'exterior del neumático contra su llanta',
  },
  'wheel middle to wheel middle = hub face to hub face − 2 × offset': {
    de: 'Radmitte bis Radmitte = Nabenfläche bis Nabenfläche − 2 × Einpresstiefe',
    es: 'de centro a centro de rueda = de cara a cara de cubo − 2 × bombeo',
  },
  'bolt to bolt against the rails': {
    de: 'Bolzen bis Bolzen gegen die Längsträger',
    es: 'de perno a perno contra los largueros',
  },
  'an assembly carries what its weakest part carries': {
    de: 'ein Verbund trägt, was sein schwächstes Teil trägt',
    es: 'un conjunto lleva lo que lleva su pieza más débil',
  },
  'two springs together at least the axle’s sprung load': {
    de: 'zwei Federn zusammen mindestens die gefederte Last der Achse',
    es: 'dos ballestas juntas al menos la carga suspendida del eje',
  },
  'f = √(k ÷ m) ÷ 2π; the aim, laden 1.6 to 2.3 Hz and empty up to 3.5 Hz, and the 1.4 to 2.6 Hz judged good are common practice':
    {
      de: 'f = √(k ÷ m) ÷ 2π; das Ziel, beladen 1,6 bis 2,3 Hz und leer bis 3,5 Hz, und die als gut geltenden 1,4 bis 2,6 Hz sind übliche Praxis',
      es: 'f = √(k ÷ m) ÷ 2π; la meta, cargado 1,6 a 2,3 Hz y vacío hasta 3,5 Hz, y los 1,4 a 2,6 Hz tenidos por buenos son práctica común',
    },
  'eye to eye and shackle less 1/2 in; 3/8 in more than the spring laid flat, no more than 0.9 of the shackle beyond its eyes':
    {
      de: 'Auge zu Auge und Lasche weniger 1/2 in; 3/8 in mehr als die flach gedrückte Feder, höchstens 0,9 der Lasche über ihre Augen hinaus',
      es: 'de ojo a ojo y gemela menos 1/2 in; 3/8 in más que la ballesta plana, no más de 0,9 de la gemela más allá de sus ojos',
    },
  'sin = (bolt to bolt − eye to eye under the load) ÷ shackle; 10° to 60° is common practice': {
    de: 'sin = (Bolzen zu Bolzen − Auge zu Auge unter der Last) ÷ Lasche; 10° bis 60° ist übliche Praxis',
    es: 'sen = (de perno a perno − de ojo a ojo con la carga) ÷ gemela; 10° a 60° es práctica común',
  },
  'Shigley, Mechanical Engineering Design; SAE HS-788: leaf springs, seat and full-length leaf counted': {
    de: 'Shigley, Mechanical Engineering Design; SAE HS-788: Blattfedern, Sitz und Hauptblatt mitgezählt',
    es: 'Shigley, Mechanical Engineering Design; SAE HS-788: ballestas, contando asiento y hoja entera',
  },
  'sprung weight × 2 on roads, 2.5 on rough roads, 3 off road or unsprung; allowable yield ÷ 1.67 (AISC 360-16 F1) or ÷ 1.65 (Aluminum Design Manual)':
    {
      de: 'gefedertes Gewicht × 2 auf Straßen, 2,5 auf schlechten Straßen, 3 im Gelände oder ungefedert; zulässig Fließgrenze ÷ 1,67 (AISC 360-16 F1) oder ÷ 1,65 (Aluminum Design Manual)',
      es: 'peso suspendido × 2 en carretera, 2,5 en vías malas, 3 a campo o sin suspensión; admisible fluencia ÷ 1,67 (AISC 360-16 F1) o ÷ 1,65 (Aluminum Design Manual)',
    },
  'rails 1/300, rear overhang 1/150, tongue 1/200, cross-members 1/180 of their length under the standing load': {
    de: 'Längsträger 1/300, hinterer Überhang 1/150, Deichsel 1/200, Querträger 1/180 ihrer Länge unter der ruhenden Last',
    es: 'largueros 1/300, voladizo trasero 1/150, lanza 1/200, travesaños 1/180 de su largo con la carga en reposo',
  },
  'M changes by the shear there × the length moved; stress by the section modulus': {
    de: 'M ändert sich um die Querkraft dort × Verschiebung; Spannung mit dem Widerstandsmoment',
    es: 'M cambia en el cortante de allí × el largo movido; tensión por el módulo resistente',
  },
  'axle as one point': { de: 'Achse als ein Punkt', es: 'el eje como un punto' },
  'a beam check by hand': { de: 'eine Balkenrechnung von Hand', es: 'un cálculo de viga a mano' },
  'AISC 360-16 D to H (steel), Aluminum Design Manual (aluminum); the clause that governs is told': {
    de: 'AISC 360-16 D bis H (Stahl), Aluminum Design Manual (Aluminium); der maßgebende Abschnitt wird genannt',
    es: 'AISC 360-16 D a H (acero), Aluminum Design Manual (aluminio); se dice el apartado que manda',
  },
  'frame analysis': { de: 'Stabwerksrechnung', es: 'análisis del bastidor' },
  'AISC 360-16 J2.4 (steel), Aluminum Design Manual J (aluminum)': {
    de: 'AISC 360-16 J2.4 (Stahl), Aluminum Design Manual J (Aluminium)',
    es: 'AISC 360-16 J2.4 (acero), Aluminum Design Manual J (aluminio)',
  },
  'shear flow, Gere & Timoshenko, Mechanics of Materials, built-up beams; AISC 360-16 J2.4': {
    de: 'Schubfluss, Gere & Timoshenko, Mechanics of Materials, zusammengesetzte Träger; AISC 360-16 J2.4',
    es: 'flujo de cortante, Gere & Timoshenko, Mechanics of Materials, vigas compuestas; AISC 360-16 J2.4',
  },
  'Timoshenko & Gere, Theory of Elastic Stability: shear of a rectangular plate': {
    de: 'Timoshenko & Gere, Theory of Elastic Stability: Schub einer Rechteckplatte',
    es: 'Timoshenko & Gere, Theory of Elastic Stability: cortante de una placa rectangular',
  },
  'a sheet passes shear from bar to bar': {
    de: 'eine Tafel gibt Schub von Stab zu Stab weiter',
    es: 'una plancha pasa cortante de barra a barra',
  },
  'frame analysis, elastic line method': {
    de: 'Stabwerksrechnung, elastische Linienmethode',
    es: 'análisis del bastidor, método elástico de líneas',
  },
  'AISC 360-16 table J2.4': { de: 'AISC 360-16 Tafel J2.4', es: 'AISC 360-16 tabla J2.4' },
  'AISC 360-16 J10.2, J10.3, both walls of a tube': {
    de: 'AISC 360-16 J10.2, J10.3, beide Wände eines Rohrs',
    es: 'AISC 360-16 J10.2, J10.3, las dos paredes de un tubo',
  },
  'net section': { de: 'Nettoquerschnitt', es: 'sección neta' },
  'sag limits of trailer frames under the load alone': {
    de: 'Durchbiegungsgrenzen von Anhängerrahmen unter der Last allein',
    es: 'límites de flecha de bastidores de remolque con la carga sola',
  },
  'ends of tubes on tube walls: structural stress at the toe (own models), IIW FAT 90 (aluminum 36); other welds: AISC 360-16 Appendix 3 or Aluminum Design Manual, category E; narrow-band road spectrum at 2 Hz, Miner’s rule. Good to a factor of about five either way':
    {
      de: 'Rohrenden auf Rohrwänden: Strukturspannung am Nahtübergang (eigene Modelle), IIW FAT 90 (Aluminium 36); andere Nähte: AISC 360-16 Anhang 3 oder Aluminum Design Manual, Kategorie E; schmalbandiges Straßenspektrum bei 2 Hz, Miner-Regel. Auf etwa das Fünffache nach beiden Seiten genau',
      es: 'extremos de tubo en paredes de tubo: tensión estructural al pie (modelos propios), IIW FAT 90 (aluminio 36); otras soldaduras: AISC 360-16 apéndice 3 o Aluminum Design Manual, categoría E; espectro de vía de banda estrecha a 2 Hz, regla de Miner. Con un factor de cinco hacia ambos lados',
    },
  'condition of the stiffness matrix; sums of loads and reactions': {
    de: 'Kondition der Steifigkeitsmatrix; Summen von Lasten und Auflagerkräften',
    es: 'condición de la matriz de rigidez; sumas de cargas y reacciones',
  },
  'switched off': { de: 'ausgeschaltet', es: 'desactivado' },
  'the situation’s own inputs': { de: 'die eigenen Angaben der Lage', es: 'los datos propios de la situación' },
  'loads as badly placed as the trailer’s own limits allow': {
    de: 'Lasten so ungünstig, wie es die Grenzen des Anhängers selbst erlauben',
    es: 'cargas tan mal puestas como dejan los propios límites del remolque',
  },
  'ADR 62 and VSB 1': { de: 'ADR 62 und VSB 1', es: 'ADR 62 y VSB 1' },
  'fit of solid finite-element models of tube joints: stiffness within −6 to +22 %, limit and stress within 7 % rms': {
    de: 'angepasst an Volumenmodelle von Rohrstößen mit finiten Elementen: Steifigkeit auf −6 bis +22 %, Grenze und Spannung auf 7 % quadratisch gemittelt',
    es: 'ajuste a modelos sólidos de elementos finitos de uniones de tubos: rigidez de −6 a +22 %, límite y tensión con 7 % cuadrático medio',
  },
  'outriggers and sub-frames that are not drawn': {
    de: 'Ausleger und Hilfsrahmen, die nicht gezeichnet sind',
    es: 'ménsulas y sub-bastidores no dibujados',
  },
  'carts, light trailers and low decks are loaded from the ground': {
    de: 'Karren, leichte Anhänger und niedrige Flächen werden vom Boden beladen',
    es: 'carros, remolques ligeros y cajas bajas se cargan desde el suelo',
  },
  'the plate’s gross spread evenly, badly placed, and under published drawbar loads': {
    de: 'Gesamtgewicht des Schilds gleichmäßig verteilt, ungünstig gestellt und unter veröffentlichten Deichsellasten',
    es: 'el peso bruto de la placa repartido, mal puesto y con cargas de lanza publicadas',
  },
  'the same load, on one beam by hand and on the whole frame': {
    de: 'dieselbe Last, an einem Balken von Hand und am ganzen Rahmen',
    es: 'la misma carga, en una viga a mano y en todo el bastidor',
  },
  'NDS (planks), PS 2 (plywood), AISC F11 (sheet)': {
    de: 'NDS (Bohlen), PS 2 (Sperrholz), AISC F11 (Blech)',
    es: 'NDS (tablones), PS 2 (contrachapado), AISC F11 (chapa)',
  },
  'makers’ load tables': { de: 'Lasttabellen der Hersteller', es: 'tablas de carga de los fabricantes' },
  'ASCE 7 4.5.1: 200 lb on a guard rail; allowed by AISC 360-16 F1 or the Aluminum Design Manual': {
    de: 'ASCE 7 4.5.1: 200 lb an einem Geländer; zulässig nach AISC 360-16 F1 oder Aluminum Design Manual',
    es: 'ASCE 7 4.5.1: 200 lb en una baranda; admisible según AISC 360-16 F1 o Aluminum Design Manual',
  },
  '49 CFR 393.106(d): working load limits together at least half of the load': {
    de: '49 CFR 393.106(d): Arbeitslasten zusammen mindestens die Hälfte der Last',
    es: '49 CFR 393.106(d): cargas de trabajo juntas al menos la mitad de la carga',
  },
  'ADR 62 and VSB 1: 1.5 g along, 0.5 g across and upright; elementary beam theory; AISC 360-16 J7 and J2.4': {
    de: 'ADR 62 und VSB 1: 1,5 g längs, 0,5 g quer und senkrecht; elementare Balkentheorie; AISC 360-16 J7 und J2.4',
    es: 'ADR 62 y VSB 1: 1,5 g a lo largo, 0,5 g de través y en vertical; teoría elemental de vigas; AISC 360-16 J7 y J2.4',
  },
  'ADR 62 and VSB 1: 1.5 g along, 0.5 g upright at the coupling; AISC 360-16 J3.6 and J3.10, two shear planes': {
    de: 'ADR 62 und VSB 1: 1,5 g längs, 0,5 g senkrecht an der Kupplung; AISC 360-16 J3.6 und J3.10, zwei Scherflächen',
    es: 'ADR 62 y VSB 1: 1,5 g a lo largo, 0,5 g en vertical en el acoplamiento; AISC 360-16 J3.6 y J3.10, dos planos de corte',
  },
  'statics: one pin across is a hinge and holds no bending': {
    de: 'Statik: ein Querbolzen ist ein Gelenk und hält keine Biegung',
    es: 'estática: un pasador de través es una articulación y no lleva flexión',
  },
  'front corners turned about the ball, x = L·cosγ − t·sinγ, against the vehicle’s rear face': {
    de: 'vordere Ecken um die Kugel gedreht, x = L·cosγ − t·sinγ, gegen das Heck des Fahrzeugs',
    es: 'esquinas delanteras giradas sobre la bola, x = L·cosγ − t·senγ, contra la trasera del vehículo',
  },
  'reach and height of the open tailgate against what stands nearest to it, riding level': {
    de: 'Ausladung und Höhe der offenen Heckklappe gegen das Nächste, waagrecht fahrend',
    es: 'alcance y altura del portón abierto contra lo más cercano, yendo nivelado',
  },
  'rigid trailer tipped about the ball over every place of the break, exact; coupling heads of UN R55 tip 20°': {
    de: 'starrer Anhänger, über jeder Stelle der Kante um die Kugel gekippt, genau; Kupplungsköpfe nach UN R55 kippen 20°',
    es: 'remolque rígido inclinado sobre la bola en cada punto del quiebre, exacto; los cabezales UN R55 giran 20°',
  },
  'the least length that clears in the turn, under the tailgate and in the dip': {
    de: 'die kleinste Länge, die beim Wenden, unter der Heckklappe und in der Senke freigeht',
    es: 'el largo mínimo que libra en el giro, bajo el portón y en el badén',
  },
  'R − √(R² − L²), slow and steady': {
    de: 'R − √(R² − L²), langsam und gleichmäßig',
    es: 'R − √(R² − L²), lento y constante',
  },
  'steady slow turn, each axle on its own circle; half a foot free on either side': {
    de: 'langsame, gleichmäßige Kurve, jede Achse auf ihrem Kreis; beiderseits ein halber Fuß frei',
    es: 'giro lento y constante, cada eje en su círculo; medio pie libre a cada lado',
  },
  'mass, wheelbase, and how far the ball stands behind the rear axle': {
    de: 'Masse, Radstand und wie weit die Kugel hinter der Hinterachse steht',
    es: 'masa, batalla y cuánto queda la bola tras el eje trasero',
  },
  'the hitch against the height at which each load rides level': {
    de: 'Zugvorrichtung gegen die Höhe, in der jede Last waagrecht fährt',
    es: 'el enganche contra la altura a la que cada carga va nivelada',
  },
  'level within half an inch at the ball, loaded; an inch low in front rather than high': {
    de: 'an der Kugel auf einen halben Zoll waagrecht, beladen; lieber vorn einen Zoll tief als hoch',
    es: 'nivelado a media pulgada en la bola, cargado; antes una pulgada bajo delante que alto',
  },
  'the hitch against the deck of the loaded trailer': {
    de: 'Zugvorrichtung gegen die Ladefläche des beladenen Anhängers',
    es: 'el enganche contra la caja del remolque cargado',
  },
  'static stability factor, t ÷ 2h; rigid, without springs and tires, which take off a tenth or more': {
    de: 'Standsicherheitszahl, t ÷ 2h; starr, ohne Federn und Reifen, die ein Zehntel oder mehr kosten',
    es: 'factor de estabilidad estática, t ÷ 2h; rígido, sin muelles ni neumáticos, que quitan una décima o más',
  },
  'tongue × (1 + overhang ÷ wheelbase) on the rear axle, tongue × overhang ÷ wheelbase off the front': {
    de: 'Stützlast × (1 + Überhang ÷ Radstand) auf der Hinterachse, Stützlast × Überhang ÷ Radstand von der Vorderachse weg',
    es: 'bola × (1 + voladizo ÷ batalla) en el eje trasero, bola × voladizo ÷ batalla menos en el delantero',
  },
  'weight × sin of the slope': { de: 'Gewicht × sin der Neigung', es: 'peso × sen de la pendiente' },
  'small tires roll with 3 % of the weight on firm ground, 10 % on grass': {
    de: 'kleine Reifen rollen mit 3 % des Gewichts auf festem Grund, 10 % auf Gras',
    es: 'los neumáticos chicos ruedan con 3 % del peso en firme, 10 % en pasto',
  },
  'lengths of the drawn frame': { de: 'Längen des gezeichneten Rahmens', es: 'largos del bastidor dibujado' },
  'yards sell 20 and 24 ft, or 6 m': {
    de: 'der Handel verkauft 20 und 24 ft oder 6 m',
    es: 'los almacenes venden 20 y 24 ft, o 6 m',
  },
  'amperes of one lamp by its function, 3 A to a 10 in magnet, 10 A to charge; what is printed on them governs': {
    de: 'Ampere einer Leuchte nach ihrer Aufgabe, 3 A je 10-in-Magnet, 10 A zum Laden; was aufgedruckt ist, gilt',
    es: 'amperios de un faro según su función, 3 A por imán de 10 in, 10 A para cargar; manda lo impreso',
  },
  'ABYC E-11, allowable amperage of conductors, 75 °C, outside engine spaces': {
    de: 'ABYC E-11, zulässiger Strom von Leitern, 75 °C, außerhalb von Motorräumen',
    es: 'ABYC E-11, corriente admisible de conductores, 75 °C, fuera de la sala de motor',
  },
  '3 % lost on lamps and 5 % on brakes at most, there and back': {
    de: 'höchstens 3 % Verlust bei Leuchten und 5 % bei Bremsen, hin und zurück',
    es: '3 % de pérdida en luces y 5 % en frenos a lo sumo, ida y vuelta',
  },
  'at half the height of the side, no wider than a third of it, a bar’s depth away from welds, with a grommet; a clip every 18 in (450 mm)':
    {
      de: 'auf halber Höhe der Wand, höchstens ein Drittel davon breit, eine Stabhöhe von Nähten weg, mit Tülle; alle 18 in (450 mm) eine Schelle',
      es: 'a media altura de la cara, no más ancho que un tercio, a un canto de barra de soldaduras, con pasacables; una grapa cada 18 in (450 mm)',
    },
  'half of a lead battery or four fifths of a lithium one may be used; 70 % of a panel’s rating arrives; 3 % lost on the wires at most; fuse a quarter above the current':
    {
      de: 'von einer Bleibatterie die Hälfte, von einer Lithiumbatterie vier Fünftel nutzbar; 70 % der Modulleistung kommen an; höchstens 3 % Verlust auf den Leitungen; Sicherung ein Viertel über dem Strom',
      es: 'se puede usar la mitad de una batería de plomo o cuatro quintos de una de litio; llega 70 % de lo que marca el panel; 3 % de pérdida en cables a lo sumo; fusible un cuarto sobre la corriente',
    },
  '49 CFR 571.108, tables I-a and I-b (trailers)': {
    de: '49 CFR 571.108, Tafeln I-a und I-b (Anhänger)',
    es: '49 CFR 571.108, tablas I-a y I-b (remolques)',
  },
  'UN R48, trailers of O1 and O2': { de: 'UN R48, Anhänger der Klassen O1 und O2', es: 'UN R48, remolques de O1 y O2' },
  'Vehicle codes of states and provinces, as ranges': {
    de: 'Fahrzeuggesetze von Staaten und Provinzen, als Spannen',
    es: 'códigos vehiculares de estados y provincias, como rangos',
  },
  '49 CFR 383.91; some states and provinces draw the line lower': {
    de: '49 CFR 383.91; einige Staaten und Provinzen ziehen die Grenze tiefer',
    es: '49 CFR 383.91; algunos estados y provincias ponen la línea más abajo',
  },
  'State vehicle codes, 1,000 to 10,000 lb; 49 CFR 393.42 and 393.43 in commerce': {
    de: 'Fahrzeuggesetze der Staaten, 1.000 bis 10.000 lb; 49 CFR 393.42 und 393.43 im Gewerbe',
    es: 'códigos vehiculares estatales, 1.000 a 10.000 lb; 49 CFR 393.42 y 393.43 en comercio',
  },
  '49 CFR 393.87: flags beyond 4 ft behind and 4 in aside; states from 3 ft': {
    de: '49 CFR 393.87: Fahnen ab 4 ft nach hinten und 4 in zur Seite; Staaten ab 3 ft',
    es: '49 CFR 393.87: banderas desde 4 ft atrás y 4 in al lado; estados desde 3 ft',
  },
  'Regulation (EU) 2018/858, categories O1 to O3': {
    de: 'Verordnung (EU) 2018/858, Klassen O1 bis O3',
    es: 'Reglamento (UE) 2018/858, categorías O1 a O3',
  },
  'Directive 2006/126/EC, categories B, B96 and BE': {
    de: 'Richtlinie 2006/126/EG, Klassen B, B96 und BE',
    es: 'Directiva 2006/126/CE, clases B, B96 y BE',
  },
  'UN R13 and R55': { de: 'UN R13 und R55', es: 'UN R13 y R55' },
  'Directive 96/53/EC, largest sizes': {
    de: 'Richtlinie 96/53/EG, größte Maße',
    es: 'Directiva 96/53/CE, medidas máximas',
  },
  'National law, as ranges': { de: 'Nationales Recht, als Spannen', es: 'derecho nacional, como rangos' },
  'Regulation (EU) 2021/535, statutory plate': {
    de: 'Verordnung (EU) 2021/535, Fabrikschild',
    es: 'Reglamento (UE) 2021/535, placa reglamentaria',
  },
  'VSB 1, Vehicle Standards Bulletin, and Australian Design Rules': {
    de: 'VSB 1, Vehicle Standards Bulletin, und Australian Design Rules',
    es: 'VSB 1, Vehicle Standards Bulletin, y Australian Design Rules',
  },
  'Law of states and territories, as ranges': {
    de: 'Recht der Staaten und Territorien, als Spannen',
    es: 'leyes de estados y territorios, como rangos',
  },
  'ADR 38 and VSB 1: by the mass on its wheels': {
    de: 'ADR 38 und VSB 1: nach der Masse auf seinen Rädern',
    es: 'ADR 38 y VSB 1: según la masa en sus ruedas',
  },
  'VSB 1 and AS 4177.4': { de: 'VSB 1 und AS 4177.4', es: 'VSB 1 y AS 4177.4' },
  'ASTM A36; AISC Manual table 2-4': { de: 'ASTM A36; AISC Manual Tafel 2-4', es: 'ASTM A36; AISC Manual tabla 2-4' },
  'ASTM A500; AISC Manual table 2-4': {
    de: 'ASTM A500; AISC Manual Tafel 2-4',
    es: 'ASTM A500; AISC Manual tabla 2-4',
  },
  'no certificate, no credit: 30 ksi': {
    de: 'kein Zeugnis, keine Anrechnung: 30 ksi',
    es: 'sin certificado, sin crédito: 30 ksi',
  },
  're-rolled rail: hard, of no known kind, no credit for it': {
    de: 'umgewalzte Schiene: hart, unbekannter Art, keine Anrechnung',
    es: 'riel relaminado: duro, de clase desconocida, sin crédito',
  },
  'ASTM A513, typical properties of 1020 as welded': {
    de: 'ASTM A513, typische Werte von 1020 wie geschweißt',
    es: 'ASTM A513, propiedades típicas de 1020 como soldado',
  },
  'EN 10219-1, EN 10025-2, up to 16 mm': {
    de: 'EN 10219-1, EN 10025-2, bis 16 mm',
    es: 'EN 10219-1, EN 10025-2, hasta 16 mm',
  },
  'Aluminum Design Manual 2010-2020, part I tables A.3.4-A.3.5': {
    de: 'Aluminum Design Manual 2010-2020, Teil I Tafeln A.3.4-A.3.5',
    es: 'Aluminum Design Manual 2010-2020, parte I tablas A.3.4-A.3.5',
  },
  'EN 1999-1-1 table 3.2b': { de: 'EN 1999-1-1 Tafel 3.2b', es: 'EN 1999-1-1 tabla 3.2b' },
  '49 CFR 565, 567, 571.110; state and provincial law differs': {
    de: '49 CFR 565, 567, 571.110; Recht von Staaten und Provinzen weicht ab',
    es: '49 CFR 565, 567, 571.110; las leyes estatales y provinciales difieren',
  },
  'Regulation (EU) 2018/858; national law for single vehicles differs': {
    de: 'Verordnung (EU) 2018/858; nationales Recht für Einzelfahrzeuge weicht ab',
    es: 'Reglamento (UE) 2018/858; el derecho nacional para vehículos únicos difiere',
  },
  'VSB 1, Vehicle Standards Bulletin; state law differs': {
    de: 'VSB 1, Vehicle Standards Bulletin; Recht der Staaten weicht ab',
    es: 'VSB 1, Vehicle Standards Bulletin; las leyes estatales difieren',
  },
  'weight alone': { de: 'Gewicht allein', es: 'solo peso' },
  'dynamic factors for light trailers': {
    de: 'dynamische Beiwerte für leichte Anhänger',
    es: 'factores dinámicos para remolques ligeros',
  },
  '0.4 g with 1.5 times the standing load': {
    de: '0,4 g mit dem 1,5fachen der ruhenden Last',
    es: '0,4 g con 1,5 veces la carga en reposo',
  },
  'ADR 62 and VSB 1: 1.5 g along, 0.5 g across, 0.5 g up and down, no residual deformation': {
    de: 'ADR 62 und VSB 1: 1,5 g längs, 0,5 g quer, 0,5 g auf und ab, ohne bleibende Verformung',
    es: 'ADR 62 y VSB 1: 1,5 g a lo largo, 0,5 g de través, 0,5 g arriba y abajo, sin deformación residual',
  },
  'every ring pulled at its working load, 45° up and in': {
    de: 'an jedem Ring mit seiner Arbeitslast gezogen, 45° aufwärts und einwärts',
    es: 'se tira de cada argolla a su carga de trabajo, 45° arriba y adentro',
  },
  'weight on the stands alone, also with 100 kg stepping on the rear edge, × 1.5': {
    de: 'Gewicht auf den Stützen allein, auch mit 100 kg auf der Hinterkante, × 1,5',
    es: 'peso solo sobre los soportes, también con 100 kg pisando el borde trasero, × 1,5',
  },
  'weight on jack and wheels': { de: 'Gewicht auf Stützfuß und Rädern', es: 'peso sobre pata y ruedas' },
  'a floor jack under one rail behind a single axle; two axles are lifted one by one': {
    de: 'ein Wagenheber unter einem Längsträger hinter einer Einzelachse; zwei Achsen werden einzeln gehoben',
    es: 'un gato bajo un larguero detrás de un solo eje; dos ejes se levantan uno por uno',
  },
  'a pull of the tow vehicle’s own weight, straight and 30° aside': {
    de: 'Zug mit dem Eigengewicht des Fahrzeugs, gerade und 30° seitlich',
    es: 'un tirón del peso propio del vehículo, recto y a 30°',
  },
  '100 kg (220 lb) stepping on, × 1.5': {
    de: '100 kg (220 lb) treten auf, × 1,5',
    es: '100 kg (220 lb) que pisan, × 1,5',
  },
  'two thirds of a machine’s weight on its first axle, on the rear edge as it drives on': {
    de: 'zwei Drittel des Gewichts einer Maschine auf ihrer ersten Achse, auf der Hinterkante beim Auffahren',
    es: 'dos tercios del peso de una máquina en su primer eje, sobre el borde trasero al subir',
  },
  'the bare frame lifted by two corners of one side, × 1.5': {
    de: 'nackter Rahmen an zwei Ecken einer Seite gehoben, × 1,5',
    es: 'el bastidor desnudo levantado por dos esquinas de un lado, × 1,5',
  },
  'NBS Handbook 100: copper wire tables, 20 °C': {
    de: 'NBS Handbook 100: Tafeln für Kupferdraht, 20 °C',
    es: 'NBS Handbook 100: tablas de hilo de cobre, 20 °C',
  },
  'Voluntary Product Standard PS 2, single-floor panels: 550 lb on a 3 in disc, 100 lb/ft² at the rated span; ÷ 2.5 is common practice':
    {
      de: 'Voluntary Product Standard PS 2, Platten für einlagige Böden: 550 lb auf einer 3-in-Scheibe, 100 lb/ft² bei der Nennspannweite; ÷ 2,5 ist übliche Praxis',
      es: 'Voluntary Product Standard PS 2, tableros de piso simple: 550 lb en un disco de 3 in, 100 lb/ft² a la luz nominal; ÷ 2,5 es práctica común',
    },
  'NDS and its Supplement, table 4A: no. 2 softwood boards 5-1/2 in wide, laid flat, simple spans': {
    de: 'NDS und Supplement, Tafel 4A: Nadelholzbretter Nr. 2, 5-1/2 in breit, flach, Einfeldträger',
    es: 'NDS y Supplement, tabla 4A: tablas de conífera n.º 2 de 5-1/2 in de ancho, planas, vanos simples',
  },
  'AISC 360-16 F11 with 30 ksi; strip that shares the load: common practice': {
    de: 'AISC 360-16 F11 mit 30 ksi; mittragender Streifen: übliche Praxis',
    es: 'AISC 360-16 F11 con 30 ksi; franja que comparte la carga: práctica común',
  },
  'Aluminum Design Manual, 3003-H14 at 17 ksi ÷ 1.65; strip that shares the load: common practice': {
    de: 'Aluminum Design Manual, 3003-H14 mit 17 ksi ÷ 1,65; mittragender Streifen: übliche Praxis',
    es: 'Aluminum Design Manual, 3003-H14 con 17 ksi ÷ 1,65; franja que comparte la carga: práctica común',
  },
  'your own band': { de: 'eigene Spanne', es: 'margen propio' },
  'headers and cross-members': { de: 'Stirnträger und Querträger', es: 'cabezales y travesaños' },
  '10 to 15 % of the loaded trailer; SAE J2807 tests at 10 %': {
    de: '10 bis 15 % des beladenen Anhängers; SAE J2807 prüft bei 10 %',
    es: '10 a 15 % del remolque cargado; SAE J2807 ensaya al 10 %',
  },
  'StVZO §44(3); Regulation (EU) 1230/2012: at least 4 %, at most the plate of coupling and vehicle': {
    de: 'StVZO §44(3); Verordnung (EU) 1230/2012: mindestens 4 %, höchstens das Schild von Kupplung und Fahrzeug',
    es: 'StVZO §44(3); Reglamento (UE) 1230/2012: al menos 4 %, a lo sumo la placa de acoplamiento y vehículo',
  },
  'about 10 % of the loaded trailer': {
    de: 'etwa 10 % des beladenen Anhängers',
    es: 'alrededor del 10 % del remolque cargado',
  },
  'a few percent, never negative': { de: 'wenige Prozent, nie negativ', es: 'unos pocos por ciento, nunca negativo' },
  'tongue and bed, there and along both sides, and three tenths more': {
    de: 'Deichsel und Ladefläche, hin und an beiden Seiten entlang, und drei Zehntel mehr',
    es: 'lanza y caja, ida y por ambos lados, y tres décimas más',
  },
  'along the main run, a clip every 18 in (450 mm)': {
    de: 'am Hauptstrang, alle 18 in (450 mm) eine Schelle',
    es: 'a lo largo del tendido principal, una grapa cada 18 in (450 mm)',
  },
  'one through each board, or one a foot, into every bar under the deck': {
    de: 'eine durch jedes Brett oder eine je Fuß, in jeden Stab unter dem Boden',
    es: 'uno por cada tabla, o uno por pie, en cada barra bajo el piso',
  },
  '49 CFR 393.43: they set themselves when the trailer comes loose, and hold 15 minutes': {
    de: '49 CFR 393.43: sie ziehen selbst an, wenn der Anhänger sich löst, und halten 15 Minuten',
    es: '49 CFR 393.43: se accionan solos cuando el remolque se suelta, y aguantan 15 minutos',
  },
  'UN R13: braked trailers stop by themselves when they come loose; a cable to the parking brake': {
    de: 'UN R13: gebremste Anhänger halten von selbst, wenn sie sich lösen; ein Seil zur Feststellbremse',
    es: 'UN R13: los remolques con freno se detienen solos al soltarse; un cable al freno de mano',
  },
  'VSB 1, ADR 38: over 2,000 kg, and hold 15 minutes': {
    de: 'VSB 1, ADR 38: über 2.000 kg, und halten 15 Minuten',
    es: 'VSB 1, ADR 38: más de 2.000 kg, y aguantan 15 minutos',
  },
  'UN R13: overrun brakes for trailers of class O2, to 3,500 kg': {
    de: 'UN R13: Auflaufbremsen für Anhänger der Klasse O2, bis 3.500 kg',
    es: 'UN R13: frenos de inercia para remolques de clase O2, hasta 3.500 kg',
  },
  'VSB 1, ADR 38: overrun brakes to 2,000 kg; beyond, worked from the seat': {
    de: 'VSB 1, ADR 38: Auflaufbremsen bis 2.000 kg; darüber vom Sitz aus betätigt',
    es: 'VSB 1, ADR 38: frenos de inercia hasta 2.000 kg; más allá, accionados desde el asiento',
  },
  '49 CFR 393.48(d): surge brakes where the trailer’s GVWR is up to 1.75 times the vehicle’s to 12,000 lb, 1.25 times to 20,000 lb':
    {
      de: '49 CFR 393.48(d): Auflaufbremsen, wo die GVWR des Anhängers bis 12.000 lb höchstens das 1,75fache, bis 20.000 lb das 1,25fache der des Fahrzeugs ist',
      es: '49 CFR 393.48(d): frenos de inercia donde el GVWR del remolque es hasta 1,75 veces el del vehículo hasta 12.000 lb, 1,25 veces hasta 20.000 lb',
    },
  'SAE J684, class 4: above 5,000 lb each chain breaks at the gross itself': {
    de: 'SAE J684, Klasse 4: über 5.000 lb reißt jede Kette erst beim Gesamtgewicht selbst',
    es: 'SAE J684, clase 4: sobre 5.000 lb cada cadena rompe al mismo peso bruto',
  },
  'UN R55 and R13: a second coupling where there are no brakes, a breakaway cable where there are': {
    de: 'UN R55 und R13: zweite Verbindung, wo keine Bremsen sind, ein Abreißseil, wo welche sind',
    es: 'UN R55 y R13: segundo acople donde no hay frenos, cable de rotura donde los hay',
  },
  'VSB 1: one chain of AS 4177.4 up to 2,500 kg, two to 3,500 kg, stronger ones beyond': {
    de: 'VSB 1: eine Kette nach AS 4177.4 bis 2.500 kg, zwei bis 3.500 kg, darüber stärkere',
    es: 'VSB 1: una cadena de AS 4177.4 hasta 2.500 kg, dos hasta 3.500 kg, más fuertes después',
  },
  'UN R55 Annex 7: 430 ± 35 mm to the coupling’s middle': {
    de: 'UN R55 Anhang 7: 430 ± 35 mm bis zur Mitte der Kupplung',
    es: 'UN R55 anexo 7: 430 ± 35 mm hasta el centro del acoplamiento',
  },
  'ADR 62, VSB 1: 350 to 460 mm': { de: 'ADR 62, VSB 1: 350 bis 460 mm', es: 'ADR 62, VSB 1: 350 a 460 mm' },
  'UN R55; the plate on the coupling governs': {
    de: 'UN R55; das Schild auf der Kupplung gilt',
    es: 'UN R55; manda la placa del acoplamiento',
  },
  'wheel nuts again after 10, 25 and 50 miles, then with the seasons': {
    de: 'Radmuttern wieder nach 10, 25 und 50 Meilen, danach mit den Jahreszeiten',
    es: 'tuercas de rueda otra vez a las 10, 25 y 50 millas, luego con las estaciones',
  },
  'once a year or after 12,000 miles, whichever comes first': {
    de: 'einmal im Jahr oder nach 12.000 Meilen, was zuerst kommt',
    es: 'una vez al año o a las 12.000 millas, lo que llegue primero',
  },
  'AISC 360-16 Appendix 3, category E; Rayleigh amplitudes, Miner’s rule': {
    de: 'AISC 360-16 Anhang 3, Kategorie E; Rayleigh-Amplituden, Miner-Regel',
    es: 'AISC 360-16 apéndice 3, categoría E; amplitudes de Rayleigh, regla de Miner',
  },
  'Aluminum Design Manual B.3, category E; Rayleigh amplitudes, Miner’s rule': {
    de: 'Aluminum Design Manual B.3, Kategorie E; Rayleigh-Amplituden, Miner-Regel',
    es: 'Aluminum Design Manual B.3, categoría E; amplitudes de Rayleigh, regla de Miner',
  },
  'AISC 360-16 D2(b), F13.1: rupture of the net section, Fu ÷ 2.00': {
    de: 'AISC 360-16 D2(b), F13.1: Bruch des Nettoquerschnitts, Fu ÷ 2,00',
    es: 'AISC 360-16 D2(b), F13.1: rotura de la sección neta, Fu ÷ 2,00',
  },
  'Aluminum Design Manual D.2: rupture of the net section, Ftu ÷ 1.95': {
    de: 'Aluminum Design Manual D.2: Bruch des Nettoquerschnitts, Ftu ÷ 1,95',
    es: 'Aluminum Design Manual D.2: rotura de la sección neta, Ftu ÷ 1,95',
  },
  'AISC 360-16 J2.4, AWS D1.1: E70 at 21 ksi on the throat; forces by Blodgett’s line method': {
    de: 'AISC 360-16 J2.4, AWS D1.1: E70 mit 21 ksi auf die Nahtdicke; Kräfte nach Blodgetts Linienmethode',
    es: 'AISC 360-16 J2.4, AWS D1.1: E70 a 21 ksi en la garganta; fuerzas por el método de líneas de Blodgett',
  },
  'Aluminum Design Manual, welded ultimate ÷ √3': {
    de: 'Aluminum Design Manual, Zugfestigkeit geschweißt ÷ √3',
    es: 'Aluminum Design Manual, última soldada ÷ √3',
  },
  'Aluminum Design Manual B.5.4, buckling constants of table B.4.2': {
    de: 'Aluminum Design Manual B.5.4, Beulkonstanten der Tafel B.4.2',
    es: 'Aluminum Design Manual B.5.4, constantes de pandeo de la tabla B.4.2',
  },
  'Aluminum Design Manual J.2, ER4043; forces by Blodgett’s line method': {
    de: 'Aluminum Design Manual J.2, ER4043; Kräfte nach Blodgetts Linienmethode',
    es: 'Aluminum Design Manual J.2, ER4043; fuerzas por el método de líneas de Blodgett',
  },
  'Aluminum Design Manual J.2, ER5356; forces by Blodgett’s line method': {
    de: 'Aluminum Design Manual J.2, ER5356; Kräfte nach Blodgetts Linienmethode',
    es: 'Aluminum Design Manual J.2, ER5356; fuerzas por el método de líneas de Blodgett',
  },
  'IIW recommendations: structural stress at the toe of a load-carrying fillet, FAT 90; Rayleigh amplitudes, Miner’s rule':
    {
      de: 'IIW-Empfehlungen: Strukturspannung am Übergang einer tragenden Kehlnaht, FAT 90; Rayleigh-Amplituden, Miner-Regel',
      es: 'recomendaciones IIW: tensión estructural al pie de un cordón que transmite carga, FAT 90; amplitudes de Rayleigh, regla de Miner',
    },
  'IIW recommendations: structural stress at the toe of a load-carrying fillet, FAT 36; Rayleigh amplitudes, Miner’s rule':
    {
      de: 'IIW-Empfehlungen: Strukturspannung am Übergang einer tragenden Kehlnaht, FAT 36; Rayleigh-Amplituden, Miner-Regel',
      es: 'recomendaciones IIW: tensión estructural al pie de un cordón que transmite carga, FAT 36; amplitudes de Rayleigh, regla de Miner',
    },
} as const satisfies Phrasebook;
