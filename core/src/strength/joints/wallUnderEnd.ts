import type { Member } from '../../chassis/index.js';
import type { Material } from '../../materials/index.js';
import { designShape } from '../../sections/index.js';
import { publishedVerify, type Source } from '../../source.js';
import { channelSizes } from '../resistance/steel.js';

export const WALL_SOURCE: Source = publishedVerify(
  'AISC 360-16 K3 and K4: chord wall plastification up to β = 0.85, side walls beyond, Ω = 1.50; between 0.85 and 1 a straight line, as EN 1993-1-8 has it',
);

/** On the safety of these limits: AISC 360-16 chapter K. */
export const WALL_FACTOR = 1.5;

/** A wall on which a bar's end is welded. */
export interface FaceWall {
  /** of the bar that it is part of: across the wall, and deep behind it, m */
  readonly widthM: number;
  readonly depthM: number;
  readonly thickM: number;
  readonly yieldPa: number;
}

/** The bar's end on it, outside sizes, m. */
export interface Footprint {
  /** along the bar that bears */
  readonly alongM: number;
  /** across its wall */
  readonly acrossM: number;
}

/** What a wall bears under a bar's end before it folds, nominal. */
export interface WallStrength {
  /** moment whose vector lies along the bearing bar: it presses one side of the wall and pulls the other, N·m */
  readonly acrossNm: number;
  /** moment whose vector lies across it, in the wall, N·m */
  readonly alongNm: number;
  /** straight push or pull, N */
  readonly pushN: number;
}

/** Welded aluminum counts at its welded yield. */
export const wallYieldPa = ({ family, yieldPa, weldedYieldPa }: Material): number =>
  family === 'aluminum' ? (weldedYieldPa ?? yieldPa) : yieldPa;

/** Which of a bar's walls another is welded on: the upright ones or those above and below; undefined where it has no such wall. */
export const faceWall = (on: Member, face: 'side' | 'level'): FaceWall | undefined => {
  const shape = designShape(on.section);
  const yieldPa = wallYieldPa(on.material);
  // A plate along the whole bar over that wall works with it; over part of it nobody knows whether it lies there.
  const plate =
    on.builtUp?.how.kind === 'plated' && (face === 'side') === (on.builtUp.how.faces === 'sides')
      ? on.builtUp.how.thicknessM
      : 0;
  if (shape.kind === 'rect-tube') {
    const { heightM, widthM, wallM } = shape;
    return face === 'side'
      ? { widthM: heightM, depthM: widthM, thickM: wallM + plate, yieldPa }
      : { widthM, depthM: heightM, thickM: wallM + plate, yieldPa };
  }
  if ((shape.kind === 'channel' || shape.kind === 'bent-channel') && face === 'side') {
    const { web, depthM, flangeM } = channelSizes(shape);
    return { widthM: depthM, depthM: flangeM, thickM: web + plate, yieldPa };
  }
  return undefined;
};

/** Up to this share of the wall's width it folds between its sides; from there on the sides take over. */
const FOLDS_UP_TO = 0.85;

const folding = ({ widthM: B, thickM: t, yieldPa }: FaceWall, beta: number, alongM: number): WallStrength => {
  const unit = yieldPa * t ** 2;
  const eta = alongM / B;
  const open = 1 - beta;
  const steep = (1 + beta) / open;
  return {
    acrossNm: unit * ((alongM / 2) * steep + Math.sqrt(2 * B * beta * B * steep)),
    alongNm: unit * alongM * (1 / (2 * eta) + 2 / Math.sqrt(open) + eta / open),
    pushN: unit * ((2 * eta) / open + 4 / Math.sqrt(open)),
  };
};

const sideWalls = ({ widthM: B, thickM: t, yieldPa }: FaceWall, alongM: number): WallStrength => {
  const bearingM = alongM + 5 * t;
  return {
    acrossNm: yieldPa * t * (B - t) * bearingM,
    alongNm: (yieldPa * t * bearingM ** 2) / 2,
    // k is the corner outside, 1.5 t where nobody knows it: 2·Fy·t·(5k + lb).
    pushN: 2 * yieldPa * t * (7.5 * t + alongM),
  };
};

/**
 * What a tube's wall bears under the end of a bar of width β·B, footprint h along it, nominal (AISC 360-16 tables K3.2, K4.1, recalled; the load
 * in the bearing bar itself, Qf, is left out):
 * β ≤ 0.85: across Fy·t²·[h/2·(1 + β)/(1 − β) + √(2·B·Bb·(1 + β)/(1 − β))], along Fy·t²·h·[1/2η + 2/√(1 − β) + η/(1 − β)],
 * push Fy·t²·[2η/(1 − β) + 4/√(1 − β)], η = h/B; sides: Fy·t·(B − t)·(h + 5t), ½·Fy·t·(h + 5t)², 2·Fy·t·(5k + h). The less of both.
 */
export const wallStrength = (wall: FaceWall, { alongM, acrossM }: Footprint): WallStrength => {
  const beta = Math.min(1, acrossM / wall.widthM);
  const folds = folding(wall, Math.min(beta, FOLDS_UP_TO), alongM);
  const sides = sideWalls(wall, alongM);
  const passed = Math.max(0, beta - FOLDS_UP_TO) / (1 - FOLDS_UP_TO);
  const of = (key: keyof WallStrength): number =>
    Math.min(sides[key], folds[key] + passed * Math.max(0, sides[key] - folds[key]));
  return { acrossNm: of('acrossNm'), alongNm: of('alongNm'), pushN: of('pushN') };
};

/** What an end passes into the wall, sizes alone. */
export interface WallLoad {
  readonly acrossNm: number;
  readonly alongNm: number;
  readonly pushN: number;
}

/** Share of what the wall bears, all three together in a straight sum: AISC 360-16 K4. */
export const wallShare = (strength: WallStrength, load: WallLoad, factor: number): number =>
  factor * (load.pushN / strength.pushN + load.acrossNm / strength.acrossNm + load.alongNm / strength.alongNm);

/** What would do in its place, each looked at by the same load. */
export interface WallMend {
  /** design thickness of the wall that would do, m */
  readonly wallM: number;
  /** width across the wall that would do, at most as wide as the wall; undefined where none does */
  readonly acrossM: number | undefined;
}

const WIDER = [0.6, 0.7, 0.8, 0.9, 1];

export const wallMend = (wall: FaceWall, foot: Footprint, load: WallLoad, factor: number): WallMend => {
  const shareAt = (thickM: number, acrossM: number): number =>
    wallShare(wallStrength({ ...wall, thickM }, { ...foot, acrossM }), load, factor);
  let [low, high] = [wall.thickM, wall.thickM];
  while (shareAt(high, foot.acrossM) > 1 && high < wall.widthM) high *= 2;
  for (let i = 0; i < 40; i += 1) {
    const middle = (low + high) / 2;
    if (shareAt(middle, foot.acrossM) > 1) low = middle;
    else high = middle;
  }
  const wider = WIDER.map((beta) => beta * wall.widthM).find(
    (acrossM) => acrossM > foot.acrossM && shareAt(wall.thickM, acrossM) <= 1,
  );
  return { wallM: high, acrossM: wider };
};
