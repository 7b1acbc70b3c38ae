import type { BuiltSize, MassFound, ReadingFit, UsedReading } from '../as-built/index.js';
import { isOwnGroup } from '../as-built/index.js';
import type { WeighField, WeighMethod } from '../weighing/index.js';
import { PART_GROUP_NAMES } from './labels.js';
import type { Speaker } from './speak.js';
import { ENGLISH, type Says } from './voice.js';

export const WEIGH_METHOD_NAMES = {
  'bathroom-scale': 'Tongue on a bathroom scale',
  'lever-board': 'Tongue by a lever board',
  'tongue-scale': 'Tongue on a tongue scale',
  'public-scale': 'Public scale, three readings',
  pads: 'Wheels on pads, left and right',
  tilting: 'Balance point’s height by tilting',
  'raising-side': 'Balance point’s height by raising one side',
} as const satisfies Readonly<Record<WeighMethod, string>>;

/** How it is done without getting hurt, and how good it is. */
export const WEIGH_METHOD_HOW = {
  'bathroom-scale': [
    'Level ground, wheels chocked, vehicle away. Coupler at towing height: a degree changes the tongue by about a hundredth.',
    'A stand or a timber between scale and coupler; lower it slowly. Nothing of yours under the tongue.',
    'Good to about a pound (half a kilogram), and only up to what is printed on it.',
  ],
  'lever-board': [
    'A stiff timber, 4 x 4, over two pipes: one on a block, one on the scale. The jack’s foot stands between, near the block.',
    'Keep it level; read the bare board first. Four times the arm is four times the load: good for heavy tongues, on blocks and a longer timber as well.',
    'Measure both arms from the block’s pipe: an eighth of an inch on 12 in is one in a hundred.',
  ],
  'tongue-scale': [
    'Under the coupler at towing height, wheels chocked, vehicle away.',
    'Good to about two in a hundred; read it twice, lifting in between.',
  ],
  'public-scale': [
    'The vehicle alone; then both, hitched, with every wheel on it; then the trailer’s axles alone on it, still hitched and level.',
    'The same people and fuel in each. Good to 10 to 20 lb (5 to 10 kg) a reading.',
  ],
  pads: [
    'Each wheel on its own pad, pads and tongue at one height; stand-ins under the other wheels of a tandem.',
    'Left and right within a twentieth of each other is good, a tenth the most.',
  ],
  tilting: [
    'Springs blocked, wheels chocked so that they can still turn, everything tied down. Nobody beside or under it.',
    'Read the tongue level, then with the nose as high as you can hold it on stands: 10 to 12 degrees at least.',
    'A pound on the tongue of 2,000 lb is about 1/3 in (8 mm) of height: a fine scale, and a steep tilt.',
  ],
  'raising-side': [
    'Springs blocked, coupler free to roll on its wheel, a tether over the top to the other side.',
    'Read the wheel level, then raised by blocks under its pad. A few degrees are enough; watch the other tire.',
  ],
} as const satisfies Readonly<Record<WeighMethod, readonly string[]>>;

export const WEIGH_FIELD_NAMES = {
  scaleKg: 'Scale reads',
  tareKg: 'Scale reads with nothing but stand or board on it',
  armLoadM: 'Block’s pipe to the load',
  armScaleM: 'Block’s pipe to the scale’s pipe',
  vehicleKg: 'Vehicle alone',
  bothKg: 'Both, every wheel on it',
  axlesKg: 'Trailer’s axles alone, hitched',
  leftKg: 'Left wheels',
  rightKg: 'Right wheels',
  tongueKg: 'Tongue, if there is a pad for it',
  levelTongueKg: 'Tongue, level',
  raisedTongueKg: 'Tongue, nose raised',
  weightKg: 'All of the trailer',
  levelCouplerM: 'Coupler above ground, level',
  raisedCouplerM: 'Coupler above ground, raised',
  axleToCouplerM: 'Axle to coupler, along the level',
  wheelRadiusM: 'Wheel’s middle above ground',
  levelWheelKg: 'That wheel, level',
  raisedWheelKg: 'That wheel, raised',
  axleKg: 'Both wheels of the axle together',
  wheelTrackM: 'Track, tire’s middle to tire’s middle',
  raisedM: 'Wheel raised by',
} as const satisfies Readonly<Record<WeighField, string>>;

export const READING_NAMES = {
  tongue: 'Tongue',
  axles: 'Axles',
  total: 'All of it',
  left: 'Left wheels',
  right: 'Right wheels',
} as const satisfies Readonly<Record<UsedReading | 'left' | 'right', string>>;

/** What a file calls a reading or a way to weigh may be any word. */
const isIn = <K extends string>(names: Readonly<Record<K, string>>, word: string): word is K =>
  Object.hasOwn(names, word);
export const readingName = (word: string, say: Says = ENGLISH): string =>
  isIn(READING_NAMES, word) ? say.t(READING_NAMES[word]) : word;
export const weighMethodName = (word: string, say: Says = ENGLISH): string =>
  isIn(WEIGH_METHOD_NAMES, word) ? say.t(WEIGH_METHOD_NAMES[word]) : word;

export const BUILT_SIZE_NAMES = {
  'axle-back': 'Axle behind the front edge',
  'tongue-length': 'Ball’s centre ahead of the front edge',
  track: 'Track, tire’s middle to tire’s middle',
  'rail-top': 'Top of the rails above ground, loaded',
  'ball-height': 'Ball’s centre above ground, loaded and level',
} as const satisfies Readonly<Record<BuiltSize, string>>;

/** What a mass that was found is of. */
export const massName = (id: string, say: Speaker): string =>
  isOwnGroup(id)
    ? say.t(PART_GROUP_NAMES[id])
    : (say.trailer.items.find((item) => item.id === id)?.name ?? say.partName(id));

/** A mass with how far it may be off, as people say it: twice its standard deviation. */
export const doubtfulMass = ({ value, sd }: { readonly value: number; readonly sd: number }, say: Speaker): string =>
  `${say.mass(value)} ± ${say.mass(2 * sd)}`;

/** What a reading says, against what the trailer was thought to put on the scale. */
export const readingText = ({ reading, kg, expectedKg, leftKg, refused, sdKg }: ReadingFit, say: Speaker): string => {
  const by = kg - expectedKg;
  const read = `${say.t(READING_NAMES[reading])} ${say.mass(kg)}`;
  const now = leftKg === undefined ? '' : ` ${say.t('By all readings: {left}.', { left: say.mass(leftKg) })}`;
  if (refused)
    return say.t(
      '{read}: this can hardly be. It is {by} {by2} than everything else lets it be; either it was misread, or something aboard is not in the list. It is kept, and not used.',
      { read, by: say.mass(Math.abs(by)), by2: by > 0 ? say.t('more') : say.t('less') },
    );
  if (Math.abs(by) <= 2 * sdKg)
    return say.t('{read}, as thought: {expected}.{now}', { read, expected: say.mass(expectedKg), now });
  return say.t('{read}, {by} {by2} than thought ({expected}).{now}', {
    read,
    by: say.mass(Math.abs(by)),
    by2: by > 0 ? say.t('more') : say.t('less'),
    expected: say.mass(expectedKg),
    now,
  });
};

/** Things on one place. */
export const togetherText = (ids: readonly string[], say: Speaker): string =>
  say.t(
    '{ids} {count} in what was weighed: the scale knows only what they weigh together, and shares it by how sure each was. Weigh with one of them off to tell them apart.',
    {
      ids: ids.map((id) => massName(id, say)).join(' and '),
      count: ids.length === 2 ? say.t('stand at the same place') : say.t('are always weighed alike'),
    },
  );

/** What the scale did to a mass, in words; empty where it did nothing that matters. */
export const massFoundText = ({ before, after }: MassFound, say: Speaker): string => {
  const by = after.value - before.value;
  if (Math.abs(by) < Math.max(0.1, 0.25 * before.sd)) return say.t('as thought');
  return `${say.mass(Math.abs(by))} ${by > 0 ? say.t('more') : say.t('less')}`;
};

/** Sides that differ by up to this share of their mean are good, and at most. Common practice. */
const SIDES = { good: 0.05, most: 0.1 } as const;

/** Left against right. */
export const sidesText = (leftKg: number, rightKg: number, say: Speaker): string => {
  const mean = (leftKg + rightKg) / 2;
  if (!(mean > 0)) return '';
  const share = Math.abs(leftKg - rightKg) / mean;
  const told = say.t('Left and right differ by {share}', { share: say.percent(share) });
  if (share <= SIDES.good) return say.t('{told}: even.', { told });
  const heavy = leftKg > rightKg ? say.t('left') : say.t('right');
  return share <= SIDES.most
    ? say.t('{told}: it would do; better still, put something from the {heavy} to the other side.', { told, heavy })
    : say.t(
        '{told}: more than the {most} that are common practice at most. Put something from the {heavy} to the other side.',
        { told, most: say.percent(SIDES.most, 0), heavy },
      );
};

/** What a weighed tongue is of the whole that is thought, or was weighed with it. */
export const tongueShareText = (tongueKg: number, wholeKg: number, say: Speaker): string =>
  wholeKg > 0
    ? say.t('{tongue} of all of it, {whole}.', { tongue: say.percent(tongueKg / wholeKg), whole: say.mass(wholeKg) })
    : '';
