/**
 * A straight beam under known forces, worked out piece by piece without sampling: on each piece the moment is a polynomial of
 * degree two. Signs: forces up positive, moment positive where the beam sags (tension below), deflection up positive. N, m.
 */
export interface BeamLoads {
  readonly forces: readonly { readonly xM: number; readonly upN: number }[];
  /** even loads; one of no length counts as a force */
  readonly spreads: readonly { readonly fromM: number; readonly toM: number; readonly downN: number }[];
  /** added to the moment from xM on */
  readonly couples: readonly { readonly xM: number; readonly momentNm: number }[];
}

/** M(s) = m0 + v0·s − w·s²/2 and V(s) = v0 − w·s with s from `fromM`. */
export interface BeamPiece {
  readonly fromM: number;
  readonly toM: number;
  readonly m0: number;
  readonly v0: number;
  readonly w: number;
}

export const momentAt = (piece: BeamPiece, s: number): number => piece.m0 + piece.v0 * s - (piece.w * s * s) / 2;
const shearAt = (piece: BeamPiece, s: number): number => piece.v0 - piece.w * s;

/** Places nearer than this are one, m. */
const SAME_PLACE_M = 1e-9;

const add = (sums: Float64Array, at: number, value: number): void => {
  sums[at] = (sums[at] as number) + value;
};

/** Memory for one beam's sums, used again by the next: it is done with before that begins. Makes four arrays of a few hundred numbers each. */
let memory = new Float64Array(4 * 256);
const room = (count: number): readonly [Float64Array, Float64Array, Float64Array, Float64Array] => {
  if (memory.length < 4 * count) memory = new Float64Array(8 * count);
  memory.fill(0, 0, 4 * count);
  const part = (i: number): Float64Array => memory.subarray(i * count, (i + 1) * count);
  return [part(0), part(1), part(2), part(3)];
};

/** Sorts in place and moves up what is distinct; how many these are. */
const distinct = (places: Float64Array): number => {
  places.sort();
  let count = 0;
  for (let i = 0; i < places.length; i += 1) {
    const place = places[i] as number;
    if (i > 0 && !(place - (places[i - 1] as number) > SAME_PLACE_M)) continue;
    places[count] = place;
    count += 1;
  }
  return count;
};

const isPoint = ({ fromM, toM }: BeamLoads['spreads'][number]): boolean => toM - fromM <= SAME_PLACE_M;
const middleOf = ({ fromM, toM }: BeamLoads['spreads'][number]): number => (fromM + toM) / 2;

/** Index of the place that this one is, among the first so many. */
const indexOf = (places: Float64Array, count: number, xM: number): number => {
  let [low, high] = [0, count - 1];
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((places[middle] as number) < xM - SAME_PLACE_M) low = middle + 1;
    else high = middle;
  }
  return low;
};

/** Cuts the beam at every load and at `breaks`; loads outside its ends count at the end they lie beyond. */
export const beamPieces = (loads: BeamLoads, breaks: readonly number[]): BeamPiece[] => {
  // What comes in at each place, and the even load on each stretch behind it.
  const [places, force, couple, even] = room(
    breaks.length + loads.forces.length + loads.couples.length + 2 * loads.spreads.length,
  );
  let filled = 0;
  const cut = (xM: number): void => {
    places[filled] = xM;
    filled += 1;
  };
  for (const xM of breaks) cut(xM);
  for (const { xM } of loads.forces) cut(xM);
  for (const { xM } of loads.couples) cut(xM);
  for (const spread of loads.spreads) {
    cut(isPoint(spread) ? middleOf(spread) : spread.fromM);
    if (!isPoint(spread)) cut(spread.toM);
  }
  const count = distinct(places.subarray(0, filled));
  for (const { xM, upN } of loads.forces) add(force, indexOf(places, count, xM), upN);
  for (const spread of loads.spreads) {
    const { fromM, toM, downN } = spread;
    if (isPoint(spread)) {
      add(force, indexOf(places, count, middleOf(spread)), -downN);
      continue;
    }
    const w = downN / (toM - fromM);
    const end = indexOf(places, count, toM);
    for (let i = indexOf(places, count, fromM); i < end; i += 1) add(even, i, w);
  }
  for (const { xM, momentNm } of loads.couples) add(couple, indexOf(places, count, xM), momentNm);
  const pieces: BeamPiece[] = [];
  let m = 0;
  let v = 0;
  for (let i = 0; i + 1 < count; i += 1) {
    const fromM = places[i] as number;
    const toM = places[i + 1] as number;
    v += force[i] as number;
    m += couple[i] as number;
    const piece = { fromM, toM, m0: m, v0: v, w: even[i] as number };
    pieces.push(piece);
    m = momentAt(piece, toM - fromM);
    v = shearAt(piece, toM - fromM);
  }
  return pieces;
};

export interface BeamExtreme {
  readonly xM: number;
  readonly value: number;
}

/** Largest moment by size on a piece: at an end or where the shear is zero. */
export const largestMoment = (piece: BeamPiece): BeamExtreme => {
  const length = piece.toM - piece.fromM;
  let at = 0;
  let value = piece.m0;
  const atEnd = momentAt(piece, length);
  if (Math.abs(atEnd) > Math.abs(value)) {
    at = length;
    value = atEnd;
  }
  const turning = piece.w === 0 ? -1 : piece.v0 / piece.w;
  if (turning > 0 && turning < length) {
    const between = momentAt(piece, turning);
    if (Math.abs(between) > Math.abs(value)) {
      at = turning;
      value = between;
    }
  }
  return { xM: piece.fromM + at, value };
};

/** Largest shear by size on a piece: at one of its ends. */
export const largestShear = (piece: BeamPiece): BeamExtreme => {
  const atStart = { xM: piece.fromM, value: piece.v0 };
  const atEnd = { xM: piece.toM, value: shearAt(piece, piece.toM - piece.fromM) };
  return Math.abs(atEnd.value) > Math.abs(atStart.value) ? atEnd : atStart;
};

/** Moment at a place; `after` takes the right side of a step. */
export const momentAtPlace = (pieces: readonly BeamPiece[], xM: number): number => {
  const piece = pieces.find(({ fromM, toM }) => fromM <= xM + SAME_PLACE_M && xM <= toM + SAME_PLACE_M);
  return piece ? momentAt(piece, xM - piece.fromM) : 0;
};

export const shearBefore = (pieces: readonly BeamPiece[], xM: number): number => {
  const piece = pieces.find(({ fromM, toM }) => fromM < xM - SAME_PLACE_M && xM <= toM + SAME_PLACE_M);
  return piece ? shearAt(piece, xM - piece.fromM) : 0;
};
