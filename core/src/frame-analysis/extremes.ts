import { type MemberPieces, momentAt, ROW, shearAt } from './pieces.js';

/** Writes a place behind `count` others if it lies in the piece; returns how many there are then. */
const keptInside = (s: number, lengthM: number, into: number[], count: number): number => {
  if (!(s > 0 && s < lengthM)) return count;
  into[count] = s;
  return count + 1;
};

/** Places in a piece, from its start, where a moment turns: the zeros of its shear, which is of degree two. Written behind `count` others; returns how many there are then. */
const turnings = (
  shear: number,
  intensity: number,
  growth: number,
  lengthM: number,
  into: number[],
  count: number,
): number => {
  const a = growth / 2;
  // shear − intensity·s − growth·s²/2 = 0
  if (Math.abs(a) * lengthM <= 1e-14 * Math.abs(intensity))
    return intensity === 0 ? count : keptInside(shear / intensity, lengthM, into, count);
  const disc = intensity * intensity + 4 * a * shear;
  if (disc < 0) return count;
  const q = -(intensity + (intensity >= 0 ? 1 : -1) * Math.sqrt(disc)) / 2;
  const found = keptInside(q / a, lengthM, into, count);
  return q === 0 ? found : keptInside(-shear / q, lengthM, into, found);
};

/** Places of one member, each by its piece and how far from that piece's start, m; only the first so many of the last search count. */
export interface Places {
  readonly piece: number[];
  readonly sM: number[];
}
export const noPlaces = (): Places => ({ piece: [], sM: [] });

/** Whether a point load stands behind the piece at this place in `rows`. */
const steps = (rows: Float64Array, at: number, lengthM: number): boolean => {
  for (let i = 0; i < 3; i += 1) {
    const end = shearAt(rows[at + i] as number, rows[at + 6 + i] as number, rows[at + 9 + i] as number, lengthM);
    if (end !== rows[at + ROW + i]) return true;
  }
  return false;
};

/**
 * Every place of a member where one of its inner forces can be largest: ends of each piece, the zeros of the shears (where the
 * moments turn) and of the load (where the shears turn). Written into `into`, in which thousands of searches may follow each other;
 * returns how many there are. Those between the ends of a piece come in no order.
 */
export const findPeaks = ({ breaksM }: MemberPieces, rows: Float64Array, into: Places): number => {
  const { piece: pieces, sM } = into;
  const last = breaksM.length - 2;
  let count = 0;
  for (let piece = 0; piece <= last; piece += 1) {
    const lengthM = (breaksM[piece + 1] as number) - (breaksM[piece] as number);
    const at = piece * ROW;
    const first = count;
    sM[count] = 0;
    count += 1;
    // Where nothing steps, the next piece begins with what this one ends with.
    if (piece === last || steps(rows, at, lengthM)) {
      sM[count] = lengthM;
      count += 1;
    }
    const qy = rows[at + 7] as number;
    const qz = rows[at + 8] as number;
    const gy = rows[at + 10] as number;
    const gz = rows[at + 11] as number;
    if (qy !== 0 || gy !== 0) count = turnings(rows[at + 1] as number, qy, gy, lengthM, sM, count);
    if (qz !== 0 || gz !== 0) count = turnings(rows[at + 2] as number, qz, gz, lengthM, sM, count);
    for (let j = 0; j < 3; j += 1) {
      const growth = rows[at + 9 + j] as number;
      if (growth !== 0) count = keptInside(-(rows[at + 6 + j] as number) / growth, lengthM, sM, count);
    }
    for (let i = first; i < count; i += 1) pieces[i] = piece;
  }
  return count;
};

/** The same as distances from the member's first end, ascending, m. */
export const peaksOf = (member: MemberPieces, rows: Float64Array): number[] => {
  const places = noPlaces();
  const count = findPeaks(member, rows, places);
  const { piece, sM } = places;
  return Array.from(
    { length: count },
    (_, i) => (member.breaksM[piece[i] as number] as number) + (sM[i] as number),
  ).sort((a, b) => a - b);
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
  turnings(shear, intensity, growth, lengthM, places, 0);
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
