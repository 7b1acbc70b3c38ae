import type { AnyFinding } from '../evaluation/index.js';
import { ENGLISH, type Says } from './voice.js';

/** What of a load is meant, in a word or two, where there is no room for a sentence: "Fix: axle". */
const LOAD_CHECK_NAMES = {
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
} as const satisfies Partial<Readonly<Record<AnyFinding['code'], string>>>;
const isNamed = (code: string): code is keyof typeof LOAD_CHECK_NAMES => Object.hasOwn(LOAD_CHECK_NAMES, code);
export const loadCheckName = ({ code }: AnyFinding, say: Says = ENGLISH): string =>
  isNamed(code) ? say.t(LOAD_CHECK_NAMES[code]) : '';

/** What somebody who is loading can do about a finding at once, standing beside the trailer; nothing where that would not help. */
export const loadHint = (finding: AnyFinding, say: Says = ENGLISH): string => {
  if (finding.verdict !== 'over') return '';
  switch (finding.code) {
    case 'tongue-share':
      return finding.data.side === 'too-heavy' ? say.t('Move something back.') : say.t('Move something forward.');
    case 'tongue-limit':
      return say.t('Move something back.');
    case 'left-right':
      return say.t('Move something across.');
    case 'axle-load':
    case 'tire-load':
    case 'wheel-load':
    case 'spring-load':
    case 'weakest-part':
    case 'gross-against-plate':
    case 'gross-against-coupler':
    case 'gross-against-tow-vehicle':
      return say.t('Leave something.');
    case 'weakest-link':
      return finding.data.by === 'tongue' ? say.t('Move something back.') : say.t('Leave something.');
    default:
      return '';
  }
};
