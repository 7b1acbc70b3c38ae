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

const distinct = (places: readonly number[]): number[] => {
  const sorted = Float64Array.from(places).sort();
  const own: number[] = [];
  for (let i = 0; i < sorted.length; i += 1) {
    const place = sorted[i] as number;
    if (i === 0 || place - (sorted[i - 1] as number) > SAME_PLACE_M) own.push(place);
  }
  return own;
};

const isPoint = ({ fromM, toM }: BeamLoads['spreads'][number]): boolean => toM - fromM <= SAME_PLACE_M;

/** Index of the place that this one is. */
const indexOf = (places: readonly number[], xM: number): number => {
  let [low, high] = [0, places.length - 1];
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((places[middle] as number) < xM - SAME_PLACE_M) low = middle + 1;
    else high = middle;
  }
  return low;
};

/** Cuts the beam at every load and at `breaks`; loads outside its ends count at the end they lie beyond. */
export const beamPieces = (loads: BeamLoads, breaks: readonly number[]): BeamPiece[] => {
  const all: number[] = [...breaks];
  for (const { xM } of loads.forces) all.push(xM);
  for (const { xM } of loads.couples) all.push(xM);
  for (const spread of loads.spreads)
    if (isPoint(spread)) all.push((spread.fromM + spread.toM) / 2);
    else all.push(spread.fromM, spread.toM);
  const places = distinct(all);
  const count = places.length;
  // What comes in at each place, and the even load on each stretch behind it.
  const force = new Float64Array(count);
  const couple = new Float64Array(count);
  const even = new Float64Array(count);
  for (const { xM, upN } of loads.forces) add(force, indexOf(places, xM), upN);
  for (const spread of loads.spreads) {
    const { fromM, toM, downN } = spread;
    if (isPoint(spread)) {
      add(force, indexOf(places, (fromM + toM) / 2), -downN);
      continue;
    }
    const w = downN / (toM - fromM);
    const end = indexOf(places, toM);
    for (let i = indexOf(places, fromM); i < end; i += 1) add(even, i, w);
  }
  for (const { xM, momentNm } of loads.couples) add(couple, indexOf(places, xM), momentNm);
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
