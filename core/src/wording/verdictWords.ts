import type { Verdict } from '../findings/index.js';

/** By itself: the first page needs these words and no others. */
export const VERDICT_WORDS = {
  ok: 'Within',
  tight: 'Tight',
  over: 'Fix',
  open: 'Missing',
  unchecked: 'Not checked',
} as const satisfies Readonly<Record<Verdict, string>>;
