import { type Fields, isFields, putIn } from './putIn.js';

/** Version 6 says flat parts, ready-made pieces of a body, a bed that tips and further tow vehicles; a trailer of version 5 had none of them. */
export const toVersion6 = (file: Fields): Fields => {
  const { design } = file;
  if (!isFields(design)) return file;
  const added: readonly (readonly [readonly string[], unknown])[] = [
    [['frame', 'ownPanels'], []],
    [['frame', 'pieces'], []],
    [['frame', 'tilt'], null],
    [['alsoTowedBy'], []],
  ];
  return {
    ...file,
    design: added.reduce<unknown>((into, [path, value]) => putIn(into, path, value), design),
  };
};
