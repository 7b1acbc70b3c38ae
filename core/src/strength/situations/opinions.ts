import type { OpinionResult, StrengthAnalysis } from '../analysis/analysis.js';
import { isBadlyLoaded } from './ratedGross.js';
import type { SituationId } from './situations.js';

/**
 * Three opinions on strength, never mixed. own: the user's loads and the plate's gross spread evenly; badly: that gross as badly loaded as tongue
 * and hitch let it be; rules: published loads, asked by the regions that the trailer is used in.
 */
export const OPINION_IDS = ['own', 'badly', 'rules'] as const;
export type OpinionId = (typeof OPINION_IDS)[number];

/** The opinion that a run belongs to. */
export const opinionOf = ({
  caseId,
  situation,
}: {
  readonly caseId: string;
  readonly situation: SituationId;
}): OpinionId => (situation === 'drawbar' ? 'rules' : isBadlyLoaded(caseId) ? 'badly' : 'own');

/** What was found under one opinion; undefined where it was not asked. */
export const resultOf = (analysis: StrengthAnalysis, opinion: OpinionId): OpinionResult | undefined =>
  opinion === 'own' ? analysis : analysis[opinion];

/** Stands among the switched-off situations where the user wants no second opinion. */
export const BADLY_OFF = 'badly-loaded';
