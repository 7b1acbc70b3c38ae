import type { Phrasebook } from '@kereta/core';

export const coat = {
  Steel: { de: 'Stahl', es: 'Acero' },
  Aluminum: { de: 'Aluminium', es: 'Aluminio' },
  Areas: { de: 'Flächen', es: 'Áreas' },
  'How much there is': { de: 'Wie viel es ist', es: 'Cuánto hay' },
  'Areas by metal': { de: 'Flächen nach Metall', es: 'Áreas por metal' },
  Outside: { de: 'Außen', es: 'Exterior' },
  'Inside, open at an end': { de: 'Innen, an einem Ende offen', es: 'Interior, abierto en un extremo' },
  'Inside, shut': { de: 'Innen, geschlossen', es: 'Interior, cerrado' },
  'Worked out from every bar’s section and length, plates and sheets on both sides; what saws and joints cover is not taken off.':
    {
      de: 'Aus Profil und Länge jedes Stabes gerechnet, Bleche und Tafeln auf beiden Seiten; was Schnitte und Knoten verdecken, ist nicht abgezogen.',
      es: 'Calculado con el perfil y largo de cada barra, chapas y planchas por ambos lados; lo que tapan cortes y uniones no se descuenta.',
    },
  'Open insides of steel rust from within: cap them with a drain left low, or reach in as far as a swab goes.': {
    de: 'Offenes Inneres von Stahl rostet von innen: verschließen und unten einen Ablauf lassen, oder mit dem Lappen so weit hinein, wie es geht.',
    es: 'El interior abierto del acero se oxida por dentro: tápelo dejando un drenaje abajo, o llegue hasta donde alcance una mecha.',
  },
  'more than 50 years': { de: 'mehr als 50 Jahre', es: 'más de 50 años' },
  '{least} to {most} years': { de: '{least} bis {most} Jahre', es: '{least} a {most} años' },
  'more than 50': { de: 'mehr als 50', es: 'más de 50' },
  '{primer} of primer': { de: '{primer} Grundierung', es: '{primer} de imprimación' },
  '{paint} of paint': { de: '{paint} Farbe', es: '{paint} de pintura' },
  'How it is kept from rust': { de: 'Wie er vor Rost bewahrt wird', es: 'Cómo se protege del óxido' },
  'Steel is coated with': { de: 'Stahl wird beschichtet mit', es: 'El acero se recubre con' },
  'The trailer lives': { de: 'Der Anhänger lebt', es: 'El remolque vive' },
  'Ways of coating': { de: 'Arten der Beschichtung', es: 'Modos de recubrir' },
  'Until rust shows at edges and welds, {surroundings}:': {
    de: 'Bis an Kanten und Nähten Rost erscheint, {surroundings}:',
    es: 'Hasta que se ve óxido en cantos y soldaduras, {surroundings}:',
  },
  'nothing is bought for it.': { de: 'dafür wird nichts gekauft.', es: 'no se compra nada para ello.' },
  'cleaning {cleanHours}': { de: 'Säubern {cleanHours}', es: 'limpiar {cleanHours}' },
  'coating {coatHours}': { de: 'Beschichten {coatHours}', es: 'recubrir {coatHours}' },
  'there and back {coatHours}': { de: 'hin und zurück {coatHours}', es: 'ida y vuelta {coatHours}' },
  'zinc adds about {mass}, which no weight here has in it': {
    de: 'Zink bringt etwa {mass} dazu, was hier in keinem Gewicht steckt',
    es: 'el zinc añade unos {mass}, que aquí no están en ningún peso',
  },
  '{age}. Zinc: {zinc}; {zinc2}. {coat}. {clean}.': {
    de: '{age}. Zink: {zinc}; {zinc2}. {coat}. {clean}.',
    es: '{age}. Zinc: {zinc}; {zinc2}. {coat}. {clean}.',
  },
  Holes: { de: 'Löcher', es: 'Agujeros' },
  'Holes in tubes that are shut': { de: 'Löcher in geschlossenen Rohren', es: 'Agujeros en tubos cerrados' },
  'Holes for galvanizing': { de: 'Löcher zum Verzinken', es: 'Agujeros para galvanizar' },
  Tube: { de: 'Rohr', es: 'Tubo' },
  'Shut ends': { de: 'Geschlossene Enden', es: 'Extremos cerrados' },
  'Holes, each at least': { de: 'Löcher, jedes mindestens', es: 'Agujeros, cada uno al menos' },
  'Two to each end, in corners across from each other, as near to the end as a drill gets: one lets the zinc in, the other the air out. A hole into the tube that it is welded to serves as well, drilled before they are joined. The galvanizer’s own table governs.':
    {
      de: 'Zwei an jedem Ende, in gegenüberliegenden Ecken, so nah am Ende, wie ein Bohrer kommt: eines lässt das Zink hinein, das andere die Luft hinaus. Ein Loch in das Rohr, an das es geschweißt wird, tut es auch, vor dem Zusammenfügen gebohrt. Es gilt die Tabelle der Verzinkerei.',
      es: 'Dos en cada extremo, en esquinas opuestas, tan cerca del extremo como llegue la broca: uno deja entrar el zinc, el otro salir el aire. Sirve también un agujero al tubo al que se suelda, hecho antes de unirlos. Manda la tabla del galvanizador.',
    },
  'For paint one drain of': { de: 'Für Farbe ein Ablauf von', es: 'Para pintura un drenaje de' },
  'in the underside, at the low end of each:': {
    de: 'in der Unterseite, am tiefen Ende von jedem:',
    es: 'en la cara inferior, en el extremo bajo de cada uno:',
  },
  '. Water gets into every tube; it has to get out.': {
    de: '. Wasser kommt in jedes Rohr; es muss hinaus.',
    es: '. El agua entra en todo tubo; tiene que salir.',
  },
  '{name}, coating and sealing': { de: '{name}, Beschichten und Abdichten', es: '{name}, recubrir y sellar' },
  'coating can be looked at here, not changed': {
    de: 'die Beschichtung lässt sich hier ansehen, nicht ändern',
    es: 'el recubrimiento se puede ver aquí, no cambiar',
  },
  'how it is coated': { de: 'wie er beschichtet ist', es: 'cómo se recubre' },
  'No steel in the frame: aluminum is left bare. Where it is painted all the same, it is etched and primed for it.': {
    de: 'Kein Stahl im Rahmen: Aluminium bleibt blank. Wird es doch lackiert, dann geätzt und dafür grundiert.',
    es: 'No hay acero en el bastidor: el aluminio se deja sin pintar. Si se pinta igualmente, se mordenta y se le da su imprimación.',
  },
  'Before welding': { de: 'Vor dem Schweißen', es: 'Antes de soldar' },
  'What comes off before you weld': { de: 'Was vor dem Schweißen abkommt', es: 'Qué se quita antes de soldar' },
  'What meets what': { de: 'Was was berührt', es: 'Qué toca qué' },
  Here: { de: 'Hier', es: 'Aquí' },
  'of tape.': { de: 'Band.', es: 'de cinta.' },
  '{of}: {areaM2} with undersides,': {
    de: '{of}: {areaM2} mit Unterseiten,',
    es: '{of}: {areaM2} con caras inferiores,',
  },
  Boards: { de: 'Bretter', es: 'Tablas' },
  Sheets: { de: 'Tafeln', es: 'Planchas' },
  'of edges; {sealer} of sealer. Seal ends and edges before they are screwed down, and every hole that is drilled later.':
    {
      de: 'Kanten; {sealer} Dichtmasse. Enden und Kanten versiegeln, bevor sie festgeschraubt werden, und jedes Loch, das später gebohrt wird.',
      es: 'de cantos; {sealer} de sellador. Selle extremos y cantos antes de atornillar, y todo agujero que haga después.',
    },
  Gap: { de: 'Spalt', es: 'Hueco' },
  '{gap} all about each sheet': { de: '{gap} rundum um jede Tafel', es: '{gap} alrededor de cada plancha' },
  '{gap} to {gap2} between boards': { de: '{gap} bis {gap2} zwischen Brettern', es: '{gap} a {gap2} entre tablas' },
  ': wet wood needs less, dry wood more.': {
    de: ': nasses Holz braucht weniger, trockenes mehr.',
    es: ': la madera húmeda pide menos, la seca más.',
  },
  'Paint, tape and sealer stand on the': {
    de: 'Farbe, Band und Dichtmasse stehen auf der',
    es: 'Pintura, cinta y sellador están en la',
  },
  'purchase list': { de: 'Einkaufsliste', es: 'lista de compra' },
  ', hours in the plan.': { de: ', Stunden im Plan.', es: ', las horas en el plan.' },
} as const satisfies Phrasebook;
