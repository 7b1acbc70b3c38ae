import { type MassSum, type Part, sumMass } from '../../mass/index.js';
import { publishedVerify, type Source } from '../../source.js';
import { pounds } from '../../units/index.js';

/** What is turned over, and how many it takes. */
export interface Turning {
  readonly sum: MassSum;
  /** what those who lift have in their hands while it goes over its edge, kg */
  readonly liftedKg: number;
  readonly people: number;
  /** too much for hands: a hoist, a gantry, a pair of chain falls */
  readonly hoist: boolean;
}

/** One person lifts so much at best: the load constant of the lifting equation. */
const ONE_LIFTS_KG = pounds(51);
export const LIFT_SOURCE: Source = publishedVerify(
  'NIOSH, Revised Lifting Equation (1991): 51 lb under the best conditions',
);
/** More than so many do not get a hand on it. */
const MOST_PEOPLE = 6;

/** Rolled over a long edge, half of its weight is lifted; never by one alone. */
export const turningOf = (parts: readonly Part[]): Turning => {
  const sum = sumMass(parts);
  const liftedKg = sum.massKg / 2;
  const people = Math.max(2, Math.ceil(liftedKg / ONE_LIFTS_KG));
  return { sum, liftedKg, people: Math.min(people, MOST_PEOPLE), hoist: people > MOST_PEOPLE };
};
