import type { Piece } from '../../project/index.js';
import type { Draft } from './site.js';
import { spread } from './site.js';
import { buildWalls } from './walls.js';

const EDGES = ['left', 'right', 'front', 'rear'] as const;

/** A box body: walls on all four edges, bows and a roof over them. */
export const buildBody = (draft: Draft, piece: Extract<Piece, { kind: 'body' }>): void => {
  const { site, size, bar, barId } = draft;
  const { frontXM, rearXM, deckZM } = site;
  const wallYM = site.railYM + piece.overhangM;
  const cutoutsOf = (edge: (typeof EDGES)[number]) => piece.openings.filter((opening) => opening.edge === edge);
  const hosts = buildWalls(draft, {
    edges: EDGES,
    heightM: piece.heightM,
    postSpacingM: piece.postSpacingM,
    midRails: 0,
    fill: piece.skin,
    face: 'outside',
    carries: piece.carries,
    fillCarries: piece.skinCarries,
    cutouts: cutoutsOf,
    sideYM: wallYM,
  });
  const bows = spread(frontXM, rearXM, piece.postSpacingM).slice(1, -1);
  const topStartXM = frontXM - size.heightM / 2;
  bows.forEach((xM, i) => {
    const on = (edge: 'left' | 'right') => ({ kind: 'on', barId: barId(`top.${edge}`), atM: xM - topStartXM }) as const;
    bar(`bow.${i + 1}`, on('left'), on('right'), { hungOn: piece.carries ? undefined : hosts });
  });
  const tops = EDGES.map((edge) => barId(`top.${edge}`));
  const heldBy = piece.carries ? [...tops, ...bows.map((_, i) => barId(`bow.${i + 1}`))] : hosts;
  const [deep, wide] = [size.heightM / 2, size.widthM / 2];
  const zM = deckZM + piece.heightM;
  const t = piece.skin.thicknessM;
  if (piece.roof)
    draft.panel(
      'roof',
      piece.roof,
      'flat',
      {
        x0M: frontXM - deep - t,
        x1M: rearXM + deep + t,
        y0M: -wallYM - wide - t,
        y1M: wallYM + wide + t,
        z0M: zM,
        z1M: zM + piece.roof.thicknessM,
      },
      { heldBy, carries: piece.carries && piece.skinCarries },
    );
  const { insulation } = piece;
  if (!insulation) return;
  const half = insulation.thicknessM / 2;
  const levels = { z0M: deckZM, z1M: zM - size.heightM };
  for (const edge of EDGES) {
    const along = edge === 'left' || edge === 'right';
    const yM = edge === 'left' ? -wallYM : wallYM;
    const xM = edge === 'front' ? frontXM : rearXM;
    draft.panel(
      `insulation.${edge}`,
      insulation,
      along ? 'along' : 'across',
      along
        ? { x0M: frontXM + deep, x1M: rearXM - deep, y0M: yM - half, y1M: yM + half, ...levels }
        : { x0M: xM - half, x1M: xM + half, y0M: wide - wallYM, y1M: wallYM - wide, ...levels },
      // An opening is told from the skin's corner, which lies further out than the insulation's.
      {
        cutouts: cutoutsOf(edge).map((opening) => ({
          ...opening,
          alongM: Math.max(0, opening.alongM - (along ? 2 * deep : 2 * wide + t)),
        })),
        heldBy: piece.carries ? [barId(`top.${edge}`)] : hosts,
      },
    );
  }
  draft.panel(
    'insulation.roof',
    insulation,
    'flat',
    {
      x0M: frontXM + deep,
      x1M: rearXM - deep,
      y0M: wide - wallYM,
      y1M: wallYM - wide,
      z0M: zM - insulation.thicknessM,
      z1M: zM,
    },
    { heldBy },
  );
};
