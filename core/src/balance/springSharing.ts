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

/** Independent axles: what each gives, and how far the ball is held above the height at which the trailer rides level. */
export interface AxleSprings {
  /** both wheels of each axle, N/m */
  readonly ratesNPerM: readonly number[];
  readonly ballAboveLevelM: number;
  /** how far the ball goes down for each newton on it; 0 for a stiff hitch */
  readonly sinksMPerN: number;
}

/** Whether the ball is held, or sinks, off the height at which all springs are pressed alike. */
export const offLevel = ({ ballAboveLevelM, sinksMPerN }: AxleSprings): boolean =>
  ballAboveLevelM !== 0 || sinksMPerN > 0;

/** A step to find by how much the ball's load changes with its height, m. */
const SLOPE_STEP_M = 1e-4;

/**
 * Sprung forces of independent axles with the ball held off level, N; axles by their distance behind the ball. A hitch that sinks by s
 * a newton comes to rest where δ = δ₀ − s·T(δ); T is linear in δ, so δ − δ₀ = −s·T(δ₀) ÷ (1 + s·dT/dδ).
 */
export const heldAxlesN = (
  axlesM: readonly number[],
  { ratesNPerM, ballAboveLevelM, sinksMPerN }: AxleSprings,
  momentNm: number,
  sprungN: number,
): readonly number[] | undefined => {
  const frame = { axlesM, ratesNPerM };
  const levelM = levelFreeAboveBallM(frame, momentNm);
  const held = (aboveM: number): readonly number[] | undefined =>
    springShares({ ...frame, freeAboveBallM: levelM - aboveM }, momentNm)?.forcesN;
  const stiff = held(ballAboveLevelM);
  if (!stiff || sinksMPerN <= 0) return stiff;
  const onBallN = (forcesN: readonly number[]): number => sprungN - forcesN.reduce((sum, n) => sum + n, 0);
  const lower = held(ballAboveLevelM - SLOPE_STEP_M);
  if (!lower) return stiff;
  const slope = (onBallN(stiff) - onBallN(lower)) / SLOPE_STEP_M;
  return held(ballAboveLevelM - (sinksMPerN * onBallN(stiff)) / (1 + sinksMPerN * slope)) ?? stiff;
};
