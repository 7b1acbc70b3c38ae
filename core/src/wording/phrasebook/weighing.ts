import type { Phrasebook } from '../phrases.js';

export const weighing = {
  'Tongue on a bathroom scale': { de: 'Deichsel auf einer Personenwaage', es: 'Lanza en báscula de baño' },
  'Tongue by a lever board': { de: 'Deichsel mit Hebelbrett', es: 'Lanza con tablón de palanca' },
  'Tongue on a tongue scale': { de: 'Deichsel auf einer Stützlastwaage', es: 'Lanza en báscula de lanza' },
  'Public scale, three readings': { de: 'Öffentliche Waage, drei Ablesungen', es: 'Báscula pública, tres lecturas' },
  'Wheels on pads, left and right': {
    de: 'Räder auf Platten, links und rechts',
    es: 'Ruedas en placas, izquierda y derecha',
  },
  'Balance point’s height by tilting': {
    de: 'Höhe des Schwerpunkts durch Kippen',
    es: 'Altura del equilibrio inclinando',
  },
  'Balance point’s height by raising one side': {
    de: 'Höhe des Schwerpunkts durch Anheben einer Seite',
    es: 'Altura del equilibrio levantando un lado',
  },
  'Level ground, wheels chocked, vehicle away. Coupler at towing height: a degree changes the tongue by about a hundredth.':
    {
      de: 'Ebener Boden, Räder verkeilt, Fahrzeug weg. Kupplung auf Fahrhöhe: ein Grad ändert die Stützlast um etwa ein Hundertstel.',
      es: 'Suelo nivelado, ruedas calzadas, vehículo fuera. Acoplamiento a la altura de remolque: un grado cambia el peso en la bola un uno por ciento.',
    },
  'A stand or a timber between scale and coupler; lower it slowly. Nothing of yours under the tongue.': {
    de: 'Ein Bock oder Kantholz zwischen Waage und Kupplung; langsam absenken. Nichts von Ihnen unter der Deichsel.',
    es: 'Un soporte o un taco entre báscula y acoplamiento; baje despacio. Nada suyo bajo la lanza.',
  },
  'Good to about a pound (half a kilogram), and only up to what is printed on it.': {
    de: 'Auf etwa ein Pfund (ein halbes Kilo) genau, und nur bis zu dem, was darauf steht.',
    es: 'Con una libra (medio kilo) de error, y solo hasta lo que lleva impreso.',
  },
  'A stiff timber, 4 x 4, over two pipes: one on a block, one on the scale. The jack’s foot stands between, near the block.':
    {
      de: 'Ein steifes Kantholz, 4 x 4, über zwei Rohren: eins auf einem Klotz, eins auf der Waage. Der Stützfuß steht dazwischen, nah am Klotz.',
      es: 'Un madero rígido, 4 x 4, sobre dos tubos: uno en un taco, otro en la báscula. La pata se apoya entre ambos, cerca del taco.',
    },
  'Keep it level; read the bare board first. Four times the arm is four times the load: good for heavy tongues, on blocks and a longer timber as well.':
    {
      de: 'Waagrecht halten; zuerst das Holz allein ablesen. Vierfacher Arm, vierfache Last: gut für schwere Deichseln, auf Klötzen und mit längerem Holz ebenso.',
      es: 'Manténgalo nivelado; lea primero el madero solo. Cuatro veces el brazo es cuatro veces la carga: va bien con lanzas pesadas, sobre tacos y con madero más largo también.',
    },
  'Measure both arms from the block’s pipe: an eighth of an inch on 12 in is one in a hundred.': {
    de: 'Beide Arme vom Rohr am Klotz messen: ein Achtel Zoll auf 12 in ist eins von hundert.',
    es: 'Mida los dos brazos desde el tubo del taco: un octavo de pulgada en 12 in es uno de cien.',
  },
  'Under the coupler at towing height, wheels chocked, vehicle away.': {
    de: 'Unter der Kupplung auf Fahrhöhe, Räder verkeilt, Fahrzeug weg.',
    es: 'Bajo el acoplamiento a la altura de remolque, ruedas calzadas, vehículo fuera.',
  },
  'Good to about two in a hundred; read it twice, lifting in between.': {
    de: 'Auf etwa zwei von hundert genau; zweimal ablesen, dazwischen anheben.',
    es: 'Con dos de cien de error; léalo dos veces, levantando entre ambas.',
  },
  'The vehicle alone; then both, hitched, with every wheel on it; then the trailer’s axles alone on it, still hitched and level.':
    {
      de: 'Das Fahrzeug allein; dann beide, angehängt, mit allen Rädern darauf; dann nur die Achsen des Anhängers, noch angehängt und waagrecht.',
      es: 'El vehículo solo; luego ambos, enganchados, con todas las ruedas encima; luego solo los ejes del remolque, aún enganchado y nivelado.',
    },
  'The same people and fuel in each. Good to 10 to 20 lb (5 to 10 kg) a reading.': {
    de: 'Bei allen dieselben Leute und derselbe Tank. Auf 10 bis 20 lb (5 bis 10 kg) je Ablesung genau.',
    es: 'La misma gente y combustible en cada una. Con 10 a 20 lb (5 a 10 kg) de error por lectura.',
  },
  'Each wheel on its own pad, pads and tongue at one height; stand-ins under the other wheels of a tandem.': {
    de: 'Jedes Rad auf seiner Platte, Platten und Deichsel auf einer Höhe; Unterlagen unter den anderen Rädern eines Tandems.',
    es: 'Cada rueda en su plataforma, plataformas y lanza a una altura; suplementos bajo las otras ruedas de un tándem.',
  },
  'Left and right within a twentieth of each other is good, a tenth the most.': {
    de: 'Links und rechts auf ein Zwanzigstel gleich ist gut, ein Zehntel das Äußerste.',
    es: 'Izquierda y derecha iguales a un veinteavo está bien, un décimo es lo máximo.',
  },
  'Springs blocked, wheels chocked so that they can still turn, everything tied down. Nobody beside or under it.': {
    de: 'Federn blockiert, Räder so verkeilt, dass sie noch drehen, alles festgezurrt. Niemand daneben oder darunter.',
    es: 'Ballestas bloqueadas, ruedas calzadas de modo que aún giren, todo amarrado. Nadie al lado ni debajo.',
  },
  'Read the tongue level, then with the nose as high as you can hold it on stands: 10 to 12 degrees at least.': {
    de: 'Die Stützlast waagrecht ablesen, dann mit der Nase so hoch, wie sie auf Böcken hält: mindestens 10 bis 12 Grad.',
    es: 'Lea la lanza a nivel, luego con el morro tan alto como pueda sostenerlo en soportes: 10 a 12 grados al menos.',
  },
  'A pound on the tongue of 2,000 lb is about 1/3 in (8 mm) of height: a fine scale, and a steep tilt.': {
    de: 'Ein Pfund an der Deichsel von 2.000 lb sind etwa 1/3 in (8 mm) Höhe: eine feine Waage und eine steile Neigung.',
    es: 'Una libra en la lanza de 2.000 lb es 1/3 in (8 mm) de altura: una báscula fina, y mucha inclinación.',
  },
  'Springs blocked, coupler free to roll on its wheel, a tether over the top to the other side.': {
    de: 'Federn blockiert, Kupplung frei auf ihrem Rad, ein Halteseil oben zur anderen Seite.',
    es: 'Ballestas bloqueadas, acoplamiento libre sobre su rueda, una amarra por arriba al otro lado.',
  },
  'Read the wheel level, then raised by blocks under its pad. A few degrees are enough; watch the other tire.': {
    de: 'Das Rad waagrecht ablesen, dann mit Klötzen unter seiner Platte gehoben. Wenige Grad genügen; auf den anderen Reifen achten.',
    es: 'Lea la rueda a nivel, luego alzada con tacos bajo su plataforma. Bastan unos grados; vigile el otro neumático.',
  },
  'Scale reads': { de: 'Waage zeigt', es: 'La báscula marca' },
  'Scale reads with nothing but stand or board on it': {
    de: 'Waage zeigt nur mit Ständer oder Brett',
    es: 'La báscula marca solo con soporte o tablón',
  },
  'Block’s pipe to the load': { de: 'Rohr am Block bis zur Last', es: 'Del tubo del bloque a la carga' },
  'Block’s pipe to the scale’s pipe': {
    de: 'Rohr am Block bis Rohr an der Waage',
    es: 'Del tubo del bloque al de la báscula',
  },
  'Vehicle alone': { de: 'Fahrzeug allein', es: 'Vehículo solo' },
  'Both, every wheel on it': { de: 'Beide, jedes Rad darauf', es: 'Ambos, con todas las ruedas' },
  'Trailer’s axles alone, hitched': {
    de: 'Achsen des Anhängers allein, angehängt',
    es: 'Ejes del remolque solos, enganchado',
  },
  'Left wheels': { de: 'Räder links', es: 'Ruedas izquierdas' },
  'Right wheels': { de: 'Räder rechts', es: 'Ruedas derechas' },
  'Tongue, if there is a pad for it': {
    de: 'Deichsel, wenn es eine Platte dafür gibt',
    es: 'Lanza, si hay placa para ella',
  },
  'Tongue, level': { de: 'Deichsel, waagrecht', es: 'Lanza, a nivel' },
  'Tongue, nose raised': { de: 'Deichsel, Nase angehoben', es: 'Lanza, morro levantado' },
  'All of the trailer': { de: 'Der ganze Anhänger', es: 'Todo el remolque' },
  'Coupler above ground, level': {
    de: 'Kupplung über dem Boden, waagrecht',
    es: 'Acoplamiento sobre el suelo, a nivel',
  },
  'Coupler above ground, raised': {
    de: 'Kupplung über dem Boden, angehoben',
    es: 'Acoplamiento sobre el suelo, levantado',
  },
  'Axle to coupler, along the level': {
    de: 'Achse bis Kupplung, in der Waagrechten',
    es: 'Del eje al acoplamiento, a nivel',
  },
  'Wheel’s middle above ground': { de: 'Radmitte über dem Boden', es: 'Centro de rueda sobre el suelo' },
  'That wheel, level': { de: 'Dieses Rad, waagrecht', es: 'Esa rueda, a nivel' },
  'That wheel, raised': { de: 'Dieses Rad, angehoben', es: 'Esa rueda, levantada' },
  'Both wheels of the axle together': { de: 'Beide Räder der Achse zusammen', es: 'Ambas ruedas del eje juntas' },
  'Track, tire’s middle to tire’s middle': {
    de: 'Spur, Reifenmitte zu Reifenmitte',
    es: 'Vía, de centro a centro de neumático',
  },
  'Wheel raised by': { de: 'Rad angehoben um', es: 'Rueda levantada' },
  'All of it': { de: 'Alles zusammen', es: 'Todo' },
  'Axle behind the front edge': { de: 'Achse hinter der Vorderkante', es: 'Eje detrás del borde delantero' },
  'Top of the rails above ground, loaded': {
    de: 'Oberkante der Längsträger über dem Boden, beladen',
    es: 'Cara superior de largueros sobre el suelo, cargado',
  },
  'Ball’s centre above ground, loaded and level': {
    de: 'Kugelmitte über dem Boden, beladen und waagrecht',
    es: 'Centro de bola sobre el suelo, cargado y a nivel',
  },
  'By all readings: {left}.': { de: 'Nach allen Ablesungen: {left}.', es: 'Por todas las lecturas: {left}.' },
  '{read}: this can hardly be. It is {by} {by2} than everything else lets it be; either it was misread, or something aboard is not in the list. It is kept, and not used.':
    {
      de: '{read}: das kann kaum sein. Es ist {by} {by2}, als alles andere zulässt; entweder falsch abgelesen, oder etwas an Bord steht nicht in der Liste. Es wird behalten und nicht verwendet.',
      es: '{read}: apenas puede ser. Es {by} {by2} de lo que admite todo lo demás; o se leyó mal, o algo a bordo no está en la lista. Se guarda, y no se usa.',
    },
  more: { de: 'mehr', es: 'más' },
  less: { de: 'weniger', es: 'menos' },
  '{read}, as thought: {expected}.{now}': {
    de: '{read}, wie gedacht: {expected}.{now}',
    es: '{read}, como se pensaba: {expected}.{now}',
  },
  '{read}, {by} {by2} than thought ({expected}).{now}': {
    de: '{read}, {by} {by2} als gedacht ({expected}).{now}',
    es: '{read}, {by} {by2} de lo pensado ({expected}).{now}',
  },
  '{ids} {count} in what was weighed: the scale knows only what they weigh together, and shares it by how sure each was. Weigh with one of them off to tell them apart.':
    {
      de: '{ids} {count} in dem, was gewogen wurde: die Waage weiß nur, was sie zusammen wiegen, und teilt es danach auf, wie genau jedes bekannt war. Mit einem davon ab wiegen, um sie zu trennen.',
      es: '{ids} {count} en lo pesado: la báscula solo sabe lo que pesan juntos, y lo reparte por lo cierto que era cada uno. Pese sin uno de ellos para separarlos.',
    },
  'stand at the same place': { de: 'stehen an derselben Stelle', es: 'están en el mismo lugar' },
  'are always weighed alike': { de: 'werden immer zusammen gewogen', es: 'se pesan siempre igual' },
  'as thought': { de: 'wie gedacht', es: 'como se pensaba' },
  'Left and right differ by {share}': {
    de: 'Links und rechts unterscheiden sich um {share}',
    es: 'Izquierda y derecha difieren {share}',
  },
  '{told}: even.': { de: '{told}: gleichmäßig.', es: '{told}: parejo.' },
  '{told}: it would do; better still, put something from the {heavy} to the other side.': {
    de: '{told}: es ginge; besser etwas von {heavy} auf die andere Seite.',
    es: '{told}: serviría; mejor aún, pase algo de la {heavy} al otro lado.',
  },
  '{told}: more than the {most} that are common practice at most. Put something from the {heavy} to the other side.': {
    de: '{told}: mehr als die {most}, die höchstens üblich sind. Etwas von {heavy} auf die andere Seite.',
    es: '{told}: más del {most} que es lo máximo habitual. Pase algo de la {heavy} al otro lado.',
  },
  '{tongue} of all of it, {whole}.': { de: '{tongue} von allem, {whole}.', es: '{tongue} de todo, {whole}.' },
} as const satisfies Phrasebook;
