import type { Phrasebook } from '@kereta/core';

export const print = {
  'read it off and write it here: ________': {
    de: 'ablesen und hier eintragen: ________',
    es: 'léalo y escríbalo aquí: ________',
  },
  ', usual drum {brake}': { de: ', übliche Trommel {brake}', es: ', tambor usual {brake}' },
  'Built at home: by its spindles and hubs, each': {
    de: 'Selbst gebaut: nach Zapfen und Naben, je',
    es: 'Hecho en casa: por sus muñones y bujes, cada',
  },
  'Rating on the tag, each': { de: 'Tragfähigkeit auf dem Schild, je', es: 'Capacidad en la etiqueta, cada uno' },
  'Weakest of the assembly': { de: 'Schwächstes im Aggregat', es: 'Lo más débil del conjunto' },
  '{part}, {rating} an axle': { de: '{part}, {rating} je Achse', es: '{part}, {rating} por eje' },
  'Middle of the axle, back from the front edge': {
    de: 'Achsmitte, hinter der Vorderkante',
    es: 'Centro del eje, detrás del borde delantero',
  },
  'Between the axles': { de: 'Zwischen den Achsen', es: 'Entre los ejes' },
  'Hub face to hub face': { de: 'Nabenfläche zu Nabenfläche', es: 'De cara a cara de buje' },
  'Wheel middle to wheel middle': { de: 'Radmitte zu Radmitte', es: 'De centro a centro de rueda' },
  'Spring centre to spring centre, under the rails’ middles': {
    de: 'Federmitte zu Federmitte, unter den Mitten der Längsträger',
    es: 'De centro a centro de muelle, bajo el centro de los largueros',
  },
  'Spindles above the tube’s middle': { de: 'Zapfen über der Rohrmitte', es: 'Muñones sobre el centro del tubo' },
  'Stud circle of the hubs': { de: 'Lochkreis der Naben', es: 'Espárragos de los bujes' },
  'Stud circle of the wheels': { de: 'Lochkreis der Räder', es: 'Espárragos de las ruedas' },
  'Spindle, bearing seats (trade class)': {
    de: 'Zapfen, Lagersitze (Handelsklasse)',
    es: 'Muñón, asientos (clase de comercio)',
  },
  'fitted{drum}': { de: 'vorhanden{drum}', es: 'lleva{drum}' },
  'not decided': { de: 'nicht entschieden', es: 'sin decidir' },
  '{leaves} leaves {leafWidth} × {leafThickness}, {kind}, {seat} the axle': {
    de: '{leaves} Blätter {leafWidth} × {leafThickness}, {kind}, {seat} der Achse',
    es: '{leaves} hojas {leafWidth} × {leafThickness}, {kind}, {seat} del eje',
  },
  'two eyes': { de: 'zwei Augen', es: 'dos ojos' },
  'Eye to eye, unloaded': { de: 'Auge zu Auge, unbelastet', es: 'De ojo a ojo, sin carga' },
  'Eye to eye, loaded': { de: 'Auge zu Auge, belastet', es: 'De ojo a ojo, cargado' },
  'Bolt to bolt': { de: 'Bolzen zu Bolzen', es: 'De perno a perno' },
  'One spring may carry': { de: 'Eine Feder darf tragen', es: 'Una ballesta puede llevar' },
  'Arm, pivot to wheel': { de: 'Arm, Drehpunkt bis Rad', es: 'Brazo, de pivote a rueda' },
  'Unit, from the pivot': { de: 'Federbein, ab Drehpunkt', es: 'Unidad, desde el pivote' },
  'Unit’s travel': { de: 'Weg des Federbeins', es: 'Recorrido de la unidad' },
  Arm: { de: 'Arm', es: 'Brazo' },
  'Arm below level, unloaded': { de: 'Arm unter der Waagrechten, unbelastet', es: 'Brazo bajo el nivel, sin carga' },
  'Rate at each wheel': { de: 'Rate an jedem Rad', es: 'Rigidez en cada rueda' },
  'at {pressure}': { de: 'bei {pressure}', es: 'a {pressure}' },
  'Load on the sidewall, each': { de: 'Last auf der Seitenwand, je', es: 'Carga en el flanco, cada uno' },
  'Load stamped on the wheel, each': { de: 'Last auf das Rad geprägt, je', es: 'Carga sellada en la rueda, cada una' },
  'Top of the rails, loaded': { de: 'Oberkante der Längsträger, beladen', es: 'Cara superior de largueros, cargado' },
  'axle card': { de: 'Achskarte', es: 'ficha del eje' },
  'To order or to build the axle by': {
    de: 'Um die Achse danach zu bestellen oder zu bauen',
    es: 'Para pedir o hacer el eje según esto',
  },
  'Axle card: {name}': { de: 'Achskarte: {name}', es: 'Ficha del eje: {name}' },
  'What to order': { de: 'Was zu bestellen ist', es: 'Qué pedir' },
  'Hangers, back from the front edge, both rails alike': {
    de: 'Böcke, hinter der Vorderkante, beide Längsträger gleich',
    es: 'Soportes, detrás del borde delantero, ambos largueros igual',
  },
  Hangers: { de: 'Böcke', es: 'Soportes' },
  'Measure what came before you weld to this card. The tag on the axle, the sidewall and the stamp on the wheel govern. Springs under tension throw parts: take the load off first. Never weld on the axle tube’s middle, on spring steel or near a torsion axle’s rubber. Local law and a licensed engineer or inspector have the last word.':
    {
      de: 'Messen, was geliefert wurde, bevor nach dieser Karte geschweißt wird. Das Schild an der Achse, die Seitenwand und die Prägung am Rad gelten. Gespannte Federn schleudern Teile weg: erst entlasten. Nie in der Mitte des Achsrohrs, auf Federstahl oder nahe dem Gummi einer Gummifederachse schweißen. Örtliches Recht und ein zugelassener Ingenieur oder Prüfer haben das letzte Wort.',
      es: 'Mida lo que llegó antes de soldar según esta ficha. Mandan la etiqueta del eje, el flanco y el sello de la rueda. Las ballestas en tensión lanzan piezas: descárguelas antes. Nunca suelde en mitad del tubo del eje, en acero de muelle ni cerca de la goma de un eje de torsión. La ley local y un ingeniero o inspector habilitado tienen la última palabra.',
    },
  'book photos': { de: 'Buch Fotos', es: 'libro fotos' },
  '{name} book': { de: '{name} Buch', es: '{name} libro' },
  'The file could not be made. Load the page again; nothing was changed.': {
    de: 'Die Datei ließ sich nicht erstellen. Die Seite neu laden; nichts wurde geändert.',
    es: 'No se pudo hacer el archivo. Cargue la página de nuevo; nada cambió.',
  },
  'Sizes in {units}': { de: 'Maße in {units}', es: 'Medidas en {units}' },
  'The book of {name}': { de: 'Das Buch von {name}', es: 'El libro de {name}' },
  'The whole book, PDF': { de: 'Das ganze Buch, PDF', es: 'Todo el libro, PDF' },
  'with the drawings and {size} photos': {
    de: 'mit den Zeichnungen und {size} Fotos',
    es: 'con los planos y {size} fotos',
  },
  'What was checked stands here; nothing else was. Local law and a licensed engineer or inspector have the last word.':
    {
      de: 'Was geprüft wurde, steht hier; sonst nichts. Örtliches Recht und ein zugelassener Ingenieur oder Prüfer haben das letzte Wort.',
      es: 'Lo revisado está aquí; nada más. La ley local y un ingeniero o inspector habilitado tienen la última palabra.',
    },
  'cut list': { de: 'Schnittliste', es: 'lista de corte' },
  'Sizes in {units}, not to scale': { de: 'Maße in {units}, nicht maßstäblich', es: 'Medidas en {units}, sin escala' },
  'Cut list: {name}': { de: 'Schnittliste: {name}', es: 'Lista de corte: {name}' },
  'Metal to buy': { de: 'Metall zu kaufen', es: 'Metal por comprar' },
  '{pieces} pieces': { de: '{pieces} Stücke', es: '{pieces} piezas' },
  'Sizes beside cross-members run from the front edge to their middles. Angles are told both ways: off square, and as read from the stick’s own direction. Lengths are over the long points; saw kerf and trim come on top: the sticks above count them in. Check one piece before you cut its twins.':
    {
      de: 'Maße neben Querträgern laufen von der Vorderkante bis zu ihrer Mitte. Winkel sind doppelt angegeben: aus dem Rechten, und von der Richtung der Stange abgelesen. Längen gehen über die langen Spitzen; Sägespalt und Beschnitt kommen dazu: die Stangen oben zählen sie mit. Ein Stück prüfen, bevor seine Gleichen geschnitten werden.',
      es: 'Las medidas junto a travesaños van del borde delantero a su centro. Los ángulos se dan de dos modos: fuera de escuadra, y leídos desde la barra. Los largos son entre puntas largas; el corte de sierra y el despunte van aparte: las barras de arriba los cuentan. Revise una pieza antes de cortar sus iguales.',
    },
  'Changed since the last drawings': {
    de: 'Geändert seit den letzten Zeichnungen',
    es: 'Cambiado desde los últimos planos',
  },
  'These are the pieces of revision {revision}, handed out on {date}.': {
    de: 'Dies sind die Stücke der Revision {revision}, ausgegeben am {date}.',
    es: 'Estas son las piezas de la revisión {revision}, entregada el {date}.',
  },
  'Since revision {revision} of {date}:': {
    de: 'Seit Revision {revision} vom {date}:',
    es: 'Desde la revisión {revision} del {date}:',
  },
  '{name} {of} revision {number} {day}': {
    de: '{name} {of} Revision {number} {day}',
    es: '{name} {of} revisión {number} {day}',
  },
  'drawing {name}': { de: 'Zeichnung {name}', es: 'plano {name}' },
  PDF: { de: 'PDF', es: 'PDF' },
  'Templates 1:1, PDF': { de: 'Schablonen 1:1, PDF', es: 'Plantillas 1:1, PDF' },
  SVG: { de: 'SVG', es: 'SVG' },
  'DXF{count}': { de: 'DXF{count}', es: 'DXF{count}' },
  '{name}, sheet {name2}, scale {scaleText}': {
    de: '{name}, Blatt {name2}, Maßstab {scaleText}',
    es: '{name}, hoja {name2}, escala {scaleText}',
  },
  '{updatedAt}, revision {number}': { de: '{updatedAt}, Revision {number}', es: '{updatedAt}, revisión {number}' },
  'Drawings of {name}': { de: 'Zeichnungen von {name}', es: 'Planos de {name}' },
  Paper: { de: 'Papier', es: 'Papel' },
  'Scale {scaleText}. Print at 100 %, not fitted to the page; measure one size on paper before you rely on it.': {
    de: 'Maßstab {scaleText}. Mit 100 % drucken, nicht an die Seite angepasst; ein Maß auf dem Papier nachmessen, bevor Sie sich darauf verlassen.',
    es: 'Escala {scaleText}. Imprima al 100 %, sin ajustar a la página; mida una medida en el papel antes de fiarse.',
  },
  'the drawings can be saved here, but which revision it was is not kept': {
    de: 'die Zeichnungen lassen sich hier speichern, aber welche Revision es war, wird nicht behalten',
    es: 'los planos se pueden guardar aquí, pero no se conserva qué revisión era',
  },
  'which revision it was': { de: 'welche Revision es war', es: 'qué revisión era' },
  'Plan: {name}': { de: 'Plan: {name}', es: 'Plan: {name}' },
  Tasks: { de: 'Aufgaben', es: 'Tareas' },
  ', {people} people': { de: ', {people} Leute', es: ', {people} personas' },
  'Title block': { de: 'Schriftfeld', es: 'Cajetín' },
  'Job: {name}': { de: 'Auftrag: {name}', es: 'Trabajo: {name}' },
  'Sheet: {sheet}': { de: 'Blatt: {sheet}', es: 'Hoja: {sheet}' },
  STEP: { de: 'STEP', es: 'STEP' },
  STL: { de: 'STL', es: 'STL' },
  glTF: { de: 'glTF', es: 'glTF' },
  'the solid modeller was never fetched here, and there is no network. It is kept from the first time on.': {
    de: 'der Körpermodellierer wurde hier noch nie geholt, und es gibt kein Netz. Ab dem ersten Mal wird er behalten.',
    es: 'el modelador de sólidos nunca se trajo aquí, y no hay red. Se guarda desde la primera vez.',
  },
  'solid {done} of {of}': { de: 'Körper {done} von {of}', es: 'sólido {done} de {of}' },
  'the solid modeller is loaded': { de: 'der Körpermodellierer wird geladen', es: 'se carga el modelador de sólidos' },
  'The solids could not be made: {failed}': {
    de: 'Die Körper ließen sich nicht erstellen: {failed}',
    es: 'No se pudieron hacer los sólidos: {failed}',
  },
  'supported as it stands': { de: 'gelagert, wie er steht', es: 'apoyado como está' },
  'free: stated forces against the inertia of the masses': {
    de: 'frei: angegebene Kräfte gegen die Trägheit der Massen',
    es: 'libre: fuerzas dadas contra la inercia de las masas',
  },
  'usual allowable (yield ÷ 1.67, ADM for aluminum)': {
    de: 'übliches Erlaubtes (Fließgrenze ÷ 1,67, ADM für Aluminium)',
    es: 'lo admisible usual (límite elástico ÷ 1,67, ADM para aluminio)',
  },
  'no stress past yield': { de: 'keine Spannung über der Fließgrenze', es: 'ninguna tensión sobre el límite elástico' },
  'Floor jack, {replace} rail': { de: 'Wagenheber, {replace} Längsträger', es: 'Gato, larguero {replace}' },
  Inputs: { de: 'Eingaben', es: 'Datos' },
  '{id} by itself': { de: '{id} für sich', es: '{id} por sí solo' },
  'as its group': { de: 'wie seine Gruppe', es: 'como su grupo' },
  Bed: { de: 'Ladefläche', es: 'Caja' },
  '{length} long, {width} wide; ball {ballX} ahead of it': {
    de: '{length} lang, {width} breit; Kugel {ballX} davor',
    es: '{length} de largo, {width} de ancho; bola {ballX} delante',
  },
  'Gross on the plate': { de: 'Gesamtmasse auf dem Schild', es: 'Masa total en la placa' },
  missing: { de: 'fehlt', es: 'falta' },
  'Load: {name}': { de: 'Beladung: {name}', es: 'Carga: {name}' },
  '{mass} in all, {mode}': { de: '{mass} insgesamt, {mode}', es: '{mass} en total, {mode}' },
  Situations: { de: 'Lastfälle', es: 'Situaciones' },
  Situation: { de: 'Lastfall', es: 'Situación' },
  'Support and balance': { de: 'Lagerung und Gleichgewicht', es: 'Apoyo y equilibrio' },
  'Held to': { de: 'Gehalten an', es: 'Limitado a' },
  Source: { de: 'Quelle', es: 'Fuente' },
  'switched off: not looked at': { de: 'ausgeschaltet: nicht angesehen', es: 'desactivado: no se miró' },
  'bare frame on its corners': { de: 'nackter Rahmen auf seinen Ecken', es: 'bastidor desnudo sobre sus esquinas' },
  'no load goes through it': { de: 'keine Beladung geht hindurch', es: 'ninguna carga pasa por ello' },
  'Reactions and equilibrium': { de: 'Auflagerkräfte und Gleichgewicht', es: 'Reacciones y equilibrio' },
  'Put on, up and down': { de: 'Aufgebracht, auf und ab', es: 'Aplicado, vertical' },
  'The ground gives (along / across / up)': {
    de: 'Der Boden gibt (längs / quer / auf)',
    es: 'El suelo da (a lo largo / de través / arriba)',
  },
  'Left over of the sums': { de: 'Rest der Summen', es: 'Resto de las sumas' },
  'nothing: the forces balance each other': {
    de: 'nichts: die Kräfte heben sich auf',
    es: 'nada: las fuerzas se equilibran',
  },
  'Figures in {units}': { de: 'Zahlen in {units}', es: 'Cifras en {units}' },
  'lb, lbf and inches': { de: 'lb, lbf und Zoll', es: 'lb, lbf y pulgadas' },
  'kg, N and mm': { de: 'kg, N und mm', es: 'kg, N y mm' },
  'Strength: {name}': { de: 'Festigkeit: {name}', es: 'Resistencia: {name}' },
  'A calculation sheet for a trailer that people build themselves. It says what was checked, against what, and what was not. It approves nothing: show it to a licensed engineer or inspector, and keep to local law. Overload, couplings, chains, brakes and aluminum beside welds are where trailers hurt people.':
    {
      de: 'Ein Rechenblatt für einen Anhänger, den Menschen selbst bauen. Es sagt, was geprüft wurde, woran, und was nicht. Es genehmigt nichts: einem zugelassenen Ingenieur oder Prüfer zeigen, und sich an örtliches Recht halten. Überlast, Kupplungen, Ketten, Bremsen und Aluminium neben Nähten sind, wo Anhänger Menschen verletzen.',
      es: 'Una hoja de cálculo de un remolque que la gente hace por sí misma. Dice qué se revisó, contra qué, y qué no. No aprueba nada: muéstrela a un ingeniero o inspector habilitado, y cumpla la ley local. Sobrecarga, acoplamientos, cadenas, frenos y aluminio junto a soldaduras es donde los remolques hieren.',
    },
  'Analysing the frame …': { de: 'Rahmen wird gerechnet …', es: 'Calculando el bastidor …' },
  'What it is made of, and what it carries': {
    de: 'Woraus er ist, und was er trägt',
    es: 'De qué está hecho, y qué lleva',
  },
  'What it is put through': { de: 'Was ihm zugemutet wird', es: 'A qué se somete' },
  'What was found, with its working': {
    de: 'Was gefunden wurde, mit seinem Rechenweg',
    es: 'Qué se halló, con su cálculo',
  },
  '{case}, the heaviest load. In free situations the supports must give no more than the standing load; left over of all sums in all {runs} runs at most':
    {
      de: '{case}, die schwerste Beladung. In freien Lastfällen dürfen die Lager nicht mehr geben als die stehende Last; Rest aller Summen in allen {runs} Läufen höchstens',
      es: '{case}, la carga mayor. En situaciones libres los apoyos no deben dar más que la carga parada; resto de todas las sumas en los {runs} cálculos a lo sumo',
    },
  'of the forces. Condition of the stiffness matrix {x}.': {
    de: 'der Kräfte. Kondition der Steifigkeitsmatrix {x}.',
    es: 'de las fuerzas. Condición de la matriz de rigidez {x}.',
  },
  Assumptions: { de: 'Annahmen', es: 'Supuestos' },
  'Linear and elastic; bars straight, joined at their middles, arms to their faces rigid.': {
    de: 'Linear und elastisch; Stäbe gerade, in ihren Mitten verbunden, Arme zu ihren Flächen starr.',
    es: 'Lineal y elástico; barras rectas, unidas por su centro, brazos a sus caras rígidos.',
  },
  'Deck, boards, side rails and loads weigh but do not stiffen. Loads bear on the bars beneath them as a stiff plate does.':
    {
      de: 'Boden, Bordwände, Geländer und Lasten wiegen, aber versteifen nicht. Lasten liegen auf den Stäben darunter wie eine steife Platte.',
      es: 'Piso, tablas, barandillas y cargas pesan pero no rigidizan. Las cargas apoyan en las barras de debajo como una placa rígida.',
    },
  'Leaf spring: a rocker on the axle, its fixed eye leads it along and across. Equaliser: both springs share by its arms. Torsion axle: the bracket gets the wheel’s force and its moment along the trailer.':
    {
      de: 'Blattfeder: eine Wippe auf der Achse, ihr festes Auge führt sie längs und quer. Ausgleichshebel: beide Federn teilen nach seinen Armen. Gummifederachse: die Konsole bekommt die Kraft des Rades und ihr Moment längs zum Anhänger.',
      es: 'Ballesta: un balancín sobre el eje, su ojo fijo la guía a lo largo y de través. Balancín: ambas ballestas reparten según sus brazos. Eje de torsión: la ménsula recibe la fuerza de la rueda y su momento a lo largo del remolque.',
    },
  'Ball at the height of the tongue’s middle; hangers {x} deep and long, where nothing else is known.': {
    de: 'Kugel auf Höhe der Deichselmitte; Federböcke {x} hoch und lang, wo nichts anderes bekannt ist.',
    es: 'Bola a la altura del centro de la lanza; soportes de {x} de alto y largo, si no se sabe otra cosa.',
  },
  'Welds all round each bar’s end, legs as stated; angles and channels about their faces.': {
    de: 'Nähte rund um jedes Stabende, Schenkel wie angegeben; Winkel und U-Profile an ihren Flächen.',
    es: 'Soldaduras alrededor de cada extremo, catetos como se dice; ángulos y perfiles en U por sus caras.',
  },
  'What was checked stands above; nothing else was. Grind zinc off before welding: its fumes make ill.': {
    de: 'Was geprüft wurde, steht oben; sonst nichts. Vor dem Schweißen Zink abschleifen: sein Rauch macht krank.',
    es: 'Lo revisado está arriba; nada más. Quite el zinc antes de soldar: su humo enferma.',
  },
  'Ball seated, latch closed and pinned: lift the vehicle’s rear an inch with the jack to try it.': {
    de: 'Kugel sitzt, Verriegelung zu und gesteckt: zur Probe das Fahrzeugheck mit dem Stützfuß einen Zoll anheben.',
    es: 'Bola asentada, cierre cerrado y con pasador: levante la trasera del vehículo una pulgada con la pata para probarlo.',
  },
  'Chains crossed under the coupler, hooks closed, clear of the road in a full turn.': {
    de: 'Ketten unter der Kupplung gekreuzt, Haken zu, bei vollem Einschlag frei von der Straße.',
    es: 'Cadenas cruzadas bajo el acoplamiento, ganchos cerrados, libres del suelo en giro completo.',
  },
  'Chain under the coupler, hook closed, clear of the road in a full turn.': {
    de: 'Kette unter der Kupplung, Haken zu, bei vollem Einschlag frei von der Straße.',
    es: 'Cadena bajo el acoplamiento, gancho cerrado, libre del suelo en giro completo.',
  },
  'Breakaway cable on the vehicle, not on its ball nor with the chains; pulled once to try it, and put back.': {
    de: 'Abreißseil am Fahrzeug, nicht an der Kugel noch bei den Ketten; einmal zur Probe gezogen und zurückgesteckt.',
    es: 'Cable de rotura en el vehículo, no en su bola ni con las cadenas; tirado una vez para probarlo, y repuesto.',
  },
  'Plug in: tail, brake, left, right, plate; ask somebody to look.': {
    de: 'Stecker drin: Schluss, Bremse, links, rechts, Kennzeichen; jemanden schauen lassen.',
    es: 'Enchufe puesto: posición, freno, izquierda, derecha, matrícula; pida a alguien que mire.',
  },
  'Jack up and locked, wheel chocks away, stands away.': {
    de: 'Stützfuß hoch und verriegelt, Keile weg, Stützen weg.',
    es: 'Pata arriba y trabada, calzos fuera, apoyos fuera.',
  },
  'Tires cold at the sidewall’s pressure; wheel nuts at their torque, again after 10, 25 and 50 miles (15, 40, 80 km).':
    {
      de: 'Reifen kalt mit dem Druck der Seitenwand; Radmuttern auf Drehmoment, wieder nach 10, 25 und 50 Meilen (15, 40, 80 km).',
      es: 'Neumáticos fríos a la presión del flanco; tuercas a su par, otra vez a las 10, 25 y 50 millas (15, 40, 80 km).',
    },
  'Load as one of the cases above, tied, nothing loose; doors, gate and boxes shut.': {
    de: 'Beladen wie eine der Beladungen oben, verzurrt, nichts lose; Türen, Klappe und Kästen zu.',
    es: 'Cargado como uno de los casos de arriba, atado, nada suelto; puertas, portón y cajones cerrados.',
  },
  'Level: measure the frame’s height in front and behind on flat ground.': {
    de: 'Waagrecht: Höhe des Rahmens vorn und hinten auf ebenem Boden messen.',
    es: 'Nivel: mida la altura del bastidor delante y detrás en suelo llano.',
  },
  'Brakes: let them bite once at walking pace, trailer’s own first if you can.': {
    de: 'Bremsen: einmal im Schritttempo greifen lassen, wenn möglich die eigenen des Anhängers zuerst.',
    es: 'Frenos: déjelos morder una vez al paso, primero los del remolque si puede.',
  },
  'After the first miles: hubs by hand for heat, coupler, chains, load, nuts.': {
    de: 'Nach den ersten Meilen: Naben mit der Hand auf Hitze, Kupplung, Ketten, Ladung, Muttern.',
    es: 'Tras las primeras millas: bujes con la mano por si calientan, acoplamiento, cadenas, carga, tuercas.',
  },
  'Every towed load': { de: 'Jede gezogene Beladung', es: 'Cada carga remolcada' },
  'On the ball': { de: 'Auf der Kugel', es: 'En la bola' },
  'Ball, level': { de: 'Kugel, waagrecht', es: 'Bola, a nivel' },
  Nose: { de: 'Nase', es: 'Morro' },
  'Damping gone*': { de: 'Dämpfung weg*', es: 'Amortiguamiento acabado*' },
  'vehicle?': { de: 'Fahrzeug?', es: '¿vehículo?' },
  'Before you tow: {name}': { de: 'Vor der Fahrt: {name}', es: 'Antes de remolcar: {name}' },
  'Behind {trim}. The trailer may weigh': {
    de: 'Hinter {trim}. Der Anhänger darf wiegen',
    es: 'Detrás de {trim}. El remolque puede pesar',
  },
  'a vehicle that is not named yet': { de: 'einem noch nicht genannten Fahrzeug', es: 'un vehículo aún sin nombrar' },
  ', with up to {tongue} on the ball': {
    de: ', mit bis zu {tongue} auf der Kugel',
    es: ', con hasta {tongue} en la bola',
  },
  '* In a simple sum that compares loads: real rigs lose their damping sooner, and no figure here gives leave to drive at any speed. The law, the tires’ own speed mark (65 mph or 105 km/h for trailer tires that carry none, common practice) and the road set the speed; a trailer that begins to swing is slowed gently, not steered.':
    {
      de: '* In einer einfachen Rechnung, die Beladungen vergleicht: wirkliche Züge verlieren ihre Dämpfung früher, und keine Zahl hier erlaubt ein Tempo. Das Gesetz, das Tempozeichen der Reifen (65 mph oder 105 km/h für Anhängerreifen ohne Angabe, übliche Praxis) und die Straße setzen das Tempo; ein Anhänger, der zu schwingen beginnt, wird sanft verlangsamt, nicht gelenkt.',
      es: '* En una cuenta sencilla que compara cargas: los conjuntos reales pierden antes su amortiguamiento, y ninguna cifra aquí autoriza una velocidad. La ponen la ley, la marca de velocidad de los neumáticos (65 mph o 105 km/h para los de remolque sin marca, práctica habitual) y el camino; un remolque que empieza a oscilar se frena suave, no se corrige con el volante.',
    },
  'Before the first tow, and every one after': {
    de: 'Vor der ersten Fahrt, und vor jeder danach',
    es: 'Antes del primer viaje, y de cada uno después',
  },
  'What was checked, and what was not': { de: 'Was geprüft wurde, und was nicht', es: 'Qué se revisó, y qué no' },
  'Checked on paper, from sizes and weights that were typed in; weld quality, wear and rust were not. Weigh tongue and axle before the first long way. Local law and a licensed inspector or engineer have the last word.':
    {
      de: 'Auf dem Papier geprüft, nach eingetippten Maßen und Gewichten; Güte der Nähte, Verschleiß und Rost nicht. Deichsel und Achse vor dem ersten langen Weg wiegen. Örtliches Recht und ein zugelassener Prüfer oder Ingenieur haben das letzte Wort.',
      es: 'Revisado sobre el papel, con medidas y pesos escritos; calidad de soldaduras, desgaste y óxido no. Pese lanza y eje antes del primer viaje largo. La ley local y un inspector o ingeniero habilitado tienen la última palabra.',
    },
  pieces: { de: 'Stücke', es: 'piezas' },
  Mark: { de: 'Marke', es: 'Marca' },
  Piece: { de: 'Stück', es: 'Pieza' },
  Qty: { de: 'Anz.', es: 'Cant.' },
  'Long points': { de: 'Lange Spitzen', es: 'Puntas largas' },
  'Along a face': { de: 'Längs einer Seite', es: 'Por una cara' },
  Ends: { de: 'Enden', es: 'Extremos' },
  Each: { de: 'Je', es: 'Cada una' },
  'plate {thickness}': { de: 'Blech {thickness}', es: 'chapa {thickness}' },
  'right triangle': { de: 'rechtwinkliges Dreieck', es: 'triángulo recto' },
  rectangle: { de: 'Rechteck', es: 'rectángulo' },
  sticks: { de: 'Stangen', es: 'barras' },
  'Pieces from its end': { de: 'Stücke ab ihrem Ende', es: 'Piezas desde su extremo' },
  'Left over': { de: 'Übrig', es: 'Sobra' },
  'sizes in feet and inches': { de: 'Maße in Fuß und Zoll', es: 'medidas en pies y pulgadas' },
  'sizes in mm': { de: 'Maße in mm', es: 'medidas en mm' },
  '{imperial} on paper: measure it first': {
    de: '{imperial} auf dem Papier: erst nachmessen',
    es: '{imperial} en el papel: mídalo antes',
  },
  '4 in': { de: '4 in', es: '4 in' },
  '100 mm': { de: '100 mm', es: '100 mm' },
  '{job}, drawings': { de: '{job}, Zeichnungen', es: '{job}, planos' },
  '{job} · sheet {page} of {pages} · {units} · {date}': {
    de: '{job} · Blatt {page} von {pages} · {units} · {date}',
    es: '{job} · hoja {page} de {pages} · {units} · {date}',
  },
  'wrap it round the tube, the straight edge square to it; cut away what is beyond the curve': {
    de: 'um das Rohr wickeln, die gerade Kante rechtwinklig dazu; wegschneiden, was jenseits der Kurve liegt',
    es: 'enróllela en el tubo, el borde recto a escuadra; corte lo que pasa de la curva',
  },
  'fold it at the dashed lines round the bar, the straight edge square to it; turn it over for the other hand': {
    de: 'an den gestrichelten Linien um den Stab falten, die gerade Kante rechtwinklig dazu; für die andere Hand umdrehen',
    es: 'dóblela por las líneas de trazos en la barra, el borde recto a escuadra; déle la vuelta para la otra mano',
  },
  'fold it round the bar, the straight edge square to it; cut away what is beyond the curve': {
    de: 'um den Stab falten, die gerade Kante rechtwinklig dazu; wegschneiden, was jenseits der Kurve liegt',
    es: 'dóblela en la barra, el borde recto a escuadra; corte lo que pasa de la curva',
  },
  'lay it on the side of the bar, its long edge on the end; cut away what it does not cover': {
    de: 'auf die Seite des Stabes legen, die lange Kante am Ende; wegschneiden, was sie nicht deckt',
    es: 'póngala en el lado de la barra, su borde largo en el extremo; corte lo que no cubre',
  },
  'lay it on': { de: 'darauflegen', es: 'póngala encima' },
  'lay it on the bar, its short edge where it says': {
    de: 'auf den Stab legen, die kurze Kante wo angegeben',
    es: 'póngala en la barra, su lado corto donde dice',
  },
  '{job}, templates 1:1': { de: '{job}, Schablonen 1:1', es: '{job}, plantillas 1:1' },
  ', page {row} of {count}': { de: ', Seite {row} von {count}', es: ', página {row} de {count}' },
  'off square': { de: 'aus dem Winkel', es: 'fuera de escuadra' },
  'between the bars': { de: 'zwischen den Stäben', es: 'entre las barras' },
  ', {from} from the front, left or ball end': {
    de: ', {from} vom vorderen, linken oder Kugelende',
    es: ', {from} desde el extremo delantero, izquierdo o de bola',
  },
  '{job} · {date} · print at 100 %': {
    de: '{job} · {date} · mit 100 % drucken',
    es: '{job} · {date} · imprimir al 100 %',
  },
} as const satisfies Phrasebook;
