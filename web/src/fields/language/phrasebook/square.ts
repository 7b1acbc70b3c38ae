import type { Phrasebook } from '@kereta/core';

export const square = {
  'to be read': { de: 'abzulesen', es: 'por leer' },
  '{label}, by the tape': { de: '{label}, nach dem Band', es: '{label}, con la cinta' },
  'By the tape': { de: 'Nach dem Band', es: 'Con la cinta' },
  'Last round:': { de: 'Letzte Runde:', es: 'Última ronda:' },
  'Good.': { de: 'Gut.', es: 'Bien.' },
  'Keep this round': { de: 'Diese Runde behalten', es: 'Guardar esta ronda' },
  Rounds: { de: 'Runden', es: 'Rondas' },
  'Round {round}': { de: 'Runde {round}', es: 'Ronda {round}' },
  'Take back round {round}': { de: 'Runde {round} zurücknehmen', es: 'Retirar la ronda {round}' },
  'The frame from above, its front at the left: A from left front to right rear, B from right front to left rear': {
    de: 'Der Rahmen von oben, vorn links: A von links vorn nach rechts hinten, B von rechts vorn nach links hinten',
    es: 'El bastidor de arriba, su frente a la izquierda: A de delante izquierda a detrás derecha, B de delante derecha a detrás izquierda',
  },
  'Ball and axle from above, the ball at the left: L to the left end, R to the right end': {
    de: 'Kugel und Achse von oben, die Kugel links: L zum linken Ende, R zum rechten Ende',
    es: 'Bola y eje de arriba, la bola a la izquierda: L al extremo izquierdo, R al derecho',
  },
  '{name}, squared up': { de: '{name}, im Winkel', es: '{name}, a escuadra' },
  'readings can be looked at here, not kept': {
    de: 'Ablesungen lassen sich hier ansehen, nicht behalten',
    es: 'las lecturas se pueden ver aquí, no guardar',
  },
  'what was read': { de: 'was abgelesen wurde', es: 'lo leído' },
  'It lies upside down: left and right are the trailer’s own, as it will be towed': {
    de: 'Er liegt verkehrt herum: links und rechts sind die des Anhängers, wie er gezogen wird',
    es: 'Está boca abajo: izquierda y derecha son las del remolque, como irá remolcado',
  },
  'A straight rod through both front bolts and one through the rear ones: from the left front bolt to the right rear one, and the other way, at the middles of the springs.':
    {
      de: 'Eine gerade Stange durch beide vorderen Bolzen und eine durch die hinteren: vom linken vorderen Bolzen zum rechten hinteren, und umgekehrt, in den Federmitten.',
      es: 'Una varilla recta por ambos pernos delanteros y otra por los traseros: del perno delantero izquierdo al trasero derecho, y al revés, en el centro de las ballestas.',
    },
  'Axle {axle}': { de: 'Achse {axle}', es: 'Eje {axle}' },
  'The gate’s frame, flat, over its outer corners.': {
    de: 'Der Rahmen der Klappe, flach, über seine Außenecken.',
    es: 'El marco del portón, plano, por sus esquinas exteriores.',
  },
  'Level first: a frame that is twisted has no diagonals worth reading. Weld nothing to springs, spindles or the middle of the axle, and block what could fall before you reach under it.':
    {
      de: 'Erst ausrichten: ein verdrehter Rahmen hat keine lesenswerten Diagonalen. Nichts an Federn, Zapfen oder die Achsmitte schweißen, und stützen, was fallen könnte, bevor Sie darunter greifen.',
      es: 'Primero el nivel: un bastidor torcido no tiene diagonales que valga la pena leer. No suelde nada a ballestas, muñones ni mitad del eje, y apoye lo que pueda caer antes de meter la mano.',
    },
  Feet: { de: 'Fuß', es: 'Pies' },
  Inches: { de: 'Zoll', es: 'Pulgadas' },
  Sixteenths: { de: 'Sechzehntel', es: 'Dieciseisavos' },
  Metres: { de: 'Meter', es: 'Metros' },
  Centimetres: { de: 'Zentimeter', es: 'Centímetros' },
  Millimetres: { de: 'Millimeter', es: 'Milímetros' },
  '{label}, less': { de: '{label}, weniger', es: '{label}, menos' },
  '{label}, more': { de: '{label}, mehr', es: '{label}, más' },
  '{name}, by the tape': { de: '{name}, nach dem Band', es: '{name}, con la cinta' },
  'Order of the nuts, counted round the circle: {order}': {
    de: 'Folge der Muttern, im Kreis gezählt: {order}',
    es: 'Orden de las tuercas, contadas en círculo: {order}',
  },
  '{least} to {most}': { de: '{least} bis {most}', es: '{least} a {most}' },
  Torques: { de: 'Drehmomente', es: 'Pares de apriete' },
  'U-bolts, {size}: {nm}, a quarter turn at a time crosswise, once the axle is square; again after 50 to 100 miles (80 to 160 km). Use new ones.':
    {
      de: 'Federbügel, {size}: {nm}, je eine Vierteldrehung über Kreuz, sobald die Achse im Winkel ist; wieder nach 50 bis 100 Meilen (80 bis 160 km). Neue nehmen.',
      es: 'Abarcones, {size}: {nm}, un cuarto de vuelta cada vez en cruz, con el eje a escuadra; otra vez a las 50 a 100 millas (80 a 160 km). Use nuevos.',
    },
  'Wheel nuts, {stud}, in this order:': {
    de: 'Radmuttern, {stud}, in dieser Folge:',
    es: 'Tuercas de rueda, {stud}, en este orden:',
  },
  'Again after 10, 25 and 50 miles (16, 40, 80 km), and whenever a wheel was off. No paint, no grease under them.': {
    de: 'Wieder nach 10, 25 und 50 Meilen (16, 40, 80 km), und immer, wenn ein Rad ab war. Keine Farbe, kein Fett darunter.',
    es: 'Otra vez a las 10, 25 y 50 millas (16, 40, 80 km), y siempre que se quitó una rueda. Ni pintura ni grasa debajo.',
  },
  '{intro} Both are to read {diagonal}.': {
    de: '{intro} Beide sollen {diagonal} zeigen.',
    es: '{intro} Ambas deben dar {diagonal}.',
  },
  'Nothing of these sides has these diagonals. Measure again.': {
    de: 'Nichts mit diesen Seiten hat diese Diagonalen. Neu messen.',
    es: 'Nada con esos lados tiene esas diagonales. Mida de nuevo.',
  },
  'Tongue, by the front corners': { de: 'Deichsel, nach den vorderen Ecken', es: 'Lanza, por las esquinas delanteras' },
  'From the middle of the ball, or of the coupler’s cup, to both front corners of the bed. Where these agree and the rear corners do not, the bed is out of square.':
    {
      de: 'Von der Mitte der Kugel, oder der Kugelpfanne, zu beiden vorderen Ecken der Fläche. Stimmen diese und die hinteren nicht, ist die Fläche aus dem Winkel.',
      es: 'Del centro de la bola, o de la copa del acoplamiento, a ambas esquinas delanteras de la caja. Si estas coinciden y las traseras no, la caja está fuera de escuadra.',
    },
  'L, to the left front corner': { de: 'L, zur linken vorderen Ecke', es: 'L, a la esquina delantera izquierda' },
  'R, to the right front corner': { de: 'R, zur rechten vorderen Ecke', es: 'R, a la esquina delantera derecha' },
  'No bed that wide has such corners. Measure again.': {
    de: 'Keine so breite Fläche hat solche Ecken. Neu messen.',
    es: 'Ninguna caja de ese ancho tiene tales esquinas. Mida de nuevo.',
  },
  '{name}, toe': { de: '{name}, Spur', es: '{name}, convergencia' },
  'Spin each tire and scribe a line round it; between both lines at hub height, ahead of the axle and behind it, on level ground.':
    {
      de: 'Jeden Reifen drehen und eine Linie rundum ritzen; zwischen beiden Linien auf Nabenhöhe, vor und hinter der Achse, auf ebenem Boden.',
      es: 'Gire cada neumático y trace una línea alrededor; entre ambas líneas a la altura del buje, delante y detrás del eje, en suelo llano.',
    },
  '{name}, between lines ahead': { de: '{name}, zwischen den Linien vorn', es: '{name}, entre líneas delante' },
  '{name}, between lines behind': { de: '{name}, zwischen den Linien hinten', es: '{name}, entre líneas detrás' },
  'No tire is so large. Measure again.': {
    de: 'Kein Reifen ist so groß. Neu messen.',
    es: 'Ningún neumático es tan grande. Mida de nuevo.',
  },
  '{name}, lean of a wheel': { de: '{name}, Neigung eines Rades', es: '{name}, inclinación de una rueda' },
  'A plumb line or a level beside the rim, loaded: from it to the rim’s lower edge less to its upper edge is how far the top stands out, less than nothing where it leans in; and how far both edges are apart.':
    {
      de: 'Ein Lot oder eine Wasserwaage neben der Felge, beladen: von ihm zur Unterkante der Felge weniger zur Oberkante ist, wie weit sie oben hinaussteht, weniger als null, wo sie einwärts lehnt; und wie weit beide Kanten auseinander sind.',
      es: 'Una plomada o nivel junto a la llanta, cargado: de ella al borde inferior menos al superior es cuánto sale arriba, menos que cero si entra; y cuánto distan ambos bordes.',
    },
  '{name}, top stands out by': { de: '{name}, oben hinaus um', es: '{name}, arriba sale' },
  '{name}, edges apart': { de: '{name}, Kanten auseinander', es: '{name}, bordes a' },
  'No wheel leans that far. Measure again.': {
    de: 'Kein Rad lehnt so weit. Neu messen.',
    es: 'Ninguna rueda se inclina tanto. Mida de nuevo.',
  },
  'Heights of its two bolts above the same floor, loaded; it is {shackle} from bolt to bolt.': {
    de: 'Höhen ihrer zwei Bolzen über demselben Boden, beladen; sie hat {shackle} von Bolzen zu Bolzen.',
    es: 'Alturas de sus dos pernos sobre el mismo suelo, cargado; mide {shackle} de perno a perno.',
  },
  'Upper bolt above the floor': { de: 'Oberer Bolzen über dem Boden', es: 'Perno superior sobre el suelo' },
  'Lower bolt above the floor': { de: 'Unterer Bolzen über dem Boden', es: 'Perno inferior sobre el suelo' },
  'These bolts are further apart than the shackle is long. Measure again.': {
    de: 'Diese Bolzen sind weiter auseinander, als die Lasche lang ist. Neu messen.',
    es: 'Estos pernos distan más que el largo de la gemela. Mida de nuevo.',
  },
  'Hitched and level': { de: 'Angehängt und waagrecht', es: 'Enganchado y a nivel' },
  'On the coupled vehicle, on level ground and loaded as it will be: front and rear edge of the bed above the ground.':
    {
      de: 'Am angekuppelten Fahrzeug, auf ebenem Boden und beladen wie später: Vorder- und Hinterkante der Fläche über dem Boden.',
      es: 'En el vehículo enganchado, en suelo llano y cargado como irá: borde delantero y trasero de la caja sobre el suelo.',
    },
  'Front edge above ground': { de: 'Vorderkante über dem Boden', es: 'Borde delantero sobre el suelo' },
  'Rear edge above ground': { de: 'Hinterkante über dem Boden', es: 'Borde trasero sobre el suelo' },
  'No bed so short stands so steep. Measure again.': {
    de: 'Keine so kurze Fläche steht so steil. Neu messen.',
    es: 'Ninguna caja tan corta está tan empinada. Mida de nuevo.',
  },
  'first, where it is marked': { de: 'erste, wo markiert', es: 'primera, donde está marcado' },
  'a quarter turn on': { de: 'eine Vierteldrehung weiter', es: 'un cuarto de vuelta más' },
  'half a turn on': { de: 'eine halbe Drehung weiter', es: 'media vuelta más' },
  'three quarters on': { de: 'drei Viertel weiter', es: 'tres cuartos más' },
  'thousandths of an inch': { de: 'Tausendstel Zoll', es: 'milésimas de pulgada' },
  'hundredths of a millimetre': { de: 'Hundertstel Millimeter', es: 'centésimas de milímetro' },
  'Axle under a dial': { de: 'Achse unter einer Messuhr', es: 'Eje bajo un reloj comparador' },
  'Turned between its ends, the dial against one place after another, in {unit}. What every place does alike is the set-up’s; what one does besides is a bend.':
    {
      de: 'Zwischen ihren Enden gedreht, die Uhr an einer Stelle nach der anderen, in {unit}. Was alle Stellen gleich tun, kommt von der Aufspannung; was eine darüber hinaus tut, ist eine Biegung.',
      es: 'Girado entre sus extremos, el reloj en un lugar tras otro, en {unit}. Lo que hacen igual todos es del montaje; lo que uno hace además es una curva.',
    },
  'Dial, {quarter}': { de: 'Uhr, {quarter}', es: 'Reloj, {quarter}' },
  'Place along the axle': { de: 'Stelle an der Achse', es: 'Lugar en el eje' },
  Level: { de: 'Ausrichten', es: 'Nivel' },
  'A level line, a laser or a taut string over the frame: how far below it each corner lies.': {
    de: 'Eine Waagrechte, ein Laser oder eine gespannte Schnur über dem Rahmen: wie weit jede Ecke darunter liegt.',
    es: 'Una línea a nivel, un láser o una cuerda tensa sobre el bastidor: cuánto queda cada esquina por debajo.',
  },
  'LF, left front below the line': { de: 'LV, links vorn unter der Linie', es: 'DI, delante izquierda bajo la línea' },
  'RF, right front': { de: 'RV, rechts vorn', es: 'DD, delante derecha' },
  'LR, left rear': { de: 'LH, links hinten', es: 'TI, detrás izquierda' },
  'RR, right rear': { de: 'RH, rechts hinten', es: 'TD, detrás derecha' },
  '{length} by {width}, over the same faces or two scribed points: both diagonals are to read {diagonal}.': {
    de: '{length} mal {width}, über dieselben Flächen oder zwei geritzte Punkte: beide Diagonalen sollen {diagonal} zeigen.',
    es: '{length} por {width}, entre las mismas caras o dos puntos trazados: ambas diagonales deben dar {diagonal}.',
  },
  'A, left front to right rear': {
    de: 'A, links vorn nach rechts hinten',
    es: 'A, de delante izquierda a detrás derecha',
  },
  'B, right front to left rear': {
    de: 'B, rechts vorn nach links hinten',
    es: 'B, de delante derecha a detrás izquierda',
  },
  'No frame of these sides has these diagonals. Measure again.': {
    de: 'Kein Rahmen mit diesen Seiten hat diese Diagonalen. Neu messen.',
    es: 'Ningún bastidor con esos lados tiene esas diagonales. Mida de nuevo.',
  },
  'From the middle of the ball, or of the coupler’s cup, to both rear corners of the bed.': {
    de: 'Von der Mitte der Kugel, oder der Kugelpfanne, zu beiden hinteren Ecken der Fläche.',
    es: 'Del centro de la bola, o de la copa del acoplamiento, a ambas esquinas traseras de la caja.',
  },
  'L, to the left rear corner': { de: 'L, zur linken hinteren Ecke', es: 'L, a la esquina trasera izquierda' },
  'R, to the right rear corner': { de: 'R, zur rechten hinteren Ecke', es: 'R, a la esquina trasera derecha' },
  'both are loose': { de: 'beide sind lose', es: 'ambos están sueltos' },
  'the left ones are tacked': { de: 'die linken sind geheftet', es: 'los izquierdos están punteados' },
  'the right ones are tacked': { de: 'die rechten sind geheftet', es: 'los derechos están punteados' },
  'Hook the tape at the same place of both hubs, draw it to the middle of the ball with the same pull.': {
    de: 'Das Band an derselben Stelle beider Naben einhaken, mit demselben Zug zur Kugelmitte ziehen.',
    es: 'Enganche la cinta en el mismo lugar de ambos bujes, llévela al centro de la bola con el mismo tirón.',
  },
  '{name}, L to the left end': { de: '{name}, L zum linken Ende', es: '{name}, L al extremo izquierdo' },
  '{name}, R to the right end': { de: '{name}, R zum rechten Ende', es: '{name}, R al extremo derecho' },
  'No axle that long is that far from the ball at both ends. Measure again.': {
    de: 'Keine so lange Achse ist an beiden Enden so weit von der Kugel. Neu messen.',
    es: 'Ningún eje tan largo dista eso de la bola en ambos extremos. Mida de nuevo.',
  },
  '{name}, between both hooks': { de: '{name}, zwischen beiden Haken', es: '{name}, entre ambos enganches' },
  '{name}, which hangers are loose': { de: '{name}, welche Böcke lose sind', es: '{name}, qué soportes están sueltos' },
  'Axle {axle} beside axle {axle2}': { de: 'Achse {axle} neben Achse {axle2}', es: 'Eje {axle} junto al eje {axle2}' },
  'From spindle end to spindle end, on both sides, hooked the same way.': {
    de: 'Von Zapfenende zu Zapfenende, auf beiden Seiten, gleich eingehakt.',
    es: 'De extremo a extremo de muñón, a ambos lados, enganchando igual.',
  },
  '{name}, left': { de: '{name}, links', es: '{name}, izquierda' },
  '{name}, right': { de: '{name}, rechts', es: '{name}, derecha' },
  'These two cannot be of the same axles. Measure again.': {
    de: 'Diese zwei können nicht von denselben Achsen sein. Neu messen.',
    es: 'Estas dos no pueden ser de los mismos ejes. Mida de nuevo.',
  },
} as const satisfies Phrasebook;
