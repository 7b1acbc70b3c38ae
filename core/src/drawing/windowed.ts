import { type Bounds, cornersOf, arc, type DrawnShape, type Point } from './shapes.js';

type Side = readonly [axis: 0 | 1, sign: 1 | -1, at: number];

const sidesOf = ({ x0, x1, y0, y1 }: Bounds): readonly Side[] => [
  [0, 1, x0],
  [0, -1, x1],
  [1, 1, y0],
  [1, -1, y1],
];

const across = (a: Point, b: Point, share: number): Point => [
  a[0] + (b[0] - a[0]) * share,
  a[1] + (b[1] - a[1]) * share,
];

/** What of a closed outline lies within a window (Sutherland and Hodgman, 1974: one side after the other). */
const closedWithin = (points: readonly Point[], window: Bounds): readonly Point[] =>
  sidesOf(window).reduce<readonly Point[]>(
    (left, [axis, sign, at]) =>
      left.flatMap((point, i): Point[] => {
        const next = left[(i + 1) % left.length] as Point;
        const [a, b] = [sign * (point[axis] - at), sign * (next[axis] - at)];
        const kept: Point[] = a >= 0 ? [point] : [];
        return a >= 0 !== b >= 0 ? [...kept, across(point, next, a / (a - b))] : kept;
      }),
    points,
  );

/** What of a straight line lies within a window (Liang and Barsky, 1984). */
const straightWithin = (from: Point, to: Point, window: Bounds): readonly [Point, Point] | undefined => {
  let [start, end] = [0, 1];
  for (const [axis, sign, at] of sidesOf(window)) {
    const [a, b] = [sign * (from[axis] - at), sign * (to[axis] - at)];
    if (a < 0 && b < 0) return undefined;
    if (a < 0) start = Math.max(start, a / (a - b));
    if (b < 0) end = Math.min(end, a / (a - b));
  }
  return start < end ? [across(from, to, start), across(from, to, end)] : undefined;
};

const inside = (points: readonly Point[], { x0, x1, y0, y1 }: Bounds): boolean =>
  points.every(([x, y]) => x >= x0 && x <= x1 && y >= y0 && y <= y1);

/** An outline's own edges within a window: where the window cuts it off nothing is drawn. */
const edgesWithin = (shape: DrawnShape, points: readonly Point[], closed: boolean, window: Bounds): DrawnShape[] =>
  points.flatMap((from, i): DrawnShape[] => {
    const to = points[i + 1] ?? (closed ? points[0] : undefined);
    const seen = to && straightWithin(from, to, window);
    return seen ? [{ ...baseOf(shape), kind: 'line', fill: 'none', points: seen }] : [];
  });

const baseOf = ({ layer, line, part }: Pick<DrawnShape, 'layer' | 'line' | 'part'>) => ({
  layer,
  line,
  ...(part === undefined ? {} : { part }),
});

const filled = (shape: DrawnShape, loops: readonly (readonly Point[])[], window: Bounds): DrawnShape[] => {
  const cut = loops.map((loop) => closedWithin(loop, window)).filter((loop) => loop.length >= 3);
  return cut.length === 0 || shape.fill === 'none'
    ? []
    : [{ ...baseOf(shape), fill: shape.fill, line: 'none', kind: 'region', loops: cut }];
};

/** What of shapes is seen in a window, m; whole shapes stay as they are. */
export const within = (shapes: readonly DrawnShape[], window: Bounds): readonly DrawnShape[] =>
  shapes.flatMap((shape): readonly DrawnShape[] => {
    if (inside(cornersOf(shape), window)) return [shape];
    switch (shape.kind) {
      case 'line':
        return edgesWithin(shape, shape.points, false, window);
      case 'polygon':
        return [...filled(shape, [shape.points], window), ...edgesWithin(shape, shape.points, true, window)];
      case 'region':
        return [
          ...filled(shape, shape.loops, window),
          ...shape.loops.flatMap((loop) => edgesWithin(shape, loop, true, window)),
        ];
      case 'circle': {
        const round = arc(shape.centre, shape.radiusM, 0, 2 * Math.PI, 72);
        return [...filled(shape, [round], window), ...edgesWithin(shape, round, true, window)];
      }
    }
  });
