import type { CoatingSystem, ContactCode, Surroundings } from '../coating/index.js';

export const SURROUNDINGS_NAMES = {
  dry: 'inland, under a roof when it stands',
  rain: 'outside in the rain, salted roads now and then',
  salt: 'salted roads all winter, or by the sea',
} as const satisfies Readonly<Record<Surroundings, string>>;

export const COATING_NAMES = {
  brush: 'primer and two coats of enamel',
  'two-pack': 'two-pack: epoxy primer twice, polyurethane once',
  powder: 'blasted and powder coated',
  galvanized: 'hot-dip galvanized',
  none: 'nothing',
} as const satisfies Readonly<Record<CoatingSystem, string>>;

/** What each asks of the one who builds. */
export const COATING_HOW = {
  brush: [
    'Scale off to bright metal, oil washed off, primer the same day; edges and welds by brush before the rest.',
    'A day between coats or as its tin says; inside of open ends as far as a brush or a swab gets.',
    'Cheap enamel over mill scale came off within a year and had to be stripped: the cleaning is what lasts.',
  ],
  'two-pack': [
    'Blasted, or ground until it is bright: epoxy sits on metal, not on scale.',
    'Its hardener makes ill: a mask with supplied air or the filters that its sheet names, skin covered, outdoors or drawn off.',
    'Coat within the hours that its sheet names, or sand between.',
  ],
  powder: [
    'Ask whether it is blasted first and whether a zinc primer goes under it: powder on bare steel creeps off from the first stone.',
    'Closed tubes need a hole: hot air has to get out of them in the oven.',
    'Threads, bearing seats and the place of the ground wire are plugged or taped.',
  ],
  galvanized: [
    'Show the drawing of the holes to the galvanizer before you weld: one closed tube bursts in the bath and kills.',
    'No paint, silicone or grease on it; spatter and slag off: zinc shows all of it.',
    'Steel grows hot and bends: thin plates warp. Threads are run through again; moving parts go together afterwards.',
    'Nothing is welded on it later: grind the zinc off two inches (50 mm) about, and mend with zinc paint.',
  ],
  none: ['Aluminum needs no paint; steel parts on it do.'],
} as const satisfies Readonly<Record<CoatingSystem, readonly string[]>>;

/** What comes off before an arc is struck, by the metal that is welded. */
export const BEFORE_WELDING = {
  steel: [
    'Mill scale and rust for an inch (25 mm) about every weld, both sides; oil and marking ink with a clean rag and acetone, dry before the arc.',
    'Zinc for two inches (50 mm) about, inside of tubes as well: its fumes make ill. Paint and primer likewise.',
  ],
  aluminum: [
    'Oil, marking ink and the film on bought bars with a clean rag and acetone; then a stainless brush of its own, then weld within hours: the skin of oxide grows back.',
  ],
} as const satisfies Readonly<Record<'steel' | 'aluminum', readonly string[]>>;
/** Of whatever metal. */
export const NO_CHLORINE = 'No chlorinated solvent anywhere near an arc: it makes a poison gas.' as const;

export const CONTACT_TEXT = {
  'aluminum-deck-on-steel':
    'Aluminum deck on steel bars: paint both, tape or a bed of sealer between all along, stainless screws with washers of nylon.',
  'aluminum-panels-on-steel':
    'Aluminum skins on steel posts: tape between, stainless or aluminum rivets, the lower edge open so that it drains.',
  'aluminum-bars-on-steel':
    'Aluminum bars bolted to steel ones: a plate of plastic between, sleeves about the bolts, no weld joins them.',
  'steel-gear-on-aluminum':
    'Steel hangers, axle brackets and coupler on an aluminum frame: plates of plastic or paint between, galvanized or stainless bolts in sleeves, tightened again after the first trip.',
  'wood-on-aluminum':
    'Wood on aluminum: what keeps treated wood from rot holds copper, which eats aluminum. Untreated and sealed wood, or a membrane between.',
  'wood-on-steel':
    'Wood on steel: seal its underside, a bead of sealer on each bar. In treated wood screws that are hot-dip galvanized or stainless; thin yellow zinc is gone in a winter.',
} as const satisfies Readonly<Record<ContactCode, string>>;
