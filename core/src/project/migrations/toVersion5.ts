import { type Fields, isFields, putIn } from './putIn.js';

/** Version 5 says bars of one's own, of which a trailer of version 4 had none, and of what sheets a deck is, which nobody had said. */
export const toVersion5 = (file: Fields): Fields => {
  const { design } = file;
  if (!isFields(design)) return file;
  return { ...file, design: putIn(putIn(design, ['frame', 'ownBars'], []), ['frame', 'deck', 'sheet'], null) };
};
