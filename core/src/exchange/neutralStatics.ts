import { z } from 'zod';
import { positionForShare, type StaticMass, standingLoads, type Support } from '../balance/index.js';
import { fail, ok, type Result } from '../result.js';
import { STANDARD_GRAVITY } from '../units/index.js';
import { firstIssue, type NeutralProblem } from './neutralProblem.js';

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
  id: z.string(),
  items: z.array(itemSchema).min(1),
  support: z.string(),
  axleX: z.union([finite, z.array(finite).min(1)]),
  equaliserArms: z.tuple([finite.positive(), finite.positive()]).optional(),
  jackX: finite.optional(),
  track: finite.positive().optional(),
  g: finite.positive().optional(),
  uncertainty: z.unknown().optional(),
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
  const [a, b] = support.equaliserArms;
  const [front, rear] = support.axlesXM;
  const centre = rear === undefined ? front : (front * b + rear * a) / (a + b);
  const geometry = { ballXM: 0, centreOffsetM: centre, axleShares: [] };
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

const unsupported = (staticsCase: StaticsCase, index: number): NeutralProblem | undefined => {
  const path = `cases[${index}]`;
  if (!['single', 'equaliser', 'jack'].includes(staticsCase.support)) {
    return {
      code: 'unsupported',
      path: `${path}.support`,
      message: `support “${staticsCase.support}” is not worked out yet; single, equaliser and jack are`,
    };
  }
  if (staticsCase.uncertainty !== undefined) {
    return {
      code: 'unsupported',
      path: `${path}.uncertainty`,
      message: 'Monte Carlo is not worked out yet; leave uncertainty out for the standing loads',
    };
  }
  return undefined;
};

const calculateCase = (staticsCase: StaticsCase, index: number): Result<Record<string, unknown>, NeutralProblem> => {
  const path = `cases[${index}]`;
  const missing = unsupported(staticsCase, index);
  if (missing) return fail(missing);
  const axles = [staticsCase.axleX].flat();
  const [front, rear] = axles;
  if (front === undefined || axles.length > 2 || (staticsCase.support === 'single' && axles.length !== 1)) {
    return fail({
      code: 'invalid',
      path: `${path}.axleX`,
      message: `${axles.length} axles do not fit support “${staticsCase.support}”`,
    });
  }
  if (staticsCase.support === 'jack' && staticsCase.jackX === undefined) {
    return fail({ code: 'invalid', path: `${path}.jackX`, message: 'the place of the jack is missing' });
  }
  const items = staticsCase.items.map(placed);
  const support: Support = {
    aheadXM: staticsCase.support === 'jack' ? (staticsCase.jackX ?? 0) : 0,
    axlesXM: rear === undefined ? [front] : [front, rear],
    equaliserArms: staticsCase.equaliserArms ?? [1, 1],
    trackM: staticsCase.track ?? 1,
  };
  const loads = standingLoads(items.map(toStaticMass), support);
  if (!loads)
    return fail({ code: 'impossible', path: `${path}.axleX`, message: 'the axle must stand behind the ball or jack' });
  const scale = (staticsCase.g ?? STANDARD_GRAVITY) / STANDARD_GRAVITY;
  const totalMass = items.reduce((sum, { mass }) => sum + mass, 0);
  if (totalMass === 0) return fail({ code: 'impossible', path: `${path}.items`, message: 'nothing weighs anything' });
  const mean = (value: (item: Placed) => number): number =>
    items.reduce((sum, item) => sum + item.mass * value(item), 0) / totalMass;
  const weight = loads.weightN * scale;
  const jacked = staticsCase.support === 'jack';
  const ballVertical = jacked ? 0 : loads.aheadN * scale;
  const cg = { x: mean(({ x }) => x), y: mean(({ y }) => y), z: mean(({ z: height }) => height) };
  // Without a track only a trailer whose weight is in the middle has a left and a right.
  const rolls = Math.abs(cg.y) > 1e-12;
  const sides =
    staticsCase.track !== undefined || !rolls
      ? {
          leftRight: {
            left: loads.axles.reduce((sum, { leftN }) => sum + leftN, 0) * scale,
            right: loads.axles.reduce((sum, { rightN }) => sum + rightN, 0) * scale,
          },
        }
      : {};
  return ok({
    id: staticsCase.id,
    totalMass,
    weight,
    cg,
    ballVertical,
    tonguePercent: (100 * ballVertical) / weight,
    axleLoads: loads.axles.map(({ loadN }) => loadN * scale),
    ...sides,
    ...(jacked ? { jackLoad: loads.aheadN * scale } : {}),
    axlePositionForTonguePercent: jacked
      ? { '10': null, '12': null, '15': null }
      : axleForPercents(items, support, weight, !Array.isArray(staticsCase.axleX)),
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
  return ok({ cases: answers.map(({ id, answer }) => (answer.ok ? answer.value : { id, error: answer.error })) });
};
