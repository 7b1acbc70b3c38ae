import { type Fields, isFields, putIn } from './putIn.js';

/** Version 6 capped all rear ends or none. */
const withCaps = (design: Fields): Fields => {
  const { frame } = design;
  const tongue = isFields(frame) ? frame['tongue'] : undefined;
  if (!isFields(frame) || !isFields(tongue) || Object.hasOwn(tongue, 'caps')) return design;
  const { capped, ...rest } = tongue;
  const rear = capped === true;
  return { ...design, frame: { ...frame, tongue: { ...rest, caps: { ball: false, rear, sides: rear } } } };
};

/** Version 6 had no cheeks on a joint: a tube that went into a tube. */
const withPlates = (design: Fields): Fields => putIn(design, ['frame', 'tongue', 'joint', 'plates'], null) as Fields;

/** Only a box body has skins. */
const withSkins = (design: Fields): Fields => {
  const { frame } = design;
  if (!isFields(frame) || !Array.isArray(frame['pieces'])) return design;
  const pieces = frame['pieces'].map((piece: unknown) =>
    isFields(piece) && piece['kind'] === 'body' ? putIn(piece, ['skinCarries'], false) : piece,
  );
  return { ...design, frame: { ...frame, pieces } };
};

/** What else version 7 says, as a trailer of version 6 was understood. */
const ADDED: readonly (readonly [readonly string[], unknown])[] = [
  [['frame', 'tieDowns', 'kind'], 'ring'],
  [['frame', 'tieDowns', 'places'], []],
  [['frame', 'ownPanels[]', 'carries'], false],
  [['runningGear', 'axle', 'camberRad'], 0],
  [['ownRows', 'axles[]', 'axle', 'camberRad'], 0],
  [['runningGear', 'axle', 'homeBuilt', 'spindleKg'], null],
  [['runningGear', 'axle', 'homeBuilt', 'hubKg'], null],
  [['ownRows', 'axles[]', 'axle', 'homeBuilt', 'spindleKg'], null],
  [['ownRows', 'axles[]', 'axle', 'homeBuilt', 'hubKg'], null],
  [['runningGear', 'suspension', 'shocks'], null],
  [['coupling', 'ballMount', 'reachM'], null],
  [['coupling', 'ballMount', 'ratedReachM'], null],
  [['coupling', 'jack', 'foot'], 'foot'],
];

/**
 * Version 7 says which ends of the tongue are capped, cheeks of a hinge, panels that carry, shocks, camber, how far
 * a ball mount reaches, the jack's foot, and where straps are hooked.
 */
export const toVersion7 = (file: Fields): Fields => {
  const { design } = file;
  if (!isFields(design)) return file;
  const filled = ADDED.reduce<Fields>((into, [path, value]) => putIn(into, path, value) as Fields, design);
  return { ...file, design: withSkins(withPlates(withCaps(filled))) };
};
