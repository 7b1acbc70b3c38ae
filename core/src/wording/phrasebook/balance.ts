import type { Phrasebook } from '../phrases.js';

export const balance = {
  'the tongue gets too light': { de: 'die Deichsel wird zu leicht', es: 'la lanza queda muy ligera' },
  'the tongue gets too heavy': { de: 'die Deichsel wird zu schwer', es: 'la lanza queda muy pesada' },
  'the hitch has its limit': { de: 'die Zugvorrichtung hat ihre Grenze', es: 'el enganche tiene su límite' },
  'the axle has its rating': { de: 'die Achse hat ihre Grenze', es: 'el eje tiene su límite' },
  'the bed ends': { de: 'die Ladefläche endet', es: 'la caja acaba' },
  'the ball is there': { de: 'dort ist die Kugel', es: 'allí está la bola' },
  'No towed load counts for the axle’s place yet.': {
    de: 'Noch zählt keine gezogene Beladung für den Platz der Achse.',
    es: 'Aún no cuenta ninguna carga remolcada para el lugar del eje.',
  },
  'All towed loads ride well with the axle from {from} to {to}. Further forward {reasons} in {case}; further back {reasons2} in {case2}.':
    {
      de: 'Alle gezogenen Beladungen laufen gut mit der Achse von {from} bis {to}. Weiter vorn: {reasons}, {case}; weiter hinten: {reasons2}, {case2}.',
      es: 'Todas las cargas remolcadas van bien con el eje de {from} a {to}. Más adelante {reasons}, {case}; más atrás {reasons2}, {case2}.',
    },
  '{case} overloads the axle wherever its tongue is not too heavy: no place mends that, a bigger axle or a lighter load does.':
    {
      de: '{case} überlastet die Achse überall, wo die Deichsel nicht zu schwer ist: kein Platz hilft, nur eine größere Achse oder weniger Last.',
      es: '{case} sobrecarga el eje dondequiera que la lanza no sea muy pesada: ningún lugar lo arregla, sí un eje mayor o menos carga.',
    },
  '{case} suits no axle place even alone: ahead of {x} {reasons}, behind {x2} {reasons2}.': {
    de: '{case} passt auch allein zu keinem Platz der Achse: vor {x}: {reasons}, hinter {x2}: {reasons2}.',
    es: '{case} no va bien con ningún lugar del eje ni sola: delante de {x} {reasons}, detrás de {x2} {reasons2}.',
  },
  '{case} wants the axle no further back than {x}, {case2} at least {x2}.': {
    de: '{case} will die Achse nicht weiter hinten als {x}, {case2} mindestens bei {x2}.',
    es: '{case} quiere el eje no más atrás de {x}, {case2} al menos a {x2}.',
  },
  '{count} loads agree from {from} to {to}.': {
    de: '{count} Beladungen einigen sich von {from} bis {to}.',
    es: '{count} cargas coinciden de {from} a {to}.',
  },
  'No axle place suits every load. {parts}': {
    de: 'Kein Platz der Achse passt zu jeder Beladung. {parts}',
    es: 'Ningún lugar del eje sirve a todas las cargas. {parts}',
  },
  'tongue carries {tongue}, {share}.': { de: 'Stützlast {tongue}, {share}.', es: 'la lanza lleva {tongue}, {share}.' },
  '{name}: tongue pulls up with {tongue}. Tail-heavy: sway is likely, and the coupler is lifted off.': {
    de: '{name}: die Deichsel zieht mit {tongue} nach oben. Hecklastig: Schlingern ist wahrscheinlich, und die Kupplung wird abgehoben.',
    es: '{name}: la lanza tira hacia arriba con {tongue}. Cargado atrás: es probable que oscile, y el acoplamiento se levanta.',
  },
  '{name}: {carried} Light in front: nothing sways at a walking pace, but the hitch chatters.': {
    de: '{name}: {carried} Vorn leicht: im Schritttempo schlingert nichts, aber die Kupplung klappert.',
    es: '{name}: {carried} Ligero delante: al paso nada oscila, pero el enganche golpetea.',
  },
  '{name}: {carried} Just under its band: weigh it, or move something forward.': {
    de: '{name}: {carried} Knapp unter der Spanne: wiegen, oder etwas nach vorn stellen.',
    es: '{name}: {carried} Justo bajo su margen: péselo, o mueva algo adelante.',
  },
  '{name}: {carried} Light in front by its band; the bathroom scale asks no more of an empty tandem than 75 to 100 lb (34 to 45 kg).':
    {
      de: '{name}: {carried} Nach der Spanne vorn leicht; die Personenwaage verlangt von einem leeren Tandem nicht mehr als 75 bis 100 lb (34 bis 45 kg).',
      es: '{name}: {carried} Ligero delante según su margen; la báscula de baño no pide a un tándem vacío más de 75 a 100 lb (34 a 45 kg).',
    },
  '{name}: {carried} Tail-heavy: sway is likely.': {
    de: '{name}: {carried} Hecklastig: Schlingern ist wahrscheinlich.',
    es: '{name}: {carried} Cargado atrás: es probable que oscile.',
  },
  '{name}: {carried} Light in front: it sways sooner than it should.': {
    de: '{name}: {carried} Vorn leicht: er schlingert früher, als er sollte.',
    es: '{name}: {carried} Ligero delante: oscila antes de lo debido.',
  },
  '{name}: {carried} Just over its band.': {
    de: '{name}: {carried} Knapp über der Spanne.',
    es: '{name}: {carried} Justo sobre su margen.',
  },
  '{name}: {carried} Nose-heavy: it presses the hitch down.': {
    de: '{name}: {carried} Kopflastig: er drückt die Zugvorrichtung nach unten.',
    es: '{name}: {carried} Cargado delante: aprieta el enganche hacia abajo.',
  },
  'Most on the ball is {tongue}, {case}. What hitch and coupler allow is missing: read it off their plates.': {
    de: 'Am meisten auf der Kugel: {tongue}, {case}. Was Zugvorrichtung und Kupplung erlauben, fehlt: von ihren Schildern ablesen.',
    es: 'Lo máximo en la bola es {tongue}, {case}. Falta lo que admiten enganche y acoplamiento: léalo en sus placas.',
  },
  'Most on the ball is {tongue}, {case}. {by} allows {limit}: {tongue2}.{vehicleUnknown}': {
    de: 'Am meisten auf der Kugel: {tongue}, {case}. {by}: {limit} erlaubt, {tongue2}.{vehicleUnknown}',
    es: 'Lo máximo en la bola es {tongue}, {case}. {by}: admite {limit}, {tongue2}.{vehicleUnknown}',
  },
  'What the tow vehicle’s hitch allows is missing.': {
    de: 'Was die Zugvorrichtung des Fahrzeugs erlaubt, fehlt.',
    es: 'Falta lo que admite el enganche del vehículo tractor.',
  },
  '{case}: it tips back off the jack with {load}. Put stands under the rear before you unhitch.': {
    de: '{case}: er kippt mit {load} nach hinten vom Stützfuß. Vor dem Abhängen Stützen unter das Heck stellen.',
    es: '{case}: vuelca hacia atrás de la pata con {load}. Ponga apoyos bajo la trasera antes de desenganchar.',
  },
  '{case}: jack carries {load}.': { de: '{case}: der Stützfuß trägt {load}.', es: '{case}: la pata lleva {load}.' },
  '{case}: the tongue lifts the tow vehicle with {tongue}. Put a stand under the rear first.': {
    de: '{case}: die Deichsel hebt das Zugfahrzeug mit {tongue}. Erst eine Stütze unter das Heck.',
    es: '{case}: la lanza levanta el vehículo con {tongue}. Antes ponga un apoyo bajo la trasera.',
  },
  '{case}: the tongue stays down with {tongue}.': {
    de: '{case}: die Deichsel bleibt mit {tongue} unten.',
    es: '{case}: la lanza queda abajo con {tongue}.',
  },
  'The 60/40 rule says {rule}. {kind}': {
    de: 'Die 60/40-Regel sagt {rule}. {kind}',
    es: 'La regla 60/40 dice {rule}. {kind}',
  },
  'Your loads agree with it.': { de: 'Die Beladungen sind damit einig.', es: 'Sus cargas coinciden.' },
  'Your loads want {from} to {to}.': {
    de: 'Die Beladungen wollen {from} bis {to}.',
    es: 'Sus cargas quieren de {from} a {to}.',
  },
  'Your loads agree on no place, so no rule of thumb can be right for all of them.': {
    de: 'Die Beladungen einigen sich auf keinen Platz, also kann keine Faustregel für alle stimmen.',
    es: 'Sus cargas no coinciden en ningún lugar, así que ninguna regla aproximada vale para todas.',
  },
  'Axle at {position} suits every load.': {
    de: 'Achse bei {position} passt zu jeder Beladung.',
    es: 'El eje a {position} sirve a todas las cargas.',
  },
  'Axle at {position} lies outside.': {
    de: 'Achse bei {position} liegt außerhalb.',
    es: 'El eje a {position} queda fuera.',
  },
  'No load case yet. Say at least what is aboard when it is empty and when it is full.': {
    de: 'Noch keine Beladung. Wenigstens sagen, was leer und was voll aufliegt.',
    es: 'Aún no hay casos de carga. Diga al menos qué lleva vacío y lleno.',
  },
  'as far back and as heavy behind': { de: 'so weit hinten und hinten so schwer', es: 'tan atrás y tan pesado detrás' },
  'as far forward and as heavy in front': {
    de: 'so weit vorn und vorn so schwer',
    es: 'tan adelante y tan pesado delante',
  },
  'the tongue lifts.': { de: 'die Deichsel hebt.', es: 'la lanza se levanta.' },
  'still {share} on the tongue.': { de: 'noch {share} auf der Deichsel.', es: 'aún {share} en la lanza.' },
  '{share} on the tongue, out of its band: weigh what you guessed.': {
    de: '{share} auf der Deichsel, außerhalb der Spanne: wiegen, was geschätzt ist.',
    es: '{share} en la lanza, fuera de su margen: pese lo que supuso.',
  },
  '{case} with everything {where} as your doubt allows: {verdict}': {
    de: '{case}, alles {where}, wie die Zweifel es zulassen: {verdict}',
    es: '{case}, todo {where} como admiten sus dudas: {verdict}',
  },
  '{case} weighs {mass}, and by what is guessed {heavy} or more once in twenty.': {
    de: '{case} wiegt {mass}, und nach dem Geschätzten einmal in zwanzig {heavy} oder mehr.',
    es: '{case} pesa {mass}, y por lo supuesto {heavy} o más una vez de veinte.',
  },
  'The plate allows {rated}: weigh what you guessed before you buy axle and tires.': {
    de: 'Das Schild erlaubt {rated}: wiegen, was geschätzt ist, bevor Achse und Reifen gekauft werden.',
    es: 'La placa admite {rated}: pese lo que supuso antes de comprar eje y neumáticos.',
  },
  '{case}: each {step} that the axle goes back {axle} the tongue; each {step} that the ball goes further ahead {ball} it.':
    {
      de: '{case}: je {step}, die die Achse nach hinten geht: {axle} der Deichsel; je {step}, die die Kugel nach vorn geht: {ball} ihr.',
      es: '{case}: cada {step} que el eje va atrás {axle} la lanza; cada {step} que la bola va adelante {ball} ella.',
    },
  '{id} {step} further back {kg} it.': {
    de: '{id} {step} weiter hinten: {kg} ihr.',
    es: '{id} {step} más atrás {kg} ella.',
  },
  '{case}: {people} of people on the rear edge tip it over its {on}. Set stands under the rear before anyone steps there.':
    {
      de: '{case}: {people} an Menschen auf der Hinterkante kippen ihn über {on}. Stützen unter das Heck, bevor jemand dort auftritt.',
      es: '{case}: {people} de personas en el borde trasero lo vuelcan sobre {on}. Ponga apoyos bajo la trasera antes de que nadie pise allí.',
    },
  '{case}: with {people} of people on the rear edge {jack} are left on the jack.': {
    de: '{case}: mit {people} an Menschen auf der Hinterkante bleiben {jack} auf dem Stützfuß.',
    es: '{case}: con {people} de personas en el borde trasero quedan {jack} en la pata.',
  },
  '{case}: the {side} wheels carry {by} more, {share} of both.': {
    de: '{case}: Räder {side} tragen {by} mehr, {share} von beiden.',
    es: '{case}: las ruedas ({side}) llevan {by} más, {share} de ambas.',
  },
  'Move something over.': { de: 'Etwas hinüberstellen.', es: 'Mueva algo al otro lado.' },
  'The balance point is {height} above the ground at its highest, {case}{raisedBy}.': {
    de: 'Der Schwerpunkt liegt höchstens {height} über dem Boden, {case}{raisedBy}.',
    es: 'El punto de equilibrio está a lo sumo a {height} del suelo, {case}{raisedBy}.',
  },
  '; {raisedBy} raises it most': { de: '; {raisedBy} hebt ihn am meisten', es: '; {raisedBy} es lo que más lo sube' },
  'These axles share by how level the trailer rides; the tow vehicle holds it level.': {
    de: 'Diese Achsen teilen, je nachdem wie waagrecht der Anhänger läuft; das Zugfahrzeug hält ihn waagrecht.',
    es: 'Estos ejes reparten según lo nivelado que va el remolque; el vehículo lo lleva nivelado.',
  },
  'These axles share by how level the trailer rides; the tow vehicle holds the ball {ballAboveLevel} {ballAboveLevel2} level.':
    {
      de: 'Diese Achsen teilen, je nachdem wie waagrecht der Anhänger läuft; das Zugfahrzeug hält die Kugel {ballAboveLevel} {ballAboveLevel2} der Waagrechten.',
      es: 'Estos ejes reparten según lo nivelado que va el remolque; el vehículo lleva la bola {ballAboveLevel} {ballAboveLevel2} del nivel.',
    },
  'These axles share by how level the trailer rides, and how high the tow vehicle holds the ball is missing: counted as level.':
    {
      de: 'Diese Achsen teilen, je nachdem wie waagrecht der Anhänger läuft, und wie hoch das Zugfahrzeug die Kugel hält, fehlt: gerechnet wie waagrecht.',
      es: 'Estos ejes reparten según lo nivelado que va el remolque, y falta a qué altura lleva la bola el vehículo: se toma nivelado.',
    },
  'Each {step} that the ball goes up {front} the front axle and {rear} the rear one, {case}. The frame is analysed as if it rode level.':
    {
      de: 'Je {step}, die die Kugel höher kommt: {front} der vorderen Achse und {rear} der hinteren, {case}. Der Rahmen wird gerechnet, als liefe er waagrecht.',
      es: 'Cada {step} que sube la bola {front} el eje delantero y {rear} el trasero, {case}. El bastidor se calcula como si fuera nivelado.',
    },
} as const satisfies Phrasebook;
