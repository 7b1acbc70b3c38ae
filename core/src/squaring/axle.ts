/** A tape hooked at both ends of an axle and drawn to the ball, m. */
export interface AxleReadings {
  readonly leftM: number;
  readonly rightM: number;
  /** between both places where the tape is hooked */
  readonly hooksApartM: number;
}

/** How an axle stands to the line from the ball to its middle. */
export interface AxleOffSquare {
  /** + its right end is further back, rad */
  readonly offSquareRad: number;
  /** from the ball to the axle's middle, m */
  readonly ballToAxleM: number;
}

/**
 * Off square of an axle by three sides of the triangle of ball and both hooks. The median from the ball: 4 m² = 2 (left² + right²) − apart²; the
 * law of cosines on both halves: right² − left² = 2 m × apart × sin(off square). Undefined where no such triangle exists. Source: plane
 * trigonometry, exact.
 */
export const axleOffSquare = ({ leftM, rightM, hooksApartM }: AxleReadings): AxleOffSquare | undefined => {
  const median = (2 * (leftM ** 2 + rightM ** 2) - hooksApartM ** 2) / 4;
  const triangle = leftM + rightM > hooksApartM && Math.abs(leftM - rightM) < hooksApartM;
  if (!triangle || !(median > 0)) return undefined;
  const ballToAxleM = Math.sqrt(median);
  const sine = (rightM ** 2 - leftM ** 2) / (2 * ballToAxleM * hooksApartM);
  // A triangle's own figures are never past 1 but for rounding.
  return { offSquareRad: Math.asin(Math.min(1, Math.max(-1, sine))), ballToAxleM };
};

/** How much further back the right hanger is than the left one where the axle is so far off square, m. */
export const hangerDifferenceM = (hangersApartM: number, offSquareRad: number): number =>
  hangersApartM * Math.sin(offSquareRad);

/** Which sides can still be moved: what is tacked stays. */
export type Movable = 'both' | 'left' | 'right';

/** How far each side has to go along the rail to be square, + rearward, m. */
export interface HangerMoves {
  readonly leftM: number;
  readonly rightM: number;
}

/** Half each where both are loose, all of it on the loose side where one is tacked. */
export const hangerMoves = (differenceM: number, movable: Movable): HangerMoves => {
  switch (movable) {
    case 'both':
      return { leftM: differenceM / 2, rightM: -differenceM / 2 };
    case 'left':
      return { leftM: differenceM, rightM: 0 };
    case 'right':
      return { leftM: 0, rightM: -differenceM };
  }
};

/**
 * What an error of one reading does to the angle, rad: both readings are off by it in no particular way, so √2 of one of them counts, and a
 * change of a reading by δ turns the axle by δ × reading ÷ (median × apart). Source: the formula above, differentiated.
 */
export const axleDoubtRad = (readings: AxleReadings, readingDoubtM: number): number | undefined => {
  const found = axleOffSquare(readings);
  if (!found) return undefined;
  const mean = (readings.leftM + readings.rightM) / 2;
  return (
    (Math.SQRT2 * readingDoubtM * mean) / (found.ballToAxleM * readings.hooksApartM * Math.cos(found.offSquareRad))
  );
};
