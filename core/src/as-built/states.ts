import { evaluate, type AnyFinding } from '../evaluation/index.js';
import type { ProjectRecord, Trailer } from '../project/index.js';
import { type Masses, takenMasses, withMasses } from './masses.js';
import { withBuiltSizes } from './sizes.js';
import { type Weighed, weighedOf } from './weighed.js';

/** States of one trailer: as drawn; as built, with the masses that the scale was believed; and by everything that was weighed. */
export type Basis = 'designed' | 'built' | 'weighed';

/** Of this many standard deviations a found mass is off at most. */
const TOLERANCE_SD = 2;

const builtOf = (trailer: Trailer, record: ProjectRecord): Trailer => {
  const taken: Masses = new Map([...takenMasses(record)].map(([id, { kg }]) => [id, { kg, tolerance: 0.01 * kg }]));
  const sized = withBuiltSizes(trailer, record);
  return taken.size > 0 ? withMasses(sized, taken) : sized;
};

/** A trailer in one of its states. The very same trailer where nothing was measured. */
export const trailerIn = (trailer: Trailer, record: ProjectRecord, basis: Basis): Trailer => {
  if (basis === 'designed') return trailer;
  if (basis === 'built') return builtOf(trailer, record);
  const sized = withBuiltSizes(trailer, record);
  const found = weighedOf(sized, record);
  if (found.fits.every(({ refused }) => refused)) return builtOf(trailer, record);
  return withMasses(
    sized,
    new Map(
      found.masses
        .filter(({ before, behindM }) => before.sd > 0 || behindM !== 0)
        .map(({ id, after, behindM }) => [id, { kg: after.value, tolerance: TOLERANCE_SD * after.sd, behindM }]),
    ),
  );
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

const BASES: readonly Basis[] = ['designed', 'built', 'weighed'];

/** The trailer as drawn, built and weighed side by side, load by load, and where its verdicts change. */
export const statesOf = (trailer: Trailer, record: ProjectRecord): States => {
  const evaluations = Object.fromEntries(
    BASES.map((basis) => [basis, evaluate(trailerIn(trailer, record, basis))]),
  ) as Readonly<Record<Basis, ReturnType<typeof evaluate>>>;
  const loads = trailer.cases.map(({ id }): LoadInStates => {
    const in1 = (basis: Basis) => {
      const balanced = evaluations[basis].cases.find(({ loadCase }) => loadCase.id === id);
      const standing = balanced?.standing;
      return {
        massKg: balanced?.massKg ?? 0,
        tongueN: standing?.on === 'ball' ? standing.tongueN : undefined,
        axlesN: standing?.axles.reduce((sum, { loadN }) => sum + loadN, 0),
      };
    };
    return { caseId: id, states: { designed: in1('designed'), built: in1('built'), weighed: in1('weighed') } };
  });
  const now = new Map(evaluations.weighed.findings.map((finding) => [finding.id, finding]));
  const changes = evaluations.designed.findings.flatMap((designed): VerdictChange[] => {
    const weighed = now.get(designed.id);
    return weighed && weighed.verdict !== designed.verdict ? [{ designed, weighed }] : [];
  });
  return { loads, changes, weighed: weighedOf(withBuiltSizes(trailer, record), record) };
};
