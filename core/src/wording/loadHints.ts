import type { AnyFinding } from '../evaluation/index.js';

/** What of a load is meant, in a word or two, where there is no room for a sentence: "Fix: axle". */
const LOAD_CHECK_NAMES: Readonly<Partial<Record<AnyFinding['code'], string>>> = {
  'tongue-share': 'tongue',
  'tongue-limit': 'hitch',
  'left-right': 'left and right',
  'jack-load': 'jack',
  'jack-rating': 'jack',
  'loading-uplift': 'lifts the ball',
  'parked-tips': 'tips back',
  'axle-load': 'axle',
  'tire-load': 'tires',
  'wheel-load': 'wheels',
  'spring-load': 'springs',
  'weakest-part': 'axle assembly',
  clearance: 'tire rubs',
  'gross-against-plate': 'plate',
  'gross-against-coupler': 'coupler',
  'gross-against-tow-vehicle': 'vehicle',
  'weakest-link': 'hitch',
};
export const loadCheckName = ({ code }: AnyFinding): string => LOAD_CHECK_NAMES[code] ?? '';

/** What somebody who is loading can do about a finding at once, standing beside the trailer; nothing where that would not help. */
export const loadHint = (finding: AnyFinding): string => {
  if (finding.verdict !== 'over') return '';
  switch (finding.code) {
    case 'tongue-share':
      return finding.data.side === 'too-heavy' ? 'Move something back.' : 'Move something forward.';
    case 'tongue-limit':
      return 'Move something back.';
    case 'left-right':
      return 'Move something across.';
    case 'axle-load':
    case 'tire-load':
    case 'wheel-load':
    case 'spring-load':
    case 'weakest-part':
    case 'gross-against-plate':
    case 'gross-against-coupler':
    case 'gross-against-tow-vehicle':
      return 'Leave something.';
    case 'weakest-link':
      return finding.data.by === 'tongue' ? 'Move something back.' : 'Leave something.';
    default:
      return '';
  }
};
