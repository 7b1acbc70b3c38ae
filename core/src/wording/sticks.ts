import type { Cope } from '../chassis/index.js';
import type { CutRow, CutState, PieceChange, PlateRow, StickSection } from '../fabrication/index.js';
import { cutText } from './labels.js';
import type { Speaker } from './speak.js';

const END_SHAPES: Readonly<Record<CutRow['shape'], string>> = {
  square: '',
  'one-slanted': '',
  'same-side': '; long points on the same side',
  parallel: '; both slants parallel',
};

/** How the saw is set for both ends of a piece. */
export const cutEndsText = ({ ends, shape, handed }: Pick<CutRow, 'ends' | 'shape' | 'handed'>): string => {
  const [first, second] = ends.map(cutText);
  return `${first === second ? `both ${first}` : `${first}; ${second}`}${END_SHAPES[shape]}${
    handed ? '; left and right are mirror images: cut them as a pair' : ''
  }`;
};

/** How deep and how far back a bar's end is cut away, so that it goes into another's open side. */
export const copeText = ({ topM, bottomM, lengthM }: Cope, say: Pick<Speaker, 'length'>): string => {
  const [top, bottom] = [say.length(topM), say.length(bottomM)];
  const off =
    topM > 0 && bottomM > 0
      ? top === bottom
        ? `${top} off top and bottom`
        : `${top} off the top and ${bottom} off the bottom`
      : topM > 0
        ? `${top} off the top`
        : `${bottom} off the bottom`;
  return `${off}, ${say.length(lengthM)} back from the end`;
};

/** Where a plate is drilled: "; 3/4 in hole 1 1/2 in along, 2 in up". */
export const plateHolesText = ({ holes }: Pick<PlateRow, 'holes'>, say: Pick<Speaker, 'length'>): string =>
  holes
    .map(
      ({ alongM, upM, diameterM }) =>
        `; hole of ${say.length(diameterM)}, ${say.length(alongM)} along, ${say.length(upM)} up`,
    )
    .join('');

const WHY_NOT: Readonly<Record<NonNullable<StickSection['problem']>['code'], string>> = {
  'too-long':
    'longer than every length there is. Name a longer one under “Saw and stock”, or say where the bar is welded together.',
  'too-little-stock': 'left without stock: there is too little of what is named under “Saw and stock”.',
  'too-fine': 'too many sizes to be laid out at once.',
  'not-found': 'not laid out: no plan was found.',
};

/** Why pieces of a section could not be laid on sticks. */
export const stickProblemText = ({ code, marks }: NonNullable<StickSection['problem']>): string =>
  `${marks.join(', ') || 'Some pieces'}: ${WHY_NOT[code]}`;

/** What a plan is worth: whether there is a cheaper one. */
export const stickProofText = ({ proved, byPrice, gap, heldSticks, sticks }: StickSection): string => {
  if (heldSticks > 0 && heldSticks === sticks.length) return 'Kept as it is.';
  if (!proved)
    return `The best found; one ${byPrice ? 'up to' : 'with up to'} ${Math.ceil(gap * 100)} % ${byPrice ? 'cheaper' : 'less metal'} is not ruled out.`;
  const better = byPrice ? 'plan costs less.' : 'plan buys less metal.';
  return heldSticks > 0 ? `With what is kept as it is, no ${better}` : `No ${better}`;
};

const CHANGES: Readonly<Record<PieceChange['change'], (by: string) => string>> = {
  longer: (by) => `is ${by} longer`,
  shorter: (by) => `is ${by} shorter`,
  'other-ends': () => 'has other ends',
  'other-bar': () => 'is of another bar',
  new: () => 'is new',
  gone: () => 'is gone',
};

/** What changed since drawings were handed out: "2 × C2 is 1/2 in longer; already cut". */
export const pieceChangeText = (
  { mark, change, byM, count, cut }: PieceChange,
  say: { readonly length: (metres: number) => string },
): string => {
  const done = cut === 0 ? '' : cut === count ? '; already cut' : `; ${cut} of them already cut`;
  return `${count > 1 ? `${count} × ` : ''}${mark} ${CHANGES[change](say.length(byM))}${done}`;
};

/** What became of a piece that was cut, where it is not the one that is wanted. */
export const CUT_STATE_TEXT: Readonly<Record<Exclude<CutState, 'good'>, string>> = {
  long: 'is longer than it is wanted: saw the rest off',
  short: 'is too short: it is planned again',
  'other-ends': 'is wanted with other ends now: it is planned again',
  'other-bar': 'is wanted of another bar now: it is planned again',
  gone: 'is not wanted any more',
};
