import type { Trailer } from '../project/index.js';
import { HANGER_DROP_M } from '../suspension/index.js';
import { STANDARD_GRAVITY } from '../units/index.js';

/** An emergency stop on a dry road, g (common practice: what a car's own brakes do). */
export const HARD_STOP_G = 0.7;
/** What a trailer tire grips a dry road with, as a share of what it carries (common practice: 0.7 to 0.9). */
export const TIRE_GRIP = 0.8;

/** How two axles share what the road carries when they brake. */
export type BrakeLinkage =
  | { readonly kind: 'alike' }
  | {
      readonly kind: 'equalizer';
      /** front and rear arm of the equalizer, any unit */
      readonly arms: readonly [number, number];
      /** from eye to eye, m */
      readonly springM: number;
      /** of the eyes above the ground, m */
      readonly eyeHeightM: number;
    }
  | {
      readonly kind: 'beam';
      /** from the pivot to the front and the rear wheel, m */
      readonly arms: readonly [number, number];
      readonly pivotHeightM: number;
    };

export interface BrakedTrailer {
  readonly massKg: number;
  /** of the center of gravity, above the ground, m */
  readonly heightM: number;
  readonly ballHeightM: number;
  /** from the ball to each axle, front to rear, m; one or two, more count as one group */
  readonly drawbarsM: readonly number[];
  /** on each axle standing, N */
  readonly standingN: readonly number[];
  readonly linkage: BrakeLinkage;
}

export interface HardStop {
  readonly decelerationG: number;
  /** on each axle, both wheels together, N */
  readonly brakesN: readonly number[];
  /** what each axle carries more than standing, N */
  readonly addsN: readonly number[];
  readonly ballAddsN: number;
  /** backward on the ball from the vehicle, N */
  readonly pushN: number;
  /** braked as hard as its tires grip, and carrying nothing at all */
  readonly slides: readonly boolean[];
  readonly lifts: readonly boolean[];
}

/**
 * What braking adds on each axle, N. Moments about the ground under the ball: Σ ΔN·D = −(F·h + H·(h − h_b)), F the brakes, H the vehicle's push at
 * the ball. A spring whose wheel brakes is a body by itself: the road pulls it back at the ground and its fixed eye holds it at the eyes' height, so
 * its ends feel ±F·h_eye ÷ c besides; the equalizer then stands at a·(N₁/2 + V₁) = b·(N₂/2 − V₂). A walking beam turns about its pivot:
 * a·ΔN₁ − b·ΔN₂ = (F₁ + F₂)·h_pivot. Source: statics, each body by itself. Holds for a rigid trailer; what axles weigh is left with the rest.
 */
const addsOf = (trailer: BrakedTrailer, brakesN: readonly number[], pushN: number): readonly number[] => {
  const { heightM, ballHeightM, drawbarsM, linkage } = trailer;
  const total = brakesN.reduce((sum, n) => sum + n, 0);
  const tipping = total * heightM + pushN * (heightM - ballHeightM);
  const [first = 0, second] = drawbarsM;
  if (second === undefined) return [-tipping / first];
  const [f1 = 0, f2 = 0] = brakesN;
  const [a, b] = linkage.kind === 'alike' ? [1, 1] : linkage.arms;
  const turning =
    linkage.kind === 'equalizer'
      ? (-2 * (a * f1 + b * f2) * linkage.eyeHeightM) / linkage.springM
      : linkage.kind === 'beam'
        ? total * linkage.pivotHeightM
        : 0;
  // D₁·x + D₂·y = −tipping, a·x − b·y = turning.
  const det = -(first * b + second * a);
  return [(tipping * b - second * turning) / det, (first * turning + a * tipping) / det];
};

type State = 'brake' | 'grip' | 'air';

/** Brakes when each axle is at its brake's limit, at its tires' grip, or in the air: F_i = B_i, F_i = μ·N_i or 0; N is straight in F. */
const brakesIn = (trailer: BrakedTrailer, states: readonly State[], mostN: readonly number[]): readonly number[] => {
  const { standingN } = trailer;
  const count = states.length;
  const unit = (i: number): readonly number[] =>
    addsOf(
      trailer,
      Array.from({ length: count }, (_, k) => (k === i ? 1 : 0)),
      0,
    );
  const more = Array.from({ length: count }, (_, i) => unit(i));
  const fixed = states.map((state, i) => (state === 'brake' ? (mostN[i] as number) : 0));
  const carries = (i: number): number =>
    (standingN[i] as number) + fixed.reduce((sum, n, k) => sum + n * (more[k]?.[i] as number), 0);
  const gripping = states.flatMap((state, i) => (state === 'grip' ? [i] : []));
  const own = (i: number, k: number): number => (i === k ? 1 : 0) - TIRE_GRIP * (more[k]?.[i] as number);
  const [i, k] = gripping;
  if (i === undefined) return fixed;
  const [ri, rk] = [TIRE_GRIP * carries(i), k === undefined ? 0 : TIRE_GRIP * carries(k)];
  if (k === undefined) return fixed.map((n, at) => (at === i ? ri / own(i, i) : n));
  const det = own(i, i) * own(k, k) - own(i, k) * own(k, i);
  return [(ri * own(k, k) - rk * own(i, k)) / det, (rk * own(i, i) - ri * own(k, i)) / det];
};

const NEAR = 1e-9;

/** Its own brakes, as far as they and the tires' grip go: no wheel ever brakes with more than its grip on what it then carries. */
const ownBrakes = (trailer: BrakedTrailer): readonly number[] => {
  const { standingN, massKg } = trailer;
  const whole = standingN.reduce((sum, n) => sum + n, 0);
  // Brakes are as good as the stop that they are made for, shared as the axles carry.
  const mostN = standingN.map((n) => (whole > 0 ? (HARD_STOP_G * massKg * STANDARD_GRAVITY * n) / whole : 0));
  const choices: readonly (readonly State[])[] =
    standingN.length === 1
      ? [['brake'], ['grip']]
      : [
          ['brake', 'brake'],
          ['grip', 'brake'],
          ['brake', 'grip'],
          ['grip', 'grip'],
        ];
  for (const states of choices) {
    const brakes = brakesIn(trailer, states, mostN);
    const adds = addsOf(trailer, brakes, 0);
    const holds = states.every((state, i) => {
      const [brakeN, most] = [brakes[i] as number, mostN[i] as number];
      const gripN = TIRE_GRIP * ((standingN[i] as number) + (adds[i] as number));
      const room = NEAR * Math.max(most, 1);
      return brakeN >= -room && (state === 'brake' ? brakeN <= gripN + room : brakeN <= most + room);
    });
    if (holds) return brakes.map((n) => Math.max(0, n));
  }
  // One axle leaves the road before the other slides: that other one brakes until it does, whichever stops the trailer better.
  const alone = [0, 1].map((i) => {
    const other = 1 - i;
    const perN = addsOf(trailer, i === 0 ? [1, 0] : [0, 1], 0)[other] as number;
    const gripN = brakesIn(trailer, i === 0 ? ['grip', 'air'] : ['air', 'grip'], mostN)[i] as number;
    const untilN = perN < 0 ? -(standingN[other] as number) / perN : Number.POSITIVE_INFINITY;
    return Math.max(0, Math.min(gripN, untilN, mostN[i] as number));
  });
  const [front = 0, rear = 0] = alone;
  return rear >= front ? [0, rear] : [front, 0];
};

/** An emergency stop: by its own brakes as far as they go, or pushed back by the vehicle alone at the rate that the vehicle stops. */
export const hardStop = (trailer: BrakedTrailer, by: 'own-brakes' | 'hitch'): HardStop => {
  const { massKg, standingN } = trailer;
  const weightN = massKg * STANDARD_GRAVITY;
  const pushN = by === 'hitch' ? HARD_STOP_G * weightN : 0;
  const brakesN = by === 'hitch' ? standingN.map(() => 0) : ownBrakes(trailer);
  const addsN = addsOf(trailer, brakesN, pushN);
  const total = brakesN.reduce((sum, n) => sum + n, 0);
  const carriesN = standingN.map((n, i) => n + (addsN[i] as number));
  return {
    decelerationG: weightN > 0 ? (total + pushN) / weightN : 0,
    brakesN,
    addsN,
    ballAddsN: -addsN.reduce((sum, n) => sum + n, 0),
    pushN,
    slides: carriesN.map((n, i) => (brakesN[i] as number) > 0 && (brakesN[i] as number) >= TIRE_GRIP * n * (1 - 1e-6)),
    lifts: carriesN.map((n, i) => n <= 1e-6 * Math.max(standingN[i] as number, 1)),
  };
};

/** How a trailer's axles are linked, its rails' underside so high above the ground, m. */
export const brakeLinkage = ({ runningGear }: Trailer, railBottomM: number): BrakeLinkage => {
  const { layout, equaliserArms, suspension, tire, spacingM } = runningGear;
  if (layout !== 'tandem-equaliser') return { kind: 'alike' };
  if (suspension.kind === 'walking-beam') {
    const [a, b] = equaliserArms;
    return {
      kind: 'beam',
      arms: [(spacingM * a) / (a + b), (spacingM * b) / (a + b)],
      pivotHeightM: tire.loadedRadiusM,
    };
  }
  return suspension.kind === 'leaf'
    ? {
        kind: 'equalizer',
        arms: equaliserArms,
        springM: suspension.hangerSpacingM,
        eyeHeightM: railBottomM - HANGER_DROP_M,
      }
    : { kind: 'alike' };
};
