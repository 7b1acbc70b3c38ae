import { HARD_STOP_G } from '../balance/index.js';
import { rulesOf } from '../findings/index.js';
import { commonPractice, computedBy, publishedSure, publishedVerify } from '../source.js';
import { inches, toRadians, formatAngle, formatLength } from '../units/index.js';

/** Room that is left when it is turned as far as it may be (common practice). */
export const TURN_MARGIN_M = inches(2);
/** Room that is left over a break of the road (common practice). */
export const RAMP_MARGIN_M = inches(1);
/** Couplings tip this far either way: UN R55 asks it of coupling heads (recalled). */
export const COUPLING_TIPS_RAD = toRadians(20, 'deg');
/** Half a foot free on either side in a lane (common practice). */
export const LANE_ROOM_M = inches(12);
/** Level within this at the ball (common practice). */
export const LEVEL_M = inches(0.5);

/** A shop size as it is spoken of. */
const inch = (metres: number): string => formatLength(metres, { system: 'imperial', denominator: 16 });

/** What this stage checks, and what it tells without judging. */
export const RULES = rulesOf({
  'turns-clear': {
    formula: `angle at which it touches ≥ the angle that is wanted; ${inch(TURN_MARGIN_M)} of room there`,
    source: computedBy('front corners turned about the ball, x = L·cosγ − t·sinγ, against the vehicle’s rear face'),
    holds: 'flat ground, the front edges of frame, tongue and items',
  },
  'tailgate-hits': {
    formula: 'reach of the open tailgate ≤ room to what stands nearest',
    source: computedBy('reach and height of the open tailgate against what stands nearest to it, riding level'),
    holds: 'straight, riding level',
  },
  'ramp-clear': {
    formula: `room over the break, and to the vehicle ≥ 0; tight under ${inch(RAMP_MARGIN_M)}, and past ${formatAngle(COUPLING_TIPS_RAD)} at the coupling`,
    source: publishedVerify(
      'rigid trailer tipped about the ball over every place of the break, exact; coupling heads of UN R55 tip 20°',
    ),
    holds: 'rigid trailer, every place of the break',
  },
  'tongue-shortest': {
    formula: 'least length that clears in the turn, under the tailgate and in the dip',
    source: computedBy('the least length that clears in the turn, under the tailgate and in the dip'),
    holds: 'told, not judged',
  },
  'off-tracks': {
    formula: 'R − √(R² − L²)',
    source: computedBy('R − √(R² − L²), slow and steady'),
    holds: 'slow and steady; told, not judged',
  },
  'lane-swept': {
    formula: `lane swept ≤ the lane, tight within ${inch(LANE_ROOM_M)} of it`,
    source: commonPractice('steady slow turn, each axle on its own circle; half a foot free on either side'),
    holds: 'steady slow turn, each axle on its own circle',
  },
  'vehicle-missing': {
    formula: 'vehicle and its shape are said',
    source: computedBy('mass, wheelbase, and how far the ball stands behind the rear axle'),
    holds: 'turning and sway cannot be worked out without',
  },
  'level-spread': {
    formula: 'what the loads differ at the ball',
    source: computedBy('the hitch against the height at which each load rides level'),
    holds: 'told, not judged',
  },
  'tows-level': {
    formula: `|hitch − ball’s height riding level| ≤ ${inch(LEVEL_M)}; tight over ${inch(2 * LEVEL_M)}`,
    source: commonPractice('level within half an inch at the ball, loaded; an inch low in front rather than high'),
    holds: 'the heaviest towed load; hands hold it where they please',
  },
  'hitch-above-deck': {
    formula: 'hitch ≤ the deck of the loaded trailer',
    source: computedBy('the hitch against the deck of the loaded trailer'),
    holds: 'the heaviest towed load',
  },
  'rolls-over': {
    formula: 't ÷ 2h',
    source: publishedSure(
      'static stability factor, t ÷ 2h; rigid, without springs and tires, which take off a tenth or more',
    ),
    holds: 'rigid, without springs and tires, which take off a tenth or more; told, not judged',
  },
  'vehicle-axles': {
    formula: 'own rear load + tongue × (1 + overhang ÷ wheelbase) ≤ the rear axle’s limit',
    tightFrom: 0.95,
    source: computedBy(
      'tongue × (1 + overhang ÷ wheelbase) on the rear axle, tongue × overhang ÷ wheelbase off the front',
    ),
    holds: 'where the vehicle’s limit is read',
  },
  'braking-adds': {
    formula: 'm·a·(h − h_ball) ÷ L unbraked, m·a·h ÷ L braked; two axles by moments of every body',
    source: computedBy(
      'statics of trailer, springs, equalizer or beam; a wheel brakes with no more than 0.8 of what it then carries (common practice)',
    ),
    holds: `rigid, level, an emergency stop of ${HARD_STOP_G} g where the brakes and tires reach it; told, not judged`,
  },
  'hill-pulls': {
    formula: 'W·sin(slope)',
    source: computedBy('weight × sin of the slope'),
    holds: 'told, not judged',
  },
  'hand-pull': {
    formula: 'c·W + W·sin(slope)',
    source: commonPractice('small tires roll with 3 % of the weight on firm ground, 10 % on grass'),
    holds: 'pulled by people; told, not judged',
  },
});
