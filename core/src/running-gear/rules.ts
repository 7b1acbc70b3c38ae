import { rulesOf } from '../findings/index.js';
import { commonPractice, computedBy, publishedSure, publishedVerify } from '../source.js';
import { inches, toPascals, toRadians, formatAngle, formatLength } from '../units/index.js';

/** Passenger tires on a trailer, and the tires of an axle together. */
export const TIRE_RULE = publishedSure(
  '49 CFR 571.110: passenger tires ÷ 1.10; the tires of an axle together at least its rating',
);

/** A tape and an estimated spring agree to about an inch (common practice). */
export const HEIGHT_OFF_M = inches(1);
/** Laden 1.6 to 2.3 Hz is the aim, empty up to 3.5 Hz (common practice); laden it is called soft or harsh only some way outside of that. */
export const BOUNCE = { soft: 1.4, good: 2.6, emptyHarsh: 3.5 } as const;
/** Nearer to upright a shackle can go over, further from it it wanders (common practice; 12 to 14° is usual at a spring's rating). */
export const LEAN = { least: toRadians(10, 'deg'), most: toRadians(60, 'deg') } as const;
/** What the leaves of trade springs feel at their own rating, at most, Pa (worked out from the list's rows). */
export const LEAF_STRESS_PA = toPascals(150, 'ksi');
/** Less air than this in a hard bump is none that anybody would count on, m (common practice). */
export const BUMP_AIR_M = inches(0.25);
/** From spring to wheel, up to which axle ratings hold (common practice). */
export const OVERHANG_M = inches(8.5);
/** Never more than this without the axle’s maker (common practice). */
export const MOST_OVERHANG_M = inches(10);

/** A shop size as it is spoken of. */
const inch = (metres: number): string => formatLength(metres, { system: 'imperial', denominator: 16 });

/** What this stage checks, and what it tells without judging. */
export const RULES = rulesOf({
  'no-axle': {
    formula: 'an axle is chosen',
    source: computedBy('statics'),
    holds: 'a trailer without wheels is none',
  },
  'axle-ahead-of-ball': {
    formula: 'axle behind the ball',
    source: computedBy('statics'),
    holds: 'always',
  },
  'axle-off-bed': {
    formula: '0 ≤ axle’s place ≤ the bed’s length',
    source: computedBy('statics'),
    holds: 'axles under the bed; not a spread that reaches out behind',
  },
  'axle-load': {
    formula: 'load on the axle at the ground, wheels and axle included ≤ the rating on its tag',
    tightFrom: 0.9,
    source: commonPractice('the rating on the axle’s own tag governs'),
    holds: 'standing still; the tag counts bumps in',
  },
  'tire-load': {
    formula: 'heaviest wheel ≤ the load on the sidewall, ÷ 1.10 for a passenger tire',
    tightFrom: 0.9,
    source: commonPractice('the load on the tire’s sidewall at its pressure'),
    holds: 'at the pressure written there, by side',
  },
  'wheel-load': {
    formula: 'heaviest wheel ≤ the load stamped on the wheel',
    tightFrom: 0.9,
    source: commonPractice('the load stamped on the wheel'),
    holds: 'by side, standing still',
  },
  'tires-together': {
    formula:
      'both tires of an axle ≥ the axle’s rating; less is close to limit while they carry what any load and the plate ask',
    source: TIRE_RULE,
    holds: 'road trailers; the sum alone, each tire is checked against its own load besides',
  },
  'gross-against-axles': {
    formula: 'rated gross less the lightest tongue of the band ≤ the axles’ ratings together',
    tightFrom: 0.9,
    source: publishedVerify('49 CFR 567, 571.120: axle ratings and tongue load together at least the rated gross'),
    holds: 'the plate, whatever is loaded',
  },
  'equaliser-needs-leaf': {
    formula: 'an equaliser hangs between leaf springs',
    source: computedBy('statics'),
    holds: 'always',
  },
  'no-room-for-equaliser': {
    formula: 'axle to axle > bolt to bolt of one spring',
    source: computedBy('statics'),
    holds: 'tandems with an equaliser',
  },
  'walking-beam': {
    formula: 'two axles on one pivot to each side',
    source: computedBy('moments about the pivot'),
    holds: 'always',
  },
  shocks: {
    formula: 'c ÷ (2 × √(k × m)) of a wheel, 0.1 to 1',
    source: computedBy('damped mass on a spring; 0.2 to 0.4 is usual for road vehicles'),
    holds: 'one shock to a wheel, upright, the heaviest towed load; told where nobody has read its damping',
  },
  'swing-arm': {
    formula:
      'arm below level unloaded; wheel’s rate = unit’s × (lever ÷ arm × cos lean)²; given under the heaviest load < travel to the stop',
    source: computedBy('moments about the pivot, and the same work at unit and wheel'),
    holds:
      'the arm near level; arm, pivot and unit are in the frame analysis as bars, their own pins and bushes are not checked',
  },
  'torsion-belief': {
    formula: 'told, not judged',
    source: computedBy('yaw stability follows from where the mass lies ahead of the axle, whatever holds the wheel'),
    holds:
      'independent wheels of one axle do not pass one wheel’s movement to the other; the tongue’s weight is asked of them all the same',
  },
  clearance: {
    formula: 'gap standing ≥ what is wanted there, gap in a bump ≥ 1/4 in, never less than nothing',
    source: commonPractice(
      'shop clearances about wheels: 1 in beside, 1-1/2 in on leaf springs, the travel and 1 in above',
    ),
    holds: 'each load, with half an inch of lean sideways and the travel of the bump',
  },
  'parts-meet': {
    formula: 'no two solid parts in one place: standing, and in the bump with 1/4 in between',
    source: computedBy(
      'outlines from above and heights of axle, tires, tongue, hangers, hinge and loads, each load by itself',
    ),
    holds:
      'axle and tires against everything but the rails, which have clearances of their own; boxes for loads; turning is looked at apart',
  },
  'ride-height': {
    formula: `|measured − what the parts add up to| ≤ ${inch(HEIGHT_OFF_M)}; what was measured counts`,
    source: computedBy('loaded radius, axle, seat, leaves, arch left, hanger, bracket, rail'),
    holds: 'measured on the level under the heaviest towed load',
  },
  'stands-high': {
    formula: 'loaded radius, axle, seat, leaves, arch left, hanger, bracket, rail; closed by what was measured',
    source: computedBy('the chain of parts, or the tape'),
    holds: 'the heaviest towed load, level; told, not judged',
  },
  'departure-angle': {
    formula: 'angle from the rear wheel’s foot to the rear lower edge',
    source: computedBy('rear wheel’s foot to the rear lower edge'),
    holds: 'told, not judged',
  },
  'ride-unknown': {
    formula: 'suspension is said, or the rails’ height measured',
    source: computedBy('suspension unknown'),
    holds: 'without either no height can be worked out',
  },
  'home-built-axle': {
    formula: 'M ÷ S of the tube at the spring, × 2.5; past its own yield it fails',
    source: publishedVerify(
      'bending of a round tube, M ÷ S, in a bump of 2.5; spindles, hubs and their welds are their makers’',
    ),
    holds: 'for study: never OK for an axle that nobody has rated',
  },
  'stub-cross': {
    formula: 'a bar from rail to rail within 4 in of the spindle; it holds wheel load × lever from the rail’s middle',
    source: commonPractice('stub axles stand at a cross-member, or the rail twists'),
    holds: 'spindles that are welded or bolted to the rails; the frame analysis has the rest',
  },
  'axle-camber': {
    formula: 'camber as built − F × a × (l + a) ÷ (2 × E × I), within 1°',
    source: publishedVerify('slope of a beam with overhangs (AISC Manual, beam formulas); 1° is common practice'),
    holds: 'round steel tubes that you build, the heaviest wheel standing on each end; hubs and spindles taken stiff',
  },
  'studs-differ': {
    formula: 'one stud circle for hub, wheel and tow vehicle',
    source: commonPractice('wheel, hub and spare share one stud circle'),
    holds: 'an adapter joins two; whether it carries the load is its maker’s to say',
  },
  'spare-fits': {
    formula: 'told, not judged',
    source: commonPractice('one stud circle; offset, hub bore and height are to be tried on'),
    holds: 'vehicles whose stud circle has been said',
  },
  'tire-on-rim': {
    formula: 'tire’s rim = wheel’s rim',
    source: commonPractice('a tire fits its own rim diameter only'),
    holds: 'where both are said',
  },
  'tire-smaller-than-rim': {
    formula: 'tire’s diameter > its rim',
    source: computedBy('outside of the tire against its rim'),
    holds: 'always',
  },
  'widths-differ': {
    formula: '|track that was said − track from hub face, adapter and offset| ≤ 1/8 in',
    source: computedBy('wheel middle to wheel middle = hub face to hub face − 2 × offset'),
    holds: 'axles with hubs',
  },
  'spring-longer-than-frame': {
    formula: 'bolt to bolt ≤ the bed’s length',
    source: computedBy('bolt to bolt against the rails'),
    holds: 'leaf springs',
  },
  'axle-overhang': {
    formula: `spring to wheel ≤ ${inch(OVERHANG_M)}; past it wheel load × distance ≤ half of the rating × ${inch(OVERHANG_M)}`,
    source: commonPractice(
      'axle ratings hold to about 8-1/2 in from spring to wheel; the tube bends by the wheel’s load times that distance',
    ),
    holds: 'axles of the trade on leaf springs',
  },
  'weakest-part': {
    formula: 'heaviest axle ≤ the least of axle, springs, hubs, tires and wheels',
    tightFrom: 0.9,
    source: commonPractice('an assembly carries what its weakest part carries'),
    holds: 'where something weaker than the axle is in it',
  },
  'spring-load': {
    formula: 'half of the axle’s sprung load ≤ the rating of one spring',
    tightFrom: 0.95,
    source: commonPractice('two springs together at least the axle’s sprung load'),
    holds: 'leaf springs, standing still',
  },
  'ride-bounce': {
    formula: `f = √(k ÷ m) ÷ 2π: laden ${BOUNCE.soft} to ${BOUNCE.good} Hz, empty to ${BOUNCE.emptyHarsh} Hz`,
    source: publishedSure(
      'f = √(k ÷ m) ÷ 2π; the aim, laden 1.6 to 2.3 Hz and empty up to 3.5 Hz, and the 1.4 to 2.6 Hz judged good are common practice',
    ),
    holds: 'told, not judged; without shock absorbers',
  },
  'hanger-spacing': {
    formula:
      'flat length + 3/8 in ≤ bolt to bolt ≤ eye to eye + 0.9 of the shackle; wanted: eye to eye + shackle − 1/2 in',
    source: commonPractice(
      'eye to eye and shackle less 1/2 in; 3/8 in more than the spring laid flat, no more than 0.9 of the shackle beyond its eyes',
    ),
    holds: 'springs with two eyes; slippers by their maker only',
  },
  'shackle-lean': {
    formula: `${formatAngle(LEAN.least)} to ${formatAngle(LEAN.most)} from upright at every load, never past upright`,
    source: computedBy(
      `sin = (bolt to bolt − eye to eye under the load) ÷ shackle; ${formatAngle(LEAN.least)} to ${formatAngle(LEAN.most)} is common practice`,
    ),
    holds: 'springs with two eyes; tandems where the equaliser has been measured',
  },
  'leaf-stress': {
    formula: 'σ = 3·P·l ÷ (n·b·t²), l = (L − 0.6·clamp) ÷ 2; some arch is left under the load',
    source: publishedVerify(
      'Shigley, Mechanical Engineering Design; SAE HS-788: leaf springs, seat and full-length leaf counted',
    ),
    holds:
      'leaves nipped to share alike; the limit is what trade springs feel at their own rating, worn ones are softer',
  },
});
