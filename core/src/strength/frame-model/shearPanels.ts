import { type Chassis, directionOf, type Panel, placeOnLine } from '../../chassis/index.js';
import type { Vector3 } from '../../frame-analysis/index.js';
import type { Framing, Line, Station } from './framing.js';
import { type SheetCorner, sheetShearPa, tieBay } from './sheetTies.js';

/** One bay of a panel that carries, as the frame has it: the two ties that stand for it. */
export interface PanelBay {
  readonly panelId: string;
  readonly ties: readonly [string, string];
  /** from rib to rib, and along the ribs, m */
  readonly alongM: number;
  readonly upM: number;
}

type Axis = 0 | 1 | 2;
const AXES = { flat: [0, 1], along: [0, 2], across: [1, 2] } as const;

/** A rib runs along the panel's own axis to this, as a cosine. */
const ALONG_AXIS = 0.98;
/** A joint this near to a panel's edge holds its corner, m. */
const CORNER_M = 0.2;

const stretchOf = ({ extent, y0M, y1M }: Panel, axis: Axis): readonly [number, number] =>
  (
    [
      [extent.x0M, extent.x1M],
      [y0M, y1M],
      [extent.z0M, extent.z1M],
    ] as const
  )[axis];

interface Rib {
  readonly atM: number;
  readonly low: SheetCorner;
  readonly high: SheetCorner;
}

const cornerNear = (line: Line, axis: Axis, edgeM: number): SheetCorner | undefined => {
  const all = line.stations.map((station: Station) => ({ node: station.node, at: placeOnLine(line, station.atM) }));
  const off = ({ at }: { readonly at: Vector3 }): number => Math.abs(at[axis] - edgeM);
  const nearest = all.reduce<(typeof all)[number] | undefined>(
    (best, next) => (!best || off(next) < off(best) ? next : best),
    undefined,
  );
  return nearest && off(nearest) <= CORNER_M ? nearest : undefined;
};

/** Bars that run across a panel from edge to edge and are joined to others there, in order along it. */
const ribsOf = (lines: readonly Line[], panel: Panel, along: Axis, up: Axis): readonly Rib[] => {
  const [lowM, highM] = stretchOf(panel, up);
  return lines
    .flatMap((line): Rib[] => {
      if (Math.abs(directionOf(line)[up]) < ALONG_AXIS) return [];
      const [low, high] = [cornerNear(line, up, lowM), cornerNear(line, up, highM)];
      return low && high && low.node !== high.node ? [{ atM: line.start[along], low, high }] : [];
    })
    .toSorted((a, b) => a.atM - b.atM);
};

/**
 * Panels that are fastened all round, as pairs of crossed ties from rib to rib; a bay with an opening in it holds nothing, on the careful side. The
 * ribs are the bars that carry the panel and run from edge to edge of it.
 */
export const placeShearPanels = (
  { panels }: Pick<Chassis, 'panels'>,
  frame: Framing,
  lines: readonly Line[],
): readonly PanelBay[] =>
  panels.flatMap((panel): PanelBay[] => {
    const { own } = panel;
    const shearPa = own?.carries ? sheetShearPa(own.sheet.kind) : undefined;
    if (!own || shearPa === undefined) return [];
    const held = lines.filter(({ member }) => own.heldBy.includes(member.id));
    const [first, second] = AXES[own.plane];
    const [upright, level] = [ribsOf(held, panel, first, second), ribsOf(held, panel, second, first)];
    const [ribs, along] = upright.length >= 2 ? [upright, first] : [level, second];
    return ribs.slice(1).flatMap((next, i): PanelBay[] => {
      const last = ribs[i] as Rib;
      const open = own.cutouts.some(({ box }) => {
        const [from, to] = stretchOf({ ...panel, extent: box, y0M: box.y0M, y1M: box.y1M }, along);
        return from < next.atM - 1e-6 && to > last.atM + 1e-6;
      });
      if (open) return [];
      const id = `${panel.id}.${i + 1}`;
      const ties = tieBay(frame, id, [last.low, last.high, next.low, next.high], shearPa * own.sheet.thicknessM);
      const up = along === first ? second : first;
      return ties
        ? [{ panelId: panel.id, ties, alongM: next.atM - last.atM, upM: last.high.at[up] - last.low.at[up] }]
        : [];
    });
  });
