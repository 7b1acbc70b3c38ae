import type { Verdict } from '../findings/index.js';

/** By itself: the first page needs these words and no others. */
export const VERDICT_WORDS: Readonly<Record<Verdict, string>> = {
  ok: 'Within',
  tight: 'Tight',
  over: 'Fix',
  open: 'Missing',
  unchecked: 'Not checked',
};
