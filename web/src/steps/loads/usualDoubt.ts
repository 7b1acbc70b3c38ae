import type { Item } from '@kereta/core';

/** What a weight is off by, as a share of it: guessed, from a list, weighed (common practice). */
export const USUAL_DOUBT: Readonly<Record<Item['massKg']['basis'], number>> = {
  guessed: 0.2,
  listed: 0.05,
  weighed: 0.01,
};
