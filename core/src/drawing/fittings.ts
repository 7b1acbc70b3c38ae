import {
  type BarBox,
  type Chassis,
  deckLay,
  overallWidthM,
  type Plate,
  tieDownPlaces,
  type OwnSheet,
  type Panel,
} from '../chassis/index.js';
import { axlePlaces, spareWheels } from '../mass/index.js';
import type { Trailer } from '../project/index.js';
import type { Stance } from './gear.js';
import { box, type Point, type DrawnShape, strip } from './shapes.js';

/** Fenders are as long as the tires under them and so much more at each end, m; sheet is drawn so thick (common practice: 2 in, 3 mm). */
const FENDER_PAST_M = 0.05;
const SHEET_M = 0.003;
/** Rings stand so far over the rail, m. */
const RING_M = 0.03;

const fendersOf = (trailer: Trailer): { readonly x0: number; readonly x1: number } | undefined => {
  const { fender, tire } = trailer.runningGear;
  const places = axlePlaces(trailer).map(({ xM }) => xM);
  const [first, last] = [places[0], places.at(-1)];
  if (fender.kind === 'none' || first === undefined || last === undefined) return undefined;
  const reach = tire.diameterM / 2 + FENDER_PAST_M;
  return { x0: first - reach, x1: last + reach };
};

export const fendersFromSide = (trailer: Trailer): readonly DrawnShape[] => {
  const at = fendersOf(trailer);
  if (!at) return [];
  const { aboveRailM, skirtM } = trailer.runningGear.fender;
  const top = aboveRailM + SHEET_M;
  const low = aboveRailM - Math.max(skirtM, SHEET_M);
  const chamfer = Math.min((at.x1 - at.x0) / 4, Math.max(skirtM, 0.05));
  return [
    {
      part: 'fender',
      kind: 'polygon',
      layer: 'fenders',
      points: [
        [at.x0, low],
        [at.x0 + chamfer, top],
        [at.x1 - chamfer, top],
        [at.x1, low],
      ],
      fill: 'steel',
      line: 'edge',
    },
  ];
};

export const fendersFromAbove = (trailer: Trailer): readonly DrawnShape[] => {
  const at = fendersOf(trailer);
  if (!at) return [];
  const half = trailer.frame.bed.widthM / 2;
  const out = half + trailer.runningGear.fender.reachM;
  return [-1, 1].map((side) => ({
    part: 'fender',
    kind: 'polygon',
    layer: 'fenders',
    points: side < 0 ? box(at.x0, at.x1, -out, -half) : box(at.x0, at.x1, half, out),
    fill: 'none',
    line: 'edge',
  }));
};

export const fendersFromRear = (trailer: Trailer): readonly DrawnShape[] => {
  if (!fendersOf(trailer)) return [];
  const { aboveRailM, skirtM, reachM } = trailer.runningGear.fender;
  const half = trailer.frame.bed.widthM / 2;
  return [-1, 1].map((side) => ({
    part: 'fender',
    kind: 'line',
    layer: 'fenders',
    points: [
      [side * half, aboveRailM],
      [side * (half + reachM), aboveRailM],
      [side * (half + reachM), aboveRailM - skirtM],
    ],
    fill: 'none',
    line: 'outline',
  }));
};

/** Rings on the rails' outer faces. */
export const ringsFromSide = (trailer: Trailer): readonly DrawnShape[] =>
  tieDownPlaces(trailer).map((xM) => ({
    kind: 'circle',
    layer: 'rings',
    centre: [xM, -RING_M],
    radiusM: RING_M,
    fill: 'paper',
    line: 'edge',
  }));

export const ringsFromAbove = (trailer: Trailer): readonly DrawnShape[] => {
  const half = trailer.frame.bed.widthM / 2;
  return tieDownPlaces(trailer).flatMap((xM) =>
    [-1, 1].map(
      (side): DrawnShape => ({
        kind: 'circle',
        layer: 'rings',
        centre: [xM, side * (half + RING_M / 2)],
        radiusM: RING_M,
        fill: 'paper',
        line: 'edge',
      }),
    ),
  );
};

/** Stands under both rails: let down where it is parked on them, else up along the rail. */
export const standsFromSide = (
  trailer: Trailer,
  { railBottomZM, groundZM }: Stance,
  down: boolean,
): readonly DrawnShape[] =>
  trailer.frame.stands.map(({ id, xM }) => ({
    part: id,
    kind: 'polygon',
    layer: 'stands',
    points: down
      ? box(xM - 0.02, xM + 0.02, groundZM, railBottomZM)
      : box(xM, xM + Math.max(0.1, (railBottomZM - groundZM) * 0.8), railBottomZM - 0.04, railBottomZM),
    fill: 'steel',
    line: 'edge',
  }));

export const standsFromAbove = (trailer: Trailer, chassis: Chassis): readonly DrawnShape[] => {
  const y = (trailer.frame.bed.widthM - chassis.railWidthM) / 2;
  return trailer.frame.stands.flatMap(({ id, xM }) =>
    [-1, 1].map(
      (side): DrawnShape => ({
        part: id,
        kind: 'polygon',
        layer: 'stands',
        points: box(xM - 0.02, xM + 0.02, side * y - 0.02, side * y + 0.02),
        fill: 'none',
        line: 'hidden',
      }),
    ),
  );
};

const HATCH_OF = {
  plywood: 'sheet',
  planks: 'planks',
  'steel-sheet': 'sheet',
  'aluminum-sheet': 'sheet',
  'expanded-steel': 'mesh',
} as const;

const SHEET_HATCH = { ...HATCH_OF, 'welded-mesh': 'mesh', 'foam-board': undefined } as const;

type View = 'side' | 'plan' | 'rear';
/** The axis that each view looks along, and the plane that it looks square at. */
const SEEN_ALONG = { side: 1, plan: 2, rear: 0 } as const;
const SEEN_FLAT = { side: 'along', plan: 'flat', rear: 'across' } as const;

/** A panel of one's own: with its openings where it is looked at square, else as the edge that it shows. What is open is seen through. */
const ownPanelShape = ({ id, extent, y0M, y1M }: Panel, own: OwnSheet, view: View): DrawnShape => {
  const loopOf = ({ x0M, x1M, y0M: a, y1M: b, z0M, z1M }: BarBox): readonly Point[] =>
    view === 'side' ? box(x0M, x1M, z0M, z1M) : view === 'plan' ? box(x0M, x1M, a, b) : box(a, b, z0M, z1M);
  if (own.slant && own.slant.axis === SEEN_ALONG[view])
    return {
      part: id,
      layer: 'sides',
      line: 'detail',
      kind: 'polygon',
      points: strip(own.slant.from, own.slant.to, own.sheet.thicknessM),
      fill: 'wood',
    };
  const whole = loopOf({ ...extent, y0M, y1M });
  const common = { part: id, layer: 'sides', line: 'detail' } as const;
  if (own.plane !== SEEN_FLAT[view]) return { ...common, kind: 'polygon', points: whole, fill: 'wood' };
  const hatch = SHEET_HATCH[own.sheet.kind];
  const open = hatch === 'mesh' || view === 'plan';
  return {
    ...common,
    kind: 'region',
    loops: [whole, ...own.cutouts.map((cutout) => loopOf(cutout.box))],
    fill: open ? 'none' : 'wood',
    ...(hatch && view !== 'plan' ? { hatch } : {}),
  };
};

export const panelsFromSide = ({ panels }: Chassis): readonly DrawnShape[] =>
  panels
    // Of two walls the left one is seen.
    .filter(({ id, own, y0M }) => id !== 'board.right' && !(own?.plane === 'along' && y0M > 0))
    .map((panel) => {
      const { id, kind, extent, own } = panel;
      return own
        ? ownPanelShape(panel, own, 'side')
        : {
            part: id,
            kind: 'polygon',
            layer: kind === 'deck' ? 'deck' : 'sides',
            points: box(extent.x0M, extent.x1M, extent.z0M, extent.z1M),
            fill: 'wood',
            line: 'detail',
          };
    });

/** The deck as its outline with a hatch of its own, so that the bars under it are seen. */
export const panelsFromAbove = (trailer: Trailer, { panels }: Chassis): readonly DrawnShape[] => {
  const { kind: deck } = trailer.frame.deck;
  const outlines = panels.map((panel): DrawnShape => {
    const { id, kind, extent, y0M, y1M, own, holes = [] } = panel;
    if (own) return ownPanelShape(panel, own, 'plan');
    return {
      part: id,
      kind: 'region',
      layer: kind === 'deck' ? 'deck' : 'sides',
      loops: [
        box(extent.x0M, extent.x1M, y0M, y1M),
        ...holes.map(({ box: hole }) => box(hole.x0M, hole.x1M, hole.y0M, hole.y1M)),
      ],
      fill: kind === 'deck' ? 'none' : 'wood',
      line: 'detail',
      ...(kind === 'deck' && deck !== 'none' ? { hatch: HATCH_OF[deck] } : {}),
    };
  });
  return [...outlines, ...sheetEdges(trailer, panels)];
};

/** Where sheets of the deck meet. */
const sheetEdges = (trailer: Trailer, panels: Chassis['panels']): readonly DrawnShape[] => {
  const lay = deckLay(trailer, { panels });
  const deck = panels.find(({ kind }) => kind === 'deck');
  if (!lay || !deck) return [];
  const { extent, y0M, y1M, id } = deck;
  const edge = (from: Point, to: Point): DrawnShape => ({
    part: id,
    layer: 'deck',
    fill: 'none',
    kind: 'line',
    points: [from, to],
    line: 'edge',
  });
  return [
    ...lay.jointXM.map((x) => edge([x, y0M], [x, y1M])),
    ...lay.jointYM.map((y) => edge([extent.x0M, y], [extent.x1M, y])),
  ];
};

export const panelsFromRear = ({ panels }: Chassis): readonly DrawnShape[] =>
  panels
    .filter(({ id, own, extent }) => id !== 'board.front' && !(own?.plane === 'across' && extent.x1M < 0.05))
    .map((panel) => {
      const { id, kind, extent, y0M, y1M, own } = panel;
      return own
        ? ownPanelShape(panel, own, 'rear')
        : {
            part: id,
            kind: 'polygon',
            layer: kind === 'deck' ? 'deck' : 'sides',
            points: box(y0M, y1M, extent.z0M, extent.z1M),
            fill: 'wood',
            line: 'detail',
          };
    });

/** A gusset's corners seen from above: legs along the trailer and across it, about its centre. */
export const gussetFromAbove = (plate: Plate, bedMiddleXM: number): readonly Point[] => {
  const { centre, lengthM: leg } = plate;
  // The right angle lies outward of the centre by a third of each leg: towards the nearer end of the bed, and to the side that it is on.
  const alongOut = centre.xM < bedMiddleXM ? -1 : 1;
  const sideOut = centre.yM < 0 ? -1 : 1;
  // One at the tongue has its right angle at the header, which lies behind it.
  const inCorner = plate.id.startsWith('gusset.corner');
  const x = inCorner ? centre.xM + (alongOut * leg) / 3 : centre.xM + leg / 3;
  const y = inCorner ? centre.yM + (sideOut * leg) / 3 : centre.yM - (sideOut * leg) / 3;
  const [dx, dy] = inCorner ? [-alongOut * leg, -sideOut * leg] : [-leg, sideOut * leg];
  return [
    [x, y],
    [x + dx, y],
    [x, y + dy],
  ];
};

/** Plates cut from flat: over the tongue, on open ends, in corners. */
export const platesFromAbove = (trailer: Trailer, { plates, members }: Chassis): readonly DrawnShape[] => {
  const middle = trailer.frame.bed.lengthM / 2;
  return plates.map((plate): DrawnShape => {
    const { id, kind, centre, lengthM, widthM, thicknessM } = plate;
    const own = { layer: 'plates', fill: kind === 'top-plate' ? 'none' : 'steel', line: 'edge' } as const;
    if (kind === 'gusset') return { ...own, kind: 'polygon', points: gussetFromAbove(plate, middle) };
    if (kind === 'cap') {
      // A cap lies on the rear end of its bar, however that is cut.
      const bar = members.find((member) => `cap.${member.id}` === id);
      const [, outer, inner] = (bar?.plan ?? []) as readonly (Point | undefined)[];
      if (outer && inner) {
        const end: readonly Point[] = [
          outer,
          inner,
          [inner[0] + thicknessM, inner[1]],
          [outer[0] + thicknessM, outer[1]],
        ];
        return { ...own, kind: 'polygon', points: end };
      }
    }
    return {
      ...own,
      ...(kind === 'top-plate' ? { part: 'top-plate' } : {}),
      kind: 'polygon',
      points: box(centre.xM - lengthM / 2, centre.xM + lengthM / 2, centre.yM - widthM / 2, centre.yM + widthM / 2),
    };
  });
};

export const platesFromSide = ({ plates }: Chassis): readonly DrawnShape[] =>
  plates
    .filter(({ kind }) => kind !== 'gusset')
    .map(({ kind, centre, lengthM, widthM, thicknessM }): DrawnShape => {
      const [along, tall] = kind === 'cap' ? [thicknessM, widthM] : [lengthM, thicknessM];
      return {
        ...(kind === 'top-plate' ? { part: 'top-plate' } : {}),
        kind: 'polygon',
        layer: 'plates',
        points: box(centre.xM - along / 2, centre.xM + along / 2, centre.zM - tall / 2, centre.zM + tall / 2),
        fill: 'steel',
        line: 'edge',
      };
    });

/** How wide it is in all, over tires, fenders, bed, and what is put on it for good, m. */
export const wholeWidthM = (trailer: Trailer, { members, panels }: Chassis): number =>
  Math.max(
    overallWidthM(trailer).widthM,
    trailer.frame.bed.widthM,
    ...members.flatMap(({ line, plan }) => (line ? plan.map(([, y]) => 2 * Math.abs(y)) : [])),
    ...panels.flatMap(({ own, y0M, y1M }) => (own ? [2 * Math.abs(y0M), 2 * Math.abs(y1M)] : [])),
  );

/** Spare wheels on their carriers: round where they are seen face on, else as wide as they are; from behind those at the bed's rear end lie before all else. */
export const sparesSeen = (
  trailer: Trailer,
  chassis: Chassis,
  view: 'side' | 'plan' | 'rear',
  which: 'all' | 'before' | 'behind' = 'all',
): readonly DrawnShape[] =>
  spareWheels(trailer, chassis)
    .filter(({ centre }) => which === 'all' || centre.xM > trailer.frame.bed.lengthM / 2 === (which === 'before'))
    .map((wheel): DrawnShape => {
      const { centre, x0M, x1M, y0M, y1M, heightM } = wheel;
      const own = { part: wheel.heldBy?.[0] ?? wheel.id, layer: 'wheels', fill: 'paper', line: 'edge' } as const;
      const faceOn = view === 'side' ? x1M - x0M > y1M - y0M : view === 'rear' && y1M - y0M > x1M - x0M;
      if (faceOn)
        return {
          ...own,
          kind: 'circle',
          centre: [view === 'side' ? centre.xM : centre.yM, centre.zM],
          radiusM: heightM / 2,
        };
      const levels = [centre.zM - heightM / 2, centre.zM + heightM / 2] as const;
      const points = {
        side: box(x0M, x1M, ...levels),
        plan: box(x0M, x1M, y0M, y1M),
        rear: box(y0M, y1M, ...levels),
      }[view];
      return { ...own, kind: 'polygon', points };
    });
