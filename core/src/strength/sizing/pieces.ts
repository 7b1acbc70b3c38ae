import type { SectionRow } from '../../catalog/index.js';
import {
  changePiece,
  findSection,
  isOfPiece,
  metalOfNewSection,
  type Piece,
  type Trailer,
} from '../../project/index.js';
import { barProperties } from '../../sections/index.js';
import { analysisIn, analysisOf } from './assess.js';
import { rowsOf } from './candidates.js';
import { inputOf, OWN_LOADS, sharesOf } from './design.js';
import type { SizingProgress } from './request.js';

/** The lightest section of its own family with which a piece's bars and their welds pass. */
export interface SizedPiece {
  readonly pieceId: string;
  readonly present: { readonly share: number; readonly massKg: number };
  /** undefined where none of its family passes, or the present one is it */
  readonly better:
    | { readonly sectionId: string; readonly materialId: string; readonly share: number; readonly massKg: number }
    | undefined;
}

interface Looked {
  readonly share: number;
  readonly massKg: number;
}

/** A piece may be looked at with no more sections than this. */
const MOST_LOOKED = 8;
/** From what was found it is looked on for something lighter so many times at most. */
const MOST_ROUNDS = 4;
/** By moduli alone a section is worth looking at from here on: thinner walls share otherwise with the frame. */
const HOPES = 1.3;

const barsKg = (trailer: Trailer, pieceId: string): number =>
  inputOf(trailer)
    .chassis.members.filter(({ id }) => isOfPiece(id, pieceId))
    .reduce((sum, { massKg }) => sum + massKg, 0);

/** Sections of the present one's family, lightest first. */
const familyOf = (trailer: Trailer, piece: Piece): readonly { readonly row: SectionRow; readonly sM3: number }[] => {
  const group = findSection(trailer, piece.sectionId)?.group;
  return rowsOf(trailer)
    .filter((row) => row.group === group)
    .flatMap((row) => {
      const bar = barProperties(row);
      return bar ? [{ row, sM3: bar.sMinM3, areaM2: bar.nominalAreaM2 }] : [];
    })
    .toSorted((a, b) => a.areaM2 - b.areaM2 || b.sM3 - a.sM3);
};

/** How hard the hardest of a piece's bars works, its welds counted; undefined where it is in no analysis. */
function* worstOf(trailer: Trailer, pieceId: string): Generator<void, Looked | undefined, void> {
  const analysis = analysisIn(yield* analysisOf(trailer, OWN_LOADS, undefined));
  const worst = analysis && sharesOf(analysis).find(({ memberId }) => isOfPiece(memberId, pieceId));
  return worst && { share: worst.share, massKg: barsKg(trailer, pieceId) };
}

type Look = (design: Trailer, done: number) => Generator<SizingProgress, Looked | undefined, void>;

/** The lightest section that passes where the present one is `now`; undefined where there is none, or the present one is it. */
function* lighter(
  trailer: Trailer,
  pieceId: string,
  now: Looked,
  look: Look,
): Generator<SizingProgress, SizedPiece['better'], void> {
  const piece = trailer.frame.pieces.find(({ id }) => id === pieceId);
  if (!piece) return undefined;
  const family = familyOf(trailer, piece);
  const nowM3 = family.find(({ row }) => row.id === piece.sectionId)?.sM3 ?? 0;
  const hopeful = family.filter(({ sM3 }) => now.share * (nowM3 / sM3) <= HOPES).slice(0, MOST_LOOKED);
  for (const [looked, { row }] of hopeful.entries()) {
    if (row.id === piece.sectionId) {
      if (now.share <= 1) return undefined;
      continue;
    }
    const { materialId } = metalOfNewSection(trailer, piece, row.id);
    const own = yield* look(changePiece(trailer, pieceId, { sectionId: row.id, materialId }), looked + 1);
    if (own && own.share <= 1) return { sectionId: row.id, materialId, ...own };
  }
  return undefined;
}

/**
 * Every ready-made piece that is in the frame analysis, one after the other, the frame and the others as they are: the lightest section of its family
 * that passes. Sections that cannot do by their moduli are not looked at; a lighter one that shares otherwise with the frame might be missed.
 */
export function* pieceSteps(trailer: Trailer): Generator<SizingProgress, readonly SizedPiece[], void> {
  const { pieces } = trailer.frame;
  const found: SizedPiece[] = [];
  for (const [index, piece] of pieces.entries()) {
    const at = function* (design: Trailer, done: number): Generator<SizingProgress, Looked | undefined, void> {
      const steps = worstOf(design, piece.id);
      for (;;) {
        const step = steps.next();
        if (step.done) return step.value;
        yield { done: index + done / (MOST_LOOKED + 1), of: pieces.length };
      }
    };
    const present = yield* at(trailer, 0);
    if (!present) continue;
    let better: SizedPiece['better'];
    // By moduli a lighter one may look hopeless from a heavy one, and not from what was found first.
    for (let round = 0; round < MOST_ROUNDS; round += 1) {
      const now = better
        ? changePiece(trailer, piece.id, { sectionId: better.sectionId, materialId: better.materialId })
        : trailer;
      const next = yield* lighter(now, piece.id, better ?? present, at);
      if (!next) break;
      better = next;
    }
    found.push({ pieceId: piece.id, present, better });
  }
  return found;
}
