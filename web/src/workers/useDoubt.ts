import type { CaseDoubt, Trailer } from '@kereta/core';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { inWorker } from './strengthWorker';

/** What the doubt in weights and places does to every towed load; of the trailer before the last change while that is worked out. */
export interface Doubt {
  readonly doubts: readonly CaseDoubt[] | undefined;
  readonly current: boolean;
}

/** Where nothing is asked: printed sheets, tests. */
export const NO_DOUBT: Doubt = { doubts: undefined, current: false };

/** Ten thousand tries of every load in the worker, while somebody looks at them. */
export const useDoubt = (trailer: Trailer, wanted: boolean): Doubt => {
  const { data, isPlaceholderData } = useQuery({
    queryKey: [
      'doubt',
      trailer.frame,
      trailer.runningGear,
      trailer.coupling,
      trailer.items,
      trailer.cases,
      trailer.tongueBand,
      trailer.towVehicle?.hitchHeightM ?? null,
    ],
    queryFn: () => inWorker((tasks) => tasks.doubt(trailer)),
    enabled: wanted,
    structuralSharing: false,
    placeholderData: keepPreviousData,
    gcTime: 60_000,
  });
  const current = data !== undefined && !isPlaceholderData;
  return useMemo(() => ({ doubts: data, current }), [data, current]);
};
