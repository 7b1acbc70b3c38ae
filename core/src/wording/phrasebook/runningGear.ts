import type { Phrasebook } from '../phrases.js';

export const runningGear = {
  'No axle yet. Choose one, then its place.': {
    de: 'Noch keine Achse. Eine wählen, dann ihren Platz.',
    es: 'Aún no hay eje. Elija uno, luego su lugar.',
  },
  'The axle is not behind the ball. Move it back.': {
    de: 'Die Achse liegt nicht hinter der Kugel. Nach hinten setzen.',
    es: 'El eje no está detrás de la bola. Muévalo atrás.',
  },
  'Axle at {position} is not under the bed, which ends at {bed}.': {
    de: 'Achse bei {position} ist nicht unter der Ladefläche, die bei {bed} endet.',
    es: 'El eje a {position} no está bajo la caja, que acaba a {bed}.',
  },
  '{axle} carries {load}, {case}. Its rating is missing: read it off the tag.': {
    de: '{axle} trägt {load}, {case}. Die Tragfähigkeit fehlt: vom Schild ablesen.',
    es: '{axle} lleva {load}, {case}. Falta su capacidad: léala en la etiqueta.',
  },
  '{axle} carries {load} of {rating}, {case}. {load2}.': {
    de: '{axle} trägt {load} von {rating}, {case}. {load2}.',
    es: '{axle} lleva {load} de {rating}, {case}. {load2}.',
  },
  'The {side} tire carries {load}, {case}. What it may carry is missing: read the sidewall.': {
    de: 'Reifen {side} trägt {load}, {case}. Was er tragen darf, fehlt: die Seitenwand lesen.',
    es: 'El neumático ({side}) lleva {load}, {case}. Falta lo que puede llevar: lea el flanco.',
  },
  'The {side} tire carries {load} of {allowed}{derated}, {case}. {load2}.': {
    de: 'Reifen {side} trägt {load} von {allowed}{derated}, {case}. {load2}.',
    es: 'El neumático ({side}) lleva {load} de {allowed}{derated}, {case}. {load2}.',
  },
  '(passenger tire ÷ 1.10)': { de: '(Pkw-Reifen ÷ 1,10)', es: '(neumático de turismo ÷ 1,10)' },
  'A wheel carries {load}. What it may carry is missing: read its stamp.': {
    de: 'Ein Rad trägt {load}. Was es tragen darf, fehlt: die Prägung lesen.',
    es: 'Una rueda lleva {load}. Falta lo que puede llevar: lea su sello.',
  },
  'A wheel carries {load} of {allowed}. {load2}.': {
    de: 'Ein Rad trägt {load} von {allowed}. {load2}.',
    es: 'Una rueda lleva {load} de {allowed}. {load2}.',
  },
  'Both tires together hold {together}, the axle {rating}.': {
    de: 'Beide Reifen zusammen halten {together}, die Achse {rating}.',
    es: 'Ambos neumáticos llevan juntos {together}, el eje {rating}.',
  },
  'Both tires together hold {together}, less than the axle’s {rating} and enough for the {asked} that it carries: count the axle as {together}, also on the plate.':
    {
      de: 'Beide Reifen zusammen tragen {together}, weniger als die {rating} der Achse und genug für die {asked}, die sie trägt: die Achse mit {together} ansetzen, auch auf dem Fabrikschild.',
      es: 'Ambos neumáticos llevan juntos {together}, menos que los {rating} del eje y bastante para los {asked} que lleva: cuente el eje como {together}, también en la placa.',
    },
  'Both tires together hold {together}, less than the axle’s {rating}: the tires are the weakest part.': {
    de: 'Beide Reifen zusammen halten {together}, weniger als die {rating} der Achse: die Reifen sind das schwächste Teil.',
    es: 'Ambos neumáticos llevan juntos {together}, menos que los {rating} del eje: los neumáticos son lo más débil.',
  },
  'The plate’s {gross} less {tongueShare} on the tongue leaves {demand} for {ratings}.': {
    de: 'Die {gross} des Schildes weniger {tongueShare} auf der Deichsel lassen {demand} für {ratings}.',
    es: 'Los {gross} de la placa menos {tongueShare} en la lanza dejan {demand} para {ratings}.',
  },
  'axles whose rating is missing': { de: 'Achsen, deren Tragfähigkeit fehlt', es: 'ejes cuya capacidad falta' },
  'axles of {ratings}: {demand}': { de: 'Achsen für {ratings}: {demand}', es: 'ejes de {ratings}: {demand}' },
  'An equaliser shares the load between leaf springs only. Choose axles without one: torsion axles share by how level the trailer rides.':
    {
      de: 'Ein Ausgleichshebel teilt die Last nur zwischen Blattfedern. Achsen ohne wählen: Gummifederachsen teilen danach, wie waagrecht der Anhänger läuft.',
      es: 'Un balancín solo reparte entre ballestas. Elija ejes sin él: los de torsión reparten según lo nivelado que va el remolque.',
    },
  'A walking beam carries two axles on one pivot to each side: choose two axles, with equalisers or walking beams.': {
    de: 'Ein Schwingbalken trägt zwei Achsen auf einem Drehpunkt je Seite: zwei Achsen wählen, mit Ausgleichshebeln oder Schwingbalken.',
    es: 'Una viga oscilante lleva dos ejes en un pivote por lado: elija dos ejes, con balancines o vigas oscilantes.',
  },
  'Shocks stand beside the springs; how much they damp nobody has read.': {
    de: 'Stoßdämpfer stehen neben den Federn; wie viel sie dämpfen, hat niemand abgelesen.',
    es: 'Hay amortiguadores junto a los muelles; nadie ha leído cuánto amortiguan.',
  },
  'The shocks damp a wheel to {damping} of what stops it swinging at once.': {
    de: 'Die Stoßdämpfer dämpfen ein Rad mit {damping} dessen, was es sofort zur Ruhe brächte.',
    es: 'Los amortiguadores frenan la rueda con {damping} de lo que la pararía al instante.',
  },
  'It will swing on after every bump: stronger ones, 20 to 40 %, are usual.': {
    de: 'Es wird nach jedem Stoß nachschwingen: stärkere, 20 bis 40 %, sind üblich.',
    es: 'Seguirá oscilando tras cada bache: lo habitual es más fuerte, 20 a 40 %.',
  },
  'Wheels will hang back after a bump: softer ones, 20 to 40 %, are usual.': {
    de: 'Räder hängen nach einem Stoß nach: weichere, 20 bis 40 %, sind üblich.',
    es: 'Las ruedas tardan en volver tras un bache: lo habitual es más suave, 20 a 40 %.',
  },
  'Axles {spacing} apart leave no room for an equaliser between springs of {spring}.': {
    de: 'Achsen mit {spacing} Abstand lassen zwischen {spring} langen Federn keinen Platz für einen Ausgleichshebel.',
    es: 'Ejes a {spacing} no dejan sitio a un balancín entre ballestas de {spring}.',
  },
  'The arm points up before it is loaded: set its pivot higher, or turn it over.': {
    de: 'Der Arm zeigt nach oben, bevor er belastet ist: den Drehpunkt höher setzen, oder umdrehen.',
    es: 'El brazo apunta arriba antes de cargarse: suba su pivote, o déle la vuelta.',
  },
  'The unit gives {ratio} of what the wheel does; the wheel has {travel} to the stop.': {
    de: 'Das Federbein gibt {ratio} dessen, was das Rad macht; das Rad hat {travel} bis zum Anschlag.',
    es: 'La unidad cede {ratio} de lo que hace la rueda; la rueda tiene {travel} hasta el tope.',
  },
  'What presses the unit together by an inch nobody has read: weigh it, or read its stamp.': {
    de: 'Was das Federbein um einen Zoll zusammendrückt, hat niemand abgelesen: wiegen, oder die Prägung lesen.',
    es: 'Nadie ha leído qué comprime la unidad una pulgada: péselo, o lea su sello.',
  },
  'The heaviest load uses {gives} of it{gives2}.': {
    de: 'Die schwerste Last braucht {gives} davon{gives2}.',
    es: 'La carga mayor usa {gives} de ello{gives2}.',
  },
  ': it stands on its stop. Take stiffer units': {
    de: ': es steht auf dem Anschlag. Steifere Federbeine nehmen',
    es: ': está en su tope. Tome unidades más rígidas',
  },
  'Damped to {damping} of what stops it swinging at once.': {
    de: 'Gedämpft mit {damping} dessen, was es sofort zur Ruhe brächte.',
    es: 'Amortiguado con {damping} de lo que lo pararía al instante.',
  },
  'Torsion axles need weight on the tongue like any other. One wheel does not pass its bump to the other, but what keeps a trailer straight is weight ahead of the axle.':
    {
      de: 'Gummifederachsen brauchen Stützlast wie jede andere. Ein Rad gibt seinen Stoß nicht ans andere weiter, aber was einen Anhänger gerade hält, ist Gewicht vor der Achse.',
      es: 'Los ejes de torsión piden peso en la lanza como cualquier otro. Una rueda no pasa su bache a la otra, pero lo que mantiene recto un remolque es el peso delante del eje.',
    },
} as const satisfies Phrasebook;
