import { filled } from '../filled.js';

/** What is written on views besides sizes; sheets that are handed out have more of their own. */
const DRAWN_TEXTS = {
  bump: 'in a bump',
  balance: 'balance point',
  balanceBack: 'balance point {place} back',
  overall: '{length} ball to rear edge',
  track: '{length} track',
  width: '{length} overall',
  loads: 'loads {length}',
} as const;
export type DrawnText = (typeof DRAWN_TEXTS)[keyof typeof DRAWN_TEXTS];

/** Says a text of a view in another language. */
export type SayDrawn = (text: DrawnText, fill: Readonly<Record<string, string>>) => string;

/** A text of a view as its lettering says it; in English where that says nothing. */
export const drawnText = (
  say: { readonly drawn?: SayDrawn },
  name: keyof typeof DRAWN_TEXTS,
  fill: Readonly<Record<string, string>> = {},
): string => (say.drawn ?? filled)(DRAWN_TEXTS[name], fill);
