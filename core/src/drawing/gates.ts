import type { Chassis } from '../chassis/index.js';
import { bedTipsRad, fallsRad, gatesDown, isTipped } from '../mass/index.js';
import { isOfPiece, type LoadCase, type Trailer } from '../project/index.js';
import { box, type DrawnShape, type Point, strip } from './shapes.js';

/** Gates at front and rear let down, from the trailer's left: ghosts, but for those that the shown load has down. */
export const gatesLetDown = (
  trailer: Trailer,
  chassis: Chassis,
  loadCase: LoadCase | undefined,
): readonly DrawnShape[] => {
  const down = loadCase ? gatesDown(trailer, loadCase).map(({ id }) => id) : [];
  return trailer.frame.pieces.flatMap((piece): DrawnShape[] => {
    if (piece.kind !== 'gate' || (piece.edge !== 'rear' && piece.edge !== 'front')) return [];
    const stile = chassis.members.find(({ id }) => isOfPiece(id, piece.id) && id.endsWith('.stile.1'));
    if (!stile) return [];
    const [hingeXM, out] = piece.edge === 'rear' ? [trailer.frame.bed.lengthM, 1] : [0, -1];
    const hingeZM = chassis.deckTopZM + piece.gapM;
    const fall = fallsRad(trailer, chassis, piece);
    const end: Point = [hingeXM + out * piece.heightM * Math.cos(fall), hingeZM - piece.heightM * Math.sin(fall)];
    return [
      {
        part: stile.id,
        kind: 'polygon',
        layer: 'sides',
        points: strip([hingeXM, hingeZM], end, stile.bar.widthM),
        ...(down.includes(piece.id)
          ? ({ fill: 'steel', line: 'edge' } as const)
          : ({ fill: 'none', line: 'ghost' } as const)),
      },
    ];
  });
};

/** Gates that the shown load has down, from above. */
export const gatesDownFromAbove = (
  trailer: Trailer,
  chassis: Chassis,
  loadCase: LoadCase | undefined,
): readonly DrawnShape[] =>
  (loadCase ? gatesDown(trailer, loadCase) : []).flatMap((gate): DrawnShape[] => {
    const { lengthM, widthM } = trailer.frame.bed;
    const reachM = gate.heightM * Math.cos(fallsRad(trailer, chassis, gate));
    const half = gate.widthM / 2;
    const [from, to] = [gate.atM - half, gate.atM + half];
    const points = {
      left: box(from, to, -widthM / 2 - reachM, -widthM / 2),
      right: box(from, to, widthM / 2, widthM / 2 + reachM),
      front: box(-reachM, 0, from, to),
      rear: box(lengthM, lengthM + reachM, from, to),
    }[gate.edge];
    return [{ part: gate.id, kind: 'polygon', layer: 'sides', points, fill: 'none', line: 'edge' }];
  });

/** What the shown load has let down is no more where it stands shut: a ghost there. */
export const withGatesDown = (
  shapes: readonly DrawnShape[],
  trailer: Trailer,
  loadCase: LoadCase | undefined,
): readonly DrawnShape[] => {
  const down = loadCase ? gatesDown(trailer, loadCase) : [];
  if (down.length === 0) return shapes;
  return shapes.map((shape) =>
    shape.part !== undefined && down.some(({ id }) => isOfPiece(shape.part ?? '', id))
      ? { ...shape, fill: 'none', line: 'ghost' }
      : shape,
  );
};

/** The bed tipped about its pivot, from the left; a ghost unless the shown load has it so. */
export const bedTipped = (
  trailer: Trailer,
  chassis: Chassis,
  loadCase: LoadCase | undefined,
): readonly DrawnShape[] => {
  const { tilt, bed } = trailer.frame;
  const rad = bedTipsRad(trailer, chassis);
  if (!tilt || rad === undefined) return [];
  const zM = -chassis.railHeightM;
  const at = (xM: number): Point => [
    tilt.pivotXM + (xM - tilt.pivotXM) * Math.cos(rad),
    zM - (xM - tilt.pivotXM) * Math.sin(rad),
  ];
  const tipped = loadCase !== undefined && isTipped(loadCase);
  return [
    {
      part: 'deck',
      kind: 'polygon',
      layer: 'sides',
      points: strip(at(0), at(bed.lengthM), chassis.railHeightM),
      fill: 'none',
      line: tipped ? 'edge' : 'ghost',
    },
  ];
};
