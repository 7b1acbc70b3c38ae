import type { Fields } from './putIn.js';

/** Version 11 can remember what a tape read while frame and axles were squared; a file that has none stays as it is. */
export const toVersion11 = (file: Fields): Fields => file;
