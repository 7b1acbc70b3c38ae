import { type PieceKind, pieceOf, type Trailer } from '../project/index.js';
import type { Says } from './voice.js';

/** Ready-made pieces of a body. */
export const PIECE_KIND_NAMES = {
  sides: 'Sides',
  gate: 'Gate',
  headboard: 'Headboard',
  rack: 'Rack',
  body: 'Box body',
  'upper-frame': 'Upper frame',
  shelf: 'Tongue shelf',
  bumper: 'Rear bumper',
  fender: 'Fenders',
  step: 'Step',
  receiver: 'Rear receiver',
  spare: 'Spare carrier',
} as const satisfies Readonly<Record<PieceKind, string>>;

/** What bars and panels are in a piece, by the first word of what they are told by; the rest says which one. */
const ROLES = {
  post: 'post',
  top: 'top rail',
  mid: 'middle rail',
  bow: 'roof bow',
  stile: 'stile',
  rail: 'rail',
  bar: 'bar',
  sill: 'sill',
  arm: 'arm',
  cross: 'bar across',
  long: 'bar along',
  brace: 'brace',
  riser: 'riser',
  stub: 'stub',
  leg: 'leg',
  beam: 'beam',
  skirt: 'skirt',
  hanger: 'hanger',
  tread: 'tread',
  tube: 'tube',
  horn: 'horn',
  wheel: 'wheel',
  skin: 'skin',
  fill: 'fill',
  roof: 'roof',
  insulation: 'insulation',
} as const satisfies Readonly<Record<string, string>>;

type Namer = Says & { readonly trailer: Trailer };

/** By its own name, else by its kind, numbered where there are several. */
export const pieceName = ({ trailer, t }: Namer, id: string): string => {
  const piece = pieceOf(trailer, id);
  if (!piece) return t('A piece that was taken off');
  const alike = trailer.frame.pieces.filter(({ kind }) => kind === piece.kind);
  const kind = t(PIECE_KIND_NAMES[piece.kind]);
  return piece.name || (alike.length > 1 ? `${kind} ${alike.indexOf(piece) + 1}` : kind);
};

const isRole = (word: string): word is keyof typeof ROLES => Object.hasOwn(ROLES, word);

/** "Gate, bar 2": the piece, and what of it. Undefined where the part is of no piece. */
export const partOfPieceName = (by: Namer, id: string): string | undefined => {
  if (!pieceOf(by.trailer, id)) return undefined;
  const [, , ...role] = id.split('.');
  const [what = '', ...which] = role;
  const words = [isRole(what) ? by.t(ROLES[what]) : what, ...which].filter((word) => word !== '');
  return `${pieceName(by, id)}, ${words.join(' ')}`;
};
