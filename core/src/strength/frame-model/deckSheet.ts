import type { Chassis } from '../../chassis/index.js';
import type { Vector3 } from '../../frame-analysis/index.js';
import type { Trailer } from '../../project/index.js';
import type { Framing, Station } from './framing.js';
import { type SheetCorner, sheetShearPa, tieBay } from './sheetTies.js';

/** A deck that is fastened to every bar under it and carries in its own plane. */
export const isSheet = ({ frame }: Trailer): boolean => sheetShearPa(frame.deck.kind) !== undefined;

interface Bar {
  readonly start: Vector3;
  readonly stations: readonly Station[];
}

/** The deck between each two bars across, in its own plane. */
export const placeDeckSheet = (trailer: Trailer, chassis: Chassis, frame: Framing, crosses: readonly Bar[]): void => {
  const { deck } = trailer.frame;
  const shearPa = sheetShearPa(deck.kind);
  if (shearPa === undefined) return;
  const zM = chassis.deckTopZM - deck.thicknessM / 2;
  const corner = ({ node }: Station): SheetCorner => {
    const [x, y] = frame.at(node);
    return { node, at: [x, y, zM] };
  };
  crosses.slice(1).forEach((next, i) => {
    const [a0, a1] = (crosses[i] as Bar).stations;
    const [b0, b1] = next.stations;
    if (!a0 || !a1 || !b0 || !b1) return;
    tieBay(frame, `deck.${i + 1}`, [corner(a0), corner(a1), corner(b0), corner(b1)], shearPa * deck.thicknessM);
  });
};
