import { type Fields, isFields } from './putIn.js';

/** Version 9 keeps sticks as they are planned, what is left on for grinding, and what is said of buying: nothing yet. */
export const toVersion9 = (file: Fields): Fields => {
  const { design } = file;
  if (!isFields(design)) return file;
  const { cutting } = design;
  return {
    ...file,
    design: {
      buying: { taxShare: 0, delivery: 0, budget: null, lines: [], choices: {} },
      ...design,
      ...(isFields(cutting) ? { cutting: { allowM: 0, held: [], ...cutting } } : {}),
    },
  };
};
