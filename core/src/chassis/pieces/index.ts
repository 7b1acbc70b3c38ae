import type { Piece, Trailer } from '../../project/index.js';
import type { ChassisProblem, Member } from '../member.js';
import type { BarDraft } from '../ownBars.js';
import type { PanelDraft } from '../ownPanels.js';
import { buildBumper, buildShelf, buildUpperFrame } from './addOns.js';
import { buildBody } from './body.js';
import { buildFender, buildReceiver, buildSpare, buildStep } from './fixtures.js';
import { buildGate } from './gate.js';
import { buildHeadboard, buildRack } from './racks.js';
import { type Draft, draftOf, siteOf } from './site.js';
import { buildWalls } from './walls.js';

const build = (draft: Draft, piece: Piece): void => {
  switch (piece.kind) {
    case 'sides': {
      const edges = (['left', 'right', 'front', 'rear'] as const).filter((edge) => piece.edges[edge]);
      buildWalls(draft, {
        ...piece,
        edges,
        face: 'inside',
        fillCarries: false,
        cutouts: () => [],
        sideYM: draft.site.railYM,
      });
      return;
    }
    case 'body':
      buildBody(draft, piece);
      return;
    case 'gate':
      buildGate(draft, piece);
      return;
    case 'headboard':
      buildHeadboard(draft, piece);
      return;
    case 'rack':
      buildRack(draft, piece);
      return;
    case 'upper-frame':
      buildUpperFrame(draft, piece);
      return;
    case 'shelf':
      buildShelf(draft, piece);
      return;
    case 'bumper':
      buildBumper(draft, piece);
      return;
    case 'fender':
      buildFender(draft, piece);
      return;
    case 'step':
      buildStep(draft, piece);
      return;
    case 'receiver':
      buildReceiver(draft, piece);
      return;
    case 'spare':
      buildSpare(draft, piece);
      return;
  }
};

/** Bars and panels of all ready-made pieces, as they stand on this frame. */
export const draftPieces = (
  trailer: Trailer,
  members: readonly Member[],
  problems: ChassisProblem[],
): { readonly bars: readonly BarDraft[]; readonly panels: readonly PanelDraft[] } => {
  const { pieces } = trailer.frame;
  const site = pieces.length > 0 ? siteOf(trailer, members) : undefined;
  if (!site) return { bars: [], panels: [] };
  const drafts = pieces.flatMap((piece) => {
    const draft = draftOf(site, piece, problems);
    if (!draft) return [];
    build(draft, piece);
    return [draft];
  });
  return { bars: drafts.flatMap(({ bars }) => bars), panels: drafts.flatMap(({ panels }) => panels) };
};
