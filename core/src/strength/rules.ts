import { rulesOf } from '../findings/index.js';
import { commonPractice, computedBy, publishedSure, publishedVerify } from '../source.js';
import { formatPercent, formatForce, formatNumber, toNewtons } from '../units/index.js';
import { BOLT_SOURCE } from './joints/bolts.js';
import { WALL_SOURCE } from './joints/wallUnderEnd.js';
import { CRIPPLING_SOURCE } from './joints/crippling.js';
import { SOFT_END_SOURCE } from './joints/softEnd.js';
import { BUMP_SOURCE } from './roads.js';

/** A person falling against a rail, or a load leaning on it, at its top, as guards of buildings are made for. */
export const LEAN_N = toNewtons(200, 'lbf');
/** Together straps must hold half of what they tie down. */
export const STRAPS_SHARE = 0.5;
/** Beyond these the figures have lost too many digits to be counted on: about one in ten thousand. */
export const MOST_CONDITION = 1e12;
export const MOST_RESIDUAL = 1e-5;
/** Two ways to the same figure are called apart where one is more than this many times the other. */
export const APART = 1.25;
/** A utility trailer is built for this far (common practice). */
export const DESIGN_KM = 100_000;
/** Most utility trailers go no further in a year, km (common practice). */
export const YEAR_KM = 5_000;
/** Loads at the coupling as shares of the gross’s weight, one at a time, without lasting bends: ADR 62 and VSB 1 (recalled). */
export const PIN_ALONG_G = 1.5;
export const PIN_UPRIGHT_G = 0.5;
/** Published drawbar loadings at the coupling, in g on the gross, each by itself: ADR 62, VSB 1. */
export const DRAWBAR_G = { along: PIN_ALONG_G, across: 0.5, upright: PIN_UPRIGHT_G } as const;

/** Sag under the standing load at most length ÷ this (common practice). */
export const SAG_DIVISORS = { rails: 300, 'rear-overhang': 150, 'tongue-tip': 200, 'cross-member': 180 } as const;

/** Sag past the usual limit is felt, not dangerous: so many times it before it is over. */
export const FAR_PAST = 2;
export const DEFLECTION_TIGHT = 0.7;

/** What this stage checks, and what it tells without judging. */
export const RULES = rulesOf({
  rails: {
    formula: 'σ ÷ allowable, in bending with a hard bump; τ likewise; the worse one',
    source: BUMP_SOURCE,
    holds: 'one rail as a beam on hangers and tongue, half of everything; no twist',
  },
  tongue: {
    formula: 'σ ÷ allowable, in bending with a hard bump; τ likewise; the worse one',
    source: BUMP_SOURCE,
    holds: 'a cantilever from the front header, legs alike',
  },
  'cross-member': {
    formula: 'σ ÷ allowable, in bending with a hard bump; τ likewise; the worse one',
    source: BUMP_SOURCE,
    holds: 'a beam between the rails, deck by tributary width',
  },
  'cross-members-rest': {
    formula: 'as the cross-members, those under 70 %',
    source: BUMP_SOURCE,
    holds: 'told together',
  },
  deflection: {
    formula: `sag under the standing load ≤ length ÷ ${SAG_DIVISORS.rails} (rails), ${SAG_DIVISORS['rear-overhang']} (rear overhang), ${SAG_DIVISORS['tongue-tip']} (tongue), ${SAG_DIVISORS['cross-member']} (cross-members)`,
    tightFrom: 0.9,
    source: commonPractice(
      `rails 1/${SAG_DIVISORS.rails}, rear overhang 1/${SAG_DIVISORS['rear-overhang']}, tongue 1/${SAG_DIVISORS['tongue-tip']}, cross-members 1/${SAG_DIVISORS['cross-member']} of their length under the standing load`,
    ),
    holds: 'by hand, one beam',
  },
  'strength-not-possible': {
    formula: 'something carries the frame',
    source: computedBy('a beam needs what carries it'),
    holds: 'a beam needs what carries it',
  },
  'tongue-leverage': {
    formula: 'what a longer tongue does to its own bending',
    source: computedBy('M changes by the shear there × the length moved; stress by the section modulus'),
    holds: 'told, not judged',
  },
  'support-assumed': {
    formula: 'suspension is said',
    source: commonPractice('axle as one point'),
    holds: 'else the axle is taken as one point',
  },
  'tongue-root': {
    formula: 'no rule by hand',
    source: commonPractice(),
    holds: 'tongues that end at the header; the frame analysis answers for it',
  },
  'not-in-hand-check': {
    formula: 'no rule by hand',
    source: commonPractice('a beam check by hand'),
    holds: 'twist, welds, joints, loads off the middle: the frame analysis answers for them',
  },
  'frame-member': {
    formula: 'interaction of axial force, bending both ways, shear and twist ≤ 1',
    source: publishedVerify(
      'AISC 360-16 D to H (steel), Aluminum Design Manual (aluminum); the clause that governs is told',
    ),
    holds: 'second-order effects only through the member formulas; every situation of the road and the plate',
  },
  'frame-members-rest': {
    formula: 'as the bars',
    source: computedBy('frame analysis'),
    holds: 'those that are told together',
  },
  'frame-weld': {
    formula: 'force on the fillet ÷ what its throat or the metal beside it bears ≤ 1',
    source: publishedVerify('AISC 360-16 J2.4 (steel), Aluminum Design Manual J (aluminum)'),
    holds: 'elastic line method; each bar’s end by itself',
  },
  'built-up-seam': {
    formula: 'V × Q ÷ I ÷ seams + T ÷ 2A (box) ≤ fillet × welded share of the seam',
    source: publishedSure('shear flow, Gere & Timoshenko, Mechanics of Materials, built-up beams; AISC 360-16 J2.4'),
    holds:
      'largest shear anywhere along the bar, in every situation; a bar inside a tube has no seam, its plug welds are not checked',
  },
  'panel-shear': {
    formula: '(N₁ − N₂) ÷ L of its two crossed ties ≤ k × π² × E ÷ 12(1 − ν²) × (t ÷ b)² × t; plywood 190 psi × t',
    source: publishedSure('Timoshenko & Gere, Theory of Elastic Stability: shear of a rectangular plate'),
    holds:
      'panels fastened along all edges and to every bar, bays without openings; how far fasteners give is assumed. Fasteners and glue are not checked',
  },
  'panel-holds-nothing': {
    formula: 'two bars run across the panel from edge to edge, joined to others there',
    source: computedBy('a sheet passes shear from bar to bar'),
    holds: 'panels that are said to hold their bars square; mesh and foam hold nothing, leaning panels are not counted',
  },
  'stitch-gap': {
    formula: 'clear gap between stitches ≤ plate × 0.75 × √(E ÷ Fy), and ≤ 12 in',
    source: publishedSure('AISC 360-16 E6.2'),
    holds: 'outside plates that are pressed; aluminum by the same form with its yield beside welds',
  },
  'frame-welds-rest': {
    formula: 'as the welds',
    source: computedBy('frame analysis, elastic line method'),
    holds: 'those that are told together',
  },
  'weld-leg-small': {
    formula: 'leg ≥ the least for the wall',
    source: publishedSure('AISC 360-16 table J2.4'),
    holds: 'steel and aluminum alike',
  },
  'hanger-wall': {
    formula: 'hanger’s force ÷ what the wall bears without crippling ≤ 1',
    source: CRIPPLING_SOURCE,
    holds: 'walls under hangers and brackets, without stiffeners',
  },
  'end-wall': {
    formula: 'push ÷ its limit + moment ÷ its limit, across and along the wall, each nominal ÷ 1.5 ≤ 1',
    source: WALL_SOURCE,
    holds:
      'ends of tongues, uprights and other bars that must pass a moment into the wall of a tube or the web of a channel, in the middle of it; the load in that bar itself, cap plates and corners are left out',
  },
  'bar-hole': {
    formula: 'net section at the hole, pulled and bent ≤ 1',
    source: computedBy('net section'),
    holds: 'round holes in the flats',
  },
  'coupler-bolts': {
    formula: 'force on the bolts ÷ least of shear, bearing and tear-out ≤ 1',
    source: BOLT_SOURCE,
    holds: 'bolted couplers; bolts share alike',
  },
  'frame-deflection': {
    formula: `sag ÷ the usual limit of rails, overhang, tongue, cross-members; tight from ${formatPercent(DEFLECTION_TIGHT, 0)}, over past ${FAR_PAST} times it`,
    source: commonPractice('sag limits of trailer frames under the load alone'),
    holds: 'under the payload alone, standing',
  },
  'fatigue-life': {
    formula: `median km until the worst weld cracks: a year’s use (${formatNumber(YEAR_KM, 0)}) or less is early, up to ${formatNumber(DESIGN_KM, 0)} worth a look each year`,
    source: commonPractice(
      'ends of tubes on tube walls: structural stress at the toe (own models), IIW FAT 90 (aluminum 36); other welds: AISC 360-16 Appendix 3 or Aluminum Design Manual, category E; narrow-band road spectrum at 2 Hz, Miner’s rule. Good to a factor of about five either way',
    ),
    holds: 'good to a factor of about five either way',
  },
  'figures-doubtful': {
    formula: `condition of the stiffness matrix ≤ ${MOST_CONDITION.toExponential(0)}, residual ≤ ${MOST_RESIDUAL.toExponential(0)}`,
    source: computedBy('condition of the stiffness matrix; sums of loads and reactions'),
    holds: 'beyond, too many digits are lost',
  },
  'situations-off': {
    formula: 'told, not judged',
    source: { kind: 'own', note: 'switched off' },
    holds: 'situations that were switched off',
  },
  'situation-not-run': {
    formula: 'what a situation needs is said',
    source: computedBy('the situation’s own inputs'),
    holds: 'situations that lack an input',
  },
  'recovery-advice': {
    formula: 'told, not judged',
    source: commonPractice('recovery points'),
    holds: 'recovery points',
  },
  'badly-loaded': {
    formula:
      'the plate’s cargo as one block as far forward as tongue band and hitch let it, as far back as the band lets it, and as a dense load on a third of the deck at both places: hardest bar, weld, hanger, hole or bolt ≤ 1',
    source: commonPractice('loads as badly placed as the trailer’s own limits allow'),
    holds: 'a second opinion: it never makes the step’s verdict',
  },
  'published-loads': {
    formula:
      '1.5 g along, 0.5 g across, up and down at the ball on the plate’s gross, as a free body: hardest stress of drawbar, front header and their joints ÷ yield ≤ 1',
    source: publishedSure('ADR 62 and VSB 1'),
    holds: 'asked of trailers used in Australia; told of others',
  },
  'ends-guessed': {
    formula:
      'upright 2.20·E·t³·(h/(H−h))^0.92·(b/H)^0.30·(H/t)^0.235 and its kin for tubes on tubes; channels 0.8, angles 0.4 of it',
    source: SOFT_END_SOURCE,
    holds:
      'told where the end of a bar lies outside what was modelled: the verdict rests on a guess of how far it gives',
  },
  'outrigger-not-checked': {
    formula: 'no rule',
    source: commonPractice('outriggers and sub-frames that are not drawn'),
    holds: 'springs or brackets that do not stand under the rails',
  },
  'nobody-on-rear': {
    formula: 'told, not judged',
    source: commonPractice('carts, light trailers and low decks are loaded from the ground'),
    holds: 'trailers on whose rear edge nobody is taken to step',
  },
  'rated-gross-missing': {
    formula: 'the gross on the plate is said',
    source: computedBy('the plate’s gross spread evenly, badly placed, and under published drawbar loads'),
    holds: 'without it the plate’s cargo cannot be laid out',
  },
  'hand-compared': {
    formula: `frame analysis ÷ hand within ${APART}`,
    source: computedBy('the same load, on one beam by hand and on the whole frame'),
    holds: 'told, not judged',
  },
  'not-in-analysis': {
    formula: 'no rule',
    source: commonPractice('what this analysis leaves out'),
    holds: 'what this analysis leaves out',
  },
  'frame-fault': {
    formula: 'the frame can be analysed',
    source: computedBy('frame analysis'),
    holds: 'what keeps it from being so is told',
  },
  'frame-unsolvable': {
    formula: 'the frame holds together',
    source: computedBy('frame analysis'),
    holds: 'what folds is told',
  },
  'deck-point': {
    formula: 'weight × factor ÷ what the deck bears under a foot or a wheel ≤ 1',
    source: publishedVerify('NDS (planks), PS 2 (plywood), AISC F11 (sheet)'),
    holds: 'half-way from bar to bar',
  },
  'deck-wheel': {
    formula: 'weight on the wheel or leg ÷ what the deck bears under it ≤ 1',
    source: publishedVerify('NDS (planks), PS 2 (plywood), AISC F11 (sheet)'),
    holds: 'wheels half-way over the widest gap, legs where they stand; standing, for a short while',
  },
  'deck-spread': {
    formula: 'pressure × factor ÷ what the deck bears ≤ 1',
    source: publishedVerify('NDS (planks), PS 2 (plywood), AISC F11 (sheet)'),
    holds: 'the load that presses hardest, spans of the widest gap',
  },
  'deck-not-checked': {
    formula: 'no rule',
    source: commonPractice('makers’ load tables'),
    holds: 'decks of expanded metal, and decks on no bars',
  },
  'side-post': {
    formula: `${formatForce(LEAN_N, 'imperial')} at the rail’s top, M ÷ S ÷ allowable ≤ 1`,
    source: publishedVerify(
      'ASCE 7 4.5.1: 200 lb on a guard rail; allowed by AISC 360-16 F1 or the Aluminum Design Manual',
    ),
    holds: 'each post as a cantilever; the rail’s help from post to post is left out',
  },
  'straps-hold': {
    formula: `${formatPercent(STRAPS_SHARE, 0)} of the cargo ≤ Σ working loads of the straps`,
    tightFrom: 1,
    source: publishedSure('49 CFR 393.106(d): working load limits together at least half of the load'),
    holds: 'straps over the load from ring to ring; the heaviest loose load',
  },
  'home-made-study': {
    formula:
      'pin in shear and bending, bearing, tear-out and weld against yield; past it Fix, short of it Not checked all the same',
    source: publishedVerify(
      'ADR 62 and VSB 1: 1.5 g along, 0.5 g across and upright; elementary beam theory; AISC 360-16 J7 and J2.4',
    ),
    holds: 'for study: wear, notches, blows and looseness are not in it, and nobody has tested it',
  },
  'tongue-pins': {
    formula: `${PIN_ALONG_G} g along or the couple of ${PIN_UPRIGHT_G} g upright ÷ least of shear on two planes and bearing ≤ 1`,
    source: publishedVerify(
      'ADR 62 and VSB 1: 1.5 g along, 0.5 g upright at the coupling; AISC 360-16 J3.6 and J3.10, two shear planes',
    ),
    holds: 'folding and removable tongues; hinge plates are not looked at',
  },
  'tongue-splice': {
    formula: 'splice at least a third of the span from the front header, ahead of it and behind',
    source: commonPractice('no splice in the middle third of a bending moment’s peak'),
    holds: 'welds across a bar of the tongue; sleeves and fish plates over them are not seen',
  },
  'one-pin-folds': {
    formula: 'two pins',
    source: publishedVerify('statics: one pin across is a hinge and holds no bending'),
    holds: 'one pin across is a hinge',
  },
});
