import type { Fields } from './putIn.js';

/** Version 10 can remember drawing sets in the record; a file that has none stays as it is. */
export const toVersion10 = (file: Fields): Fields => file;
