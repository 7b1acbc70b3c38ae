import type { Chassis } from '../chassis/index.js';
import { springCentreYM } from '../drawing/index.js';
import { axlePlaces } from '../mass/index.js';
import type { Trailer } from '../project/index.js';
import { commonPractice, type Source } from '../source.js';
import {
  axleDoubtRad,
  type AxleOffSquare,
  axleOffSquare,
  ballOffCentreM,
  type CornerReadings,
  type FrameOffSquare,
  frameOffSquare,
  hangerDifferenceM,
  type HangerMoves,
  hangerMoves,
  type LevelFound,
  levelOf,
  type Movable,
  offParallelRad,
} from '../squaring/index.js';
import { feet, inches } from '../units/index.js';

/** Sides of the bed as drawn, and what both diagonals are to read, m. */
export interface FrameTarget {
  readonly lengthM: number;
  readonly widthM: number;
  readonly diagonalM: number;
  /** both diagonals may differ by this, m */
  readonly withinM: number;
}

/** One axle as drawn: how far behind the ball, m. */
export interface AxleTarget {
  /** from the front, 1 and on */
  readonly axle: number;
  readonly ballToAxleM: number;
  /** between both hub faces */
  readonly hooksApartM: number;
  readonly hangersApartM: number;
}

export const FRAME_SQUARE_SOURCE: Source = commonPractice(
  'both diagonals within 1/16 in up to 10 ft of length, 1/8 in up to 20 ft, 3/16 in beyond',
);
export const AXLE_SQUARE_SOURCE: Source = commonPractice('both readings from the ball within 1/16 in, 1/8 in at most');

export const LEVEL_SOURCE: Source = commonPractice('all corners within 1/16 in, and no more twist than that');
export const COUPLED_SOURCE: Source = commonPractice(
  'both rear corners as far from the ball within 1/16 in, 1/8 in at most',
);
export const PARALLEL_SOURCE: Source = commonPractice(
  'ends of neighbouring axles as far apart left and right within 1/16 in',
);

/** What lies within this is level, straight or parallel, m. */
const WITHIN_M = inches(1 / 16);
/** Both rear corners may differ by this from the ball at most, m. */
const CORNERS_WITHIN_M = inches(1 / 8);

/** Both readings from the ball may differ by this where it is good, and at most, m. */
export const AXLE_WITHIN_M = { good: inches(1 / 16), most: inches(1 / 8) } as const;
/** A tape reads to about this, m. Common practice. */
export const TAPE_DOUBT_M = inches(1 / 32);
/** Diagonals that miss the sides by more than this were misread, or the sides are not as drawn, m: two tapes' worth on each side. */
const MISREAD_M = inches(3 / 16);
/** An axle this far from its place is told so, m. */
const MISPLACED_M = inches(1 / 4);

export const frameTarget = ({ frame: { bed } }: Trailer): FrameTarget => ({
  lengthM: bed.lengthM,
  widthM: bed.widthM,
  diagonalM: Math.hypot(bed.lengthM, bed.widthM),
  withinM: bed.lengthM <= feet(10) ? inches(1 / 16) : bed.lengthM <= feet(20) ? inches(1 / 8) : inches(3 / 16),
});

export const axleTargets = (trailer: Trailer, chassis: Chassis): readonly AxleTarget[] =>
  axlePlaces(trailer).map(({ xM }, i) => ({
    axle: i + 1,
    ballToAxleM: xM - chassis.ballXM,
    hooksApartM: trailer.runningGear.axle.hubFaceM,
    hangersApartM: 2 * springCentreYM(trailer, chassis),
  }));

export interface FrameJudged {
  readonly found: FrameOffSquare;
  readonly verdict: 'good' | 'off' | 'misread';
  /** how much longer the one from the left front to the right rear is, m */
  readonly differenceM: number;
  /** what both read when it is square, by their own mean, m */
  readonly bothM: number;
}

/** What two diagonals say of a frame; undefined where no frame of these sides has them. */
export const judgeFrame = (
  { lengthM, widthM, withinM }: FrameTarget,
  readings: { readonly frontLeftToRearRightM: number; readonly frontRightToRearLeftM: number },
): FrameJudged | undefined => {
  const found = frameOffSquare({ lengthM, widthM, ...readings });
  if (!found) return undefined;
  const { frontLeftToRearRightM: first, frontRightToRearLeftM: second } = readings;
  const differenceM = first - second;
  const verdict =
    Math.abs(found.closesByM) > MISREAD_M ? 'misread' : Math.abs(differenceM) <= withinM + 1e-9 ? 'good' : 'off';
  return { found, verdict, differenceM, bothM: Math.sqrt((first ** 2 + second ** 2) / 2) };
};

export interface AxleJudged {
  readonly found: AxleOffSquare;
  readonly verdict: 'good' | 'nearly' | 'off';
  /** how much longer the right reading is, m */
  readonly differenceM: number;
  readonly moves: HangerMoves;
  /** what the tape leaves open, rad */
  readonly doubtRad: number;
  /** how far behind its drawn place its middle stands, m; 0 where that is within a quarter of an inch */
  readonly misplacedM: number;
}

/** What two readings from the ball say of an axle; undefined where no axle so long is so far away. */
export const judgeAxle = (
  { ballToAxleM, hooksApartM, hangersApartM }: AxleTarget,
  { leftM, rightM }: { readonly leftM: number; readonly rightM: number },
  movable: Movable,
): AxleJudged | undefined => {
  const readings = { leftM, rightM, hooksApartM };
  const found = axleOffSquare(readings);
  const doubtRad = axleDoubtRad(readings, TAPE_DOUBT_M);
  if (!found || doubtRad === undefined) return undefined;
  const differenceM = rightM - leftM;
  const byM = found.ballToAxleM - ballToAxleM;
  const apart = Math.abs(differenceM) - 1e-9;
  return {
    found,
    verdict: apart <= AXLE_WITHIN_M.good ? 'good' : apart <= AXLE_WITHIN_M.most ? 'nearly' : 'off',
    differenceM,
    moves: hangerMoves(hangerDifferenceM(hangersApartM, found.offSquareRad), movable),
    doubtRad,
    misplacedM: Math.abs(byM) > MISPLACED_M ? byM : 0,
  };
};

export interface LevelJudged {
  readonly found: LevelFound;
  /** twisted: shims alone would bend it, it has to be eased */
  readonly verdict: 'good' | 'off' | 'twisted';
}

/** What four corners say of the floor that a frame lies on. */
export const judgeLevel = (readings: CornerReadings): LevelJudged => {
  const found = levelOf(readings);
  // One pair of opposite corners lies off the plane one way, the other pair the other way: twice the twist apart.
  const twisted = 2 * Math.abs(found.twistM) > WITHIN_M + 1e-9;
  return { found, verdict: found.outM <= WITHIN_M + 1e-9 ? 'good' : twisted ? 'twisted' : 'off' };
};

export interface CoupledJudged {
  readonly verdict: 'good' | 'nearly' | 'off';
  /** how much longer the right reading is, m */
  readonly differenceM: number;
  /** how far the ball is to the right of the centre line, m */
  readonly offM: number;
}

/** What the distances from ball to both rear corners say of the tongue; undefined where no bed so wide has them. */
export const judgeCoupled = (
  { widthM }: Pick<FrameTarget, 'widthM'>,
  readings: { readonly leftM: number; readonly rightM: number },
): CoupledJudged | undefined => {
  const offM = ballOffCentreM({ ...readings, cornersApartM: widthM });
  if (offM === undefined) return undefined;
  const differenceM = readings.rightM - readings.leftM;
  const apart = Math.abs(differenceM) - 1e-9;
  return { verdict: apart <= WITHIN_M ? 'good' : apart <= CORNERS_WITHIN_M ? 'nearly' : 'off', differenceM, offM };
};

export interface ParallelJudged {
  readonly verdict: 'good' | 'off';
  readonly differenceM: number;
  readonly offRad: number;
  /** how far this axle's right hangers have to go forward, or where negative its left ones, m */
  readonly hangerM: number;
}

/** What lies between the ends of two axles; undefined where it cannot be. */
export const judgeParallel = (
  { hooksApartM, hangersApartM }: Pick<AxleTarget, 'hooksApartM' | 'hangersApartM'>,
  { leftM, rightM }: { readonly leftM: number; readonly rightM: number },
): ParallelJudged | undefined => {
  const offRad = offParallelRad(leftM, rightM, hooksApartM);
  if (offRad === undefined) return undefined;
  const differenceM = rightM - leftM;
  return {
    verdict: Math.abs(differenceM) <= WITHIN_M + 1e-9 ? 'good' : 'off',
    differenceM,
    offRad,
    hangerM: hangerDifferenceM(hangersApartM, offRad),
  };
};
