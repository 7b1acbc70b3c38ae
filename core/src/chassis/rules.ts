import { rulesOf } from '../findings/index.js';
import { commonPractice, computedBy, publishedSure } from '../source.js';

/** What this stage checks, and what it tells without judging. */
export const RULES = rulesOf({
  'frame-problem': {
    formula: 'each bar has a section, a metal, a length, and something to be welded to',
    source: computedBy('the frame’s own geometry'),
    holds: 'the geometry alone',
  },
  'tongue-gap': {
    formula: 'metal joins only what it touches, within 1/16 in (1.6 mm), or through a packer',
    source: commonPractice('bars are joined where they touch'),
    holds: 'a tongue that runs under the frame; what an A-frame passes under is told, not judged',
  },
  'header-too-shallow': {
    formula: 'depth of the header ≥ 0.9 of the bar that butts on it',
    source: commonPractice('a bar is welded all round its end; half of it on air is half a joint'),
    holds: 'tongues that end at the front header',
  },
  'overall-width': {
    formula: 'outermost of tires, fenders and frame ≤ the widest that it may be',
    source: publishedSure('23 CFR 658.15: 102 in on US interstate routes; EU 2.55 m; narrower by state and road'),
    holds: 'mirrors, lights and loads beyond the bed are not in it',
  },
  'overall-length': {
    formula: 'ball centre to rear edge ≤ the longest that it may be',
    source: computedBy('ball centre to rear edge'),
    holds: 'loads and gates beyond the bed are not in it',
  },
  'metal-not-of-shape': {
    formula: 'each shape in a metal that its standard is made in',
    source: publishedSure('scopes of ASTM A36, A53, A500, A513, A572, AS/NZS 1163'),
    holds: 'metals of a standard; your own are taken as you name them',
  },
  'cracks-beside-welds': {
    formula: 'no rule',
    source: commonPractice('re-rolled rail is high in carbon: it hardens and cracks beside welds'),
    holds: 'welded frames; the bar itself counts at 30 ksi (205 MPa)',
  },
  'panel-joint-off-bar': {
    formula: 'from bar to bar no further than a sheet reaches, lengthwise or crosswise',
    source: commonPractice('two sheets meet on a bar; plywood is sold in 4 × 8 ft or 1250 × 2500 mm'),
    holds: 'plywood panels that do not lean; a joint on a batten of its own is not known',
  },
  'sheet-joint-off-bar': {
    formula: '3/8 in (10 mm) of a bar under the edge of each sheet where two meet across the trailer',
    source: commonPractice('joints of sheets lie on framing'),
    holds: 'joints along the trailer are not looked at, nor blocking between the bars',
  },
  'tongue-through-deck': {
    formula: 'told: a tongue on top of the frame takes room from deck and loads',
    source: computedBy('the frame’s own geometry'),
    holds: 'decks of any kind; loads are not moved aside',
  },
  'bars-cross': {
    formula: 'bars of one’s own keep clear of others, or stand on them',
    source: computedBy('the frame’s own geometry'),
    holds: 'away from the ends of both; bars alongside each other are not looked at',
  },
  'unmarked-metal': {
    formula: 'yield of steel without mark or certificate counts as 30 ksi (205 MPa)',
    source: commonPractice('no certificate, no credit: 30 ksi (205 MPa)'),
    holds: 'steel of any shape that is called unmarked',
  },
  'aluminum-welds': {
    formula: 'within 1 in (25 mm) of a weld aluminum counts at its welded strength',
    source: publishedSure('Aluminum Design Manual: welded strength within 1 in of a weld'),
    holds: 'bars of aluminum, welded',
  },
});
