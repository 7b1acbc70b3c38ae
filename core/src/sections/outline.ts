import { fail, ok, type Result } from '../result.js';
import type { Shape, ShapeProblem } from './shape.js';

/** Boundary of a section as straight and round edges, m; material lies to the left of each edge. */
export type Edge =
  | { readonly kind: 'line'; readonly y0: number; readonly z0: number; readonly y1: number; readonly z1: number }
  | {
      readonly kind: 'arc';
      readonly y: number;
      readonly z: number;
      readonly radius: number;
      readonly start: number;
      readonly sweep: number;
    };
export type Outline = readonly Edge[];

interface Corner {
  readonly y: number;
  readonly z: number;
  readonly radius?: number;
  /** the shape's field that the radius came from, for the message */
  readonly field?: string;
}

/** Lengths closer than this fraction count as touching: a flat of nothing between two radii is allowed. */
const TOUCHING = 1e-12;

/** Rounds each corner of a closed polygon by the arc tangent to both its sides. */
const roundedPolygon = (corners: readonly Corner[]): Result<Edge[], ShapeProblem> => {
  const count = corners.length;
  const at = (index: number): Corner => corners[(index + count) % count] as Corner;
  const cutBack: number[] = [];
  const turns: number[] = [];
  for (let i = 0; i < count; i += 1) {
    const before = at(i - 1);
    const here = at(i);
    const after = at(i + 1);
    const inward = Math.atan2(here.z - before.z, here.y - before.y);
    const outward = Math.atan2(after.z - here.z, after.y - here.y);
    const turn = Math.atan2(Math.sin(outward - inward), Math.cos(outward - inward));
    turns.push(turn);
    cutBack.push((here.radius ?? 0) * Math.tan(Math.abs(turn) / 2));
  }
  const edges: Edge[] = [];
  for (let i = 0; i < count; i += 1) {
    const here = at(i);
    const next = at(i + 1);
    const length = Math.hypot(next.y - here.y, next.z - here.z);
    const cutHere = cutBack[i] as number;
    const cutNext = cutBack[(i + 1) % count] as number;
    if (cutHere + cutNext > length * (1 + TOUCHING)) {
      return fail({ code: 'radius-too-large', field: here.field ?? next.field ?? 'radius' });
    }
    const dy = (next.y - here.y) / length;
    const dz = (next.z - here.z) / length;
    edges.push({
      kind: 'line',
      y0: here.y + dy * cutHere,
      z0: here.z + dz * cutHere,
      y1: next.y - dy * cutNext,
      z1: next.z - dz * cutNext,
    });
    const radius = next.radius ?? 0;
    const turn = turns[(i + 1) % count] as number;
    if (radius > 0 && turn !== 0) {
      const side = Math.sign(turn);
      // The centre lies square to the incoming side, on the side the outline turns to.
      const y = next.y - dy * cutNext - dz * radius * side;
      const z = next.z - dz * cutNext + dy * radius * side;
      edges.push({ kind: 'arc', y, z, radius, start: Math.atan2(-dy * side, dz * side), sweep: turn });
    }
  }
  return ok(edges);
};

const rectangle = (y0: number, z0: number, y1: number, z1: number, radius: number, field: string): Corner[] => [
  { y: y0, z: z0, radius, field },
  { y: y1, z: z0, radius, field },
  { y: y1, z: z1, radius, field },
  { y: y0, z: z1, radius, field },
];

const circle = (y: number, z: number, radius: number, sweep: number): Edge => ({
  kind: 'arc',
  y,
  z,
  radius,
  start: 0,
  sweep,
});

/** Same holes are traced clockwise, so that their area counts negative. */
const asHole = (edges: readonly Edge[]): Edge[] =>
  edges
    .map(
      (edge): Edge =>
        edge.kind === 'line'
          ? { kind: 'line', y0: edge.y1, z0: edge.z1, y1: edge.y0, z1: edge.z0 }
          : { ...edge, start: edge.start + edge.sweep, sweep: -edge.sweep },
    )
    .reverse();

const problemIn = (
  checks: readonly (readonly [number, string, 'positive' | 'not-negative'])[],
): ShapeProblem | undefined => {
  for (const [value, field, rule] of checks) {
    if (rule === 'positive' && !(value > 0)) return { code: 'not-positive', field };
    if (rule === 'not-negative' && !(value >= 0)) return { code: 'negative', field };
  }
  return undefined;
};

const rectTubeOutline = (s: Extract<Shape, { kind: 'rect-tube' }>): Result<Outline, ShapeProblem> => {
  if (2 * s.wallM >= Math.min(s.widthM, s.heightM)) return fail({ code: 'wall-too-thick', field: 'wallM' });
  const outer = roundedPolygon(rectangle(0, 0, s.widthM, s.heightM, s.outerRadiusM, 'outerRadiusM'));
  const t = s.wallM;
  const inner = roundedPolygon(rectangle(t, t, s.widthM - t, s.heightM - t, s.innerRadiusM, 'innerRadiusM'));
  if (!outer.ok) return outer;
  return inner.ok ? ok([...outer.value, ...asHole(inner.value)]) : inner;
};

const roundTubeOutline = (s: Extract<Shape, { kind: 'round-tube' }>): Result<Outline, ShapeProblem> => {
  const r = s.diameterM / 2;
  if (s.wallM > r) return fail({ code: 'wall-too-thick', field: 'wallM' });
  const solid = circle(r, r, r, 2 * Math.PI);
  return ok(s.wallM === r ? [solid] : [solid, circle(r, r, r - s.wallM, -2 * Math.PI)]);
};

const angleOutline = (s: Extract<Shape, { kind: 'angle' }>): Result<Outline, ShapeProblem> => {
  const t = s.thicknessM;
  if (t >= Math.min(s.verticalLegM, s.horizontalLegM)) return fail({ code: 'wall-too-thick', field: 'thicknessM' });
  return roundedPolygon([
    { y: 0, z: 0 },
    { y: s.horizontalLegM, z: 0 },
    { y: s.horizontalLegM, z: t, radius: s.toeRadiusM, field: 'toeRadiusM' },
    { y: t, z: t, radius: s.rootRadiusM, field: 'rootRadiusM' },
    { y: t, z: s.verticalLegM, radius: s.toeRadiusM, field: 'toeRadiusM' },
    { y: 0, z: s.verticalLegM },
  ]);
};

const channelOutline = (s: Extract<Shape, { kind: 'channel' }>): Result<Outline, ShapeProblem> => {
  const overhang = s.flangeM - s.webM;
  if (!(overhang > 0)) return fail({ code: 'wall-too-thick', field: 'webM' });
  const tip = s.flangeThicknessM - (s.innerSlope * overhang) / 2;
  const root = s.flangeThicknessM + (s.innerSlope * overhang) / 2;
  if (!(tip > 0) || 2 * root >= s.depthM) return fail({ code: 'wall-too-thick', field: 'flangeThicknessM' });
  const toe = { radius: s.toeRadiusM, field: 'toeRadiusM' };
  const corner = { radius: s.rootRadiusM, field: 'rootRadiusM' };
  return roundedPolygon([
    { y: 0, z: 0 },
    { y: s.flangeM, z: 0 },
    { y: s.flangeM, z: tip, ...toe },
    { y: s.webM, z: root, ...corner },
    { y: s.webM, z: s.depthM - root, ...corner },
    { y: s.flangeM, z: s.depthM - tip, ...toe },
    { y: s.flangeM, z: s.depthM },
    { y: 0, z: s.depthM },
  ]);
};

const bentChannelOutline = (s: Extract<Shape, { kind: 'bent-channel' }>): Result<Outline, ShapeProblem> => {
  const t = s.thicknessM;
  if (2 * t >= s.depthM || t >= s.flangeM) return fail({ code: 'wall-too-thick', field: 'thicknessM' });
  const outer = { radius: s.outerRadiusM, field: 'outerRadiusM' };
  const inner = { radius: s.innerRadiusM, field: 'innerRadiusM' };
  return roundedPolygon([
    { y: 0, z: 0, ...outer },
    { y: s.flangeM, z: 0 },
    { y: s.flangeM, z: t },
    { y: t, z: t, ...inner },
    { y: t, z: s.depthM - t, ...inner },
    { y: s.flangeM, z: s.depthM - t },
    { y: s.flangeM, z: s.depthM },
    { y: 0, z: s.depthM, ...outer },
  ]);
};

const isRadiusOrSlope = (field: string): boolean => field.endsWith('RadiusM') || field === 'innerSlope';

/** The section's boundary, or the dimension that makes no section. Origin: lower left corner of its bounding box. */
export const outlineOf = (shape: Shape): Result<Outline, ShapeProblem> => {
  const problem = problemIn(
    Object.entries(shape)
      .filter((entry): entry is [string, number] => typeof entry[1] === 'number')
      .map(([field, value]) => [value, field, isRadiusOrSlope(field) ? 'not-negative' : 'positive'] as const),
  );
  if (problem) return fail(problem);
  switch (shape.kind) {
    case 'rect-tube':
      return rectTubeOutline(shape);
    case 'round-tube':
      return roundTubeOutline(shape);
    case 'angle':
      return angleOutline(shape);
    case 'channel':
      return channelOutline(shape);
    case 'bent-channel':
      return bentChannelOutline(shape);
    case 'flat-bar':
      return roundedPolygon(rectangle(0, 0, shape.widthM, shape.heightM, 0, 'widthM'));
  }
};
