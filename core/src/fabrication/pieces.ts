import {
  type BuiltUp,
  type EndCut,
  lineLengthM,
  type Member,
  planArea,
  type PlanPoint,
  reinforcedStretch,
  reinforcementKg,
} from '../chassis/index.js';
import { barProperties } from '../sections/index.js';

/** How the two ends of a piece slant against each other, seen from above. */
export type EndShape = 'square' | 'one-slanted' | 'same-side' | 'parallel';

/** One piece of metal: a bar, one of a doubled bar's two, or one part of a bar that is built in two. */
export interface Piece {
  readonly memberId: string;
  readonly member: Member;
  readonly cutLengthM: number;
  readonly faceLengthM: number;
  readonly ends: readonly [EndCut, EndCut];
  readonly shape: EndShape;
  readonly massKg: number;
  readonly cutLaterM: number;
}

const SQUARE: EndCut = { kind: 'square' };
/** Slants smaller than this are square, m. */
const SQUARE_M = 1e-6;

type Corners = readonly [PlanPoint, PlanPoint, PlanPoint, PlanPoint];

/** Along the piece: where its outer and inner corners lie, front outer, rear outer, rear inner, front inner. */
const alongPiece = ([a, b, c, d]: Corners): readonly [number, number, number, number] => {
  const length = Math.hypot(b[0] - a[0], b[1] - a[1]);
  const [ux, uy] = length > 0 ? [(b[0] - a[0]) / length, (b[1] - a[1]) / length] : [1, 0];
  const at = ([x, y]: PlanPoint): number => (x - a[0]) * ux + (y - a[1]) * uy;
  return [at(a), at(b), at(c), at(d)];
};

const shapeOf = (corners: Corners): EndShape => {
  const [a, b, c, d] = alongPiece(corners);
  const [front, rear] = [d - a, c - b];
  const slanted = [front, rear].filter((slant) => Math.abs(slant) > SQUARE_M).length;
  if (slanted < 2) return slanted === 0 ? 'square' : 'one-slanted';
  return front * rear > 0 ? 'parallel' : 'same-side';
};

const mean = ([ax, ay]: PlanPoint, [bx, by]: PlanPoint): PlanPoint => [(ax + bx) / 2, (ay + by) / 2];

/** Longest and shortest over the corners, in the piece's own length. */
const lengths = (corners: Corners): { readonly longM: number; readonly faceM: number } => {
  const [a, b, c, d] = alongPiece(corners);
  return { longM: Math.max(a, b, c, d) - Math.min(a, b, c, d), faceM: Math.min(b - a, c - d) };
};

/** Of a bar that runs in any direction its two cuts say it. */
const shapeOfEnds = ({ ends, cutLengthM, faceLengthM, line }: Member): EndShape => {
  const slanted = ends.filter(({ kind }) => kind !== 'square').length;
  if (slanted < 2 || !line) return slanted === 0 ? 'square' : 'one-slanted';
  const middleM = lineLengthM(line);
  return Math.abs(faceLengthM - middleM) < (cutLengthM - middleM) / 2 ? 'parallel' : 'same-side';
};

const cornersOf = ({ plan }: Member): Corners | undefined =>
  plan.length === 4 ? (plan as unknown as Corners) : undefined;

/** Both pieces of a doubled bar with slanted ends: the outer one and the inner one have their own lengths. */
const halves = (member: Member, corners: Corners): Piece[] => {
  const [a, b, c, d] = corners;
  const [front, rear] = [mean(a, d), mean(b, c)];
  const whole = lengths(corners);
  // What slopes or reaches into something is longer than its outline by as much in each piece.
  const slant = (member.cutLengthM - member.intoM) / whole.longM;
  const areaM2 = planArea(member.plan).areaM2;
  const own = [
    [a, b, rear, front],
    [front, rear, c, d],
  ] as const;
  return own.map((half): Piece => {
    const { longM, faceM } = lengths(half);
    return {
      memberId: member.id,
      member,
      cutLengthM: longM * slant + member.intoM,
      faceLengthM: faceM * slant + member.intoM,
      ends: member.ends,
      shape: shapeOf(half),
      massKg: (member.massKg * planArea(half).areaM2) / areaM2,
      cutLaterM: member.cutLaterM,
    };
  });
};

/** Less than this is no length to weld on, m. */
const LEAST_PIECE_M = 0.02;

/** Lengths that are welded together end on end; square where they meet. */
const spliced = (whole: Piece, splicesM: readonly number[]): readonly Piece[] => {
  const { member, cutLengthM, faceLengthM, ends } = whole;
  const stops = [0, ...splicesM, cutLengthM];
  const last = stops.length - 2;
  // What its slants take off the shorter face comes off its outer lengths.
  const shortM = cutLengthM - faceLengthM;
  const slanted = ends.filter(({ kind }) => kind !== 'square').length;
  const parts = stops.slice(0, -1).map((from, i): Piece => {
    const lengthM = (stops[i + 1] as number) - from;
    const own = [i === 0 ? ends[0] : SQUARE, i === last ? ends[1] : SQUARE] as const;
    const ownSlanted = own.filter(({ kind }) => kind !== 'square').length;
    return {
      ...whole,
      cutLengthM: lengthM,
      faceLengthM: lengthM - (slanted > 0 ? (shortM * ownSlanted) / slanted : 0),
      ends: own,
      shape: ownSlanted === 0 ? 'square' : 'one-slanted',
      massKg: (whole.massKg * lengthM) / cutLengthM,
      cutLaterM: i === 0 ? whole.cutLaterM : 0,
    };
  });
  return member.pieces === 2 ? [...parts, ...parts] : parts;
};

/** What makes a bar stronger, and over how much of it, m along it: all of it where nothing is said. */
export const reinforcementOf = (
  member: Member,
): { readonly builtUp: BuiltUp; readonly fromM: number; readonly toM: number } | undefined => {
  const { reinforced, builtUp, cutLengthM } = member;
  if (builtUp) return builtUp.how.kind === 'boxed' ? undefined : { builtUp, fromM: 0, toM: cutLengthM };
  const stretch = reinforced && reinforcedStretch(reinforced, cutLengthM);
  return reinforced && stretch && { builtUp: reinforced.builtUp, ...stretch };
};

/** The bar inside a tube, cut square. */
const insidePieces = (member: Member): readonly Piece[] => {
  const found = reinforcementOf(member);
  const how = found?.builtUp.how;
  if (!found || how?.kind !== 'sleeved') return [];
  const lengthM = found.toM - found.fromM;
  const areaM2 = barProperties(how.inner)?.nominalAreaM2 ?? 0;
  return [
    {
      memberId: member.id,
      member: { ...member, section: how.inner },
      cutLengthM: lengthM,
      faceLengthM: lengthM,
      ends: [SQUARE, SQUARE],
      shape: 'square',
      massKg: areaM2 * lengthM * member.material.densityKgM3,
      cutLaterM: 0,
    },
  ];
};

/** Of what the yard sells, the bars in a built-up one: both halves of a box; of one that is reinforced the bare bar. */
const baseOf = (member: Member): { readonly member: Member; readonly count: 1 | 2; readonly massKg: number } => {
  const { builtUp, reinforced, bar } = member;
  if (reinforced) return { member, count: 1, massKg: member.massKg - reinforcementKg(member) };
  if (!builtUp) return { member, count: member.pieces, massKg: member.massKg };
  const base = barProperties(builtUp.base) ?? bar;
  const count = builtUp.how.kind === 'boxed' ? 2 : 1;
  const massKg = (member.massKg * count * base.nominalAreaM2) / bar.nominalAreaM2;
  return { member: { ...member, section: builtUp.base }, count, massKg };
};

/** The pieces that a bar is cut as; of one that is there already only what is put inside it. */
export const piecesOf = (whole: Member): readonly Piece[] => {
  const inside = insidePieces(whole);
  if (whole.existing) return inside;
  const { member, count, massKg } = baseOf(whole);
  if (!member.builtUp && !member.reinforced) return simplePieces(member);
  const one = { ...member, pieces: 1 as const, massKg: massKg / count };
  return [...Array.from({ length: count }, () => simplePieces(one)).flat(), ...inside];
};

/** Two pieces to both sides of what goes through. */
const partedPieces = (whole: Piece, { fromM, toM }: NonNullable<Member['parted']>): readonly Piece[] => {
  const [front, rear] = whole.ends;
  const slantedM = whole.cutLengthM - whole.faceLengthM;
  const leftM = whole.cutLengthM - (toM - fromM);
  const side = (lengthM: number, ends: Piece['ends']): Piece => ({
    ...whole,
    cutLengthM: lengthM,
    faceLengthM: lengthM - slantedM / 2,
    ends,
    shape: ends.every(({ kind }) => kind === 'square') ? 'square' : 'one-slanted',
    massKg: (whole.massKg * lengthM) / leftM,
    cutLaterM: 0,
  });
  return [side(fromM, [front, SQUARE]), side(whole.cutLengthM - toM, [SQUARE, rear])];
};

const simplePieces = (member: Member): readonly Piece[] => {
  const corners = member.line ? undefined : cornersOf(member);
  const shape = member.line ? shapeOfEnds(member) : corners ? shapeOf(corners) : 'square';
  const whole: Piece = {
    memberId: member.id,
    member,
    cutLengthM: member.cutLengthM,
    faceLengthM: member.faceLengthM,
    ends: member.ends,
    shape,
    massKg: member.massKg / member.pieces,
    cutLaterM: member.cutLaterM,
  };
  const splicesM = member.splicesM.filter((at) => at > LEAST_PIECE_M && at < member.cutLengthM - LEAST_PIECE_M);
  if (splicesM.length > 0) return spliced(whole, splicesM);
  if (member.pieces === 2 && corners && shape !== 'square') return halves(member, corners);
  const { hingeAtM, parted } = member;
  if (parted) {
    const sides = partedPieces(whole, parted);
    return member.pieces === 2 ? [...sides, ...sides] : sides;
  }
  if (hingeAtM === undefined || hingeAtM <= 0 || hingeAtM >= member.cutLengthM)
    return member.pieces === 2 ? [whole, whole] : [whole];
  // A tongue that folds is two pieces with its hinge between them, which its maker sizes.
  const [front, rear] = member.ends;
  const share = hingeAtM / member.cutLengthM;
  const part = (lengthM: number, shortM: number, ends: Piece['ends'], massKg: number, cutLaterM: number): Piece => ({
    ...whole,
    cutLengthM: lengthM,
    faceLengthM: lengthM - shortM,
    ends,
    massKg,
    cutLaterM,
  });
  const shortM = member.cutLengthM - member.faceLengthM;
  const parts = [
    part(hingeAtM, 0, [front, SQUARE], whole.massKg * share, member.cutLaterM),
    part(member.cutLengthM - hingeAtM, shortM, [SQUARE, rear], whole.massKg * (1 - share), 0),
  ];
  return member.pieces === 2 ? [...parts, ...parts] : parts;
};
