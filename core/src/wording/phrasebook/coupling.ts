import type { Phrasebook } from '../phrases.js';

export const coupling = {
  'A splice in {member} is {from} from the front header, where a tongue bends most. Keep it {least} away, or weld it with full penetration and put a sleeve or fish plates over it.':
    {
      de: 'Ein Schweißstoß in {member} liegt {from} vom vorderen Querträger, wo eine Deichsel am stärksten gebogen wird. {least} Abstand halten, oder voll durchschweißen und eine Hülse oder Laschen darüber setzen.',
      es: 'Hay un empalme en {member} a {from} del travesaño frontal, donde más se flexiona una lanza. Manténgalo a {least}, o suéldelo con penetración total y póngale un manguito o platabandas.',
    },
  chains: { de: 'Ketten', es: 'cadenas' },
  'along the trailer': { de: 'längs zum Anhänger', es: 'a lo largo del remolque' },
  'across it': { de: 'quer dazu', es: 'de través' },
  'up or down': { de: 'auf oder ab', es: 'arriba o abajo' },
  'pin in shear': { de: 'Bolzen auf Schub', es: 'pasador en cortante' },
  'pin in bending over its gap': {
    de: 'Bolzen auf Biegung über seinem Spalt',
    es: 'pasador en flexión sobre su hueco',
  },
  'holes in bearing': { de: 'Lochleibung', es: 'agujeros en aplastamiento' },
  'plates between hole and edge': { de: 'Bleche zwischen Loch und Rand', es: 'chapas entre agujero y borde' },
  fillets: { de: 'Kehlnähte', es: 'cordones' },
  'Pintle and eye clatter and let the trailer jerk: keep the slack low, hang the chains, and do not count on them to damp a swing.':
    {
      de: 'Fanghaken und Öse klappern und lassen den Anhänger rucken: Spiel klein halten, Ketten einhängen, und nicht darauf bauen, dass sie ein Schwingen dämpfen.',
      es: 'Gancho y argolla golpetean y dejan que el remolque dé tirones: mantenga poca holgura, cuelgue las cadenas, y no cuente con que frenen una oscilación.',
    },
  'A three-axis coupling must be a tested one with its own plate. It frees the frame of the vehicle’s twist; chains still hang from the frame.':
    {
      de: 'Eine Dreiachskupplung muss geprüft sein, mit eigenem Schild. Sie nimmt dem Rahmen die Verdrehung des Fahrzeugs; Ketten hängen trotzdem am Rahmen.',
      es: 'Un acoplamiento de tres ejes debe estar homologado, con su placa. Libra al bastidor de la torsión del vehículo; las cadenas cuelgan igual del bastidor.',
    },
  'A pin in a drawbar turns one way only: on uneven ground it binds unless its hole is eased. Hold it with a clip; it is for the yard, not for the road.':
    {
      de: 'Ein Bolzen in einer Zugöse dreht nur in eine Richtung: im Gelände klemmt er, wenn sein Loch nicht erweitert ist. Mit einem Splint halten; er ist für den Hof, nicht für die Straße.',
      es: 'Un pasador en barra de tiro gira en un solo sentido: en terreno desigual se traba si su agujero no tiene holgura. Sujételo con una grapa; es para el patio, no para la carretera.',
    },
  'Pulled by hand: a handle where it is held upright, nothing to pinch fingers, and a way to hold it on a slope.': {
    de: 'Von Hand gezogen: ein Griff, wo er aufrecht gehalten wird, nichts, das Finger klemmt, und etwas, das ihn am Hang hält.',
    es: 'Tirado a mano: un asa donde se lleva erguido, nada que pille dedos, y un modo de sujetarlo en cuesta.',
  },
  'a pin in double shear': { de: 'ein Bolzen in zweischnittigem Schub', es: 'un pasador en doble cortante' },
  'the walls at its hole': { de: 'die Wände an seinem Loch', es: 'las paredes en su agujero' },
  'the cheeks at its hole': { de: 'die Wangen an seinem Loch', es: 'las mejillas en su agujero' },
  'Heaviest is {gross}, {case}. The rated gross for the plate is missing.': {
    de: 'Am schwersten: {gross}, {case}. Die zulässige Gesamtmasse für das Schild fehlt.',
    es: 'Lo más pesado es {gross}, {case}. Falta la masa total para la placa.',
  },
  'Heaviest is {gross}, {case}. The plate says {rated}: {gross2}.': {
    de: 'Am schwersten: {gross}, {case}. Das Schild sagt {rated}: {gross2}.',
    es: 'Lo más pesado es {gross}, {case}. La placa dice {rated}: {gross2}.',
  },
  'A home-made coupling has no rating: whether it holds {gross} is not checked.': {
    de: 'Eine selbst gebaute Kupplung hat keine Einstufung: ob sie {gross} hält, wird nicht geprüft.',
    es: 'Un acoplamiento casero no tiene clasificación: no se revisa si aguanta {gross}.',
  },
  'What the coupler is rated for is missing: read its stamp.': {
    de: 'Wofür die Kupplung bemessen ist, fehlt: die Prägung lesen.',
    es: 'Falta para qué está previsto el acoplamiento: lea su sello.',
  },
  'Coupler is rated for {rated}; {byPlate} {gross}: {gross2}.': {
    de: 'Die Kupplung ist für {rated} bemessen; {byPlate} {gross}: {gross2}.',
    es: 'El acoplamiento está previsto para {rated}; {byPlate} {gross}: {gross2}.',
  },
  'the plate lets it be': { de: 'laut Schild dürfen es sein:', es: 'según placa puede llegar a' },
  'it weighs': { de: 'er wiegt', es: 'pesa' },
  'What the tow vehicle may tow is missing: see its handbook.': {
    de: 'Was das Zugfahrzeug ziehen darf, fehlt: siehe sein Handbuch.',
    es: 'Falta lo que puede remolcar el vehículo: vea su manual.',
  },
  'Tow vehicle may tow {limit}; {byPlate} {gross}: {gross2}.': {
    de: 'Das Zugfahrzeug darf {limit} ziehen; {byPlate} {gross}: {gross2}.',
    es: 'El vehículo puede remolcar {limit}; {byPlate} {gross}: {gross2}.',
  },
  'the plate lets the trailer be': {
    de: 'laut Schild darf der Anhänger wiegen:',
    es: 'según placa el remolque puede pesar',
  },
  'the trailer weighs': { de: 'der Anhänger wiegt', es: 'el remolque pesa' },
  'The {kind} tongue’s pins bear {force} {load}: {utilisation} of what {pin} may.': {
    de: 'Die Bolzen der Deichsel ({kind}) tragen {force} {load}: {utilisation} von dem, was {pin} dürfen.',
    es: 'Los pasadores de la lanza ({kind}) llevan {force} {load}: {utilisation} de lo que admiten: {pin}.',
  },
  folding: { de: 'klappbar', es: 'plegable' },
  removable: { de: 'abnehmbar', es: 'desmontable' },
  'of pull': { de: 'Zug', es: 'de tiro' },
  'where the coupling is lifted': { de: 'wo die Kupplung gehoben wird', es: 'al levantarse el acoplamiento' },
  'Set them further apart, or take thicker ones.': {
    de: 'Weiter auseinander setzen, oder dickere nehmen.',
    es: 'Sepárelos más, o tome más gruesos.',
  },
  'Take thicker cheeks.': { de: 'Dickere Wangen nehmen.', es: 'Tome mejillas más gruesas.' },
  'Take a thicker pin.': { de: 'Einen dickeren Bolzen nehmen.', es: 'Tome un pasador más grueso.' },
  'Two pins are usually 4 in apart or more.': {
    de: 'Zwei Bolzen stehen meist 4 in oder mehr auseinander.',
    es: 'Dos pasadores suelen estar a 4 in o más.',
  },
  '{kind} tongue on one pin is a hinge: it folds up or down on it. A second pin, 4 in or more from the first, holds it straight.':
    {
      de: '{kind} auf einem Bolzen ist ein Scharnier: sie klappt daran auf oder ab. Ein zweiter Bolzen, 4 in oder mehr vom ersten, hält sie gerade.',
      es: '{kind} en un pasador es una bisagra: se pliega arriba o abajo. Un segundo pasador, a 4 in o más del primero, la mantiene recta.',
    },
  'A folding': { de: 'Eine klappbare Deichsel', es: 'Una lanza plegable' },
  'A removable': { de: 'Eine abnehmbare Deichsel', es: 'Una lanza desmontable' },
  'Nothing between vehicle and trailer has a stamp that was read yet.': {
    de: 'Zwischen Fahrzeug und Anhänger ist noch keine Prägung abgelesen.',
    es: 'Aún no se ha leído ningún sello entre vehículo y remolque.',
  },
  'The weakest link is the tongue itself: by hand it works at {utilisation} in a hard bump.': {
    de: 'Das schwächste Glied ist die Deichsel selbst: von Hand {utilisation} bei hartem Stoß.',
    es: 'El eslabón más débil es la propia lanza: a mano trabaja al {utilisation} en un bache fuerte.',
  },
  'The weakest link is the {link}: {by}, {utilisation}.': {
    de: 'Schwächstes Glied: {link}; {by}, {utilisation}.',
    es: 'El eslabón más débil: {link}; {by}, {utilisation}.',
  },
  'it may bear {limit} on the ball and bears {demand}': {
    de: '{limit} auf der Kugel erlaubt, getragen werden {demand}',
    es: 'admite {limit} en la bola y lleva {demand}',
  },
  'it may {link} {limit}, the trailer may weigh {demand}': {
    de: '{link} {limit} erlaubt, der Anhänger darf {demand} wiegen',
    es: 'admite {link} {limit}, el remolque puede pesar {demand}',
  },
  'each hold': { de: 'je Kette', es: 'por cadena' },
  pull: { de: 'Zug:', es: 'tirar' },
  'Not read yet: {unread}. Each has a stamp; the lowest governs.': {
    de: 'Noch nicht abgelesen: {unread}. Jedes hat eine Prägung; die niedrigste gilt.',
    es: 'Aún sin leer: {unread}. Cada uno lleva un sello; manda el menor.',
  },
  'The coupler is made for a ball of {coupler}. What the ball measures is missing: it is stamped on its top.': {
    de: 'Die Kupplung ist für eine Kugel von {coupler}. Was die Kugel misst, fehlt: es ist oben eingeprägt.',
    es: 'El acoplamiento es para una bola de {coupler}. Falta la medida de la bola: va sellada arriba.',
  },
  'Ball and coupler are both {coupler}.': {
    de: 'Kugel und Kupplung haben beide {coupler}.',
    es: 'Bola y acoplamiento son ambos de {coupler}.',
  },
  'A ball of {ball} in a coupler made for {coupler}: {ball2}. They do not interchange.': {
    de: 'Eine Kugel von {ball} in einer Kupplung für {coupler}: {ball2}. Sie sind nicht austauschbar.',
    es: 'Una bola de {ball} en un acoplamiento para {coupler}: {ball2}. No son intercambiables.',
  },
  'it comes off in a bump': { de: 'bei einem Stoß springt sie ab', es: 'se sale en un bache' },
  'it does not close': { de: 'sie schließt nicht', es: 'no cierra' },
  'The ball stands {reach} behind the receiver’s pin.': {
    de: 'Die Kugel steht {reach} hinter dem Bolzen der Aufnahme.',
    es: 'La bola queda {reach} detrás del pasador del receptor.',
  },
  'How far its maker rated the mount at nobody has read: longer ones bear less.': {
    de: 'Bei welcher Länge der Träger eingestuft wurde, hat niemand abgelesen: längere tragen weniger.',
    es: 'Nadie ha leído a qué alcance se clasificó el portabola: los largos soportan menos.',
  },
  'Its maker rated the mount at {ratedReach}.': {
    de: 'Sein Hersteller hat ihn bei {ratedReach} eingestuft.',
    es: 'Su fabricante lo clasificó a {ratedReach}.',
  },
  'Its maker rated the mount at {ratedReach}; what it bears further out nobody has said. {as}': {
    de: 'Sein Hersteller hat ihn bei {ratedReach} eingestuft; was er weiter draußen trägt, hat niemand angegeben. {as}',
    es: 'Su fabricante lo clasificó a {ratedReach}; nadie ha dicho lo que soporta más afuera. {as}',
  },
  'As a lever {tongue} there ask as much of it as {as} at the rated place.': {
    de: 'Als Hebel verlangen {tongue} dort so viel wie {as} an der eingestuften Stelle.',
    es: 'Como palanca, {tongue} allí piden tanto como {as} en el lugar clasificado.',
  },
  'A shank of {shank} does not go into a hole of {hole}. Never file it thinner.': {
    de: 'Ein Schaft von {shank} geht nicht in ein Loch von {hole}. Nie dünner feilen.',
    es: 'Una espiga de {shank} no entra en un agujero de {hole}. Nunca la lime.',
  },
  'The ball’s shank is {shank}, the hole for it {hole}; at most 1/16 in more than the shank.': {
    de: 'Der Schaft der Kugel hat {shank}, sein Loch {hole}; höchstens 1/16 in mehr als der Schaft.',
    es: 'La espiga de la bola mide {shank}, su agujero {hole}; a lo sumo 1/16 in más que la espiga.',
  },
  'An A-frame coupler has two sides at 50° and nothing to hold one tube by: take a straight one.': {
    de: 'Eine V-Kupplung hat zwei Seiten unter 50° und nichts, um ein Rohr zu halten: eine gerade nehmen.',
    es: 'Un acoplamiento en V tiene dos lados a 50° y nada con que sujetar un tubo: tome uno recto.',
  },
  'A straight coupler sits on one tube: two legs want an A-frame coupler, or a stub of tube between them that carries it.':
    {
      de: 'Eine gerade Kupplung sitzt auf einem Rohr: zwei Schenkel wollen eine V-Kupplung, oder ein Stück Rohr dazwischen, das sie trägt.',
      es: 'Un acoplamiento recto va sobre un tubo: dos brazos piden uno en V, o un trozo de tubo entre ellos que lo lleve.',
    },
  'A-frame couplers are made for legs that meet at 50°; these meet at {included} and do not lie against its sides.': {
    de: 'V-Kupplungen sind für Schenkel, die sich unter 50° treffen; diese treffen sich unter {included} und liegen nicht an.',
    es: 'Los acoplamientos en V son para brazos que se juntan a 50°; estos lo hacen a {included} y no apoyan en sus lados.',
  },
  'An A-frame coupler, and legs that it fits.': {
    de: 'Eine V-Kupplung, und Schenkel, die dazu passen.',
    es: 'Un acoplamiento en V, y brazos que le van.',
  },
  'A straight coupler, and one tube that it fits.': {
    de: 'Eine gerade Kupplung, und ein Rohr, das dazu passt.',
    es: 'Un acoplamiento recto, y un tubo que le va.',
  },
  'On this tongue the coupler points {rad} by {rad2}.': {
    de: 'An dieser Deichsel zeigt die Kupplung um {rad2} {rad}.',
    es: 'En esta lanza el acoplamiento apunta {rad} por {rad2}.',
  },
  up: { de: 'nach oben', es: 'arriba' },
  down: { de: 'nach unten', es: 'abajo' },
  'On a slope it binds on its ball in a dip: step the tongue, or set the coupler level.': {
    de: 'Am Hang klemmt sie in einer Senke auf der Kugel: die Deichsel absetzen, oder die Kupplung waagrecht setzen.',
    es: 'En cuesta se traba sobre la bola en una vaguada: escalone la lanza, o ponga el acoplamiento a nivel.',
  },
  'No safety chains: Europe holds a braked trailer by its breakaway cable. Hook that to the vehicle, not to the ball.':
    {
      de: 'Keine Fangketten: Europa hält einen gebremsten Anhänger am Abreißseil. Das ans Fahrzeug hängen, nicht an die Kugel.',
      es: 'Sin cadenas: Europa sujeta un remolque frenado por su cable de rotura. Engánchelo al vehículo, no a la bola.',
    },
  'No safety chains. Fit two, crossed under the coupler, on their own tabs.': {
    de: 'Keine Fangketten. Zwei anbringen, unter der Kupplung gekreuzt, an eigenen Laschen.',
    es: 'Sin cadenas. Ponga dos, cruzadas bajo el acoplamiento, en orejetas propias.',
  },
  'Safety chains are not decided yet.': {
    de: 'Über Fangketten ist noch nicht entschieden.',
    es: 'Las cadenas están sin decidir.',
  },
  'Chains that hang on the coupler go where it goes. Give them tabs or rings of their own on the frame.': {
    de: 'Ketten, die an der Kupplung hängen, gehen mit ihr. Ihnen eigene Laschen oder Ringe am Rahmen geben.',
    es: 'Las cadenas colgadas del acoplamiento van adonde él. Déles orejetas o argollas propias en el bastidor.',
  },
  'Cross the chains under the tongue: they then cradle the coupler if it drops.': {
    de: 'Die Ketten unter der Deichsel kreuzen: so fangen sie die Kupplung auf, wenn sie fällt.',
    es: 'Cruce las cadenas bajo la lanza: así acunan el acoplamiento si cae.',
  },
  'Where the chains are held on the trailer is missing: on tabs or rings of their own, not on the coupler.': {
    de: 'Wo die Ketten am Anhänger hängen, fehlt: an eigenen Laschen oder Ringen, nicht an der Kupplung.',
    es: 'Falta dónde van sujetas las cadenas en el remolque: en orejetas o argollas propias, no en el acoplamiento.',
  },
  '{count} of {count2} own. Weld the tab, not the chain: heat takes its strength. Grind the zinc off first and keep out of the fume.':
    {
      de: '{count} {count2}. Die Lasche schweißen, nicht die Kette: Hitze nimmt ihr die Festigkeit. Erst das Zink abschleifen und aus dem Rauch bleiben.',
      es: '{count} {count2}. Suelde la orejeta, no la cadena: el calor le quita resistencia. Antes quite el zinc y apártese del humo.',
    },
  'Safety chains hang crossed, from tabs': { de: 'Fangketten hängen gekreuzt', es: 'Las cadenas cuelgan cruzadas' },
  'The safety chain hangs from a tab': { de: 'Die Fangkette hängt', es: 'La cadena cuelga' },
  their: { de: 'an eigenen Laschen', es: 'de orejetas propias' },
  its: { de: 'an eigener Lasche', es: 'de una orejeta propia' },
  '{region} asks for {wantedCount} chains; {count} {count2} here.': {
    de: '{region} verlangt {wantedCount} Ketten; hier {count2} {count}.',
    es: '{region} pide {wantedCount} cadenas; aquí {count2} {count}.',
  },
  hangs: { de: 'hängt', es: 'cuelga' },
  hang: { de: 'hängen', es: 'cuelgan' },
  '{region}: what a chain must hold is not worked out here; ask your own authority, and read its tag.': {
    de: '{region}: was eine Kette halten muss, wird hier nicht gerechnet; die eigene Behörde fragen und das Etikett lesen.',
    es: '{region}: lo que debe aguantar una cadena no se calcula aquí; pregunte a su autoridad, y lea la etiqueta.',
  },
  'Each chain must break at no less than {needed}, class {className}. What yours break at is missing: grade and size are stamped on the links.':
    {
      de: 'Jede Kette muss mindestens {needed} bis zum Bruch halten, Klasse {className}. Wobei Ihre brechen, fehlt: Güte und Maß sind auf die Glieder geprägt.',
      es: 'Cada cadena debe romper a no menos de {needed}, clase {className}. Falta a cuánto rompen las suyas: grado y medida van sellados en los eslabones.',
    },
  'Each chain breaks at {breaksAt}; class {className} asks for {needed}. Hook and link must hold as much.': {
    de: 'Jede Kette bricht bei {breaksAt}; Klasse {className} verlangt {needed}. Haken und Glied müssen ebenso viel halten.',
    es: 'Cada cadena rompe a {breaksAt}; la clase {className} pide {needed}. Gancho y eslabón deben aguantar lo mismo.',
  },
  'A chain of {length}: turning as far as you want takes {needed}.': {
    de: 'Eine Kette von {length}: so weit zu wenden, wie gewünscht, braucht {needed}.',
    es: 'Una cadena de {length}: girar tanto como quiere pide {needed}.',
  },
  'It tears off before that.': { de: 'Vorher reißt sie ab.', es: 'Antes se arranca.' },
  'How high the hitch is, is missing: whether a dropped tongue reaches the road cannot be told.': {
    de: 'Wie hoch die Kugel steht, fehlt: ob eine fallende Deichsel die Straße erreicht, lässt sich nicht sagen.',
    es: 'Falta la altura del enganche: no se sabe si una lanza caída llega al camino.',
  },
  'A dropped tongue goes down {drop} and strikes the road: shorten it.': {
    de: 'Eine fallende Deichsel sinkt {drop} und schlägt auf die Straße: kürzen.',
    es: 'Una lanza caída baja {drop} y golpea el camino: acórtela.',
  },
  'A dropped tongue hangs {hitch} above the road.': {
    de: 'Eine fallende Deichsel hängt {hitch} über der Straße.',
    es: 'Una lanza caída queda a {hitch} del camino.',
  },
  '{region}: a breakaway sets the brakes if it comes loose. Pull its pin to try it, and hang its cable apart from the chains.':
    {
      de: '{region}: eine Abreißbremse bremst, wenn er sich löst. Zur Probe den Stift ziehen, und das Seil getrennt von den Ketten hängen.',
      es: '{region}: un freno de rotura actúa si se suelta. Tire de su pasador para probarlo, y cuelgue su cable aparte de las cadenas.',
    },
  '{region}: a braked trailer asks for a breakaway that sets its brakes when it comes loose.': {
    de: '{region}: ein gebremster Anhänger braucht eine Abreißbremse, die bremst, wenn er sich löst.',
    es: '{region}: un remolque con frenos pide un freno de rotura que actúe si se suelta.',
  },
  '{region}: whether a breakaway is fitted is missing.': {
    de: '{region}: ob eine Abreißbremse da ist, fehlt.',
    es: '{region}: falta saber si lleva freno de rotura.',
  },
  '{region}: say what works the brakes, electric or overrun.': {
    de: '{region}: angeben, was die Bremsen betätigt, elektrisch oder Auflauf.',
    es: '{region}: diga qué acciona los frenos, eléctricos o de inercia.',
  },
  '{region}: electric brakes ask for a controller in the vehicle and a battery on the trailer for the breakaway.': {
    de: '{region}: elektrische Bremsen verlangen ein Steuergerät im Fahrzeug und eine Batterie am Anhänger für das Abreißen.',
    es: '{region}: los frenos eléctricos piden un control en el vehículo y una batería en el remolque para la rotura.',
  },
  '{region}: overrun brakes are allowed by the vehicle’s permissible greatest mass (GVWR), which is missing: it stands on its plate.':
    {
      de: '{region}: Auflaufbremsen sind nach der zulässigen Gesamtmasse des Fahrzeugs (GVWR) erlaubt, die fehlt: sie steht auf seinem Schild.',
      es: '{region}: los frenos de inercia se admiten según la masa máxima del vehículo (GVWR), que falta: está en su placa.',
    },
  '{region}: overrun brakes are allowed to {upTo}.': {
    de: '{region}: Auflaufbremsen sind bis {upTo} erlaubt.',
    es: '{region}: los frenos de inercia se admiten hasta {upTo}.',
  },
  'The trailer may weigh {share} of the vehicle, whose brakes are made for its own {vehicle}.': {
    de: 'Der Anhänger darf {share} des Fahrzeugs wiegen, dessen Bremsen für die eigenen {vehicle} gemacht sind.',
    es: 'El remolque puede pesar {share} del vehículo, cuyos frenos son para sus propios {vehicle}.',
  },
  'Brakes of its own are advised, whatever the law lets you do.': {
    de: 'Eigene Bremsen sind anzuraten, was auch das Gesetz erlaubt.',
    es: 'Se aconsejan frenos propios, admita lo que admita la ley.',
  },
  'Which plug carries the lights is missing.': {
    de: 'Welcher Stecker die Lampen trägt, fehlt.',
    es: 'Falta qué enchufe lleva las luces.',
  },
  'No plug, no lights: a trailer on the road must show them.': {
    de: 'Kein Stecker, keine Lampen: auf der Straße muss ein Anhänger sie zeigen.',
    es: 'Sin enchufe no hay luces: en carretera un remolque debe llevarlas.',
  },
  '{region} wires turn and stop lights apart: seven ways or thirteen, not {plug}.': {
    de: '{region} trennt Blinker und Bremslicht: sieben Pole oder dreizehn, nicht {plug}.',
    es: '{region} separa intermitente y freno: siete vías o trece, no {plug}.',
  },
  four: { de: 'vier', es: 'cuatro' },
  six: { de: 'sechs', es: 'seis' },
  'Four ways carry lights alone; electric brakes ask for six or seven.': {
    de: 'Vier Pole tragen nur Lampen; elektrische Bremsen verlangen sechs oder sieben.',
    es: 'Cuatro vías llevan solo luces; los frenos eléctricos piden seis o siete.',
  },
  'The plug carries what is fitted. Wire with stranded cable, and ground through a wire, not through the ball.': {
    de: 'Der Stecker trägt, was angebaut ist. Mit Litze verdrahten, und Masse über eine Leitung, nicht über die Kugel.',
    es: 'El enchufe lleva lo montado. Cablee con hilo flexible, y la masa por un cable, no por la bola.',
  },
  '{load} {assumed}, {case}. What it may lift is missing: read its stamp.': {
    de: '{load} {assumed}, {case}. Was er heben darf, fehlt: die Prägung lesen.',
    es: '{load} {assumed}, {case}. Falta lo que puede levantar: lea su sello.',
  },
  'would stand on the jack, set down as it is towed': {
    de: 'stünden auf dem Stützfuß, abgestellt wie gezogen',
    es: 'quedarían sobre la pata, apoyado como va remolcado',
  },
  'stand on the jack': { de: 'stehen auf dem Stützfuß', es: 'quedan sobre la pata' },
  '{load} {assumed} on a jack for {rated}, {case}{assumed2}; half as much again is usual.': {
    de: '{load} {assumed} auf einem Stützfuß für {rated}, {case}{assumed2}; halb so viel dazu ist üblich.',
    es: '{load} {assumed} en una pata para {rated}, {case}{assumed2}; lo habitual es la mitad más.',
  },
  'would stand': { de: 'stünden', es: 'quedarían' },
  stand: { de: 'stehen', es: 'quedan' },
  ', set down as it is towed': { de: ', abgestellt wie gezogen', es: ', apoyado como va remolcado' },
  'To lift the coupler off the ball the jack must reach {needed} below the tongue’s top.': {
    de: 'Um die Kupplung von der Kugel zu heben, muss der Stützfuß {needed} unter die Oberkante der Deichsel reichen.',
    es: 'Para sacar el acoplamiento de la bola la pata debe llegar {needed} bajo la cara superior de la lanza.',
  },
  'How far yours reaches is missing.': { de: 'Wie weit Ihrer reicht, fehlt.', es: 'Falta hasta dónde llega la suya.' },
  'Yours reaches {long}: too short. Take a drop leg.': {
    de: 'Ihrer reicht {long}: zu kurz. Einen mit Steckbein nehmen.',
    es: 'La suya llega {long}: corta. Tome una con extensión.',
  },
  'Drawn in, its foot still drags on the road: take one that swings up.': {
    de: 'Eingezogen schleift sein Fuß noch auf der Straße: einen nehmen, der hochschwenkt.',
    es: 'Recogida, su pie aún arrastra: tome una que se levante.',
  },
  'Drawn in, it clears the road by {clear}.': {
    de: 'Eingezogen bleibt er {clear} über der Straße.',
    es: 'Recogida, libra el camino por {clear}.',
  },
  'The vehicle’s permissible greatest mass, which D goes by, is missing: it stands on its plate and in its papers.': {
    de: 'Die zulässige Gesamtmasse des Fahrzeugs, nach der D geht, fehlt: sie steht auf seinem Schild und in den Papieren.',
    es: 'Falta la masa máxima del vehículo, de la que depende D: está en su placa y papeles.',
  },
  'The coupling needs a D of {needed}; what is stamped on its plate is missing.': {
    de: 'Die Kupplung braucht ein D von {needed}; was auf ihrem Schild steht, fehlt.',
    es: 'El acoplamiento pide un D de {needed}; falta lo que dice su placa.',
  },
  'The coupling needs a D of {needed}; its plate says {rated}.': {
    de: 'Die Kupplung braucht ein D von {needed}; ihr Schild sagt {rated}.',
    es: 'El acoplamiento pide un D de {needed}; su placa dice {rated}.',
  },
  'Behind this vehicle that is enough for {allows}.': {
    de: 'Hinter diesem Fahrzeug reicht das für {allows}.',
    es: 'Detrás de este vehículo eso basta para {allows}.',
  },
  'Over 3.5 t the plate must also show V: {needed} or more. Compare it with the plate yourself.': {
    de: 'Über 3,5 t muss das Schild auch V zeigen: {needed} oder mehr. Selbst mit dem Schild vergleichen.',
    es: 'Por encima de 3,5 t la placa debe mostrar también V: {needed} o más. Compárelo usted con la placa.',
  },
  '{region}: the coupling’s middle stands {height} high, {case}; {verdict} {from} to {to}.': {
    de: '{region}: die Mitte der Kupplung liegt {height} hoch, {case}; {verdict}: {from} bis {to}.',
    es: '{region}: el centro del acoplamiento está a {height}, {case}; {verdict} de {from} a {to}.',
  },
  within: { de: 'innerhalb', es: 'dentro' },
  outside: { de: 'außerhalb', es: 'fuera' },
  'of any trailer with more than one axle': {
    de: 'von jedem Anhänger mit mehr als einer Achse',
    es: 'a todo remolque con más de un eje',
  },
  'above {from} on the axles': { de: 'über {from} auf den Achsen', es: 'con más de {from} en los ejes' },
  'above {from}': { de: 'über {from}', es: 'con más de {from}' },
  'by state or province, from {from} or less in a few to {to} in most': {
    de: 'je nach Staat oder Provinz, ab {from} oder weniger in wenigen, ab {to} in den meisten',
    es: 'según estado o provincia, desde {from} o menos en unos pocos hasta {to} en los más',
  },
  'this trailer may weigh': { de: 'dieser Anhänger darf wiegen:', es: 'este remolque puede pesar' },
  'on these may stand': { de: 'auf diesen dürfen stehen:', es: 'sobre estos puede haber' },
  'Brakes fitted.': { de: 'Bremsen vorhanden.', es: 'Lleva frenos.' },
  'No brakes.': { de: 'Keine Bremsen.', es: 'Sin frenos.' },
  'Brakes are not decided yet.': {
    de: 'Über Bremsen ist noch nicht entschieden.',
    es: 'Los frenos están sin decidir.',
  },
  'No brakes decided.': { de: 'Keine Bremsen entschieden.', es: 'Sin frenos decididos.' },
  '{state} {region} asks for them {asked}; {weighs} {gross}. Your own authority decides.': {
    de: '{state} {region} verlangt sie {asked}; {weighs} {gross}. Die eigene Behörde entscheidet.',
    es: '{state} {region} los pide {asked}; {weighs} {gross}. Decide su propia autoridad.',
  },
  'A home-made coupling is never rated here, whatever is typed beside it. Buy a rated one: nothing else keeps trailer and tow vehicle together.':
    {
      de: 'Eine selbst gebaute Kupplung wird hier nie eingestuft, was auch daneben steht. Eine geprüfte kaufen: sonst hält nichts Anhänger und Zugfahrzeug zusammen.',
      es: 'Un acoplamiento hecho en casa aquí nunca se clasifica, diga lo que diga al lado. Compre uno homologado: nada más une remolque y vehículo.',
    },
  'Say where it will be towed: brake and width rules differ.': {
    de: 'Angeben, wo er gezogen wird: Regeln für Bremsen und Breite sind verschieden.',
    es: 'Diga dónde se remolcará: las reglas de frenos y anchura difieren.',
  },
  'Your home-made coupling, for study: {force} {ways} works its {study} at {share} of yield.': {
    de: 'Ihre selbst gebaute Kupplung, zum Lernen: {force} {ways}; {study}: {share} der Fließgrenze.',
    es: 'Su acoplamiento casero, para estudio: {force} {ways}; {study}: {share} del límite elástico.',
  },
  'It does not hold even on paper.': { de: 'Sie hält nicht einmal auf dem Papier.', es: 'No aguanta ni en el papel.' },
  'That is no rating: wear, notches, blows and loose threads are not in it.': {
    de: 'Das ist keine Einstufung: Verschleiß, Kerben, Schläge und lose Gewinde sind nicht darin.',
    es: 'Eso no es una clasificación: desgaste, muescas, golpes y roscas flojas no cuentan.',
  },
  'Threads where a pin is sheared are bad: they are notches.': {
    de: 'Gewinde, wo ein Bolzen abgeschert wird, sind schlecht: sie sind Kerben.',
    es: 'Roscas donde el pasador se corta son malas: son muescas.',
  },
  'Buy a rated one.': { de: 'Eine geprüfte kaufen.', es: 'Compre uno homologado.' },
} as const satisfies Phrasebook;
