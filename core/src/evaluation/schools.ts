import {
  type BalancedCase,
  caseInterval,
  isWithinBand,
  momentsOf,
  windowGeometry,
  windowLimits,
} from '../balance/index.js';
import { axleCount } from '../mass/index.js';
import { TONGUE_SCHOOLS, type TongueBand } from '../project/index.js';
import { pounds } from '../units/index.js';
import type { Evaluation } from './evaluate.js';

export type School = keyof typeof TONGUE_SCHOOLS;

/** An empty tandem by the bathroom scale: 75 to 100 lb on its tongue, whatever its share (common practice). */
export const BATHROOM_SCALE_BAND: TongueBand = {
  minShare: 0,
  maxShare: 1,
  minKg: pounds(75),
  maxKg: pounds(100),
  enoughKg: null,
};

/** What a school of tongue weight says of the loads that are towed, and where the axle would have to be for all of them. */
export interface SchoolAnswer {
  readonly school: School | 'bathroom-scale';
  readonly content: number;
  readonly of: number;
  /** undefined where no place suits all of them */
  readonly place: { readonly fromM: number; readonly toM: number } | undefined;
}

const towedCases = ({ cases }: Evaluation): readonly BalancedCase[] =>
  cases.filter(({ loadCase, standing }) => loadCase.mode === 'towed' && standing);

const answer = (
  evaluation: Evaluation,
  school: SchoolAnswer['school'],
  banded: readonly BalancedCase[],
): SchoolAnswer => {
  const { trailer, chassis } = evaluation;
  const geometry = windowGeometry(trailer, chassis);
  const intervals = geometry
    ? banded.map((own) =>
        caseInterval(momentsOf(trailer, own), geometry, windowLimits(trailer, own), {
          fromM: 0,
          toM: trailer.frame.bed.lengthM,
        }),
      )
    : [];
  const fromM = Math.max(...intervals.map(({ from }) => from.xM));
  const toM = Math.min(...intervals.map(({ to }) => to.xM));
  const suits = intervals.length > 0 && intervals.every(({ empty }) => !empty) && fromM <= toM;
  return {
    school,
    content: banded.filter(isWithinBand).length,
    of: banded.length,
    place: suits ? { fromM, toM } : undefined,
  };
};

/** A load that has a band of its own is asked that by every school, as the strip asks it. */
const schooled = (own: BalancedCase, band: TongueBand): BalancedCase => ({
  ...own,
  band: own.loadCase.tongueBand ?? band,
});

/** Every school's answer to the towed loads; of a tandem also that of the bathroom scale, which asks of the lightest load alone. */
export const schoolAnswers = (evaluation: Evaluation): readonly SchoolAnswer[] => {
  const towed = towedCases(evaluation);
  const [first, ...others] = towed;
  const lightest = others.reduce((least, next) => (least && next.massKg < least.massKg ? next : least), first);
  const schools = (Object.keys(TONGUE_SCHOOLS) as School[]).map((school) =>
    answer(
      evaluation,
      school,
      towed.map((own) => schooled(own, TONGUE_SCHOOLS[school])),
    ),
  );
  return axleCount(evaluation.trailer) > 1 && lightest
    ? [...schools, answer(evaluation, 'bathroom-scale', [{ ...lightest, band: BATHROOM_SCALE_BAND }])]
    : schools;
};
