/** Sides of a frame that is a parallelogram, and both its diagonals as they are read, m. */
export interface FrameReadings {
  readonly lengthM: number;
  readonly widthM: number;
  readonly frontLeftToRearRightM: number;
  readonly frontRightToRearLeftM: number;
}

export interface FrameOffSquare {
  /** + the right rail is further back, rad */
  readonly offSquareRad: number;
  /** how much, m */
  readonly railsOffsetM: number;
  /**
   * by how much the mean of both diagonals, by their squares, is longer than sides of these lengths allow, m: a reading, or a side, is wrong, or
   * the frame is no parallelogram
   */
  readonly closesByM: number;
}

/**
 * Off square of a frame by its diagonals: d1² − d2² = 4 length × width × sin(off square), and d1² + d2² = 2 (length² + width²) whatever the angle.
 * Undefined where no such frame exists. Source: the parallelogram law, exact.
 */
export const frameOffSquare = ({
  lengthM,
  widthM,
  frontLeftToRearRightM: first,
  frontRightToRearLeftM: second,
}: FrameReadings): FrameOffSquare | undefined => {
  const sine = (first ** 2 - second ** 2) / (4 * lengthM * widthM);
  if (!(Math.abs(sine) <= 1) || !(lengthM > 0) || !(widthM > 0)) return undefined;
  const closesByM = Math.sqrt((first ** 2 + second ** 2) / 2) - Math.hypot(lengthM, widthM);
  return { offSquareRad: Math.asin(sine), railsOffsetM: widthM * sine, closesByM };
};
