import type { BarEnd, OwnBar, OwnPanel, Trailer } from '../project/index.js';
import { isOfPiece } from '../project/index.js';
import type { Chassis } from './buildChassis.js';
import type { Panel } from './panel.js';

/** A panel of a piece as one that lies at its place. */
const asOwnPanel = (panel: Panel, id: string): OwnPanel[] => {
  const { own, extent, y0M, y1M } = panel;
  if (!own) return [];
  const { sheet, plane, cutouts, existing, carries } = own;
  const [thin, along, up] = {
    flat: [
      [extent.z0M, extent.z1M],
      [extent.x0M, extent.x1M],
      [y0M, y1M],
    ],
    along: [
      [y0M, y1M],
      [extent.x0M, extent.x1M],
      [extent.z0M, extent.z1M],
    ],
    across: [
      [extent.x0M, extent.x1M],
      [y0M, y1M],
      [extent.z0M, extent.z1M],
    ],
  }[plane] as [[number, number], [number, number], [number, number]];
  return [
    {
      id,
      sheet,
      existing,
      carries,
      cutouts: cutouts.map(({ box: _box, ...cutout }) => cutout),
      place: {
        kind: 'at',
        plane,
        atM: (thin[0] + thin[1]) / 2,
        fromM: along[0],
        toM: along[1],
        lowM: up[0],
        highM: up[1],
      },
    },
  ];
};

/**
 * The trailer with a ready-made piece taken apart: its bars and panels stay where they are, as one's own. What was changed of single bars stays
 * with them. Undefined for a piece that hangs loose, which bars of one's own cannot.
 */
export const pieceAsOwn = (
  trailer: Trailer,
  { ownBars, panels }: Pick<Chassis, 'ownBars' | 'panels'>,
  pieceId: string,
  newId: () => string,
): Trailer | undefined => {
  const drafts = ownBars.filter(({ id }) => isOfPiece(id, pieceId));
  if (drafts.length === 0 || drafts.some(({ hungOn }) => hungOn)) return undefined;
  const ids = new Map(drafts.map(({ id }) => [id, `bar.${newId()}`]));
  const end = (one: BarEnd): BarEnd => (one.kind === 'on' ? { ...one, barId: ids.get(one.barId) ?? one.barId } : one);
  const bars = drafts.map(
    ({ hungOn: _none, ...own }): OwnBar => ({
      ...own,
      id: ids.get(own.id) ?? own.id,
      from: end(own.from),
      to: end(own.to),
    }),
  );
  const flat = panels
    .filter(({ id }) => isOfPiece(id, pieceId))
    .flatMap((panel) => asOwnPanel(panel, `panel.${newId()}`));
  const { frame } = trailer;
  const others = frame.ownBars.map((own) => ({ ...own, from: end(own.from), to: end(own.to) }));
  const overrides = Object.fromEntries(
    Object.entries(frame.overrides).map(([id, override]) => [ids.get(id) ?? id, override]),
  );
  return {
    ...trailer,
    frame: {
      ...frame,
      pieces: frame.pieces.filter(({ id }) => id !== pieceId),
      ownBars: [...others, ...bars],
      ownPanels: [...frame.ownPanels, ...flat],
      overrides,
    },
  };
};
