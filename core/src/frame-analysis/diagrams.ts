import type { Vector3 } from './frame.js';
import { type Polynomial, signChanges, valueAt } from './polynomial.js';
import type { PreparedMember, UnheldFrame } from './prepare.js';
import type { LocalLoad, ReadyLoads } from './loads.js';
import type { PatternSolution } from './solve.js';

/**
 * Inner forces of a member at x from its first end, exact, piece by piece between its loads. They are what the far part does to the
 * near one: normal force N (tension positive), shears Vy, Vz, twist T, moments My, Mz about the local axes. A load along −z sags the member and makes My negative.
 */
export const INNER_FORCES = ['n', 'vy', 'vz', 't', 'my', 'mz'] as const;
export type InnerForce = (typeof INNER_FORCES)[number];

/** Numbers per piece: the six inner forces at its start, the load's intensity there (x, y, z) and how it grows per metre. */
const ROW = 12;

export interface MemberPieces {
  readonly lengthM: number;
  /** ends of the pieces, ascending, 0 first and the length last */
  readonly breaksM: Float64Array;
}

/** Breaks nearer than this share of the length are one. */
const SAME_PLACE = 1e-9;

const breaksOf = (lengthM: number, loads: Iterable<LocalLoad>): Float64Array => {
  const places = [0, lengthM];
  for (const load of loads) {
    if (load.kind === 'point') places.push(load.atM);
    else places.push(load.fromM, load.toM);
  }
  places.sort((a, b) => a - b);
  const distinct = places.filter((x, i) => i === 0 || x - (places[i - 1] as number) > SAME_PLACE * lengthM);
  distinct[distinct.length - 1] = lengthM;
  return Float64Array.from(distinct);
};

/** Pieces of one member that suit all of these loads, so that their inner forces can be added up piece by piece. */
export const piecesOf = (
  { axes: { lengthM } }: PreparedMember,
  index: number,
  loads: readonly ReadyLoads[],
): MemberPieces => ({
  lengthM,
  breaksM: breaksOf(
    lengthM,
    loads.flatMap(({ own }) => own.get(index) ?? []),
  ),
});

/** The same of every member. */
export const memberPieces = ({ members }: UnheldFrame, loads: readonly ReadyLoads[]): readonly MemberPieces[] =>
  members.map((member, index) => piecesOf(member, index, loads));

/** Numbers per piece of what a load does along it: what steps at its start (x, y, z), the intensity there, its growth. */
const LOAD_ROW = 9;

/** What a member's loads do along its pieces, added to `into` from `at`: LOAD_ROW numbers per piece. */
const addAlongPieces = (
  { breaksM, lengthM }: MemberPieces,
  loads: readonly LocalLoad[],
  into: Float64Array,
  start: number,
): void => {
  const add = (at: number, values: Vector3, factor: number): void => {
    for (let j = 0; j < 3; j += 1) into[at + j] = (into[at + j] as number) + factor * (values[j] as number);
  };
  const slip = SAME_PLACE * lengthM;
  for (let p = 0; p < breaksM.length - 1; p += 1) {
    const from = breaksM[p] as number;
    const to = breaksM[p + 1] as number;
    const at = start + p * LOAD_ROW;
    for (const load of loads) {
      if (load.kind === 'point') {
        // A load at a break steps the shear before the piece that begins there; one at the far end does so behind all pieces.
        if (Math.abs(load.atM - from) <= slip) add(at, load.forceN, 1);
        continue;
      }
      const span = load.toM - load.fromM;
      if (!(span > 0) || load.fromM > from + slip || load.toM < to - slip) continue;
      const gone = (from - load.fromM) / span;
      add(at + 3, load.startNPerM, 1 - gone);
      add(at + 3, load.endNPerM, gone);
      add(at + 6, load.startNPerM, -1 / span);
      add(at + 6, load.endNPerM, 1 / span);
    }
  }
};

/** All members' pieces one behind the other, so that what stands on them adds up in one flat array. */
export interface PieceLayout {
  readonly pieces: readonly MemberPieces[];
  /** the first piece of each member; behind the last, how many there are */
  readonly starts: Int32Array;
}

export const layPieces = (pieces: readonly MemberPieces[]): PieceLayout => {
  const starts = new Int32Array(pieces.length + 1);
  pieces.forEach(({ breaksM }, i) => {
    starts[i + 1] = (starts[i] as number) + breaksM.length - 1;
  });
  return { pieces, starts };
};

/** How many numbers `pieceLoads` gives. */
export const pieceRoom = ({ pieces, starts }: PieceLayout): number => (starts[pieces.length] as number) * LOAD_ROW;

/** What loads do along all pieces, in the form that adds up: for `memberInner`. The pieces must suit them. */
export const pieceLoads = (layout: PieceLayout, { own }: ReadyLoads): Float64Array => {
  const { pieces, starts } = layout;
  const into = new Float64Array(pieceRoom(layout));
  for (const [index, loads] of own)
    addAlongPieces(pieces[index] as MemberPieces, loads, into, (starts[index] as number) * LOAD_ROW);
  return into;
};

/** Σ factor × array, all of one length, into `sum`: superposition of end forces, or of what stands on pieces. */
export const weightedSum = (
  arrays: readonly Float64Array[],
  factors: ArrayLike<number>,
  sum: Float64Array,
): Float64Array => {
  sum.fill(0);
  const { length } = sum;
  for (let k = 0; k < arrays.length; k += 1) {
    const factor = factors[k] as number;
    if (factor === 0) continue;
    const values = arrays[k] as Float64Array;
    for (let i = 0; i < length; i += 1) sum[i] = (sum[i] as number) + factor * (values[i] as number);
  }
  return sum;
};

/** From end forces and loads, each from its place on, to the inner forces at every piece's start, into `rows`: ROW numbers per piece. */
const alongPieces = (
  breaksM: Float64Array,
  endForces: Float64Array,
  endAt: number,
  loads: Float64Array,
  loadsAt: number,
  rows: Float64Array,
): Float64Array => {
  const count = breaksM.length - 1;
  let n = -(endForces[endAt] as number);
  let vy = -(endForces[endAt + 1] as number);
  let vz = -(endForces[endAt + 2] as number);
  const t = -(endForces[endAt + 3] as number);
  let my = -(endForces[endAt + 4] as number);
  let mz = -(endForces[endAt + 5] as number);
  for (let p = 0; p < count; p += 1) {
    const from = loadsAt + p * LOAD_ROW;
    const at = p * ROW;
    n -= loads[from] as number;
    vy -= loads[from + 1] as number;
    vz -= loads[from + 2] as number;
    rows[at] = n;
    rows[at + 1] = vy;
    rows[at + 2] = vz;
    rows[at + 3] = t;
    rows[at + 4] = my;
    rows[at + 5] = mz;
    for (let j = 0; j < 6; j += 1) rows[at + 6 + j] = loads[from + 3 + j] as number;
    const s = (breaksM[p + 1] as number) - (breaksM[p] as number);
    const qx = rows[at + 6] as number;
    const qy = rows[at + 7] as number;
    const qz = rows[at + 8] as number;
    const gx = rows[at + 9] as number;
    const gy = rows[at + 10] as number;
    const gz = rows[at + 11] as number;
    my = momentAt(my, vz, qz, gz, s);
    mz = -momentAt(-mz, vy, qy, gy, s);
    n = shearAt(n, qx, gx, s);
    vy = shearAt(vy, qy, gy, s);
    vz = shearAt(vz, qz, gz, s);
  }
  return rows;
};

/** Room for a member's inner forces along its pieces. */
export const innerRoom = ({ breaksM }: MemberPieces): Float64Array => new Float64Array((breaksM.length - 1) * ROW);

/** Inner forces of one member from the end forces of all members (twelve each) and what stands on all pieces, into `rows`. */
export const memberInner = (
  { pieces, starts }: PieceLayout,
  index: number,
  endForces: Float64Array,
  loads: Float64Array,
  rows: Float64Array,
): Float64Array =>
  alongPieces(
    (pieces[index] as MemberPieces).breaksM,
    endForces,
    index * ROW,
    loads,
    (starts[index] as number) * LOAD_ROW,
    rows,
  );

/** Inner forces of one member in one solution. */
export const innerForces = (
  pieces: MemberPieces,
  memberIndex: number,
  { endForces, loads }: PatternSolution,
): Float64Array => {
  const own = new Float64Array((pieces.breaksM.length - 1) * LOAD_ROW);
  addAlongPieces(pieces, loads.own.get(memberIndex) ?? [], own, 0);
  return alongPieces(pieces.breaksM, endForces, memberIndex * ROW, own, 0, innerRoom(pieces));
};

/** Shear − intensity·s − growth·s²/2, and its integral from `moment`: what the shear and the moment of one plane are at s. */
const shearAt = (shear: number, intensity: number, growth: number, s: number): number =>
  shear - intensity * s - (growth * s * s) / 2;
const momentAt = (moment: number, shear: number, intensity: number, growth: number, s: number): number =>
  moment + shear * s - (intensity * s * s) / 2 - (growth * s * s * s) / 6;

export type InnerAt = Readonly<Record<InnerForce, number>>;

/** Inner forces at s from the start of a piece. */
export const innerInPiece = (rows: Float64Array, piece: number, s: number): InnerAt => {
  const at = piece * ROW;
  const value = (i: number): number => rows[at + i] as number;
  return {
    n: shearAt(value(0), value(6), value(9), s),
    vy: shearAt(value(1), value(7), value(10), s),
    vz: shearAt(value(2), value(8), value(11), s),
    t: value(3),
    my: momentAt(value(4), value(2), value(8), value(11), s),
    mz: -momentAt(-value(5), value(1), value(7), value(10), s),
  };
};

/** Inner forces at x; just behind a point load that stands there. */
export const innerAt = ({ breaksM }: MemberPieces, rows: Float64Array, xM: number): InnerAt => {
  let piece = 0;
  while (piece < breaksM.length - 2 && xM >= (breaksM[piece + 1] as number)) piece += 1;
  return innerInPiece(rows, piece, xM - (breaksM[piece] as number));
};

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

/** Movement of the member's line along one local axis, a polynomial of degree five on each piece, from the piece's start. */
export interface Deflection {
  readonly breaksM: Float64Array;
  readonly pieces: readonly Polynomial[];
}

/** How far the member's own line moves along x, y, z (local), exact: inner forces ÷ stiffness, integrated from its first end. */
export const deflections = (
  { breaksM }: MemberPieces,
  rows: Float64Array,
  { member }: PreparedMember,
  endMovements: ArrayLike<number>,
): readonly [Deflection, Deflection, Deflection] => {
  const ea = member.elasticPa * member.areaM2;
  const eiy = member.elasticPa * member.iyM4;
  const eiz = member.elasticPa * member.izM4;
  const soft = (area: number | undefined): number => (area === undefined ? 0 : 1 / (member.shearPa * area));
  const [softY, softZ] = [soft(member.shearAreaYM2), soft(member.shearAreaZM2)];
  const start = (i: number): number => endMovements[i] as number;
  let [u, v, w, ry, rz] = [start(0), start(1), start(2), start(4), start(5)];
  const along: Polynomial[] = [];
  const sideways: Polynomial[] = [];
  const upward: Polynomial[] = [];
  for (let piece = 0; piece < breaksM.length - 1; piece += 1) {
    const s = (breaksM[piece + 1] as number) - (breaksM[piece] as number);
    const value = (i: number): number => rows[piece * ROW + i] as number;
    const [n, vy, vz, my, mz] = [value(0), value(1), value(2), value(4), value(5)];
    const [qx, qy, qz, gx, gy, gz] = [value(6), value(7), value(8), value(9), value(10), value(11)];
    const stretch = [u, n / ea, -qx / (2 * ea), -gx / (6 * ea)];
    // v″ = Mz/EIz with Mz = mz − vy·s + qy·s²/2 + gy·s³/6; shear adds its own slope.
    const side = [
      v,
      rz + vy * softY,
      mz / (2 * eiz) - (qy / 2) * softY,
      -vy / (6 * eiz) - (gy / 6) * softY,
      qy / (24 * eiz),
      gy / (120 * eiz),
    ];
    // w″ = −My/EIy with My = my + vz·s − qz·s²/2 − gz·s³/6.
    const up = [
      w,
      -ry + vz * softZ,
      -my / (2 * eiy) - (qz / 2) * softZ,
      -vz / (6 * eiy) - (gz / 6) * softZ,
      qz / (24 * eiy),
      gz / (120 * eiy),
    ];
    along.push(stretch);
    sideways.push(side);
    upward.push(up);
    u = valueAt(stretch, s);
    v = valueAt(side, s);
    w = valueAt(up, s);
    rz += (mz * s - (vy * s * s) / 2 + (qy * s ** 3) / 6 + (gy * s ** 4) / 24) / eiz;
    ry += (my * s + (vz * s * s) / 2 - (qz * s ** 3) / 6 - (gz * s ** 4) / 24) / eiy;
  }
  return [
    { breaksM, pieces: along },
    { breaksM, pieces: sideways },
    { breaksM, pieces: upward },
  ];
};

export const deflectionAt = ({ breaksM, pieces }: Deflection, xM: number): number => {
  let piece = 0;
  while (piece < pieces.length - 1 && xM >= (breaksM[piece + 1] as number)) piece += 1;
  return valueAt(pieces[piece] as Polynomial, xM - (breaksM[piece] as number));
};

/** Where the line is furthest from the straight line between two of its own places, and how far; exact. */
export const largestBow = (line: Deflection): Extreme => {
  const { breaksM, pieces } = line;
  const lengthM = breaksM.at(-1) as number;
  const startM = deflectionAt(line, 0);
  const slope = (deflectionAt(line, lengthM) - startM) / lengthM;
  let worst: Extreme = { xM: 0, value: 0 };
  pieces.forEach((piece, i) => {
    const from = breaksM[i] as number;
    const bow = Array.from(piece, (c, k) => (k === 0 ? c - startM - slope * from : k === 1 ? c - slope : c));
    const to = (breaksM[i + 1] as number) - from;
    const turns = signChanges(
      bow.slice(1).map((c, k) => (k + 1) * c),
      0,
      to,
    );
    for (const s of [0, ...turns, to]) {
      const value = valueAt(bow, s);
      if (Math.abs(value) > Math.abs(worst.value)) worst = { xM: from + s, value };
    }
  });
  return worst;
};

/** A vector of the member's own axes as [along, sideways, up] at x. */
export const movementAt = (lines: readonly [Deflection, Deflection, Deflection], xM: number): Vector3 => [
  deflectionAt(lines[0], xM),
  deflectionAt(lines[1], xM),
  deflectionAt(lines[2], xM),
];
