import type { SayDrawn } from './drawnTexts.js';
/** A place in a view's own plane, m. Side: x rearward, z up. Plan: x rearward, y to the right. Rear: y to the right, z up. */
export type Point = readonly [across: number, up: number];

/** What a shape is of; in files a layer of its own. */
export type Layer =
  | 'ground'
  | 'frame'
  | 'deck'
  | 'sides'
  | 'plates'
  | 'wheels'
  | 'axle'
  | 'suspension'
  | 'fenders'
  | 'coupling'
  | 'jack'
  | 'stands'
  | 'rings'
  | 'loads'
  | 'vehicle'
  | 'centre-lines';

/** Weight and kind of a line; `hidden` is behind something, `ghost` not there any more or not yet. */
export type Line = 'outline' | 'edge' | 'detail' | 'hidden' | 'ghost' | 'centre' | 'none';
/** `behind`: steel that another part hides, to be told by its place all the same. */
export type Fill = 'none' | 'paper' | 'steel' | 'wood' | 'load' | 'behind';
/** Surfaces that are told by lines, not by colour alone. */
export type Hatch = 'planks' | 'mesh' | 'sheet';

interface Drawn {
  /** the part that is picked by it; one that cannot be picked has none */
  readonly part?: string;
  readonly layer: Layer;
  readonly line: Line;
  readonly fill: Fill;
  readonly hatch?: Hatch;
}

/** A closed outline, an open line, a circle, or a region between closed loops (what lies in an even number of them is a hole). */
export type DrawnShape = Drawn &
  (
    | { readonly kind: 'polygon'; readonly points: readonly Point[] }
    | { readonly kind: 'line'; readonly points: readonly Point[] }
    | { readonly kind: 'circle'; readonly centre: Point; readonly radiusM: number }
    | { readonly kind: 'region'; readonly loops: readonly (readonly Point[])[] }
  );

/** A size with its two ends. The figure is the distance of the ends along the dimension's own direction. */
export interface Dimension {
  readonly id: string;
  readonly axis: 'across' | 'up';
  readonly from: number;
  readonly to: number;
  /** where on the other axis the two extension lines start */
  readonly start: readonly [number, number];
  /** on which side of the view it stands, and in which row there, the first next to the view; `on`: at `at`, within the view */
  readonly side: 'below' | 'above' | 'left' | 'right' | 'on';
  readonly row: number;
  readonly at?: number;
  readonly text: string;
  readonly part?: string;
}

/** Lettering that belongs to a place and looks for room near it. */
export interface Label {
  readonly id: string;
  readonly at: Point;
  readonly text: string;
  /** share: how hard a bar works; mark: a piece's letter; name: of a load, within its box; note: anything else */
  readonly kind: 'share' | 'mark' | 'name' | 'note';
  readonly part?: string;
  readonly bold?: boolean;
  /** box of a name that it must fit into, m across and up; it is shortened where it does not fit */
  readonly within?: readonly [number, number];
  /** second line of a name, such as its weight */
  readonly second?: string;
}

/** The point in which all of a load counts as one. */
export interface BalancePoint {
  readonly at: Point;
  readonly text: string;
}

/** What presses on the ground there, or lifts: an arrow with its weight. */
export interface LoadArrow {
  readonly id: string;
  readonly at: Point;
  readonly text: string;
  /** the ground pulls it down: it would lift off */
  readonly down: boolean;
}

/** One view of the trailer as data: everything that is drawn of it, to scale, in the order of painting. */
export interface DrawnView {
  readonly shapes: readonly DrawnShape[];
  readonly dimensions: readonly Dimension[];
  readonly labels: readonly Label[];
  readonly arrows: readonly LoadArrow[];
  readonly balancePoint: BalancePoint | undefined;
}

export interface Bounds {
  readonly x0: number;
  readonly x1: number;
  readonly y0: number;
  readonly y1: number;
}

/** How sizes, weights and names are written; the project's speaker is one. */
export interface Lettering {
  /** texts of views in another language than English */
  readonly drawn?: SayDrawn;
  readonly length: (metres: number) => string;
  readonly mass: (kilograms: number) => string;
  readonly load: (newtons: number) => string;
}

export const box = (x0: number, x1: number, y0: number, y1: number): readonly Point[] => [
  [x0, y0],
  [x1, y0],
  [x1, y1],
  [x0, y1],
];

/** A bar of even width from one point to another, seen flat on. */
export const strip = ([ax, ay]: Point, [bx, by]: Point, widthM: number): readonly Point[] => {
  const length = Math.hypot(bx - ax, by - ay) || 1;
  const [nx, ny] = [(-(by - ay) / length) * (widthM / 2), ((bx - ax) / length) * (widthM / 2)];
  return [
    [ax + nx, ay + ny],
    [bx + nx, by + ny],
    [bx - nx, by - ny],
    [ax - nx, ay - ny],
  ];
};

/** Corners of a circle's arc, from one angle to another, rad. */
export const arc = ([x, y]: Point, radiusM: number, from: number, to: number, pieces = 24): readonly Point[] =>
  Array.from({ length: pieces + 1 }, (_, i): Point => {
    const at = from + ((to - from) * i) / pieces;
    return [x + radiusM * Math.cos(at), y + radiusM * Math.sin(at)];
  });

/** Every corner of a shape; of a circle the ends of its two diameters. */
export const cornersOf = (shape: DrawnShape): readonly Point[] => {
  switch (shape.kind) {
    case 'polygon':
    case 'line':
      return shape.points;
    case 'region':
      return shape.loops.flat();
    case 'circle': {
      const { centre, radiusM } = shape;
      const [x, y] = centre;
      return [
        [x - radiusM, y],
        [x + radiusM, y],
        [x, y - radiusM],
        [x, y + radiusM],
      ];
    }
  }
};

/** The least upright box about shapes; undefined where there are none. */
export const boundsOf = (shapes: readonly DrawnShape[]): Bounds | undefined => {
  let bounds: Bounds | undefined;
  for (const shape of shapes)
    for (const [x, y] of cornersOf(shape))
      bounds = bounds
        ? {
            x0: Math.min(bounds.x0, x),
            x1: Math.max(bounds.x1, x),
            y0: Math.min(bounds.y0, y),
            y1: Math.max(bounds.y1, y),
          }
        : { x0: x, x1: x, y0: y, y1: y };
  return bounds;
};

/** The same shape with every point moved. */
export const mapShape = (shape: DrawnShape, map: (point: Point) => Point): DrawnShape => {
  switch (shape.kind) {
    case 'polygon':
    case 'line':
      return { ...shape, points: shape.points.map(map) };
    case 'region':
      return { ...shape, loops: shape.loops.map((loop) => loop.map(map)) };
    case 'circle':
      return { ...shape, centre: map(shape.centre) };
  }
};
