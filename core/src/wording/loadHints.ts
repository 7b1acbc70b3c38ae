import type { AnyFinding } from '../evaluation/index.js';

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
    default:
      return '';
  }
};
