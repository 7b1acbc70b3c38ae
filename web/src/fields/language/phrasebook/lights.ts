import type { Phrasebook } from '@kereta/core';

export const lights = {
  'LED lamps': { de: 'LED-Lampen', es: 'Luces LED' },
  'Refrigerator, compressor': { de: 'Kühlschrank, Kompressor', es: 'Nevera, compresor' },
  'Roof fan': { de: 'Dachlüfter', es: 'Ventilador de techo' },
  'Water pump': { de: 'Wasserpumpe', es: 'Bomba de agua' },
  'Heater’s blower': { de: 'Gebläse der Heizung', es: 'Ventilador de calefacción' },
  'Sockets for telephones': { de: 'Steckdosen für Telefone', es: 'Tomas para teléfonos' },
  '{ahADay} a day': { de: '{ahADay} am Tag', es: '{ahADay} al día' },
  'go out. {usableAh}': { de: 'gehen hinaus. {usableAh}', es: 'salen. {usableAh}' },
  'How long that lasts is open: the battery’s size is missing.': {
    de: 'Wie lange das reicht, ist offen: die Größe der Batterie fehlt.',
    es: 'Cuánto dura está abierto: falta el tamaño de la batería.',
  },
  'Nothing draws.': { de: 'Nichts verbraucht.', es: 'Nada consume.' },
  'Of {batteryAh} {usable} % may be used, {usableAh}: about {days} days with nothing coming in.': {
    de: 'Von {batteryAh} dürfen {usable} % genutzt werden, {usableAh}: etwa {days} Tage, wenn nichts hineinkommt.',
    es: 'De {batteryAh} se puede usar el {usable} %, {usableAh}: unos {days} días sin que entre nada.',
  },
  '{inAh} a day come in{fromVehicleAh}: {inAh2}': {
    de: '{inAh} am Tag kommen hinein{fromVehicleAh}: {inAh2}',
    es: '{inAh} al día entran{fromVehicleAh}: {inAh2}',
  },
  '({fromVehicleAh} while driving, {fromSunAh} of sun)': {
    de: '({fromVehicleAh} beim Fahren, {fromSunAh} von der Sonne)',
    es: '({fromVehicleAh} en marcha, {fromSunAh} de sol)',
  },
  'as much as goes out, on such days.': {
    de: 'so viel, wie hinausgeht, an solchen Tagen.',
    es: 'tanto como sale, en días así.',
  },
  '{ahADay} a day less than goes out{usableAh}.': {
    de: '{ahADay} am Tag weniger, als hinausgeht{usableAh}.',
    es: '{ahADay} al día menos de lo que sale{usableAh}.',
  },
  ', about {usableAh} days': { de: ', etwa {usableAh} Tage', es: ', unos {usableAh} días' },
  'All at once {mostA} A: a main fuse of {mainFuseA} within a hand of the battery.': {
    de: 'Alles auf einmal {mostA} A: eine Hauptsicherung von {mainFuseA}, eine Handbreit neben der Batterie.',
    es: 'Todo a la vez {mostA} A: un fusible principal de {mainFuseA} a un palmo de la batería.',
  },
  What: { de: 'Was', es: 'Qué' },
  Watts: { de: 'Watt', es: 'Vatios' },
  'Hours a day': { de: 'Stunden am Tag', es: 'Horas al día' },
  'Wire’s way': { de: 'Weg der Leitung', es: 'Recorrido del cable' },
  '{name} off the battery': { de: '{name} von der Batterie ab', es: '{name} fuera de la batería' },
  '{amperes} A, {ahADay} a day; {run} there and back{dropShare}; fuse {fuseA}.': {
    de: '{amperes} A, {ahADay} am Tag; {run} hin und zurück{dropShare}; Sicherung {fuseA}.',
    es: '{amperes} A, {ahADay} al día; {run} ida y vuelta{dropShare}; fusible {fuseA}.',
  },
  '(loses {dropShare})': { de: '(verliert {dropShare})', es: '(pierde {dropShare})' },
  'Battery is': { de: 'Batterie ist', es: 'La batería es' },
  'which battery': { de: 'welche Batterie', es: 'qué batería' },
  'Battery’s size, Ah': { de: 'Größe der Batterie, Ah', es: 'Tamaño de la batería, Ah' },
  'battery’s size': { de: 'Größe der Batterie', es: 'tamaño de la batería' },
  'Charged from the vehicle with, A': { de: 'Vom Fahrzeug geladen mit, A', es: 'Se carga del vehículo con, A' },
  'not at all': { de: 'gar nicht', es: 'nada' },
  'charge from the vehicle': { de: 'Ladung vom Fahrzeug', es: 'carga desde el vehículo' },
  'Hours driven a day': { de: 'Stunden Fahrt am Tag', es: 'Horas en marcha al día' },
  'hours driven a day': { de: 'Stunden Fahrt am Tag', es: 'horas en marcha al día' },
  'Solar panel, W': { de: 'Solarmodul, W', es: 'Panel solar, W' },
  none: { de: 'keines', es: 'ninguno' },
  'solar panel': { de: 'Solarmodul', es: 'panel solar' },
  'Hours of full sun a day': { de: 'Stunden voller Sonne am Tag', es: 'Horas de sol pleno al día' },
  'hours of sun a day': { de: 'Sonnenstunden am Tag', es: 'horas de sol al día' },
  'what the battery feeds': { de: 'was die Batterie speist', es: 'lo que alimenta la batería' },
  '{name} on the battery': { de: '{name} an die Batterie', es: '{name} a la batería' },
  '12 V of a living body': { de: '12 V eines Wohnaufbaus', es: '12 V de una caja habitable' },
  'Where people sleep, cook or work in it: what a battery of its own feeds, for how long, by which wires.': {
    de: 'Wo Menschen darin schlafen, kochen oder arbeiten: was eine eigene Batterie speist, wie lange, über welche Leitungen.',
    es: 'Donde se duerme, cocina o trabaja dentro: lo que alimenta una batería propia, por cuánto tiempo, con qué cables.',
  },
  'Something else': { de: 'Etwas anderes', es: 'Otra cosa' },
  '+ Something else': { de: '+ Etwas anderes', es: '+ Otra cosa' },
  'A battery that gasses stands outside or is vented; a long line from the vehicle hardly fills one without a converter beside it. 120 or 230 V, inverters and shore power are an electrician’s. {house}. {carries}.':
    {
      de: 'Eine gasende Batterie steht draußen oder ist belüftet; eine lange Leitung vom Fahrzeug füllt kaum eine ohne Wandler daneben. 120 oder 230 V, Wechselrichter und Landstrom gehören einem Elektriker. {house}. {carries}.',
      es: 'Una batería que gasea va fuera o ventilada; una línea larga del vehículo apenas la llena sin un convertidor al lado. 120 o 230 V, inversores y toma de red son cosa de electricista. {house}. {carries}.',
    },
  'From {from}, lamps and reflectors by their numbers in the list': {
    de: 'Von {from}, Lampen und Rückstrahler mit ihren Nummern aus der Liste',
    es: 'Desde {from}, luces y reflectantes con sus números de la lista',
  },
  'the left': { de: 'links', es: 'la izquierda' },
  'Lamps and reflectors': { de: 'Lampen und Rückstrahler', es: 'Luces y reflectantes' },
  'Pulled by hand or by a small machine it is no trailer of these rules: they are told for comparison. Where it goes on a public road in the dark, lamps and reflectors are asked for in most places all the same.':
    {
      de: 'Von Hand oder von einer kleinen Maschine gezogen ist er kein Anhänger dieser Regeln: sie stehen zum Vergleich da. Auf öffentlicher Straße im Dunkeln sind Lampen und Rückstrahler trotzdem fast überall verlangt.',
      es: 'Tirado a mano o por una máquina pequeña no es un remolque de estas reglas: se dan para comparar. En vía pública de noche casi en todas partes se piden luces y reflectantes igualmente.',
    },
  'No region is set that has rules: choose one under The job.': {
    de: 'Keine Region mit Regeln ist gesetzt: eine unter „Die Aufgabe“ wählen.',
    es: 'No hay región con reglas: elija una en «El trabajo».',
  },
  'may hide it, {case}: a lamp board behind it, or the lamp elsewhere within its zone.': {
    de: 'kann sie verdecken, {case}: ein Lampenbrett dahinter, oder die Lampe anderswo in ihrem Bereich.',
    es: 'puede taparla, {case}: un tablero de luces detrás, o la luz en otro sitio de su zona.',
  },
  'Recalled, not read anew: compare with the rule of the place before you drill. A lamp that serves two functions counts for both; what is let down or loaded behind a lamp hides it.':
    {
      de: 'Aus dem Gedächtnis, nicht neu gelesen: vor dem Bohren mit der Regel des Ortes vergleichen. Eine Lampe mit zwei Funktionen zählt für beide; was herabgelassen oder dahinter geladen ist, verdeckt sie.',
      es: 'De memoria, no leído de nuevo: compárelo con la regla del lugar antes de taladrar. Una luz con dos funciones cuenta para ambas; lo que se baja o carga detrás la tapa.',
    },
  Wiring: { de: 'Verkabelung', es: 'Cableado' },
  'Nothing to wire: no plug, or no region with rules.': {
    de: 'Nichts zu verkabeln: kein Stecker, oder keine Region mit Regeln.',
    es: 'Nada que cablear: sin enchufe, o sin región con reglas.',
  },
  Circuits: { de: 'Stromkreise', es: 'Circuitos' },
  Circuit: { de: 'Stromkreis', es: 'Circuito' },
  Amperes: { de: 'Ampere', es: 'Amperios' },
  Run: { de: 'Strecke', es: 'Tramo' },
  'Wire, stranded': { de: 'Litze', es: 'Hilo flexible' },
  Lost: { de: 'Verlust', es: 'Pérdida' },
  Fuse: { de: 'Sicherung', es: 'Fusible' },
  'To buy:': { de: 'Zu kaufen:', es: 'Comprar:' },
  '{length} of {x}': { de: '{length} {x}', es: '{length} de {x}' },
  '; crimps with glue, a junction box at the front header. All of it stands on the': {
    de: '; Quetschverbinder mit Kleber, eine Abzweigdose am vorderen Stirnträger. Alles steht auf der',
    es: '; terminales con adhesivo, una caja de conexión en el cabezal delantero. Todo está en la',
  },
  'Stranded wire only: solid house wire breaks where it shakes.': {
    de: 'Nur Litze: starrer Hausdraht bricht, wo es rüttelt.',
    es: 'Solo hilo flexible: el cable rígido de casa se rompe donde vibra.',
  },
  'A ground wire to every lamp, and one bright place on the frame near the tongue: the ball is no ground.': {
    de: 'Eine Masseleitung zu jeder Lampe, und eine blanke Stelle am Rahmen nahe der Deichsel: die Kugel ist keine Masse.',
    es: 'Un cable de masa a cada luz, y un punto limpio en el bastidor cerca de la lanza: la bola no es masa.',
  },
  'The breakaway’s switch hangs on its own cable from the vehicle, not from the chains; its battery is fused beside it.':
    {
      de: 'Der Abreißschalter hängt an eigenem Seil am Fahrzeug, nicht an den Ketten; seine Batterie ist daneben abgesichert.',
      es: 'El interruptor de rotura cuelga del vehículo por su propio cable, no de las cadenas; su batería lleva fusible al lado.',
    },
  'Lost: 2 × amperes × run × ohms to the metre ÷ 12 V. {drop}. {wire}. {amperes}. {carries}.': {
    de: 'Verlust: 2 × Ampere × Strecke × Ohm je Meter ÷ 12 V. {drop}. {wire}. {amperes}. {carries}.',
    es: 'Pérdida: 2 × amperios × tramo × ohmios por metro ÷ 12 V. {drop}. {wire}. {amperes}. {carries}.',
  },
  'Test sheet': { de: 'Prüfblatt', es: 'Hoja de prueba' },
  'Prove each pin': { de: 'Jeden Pol prüfen', es: 'Probar cada vía' },
  'The plug is not decided yet: choose it under Tongue & coupler.': {
    de: 'Über den Stecker ist noch nicht entschieden: unter „Deichsel & Kupplung“ wählen.',
    es: 'El enchufe aún no está decidido: elíjalo en «Lanza y enganche».',
  },
  'Colours differ from one maker to the next: with a tester on the vehicle’s socket, switch on one function at a time and tick it.':
    {
      de: 'Farben sind von Hersteller zu Hersteller verschieden: mit einem Prüfer an der Dose des Fahrzeugs eine Funktion nach der anderen einschalten und abhaken.',
      es: 'Los colores varían según fabricante: con un comprobador en la toma del vehículo, encienda una función cada vez y márquela.',
    },
  'When it is not so': { de: 'Wenn es nicht so ist', es: 'Cuando no es así' },
  LED: { de: 'LED', es: 'LED' },
  bulbs: { de: 'Glühlampen', es: 'bombillas' },
  '{name}, lamps and wires': { de: '{name}, Lampen und Leitungen', es: '{name}, luces y cables' },
  'lamps can be looked at here, not changed': {
    de: 'Lampen lassen sich hier ansehen, nicht ändern',
    es: 'las luces se pueden ver aquí, no cambiar',
  },
  'which lamps they are': { de: 'welche Lampen es sind', es: 'qué luces son' },
  'Lamps are': { de: 'Lampen sind', es: 'Las luces son' },
  'Runs and their holes': { de: 'Strecken und ihre Löcher', es: 'Tramos y sus agujeros' },
  'From above: the wires along the bars, holes by their numbers': {
    de: 'Von oben: die Leitungen längs der Stäbe, Löcher mit ihren Nummern',
    es: 'De arriba: los cables por las barras, agujeros con sus números',
  },
  'Holes for the wires': { de: 'Löcher für die Leitungen', es: 'Agujeros para los cables' },
  'Open bars take clips in place of holes: {clips} of them, inside of': {
    de: 'Offene Stäbe bekommen Schellen statt Löcher: {clips} davon, innen an',
    es: 'Las barras abiertas llevan grapas en vez de agujeros: {clips}, por dentro de',
  },
  'Wider than a third of its side in': {
    de: 'Breiter als ein Drittel seiner Seite in',
    es: 'Más ancho que un tercio de su lado en',
  },
  ': two smaller holes a hand apart, or the loom outside, clipped to the bar.': {
    de: ': zwei kleinere Löcher eine Handbreit auseinander, oder das Wellrohr außen am Stab.',
    es: ': dos agujeros menores a un palmo, o la funda por fuera, con grapas.',
  },
  'Through one wall, before paint; a lamp that sits on a bar has a hole behind it. A hole through both walls, or one near a hanger or where the tongue begins, belongs under Bed & frame, where the bar is checked with it. {hole}.':
    {
      de: 'Durch eine Wand, vor der Farbe; hinter einer Lampe am Stab ist ein Loch. Ein Loch durch beide Wände, oder eines nahe einem Federbock oder wo die Deichsel beginnt, gehört unter „Fläche & Rahmen“, wo der Stab damit geprüft wird. {hole}.',
      es: 'Por una pared, antes de pintar; una luz sobre una barra lleva un agujero detrás. Uno por ambas paredes, o cerca de un soporte o donde empieza la lanza, va en «Caja y bastidor», donde se revisa la barra con él. {hole}.',
    },
} as const satisfies Phrasebook;
