import { outlineOf, type SectionOutline, type Shape } from '../sections/index.js';

type Edge = SectionOutline[number];

const mapped = (
  outline: SectionOutline,
  place: (y: number, z: number) => readonly [number, number],
  turn: (angle: number) => number,
  sense: 1 | -1,
): SectionOutline =>
  outline.map((edge): Edge => {
    if (edge.kind === 'line') {
      const [y0, z0] = place(edge.y0, edge.z0);
      const [y1, z1] = place(edge.y1, edge.z1);
      return { kind: 'line', y0, z0, y1, z1 };
    }
    const [y, z] = place(edge.y, edge.z);
    return { kind: 'arc', y, z, radius: edge.radius, start: turn(edge.start), sweep: sense * edge.sweep };
  });

export const movedBy = (outline: SectionOutline, u: number, v: number): SectionOutline =>
  mapped(
    outline,
    (y, z) => [y + u, z + v],
    (angle) => angle,
    1,
  );

/** Left and right changed, within its own width. */
export const mirroredIn = (outline: SectionOutline, widthM: number): SectionOutline =>
  mapped(
    outline,
    (y, z) => [widthM - y, z],
    (angle) => Math.PI - angle,
    -1,
  );

/** Turned half round within a box of these sizes. */
export const turnedIn = (outline: SectionOutline, widthM: number, heightM: number): SectionOutline =>
  mapped(
    outline,
    (y, z) => [widthM - y, heightM - z],
    (angle) => angle + Math.PI,
    1,
  );

/** A section as it is sold, from the lower left corner of the box about it; undefined where its sizes make none. */
export const soldProfile = (shape: Shape): SectionOutline | undefined => {
  const outline = outlineOf(shape);
  return outline.ok ? outline.value : undefined;
};

/** A closed polygon of corners one after the other. */
export const polygonProfile = (corners: readonly (readonly [number, number])[]): SectionOutline =>
  corners.map(([y0, z0], i): Edge => {
    const [y1, z1] = corners[(i + 1) % corners.length] as readonly [number, number];
    return { kind: 'line', y0, z0, y1, z1 };
  });

export const rectangleProfile = (u0: number, v0: number, widthM: number, heightM: number): SectionOutline =>
  polygonProfile([
    [u0, v0],
    [u0 + widthM, v0],
    [u0 + widthM, v0 + heightM],
    [u0, v0 + heightM],
  ]);

/** The loops that a boundary is made of: where an edge does not go on from the one before, another begins. */
export const loopsOfOutline = (outline: SectionOutline): readonly SectionOutline[] => {
  const loops: Edge[][] = [];
  let last: readonly [number, number] | undefined;
  for (const edge of outline) {
    const [start, end] = edgeEnds(edge);
    if (!last || Math.hypot(last[0] - start[0], last[1] - start[1]) > 1e-9) loops.push([]);
    loops.at(-1)?.push(edge);
    last = end;
  }
  return loops;
};

/** Where an edge begins and ends. */
export const edgeEnds = (edge: Edge): readonly [readonly [number, number], readonly [number, number]] => {
  if (edge.kind === 'line')
    return [
      [edge.y0, edge.z0],
      [edge.y1, edge.z1],
    ];
  const at = (angle: number): readonly [number, number] => [
    edge.y + edge.radius * Math.cos(angle),
    edge.z + edge.radius * Math.sin(angle),
  ];
  return [at(edge.start), at(edge.start + edge.sweep)];
};

/** Box about a boundary: least and greatest along `across`, then along `up`. */
export const profileBox = (outline: SectionOutline): readonly [number, number, number, number] => {
  const points = outline.flatMap((edge) => {
    if (edge.kind === 'line') return [...edgeEnds(edge)];
    // The quarters of a circle that an arc passes stand out furthest.
    const quarters = [0, 1, 2, 3].map((i) => (i * Math.PI) / 2).filter((angle) => passes(edge, angle));
    return [
      ...edgeEnds(edge),
      ...quarters.map((angle): readonly [number, number] => [
        edge.y + edge.radius * Math.cos(angle),
        edge.z + edge.radius * Math.sin(angle),
      ]),
    ];
  });
  const [us, vs] = [points.map(([u]) => u), points.map(([, v]) => v)];
  return [Math.min(...us), Math.max(...us), Math.min(...vs), Math.max(...vs)];
};

const passes = ({ start, sweep }: Extract<Edge, { kind: 'arc' }>, angle: number): boolean => {
  const turn = 2 * Math.PI;
  const from = sweep >= 0 ? angle - start : start - angle;
  return ((from % turn) + turn) % turn <= Math.abs(sweep) + 1e-12;
};
