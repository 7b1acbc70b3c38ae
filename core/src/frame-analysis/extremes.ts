import { type InnerAt, innerInPiece, type MemberPieces, momentAt, ROW, shearAt } from './pieces.js';
/** Places in a piece, from its start, where a moment turns: the zeros of its shear, which is of degree two. */
const turnings = (shear: number, intensity: number, growth: number, lengthM: number, into: number[]): void => {
  const keep = (s: number): void => {
    if (s > 0 && s < lengthM) into.push(s);
  };
  const a = growth / 2;
  // shear − intensity·s − growth·s²/2 = 0
  if (Math.abs(a) * lengthM <= 1e-14 * Math.abs(intensity)) {
    if (intensity !== 0) keep(shear / intensity);
    return;
  }
  const disc = intensity * intensity + 4 * a * shear;
  if (disc < 0) return;
  const q = -(intensity + (intensity >= 0 ? 1 : -1) * Math.sqrt(disc)) / 2;
  keep(q / a);
  if (q !== 0) keep(-shear / q);
};

/**
 * Every place of a member where one of its inner forces can be largest: both sides of each break, the zeros of the shears (where the
 * moments turn) and of the load (where the shears turn). Visits them in order.
 */
export const visitPeaks = (
  { breaksM }: MemberPieces,
  rows: Float64Array,
  visit: (xM: number, inner: InnerAt) => void,
): void => {
  const places: number[] = [];
  for (let piece = 0; piece < breaksM.length - 1; piece += 1) {
    const from = breaksM[piece] as number;
    const lengthM = (breaksM[piece + 1] as number) - from;
    const at = piece * ROW;
    const value = (i: number): number => rows[at + i] as number;
    places.length = 0;
    if (value(7) !== 0 || value(10) !== 0) turnings(value(1), value(7), value(10), lengthM, places);
    if (value(8) !== 0 || value(11) !== 0) turnings(value(2), value(8), value(11), lengthM, places);
    for (let j = 0; j < 3; j += 1) {
      if (value(9 + j) === 0) continue;
      const s = -value(6 + j) / value(9 + j);
      if (s > 0 && s < lengthM) places.push(s);
    }
    visit(from, innerInPiece(rows, piece, 0));
    if (places.length > 1) places.sort((a, b) => a - b);
    for (const s of places) visit(from + s, innerInPiece(rows, piece, s));
    visit(from + lengthM, innerInPiece(rows, piece, lengthM));
  }
};

export interface Extreme {
  readonly xM: number;
  readonly value: number;
}
/** In the order of INNER_FORCES. */
export interface InnerExtremes {
  readonly least: number[];
  readonly leastAtM: number[];
  readonly most: number[];
  readonly mostAtM: number[];
}

const consider = (into: InnerExtremes, i: number, xM: number, value: number): void => {
  if (value < (into.least[i] as number)) {
    into.least[i] = value;
    into.leastAtM[i] = xM;
  }
  if (value > (into.most[i] as number)) {
    into.most[i] = value;
    into.mostAtM[i] = xM;
  }
};

/** One bending plane of one piece: `sign` is how its moment grows with its shear. */
const considerPlane = (
  into: InnerExtremes,
  rows: Float64Array,
  at: number,
  plane: { readonly shear: number; readonly moment: number; readonly load: number; readonly sign: 1 | -1 },
  fromM: number,
  lengthM: number,
): void => {
  const { sign } = plane;
  const shear = rows[at + plane.shear] as number;
  const moment = sign * (rows[at + plane.moment] as number);
  const intensity = rows[at + 6 + plane.load] as number;
  const growth = rows[at + 9 + plane.load] as number;
  const toM = fromM + lengthM;
  consider(into, plane.shear, fromM, shear);
  consider(into, plane.moment, fromM, sign * moment);
  consider(into, plane.shear, toM, shearAt(shear, intensity, growth, lengthM));
  consider(into, plane.moment, toM, sign * momentAt(moment, shear, intensity, growth, lengthM));
  if (intensity === 0 && growth === 0) return;
  if (growth !== 0) {
    const s = -intensity / growth;
    if (s > 0 && s < lengthM) consider(into, plane.shear, fromM + s, shearAt(shear, intensity, growth, s));
  }
  // Without growth the shear has one zero, the usual case.
  if (growth === 0) {
    const s = shear / intensity;
    if (s > 0 && s < lengthM) consider(into, plane.moment, fromM + s, sign * momentAt(moment, shear, intensity, 0, s));
    return;
  }
  const places: number[] = [];
  turnings(shear, intensity, growth, lengthM, places);
  for (const s of places) {
    consider(into, plane.moment, fromM + s, sign * momentAt(moment, shear, intensity, growth, s));
  }
};

const UPRIGHT_PLANE = { shear: 2, moment: 4, load: 2, sign: 1 } as const;
const LEVEL_PLANE = { shear: 1, moment: 5, load: 1, sign: -1 } as const;

const UNSET = Number.POSITIVE_INFINITY;

/** Least and largest of each inner force along the member, exact, with their places. */
export const innerExtremes = ({ breaksM }: MemberPieces, rows: Float64Array): InnerExtremes => {
  const into: InnerExtremes = {
    least: [UNSET, UNSET, UNSET, UNSET, UNSET, UNSET],
    leastAtM: [0.5, 0.5, 0.5, 0.5, 0.5, 0.5],
    most: [-UNSET, -UNSET, -UNSET, -UNSET, -UNSET, -UNSET],
    mostAtM: [0.5, 0.5, 0.5, 0.5, 0.5, 0.5],
  };
  for (let piece = 0; piece < breaksM.length - 1; piece += 1) {
    const at = piece * ROW;
    const fromM = breaksM[piece] as number;
    const lengthM = (breaksM[piece + 1] as number) - fromM;
    const n = rows[at] as number;
    const q = rows[at + 6] as number;
    const g = rows[at + 9] as number;
    consider(into, 0, fromM, n);
    consider(into, 0, fromM + lengthM, shearAt(n, q, g, lengthM));
    if (g !== 0) {
      const s = -q / g;
      if (s > 0 && s < lengthM) consider(into, 0, fromM + s, shearAt(n, q, g, s));
    }
    consider(into, 3, fromM, rows[at + 3] as number);
    considerPlane(into, rows, at, UPRIGHT_PLANE, fromM, lengthM);
    considerPlane(into, rows, at, LEVEL_PLANE, fromM, lengthM);
  }
  return into;
};
