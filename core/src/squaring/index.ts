export {
  axleDoubtRad,
  type AxleOffSquare,
  axleOffSquare,
  type AxleReadings,
  hangerDifferenceM,
  type HangerMoves,
  hangerMoves,
  type Movable,
} from './axle.js';
export { type FrameOffSquare, frameOffSquare, type FrameReadings } from './frame.js';
export { type CornerReadings, type LevelFound, levelOf } from './level.js';
export { ballOffCentreM, type CoupledReadings, offParallelRad } from './tongue.js';
export { bendM, type DialRound, offMiddle, type OffMiddle } from './runOut.js';
export { camberRad, shackleLeanRad, toeRad } from './wheel.js';
