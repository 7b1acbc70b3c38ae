import type { Phrasebook } from '@kereta/core';

export const fields = {
  'Kereta, to the shed': { de: 'Kereta, zum Schuppen', es: 'Kereta, al cobertizo' },
  Kereta: { de: 'Kereta', es: 'Kereta' },
  '{name} could not be shown.': { de: '{name} ließ sich nicht zeigen.', es: '{name} no se pudo mostrar.' },
  'Your trailer is kept. Undo the last step, or try again.': {
    de: 'Ihr Anhänger ist aufgehoben. Den letzten Schritt zurücknehmen, oder noch einmal versuchen.',
    es: 'Su remolque está guardado. Deshaga el último paso, o pruebe otra vez.',
  },
  'Try again': { de: 'Noch einmal', es: 'Probar otra vez' },
  'Drawing …': { de: 'Wird gezeichnet …', es: 'Dibujando …' },
  Note: { de: 'Hinweis', es: 'Nota' },
  'Rule: {formula}.': { de: 'Regel: {formula}.', es: 'Regla: {formula}.' },
  'Holds for: {holds}.': { de: 'Gilt für: {holds}.', es: 'Vale para: {holds}.' },
  Hours: { de: 'Stunden', es: 'Horas' },
  'Hours as a number: 1.5': { de: 'Stunden als Zahl: 1,5', es: 'Horas como número: 1,5' },
  'This browser keeps nothing for Kereta just now': {
    de: 'Dieser Browser behält gerade nichts für Kereta',
    es: 'Este navegador no guarda nada para Kereta ahora',
  },
  '(its storage is blocked, as in some private windows). You can work, but everything is gone when this page is closed or loaded again: export your trailers as files.':
    {
      de: '(sein Speicher ist gesperrt, wie in manchen privaten Fenstern). Arbeiten geht, aber alles ist weg, wenn diese Seite geschlossen oder neu geladen wird: Anhänger als Dateien exportieren.',
      es: '(su almacenamiento está bloqueado, como en ciertas ventanas privadas). Puede trabajar, pero todo se pierde al cerrar o recargar la página: exporte sus remolques como archivos.',
    },
  'No figure: {what} could not be worked out in reasonable time. Look for a size that is far too large or too small.': {
    de: 'Keine Zahl: {what} ließ sich nicht in vernünftiger Zeit rechnen. Nach einem Maß suchen, das viel zu groß oder zu klein ist.',
    es: 'Sin cifra: {what} no se pudo calcular en un tiempo razonable. Busque una medida muy grande o muy pequeña.',
  },
  Back: { de: 'Zurück', es: 'Volver' },
  'This file is no picture that the browser can read.': {
    de: 'Diese Datei ist kein Bild, das der Browser lesen kann.',
    es: 'Este archivo no es una imagen que el navegador lea.',
  },
  'The browser did not take the photo: it may be out of room.': {
    de: 'Der Browser hat das Foto nicht angenommen: vielleicht ist kein Platz mehr.',
    es: 'El navegador no aceptó la foto: quizá no quede sitio.',
  },
  '{count} kept for it': { de: '{count} dazu behalten', es: '{count} guardado para ello' },
  'One photo': { de: 'Ein Foto', es: 'Una foto' },
  '{count} photos': { de: '{count} Fotos', es: '{count} fotos' },
  'Chosen lately': { de: 'Zuletzt gewählt', es: 'Elegido hace poco' },
  now: { de: 'jetzt', es: 'ahora' },
  '{value} (not in the list)': { de: '{value} (nicht in der Liste)', es: '{value} (no está en la lista)' },
  'type a size or a name': { de: 'ein Maß oder einen Namen tippen', es: 'escriba una medida o un nombre' },
  choose: { de: 'wählen', es: 'elegir' },
  'Nothing on the list fits “{search}”. Try fewer words, or a size such as 3x2.': {
    de: 'Nichts in der Liste passt zu „{search}“. Weniger Wörter versuchen, oder ein Maß wie 3x2.',
    es: 'Nada en la lista va con «{search}». Pruebe menos palabras, o una medida como 3x2.',
  },
  '1499, 1.5 m {or} 59 in': { de: '1499, 1,5 m {or} 59 in', es: '1499, 1,5 m {or} 59 in' },
  '350 {or} 160 kg': { de: '350 {or} 160 kg', es: '350 {or} 160 kg' },
  '160 {or} 350 lb': { de: '160 {or} 350 lb', es: '160 {or} 350 lb' },
  '36000, 36 ksi {or} 250 MPa': { de: '36000, 36 ksi {or} 250 MPa', es: '36000, 36 ksi {or} 250 MPa' },
  '250 {or} 36 ksi': { de: '250 {or} 36 ksi', es: '250 {or} 36 ksi' },
  'Where to hold the tape': { de: 'Wo das Band angelegt wird', es: 'Dónde poner la cinta' },
  '{said}: taken out': { de: '{said}: entfernt', es: '{said}: quitado' },
  'Light view': { de: 'Helle Ansicht', es: 'Vista clara' },
  'Dark view': { de: 'Dunkle Ansicht', es: 'Vista oscura' },
  '{id} raw copy': { de: '{id} Rohkopie', es: '{id} copia cruda' },
  'A part of Kereta could not be loaded: the server that it comes from was stopped or updated, or cannot be reached.': {
    de: 'Ein Teil von Kereta ließ sich nicht laden: der Server, von dem es kommt, wurde angehalten, erneuert oder ist nicht erreichbar.',
    es: 'Una parte de Kereta no se pudo cargar: el servidor del que viene se paró, se actualizó o no responde.',
  },
  'Kereta made a mistake here{message}.': {
    de: 'Kereta hat hier einen Fehler gemacht{message}.',
    es: 'Kereta cometió un error aquí{message}.',
  },
  'Hook the tape on the front face of the front header and read to its middle.': {
    de: 'An der Vorderseite des vorderen Stirnträgers einhaken und bis zu seiner Mitte lesen.',
    es: 'Enganche en la cara delantera del cabezal delantero y lea hasta su centro.',
  },
  'Along the bed, hooked on the front face of the front header.': {
    de: 'Längs der Fläche, an der Vorderseite des vorderen Stirnträgers eingehakt.',
    es: 'A lo largo de la caja, enganchada en la cara delantera del cabezal delantero.',
  },
  'Outside of the front header to outside of the rear one, along a rail.': {
    de: 'Außenseite des vorderen bis Außenseite des hinteren Stirnträgers, an einem Längsträger entlang.',
    es: 'De fuera del cabezal delantero a fuera del trasero, por un larguero.',
  },
  'Outside of one rail to outside of the other.': {
    de: 'Außenseite des einen bis Außenseite des anderen Längsträgers.',
    es: 'De fuera de un larguero a fuera del otro.',
  },
  'Middle of one cross-member to the middle of the next.': {
    de: 'Mitte eines Querträgers bis Mitte des nächsten.',
    es: 'Del centro de un travesaño al centro del siguiente.',
  },
  'Top of the deck to the top of the side.': {
    de: 'Oberkante des Bodens bis Oberkante der Seite.',
    es: 'De la cara superior del piso a lo alto del lateral.',
  },
  'Caliper on an edge; plywood is thinner than it is called.': {
    de: 'Messschieber an einer Kante; Sperrholz ist dünner, als es heißt.',
    es: 'Calibre en un canto; el contrachapado es más fino de lo que dice.',
  },
  'Front edge of the deck to the near edge of the opening.': {
    de: 'Vorderkante des Bodens bis zur nahen Kante der Öffnung.',
    es: 'Del borde delantero del piso al borde cercano del hueco.',
  },
  'Left edge of the deck to the near edge of the opening.': {
    de: 'Linke Kante des Bodens bis zur nahen Kante der Öffnung.',
    es: 'Del borde izquierdo del piso al borde cercano del hueco.',
  },
  'Along the trailer, edge to edge of the opening.': {
    de: 'Längs zum Anhänger, Kante zu Kante der Öffnung.',
    es: 'A lo largo del remolque, de borde a borde del hueco.',
  },
  'Across the trailer, edge to edge of the opening.': {
    de: 'Quer zum Anhänger, Kante zu Kante der Öffnung.',
    es: 'De través, de borde a borde del hueco.',
  },
  'Hook on the front face of the front header and read to the middle of the pivot pins.': {
    de: 'An der Vorderseite des vorderen Stirnträgers einhaken und bis zur Mitte der Drehbolzen lesen.',
    es: 'Enganche en la cara delantera del cabezal delantero y lea hasta el centro de los pasadores de giro.',
  },
  'Caliper across the pin where it is not worn.': {
    de: 'Messschieber quer am Bolzen, wo er nicht verschlissen ist.',
    es: 'Calibre en el pasador, donde no está gastado.',
  },
  'From the bar’s front, left or ball end to the middle of the hole.': {
    de: 'Vom vorderen, linken oder Kugelende des Stabes bis zur Lochmitte.',
    es: 'Del extremo delantero, izquierdo o de bola de la barra al centro del agujero.',
  },
  'Across the hole; the drill’s own size if it was drilled cleanly.': {
    de: 'Quer über das Loch; die Größe des Bohrers selbst, wenn sauber gebohrt.',
    es: 'A través del agujero; la medida de la broca si se hizo limpio.',
  },
  'From the bar’s front, left or ball end to the weld.': {
    de: 'Vom vorderen, linken oder Kugelende des Stabes bis zur Naht.',
    es: 'Del extremo delantero, izquierdo o de bola de la barra a la soldadura.',
  },
  'From the bar’s front, left or ball end to where the plates begin.': {
    de: 'Vom vorderen, linken oder Kugelende des Stabes bis zum Beginn der Bleche.',
    es: 'Del extremo delantero, izquierdo o de bola de la barra a donde empiezan las chapas.',
  },
  'From the same end to where the plates stop.': {
    de: 'Vom selben Ende bis zum Ende der Bleche.',
    es: 'Del mismo extremo a donde acaban las chapas.',
  },
  'Caliper on the plate’s edge.': { de: 'Messschieber an der Blechkante.', es: 'Calibre en el canto de la chapa.' },
  'Across the plate.': { de: 'Quer über das Blech.', es: 'A través de la chapa.' },
  'Length of one weld, its ends not counted.': {
    de: 'Länge einer Naht, ihre Enden nicht gezählt.',
    es: 'Largo de un cordón, sin contar sus extremos.',
  },
  'Middle of one weld to the middle of the next.': {
    de: 'Mitte einer Naht bis Mitte der nächsten.',
    es: 'Del centro de un cordón al del siguiente.',
  },
  'Along the bar that it is joined to, from that one’s front, left or ball end.': {
    de: 'Auf dem Stab, an dem er sitzt, von dessen vorderem, linkem oder Kugelende.',
    es: 'Por la barra a la que se une, desde su extremo delantero, izquierdo o de bola.',
  },
  'Along the trailer: further back is more.': {
    de: 'Längs zum Anhänger: weiter hinten ist mehr.',
    es: 'A lo largo del remolque: más atrás es más.',
  },
  'Across the trailer: further right is more.': {
    de: 'Quer zum Anhänger: weiter rechts ist mehr.',
    es: 'De través: más a la derecha es más.',
  },
  'Upright: higher is more.': { de: 'Senkrecht: höher ist mehr.', es: 'En vertical: más arriba es más.' },
  'From the middle of the bed to the right; to the left is less than nothing.': {
    de: 'Von der Mitte der Fläche nach rechts; nach links ist weniger als null.',
    es: 'Del centro de la caja a la derecha; a la izquierda es menos que cero.',
  },
  'From the top of the main rails; below them is less than nothing.': {
    de: 'Von der Oberkante der Längsträger; darunter ist weniger als null.',
    es: 'Desde la cara superior de los largueros; por debajo es menos que cero.',
  },
  'Outside, the side that stands.': { de: 'Außen, die Seite, die steht.', es: 'Por fuera, el lado que va de pie.' },
  'Outside, the side that lies.': { de: 'Außen, die Seite, die liegt.', es: 'Por fuera, el lado que va tumbado.' },
  'Caliper on a clean sawn end, away from the seam and the corner.': {
    de: 'Messschieber an einem sauberen Sägeende, weg von Schweißnaht und Ecke.',
    es: 'Calibre en un extremo bien cortado, lejos de la costura y la esquina.',
  },
  'From the panel’s front or left edge to the near edge of the opening.': {
    de: 'Vorder- oder linke Kante der Platte bis zur nahen Kante der Öffnung.',
    es: 'Del borde delantero o izquierdo del panel al borde cercano del hueco.',
  },
  'From the panel’s lower edge to the lower edge of the opening.': {
    de: 'Unterkante der Platte bis zur Unterkante der Öffnung.',
    es: 'Del borde inferior del panel al borde inferior del hueco.',
  },
  'Along the panel, edge to edge of the opening.': {
    de: 'Längs der Platte, Kante zu Kante der Öffnung.',
    es: 'A lo largo del panel, de borde a borde del hueco.',
  },
  'Up the panel, edge to edge of the opening.': {
    de: 'Die Platte hinauf, Kante zu Kante der Öffnung.',
    es: 'Panel arriba, de borde a borde del hueco.',
  },
  'To where the panel begins.': { de: 'Bis dorthin, wo die Platte beginnt.', es: 'Hasta donde empieza el panel.' },
  'To where the panel ends.': { de: 'Bis dorthin, wo die Platte endet.', es: 'Hasta donde acaba el panel.' },
  'From the top of the main rails to the panel’s lower edge.': {
    de: 'Von der Oberkante der Längsträger bis zur Unterkante der Platte.',
    es: 'De la cara superior de largueros al borde inferior del panel.',
  },
  'From the top of the main rails to the panel’s upper edge.': {
    de: 'Von der Oberkante der Längsträger bis zur Oberkante der Platte.',
    es: 'De la cara superior de largueros al borde superior del panel.',
  },
  'Caliper on an edge.': { de: 'Messschieber an einer Kante.', es: 'Calibre en un canto.' },
  'Outside to outside, along it.': { de: 'Außen bis außen, daran entlang.', es: 'De fuera a fuera, a lo largo.' },
  'Outside to outside, across it.': { de: 'Außen bis außen, quer darüber.', es: 'De fuera a fuera, a través.' },
  'From what it stands on to its top.': { de: 'Von dem, worauf es steht, bis oben.', es: 'De lo que apoya a lo alto.' },
  'From the top of the main rails.': {
    de: 'Von der Oberkante der Längsträger.',
    es: 'Desde la cara superior de los largueros.',
  },
  'Along the trailer, front to back of it.': {
    de: 'Längs zum Anhänger, von seiner Vorder- zu seiner Rückseite.',
    es: 'A lo largo del remolque, de su frente a su trasera.',
  },
  'From the rear edge of the bed back to it.': {
    de: 'Von der Hinterkante der Fläche nach hinten bis zu ihm.',
    es: 'Del borde trasero de la caja hacia atrás hasta él.',
  },
  'How much lower than the top of the rails.': {
    de: 'Wie viel tiefer als die Oberkante der Längsträger.',
    es: 'Cuánto más bajo que la cara superior de los largueros.',
  },
  'Between it and what it closes, on each side.': {
    de: 'Zwischen ihm und dem, was es schließt, auf jeder Seite.',
    es: 'Entre él y lo que cierra, a cada lado.',
  },
  'Middle to middle.': { de: 'Mitte zu Mitte.', es: 'De centro a centro.' },
  'Middle of one post to the middle of the next.': {
    de: 'Mitte eines Pfostens bis Mitte des nächsten.',
    es: 'Del centro de un poste al del siguiente.',
  },
  'How far it reaches past the frame.': {
    de: 'Wie weit es über den Rahmen hinausreicht.',
    es: 'Cuánto sobresale del bastidor.',
  },
  'How far it hangs below the top of the rails.': {
    de: 'Wie weit es unter die Oberkante der Längsträger hängt.',
    es: 'Cuánto cuelga bajo la cara superior de los largueros.',
  },
  'How far its ends rise above it.': { de: 'Wie weit seine Enden darüber steigen.', es: 'Cuánto suben sus extremos.' },
  'How far its ends lean out.': { de: 'Wie weit seine Enden hinauslehnen.', es: 'Cuánto salen sus extremos.' },
  'From its front or left edge to the near edge of the opening.': {
    de: 'Von seiner Vorder- oder linken Kante bis zur nahen Kante der Öffnung.',
    es: 'De su borde delantero o izquierdo al borde cercano del hueco.',
  },
  'From its lower edge to the lower edge of the opening.': {
    de: 'Von seiner Unterkante bis zur Unterkante der Öffnung.',
    es: 'De su borde inferior al borde inferior del hueco.',
  },
  'Edge to edge of the opening.': { de: 'Kante zu Kante der Öffnung.', es: 'De borde a borde del hueco.' },
  'Edge to edge of the opening, upright.': {
    de: 'Kante zu Kante der Öffnung, senkrecht.',
    es: 'De borde a borde del hueco, en vertical.',
  },
  'Hook on the front face of the front header, read above the middle of the axle; of two axles, in the middle between them.':
    {
      de: 'An der Vorderseite des vorderen Stirnträgers einhaken, über der Achsmitte lesen; bei zwei Achsen mitten dazwischen.',
      es: 'Enganche en la cara delantera del cabezal delantero, lea sobre el centro del eje; con dos ejes, en medio de ambos.',
    },
  'Middle of one axle to the middle of the next, on both sides.': {
    de: 'Mitte einer Achse bis Mitte der nächsten, auf beiden Seiten.',
    es: 'Del centro de un eje al del siguiente, a ambos lados.',
  },
  'Level ground to the top of the rail, at the axle, with the load that is named.': {
    de: 'Ebener Boden bis Oberkante des Längsträgers, an der Achse, mit der genannten Last.',
    es: 'Del suelo llano a lo alto del larguero, en el eje, con la carga nombrada.',
  },
  'Face of one hub, where the wheel sits, to the face of the other.': {
    de: 'Fläche einer Nabe, wo das Rad anliegt, bis zur Fläche der anderen.',
    es: 'De la cara de un buje, donde asienta la rueda, a la del otro.',
  },
  'Middle of the axle tube down to the middle of the spindle.': {
    de: 'Mitte des Achsrohrs hinab zur Mitte des Zapfens.',
    es: 'Del centro del tubo del eje abajo al centro del muñón.',
  },
  'Caliper on the tube’s sawn end.': {
    de: 'Messschieber am Sägeende des Rohrs.',
    es: 'Calibre en el extremo cortado del tubo.',
  },
  'Middle of one tire to the middle of the other, at hub height.': {
    de: 'Mitte eines Reifens bis Mitte des anderen, auf Nabenhöhe.',
    es: 'Del centro de un neumático al del otro, a la altura del buje.',
  },
  'Middle of one spring or bracket to the middle of the other.': {
    de: 'Mitte einer Feder oder Konsole bis Mitte der anderen.',
    es: 'Del centro de un muelle o ménsula al del otro.',
  },
  'Bolt of the front hanger to the bolt of the rear one; with a shackle, to the shackle’s upper bolt.': {
    de: 'Bolzen des vorderen Bocks bis Bolzen des hinteren; mit Lasche bis zu deren oberem Bolzen.',
    es: 'Del perno del soporte delantero al del trasero; con gemela, al perno superior de esta.',
  },
  'Middle of one hole to the middle of the other.': {
    de: 'Mitte eines Lochs bis Mitte des anderen.',
    es: 'Del centro de un agujero al del otro.',
  },
  'Level, from the middle of the bracket back to the middle of the wheel, loaded.': {
    de: 'Waagrecht, Mitte der Konsole nach hinten bis Radmitte, beladen.',
    es: 'A nivel, del centro de la ménsula atrás al centro de la rueda, cargado.',
  },
  'Underside of the rail to the underside of the bracket or pedestal.': {
    de: 'Unterseite des Längsträgers bis Unterseite von Konsole oder Bock.',
    es: 'De la cara inferior del larguero a la de la ménsula o pedestal.',
  },
  'From the spring or axle, loaded, to what it strikes first.': {
    de: 'Von Feder oder Achse, beladen, bis zu dem, woran sie zuerst schlägt.',
    es: 'Del muelle o eje, cargado, a lo primero que golpea.',
  },
  'Middle of one eye to the middle of the other, straight, with nothing on it.': {
    de: 'Mitte eines Auges bis Mitte des anderen, gerade, ohne Last.',
    es: 'Del centro de un ojo al del otro, en recto, sin carga.',
  },
  'Middle of the eye to the end of the slipper, straight, with nothing on it.': {
    de: 'Mitte des Auges bis Ende des Gleitstücks, gerade, ohne Last.',
    es: 'Del centro del ojo al extremo deslizante, en recto, sin carga.',
  },
  'A straight edge over both eyes: from it to the top of the main leaf in the middle.': {
    de: 'Ein Richtscheit über beide Augen: von ihm bis zur Oberseite des Hauptblatts in der Mitte.',
    es: 'Una regla sobre ambos ojos: de ella a lo alto de la hoja maestra en el centro.',
  },
  'Across one leaf.': { de: 'Quer über ein Blatt.', es: 'A través de una hoja.' },
  'Caliper on one leaf, away from its ends.': {
    de: 'Messschieber an einem Blatt, weg von den Enden.',
    es: 'Calibre en una hoja, lejos de sus extremos.',
  },
  'Hole to hole of the shackle, middle to middle.': {
    de: 'Loch zu Loch der Lasche, Mitte zu Mitte.',
    es: 'De agujero a agujero de la gemela, de centro a centro.',
  },
  'Underside of the rail to the middle of the front bolt.': {
    de: 'Unterseite des Längsträgers bis Mitte des vorderen Bolzens.',
    es: 'De la cara inferior del larguero al centro del perno delantero.',
  },
  'Between spring and axle tube: seat and any block.': {
    de: 'Zwischen Feder und Achsrohr: Sitz und jede Unterlage.',
    es: 'Entre ballesta y tubo: asiento y todo taco.',
  },
  'Along the arm: middle of its pivot to the middle of the spindle.': {
    de: 'Am Arm entlang: Mitte des Drehpunkts bis Mitte des Zapfens.',
    es: 'Por el brazo: del centro de su pivote al centro del muñón.',
  },
  'Along the arm: middle of its pivot to where the coil presses.': {
    de: 'Am Arm entlang: Mitte des Drehpunkts bis dorthin, wo die Feder drückt.',
    es: 'Por el brazo: del centro de su pivote a donde aprieta el muelle.',
  },
  'How far the unit can be pressed together from full length.': {
    de: 'Wie weit sich das Federbein aus voller Länge zusammendrücken lässt.',
    es: 'Cuánto se comprime la unidad desde su largo total.',
  },
  'Ground to top with no load on it, or by its table.': {
    de: 'Boden bis oben ohne Last, oder nach seiner Tabelle.',
    es: 'Del suelo arriba sin carga, o por su tabla.',
  },
  'Ground to the middle of the hub with the load on it, at its pressure.': {
    de: 'Boden bis Nabenmitte mit der Last darauf, bei seinem Druck.',
    es: 'Del suelo al centro del buje con la carga, a su presión.',
  },
  'Across the sidewalls where they bulge, away from the ground.': {
    de: 'Über die Seitenwände, wo sie sich wölben, weg vom Boden.',
    es: 'De flanco a flanco donde abomban, lejos del suelo.',
  },
  'Stamped on the sidewall: the last number of its size.': {
    de: 'Auf die Seitenwand geprägt: die letzte Zahl seiner Größe.',
    es: 'Sellado en el flanco: el último número de su medida.',
  },
  'Across the bead seats, not over the lips; it is stamped on the wheel.': {
    de: 'Über die Wulstsitze, nicht über die Hörner; auf das Rad geprägt.',
    es: 'Entre asientos de talón, no sobre los bordes; va sellado en la rueda.',
  },
  'Thickness of the adapter between hub and wheel.': {
    de: 'Dicke des Adapters zwischen Nabe und Rad.',
    es: 'Grueso del adaptador entre buje y rueda.',
  },
  'Half of the wheel’s width less the distance from its inner edge to the face that sits on the hub: outward is more than nothing.':
    {
      de: 'Halbe Radbreite weniger der Abstand von seiner Innenkante zur Fläche, die an der Nabe anliegt: nach außen ist mehr als null.',
      es: 'La mitad del ancho de rueda menos la distancia de su borde interior a la cara que asienta en el buje: hacia fuera es más que cero.',
    },
  'Top of the rail to the underside of the fender above the tire.': {
    de: 'Oberkante des Längsträgers bis Unterseite des Kotflügels über dem Reifen.',
    es: 'De lo alto del larguero a la cara inferior del guardabarros sobre el neumático.',
  },
  'Outside of the bed to the outer edge of the fender.': {
    de: 'Außenseite der Fläche bis Außenkante des Kotflügels.',
    es: 'De fuera de la caja al borde exterior del guardabarros.',
  },
  'Underside of the fender’s top down to its outer edge.': {
    de: 'Unterseite der Kotflügeldecke hinab bis zur Außenkante.',
    es: 'De la cara inferior de lo alto del guardabarros a su borde exterior.',
  },
  'Middle of the ball’s seat in the coupler to the front face of the front header.': {
    de: 'Mitte des Kugelsitzes in der Kupplung bis Vorderseite des vorderen Stirnträgers.',
    es: 'Del centro del asiento de bola en el acoplamiento a la cara delantera del cabezal delantero.',
  },
  'Front face of the front header back to the tongue’s end under the frame.': {
    de: 'Vorderseite des vorderen Stirnträgers nach hinten bis zum Ende der Deichsel unter dem Rahmen.',
    es: 'De la cara delantera del cabezal delantero atrás al final de la lanza bajo el bastidor.',
  },
  'What is left on in front of the coupler’s place, to be cut when all is in place.': {
    de: 'Was vor dem Platz der Kupplung stehen bleibt, bis alles sitzt.',
    es: 'Lo que se deja delante del lugar del acoplamiento, para cortar al final.',
  },
  'Middle of the ball’s seat back to where the outer faces of both legs would meet.': {
    de: 'Mitte des Kugelsitzes nach hinten bis dorthin, wo sich die Außenseiten beider Schenkel träfen.',
    es: 'Del centro del asiento de bola atrás a donde se juntarían las caras exteriores de ambos brazos.',
  },
  'Middle of the ball’s seat back to the front end of the tube.': {
    de: 'Mitte des Kugelsitzes nach hinten bis zum vorderen Ende des Rohrs.',
    es: 'Del centro del asiento de bola atrás al extremo delantero del tubo.',
  },
  'How much higher the ball’s end lies than the tongue would straight out of the frame.': {
    de: 'Wie viel höher das Kugelende liegt, als die Deichsel gerade aus dem Rahmen läge.',
    es: 'Cuánto más alto queda el extremo de bola que la lanza recta desde el bastidor.',
  },
  'Front face of the front header forward to where the side tubes meet the middle one.': {
    de: 'Vorderseite des vorderen Stirnträgers nach vorn bis dorthin, wo die Seitenrohre das mittlere treffen.',
    es: 'De la cara delantera del cabezal delantero adelante a donde los tubos laterales tocan el central.',
  },
  'Along the trailer.': { de: 'Längs zum Anhänger.', es: 'A lo largo del remolque.' },
  'Across the trailer.': { de: 'Quer zum Anhänger.', es: 'De través al remolque.' },
  'Caliper on its edge.': { de: 'Messschieber an seiner Kante.', es: 'Calibre en su canto.' },
  'Front face of the front header forward to the middle between both pins.': {
    de: 'Vorderseite des vorderen Stirnträgers nach vorn bis mitten zwischen beide Bolzen.',
    es: 'De la cara delantera del cabezal delantero adelante al medio entre ambos pasadores.',
  },
  'Middle of one pin to the middle of the other.': {
    de: 'Mitte eines Bolzens bis Mitte des anderen.',
    es: 'Del centro de un pasador al del otro.',
  },
  'Across the cheek plate, upright.': {
    de: 'Quer über die Wange, senkrecht.',
    es: 'A través de la mejilla, en vertical.',
  },
  'Caliper on the cheek’s edge.': {
    de: 'Messschieber an der Kante der Wange.',
    es: 'Calibre en el canto de la mejilla.',
  },
  'Stamped on the coupler: the ball that it takes.': {
    de: 'Auf die Kupplung geprägt: die Kugel, die sie nimmt.',
    es: 'Sellado en el acoplamiento: la bola que toma.',
  },
  'Caliper across the ball; a worn one is flat on top and front.': {
    de: 'Messschieber über die Kugel; eine verschlissene ist oben und vorn flach.',
    es: 'Calibre en la bola; una gastada está plana arriba y delante.',
  },
  'Across the threads of the shank.': { de: 'Über die Gewindegänge des Schafts.', es: 'Sobre los hilos de la espiga.' },
  'Hole in the mount: no more than 1/16 in (1.5 mm) wider than the shank.': {
    de: 'Loch im Träger: höchstens 1/16 in (1,5 mm) weiter als der Schaft.',
    es: 'Agujero en el portabola: no más de 1/16 in (1,5 mm) mayor que la espiga.',
  },
  'Middle of the receiver’s tube down to where the ball stands; up is less than nothing.': {
    de: 'Mitte des Aufnahmerohrs hinab bis dorthin, wo die Kugel steht; nach oben ist weniger als null.',
    es: 'Del centro del tubo receptor abajo a donde apoya la bola; arriba es menos que cero.',
  },
  'Middle of the receiver’s pin back to the middle of the ball.': {
    de: 'Mitte des Aufnahmebolzens nach hinten bis Kugelmitte.',
    es: 'Del centro del pasador del receptor atrás al centro de la bola.',
  },
  'The reach that its maker rated it at: on its label or in its leaflet.': {
    de: 'Die Länge, bei der ihn der Hersteller eingestuft hat: auf dem Schild oder im Blatt.',
    es: 'El alcance al que lo clasificó su fabricante: en su etiqueta u hoja.',
  },
  'Across the bolt’s shank.': { de: 'Quer über den Schaft der Schraube.', es: 'A través de la caña del tornillo.' },
  'Middle of the ball’s seat back to the middle of the jack.': {
    de: 'Mitte des Kugelsitzes nach hinten bis Mitte des Stützfußes.',
    es: 'Del centro del asiento de bola atrás al centro de la pata.',
  },
  'Fully drawn in: what it is fastened on down to the foot’s underside.': {
    de: 'Ganz eingezogen: worauf er befestigt ist hinab bis zur Unterseite des Fußes.',
    es: 'Recogida del todo: de donde se fija a la cara inferior del pie.',
  },
  'Fully wound out: what it is fastened on down to the foot’s underside.': {
    de: 'Ganz ausgefahren: worauf er befestigt ist hinab bis zur Unterseite des Fußes.',
    es: 'Extendida del todo: de donde se fija a la cara inferior del pie.',
  },
  'From the tab to the inside of the hook, laid straight.': {
    de: 'Von der Lasche bis innen am Haken, gerade gelegt.',
    es: 'De la orejeta al interior del gancho, en recto.',
  },
  'Middle of the ball’s seat back to the chain’s tab.': {
    de: 'Mitte des Kugelsitzes nach hinten bis zur Lasche der Kette.',
    es: 'Del centro del asiento de bola atrás a la orejeta de la cadena.',
  },
  'Middle of the ball forward to where the hook hangs on the vehicle.': {
    de: 'Kugelmitte nach vorn bis dorthin, wo der Haken am Fahrzeug hängt.',
    es: 'Del centro de la bola adelante a donde cuelga el gancho en el vehículo.',
  },
  'From one tab to the other, across the tongue.': {
    de: 'Von einer Lasche zur anderen, quer über die Deichsel.',
    es: 'De una orejeta a la otra, a través de la lanza.',
  },
  'Caliper across the pin; at the thread’s root if it is threaded there.': {
    de: 'Messschieber quer am Bolzen; am Gewindegrund, wenn dort Gewinde ist.',
    es: 'Calibre en el pasador; en el fondo de rosca si lleva.',
  },
  'Middle of one plate to the middle of the other.': {
    de: 'Mitte eines Blechs bis Mitte des anderen.',
    es: 'Del centro de una chapa al de la otra.',
  },
  'Caliper on the plate.': { de: 'Messschieber am Blech.', es: 'Calibre en la chapa.' },
  'Middle of the hole to the nearest edge of the plate.': {
    de: 'Lochmitte bis zum nächsten Blechrand.',
    es: 'Del centro del agujero al borde más cercano de la chapa.',
  },
  'By a fillet gauge, the shorter leg.': {
    de: 'Mit einer Nahtlehre, der kürzere Schenkel.',
    es: 'Con galga de cordón, el cateto menor.',
  },
  'All of its fillets together, their ends not counted.': {
    de: 'Alle seine Kehlnähte zusammen, ihre Enden nicht gezählt.',
    es: 'Todos sus cordones juntos, sin contar extremos.',
  },
  'Along one leg of the triangle.': {
    de: 'An einem Schenkel des Dreiecks entlang.',
    es: 'A lo largo de un cateto del triángulo.',
  },
  'Along the trailer, as it stands on it.': {
    de: 'Längs zum Anhänger, wie es darauf steht.',
    es: 'A lo largo del remolque, tal como va.',
  },
  'Across the trailer, as it stands on it.': {
    de: 'Quer zum Anhänger, wie es darauf steht.',
    es: 'De través al remolque, tal como va.',
  },
  'To the middle of it, from the edge that is named.': {
    de: 'Bis zu seiner Mitte, von der genannten Kante.',
    es: 'Hasta su centro, desde el borde nombrado.',
  },
  'From the middle of the bed to the middle of it; to the left is less than nothing.': {
    de: 'Von der Mitte der Fläche bis zu seiner Mitte; nach links ist weniger als null.',
    es: 'Del centro de la caja a su centro; a la izquierda es menos que cero.',
  },
  'From what it stands on up to its underside.': {
    de: 'Von dem, worauf es steht, hinauf zur Unterseite.',
    es: 'De lo que apoya arriba a su cara inferior.',
  },
  'How far it can slide or roll before something stops it.': {
    de: 'Wie weit es rutschen oder rollen kann, bis etwas es hält.',
    es: 'Cuánto puede deslizar o rodar antes de que algo lo pare.',
  },
  'Middle of its front wheels to the middle of its rear ones.': {
    de: 'Mitte seiner Vorderräder bis Mitte seiner Hinterräder.',
    es: 'Del centro de sus ruedas delanteras al de las traseras.',
  },
  'Middle of its left wheels to the middle of its right ones.': {
    de: 'Mitte seiner linken bis Mitte seiner rechten Räder.',
    es: 'Del centro de sus ruedas izquierdas al de las derechas.',
  },
  'Front legs to rear legs, middle to middle.': {
    de: 'Vorderbeine bis Hinterbeine, Mitte zu Mitte.',
    es: 'De patas delanteras a traseras, de centro a centro.',
  },
  'Left legs to right legs, middle to middle.': {
    de: 'Linke bis rechte Beine, Mitte zu Mitte.',
    es: 'De patas izquierdas a derechas, de centro a centro.',
  },
  'From what they stand on to what they carry.': {
    de: 'Von dem, worauf sie stehen, bis zu dem, was sie tragen.',
    es: 'De lo que apoyan a lo que llevan.',
  },
  'From where it is shut to where it is pulled out to.': {
    de: 'Von dort, wo sie zu ist, bis dorthin, wo sie ausgezogen ist.',
    es: 'De donde está cerrado a donde está sacado.',
  },
  'Back from its usual place.': { de: 'Von seinem üblichen Platz nach hinten.', es: 'Atrás desde su lugar habitual.' },
  'To the right of its usual place.': {
    de: 'Von seinem üblichen Platz nach rechts.',
    es: 'A la derecha de su lugar habitual.',
  },
  'Above its usual place.': { de: 'Über seinem üblichen Platz.', es: 'Sobre su lugar habitual.' },
  'Level ground to the middle of the ball, nobody in the vehicle, as it is loaded on trips.': {
    de: 'Ebener Boden bis Kugelmitte, niemand im Fahrzeug, beladen wie auf Fahrten.',
    es: 'Del suelo llano al centro de la bola, nadie en el vehículo, cargado como en viaje.',
  },
  'Middle of the front wheels to the middle of the rear ones.': {
    de: 'Mitte der Vorderräder bis Mitte der Hinterräder.',
    es: 'Del centro de las ruedas delanteras al de las traseras.',
  },
  'Middle of the rear wheels back to the middle of the ball.': {
    de: 'Mitte der Hinterräder nach hinten bis Kugelmitte.',
    es: 'Del centro de las ruedas traseras atrás al centro de la bola.',
  },
  'Rearmost face of the vehicle back to the middle of the ball.': {
    de: 'Hinterste Fläche des Fahrzeugs nach hinten bis Kugelmitte.',
    es: 'De la cara más trasera del vehículo atrás al centro de la bola.',
  },
  'Level ground to the top of that face, where something may swing over it.': {
    de: 'Ebener Boden bis Oberkante dieser Fläche, wo etwas darüber schwenken kann.',
    es: 'Del suelo llano a lo alto de esa cara, por donde algo puede pasar encima.',
  },
  'That face back to the edge of the open tailgate.': {
    de: 'Diese Fläche nach hinten bis zur Kante der offenen Heckklappe.',
    es: 'De esa cara atrás al borde del portón abierto.',
  },
  'Level ground to the underside of the open tailgate.': {
    de: 'Ebener Boden bis Unterseite der offenen Heckklappe.',
    es: 'Del suelo llano a la cara inferior del portón abierto.',
  },
  'Over everything but the mirrors.': { de: 'Über alles außer den Spiegeln.', es: 'Sobre todo menos los espejos.' },
  'Between the posts of the narrowest gate, or what the law lets by.': {
    de: 'Zwischen den Pfosten des engsten Tors, oder was das Gesetz durchlässt.',
    es: 'Entre los postes de la puerta más estrecha, o lo que admita la ley.',
  },
  'What garage, yard or law lets by, the tongue counted.': {
    de: 'Was Garage, Hof oder Gesetz zulassen, mit Deichsel gezählt.',
    es: 'Lo que admitan garaje, patio o ley, contando la lanza.',
  },
  'Clear width of the lane or gate that it turns into.': {
    de: 'Lichte Breite des Wegs oder Tors, in das er einbiegt.',
    es: 'Ancho libre del paso o puerta al que gira.',
  },
  'Half of the circle that the ball runs in the tightest usual turn: from the circle’s middle.': {
    de: 'Halber Kreis, den die Kugel in der engsten üblichen Wende fährt: vom Kreismittelpunkt.',
    es: 'La mitad del círculo que hace la bola en el giro más cerrado: desde su centro.',
  },
  'Cut halfway through scrap and measure the slot.': {
    de: 'Ein Reststück halb einschneiden und den Schlitz messen.',
    es: 'Corte a medias un retal y mida la ranura.',
  },
  'What is cut off a stick’s end before the first piece.': {
    de: 'Was vom Ende einer Stange vor dem ersten Stück abgeht.',
    es: 'Lo que se corta del extremo antes de la primera pieza.',
  },
  'The shortest end that you would keep.': {
    de: 'Das kürzeste Ende, das Sie aufheben würden.',
    es: 'El extremo más corto que guardaría.',
  },
  'What is left on a piece to be ground off.': {
    de: 'Was an einem Stück zum Abschleifen bleibt.',
    es: 'Lo que se deja en una pieza para esmerilar.',
  },
  'End to end; yards’ sticks are often longer than they are called.': {
    de: 'Ende zu Ende; Stangen vom Händler sind oft länger, als sie heißen.',
    es: 'De punta a punta; las barras de almacén suelen ser más largas de lo que dicen.',
  },
} as const satisfies Phrasebook;
