/** The writer of such files comes only with the first of them. */
export { platesDxf, sheetsDxf } from '@kereta/core';
