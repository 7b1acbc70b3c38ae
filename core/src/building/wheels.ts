import type { Chassis } from '../chassis/index.js';
import type { Trailer } from '../project/index.js';
import { commonPractice, type Source } from '../source.js';
import {
  bendM,
  camberRad,
  type DialRound,
  offMiddle,
  type OffMiddle,
  shackleLeanRad,
  toeRad,
} from '../squaring/index.js';
import { inches, toRadians } from '../units/index.js';
import { springCentreYM } from '../drawing/index.js';
import { type HangerPlan, SHACKLE_LEAN } from '../running-gear/index.js';
import { LEVEL_M } from '../towing/index.js';
import type { FrameTarget } from './squaring.js';

export const HANGERS_SOURCE: Source = commonPractice('both diagonals between the hangers within 1/16 in');
export const GATE_SOURCE: Source = commonPractice('a gate’s diagonals within 1/16 in, an even gap all about');
export const RUN_OUT_SOURCE: Source = commonPractice(
  'the dial swings 0.005 in at most where it is good, 0.010 in at most at bearing seats and along the tube',
);
export const TOE_SOURCE: Source = commonPractice('wheels straight, or toed in by 1/8 in at most');
export const CAMBER_SOURCE: Source = commonPractice('wheels upright within half a degree, loaded');
export const SHACKLE_SOURCE: Source = commonPractice('shackles 10 to 60 degrees past upright at every load');
export const HITCHED_SOURCE: Source = commonPractice(
  'bed level within half an inch from end to end, hitched and loaded',
);

/** Hangers lie on a rectangle: the front bolts, the rear ones, and the middles of the springs. Undefined without two bolts to a side. */
export const hangerTarget = (trailer: Trailer, chassis: Chassis, { marks }: HangerPlan): FrameTarget | undefined => {
  const xs = marks.map(({ xM }) => xM);
  const lengthM = xs.length > 1 ? Math.max(...xs) - Math.min(...xs) : 0;
  const widthM = 2 * springCentreYM(trailer, chassis);
  return lengthM > 0 ? { lengthM, widthM, diagonalM: Math.hypot(lengthM, widthM), withinM: inches(1 / 16) } : undefined;
};

/** A gate by its two diagonals. */
export const gateTargets = ({ frame }: Trailer): readonly { readonly id: string; readonly target: FrameTarget }[] =>
  frame.pieces.flatMap((piece) =>
    piece.kind === 'gate'
      ? [
          {
            id: piece.id,
            target: {
              lengthM: piece.widthM,
              widthM: piece.heightM,
              diagonalM: Math.hypot(piece.widthM, piece.heightM),
              withinM: inches(1 / 16),
            },
          },
        ]
      : [],
  );

/** Swing of the dial where it is good, and at most, m. */
export const RUN_OUT_M = { good: inches(0.005), most: inches(0.01) } as const;

/** A place along the axle that a dial was held to, 0 at the left end and 1 at the right. */
export interface DialPlace {
  readonly place: number;
  readonly round: DialRound;
}

export interface RunOutJudged {
  readonly verdict: 'good' | 'nearly' | 'off';
  readonly places: readonly (OffMiddle & { readonly place: number; readonly bentM: number | undefined })[];
  /** the place whose dial swings most */
  readonly worst: number;
}

/** What the dial says along an axle: how far each place runs off the line it is turned about, and how much of it is a bend. */
export const judgeRunOut = (all: readonly DialPlace[]): RunOutJudged | undefined => {
  const found = all
    .toSorted((a, b) => a.place - b.place)
    .flatMap(({ place, round }) => {
      const off = offMiddle(round);
      return off ? [{ place, ...off }] : [];
    });
  const [first, last] = [found[0], found.at(-1)];
  if (!first || !last) return undefined;
  const span = last.place - first.place;
  const places = found.map((own) => ({
    ...own,
    bentM:
      own === first || own === last || span === 0
        ? undefined
        : bendM(own, [first, last], (own.place - first.place) / span),
  }));
  const worst = places.reduce((most, own) => (own.offM > most.offM ? own : most));
  const swing = 2 * worst.offM - 1e-9;
  return {
    verdict: swing <= RUN_OUT_M.good ? 'good' : swing <= RUN_OUT_M.most ? 'nearly' : 'off',
    places,
    worst: worst.place,
  };
};

export interface WheelAngle {
  readonly verdict: 'good' | 'off';
  readonly rad: number;
}

const MOST_TOE_M = inches(1 / 8);
const MOST_CAMBER_RAD = toRadians(0.5, 'deg');

/** Between the scribed lines of both tires ahead of the axle and behind it: straight to an eighth in, + in. */
export const judgeToe = (aheadM: number, behindM: number, tireDiameterM: number): WheelAngle | undefined => {
  const rad = toeRad(aheadM, behindM, tireDiameterM);
  const inM = behindM - aheadM;
  // A tape does not see the last thirty-second.
  const good = inM >= -inches(1 / 32) - 1e-9 && inM <= MOST_TOE_M + 1e-9;
  return rad === undefined ? undefined : { verdict: good ? 'good' : 'off', rad };
};

export const judgeCamber = (topOutM: number, apartM: number): WheelAngle | undefined => {
  const rad = camberRad(topOutM, apartM);
  return rad === undefined ? undefined : { verdict: Math.abs(rad) <= MOST_CAMBER_RAD + 1e-9 ? 'good' : 'off', rad };
};

export const judgeShackle = (upperM: number, lowerM: number, shackleM: number): WheelAngle | undefined => {
  const rad = shackleLeanRad(upperM, lowerM, shackleM);
  if (rad === undefined) return undefined;
  const { least, most } = SHACKLE_LEAN;
  return { verdict: rad >= least - 1e-9 && rad <= most + 1e-9 ? 'good' : 'off', rad };
};

/** The bed's front and rear edge above level ground, hitched: + nose up. */
export const judgeHitched = (frontM: number, rearM: number, lengthM: number): WheelAngle | undefined => {
  const rise = (frontM - rearM) / lengthM;
  return Math.abs(rise) < 1
    ? { verdict: Math.abs(frontM - rearM) <= LEVEL_M + 1e-9 ? 'good' : 'off', rad: Math.asin(rise) }
    : undefined;
};
