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

export const REGION_NAMES: Readonly<Record<Settings['regions'][number], string>> = {
  'north-america': 'North America',
  europe: 'Europe',
  australia: 'Australia',
};
/** Axles and how they share. */
export const AXLE_LAYOUT_NAMES: Readonly<Record<RunningGear['layout'], string>> = {
  single: 'One axle',
  'tandem-equaliser': 'Two, with equalisers or walking beams',
  'tandem-independent': 'Two, without equalisers',
  'triple-equaliser': 'Three, with equalisers',
  'triple-independent': 'Three, without',
  none: 'None yet',
};
export const SUSPENSION_NAMES: Readonly<Record<RunningGear['suspension']['kind'], string>> = {
  leaf: 'Leaf springs',
  torsion: 'Torsion axle',
  'swing-arm': 'Swing arms with coils',
  'walking-beam': 'Walking beams, no springs',
  stub: 'Stub axles, no springs',
  none: 'No springs, bolted on',
  unknown: 'Not known yet',
};
export const MOUNTING_NAMES: Readonly<Record<RunningGear['suspension']['mounting'], string>> = {
  welded: 'Welded to the rails',
  bolted: 'Bolted to the rails',
};
export const SPRING_NAMES: Readonly<Record<RunningGear['suspension']['spring']['kind'], string>> = {
  'double-eye': 'Two eyes and a shackle',
  slipper: 'One eye, slides at the rear',
};
export const SPRING_SEAT_NAMES: Readonly<Record<RunningGear['suspension']['spring']['seat'], string>> = {
  over: 'On top of the axle',
  under: 'Hung below the axle',
};
export const FENDER_NAMES: Readonly<Record<RunningGear['fender']['kind'], string>> = {
  none: 'No fenders',
  fitted: 'Fenders on the bed',
};
/** Schools of tongue weight. */
export const SCHOOL_NAMES: Readonly<Record<Settings['tongueSchool'], string>> = {
  'north-america': 'North America, 10 to 15 %',
  europe: 'Europe, 4 % or 25 kg, most by plate',
  australia: 'Australia, about 10 %',
  'muscle-pulled': 'Pulled by muscle, a few %',
  own: 'My own',
};
export const DECK_SEAT_NAMES: Readonly<Record<Frame['deck']['seat'], string>> = {
  'on-top': 'On top of the frame',
  recessed: 'Between the rails',
};
export const CORNER_NAMES: Readonly<Record<Frame['bed']['corner'], string>> = {
  'rails-through': 'Rails run through',
  'headers-through': 'Headers run through',
  mitred: 'Mitred',
};
export const HOLE_NAMES: Readonly<Record<'sides' | 'top-bottom', string>> = {
  sides: 'Through the sides',
  'top-bottom': 'From top to bottom',
};
export const UNIT_NAMES: Readonly<Record<UnitSystem, string>> = {
  imperial: 'Feet, inches, lb',
  metric: 'mm, kg',
};
export const ROAD_NAMES: Readonly<Record<Design['job']['road'], string>> = {
  road: 'Good roads',
  rough: 'Rough roads',
  'off-road': 'Off road',
};
export const CASE_MODE_NAMES: Readonly<Record<LoadCase['mode'], string>> = {
  towed: 'Towed',
  parked: 'Parked on the jack',
  loading: 'Loading, hitched',
};
export const BASIS_NAMES: Readonly<Record<Item['massKg']['basis'], string>> = {
  guessed: 'Guessed',
  listed: 'From a list',
  weighed: 'Weighed',
};
export const ITEM_KIND_NAMES: Readonly<Record<Item['kind'], string>> = {
  cargo: 'Load, comes and goes',
  fixed: 'Fitted for good',
  tank: 'Tank',
};
export const COUPLER_MOUNT_NAMES: Readonly<Record<Coupling['mount'], string>> = {
  welded: 'Welded on',
  bolted: 'Bolted through',
};
export const BOLT_GRADE_NAMES: Readonly<Record<Coupling['bolts']['grade'], string>> = {
  'grade-5': 'SAE grade 5',
  'grade-8': 'SAE grade 8',
  '8.8': 'ISO 8.8',
  '10.9': 'ISO 10.9',
};
export const FILLER_NAMES: Readonly<Record<Design['strength']['filler'], string>> = {
  '5356': 'ER5356',
  '4043': 'ER4043',
};
export const TONGUE_NAMES: Readonly<Record<Tongue['kind'], string>> = {
  'a-frame': 'A-frame',
  straight: 'Straight tube',
  backbone: 'Backbone',
};
export const TONGUE_RISE_NAMES: Readonly<Record<Tongue['rise']['kind'], string>> = {
  level: 'Straight out of the frame',
  sloped: 'Sloped to the ball',
  stepped: 'Stepped at the header',
};
export const TONGUE_JOINT_NAMES: Readonly<Record<Extract<Tongue, { kind: 'straight' }>['joint']['kind'], string>> = {
  fixed: 'In one piece',
  folding: 'Folds away',
  removable: 'Comes out',
};
export const COUPLING_NAMES: Readonly<Record<Coupling['kind'], string>> = {
  ball: 'Ball',
  pintle: 'Pintle and eye',
  'three-axis': 'Free in three axes',
  pin: 'Pin through a drawbar',
  hand: 'Handle or arm, by hand',
};
export const DECISION_NAMES: Readonly<Record<Coupling['chains'], string>> = {
  'not-decided': 'Not decided',
  fitted: 'Fitted',
  none: 'None',
};
export const VEHICLE_NAMES: Readonly<Record<TowVehicle['kind'], string>> = {
  vehicle: 'A road vehicle',
  'small-machine': 'A small machine',
  muscle: 'People, by hand',
};
export const HANGER_NAMES: Readonly<Record<HangerMark['kind'], string>> = {
  'fixed-eye': 'fixed eye',
  shackle: 'shackle hanger',
  slipper: 'slipper hanger',
  equaliser: 'equaliser’s pivot',
  'beam-pivot': 'pivot of the beam',
  bracket: 'bracket',
  pivot: 'pivot of the arm',
  unit: 'top of its unit',
};
export const PIECE_NAMES: Readonly<Record<BarGroup | 'post' | 'packer', string>> = {
  rail: 'Side rail',
  header: 'Header',
  cross: 'Cross-member',
  tongue: 'Tongue',
  side: 'Side rail, top',
  post: 'Post',
  packer: 'Packer',
  own: 'Bar',
};
/** What straps are hooked to. */
export const TIE_DOWN_NAMES: Readonly<Record<Frame['tieDowns']['kind'], string>> = {
  ring: 'Rings on the rails',
  pocket: 'Stake pockets',
  track: 'Track with fittings',
};
export const PLATE_NAMES: Readonly<Record<'top-plate' | 'cap' | 'gusset' | 'cheek' | 'along', string>> = {
  cheek: 'Cheek of the tongue’s joint',
  along: 'Plate along a bar',
  'top-plate': 'Plate over the tongue',
  cap: 'End cap',
  gusset: 'Gusset',
};
export const PLACE_FROM_NAMES: Readonly<Record<Item['attach']['from'], string>> = {
  front: 'front edge',
  rear: 'rear edge',
  ball: 'ball',
  axle: 'axle',
};
export const BAR_GROUP_NAMES: Readonly<Record<BarGroup, string>> = {
  rail: 'Side rails',
  header: 'Headers',
  cross: 'Cross-members',
  tongue: 'Tongue',
  side: 'Sides',
  own: 'Bars of your own',
};
export const LINK_NAMES: Readonly<Record<LinkId, string>> = {
  vehicle: 'Tow vehicle',
  receiver: 'Hitch on the vehicle',
  'ball-mount': 'Ball mount',
  ball: 'Ball',
  coupler: 'Coupler',
  tongue: 'Tongue, by hand',
  chains: 'Chains, each',
};
export const MISSING_OF_VEHICLE_NAMES: Readonly<Record<MissingOfVehicle, string>> = {
  vehicle: 'the tow vehicle',
  mass: 'what the tow vehicle weighs',
  wheelbase: 'its wheelbase',
  overhang: 'how far the ball stands behind its rear axle',
};
export const SIDE_PART_NAMES: Readonly<Record<'bed' | 'tongue' | 'jack' | 'tail' | 'item', string>> = {
  bed: 'the bed',
  tongue: 'the tongue',
  jack: 'the jack’s foot',
  tail: 'the tail',
  item: '',
};
