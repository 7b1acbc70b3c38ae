/** From the middle of the ball or coupler to both rear corners, m, and how far those are apart. */
export interface CoupledReadings {
  readonly leftM: number;
  readonly rightM: number;
  readonly cornersApartM: number;
}

/**
 * How far the ball is off the line square through the middle of both corners, + to the right, m: left² − right² = 2 × off × apart. Undefined where no
 * such triangle exists. Source: Pythagoras on both halves, exact.
 */
export const ballOffCentreM = ({ leftM, rightM, cornersApartM }: CoupledReadings): number | undefined => {
  const triangle = leftM + rightM > cornersApartM && Math.abs(leftM - rightM) < cornersApartM;
  return triangle ? (leftM ** 2 - rightM ** 2) / (2 * cornersApartM) : undefined;
};

/** How far an axle is off parallel to the one before it by what lies between their ends, + its right end further back, rad. */
export const offParallelRad = (leftM: number, rightM: number, hooksApartM: number): number | undefined => {
  const sine = (rightM - leftM) / hooksApartM;
  return Math.abs(sine) < 1 ? Math.asin(sine) : undefined;
};
