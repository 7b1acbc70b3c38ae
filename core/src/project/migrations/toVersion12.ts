import type { Fields } from './putIn.js';

/** Version 12 can remember tasks done, hours by task, and how a scale's readings were come by; a file that has none stays as it is. */
export const toVersion12 = (file: Fields): Fields => file;
