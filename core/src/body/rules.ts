import { rulesOf } from '../findings/index.js';
import { commonPractice, computedBy, publishedSure } from '../source.js';
import { toRadians } from '../units/index.js';

/** Steeper than this people slip and low machines drag, rad. */
export const STEEP_RAD = toRadians(20, 'deg');
/** Of the heaviest thing on wheels, what one of its wheels puts on a gate while it drives on: two thirds on one axle, half of it on each side. */
export const WHEEL_SHARE = 1 / 3;
/** Pins of unmarked steel in shear: 0.6 of the yield ÷ 1.5. */
export const PIN_SHEAR = 0.6 / 1.5;
export const PIN_YIELD_PA = 205e6;
/** A wheel that drops off the gate's end, a hole in the road: twice the standing load on latch and pivot. */
export const TILT_BUMP = 2;

/** Who steps on does so with one and a half times his weight (common practice). */
export const STEPPING_ON = 1.5;

export const RULES = rulesOf({
  'tread-person': {
    formula: 'person × 1.5 × reach of the arm ÷ section modulus ≤ allowed beside welds',
    source: computedBy('cantilever with a load at its end'),
    holds:
      'the arm that reaches furthest, all of one person on its end; its welds and what it is welded on are not checked',
  },
  'gate-person': {
    formula: 'ball load − person × (person behind axle ÷ ball to axle), with the gate let down, ≥ 0',
    source: computedBy('moments about the axle group'),
    holds: 'one person of 220 lb (100 kg): at the end of a gate on chains, at the hinge of one that lies on the ground',
  },
  'gate-ramp': {
    formula: 'asin(hinge’s height ÷ gate’s length) ≤ 20°',
    source: commonPractice('steeper than about 1 in 3 people slip and low machines drag'),
    holds: 'level ground, rear gates; of a trailer without a measured height by its parts',
  },
  'gate-drags': {
    formula: 'no load is towed with a ramp on the ground',
    source: commonPractice(),
    holds: 'gates that lie on the ground when they are let down',
  },
  'gate-bars': {
    formula:
      'one bar from hinge to far end, person or wheel in its middle: load × length ÷ 4 ÷ section modulus ≤ allowed',
    source: computedBy('simple beam with a load in its middle'),
    holds: 'bars that run from the hinge to the far end; fill, hinges, latches and chains are not checked',
  },
  'tilt-balance': {
    formula: 'the bed’s balance point ahead of its pivot in every load that is towed',
    source: computedBy('moments about the pivot'),
    holds: 'what tips: the frame without its tongue, deck, body and what is on them',
  },
  'tilt-tips': {
    formula: 'pivot + bed × (pivot − bed’s balance point) ÷ machine',
    source: computedBy('moments about the pivot'),
    holds: 'the heaviest thing on wheels, driven on from behind over an empty bed',
  },
  'tilt-ramp': {
    formula: 'asin(pivot’s height ÷ pivot to rear edge) ≤ 20°',
    source: commonPractice('steeper than about 1 in 3 people slip and low machines drag'),
    holds: 'level ground, pivot at the rails’ underside',
  },
  'tilt-pins': {
    formula: '2 × weight on the pivot ÷ two pins’ areas ≤ 0.6 × yield ÷ 1.5',
    source: publishedSure('AISC 360-16 J7 and G1: 0.6 of the yield in shear, ÷ 1.5; pins of 30 ksi (205 MPa) steel'),
    holds: 'pins in single shear between tight ears; their bending in loose ones is not checked',
  },
});
