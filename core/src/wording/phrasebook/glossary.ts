import type { Phrasebook } from '../phrases.js';

export const glossary = {
  'A-frame': { de: 'V-Deichsel', es: 'En V' },
  'A tongue of two legs that meet at the coupler, mostly at 50°.': {
    de: 'Eine Deichsel aus zwei Schenkeln, die sich an der Kupplung treffen, meist unter 50°.',
    es: 'Una lanza de dos brazos que se juntan en el acoplamiento, casi siempre a 50°.',
  },
  Allowable: { de: 'Zulässig', es: 'Admisible' },
  'What a bar, weld or bolt is asked to bear at most: its strength divided by a factor of the rule.': {
    de: 'Was einem Stab, einer Naht oder Schraube höchstens zugemutet wird: ihre Festigkeit, geteilt durch einen Faktor der Regel.',
    es: 'Lo máximo que se pide a una barra, soldadura o tornillo: su resistencia dividida por un factor de la regla.',
  },
  Backbone: { de: 'Zentralrohr', es: 'Tubo central' },
  'One tube along the middle that is tongue and frame in one.': {
    de: 'Ein Rohr in der Mitte, das Deichsel und Rahmen in einem ist.',
    es: 'Un tubo por el medio que es lanza y bastidor a la vez.',
  },
  'Balance point': { de: 'Schwerpunkt', es: 'Centro de gravedad' },
  'Where all of the weight could be hung by one string.': {
    de: 'Wo das ganze Gewicht an einer Schnur hängen könnte.',
    es: 'Donde todo el peso podría colgar de una cuerda.',
  },
  'Ball mount': { de: 'Kugelträger', es: 'Portabola' },
  'What goes into the vehicle’s receiver and holds the ball, higher or lower.': {
    de: 'Was in der Aufnahme des Fahrzeugs steckt und die Kugel höher oder tiefer hält.',
    es: 'Lo que entra en el receptor del vehículo y sostiene la bola, más alta o más baja.',
  },
  'Bends for good': { de: 'Biegt sich bleibend', es: 'Se dobla para siempre' },
  'From this stress on metal does not spring back.': {
    de: 'Ab dieser Spannung federt Metall nicht mehr zurück.',
    es: 'Desde esta tensión el metal ya no vuelve.',
  },
  Bow: { de: 'Durchbiegung', es: 'Flecha de barra' },
  'How far a straight bar is not straight.': {
    de: 'Wie wenig gerade ein gerader Stab ist.',
    es: 'Cuánto le falta a una barra recta para serlo.',
  },
  Breakaway: { de: 'Abreißbremse', es: 'Freno de rotura' },
  'A switch or cable that sets the trailer’s brakes when it comes loose.': {
    de: 'Ein Schalter oder Seil, das die Bremsen des Anhängers zieht, wenn er sich löst.',
    es: 'Un interruptor o cable que acciona los frenos del remolque cuando se suelta.',
  },
  'Bump factor': { de: 'Stoßfaktor', es: 'Factor de bache' },
  'So many times its weight a load presses when a wheel hits something.': {
    de: 'Mit so vielen Malen ihres Gewichts drückt eine Last, wenn ein Rad auf etwas trifft.',
    es: 'Tantas veces su peso empuja una carga cuando una rueda golpea algo.',
  },
  Camber: { de: 'Sturz', es: 'Caída' },
  'Lean of a wheel seen from behind; an axle may be bent up in its middle so that its wheels stand upright when loaded.':
    {
      de: 'Neigung eines Rads von hinten gesehen; eine Achse kann in der Mitte hochgebogen sein, damit die Räder beladen aufrecht stehen.',
      es: 'Inclinación de una rueda vista desde atrás; un eje puede ir curvado hacia arriba para que las ruedas queden rectas con carga.',
    },
  'Clearance lamp': { de: 'Umrissleuchte', es: 'Luz de gálibo' },
  'A lamp that shows how wide the trailer is.': {
    de: 'Eine Leuchte, die zeigt, wie breit der Anhänger ist.',
    es: 'Una luz que muestra lo ancho que es el remolque.',
  },
  Cope: { de: 'Ausklinkung', es: 'Entalle' },
  'Cut of an end so that it fits around or into what it meets.': {
    de: 'Zuschnitt eines Endes, damit es um oder in das passt, worauf es trifft.',
    es: 'Corte de un extremo para que encaje alrededor o dentro de lo que encuentra.',
  },
  'What closes over the ball.': { de: 'Was sich über der Kugel schließt.', es: 'Lo que se cierra sobre la bola.' },
  'Cross-member': { de: 'Querträger', es: 'Travesaño' },
  'A bar from one rail to the other.': {
    de: 'Ein Stab von einem Längsträger zum anderen.',
    es: 'Una barra de un larguero al otro.',
  },
  'D-value': { de: 'D-Wert', es: 'Valor D' },
  'What a coupling is tested for by UN R55, from the weights of vehicle and trailer.': {
    de: 'Worauf eine Kupplung nach UN R55 geprüft ist, aus den Gewichten von Fahrzeug und Anhänger.',
    es: 'Para lo que se ensaya un acoplamiento según UN R55, con los pesos de vehículo y remolque.',
  },
  Damping: { de: 'Dämpfung', es: 'Amortiguación' },
  'What takes the life out of a swing; with too little a trailer sways on.': {
    de: 'Was einer Schwingung das Leben nimmt; mit zu wenig pendelt ein Anhänger weiter.',
    es: 'Lo que apaga un vaivén; con poca, el remolque sigue oscilando.',
  },
  Deck: { de: 'Boden', es: 'Piso' },
  'What the load stands on.': { de: 'Worauf die Ladung steht.', es: 'Donde se apoya la carga.' },
  Diagonals: { de: 'Diagonalen', es: 'Diagonales' },
  'From corner to corner; a frame is square when both read alike and its sides do, too.': {
    de: 'Von Ecke zu Ecke; ein Rahmen ist rechtwinklig, wenn beide gleich lang sind und seine Seiten auch.',
    es: 'De esquina a esquina; un bastidor está a escuadra cuando ambas miden igual y sus lados también.',
  },
  Drop: { de: 'Kröpfung', es: 'Caída de altura' },
  'How much lower one thing hangs than another: of a spindle, a ball mount, an axle.': {
    de: 'Um wie viel tiefer eines hängt als das andere: bei Achsstummel, Kugelträger, Achse.',
    es: 'Cuánto más abajo cuelga una cosa que otra: de una punta de eje, un portabola, un eje.',
  },
  Equaliser: { de: 'Ausgleichshebel', es: 'Balancín' },
  'A rocker between two springs that shares their load evenly.': {
    de: 'Eine Wippe zwischen zwei Federn, die ihre Last gleich verteilt.',
    es: 'Un balancín entre dos ballestas que reparte su carga por igual.',
  },
  Eye: { de: 'Auge', es: 'Ojo' },
  'The rolled end of a leaf spring that takes the bolt.': {
    de: 'Das gerollte Ende einer Blattfeder, das den Bolzen aufnimmt.',
    es: 'El extremo enrollado de una ballesta que recibe el perno.',
  },
  Fatigue: { de: 'Ermüdung', es: 'Fatiga' },
  'Cracks that begin at welds after very many loads, each far from bending anything.': {
    de: 'Risse, die nach sehr vielen Lasten an Nähten beginnen, jede weit davon, etwas zu biegen.',
    es: 'Grietas que empiezan en soldaduras tras muchísimas cargas, cada una lejos de doblar nada.',
  },
  Fillet: { de: 'Kehlnaht', es: 'Cordón en ángulo' },
  'A weld in the corner of two pieces; its leg is what the gauge reads.': {
    de: 'Eine Naht in der Ecke zweier Stücke; ihr Schenkel ist, was die Lehre zeigt.',
    es: 'Una soldadura en el rincón de dos piezas; su lado es lo que lee la galga.',
  },
  'Rails, headers and cross-members together.': {
    de: 'Längsträger, Stirnträger und Querträger zusammen.',
    es: 'Largueros, cabezales y travesaños juntos.',
  },
  'Free arch': { de: 'Freie Sprengung', es: 'Arco libre' },
  'Height of a spring’s middle over the line of its eyes while nothing presses it.': {
    de: 'Höhe der Federmitte über der Linie ihrer Augen, solange nichts sie drückt.',
    es: 'Altura del centro de la ballesta sobre la línea de sus ojos sin carga.',
  },
  GAWR: { de: 'GAWR', es: 'GAWR' },
  'What one axle may carry, with its wheels, tires and springs.': {
    de: 'Was eine Achse tragen darf, mit ihren Rädern, Reifen und Federn.',
    es: 'Lo que puede llevar un eje, con sus ruedas, neumáticos y ballestas.',
  },
  Gross: { de: 'Gesamtgewicht', es: 'Peso bruto' },
  'All that it may weigh, loaded; the figure on the plate.': {
    de: 'Alles, was er beladen wiegen darf; die Zahl auf dem Schild.',
    es: 'Todo lo que puede pesar cargado; la cifra de la placa.',
  },
  GTM: { de: 'GTM', es: 'GTM' },
  'What stands on the axles of the loaded trailer while it is hitched (Australia).': {
    de: 'Was auf den Achsen des beladenen, angehängten Anhängers steht (Australien).',
    es: 'Lo que se apoya en los ejes del remolque cargado y enganchado (Australia).',
  },
  Gusset: { de: 'Knotenblech', es: 'Cartela' },
  'A plate in a corner that keeps it from opening.': {
    de: 'Ein Blech in einer Ecke, das sie am Aufgehen hindert.',
    es: 'Una placa en un rincón que evita que se abra.',
  },
  Hanger: { de: 'Federbock', es: 'Soporte' },
  'The bracket under the rail that holds an end of the spring.': {
    de: 'Die Konsole unter dem Längsträger, die ein Federende hält.',
    es: 'La ménsula bajo el larguero que sujeta un extremo de la ballesta.',
  },
  Header: { de: 'Stirnträger', es: 'Cabezal' },
  'The bar across the front or the rear of the bed.': {
    de: 'Der Stab quer vorn oder hinten an der Ladefläche.',
    es: 'La barra a lo ancho del frente o del fondo de la caja.',
  },
  Hitch: { de: 'Zugvorrichtung', es: 'Enganche' },
  'All that joins the trailer to the vehicle, from receiver to coupler.': {
    de: 'Alles, was Anhänger und Fahrzeug verbindet, von der Aufnahme bis zur Kupplung.',
    es: 'Todo lo que une remolque y vehículo, del receptor al acoplamiento.',
  },
  'Hub face': { de: 'Nabenfläche', es: 'Cara del cubo' },
  'Where the wheel’s disc sits on the hub; axles are ordered by the distance between both.': {
    de: 'Wo die Radscheibe an der Nabe sitzt; Achsen bestellt man nach dem Abstand der beiden.',
    es: 'Donde el disco de la rueda asienta en el cubo; los ejes se piden por la distancia entre ambas.',
  },
  Kerf: { de: 'Schnittfuge', es: 'Ancho de corte' },
  'Width of a cut.': { de: 'Breite eines Schnitts.', es: 'Anchura de un corte.' },
  Leg: { de: 'Schenkel', es: 'Lado' },
  'One bar of an A-frame; also the size of a fillet weld.': {
    de: 'Ein Stab einer A-Deichsel; auch das Maß einer Kehlnaht.',
    es: 'Una barra de una lanza en A; también la medida de un cordón en ángulo.',
  },
  'Load case': { de: 'Lastfall', es: 'Caso de carga' },
  'What is aboard, how full and where: empty, full, to market.': {
    de: 'Was an Bord ist, wie voll und wo: leer, voll, zum Markt.',
    es: 'Lo que va a bordo, cuánto y dónde: vacío, lleno, al mercado.',
  },
  'Long point': { de: 'Lange Spitze', es: 'Punta larga' },
  'The longer side of a piece with a slanting cut; the tape goes there.': {
    de: 'Die längere Seite eines schräg gesägten Stücks; dort liegt das Maßband an.',
    es: 'El lado más largo de una pieza con corte inclinado; ahí va la cinta.',
  },
  Mitre: { de: 'Gehrung', es: 'Inglete' },
  'A slanting cut; told off square, and as saws read it.': {
    de: 'Ein schräger Schnitt; gesagt als Abweichung vom rechten Winkel und wie Sägen ihn anzeigen.',
    es: 'Un corte inclinado; dicho como desvío de la escuadra y como lo leen las sierras.',
  },
  'Nose-heavy, tail-heavy': { de: 'Kopflastig, hecklastig', es: 'Pesado de morro, de cola' },
  'Too much or too little on the ball.': {
    de: 'Zu viel oder zu wenig auf der Kugel.',
    es: 'Demasiado o demasiado poco sobre la bola.',
  },
  Offcut: { de: 'Reststück', es: 'Retal' },
  'What is left of a stick; long ones are kept.': {
    de: 'Was von einer Stange übrig bleibt; lange werden aufgehoben.',
    es: 'Lo que sobra de una barra; los largos se guardan.',
  },
  Offset: { de: 'Einpresstiefe', es: 'Bombeo' },
  'Where a wheel’s disc sits off its middle.': {
    de: 'Wo die Scheibe eines Rads neben seiner Mitte sitzt.',
    es: 'Dónde va el disco de una rueda respecto a su centro.',
  },
  Packer: { de: 'Unterlage', es: 'Suplemento' },
  'A piece that fills a gap so that weld and load have metal to go through.': {
    de: 'Ein Stück, das eine Lücke füllt, damit Naht und Last durch Metall gehen.',
    es: 'Una pieza que llena un hueco para que soldadura y carga pasen por metal.',
  },
  'Piece mark': { de: 'Stückzeichen', es: 'Marca de pieza' },
  'The name written on a cut piece: R1, C2.': {
    de: 'Der Name auf einem gesägten Stück: R1, C2.',
    es: 'El nombre escrito en una pieza cortada: R1, C2.',
  },
  Pintle: { de: 'Zughaken', es: 'Gancho de argolla' },
  'A hook that takes a ring, in place of ball and coupler.': {
    de: 'Ein Haken, der einen Ring aufnimmt, statt Kugel und Kupplung.',
    es: 'Un gancho que toma un anillo, en lugar de bola y acoplamiento.',
  },
  Rail: { de: 'Längsträger', es: 'Larguero' },
  'A bar along the side of the bed, from front to rear.': {
    de: 'Ein Stab an der Seite der Ladefläche, von vorn bis hinten.',
    es: 'Una barra al costado de la caja, de delante a atrás.',
  },
  Receiver: { de: 'Aufnahme', es: 'Receptor' },
  'The square tube on the vehicle that takes the ball mount.': {
    de: 'Das Vierkantrohr am Fahrzeug, in dem der Kugelträger steckt.',
    es: 'El tubo cuadrado del vehículo donde entra el portabola.',
  },
  Reserve: { de: 'Reserve', es: 'Reserva' },
  'What is left between what it bears and what is asked.': {
    de: 'Was zwischen Tragfähigkeit und Verlangtem bleibt.',
    es: 'Lo que queda entre lo que aguanta y lo que se le pide.',
  },
  Root: { de: 'Deichselansatz', es: 'Raíz' },
  'Where the tongue leaves the frame: it works hardest there.': {
    de: 'Wo die Deichsel den Rahmen verlässt: dort arbeitet sie am härtesten.',
    es: 'Donde la lanza sale del bastidor: ahí trabaja más.',
  },
  'Run-out': { de: 'Rundlauf', es: 'Alabeo' },
  'How far a turning part wobbles, read on a dial.': {
    de: 'Wie weit ein drehendes Teil schlägt, an einer Messuhr abgelesen.',
    es: 'Cuánto cabecea una pieza que gira, leído en un comparador.',
  },
  Section: { de: 'Profil', es: 'Perfil' },
  'The shape and size of a bar, as 3 x 2 x 3/16.': {
    de: 'Form und Größe eines Stabs, etwa 3 x 2 x 3/16.',
    es: 'La forma y medida de una barra, como 3 x 2 x 3/16.',
  },
  'Section modulus': { de: 'Widerstandsmoment', es: 'Módulo resistente' },
  'What a section resists bending by; twice the height has about four times of it.': {
    de: 'Womit ein Profil der Biegung widersteht; doppelte Höhe bringt etwa das Vierfache.',
    es: 'Con lo que un perfil resiste la flexión; el doble de alto tiene unas cuatro veces más.',
  },
  Shackle: { de: 'Lasche', es: 'Gemela' },
  'The swinging link behind a spring that lets it grow longer.': {
    de: 'Das schwingende Glied hinter einer Feder, das sie länger werden lässt.',
    es: 'El eslabón que oscila tras una ballesta y la deja alargarse.',
  },
  Slipper: { de: 'Gleitende', es: 'Extremo deslizante' },
  'A spring end without an eye that slides in its hanger.': {
    de: 'Ein Federende ohne Auge, das in seinem Bock gleitet.',
    es: 'Un extremo de ballesta sin ojo que desliza en su soporte.',
  },
  Spindle: { de: 'Achsstummel', es: 'Punta de eje' },
  'The end of an axle that the bearings sit on.': {
    de: 'Das Ende einer Achse, auf dem die Lager sitzen.',
    es: 'El extremo de un eje donde van los rodamientos.',
  },
  'Sprung, unsprung': { de: 'Gefedert, ungefedert', es: 'Suspendido, no suspendido' },
  'What the springs carry, and what rolls under them: axle, wheels, brakes.': {
    de: 'Was die Federn tragen, und was darunter rollt: Achse, Räder, Bremsen.',
    es: 'Lo que llevan las ballestas, y lo que rueda debajo: eje, ruedas, frenos.',
  },
  Stick: { de: 'Stange', es: 'Barra' },
  'A bar as the yard sells it, 20 or 24 ft, 6 m.': {
    de: 'Ein Stab, wie ihn der Handel verkauft, 20 oder 24 ft, 6 m.',
    es: 'Una barra como la vende el almacén, 20 o 24 ft, 6 m.',
  },
  'Stud circle': { de: 'Lochkreis', es: 'Círculo de pernos' },
  'Number of wheel bolts and the circle that they stand on.': {
    de: 'Anzahl der Radbolzen und der Kreis, auf dem sie stehen.',
    es: 'Número de pernos de rueda y el círculo en que están.',
  },
  Sway: { de: 'Schlingern', es: 'Oscilación' },
  'The trailer swings left and right behind the vehicle; it may grow until something breaks.': {
    de: 'Der Anhänger schwingt hinter dem Fahrzeug nach links und rechts; es kann wachsen, bis etwas bricht.',
    es: 'El remolque oscila a izquierda y derecha tras el vehículo; puede crecer hasta que algo se rompa.',
  },
  'A short weld that holds pieces while they are measured.': {
    de: 'Eine kurze Naht, die Stücke hält, während gemessen wird.',
    es: 'Una soldadura corta que sujeta piezas mientras se miden.',
  },
  Tandem: { de: 'Tandem', es: 'Tándem' },
  'Two axles close behind each other.': {
    de: 'Zwei Achsen dicht hintereinander.',
    es: 'Dos ejes juntos, uno tras otro.',
  },
  Toe: { de: 'Spur (Vor- oder Nach-)', es: 'Convergencia' },
  'Whether wheels point in or out, seen from above.': {
    de: 'Ob Räder nach innen oder außen zeigen, von oben gesehen.',
    es: 'Si las ruedas apuntan hacia dentro o hacia fuera, vistas desde arriba.',
  },
  Tongue: { de: 'Deichsel', es: 'Lanza' },
  'What reaches from the frame to the ball.': {
    de: 'Was vom Rahmen bis zur Kugel reicht.',
    es: 'Lo que va del bastidor a la bola.',
  },
  'Tongue weight': { de: 'Stützlast', es: 'Peso en la bola' },
  'What presses on the ball.': { de: 'Was auf die Kugel drückt.', es: 'Lo que presiona sobre la bola.' },
  'Torsion axle': { de: 'Gummifederachse', es: 'Eje de torsión' },
  'Arms in rubber in place of springs.': {
    de: 'Arme in Gummi statt Federn.',
    es: 'Brazos en goma en lugar de ballestas.',
  },
  Track: { de: 'Spurweite', es: 'Vía' },
  'From the middle of one tire to the other’s.': {
    de: 'Von der Mitte eines Reifens zu der des anderen.',
    es: 'Del centro de un neumático al del otro.',
  },
  Twist: { de: 'Torsion', es: 'Torsión' },
  'A frame whose corners do not lie in one plane.': {
    de: 'Ein Rahmen, dessen Ecken nicht in einer Ebene liegen.',
    es: 'Un bastidor cuyas esquinas no están en un plano.',
  },
  'U-bolt': { de: 'Federbügel', es: 'Abarcón' },
  'The bent bolt that clamps a spring to the axle.': {
    de: 'Der gebogene Bolzen, der eine Feder an die Achse klemmt.',
    es: 'El perno curvado que abraza la ballesta al eje.',
  },
  Undercut: { de: 'Einbrandkerbe', es: 'Mordedura' },
  'A groove melted beside a weld; cracks begin there.': {
    de: 'Eine neben einer Naht eingeschmolzene Rille; dort beginnen Risse.',
    es: 'Una ranura fundida junto a una soldadura; ahí empiezan las grietas.',
  },
  Wall: { de: 'Wand', es: 'Pared' },
  'How thick the side of a tube is.': {
    de: 'Wie dick die Seite eines Rohrs ist.',
    es: 'Cuánto de gruesa es la cara de un tubo.',
  },
  'Weld zone': { de: 'Schweißzone', es: 'Zona soldada' },
  'An inch about every weld where aluminum is soft for good.': {
    de: 'Ein Zoll um jede Naht, wo Aluminium bleibend weich ist.',
    es: 'Una pulgada alrededor de cada soldadura donde el aluminio queda blando para siempre.',
  },
  'Works at': { de: 'Ausgelastet mit', es: 'Trabaja al' },
  'What is asked, as a share of what is allowed: Tight from 70 %, past the allowance from 100 % on.': {
    de: 'Was verlangt wird, als Anteil des Zulässigen: Knapp ab 70 %, über dem Zulässigen ab 100 %.',
    es: 'Lo que se pide, como parte de lo admisible: Justo desde 70 %, excedido desde 100 %.',
  },
} as const satisfies Phrasebook;
