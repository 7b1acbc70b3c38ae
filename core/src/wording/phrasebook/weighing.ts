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
