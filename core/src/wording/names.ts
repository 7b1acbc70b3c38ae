import type { HangerMark } from '../running-gear/index.js';
import type { LinkId } from '../coupling/index.js';
import type {
  BarGroup,
  Coupling,
  Design,
  Frame,
  Item,
  LoadCase,
  RunningGear,
  Settings,
  Tongue,
  TowVehicle,
} from '../project/index.js';
import type { MissingOfVehicle } from '../towing/index.js';
import type { UnitSystem } from '../units/index.js';

/** What the kinds of things are called, each once: in lists to choose from, tables and sheets alike. */

/** A list to choose from, in the order in which the names stand. */
export const optionsOf = <K extends string>(
  names: Readonly<Record<K, string>>,
): readonly { readonly value: K; readonly text: string }[] =>
  (Object.entries(names) as [K, string][]).map(([value, text]) => ({ value, text }));

export const REGION_NAMES = {
  'north-america': 'North America',
  europe: 'Europe',
  australia: 'Australia',
} as const satisfies Readonly<Record<Settings['regions'][number], string>>;
/** Axles and how they share. */
export const AXLE_LAYOUT_NAMES = {
  single: 'One axle',
  'tandem-equaliser': 'Two, with equalisers or walking beams',
  'tandem-independent': 'Two, without equalisers',
  'triple-equaliser': 'Three, with equalisers',
  'triple-independent': 'Three, without',
  none: 'None yet',
} as const satisfies Readonly<Record<RunningGear['layout'], string>>;
export const SUSPENSION_NAMES = {
  leaf: 'Leaf springs',
  torsion: 'Torsion axle',
  'swing-arm': 'Swing arms with coils',
  'walking-beam': 'Walking beams, no springs',
  stub: 'Stub axles, no springs',
  none: 'No springs, bolted on',
  unknown: 'Not known yet',
} as const satisfies Readonly<Record<RunningGear['suspension']['kind'], string>>;
export const MOUNTING_NAMES = {
  welded: 'Welded to the rails',
  bolted: 'Bolted to the rails',
} as const satisfies Readonly<Record<RunningGear['suspension']['mounting'], string>>;
export const SPRING_NAMES = {
  'double-eye': 'Two eyes and a shackle',
  slipper: 'One eye, slides at the rear',
} as const satisfies Readonly<Record<RunningGear['suspension']['spring']['kind'], string>>;
export const SPRING_SEAT_NAMES = {
  over: 'On top of the axle',
  under: 'Hung below the axle',
} as const satisfies Readonly<Record<RunningGear['suspension']['spring']['seat'], string>>;
export const FENDER_NAMES = {
  none: 'No fenders',
  fitted: 'Fenders on the bed',
} as const satisfies Readonly<Record<RunningGear['fender']['kind'], string>>;
/** Schools of tongue weight. */
export const SCHOOL_NAMES = {
  'north-america': 'North America, 10 to 15 %',
  europe: 'Europe, 4 % or 25 kg, most by plate',
  australia: 'Australia, about 10 %',
  'muscle-pulled': 'Pulled by muscle, a few %',
  own: 'My own',
} as const satisfies Readonly<Record<Settings['tongueSchool'], string>>;
export const DECK_SEAT_NAMES = {
  'on-top': 'On top of the frame',
  recessed: 'Between the rails',
} as const satisfies Readonly<Record<Frame['deck']['seat'], string>>;
export const CORNER_NAMES = {
  'rails-through': 'Rails run through',
  'headers-through': 'Headers run through',
  mitred: 'Mitred',
} as const satisfies Readonly<Record<Frame['bed']['corner'], string>>;
export const HOLE_NAMES = {
  sides: 'Through the sides',
  'top-bottom': 'From top to bottom',
} as const satisfies Readonly<Record<'sides' | 'top-bottom', string>>;
export const UNIT_NAMES = {
  imperial: 'Feet, inches, lb',
  metric: 'mm, kg',
} as const satisfies Readonly<Record<UnitSystem, string>>;
export const ROAD_NAMES = {
  road: 'Good roads',
  rough: 'Rough roads',
  'off-road': 'Off road',
} as const satisfies Readonly<Record<Design['job']['road'], string>>;
export const CASE_MODE_NAMES = {
  towed: 'Towed',
  parked: 'Parked on the jack',
  loading: 'Loading, hitched',
} as const satisfies Readonly<Record<LoadCase['mode'], string>>;
export const BASIS_NAMES = {
  guessed: 'Guessed',
  listed: 'From a list',
  weighed: 'Weighed',
} as const satisfies Readonly<Record<Item['massKg']['basis'], string>>;
export const ITEM_KIND_NAMES = {
  cargo: 'Load, comes and goes',
  fixed: 'Fitted for good',
  tank: 'Tank',
} as const satisfies Readonly<Record<Item['kind'], string>>;
export const COUPLER_MOUNT_NAMES = {
  welded: 'Welded on',
  bolted: 'Bolted through',
} as const satisfies Readonly<Record<Coupling['mount'], string>>;
export const BOLT_GRADE_NAMES = {
  'grade-5': 'SAE grade 5',
  'grade-8': 'SAE grade 8',
  '8.8': 'ISO 8.8',
  '10.9': 'ISO 10.9',
} as const satisfies Readonly<Record<Coupling['bolts']['grade'], string>>;
export const FILLER_NAMES = {
  '5356': 'ER5356',
  '4043': 'ER4043',
} as const satisfies Readonly<Record<Design['strength']['filler'], string>>;
export const TONGUE_NAMES = {
  'a-frame': 'A-frame',
  straight: 'Straight tube',
  backbone: 'Backbone',
} as const satisfies Readonly<Record<Tongue['kind'], string>>;
export const TONGUE_RISE_NAMES = {
  level: 'Straight out of the frame',
  sloped: 'Sloped to the ball',
  stepped: 'Stepped at the header',
} as const satisfies Readonly<Record<Tongue['rise']['kind'], string>>;
export const TONGUE_JOINT_NAMES = {
  fixed: 'In one piece',
  folding: 'Folds away',
  removable: 'Comes out',
} as const satisfies Readonly<Record<Extract<Tongue, { kind: 'straight' }>['joint']['kind'], string>>;
export const COUPLING_NAMES = {
  ball: 'Ball',
  pintle: 'Pintle and eye',
  'three-axis': 'Free in three axes',
  pin: 'Pin through a drawbar',
  hand: 'Handle or arm, by hand',
} as const satisfies Readonly<Record<Coupling['kind'], string>>;
export const DECISION_NAMES = {
  'not-decided': 'Not decided',
  fitted: 'Fitted',
  none: 'None',
} as const satisfies Readonly<Record<Coupling['chains'], string>>;
export const VEHICLE_NAMES = {
  vehicle: 'A road vehicle',
  'small-machine': 'A small machine',
  muscle: 'People, by hand',
} as const satisfies Readonly<Record<TowVehicle['kind'], string>>;
export const HANGER_NAMES = {
  'fixed-eye': 'fixed eye',
  shackle: 'shackle hanger',
  slipper: 'slipper hanger',
  equaliser: 'equaliser’s pivot',
  'beam-pivot': 'pivot of the beam',
  bracket: 'bracket',
  pivot: 'pivot of the arm',
  unit: 'top of its unit',
} as const satisfies Readonly<Record<HangerMark['kind'], string>>;
export const PIECE_NAMES = {
  rail: 'Side rail',
  header: 'Header',
  cross: 'Cross-member',
  tongue: 'Tongue',
  side: 'Side rail, top',
  post: 'Post',
  packer: 'Packer',
  own: 'Bar',
} as const satisfies Readonly<Record<BarGroup | 'post' | 'packer', string>>;
/** What straps are hooked to. */
export const TIE_DOWN_NAMES = {
  ring: 'Rings on the rails',
  pocket: 'Stake pockets',
  track: 'Track with fittings',
} as const satisfies Readonly<Record<Frame['tieDowns']['kind'], string>>;
export const PLATE_NAMES = {
  cheek: 'Cheek of the tongue’s joint',
  along: 'Plate along a bar',
  'top-plate': 'Plate over the tongue',
  cap: 'End cap',
  gusset: 'Gusset',
} as const satisfies Readonly<Record<'top-plate' | 'cap' | 'gusset' | 'cheek' | 'along', string>>;
export const PLACE_FROM_NAMES = {
  front: 'front edge',
  rear: 'rear edge',
  ball: 'ball',
  axle: 'axle',
} as const satisfies Readonly<Record<Item['attach']['from'], string>>;
export const BAR_GROUP_NAMES = {
  rail: 'Side rails',
  header: 'Headers',
  cross: 'Cross-members',
  tongue: 'Tongue',
  side: 'Sides',
  own: 'Bars of your own',
} as const satisfies Readonly<Record<BarGroup, string>>;
export const LINK_NAMES = {
  vehicle: 'Tow vehicle',
  receiver: 'Hitch on the vehicle',
  'ball-mount': 'Ball mount',
  ball: 'Ball',
  coupler: 'Coupler',
  tongue: 'Tongue, by hand',
  chains: 'Chains, each',
} as const satisfies Readonly<Record<LinkId, string>>;
export const MISSING_OF_VEHICLE_NAMES = {
  vehicle: 'the tow vehicle',
  mass: 'what the tow vehicle weighs',
  wheelbase: 'its wheelbase',
  overhang: 'how far the ball stands behind its rear axle',
} as const satisfies Readonly<Record<MissingOfVehicle, string>>;
export const SIDE_PART_NAMES = {
  bed: 'the bed',
  tongue: 'the tongue',
  jack: 'the jack’s foot',
  tail: 'the tail',
  item: '',
} as const satisfies Readonly<Record<'bed' | 'tongue' | 'jack' | 'tail' | 'item', string>>;
