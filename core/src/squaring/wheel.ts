/** Both wheels of an axle toed in together by what is between their scribed lines behind and ahead of it, rad. Undefined for no tire. */
export const toeRad = (aheadM: number, behindM: number, tireDiameterM: number): number | undefined => {
  const sine = (behindM - aheadM) / tireDiameterM;
  return Math.abs(sine) < 1 ? Math.asin(sine) : undefined;
};

/** A wheel's lean by how far its rim's upper edge stands out of plumb past the lower one, + out at the top, rad. */
export const camberRad = (topOutM: number, apartM: number): number | undefined => {
  const sine = topOutM / apartM;
  return Math.abs(sine) < 1 ? Math.asin(sine) : undefined;
};

/** What a tape makes of a shackle that stands upright: bolts a little further apart than it is long, as a share of it. */
const TAPE_SHARE = 0.02;

/** A shackle's lean from upright by the heights of its two bolts, rad. Undefined where they are further apart than it is long, by more than a tape's doubt. */
export const shackleLeanRad = (upperM: number, lowerM: number, shackleM: number): number | undefined => {
  const cosine = (upperM - lowerM) / shackleM;
  return Math.abs(cosine) <= 1 + TAPE_SHARE ? Math.acos(Math.max(-1, Math.min(1, cosine))) : undefined;
};
