import type { Trailer, Sway } from '@kereta/core';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { inWorker } from './strengthWorker';

/** Damping over speed of every towed load, worked out in the worker; of the trailer before the last change while that goes on. */
export const useSway = (
  trailer: Trailer,
): { readonly sway: Sway | undefined; readonly current: boolean; readonly failed: boolean } => {
  const { data, isPlaceholderData, isError } = useQuery({
    queryKey: [
      'sway',
      trailer.frame,
      trailer.runningGear,
      trailer.coupling,
      trailer.items,
      trailer.cases,
      trailer.towVehicle,
    ],
    queryFn: () => inWorker((tasks) => tasks.sway(trailer)),
    structuralSharing: false,
    placeholderData: keepPreviousData,
    gcTime: 60_000,
  });
  return { sway: data, current: data !== undefined && !isPlaceholderData, failed: isError };
};
