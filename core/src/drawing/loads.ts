import type { Chassis } from '../chassis/index.js';
import { itemPart, itemParts, type Part } from '../mass/index.js';
import type { LoadCase, Trailer } from '../project/index.js';
import { box, type Label, type Lettering, type DrawnShape } from './shapes.js';

/** A thing of the trailer's list where this load has it, and whether it is aboard. */
export interface PlacedLoad {
  readonly part: Part;
  readonly name: string;
  readonly aboard: boolean;
}

const placed = (trailer: Trailer, chassis: Chassis, loadCase: LoadCase | undefined): readonly PlacedLoad[] => {
  if (!loadCase) return [];
  const aboard = new Map(itemParts(trailer, chassis, loadCase).map((part) => [part.id, part]));
  return trailer.items
    .map((item): PlacedLoad => {
      const own = aboard.get(item.id);
      return {
        part: own ?? itemPart(trailer, chassis, item, loadCase),
        name: item.name,
        aboard: own !== undefined,
      };
    })
    .toSorted((a, b) => Number(a.aboard) - Number(b.aboard));
};

/** What the places of loads go by; running gear only where something is held on it or measured from it. */
const goesBy = (trailer: Trailer, chassis: Chassis, loadCase: LoadCase | undefined): readonly unknown[] => [
  trailer.items,
  chassis,
  loadCase,
  trailer.items.some(({ attach }) => attach.from === 'axle' || attach.on === 'axle') ? trailer.runningGear : undefined,
];

const kept: { readonly by: readonly unknown[]; readonly loads: readonly PlacedLoad[] }[] = [];
const KEPT = 4;

/**
 * Everything on the list in its place under a load; what is not aboard first, so that it lies behind. The very same while something else is
 * dragged.
 */
export const loadsOf = (trailer: Trailer, chassis: Chassis, loadCase: LoadCase | undefined): readonly PlacedLoad[] => {
  const by = goesBy(trailer, chassis, loadCase);
  const known = kept.find((one) => one.by.every((value, i) => value === by[i]));
  if (known) return known.loads;
  const loads = placed(trailer, chassis, loadCase);
  kept.push({ by, loads });
  if (kept.length > KEPT) kept.shift();
  return loads;
};

type Face = readonly [x0: number, x1: number, y0: number, y1: number];

/** The faces of a load seen from left, above and behind, m. */
export const FACES = {
  side: ({ x0M, x1M, centre, heightM }: Part): Face => [x0M, x1M, centre.zM - heightM / 2, centre.zM + heightM / 2],
  plan: ({ x0M, x1M, y0M, y1M }: Part): Face => [x0M, x1M, y0M, y1M],
  rear: ({ y0M, y1M, centre, heightM }: Part): Face => [y0M, y1M, centre.zM - heightM / 2, centre.zM + heightM / 2],
} as const;

/** A load's box; the same one as long as the load is. */
const boxOf = (view: keyof typeof FACES): ((load: PlacedLoad) => DrawnShape) => {
  const boxes = new WeakMap<PlacedLoad, DrawnShape>();
  return (load) => {
    const known = boxes.get(load);
    if (known) return known;
    const { part, aboard } = load;
    const shape: DrawnShape = {
      part: part.id,
      kind: 'polygon',
      layer: 'loads',
      points: box(...FACES[view](part)),
      fill: aboard ? 'load' : 'none',
      line: aboard ? (view === 'plan' ? 'hidden' : 'edge') : 'ghost',
    };
    boxes.set(load, shape);
    return shape;
  };
};
const shapeOf = { side: boxOf('side'), plan: boxOf('plan'), rear: boxOf('rear') } as const;

/** Loads as boxes: filled where they are aboard, ghosts where they are not. */
export const loadShapes = (loads: readonly PlacedLoad[], view: keyof typeof FACES): readonly DrawnShape[] =>
  loads.map((load) => shapeOf[view](load));

/** Area of a face that another one covers, m². */
const covered = ([x0, x1, y0, y1]: Face, [a0, a1, b0, b1]: Face): number =>
  Math.max(0, Math.min(x1, a1) - Math.max(x0, a0)) * Math.max(0, Math.min(y1, b1) - Math.max(y0, b0));

/** What is hidden by more than this share of its face is not named there: its name would stand on what hides it. */
const HIDDEN_SHARE = 0.5;

const isSeen = (load: PlacedLoad, nearer: readonly PlacedLoad[], view: keyof typeof FACES): boolean => {
  const face = FACES[view](load.part);
  const areaM2 = (face[1] - face[0]) * (face[3] - face[2]);
  const hidden = nearer
    .filter(({ aboard }) => aboard)
    .reduce((sum, { part }) => sum + covered(face, FACES[view](part)), 0);
  return hidden <= HIDDEN_SHARE * areaM2;
};

/** The names of what is aboard and seen, each within its own box; with its weight where that is wanted. */
export const loadLabels = (
  loads: readonly PlacedLoad[],
  view: keyof typeof FACES,
  lettering: Lettering | undefined,
): readonly Label[] =>
  loads
    .filter((load, i) => load.aboard && isSeen(load, loads.slice(i + 1), view))
    .map(({ part, name }) => {
      const [x0, x1, y0, y1] = FACES[view](part);
      return {
        id: part.id,
        at: [(x0 + x1) / 2, (y0 + y1) / 2],
        text: name,
        kind: 'name',
        within: [x1 - x0, y1 - y0],
        ...(lettering ? { second: lettering.mass(part.massKg) } : {}),
      };
    });
