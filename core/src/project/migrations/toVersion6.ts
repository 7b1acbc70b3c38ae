import { type Fields, isFields, putIn } from './putIn.js';

/** Inches and degrees in SI, as version 6 first knew them. */
const USUAL_SWING = {
  armLengthM: 0.3556,
  startAngleRad: 0.3490658503988659,
  unitAtM: 0.2286,
  unitLeanRad: 0,
  unitRateNPerM: null,
  unitTravelM: 0.0508,
  dampingNsPerM: null,
} as const;

/** Version 6 says flat parts, holes in the deck, ready-made pieces of a body, a bed that tips, swing arms, a tongue on top and further tow vehicles; a trailer of version 5 had none of them. */
export const toVersion6 = (file: Fields): Fields => {
  const { design } = file;
  if (!isFields(design)) return file;
  const added: readonly (readonly [readonly string[], unknown])[] = [
    [['frame', 'ownPanels'], []],
    [['frame', 'pieces'], []],
    [['frame', 'tilt'], null],
    [['frame', 'tongue', 'runs'], 'under'],
    [['frame', 'deck', 'cutouts'], []],
    [['alsoTowedBy'], []],
    [['runningGear', 'suspension', 'swing'], USUAL_SWING],
  ];
  return {
    ...file,
    design: added.reduce<unknown>((into, [path, value]) => putIn(into, path, value), design),
  };
};
