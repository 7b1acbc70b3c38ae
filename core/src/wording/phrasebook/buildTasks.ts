import type { Phrasebook } from '../phrases.js';

export const buildTasks = {
  Metal: { de: 'Metall', es: 'Metal' },
  'Frame and tongue': { de: 'Rahmen und Deichsel', es: 'Bastidor y lanza' },
  'Coupler and axle': { de: 'Kupplung und Achse', es: 'Acoplamiento y eje' },
  'What goes on the frame': { de: 'Was auf den Rahmen kommt', es: 'Lo que va en el bastidor' },
  'Paint, wheels, wires, deck': { de: 'Farbe, Räder, Leitungen, Boden', es: 'Pintura, ruedas, cables, piso' },
  'Weigh and tow': { de: 'Wiegen und ziehen', es: 'Pesar y remolcar' },
  'Look the metal over': { de: 'Das Metall durchsehen', es: 'Revisar el metal' },
  'Cut the pieces': { de: 'Die Stücke schneiden', es: 'Cortar las piezas' },
  'Drill, dress and clean the ends': {
    de: 'Bohren, entgraten, Enden säubern',
    es: 'Taladrar, repasar y limpiar extremos',
  },
  'Level the stands': { de: 'Die Böcke ausrichten', es: 'Nivelar los caballetes' },
  'Lay out rails and headers': { de: 'Längs- und Stirnträger anreißen', es: 'Trazar largueros y cabezales' },
  'Set the cross-members': { de: 'Die Querträger setzen', es: 'Colocar los travesaños' },
  'Set the tongue': { de: 'Die Deichsel setzen', es: 'Colocar la lanza' },
  Tack: { de: 'Heften', es: 'Puntear' },
  'Square the frame': { de: 'Den Rahmen in den Winkel bringen', es: 'Escuadrar el bastidor' },
  'Weld the side that lies up': { de: 'Die obere Seite schweißen', es: 'Soldar el lado de arriba' },
  'Turn the frame over': { de: 'Den Rahmen wenden', es: 'Voltear el bastidor' },
  'Weld the other side': { de: 'Die andere Seite schweißen', es: 'Soldar el otro lado' },
  'Put the coupler on': { de: 'Die Kupplung anbringen', es: 'Poner el acoplamiento' },
  'Set the hangers': { de: 'Die Federböcke setzen', es: 'Colocar los soportes' },
  'Set the axle true to the ball': { de: 'Die Achse zur Kugel ausrichten', es: 'Alinear el eje con la bola' },
  'Turn it upright': { de: 'Aufrecht drehen', es: 'Ponerlo derecho' },
  'Measure it all once more': { de: 'Alles noch einmal messen', es: 'Medir todo otra vez' },
  'Build the sides': { de: 'Die Seiten bauen', es: 'Armar los laterales' },
  'Build and hang the gate': { de: 'Die Klappe bauen und anhängen', es: 'Armar y colgar el portón' },
  'Build what stands on it': { de: 'Bauen, was darauf steht', es: 'Armar lo que va encima' },
  'Brackets, jack, fenders, tie-downs': {
    de: 'Konsolen, Stützfuß, Kotflügel, Zurrpunkte',
    es: 'Ménsulas, pata, guardabarros, amarres',
  },
  'Look at every weld': { de: 'Jede Naht ansehen', es: 'Mirar cada soldadura' },
  'Clean for paint': { de: 'Zum Lackieren säubern', es: 'Limpiar para pintar' },
  'Coat it': { de: 'Beschichten', es: 'Recubrirlo' },
  'Bearings and wheels': { de: 'Lager und Räder', es: 'Rodamientos y ruedas' },
  'Hang the chains': { de: 'Die Ketten anhängen', es: 'Colgar las cadenas' },
  'Lamps and wires': { de: 'Lampen und Leitungen', es: 'Luces y cables' },
  'Lay the deck': { de: 'Den Boden legen', es: 'Poner el piso' },
  'Weigh it': { de: 'Wiegen', es: 'Pesarlo' },
  'Papers and plate': { de: 'Papiere und Schild', es: 'Papeles y placa' },
  'First tow': { de: 'Erste Fahrt', es: 'Primer remolque' },
  'Tighten again': { de: 'Nachziehen', es: 'Reapretar' },
  'A task of yours': { de: 'Eine eigene Aufgabe', es: 'Una tarea suya' },
  'a task of yours': { de: 'eine eigene Aufgabe', es: 'una tarea suya' },
  'Measure wall and size with a caliper: what was delivered is not always what was ordered.': {
    de: 'Wand und Maß mit dem Messschieber messen: geliefert wird nicht immer, was bestellt war.',
    es: 'Mida pared y medidas con calibre: lo entregado no siempre es lo pedido.',
  },
  'Sight down every stick. Mark the bow: crown up in the rails, so that load straightens it.': {
    de: 'An jeder Stange entlangsehen. Den Bogen anzeichnen: in den Längsträgern nach oben, so zieht die Last ihn gerade.',
    es: 'Mire a lo largo de cada barra. Marque la curva: hacia arriba en los largueros, para que la carga la enderece.',
  },
  'Measure springs, axle and coupler before anything is laid out by their lists.': {
    de: 'Federn, Achse und Kupplung messen, bevor etwas nach ihrer Liste angerissen wird.',
    es: 'Mida ballestas, eje y acoplamiento antes de trazar nada por sus listas.',
  },
  'First the saw’s own end: mill ends are not square.': {
    de: 'Erst das Ende der Stange sauber absägen: Walzenden sind nicht im Winkel.',
    es: 'Primero un corte propio: los extremos de fábrica no están a escuadra.',
  },
  'A stop for alike pieces; pairs are cut together, and laid side by side to be compared.': {
    de: 'Ein Anschlag für gleiche Stücke; Paare zusammen schneiden und nebeneinander vergleichen.',
    es: 'Un tope para piezas iguales; los pares se cortan juntos y se comparan lado a lado.',
  },
  'Write the mark on every piece as it comes off the saw.': {
    de: 'Die Marke auf jedes Stück schreiben, sobald es von der Säge kommt.',
    es: 'Escriba la marca en cada pieza al salir de la sierra.',
  },
  'Mill scale off for an inch about every weld; bevel what is thicker than 3/16 in (5 mm) and butts.': {
    de: 'Walzhaut einen Zoll um jede Naht abschleifen; anfasen, was dicker als 3/16 in (5 mm) ist, und Stumpfstöße.',
    es: 'Quite la cascarilla una pulgada alrededor de cada soldadura; bisele lo de más de 3/16 in (5 mm) y los topes.',
  },
  'Drill what is easier drilled now: wires, drains, coupler, tie-downs.': {
    de: 'Bohren, was sich jetzt leichter bohrt: Leitungen, Abläufe, Kupplung, Zurrpunkte.',
    es: 'Taladre lo que ahora es más fácil: cables, drenajes, acoplamiento, amarres.',
  },
  'Two straight beams or four stands, shimmed until a level or a line says so both ways.': {
    de: 'Zwei gerade Balken oder vier Böcke, unterlegt, bis Wasserwaage oder Schnur es in beiden Richtungen bestätigen.',
    es: 'Dos vigas rectas o cuatro caballetes, calzados hasta que un nivel o una cuerda lo diga en ambos sentidos.',
  },
  'A frame that is built on a twisted floor stays twisted.': {
    de: 'Ein Rahmen, der auf verdrehtem Boden gebaut wird, bleibt verdreht.',
    es: 'Un bastidor armado sobre suelo torcido queda torcido.',
  },
  'Strike the centre line first, on the floor or with a string; everything is measured from it and from the front edge.':
    {
      de: 'Zuerst die Mittellinie, am Boden oder mit einer Schnur; alles wird von ihr und von der Vorderkante gemessen.',
      es: 'Trace primero la línea central, en el suelo o con cuerda; todo se mide desde ella y desde el borde delantero.',
    },
  'Upside down: tops lie on the stands and are flush by themselves. Left and right are seen the other way round.': {
    de: 'Verkehrt herum: die Oberseiten liegen auf den Böcken und sind von selbst bündig. Links und rechts sind vertauscht.',
    es: 'Boca abajo: las caras superiores apoyan y quedan a ras solas. Izquierda y derecha se ven al revés.',
  },
  'Right side up: hold the tops flush with a straight edge.': {
    de: 'Richtig herum: die Oberseiten mit einem Richtscheit bündig halten.',
    es: 'Derecho: mantenga las caras superiores a ras con una regla.',
  },
  'Clamp rails and headers, and read both diagonals between the same points.': {
    de: 'Längs- und Stirnträger spannen, beide Diagonalen zwischen denselben Punkten lesen.',
    es: 'Sujete largueros y cabezales, y lea ambas diagonales entre los mismos puntos.',
  },
  'Hook the tape on the front edge and mark all of them along both rails before any is set: marks do not add up their errors.':
    {
      de: 'Das Band an der Vorderkante einhaken und alle auf beiden Längsträgern anreißen, bevor einer gesetzt wird: so addieren sich keine Fehler.',
      es: 'Enganche la cinta en el borde delantero y márquelos todos en ambos largueros antes de colocar ninguno: así no se suman errores.',
    },
  'The line is the front face; put an X on the side where the bar goes.': {
    de: 'Die Linie ist die Vorderseite; ein X auf die Seite, wohin der Stab kommt.',
    es: 'La línea es la cara delantera; ponga una X del lado donde va la barra.',
  },
  'The ball’s centre is to lie on the centre line: both rear corners as far from it.': {
    de: 'Die Kugelmitte soll auf der Mittellinie liegen: von beiden hinteren Ecken gleich weit.',
    es: 'El centro de la bola ha de quedar en la línea central: a igual distancia de ambas esquinas traseras.',
  },
  'Clamp it; tack it only when both readings agree.': {
    de: 'Spannen; erst heften, wenn beide Maße stimmen.',
    es: 'Sujétela; puntee solo cuando ambas lecturas coincidan.',
  },
  'Tacks of 1/2 to 3/4 in (12 to 20 mm), one every 6 to 8 in (150 to 200 mm), two to a joint across from each other.': {
    de: 'Heftpunkte von 1/2 bis 3/4 in (12 bis 20 mm), alle 6 bis 8 in (150 bis 200 mm) einer, zwei je Knoten einander gegenüber.',
    es: 'Puntos de 1/2 a 3/4 in (12 a 20 mm), uno cada 6 a 8 in (150 a 200 mm), dos por unión enfrentados.',
  },
  'Outside of the corners first, then read the diagonals; inside; then the corner across.': {
    de: 'Zuerst außen an den Ecken, dann die Diagonalen lesen; innen; dann die Ecke gegenüber.',
    es: 'Primero por fuera de las esquinas, luego lea las diagonales; por dentro; luego la esquina opuesta.',
  },
  'Cross-members from the middle outwards, left and right by turns.': {
    de: 'Querträger von der Mitte nach außen, links und rechts abwechselnd.',
    es: 'Travesaños del centro hacia fuera, izquierda y derecha por turnos.',
  },
  'Read the diagonals after every four tacks; a tack that pulled is ground through and set again.': {
    de: 'Nach je vier Heftpunkten die Diagonalen lesen; ein Punkt, der gezogen hat, wird durchgeschliffen und neu gesetzt.',
    es: 'Lea las diagonales cada cuatro puntos; el que haya tirado se corta y se pone de nuevo.',
  },
  'Both diagonals, both sides, both ends; pull the longer diagonal together with a clamp or a chain fall.': {
    de: 'Beide Diagonalen, beide Seiten, beide Enden; die längere Diagonale mit Zwinge oder Kettenzug zusammenziehen.',
    es: 'Ambas diagonales, ambos lados, ambos extremos; acorte la diagonal larga con sargento o polea.',
  },
  'Two strings crosswise over the corners only just touch where the frame is not twisted.': {
    de: 'Zwei Schnüre über Kreuz über die Ecken berühren sich gerade, wo der Rahmen nicht verdreht ist.',
    es: 'Dos cuerdas cruzadas sobre las esquinas apenas se tocan si el bastidor no está torcido.',
  },
  'Upright seams first, then the flat ones that lie up. Runs of 2 to 3 in (50 to 75 mm) on thin walls, then to the joint furthest away: no joint twice before it can be touched.':
    {
      de: 'Erst stehende Nähte, dann die flachen, die oben liegen. Raupen von 2 bis 3 in (50 bis 75 mm) an dünnen Wänden, dann zum entferntesten Knoten: keiner zweimal, bevor man ihn anfassen kann.',
      es: 'Primero las verticales, luego las planas de arriba. Cordones de 2 a 3 in (50 a 75 mm) en paredes finas, luego a la unión más lejana: ninguna dos veces antes de poder tocarla.',
    },
  'From the middle to the ends, left and right by turns, so that what pulls is balanced.': {
    de: 'Von der Mitte zu den Enden, links und rechts abwechselnd, damit sich das Ziehen ausgleicht.',
    es: 'Del centro a los extremos, izquierda y derecha por turnos, para equilibrar lo que tira.',
  },
  '{upsideDown} comes next: until then the welds of one side bend the rails as told. A strong-back clamped along each rail halves it.':
    {
      de: '{upsideDown} kommt als Nächstes: bis dahin biegen die Nähte einer Seite die Längsträger wie angegeben. Ein aufgespannter Hilfsträger je Längsträger halbiert es.',
      es: '{upsideDown} viene después: hasta entonces las soldaduras de un lado flectan los largueros como se dice. Una viga sujeta a cada larguero lo reduce a la mitad.',
    },
  'The deck’s side': { de: 'Die Bodenseite', es: 'El lado del piso' },
  'The underside': { de: 'Die Unterseite', es: 'La cara inferior' },
  'Roll it over a long edge onto the stands; nobody stands where it comes down.': {
    de: 'Über eine lange Kante auf die Böcke rollen; niemand steht, wo er herunterkommt.',
    es: 'Rúedelo sobre un canto largo hasta los caballetes; nadie donde cae.',
  },
  'All lift from one side, two wait on the other; say who counts.': {
    de: 'Alle heben von einer Seite, zwei warten auf der anderen; sagen, wer zählt.',
    es: 'Todos levantan de un lado, dos esperan al otro; digan quién cuenta.',
  },
  'The same joints in the same order as on the first side: what was pulled comes back.': {
    de: 'Dieselben Knoten in derselben Folge wie auf der ersten Seite: was gezogen hat, kommt zurück.',
    es: 'Las mismas uniones en el mismo orden que en el primer lado: lo que tiró, vuelve.',
  },
  'Return each weld round its corners; fill the crater at the end.': {
    de: 'Jede Naht um ihre Ecken führen; am Ende den Krater füllen.',
    es: 'Dé la vuelta a las esquinas con cada cordón; rellene el cráter al final.',
  },
  'Level and on the centre line. The ball’s centre in it is the place that the axle is measured from.': {
    de: 'Waagrecht und auf der Mittellinie. Die Kugelmitte darin ist der Punkt, von dem die Achse gemessen wird.',
    es: 'A nivel y en la línea central. El centro de bola en él es el punto desde el que se mide el eje.',
  },
  'Bolts through a tube go through a sleeve, or they only flatten it. Welds by its maker’s leaflet.': {
    de: 'Schrauben durch ein Rohr gehen durch eine Hülse, sonst drücken sie es nur flach. Nähte nach dem Blatt des Herstellers.',
    es: 'Los tornillos por un tubo van con casquillo, o solo lo aplastan. Soldaduras según la hoja de su fabricante.',
  },
  'Axle line on both rails from the ball’s centre, not from the frame’s end.': {
    de: 'Achslinie auf beiden Längsträgern von der Kugelmitte, nicht vom Rahmenende.',
    es: 'Línea del eje en ambos largueros desde el centro de bola, no desde el extremo del bastidor.',
  },
  'Front and rear ones on both sides, by the same hook of the tape from the front edge.': {
    de: 'Vordere und hintere auf beiden Seiten, mit demselben Haken des Bandes von der Vorderkante.',
    es: 'Delanteros y traseros de ambos lados, con el mismo enganche de la cinta desde el borde delantero.',
  },
  'A straight rod through both front eyes, then through the rear ones: square to the centre line before anything is more than tacked.':
    {
      de: 'Eine gerade Stange durch beide vorderen Augen, dann durch die hinteren: rechtwinklig zur Mittellinie, bevor mehr als geheftet wird.',
      es: 'Una varilla recta por ambos ojos delanteros, luego por los traseros: a escuadra de la línea central antes de pasar de puntear.',
    },
  'Short runs, sides by turns, springs and rubber out. Return the welds around the ends.': {
    de: 'Kurze Raupen, Seiten abwechselnd, Federn und Gummi heraus. Nähte um die Enden führen.',
    es: 'Cordones cortos, lados por turnos, ballestas y goma fuera. Dé la vuelta a los extremos.',
  },
  'Springs and axle in loosely; the head of each centre bolt in its hole.': {
    de: 'Federn und Achse lose einsetzen; der Kopf jedes Herzbolzens in seinem Loch.',
    es: 'Ballestas y eje sueltos; la cabeza de cada perno central en su agujero.',
  },
  'As far from the rail left as right, then as far from the ball left as right, hooked the same way.': {
    de: 'Links so weit vom Längsträger wie rechts, dann links so weit von der Kugel wie rechts, gleich eingehakt.',
    es: 'Igual distancia al larguero a izquierda y derecha, luego igual a la bola, enganchando igual.',
  },
  'Tack one side, read, move the other, read, tack, read, weld.': {
    de: 'Eine Seite heften, lesen, die andere rücken, lesen, heften, lesen, schweißen.',
    es: 'Puntee un lado, lea, mueva el otro, lea, puntee, lea, suelde.',
  },
  'U-bolts a quarter turn at a time, crosswise.': {
    de: 'Federbügel je eine Vierteldrehung, über Kreuz.',
    es: 'Abarcones un cuarto de vuelta cada vez, en cruz.',
  },
  'Welding moves things: diagonals, ball, axle once more, and write them down.': {
    de: 'Schweißen verschiebt: Diagonalen, Kugel, Achse noch einmal, und aufschreiben.',
    es: 'Soldar mueve las cosas: diagonales, bola, eje otra vez, y anótelos.',
  },
  'Posts plumb while the bed is level; top rails last, cut to what there is, not to the list.': {
    de: 'Pfosten im Lot, solange die Fläche waagrecht ist; Obergurte zuletzt, nach dem, was da ist, nicht nach der Liste.',
    es: 'Postes a plomo con la caja a nivel; barandillas al final, cortadas a lo que hay, no a la lista.',
  },
  'Build it flat on the bed that it closes, with spacers all about, and let it cool before they come out.': {
    de: 'Flach auf der Fläche bauen, die sie schließt, mit Abstandhaltern rundum, und abkühlen lassen, bevor sie herauskommen.',
    es: 'Ármelo plano en la caja que cierra, con separadores alrededor, y deje enfriar antes de quitarlos.',
  },
  'Hinge pins on one line: a rod through all of them while they are tacked.': {
    de: 'Scharnierbolzen auf einer Linie: beim Heften eine Stange durch alle.',
    es: 'Pasadores de bisagra en línea: una varilla por todos mientras se puntean.',
  },
  'Bottom bars first, then what stands, then what lies on top; plumb and square before more than tacks.': {
    de: 'Erst die unteren Stäbe, dann was steht, dann was obenauf liegt; lot- und winkelrecht, bevor mehr als geheftet wird.',
    es: 'Primero las barras de abajo, luego lo que va de pie, luego lo de encima; a plomo y escuadra antes de pasar de puntear.',
  },
  'All that is welded is welded before paint: chain tabs, jack, fenders, lamp brackets, tie-downs, spare, steps.': {
    de: 'Alles, was geschweißt wird, wird vor der Farbe geschweißt: Kettenlaschen, Stützfuß, Kotflügel, Lampenhalter, Zurrpunkte, Reserverad, Tritte.',
    es: 'Todo lo que se suelda se suelda antes de pintar: orejetas, pata, guardabarros, soportes de luces, amarres, repuesto, escalones.',
  },
  'Jack clear of gate and vehicle in a full turn; fenders clear of the tire in a hard bump.': {
    de: 'Stützfuß frei von Klappe und Fahrzeug bei vollem Einschlag; Kotflügel frei vom Reifen bei hartem Stoß.',
    es: 'Pata libre de portón y vehículo en giro completo; guardabarros libres del neumático en un bache fuerte.',
  },
  'No cracks, craters filled, legs by the gauge, undercut less than 1/32 in (0.8 mm); across what is pulled, none that a nail catches on.':
    {
      de: 'Keine Risse, Krater gefüllt, Schenkel nach der Lehre, Einbrandkerbe unter 1/32 in (0,8 mm); quer zum Zug keine, an der ein Nagel hängenbleibt.',
      es: 'Sin grietas, cráteres rellenos, catetos según galga, mordedura menor de 1/32 in (0,8 mm); de través a la tracción, ninguna donde enganche una uña.',
    },
  'Look hardest where the frame works hardest: root of the tongue, hangers, gussets. Dye finds cracks that eyes do not.':
    {
      de: 'Am genauesten ansehen, wo der Rahmen am härtesten arbeitet: Wurzel der Deichsel, Federböcke, Knotenbleche. Farbe findet Risse, die Augen nicht finden.',
      es: 'Mire más donde más trabaja el bastidor: raíz de la lanza, soportes, cartelas. El tinte halla grietas que el ojo no.',
    },
  'Some inspectors want to see welds before paint: ask first, take photos.': {
    de: 'Manche Prüfer wollen Nähte vor der Farbe sehen: vorher fragen, Fotos machen.',
    es: 'Algunos inspectores quieren ver las soldaduras sin pintar: pregunte antes, tome fotos.',
  },
  'Slag, spatter, scale, oil. Wash, dry, and do not touch it with bare hands again.': {
    de: 'Schlacke, Spritzer, Walzhaut, Öl. Waschen, trocknen, und nicht mehr mit bloßen Händen anfassen.',
    es: 'Escoria, salpicaduras, cascarilla, aceite. Lave, seque, y no lo toque más con la mano.',
  },
  'Primer within hours of cleaning; edges and welds by brush first.': {
    de: 'Grundierung binnen Stunden nach dem Säubern; Kanten und Nähte zuerst mit dem Pinsel.',
    es: 'Imprimación a las pocas horas de limpiar; cantos y soldaduras primero a brocha.',
  },
  'Inside of open ends too. Leave drains open, threads and studs bare.': {
    de: 'Auch das Innere offener Enden. Abläufe offen lassen, Gewinde und Bolzen blank.',
    es: 'También dentro de extremos abiertos. Deje drenajes abiertos, roscas y espárragos limpios.',
  },
  'Aluminum on steel, or treated wood on aluminum: tape or a coat between, stainless screws with washers of nylon.': {
    de: 'Aluminium auf Stahl, oder behandeltes Holz auf Aluminium: Band oder Anstrich dazwischen, rostfreie Schrauben mit Nylonscheiben.',
    es: 'Aluminio sobre acero, o madera tratada sobre aluminio: cinta o una capa entre ambos, tornillos inoxidables con arandelas de nailon.',
  },
  'Bearings packed, nut snug and backed off to its slot, cap on. Wheels turn freely without play.': {
    de: 'Lager gefettet, Mutter angelegt und bis zum Splintloch zurück, Kappe drauf. Räder drehen frei ohne Spiel.',
    es: 'Rodamientos engrasados, tuerca ajustada y aflojada hasta su ranura, tapa puesta. Las ruedas giran libres sin juego.',
  },
  'Nuts by hand, then in stages crosswise with the tire off the ground, the last stage on it.': {
    de: 'Muttern von Hand, dann stufenweise über Kreuz bei freiem Reifen, die letzte Stufe am Boden.',
    es: 'Tuercas a mano, luego por etapas en cruz con la rueda al aire, la última en el suelo.',
  },
  'Tires cold, at the pressure that their load was read at.': {
    de: 'Reifen kalt, mit dem Druck, bei dem ihre Last gilt.',
    es: 'Neumáticos fríos, a la presión a la que vale su carga.',
  },
  'Crossed under the coupler, short enough not to drag, long enough for a full turn, each to its own tab.': {
    de: 'Unter der Kupplung gekreuzt, so kurz, dass sie nicht schleifen, so lang wie ein voller Einschlag braucht, jede an eigener Lasche.',
    es: 'Cruzadas bajo el acoplamiento, cortas para no arrastrar, largas para un giro completo, cada una en su orejeta.',
  },
  'Stranded wire, never house wire. A ground wire to every lamp besides the frame.': {
    de: 'Litze, nie Hausleitung. Eine Masseleitung zu jeder Lampe, nicht nur der Rahmen.',
    es: 'Hilo flexible, nunca de casa. Un cable de masa a cada luz además del bastidor.',
  },
  'Grommets at holes, a clip every 18 in (450 mm), drains left open.': {
    de: 'Tüllen an Löchern, alle 18 in (450 mm) eine Schelle, Abläufe offen.',
    es: 'Pasacables en agujeros, una grapa cada 18 in (450 mm), drenajes abiertos.',
  },
  'Prove every pin by its function: colours differ.': {
    de: 'Jeden Pol nach seiner Funktion prüfen: Farben sind verschieden.',
    es: 'Pruebe cada vía por su función: los colores varían.',
  },
  'One screw to each board on each bar; ends lie on metal. Seal what is cut.': {
    de: 'Je Brett auf jedem Stab eine Schraube; Enden liegen auf Metall. Schnitte versiegeln.',
    es: 'Un tornillo por tabla y barra; los extremos apoyan en metal. Selle lo cortado.',
  },
  'Level ground, wheels chocked, coupler at towing height.': {
    de: 'Ebener Boden, Räder verkeilt, Kupplung auf Zughöhe.',
    es: 'Suelo llano, ruedas calzadas, acoplamiento a altura de remolque.',
  },
  'Tongue, axle, whole; empty first, then as it will be used. Within a tenth of these figures all is well.': {
    de: 'Deichsel, Achse, alles; erst leer, dann wie er gebraucht wird. Innerhalb eines Zehntels dieser Zahlen ist es gut.',
    es: 'Lanza, eje, todo; primero vacío, luego como se usará. Si difiere menos de un décimo, va bien.',
  },
  'Receipts, photos of the welds, weight slip, drawing: what an inspector or a clerk asks for.': {
    de: 'Rechnungen, Fotos der Nähte, Wiegezettel, Zeichnung: wonach ein Prüfer oder ein Amt fragt.',
    es: 'Recibos, fotos de soldaduras, tique de báscula, plano: lo que pide un inspector o una oficina.',
  },
  'The plate with gross, axle ratings, tire size and pressure, where it can be read from outside.': {
    de: 'Das Schild mit Gesamtmasse, Achslasten, Reifengröße und Druck, von außen lesbar.',
    es: 'La placa con masa total, capacidad de ejes, medida y presión de neumáticos, legible desde fuera.',
  },
  'Coupler latched: lift at the tongue, it may not come off. Chains crossed, lamps, breakaway, pressure.': {
    de: 'Kupplung verriegelt: an der Deichsel heben, sie darf nicht abgehen. Ketten gekreuzt, Lampen, Abreißbremse, Druck.',
    es: 'Acoplamiento cerrado: levante por la lanza, no debe salirse. Cadenas cruzadas, luces, rotura, presión.',
  },
  'Empty and slow; stop after a mile, feel the hubs, look at the tracks: wet tires show whether it follows.': {
    de: 'Leer und langsam; nach einer Meile halten, Naben fühlen, Spuren ansehen: nasse Reifen zeigen, ob er folgt.',
    es: 'Vacío y despacio; pare a la milla, palpe bujes, mire las huellas: con ruedas mojadas se ve si sigue.',
  },
  'Then half, then full load, in steps up to its speed. Sway: let it roll out, and put weight forward.': {
    de: 'Dann halb, dann voll beladen, in Stufen bis zu seinem Tempo. Schlingern: ausrollen lassen und Gewicht nach vorn.',
    es: 'Luego media carga, luego entera, por pasos hasta su velocidad. Si oscila: déjelo rodar y lleve peso adelante.',
  },
  'Wheel nuts after 10, 25 and 50 miles (16, 40, 80 km); U-bolts and shackle bolts after 50 to 100.': {
    de: 'Radmuttern nach 10, 25 und 50 Meilen (16, 40, 80 km); Federbügel und Laschenbolzen nach 50 bis 100.',
    es: 'Tuercas de rueda a las 10, 25 y 50 millas (16, 40, 80 km); abarcones y pernos de gemela a las 50 a 100.',
  },
  'Look at hangers and tongue root while you are there.': {
    de: 'Dabei Federböcke und Wurzel der Deichsel ansehen.',
    es: 'De paso mire soportes y raíz de la lanza.',
  },
  tape: { de: 'Bandmaß', es: 'cinta métrica' },
  caliper: { de: 'Messschieber', es: 'calibre' },
  'saw with a stop': { de: 'Säge mit Anschlag', es: 'sierra con tope' },
  'framing square': { de: 'Winkel', es: 'escuadra' },
  grinder: { de: 'Schleifer', es: 'amoladora' },
  clamps: { de: 'Zwingen', es: 'sargentos' },
  'rated stands': { de: 'geprüfte Böcke', es: 'caballetes homologados' },
  'level or line': { de: 'Wasserwaage oder Schnur', es: 'nivel o cuerda' },
  shims: { de: 'Unterlegbleche', es: 'calces' },
  'chalk, scriber': { de: 'Kreide, Reißnadel', es: 'tiza, punta de trazar' },
  welder: { de: 'Schweißgerät', es: 'soldadora' },
  spacers: { de: 'Abstandhalter', es: 'separadores' },
  'straight rod through both eyes': { de: 'gerade Stange durch beide Augen', es: 'varilla recta por ambos ojos' },
  'plumb bob': { de: 'Lot', es: 'plomada' },
  'torque wrench': { de: 'Drehmomentschlüssel', es: 'llave dinamométrica' },
  drill: { de: 'Bohrer', es: 'taladro' },
  'dye for cracks': { de: 'Rissfarbe', es: 'tinte de grietas' },
  brush: { de: 'Pinsel', es: 'brocha' },
  crimper: { de: 'Crimpzange', es: 'crimpadora' },
  tester: { de: 'Prüfer', es: 'comprobador' },
  scale: { de: 'Waage', es: 'báscula' },
  jack: { de: 'Wagenheber', es: 'gato' },
  grease: { de: 'Fett', es: 'grasa' },
  gauge: { de: 'Lehre', es: 'galga' },
  'Eyes, ears, gloves; guards on. Sparks fly further than you think.': {
    de: 'Augen, Ohren, Handschuhe; Schutz dran. Funken fliegen weiter, als man denkt.',
    es: 'Ojos, oídos, guantes; protecciones puestas. Las chispas llegan más lejos de lo que cree.',
  },
  'Zinc off before you weld, also from chain and inside of tube: its fumes make ill. Air out, no matter how short the weld.':
    {
      de: 'Zink vor dem Schweißen ab, auch von Kette und Rohrinnerem: sein Rauch macht krank. Abluft, wie kurz die Naht auch ist.',
      es: 'Quite el zinc antes de soldar, también de cadena e interior de tubo: su humo enferma. Ventile, por corta que sea la soldadura.',
    },
  'Aluminum: a brush of its own, wiped with acetone, tacked twice as often; it is weaker within an inch of every weld.':
    {
      de: 'Aluminium: eine eigene Bürste, mit Aceton gewischt, doppelt so oft geheftet; bis einen Zoll neben jeder Naht ist es schwächer.',
      es: 'Aluminio: cepillo propio, limpio con acetona, el doble de puntos; es más débil a menos de una pulgada de cada soldadura.',
    },
  'No weld across an aluminum tongue where it works hardest, just ahead of the front header.': {
    de: 'Keine Naht quer über eine Aluminiumdeichsel, wo sie am härtesten arbeitet, gleich vor dem vorderen Stirnträger.',
    es: 'Ninguna soldadura de través en una lanza de aluminio donde más trabaja, justo delante del cabezal delantero.',
  },
  'No brake cleaner or other chlorinated solvent near an arc: it makes a poison gas.': {
    de: 'Kein Bremsenreiniger oder anderes chlorhaltiges Lösemittel nahe dem Lichtbogen: es wird zu Giftgas.',
    es: 'Ni limpiafrenos ni otro disolvente clorado cerca de un arco: forma un gas venenoso.',
  },
  'Somebody watches for fire for half an hour after the last weld.': {
    de: 'Nach der letzten Naht hält jemand eine halbe Stunde Brandwache.',
    es: 'Alguien vigila el fuego media hora tras la última soldadura.',
  },
  'A tube closed at both ends can burst when it is heated: leave a hole open.': {
    de: 'Ein an beiden Enden geschlossenes Rohr kann beim Erhitzen platzen: ein Loch offen lassen.',
    es: 'Un tubo cerrado por ambos extremos puede reventar al calentarse: deje un agujero abierto.',
  },
  'Feet and fingers: with helpers or a hoist, stands rated for it, nobody under it.': {
    de: 'Füße und Finger: mit Helfern oder Hebezeug, dafür bemessene Böcke, niemand darunter.',
    es: 'Pies y dedos: con ayuda o polipasto, caballetes previstos para ello, nadie debajo.',
  },
  'Too heavy for hands: a hoist, a gantry, or two chain falls, and slings that cannot slip.': {
    de: 'Zu schwer für Hände: ein Hebezeug, ein Portal oder zwei Kettenzüge, und Schlingen, die nicht rutschen.',
    es: 'Demasiado para las manos: polipasto, pórtico o dos poleas, y eslingas que no resbalen.',
  },
  'Springs under load store a lot: let the load off before a bolt is loosened. No arc on spring steel, rubber out.': {
    de: 'Gespannte Federn speichern viel: entlasten, bevor ein Bolzen gelöst wird. Kein Lichtbogen auf Federstahl, Gummi heraus.',
    es: 'Las ballestas cargadas guardan mucho: descárguelas antes de aflojar un perno. Ningún arco en acero de muelle, goma fuera.',
  },
  'No welding on a wheel with a tire on it, or near one: it can burst. Wheels off.': {
    de: 'Kein Schweißen an einem Rad mit Reifen oder nahe daran: er kann platzen. Räder ab.',
    es: 'No suelde en una rueda con neumático, ni cerca: puede reventar. Quite las ruedas.',
  },
  'Nothing is welded on the axle tube’s middle, on spindles or on springs.': {
    de: 'Auf die Mitte des Achsrohrs, auf Zapfen und Federn wird nichts geschweißt.',
    es: 'No se suelda nada en mitad del tubo del eje, en muñones ni en ballestas.',
  },
  'Earth clamp on the part that is welded: current through a bearing pits it.': {
    de: 'Masseklemme an das Teil, das geschweißt wird: Strom durch ein Lager frisst es an.',
    es: 'Pinza de masa en la pieza que se suelda: la corriente por un rodamiento lo pica.',
  },
  'On rated stands and chocks before anybody reaches under it, never on a jack alone.': {
    de: 'Auf geprüften Böcken und Keilen, bevor jemand darunter greift, nie nur auf dem Wagenheber.',
    es: 'Sobre caballetes homologados y calzos antes de meter nadie la mano debajo, nunca solo en un gato.',
  },
  'A coupling of your own make: use a rated one. What you build here nobody has tested.': {
    de: 'Eine selbst gebaute Kupplung: eine geprüfte nehmen. Was hier gebaut wird, hat niemand geprüft.',
    es: 'Un acoplamiento casero: use uno homologado. Lo que se arma aquí no lo ha ensayado nadie.',
  },
  'Fuse near the battery, which comes on last.': {
    de: 'Sicherung nahe der Batterie, die zuletzt angeschlossen wird.',
    es: 'Fusible cerca de la batería, que se conecta al final.',
  },
  'For hot galvanizing every hollow needs vents and drains: one without bursts in the bath. Ask them for their sizes.':
    {
      de: 'Zum Feuerverzinken braucht jeder Hohlraum Ent- und Belüftung: einer ohne platzt im Bad. Nach den Maßen dort fragen.',
      es: 'Para galvanizar en caliente cada hueco pide respiraderos y drenajes: uno sin ellos revienta en el baño. Pregúnteles medidas.',
    },
  'No paint or grease under wheel nuts: they work loose.': {
    de: 'Keine Farbe, kein Fett unter Radmuttern: sie lösen sich.',
    es: 'Ni pintura ni grasa bajo las tuercas de rueda: se aflojan.',
  },
  'What the law asks for differs by place: ask the authority or an inspector there.': {
    de: 'Was das Gesetz verlangt, ist von Ort zu Ort verschieden: Behörde oder Prüfer fragen.',
    es: 'Lo que pide la ley cambia según lugar: pregunte a la autoridad o a un inspector.',
  },
  'Nobody behind or beside it on the first stretch; stop at whatever is new.': {
    de: 'Auf dem ersten Stück niemand dahinter oder daneben; bei allem Neuen anhalten.',
    es: 'Nadie detrás ni al lado en el primer tramo; pare ante cualquier novedad.',
  },
  '{from} to {figure}': { de: '{from} bis {figure}', es: '{from} a {figure}' },
  Pieces: { de: 'Stücke', es: 'Piezas' },
  'Length outside': { de: 'Länge außen', es: 'Largo exterior' },
  'Width outside': { de: 'Breite außen', es: 'Ancho exterior' },
  'Both diagonals': { de: 'Beide Diagonalen', es: 'Ambas diagonales' },
  'Alike within': { de: 'Gleich bis auf', es: 'Iguales hasta' },
  '{mark}, front edge to its front face': {
    de: '{mark}, Vorderkante bis zu seiner Vorderseite',
    es: '{mark}, del borde delantero a su cara delantera',
  },
  'Spacer between tops of rails and cross-members: the deck’s thickness': {
    de: 'Distanz zwischen Oberseiten von Längs- und Querträgern: die Dicke des Bodens',
    es: 'Separador entre caras superiores de largueros y travesaños: el grueso del piso',
  },
  'Ball’s centre ahead of the front edge': {
    de: 'Kugelmitte vor der Vorderkante',
    es: 'Centro de bola delante del borde delantero',
  },
  'Ball’s centre to each rear corner': {
    de: 'Kugelmitte zu jeder hinteren Ecke',
    es: 'Centro de bola a cada esquina trasera',
  },
  'Weld on this side, about': { de: 'Naht auf dieser Seite, etwa', es: 'Soldadura en este lado, unos' },
  'Each rail bends up or down by the welds of one side': {
    de: 'Jeder Längsträger biegt sich durch die Nähte einer Seite um',
    es: 'Cada larguero flecta por las soldaduras de un lado',
  },
  'Weighs about': { de: 'Wiegt etwa', es: 'Pesa unos' },
  'Balances behind the front edge': {
    de: 'Schwerpunkt hinter der Vorderkante',
    es: 'Equilibra detrás del borde delantero',
  },
  'In the hands of those who lift': { de: 'In den Händen derer, die heben', es: 'En manos de quienes levantan' },
  'Bolts, {of}': { de: 'Schrauben, {of}', es: 'Tornillos, {of}' },
  'Front edge to {hanger}': { de: 'Vorderkante bis {hanger}', es: 'Borde delantero a {hanger}' },
  'Middle of one spring or bracket to the other’s': {
    de: 'Mitte einer Feder oder Konsole zur Mitte der anderen',
    es: 'De centro de un muelle o ménsula al del otro',
  },
  '{of}: ball’s centre to each hub face': {
    de: '{of}: Kugelmitte zu jeder Nabenfläche',
    es: '{of}: centro de bola a cada cara de buje',
  },
  'Hub face to outside of the bed, each side': {
    de: 'Nabenfläche zur Außenseite der Fläche, je Seite',
    es: 'Cara de buje al exterior de la caja, cada lado',
  },
  'Front edge to the axle’s middle, or to the middle between axles': {
    de: 'Vorderkante bis Achsmitte, oder Mitte zwischen den Achsen',
    es: 'Borde delantero al centro del eje, o entre los ejes',
  },
  'From axle to axle': { de: 'Von Achse zu Achse', es: 'De eje a eje' },
  'U-bolts, {of}': { de: 'Federbügel, {of}', es: 'Abarcones, {of}' },
  'Wheel nuts, stage {of}': { de: 'Radmuttern, Stufe {of}', es: 'Tuercas de rueda, etapa {of}' },
  'Gap all about': { de: 'Spalt rundum', es: 'Holgura alrededor' },
  'Steel to coat, outside': { de: 'Zu beschichtender Stahl, außen', es: 'Acero por recubrir, exterior' },
  'For hot galvanizing: holes, two at each shut end of a tube, in corners across from each other': {
    de: 'Zum Feuerverzinken: Löcher, zwei an jedem geschlossenen Rohrende, in gegenüberliegenden Ecken',
    es: 'Para galvanizar: agujeros, dos en cada extremo cerrado de tubo, en esquinas opuestas',
  },
  'From one chain tab to the other': {
    de: 'Von einer Kettenlasche zur anderen',
    es: 'De una orejeta de cadena a la otra',
  },
  'On the ball, {of}': { de: 'Auf der Kugel, {of}', es: 'En la bola, {of}' },
  'All of it, {of}': { de: 'Alles, {of}', es: 'Todo, {of}' },
  'about {to} h': { de: 'etwa {to} h', es: 'unas {to} h' },
  '{from} to {to} h': { de: '{from} bis {to} h', es: '{from} a {to} h' },
} as const satisfies Phrasebook;
