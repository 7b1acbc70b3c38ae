import {
  type Bounds,
  boundsOf,
  type Dimension,
  type Label,
  type LoadArrow,
  type Point,
  type DrawnView,
} from './shapes.js';

/** Where a view's metres land on the sheet; sheet units are px on the screen and mm on paper, y down. */
export interface Placing {
  readonly x: (across: number) => number;
  readonly y: (up: number) => number;
  readonly perM: number;
  /** nothing is written outside of it */
  readonly bounds: Bounds;
  /** height of a line of lettering */
  readonly text: number;
  /** line onto which the balance point is dropped; its lettering stands there, else beside its disc */
  readonly dropTo?: number;
}

/** Lettering in its place: the middle of its first line, and the box that is nobody else's. */
export interface PlacedText {
  readonly id: string;
  readonly x: number;
  readonly y: number;
  readonly text: string;
  readonly box: Bounds;
  readonly vertical: boolean;
}

export interface PlacedLabel extends PlacedText {
  readonly kind: Label['kind'];
  readonly part: string | undefined;
  readonly second: string | undefined;
  /** from the lettering to what it is of, where it had to step aside */
  readonly leader: readonly [Point, Point] | undefined;
}

export interface PlacedDimension {
  readonly dimension: Dimension;
  /** ends of the dimension line, and where its two extension lines begin */
  readonly from: Point;
  readonly to: Point;
  readonly start: readonly [Point, Point];
  readonly text: PlacedText;
}

export interface PlacedArrow {
  readonly arrow: LoadArrow;
  readonly at: Point;
  readonly text: PlacedText;
}

export interface LaidOut {
  readonly dimensions: readonly PlacedDimension[];
  readonly labels: readonly PlacedLabel[];
  readonly arrows: readonly PlacedArrow[];
  readonly balancePoint: { readonly at: Point; readonly text: PlacedText } | undefined;
}

/** Width of a character of the narrow lettering, as a share of its height; and the air about a text. */
const CHARACTER = 0.47;
const AIR = 4;
/** Distance of the first row of dimensions from the view, and from row to row, in heights of lettering. */
const FIRST_ROW = 1.9;
const ROW = 1.65;
/** A dimension's text stands in its line where so much line is left on either side, in heights. */
const LINE_LEFT = 0.3;
/** Radius of the balance point's disc, and length of an arrow's shaft, in heights. */
const DISC = 0.62;
const SHAFT = 2.3;
/** Badges look for room up to so many heights away. */
const SEARCH = 9;

export const textWidth = (text: string, height: number): number => text.length * height * CHARACTER + 2 * AIR;

const about = (x: number, y: number, width: number, height: number): Bounds => ({
  x0: x - width / 2,
  x1: x + width / 2,
  y0: y - height / 2,
  y1: y + height / 2,
});
const overlap = (a: Bounds, b: Bounds): boolean => a.x0 < b.x1 && b.x0 < a.x1 && a.y0 < b.y1 && b.y0 < a.y1;
const inside = (a: Bounds, b: Bounds): boolean => a.x0 >= b.x0 && a.x1 <= b.x1 && a.y0 >= b.y0 && a.y1 <= b.y1;

/** The sheet's surface as far as it is taken. */
const surface = (bounds: Bounds) => {
  const taken: Bounds[] = [];
  const isFree = (box: Bounds): boolean => inside(box, bounds) && !taken.some((other) => overlap(other, box));
  return {
    take: (box: Bounds): void => {
      taken.push(box);
    },
    /** the first box that is free, taken; none where there is none */
    first: <T extends { readonly box: Bounds }>(candidates: Iterable<T>): T | undefined => {
      for (const candidate of candidates)
        if (isFree(candidate.box)) {
          taken.push(candidate.box);
          return candidate;
        }
      return undefined;
    },
  };
};
type Surface = ReturnType<typeof surface>;

/** Where the line of a dimension stands across its direction. */
const lineAt = (dimension: Dimension, frame: Placing, edges: Bounds): number => {
  const { side, row, at = 0 } = dimension;
  const out = frame.text * (FIRST_ROW + row * ROW);
  switch (side) {
    case 'below':
      return edges.y1 + out;
    case 'above':
      return edges.y0 - out * 0.6;
    case 'left':
      return edges.x0 - out;
    case 'right':
      return edges.x1 + out;
    case 'on':
      return dimension.axis === 'across' ? frame.y(at) : frame.x(at);
  }
};

const placeDimension = (
  dimension: Dimension,
  frame: Placing,
  edges: Bounds,
  free: Surface,
): PlacedDimension | undefined => {
  const lying = dimension.axis === 'across';
  const line = lineAt(dimension, frame, edges);
  const along = lying ? frame.x : frame.y;
  const [a, b] = [along(dimension.from), along(dimension.to)];
  const point = (v: number, across: number): Point => (lying ? [v, across] : [across, v]);
  const start = dimension.start.map((value, i) => point(i === 0 ? a : b, lying ? frame.y(value) : frame.x(value)));
  const width = textWidth(dimension.text, frame.text);
  const height = frame.text * 1.3;
  const at = (v: number, across: number): PlacedText => {
    const [x, y] = point(v, across);
    return {
      id: dimension.id,
      x,
      y,
      text: dimension.text,
      box: lying ? about(x, y, width, height) : about(x, y, height, width),
      vertical: !lying,
    };
  };
  const middle = (a + b) / 2;
  const half = Math.abs(b - a) / 2;
  const past = half + width / 2 + frame.text * LINE_LEFT;
  // In the line where there is room; else past either end of it, else beside it.
  const inLine = width + 2 * LINE_LEFT * frame.text <= 2 * half;
  // Away from the view first.
  const rows = dimension.side === 'above' || dimension.side === 'left' ? [-1, -2, 1, 2] : [1, 2, -1, -2];
  const candidates = [
    ...(inLine ? [0, -0.25, 0.25].map((share) => at(middle + share * (2 * half - width), line)) : []),
    ...(dimension.side === 'on' ? [-1, 1].map((rows) => at(middle, line + rows * height)) : []),
    at(middle + past, line),
    at(middle - past, line),
    ...rows.map((row) => at(middle, line + row * height)),
    ...rows.flatMap((row) => [past, -past].map((off) => at(middle + off, line + row * height))),
  ];
  const text = free.first(candidates);
  return text && { dimension, from: point(a, line), to: point(b, line), start: start as [Point, Point], text };
};

/** Rings of places about a point, nearest first. */
function* placesAbout(x: number, y: number, step: number, rings: number): Generator<Point> {
  yield [x, y];
  for (let ring = 1; ring <= rings; ring += 1)
    for (const [dx, dy] of [
      [0, 1],
      [0, -1],
      [1, 0],
      [-1, 0],
      [1, 1],
      [-1, 1],
      [1, -1],
      [-1, -1],
    ] as const)
      yield [x + dx * ring * step, y + dy * ring * step];
}

const placeBadge = (label: Label, frame: Placing, free: Surface): PlacedLabel | undefined => {
  const [x, y] = [frame.x(label.at[0]), frame.y(label.at[1])];
  const height = frame.text * (label.kind === 'mark' ? 1.9 : 1.55);
  const width =
    label.kind === 'mark' ? Math.max(height, textWidth(label.text, frame.text)) : textWidth(label.text, frame.text) + 8;
  function* candidates(): Generator<{ readonly box: Bounds; readonly x: number; readonly y: number }> {
    for (const [px, py] of placesAbout(x, y, frame.text * 0.8, Math.ceil(SEARCH / 0.8)))
      yield { box: about(px, py, width, height), x: px, y: py };
  }
  const found = free.first(candidates());
  if (!found) return undefined;
  const moved = Math.hypot(found.x - x, found.y - y) > height;
  return {
    id: label.id,
    x: found.x,
    y: found.y,
    text: label.text,
    box: found.box,
    vertical: false,
    kind: label.kind,
    part: label.part,
    second: undefined,
    leader: moved
      ? [
          [x, y],
          [found.x, found.y],
        ]
      : undefined,
  };
};

/** A text cut short to a width, in the units of the height; nothing where not even three letters fit. */
export const shortened = (text: string, most: number, height: number): string | undefined => {
  if (textWidth(text, height) <= most) return text;
  const characters = Math.floor((most - 2 * AIR) / (height * CHARACTER)) - 1;
  return characters < 3 ? undefined : `${text.slice(0, characters)}…`;
};

const placeName = (label: Label, frame: Placing, free: Surface): PlacedLabel | undefined => {
  const [across, up] = (label.within ?? [0, 0]).map((size) => size * frame.perM) as [number, number];
  const text = shortened(label.text, across, frame.text);
  const two = label.second !== undefined && up > 2.6 * frame.text;
  const height = frame.text * (two ? 2.5 : 1.3);
  if (text === undefined || up < height) return undefined;
  const second = two ? label.second : undefined;
  const width = Math.max(textWidth(text, frame.text), second ? textWidth(second, frame.text) : 0);
  const [x, y] = [frame.x(label.at[0]), frame.y(label.at[1])];
  const room = (up - height) / 2;
  const aside = Math.max(0, (across - width) / 2);
  const found = free.first(
    [0, 0.35, -0.35, 0.7, -0.7, 1, -1].flatMap((share) =>
      [0, -1, 1].map((side) => {
        const [cx, cy] = [x + side * aside, y + share * room];
        return { box: about(cx, cy, width, height), x: cx, y: two ? cy - frame.text * 0.6 : cy };
      }),
    ),
  );
  return (
    found && {
      id: label.id,
      ...found,
      text,
      vertical: false,
      kind: 'name',
      part: label.part,
      second,
      leader: undefined,
    }
  );
};

/** Beside a place: to its right, its left, over and under it, then further off. */
const beside = (
  x: number,
  y: number,
  text: string,
  frame: Placing,
  gap: number,
): { readonly box: Bounds; readonly x: number; readonly y: number }[] => {
  const width = textWidth(text, frame.text);
  const height = frame.text * 1.3;
  return [1, 2, 3, 4].flatMap((k) => {
    const dx = width / 2 + gap;
    const dy = height * 0.5 * k + gap;
    const level: Point[] =
      k === 1
        ? [
            [x + dx, y],
            [x - dx, y],
          ]
        : [];
    const places: Point[] = [
      ...level,
      [x + dx, y - dy],
      [x - dx, y - dy],
      [x + dx, y + dy],
      [x - dx, y + dy],
      [x, y + dy],
      [x, y - dy],
    ];
    return places.map(([px, py]) => ({ box: about(px, py, width, height), x: px, y: py }));
  });
};

const placeNote = (label: Label, frame: Placing, free: Surface): PlacedLabel | undefined => {
  const found = free.first(beside(frame.x(label.at[0]), frame.y(label.at[1]), label.text, frame, 2));
  return (
    found && {
      id: label.id,
      ...found,
      text: label.text,
      vertical: false,
      kind: label.kind,
      part: label.part,
      second: undefined,
      leader: undefined,
    }
  );
};

const placeLabel = (label: Label, frame: Placing, free: Surface): PlacedLabel | undefined => {
  switch (label.kind) {
    case 'share':
    case 'mark':
      return placeBadge(label, frame, free);
    case 'name':
      return placeName(label, frame, free);
    case 'note':
      return placeNote(label, frame, free);
  }
};

/**
 * Finds room for everything that is written in a view: no lettering lies on another, on the balance point or outside the sheet. What must
 * be told goes first (sizes, weights, the balance point), names of loads last; a name that finds no room is left out.
 */
export const layOut = (view: DrawnView, frame: Placing): LaidOut => {
  const own = boundsOf(view.shapes.filter(({ layer }) => layer !== 'centre-lines' && layer !== 'ground'));
  const edges: Bounds = own
    ? { x0: frame.x(own.x0), x1: frame.x(own.x1), y0: frame.y(own.y1), y1: frame.y(own.y0) }
    : frame.bounds;
  const free = surface(frame.bounds);
  const centre = view.balancePoint;
  const disc =
    centre && about(frame.x(centre.at[0]), frame.y(centre.at[1]), 2 * DISC * frame.text, 2 * DISC * frame.text);
  if (disc) free.take(disc);
  const at = (arrow: LoadArrow): Point => [frame.x(arrow.at[0]), frame.y(arrow.at[1])];
  for (const arrow of view.arrows) {
    const [x, y] = at(arrow);
    free.take(about(x, y - (SHAFT / 2) * frame.text, frame.text, SHAFT * frame.text));
  }
  const dimensions = view.dimensions.flatMap((dimension) => placeDimension(dimension, frame, edges, free) ?? []);
  const foremost = Math.min(...view.arrows.map((arrow) => at(arrow)[0]));
  const arrows = view.arrows.flatMap((arrow): PlacedArrow[] => {
    const [x, y] = at(arrow);
    const places = beside(x, y - frame.text, arrow.text, frame, frame.text * 0.6);
    // What presses on the ball is written ahead of it, where there is nothing else, if the sheet has room there.
    const ahead = places.filter((place) => x === foremost && place.x < x);
    const found = free.first([...ahead, ...places]);
    return found ? [{ arrow, at: [x, y], text: { id: arrow.id, ...found, text: arrow.text, vertical: false } }] : [];
  });
  const centreY = centre && (frame.dropTo === undefined ? frame.y(centre.at[1]) : frame.dropTo - frame.text);
  const text =
    centre &&
    centreY !== undefined &&
    free.first(beside(frame.x(centre.at[0]), centreY, centre.text, frame, frame.text * 0.9));
  const RANK = { share: 0, mark: 0, note: 1, name: 2 } as const;
  const labels = view.labels
    .toSorted((a, b) => RANK[a.kind] - RANK[b.kind])
    .flatMap((label) => placeLabel(label, frame, free) ?? []);
  return {
    dimensions,
    labels,
    arrows,
    balancePoint:
      centre && text
        ? {
            at: [frame.x(centre.at[0]), frame.y(centre.at[1])],
            text: { id: 'balance-point', ...text, text: centre.text, vertical: false },
          }
        : undefined,
  };
};
