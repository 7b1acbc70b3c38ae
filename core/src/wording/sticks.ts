import type { Cope } from '../chassis/index.js';
import type { CutRow, CutState, PieceChange, PlateRow, StickSection } from '../fabrication/index.js';
import { cutText } from './labels.js';
import type { Speaker } from './speak.js';
import { ENGLISH, type Says } from './voice.js';

const END_SHAPES = {
  'same-side': '; long points on the same side',
  parallel: '; both slants parallel',
} as const satisfies Partial<Readonly<Record<CutRow['shape'], string>>>;

/** How the saw is set for both ends of a piece. */
export const cutEndsText = (
  { ends, shape, handed }: Pick<CutRow, 'ends' | 'shape' | 'handed'>,
  say: Says = ENGLISH,
): string => {
  const [first, second] = [cutText(ends[0], say), cutText(ends[1], say)];
  return `${first === second ? say.t('both {first}', { first }) : `${first}; ${second}`}${shape === 'same-side' || shape === 'parallel' ? say.t(END_SHAPES[shape]) : ''}${
    handed ? say.t('; left and right are mirror images: cut them as a pair') : ''
  }`;
};

/** How deep and how far back a bar's end is cut away, so that it goes into another's open side. */
export const copeText = ({ topM, bottomM, lengthM }: Cope, say: Pick<Speaker, 'length' | 't' | 'figures'>): string => {
  const [top, bottom] = [say.length(topM), say.length(bottomM)];
  const off =
    topM > 0 && bottomM > 0
      ? top === bottom
        ? say.t('{top} off top and bottom', { top })
        : say.t('{top} off the top and {bottom} off the bottom', { top, bottom })
      : topM > 0
        ? say.t('{top} off the top', { top })
        : say.t('{bottom} off the bottom', { bottom });
  return say.t('{off}, {length} back from the end', { off, length: say.length(lengthM) });
};

/** Where a plate is drilled: "; 3/4 in hole 1 1/2 in along, 2 in up". */
export const plateHolesText = (
  { holes }: Pick<PlateRow, 'holes'>,
  say: Pick<Speaker, 'length' | 't' | 'figures'>,
): string =>
  holes
    .map(({ alongM, upM, diameterM }) =>
      say.t('; hole of {diameter}, {along} along, {up} up', {
        diameter: say.length(diameterM),
        along: say.length(alongM),
        up: say.length(upM),
      }),
    )
    .join('');

const WHY_NOT = {
  'too-long':
    'longer than every length there is. Name a longer one under “Saw and stock”, or say where the bar is welded together.',
  'too-little-stock': 'left without stock: there is too little of what is named under “Saw and stock”.',
  'too-fine': 'too many sizes to be laid out at once.',
  'not-found': 'not laid out: no plan was found.',
} as const satisfies Readonly<Record<NonNullable<StickSection['problem']>['code'], string>>;

/** Why pieces of a section could not be laid on sticks. */
export const stickProblemText = ({ code, marks }: NonNullable<StickSection['problem']>, say: Says = ENGLISH): string =>
  `${marks.join(', ') || say.t('Some pieces')}: ${say.t(WHY_NOT[code])}`;

/** What a plan is worth: whether there is a cheaper one. */
export const stickProofText = (
  { proved, byPrice, gap, heldSticks, sticks }: StickSection,
  say: Says = ENGLISH,
): string => {
  if (heldSticks > 0 && heldSticks === sticks.length) return say.t('Kept as it is.');
  if (!proved)
    return byPrice
      ? say.t('The best found; one up to {gap} % cheaper is not ruled out.', { gap: Math.ceil(gap * 100) })
      : say.t('The best found; one with up to {gap} % less metal is not ruled out.', { gap: Math.ceil(gap * 100) });
  if (heldSticks > 0)
    return byPrice
      ? say.t('With what is kept as it is, no plan costs less.')
      : say.t('With what is kept as it is, no plan buys less metal.');
  return byPrice ? say.t('No plan costs less.') : say.t('No plan buys less metal.');
};

const CHANGES: Readonly<Record<PieceChange['change'], (by: string, say: Says) => string>> = {
  longer: (by, say) => say.t('is {by} longer', { by }),
  shorter: (by, say) => say.t('is {by} shorter', { by }),
  'other-ends': (_, say) => say.t('has other ends'),
  'other-bar': (_, say) => say.t('is of another bar'),
  new: (_, say) => say.t('is new'),
  gone: (_, say) => say.t('is gone'),
};

/** What changed since drawings were handed out: "2 × C2 is 1/2 in longer; already cut". */
export const pieceChangeText = (
  { mark, change, byM, count, cut }: PieceChange,
  say: Pick<Speaker, 'length' | 't' | 'figures'>,
): string => {
  const done = cut === 0 ? '' : cut === count ? say.t('; already cut') : say.t('; {cut} of them already cut', { cut });
  return `${count > 1 ? `${count} × ` : ''}${mark} ${CHANGES[change](say.length(byM), say)}${done}`;
};

/** What became of a piece that was cut, where it is not the one that is wanted. */
export const CUT_STATE_TEXT = {
  long: 'is longer than it is wanted: saw the rest off',
  short: 'is too short: it is planned again',
  'other-ends': 'is wanted with other ends now: it is planned again',
  'other-bar': 'is wanted of another bar now: it is planned again',
  gone: 'is not wanted any more',
} as const satisfies Readonly<Record<Exclude<CutState, 'good'>, string>>;
