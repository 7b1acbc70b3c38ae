import type { Phrasebook } from '../phrases.js';

export const manners = {
  Class: { de: 'Klasse', es: 'Clase' },
  Licence: { de: 'Führerschein', es: 'Permiso' },
  Brakes: { de: 'Bremsen', es: 'Frenos' },
  'Chains, second coupling': { de: 'Ketten, zweite Verbindung', es: 'Cadenas, segunda unión' },
  Width: { de: 'Breite', es: 'Ancho' },
  Length: { de: 'Länge', es: 'Largo' },
  Height: { de: 'Höhe', es: 'Alto' },
  'Load past the bed': { de: 'Ladung über die Fläche hinaus', es: 'Carga que sobresale' },
  Speed: { de: 'Tempo', es: 'Velocidad' },
  Inspection: { de: 'Prüfung', es: 'Inspección' },
  'Plate and number': { de: 'Kennzeichen und Nummer', es: 'Matrícula y número' },
  'Light: some states ask for neither title nor inspection up to 1,000 to 3,000 lb gross; most want a plate all the same.':
    {
      de: 'Leicht: manche Staaten verlangen bis 1,000 bis 3,000 lb Gesamtmasse weder Brief noch Prüfung; die meisten wollen trotzdem ein Kennzeichen.',
      es: 'Ligero: algunos estados no piden título ni inspección hasta 1,000 a 3,000 lb; la mayoría quiere matrícula igualmente.',
    },
  'Titled and registered in nearly all states and provinces; built by oneself, it is given its number there.': {
    de: 'In fast allen Staaten und Provinzen mit Brief und zugelassen; selbst gebaut bekommt er dort seine Nummer.',
    es: 'Con título y registro en casi todos los estados y provincias; hecho en casa, allí le dan su número.',
  },
  'Above 10,000 lb: marking tape where it is wide, an impact guard unless it is exempt, rules of commerce where it earns money.':
    {
      de: 'Über 10,000 lb: Konturband, wo er breit ist, Unterfahrschutz, wenn nicht ausgenommen, Gewerberegeln, wo er Geld verdient.',
      es: 'Más de 10,000 lb: cinta de contorno si es ancho, protección trasera salvo exención, reglas comerciales si gana dinero.',
    },
  'An ordinary licence, in most places.': {
    de: 'An den meisten Orten ein gewöhnlicher Führerschein.',
    es: 'Un permiso corriente, en la mayoría de sitios.',
  },
  'Ask first: with more than 10,000 lb of trailer and 26,001 lb in all a commercial licence; some states ask for one of their own before that.':
    {
      de: 'Erst fragen: über 10,000 lb Anhänger und 26,001 lb zusammen ein gewerblicher Führerschein; manche Staaten verlangen schon vorher einen eigenen.',
      es: 'Pregunte antes: con más de 10,000 lb de remolque y 26,001 lb en total, permiso comercial; algunos estados piden uno propio antes.',
    },
  'Hardly anywhere asked for.': { de: 'Kaum irgendwo verlangt.', es: 'Casi en ningún sitio se piden.' },
  'Asked for in the stricter places, from 1,000 to 1,500 lb on, or where it is heavy for its vehicle.': {
    de: 'An strengeren Orten verlangt, ab 1,000 bis 1,500 lb, oder wo er für sein Fahrzeug schwer ist.',
    es: 'Se piden en los sitios más estrictos, desde 1,000 a 1,500 lb, o si pesa mucho para su vehículo.',
  },
  'Asked for in most places from 3,000 lb on (Canada from about 1,360 kg), on all wheels, with a breakaway that holds a quarter of an hour.':
    {
      de: 'An den meisten Orten ab 3,000 lb verlangt (Kanada ab etwa 1,360 kg), an allen Rädern, mit einer Abreißbremse, die eine Viertelstunde hält.',
      es: 'Se piden en la mayoría de sitios desde 3,000 lb (Canadá desde unos 1,360 kg), en todas las ruedas, con freno de rotura que aguante un cuarto de hora.',
    },
  'Asked for everywhere, on all wheels, with a breakaway that holds a quarter of an hour.': {
    de: 'Überall verlangt, an allen Rädern, mit einer Abreißbremse, die eine Viertelstunde hält.',
    es: 'Se piden en todas partes, en todas las ruedas, con freno de rotura que aguante un cuarto de hora.',
  },
  'Two, crossed under the tongue, each to its own tab, each breaking at no less than the gross by its class.': {
    de: 'Zwei, unter der Deichsel gekreuzt, jede an eigener Lasche, jede mit einer Bruchlast nicht unter der Gesamtmasse nach Klasse.',
    es: 'Dos, cruzadas bajo la lanza, cada una en su orejeta, con rotura no menor que la masa total según clase.',
  },
  'Up to 102 in (2.6 m) on the national network; some local roads have 96 in.': {
    de: 'Bis 102 in (2,6 m) im Fernstraßennetz; manche örtlichen Straßen haben 96 in.',
    es: 'Hasta 102 in (2,6 m) en la red nacional; algunas vías locales 96 in.',
  },
  'Wider than 102 in (2.6 m): an oversize permit for every trip.': {
    de: 'Breiter als 102 in (2,6 m): für jede Fahrt eine Sondergenehmigung.',
    es: 'Más de 102 in (2,6 m): permiso especial para cada viaje.',
  },
  'Inside what all states let by; vehicle and trailer together 65 ft in many (55 to 85).': {
    de: 'Innerhalb dessen, was alle Staaten zulassen; Fahrzeug und Anhänger zusammen vielerorts 65 ft (55 bis 85).',
    es: 'Dentro de lo que admiten todos los estados; vehículo y remolque juntos 65 ft en muchos (55 a 85).',
  },
  'Longer than 28 ft: states differ, 28 to 53 ft for the trailer, 55 to 85 for both together.': {
    de: 'Länger als 28 ft: Staaten sind verschieden, 28 bis 53 ft für den Anhänger, 55 bis 85 für beide.',
    es: 'Más de 28 ft: los estados difieren, 28 a 53 ft el remolque, 55 a 85 ambos juntos.',
  },
  'Up to 13 ft 6 in; a few bridges less.': {
    de: 'Bis 13 ft 6 in; einige Brücken weniger.',
    es: 'Hasta 13 ft 6 in; algunos puentes menos.',
  },
  'Higher than 13 ft 6 in: only in western states to 14 ft, else a permit.': {
    de: 'Höher als 13 ft 6 in: nur in westlichen Staaten bis 14 ft, sonst eine Genehmigung.',
    es: 'Más de 13 ft 6 in: solo en estados del oeste hasta 14 ft, si no un permiso.',
  },
  'No flag asked for up to 3 ft behind in nearly all places.': {
    de: 'Bis 3 ft hinten fast überall keine Fahne verlangt.',
    es: 'Hasta 3 ft detrás casi nadie pide bandera.',
  },
  'A red flag of 18 in at its end, at night a red lamp, from 3 ft in some states and 4 ft in all.': {
    de: 'Eine rote Fahne von 18 in am Ende, nachts eine rote Lampe, ab 3 ft in manchen und ab 4 ft in allen Staaten.',
    es: 'Una bandera roja de 18 in en su extremo, de noche una luz roja, desde 3 ft en algunos estados y 4 ft en todos.',
  },
  'As other traffic in most places; 55 mph for whatever tows in some. Tires say 65 mph where nothing else is on them.':
    {
      de: 'Meist wie der übrige Verkehr; mancherorts 55 mph für alles, was zieht. Reifen sagen 65 mph, wo nichts anderes steht.',
      es: 'Como el resto del tráfico en general; 55 mph para quien remolca en algunos. Los neumáticos dicen 65 mph si no ponen otra cosa.',
    },
  'Every year in about a third of the states, from 3,000 to 4,500 lb on in some of them; once for its number nearly everywhere.':
    {
      de: 'In etwa einem Drittel der Staaten jedes Jahr, in manchen ab 3,000 bis 4,500 lb; einmal für die Nummer fast überall.',
      es: 'Cada año en un tercio de los estados, en algunos desde 3,000 a 4,500 lb; una vez para el número casi en todas partes.',
    },
  'A number given by the state or province after it was looked at; gross and axle ratings, tires with their pressure where they can be read from outside.':
    {
      de: 'Eine Nummer, die Staat oder Provinz nach Ansicht vergibt; Gesamtmasse, Achslasten, Reifen mit Druck von außen lesbar.',
      es: 'Un número que da el estado o provincia tras verlo; masa total y ejes, neumáticos con su presión, legibles desde fuera.',
    },
  'O1: light. In some countries no approval, in others a short one.': {
    de: 'O1: leicht. In manchen Ländern keine Genehmigung, in anderen eine kurze.',
    es: 'O1: ligero. En algunos países sin homologación, en otros una breve.',
  },
  'O2: an individual approval before it goes on the road.': {
    de: 'O2: eine Einzelgenehmigung, bevor er auf die Straße geht.',
    es: 'O2: homologación individual antes de circular.',
  },
  'O3: a truck’s rules: brakes from the vehicle, side guards, a tachograph in some vehicles.': {
    de: 'O3: Regeln wie für Lkw: Bremsen vom Fahrzeug aus, Seitenschutz, in manchen Fahrzeugen ein Fahrtenschreiber.',
    es: 'O3: reglas de camión: frenos desde el vehículo, protección lateral, tacógrafo en algunos vehículos.',
  },
  'B, with any car.': { de: 'B, mit jedem Pkw.', es: 'B, con cualquier coche.' },
  'B as long as car and trailer together are permitted 3,500 kg at most; B96 to 4,250 kg; beyond that BE. Great Britain: B since 2021.':
    {
      de: 'B, solange Pkw und Anhänger zusammen höchstens 3,500 kg zulässig haben; B96 bis 4,250 kg; darüber BE. Großbritannien: B seit 2021.',
      es: 'B mientras coche y remolque juntos no pasen de 3,500 kg admisibles; B96 hasta 4,250 kg; más allá BE. Gran Bretaña: B desde 2021.',
    },
  'C1E or CE.': { de: 'C1E oder CE.', es: 'C1E o CE.' },
  'None asked for, as long as it weighs no more than half of the car, by the car’s own papers.': {
    de: 'Keine verlangt, solange er nach den Papieren des Pkw höchstens die Hälfte von dessen Gewicht wiegt.',
    es: 'No se piden mientras no pese más de la mitad del coche, según los papeles de este.',
  },
  'Asked for: overrun brakes will do, with a parking brake and a breakaway cable.': {
    de: 'Verlangt: Auflaufbremsen genügen, mit Feststellbremse und Abreißseil.',
    es: 'Se piden: bastan los de inercia, con freno de estacionamiento y cable de rotura.',
  },
  'Asked for, worked from the vehicle.': {
    de: 'Verlangt, vom Fahrzeug aus betätigt.',
    es: 'Se piden, accionados desde el vehículo.',
  },
  'A chain or cable that keeps the coupling off the road.': {
    de: 'Eine Kette oder ein Seil, das die Kupplung von der Straße hält.',
    es: 'Una cadena o cable que mantenga el acoplamiento lejos del suelo.',
  },
  'A breakaway cable that pulls the parking brake, laid round a fixed point of the car as the country asks.': {
    de: 'Ein Abreißseil, das die Feststellbremse zieht, um einen festen Punkt des Pkw gelegt, wie das Land es verlangt.',
    es: 'Un cable de rotura que accione el freno de estacionamiento, alrededor de un punto fijo del coche según pida el país.',
  },
  'Up to 2.55 m.': { de: 'Bis 2,55 m.', es: 'Hasta 2,55 m.' },
  'Wider than 2.55 m: a permit for every trip.': {
    de: 'Breiter als 2,55 m: für jede Fahrt eine Genehmigung.',
    es: 'Más de 2,55 m: permiso para cada viaje.',
  },
  'Up to 12 m with the tongue, 18.75 m with the vehicle; Great Britain 7 m without it behind a car.': {
    de: 'Bis 12 m mit Deichsel, 18,75 m mit Fahrzeug; Großbritannien 7 m ohne sie hinter einem Pkw.',
    es: 'Hasta 12 m con la lanza, 18,75 m con el vehículo; Gran Bretaña 7 m sin ella detrás de un coche.',
  },
  'Longer than 12 m: a permit for every trip.': {
    de: 'Länger als 12 m: für jede Fahrt eine Genehmigung.',
    es: 'Más de 12 m: permiso para cada viaje.',
  },
  'Up to 4 m.': { de: 'Bis 4 m.', es: 'Hasta 4 m.' },
  'Higher than 4 m: a permit in most countries.': {
    de: 'Höher als 4 m: in den meisten Ländern eine Genehmigung.',
    es: 'Más de 4 m: permiso en la mayoría de países.',
  },
  'No mark asked for up to 1 m behind the lamps.': {
    de: 'Bis 1 m hinter den Lampen kein Zeichen verlangt.',
    es: 'Hasta 1 m detrás de las luces no se pide señal.',
  },
  'From 1 m on a flag or board, at night a red lamp.': {
    de: 'Ab 1 m Fahne oder Tafel, nachts eine rote Lampe.',
    es: 'Desde 1 m una bandera o placa, de noche una luz roja.',
  },
  'Beyond 1.5 m some countries let it by on short trips only, to 3 m.': {
    de: 'Über 1,5 m lassen manche Länder nur auf kurzen Fahrten zu, bis 3 m.',
    es: 'Más de 1,5 m algunos países lo dejan solo en viajes cortos, hasta 3 m.',
  },
  '80 km/h in most countries on the open road (70 to 90), up to 100 with a test in some, 60 mph in Great Britain.': {
    de: '80 km/h auf freier Straße in den meisten Ländern (70 bis 90), mit Prüfung mancherorts bis 100, 60 mph in Großbritannien.',
    es: '80 km/h en carretera en la mayoría de países (70 a 90), hasta 100 con prueba en algunos, 60 mph en Gran Bretaña.',
  },
  'Every second year in many countries, the first time after two to four; none for light ones in some.': {
    de: 'In vielen Ländern alle zwei Jahre, erstmals nach zwei bis vier; für leichte in manchen keine.',
    es: 'Cada dos años en muchos países, la primera vez a los dos a cuatro; para ligeros ninguna en algunos.',
  },
  'Builder, number, permitted mass, axle mass, load on the coupling; the coupling’s own plate with D and S.': {
    de: 'Erbauer, Nummer, zulässige Masse, Achslast, Stützlast; das eigene Schild der Kupplung mit D und S.',
    es: 'Constructor, número, masa admisible, masa por eje, carga en el acoplamiento; su propia placa con D y S.',
  },
  'Light, one axle: no brakes. A statement that it complies, with its plate.': {
    de: 'Leicht, eine Achse: keine Bremsen. Eine Erklärung, dass er entspricht, mit seinem Schild.',
    es: 'Ligero, un eje: sin frenos. Una declaración de que cumple, con su placa.',
  },
  'Up to 4.5 t: by VSB 1, with the builder’s statement and plate.': {
    de: 'Bis 4,5 t: nach VSB 1, mit Erklärung und Schild des Erbauers.',
    es: 'Hasta 4,5 t: por VSB 1, con declaración y placa del constructor.',
  },
  'Above 4.5 t: approved as a heavy trailer; not a job for a yard.': {
    de: 'Über 4,5 t: als schwerer Anhänger zu genehmigen; keine Arbeit für den Hof.',
    es: 'Más de 4,5 t: homologado como remolque pesado; no es trabajo de patio.',
  },
  'A car licence, within what the vehicle may tow.': {
    de: 'Ein Pkw-Führerschein, im Rahmen dessen, was das Fahrzeug ziehen darf.',
    es: 'Permiso de coche, dentro de lo que el vehículo puede remolcar.',
  },
  'None asked for.': { de: 'Keine verlangt.', es: 'No se piden.' },
  'On the wheels of one axle at least; overrun brakes will do.': {
    de: 'An den Rädern mindestens einer Achse; Auflaufbremsen genügen.',
    es: 'En las ruedas de un eje al menos; bastan los de inercia.',
  },
  'On all wheels, worked from the seat, with a breakaway that holds a quarter of an hour.': {
    de: 'An allen Rädern, vom Sitz aus betätigt, mit einer Abreißbremse, die eine Viertelstunde hält.',
    es: 'En todas las ruedas, accionados desde el asiento, con freno de rotura que aguante un cuarto de hora.',
  },
  'One, rated by AS 4177.4; two are better.': {
    de: 'Eine nach AS 4177.4; zwei sind besser.',
    es: 'Una según AS 4177.4; mejor dos.',
  },
  'Two, rated by AS 4177.4.': { de: 'Zwei nach AS 4177.4.', es: 'Dos según AS 4177.4.' },
  'Two of 800 MPa steel, crossed.': {
    de: 'Zwei aus Stahl mit 800 MPa, gekreuzt.',
    es: 'Dos de acero de 800 MPa, cruzadas.',
  },
  'Up to 2.5 m (2.55 m for some newer ones).': {
    de: 'Bis 2,5 m (2,55 m für manche neueren).',
    es: 'Hasta 2,5 m (2,55 m para algunos nuevos).',
  },
  'Wider than 2.5 m: only as an oversize trip, but for some newer ones to 2.55 m.': {
    de: 'Breiter als 2,5 m: nur als Sonderfahrt, manche neueren bis 2,55 m.',
    es: 'Más de 2,5 m: solo como viaje especial, salvo algunos nuevos hasta 2,55 m.',
  },
  'Up to 12.5 m with the tongue, 19 m with the vehicle.': {
    de: 'Bis 12,5 m mit Deichsel, 19 m mit Fahrzeug.',
    es: 'Hasta 12,5 m con la lanza, 19 m con el vehículo.',
  },
  'Longer than 12.5 m: not as a trailer for a car.': {
    de: 'Länger als 12,5 m: nicht als Anhänger für einen Pkw.',
    es: 'Más de 12,5 m: no como remolque de coche.',
  },
  'Up to 4.3 m.': { de: 'Bis 4,3 m.', es: 'Hasta 4,3 m.' },
  'Higher than 4.3 m: a permit.': { de: 'Höher als 4,3 m: eine Genehmigung.', es: 'Más de 4,3 m: un permiso.' },
  'Behind the axles no more than 3.7 m, and six tenths of what is ahead of them; a flag from 1.2 m past the bed.': {
    de: 'Hinter den Achsen höchstens 3,7 m und sechs Zehntel dessen, was davor liegt; eine Fahne ab 1,2 m über die Fläche hinaus.',
    es: 'Detrás de los ejes no más de 3,7 m, y seis décimos de lo que hay delante; bandera desde 1,2 m más allá de la caja.',
  },
  'More than 3.7 m: not without a permit.': {
    de: 'Mehr als 3,7 m: nicht ohne Genehmigung.',
    es: 'Más de 3,7 m: no sin permiso.',
  },
  '100 km/h in most places, 80 to 110.': { de: '100 km/h meist, 80 bis 110.', es: '100 km/h en general, 80 a 110.' },
  'At registration; after that in few places.': {
    de: 'Bei der Zulassung; danach an wenigen Orten.',
    es: 'Al matricular; después en pocos sitios.',
  },
  'At registration; every year in some states.': {
    de: 'Bei der Zulassung; in manchen Staaten jedes Jahr.',
    es: 'Al matricular; cada año en algunos estados.',
  },
  'Builder, ATM, GTM, axle ratings, tires, month and year, a number of seventeen characters.': {
    de: 'Erbauer, ATM, GTM, Achslasten, Reifen, Monat und Jahr, eine Nummer aus siebzehn Zeichen.',
    es: 'Constructor, ATM, GTM, ejes, neumáticos, mes y año, un número de diecisiete signos.',
  },
  'nobody has declared the gross yet': {
    de: 'niemand hat die Gesamtmasse angegeben',
    es: 'nadie ha declarado aún la masa total',
  },
  'gross {value}': { de: 'Gesamtmasse {value}', es: 'masa total {value}' },
  '{value} wide': { de: '{value} breit', es: '{value} de ancho' },
  '{value} long, the tongue counted': {
    de: '{value} lang, mit Deichsel gezählt',
    es: '{value} de largo, contando la lanza',
  },
  '{value} high, loaded': { de: '{value} hoch, beladen', es: '{value} de alto, cargado' },
  'nothing reaches past it': { de: 'nichts ragt darüber hinaus', es: 'nada sobresale' },
  '{value} past it': { de: '{value} darüber hinaus', es: 'sobresale {value}' },
  'Registration or approval, and the plate’s figures as they are on the trailer.': {
    de: 'Zulassung oder Genehmigung, und die Zahlen des Schilds, wie sie am Anhänger stehen.',
    es: 'Matrícula o aprobación, y las cifras de la placa tal como están en el remolque.',
  },
  'A weight slip of the empty trailer; the load on the ball as it goes today.': {
    de: 'Ein Wiegeschein des leeren Anhängers; die Stützlast, wie er heute fährt.',
    es: 'Un boleto de peso del remolque vacío; el peso en la bola tal como sale hoy.',
  },
  'Receipts of steel, axle, coupler and lamps; photos of the welds before paint.': {
    de: 'Belege für Stahl, Achse, Kupplung und Lampen; Fotos der Nähte vor der Farbe.',
    es: 'Recibos de acero, eje, acoplamiento y luces; fotos de las soldaduras antes de pintar.',
  },
  'Papers of coupler and axle: their stamps, or the leaflets that came with them.': {
    de: 'Papiere von Kupplung und Achse: ihre Prägungen oder die beiliegenden Blätter.',
    es: 'Papeles de acoplamiento y eje: sus estampas, o los folletos que venían.',
  },
} as const satisfies Phrasebook;
