import type { BeamExtreme, BeamPiece } from './beam.js';

/** A piece with its stiffness and where its left end has come to. */
interface BentPiece extends BeamPiece {
  readonly stiffnessNm2: number;
  readonly slope0: number;
  readonly deflection0: number;
}

/** The elastic line before any support is asked for: zero deflection and slope at the left end. */
export type ElasticLine = readonly BentPiece[];

const slopeIn = (p: BentPiece, s: number): number =>
  p.slope0 + (s * (p.m0 + s * (p.v0 / 2 - (s * p.w) / 6))) / p.stiffnessNm2;
const deflectionIn = (p: BentPiece, s: number): number =>
  p.deflection0 + s * (p.slope0 + (s * (p.m0 / 2 + s * (p.v0 / 6 - (s * p.w) / 24))) / p.stiffnessNm2);

/** Integrates M/EI twice, exactly, piece by piece. Source: Euler-Bernoulli beam, v″ = M/EI. */
export const elasticLine = (pieces: readonly BeamPiece[], stiffnessNm2: (middleM: number) => number): ElasticLine => {
  const line: BentPiece[] = [];
  let slope0 = 0;
  let deflection0 = 0;
  for (const piece of pieces) {
    const { fromM, toM, m0, v0, w } = piece;
    const bent = { fromM, toM, m0, v0, w, stiffnessNm2: stiffnessNm2((fromM + toM) / 2), slope0, deflection0 };
    line.push(bent);
    slope0 = slopeIn(bent, piece.toM - piece.fromM);
    deflection0 = deflectionIn(bent, piece.toM - piece.fromM);
  }
  return line;
};

const pieceAt = (line: ElasticLine, xM: number): BentPiece | undefined =>
  line.find(({ toM }) => xM <= toM) ?? line.at(-1);

export const deflectionAt = (line: ElasticLine, xM: number): number => {
  const piece = pieceAt(line, xM);
  return piece ? deflectionIn(piece, xM - piece.fromM) : 0;
};
export const slopeAt = (line: ElasticLine, xM: number): number => {
  const piece = pieceAt(line, xM);
  return piece ? slopeIn(piece, xM - piece.fromM) : 0;
};

/** A straight line, deflection = at0 + slope·x, taken off the elastic line so that its supports come to rest. */
export interface Chord {
  readonly at0M: number;
  readonly slope: number;
}

const BISECTIONS = 60;

/** Where slope − chord changes sign between a and b, by bisection; undefined where it does not. */
const turning = (p: BentPiece, chord: Chord, a: number, b: number): number | undefined => {
  const f = (s: number): number => slopeIn(p, s) - chord.slope;
  if (f(a) * f(b) > 0) return undefined;
  let low = a;
  let high = b;
  for (let i = 0; i < BISECTIONS; i += 1) {
    const middle = (low + high) / 2;
    if (f(low) * f(middle) <= 0) high = middle;
    else low = middle;
  }
  return (low + high) / 2;
};

/** Roots of the moment inside a piece: between them the slope only rises or only falls. */
const momentRoots = (p: BeamPiece): number[] => {
  const length = p.toM - p.fromM;
  const roots: number[] = [];
  if (p.w === 0) {
    if (p.v0 !== 0) roots.push(-p.m0 / p.v0);
  } else {
    const discriminant = p.v0 ** 2 + 2 * p.w * p.m0;
    if (discriminant >= 0) roots.push((p.v0 - Math.sqrt(discriminant)) / p.w, (p.v0 + Math.sqrt(discriminant)) / p.w);
  }
  return roots.filter((s) => s > 0 && s < length).sort((a, b) => a - b);
};

/** Largest deflection by size off the chord between two places; looked for at every turning point, not by sampling. */
export const largestDeflection = (line: ElasticLine, chord: Chord, fromM: number, toM: number): BeamExtreme => {
  let best: BeamExtreme = { xM: fromM, value: 0 };
  for (const piece of line) {
    const start = Math.max(fromM, piece.fromM) - piece.fromM;
    const end = Math.min(toM, piece.toM) - piece.fromM;
    if (end < start) continue;
    const stops = [start, ...momentRoots(piece).filter((s) => s > start && s < end), end];
    const candidates = [start, end];
    for (let i = 0; i + 1 < stops.length; i += 1) {
      const s = turning(piece, chord, stops[i] as number, stops[i + 1] as number);
      if (s !== undefined) candidates.push(s);
    }
    for (const s of candidates) {
      const xM = piece.fromM + s;
      const value = deflectionIn(piece, s) - chord.at0M - chord.slope * xM;
      if (Math.abs(value) > Math.abs(best.value)) best = { xM, value };
    }
  }
  return best;
};
