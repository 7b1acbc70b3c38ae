import type { HeldStick, Trailer } from '../project/index.js';
import type { StockTotal } from './cutList.js';
import { cutBarId, type CutPiece, serves } from './cutPieces.js';
import { laidOn, type OnStick, type StickPiece } from './sticks.js';

/** A stick that is not planned again as a whole: it is begun, or its pieces are to stay on it. */
export interface FixedStick {
  readonly stick: HeldStick;
  /** the user wants it so; else it is only begun */
  readonly held: boolean;
  readonly on: readonly OnStick[];
  /** what could still be cut from its end, m */
  readonly roomM: number;
}

/** Room at the end of a stick behind what is on it, m; the saw's cut before the next piece counted in. */
export const roomOn = (
  { lengthM, trimM }: Pick<HeldStick, 'lengthM' | 'trimM'>,
  on: readonly OnStick[],
  kerfM: number,
): number => {
  const { takenM } = laidOn(on, { kerfM, trimM });
  return lengthM - 2 * trimM - (on.length > 0 ? takenM + kerfM : 0);
};

/** Lengths that agree to this are the same, m. */
const SAME_M = 1e-6;

/** Leaves the last of the planned pieces off until the rest fits. */
const fitting = (stick: HeldStick, cut: readonly OnStick[], planned: readonly OnStick[], kerfM: number): OnStick[] => {
  for (let count = planned.length; count > 0; count -= 1) {
    const on = [...cut, ...planned.slice(0, count)];
    // The last cut may be flush.
    if (roomOn(stick, on, kerfM) + kerfM >= -SAME_M) return on;
  }
  return [...cut];
};

/**
 * Sticks of one section and metal that are held or begun, with what lies on them. Pieces that are gone, cut elsewhere, or do not fit any
 * more are left off: they are planned anew.
 */
export const fixedSticks = (
  trailer: Trailer,
  { sectionId, materialName }: Pick<StockTotal, 'sectionId' | 'materialName'>,
  pieces: readonly StickPiece[],
  cuts: readonly CutPiece[],
): readonly FixedStick[] => {
  const { kerfM, held } = trailer.cutting;
  const ofThis = (stick: HeldStick): boolean => stick.sectionId === sectionId && stick.materialName === materialName;
  const wanted = new Map(pieces.map((piece) => [piece.id, piece]));
  for (const { entry, state } of cuts) if (serves(state)) wanted.delete(entry.pieceId);
  const sticks = new Map<string, { readonly stick: HeldStick; readonly held: boolean }>();
  for (const { entry } of cuts)
    if (ofThis(entry.stick)) sticks.set(entry.stick.id, { stick: entry.stick, held: false });
  // A bar that came of a cut is there only as long as that cut stands.
  const bars = new Set(cuts.flatMap(({ entry, state }) => (serves(state) ? [] : [cutBarId(entry)])));
  const isThere = ({ origin, stockId }: HeldStick): boolean =>
    origin !== 'cut-piece' || (stockId !== null && bars.has(stockId));
  for (const stick of held) if (ofThis(stick) && isThere(stick)) sticks.set(stick.id, { stick, held: true });
  return (
    [...sticks.values()]
      .sort((a, b) => a.stick.number - b.stick.number)
      .map(({ stick, held: isHeld }): FixedStick => {
        const cut = cuts
          .filter(({ entry }) => entry.stick.id === stick.id)
          .map(({ entry, state, piece }): OnStick => {
            const known = serves(state) ? piece : undefined;
            return {
              ...(known ?? {
                id: entry.pieceId,
                shape: 'square',
                slantM: 0,
                angleRad: 0,
                ends: entry.ends,
                nests: undefined,
              }),
              mark: known?.mark ?? entry.mark,
              lengthM: entry.lengthM,
              state: serves(state) ? 'cut' : 'wrong',
            };
          });
        const planned = (isHeld ? stick.pieces : []).flatMap((id) => {
          const piece = wanted.get(id);
          wanted.delete(id);
          return piece ? [piece] : [];
        });
        const on = fitting(stick, cut, planned, kerfM);
        for (const left of planned) if (!on.includes(left)) wanted.set(left.id, left);
        return { stick, held: isHeld, on, roomM: roomOn(stick, on, kerfM) };
      })
      // Nothing lies on it any more: nobody need buy it.
      .filter(({ on }) => on.length > 0)
  );
};
