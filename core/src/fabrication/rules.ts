import { rulesOf } from '../findings/index.js';
import { commonPractice, computedBy } from '../source.js';

/** What this stage checks, and what it tells without judging. */
export const RULES = rulesOf({
  'no-cut-list': {
    formula: 'there are bars to cut',
    source: computedBy('lengths of the drawn frame'),
    holds: 'a frame that cannot be drawn has no cut list',
  },
  'cut-list': {
    formula: 'pieces, marks and weight',
    source: computedBy('lengths of the drawn frame'),
    holds: 'told, not judged',
  },
  'longer-than-stock': {
    formula: 'piece ≤ longest length of its section − what is cut off both ends',
    source: commonPractice('yards sell 20 and 24 ft, or 6 m'),
    holds: 'lengths that are named under the stock; else the usual ones',
  },
});
