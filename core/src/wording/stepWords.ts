import type { StepId } from '../findings/index.js';

/** Other words by which a step is looked for. */
const WORDS: Readonly<Record<StepId, string>> = {
  job: 'purpose vehicle road width',
  frame: 'rails cross-members deck sides body',
  loads: 'items cargo weights tanks',
  axle: 'wheels tires springs hangers brakes',
  tongue: 'coupler hitch chains jack ball',
  strength: 'bending welds size it',
  balance: 'tongue weight window',
  towing: 'sway turning level',
  cut: 'sticks stock plates',
  build: 'plan tasks weld lay out',
  weigh: 'scale log journal service',
};

export const stepWords = (step: StepId): string => WORDS[step];
