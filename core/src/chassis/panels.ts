import type { Trailer } from '../project/index.js';
import { panelOf } from './ownPanels.js';
import type { Panel } from './panel.js';
import { type BarStock, placeBar, stockOf } from './bars.js';
import type { Bed } from './bed.js';
import { type ChassisProblem, type Extent, type Member, planBox } from './member.js';

const panel = (
  id: string,
  kind: Panel['kind'],
  extent: Extent,
  y0M: number,
  y1M: number,
  densityKgM3: number,
): Panel => ({
  id,
  kind,
  extent,
  y0M,
  y1M,
  massKg: densityKgM3 * (extent.x1M - extent.x0M) * (y1M - y0M) * (extent.z1M - extent.z0M),
  centre: { xM: (extent.x0M + extent.x1M) / 2, yM: (y0M + y1M) / 2, zM: (extent.z0M + extent.z1M) / 2 },
});

export const deckTopZM = (trailer: Trailer): number => {
  const { kind, seat, thicknessM } = trailer.frame.deck;
  return kind !== 'none' && seat === 'on-top' ? thicknessM : 0;
};

/** Deck: over the whole frame, or recessed between the rails and headers. */
export const buildDeck = (trailer: Trailer, bed: Bed): Panel[] => {
  const { deck, bed: size } = trailer.frame;
  if (deck.kind === 'none') return [];
  const recessed = deck.seat === 'recessed';
  const along = recessed ? bed.headerWidthM : 0;
  const across = recessed ? bed.railWidthM : 0;
  const top = deckTopZM(trailer);
  const whole = panelOf({
    id: 'deck',
    sheet: { kind: deck.kind, thicknessM: deck.thicknessM },
    plane: 'flat',
    box: {
      x0M: along,
      x1M: size.lengthM - along,
      y0M: across - size.widthM / 2,
      y1M: size.widthM / 2 - across,
      z0M: top - deck.thicknessM,
      z1M: top,
    },
    cutouts: deck.cutouts,
    existing: false,
    carries: true,
    heldBy: [],
  });
  if (!whole) return [];
  const { own, ...panel } = whole;
  return [{ ...panel, kind: 'deck', holes: own?.cutouts ?? [] }];
};

/** Posts of a side rail stand no further apart than this, m: common practice for stake sides (4 ft). */
const POST_SPACING_M = 1.22;

const sideRails = (trailer: Trailer, stock: BarStock, heightM: number): Member[] => {
  const { lengthM, widthM } = trailer.frame.bed;
  const { widthM: across, heightM: tall } = stock.bar;
  const base = deckTopZM(trailer);
  const postHeight = heightM - tall;
  const members: Member[] = [];
  for (const side of [-1, 1] as const) {
    const name = side === 1 ? 'right' : 'left';
    const outside = (side * widthM) / 2;
    const inside = outside - side * across;
    members.push(
      placeBar(`side.${name}`, 'side', stock, {
        plan: planBox(0, lengthM, inside, outside),
        z0M: base + postHeight,
        cutLengthM: lengthM,
      }),
    );
    const gaps = Math.max(1, Math.ceil((lengthM - across) / POST_SPACING_M));
    const posts = postHeight > 0 ? gaps + 1 : 0;
    for (let i = 0; i < posts; i += 1) {
      const x0 = (i * (lengthM - across)) / gaps;
      members.push(
        placeBar(`post.${name}.${i + 1}`, 'side', stock, {
          plan: planBox(x0, x0 + across, inside, outside),
          // On the rail itself: the deck is cut out about it.
          z0M: 0,
          cutLengthM: base + postHeight,
          standingM: base + postHeight,
        }),
      );
    }
  }
  const clear = widthM - 2 * across;
  members.push(
    placeBar('side.front', 'side', stock, {
      plan: planBox(0, across, -clear / 2, clear / 2),
      z0M: base + postHeight,
      cutLengthM: clear,
    }),
  );
  return members;
};

const sideBoards = (trailer: Trailer, heightM: number, thicknessM: number, densityKgM3: number): Panel[] => {
  const { lengthM, widthM } = trailer.frame.bed;
  const base = deckTopZM(trailer);
  const level = { z0M: base, z1M: base + heightM };
  const half = widthM / 2;
  // The rear one is the gate: it reaches from side to side, and the side boards stop at it, so that it can fall.
  const gateM = lengthM - thicknessM;
  return [
    panel('board.left', 'board', { x0M: 0, x1M: gateM, ...level }, -half, thicknessM - half, densityKgM3),
    panel('board.right', 'board', { x0M: 0, x1M: gateM, ...level }, half - thicknessM, half, densityKgM3),
    panel(
      'board.front',
      'board',
      { x0M: 0, x1M: thicknessM, ...level },
      thicknessM - half,
      half - thicknessM,
      densityKgM3,
    ),
    panel('board.rear', 'board', { x0M: gateM, x1M: lengthM, ...level }, -half, half, densityKgM3),
  ];
};

export const buildSides = (
  trailer: Trailer,
  problems: ChassisProblem[],
): { readonly members: readonly Member[]; readonly panels: readonly Panel[] } => {
  const { sides } = trailer.frame;
  switch (sides.kind) {
    case 'none':
      return { members: [], panels: [] };
    case 'rail': {
      const stock = stockOf(trailer, 'side', 'side.left', problems);
      return { members: stock ? sideRails(trailer, stock, sides.heightM) : [], panels: [] };
    }
    case 'boards':
      return { members: [], panels: sideBoards(trailer, sides.heightM, sides.thicknessM, sides.densityKgM3) };
  }
};
