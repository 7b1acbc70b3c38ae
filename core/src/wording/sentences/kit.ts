import type { AllFindingData } from '../../evaluation/index.js';
import type { Finding } from '../../findings/index.js';
import { inches } from '../../units/index.js';
import type { Speaker } from '../speak.js';

type Sentence<C extends keyof AllFindingData> = (finding: Finding<C, AllFindingData[C]>, say: Speaker) => string;

/** One sentence per code of a stage. */
export type SentencesOf<Data> = { readonly [C in keyof Data & keyof AllFindingData]: Sentence<C> };

export const spare = (load: number, limit: number, write: (value: number) => string, say: Speaker): string =>
  limit >= load
    ? say.t('{left} spare', { left: write(limit - load) })
    : say.t('{over} too much', { over: write(load - limit) });

export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

export const when = (factor: number, say: Speaker): string =>
  factor === 1 ? say.t('standing') : say.t('in a hard bump');

/** Bends too small for the tape are not written as nothing. */
export const bend = (metres: number, say: Speaker): string => {
  const least = say.style.system === 'imperial' ? inches(1) / say.style.denominator : 0.001;
  return metres < least ? say.t('less than {least}', { least: say.length(least) }) : say.length(metres);
};

export const held = (verdict: string, say: Speaker): string =>
  verdict === 'over' ? say.t('More than is allowed.') : verdict === 'tight' ? say.t('Holds, little to spare.') : '';

/** Beside the frame analysis the hand check only compares, and says what it is. */
export const byHand = (counts: boolean, say: Speaker): string => (counts ? '' : say.t('By hand:'));

export const sentence = (...parts: readonly string[]): string => parts.filter((part) => part !== '').join(' ');

export const addsOrTakes = (kg: number, say: Speaker): string =>
  kg >= 0 ? say.t('adds {kg} to', { kg: say.mass(kg) }) : say.t('takes {kg} off', { kg: say.mass(-kg) });
