import { rulesOf } from '../findings/index.js';
import { commonPractice, computedBy } from '../source.js';
import { formatPercent, fromKilograms } from '../units/index.js';

const MOMENTS = computedBy('turning forces balanced about the axle group');

/** A tenth of the band’s width from either end counts as close to it. */
export const NEAR_EDGE = 0.1;
/** Off its band by no more than this share of the weight is close to it still: 9.6 % of 10 (common practice; scales and guesses are no better). */
export const JUST_OFF = 0.005;
/** Shop limits of the side that carries more, as a share of the wheels’ load off the middle (common practice). */
export const UNEVEN = 0.05;
export const MOST_UNEVEN = 0.1;
/** Two people on the rear edge, kg (common practice). */
export const PEOPLE_KG = 200;

/** What this stage checks, and what it tells without judging. */
export const RULES = rulesOf({
  'tongue-share': {
    formula: `least of the band ≤ T ÷ W ≤ most of the band, each in shares and in kg, whichever is narrower; tight within ${formatPercent(NEAR_EDGE, 0)} of the band’s width of either end, and up to ${formatPercent(JUST_OFF, 1)} of the weight outside`,
    source: commonPractice('by the school of tongue weight that is chosen, or your own limits'),
    holds: 'standing still and level; every towed load, by the trailer’s band or its own',
  },
  'tongue-limit': {
    formula: 'greatest T of all loads not parked ≤ the lower of what hitch and coupler bear',
    tightFrom: 0.9,
    source: MOMENTS,
    holds: 'standing still; braking and bumps add to it and are in the stamps',
  },
  'jack-load': {
    formula: 'load on the jack ≥ 0',
    source: MOMENTS,
    holds: 'parked level on the jack, wheels chocked',
  },
  'loading-uplift': {
    formula: 'load on the ball ≥ 0',
    source: MOMENTS,
    holds: 'while loading, hitched and level',
  },
  'sixty-forty': {
    formula: 'axle at 60 % of the bed',
    source: commonPractice('60 % of the bed ahead of the axle'),
    holds: 'a rule of thumb for an even load; shown beside the window, never in its place',
  },
  'axle-window': {
    formula: 'axle within every interval of tongue share, tongue force and axle rating of every load that counts',
    source: MOMENTS,
    holds: 'closed form, as if it rode level; parked loads do not bind',
  },
  'no-cases': {
    formula: 'at least one load',
    source: MOMENTS,
    holds: 'nothing stands anywhere without one',
  },
  'extreme-case': {
    formula:
      'T with every weight and place at the end of its own tolerance that makes it worse, within the band; only T < 0 counts',
    source: computedBy('every weight and place at the end of its own tolerance'),
    holds: 'loads that are within by their own figures',
  },
  'heaviest-doubt': {
    formula: 'W + 1.645·√(Σ tolerance² ÷ 3) ≤ the gross on the plate',
    source: computedBy('sum of even spreads, each by itself; passed once in twenty'),
    holds: 'the heaviest load that is within its plate by its own figures; the trailer’s own parts within 5 to 10 %',
  },
  'tongue-slopes': {
    formula: 'dT ÷ dx for axle, ball and items',
    source: computedBy('dT/dp = (g·M_fixed − T) ÷ B, dT/dB = −T ÷ B, dT/dx = −g·m ÷ B'),
    holds: 'near the present places; exact there',
  },
  'parked-tips': {
    formula: `load on the jack with ${PEOPLE_KG} kg of people on the rear edge ≥ 0; tight under 3 % of the weight`,
    source: commonPractice(
      `two people, ${PEOPLE_KG} kg (${10 * Math.round(fromKilograms(PEOPLE_KG, 'lb') / 10)} lb), on the rear edge`,
    ),
    holds: 'parked, about the hindmost of wheels and stands; people elsewhere tip less',
  },
  'left-right': {
    formula: `|left − right| ÷ (left + right) of the wheels ≤ ${formatPercent(MOST_UNEVEN, 0)}; tight from ${formatPercent(UNEVEN, 0)}`,
    source: commonPractice(
      `left and right within ${formatPercent(UNEVEN, 0)}, at most ${formatPercent(MOST_UNEVEN, 0)}`,
    ),
    holds: 'towed loads, level across; the ball takes no roll',
  },
  'balance-height': {
    formula: 'z of the balance point above the ground',
    source: computedBy('Σm·z ÷ Σm'),
    holds: 'the towed load that is highest; told, not judged',
  },
  'axles-swing': {
    formula: '|ball above where it rides level| ≤ one step (1 in or 25 mm)',
    source: computedBy('N = k·(free − ball − s·x) for each axle, turning forces about the ball'),
    holds: 'axles without an equaliser; rigid frame on springs',
  },
});
