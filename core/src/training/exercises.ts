import { axleCount } from '../mass/index.js';
import { evaluate, type Evaluation } from '../evaluation/index.js';
import type { Trailer } from '../project/index.js';
import { railTopM } from '../balance/index.js';
import { eigenvalues, leastDamped, rigOf, tippingSpeedMPerS } from '../towing/index.js';
import { inches, massOfWeightKg, toPascals } from '../units/index.js';
import {
  type Loaded,
  type Room,
  loadedOf,
  withAboard,
  withHalves,
  withHeavier,
  withLighterRails,
  withMoved,
} from './loadChanges.js';

/** Load it badly and see: in this order, from the commonest to the rarest. */
export const EXERCISE_IDS = [
  'tail-heavy',
  'nose-heavy',
  'axle-forward',
  'heavier',
  'one-sided',
  'high',
  'at-the-ends',
  'faster',
  'short-tongue',
  'ball-high',
  'lighter-rails',
  'weld-at-peak',
] as const;
export type ExerciseId = (typeof EXERCISE_IDS)[number];

/** What a number of an exercise is of. */
export type MeasureKind = 'tongue-share' | 'load' | 'speed' | 'swing-left' | 'works-at' | 'stress-range';

export type Answer = 'up' | 'down' | 'same';

export interface Tried {
  readonly id: ExerciseId;
  readonly kind: MeasureKind;
  readonly before: number;
  readonly after: number;
  readonly answer: Answer;
  /** of what it is held against, where there is such a limit: least and most */
  readonly limits: readonly [number | undefined, number | undefined];
  readonly was: Evaluation;
  readonly is: Evaluation;
  readonly caseId: string;
  /** how far something was moved, m; or how many times as heavy or fast it is */
  readonly by: number;
}

interface Exercise {
  readonly kind: MeasureKind;
  /** the trailer as it is done badly; undefined where this one has nothing to do it with */
  readonly change: (loaded: Loaded) => { readonly trailer: Trailer; readonly by: number } | undefined;
  readonly measure: (loaded: Loaded, side: 'before' | 'after') => number | undefined;
  /** of the trailer that it is measured on before */
  readonly start?: (trailer: Trailer) => Trailer | undefined;
  /** of what is moved; of whatever is heaviest where left out */
  readonly room?: Room;
  readonly limits?: (loaded: Loaded) => readonly [number | undefined, number | undefined];
}

/** A share of the whole that is felt, and of a figure that is read. Our choice: less counts as the same. */
const SAME = { share: 0.01, ratio: 0.03 } as const;

export const answerOf = (kind: MeasureKind, before: number, after: number): Answer => {
  const more = after - before;
  const felt = kind === 'tongue-share' ? SAME.share : SAME.ratio * Math.abs(before);
  return Math.abs(more) <= felt ? 'same' : more > 0 ? 'up' : 'down';
};

const tongueShare = ({ balanced }: Loaded): number => balanced.standing.tongueShare;
const tongueKg = ({ balanced }: Loaded): number => massOfWeightKg(balanced.standing.tongueN);
const axlesKg = ({ balanced }: Loaded): number =>
  massOfWeightKg(balanced.standing.axles.reduce((sum, { loadN }) => sum + loadN, 0));
const band = ({ balanced }: Loaded): readonly [number | undefined, number | undefined] => [
  balanced.band.minShare ?? undefined,
  balanced.band.maxShare ?? undefined,
];

/** Speeds that are told: a country road, and a fast one, m/s. */
const COUNTRY_M_PER_S = 80 / 3.6;
const FAST_M_PER_S = 110 / 3.6;

/** Of each swing of the trailer so much is left at the next one: exp(−2πζ/√(1 − ζ²)); 0 where nothing swings. */
export const swingLeft = (dampingRatio: number): number =>
  dampingRatio >= 1 ? 0 : Math.exp((-2 * Math.PI * dampingRatio) / Math.sqrt(1 - dampingRatio ** 2));

const swingLeftAt =
  (speedOf: (side: 'before' | 'after') => number) =>
  ({ evaluation, balanced }: Loaded, side: 'before' | 'after'): number | undefined => {
    const rig = rigOf(evaluation.trailer, balanced);
    if (typeof rig !== 'object') return undefined;
    const mode = leastDamped(eigenvalues(rig, speedOf(side)));
    return mode ? swingLeft(mode.dampingRatio) : 0;
  };
const swings = swingLeftAt(() => FAST_M_PER_S);

/** A curve of a country road, m. */
const CURVE_M = 40;

const FORWARD_M = inches(6);
const UP_M = inches(18);
const BALL_UP_M = inches(3);
const HEAVIER = 1.25;
const SHORTER = 0.65;

const roomBehind: Room = ({ x1M }, { lengthM }) => lengthM - x1M;
const roomRight: Room = ({ y1M }, { widthM }) => widthM / 2 - y1M;

const moved = (loaded: Loaded, rearM: number, rightM = 0): { trailer: Trailer; by: number } | undefined =>
  Math.abs(rearM) + Math.abs(rightM) < 0.05
    ? undefined
    : { trailer: withMoved(loaded, [rearM, rightM, 0]), by: Math.abs(rearM) + Math.abs(rightM) };

/** Stress range that is borne without end. Source: AISC 360-16, table: plain metal (B) 16 ksi, long attachments (E) 4.5 ksi. */
const ENDLESS_STEEL_PA = { before: toPascals(16, 'ksi'), after: toPascals(4.5, 'ksi') } as const;

const EXERCISES: Readonly<Record<ExerciseId, Exercise>> = {
  'tail-heavy': {
    kind: 'tongue-share',
    room: roomBehind,
    change: (loaded) => moved(loaded, roomBehind(loaded.part, loaded.evaluation.trailer.frame.bed)),
    measure: tongueShare,
    limits: band,
  },
  'nose-heavy': {
    kind: 'load',
    room: ({ x0M }) => x0M,
    change: (loaded) => moved(loaded, -loaded.part.x0M),
    measure: tongueKg,
    limits: ({ evaluation: { trailer } }) => {
      const known = [trailer.towVehicle?.tongueLimitKg, trailer.coupling.tongueLimitKg].filter(
        (kg): kg is number => typeof kg === 'number',
      );
      return [undefined, known.length > 0 ? Math.min(...known) : undefined];
    },
  },
  'axle-forward': {
    kind: 'tongue-share',
    change: ({ evaluation: { trailer } }) => ({
      trailer: {
        ...trailer,
        runningGear: { ...trailer.runningGear, positionM: trailer.runningGear.positionM - FORWARD_M },
      },
      by: FORWARD_M,
    }),
    measure: tongueShare,
    limits: band,
  },
  heavier: {
    kind: 'load',
    change: (loaded) => ({ trailer: withHeavier(loaded, HEAVIER), by: HEAVIER }),
    measure: axlesKg,
    limits: ({ evaluation: { trailer } }) => {
      const { ratingKg } = trailer.runningGear.axle;
      return [undefined, ratingKg === null ? undefined : ratingKg * axleCount(trailer)];
    },
  },
  'one-sided': {
    kind: 'load',
    room: roomRight,
    change: (loaded) => moved(loaded, 0, roomRight(loaded.part, loaded.evaluation.trailer.frame.bed)),
    measure: ({ balanced }) => Math.max(...balanced.standing.axles.map(({ rightN }) => massOfWeightKg(rightN))),
    limits: ({ evaluation: { trailer } }) => [undefined, trailer.runningGear.tire.maxLoadKg ?? undefined],
  },
  high: {
    kind: 'speed',
    change: (loaded) => ({
      trailer: withAboard(loaded, (aboard, item) =>
        item?.kind === 'cargo' ? { ...aboard, shiftUpM: (aboard.shiftUpM ?? 0) + UP_M } : aboard,
      ),
      by: UP_M,
    }),
    measure: ({ evaluation: { trailer, chassis }, balanced }) => {
      const heightM = (balanced.centre?.zM ?? 0) + railTopM(trailer, chassis, balanced.parts);
      return heightM > 0
        ? tippingSpeedMPerS(trailer.runningGear.suspension.trackM / (2 * heightM), CURVE_M)
        : undefined;
    },
  },
  'at-the-ends': {
    kind: 'swing-left',
    change: (loaded) => {
      const { part, evaluation } = loaded;
      const room = Math.min(part.x0M, evaluation.trailer.frame.bed.lengthM - part.x1M);
      // Where it fills the bed its halves reach past both ends: the lesson is the same.
      const apartM = 2 * Math.max(room, (part.x1M - part.x0M) / 2);
      return apartM < 0.3 ? undefined : { trailer: withHalves(loaded, apartM), by: apartM };
    },
    measure: swings,
  },
  faster: {
    kind: 'swing-left',
    change: ({ evaluation: { trailer } }) => ({ trailer, by: FAST_M_PER_S }),
    measure: swingLeftAt((side) => (side === 'before' ? COUNTRY_M_PER_S : FAST_M_PER_S)),
  },
  'short-tongue': {
    kind: 'swing-left',
    change: ({ evaluation: { trailer } }) => {
      const lengthM = trailer.frame.tongue.lengthM * SHORTER;
      return {
        trailer: { ...trailer, frame: { ...trailer.frame, tongue: { ...trailer.frame.tongue, lengthM } } },
        by: trailer.frame.tongue.lengthM - lengthM,
      };
    },
    measure: swings,
  },
  'ball-high': {
    kind: 'load',
    // Springs that stand by themselves share by how level it rides; an equaliser shares evenly whatever the ball does.
    start: (trailer) =>
      trailer.runningGear.layout === 'tandem-equaliser' || trailer.runningGear.layout === 'tandem-independent'
        ? { ...trailer, runningGear: { ...trailer.runningGear, layout: 'tandem-independent' } }
        : undefined,
    change: ({ evaluation: { trailer } }) =>
      trailer.towVehicle && trailer.towVehicle.hitchHeightM !== null
        ? {
            trailer: {
              ...trailer,
              towVehicle: { ...trailer.towVehicle, hitchHeightM: trailer.towVehicle.hitchHeightM + BALL_UP_M },
            },
            by: BALL_UP_M,
          }
        : undefined,
    measure: ({ balanced }) => massOfWeightKg(balanced.standing.axles.at(-1)?.loadN ?? 0),
    limits: ({ evaluation: { trailer } }) => [undefined, trailer.runningGear.axle.ratingKg ?? undefined],
  },
  'lighter-rails': {
    kind: 'works-at',
    change: ({ evaluation: { trailer } }) => {
      const lighter = withLighterRails(trailer);
      return lighter && { trailer: lighter, by: 1 };
    },
    measure: ({ evaluation }) => {
      const rails = evaluation.strength.members.filter(({ memberId }) => memberId.startsWith('rail.'));
      return rails.length > 0 ? Math.max(...rails.map(({ utilisation }) => utilisation)) : undefined;
    },
    limits: () => [undefined, 1],
  },
  'weld-at-peak': {
    kind: 'stress-range',
    change: ({ evaluation: { trailer } }) => ({ trailer, by: 1 }),
    measure: ({ evaluation }, side) => {
      const bar = evaluation.chassis.members.find(({ group }) => group === 'tongue') ?? evaluation.chassis.members[0];
      if (!bar) return undefined;
      const { material } = bar;
      if (material.family === 'steel') return ENDLESS_STEEL_PA[side];
      return side === 'before' ? material.yieldPa : material.weldedYieldPa;
    },
  },
};

/** The heaviest towed load done badly, and what the model says of it; undefined where this trailer has nothing to try it with. */
export const tryExercise = (id: ExerciseId, trailer: Trailer): Tried | undefined => {
  const { kind, start, change, measure, limits, room } = EXERCISES[id];
  const begun = start ? start(trailer) : trailer;
  const first = begun && loadedOf(evaluate(begun), undefined, room);
  if (!first) return undefined;
  const badly = change(first);
  const second = badly && loadedOf(evaluate(badly.trailer), first.balanced.loadCase.id);
  if (!badly || !second) return undefined;
  const [before, after] = [measure(first, 'before'), measure(second, 'after')];
  if (before === undefined || after === undefined || !Number.isFinite(before) || !Number.isFinite(after))
    return undefined;
  return {
    id,
    kind,
    before,
    after,
    answer: answerOf(kind, before, after),
    limits: limits ? limits(first) : [undefined, undefined],
    was: first.evaluation,
    is: second.evaluation,
    caseId: first.balanced.loadCase.id,
    by: badly.by,
  };
};
