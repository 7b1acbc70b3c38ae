import type { Phrasebook } from '@kereta/core';

export const steps = {
  '{bar}, section': { de: '{bar}, Profil', es: '{bar}, perfil' },
  '{bar} to {label}': { de: '{bar} auf {label}', es: '{bar} a {label}' },
  '{bar}, metal': { de: '{bar}, Metall', es: '{bar}, metal' },
  'metal of {bar}': { de: 'Metall: {bar}', es: 'metal de {bar}' },
  '{bar}, open side': { de: '{bar}, offene Seite', es: '{bar}, lado abierto' },
  'Towards the bed': { de: 'Zur Fläche hin', es: 'Hacia la caja' },
  'Away from the bed': { de: 'Von der Fläche weg', es: 'Hacia fuera' },
  'What meets an open side reaches in to the web': {
    de: 'Was auf eine offene Seite trifft, reicht bis zum Steg hinein',
    es: 'Lo que llega a un lado abierto entra hasta el alma',
  },
  'open side of {bar}': { de: 'offene Seite: {bar}', es: 'lado abierto de {bar}' },
  'Another one': { de: 'Etwas anderes', es: 'Otro' },
  'Not on the list': { de: 'Nicht in der Liste', es: 'Fuera de la lista' },
  '{what} that you read off it': { de: '{what}, was Sie davon ablesen', es: '{what} que lea en él' },
  'another one own': { de: 'anderes eigenes', es: 'otro propio' },
  'tube {tubeDiameter}, {studCircle}, {mass}': {
    de: 'Rohr {tubeDiameter}, {studCircle}, {mass}',
    es: 'tubo {tubeDiameter}, {studCircle}, {mass}',
  },
  'rating and sizes': { de: 'Tragfähigkeit und Maße', es: 'capacidad y medidas' },
  '{maxLoad} each': { de: '{maxLoad} je Stück', es: '{maxLoad} cada uno' },
  'On rims of {rim}': { de: 'Auf Felgen von {rim}', es: 'En llantas de {rim}' },
  '{maxLoad} each at {pressure}, {diameter} high, {assemblyMass} with its wheel': {
    de: '{maxLoad} je Stück bei {pressure}, {diameter} hoch, {assemblyMass} mit Rad',
    es: '{maxLoad} cada uno a {pressure}, {diameter} de alto, {assemblyMass} con su rueda',
  },
  'load and sizes': { de: 'Tragfähigkeit und Maße', es: 'carga y medidas' },
  'Slipper springs': { de: 'Gleitfedern', es: 'Ballestas deslizantes' },
  'Springs with two eyes': { de: 'Federn mit zwei Augen', es: 'Ballestas de dos ojos' },
  '{leaves} leaves {leafWidth} × {leafThickness}, arch {freeArch}': {
    de: '{leaves} Blätter {leafWidth} × {leafThickness}, Pfeil {freeArch}',
    es: '{leaves} hojas {leafWidth} × {leafThickness}, arco {freeArch}',
  },
  'ball {ballDiameter}': { de: 'Kugel {ballDiameter}', es: 'bola {ballDiameter}' },
  'None: pulled by hand': { de: 'Keine: von Hand gezogen', es: 'Ninguno: tirado a mano' },
  'no coupler, no jack': { de: 'keine Kupplung, kein Stützfuß', es: 'sin acoplamiento ni pata' },
  'none pulled by hand': { de: 'keine von Hand gezogen', es: 'ninguno tirado a mano' },
  '{name}, in {metal}': { de: '{name}, in {metal}', es: '{name}, en {metal}' },
  'what it is usually sold in': { de: 'worin es meist verkauft wird', es: 'en lo que suele venderse' },
  'usually sold in {name}': { de: 'meist verkauft in {name}', es: 'suele venderse en {name}' },
  'Your own figures': { de: 'Ihre eigenen Angaben', es: 'Sus propios datos' },
  'What it will carry, what tows it, where it must fit.': {
    de: 'Was er tragen soll, was ihn zieht, wo er hineinpassen muss.',
    es: 'Qué llevará, qué lo remolca, dónde debe caber.',
  },
  'How big, of what steel, how far apart.': {
    de: 'Wie groß, aus welchem Stahl, wie weit auseinander.',
    es: 'Qué tamaño, de qué acero, a qué distancia.',
  },
  'Everything aboard, and when.': { de: 'Alles an Bord, und wann.', es: 'Todo lo que lleva, y cuándo.' },
  'What it may carry, and where it sits.': {
    de: 'Was sie tragen darf, und wo sie sitzt.',
    es: 'Cuánto puede llevar, y dónde va.',
  },
  'What holds the trailer to the vehicle.': {
    de: 'Was den Anhänger am Fahrzeug hält.',
    es: 'Lo que une el remolque al vehículo.',
  },
  'Each member, under its own worst load.': {
    de: 'Jeder Stab unter seiner eigenen schlimmsten Last.',
    es: 'Cada barra, bajo su peor carga.',
  },
  'Nose light sways. Nose heavy overloads the hitch.': {
    de: 'Vorn zu leicht schlingert. Vorn zu schwer überlastet die Zugvorrichtung.',
    es: 'Ligero delante oscila. Pesado delante sobrecarga el enganche.',
  },
  'Turning, level, and how it behaves at speed.': {
    de: 'Wenden, Höhe, und wie er sich bei Tempo benimmt.',
    es: 'Giro, nivel, y cómo se porta con velocidad.',
  },
  'Every piece, and what to buy.': { de: 'Jedes Stück, und was zu kaufen ist.', es: 'Cada pieza, y qué comprar.' },
  'One task at a time, with this trailer’s own numbers.': {
    de: 'Eine Aufgabe nach der anderen, mit den Zahlen dieses Anhängers.',
    es: 'Una tarea cada vez, con las cifras de este remolque.',
  },
  'What the scale says, and what was learned.': {
    de: 'Was die Waage sagt, und was daraus gelernt wurde.',
    es: 'Lo que dice la báscula, y lo aprendido.',
  },
} as const satisfies Phrasebook;
