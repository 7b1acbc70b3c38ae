import type { BarEnd, Piece } from '../../project/index.js';
import { at, type Draft, nameOf, SIDES, footAcross, footOnRail } from './site.js';

/** Posts across the bed with bars between them and a fill on their rear faces: holds long goods and loads off the front. */
export const buildHeadboard = (draft: Draft, piece: Extract<Piece, { kind: 'headboard' }>): void => {
  const { site, size, bar, barId } = draft;
  const { railYM, deckZM, frontXM, rearXM } = site;
  const xM = Math.min(Math.max(piece.atM, frontXM), rearXM);
  const topZM = deckZM + piece.heightM - size.heightM + size.middleM;
  const half = size.widthM / 2;
  const startYM = -railYM - half;
  bar('top', at(xM, startYM, topZM), at(xM, railYM + half, topZM));
  const yOf = (i: number): number => -railYM + (2 * railYM * i) / (piece.posts - 1);
  const inner = Array.from({ length: piece.posts - 2 }, (_, i) => i + 1);
  const needsSill = inner.some((i) => !footAcross(site, xM, yOf(i)));
  const sillZM = deckZM + size.heightM;
  const topEnd = (yM: number): BarEnd => ({ kind: 'on', barId: barId('top'), atM: yM - startYM });
  const posts = SIDES.map((side) => {
    const foot = footOnRail(site, side, xM);
    const role = `post.${nameOf(side)}`;
    if (foot) bar(role, foot.end, topEnd(side * railYM), { turnDeg: 90 });
    return { role, topZM: foot?.topZM ?? 0 };
  });
  const across = (role: string, zM: number): void => {
    const [left, right] = posts.map(
      ({ role: post, topZM: footZM }): BarEnd => ({ kind: 'on', barId: barId(post), atM: zM - footZM }),
    );
    if (left && right) bar(role, left, right);
  };
  if (needsSill) across('sill', sillZM);
  for (const i of inner) {
    const yM = yOf(i);
    const foot = needsSill ? undefined : footAcross(site, xM, yM);
    const end: BarEnd = foot?.end ?? { kind: 'on', barId: barId('sill'), atM: Math.max(0, yM + railYM - half) };
    bar(`post.${i}`, end, topEnd(yM), { turnDeg: 90 });
  }
  const roles = [posts[0]?.role ?? '', ...inner.map((i) => `post.${i}`), posts[1]?.role ?? ''];
  for (let k = 1; k <= piece.midRails; k += 1) {
    const zM = deckZM + ((piece.heightM - size.heightM) * k) / (piece.midRails + 1);
    roles.slice(1).forEach((role, i) => {
      const on = (post: string): BarEnd => {
        const side = posts.find((one) => one.role === post);
        const footZM = side?.topZM ?? (needsSill ? sillZM + size.heightM - size.middleM : 0);
        return { kind: 'on', barId: barId(post), atM: Math.max(0, zM - footZM) };
      };
      bar(`mid.${k}.${i + 1}`, on(roles[i] as string), on(role));
    });
  }
  if (!piece.fill) return;
  const x0M = xM + size.widthM / 2;
  draft.panel(
    'fill',
    piece.fill,
    'across',
    {
      x0M,
      x1M: x0M + piece.fill.thicknessM,
      y0M: startYM,
      y1M: railYM + half,
      z0M: deckZM,
      z1M: deckZM + piece.heightM,
    },
    { heldBy: [barId('top'), ...roles.map(barId)] },
  );
};

/** Pairs of uprights with bars across on top, and bars along over them: carries what is long, or a tent, above the deck. */
export const buildRack = (draft: Draft, piece: Extract<Piece, { kind: 'rack' }>): void => {
  const { site, size, bar, barId, problems } = draft;
  const { railYM, deckZM, frontXM, rearXM } = site;
  if (!(piece.toM > piece.fromM) || piece.fromM < frontXM - 1e-6 || piece.toM > rearXM + 1e-6) {
    problems.push({ code: 'piece-off-bed', pieceId: piece.id });
    return;
  }
  const zM = deckZM + piece.heightM - size.heightM + size.middleM;
  const half = size.widthM / 2;
  const endYM = railYM + half + piece.overhangM;
  const xs = Array.from(
    { length: piece.hoops },
    (_, i) => piece.fromM + ((piece.toM - piece.fromM) * i) / (piece.hoops - 1),
  );
  xs.forEach((xM, i) => {
    const cross = `cross.${i + 1}`;
    bar(cross, at(xM, -endYM, zM), at(xM, endYM, zM));
    for (const side of SIDES) {
      const foot = footOnRail(site, side, xM);
      if (foot)
        bar(`post.${nameOf(side)}.${i + 1}`, foot.end, { kind: 'on', barId: barId(cross), atM: side * railYM + endYM });
    }
  });
  const { horns } = piece;
  if (horns)
    xs.forEach((_, i) => {
      for (const side of SIDES)
        bar(
          `horn.${nameOf(side)}.${i + 1}`,
          { kind: 'on', barId: barId(`cross.${i + 1}`), atM: side < 0 ? half : 2 * endYM - half },
          { kind: 'off', byXM: 0, byYM: side * horns.outM, byZM: horns.heightM },
        );
    });
  const longYM = railYM + piece.overhangM;
  for (const side of SIDES) {
    if (piece.longBars)
      xs.slice(1).forEach((_, i) => {
        const on = (number: number): BarEnd => ({
          kind: 'on',
          barId: barId(`cross.${number}`),
          atM: side * longYM + endYM,
        });
        bar(`long.${nameOf(side)}.${i + 1}`, on(i + 1), on(i + 2));
      });
    if (piece.braced) {
      const standM = deckZM + piece.heightM - size.heightM;
      const on = (number: number, atM: number): BarEnd => ({
        kind: 'on',
        barId: barId(`post.${nameOf(side)}.${number}`),
        atM,
      });
      bar(`brace.${nameOf(side)}`, on(1, 0.1 * standM), on(2, 0.9 * standM));
    }
  }
};
