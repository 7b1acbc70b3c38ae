import type { Trailer } from '../project/index.js';
import { readStuds } from '../running-gear/index.js';
import { commonPractice, type Source } from '../source.js';
import { footPounds, inches, millimetres } from '../units/index.js';

type Range = readonly [leastNm: number, mostNm: number];

/** How wheel nuts are tightened: in stages, each in this order of studs counted round the circle. */
export interface LugTorques {
  readonly count: number;
  readonly order: readonly number[];
  /** as the stud is sold; the usual one on this circle */
  readonly stud: string;
  readonly stages: readonly Range[];
}

/** What holds the spring on the axle. */
export interface UBoltTorque {
  readonly size: string;
  readonly nm: Range;
}

export const TORQUE_SOURCE: Source = commonPractice(
  'usual ranges for dry threads, from memory: what the wheel’s, the axle’s or the spring’s maker tells governs',
);

/** Opposite ones in turn, so that the wheel is drawn on evenly. */
const ORDERS: Readonly<Record<number, readonly number[]>> = {
  4: [1, 3, 2, 4],
  5: [1, 3, 5, 2, 4],
  6: [1, 4, 2, 5, 3, 6],
  8: [1, 5, 2, 6, 3, 7, 4, 8],
};

const footPoundRange = (least: number, most: number): Range => [footPounds(least), footPounds(most)];

/** Wheels smaller than this take less, m: 12 in rims on four studs. */
const SMALL_RIM_M = inches(12.5);
/** Eight on 6-1/2 in are on 9/16 in studs, what is smaller on 1/2 in. */
const LARGE_CIRCLE_M = millimetres(160);

/** Stages by the usual stud of a circle; undefined where the circle cannot be read, or its order is not known. */
export const lugTorques = ({ runningGear: { axle, tire, layout } }: Trailer): LugTorques | undefined => {
  const studs = readStuds(axle.studCircle);
  const order = studs && ORDERS[studs.count];
  if (!studs || !order || layout === 'none') return undefined;
  const { count } = studs;
  // Circles told in millimetres alone are on metric studs or bolts.
  if (!/in\b/.test(axle.studCircle)) return { count, order, stud: 'M12 x 1.5', stages: [[80, 95]] };
  if (count === 8 && studs.circleM > LARGE_CIRCLE_M)
    return {
      count,
      order,
      stud: '9/16-18',
      stages: [footPoundRange(20, 25), footPoundRange(50, 60), footPoundRange(120, 140)],
    };
  const small = count === 4 && (tire.rimM ?? 0) < SMALL_RIM_M;
  return {
    count,
    order,
    stud: '1/2-20',
    stages: small
      ? [footPoundRange(20, 25), footPoundRange(35, 40), footPoundRange(50, 75)]
      : [footPoundRange(20, 25), footPoundRange(50, 60), footPoundRange(90, 120)],
  };
};

/** Round tubes up to this are held by 1/2 in bolts, larger ones by 9/16 in, m. */
const HALF_INCH_TO_M = inches(3.1);

/** U-bolts of leaf springs, by the tube that they go round; undefined where there are none. */
export const uBoltTorque = ({ runningGear: { axle, suspension, layout } }: Trailer): UBoltTorque | undefined => {
  if (suspension.kind !== 'leaf' || layout === 'none') return undefined;
  return axle.tubeDiameterM <= HALF_INCH_TO_M
    ? { size: '1/2 in', nm: footPoundRange(45, 70) }
    : { size: '9/16 in', nm: footPoundRange(65, 95) };
};
