import { STANDARD_GRAVITY } from '../units/index.js';
import { type AxleSprings, heldAxlesN } from './springSharing.js';

/** A mass on the trailer; the unsprung ones stand on their own axle's wheels and press nothing on the frame. */
export interface StaticMass {
  readonly massKg: number;
  readonly xM: number;
  readonly yM: number;
  /** which axle's, from the front */
  readonly unsprungAxle?: number;
}

/** What the trailer stands on: one point ahead (ball or jack) and one axle or a group. */
export interface Support {
  readonly aheadXM: number;
  readonly axlesXM: readonly number[];
  /** share of the group's sprung load that each axle carries: as the equaliser's arms, or the springs of a level trailer, give it */
  readonly shares: readonly number[];
  readonly springs?: AxleSprings | undefined;
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

/** Shares of two axles on an equaliser: the front axle's load × its arm equals the rear one's × its own. */
export const equalisedShares = ([front, rear]: readonly [number, number]): readonly [number, number] => [
  rear / (front + rear),
  front / (front + rear),
];

/** Where the sprung load of the axle group acts: the axle itself, or the point between them that their shares give. */
export const groupCentreXM = ({ axlesXM, shares }: Pick<Support, 'axlesXM' | 'shares'>): number =>
  axlesXM.reduce((sum, x, i) => sum + x * (shares[i] as number), 0);

/**
 * Standing loads of a rigid trailer: moments about the axle group give the point ahead, the rest is on the axles; left and right from
 * Σm·y about the centre line. Independent axles behind a hitch of known height share by their springs instead, and the ball takes what is left.
 * Undefined where the group is not behind the point ahead.
 * Source: statics, T = Σ mᵢ·g·(x_axle − xᵢ) ÷ (x_axle − x_ball).
 */
export const standingLoads = (masses: readonly StaticMass[], support: Support): StaticLoads | undefined => {
  const { axlesXM, shares, springs, aheadXM, trackM } = support;
  const centre = groupCentreXM(support);
  const baseM = centre - aheadXM;
  if (!(baseM > 0)) return undefined;
  let sprungKg = 0;
  let sprungMoment = 0;
  let sprungRoll = 0;
  const unsprungKg = axlesXM.map(() => 0);
  const unsprungRoll = axlesXM.map(() => 0);
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
  const sprungN = STANDARD_GRAVITY * sprungKg;
  const levelAheadN = (STANDARD_GRAVITY * sprungMoment) / baseM;
  const momentNm = (sprungN - levelAheadN) * baseM;
  const bySprings = springs && heldAxlesN(axlesFromBall(support), springs, momentNm, sprungN);
  const sprungAxlesN = bySprings ?? shares.map((share) => share * (sprungN - levelAheadN));
  const aheadN = sprungN - sprungAxlesN.reduce((sum, n) => sum + n, 0);
  const weightN = sprungN + STANDARD_GRAVITY * unsprungKg.reduce((sum, kg) => sum + kg, 0);
  const onAxlesN = sprungN - aheadN;
  // N_right − N_left = 2·Σm·g·y ÷ track: each side's springs share its part as they carry, an axle keeps its own.
  const axles = sprungAxlesN.map((ownN, i) => {
    const loadN = ownN + STANDARD_GRAVITY * (unsprungKg[i] ?? 0);
    const share = bySprings && onAxlesN > 0 ? ownN / onAxlesN : (shares[i] as number);
    const rollKgM = share * sprungRoll + (unsprungRoll[i] ?? 0);
    const shift = (STANDARD_GRAVITY * rollKgM) / trackM;
    return { loadN, leftN: loadN / 2 - shift, rightN: loadN / 2 + shift };
  });
  return { weightN, aheadN, axles, sprungAxlesN };
};

const axlesFromBall = ({ axlesXM, aheadXM }: Support): readonly number[] => axlesXM.map((x) => x - aheadXM);
