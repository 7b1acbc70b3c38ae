import type { PartGroup } from '../mass/index.js';
import type { EndCut } from '../chassis/index.js';
import type { StepId, WorkingLabel } from '../findings/index.js';
import type { OpinionId, SituationId } from '../strength/index.js';
import type { Source } from '../source.js';
import { formatAngle, type TextProblem } from '../units/index.js';
import { ENGLISH, type Says, type Voice } from './voice.js';

export const STEP_NAMES = {
  job: 'The job',
  frame: 'Bed & frame',
  loads: 'What’s on it',
  axle: 'Axle & wheels',
  tongue: 'Tongue & coupler',
  strength: 'Is it strong?',
  balance: 'Balance',
  towing: 'How it tows',
  cut: 'Cut & buy',
  build: 'Lay out & build',
  weigh: 'Weigh & log',
} as const satisfies Readonly<Record<StepId, string>>;

export const SITUATION_NAMES = {
  standing: 'Standing still',
  'bump-both': 'Hard bump, both wheels',
  'bump-one': 'Hard bump, one wheel',
  twist: 'Twist between axle and front',
  braking: 'Emergency stop',
  cornering: 'Hard cornering',
  drawbar: 'Drawbar loads',
  'tie-downs': 'Straps pulled tight',
  'on-stands': 'Parked on its stands',
  'jack-tongue': 'Jacked up at the tongue',
  'jack-rail': 'Jacked up under one rail',
  recovery: 'Pulled out when stuck',
  'person-rear': 'A person steps on the rear edge',
  'loading-tail': 'A machine drives on over the tail',
  'turn-over': 'Bare frame turned over',
} as const satisfies Readonly<Record<SituationId, string>>;

/** Whose loads the figures on screen are of. */
export const OPINION_NAMES = {
  own: 'Your loads',
  badly: 'Loaded badly',
  rules: 'Drawbar rules',
} as const satisfies Readonly<Record<OpinionId, string>>;

/** How a situation stands in a sentence. */
export const SITUATION_PHRASES = {
  standing: 'standing still',
  'bump-both': 'in a hard bump',
  'bump-one': 'with one wheel in a hard bump',
  twist: 'when the frame is twisted',
  braking: 'in an emergency stop of up to 0.7 g',
  cornering: 'in hard cornering',
  drawbar: 'under the published drawbar loads',
  'tie-downs': 'with every strap pulled tight',
  'on-stands': 'parked on its stands',
  'jack-tongue': 'jacked up at the tongue',
  'jack-rail': 'jacked up under one rail',
  recovery: 'pulled out when stuck',
  'person-rear': 'with a person stepping on the rear edge',
  'loading-tail': 'with a machine driving on over the tail',
  'turn-over': 'turned over as a bare frame',
} as const satisfies Readonly<Record<SituationId, string>>;

export const PART_GROUP_NAMES = {
  frame: 'Frame and tongue',
  deck: 'Deck',
  sides: 'Sides',
  body: 'Body and add-ons',
  'running-gear': 'Running gear',
  coupling: 'Coupler and jack',
  fixed: 'Fitted',
  cargo: 'Load',
} as const satisfies Readonly<Record<PartGroup, string>>;

export const WORKING_LABELS = {
  'whole-trailer': 'Whole trailer',
  'balance-point-to-axle': 'Balance point ahead of the axle',
  'ball-to-axle': 'Ball ahead of the axle',
  'tongue-load': 'On the tongue',
  'gate-down': 'Gate let down takes off the tongue',
  'ramp-rises': 'Rises for its length',
  'bed-tips-weight': 'What tips weighs',
  'bed-ahead-of-pivot': 'Balances ahead of the pivot',
  'machine-tips-at': 'Bed goes down with the machine at',
  'tongue-share': 'Share on the tongue',
  'axle-group-load': 'The axle carries the rest',
  'axle-load': 'On this axle',
  'axle-own-weight': 'Axle, wheels and springs themselves',
  'share-of-rating': 'Of its rating',
  'share-of-limit': 'Of the limit',
  'wheel-load': 'On the heavier wheel',
  'derated-load': 'Passenger tire on a trailer',
  'tires-together': 'Both tires',
  'sixty-percent': '60 % of the bed',
  'ball-lifts': 'Ball lifts',
  'hanger-lifts': 'Support lifts',
  'bracket-couple': 'Torsion arm turns',
  'frame-and-deck-press': 'Frame, deck and fittings press',
  'item-presses': 'presses',
  'moment-standing': 'Turning there, standing still',
  'moment-in-bump': 'In a hard bump',
  'one-side-takes': 'The heavier side takes',
  'each-leg-takes': 'Each leg takes',
  'slanted-leg': 'A slanted leg is longer',
  'tongue-bears': 'Tongue bears',
  'metal-feels': 'The metal feels',
  allowed: 'Allowed',
  'works-at': 'Works at',
  'share-straight': 'Pull and bending together',
  'share-turning': 'Shear and twist together',
  'fits-at': 'With that many times less it just fits (H3-6)',
  'end-bends': 'Its harder end, held as the wall gives, bends with',
  'end-built-in': 'Built in, that end would bend with',
  'hinges-add': 'On hinges, its span would bend more by',
  'wall-folds-at': 'The wall at that end folds at',
  'wall-by-code': 'AISC 360-16 K4.3, a bar in mid-wall: it yields at',
  'end-guessed': 'No model of such an end: stiffness guessed, it folds at',
  'shear-feels': 'Shear there, standing still',
  'allowed-bend': 'Usual limit',
  'overall-length': 'Tongue and bed',
  'overall-width': 'Wheel centres and a tire',
  spare: 'Spare',
  'along-bar': 'Along the bar (pull +)',
  'bends-upright': 'Bends it up and down',
  'bends-sideways': 'Bends it sideways',
  shears: 'Shears it',
  twists: 'Twists it',
  'share-along': 'Along the bar, of what is allowed',
  'share-upright': 'Up and down, of what is allowed',
  'share-sideways': 'Sideways, of what is allowed',
  'share-shear': 'In shear, of what is allowed',
  'share-twist': 'In twist, of what is allowed',
  'share-squared': 'Both together, squared',
  'share-root': 'Works at, the root of that',
  'pulls-at': 'The metal is pulled at',
  'standing-stress': 'Beside it, standing still: the metal feels',
  'shop-rule': 'Shop rule, four times that of yield',
  'weld-leg': 'Leg of the weld',
  'weld-force': 'Force on each length of it',
  'seam-flow': 'Shear along each seam',
  'weld-bears': 'May bear',
  'mount-asks': 'Asks as much as',
  'tube-slopes': 'Tube slopes at its ends by',
  'wheels-lean': 'Wheels lean out at the top by',
  'damped-share': 'Share of critical damping',
  'stitch-open': 'Open between stitches',
  'stitch-open-most': 'May stay open',
  'wall-bears': 'Wall beside the weld',
  'hanger-pushes': 'Hanger pushes',
  'bolts-bear': 'Bolts may bear',
  'bolts-pull': 'Bolts are pulled with',
  'bends-by': 'Bends by',
  'stress-standing': 'Standing still the metal feels',
  'stress-range': 'The road swings it by',
  'km-to-crack': 'Until cracks are to be looked for',
  'gap-rest': 'Gap, standing',
  'gap-bump': 'Less what the bump takes',
  'hub-height': 'Hub above the ground, loaded',
  'arch-left': 'Arch left in the spring',
  'rail-underside': 'Underside of the rails',
  'rail-top': 'Top of the rails',
  'height-rest': 'Measured, less what the parts add up to',
  'swing-ratio': 'Unit gives for each of the wheel',
  'wheel-travel': 'Wheel’s travel to the stop',
  'spring-rate': 'Each spring’s rate',
  'spring-gives': 'It gives under the load',
  'spring-flat': 'Spring laid flat',
  'hanger-spacing': 'Bolt to bolt, by the shop’s rule',
  'track-from-hub': 'Wheel middle to wheel middle, from the hub faces',
  'wheel-lever': 'Spring’s middle to wheel’s middle',
  'turn-room': 'Room at its tightest',
  'stability-factor': 'Track over twice the height',
  uneven: 'Heavier side over lighter, of both',
  'deck-span': 'From bar to bar',
  'deck-thick': 'Thickness of the deck',
  'deck-pressed': 'Pressed with',
  'deck-bears': 'The deck may bear',
  'hole-leaves-area': 'Area that the hole leaves',
  'hole-leaves-modulus': 'Bending modulus that the hole leaves',
  'net-pulled': 'The metal beside the hole is pulled at',
  'net-bears': 'It may be pulled at',
  'straps-hold': 'Straps hold together',
  'straps-must': 'Half of the load',
  'pin-bends': 'Moment in the pin over its gap',
  'pin-shear-share': 'Pin in shear, of yield',
  'pin-bending-share': 'Pin in bending, of yield',
  'bearing-share': 'Bearing in the holes, of yield',
  'tear-out-share': 'Plates torn out to their edge, of yield',
  'weld-share': 'Fillets, of what they may bear',
  'pin-pulls': 'Pull along the tongue, on one pin',
  'coupling-lifts': 'The coupling is lifted or pressed with',
  'pins-couple': 'Each of two pins holds that turning',
  'vehicle-weighs': 'Vehicle, 9.81 m/s² on its mass',
  'trailer-weighs': 'Trailer, the same',
  'd-value': 'D',
  'chain-spans': 'From tab to hook at its longest, turning',
  'chain-drops': 'A dropped tongue goes down by',
  'jack-needs': 'Tongue’s top with the coupler 3 in over the ball',
  'jack-clears': 'Foot off the road, drawn in',
  'tongue-spare': 'Tongue longer than it must be',
  'lane-outer': 'Outermost circle',
  'lane-inner': 'Innermost circle',
  'lane-swept': 'Between them',
  'lane-with-room': 'With half a foot free on either side',
  'off-level': 'Ball over the height at which it rides level',
  'level-spread': 'Between the loads',
  'vehicle-rear': 'On its rear axle, alone',
  'vehicle-rear-loaded': 'With this trailer',
  'moment-rated': 'Moment at its rating, 8-1/2 in out',
  'yields-at': 'Yield of the metal there',
  'wall-thick': 'Wall, design thickness',
  'wall-pushed': 'Pushed or pulled straight',
  'wall-bears-push': 'Allowed on the wall',
  'wall-turned-across': 'Moment across the wall',
  'wall-bears-across': 'Moment allowed across the wall',
  'wall-turned-along': 'Moment along the wall',
  'wall-bears-along': 'Moment allowed along the wall',
  'stops-at': 'Deceleration in g',
  'axle-brakes': 'Brake force of an axle, front axle first',
  'axle-then-carries': 'That axle then carries',
  'braking-adds': 'An emergency stop adds on the ball',
} as const satisfies Readonly<Record<WorkingLabel, string>>;

export const sourceText = (source: Source, say: Pick<Voice, 't' | 'name'> = ENGLISH): string => {
  switch (source.kind) {
    case 'published':
      return source.confidence === 'sure'
        ? say.name(source.name)
        : say.t('{name} (from memory, to be verified)', { name: say.name(source.name) });
    case 'common-practice':
      return source.note ? say.t('Common practice: {note}', { note: say.name(source.note) }) : say.t('Common practice');
    case 'computed':
      return say.t('Worked out: {formula}', { formula: say.name(source.formula) });
    case 'own':
      return source.note ? say.t('Yours: {note}', { note: say.name(source.note) }) : say.t('Your own figure');
  }
};

/** A saw cut told both ways: off square, and as saws read it whose scale shows 90° at square; a sloping bar is cut at a slant both ways. */
export const cutText = (end: EndCut, say: Says = ENGLISH): string => {
  if (end.kind === 'square') return say.t('square');
  const bevel = end.bevelRad ?? 0;
  const tilt = end.tiltRad ?? 0;
  const bevelled = tilt > 1e-6 ? say.t(', blade tilted {tilt}', { tilt: say.figures(formatAngle(tilt)) }) : '';
  if (end.offSquareRad < 1e-9)
    return bevel > 1e-6
      ? say.t('{bevel} off square seen from the side', { bevel: say.figures(formatAngle(bevel)) })
      : say.t('square');
  const other = Math.PI / 2 - end.offSquareRad;
  return say.t('{offSquare} off square (saw reading from the stick: {other}){bevelled}', {
    offSquare: say.figures(formatAngle(end.offSquareRad)),
    other: say.figures(formatAngle(other)),
    bevelled,
  });
};

/** What is wrong with a typed text, and what would have worked. */
export const textProblemSentence = (problem: TextProblem, example: string): string => {
  switch (problem.code) {
    case 'empty':
      return `Nothing typed. Try ${example}.`;
    case 'not-a-number':
      return `“${problem.text}” is not a size Kereta can read. Try ${example}.`;
    case 'unknown-unit':
      return `“${problem.unit}” is not a unit Kereta knows. Try ${example}.`;
    case 'division-by-zero':
      return `“${problem.text}” divides by zero. Try ${example}.`;
    case 'ambiguous-comma':
      return `“${problem.text}” could be ${problem.text.replace(',', '')} or ${problem.text.replace(',', '.')}. Type it one of these ways.`;
    case 'ambiguous-point':
      return `“${problem.text}” could be ${problem.text.replace('.', '')} or ${Number(problem.text)}. Type it one of these ways.`;
    case 'inches-past-a-foot':
      return `“${problem.text}” has twelve inches or more behind its feet. Try ${example}.`;
    case 'too-large':
      return `“${problem.text}” is too large. Try ${example}.`;
  }
};
