import type { Vector3 } from './frame.js';
import type { PreparedMember, UnheldFrame } from './prepare.js';
import { type LocalLoad, loadsOn, type ReadyLoads } from './loads.js';
import type { PatternSolution } from './solve.js';

/**
 * Inner forces of a member at x from its first end, exact, piece by piece between its loads. They are what the far part does to the
 * near one: normal force N (tension positive), shears Vy, Vz, twist T, moments My, Mz about the local axes. A load along −z sags the member and makes My negative.
 */
export const INNER_FORCES = ['n', 'vy', 'vz', 't', 'my', 'mz'] as const;
export type InnerForce = (typeof INNER_FORCES)[number];

/** Numbers per piece: the six inner forces at its start, the load's intensity there (x, y, z) and how it grows per metre. */
export const ROW = 12;

export interface MemberPieces {
  readonly lengthM: number;
  /** ends of the pieces, ascending, 0 first and the length last */
  readonly breaksM: Float64Array;
}

/** Breaks nearer than this share of the length are one. */
const SAME_PLACE = 1e-9;

const breaksOf = (lengthM: number, loads: readonly LocalLoad[]): Float64Array => {
  const places = [0, lengthM];
  if (loads.length === 0) return Float64Array.from(places);
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
    loads.flatMap((ready) => loadsOn(ready, index)),
  ),
});

/** The same of every member. */
export const memberPieces = ({ members }: UnheldFrame, loads: readonly ReadyLoads[]): readonly MemberPieces[] => {
  const all = members.map((): LocalLoad[] => []);
  for (const { standing } of loads)
    for (const own of standing) for (const [index, some] of own) all[index]?.push(...some);
  return members.map(({ axes: { lengthM } }, index) => ({
    lengthM,
    breaksM: breaksOf(lengthM, all[index] as LocalLoad[]),
  }));
};

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

/** Where so many zeroes come from. */
type TakeRoom = UnheldFrame['take'];
const ownRoom: TakeRoom = (count) => new Float64Array(count);

/** How many numbers `pieceLoads` gives. */
export const pieceRoom = ({ pieces, starts }: PieceLayout): number => (starts[pieces.length] as number) * LOAD_ROW;

/** What loads do along all pieces, in the form that adds up: for `memberInner`. The pieces must suit them. */
export const pieceLoads = (layout: PieceLayout, { standing }: ReadyLoads, take: TakeRoom = ownRoom): Float64Array => {
  const { pieces, starts } = layout;
  const into = take(pieceRoom(layout));
  for (const own of standing)
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
export const innerRoom = ({ breaksM }: MemberPieces, take: TakeRoom = ownRoom): Float64Array =>
  take((breaksM.length - 1) * ROW);

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
  addAlongPieces(pieces, loadsOn(loads, memberIndex), own, 0);
  return alongPieces(pieces.breaksM, endForces, memberIndex * ROW, own, 0, innerRoom(pieces));
};

/** Shear − intensity·s − growth·s²/2, and its integral from `moment`: what the shear and the moment of one plane are at s. */
export const shearAt = (shear: number, intensity: number, growth: number, s: number): number =>
  shear - intensity * s - (growth * s * s) / 2;
export const momentAt = (moment: number, shear: number, intensity: number, growth: number, s: number): number =>
  moment + shear * s - (intensity * s * s) / 2 - (growth * s * s * s) / 6;

export type InnerAt = Readonly<Record<InnerForce, number>>;

/** Inner forces to write on, for looking at many places without keeping them. */
export type WritableInner = Record<InnerForce, number>;
export const noInner = (): WritableInner => ({ n: 0, vy: 0, vz: 0, t: 0, my: 0, mz: 0 });

/** Inner forces at s from the start of a piece, into `into`. */
export const innerInPiece = (rows: Float64Array, piece: number, s: number, into: WritableInner): WritableInner => {
  const at = piece * ROW;
  into.n = shearAt(rows[at] as number, rows[at + 6] as number, rows[at + 9] as number, s);
  const vy = rows[at + 1] as number;
  const vz = rows[at + 2] as number;
  const qy = rows[at + 7] as number;
  const qz = rows[at + 8] as number;
  const gy = rows[at + 10] as number;
  const gz = rows[at + 11] as number;
  into.vy = shearAt(vy, qy, gy, s);
  into.vz = shearAt(vz, qz, gz, s);
  into.t = rows[at + 3] as number;
  into.my = momentAt(rows[at + 4] as number, vz, qz, gz, s);
  into.mz = -momentAt(-(rows[at + 5] as number), vy, qy, gy, s);
  return into;
};

/** The piece that x lies in; the later one where two meet. */
export const pieceAt = ({ breaksM }: MemberPieces, xM: number): number => {
  let piece = 0;
  while (piece < breaksM.length - 2 && xM >= (breaksM[piece + 1] as number)) piece += 1;
  return piece;
};

/** Inner forces at x; just behind a point load that stands there. */
export const innerAt = (
  pieces: MemberPieces,
  rows: Float64Array,
  xM: number,
  into: WritableInner = noInner(),
): InnerAt => {
  const piece = pieceAt(pieces, xM);
  return innerInPiece(rows, piece, xM - (pieces.breaksM[piece] as number), into);
};
