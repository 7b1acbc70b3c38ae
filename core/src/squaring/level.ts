/** How far below a level line or string each corner lies, m. */
export interface CornerReadings {
  readonly leftFrontM: number;
  readonly rightFrontM: number;
  readonly leftRearM: number;
  readonly rightRearM: number;
}

export interface LevelFound {
  /** to be put under each corner so that all are as high as the highest, m */
  readonly shims: CornerReadings;
  /** lowest corner below the highest, m */
  readonly outM: number;
  /** each corner lies so far off the plane through all four, left front and right rear one way, the others the other way, m; + low at left front */
  readonly twistM: number;
}

/** Shims and twist by four corners. Source: the plane of least squares through four corners of a rectangle leaves a quarter of their cross sum. */
export const levelOf = (readings: CornerReadings): LevelFound => {
  const { leftFrontM, rightFrontM, leftRearM, rightRearM } = readings;
  const highest = Math.min(leftFrontM, rightFrontM, leftRearM, rightRearM);
  const shims = {
    leftFrontM: leftFrontM - highest,
    rightFrontM: rightFrontM - highest,
    leftRearM: leftRearM - highest,
    rightRearM: rightRearM - highest,
  };
  return {
    shims,
    outM: Math.max(...Object.values(shims)),
    twistM: (leftFrontM + rightRearM - rightFrontM - leftRearM) / 4,
  };
};
