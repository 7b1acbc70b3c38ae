import type {
  CircuitCode,
  LampCode,
  LampPlace,
  LampRule,
  LampToBuy,
  PlacedLamp,
  Wire,
  WireHole,
} from '../lighting/index.js';
import { formatNumber } from '../units/index.js';
import type { Trailer } from '../project/index.js';
import type { Speaker } from './speak.js';
import { ENGLISH, type Says } from './voice.js';

export const LAMP_NAMES = {
  tail: 'Tail lamp',
  stop: 'Stop lamp',
  turn: 'Turn signal',
  plate: 'Plate lamp',
  'rear-reflector': 'Reflector behind',
  'rear-triangle': 'Triangle reflector behind',
  fog: 'Rear fog lamp',
  reversing: 'Reversing lamp',
  'marker-front': 'Side marker, front',
  'marker-rear': 'Side marker, rear',
  'marker-middle': 'Side marker, middle',
  'side-reflector-front': 'Side reflector, front',
  'side-reflector-rear': 'Side reflector, rear',
  'side-reflector-middle': 'Side reflector, middle',
  'clearance-front': 'Clearance lamp, front',
  'clearance-rear': 'Clearance lamp, rear',
  identification: 'Identification lamps, three in a row',
  'front-reflector': 'Reflector in front',
  'front-position': 'Position lamp in front',
  conspicuity: 'Conspicuity tape along half of each side, and across the rear',
} as const satisfies Readonly<Record<LampCode, string>>;

export const LAMP_COLOURS = {
  red: 'red',
  amber: 'amber',
  white: 'white',
  'red-white': 'red and white',
} as const satisfies Readonly<Record<LampRule['colour'], string>>;

const SERVES = { tail: 'tail', stop: 'stop', turn: 'turn' } as const;
const isServed = (code: LampCode): code is keyof typeof SERVES => Object.hasOwn(SERVES, code);
const joined = (words: readonly string[], say: Says): string =>
  words.length < 2
    ? words.join('')
    : say.t('{most} and {last}', { most: words.slice(0, -1).join(', '), last: words.at(-1) ?? '' });

/** What is asked for as one lamp on the purchase list. */
export const lampToBuyText = (
  {
    lamp,
    colour,
    serves,
  }: {
    readonly lamp: LampToBuy['code'];
    readonly colour: LampToBuy['colour'];
    readonly serves: LampToBuy['serves'];
  },
  say: Says = ENGLISH,
): string => {
  const name = lamp === 'rear-combination' ? say.t('Rear lamp') : say.t(LAMP_NAMES[lamp]);
  const word = colour === 'red-amber' ? say.t('red and amber') : say.t(LAMP_COLOURS[colour]);
  if (lamp === 'rear-combination')
    return `${name}: ${joined(
      serves.map((code) => (isServed(code) ? say.t(SERVES[code]) : code)),
      say,
    )}, ${word}`;
  return `${name}, ${word}${serves.length > 1 ? say.t(', with a reflector in it') : ''}`;
};

const PLACES = {
  'rear-pair': 'rear, left and right, as far apart as may be',
  'rear-middle': 'rear',
  'rear-row': 'rear, in the middle, as high as may be',
  'front-pair': 'front, left and right, as far apart as may be',
  'side-front': 'both sides, as far forward as may be',
  'side-rear': 'both sides, as far back as may be',
  'side-middle': 'both sides, near the middle',
} as const satisfies Readonly<Record<LampPlace, string>>;
export const lampPlaceText = ({ place }: LampRule, say: Says = ENGLISH): string => say.t(PLACES[place]);

/** In which heights it may be, and why it is asked for. */
export const lampZoneText = ({ heightM: [least, most], from }: LampRule, say: Speaker): string => {
  const zone =
    least !== null && most !== null
      ? say.t('{least} to {most} above ground', { least: say.length(least), most: say.length(most) })
      : least !== null
        ? say.t('at least {least} above ground', { least: say.length(least) })
        : most !== null
          ? say.t('at most {most} above ground', { most: say.length(most) })
          : say.t('no height that is recalled');
  if (!from) return zone;
  const value = from.what === 'gross' ? say.mass(from.value) : say.length(from.value);
  const which = {
    width: from.beyond ? say.t('wider than {value}', { value }) : say.t('{value} wide and more', { value }),
    length: say.t('{beyond}, the tongue counted', {
      beyond: from.beyond ? say.t('longer than {value}', { value }) : say.t('{value} long and more', { value }),
    }),
    gross: say.t('of more than {value} gross', { value }),
  }[from.what];
  const missing = from.what === 'gross' && say.trailer.ratedGrossKg === null;
  return say.t('{zone}; on trailers {which}{missing}', {
    zone,
    which,
    missing: missing ? say.t(', and nobody has declared the gross') : '',
  });
};

/** Where the nearest place is, and what it takes to get there. */
export const lampHereText = ({ aboveGroundM, bracketM }: PlacedLamp, say: Speaker): string => {
  const here = say.t('{aboveGround} above ground', { aboveGround: say.length(aboveGroundM) });
  if (bracketM === 0) return say.t('{here}, on the bar itself', { here });
  return say.t('{here}, on a bracket {bracket} {bracket2} the bar’s middle', {
    here,
    bracket: say.length(Math.abs(bracketM)),
    bracket2: bracketM > 0 ? say.t('above') : say.t('below'),
  });
};

export const CIRCUIT_NAMES = {
  running: 'Tail, plate and markers',
  left: 'Left turn',
  right: 'Right turn',
  stop: 'Stop',
  fog: 'Fog',
  reverse: 'Reverse',
  brakes: 'Electric brakes',
  charge: 'Charge line to the breakaway battery',
  ground: 'Ground, back to the plug',
} as const satisfies Readonly<Record<CircuitCode, string>>;

/** Gauge in both tongues. */
export const wireText = (
  { wire }: { readonly wire: Pick<Wire, 'awg' | 'areaMm2'> | undefined },
  say: Says = ENGLISH,
): string =>
  wire
    ? say.t('{awg} AWG ({areaMm2} mm²)', { awg: wire.awg, areaMm2: say.figures(formatNumber(wire.areaMm2, 2)) })
    : say.t('thicker than 8 AWG: a shorter run, or a relay near the lamps');

const HOLE_WAYS = {
  in: 'the wires go in',
  out: 'the wires come out',
  branch: 'the wires to the brakes come out',
} as const satisfies Readonly<Record<WireHole['way'], string>>;
const HOLE_FACES = {
  'inner-side': 'in the inner side',
  front: 'in the front side',
} as const satisfies Readonly<Record<WireHole['face'], string>>;
/** From where a hole is measured along its bar. */
const fromEnd = (memberId: string, say: Says): string =>
  memberId.startsWith('tongue')
    ? say.t('behind the ball’s centre')
    : memberId.startsWith('rail')
      ? say.t('from its front end')
      : say.t('from its left end');

/** "5/8 in, in the inner side at half its height, 6 in behind the ball's centre: the wires go in". */
export const wireHoleText = ({ memberId, way, alongM, face, diameterM }: WireHole, say: Speaker): string =>
  say.t('{diameter} hole {hole}, at half its height, {along} {member}: {hole2}', {
    diameter: say.length(diameterM),
    hole: say.t(HOLE_FACES[face]),
    along: say.length(alongM),
    member: fromEnd(memberId, say),
    hole2: say.t(HOLE_WAYS[way]),
  });

type Plug = Trailer['coupling']['plug'];
/** Pins of a plug by their functions, each with how it is proved. Colours differ: none is told. */
export const PLUG_PINS = {
  '4-way': ['Ground', 'Tail and markers', 'Left stop and turn', 'Right stop and turn'],
  '6-way': ['Ground', 'Tail and markers', 'Left stop and turn', 'Right stop and turn', 'Electric brakes', 'Charge'],
  '7-way': [
    'Ground',
    'Electric brakes',
    'Tail and markers',
    'Charge',
    'Left stop and turn',
    'Right stop and turn',
    'Reverse',
  ],
  '13-way': [
    '1 left turn',
    '2 fog',
    '3 ground for 1 to 8',
    '4 right turn',
    '5 right tail',
    '6 stop',
    '7 left tail',
    '8 reverse',
    '9 permanent feed',
    '10 switched feed',
    '11 ground for 10',
    '12 spare',
    '13 ground for 9',
  ],
} as const satisfies Readonly<Record<Exclude<Plug, 'not-decided' | 'none'>, readonly string[]>>;

/** What to look for where a lamp does not do as it should, the likeliest first. */
export const FAULT_STEPS = [
  [
    'Nothing lights at all',
    'The vehicle’s fuse; then the ground: from the plug’s ground pin to bright metal on the frame, less than half an ohm.',
  ],
  [
    'One lamp stays dark',
    'Its bulb or lamp; voltage at its own wires; then its splice. No voltage there, but at the plug: the run is broken.',
  ],
  ['Lamps glow in turn with each other', 'A ground that is missing: current finds its way back through another lamp.'],
  [
    'Turn signals blink fast',
    'A lamp is out, or LEDs draw too little for the flasher: a load or another flasher on the vehicle.',
  ],
  [
    'Dim with the engine running',
    'Too much is lost on the way: measure at the plug and at the lamp under load; more than 0.4 V apart is a thin wire or a bad splice.',
  ],
  [
    'Brakes do nothing',
    'Amperes in the brake wire with the controller pressed: about 3 A to a magnet. None: the wire or the plug; half: one side is open.',
  ],
  [
    'Breakaway does not hold',
    'Battery above 12.4 V; pull the pin with the plug out: the wheels must lock and stay so for a quarter of an hour.',
  ],
] as const satisfies readonly (readonly [seen: string, look: string])[];
