import type { Point3 } from '../chassis/index.js';
import { cross, dot, length, scale, subtract, type Vector3 } from '../frame-analysis/index.js';
import { type Face, farthestFirst } from './bsp.js';
import type { DrawnShape, DrawnView, Layer, Point } from './shapes.js';
import { type Solid, trailerSolids } from './solids.js';
import type { Drawable } from './trailerViews.js';

/** From the left front corner, as high as it is far: the three directions are drawn equally long (isometric projection, ISO 5456-3). */
const TO_VIEWER: Vector3 = scale([-1, -1, 1], 1 / Math.sqrt(3));
const RIGHT: Vector3 = scale([1, -1, 0], 1 / Math.sqrt(2));
const UP: Vector3 = cross(TO_VIEWER, RIGHT);

/** Where a place is seen, m. */
export const seenAt = (place: Vector3): Point => [dot(place, RIGHT), dot(place, UP)];

/** What would hide the frame. */
const HIDES: ReadonlySet<Layer> = new Set(['deck', 'loads', 'vehicle']);

/** Neighbouring faces that turn by less than this are one rounded face: no edge is drawn between them, as a cosine. */
const ROUND = Math.cos(Math.PI / 5);
/** A circle in so many faces. */
const CIRCLE = 32;

type Shown = Pick<DrawnShape, 'layer' | 'fill'> & { readonly part: string | undefined };

const vector = ({ xM, yM, zM }: Point3): Vector3 => [xM, yM, zM];

const normalOf = (corners: readonly Vector3[]): Vector3 => {
  const [a, b, c] = corners as readonly [Vector3, Vector3, Vector3];
  const found = cross(subtract(b, a), subtract(c, a));
  const size = length(found);
  return size > 0 ? scale(found, 1 / size) : found;
};

/** A body between two outlines of the same corners: faces along it and at both ends, turned outwards. */
const between = (from: readonly Vector3[], to: readonly Vector3[], of: Shown): Face<Shown>[] => {
  const count = from.length;
  const middle = (loop: readonly Vector3[]): Vector3 =>
    scale(
      loop.reduce((sum, [x, y, z]): Vector3 => [sum[0] + x, sum[1] + y, sum[2] + z], [0, 0, 0]),
      1 / count,
    );
  const along = subtract(middle(to), middle(from));
  let sum: Vector3 = [0, 0, 0];
  from.forEach((corner, i) => {
    const turn = cross(corner, from[(i + 1) % count] as Vector3);
    sum = [sum[0] + turn[0], sum[1] + turn[1], sum[2] + turn[2]];
  });
  // The end outline turns about the way along the body: then the faces along it look out in this order.
  const [first, last] = dot(sum, along) > 0 ? [from, to] : [from.toReversed(), to.toReversed()];
  const sides = first.map((corner, i): readonly Vector3[] => {
    const next = (i + 1) % count;
    return [corner, first[next] as Vector3, last[next] as Vector3, last[i] as Vector3];
  });
  const normals = sides.map(normalOf);
  const facing = normals.map((normal) => dot(normal, TO_VIEWER) > 0);
  /** Whether the long edge between a face and the one before it is drawn. */
  const edge = (i: number): boolean => {
    const before = (i + count - 1) % count;
    return dot(normals[i] as Vector3, normals[before] as Vector3) < ROUND || facing[i] !== facing[before];
  };
  const faces = sides.map(
    (corners, i): Face<Shown> => ({ corners, drawn: [true, edge((i + 1) % count), true, edge(i)], of }),
  );
  const all = Array.from({ length: count }, () => true);
  return [...faces, { corners: first.toReversed(), drawn: all, of }, { corners: last, drawn: all, of }];
};

const liesWithin = (inner: readonly Vector3[], outer: readonly Vector3[]): boolean =>
  [0, 1, 2].every((axis) => {
    const of = (points: readonly Vector3[]): readonly number[] => points.map((point) => point[axis] as number);
    return (
      Math.min(...of(inner)) >= Math.min(...of(outer)) - 1e-9 && Math.max(...of(inner)) <= Math.max(...of(outer)) + 1e-9
    );
  });

const facesOf = (solid: Solid): readonly Face<Shown>[] => {
  // Nothing is seen through: what is shaded as hidden elsewhere is plain here.
  const of: Shown = { layer: solid.layer, fill: solid.fill === 'behind' ? 'paper' : solid.fill, part: solid.part };
  switch (solid.kind) {
    case 'sweep': {
      let outer: readonly Vector3[] | undefined;
      return solid.from.flatMap((loop, i): readonly Face<Shown>[] => {
        const from = loop.map(vector);
        const to = (solid.to[i] ?? []).map(vector);
        // A hollow is seen at its ends alone: as a dark mouth.
        if (outer && liesWithin(from, outer)) return between(from, to, { ...of, fill: 'behind' }).slice(-2);
        outer = from;
        return between(from, to, of);
      });
    }
    case 'prism': {
      const at = (yM: number): readonly Vector3[] => solid.outline.map(([x, z]): Vector3 => [x, yM, z]);
      return between(at(solid.y0M), at(solid.y1M), of);
    }
    case 'cylinder': {
      const { centre, radiusM, lengthM, axis } = solid;
      const ring = (offM: number): readonly Vector3[] =>
        Array.from({ length: CIRCLE }, (_, i): Vector3 => {
          const angle = (2 * Math.PI * i) / CIRCLE;
          const [u, v] = [radiusM * Math.cos(angle), radiusM * Math.sin(angle)];
          return axis === 'along'
            ? [centre.xM + offM, centre.yM + u, centre.zM + v]
            : [centre.xM + u, centre.yM + offM, centre.zM + v];
        });
      return between(ring(-lengthM / 2), ring(lengthM / 2), of);
    }
  }
};

/** The trailer without what hides its frame, from its left front corner: every face painted over what lies behind it. */
export const spaceView = (drawable: Drawable): DrawnView => {
  const { trailer, chassis } = drawable;
  const solids = trailerSolids(trailer, chassis, undefined, true).filter(({ layer }) => !HIDES.has(layer));
  const faces = farthestFirst(solids.flatMap(facesOf), TO_VIEWER);
  const shapes = faces.flatMap(({ corners, drawn, of }): DrawnShape[] => {
    const points = corners.map(seenAt);
    const shown = { layer: of.layer, ...(of.part === undefined ? {} : { part: of.part }) };
    const edges = points.flatMap((point, i): DrawnShape[] =>
      drawn[i]
        ? [
            {
              ...shown,
              fill: 'none',
              line: 'edge',
              kind: 'line',
              points: [point, points[(i + 1) % points.length] as Point],
            },
          ]
        : [],
    );
    return [{ ...shown, fill: of.fill, line: 'none', kind: 'polygon', points }, ...edges];
  });
  return { shapes, dimensions: [], labels: [], arrows: [], balancePoint: undefined };
};
