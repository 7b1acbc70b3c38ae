import type { Cutting, Design, HeldStick, Trailer } from '../project/index.js';
import { fail, ok, type Result } from '../result.js';
import type { CutList } from './cutList.js';
import { roomOn } from './fixedSticks.js';
import { stickPiecesOf } from './stickPieces.js';
import type { OnStick, Stick, StickSection } from './sticks.js';

/** Edits of which pieces stay on which stick; each gives the design as it is then. `newId` names a stick that was not held before. */

/** A stick of the plan as it is kept: with the pieces that are to be cut from it yet. */
export const heldStickOf = (stick: Stick, id: string): HeldStick => ({
  id,
  number: stick.number,
  sectionId: stick.sectionId,
  materialName: stick.materialName,
  stockId: stick.stockId,
  origin: stick.origin,
  lengthM: stick.lengthM,
  trimM: stick.trimM,
  price: stick.price,
  onHand: stick.onHand,
  note: stick.note,
  pieces: stick.pieces.filter(({ state }) => state === 'planned').map((piece) => piece.id),
});

/** What is only planned has an id that the next plan gives to another. */
const isPlanned = ({ id }: Stick): boolean => id.startsWith('plan.');
const idOf = (stick: Stick, newId: () => string): string => (isPlanned(stick) ? `stick.${newId()}` : stick.id);

const withHeld = <D extends Design>(design: D, sticks: readonly HeldStick[]): D => {
  const ids = new Set(sticks.map(({ id }) => id));
  const held: Cutting['held'] = [...design.cutting.held.filter(({ id }) => !ids.has(id)), ...sticks];
  return { ...design, cutting: { ...design.cutting, held } };
};

export const holdStick = <D extends Design>(design: D, stick: Stick, newId: () => string): D =>
  withHeld(design, [heldStickOf(stick, idOf(stick, newId))]);

/** Keeps the whole plan as it is: what is cut by now and what is to come; sticks that it has no more are kept no more. */
export const holdAll = <D extends Design>(design: D, sections: readonly StickSection[], newId: () => string): D => ({
  ...design,
  cutting: {
    ...design.cutting,
    held: sections.flatMap(({ sticks }) => sticks.map((stick) => heldStickOf(stick, idOf(stick, newId)))),
  },
});

/** Lets one stick be planned again, or all of them; what was cut from it stays cut. */
export const releaseStick = <D extends Design>(design: D, stickId: string | undefined): D => ({
  ...design,
  cutting: {
    ...design.cutting,
    held: stickId === undefined ? [] : design.cutting.held.filter(({ id }) => id !== stickId),
  },
});

/** Why a piece does not go on a stick. */
export type Moved = Result<Trailer, { readonly code: 'no-room'; readonly leftM: number; readonly neededM: number }>;

/** Lengths that agree to this are the same, m. */
const SAME_M = 1e-6;

/** Puts a piece on another stick of its section; both then stay as they are, and the rest is planned again. */
export const movePiece = (
  trailer: Trailer,
  { rows }: CutList,
  pieceId: string,
  { from, to }: { readonly from: Stick; readonly to: Stick },
  newId: () => string,
): Moved => {
  const wanted = new Map(stickPiecesOf(trailer, rows).map((piece) => [piece.id, piece]));
  const piece = wanted.get(pieceId);
  if (!piece) return ok(trailer);
  const on = to.pieces.flatMap(({ id, fromM, toM, state }): OnStick[] => {
    const known = wanted.get(id);
    return known ? [{ ...known, lengthM: toM - fromM, state }] : [];
  });
  // What came out wrong took its length too, whatever it is now.
  const wrongM = to.pieces
    .filter(({ id }) => !wanted.has(id))
    .reduce((sum, { fromM, toM }) => sum + toM - fromM + trailer.cutting.kerfM, 0);
  const { kerfM } = trailer.cutting;
  if (roomOn(to, [...on, piece], kerfM) - wrongM + kerfM < -SAME_M)
    return fail({ code: 'no-room', leftM: Math.max(0, roomOn(to, on, kerfM) - wrongM), neededM: piece.lengthM });
  const [source, target] = [from, to].map((stick) => heldStickOf(stick, idOf(stick, newId)));
  if (!source || !target) return ok(trailer);
  return ok(
    withHeld(trailer, [
      { ...source, pieces: source.pieces.filter((id) => id !== pieceId) },
      { ...target, pieces: [...target.pieces, pieceId] },
    ]),
  );
};
