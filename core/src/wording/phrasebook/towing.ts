import type { Phrasebook } from '../phrases.js';

export const towing = {
  'the tongue’s underside': { de: 'die Unterseite der Deichsel', es: 'la cara inferior de la lanza' },
  'the bed’s corner': { de: 'die Ecke der Ladefläche', es: 'la esquina de la caja' },
  'No length of tongue clears {wanted}.': {
    de: 'Keine Deichsellänge schafft {wanted}.',
    es: 'Ninguna longitud de lanza libra {wanted}.',
  },
  'No length of tongue clears {wanted}: {with} goes with the ball and touches at {touch}; {tongue}': {
    de: 'Keine Deichsellänge schafft {wanted}: {with} geht mit der Kugel und berührt bei {touch}; {tongue}',
    es: 'Ninguna longitud de lanza libra {wanted}: {with} va con la bola y toca a {touch}; {tongue}',
  },
  'a ball mount that holds the ball further back helps.': {
    de: 'ein Kugelträger, der die Kugel weiter hinten hält, hilft.',
    es: 'ayuda un portabola que lleve la bola más atrás.',
  },
  'move it.': { de: 'versetzen.', es: 'muévalo.' },
  'Turned to 90° nothing touches the vehicle; {nearest} comes nearest.': {
    de: 'Bis 90° berührt nichts das Fahrzeug; am nächsten kommt {nearest}.',
    es: 'Girado a 90° nada toca el vehículo; lo más cercano es {nearest}.',
  },
  'Turned by {touch} {nearest} touches the vehicle; {wanted} is wanted.': {
    de: 'Bei {touch} berührt {nearest} das Fahrzeug; gewünscht sind {wanted}.',
    es: 'Girado {touch}, {nearest} toca el vehículo; se quiere {wanted}.',
  },
  'A tongue {lacks} longer clears it.': {
    de: 'Eine {lacks} längere Deichsel schafft es.',
    es: 'Una lanza {lacks} más larga lo libra.',
  },
  'The open tailgate reaches {reach} back and strikes {with}, {x} away.': {
    de: 'Die offene Heckklappe reicht {reach} nach hinten und trifft {with}, {x} entfernt.',
    es: 'El portón abierto del vehículo llega {reach} atrás y golpea {with}, a {x}.',
  },
  'No length of tongue helps: move it, or lower it.': {
    de: 'Keine Deichsellänge hilft: versetzen, oder niedriger machen.',
    es: 'Ninguna longitud de lanza ayuda: muévalo, o bájelo.',
  },
  'A tongue {lacks} longer lets it open.': {
    de: 'Mit einer {lacks} längeren Deichsel geht sie auf.',
    es: 'Una lanza {lacks} más larga lo deja abrir.',
  },
  'The open tailgate passes {under} over everything in front.': {
    de: 'Die offene Heckklappe geht {under} über allem vorbei, was vorn steht.',
    es: 'El portón abierto pasa {under} sobre todo lo de delante.',
  },
  'The open tailgate reaches {reach} back, where nothing of the trailer stands.': {
    de: 'Die offene Heckklappe reicht {reach} nach hinten, wo nichts vom Anhänger steht.',
    es: 'El portón abierto llega {reach} atrás, donde no hay nada del remolque.',
  },
  'The open tailgate reaches {reach} of {room} that there are.': {
    de: 'Die offene Heckklappe reicht {reach} von {room}, die da sind.',
    es: 'El portón abierto llega {reach} de los {room} que hay.',
  },
  '{where} of {ramp}': { de: '{where} von {ramp}', es: '{where} de {ramp}' },
  'Over a crest': { de: 'Über eine Kuppe', es: 'Sobre una cresta' },
  'Through a dip': { de: 'Durch eine Senke', es: 'Por una vaguada' },
  'the vehicle': { de: 'das Fahrzeug', es: 'el vehículo' },
  'the road': { de: 'die Straße', es: 'el camino' },
  '{where} {part} strikes {what} by {room}, {case}.': {
    de: '{where}: {part} stößt um {room} an {what}, {case}.',
    es: '{where} {part} golpea {what} por {room}, {case}.',
  },
  '{where} {part} comes within {room} of {what}, {case}.': {
    de: '{where}: {part} kommt bis auf {room} an {what}, {case}.',
    es: '{where} {part} llega a {room} de {what}, {case}.',
  },
  'The coupling tips by {pitch}{pitch2}.': {
    de: 'Die Kupplung kippt um {pitch}{pitch2}.',
    es: 'El acoplamiento se inclina {pitch}{pitch2}.',
  },
  ', more than couplings must allow': {
    de: ', mehr als Kupplungen erlauben müssen',
    es: ', más de lo que deben admitir',
  },
  'The shortest tongue that clears is {shortest}, because of {shortest2}; yours is {now}.': {
    de: 'Die kürzeste Deichsel, die alles schafft, ist {shortest}, Grund: {shortest2}; Ihre hat {now}.',
    es: 'La lanza más corta que libra todo es {shortest}, por {shortest2}; la suya mide {now}.',
  },
  'Turning with the ball on a circle of {radius}, the rig sweeps {swept}; the lane has {lane}.': {
    de: 'Mit der Kugel auf einem Kreis von {radius} überstreicht der Zug {swept}; der Weg hat {lane}.',
    es: 'Girando con la bola en un círculo de {radius}, el conjunto barre {swept}; el paso tiene {lane}.',
  },
  'It does not go through without backing up.': {
    de: 'Ohne Rangieren kommt er nicht durch.',
    es: 'No pasa sin maniobrar.',
  },
  'It rides level with the ball at {coupler}, {case}. How high the vehicle holds its ball is missing.': {
    de: 'Waagrecht läuft er mit der Kugel bei {coupler}, {case}. Wie hoch das Fahrzeug seine Kugel hält, fehlt.',
    es: 'Va nivelado con la bola a {coupler}, {case}. Falta la altura a la que el vehículo lleva su bola.',
  },
  'It rides level with the ball at {coupler}, {case}; the vehicle holds it at {hitch}{sinks}, {noseUp} nose {noseUp2}.':
    {
      de: 'Waagrecht läuft er mit der Kugel bei {coupler}, {case}; das Fahrzeug hält sie bei {hitch}{sinks}, {noseUp} Nase {noseUp2}.',
      es: 'Va nivelado con la bola a {coupler}, {case}; el vehículo la lleva a {hitch}{sinks}, {noseUp} de morro {noseUp2}.',
    },
  'with this load on it': { de: 'mit dieser Last darauf', es: 'con esta carga encima' },
  'A ball {lower} {lower2} levels it.': {
    de: 'Eine {lower} {lower2} sitzende Kugel richtet ihn aus.',
    es: 'Una bola {lower} {lower2} lo nivela.',
  },
  lower: { de: 'tiefer', es: 'más baja' },
  higher: { de: 'höher', es: 'más alta' },
  'The nearest mount that is sold: {mount}, {left} with it.': {
    de: 'Der nächste käufliche Träger: {mount}, damit {left}.',
    es: 'El portabola más cercano que se vende: {mount}, {left} con él.',
  },
  straight: { de: 'gerade', es: 'recto' },
  '{mount} of {mount2}': { de: '{mount} {mount2}', es: '{mount} de {mount2}' },
  drop: { de: 'tiefer gesetzt', es: 'caída' },
  rise: { de: 'höher gesetzt', es: 'subida' },
  level: { de: 'waagrecht', es: 'nivelado' },
  '{left} too {left2}': { de: '{left} zu {left2}', es: '{left} demasiado {left2}' },
  high: { de: 'hoch', es: 'alto' },
  low: { de: 'tief', es: 'bajo' },
  'How far the hitch sinks under it is not said: an inch or two is usual.': {
    de: 'Wie weit die Zugvorrichtung darunter einfedert, ist nicht gesagt: ein, zwei Zoll sind üblich.',
    es: 'No se dice cuánto se hunde el enganche: lo habitual es una o dos pulgadas.',
  },
  'Its loads ride {by} apart at the ball: highest in front is {high}, lowest {low}. Level it for the heaviest.': {
    de: 'Die Beladungen stehen an der Kugel {by} auseinander: vorn am höchsten {high}, am tiefsten {low}. Für die schwerste ausrichten.',
    es: 'Sus cargas van con {by} de diferencia en la bola: la más alta delante es {high}, la más baja {low}. Nivele para la más pesada.',
  },
  'The vehicle’s hitch at {hitch} stands higher than the trailer’s own deck at {deck}. Check both heights, or step the tongue up.':
    {
      de: 'Die Kugel des Fahrzeugs bei {hitch} steht höher als die Ladefläche bei {deck}. Beide Höhen prüfen, oder die Deichsel nach oben absetzen.',
      es: 'El enganche del vehículo a {hitch} queda más alto que el piso del remolque a {deck}. Revise ambas alturas, o escalone la lanza hacia arriba.',
    },
  '{case}: balance point {height} high. On paper it tips sideways at {factor} g: on a slope of {slope}, or in a curve of {radius} at {speedMPerS}. Springs and tires take off a tenth or more, a bump or a curb much more.':
    {
      de: '{case}: Schwerpunkt {height} hoch. Auf dem Papier kippt er seitwärts bei {factor} g: an einem Hang von {slope}, oder in einer Kurve von {radius} bei {speedMPerS}. Federn und Reifen nehmen ein Zehntel oder mehr davon, ein Stoß oder Randstein viel mehr.',
      es: '{case}: punto de equilibrio a {height}. Sobre el papel vuelca de lado a {factor} g: en una ladera de {slope}, o en una curva de {radius} a {speedMPerS}. Muelles y neumáticos quitan un décimo o más, un bache o bordillo mucho más.',
    },
  'Round a corner of {radius} its wheels run {inside} inside the ball’s circle.': {
    de: 'Um eine Ecke von {radius} laufen seine Räder {inside} innerhalb des Kreises der Kugel.',
    es: 'En una esquina de {radius} sus ruedas van {inside} por dentro del círculo de la bola.',
  },
  '{case} puts {rearAdds} more on the vehicle’s rear axle and takes {frontLoses} off its front one{frontShare}.': {
    de: '{case} legt {rearAdds} mehr auf die Hinterachse des Fahrzeugs und nimmt {frontLoses} von der vorderen{frontShare}.',
    es: '{case} pone {rearAdds} más en el eje trasero del vehículo y quita {frontLoses} del delantero{frontShare}.',
  },
  ', {frontShare} of what it bears': {
    de: ', {frontShare} von dem, was sie trägt',
    es: ', {frontShare} de lo que lleva',
  },
  'That makes {rear} of {limit} behind, before anybody gets in.': {
    de: 'Das macht hinten {rear} von {limit}, bevor jemand einsteigt.',
    es: 'Eso hace {rear} de {limit} detrás, antes de que suba nadie.',
  },
  'Its own brakes stop it at {g} g, {case}, and that {adds}.': {
    de: 'Die eigenen Bremsen verzögern ihn mit {g} g, {case}: {adds}.',
    es: 'Sus propios frenos lo paran a {g} g, {case}, y eso {adds}.',
  },
  'An emergency stop of {g} g by the vehicle {adds}, {case}.': {
    de: 'Eine Notbremsung des Fahrzeugs mit {g} g: {adds}, {case}.',
    es: 'Una frenada de emergencia del vehículo a {g} g {adds}, {case}.',
  },
  'The equalizer lifts the front axle: its tires lock and the rear axle does the braking.': {
    de: 'Die Ausgleichswippe hebt die vordere Achse an: ihre Reifen blockieren, und die hintere Achse bremst.',
    es: 'El balancín levanta el eje delantero: sus neumáticos se bloquean y frena el eje trasero.',
  },
  'The equalizer unloads the front axle: its tires slide first, and harder braking only adds on the rear axle.': {
    de: 'Die Ausgleichswippe entlastet die vordere Achse: ihre Reifen rutschen zuerst, und stärkeres Bremsen wirkt nur noch an der hinteren Achse.',
    es: 'El balancín descarga el eje delantero: sus neumáticos deslizan primero, y frenar más solo actúa en el eje trasero.',
  },
  'The rear axle’s tires slide first.': {
    de: 'Die Reifen der hinteren Achse rutschen zuerst.',
    es: 'Los neumáticos del eje trasero deslizan primero.',
  },
  'Its tires slide there: that is all that they grip.': {
    de: 'Dort rutschen seine Reifen: mehr Haftung haben sie nicht.',
    es: 'Ahí deslizan sus neumáticos: no agarran más.',
  },
  'presses the ball down with {adds} more': { de: '{adds} mehr auf der Kugel', es: 'aprieta la bola con {adds} más' },
  'takes {adds} off the ball': { de: '{adds} weniger auf der Kugel', es: 'quita {adds} de la bola' },
  'Without brakes of its own the rig takes {factor} times as far to stop as the vehicle alone.': {
    de: 'Ohne eigene Bremsen braucht der Zug {factor}-mal so weit zum Anhalten wie das Fahrzeug allein.',
    es: 'Sin frenos propios el conjunto tarda en parar {factor} veces lo que el vehículo solo.',
  },
  'On a hill of {grade} it pulls with {pull}, {case}; unhitched there it rolls away: chock both wheels first.': {
    de: 'An einer Steigung von {grade} zieht er mit {pull}, {case}; dort abgehängt rollt er weg: erst beide Räder verkeilen.',
    es: 'En una cuesta de {grade} tira con {pull}, {case}; desenganchado allí se va: calce antes ambas ruedas.',
  },
  'By hand, {case}: {firm} keep it rolling on firm ground, {grass} on grass, {hill} up a path of {grade}; the handle carries {tongue}.':
    {
      de: 'Von Hand, {case}: {firm} halten ihn auf festem Boden am Rollen, {grass} auf Gras, {hill} einen Weg von {grade} hinauf; der Griff trägt {tongue}.',
      es: 'A mano, {case}: {firm} lo mantienen rodando en suelo firme, {grass} en hierba, {hill} subiendo un camino de {grade}; el asa lleva {tongue}.',
    },
  'No tow vehicle is named: turning, level and sway are not worked out.': {
    de: 'Kein Zugfahrzeug ist genannt: Wenden, Höhe und Schlingern werden nicht gerechnet.',
    es: 'No se ha nombrado vehículo tractor: giro, nivel y oscilación no se calculan.',
  },
  'Mass, wheelbase, or how far the ball stands behind the rear axle is missing of the tow vehicle: sway is not worked out.':
    {
      de: 'Vom Zugfahrzeug fehlt Masse, Radstand, oder wie weit die Kugel hinter der Hinterachse steht: Schlingern wird nicht gerechnet.',
      es: 'Del vehículo falta masa, batalla, o cuánto queda la bola detrás del eje trasero: la oscilación no se calcula.',
    },
  'the turn': { de: 'das Wenden', es: 'el giro' },
  'the tailgate': { de: 'die Heckklappe', es: 'el portón del vehículo' },
  'the dip': { de: 'die Senke', es: 'la vaguada' },
} as const satisfies Phrasebook;
