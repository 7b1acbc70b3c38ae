import { inches } from '../../units/index.js';
import { type Fields, isFields } from './putIn.js';

/** Version 8 says how pieces are cut out of what: a usual saw, and no stock but what yards usually sell. */
export const toVersion8 = (file: Fields): Fields => {
  const { design, settings } = file;
  if (!isFields(design) || Object.hasOwn(design, 'cutting')) return file;
  const metric = isFields(settings) && settings['units'] === 'metric';
  const cutting = { kerfM: metric ? 0.003 : inches(1 / 8), trimM: 0, keepM: metric ? 0.3 : inches(12), stock: [] };
  return { ...file, design: { ...design, cutting } };
};
