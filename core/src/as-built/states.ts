import { evaluate, type AnyFinding } from '../evaluation/index.js';
import type { ProjectRecord, Trailer } from '../project/index.js';
import { type Masses, takenMasses, withMasses } from './masses.js';
import { withBuiltSizes } from './sizes.js';
import { type Weighed, weighedOf } from './weighed.js';

/** States of one trailer: as drawn; as built, with the masses that the scale was believed; and by everything that was weighed. */
export type Basis = 'designed' | 'built' | 'weighed';

/** Of this many standard deviations a found mass is off at most. */
const TOLERANCE_SD = 2;

const builtOf = (sized: Trailer, record: ProjectRecord): Trailer => {
  const taken: Masses = new Map([...takenMasses(record)].map(([id, { kg }]) => [id, { kg, tolerance: 0.01 * kg }]));
  return taken.size > 0 ? withMasses(sized, taken) : sized;
};

/** With every best estimate; as built where no reading is believed. */
const weighedTrailer = (sized: Trailer, record: ProjectRecord, { fits, masses }: Weighed): Trailer =>
  fits.every(({ refused }) => refused)
    ? builtOf(sized, record)
    : withMasses(
        sized,
        new Map(
          masses
            .filter(({ before, behindM }) => before.sd > 0 || behindM !== 0)
            .map(({ id, after, behindM }) => [id, { kg: after.value, tolerance: TOLERANCE_SD * after.sd, behindM }]),
        ),
      );

/** A trailer in one of its states. The very same trailer where nothing was measured. */
export const trailerIn = (trailer: Trailer, record: ProjectRecord, basis: Basis): Trailer => {
  if (basis === 'designed') return trailer;
  const sized = withBuiltSizes(trailer, record);
  return basis === 'built' ? builtOf(sized, record) : weighedTrailer(sized, record, weighedOf(sized, record));
};

/** One load in each state. */
export interface LoadInStates {
  readonly caseId: string;
  readonly states: Readonly<
    Record<
      Basis,
      { readonly massKg: number; readonly tongueN: number | undefined; readonly axlesN: number | undefined }
    >
  >;
}

/** A finding whose verdict is another in the weighed trailer than in the drawn one. */
export interface VerdictChange {
  readonly designed: AnyFinding;
  readonly weighed: AnyFinding;
}

export interface States {
  readonly loads: readonly LoadInStates[];
  readonly changes: readonly VerdictChange[];
  readonly weighed: Weighed;
}

/** The trailer as drawn, built and weighed side by side, load by load, and where its verdicts change. */
export const statesOf = (trailer: Trailer, record: ProjectRecord): States => {
  const sized = withBuiltSizes(trailer, record);
  const weighed = weighedOf(sized, record);
  const evaluations = {
    designed: evaluate(trailer),
    built: evaluate(builtOf(sized, record)),
    weighed: evaluate(weighedTrailer(sized, record, weighed)),
  };
  const loads = trailer.cases.map(({ id }): LoadInStates => {
    const inState = (basis: Basis) => {
      const balanced = evaluations[basis].cases.find(({ loadCase }) => loadCase.id === id);
      const standing = balanced?.standing;
      return {
        massKg: balanced?.massKg ?? 0,
        tongueN: standing?.on === 'ball' ? standing.tongueN : undefined,
        axlesN: standing?.axles.reduce((sum, { loadN }) => sum + loadN, 0),
      };
    };
    return {
      caseId: id,
      states: { designed: inState('designed'), built: inState('built'), weighed: inState('weighed') },
    };
  });
  const now = new Map(evaluations.weighed.findings.map((finding) => [finding.id, finding]));
  const changes = evaluations.designed.findings.flatMap((designed): VerdictChange[] => {
    const after = now.get(designed.id);
    return after && after.verdict !== designed.verdict ? [{ designed, weighed: after }] : [];
  });
  return { loads, changes, weighed };
};
