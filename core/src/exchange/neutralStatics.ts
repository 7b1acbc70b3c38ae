import { z } from 'zod';
import {
  diceOf,
  equalisedShares,
  groupCentreXM,
  levelFreeAboveBallM,
  positionForShare,
  spreadOf,
  springShares,
  type StaticMass,
  standingLoads,
  type Support,
} from '../balance/index.js';
import { fail, ok, type Result } from '../result.js';
import { STANDARD_GRAVITY } from '../units/index.js';
import { standTilted } from './tilted.js';
import { firstIssue, inFigures, neutralId, type NeutralProblem } from './neutralProblem.js';

const finite = z.number();
const itemSchema = z
  .object({
    mass: finite.nonnegative(),
    x: finite.optional(),
    y: finite.optional(),
    z: finite.optional(),
    box: z.tuple([finite, finite, finite, finite, finite, finite]).optional(),
    movesWithAxle: z.boolean().optional(),
  })
  .refine(({ box, x }) => box !== undefined || x !== undefined, { message: 'give either box or x (with y and z)' });

const caseSchema = z.object({
  id: neutralId,
  items: z.array(itemSchema).min(1),
  support: z.string(),
  axleX: z.union([finite, z.array(finite).min(1)]),
  equaliserArms: z.tuple([finite.positive(), finite.positive()]).optional(),
  jackX: finite.optional(),
  track: finite.positive().optional(),
  g: finite.positive().optional(),
  /** independent axles: both wheels of each, and heights above the ground */
  axleRate: z.union([finite.positive(), z.array(finite.positive()).min(1)]).optional(),
  freeHeight: finite.optional(),
  ballHeight: finite.optional(),
  /** a single axle, exactly tilted: its wheels' radius, and the coupler's height when level */
  wheelRadius: finite.positive().optional(),
  couplerHeightLevel: finite.optional(),
  uncertainty: z
    .object({
      massUniform: finite.min(0).max(1),
      positionSigma: finite.nonnegative(),
      samples: z.int().min(1).max(1e7).optional(),
    })
    .optional(),
});
const fileSchema = z.object({ cases: z.array(caseSchema).min(1) });
type StaticsCase = z.infer<typeof caseSchema>;

/** A mass in the format's axes: x from the ball rearward, y to the left, z above the ground. */
interface Placed {
  readonly mass: number;
  readonly x: number;
  readonly y: number;
  readonly z: number;
  readonly moves: boolean;
}

const placed = ({ mass, x, y, z: height, box, movesWithAxle }: StaticsCase['items'][number]): Placed =>
  box
    ? {
        mass,
        x: (box[0] + box[1]) / 2,
        y: (box[2] + box[3]) / 2,
        z: (box[4] + box[5]) / 2,
        moves: movesWithAxle === true,
      }
    : { mass, x: x ?? 0, y: y ?? 0, z: height ?? 0, moves: movesWithAxle === true };

/** Core's y runs to the right. */
const toStaticMass = ({ mass, x, y }: Placed): StaticMass => ({ massKg: mass, xM: x, yM: -y });

const PERCENTS = [10, 12, 15] as const;

interface AxleAnswer {
  readonly shift: number;
  readonly axleX: number | number[];
  readonly ballVertical: number;
}

const axleForPercents = (
  items: readonly Placed[],
  support: Support,
  weight: number,
  single: boolean,
): Record<string, AxleAnswer | null> => {
  const fixed = items.filter(({ moves }) => !moves);
  const moving = items.filter(({ moves }) => moves);
  const sum = (list: readonly Placed[], value: (item: Placed) => number): number =>
    list.reduce((total, item) => total + value(item), 0);
  // Position 0 is where the axle stands now, so that the answer is the shift itself.
  const moments = {
    id: '',
    fixedKg: sum(fixed, ({ mass }) => mass),
    fixedMomentKgM: sum(fixed, ({ mass, x }) => mass * x),
    movingKg: sum(moving, ({ mass }) => mass),
    movingMomentKgM: sum(moving, ({ mass, x }) => mass * x),
    unsprungKg: [],
  };
  const geometry = { ballXM: 0, centreOffsetM: groupCentreXM(support), axleShares: [] };
  return Object.fromEntries(
    PERCENTS.map((percent) => {
      const shift = positionForShare(moments, geometry, percent / 100);
      if (shift === undefined) return [String(percent), null];
      const places = support.axlesXM.map((x) => x + shift);
      return [
        String(percent),
        { shift, axleX: single ? (places[0] as number) : places, ballVertical: (percent / 100) * weight },
      ];
    }),
  );
};

const unsupported = (staticsCase: StaticsCase, index: number): NeutralProblem | undefined =>
  ['single', 'equaliser', 'springs', 'jack', 'tilt'].includes(staticsCase.support)
    ? undefined
    : {
        code: 'unsupported',
        path: `cases[${index}].support`,
        message: `support “${staticsCase.support}” is not worked out; single, equaliser, springs, jack and tilt are`,
      };

/** Ball and axle forces of some masses in one way of standing, N. */
interface Standing {
  readonly aheadN: number;
  readonly axlesN: readonly number[];
}

/** Springs: the rigid frame held at the ball at its height; what the axles push, the ball does not. */
const onSprings = (
  staticsCase: StaticsCase,
  axles: readonly number[],
  weightN: number,
  momentNm: number,
): (Standing & { readonly slope: number }) | undefined => {
  const rates = [staticsCase.axleRate ?? []].flat();
  const shares = springShares(
    {
      axlesM: axles,
      ratesNPerM: axles.map((_, i) => rates[i] ?? (rates[0] as number)),
      freeAboveBallM: (staticsCase.freeHeight ?? 0) - (staticsCase.ballHeight ?? 0),
    },
    momentNm,
  );
  if (!shares) return undefined;
  return {
    aheadN: weightN - shares.forcesN.reduce((sum, n) => sum + n, 0),
    axlesN: shares.forcesN,
    slope: shares.slope,
  };
};

/** The group is moved no further than this from where it stands, m. */
const FAR_M = 3;
const STEPS = 600;

/** Shift of independent axles for a share: the nearest to where they stand now, by halving between steps. */
const shiftOnSprings = (shareAt: (shift: number) => number | undefined, share: number): number | undefined => {
  const off = (shift: number): number | undefined => {
    const found = shareAt(shift);
    return found === undefined ? undefined : found - share;
  };
  const step = FAR_M / STEPS;
  for (let i = 0; i < STEPS; i += 1) {
    for (const [near, far] of [
      [i * step, (i + 1) * step],
      [-i * step, -(i + 1) * step],
    ] as const) {
      const [a, b] = [off(near), off(far)];
      if (a === undefined || b === undefined || a * b > 0) continue;
      let [low, high] = [near, far];
      for (let k = 0; k < 60; k += 1) {
        const middle = (low + high) / 2;
        const value = off(middle);
        if (value === undefined) return undefined;
        if (a * value > 0) low = middle;
        else high = middle;
      }
      return (low + high) / 2;
    }
  }
  return undefined;
};

const SAMPLES = 200_000;
const SEED = 20_260_101;

/** Masses off by up to a share of themselves, places by a normal error; those on the axle stay there. */
const monteCarlo = (
  staticsCase: StaticsCase,
  items: readonly Placed[],
  stand: (items: readonly Placed[]) => Standing | undefined,
  g: number,
): Record<string, unknown> => {
  const { massUniform = 0, positionSigma = 0, samples = SAMPLES } = staticsCase.uncertainty ?? {};
  const dice = diceOf(SEED);
  const ball = new Float64Array(samples);
  const percent = new Float64Array(samples);
  let below = 0;
  for (let k = 0; k < samples; k += 1) {
    const tried = items.map((item) => ({
      ...item,
      mass: item.mass * (1 + massUniform * dice.even()),
      x: item.moves ? item.x : item.x + positionSigma * dice.normal(),
    }));
    const weight = tried.reduce((sum, { mass }) => sum + mass, 0) * g;
    const aheadN = stand(tried)?.aheadN ?? Number.NaN;
    ball[k] = aheadN;
    percent[k] = (100 * aheadN) / weight;
    if ((percent[k] as number) < 10) below += 1;
  }
  return {
    samples,
    seed: SEED,
    ballVertical: spreadOf(ball),
    tonguePercent: spreadOf(percent),
    probTongueBelow10Percent: below / samples,
  };
};

/** What a case lacks for the support that it names; undefined where it has everything. */
const lackingIn = (staticsCase: StaticsCase, path: string): NeutralProblem | undefined => {
  const axles = [staticsCase.axleX].flat();
  const springs = staticsCase.support === 'springs';
  const [front] = axles;
  const tilted = staticsCase.support === 'tilt';
  const most = springs ? 3 : staticsCase.support === 'single' || tilted ? 1 : 2;
  if (front === undefined || axles.length > most) {
    return {
      code: 'invalid',
      path: `${path}.axleX`,
      message: `${axles.length} axles do not fit support “${staticsCase.support}”`,
    };
  }
  if (staticsCase.support === 'jack' && staticsCase.jackX === undefined) {
    return { code: 'invalid', path: `${path}.jackX`, message: 'the place of the jack is missing' };
  }
  for (const field of ['axleRate', 'freeHeight', 'ballHeight'] as const) {
    if (springs && staticsCase[field] === undefined) {
      return { code: 'invalid', path: `${path}.${field}`, message: `support “springs” needs ${field}` };
    }
  }
  for (const field of ['wheelRadius', 'couplerHeightLevel', 'ballHeight'] as const) {
    if (tilted && staticsCase[field] === undefined)
      return { code: 'invalid', path: `${path}.${field}`, message: `support “tilt” needs ${field}` };
  }
  return undefined;
};

/** Where the axles must go for each share, on springs or tilted: found by moving them. */
const placesByShare = (
  staticsCase: StaticsCase,
  items: readonly Placed[],
  axles: readonly number[],
  weight: number,
  ballShare: (list: readonly Placed[], places: readonly number[]) => number | undefined,
): Record<string, AxleAnswer | null> => {
  const moved = (shift: number): number | undefined => {
    const list = items.map((item) => (item.moves ? { ...item, x: item.x + shift } : item));
    const places = axles.map((x) => x + shift);
    return places.some((x) => x <= 0) ? undefined : ballShare(list, places);
  };
  return Object.fromEntries(
    PERCENTS.map((percent) => {
      const shift = shiftOnSprings(moved, percent / 100);
      return [
        String(percent),
        shift === undefined
          ? null
          : {
              shift,
              axleX: staticsCase.support === 'tilt' ? (axles[0] ?? 0) + shift : axles.map((x) => x + shift),
              ballVertical: (percent / 100) * weight,
            },
      ];
    }),
  );
};

const NO_SPRINGS = { slope: undefined, level: undefined } as const;

/** How the frame lies on its springs, and how high the ball must be for it to lie level. */
const ridesOn = (staticsCase: StaticsCase, axles: readonly number[], weight: number, moment: number) => {
  const slope = onSprings(staticsCase, axles, weight, moment)?.slope;
  const level =
    slope !== undefined
      ? (staticsCase.freeHeight ?? 0) -
        levelFreeAboveBallM(
          { axlesM: axles, ratesNPerM: axles.map((_, i) => [staticsCase.axleRate ?? 0].flat()[i] ?? 0) },
          moment,
        )
      : undefined;
  return { slope, level };
};

const cannotStand = (path: string, tilted: boolean): NeutralProblem =>
  tilted
    ? { code: 'impossible', path: `${path}.ballHeight`, message: 'the coupler does not reach the ball' }
    : { code: 'impossible', path: `${path}.axleRate`, message: 'these springs are never pressed' };

const calculateCase = (staticsCase: StaticsCase, index: number): Result<Record<string, unknown>, NeutralProblem> => {
  const path = `cases[${index}]`;
  const missing = unsupported(staticsCase, index);
  if (missing) return fail(missing);
  const lacking = lackingIn(staticsCase, path);
  if (lacking) return fail(lacking);
  const axles = [staticsCase.axleX].flat();
  const springs = staticsCase.support === 'springs';
  const tilted = staticsCase.support === 'tilt';
  const [front = 0, rear] = axles;
  const items = staticsCase.items.map(placed);
  const g = staticsCase.g ?? STANDARD_GRAVITY;
  const support: Support = {
    aheadXM: staticsCase.support === 'jack' ? (staticsCase.jackX ?? 0) : 0,
    axlesXM: axles,
    shares:
      rear === undefined || springs
        ? axles.map(() => 1 / axles.length)
        : equalisedShares(staticsCase.equaliserArms ?? [1, 1]),
    trackM: staticsCase.track ?? 1,
  };
  const scale = g / STANDARD_GRAVITY;
  const sums = (list: readonly Placed[]): { weight: number; moment: number } =>
    list.reduce(({ weight: w, moment }, { mass, x }) => ({ weight: w + g * mass, moment: moment + g * mass * x }), {
      weight: 0,
      moment: 0,
    });
  const loads = standingLoads(items.map(toStaticMass), support);
  if (!loads)
    return fail({ code: 'impossible', path: `${path}.axleX`, message: 'the axle must stand behind the ball or jack' });
  const tilt = (list: readonly Placed[], axleX: number) =>
    standTilted(
      list,
      {
        axleX,
        wheelRadius: staticsCase.wheelRadius ?? 0,
        couplerHeightLevel: staticsCase.couplerHeightLevel ?? 0,
        ballHeight: staticsCase.ballHeight ?? 0,
      },
      g,
    );
  const stand = (list: readonly Placed[]): Standing | undefined => {
    if (tilted) {
      const found = tilt(list, front);
      return found && { aheadN: found.ballN, axlesN: [sums(list).weight - found.ballN] };
    }
    if (springs) {
      const { weight: w, moment } = sums(list);
      return onSprings(staticsCase, axles, w, moment);
    }
    const found = list === items ? loads : standingLoads(list.map(toStaticMass), support);
    return found && { aheadN: found.aheadN * scale, axlesN: found.axles.map(({ loadN }) => loadN * scale) };
  };
  const standing = stand(items);
  if (!standing) return fail(cannotStand(path, tilted));
  const totalMass = items.reduce((sum, { mass }) => sum + mass, 0);
  if (totalMass === 0) return fail({ code: 'impossible', path: `${path}.items`, message: 'nothing weighs anything' });
  const mean = (value: (item: Placed) => number): number =>
    items.reduce((sum, item) => sum + item.mass * value(item), 0) / totalMass;
  const { weight, moment } = sums(items);
  const jacked = staticsCase.support === 'jack';
  const ballVertical = jacked ? 0 : standing.aheadN;
  const cg = { x: mean(({ x }) => x), y: mean(({ y }) => y), z: mean(({ z: height }) => height) };
  // Without a track only a trailer whose weight is in the middle has a left and a right.
  const rolls = Math.abs(cg.y) > 1e-12;
  const sides = (): Record<string, unknown> => {
    const onAxles = standing.axlesN.reduce((sum, n) => sum + n, 0);
    const rollNm = items.reduce((sum, { mass, y }) => sum + g * mass * y, 0);
    const shift = rolls ? rollNm / support.trackM : 0;
    return { leftRight: { left: onAxles / 2 + shift, right: onAxles / 2 - shift } };
  };
  const ballShare = (list: readonly Placed[], places: readonly number[]): number | undefined => {
    const { weight: w, moment: m } = sums(list);
    const found = tilted ? tilt(list, places[0] as number)?.ballN : onSprings(staticsCase, places, w, m)?.aheadN;
    return found === undefined ? undefined : found / w;
  };
  const { slope, level } = springs ? ridesOn(staticsCase, axles, weight, moment) : NO_SPRINGS;
  return ok({
    id: staticsCase.id,
    totalMass,
    weight,
    cg,
    ballVertical,
    tonguePercent: (100 * ballVertical) / weight,
    axleLoads: standing.axlesN,
    ...(staticsCase.track !== undefined || !rolls ? sides() : {}),
    ...(jacked ? { jackLoad: standing.aheadN } : {}),
    ...(tilted ? { pitchDeg: ((tilt(items, front)?.pitchRad ?? 0) * 180) / Math.PI } : {}),
    ...(slope === undefined ? {} : { frameSlope: slope }),
    ...(level === undefined ? {} : { levelBallHeight: level }),
    axlePositionForTonguePercent: jacked
      ? { '10': null, '12': null, '15': null }
      : springs || tilted
        ? placesByShare(staticsCase, items, axles, weight, ballShare)
        : axleForPercents(items, support, weight, !Array.isArray(staticsCase.axleX)),
    ...(staticsCase.uncertainty === undefined ? {} : { monteCarlo: monteCarlo(staticsCase, items, stand, g) }),
  });
};

/**
 * `kereta calc statics`. A case that asks for what is not worked out yet carries its error; where every case does, so does the answer.
 */
export const calculateStatics = (file: unknown): Result<{ cases: readonly unknown[] }, NeutralProblem> => {
  const parsed = fileSchema.safeParse(file);
  if (!parsed.success) return fail(firstIssue(parsed.error));
  const answers = parsed.data.cases.map((staticsCase, index) => ({
    id: staticsCase.id,
    answer: calculateCase(staticsCase, index),
  }));
  const wrong = answers.find(({ answer }) => !answer.ok && answer.error.code !== 'unsupported');
  const first = wrong ?? (answers.every(({ answer }) => !answer.ok) ? answers[0] : undefined);
  if (first && !first.answer.ok) return fail(first.answer.error);
  return inFigures({
    cases: answers.map(({ id, answer }) => (answer.ok ? answer.value : { id, error: answer.error })),
  });
};
