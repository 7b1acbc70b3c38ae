import { rampRad } from '../body/index.js';
import type { Chassis } from '../chassis/index.js';
import { isOfPiece, type Trailer } from '../project/index.js';
import { type DrawnShape, type Point, strip } from './shapes.js';

/** Gates at front and rear as they lie when they are let down, from the trailer's left: on the ground, or level on their chains. */
export const gatesLetDown = (
  trailer: Trailer,
  { deckTopZM, members }: Chassis,
  groundZM: number,
): readonly DrawnShape[] =>
  trailer.frame.pieces.flatMap((piece): DrawnShape[] => {
    if (piece.kind !== 'gate' || (piece.edge !== 'rear' && piece.edge !== 'front')) return [];
    const stile = members.find(({ id }) => isOfPiece(id, piece.id) && id.endsWith('.stile.1'));
    if (!stile) return [];
    const [hingeXM, out] = piece.edge === 'rear' ? [trailer.frame.bed.lengthM, 1] : [0, -1];
    const hingeZM = deckTopZM + piece.gapM;
    const fallsRad = piece.held === 'ground' ? rampRad(hingeZM - groundZM, piece.heightM) : 0;
    // Too short to reach the ground it hangs straight down.
    const angle = fallsRad ?? Math.PI / 2;
    const end: Point = [hingeXM + out * piece.heightM * Math.cos(angle), hingeZM - piece.heightM * Math.sin(angle)];
    return [
      {
        part: stile.id,
        kind: 'polygon',
        layer: 'sides',
        points: strip([hingeXM, hingeZM], end, stile.bar.widthM),
        fill: 'none',
        line: 'ghost',
      },
    ];
  });
