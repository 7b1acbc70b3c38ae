import {
  type Language,
  type AnalysisOutcome,
  type CaseDoubt,
  cutEntries,
  type JobOutput,
  type ProjectRecord,
  type Sway,
  type Trailer,
} from '@kereta/core';
import { useMemo } from 'react';
import { NoAnswer } from './askWorker';
import type { Urgency } from './host';
import { useJob } from './useJob';

/** The frame analysis that was finished last, and whether it is of the trailer as it is now. */
export interface Strength {
  readonly outcome: AnalysisOutcome | undefined;
  /** the trailer that the outcome is of */
  readonly of: Trailer | undefined;
  readonly current: boolean;
  /** names the analysis for `useJobProgress` */
  readonly progressKey: string;
  /** it gave no answer: there is no figure, and none is waited for */
  readonly failed: boolean;
}

/** Where nothing is analysed: the printed sheet, tests. */
export const NO_STRENGTH: Strength = {
  outcome: undefined,
  of: undefined,
  current: false,
  progressKey: '',
  failed: false,
};

/** What the analysis depends on: everything but names, notes, prices and how numbers are written. */
const strengthInputs = ({ towVehicle, ...trailer }: Trailer): readonly unknown[] => [
  trailer.job.road,
  trailer.frame,
  trailer.runningGear,
  trailer.coupling,
  trailer.strength,
  trailer.items,
  trailer.cases,
  trailer.ratedGrossKg,
  trailer.tongueBand,
  towVehicle?.massKg,
  towVehicle?.tongueLimitKg,
  towVehicle?.kind,
  trailer.ownRows,
];

/** Edits come in runs; the analysis starts when they pause, ms. */
export const SETTLE_MS = 120;

/** Analyses the committed trailer in the worker; while that goes on, the last finished analysis stays, marked as older. */
export const useStrength = (trailer: Trailer, urgency: Urgency = 'now'): Strength => {
  const input = useMemo(() => ({ trailer }), [trailer]);
  const { result, of, current, progressKey, failed } = useJob('analyse', input, {
    dependsOn: strengthInputs(trailer),
    settleMs: SETTLE_MS,
    urgency,
  });
  const analysed = of?.trailer;
  return useMemo(
    () => ({ outcome: result, of: analysed, current, progressKey, failed }),
    [result, analysed, current, progressKey, failed],
  );
};

/** How a trailer stands in the shed: at first without the frame analysis, which is kept for who opens it. */
export const useShedCard = (
  trailer: Trailer,
  urgency: Urgency,
  language: Language,
): {
  readonly card: JobOutput<'shedCard'> | undefined;
  readonly strength: Strength;
  /** the card is of the trailer as it is, with its frame analysed */
  readonly whole: boolean;
} => {
  const strength = useStrength(trailer, urgency);
  const outcome = strength.current ? strength.outcome : undefined;
  const input = useMemo(() => ({ trailer, outcome, language }), [trailer, outcome, language]);
  const { result, failed, current } = useJob('shedCard', input, { urgency: 'soon' });
  if (failed) throw new NoAnswer();
  return { card: result, strength, whole: strength.current && current };
};

/** What the doubt in weights and places does to every towed load; of the trailer before the last change while that is worked out. */
export interface Doubt {
  readonly doubts: readonly CaseDoubt[] | undefined;
  readonly current: boolean;
}

/** Where nothing is asked: printed sheets, tests. */
export const NO_DOUBT: Doubt = { doubts: undefined, current: false };

/** Ten thousand tries of every load, while somebody looks at them; behind whatever else is asked. */
export const useDoubt = (trailer: Trailer, wanted: boolean): Doubt => {
  const input = useMemo(() => ({ trailer }), [trailer]);
  const { result, current } = useJob('doubt', input, {
    dependsOn: [
      trailer.frame,
      trailer.runningGear,
      trailer.coupling,
      trailer.items,
      trailer.cases,
      trailer.tongueBand,
      trailer.ratedGrossKg,
      trailer.towVehicle,
    ],
    settleMs: SETTLE_MS,
    urgency: 'soon',
    wanted,
  });
  return useMemo(() => ({ doubts: result, current }), [result, current]);
};

/** How every bar is cut out of what there is; of the trailer before the last change while that goes on. */
export const useSticks = (
  trailer: Trailer,
  record: ProjectRecord,
): { readonly sections: JobOutput<'sticks'> | undefined; readonly current: boolean; readonly failed: boolean } => {
  const cuts = useMemo(() => cutEntries(record), [record]);
  const input = useMemo(() => ({ trailer, cuts }), [trailer, cuts]);
  const { result, current, failed } = useJob('sticks', input, {
    dependsOn: [
      trailer.frame,
      trailer.runningGear,
      trailer.coupling,
      trailer.strength.gussets,
      trailer.cutting,
      trailer.ownRows,
      trailer.settings,
      trailer.pricesPerKg,
      cuts.map(({ id }) => id).join(' '),
    ],
    settleMs: SETTLE_MS,
  });
  return { sections: result, current, failed };
};

/** Damping over speed of every towed load; of the trailer before the last change while that goes on. */
export const useSway = (
  trailer: Trailer,
): { readonly sway: Sway | undefined; readonly current: boolean; readonly failed: boolean } => {
  const input = useMemo(() => ({ trailer }), [trailer]);
  const { result, current, failed } = useJob('sway', input, {
    dependsOn: [trailer.frame, trailer.runningGear, trailer.coupling, trailer.items, trailer.cases, trailer.towVehicle],
    urgency: 'soon',
  });
  return { sway: result, current, failed };
};
