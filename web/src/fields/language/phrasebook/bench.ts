import type { Phrasebook } from '@kereta/core';

export const bench = {
  'What “{label}” changed: {count}': {
    de: 'Was „{label}“ geändert hat: {count}',
    es: 'Lo que cambió «{label}»: {count}',
  },
  'Was {verdict}': { de: 'War {verdict}', es: 'Era {verdict}' },
  'This trailer is open in another tab, which writes it: {onlyLooked}.': {
    de: 'Dieser Anhänger ist in einem anderen Tab offen, der ihn schreibt: {onlyLooked}.',
    es: 'Este remolque está abierto en otra pestaña, que lo escribe: {onlyLooked}.',
  },
  'Not saved: this browser did not take {unsaved}{saveState}.': {
    de: 'Nicht gesichert: dieser Browser hat nicht angenommen: {unsaved}{saveState}.',
    es: 'Sin guardar: este navegador no aceptó {unsaved}{saveState}.',
  },
  ', it may be out of room': { de: ', vielleicht ist kein Platz mehr', es: ', quizá no quede sitio' },
  ', the trailer was changed in another tab': {
    de: ', der Anhänger wurde in einem anderen Tab geändert',
    es: ', el remolque se cambió en otra pestaña',
  },
  'This trailer cannot be opened': {
    de: 'Dieser Anhänger lässt sich nicht öffnen',
    es: 'Este remolque no se puede abrir',
  },
  'Save a raw copy': { de: 'Eine Rohkopie sichern', es: 'Guardar una copia cruda' },
  'This browser did not hand the trailer out': {
    de: 'Dieser Browser hat den Anhänger nicht herausgegeben',
    es: 'Este navegador no entregó el remolque',
  },
  'Its storage gave no answer. Load the page again; nothing was changed.': {
    de: 'Sein Speicher gab keine Antwort. Die Seite neu laden; nichts wurde geändert.',
    es: 'Su almacenamiento no respondió. Cargue la página de nuevo; nada cambió.',
  },
  'This trailer is not in this browser': {
    de: 'Dieser Anhänger ist nicht in diesem Browser',
    es: 'Este remolque no está en este navegador',
  },
  'It may have been deleted, or made in another browser. A trailer travels as an exported file.': {
    de: 'Er wurde vielleicht gelöscht oder in einem anderen Browser gemacht. Ein Anhänger reist als exportierte Datei.',
    es: 'Quizá se borró, o se hizo en otro navegador. Un remolque viaja como archivo exportado.',
  },
  'bends {most} at most; drawn {x} times larger': {
    de: 'biegt sich höchstens {most}; {x}-mal größer gezeichnet',
    es: 'flecta {most} como mucho; dibujado {x} veces mayor',
  },
  ', before the last change': { de: ', vor der letzten Änderung', es: ', antes del último cambio' },
  ', by hand': { de: ', von Hand', es: ', a mano' },
  'was {say}': { de: 'war {say}', es: 'era {say}' },
  '{picked} picked{picked2}': { de: '{picked} gewählt{picked2}', es: '{picked}: elegido{picked2}' },
  ', at {say}': { de: ', bei {say}', es: ', a {say}' },
  'From above, shaded by work{opinion}: {situation}{work}': {
    de: 'Von oben, nach Auslastung getönt{opinion}: {situation}{work}',
    es: 'De arriba, sombreado por trabajo{opinion}: {situation}{work}',
  },
  'each at its worst': { de: 'jeder an seiner härtesten Stelle', es: 'cada una en lo peor' },
  'From the side{case}': { de: 'Von der Seite{case}', es: 'De lado{case}' },
  'Drawing of {name}. Keys: [ and ] pick a part, arrows move it, Enter opens its sizes.': {
    de: 'Zeichnung von {name}. Tasten: [ und ] wählen ein Teil, Pfeile bewegen es, Enter öffnet seine Maße.',
    es: 'Dibujo de {name}. Teclas: [ y ] eligen pieza, las flechas la mueven, Enter abre sus medidas.',
  },
  drawing: { de: 'Zeichnung', es: 'dibujo' },
  '{name} from behind. Keys: [ and ] pick a part, Enter opens its sizes.': {
    de: '{name} von hinten. Tasten: [ und ] wählen ein Teil, Enter öffnet seine Maße.',
    es: '{name} desde atrás. Teclas: [ y ] eligen pieza, Enter abre sus medidas.',
  },
  'From behind{shown}': { de: 'Von hinten{shown}', es: 'Desde atrás{shown}' },
  'no place suits it': { de: 'kein Platz passt', es: 'ningún lugar sirve' },
  'Where the axle may sit': { de: 'Wo die Achse liegen darf', es: 'Dónde puede ir el eje' },
  'axle {position}': { de: 'Achse {position}', es: 'eje {position}' },
  'whiskers: what your guesses may move each end by': {
    de: 'Fühler: wie weit Geschätztes jedes Ende verschieben kann',
    es: 'bigotes: cuánto pueden mover cada extremo sus suposiciones',
  },
  '60/40 rule': { de: '60/40-Regel', es: 'regla 60/40' },
  '{share} in {case}: {x}': { de: '{share} bei {case}: {x}', es: '{share} en {case}: {x}' },
  'Bending of tongue and rails: hardest {utilisation} of what is allowed': {
    de: 'Biegung von Deichsel und Längsträgern: höchstens {utilisation} vom Erlaubten',
    es: 'Flexión de lanza y largueros: lo más duro, {utilisation} de lo admitido',
  },
  'By hand: how hard tongue and rails bend': {
    de: 'Von Hand: wie stark Deichsel und Längsträger sich biegen',
    es: 'A mano: cuánto flectan lanza y largueros',
  },
  'your loads, in a hard bump, by one straight beam': {
    de: 'eigene Lasten, bei hartem Stoß, als ein gerader Balken',
    es: 'sus cargas, en un bache fuerte, como viga recta',
  },
  'allowed 100 %': { de: 'erlaubt 100 %', es: 'admitido 100 %' },
  'tight 70 %': { de: 'knapp 70 %', es: 'justo 70 %' },
  'tongue {say} long': { de: 'Deichsel {say} lang', es: 'lanza de {say}' },
  '{say} to {toX}': { de: '{say} auf {toX}', es: '{say} a {toX}' },
  '{say} taken off': { de: '{say} abgenommen', es: '{say}: quitado' },
  Corner: { de: 'Ecke', es: 'Esquina' },
  Side: { de: 'Seite', es: 'Lado' },
  Above: { de: 'Oben', es: 'Arriba' },
  Front: { de: 'Vorn', es: 'Delante' },
  Rear: { de: 'Hinten', es: 'Detrás' },
  'The trailer in space. Arrow keys turn it.{worst}': {
    de: 'Der Anhänger im Raum. Pfeiltasten drehen ihn.{worst}',
    es: 'El remolque en el espacio. Las flechas lo giran.{worst}',
  },
  'Hardest: {worst}, {share}': { de: 'Am härtesten: {worst}, {share}', es: 'Lo más duro: {worst}, {share}' },
} as const satisfies Phrasebook;
