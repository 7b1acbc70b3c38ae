import { type Fields, isFields, putIn } from './putIn.js';

/** Version 5 says bars of one's own, of which a trailer of version 4 had none. */
export const toVersion5 = (file: Fields): Fields => {
  const { design } = file;
  return isFields(design) ? { ...file, design: putIn(design, ['frame', 'ownBars'], []) } : file;
};
