import type { Phrasebook } from '@kereta/core';

export const stepsRig = {
  'Level road': { de: 'Ebene Straße', es: 'Camino llano' },
  'Dip of {degrees}°': { de: 'Senke von {degrees}°', es: 'Vaguada de {degrees}°' },
  'Crest of {degrees}°': { de: 'Kuppe von {degrees}°', es: 'Cresta de {degrees}°' },
  'Say how far the ball stands behind the vehicle’s rear axle to see the rig over a crest and through a dip.': {
    de: 'Angeben, wie weit die Kugel hinter der Hinterachse des Fahrzeugs steht, um den Zug über Kuppe und Senke zu sehen.',
    es: 'Diga cuánto queda la bola detrás del eje trasero del vehículo para ver el conjunto en una cresta y una vaguada.',
  },
  'Crest and dip': { de: 'Kuppe und Senke', es: 'Cresta y vaguada' },
  '{what}: the trailer tips by {pitch} against the vehicle': {
    de: '{what}: der Anhänger kippt um {pitch} gegen das Fahrzeug',
    es: '{what}: el remolque se inclina {pitch} respecto al vehículo',
  },
  'From the side over a break of the road: {id}': {
    de: 'Von der Seite über einen Knick der Straße: {id}',
    es: 'De lado sobre un quiebro del camino: {id}',
  },
  'Break of the road, crest to dip, degrees': {
    de: 'Knick der Straße, Kuppe bis Senke, Grad',
    es: 'Quiebro del camino, cresta a vaguada, grados',
  },
  'It lies here': { de: 'Er liegt hier', es: 'Está aquí' },
  'Where the break lies under the rig, front to rear, per cent': {
    de: 'Wo der Knick unter dem Zug liegt, vorn bis hinten, Prozent',
    es: 'Dónde está el quiebro bajo el conjunto, de delante a atrás, por ciento',
  },
  'Riding level {point} is nearest: {x} to {to}': {
    de: 'Waagrecht ist {point} am nächsten: {x} bis {to}',
    es: 'Nivelado lo más cercano es {point}: {x} a {to}',
  },
  'Somewhere over it {point} strikes {to}': {
    de: 'Irgendwo darüber stößt {point} an: {to}',
    es: 'En algún punto {point} golpea {to}',
  },
  'Nearest anywhere over it: {point}, {gap} to {to}': {
    de: 'Am nächsten irgendwo darüber: {point}, {gap} bis {to}',
    es: 'Lo más cercano en todo el paso: {point}, {gap} a {to}',
  },
  Turned: { de: 'Eingeschlagen', es: 'Girado' },
  'What is drawn': { de: 'Was gezeichnet ist', es: 'Qué se dibuja' },
  'Name the vehicle’s weight, wheelbase and ball to see how the rig behaves at speed.': {
    de: 'Gewicht, Radstand und Kugel des Fahrzeugs angeben, um zu sehen, wie der Zug sich bei Tempo benimmt.',
    es: 'Diga peso, batalla y bola del vehículo para ver cómo se porta el conjunto con velocidad.',
  },
  'No figure: the damping of sway could not be worked out in reasonable time.': {
    de: 'Keine Zahl: die Dämpfung des Schlingerns ließ sich nicht in vernünftiger Zeit rechnen.',
    es: 'Sin cifra: el amortiguamiento de la oscilación no se calculó en un tiempo razonable.',
  },
  'Working it out …': { de: 'Wird gerechnet …', es: 'Calculando …' },
  'at no speed in these sums': {
    de: 'bei keinem Tempo in dieser Rechnung',
    es: 'a ninguna velocidad en estas cuentas',
  },
  'at {speedMPerS}': { de: 'bei {speedMPerS}', es: 'a {speedMPerS}' },
  'After a flick of the wheel': { de: 'Nach einem Ruck am Lenkrad', es: 'Tras un golpe de volante' },
  'After a flick of the wheel: {name} at {speed} {unit}{current}': {
    de: 'Nach einem Ruck am Lenkrad: {name} bei {speed} {unit}{current}',
    es: 'Tras un golpe de volante: {name} a {speed} {unit}{current}',
  },
  '{name} at {speed} {unit} after a flick of the wheel: {verdict}': {
    de: '{name} bei {speed} {unit} nach einem Ruck am Lenkrad: {verdict}',
    es: '{name} a {speed} {unit} tras un golpe de volante: {verdict}',
  },
  'As tried: {triedTrail}': { de: 'Wie versucht: {triedTrail}', es: 'Como se probó: {triedTrail}' },
  'The same with what is tried: {triedTrail}': {
    de: 'Dasselbe mit dem Versuchten: {triedTrail}',
    es: 'Lo mismo con lo probado: {triedTrail}',
  },
  Pause: { de: 'Anhalten', es: 'Pausa' },
  Play: { de: 'Abspielen', es: 'Reproducir' },
  'A tenth on': { de: 'Ein Zehntel weiter', es: 'Un décimo más' },
  at: { de: 'bei', es: 'a' },
  '{index} s of {flick}: {verdict}': { de: '{index} s von {flick}: {verdict}', es: '{index} s de {flick}: {verdict}' },
  'Motion is off in this browser: step through it.': {
    de: 'Bewegung ist in diesem Browser aus: schrittweise ansehen.',
    es: 'El movimiento está desactivado en este navegador: véalo por pasos.',
  },
  'As it is, damping is gone {speedMPerS}; as tried {speedMPerS2}, with {tongueShare} on the tongue.': {
    de: 'So wie er ist, ist die Dämpfung weg {speedMPerS}; wie versucht {speedMPerS2}, mit {tongueShare} auf der Deichsel.',
    es: 'Tal como está, el amortiguamiento se acaba {speedMPerS}; como se probó {speedMPerS2}, con {tongueShare} en la lanza.',
  },
  'Back to as it is': { de: 'Zurück, wie er ist', es: 'Volver a como está' },
  'Try what helps: the trailer itself stays as it is.': {
    de: 'Versuchen, was hilft: der Anhänger selbst bleibt, wie er ist.',
    es: 'Pruebe lo que ayuda: el remolque queda como está.',
  },
  'Two rods on single tracks, small angles, even speed, no wind, no hills, no braking. It compares loads; it gives no leave to drive at any speed. A trailer that begins to swing is slowed gently, not steered.':
    {
      de: 'Zwei Stäbe auf einer Spur, kleine Winkel, gleichmäßiges Tempo, kein Wind, keine Hügel, kein Bremsen. Es vergleicht Beladungen; es erlaubt kein Tempo. Ein Anhänger, der zu schwingen beginnt, wird sanft verlangsamt, nicht gelenkt.',
      es: 'Dos barras sobre una vía, ángulos pequeños, velocidad constante, sin viento, cuestas ni frenada. Compara cargas; no autoriza ninguna velocidad. Un remolque que empieza a oscilar se frena suave, no se corrige con el volante.',
    },
  Turning: { de: 'Wenden', es: 'Giro' },
  'The trailer turned by {degrees} degrees against the vehicle': {
    de: 'Der Anhänger um {degrees} Grad gegen das Fahrzeug eingeschlagen',
    es: 'El remolque girado {degrees} grados respecto al vehículo',
  },
  'Turned, from above; the vehicle is an outline': {
    de: 'Eingeschlagen, von oben; das Fahrzeug ist ein Umriss',
    es: 'Girado, de arriba; el vehículo es un contorno',
  },
  'Turned by {degrees}°': { de: 'Um {degrees}° eingeschlagen', es: 'Girado {degrees}°' },
  'Angle between vehicle and trailer': {
    de: 'Winkel zwischen Fahrzeug und Anhänger',
    es: 'Ángulo entre vehículo y remolque',
  },
  'nothing is near': { de: 'nichts ist nahe', es: 'nada está cerca' },
  '■ {what} touches': { de: '■ {what} berührt', es: '■ {what} toca' },
  '{room} to {what}': { de: '{room} bis {what}', es: '{room} hasta {what}' },
  'Wanted without touching: {turn}. Dotted: the way of the bed’s front corners.': {
    de: 'Ohne Berührung gewünscht: {turn}. Punktiert: der Weg der vorderen Ecken der Fläche.',
    es: 'Se quiere sin tocar: {turn}. Punteado: el camino de las esquinas delanteras de la caja.',
  },
  'Load behind the axle': { de: 'Last hinter der Achse', es: 'Carga detrás del eje' },
  '{value} % lighter': { de: '{value} % leichter', es: '{value} % más ligera' },
  'Try what helps, without changing the trailer': {
    de: 'Versuchen, was hilft, ohne den Anhänger zu ändern',
    es: 'Pruebe lo que ayuda, sin cambiar el remolque',
  },
  'working it out': { de: 'wird gerechnet', es: 'calculando' },
  'it swings further than these sums hold': {
    de: 'es schwingt weiter, als diese Rechnung gilt',
    es: 'oscila más de lo que abarcan estas cuentas',
  },
  'the swing grows': { de: 'das Schwingen wächst', es: 'la oscilación crece' },
  'it settles': { de: 'es beruhigt sich', es: 'se calma' },
  'it swings on for long': { de: 'es schwingt lange weiter', es: 'oscila mucho tiempo' },
} as const satisfies Phrasebook;
