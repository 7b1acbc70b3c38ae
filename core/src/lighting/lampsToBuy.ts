import type { Evaluation } from '../evaluation/index.js';
import { placedLamps } from './places.js';
import type { LampCode, LampRule } from './rules.js';

/** What is bought as one housing, each piece serving all of these. */
export interface LampToBuy {
  readonly code: LampCode | 'rear-combination';
  readonly colour: LampRule['colour'] | 'red-amber';
  readonly serves: readonly LampCode[];
  readonly count: number;
}

/** Sold as one lamp: what stands at one place and is lit or shines back together. Common practice. */
const TOGETHER: readonly (readonly LampCode[])[] = [
  ['tail', 'stop', 'turn'],
  ['marker-front', 'side-reflector-front'],
  ['marker-rear', 'side-reflector-rear'],
  ['marker-middle', 'side-reflector-middle'],
];

/**
 * Lamps and reflectors to buy, by what is sold as one. Where several regions ask for one, once, as the first of them wants it. Tape is no
 * lamp and is left to `tapeM`.
 */
export const lampsToBuy = (evaluation: Evaluation): readonly LampToBuy[] => {
  const rules = new Map<LampCode, LampRule>();
  for (const { rule } of placedLamps(evaluation))
    if (rule.code !== 'conspicuity' && !rules.has(rule.code)) rules.set(rule.code, rule);
  const taken = new Set<LampCode>();
  return [...rules.values()].flatMap((rule): LampToBuy[] => {
    if (taken.has(rule.code)) return [];
    const serves = (TOGETHER.find((codes) => codes.includes(rule.code)) ?? [rule.code]).filter((code) =>
      rules.has(code),
    );
    for (const code of serves) taken.add(code);
    const colours = new Set(serves.map((code) => rules.get(code)?.colour));
    return [
      {
        code: serves.includes('tail') && serves.length > 1 ? 'rear-combination' : rule.code,
        colour: colours.has('red') && colours.has('amber') ? 'red-amber' : rule.colour,
        serves,
        count: rule.count,
      },
    ];
  });
};

/** Red and white tape where it is asked for: half of each side, and across the rear, m. */
export const tapeM = (evaluation: Evaluation): number => {
  const asked = placedLamps(evaluation).some(({ rule }) => rule.code === 'conspicuity');
  const { lengthM, widthM } = evaluation.trailer.frame.bed;
  return asked ? lengthM + widthM : 0;
};
