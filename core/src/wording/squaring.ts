import type {
  AxleJudged,
  AxleTarget,
  CoupledJudged,
  FrameJudged,
  FrameTarget,
  LevelJudged,
  ParallelJudged,
} from '../building/index.js';
import { formatAngle, formatLength, formatNumber, fromMetres, inches } from '../units/index.js';
import type { Speaker } from './speak.js';

type Say = Pick<Speaker, 'trailer'>;

/** As fine as a tape is read: to 1/32 in, to half a millimetre. */
export const tapeText = (metres: number, { trailer: { settings } }: Say): string =>
  settings.units === 'imperial'
    ? formatLength(metres, { system: 'imperial', denominator: 32 })
    : `${formatNumber(Math.round(2 * fromMetres(metres, 'mm')) / 2, 1).replace(/\.0$/, '')} mm`;

/** Hundredths of a degree: a sixteenth of an inch is about four of them. */
const angleText = (rad: number): string => formatAngle(Math.abs(rad), 2);

/** What is to be done with a frame by its diagonals. */
export const frameSquareText = (
  { found, verdict, differenceM, bothM }: FrameJudged,
  { lengthM, widthM, withinM }: FrameTarget,
  say: Say,
): string => {
  const apart = tapeText(Math.abs(differenceM), say);
  if (verdict === 'misread') {
    const by = tapeText(Math.abs(found.closesByM), say);
    return `These fit no frame of ${tapeText(lengthM, say)} by ${tapeText(widthM, say)}: each is about ${by} too ${
      found.closesByM > 0 ? 'long' : 'short'
    }. Measure again at the same points, or check the sides first.`;
  }
  if (verdict === 'good') return `Square: the diagonals differ by ${apart}, ${tapeText(withinM, say)} would do.`;
  const [longer, back] = differenceM > 0 ? ['left front to right rear', 'right'] : ['right front to left rear', 'left'];
  return `Out of square: the ${back} rail stands ${tapeText(Math.abs(found.railsOffsetM), say)} further back than the other. Pull the longer diagonal, ${longer}, together until both read ${tapeText(bothM, say)}.`;
};

const moveText = (side: 'left' | 'right', byM: number, say: Say): string =>
  `the ${side} hangers ${tapeText(Math.abs(byM), say)} ${byM > 0 ? 'rearward' : 'forward'}`;

/** What is to be done with an axle by its distances from the ball. */
export const axleSquareText = (
  { found, verdict, differenceM, moves, doubtRad, misplacedM }: AxleJudged,
  say: Say,
): string => {
  const apart = tapeText(Math.abs(differenceM), say);
  const angle = `${angleText(found.offSquareRad)} off square, give or take ${angleText(doubtRad)} by the tape`;
  const back = differenceM > 0 ? 'right' : 'left';
  const all = [
    ...(moves.leftM === 0 ? [] : [moveText('left', moves.leftM, say)]),
    ...(moves.rightM === 0 ? [] : [moveText('right', moves.rightM, say)]),
  ].join(' and ');
  const place =
    misplacedM === 0
      ? ''
      : ` Its middle stands ${tapeText(Math.abs(misplacedM), say)} ${misplacedM > 0 ? 'behind' : 'ahead of'} its drawn place.`;
  switch (verdict) {
    case 'good':
      return `Square as far as a tape can tell: left and right differ by ${apart}, ${angle}.${place}`;
    case 'nearly':
      return `Nearly: the ${back} end is ${apart} further from the ball, ${angle}. It would track; better still, move ${all}.${place}`;
    case 'off':
      return `The ${back} end is ${apart} further from the ball, ${angle}. Move ${all}, and read again.${place}`;
  }
};

const CORNERS = {
  leftFrontM: 'left front',
  rightFrontM: 'right front',
  leftRearM: 'left rear',
  rightRearM: 'right rear',
} as const;

/** A thirty-second, m: what no shim is cut for. */
const LEAST_SHIM_M = inches(1 / 32);

/** What goes under which corner. */
export const levelText = ({ found: { shims, outM, twistM }, verdict }: LevelJudged, say: Say): string => {
  if (verdict === 'good') return `Level: all corners within ${tapeText(outM, say)}.`;
  const under = (Object.keys(CORNERS) as (keyof typeof CORNERS)[])
    .filter((corner) => shims[corner] >= LEAST_SHIM_M)
    .map((corner) => `${tapeText(shims[corner], say)} under ${CORNERS[corner]}`)
    .join(', ');
  const low = twistM > 0 ? 'left front and right rear' : 'right front and left rear';
  const twist =
    verdict === 'twisted'
      ? ` It is twisted: ${low} lie ${tapeText(2 * Math.abs(twistM), say)} low against the other two. Loosen what holds it before you shim, or the twist is welded in.`
      : '';
  return `Shim ${under}.${twist}`;
};

/** Which way the tongue has to swing. */
export const coupledText = ({ verdict, differenceM, offM }: CoupledJudged, say: Say): string => {
  const apart = tapeText(Math.abs(differenceM), say);
  if (verdict === 'good')
    return `On the centre line as far as a tape can tell: both corners are as far from the ball within ${apart}.`;
  const [side, other] = offM > 0 ? ['right', 'left'] : ['left', 'right'];
  const found = `The ball is ${tapeText(Math.abs(offM), say)} to the ${side} of the centre line, the corners differ by ${apart}`;
  return verdict === 'nearly'
    ? `${found}. It would do; better still, swing the tongue to the ${other}.`
    : `${found}: swing the tongue to the ${other} until both read the same.`;
};

/** Which axle end has to go where beside the axle before it. */
export const axlesParallelText = (
  { verdict, differenceM, offRad, hangerM }: ParallelJudged,
  { axle }: Pick<AxleTarget, 'axle'>,
  say: Say,
): string => {
  const apart = tapeText(Math.abs(differenceM), say);
  if (verdict === 'good') return `Parallel: left and right differ by ${apart}.`;
  const side = hangerM > 0 ? 'right' : 'left';
  return `They are ${angleText(offRad)} off parallel: left and right differ by ${apart}. Where axle ${axle - 1} is square, move the ${side} hangers of axle ${axle} ${tapeText(Math.abs(hangerM), say)} forward.`;
};
