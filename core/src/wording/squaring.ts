import type {
  AxleJudged,
  AxleTarget,
  CoupledJudged,
  FrameJudged,
  FrameTarget,
  LevelJudged,
  ParallelJudged,
  RunOutJudged,
  WheelAngle,
} from '../building/index.js';
import { RUN_OUT_M } from '../building/index.js';
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

/** Sides that diagonals do not fit, and by how much. */
const misreadText = (closesByM: number, lengthM: number, widthM: number, say: Say): string =>
  `${tapeText(lengthM, say)} by ${tapeText(widthM, say)}: each is about ${tapeText(Math.abs(closesByM), say)} too ${
    closesByM > 0 ? 'long' : 'short'
  }. Measure again at the same points, or check the sides first.`;

/** What is to be done with a frame by its diagonals. */
export const frameSquareText = (
  { found, verdict, differenceM, bothM }: FrameJudged,
  { lengthM, widthM, withinM }: FrameTarget,
  say: Say,
): string => {
  const apart = tapeText(Math.abs(differenceM), say);
  if (verdict === 'misread') return `These fit no frame of ${misreadText(found.closesByM, lengthM, widthM, say)}`;
  if (verdict === 'good') return `Square: the diagonals differ by ${apart}, ${tapeText(withinM, say)} would do.`;
  const [longer, back] = differenceM > 0 ? ['left front to right rear', 'right'] : ['right front to left rear', 'left'];
  return `Out of square: the ${back} rail stands ${tapeText(Math.abs(found.railsOffsetM), say)} further back than the other. Pull the longer diagonal, ${longer}, together until both read ${tapeText(bothM, say)}.`;
};

/** What is to be done with hangers or a gate by their diagonals, A the first and B the second. */
export const rectangleText = (
  { found, verdict, differenceM, bothM }: FrameJudged,
  { lengthM, widthM, withinM }: FrameTarget,
  say: Say,
): string => {
  const apart = tapeText(Math.abs(differenceM), say);
  if (verdict === 'misread') return `These do not go with ${misreadText(found.closesByM, lengthM, widthM, say)}`;
  if (verdict === 'good') return `Square: A and B differ by ${apart}, ${tapeText(withinM, say)} would do.`;
  return `Out of square: ${differenceM > 0 ? 'A' : 'B'} is ${apart} longer. Bring its ends together until both read ${tapeText(bothM, say)}.`;
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

/** Thousandths of an inch, or hundredths of a millimetre: what a dial shows. */
export const dialText = (metres: number, { trailer: { settings } }: Say): string =>
  settings.units === 'imperial'
    ? `${formatNumber(fromMetres(metres, 'in'), 3)} in`
    : `${formatNumber(fromMetres(metres, 'mm'), 2)} mm`;

/** Along an axle, by the number of the place from its left end. */
export const DIAL_PLACES = [
  'left bearing seat',
  'left end of the tube',
  'middle',
  'right end of the tube',
  'right bearing seat',
];

/** What a dial says of an axle that is turned on its ends. */
export const runOutText = ({ verdict, places, worst }: RunOutJudged, say: Say): string => {
  const own = places.find(({ place }) => place === worst);
  if (!own) return '';
  const name = DIAL_PLACES[worst - 1] ?? `place ${worst}`;
  const swing = `At the ${name} the dial swings ${dialText(2 * own.offM, say)}, highest ${formatAngle(own.atRad < 0 ? own.atRad + 2 * Math.PI : own.atRad, 0)} on from the first reading`;
  const bent = places
    .filter(({ bentM }) => bentM !== undefined && 2 * bentM > RUN_OUT_M.good)
    .map(
      ({ place, bentM = 0 }) =>
        `the ${DIAL_PLACES[place - 1] ?? `place ${place}`} is ${dialText(bentM, say)} off the line of both ends`,
    );
  const why = bent.length > 0 ? ` It is bent: ${bent.join(', ')}.` : '';
  const round = places.filter(({ outOfRoundM }) => 2 * outOfRoundM > RUN_OUT_M.good);
  const oval = round.length > 0 ? ` What is left is no swing about a middle: out of round, or misread.` : '';
  switch (verdict) {
    case 'good':
      return `${swing}: true as such axles go.${oval}`;
    case 'nearly':
      return `${swing}. It would do.${why}${oval}`;
    case 'off':
      return `${swing}: too much.${why} Set the spindle anew before it is welded, or take another.${oval}`;
  }
};

/** Toe of both wheels together. */
export const toeText = ({ rad, verdict }: WheelAngle): string => {
  const way = rad > 0 ? 'in' : 'out';
  return verdict === 'good'
    ? `Straight as tires go: ${formatAngle(Math.abs(rad), 2)} ${way}.`
    : `Toed ${way} by ${formatAngle(Math.abs(rad), 2)}: it wears tires and pulls. Set at the spindles before they are welded, never by bending.`;
};

export const camberText = ({ rad, verdict }: WheelAngle): string => {
  const way = rad > 0 ? 'out' : 'in';
  return verdict === 'good'
    ? `Upright: ${formatAngle(Math.abs(rad), 2)} ${way} at the top.`
    : `It leans ${formatAngle(Math.abs(rad), 2)} ${way} at the top. Loaded it should stand upright; a bent axle is not straightened at home.`;
};

export const shackleText = ({ rad, verdict }: WheelAngle): string =>
  verdict === 'good'
    ? `The shackle leans ${formatAngle(rad, 0)} past upright.`
    : `The shackle leans ${formatAngle(rad, 0)}: ${rad < 0.2 ? 'it can go over centre' : 'it lies down'}. The hangers’ distance does not go with this spring.`;

/** How a bed stands behind its vehicle. */
export const hitchedText = ({ rad, verdict }: WheelAngle): string => {
  const way = rad > 0 ? 'high' : 'low';
  if (verdict === 'good') return `Level: ${formatAngle(Math.abs(rad), 2)} nose ${way}.`;
  return `Nose ${way} by ${formatAngle(Math.abs(rad), 1)}: take a ball mount with more ${rad > 0 ? 'drop' : 'rise'}, or change what stands under the springs.`;
};
