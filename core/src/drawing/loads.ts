import type { Chassis } from '../chassis/index.js';
import { itemPart, itemParts, type Part } from '../mass/index.js';
import type { LoadCase, Trailer } from '../project/index.js';
import { box, type Label, type Lettering, type DrawnShape } from './shapes.js';

/** A thing of the trailer's list where this load has it, and whether it is aboard. */
export interface PlacedLoad {
  readonly part: Part;
  readonly name: string;
  readonly aboard: boolean;
  /** how high its legs hold it; 0 where it has none */
  readonly legsM: number;
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
        legsM: item.legs?.heightM ?? 0,
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

/** Loads in the order to draw them: what is not aboard first, then by the face turned to the eye, the nearest last. */
export const nearestLast = (loads: readonly PlacedLoad[], nearness: (part: Part) => number): readonly PlacedLoad[] =>
  loads.toSorted((a, b) => Number(a.aboard) - Number(b.aboard) || nearness(a.part) - nearness(b.part));

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

/** Legs that a load stands on, from its underside down. */
const legsOf = ({ part, aboard, legsM }: PlacedLoad, view: 'side' | 'rear'): readonly DrawnShape[] => {
  const undersideZM = part.centre.zM - part.heightM / 2;
  const places = new Set((part.feet ?? []).map(({ xM, yM }) => (view === 'side' ? xM : yM)));
  return [...places].map((at) => ({
    part: part.id,
    kind: 'line',
    layer: 'loads',
    points: [
      [at, undersideZM],
      [at, undersideZM - legsM],
    ],
    fill: 'none',
    line: aboard ? 'edge' : 'ghost',
  }));
};

/** Loads as boxes: filled where they are aboard, ghosts where they are not. */
export const loadShapes = (loads: readonly PlacedLoad[], view: keyof typeof FACES): readonly DrawnShape[] =>
  loads.flatMap((load) => [...(load.legsM > 0 && view !== 'plan' ? legsOf(load, view) : []), shapeOf[view](load)]);

const areaOf = ([x0, x1, y0, y1]: Face): number => Math.max(0, x1 - x0) * Math.max(0, y1 - y0);

/** What is left of a face beside one that covers it: the largest of the strips left, right, under and over it. */
const leftBeside = (face: Face, over: Face): Face => {
  const [x0, x1, y0, y1] = face;
  const [a0, a1, b0, b1] = over;
  if (a0 >= x1 || a1 <= x0 || b0 >= y1 || b1 <= y0) return face;
  const strips: readonly Face[] = [
    [x0, a0, y0, y1],
    [a1, x1, y0, y1],
    [x0, x1, y0, b0],
    [x0, x1, b1, y1],
  ];
  return strips.reduce((best, own) => (areaOf(own) > areaOf(best) ? own : best));
};

/** The part of a load's face that no nearer one hides, where its name can stand. */
const seenFace = (load: PlacedLoad, nearer: readonly PlacedLoad[], view: keyof typeof FACES): Face =>
  nearer
    .filter(({ aboard }) => aboard)
    .reduce((face, { part }) => leftBeside(face, FACES[view](part)), FACES[view](load.part));

/** The names of what is aboard, each within what is seen of its own box, where that leaves room; with its weight where that is wanted. */
export const loadLabels = (
  loads: readonly PlacedLoad[],
  view: keyof typeof FACES,
  lettering: Lettering | undefined,
): readonly Label[] =>
  loads.flatMap((load, i): readonly Label[] => {
    if (!load.aboard) return [];
    const [x0, x1, y0, y1] = seenFace(load, loads.slice(i + 1), view);
    if (x1 <= x0 || y1 <= y0) return [];
    return [
      {
        id: load.part.id,
        at: [(x0 + x1) / 2, (y0 + y1) / 2],
        text: load.name,
        kind: 'name',
        within: [x1 - x0, y1 - y0],
        ...(lettering ? { second: lettering.mass(load.part.massKg) } : {}),
      },
    ];
  });
