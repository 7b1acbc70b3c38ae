import type { Phrasebook } from '../phrases.js';

export const coating = {
  'inland, under a roof when it stands': {
    de: 'im Binnenland, abgestellt unter Dach',
    es: 'interior, bajo techo cuando está parado',
  },
  'outside in the rain, salted roads now and then': {
    de: 'draußen im Regen, ab und zu Streusalz',
    es: 'a la intemperie, con sal en el camino a veces',
  },
  'salted roads all winter, or by the sea': {
    de: 'Streusalz den ganzen Winter, oder am Meer',
    es: 'sal todo el invierno, o junto al mar',
  },
  'primer and two coats of enamel': {
    de: 'Grundierung und zwei Anstriche Lack',
    es: 'imprimación y dos manos de esmalte',
  },
  'two-pack: epoxy primer twice, polyurethane once': {
    de: 'Zweikomponenten: Epoxid zweimal, Polyurethan einmal',
    es: 'dos componentes: epoxi dos veces, poliuretano una',
  },
  'blasted and powder coated': { de: 'gestrahlt und pulverbeschichtet', es: 'chorreado y pintado al polvo' },
  'hot-dip galvanized': { de: 'feuerverzinkt', es: 'galvanizado en caliente' },
  nothing: { de: 'nichts', es: 'nada' },
  'Scale off to bright metal, oil washed off, primer the same day; edges and welds by brush before the rest.': {
    de: 'Zunder bis aufs blanke Metall ab, Öl abgewaschen, Grundierung am selben Tag; Kanten und Nähte zuerst mit dem Pinsel.',
    es: 'Cascarilla fuera hasta metal brillante, aceite lavado, imprimación el mismo día; cantos y soldaduras a brocha antes que el resto.',
  },
  'A day between coats or as its tin says; inside of open ends as far as a brush or a swab gets.': {
    de: 'Ein Tag zwischen den Schichten oder wie die Dose sagt; innen an offenen Enden so weit ein Pinsel reicht.',
    es: 'Un día entre manos o lo que diga el bote; por dentro de extremos abiertos, hasta donde llegue la brocha.',
  },
  'Cheap enamel over mill scale came off within a year and had to be stripped: the cleaning is what lasts.': {
    de: 'Billiger Lack auf Walzhaut ging binnen eines Jahres ab und musste herunter: das Reinigen ist, was hält.',
    es: 'El esmalte barato sobre cascarilla se cayó en un año y hubo que quitarlo: lo que dura es la limpieza.',
  },
  'Blasted, or ground until it is bright: epoxy sits on metal, not on scale.': {
    de: 'Gestrahlt oder blank geschliffen: Epoxid hält auf Metall, nicht auf Zunder.',
    es: 'Chorreado, o amolado hasta brillar: el epoxi agarra en metal, no en cascarilla.',
  },
  'Its hardener makes ill: a mask with supplied air or the filters that its sheet names, skin covered, outdoors or drawn off.':
    {
      de: 'Sein Härter macht krank: Maske mit Frischluft oder den Filtern, die sein Merkblatt nennt, Haut bedeckt, im Freien oder abgesaugt.',
      es: 'Su endurecedor enferma: máscara con aire suministrado o los filtros de su hoja, piel cubierta, al aire libre o con extracción.',
    },
  'Coat within the hours that its sheet names, or sand between.': {
    de: 'In den Stunden überstreichen, die sein Merkblatt nennt, oder dazwischen anschleifen.',
    es: 'Recubra dentro de las horas que dice su hoja, o lije entre manos.',
  },
  'Ask whether it is blasted first and whether a zinc primer goes under it: powder on bare steel creeps off from the first stone.':
    {
      de: 'Fragen, ob vorher gestrahlt wird und ein Zinkgrund darunter kommt: Pulver auf blankem Stahl unterrostet vom ersten Stein an.',
      es: 'Pregunte si antes se chorrea y si lleva imprimación de zinc debajo: el polvo sobre acero desnudo se levanta desde la primera piedra.',
    },
  'Closed tubes need a hole: hot air has to get out of them in the oven.': {
    de: 'Geschlossene Rohre brauchen ein Loch: im Ofen muss heiße Luft heraus.',
    es: 'Los tubos cerrados necesitan un agujero: el aire caliente debe salir en el horno.',
  },
  'Threads, bearing seats and the place of the ground wire are plugged or taped.': {
    de: 'Gewinde, Lagersitze und der Platz der Masseleitung werden verschlossen oder abgeklebt.',
    es: 'Roscas, asientos de rodamiento y el lugar del cable de masa se tapan o enmascaran.',
  },
  'Show the drawing of the holes to the galvanizer before you weld: one closed tube bursts in the bath and kills.': {
    de: 'Zeigen Sie der Verzinkerei die Zeichnung der Löcher, bevor Sie schweißen: ein geschlossenes Rohr platzt im Bad und tötet.',
    es: 'Enseñe al galvanizador el plano de los agujeros antes de soldar: un solo tubo cerrado revienta en el baño y mata.',
  },
  'No paint, silicone or grease on it; spatter and slag off: zinc shows all of it.': {
    de: 'Keine Farbe, kein Silikon oder Fett darauf; Spritzer und Schlacke ab: Zink zeigt alles.',
    es: 'Sin pintura, silicona ni grasa; salpicaduras y escoria fuera: el zinc lo muestra todo.',
  },
  'Steel grows hot and bends: thin plates warp. Threads are run through again; moving parts go together afterwards.': {
    de: 'Stahl wird heiß und verzieht sich: dünne Bleche werfen sich. Gewinde werden nachgeschnitten; Bewegliches kommt danach zusammen.',
    es: 'El acero se calienta y se dobla: las chapas finas se alabean. Las roscas se repasan; lo móvil se monta después.',
  },
  'Nothing is welded on it later: grind the zinc off two inches (50 mm) about, and mend with zinc paint.': {
    de: 'Später wird nichts mehr daran geschweißt: Zink zwei Zoll (50 mm) ringsum abschleifen und mit Zinkfarbe ausbessern.',
    es: 'Después no se suelda nada en él: amole el zinc dos pulgadas (50 mm) alrededor, y repare con pintura de zinc.',
  },
  'Aluminum needs no paint; steel parts on it do.': {
    de: 'Aluminium braucht keine Farbe; Stahlteile daran schon.',
    es: 'El aluminio no necesita pintura; las piezas de acero en él, sí.',
  },
  'Mill scale and rust for an inch (25 mm) about every weld, both sides; oil and marking ink with a clean rag and acetone, dry before the arc.':
    {
      de: 'Walzhaut und Rost einen Zoll (25 mm) um jede Naht, auf beiden Seiten; Öl und Anreißfarbe mit sauberem Lappen und Aceton, vor dem Lichtbogen trocken.',
      es: 'Cascarilla y óxido una pulgada (25 mm) alrededor de cada soldadura, por ambas caras; aceite y tinta con trapo limpio y acetona, secos antes del arco.',
    },
  'Zinc for two inches (50 mm) about, inside of tubes as well: its fumes make ill. Paint and primer likewise.': {
    de: 'Zink zwei Zoll (50 mm) ringsum, auch innen im Rohr: sein Rauch macht krank. Farbe und Grundierung ebenso.',
    es: 'Zinc dos pulgadas (50 mm) alrededor, también por dentro del tubo: su humo enferma. Pintura e imprimación, igual.',
  },
  'Oil, marking ink and the film on bought bars with a clean rag and acetone; then a stainless brush of its own, then weld within hours: the skin of oxide grows back.':
    {
      de: 'Öl, Anreißfarbe und die Folie gekaufter Stäbe mit sauberem Lappen und Aceton; dann eine eigene Edelstahlbürste, dann binnen Stunden schweißen: die Oxidhaut wächst nach.',
      es: 'Aceite, tinta y la película de las barras compradas con trapo limpio y acetona; luego un cepillo inoxidable propio, y soldar en horas: la piel de óxido vuelve a crecer.',
    },
  'No chlorinated solvent anywhere near an arc: it makes a poison gas.': {
    de: 'Kein chlorhaltiges Lösemittel in der Nähe eines Lichtbogens: es wird zu Giftgas.',
    es: 'Ningún disolvente clorado cerca de un arco: produce un gas venenoso.',
  },
  'Aluminum deck on steel bars: paint both, tape or a bed of sealer between all along, stainless screws with washers of nylon.':
    {
      de: 'Aluminiumboden auf Stahlstäben: beide lackieren, durchgehend Band oder Dichtmasse dazwischen, rostfreie Schrauben mit Nylonscheiben.',
      es: 'Piso de aluminio sobre barras de acero: pinte ambos, cinta o sellador entre ellos en todo el largo, tornillos inoxidables con arandelas de nailon.',
    },
  'Aluminum skins on steel posts: tape between, stainless or aluminum rivets, the lower edge open so that it drains.': {
    de: 'Aluminiumhaut auf Stahlpfosten: Band dazwischen, rostfreie oder Aluminiumnieten, die Unterkante offen, damit es abläuft.',
    es: 'Revestimiento de aluminio en postes de acero: cinta entre ambos, remaches inoxidables o de aluminio, borde inferior abierto para que drene.',
  },
  'Aluminum bars bolted to steel ones: a plate of plastic between, sleeves about the bolts, no weld joins them.': {
    de: 'Aluminiumstäbe an Stahl geschraubt: eine Kunststoffplatte dazwischen, Hülsen um die Schrauben, keine Naht verbindet sie.',
    es: 'Barras de aluminio atornilladas a acero: una placa de plástico entre ambas, casquillos en los tornillos, ninguna soldadura las une.',
  },
  'Steel hangers, axle brackets and coupler on an aluminum frame: plates of plastic or paint between, galvanized or stainless bolts in sleeves, tightened again after the first trip.':
    {
      de: 'Stählerne Federböcke, Achskonsolen und Kupplung an einem Aluminiumrahmen: Kunststoffplatten oder Farbe dazwischen, verzinkte oder rostfreie Schrauben in Hülsen, nach der ersten Fahrt nachgezogen.',
      es: 'Soportes, ménsulas y acoplamiento de acero en bastidor de aluminio: placas de plástico o pintura entre ambos, tornillos galvanizados o inoxidables con casquillo, reapretados tras el primer viaje.',
    },
  'Wood on aluminum: what keeps treated wood from rot holds copper, which eats aluminum. Untreated and sealed wood, or a membrane between.':
    {
      de: 'Holz auf Aluminium: was behandeltes Holz vor Fäule schützt, enthält Kupfer, das Aluminium frisst. Unbehandeltes, versiegeltes Holz, oder eine Bahn dazwischen.',
      es: 'Madera sobre aluminio: lo que protege la madera tratada lleva cobre, que come el aluminio. Madera sin tratar y sellada, o una membrana entre ambos.',
    },
  'Wood on steel: seal its underside, a bead of sealer on each bar. In treated wood screws that are hot-dip galvanized or stainless; thin yellow zinc is gone in a winter.':
    {
      de: 'Holz auf Stahl: die Unterseite versiegeln, eine Raupe Dichtmasse auf jeden Stab. In behandeltes Holz feuerverzinkte oder rostfreie Schrauben; dünnes gelbes Zink ist in einem Winter weg.',
      es: 'Madera sobre acero: selle su cara inferior, un cordón de sellador en cada barra. En madera tratada, tornillos galvanizados en caliente o inoxidables; el zinc amarillo fino dura un invierno.',
    },
} as const satisfies Phrasebook;
