import type { Chassis } from '../chassis/index.js';
import { isOfPiece, isOfTongue, type LoadCase, type Piece, type Trailer } from '../project/index.js';
import { usualRailTopM } from '../suspension/index.js';
import type { Part } from './part.js';
import { axleCount } from './parts.js';

type Gate = Extract<Piece, { kind: 'gate' }>;

/** Angle of a ramp from a hinge so high down to the ground; undefined where it does not reach. */
export const rampRad = (hingeM: number, lengthM: number): number | undefined =>
  hingeM >= 0 && hingeM <= lengthM ? Math.asin(hingeM / lengthM) : undefined;

/** How far below level a gate lies when it is let down, rad: level on chains, on the ground as a ramp, straight down where it does not reach. */
export const fallsRad = (trailer: Trailer, chassis: Pick<Chassis, 'railHeightM' | 'deckTopZM'>, gate: Gate): number => {
  if (gate.held === 'chains') return 0;
  const railTopM = usualRailTopM(trailer, chassis.railHeightM, axleCount(trailer));
  return rampRad(railTopM + chassis.deckTopZM + gate.gapM, gate.heightM) ?? Math.PI / 2;
};

/** What a gate's hinge is told by: the edge of the bed that it is on, which way is out, and how high it lies. */
const hingeOf = (trailer: Trailer, { deckTopZM }: Pick<Chassis, 'deckTopZM'>, { edge, gapM }: Gate) => {
  const { lengthM, widthM } = trailer.frame.bed;
  const at = { left: -widthM / 2, right: widthM / 2, front: 0, rear: lengthM }[edge];
  return { at, out: edge === 'left' || edge === 'front' ? -1 : 1, zM: deckTopZM + gapM };
};

/**
 * A part of a gate that is let down, its middle turned about the hinge. One that lies on the ground leaves half of its weight there, the rest on its
 * hinge.
 */
const letDown = (trailer: Trailer, chassis: Chassis, gate: Gate, part: Part): Part => {
  const { at, out, zM } = hingeOf(trailer, chassis, gate);
  const along = gate.edge === 'front' || gate.edge === 'rear';
  const { centre } = part;
  if (gate.held === 'ground') {
    const onHinge = along ? { ...centre, xM: at, zM } : { ...centre, yM: at, zM };
    return { ...part, massKg: part.massKg / 2, centre: onHinge };
  }
  const fall = fallsRad(trailer, chassis, gate);
  const upM = centre.zM - zM;
  const offM = out * ((along ? centre.xM : centre.yM) - at);
  const outM = upM * Math.cos(fall) - offM * Math.sin(fall);
  const downM = upM * Math.sin(fall) + offM * Math.cos(fall);
  const place = at + out * outM;
  const turned = along ? { ...centre, xM: place, zM: zM - downM } : { ...centre, yM: place, zM: zM - downM };
  return {
    ...part,
    centre: turned,
    ...(along
      ? { x0M: Math.min(part.x0M, place), x1M: Math.max(part.x1M, place) }
      : { y0M: Math.min(part.y0M, place), y1M: Math.max(part.y1M, place) }),
  };
};

/** Gates that are let down in a load; on the ground they cannot be towed and stay shut, which is a finding. */
export const gatesDown = (trailer: Trailer, { gatesDown: ids = [], mode }: LoadCase): readonly Gate[] =>
  trailer.frame.pieces.filter(
    (piece): piece is Gate =>
      piece.kind === 'gate' && ids.includes(piece.id) && !(mode === 'towed' && piece.held === 'ground'),
  );

/** What tips with the bed: all but tongue, hitch, running gear, and what is held on these. */
export const tipsWithBed = (trailer: Trailer, part: Part): boolean => {
  if (part.group === 'running-gear' || part.group === 'coupling' || isOfTongue(part.id)) return false;
  const item = trailer.items.find(({ id }) => id === part.id);
  return item?.attach.on !== 'tongue' && item?.attach.on !== 'axle';
};

/** How far a bed tips about its pivot until its rear edge stands on the ground, rad; undefined where none tips or none gets there. */
export const bedTipsRad = (trailer: Trailer, { railHeightM }: Pick<Chassis, 'railHeightM'>): number | undefined => {
  const { tilt, bed } = trailer.frame;
  if (!tilt) return undefined;
  return rampRad(usualRailTopM(trailer, railHeightM, axleCount(trailer)) - railHeightM, bed.lengthM - tilt.pivotXM);
};

/** A part turned about the bed's pivot at the rails' underside, its rear end down. */
const tipped = (pivotXM: number, pivotZM: number, rad: number, part: Part): Part => {
  const { centre } = part;
  const [dx, dz] = [centre.xM - pivotXM, centre.zM - pivotZM];
  const [c, s] = [Math.cos(rad), Math.sin(rad)];
  const xM = pivotXM + dx * c + dz * s;
  const byM = xM - centre.xM;
  return {
    ...part,
    centre: { ...centre, xM, zM: pivotZM + dz * c - dx * s },
    x0M: part.x0M + byM,
    x1M: part.x1M + byM,
  };
};

/** Whether the bed is tipped in a load: never while it is towed. */
export const isTipped = ({ bedTipped = false, mode }: LoadCase): boolean => bedTipped && mode !== 'towed';

/** The parts of a load as they are in it: gates let down, the bed tipped. The very same list where nothing of the kind is. */
export const inState = (
  trailer: Trailer,
  chassis: Chassis,
  parts: readonly Part[],
  loadCase: LoadCase,
): readonly Part[] => {
  const gates = gatesDown(trailer, loadCase);
  const lowered =
    gates.length === 0
      ? parts
      : parts.map((part) => {
          const gate = gates.find(({ id }) => isOfPiece(part.id, id));
          return gate ? letDown(trailer, chassis, gate, part) : part;
        });
  const rad = isTipped(loadCase) ? bedTipsRad(trailer, chassis) : undefined;
  const { tilt } = trailer.frame;
  if (!tilt || rad === undefined) return lowered;
  return lowered.map((part) =>
    tipsWithBed(trailer, part) ? tipped(tilt.pivotXM, -chassis.railHeightM, rad, part) : part,
  );
};
