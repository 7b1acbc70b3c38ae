import type { MannerHere, MannerText, Matter } from '../manners/index.js';
import type { Speaker } from './speak.js';

export const MATTER_NAMES = {
  class: 'Class',
  licence: 'Licence',
  brakes: 'Brakes',
  chains: 'Chains, second coupling',
  width: 'Width',
  length: 'Length',
  height: 'Height',
  overhang: 'Load past the bed',
  speed: 'Speed',
  inspection: 'Inspection',
  plate: 'Plate and number',
} as const satisfies Readonly<Record<Matter, string>>;

/** What holds on each step of a rule: as ranges, for there is always a place that differs. */
export const MANNER_TEXT = {
  'us-class-light':
    'Light: some states ask for neither title nor inspection up to 1,000 to 3,000 lb gross; most want a plate all the same.',
  'us-class-middle':
    'Titled and registered in nearly all states and provinces; built by oneself, it is given its number there.',
  'us-class-heavy':
    'Above 10,000 lb: marking tape where it is wide, an impact guard unless it is exempt, rules of commerce where it earns money.',
  'us-licence-usual': 'An ordinary licence, in most places.',
  'us-licence-heavy':
    'Ask first: with more than 10,000 lb of trailer and 26,001 lb in all a commercial licence; some states ask for one of their own before that.',
  'us-brakes-none': 'Hardly anywhere asked for.',
  'us-brakes-strict':
    'Asked for in the stricter places, from 1,000 to 1,500 lb on, or where it is heavy for its vehicle.',
  'us-brakes-usual':
    'Asked for in most places from 3,000 lb on (Canada from about 1,360 kg), on all wheels, with a breakaway that holds a quarter of an hour.',
  'us-brakes-all': 'Asked for everywhere, on all wheels, with a breakaway that holds a quarter of an hour.',
  'us-chains':
    'Two, crossed under the tongue, each to its own tab, each breaking at no less than the gross by its class.',
  'us-width': 'Up to 102 in (2.6 m) on the national network; some local roads have 96 in.',
  'us-width-wide': 'Wider than 102 in (2.6 m): an oversize permit for every trip.',
  'us-length': 'Inside what all states let by; vehicle and trailer together 65 ft in many (55 to 85).',
  'us-length-long': 'Longer than 28 ft: states differ, 28 to 53 ft for the trailer, 55 to 85 for both together.',
  'us-height': 'Up to 13 ft 6 in; a few bridges less.',
  'us-height-tall': 'Higher than 13 ft 6 in: only in western states to 14 ft, else a permit.',
  'us-overhang': 'No flag asked for up to 3 ft behind in nearly all places.',
  'us-overhang-flag': 'A red flag of 18 in at its end, at night a red lamp, from 3 ft in some states and 4 ft in all.',
  'us-speed':
    'As other traffic in most places; 55 mph for whatever tows in some. Tires say 65 mph where nothing else is on them.',
  'us-inspection':
    'Every year in about a third of the states, from 3,000 to 4,500 lb on in some of them; once for its number nearly everywhere.',
  'us-plate':
    'A number given by the state or province after it was looked at; gross and axle ratings, tires with their pressure where they can be read from outside.',
  'eu-class-o1': 'O1: light. In some countries no approval, in others a short one.',
  'eu-class-o2': 'O2: an individual approval before it goes on the road.',
  'eu-class-o3': 'O3: a truck’s rules: brakes from the vehicle, side guards, a tachograph in some vehicles.',
  'eu-licence-b': 'B, with any car.',
  'eu-licence-be':
    'B as long as car and trailer together are permitted 3,500 kg at most; B96 to 4,250 kg; beyond that BE. Great Britain: B since 2021.',
  'eu-licence-c1e': 'C1E or CE.',
  'eu-brakes-none': 'None asked for, as long as it weighs no more than half of the car, by the car’s own papers.',
  'eu-brakes-overrun': 'Asked for: overrun brakes will do, with a parking brake and a breakaway cable.',
  'eu-brakes-through': 'Asked for, worked from the vehicle.',
  'eu-chains-light': 'A chain or cable that keeps the coupling off the road.',
  'eu-chains-braked':
    'A breakaway cable that pulls the parking brake, laid round a fixed point of the car as the country asks.',
  'eu-width': 'Up to 2.55 m.',
  'eu-width-wide': 'Wider than 2.55 m: a permit for every trip.',
  'eu-length': 'Up to 12 m with the tongue, 18.75 m with the vehicle; Great Britain 7 m without it behind a car.',
  'eu-length-long': 'Longer than 12 m: a permit for every trip.',
  'eu-height': 'Up to 4 m.',
  'eu-height-tall': 'Higher than 4 m: a permit in most countries.',
  'eu-overhang': 'No mark asked for up to 1 m behind the lamps.',
  'eu-overhang-flag': 'From 1 m on a flag or board, at night a red lamp.',
  'eu-overhang-far': 'Beyond 1.5 m some countries let it by on short trips only, to 3 m.',
  'eu-speed':
    '80 km/h in most countries on the open road (70 to 90), up to 100 with a test in some, 60 mph in Great Britain.',
  'eu-inspection':
    'Every second year in many countries, the first time after two to four; none for light ones in some.',
  'eu-plate':
    'Builder, number, permitted mass, axle mass, load on the coupling; the coupling’s own plate with D and S.',
  'au-class-light': 'Light, one axle: no brakes. A statement that it complies, with its plate.',
  'au-class-middle': 'Up to 4.5 t: by VSB 1, with the builder’s statement and plate.',
  'au-class-heavy': 'Above 4.5 t: approved as a heavy trailer; not a job for a yard.',
  'au-licence': 'A car licence, within what the vehicle may tow.',
  'au-brakes-none': 'None asked for.',
  'au-brakes-one-axle': 'On the wheels of one axle at least; overrun brakes will do.',
  'au-brakes-all': 'On all wheels, worked from the seat, with a breakaway that holds a quarter of an hour.',
  'au-chains-one': 'One, rated by AS 4177.4; two are better.',
  'au-chains-two': 'Two, rated by AS 4177.4.',
  'au-chains-strong': 'Two of 800 MPa steel, crossed.',
  'au-width': 'Up to 2.5 m (2.55 m for some newer ones).',
  'au-width-wide': 'Wider than 2.5 m: only as an oversize trip, but for some newer ones to 2.55 m.',
  'au-length': 'Up to 12.5 m with the tongue, 19 m with the vehicle.',
  'au-length-long': 'Longer than 12.5 m: not as a trailer for a car.',
  'au-height': 'Up to 4.3 m.',
  'au-height-tall': 'Higher than 4.3 m: a permit.',
  'au-overhang':
    'Behind the axles no more than 3.7 m, and six tenths of what is ahead of them; a flag from 1.2 m past the bed.',
  'au-overhang-far': 'More than 3.7 m: not without a permit.',
  'au-speed': '100 km/h in most places, 80 to 110.',
  'au-inspection-light': 'At registration; after that in few places.',
  'au-inspection': 'At registration; every year in some states.',
  'au-plate': 'Builder, ATM, GTM, axle ratings, tires, month and year, a number of seventeen characters.',
} as const satisfies Readonly<Record<MannerText, string>>;

/** The trailer's own figure that a rule goes by, or that it is missing; nothing where it goes by none. */
export const mannerFactText = ({ manner, value }: MannerHere, say: Speaker): string => {
  if (value === undefined) return '';
  if (value === null) return say.t('nobody has declared the gross yet');
  switch (manner.by) {
    case 'gross':
      return say.t('gross {value}', { value: say.mass(value) });
    case 'width':
      return say.t('{value} wide', { value: say.ground(value) });
    case 'length':
      return say.t('{value} long, the tongue counted', { value: say.ground(value) });
    case 'height':
      return say.t('{value} high, loaded', { value: say.ground(value) });
    case 'overhang':
      return value < 0.005 ? say.t('nothing reaches past it') : say.t('{value} past it', { value: say.ground(value) });
    case 'always':
      return '';
  }
};

/** What to have at hand when somebody asks. */
export const TAKE_ALONG = [
  'Registration or approval, and the plate’s figures as they are on the trailer.',
  'A weight slip of the empty trailer; the load on the ball as it goes today.',
  'Receipts of steel, axle, coupler and lamps; photos of the welds before paint.',
  'Papers of coupler and axle: their stamps, or the leaflets that came with them.',
] as const satisfies readonly string[];
