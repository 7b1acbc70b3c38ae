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
import { ENGLISH, type Says } from './voice.js';

type Say = Pick<Speaker, 'trailer' | 't' | 'figures'>;

/** As fine as a tape is read: to 1/32 in, to half a millimetre. */
export const tapeText = (metres: number, { trailer: { settings }, figures }: Say): string =>
  figures(
    settings.units === 'imperial'
      ? formatLength(metres, { system: 'imperial', denominator: 32 })
      : `${formatNumber(Math.round(2 * fromMetres(metres, 'mm')) / 2, 1).replace(/\.0$/, '')} mm`,
  );

/** Hundredths of a degree: a sixteenth of an inch is about four of them. */
const angleText = (rad: number, say: Says): string => say.figures(formatAngle(Math.abs(rad), 2));

/** Sides that diagonals do not fit, and by how much. */
const misreadText = (closesByM: number, lengthM: number, widthM: number, say: Say): string =>
  say.t(
    '{length} by {width}: each is about {closesBy} too {closesBy2}. Measure again at the same points, or check the sides first.',
    {
      length: tapeText(lengthM, say),
      width: tapeText(widthM, say),
      closesBy: tapeText(Math.abs(closesByM), say),
      closesBy2: closesByM > 0 ? say.t('long') : say.t('short'),
    },
  );

/** What is to be done with a frame by its diagonals. */
export const frameSquareText = (
  { found, verdict, differenceM, bothM }: FrameJudged,
  { lengthM, widthM, withinM }: FrameTarget,
  say: Say,
): string => {
  const apart = tapeText(Math.abs(differenceM), say);
  if (verdict === 'misread')
    return say.t('These fit no frame of {closesBy}', { closesBy: misreadText(found.closesByM, lengthM, widthM, say) });
  if (verdict === 'good')
    return say.t('Square: the diagonals differ by {apart}, {within} would do.', {
      apart,
      within: tapeText(withinM, say),
    });
  const [longer, back] =
    differenceM > 0
      ? [say.t('left front to right rear'), say.t('right')]
      : [say.t('right front to left rear'), say.t('left')];
  return say.t(
    'Out of square: the {back} rail stands {railsOffset} further back than the other. Pull the longer diagonal, {longer}, together until both read {both}.',
    { back, railsOffset: tapeText(Math.abs(found.railsOffsetM), say), longer, both: tapeText(bothM, say) },
  );
};

/** What is to be done with hangers or a gate by their diagonals, A the first and B the second. */
export const rectangleText = (
  { found, verdict, differenceM, bothM }: FrameJudged,
  { lengthM, widthM, withinM }: FrameTarget,
  say: Say,
): string => {
  const apart = tapeText(Math.abs(differenceM), say);
  if (verdict === 'misread')
    return say.t('These do not go with {closesBy}', { closesBy: misreadText(found.closesByM, lengthM, widthM, say) });
  if (verdict === 'good')
    return say.t('Square: A and B differ by {apart}, {within} would do.', { apart, within: tapeText(withinM, say) });
  return say.t('Out of square: {difference} is {apart} longer. Bring its ends together until both read {both}.', {
    difference: differenceM > 0 ? 'A' : 'B',
    apart,
    both: tapeText(bothM, say),
  });
};

const moveText = (side: 'left' | 'right', byM: number, say: Say): string =>
  say.t('the {side} hangers {by} {by2}', {
    side: say.t(side),
    by: tapeText(Math.abs(byM), say),
    by2: byM > 0 ? say.t('rearward') : say.t('forward'),
  });

/** What is to be done with an axle by its distances from the ball. */
export const axleSquareText = (
  { found, verdict, differenceM, moves, doubtRad, misplacedM }: AxleJudged,
  say: Say,
): string => {
  const apart = tapeText(Math.abs(differenceM), say);
  const angle = say.t('{offSquare} off square, give or take {doubt} by the tape', {
    offSquare: angleText(found.offSquareRad, say),
    doubt: angleText(doubtRad, say),
  });
  const back = differenceM > 0 ? say.t('right') : say.t('left');
  const all = [
    ...(moves.leftM === 0 ? [] : [moveText('left', moves.leftM, say)]),
    ...(moves.rightM === 0 ? [] : [moveText('right', moves.rightM, say)]),
  ].join(` ${say.t('and')} `);
  const place =
    misplacedM === 0
      ? ''
      : ` ${say.t('Its middle stands {misplaced} {misplaced2} its drawn place.', { misplaced: tapeText(Math.abs(misplacedM), say), misplaced2: misplacedM > 0 ? say.t('behind') : say.t('ahead of') })}`;
  switch (verdict) {
    case 'good':
      return say.t('Square as far as a tape can tell: left and right differ by {apart}, {angle}.{place}', {
        apart,
        angle,
        place,
      });
    case 'nearly':
      return say.t(
        'Nearly: the {back} end is {apart} further from the ball, {angle}. It would track; better still, move {all}.{place}',
        { back, apart, angle, all, place },
      );
    case 'off':
      return say.t('The {back} end is {apart} further from the ball, {angle}. Move {all}, and read again.{place}', {
        back,
        apart,
        angle,
        all,
        place,
      });
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
  if (verdict === 'good') return say.t('Level: all corners within {out}.', { out: tapeText(outM, say) });
  const under = (Object.keys(CORNERS) as (keyof typeof CORNERS)[])
    .filter((corner) => shims[corner] >= LEAST_SHIM_M)
    .map((corner) =>
      say.t('{shims} under {corners}', { shims: tapeText(shims[corner], say), corners: CORNERS[corner] }),
    )
    .join(', ');
  const low = twistM > 0 ? say.t('left front and right rear') : say.t('right front and left rear');
  const twist =
    verdict === 'twisted'
      ? ` ${say.t('It is twisted: {low} lie {x} low against the other two. Loosen what holds it before you shim, or the twist is welded in.', { low, x: tapeText(2 * Math.abs(twistM), say) })}`
      : '';
  return say.t('Shim {under}.{twist}', { under, twist });
};

/** Which way the tongue has to swing. */
export const coupledText = ({ verdict, differenceM, offM }: CoupledJudged, say: Say): string => {
  const apart = tapeText(Math.abs(differenceM), say);
  if (verdict === 'good')
    return say.t(
      'On the centre line as far as a tape can tell: both corners are as far from the ball within {apart}.',
      { apart },
    );
  const sides = [say.t('left'), say.t('right')] as const;
  const [other, side] = offM > 0 ? sides : ([sides[1], sides[0]] as const);
  const found = say.t('The ball is {off} to the {side} of the centre line, the corners differ by {apart}', {
    off: tapeText(Math.abs(offM), say),
    side,
    apart,
  });
  return verdict === 'nearly'
    ? say.t('{found}. It would do; better still, swing the tongue to the {other}.', { found, other })
    : say.t('{found}: swing the tongue to the {other} until both read the same.', { found, other });
};

/** Which axle end has to go where beside the axle before it. */
export const axlesParallelText = (
  { verdict, differenceM, offRad, hangerM }: ParallelJudged,
  { axle }: Pick<AxleTarget, 'axle'>,
  say: Say,
): string => {
  const apart = tapeText(Math.abs(differenceM), say);
  if (verdict === 'good') return say.t('Parallel: left and right differ by {apart}.', { apart });
  const side = hangerM > 0 ? say.t('right') : say.t('left');
  return say.t(
    'They are {off} off parallel: left and right differ by {apart}. Where axle {axle} is square, move the {side} hangers of axle {axle2} {hanger} forward.',
    { off: angleText(offRad, say), apart, axle: axle - 1, side, axle2: axle, hanger: tapeText(Math.abs(hangerM), say) },
  );
};

/** Thousandths of an inch, or hundredths of a millimetre: what a dial shows. */
export const dialText = (metres: number, { trailer: { settings }, figures }: Say): string =>
  settings.units === 'imperial'
    ? `${figures(formatNumber(fromMetres(metres, 'in'), 3))} in`
    : `${figures(formatNumber(fromMetres(metres, 'mm'), 2))} mm`;

/** Along an axle, by the number of the place from its left end. */
export const DIAL_PLACES = [
  'left bearing seat',
  'left end of the tube',
  'middle',
  'right end of the tube',
  'right bearing seat',
] as const;
const dialPlace = (place: number, say: Says): string => {
  const known = DIAL_PLACES[place - 1];
  return known ? say.t(known) : say.t('place {place}', { place });
};

/** What a dial says of an axle that is turned on its ends. */
export const runOutText = ({ verdict, places, worst }: RunOutJudged, say: Say): string => {
  const own = places.find(({ place }) => place === worst);
  if (!own) return '';
  const name = dialPlace(worst, say);
  const swing = say.t('At the {name} the dial swings {x}, highest {at} on from the first reading', {
    name,
    x: dialText(2 * own.offM, say),
    at: say.figures(formatAngle(own.atRad < 0 ? own.atRad + 2 * Math.PI : own.atRad, 0)),
  });
  const bent = places
    .filter(({ bentM }) => bentM !== undefined && 2 * bentM > RUN_OUT_M.good)
    .map(({ place, bentM = 0 }) =>
      say.t('the {dial} is {bent} off the line of both ends', {
        dial: dialPlace(place, say),
        bent: dialText(bentM, say),
      }),
    );
  const why = bent.length > 0 ? ` ${say.t('It is bent: {bent}.', { bent: bent.join(', ') })}` : '';
  const round = places.filter(({ outOfRoundM }) => 2 * outOfRoundM > RUN_OUT_M.good);
  const oval =
    round.length > 0 ? ` ${say.t('What is left is no swing about a middle: out of round, or misread.')}` : '';
  switch (verdict) {
    case 'good':
      return say.t('{swing}: true as such axles go.{oval}', { swing, oval });
    case 'nearly':
      return say.t('{swing}. It would do.{why}{oval}', { swing, why, oval });
    case 'off':
      return say.t('{swing}: too much.{why} Set the spindle anew before it is welded, or take another.{oval}', {
        swing,
        why,
        oval,
      });
  }
};

/** Toe of both wheels together. */
export const toeText = ({ rad, verdict }: WheelAngle, say: Says = ENGLISH): string => {
  const way = rad > 0 ? say.t('in') : say.t('out');
  return verdict === 'good'
    ? say.t('Straight as tires go: {rad} {way}.', { rad: say.figures(formatAngle(Math.abs(rad), 2)), way })
    : say.t(
        'Toed {way} by {rad}: it wears tires and pulls. Set at the spindles before they are welded, never by bending.',
        { way, rad: say.figures(formatAngle(Math.abs(rad), 2)) },
      );
};

export const camberText = ({ rad, verdict }: WheelAngle, say: Says = ENGLISH): string => {
  const way = rad > 0 ? say.t('out') : say.t('in');
  return verdict === 'good'
    ? say.t('Upright: {rad} {way} at the top.', { rad: say.figures(formatAngle(Math.abs(rad), 2)), way })
    : say.t(
        'It leans {rad} {way} at the top. Loaded it should stand upright; a bent axle is not straightened at home.',
        { rad: say.figures(formatAngle(Math.abs(rad), 2)), way },
      );
};

export const shackleText = ({ rad, verdict }: WheelAngle, say: Says = ENGLISH): string =>
  verdict === 'good'
    ? say.t('The shackle leans {rad} past upright.', { rad: say.figures(formatAngle(rad, 0)) })
    : say.t('The shackle leans {rad}: {rad2}. The hangers’ distance does not go with this spring.', {
        rad: say.figures(formatAngle(rad, 0)),
        rad2: rad < 0.2 ? say.t('it can go over centre') : say.t('it lies down'),
      });

/** How a bed stands behind its vehicle. */
export const hitchedText = ({ rad, verdict }: WheelAngle, say: Says = ENGLISH): string => {
  const way = rad > 0 ? say.t('high') : say.t('low');
  if (verdict === 'good')
    return say.t('Level: {rad} nose {way}.', { rad: say.figures(formatAngle(Math.abs(rad), 2)), way });
  return say.t('Nose {way} by {rad}: take a ball mount with more {rad2}, or change what stands under the springs.', {
    way,
    rad: say.figures(formatAngle(Math.abs(rad), 1)),
    rad2: rad > 0 ? say.t('drop') : say.t('rise'),
  });
};
