/**
 * Pivot of a walking beam between its two spindles, m: each spindle's load is as the other one's arm, so that arms front : rear put the pivot at
 * a ÷ (a + b) of the way. Moments about the pivot.
 */
export const beamPivotXM = (
  frontXM: number,
  rearXM: number,
  [front, rear]: readonly [front: number, rear: number],
): number => frontXM + ((rearXM - frontXM) * front) / (front + rear);
