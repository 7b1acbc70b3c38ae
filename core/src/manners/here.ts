import { overallWidthM } from '../chassis/index.js';
import type { Evaluation } from '../evaluation/index.js';
import { drawnRailTopM } from '../balance/index.js';
import { type DecidedBy, type Manner, type MannerBand, MANNERS } from './rules.js';

/** The figures that rules ask by, m and kg; null: not known, and no rule by it is answered. */
export type MannerFacts = Readonly<Record<Exclude<DecidedBy, 'always'>, number | null>>;

/** Over everything that is on the road with it: the widest, longest and highest of all towed loads, and how far a load reaches past the bed. */
export const mannerFacts = ({ trailer, chassis, cases }: Evaluation): MannerFacts => {
  const { lengthM } = trailer.frame.bed;
  const towed = cases.filter(({ loadCase }) => loadCase.mode === 'towed');
  const items = new Set(trailer.items.map(({ id }) => id));
  const parts = towed.flatMap((one) => one.parts.map((part) => ({ part, isItem: items.has(part.id) })));
  const rearM = Math.max(lengthM, ...parts.map(({ part }) => part.x1M));
  const loadRearM = Math.max(lengthM, ...parts.filter(({ isItem }) => isItem).map(({ part }) => part.x1M));
  const topM = Math.max(0, ...parts.map(({ part }) => part.centre.zM + part.heightM / 2));
  const aside = Math.max(0, ...parts.map(({ part }) => Math.max(Math.abs(part.y0M), Math.abs(part.y1M))));
  return {
    gross: trailer.ratedGrossKg,
    width: Math.max(overallWidthM(trailer).widthM, 2 * aside),
    length: rearM - Math.min(0, chassis.ballXM),
    height: drawnRailTopM(trailer, chassis) + topM,
    overhang: loadRearM - lengthM,
  };
};

/** One rule with the step that this trailer stands on; none while the figure that decides it is missing. */
export interface MannerHere {
  readonly manner: Manner;
  readonly value: number | null | undefined;
  readonly band: MannerBand | undefined;
}

/** The step that a figure stands on, what is just at its end counted to it. */
export const bandOf = ({ bands }: Manner, value: number): MannerBand | undefined =>
  bands.find(({ upTo }) => upTo === null || value <= upTo + 1e-9);

/** Every rule of the project's regions, each with where this trailer stands. */
export const mannersHere = (evaluation: Evaluation): readonly MannerHere[] => {
  const facts = mannerFacts(evaluation);
  const { regions } = evaluation.trailer.settings;
  return regions.flatMap((region) =>
    MANNERS.filter((manner) => manner.region === region).map((manner): MannerHere => {
      const value = manner.by === 'always' ? undefined : facts[manner.by];
      const band = value === null ? undefined : bandOf(manner, value ?? 0);
      return { manner, value, band };
    }),
  );
};
