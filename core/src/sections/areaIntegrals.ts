import type { Edge, Outline } from './outline.js';

/**
 * Area, first and second moments of the region inside an outline, by Green's theorem along its edges:
 * ∫f dA = ∮F dz with ∂F/∂y = f. On straight edges the integrands are polynomials of degree ≤ 4, on round ones
 * trigonometric polynomials; 12-point Gauss-Legendre per quarter turn is exact to machine precision for both.
 */
export interface AreaIntegrals {
  readonly area: number;
  /** ∫y dA, ∫z dA */
  readonly y: number;
  readonly z: number;
  /** ∫y² dA, ∫z² dA, ∫yz dA */
  readonly yy: number;
  readonly zz: number;
  readonly yz: number;
}

/** 12-point Gauss-Legendre on [−1, 1], positive half (Abramowitz & Stegun, table 25.4). */
const GAUSS: readonly (readonly [number, number])[] = [
  [0.1252334085114689, 0.2491470458134028],
  [0.3678314989981802, 0.2334925365383548],
  [0.5873179542866175, 0.2031674267230659],
  [0.7699026741943047, 0.1600783285433462],
  [0.9041172563704749, 0.1069393259953184],
  [0.9815606342467192, 0.04717533638651183],
];

const splitArc = (edge: Extract<Edge, { kind: 'arc' }>): Edge[] => {
  const pieces = Math.max(1, Math.ceil(Math.abs(edge.sweep) / (Math.PI / 2) - 1e-9));
  const sweep = edge.sweep / pieces;
  return Array.from({ length: pieces }, (_, i) => ({ ...edge, start: edge.start + i * sweep, sweep }));
};

const addEdge = (sum: number[], edge: Edge): void => {
  for (const [node, weight] of GAUSS) {
    for (const side of [-1, 1]) {
      const s = (1 + side * node) / 2;
      let y: number;
      let z: number;
      let dz: number;
      if (edge.kind === 'line') {
        y = edge.y0 + (edge.y1 - edge.y0) * s;
        z = edge.z0 + (edge.z1 - edge.z0) * s;
        dz = edge.z1 - edge.z0;
      } else {
        const angle = edge.start + edge.sweep * s;
        y = edge.y + edge.radius * Math.cos(angle);
        z = edge.z + edge.radius * Math.sin(angle);
        dz = edge.radius * Math.cos(angle) * edge.sweep;
      }
      const w = (weight / 2) * dz;
      const terms = [y, (y * y) / 2, y * z, y ** 3 / 3, y * z * z, (y * y * z) / 2];
      terms.forEach((term, i) => {
        sum[i] = (sum[i] as number) + term * w;
      });
    }
  }
};

export const areaIntegrals = (outline: Outline): AreaIntegrals => {
  const sum = [0, 0, 0, 0, 0, 0];
  for (const edge of outline) {
    for (const piece of edge.kind === 'arc' ? splitArc(edge) : [edge]) addEdge(sum, piece);
  }
  const [area = 0, y = 0, z = 0, yy = 0, zz = 0, yz = 0] = sum;
  return { area, y, z, yy, zz, yz };
};

const TURN = 2 * Math.PI;

/** Parts of an edge at or below the level; what closes them runs along z = level, where dz = 0 adds nothing. */
const partsBelow = (edge: Edge, level: number): Edge[] => {
  if (edge.kind === 'line') {
    const { y0, z0, y1, z1 } = edge;
    if (z0 <= level && z1 <= level) return [edge];
    if (z0 > level && z1 > level) return [];
    const s = (level - z0) / (z1 - z0);
    const y = y0 + (y1 - y0) * s;
    return z0 <= level ? [{ kind: 'line', y0, z0, y1: y, z1: level }] : [{ kind: 'line', y0: y, z0: level, y1, z1 }];
  }
  const ratio = (level - edge.z) / edge.radius;
  if (ratio >= 1) return [edge];
  if (ratio <= -1) return [];
  const crossing = Math.asin(ratio);
  const cuts = [0, 1];
  for (const root of [crossing, Math.PI - crossing]) {
    for (let turn = -2; turn <= 2; turn += 1) {
      const s = (root + turn * TURN - edge.start) / edge.sweep;
      if (s > 0 && s < 1) cuts.push(s);
    }
  }
  cuts.sort((a, b) => a - b);
  const parts: Edge[] = [];
  for (let i = 0; i + 1 < cuts.length; i += 1) {
    const from = cuts[i] as number;
    const to = cuts[i + 1] as number;
    const middle = edge.start + (edge.sweep * (from + to)) / 2;
    if (edge.z + edge.radius * Math.sin(middle) <= level) {
      parts.push({ ...edge, start: edge.start + edge.sweep * from, sweep: edge.sweep * (to - from) });
    }
  }
  return parts;
};

/** Area of what lies at or below a level, m². */
export const areaBelow = (outline: Outline, level: number): number =>
  areaIntegrals(outline.flatMap((edge) => partsBelow(edge, level))).area;

/** The same outline with y and z exchanged, still traced with the material on the left. */
export const exchangeAxes = (outline: Outline): Edge[] =>
  outline.map((edge) =>
    edge.kind === 'line'
      ? { kind: 'line', y0: edge.z1, z0: edge.y1, y1: edge.z0, z1: edge.y0 }
      : { ...edge, y: edge.z, z: edge.y, start: Math.PI / 2 - edge.start - edge.sweep, sweep: edge.sweep },
  );

export interface PlasticAxis {
  /** level that halves the area, m */
  readonly level: number;
  /** plastic section modulus about it, m³ */
  readonly modulus: number;
}

/** Equal-area axis parallel to y and the plastic modulus about it; bisection down to the spacing of floating-point numbers. */
export const plasticAxis = (outline: Outline, height: number): PlasticAxis => {
  const whole = areaIntegrals(outline);
  const below = (level: number): AreaIntegrals => areaIntegrals(outline.flatMap((edge) => partsBelow(edge, level)));
  let low = 0;
  let high = height;
  while (true) {
    const middle = (low + high) / 2;
    if (middle <= low || middle >= high) break;
    if (below(middle).area < whole.area / 2) low = middle;
    else high = middle;
  }
  const level = (low + high) / 2;
  const lower = below(level);
  const modulus = whole.z - lower.z - level * (whole.area - lower.area) + (level * lower.area - lower.z);
  return { level, modulus };
};
