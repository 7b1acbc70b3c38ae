import { rulesOf } from '../findings/index.js';
import { computedBy } from '../source.js';

const SUM = computedBy('sum of the parts’ masses');

/** What this stage checks, and what it tells without judging. */
export const RULES = rulesOf({
  'item-without-weight': {
    formula: 'each thing on the list weighs something',
    source: SUM,
    holds: 'a thing that weighs nothing is one of which nobody has said',
  },
  'no-rack-under': {
    formula: 'a level bar of one’s own lies under what stands on a rack',
    source: computedBy('bars of one’s own under its outline'),
    holds: 'bars within 5 mm of the highest carry together',
  },
  'tips-off-rack': {
    formula: 'balance point between the outermost bars under it',
    source: computedBy('statics'),
    holds: 'loads that stand on bars of one’s own; straps may hold what would tip',
  },
  'no-load': {
    formula: 'something is carried',
    source: SUM,
    holds: 'a trailer without any load is judged bare',
  },
  'heaviest-case': {
    formula: 'Σm of the heaviest load',
    source: SUM,
    holds: 'weld metal, paint and wiring are not weighed; add them as items',
  },
  'frame-weight': {
    formula: 'Σ of the bars and plates',
    source: SUM,
    holds: 'nominal sections by their area; weld metal is not weighed',
  },
});
