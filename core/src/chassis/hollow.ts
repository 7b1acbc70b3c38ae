import { cross, dot, length, scale } from '../frame-analysis/index.js';
import type { Shape } from '../sections/index.js';
import type { Member, MiddleLine } from './member.js';
import { directionOf } from './middleLine.js';

/** How the end of a bar that lies on a round tube ends, measured along the bar from where both middle lines cross, m. */
export interface Hollow {
  /** where the bar reaches furthest about the tube, and where it is hollowed deepest */
  readonly nearM: number;
  readonly farM: number;
  /** where it would end square with as much metal */
  readonly meanM: number;
  /** between the two middle lines */
  readonly angleRad: number;
  /** of the bar's section, square to the plane of both middle lines, and in it */
  readonly acrossM: number;
  readonly inPlaneM: number;
}

/** Places on a section's outline: so far across the plane of both middle lines, and so far in it, m. */
type Outline = readonly (readonly [acrossM: number, inPlaneM: number])[];

const STEPS = 720;
const roundOutline = (radiusM: number): Outline =>
  Array.from({ length: STEPS + 1 }, (_, i) => {
    const phi = (Math.PI * i) / STEPS;
    return [radiusM * Math.sin(phi), radiusM * Math.cos(phi)];
  });
const flatOutline = (acrossM: number, inPlaneM: number): Outline =>
  [0, acrossM / 2].flatMap(
    (u): Outline => [
      [u, inPlaneM / 2],
      [u, -inPlaneM / 2],
    ],
  );

/**
 * z(u, v) = √(R² − u²) ÷ sin θ + v ÷ tan θ over an outline, its least and its greatest. Source: a line parallel to the bar's middle meets the
 * cylinder of radius R. Undefined for what is wider than the tube.
 */
const endOn = (outline: Outline, ontoM: number, angleRad: number, meanRootM: number): Hollow | undefined => {
  const reach = (of: 0 | 1): number => 2 * Math.max(...outline.map((place) => Math.abs(place[of])));
  if (outline.some(([u]) => u > ontoM * (1 + 1e-9))) return undefined;
  const zs = outline.map(
    ([u, v]) => Math.sqrt(Math.max(0, ontoM ** 2 - u ** 2)) / Math.sin(angleRad) + v / Math.tan(angleRad),
  );
  return {
    nearM: Math.min(...zs),
    farM: Math.max(...zs),
    meanM: meanRootM / Math.sin(angleRad),
    angleRad,
    acrossM: reach(0),
    inPlaneM: reach(1),
  };
};

/** √(R² − u²), 0 past the tube's side. */
const rootOf = (ontoM: number, u: number): number => Math.sqrt(Math.max(0, ontoM ** 2 - u ** 2));

/** A round tube's end on a round one of radius R; the v ÷ tan θ of opposite places cancel in the mean, which is taken half-way through the wall. */
export const roundOnRound = (
  { diameterM, wallM }: Pick<Extract<Shape, { kind: 'round-tube' }>, 'diameterM' | 'wallM'>,
  ontoM: number,
  angleRad: number,
): Hollow | undefined => {
  const roots = roundOutline((diameterM - wallM) / 2)
    .slice(1)
    .map(([u]) => rootOf(ontoM, u));
  return endOn(roundOutline(diameterM / 2), ontoM, angleRad, roots.reduce((sum, root) => sum + root, 0) / roots.length);
};

/**
 * A flat-sided bar's end, a across and b deep: over its sides √(R² − a²/4), over the faces between them the mean of √(R² − u²), which is half of
 * the same and R² ÷ a × asin(a ÷ 2R).
 */
const flatOnRound = (acrossM: number, deepM: number, ontoM: number, angleRad: number): Hollow | undefined => {
  const side = rootOf(ontoM, acrossM / 2);
  const face = side / 2 + (ontoM ** 2 / acrossM) * Math.asin(Math.min(1, acrossM / 2 / ontoM));
  return endOn(flatOutline(acrossM, deepM), ontoM, angleRad, (deepM * side + acrossM * face) / (acrossM + deepM));
};

/**
 * Length of the hollow at the end of a round tube of radius r that meets a round one of radius R under an angle between their middle lines, m.
 * A tube wider than what it meets has none.
 */
export const saddleLengthM = (radiusM: number, ontoM: number, angleRad: number): number | undefined => {
  const found = roundOnRound({ diameterM: 2 * radiusM, wallM: 0 }, ontoM, angleRad);
  return found && found.farM - found.nearM;
};

type Bar = Pick<Member, 'section' | 'bar'>;

/** How a bar's end lies on another bar; undefined where that one is not round, or narrower. */
export const hollowOn = (
  { section, bar }: Bar,
  line: MiddleLine,
  host: Bar,
  hostLine: MiddleLine,
): Hollow | undefined => {
  const { shape: onto } = host.section;
  if (onto.kind !== 'round-tube') return undefined;
  const normal = cross(directionOf(line), directionOf(hostLine));
  const sine = length(normal);
  if (sine < 1e-6) return undefined;
  const angleRad = Math.asin(Math.min(1, sine));
  const ontoM = onto.diameterM / 2;
  if (section.shape.kind === 'round-tube') return roundOnRound(section.shape, ontoM, angleRad);
  const acrossIsWidth = Math.abs(dot(line.across, scale(normal, 1 / sine))) > Math.SQRT1_2;
  const [u, v] = acrossIsWidth ? [bar.widthM, bar.heightM] : [bar.heightM, bar.widthM];
  return flatOnRound(u, v, ontoM, angleRad);
};
