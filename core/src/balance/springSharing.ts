/** Independent axles under a rigid frame that is held at the ball: each axle's spring pushes as far as the frame there presses it. */
export interface SpringFrame {
  /** axles, from the ball rearward, m; all behind it */
  readonly axlesM: readonly number[];
  /** both wheels of each axle, N/m */
  readonly ratesNPerM: readonly number[];
  /** height of the frame at which the springs begin to carry, less the height at the ball, m */
  readonly freeAboveBallM: number;
}

export interface SpringShares {
  /** of each axle; none pulls */
  readonly forcesN: readonly number[];
  /** of the frame, rise per metre to the rear */
  readonly slope: number;
}

/**
 * Forces of the axles under a given moment about the ball (N·m, down behind it positive): N = k·(free − ball − s·x), never below
 * nothing, with Σ N·x = M. Exact: axles that would pull are taken out one after another, which can only lower the frame further.
 * Undefined where all axles together are too soft to be pressed at all.
 */
export const springShares = (
  { axlesM, ratesNPerM, freeAboveBallM }: SpringFrame,
  momentNm: number,
): SpringShares | undefined => {
  let active = axlesM.map((_, i) => i).filter((i) => (ratesNPerM[i] as number) > 0 && (axlesM[i] as number) > 0);
  while (active.length > 0) {
    let first = 0;
    let second = 0;
    for (const i of active) {
      const k = ratesNPerM[i] as number;
      const x = axlesM[i] as number;
      first += k * x;
      second += k * x * x;
    }
    const slope = (freeAboveBallM * first - momentNm) / second;
    const force = (i: number): number => (ratesNPerM[i] as number) * (freeAboveBallM - slope * (axlesM[i] as number));
    const pulling = active.filter((i) => force(i) < 0);
    if (pulling.length === 0) {
      const forcesN = axlesM.map((_, i) => (active.includes(i) ? force(i) : 0));
      return { forcesN, slope };
    }
    // The one that would pull most has left the ground first.
    const most = pulling.reduce((worst, i) => (force(i) < force(worst) ? i : worst));
    active = active.filter((i) => i !== most);
  }
  return undefined;
};

/** Height of the ball at which such a frame rides level: all springs pressed alike. */
export const levelFreeAboveBallM = (
  { axlesM, ratesNPerM }: Omit<SpringFrame, 'freeAboveBallM'>,
  momentNm: number,
): number => momentNm / axlesM.reduce((sum, x, i) => sum + x * (ratesNPerM[i] as number), 0);

/** Independent axles behind a hitch of known height: what each gives, and where the frame would stand with nothing on them. */
export interface AxleSprings {
  /** both wheels of each axle, N/m */
  readonly ratesNPerM: readonly number[];
  /** the unpressed frame above the hitch's own height, m */
  readonly freeAboveBallM: number;
  /** how far the ball goes down for each newton on it; 0 for a stiff hitch */
  readonly sinksMPerN: number;
}

/** A step to find by how much the ball's load changes with its height, m. */
const SLOPE_STEP_M = 1e-5;
/** The hitch has come to rest when its height moves by less, m. */
const AT_REST_M = 1e-9;
/** Axles lift one after another: each is a kink in the line, and Newton's steps pass all of them. */
const STEPS = 12;

/**
 * Sprung forces of independent axles behind a hitch of known height, N; axles by their distance behind the ball. A hitch that sinks by s a
 * newton comes to rest where its height fits the load that this height gives: Newton's method on a line with a kink wherever an axle lifts.
 */
export const heldAxlesN = (
  axlesM: readonly number[],
  { ratesNPerM, freeAboveBallM, sinksMPerN }: AxleSprings,
  momentNm: number,
  sprungN: number,
): readonly number[] | undefined => {
  const held = (freeM: number): readonly number[] | undefined =>
    springShares({ axlesM, ratesNPerM, freeAboveBallM: freeM }, momentNm)?.forcesN;
  let forcesN = held(freeAboveBallM);
  if (!forcesN || sinksMPerN <= 0) return forcesN;
  const onBallN = (of: readonly number[]): number => sprungN - of.reduce((sum, n) => sum + n, 0);
  let freeM = freeAboveBallM;
  for (let k = 0; k < STEPS; k += 1) {
    const further = held(freeM + SLOPE_STEP_M);
    if (!further) return forcesN;
    const slope = (onBallN(further) - onBallN(forcesN)) / SLOPE_STEP_M;
    const missM = freeM - freeAboveBallM - sinksMPerN * onBallN(forcesN);
    if (Math.abs(missM) < AT_REST_M) return forcesN;
    freeM -= missM / (1 - sinksMPerN * slope);
    const next = held(freeM);
    if (!next) return forcesN;
    forcesN = next;
  }
  return forcesN;
};
