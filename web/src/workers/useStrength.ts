import {
  type AnalysisOutcome,
  type Evaluation,
  evaluate,
  type Trailer,
  withOlderStrength,
  withStrength,
} from '@kereta/core';
import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useMemo, useRef, useState } from 'react';
import { longJob } from './strengthWorker';

/** The frame analysis that was finished last, and whether it is of the trailer as it is now. */
export interface Strength {
  readonly outcome: AnalysisOutcome | undefined;
  /** the trailer that the outcome is of */
  readonly of: Trailer | undefined;
  readonly current: boolean;
  readonly progress: { readonly done: number; readonly of: number } | undefined;
  /** it gave no answer: there is no figure, and none is waited for */
  readonly failed: boolean;
}

/** Where nothing is analysed: the printed sheet, tests. */
export const NO_STRENGTH: Strength = {
  outcome: undefined,
  of: undefined,
  current: false,
  progress: undefined,
  failed: false,
};

/** What the analysis depends on: everything but names, notes, prices and how numbers are written. */
const inputsOf = ({
  job,
  frame,
  runningGear,
  coupling,
  strength,
  items,
  cases,
  ratedGrossKg,
  tongueBand,
  towVehicle,
  ownRows,
}: Trailer) => [
  job.road,
  frame,
  runningGear,
  coupling,
  strength,
  items,
  cases,
  ratedGrossKg,
  tongueBand,
  towVehicle?.massKg ?? null,
  towVehicle?.tongueLimitKg ?? null,
  towVehicle?.kind ?? null,
  ownRows,
];

/** Edits come in runs; the analysis starts when they pause, ms. */
const SETTLE_MS = 120;

const useSettled = (trailer: Trailer): Trailer => {
  const [settled, setSettled] = useState(trailer);
  useEffect(() => {
    if (settled === trailer) return undefined;
    const timer = setTimeout(() => setSettled(trailer), SETTLE_MS);
    return () => clearTimeout(timer);
  }, [trailer, settled]);
  return settled;
};

/** Analyses the committed trailer in the worker; while that goes on, the last finished analysis stays, marked as older. */
export const useStrength = (trailer: Trailer): Strength => {
  const settled = useSettled(trailer);
  const [progress, setProgress] = useState<Strength['progress']>(undefined);
  const queryClient = useQueryClient();
  const key = useMemo(() => ['strength', inputsOf(settled)], [settled]);
  const { data, isPlaceholderData, isFetching, isError } = useQuery({
    queryKey: key,
    queryFn: async ({ signal }): Promise<{ readonly outcome: AnalysisOutcome; readonly of: Trailer }> => {
      const outcome = await longJob<AnalysisOutcome>(
        (worker, ticket, onProgress) => worker.analyse(ticket, settled, onProgress),
        (done, of) => setProgress({ done, of }),
        signal,
      );
      return { outcome, of: settled };
    },
    // Maps and typed arrays are not compared piece by piece.
    structuralSharing: false,
    placeholderData: keepPreviousData,
    gcTime: 60_000,
  });
  const before = useRef(key);
  useEffect(() => {
    // A newer question ends an older one: only the latest is wanted.
    if (before.current !== key) void queryClient.cancelQueries({ queryKey: before.current, exact: true });
    before.current = key;
  }, [key, queryClient]);
  return {
    outcome: data?.outcome,
    of: data?.of,
    current: data !== undefined && !isPlaceholderData && settled === trailer,
    progress: isFetching ? progress : undefined,
    failed: isError,
  };
};

/** The light chain of now with the frame analysis: of now where it is done, else of before as a whole. */
export const useFullEvaluation = (
  light: Evaluation,
  shown: Trailer,
  { outcome, of, current }: Strength,
  committed: Trailer,
): Evaluation => {
  const older = useMemo(() => (outcome && of ? withStrength(evaluate(of), outcome) : undefined), [outcome, of]);
  return useMemo(() => {
    if (!outcome || !older) return light;
    return current && shown === committed ? withStrength(light, outcome) : withOlderStrength(light, older);
  }, [light, outcome, older, current, shown, committed]);
};
