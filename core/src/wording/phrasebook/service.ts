import type { Phrasebook } from '../phrases.js';

export const service = {
  'Wheel nuts to torque': { de: 'Radmuttern auf Drehmoment', es: 'Tuercas de rueda a su par' },
  'U-bolts and shackle bolts to torque': {
    de: 'Federbügel und Laschenbolzen auf Drehmoment',
    es: 'Abarcones y pernos de gemela a su par',
  },
  'Springs, bushes, shackles': { de: 'Federn, Buchsen, Laschen', es: 'Ballestas, casquillos, gemelas' },
  'Rubber springs and dampers': { de: 'Gummifedern und Dämpfer', es: 'Muelles de goma y amortiguadores' },
  'Bearings greased, play set': {
    de: 'Lager gefettet, Spiel eingestellt',
    es: 'Rodamientos engrasados, juego ajustado',
  },
  'Brakes adjusted, magnets or cable looked at': {
    de: 'Bremsen nachgestellt, Magnete oder Seil angesehen',
    es: 'Frenos ajustados, imanes o cable revisados',
  },
  'Breakaway switch and battery': { de: 'Abreißschalter und Batterie', es: 'Interruptor de rotura y batería' },
  'Coupler greased, latch and play': {
    de: 'Kupplung gefettet, Verriegelung und Spiel',
    es: 'Acoplamiento engrasado, cierre y juego',
  },
  'Three-axis coupling greased, pin and nut': {
    de: 'Dreiachskupplung gefettet, Bolzen und Mutter',
    es: 'Acoplamiento de tres ejes engrasado, pasador y tuerca',
  },
  'Ball’s wear': { de: 'Verschleiß der Kugel', es: 'Desgaste de la bola' },
  'Chains and hooks': { de: 'Ketten und Haken', es: 'Cadenas y ganchos' },
  'Tires: age, cracks, tread, pressure': {
    de: 'Reifen: Alter, Risse, Profil, Druck',
    es: 'Neumáticos: edad, grietas, dibujo, presión',
  },
  'Look at the welds that work hardest': {
    de: 'Die Nähte ansehen, die am härtesten arbeiten',
    es: 'Mirar las soldaduras que más trabajan',
  },
  'Coating touched up': { de: 'Beschichtung ausgebessert', es: 'Recubrimiento retocado' },
  'Lamps, plug, ground': { de: 'Lampen, Stecker, Masse', es: 'Luces, enchufe, masa' },
  'Deck and its screws': { de: 'Boden und seine Schrauben', es: 'Piso y sus tornillos' },
  'Crosswise with a torque wrench, wheels cold, threads dry.': {
    de: 'Über Kreuz mit Drehmomentschlüssel, Räder kalt, Gewinde trocken.',
    es: 'En cruz con llave dinamométrica, ruedas frías, roscas secas.',
  },
  'Evenly, a quarter turn at a time; a broken leaf or a lost clip ends the trip.': {
    de: 'Gleichmäßig, je eine Vierteldrehung; ein gebrochenes Blatt oder eine verlorene Klammer beendet die Fahrt.',
    es: 'Parejo, un cuarto de vuelta cada vez; una hoja rota o una brida perdida acaba el viaje.',
  },
  'Cracked leaves, worn bushes, shackles that lean.': {
    de: 'Gerissene Blätter, verschlissene Buchsen, geneigte Laschen.',
    es: 'Hojas agrietadas, casquillos gastados, gemelas inclinadas.',
  },
  'Arms at one height left and right; no cracks, no oil.': {
    de: 'Arme links und rechts gleich hoch; keine Risse, kein Öl.',
    es: 'Brazos a igual altura a ambos lados; sin grietas, sin aceite.',
  },
  'Clean, pack, set; new seals. Warm is well, hot is not.': {
    de: 'Reinigen, fetten, einstellen; neue Dichtungen. Warm ist gut, heiß nicht.',
    es: 'Limpiar, engrasar, ajustar; retenes nuevos. Tibio está bien, caliente no.',
  },
  'Both sides alike; the pull felt at 20 mph on an empty road.': {
    de: 'Beide Seiten gleich; der Zug bei 20 mph (32 km/h) auf leerer Straße spürbar.',
    es: 'Ambos lados igual; el tirón notado a 20 mph (32 km/h) en camino vacío.',
  },
  'Plug out, switch pulled: the wheels hold for a quarter of an hour.': {
    de: 'Stecker ab, Schalter gezogen: die Räder halten eine Viertelstunde.',
    es: 'Enchufe fuera, interruptor tirado: las ruedas aguantan un cuarto de hora.',
  },
  'Lift the nose by it: it may not come off.': {
    de: 'Die Nase daran heben: sie darf nicht abgehen.',
    es: 'Levante el morro por él: no debe salirse.',
  },
  'No play that clicks; thread and pin without a groove.': {
    de: 'Kein Spiel, das klackt; Gewinde und Bolzen ohne Rille.',
    es: 'Sin juego que suene; rosca y pasador sin surco.',
  },
  'A new one from 1/16 in (1.5 mm) of wear, or a fiftieth of its diameter, on any side.': {
    de: 'Ab 1/16 in (1,5 mm) Verschleiß oder einem Fünfzigstel des Durchmessers auf einer Seite eine neue.',
    es: 'Una nueva desde 1/16 in (1,5 mm) de desgaste, o un cincuentavo de su diámetro, en cualquier lado.',
  },
  'A link worn by a tenth, stretched or cracked: a new chain.': {
    de: 'Ein um ein Zehntel verschlissenes, gelängtes oder gerissenes Glied: eine neue Kette.',
    es: 'Un eslabón gastado un décimo, estirado o agrietado: cadena nueva.',
  },
  'Older than six years, or cracked at the bead: a new one, however good the tread.': {
    de: 'Älter als sechs Jahre oder an der Wulst gerissen: ein neuer, wie gut das Profil auch ist.',
    es: 'Más de seis años, o agrietado en el talón: uno nuevo, por bueno que esté el dibujo.',
  },
  'Clean, then dye: root of the tongue, hangers, gussets, coupler first. A crack is ground out and the reason found.': {
    de: 'Säubern, dann Farbe: Wurzel der Deichsel, Federböcke, Knotenbleche, Kupplung zuerst. Ein Riss wird ausgeschliffen und der Grund gefunden.',
    es: 'Limpie, luego tinte: raíz de la lanza, soportes, cartelas, acoplamiento primero. Una grieta se esmerila y se busca la causa.',
  },
  'Rust under edges and in open ends; drains open.': {
    de: 'Rost unter Kanten und in offenen Enden; Abläufe offen.',
    es: 'Óxido bajo cantos y en extremos abiertos; drenajes libres.',
  },
  'Every lamp by its function; bright metal under the ground.': {
    de: 'Jede Lampe nach ihrer Funktion; blankes Metall unter der Masse.',
    es: 'Cada luz por su función; metal limpio bajo la masa.',
  },
  'Rot, loose screws, splits.': { de: 'Fäule, lose Schrauben, Risse.', es: 'Podredumbre, tornillos flojos, rajas.' },
  Due: { de: 'Fällig', es: 'Toca' },
  Soon: { de: 'Bald', es: 'Pronto' },
  Later: { de: 'Später', es: 'Más tarde' },
  'After the first tow': { de: 'Nach der ersten Fahrt', es: 'Tras el primer remolque' },
  '{at} driven': { de: '{at} gefahren', es: '{at} recorridos' },
  '; done last on {lastDay}': { de: '; zuletzt am {lastDay}', es: '; hecho por última vez el {lastDay}' },
  '{due}, at {at}': { de: '{due}, bei {at}', es: '{due}, a los {at}' },
} as const satisfies Phrasebook;
