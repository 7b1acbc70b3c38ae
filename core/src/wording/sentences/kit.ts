import type { AllFindingData } from '../../evaluation/index.js';
import type { Finding } from '../../findings/index.js';
import { inches } from '../../units/index.js';
import type { Speaker } from '../speak.js';

type Sentence<C extends keyof AllFindingData> = (finding: Finding<C, AllFindingData[C]>, say: Speaker) => string;

/** One sentence per code of a stage. */
export type SentencesOf<Data> = { readonly [C in keyof Data & keyof AllFindingData]: Sentence<C> };

export const spare = (load: number, limit: number, write: (value: number) => string): string =>
  limit >= load ? `${write(limit - load)} spare` : `${write(load - limit)} too much`;

export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

export const when = (factor: number): string => (factor === 1 ? 'standing' : 'in a hard bump');

/** Bends too small for the tape are not written as nothing. */
export const bend = (metres: number, say: Speaker): string => {
  const least = say.style.system === 'imperial' ? inches(1) / say.style.denominator : 0.001;
  return metres < least ? `less than ${say.length(least)}` : say.length(metres);
};

export const held = (verdict: string): string =>
  verdict === 'over' ? 'More than is allowed.' : verdict === 'tight' ? 'Holds, little to spare.' : '';

/** Beside the frame analysis the hand check only compares, and says what it is. */
export const byHand = (counts: boolean): string => (counts ? '' : 'By hand:');

export const sentence = (...parts: readonly string[]): string => parts.filter((part) => part !== '').join(' ');

export const addsOrTakes = (kg: number, say: Speaker): string =>
  kg >= 0 ? `adds ${say.mass(kg)} to` : `takes ${say.mass(-kg)} off`;
