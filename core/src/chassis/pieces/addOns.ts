import type { BarEnd, Piece } from '../../project/index.js';
import type { MiddleLine } from '../member.js';
import { lineLengthM } from '../middleLine.js';
import { at, type Draft, nameOf, SIDES, footOnRail, spread } from './site.js';

/** A second level over the rails: uprights on them, bars across, bars along its outer edges, and what covers it. */
export const buildUpperFrame = (draft: Draft, piece: Extract<Piece, { kind: 'upper-frame' }>): void => {
  const { site, size, bar, barId, problems } = draft;
  const { railYM, frontXM, rearXM } = site;
  const { widthM } = site.trailer.frame.bed;
  const [fromM, toM] = [Math.max(piece.fromM, frontXM), Math.min(piece.toM, rearXM)];
  if (!(toM > fromM)) {
    problems.push({ code: 'piece-off-bed', pieceId: piece.id });
    return;
  }
  const leastM = size.heightM + 0.01;
  if (piece.heightM < leastM) {
    problems.push({ code: 'piece-too-low', pieceId: piece.id, leastM });
    return;
  }
  const zM = piece.heightM - size.heightM + size.middleM;
  const outYM = Math.max(widthM / 2 + piece.overhangM - size.widthM / 2, railYM);
  const xs = spread(fromM, toM, piece.spacingM);
  const reachM = size.widthM / 2;
  const longStartM = fromM - reachM;
  for (const side of SIDES)
    bar(`long.${nameOf(side)}`, at(longStartM, side * outYM, zM), at(toM + reachM, side * outYM, zM));
  const onLong = (side: -1 | 1, xM: number): BarEnd => ({
    kind: 'on',
    barId: barId(`long.${nameOf(side)}`),
    atM: xM - longStartM,
  });
  xs.forEach((xM, i) => {
    bar(`cross.${i + 1}`, onLong(-1, xM), onLong(1, xM));
    for (const side of SIDES) {
      const foot = footOnRail(site, side, xM);
      const over = outYM - railYM < size.widthM;
      const to: BarEnd = over
        ? onLong(side, xM)
        : { kind: 'on', barId: barId(`cross.${i + 1}`), atM: side * railYM + outYM - size.widthM / 2 };
      if (foot) bar(`riser.${nameOf(side)}.${i + 1}`, foot.end, to);
    }
  });
  if (!piece.fill) return;
  draft.panel(
    'fill',
    piece.fill,
    'flat',
    {
      x0M: longStartM,
      x1M: toM + reachM,
      y0M: -outYM - size.widthM / 2,
      y1M: outYM + size.widthM / 2,
      z0M: piece.heightM,
      z1M: piece.heightM + piece.fill.thicknessM,
    },
    { heldBy: [barId('long.left'), barId('long.right'), ...xs.map((_, i) => barId(`cross.${i + 1}`))] },
  );
};

/** Along a line from its first end to where it passes x; undefined where it does not. */
const alongTo = (line: MiddleLine, xM: number): number | undefined => {
  const share = (xM - line.start[0]) / (line.end[0] - line.start[0]);
  return share >= 0 && share <= 1 ? share * lineLengthM(line) : undefined;
};

/** Bars across the tongue at both ends of a shelf, and what lies on them. */
export const buildShelf = (draft: Draft, piece: Extract<Piece, { kind: 'shelf' }>): void => {
  const { site, size, bar, barId, problems } = draft;
  const legs = ['tongue.left', 'tongue.right', 'tongue.middle'].flatMap((id) => site.hosts.get(id) ?? []);
  const xs = [-piece.fromM - size.widthM / 2, -piece.toM + size.widthM / 2];
  const middle = legs.find(({ member }) => member.id === 'tongue.middle');
  const [left, right] = legs;
  const places = xs.map((xM) => legs.map(({ line }) => alongTo(line, xM)));
  if (legs.length === 0 || places.flat().includes(undefined)) {
    problems.push({ code: 'piece-off-bed', pieceId: piece.id });
    return;
  }
  const topZM = Math.max(...legs.map(({ member }) => member.extent.z1M));
  places.forEach((ends, i) => {
    if (middle) {
      for (const side of SIDES)
        bar(
          `cross.${i + 1}.${nameOf(side)}`,
          { kind: 'on', barId: middle.member.id, atM: ends[0] as number },
          { kind: 'off', byXM: 0, byYM: (side * piece.widthM) / 2, byZM: 0 },
        );
      return;
    }
    if (left && right)
      bar(
        `cross.${i + 1}`,
        { kind: 'on', barId: left.member.id, atM: ends[0] as number },
        { kind: 'on', barId: right.member.id, atM: ends[1] as number },
      );
  });
  if (!piece.fill) return;
  draft.panel(
    'fill',
    piece.fill,
    'flat',
    {
      x0M: -piece.toM,
      x1M: -piece.fromM,
      y0M: -piece.widthM / 2,
      y1M: piece.widthM / 2,
      z0M: topZM,
      z1M: topZM + piece.fill.thicknessM,
    },
    { heldBy: draft.bars.map(({ id }) => id).filter((id) => id.startsWith(barId('cross'))) },
  );
};

/** A bar behind the bed on two stubs from the rear header. */
export const buildBumper = (draft: Draft, piece: Extract<Piece, { kind: 'bumper' }>): void => {
  const { site, size, bar, barId, problems } = draft;
  const header = site.hosts.get('header.rear');
  if (!header) return;
  const { lengthM } = site.trailer.frame.bed;
  const xM = lengthM + piece.behindM - size.widthM / 2;
  const stubM = piece.behindM - size.widthM;
  if (stubM < 0.01) {
    problems.push({ code: 'piece-too-low', pieceId: piece.id, leastM: size.widthM + 0.01 });
    return;
  }
  const half = piece.widthM / 2;
  bar('bar', at(xM, -half, piece.levelM), at(xM, half, piece.levelM));
  const [startYM, endYM] = [header.line.start[1], header.line.end[1]];
  const offM = Math.min(0.35 * piece.widthM, (endYM - startYM) / 2 - size.widthM);
  for (const side of SIDES)
    bar(
      `stub.${nameOf(side)}`,
      { kind: 'on', barId: 'header.rear', atM: side * offM - startYM },
      { kind: 'on', barId: barId('bar'), atM: side * offM + half },
    );
};
