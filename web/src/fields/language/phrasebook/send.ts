import type { Phrasebook } from '@kereta/core';

export const send = {
  'It is in the shed now.': { de: 'Er steht jetzt im Schuppen.', es: 'Ya está en el cobertizo.' },
  'This trailer is not in this browser: send the whole of it first.': {
    de: 'Dieser Anhänger ist nicht in diesem Browser: erst den ganzen senden.',
    es: 'Este remolque no está en este navegador: envíe antes el entero.',
  },
  'The trailer was changed just now in another tab: try again.': {
    de: 'Der Anhänger wurde eben in einem anderen Tab geändert: noch einmal.',
    es: 'El remolque se cambió ahora en otra pestaña: pruebe otra vez.',
  },
  'Nothing of it was new': { de: 'Nichts davon war neu', es: 'Nada de ello era nuevo' },
  '{taken} {taken2} taken in': { de: '{taken} {taken2} übernommen', es: '{taken} {taken2} tomadas' },
  entry: { de: 'Eintrag', es: 'entrada' },
  entries: { de: 'Einträge', es: 'entradas' },
  '{count} say something else here: what was here stays ({conflicts}).': {
    de: '{count} sagen hier etwas anderes: was hier stand, bleibt ({conflicts}).',
    es: '{count} dicen otra cosa aquí: queda lo que estaba ({conflicts}).',
  },
  '{kind} of {date}': { de: '{kind} vom {date}', es: '{kind} del {date}' },
  'This browser did not take it: it may be out of room. Nothing was changed.': {
    de: 'Dieser Browser hat es nicht angenommen: vielleicht ist kein Platz mehr. Nichts wurde geändert.',
    es: 'Este navegador no lo aceptó: quizá no quede sitio. Nada cambió.',
  },
  ': {kind}, {entries} {entries2} in its record.': {
    de: ': {kind}, {entries} {entries2} in seinem Buch.',
    es: ': {kind}, {entries} {entries2} en su registro.',
  },
  'the whole trailer': { de: 'der ganze Anhänger', es: 'el remolque entero' },
  'what was noted and read of it': { de: 'was davon notiert und abgelesen wurde', es: 'lo anotado y leído de él' },
  'Take it in': { de: 'Übernehmen', es: 'Tomarlo' },
  'Open it': { de: 'Öffnen', es: 'Abrirlo' },
  'From another browser': { de: 'Aus einem anderen Browser', es: 'De otro navegador' },
  'This address holds nothing that Kereta packed.': {
    de: 'Diese Adresse enthält nichts, was Kereta gepackt hat.',
    es: 'Esta dirección no lleva nada que Kereta empaquetara.',
  },
  'What came is not whole: scan its codes again, or send the file.': {
    de: 'Was kam, ist nicht ganz: die Codes neu scannen, oder die Datei senden.',
    es: 'Lo que llegó no está entero: escanee de nuevo sus códigos, o envíe el archivo.',
  },
  'Code {have} of {count} came in. Scan the others, in any order.': {
    de: 'Code {have} von {count} kam herein. Die anderen in beliebiger Folge scannen.',
    es: 'Entró el código {have} de {count}. Escanee los demás, en cualquier orden.',
  },
  'Code {at} of {count}': { de: 'Code {at} von {count}', es: 'Código {at} de {count}' },
  'Code {at} of {count}, in any order': {
    de: 'Code {at} von {count}, in beliebiger Folge',
    es: 'Código {at} de {count}, en cualquier orden',
  },
  'The same as a link': { de: 'Dasselbe als Verweis', es: 'Lo mismo como enlace' },
  'Too long for one link: scan all codes, or send the file.': {
    de: 'Zu lang für einen Verweis: alle Codes scannen, oder die Datei senden.',
    es: 'Demasiado largo para un enlace: escanee todos los códigos, o envíe el archivo.',
  },
  '{name}, to the phone and back': { de: '{name}, aufs Telefon und zurück', es: '{name}, al teléfono y de vuelta' },
  'As a file': { de: 'Als Datei', es: 'Como archivo' },
  'Only what was noted and read: the way back, where the trailer is there already': {
    de: 'Nur was notiert und abgelesen wurde: der Rückweg, wo der Anhänger schon da ist',
    es: 'Solo lo anotado y leído: el camino de vuelta, donde ya está el remolque',
  },
  'This address, {host}, is known to this machine alone: a phone cannot open these codes. Start with': {
    de: 'Diese Adresse, {host}, kennt nur dieser Rechner: ein Telefon kann diese Codes nicht öffnen. Starten mit',
    es: 'Esta dirección, {host}, solo la conoce esta máquina: un teléfono no puede abrir estos códigos. Inicie con',
  },
  'npm start -- --host': { de: 'npm start -- --host', es: 'npm start -- --host' },
  'and open Kereta here by the address that it then names; whoever is on that network can open it as well.': {
    de: 'und Kereta hier unter der Adresse öffnen, die es dann nennt; wer in diesem Netz ist, kann es auch öffnen.',
    es: 'y abra Kereta aquí con la dirección que nombre; quien esté en esa red también puede abrirlo.',
  },
  'The codes could not be drawn. Send the file.': {
    de: 'Die Codes ließen sich nicht zeichnen. Die Datei senden.',
    es: 'Los códigos no se pudieron dibujar. Envíe el archivo.',
  },
  'It would take {codes} codes, and nobody scans more than {most}. Send the file{recordOnly}.': {
    de: 'Es bräuchte {codes} Codes, und niemand scannt mehr als {most}. Die Datei senden{recordOnly}.',
    es: 'Harían falta {codes} códigos, y nadie escanea más de {most}. Envíe el archivo{recordOnly}.',
  },
  ', or only what was noted and read': {
    de: ', oder nur was notiert und abgelesen wurde',
    es: ', o solo lo anotado y leído',
  },
  'Photos do not travel in codes: they go with “Export all” in the shed.': {
    de: 'Fotos reisen nicht in Codes: sie gehen mit „Alle exportieren“ im Schuppen.',
    es: 'Las fotos no viajan en códigos: van con «Exportar todo» en el cobertizo.',
  },
} as const satisfies Phrasebook;
