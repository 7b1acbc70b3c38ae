import { EigenvalueDecomposition, LuDecomposition, Matrix, solve } from 'ml-matrix';

/** An axle of the trailer: behind the ball, and its cornering stiffness (both wheels, N/rad). */
export interface TrailerAxle {
  readonly behindBallM: number;
  readonly stiffnessNPerRad: number;
}

/** Tow vehicle and trailer as two rods on single tracks; SI, rad. */
export interface Rig {
  readonly vehicleKg: number;
  readonly vehicleYawKgM2: number;
  /** from the vehicle's balance point: ahead to the front axle, back to the rear axle, back to the ball, m */
  readonly frontM: number;
  readonly rearM: number;
  readonly hitchM: number;
  readonly frontStiffness: number;
  readonly rearStiffness: number;
  readonly trailerKg: number;
  readonly trailerYawKgM2: number;
  /** from the ball back to the trailer's balance point, m */
  readonly balanceM: number;
  readonly axles: readonly TrailerAxle[];
}

export interface Eigenvalue {
  readonly re: number;
  readonly im: number;
}

/** Inertia of v̇, ṙ and γ̈ with the ball's force eliminated. */
const inertiaMatrix = (rig: Rig): Matrix => {
  const { vehicleKg: m1, vehicleYawKgM2: i1, hitchM: e } = rig;
  const { trailerKg: m2, trailerYawKgM2: i2, balanceM: c } = rig;
  return new Matrix([
    [m1 + m2, -m2 * (e + c), -m2 * c],
    [-e * m2, i1 + e * m2 * (e + c), e * m2 * c],
    [-c * m2, i2 + c * m2 * (e + c), i2 + c * m2 * c],
  ]);
};

/**
 * Rate matrix of the state [v, r, γ̇, γ] at a forward speed: sideways speed and yaw rate of the vehicle at its balance point, rate and
 * angle of the trailer against it. Small angles, even speed, no drag, no roll, tire forces in proportion to slip.
 *
 * With the force F_h that the trailer puts on the ball eliminated (y₂ the trailer's balance point):
 *   m₁(v̇ + U·r) = F_f + F_r + F_h,  I₁·ṙ = a·F_f − b·F_r − e·F_h,
 *   m₂·ÿ₂ = F_t − F_h,  I₂(ṙ + γ̈) = −c·F_h − Σ(dⱼ − c)·F_tⱼ,  ÿ₂ = v̇ + U·r − (e + c)·ṙ − c·γ̈,
 *   F_f = −C_f(v + a·r)/U,  F_r = −C_r(v − b·r)/U,  F_tⱼ = −C_tⱼ([v − e·r − dⱼ(r + γ̇)]/U − γ).
 */
export const rateMatrix = (rig: Rig, speedMPerS: number): Matrix => {
  const { vehicleKg: m1, frontM: a, rearM: b, hitchM: e, trailerKg: m2, balanceM: c } = rig;
  const u = speedMPerS;
  // Forces as rows over [v, r, γ̇, γ].
  const front = [-rig.frontStiffness / u, (-rig.frontStiffness * a) / u, 0, 0];
  const rear = [-rig.rearStiffness / u, (rig.rearStiffness * b) / u, 0, 0];
  const trailer = [0, 0, 0, 0];
  const trailerMoment = [0, 0, 0, 0];
  for (const { behindBallM: d, stiffnessNPerRad: k } of rig.axles) {
    const row = [-k / u, (k * (e + d)) / u, (k * d) / u, k];
    row.forEach((value, i) => {
      trailer[i] = (trailer[i] as number) + value;
      trailerMoment[i] = (trailerMoment[i] as number) + d * value;
    });
  }
  const row = (value: (i: number) => number): number[] => [0, 1, 2, 3].map(value);
  const at = (list: readonly number[], i: number): number => list[i] as number;
  const yaw = (i: number): number => (i === 1 ? 1 : 0);
  const right = new Matrix([
    row((i) => at(front, i) + at(rear, i) + at(trailer, i) - (m1 + m2) * u * yaw(i)),
    row((i) => a * at(front, i) - b * at(rear, i) - e * at(trailer, i) + e * m2 * u * yaw(i)),
    row((i) => -at(trailerMoment, i) + c * m2 * u * yaw(i)),
  ]);
  const rates = solve(inertiaMatrix(rig), right);
  return new Matrix([rates.getRow(0), rates.getRow(1), rates.getRow(2), [0, 0, 1, 0]]);
};

/** Beyond this the rates of a rig are so far apart that its modes drown in rounding, 1/s. */
const LARGEST_RATE = 1e12;

/**
 * The four modes at a speed, in no order; none where the numbers are too far apart to be worked with. The general routine never comes
 * back from a matrix that is not finite.
 */
export const eigenvalues = (rig: Rig, speedMPerS: number): readonly Eigenvalue[] => {
  const inertia = inertiaMatrix(rig);
  if (!inertia.to1DArray().every(Number.isFinite) || new LuDecomposition(inertia).isSingular()) return [];
  const rates = rateMatrix(rig, speedMPerS);
  if (!rates.to1DArray().every((rate) => Number.isFinite(rate) && Math.abs(rate) < LARGEST_RATE)) return [];
  const { realEigenvalues, imaginaryEigenvalues } = new EigenvalueDecomposition(rates);
  return realEigenvalues.map((re, i) => ({ re, im: imaginaryEigenvalues[i] as number }));
};

/** Imaginary parts below this share of the mode's size are rounding, not swinging. */
const SWINGS = 1e-9;
const swings = ({ re, im }: Eigenvalue): boolean => Math.abs(im) > SWINGS * Math.hypot(re, im);

/** The mode that swings on longest; undefined where nothing swings. */
export interface Oscillation {
  readonly re: number;
  /** positive of the pair */
  readonly im: number;
  readonly frequencyHz: number;
  readonly naturalFrequencyHz: number;
  readonly dampingRatio: number;
}

export const leastDamped = (modes: readonly Eigenvalue[]): Oscillation | undefined => {
  const all = modes
    .filter((mode) => swings(mode) && mode.im > 0)
    .map(({ re, im }): Oscillation => {
      const size = Math.hypot(re, im);
      return {
        re,
        im,
        frequencyHz: im / (2 * Math.PI),
        naturalFrequencyHz: size / (2 * Math.PI),
        dampingRatio: -re / size,
      };
    });
  return all.reduce<Oscillation | undefined>(
    (least, next) => (!least || next.dampingRatio < least.dampingRatio ? next : least),
    undefined,
  );
};

/** Speed at which a mode is no longer damped, and whether it then swings or runs away to one side. */
export interface LostDamping {
  readonly speedMPerS: number;
  readonly kind: 'oscillatory' | 'divergent';
}

const KMH = 1 / 3.6;
/** Looked for between these speeds, m/s. */
const FROM = 18 * KMH;
const TO = 400 * KMH;
const STEP = 1 * KMH;

/** Where nothing can be worked out nothing is found to be lost, either; `swayOf` leaves such a rig out. */
const NO_MODE: Eigenvalue = { re: Number.NEGATIVE_INFINITY, im: 0 };

const worst = (rig: Rig, speed: number): Eigenvalue =>
  eigenvalues(rig, speed).reduce((most, next) => (next.re > most.re ? next : most), NO_MODE);

/** Lowest speed from 18 to 400 km/h at which the real part of any mode reaches nothing; every mode is looked at. */
export const lostDamping = (rig: Rig): LostDamping | undefined => {
  const kindAt = (speed: number): LostDamping['kind'] => (swings(worst(rig, speed)) ? 'oscillatory' : 'divergent');
  if (worst(rig, FROM).re >= 0) return { speedMPerS: FROM, kind: kindAt(FROM) };
  for (let low = FROM; low < TO; low += STEP) {
    const high = Math.min(low + STEP, TO);
    if (worst(rig, high).re < 0) continue;
    let [damped, lost] = [low, high];
    for (let i = 0; i < 50; i += 1) {
      const middle = (damped + lost) / 2;
      if (worst(rig, middle).re < 0) damped = middle;
      else lost = middle;
    }
    return { speedMPerS: lost, kind: kindAt(lost) };
  }
  return undefined;
};

export interface Instant {
  readonly timeS: number;
  /** of the vehicle */
  readonly sideM: number;
  readonly headingRad: number;
  /** trailer against vehicle */
  readonly angleRad: number;
}

/** A flick of the steering wheel: this angle at the front wheels, there and back, within this time. */
export interface Flick {
  readonly steerRad: number;
  readonly lastsS: number;
}

const STEP_S = 1 / 240;

/**
 * What the rig does after a flick, at even speed: the same linear equations, fourth-order Runge-Kutta at 240 steps a second, kept at 60
 * a second. Shows how a swing grows or dies; at large angles the model no longer holds.
 */
export const afterFlick = (rig: Rig, speedMPerS: number, flick: Flick, lastsS: number): readonly Instant[] => {
  const matrix = rateMatrix(rig, speedMPerS).to2DArray();
  const u = speedMPerS;
  // A steered front wheel adds C_f·δ at the front axle; how that moves the state follows from the same inertia matrix.
  const forced = steerRates(rig);
  const steer = (t: number): number =>
    t < flick.lastsS ? flick.steerRad * Math.sin((2 * Math.PI * t) / flick.lastsS) : 0;
  // [v, r, γ̇, γ, heading, side]
  const rates = (t: number, s: readonly number[]): number[] => {
    const first = [0, 1, 2, 3].map((i) => {
      const own = (matrix[i] as number[]).reduce((sum, value, j) => sum + value * (s[j] as number), 0);
      return own + (forced[i] as number) * steer(t);
    });
    return [...first, s[1] as number, (s[0] as number) + u * (s[4] as number)];
  };
  let state = [0, 0, 0, 0, 0, 0];
  const kept: Instant[] = [];
  const steps = Math.round(lastsS / STEP_S);
  const moved = (s: readonly number[], k: readonly number[], h: number): number[] =>
    s.map((value, i) => value + h * (k[i] as number));
  for (let n = 0; n <= steps; n += 1) {
    const t = n * STEP_S;
    if (n % 4 === 0) {
      kept.push({
        timeS: t,
        sideM: state[5] as number,
        headingRad: state[4] as number,
        angleRad: state[3] as number,
      });
    }
    const k1 = rates(t, state);
    const k2 = rates(t + STEP_S / 2, moved(state, k1, STEP_S / 2));
    const k3 = rates(t + STEP_S / 2, moved(state, k2, STEP_S / 2));
    const k4 = rates(t + STEP_S, moved(state, k3, STEP_S));
    // Folded right round: the model has stopped long before, and its numbers would only grow without end.
    if (Math.abs(state[3] as number) > Math.PI) continue;
    state = state.map(
      (value, i) =>
        value + (STEP_S / 6) * ((k1[i] as number) + 2 * (k2[i] as number) + 2 * (k3[i] as number) + (k4[i] as number)),
    );
  }
  return kept;
};

/** How one radian at the front wheels moves the state. */
const steerRates = (rig: Rig): readonly number[] => {
  const force = Matrix.columnVector([rig.frontStiffness, rig.frontM * rig.frontStiffness, 0]);
  return [...solve(inertiaMatrix(rig), force).getColumn(0), 0];
};
