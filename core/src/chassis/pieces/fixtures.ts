import type { BarEnd, Piece } from '../../project/index.js';
import { type Draft, type Foot, footAcross, footOnRail, nameOf, SIDES } from './site.js';

type Edge = Extract<Piece, { kind: 'spare' }>['edge'];

/** On the bar along an edge: a rail at x, or a header so far right of the middle. */
const footOnEdge = ({ site }: Draft, edge: Edge, atM: number): Foot | undefined => {
  if (edge === 'left' || edge === 'right') return footOnRail(site, edge === 'left' ? -1 : 1, atM);
  return footAcross(site, edge === 'front' ? site.frontXM : site.rearXM, atM);
};

const off = (byXM: number, byYM: number, byZM: number): BarEnd => ({ kind: 'off', byXM, byYM, byZM });

/**
 * A fender to each side: an arm out from the rail ahead of the tire and one behind it, a leg up from each arm's end, a bar from leg to leg, a top from
 * the bed's side to that bar, and a skirt outside.
 */
export const buildFender = (draft: Draft, piece: Extract<Piece, { kind: 'fender' }>): void => {
  const { site, size, bar, barId, problems, panel } = draft;
  const [fromM, toM] = [piece.atM - piece.lengthM / 2, piece.atM + piece.lengthM / 2];
  if (fromM < site.frontXM || toM > site.rearXM) {
    problems.push({ code: 'piece-off-bed', pieceId: piece.id });
    return;
  }
  const half = site.trailer.frame.bed.widthM / 2;
  const outYM = half + piece.overhangM;
  const rail = site.hosts.get('rail.left');
  // A leg stands on the arm's upper face, which lies in the rail's middle.
  const armTopZM = rail ? rail.line.start[2] + size.heightM - size.middleM : 0;
  const legM = piece.levelM - armTopZM;
  if (legM < 2 * size.heightM || piece.overhangM < 2 * size.widthM) {
    problems.push({ code: 'piece-too-low', pieceId: piece.id, leastM: armTopZM + 2 * size.heightM });
    return;
  }
  const armM = outYM - site.railYM;
  const places = [fromM + size.widthM / 2, toM - size.widthM / 2];
  for (const side of SIDES) {
    const name = nameOf(side);
    places.forEach((xM, i) => {
      const foot = footOnRail(site, side, xM);
      if (!foot) return;
      bar(`arm.${name}.${i + 1}`, foot.end, off(0, side * armM, 0));
      // The arm's line begins at the rail's face.
      const faceM = half - site.railYM;
      const leg: BarEnd = { kind: 'on', barId: barId(`arm.${name}.${i + 1}`), atM: armM - faceM - size.widthM / 2 };
      bar(`leg.${name}.${i + 1}`, leg, off(0, 0, legM + size.heightM - size.middleM));
    });
    const top = (i: number): BarEnd => ({
      kind: 'on',
      barId: barId(`leg.${name}.${i}`),
      atM: Math.max(0, legM - size.heightM / 2),
    });
    bar(`beam.${name}`, top(1), top(2));
    const heldBy = [barId(`beam.${name}`), barId(`leg.${name}.1`), barId(`leg.${name}.2`)];
    const t = piece.fill.thicknessM;
    const span = { x0M: fromM, x1M: toM };
    const [y0M, y1M] = side < 0 ? [-outYM, -half] : [half, outYM];
    panel(
      `top.${name}`,
      piece.fill,
      'flat',
      { ...span, y0M, y1M, z0M: piece.levelM, z1M: piece.levelM + t },
      { heldBy },
    );
    if (piece.skirtM > 0) {
      const [inner, outer] = side < 0 ? [-outYM - t, -outYM] : [outYM, outYM + t];
      const levels = { z0M: piece.levelM - piece.skirtM, z1M: piece.levelM };
      panel(`skirt.${name}`, piece.fill, 'along', { ...span, y0M: inner, y1M: outer, ...levels }, { heldBy });
    }
  }
};

/** A step under an edge of the bed: two hangers down, a bar between them and one before it, and what one treads on. */
export const buildStep = (draft: Draft, piece: Extract<Piece, { kind: 'step' }>): void => {
  const { size, bar, barId, problems, panel } = draft;
  const places = [-1, 1].map((which) => piece.atM + (which * (piece.widthM - size.widthM)) / 2);
  const feet = places.map((atM) => footOnEdge(draft, piece.edge, atM));
  if (feet.includes(undefined)) {
    problems.push({ code: 'piece-off-bed', pieceId: piece.id });
    return;
  }
  const out = piece.edge === 'left' || piece.edge === 'front' ? -1 : 1;
  const along = piece.edge === 'left' || piece.edge === 'right';
  const away = (byM: number): BarEnd => (along ? off(0, out * byM, 0) : off(out * byM, 0, 0));
  feet.forEach((foot, i) => {
    if (!foot) return;
    bar(`hanger.${i + 1}`, foot.end, off(0, 0, -piece.dropM));
  });
  const host = draft.site.hosts.get(feet[0]?.hostId ?? '');
  const belowM = host ? host.line.start[2] - host.member.extent.z0M : 0;
  const treadAtM = piece.dropM - belowM - size.heightM / 2;
  if (treadAtM < size.heightM) {
    problems.push({ code: 'piece-too-low', pieceId: piece.id, leastM: belowM + 1.5 * size.heightM });
    return;
  }
  const on = (i: number): BarEnd => ({ kind: 'on', barId: barId(`hanger.${i}`), atM: treadAtM });
  bar('tread.1', on(1), on(2));
  for (const i of [1, 2]) bar(`arm.${i}`, on(i), away(piece.depthM));
  bar(
    'tread.2',
    { kind: 'on', barId: barId('arm.1'), atM: Math.max(0, piece.depthM - size.widthM) },
    { kind: 'on', barId: barId('arm.2'), atM: Math.max(0, piece.depthM - size.widthM) },
  );
  if (!piece.fill || !host) return;
  const zM = host.line.start[2] - belowM - treadAtM + size.heightM / 2;
  const from = along ? host.line.start[1] : host.line.start[0];
  const [near, far] = out > 0 ? [from, from + piece.depthM] : [from - piece.depthM, from];
  const [a, b] = [piece.atM - piece.widthM / 2, piece.atM + piece.widthM / 2];
  const levels = { z0M: zM, z1M: zM + piece.fill.thicknessM };
  panel(
    'fill',
    piece.fill,
    'flat',
    along ? { x0M: a, x1M: b, y0M: near, y1M: far, ...levels } : { x0M: near, x1M: far, y0M: a, y1M: b, ...levels },
    { heldBy: [barId('tread.1'), barId('tread.2')] },
  );
};

/** A receiver's tube out of the rear header, with a brace to either side of it. */
export const buildReceiver = (draft: Draft, piece: Extract<Piece, { kind: 'receiver' }>): void => {
  const { site, size, bar, barId } = draft;
  const header = site.hosts.get('header.rear');
  if (!header) return;
  const { start, end } = header.line;
  const middleM = (end[1] - start[1]) / 2;
  bar('tube', { kind: 'on', barId: 'header.rear', atM: middleM }, off(piece.behindM, 0, 0));
  const reachM = Math.min(piece.behindM * 0.8, middleM - size.widthM);
  if (reachM < 2 * size.widthM) return;
  for (const side of SIDES)
    bar(
      `brace.${nameOf(side)}`,
      { kind: 'on', barId: 'header.rear', atM: middleM + side * reachM },
      { kind: 'on', barId: barId('tube'), atM: Math.max(0, reachM - size.widthM) },
    );
};

/** A post on an edge of the bed, to whose head a spare wheel is bolted. */
export const buildSpare = (draft: Draft, piece: Extract<Piece, { kind: 'spare' }>): void => {
  const { bar, problems, size } = draft;
  const foot = footOnEdge(draft, piece.edge, piece.atM);
  if (!foot) {
    problems.push({ code: 'piece-off-bed', pieceId: piece.id });
    return;
  }
  const host = draft.site.hosts.get(foot.hostId);
  const fromZM = host?.line.start[2] ?? 0;
  // Past the hub by its own width, so that a plate for the studs has room.
  bar('post', foot.end, off(0, 0, piece.levelM - fromZM + size.heightM));
};
