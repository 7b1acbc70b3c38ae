import { rulesOf } from '../findings/index.js';
import { commonPractice, computedBy, publishedSure, publishedVerify } from '../source.js';
import { formatPercent, inches, formatLength } from '../units/index.js';

/** The ball must come up over the vehicle’s own by this (common practice, 2 to 3 in). */
export const OVER_BALL_M = inches(3);
/** Drawn in, the jack’s foot stays this far off the road (common practice). */
export const ROAD_CLEAR_M = inches(6);
/** A jack is taken for one and a half times what stands on it (common practice). */
export const JACK_RESERVE = 1.5;
/** A shank’s hole may be this much wider (common practice). */
export const HOLE_ROOM_M = inches(1 / 16);
/** Balls are told apart from this on, m. */
export const BALL_TOLERANCE_M = 0.0005;
/** V is asked of centre-axle trailers over 3.5 t. */
export const V_FROM_KG = 3500;
/** Upright acceleration at the coupling, m/s², without air springs. */
export const V_ACCELERATION = 2.4;
/** UN R55 takes 9.81. */
export const R55_G = 9.81;
/** A vehicle’s brakes are made for its own weight: from this share of it they are advised on the trailer whatever the law says (common practice). */
export const ADVISED_FROM = 0.4;

/** A shop size as it is spoken of. */
const inch = (metres: number): string => formatLength(metres, { system: 'imperial', denominator: 16 });

/** What this stage checks, and what it tells without judging. */
export const RULES = rulesOf({
  'gross-against-plate': {
    formula: 'heaviest load ≤ the gross on the plate',
    tightFrom: 0.9,
    source: { kind: 'own', note: 'the rated gross you put on the plate' },
    holds: 'all loads, parked ones too',
  },
  'gross-against-coupler': {
    formula: 'the greater of plate and heaviest load ≤ the stamp on the coupler',
    tightFrom: 0.9,
    source: publishedVerify('SAE J684 classes; the stamp on the coupler governs'),
    holds: 'couplings that somebody has rated',
  },
  'gross-against-tow-vehicle': {
    formula: 'the greater of plate and heaviest load ≤ what the vehicle may tow',
    tightFrom: 0.9,
    source: commonPractice('the tow vehicle’s handbook and plate govern'),
    holds: 'the vehicle’s own limits for braked and unbraked trailers are not told apart',
  },
  'home-made-coupling': {
    formula: 'no rule',
    source: commonPractice('buy a rated coupling'),
    holds: 'nobody has tested it',
  },
  'no-region': {
    formula: 'at least one region is chosen',
    source: commonPractice(),
    holds: 'rules that differ by region cannot be asked without one',
  },
  'coupler-fits-tongue': {
    formula: 'an A-frame coupler between legs at 50° ± 2°, a straight one on one tube',
    source: commonPractice('A-frame couplers of the trade are made for legs that meet at 50°'),
    holds: 'couplers of the list; what their sides are welded or bolted to',
  },
  'coupler-points-up': {
    formula: '|slope of the tongue under the coupler| ≤ 2°',
    source: commonPractice('a coupler lies level: on a slope it binds on its ball'),
    holds: 'tongues that slope all the way; a stepped or dropped one lies level in front',
  },
  brakes: {
    formula: 'rated gross ≤ what the region lets run unbraked',
    source: publishedVerify('thresholds by region, told with each'),
    holds: 'a range where authorities differ; your own decides',
  },
  breakaway: {
    formula: 'brakes set themselves when the trailer comes loose',
    source: publishedSure('by region, told with each'),
    holds: 'braked trailers, by region',
  },
  'brake-kind': {
    formula: 'gross ≤ what overrun brakes are let hold',
    source: publishedVerify('by region, told with each'),
    holds: 'overrun brakes; electric ones have no such limit here',
  },
  'brakes-advised': {
    formula: `gross ÷ vehicle < ${formatPercent(ADVISED_FROM, 0)}, or brakes`,
    source: commonPractice(
      `brakes from about ${formatPercent(ADVISED_FROM, 0)} of the vehicle’s weight; UN R13 lets an unbraked trailer be half of it at most`,
    ),
    holds: 'whatever the law says',
  },
  plug: {
    formula: 'as many ways as lights and brakes ask for',
    source: commonPractice('lights by law; four ways carry lights alone, electric brakes ask for six or seven'),
    holds: 'wiring itself is not looked at',
  },
  chains: {
    formula: 'two chains, crossed, on tabs of their own',
    source: publishedSure('SAE J684: two chains, crossed, held apart from the coupler’s own bolts and welds'),
    holds: 'how they hang; strength and length apart',
  },
  'chain-strength': {
    formula: 'each chain breaks at no less than its class asks; as many as the region asks',
    source: publishedSure('SAE J684 classes: what each chain must break at'),
    holds: 'Europe and Australia are counted, not rated',
  },
  'chain-length': {
    formula: 'longest span in the turn ≤ chain; a dropped tongue stays off the road',
    source: publishedSure('SAE J684: slack for turning only, and a dropped tongue held off the road; plane geometry'),
    holds: 'plane geometry, chains pulled straight behind the vehicle',
  },
  'd-value': {
    formula: `D = g·T·R ÷ (T + R) ≤ the D stamped, g = ${R55_G}`,
    source: publishedSure(`UN R55: D = g·T·R ÷ (T + R), g = ${R55_G}, both permissible greatest masses`),
    holds: 'Europe',
  },
  'v-value': {
    formula: `V = a·C·X² ÷ L², X² ÷ L² ≥ 1, a = ${V_ACCELERATION} m/s²`,
    source: publishedSure(`UN R55: V = a·C·X² ÷ L², a = ${V_ACCELERATION} m/s² without air springs`),
    holds: `Europe, centre-axle trailers over ${V_FROM_KG} kg without air springs; told, not judged`,
  },
  'coupler-height': {
    formula: 'least ≤ the coupling’s height ≤ most of the region',
    source: publishedVerify('by region, told with each'),
    holds: 'the heaviest towed load riding level; Europe and Australia',
  },
  'jack-rating': {
    formula: 'load on the jack ≤ its rating',
    tightFrom: 1 / JACK_RESERVE,
    source: commonPractice('one and a half to twice what stands on it'),
    holds: 'the parked load that presses hardest',
  },
  'jack-reach': {
    formula: `jack run out ≥ hitch + ${inch(OVER_BALL_M)} + what it is mounted over the ball; drawn in, ${inch(ROAD_CLEAR_M)} off the road`,
    source: commonPractice(
      'it lifts the coupler 2 to 3 in over the highest ball, and clears the road by 6 in drawn in',
    ),
    holds: 'level ground',
  },
  'weakest-link': {
    formula: 'greatest of gross and tongue against each link’s stamp ≤ 1',
    tightFrom: 0.9,
    source: commonPractice('vehicle, hitch, ball mount, ball, coupler, tongue and chains: the lowest stamp governs'),
    holds: 'stamps that somebody has read; the tongue by hand',
  },
  'ball-fits': {
    formula: `ball = coupler, within ${BALL_TOLERANCE_M * 1000} mm`,
    source: publishedSure('SAE J684, ISO 1103: a 50 mm and a 2 in ball do not interchange'),
    holds: 'ball couplings',
  },
  'mount-lever': {
    formula: 'receiver’s pin to ball ≤ where its maker rated the mount',
    source: computedBy('moments at the receiver: tongue load × reach'),
    holds:
      'the tongue’s weight; pull on a dropped or raised ball bends it besides. Beyond the rated place nothing is judged',
  },
  'ball-hole': {
    formula: `shank ≤ hole ≤ shank + ${inch(HOLE_ROOM_M)}`,
    source: commonPractice('shank and 1/16 in at most; lock washer, two threads past the nut'),
    holds: 'balls with a shank',
  },
  'coupling-kind': {
    formula: 'told, not judged',
    source: commonPractice('pintle: eye and pintle of SAE J847; three axes: tested to UN R55 or ADR 62'),
    holds: 'couplings without a ball',
  },
});
