import { STANDARD_GRAVITY } from '../units/index.js';

/** A mass on the trailer; the unsprung ones stand on their own axle's wheels and press nothing on the frame. */
export interface StaticMass {
  readonly massKg: number;
  readonly xM: number;
  readonly yM: number;
  readonly unsprungAxle?: 0 | 1;
}

/** What the trailer stands on: one point ahead (ball or jack) and one axle or an equalised pair. */
export interface Support {
  readonly aheadXM: number;
  readonly axlesXM: readonly [number] | readonly [number, number];
  /** front and rear arm of the equaliser; the front axle's load × its arm equals the rear one's × its own */
  readonly equaliserArms: readonly [number, number];
  /** between wheel centres; roll is taken by the wheels alone */
  readonly trackM: number;
}

export interface StaticLoads {
  readonly weightN: number;
  /** upward on the trailer at the point ahead; negative pulls down */
  readonly aheadN: number;
  readonly axles: readonly { readonly loadN: number; readonly leftN: number; readonly rightN: number }[];
  /** sprung part of the force on the axle group: what springs and hangers pass */
  readonly sprungAxlesN: readonly number[];
}

/** Where the sprung load of the axle group acts: the axle itself, or the point between the two that the arms give. */
export const groupCentreXM = ({ axlesXM, equaliserArms }: Pick<Support, 'axlesXM' | 'equaliserArms'>): number => {
  const [front, rear] = axlesXM;
  if (rear === undefined) return front;
  const [a, b] = equaliserArms;
  return (front * b + rear * a) / (a + b);
};

/**
 * Standing loads of a rigid, level trailer: moments about the axle group give the point ahead, the rest is on the axles;
 * left and right from Σm·y about the centre line. Undefined where the group is not behind the point ahead.
 * Source: statics, T = Σ mᵢ·g·(x_axle − xᵢ) ÷ (x_axle − x_ball).
 */
export const standingLoads = (masses: readonly StaticMass[], support: Support): StaticLoads | undefined => {
  const centre = groupCentreXM(support);
  const baseM = centre - support.aheadXM;
  if (!(baseM > 0)) return undefined;
  let sprungKg = 0;
  let sprungMoment = 0;
  let sprungRoll = 0;
  const unsprungKg = [0, 0];
  const unsprungRoll = [0, 0];
  for (const { massKg, xM, yM, unsprungAxle } of masses) {
    if (unsprungAxle === undefined) {
      sprungKg += massKg;
      sprungMoment += massKg * (centre - xM);
      sprungRoll += massKg * yM;
    } else {
      unsprungKg[unsprungAxle] = (unsprungKg[unsprungAxle] ?? 0) + massKg;
      unsprungRoll[unsprungAxle] = (unsprungRoll[unsprungAxle] ?? 0) + massKg * yM;
    }
  }
  const aheadN = (STANDARD_GRAVITY * sprungMoment) / baseM;
  const sprungOnAxlesN = STANDARD_GRAVITY * sprungKg - aheadN;
  const [a, b] = support.equaliserArms;
  const shares = support.axlesXM.length === 2 ? [b / (a + b), a / (a + b)] : [1];
  const sprungAxlesN = shares.map((share) => share * sprungOnAxlesN);
  const totalN = STANDARD_GRAVITY * (sprungKg + (unsprungKg[0] ?? 0) + (unsprungKg[1] ?? 0)) - aheadN;
  // N_right − N_left = 2·Σm·g·y ÷ track: each side's springs share its part as the equaliser gives it, an axle keeps its own.
  const axles = sprungAxlesN.map((sprungN, i) => {
    const loadN = sprungN + STANDARD_GRAVITY * (unsprungKg[i] ?? 0);
    const rollKgM = (shares[i] as number) * sprungRoll + (unsprungRoll[i] ?? 0);
    const shift = (STANDARD_GRAVITY * rollKgM) / support.trackM;
    return { loadN, leftN: loadN / 2 - shift, rightN: loadN / 2 + shift };
  });
  return { weightN: totalN + aheadN, aheadN, axles, sprungAxlesN };
};
