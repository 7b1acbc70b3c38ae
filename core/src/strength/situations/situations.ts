import { commonPractice, computedBy, publishedSure, type Source } from '../../source.js';

/** Everything that a trailer is put through. */
export const SITUATION_IDS = [
  'standing',
  'bump-both',
  'bump-one',
  'twist',
  'braking',
  'cornering',
  'drawbar',
  'tie-downs',
  'jack-tongue',
  'jack-rail',
  'on-stands',
  'recovery',
  'person-rear',
  'loading-tail',
  'turn-over',
] as const;
export type SituationId = (typeof SITUATION_IDS)[number];

/** allowable: the usual allowable of the metal's own standard; yield: no stress past yield, as published drawbar loadings ask. */
export type Limit = 'allowable' | 'yield';

/** supported: held as it stands; free: the stated forces are balanced by the inertia of what is modelled. */
export type Balance = 'supported' | 'free';

export interface Situation {
  readonly id: SituationId;
  readonly limit: Limit;
  /** where its loads come from */
  readonly source: Source;
  /** cases of these kinds go through it; `gross` the plate's gross alone; `frame` has no case: the bare frame alone */
  readonly cases: 'all' | 'towed' | 'gross' | 'loading' | 'frame';
}

const PRACTICE = commonPractice('dynamic factors for light trailers');

export const SITUATIONS: Readonly<Record<SituationId, Situation>> = {
  standing: { id: 'standing', limit: 'allowable', source: computedBy('weight alone'), cases: 'all' },
  'bump-both': { id: 'bump-both', limit: 'allowable', source: PRACTICE, cases: 'towed' },
  'bump-one': { id: 'bump-one', limit: 'allowable', source: PRACTICE, cases: 'towed' },
  twist: {
    id: 'twist',
    limit: 'allowable',
    source: commonPractice(
      '0.25 to 0.5 of a wheel’s load from one diagonal of the wheels to the other; only where two axles do not share: a ball lets the trailer roll',
    ),
    cases: 'towed',
  },
  braking: {
    id: 'braking',
    limit: 'yield',
    source: commonPractice(
      'an emergency stop of 0.7 g with 1.5 times the standing load, judged at yield as an extreme case; no wheel brakes with more than 0.8 of what it carries',
    ),
    cases: 'towed',
  },
  cornering: {
    id: 'cornering',
    limit: 'allowable',
    source: commonPractice('0.4 g with 1.5 times the standing load'),
    cases: 'towed',
  },
  drawbar: {
    id: 'drawbar',
    limit: 'yield',
    source: publishedSure('ADR 62 and VSB 1: 1.5 g along, 0.5 g across, 0.5 g up and down, no residual deformation'),
    cases: 'gross',
  },
  'tie-downs': {
    id: 'tie-downs',
    limit: 'allowable',
    source: commonPractice('every ring pulled at its working load, 45° up and in'),
    cases: 'towed',
  },
  'on-stands': {
    id: 'on-stands',
    limit: 'allowable',
    source: commonPractice('weight on the stands alone, also with 100 kg stepping on the rear edge, × 1.5'),
    cases: 'all',
  },
  'jack-tongue': {
    id: 'jack-tongue',
    limit: 'allowable',
    source: computedBy('weight on jack and wheels'),
    cases: 'towed',
  },
  'jack-rail': {
    id: 'jack-rail',
    limit: 'allowable',
    source: commonPractice('a floor jack under one rail behind a single axle; two axles are lifted one by one'),
    cases: 'all',
  },
  recovery: {
    id: 'recovery',
    limit: 'yield',
    source: commonPractice('a pull of the tow vehicle’s own weight, straight and 30° aside'),
    cases: 'towed',
  },
  'person-rear': {
    id: 'person-rear',
    limit: 'allowable',
    source: commonPractice('100 kg (220 lb) stepping on, × 1.5'),
    cases: 'all',
  },
  'loading-tail': {
    id: 'loading-tail',
    limit: 'allowable',
    source: commonPractice('two thirds of a machine’s weight on its first axle, on the rear edge as it drives on'),
    cases: 'loading',
  },
  'turn-over': {
    id: 'turn-over',
    limit: 'allowable',
    source: commonPractice('the bare frame lifted by two corners of one side, × 1.5'),
    cases: 'frame',
  },
};
