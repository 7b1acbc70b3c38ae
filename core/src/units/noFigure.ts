/** What is written where there is no number to write: nothing was known, or a share of nothing was asked. */
export const NO_FIGURE = 'no figure';

/** Beyond this a number says nothing about a trailer any more. */
const LARGEST_SAID = 1e15;

export const isFigure = (value: number): boolean => Number.isFinite(value) && Math.abs(value) < LARGEST_SAID;
