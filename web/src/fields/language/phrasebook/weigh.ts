import type { Phrasebook } from '@kereta/core';

export const weigh = {
  'Not connected.': { de: 'Nicht verbunden.', es: 'Sin conexión.' },
  'Connecting …': { de: 'Wird verbunden …', es: 'Conectando …' },
  'Connected.': { de: 'Verbunden.', es: 'Conectado.' },
  'The connection is lost; what was read last stays. It is tried again.': {
    de: 'Die Verbindung ist weg; was zuletzt gelesen wurde, bleibt. Es wird wieder versucht.',
    es: 'Se perdió la conexión; lo último leído queda. Se intenta de nuevo.',
  },
  'Read from a file.': { de: 'Aus einer Datei gelesen.', es: 'Leído de un archivo.' },
  'stands still': { de: 'steht still', es: 'quieto' },
  'still moving': { de: 'bewegt sich noch', es: 'aún se mueve' },
  'jumped {jumps}': { de: '{jumps} gesprungen', es: 'saltó {jumps}' },
  '{jumps} times': { de: '{jumps}-mal', es: '{jumps} veces' },
  'A scale that is read live': { de: 'Eine Waage, die laufend gelesen wird', es: 'Una báscula que se lee en vivo' },
  '{garbage} {garbage2} no reading and changed nothing.': {
    de: '{garbage} {garbage2} keine Ablesung und änderten nichts.',
    es: '{garbage} {garbage2} lectura y no cambió nada.',
  },
  'line was': { de: 'Zeile war', es: 'línea no era' },
  'lines were': { de: 'Zeilen waren', es: 'líneas no eran' },
  'Connect the stand-in': { de: 'Den Ersatz verbinden', es: 'Conectar el sustituto' },
  Disconnect: { de: 'Trennen', es: 'Desconectar' },
  'Open a file of readings': { de: 'Eine Datei mit Ablesungen öffnen', es: 'Abrir un archivo de lecturas' },
  'The stand-in’s scales stand empty: to read their zeros first': {
    de: 'Die Waagen des Ersatzes sind leer: um zuerst ihre Nullen zu lesen',
    es: 'Las básculas del sustituto están vacías: para leer antes sus ceros',
  },
  ', its zero of {zeros} taken off': {
    de: ', seine Null von {zeros} abgezogen',
    es: ', descontado su cero de {zeros}',
  },
  '{reading}: nothing is on it': { de: '{reading}: nichts ist darauf', es: '{reading}: nada encima' },
  Zero: { de: 'Null', es: 'Cero' },
  'Take {reading}': { de: '{reading} übernehmen', es: 'Tomar {reading}' },
  'The stand-in shows invented readings about this trailer’s own figures, to try the page with. A wrong zero is read with nothing on the scale and taken off.':
    {
      de: 'Der Ersatz zeigt erfundene Ablesungen um die Zahlen dieses Anhängers, um die Seite zu erproben. Eine falsche Null wird ohne Last gelesen und abgezogen.',
      es: 'El sustituto muestra lecturas inventadas en torno a las cifras de este remolque, para probar la página. Un cero falso se lee sin nada en la báscula y se descuenta.',
    },
  'give or take {x}': { de: 'mehr oder weniger {x}', es: 'más o menos {x}' },
  'thought: {mass}': { de: 'gedacht: {mass}', es: 'pensado: {mass}' },
  'On the ball: {value}': { de: 'Auf der Kugel: {value}', es: 'En la bola: {value}' },
  'Balance point above ground:': { de: 'Schwerpunkt über dem Boden:', es: 'Punto de equilibrio sobre el suelo:' },
  'thought:': { de: 'gedacht:', es: 'pensado:' },
  'Weighed before': { de: 'Früher gewogen', es: 'Pesado antes' },
  'balance point {raw} high': { de: 'Schwerpunkt {raw} hoch', es: 'punto de equilibrio a {raw}' },
  'Take back the weigh-in of {date}': { de: 'Die Wägung vom {date} zurücknehmen', es: 'Retirar el pesaje del {date}' },
  '{name} {fill} full': { de: '{name} {fill} voll', es: '{name} lleno al {fill}' },
  'Nothing aboard: the trailer alone.': {
    de: 'Nichts an Bord: der Anhänger allein.',
    es: 'Nada a bordo: el remolque solo.',
  },
  'Aboard: {names}.': { de: 'An Bord: {names}.', es: 'A bordo: {names}.' },
  '{name}, on the scale': { de: '{name}, auf der Waage', es: '{name}, en la báscula' },
  'What is aboard now': { de: 'Was jetzt an Bord ist', es: 'Qué va a bordo ahora' },
  'How it is weighed': { de: 'Wie gewogen wird', es: 'Cómo se pesa' },
  'These cannot be: read again.': { de: 'Das kann nicht sein: neu ablesen.', es: 'Esto no puede ser: lea de nuevo.' },
  'Keep this weigh-in': { de: 'Diese Wägung behalten', es: 'Guardar este pesaje' },
  'There is no load yet that is towed: put one on in What’s on it.': {
    de: 'Noch gibt es keine gezogene Beladung: eine unter „Was drauf kommt“ anlegen.',
    es: 'Aún no hay carga remolcada: ponga una en «Lo que lleva».',
  },
  '{awake}On rated stands and chocks before anybody reaches under it. Plate, ratings and law are not changed by what a scale says.':
    {
      de: '{awake}Auf geprüften Böcken und Keilen, bevor jemand darunter greift. Schild, Tragfähigkeiten und Gesetz ändern sich nicht durch das, was eine Waage sagt.',
      es: '{awake}Sobre caballetes homologados y calzos antes de meter nadie la mano debajo. Placa, capacidades y ley no cambian por lo que diga una báscula.',
    },
  'The screen stays on while this page is open.': {
    de: 'Der Bildschirm bleibt an, solange diese Seite offen ist.',
    es: 'La pantalla sigue encendida mientras esta página esté abierta.',
  },
} as const satisfies Phrasebook;
