export {
  AXLE_SQUARE_SOURCE,
  AXLE_WITHIN_M,
  type AxleJudged,
  type AxleTarget,
  axleTargets,
  FRAME_SQUARE_SOURCE,
  type FrameJudged,
  type FrameTarget,
  frameTarget,
  judgeAxle,
  judgeFrame,
  TAPE_DOUBT_M,
} from './squaring.js';
