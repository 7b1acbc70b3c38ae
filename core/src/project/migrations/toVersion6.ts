import { type Fields, isFields, putIn } from './putIn.js';

/** Version 6 says flat parts, ready-made pieces of a body and a bed that tips, of which a trailer of version 5 had none. */
export const toVersion6 = (file: Fields): Fields => {
  const { design } = file;
  if (!isFields(design)) return file;
  const added: readonly (readonly [string, unknown])[] = [
    ['ownPanels', []],
    ['pieces', []],
    ['tilt', null],
  ];
  return {
    ...file,
    design: added.reduce<unknown>((into, [field, value]) => putIn(into, ['frame', field], value), design),
  };
};
