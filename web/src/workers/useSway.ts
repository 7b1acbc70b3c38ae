import type { Project, Sway } from '@kereta/core';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { strengthWorker } from './strengthWorker';

/** Damping over speed of every towed load, worked out in the worker; of the trailer before the last change while that goes on. */
export const useSway = (project: Project): { readonly sway: Sway | undefined; readonly current: boolean } => {
  const { data, isPlaceholderData } = useQuery({
    queryKey: [
      'sway',
      project.frame,
      project.runningGear,
      project.coupling,
      project.items,
      project.cases,
      project.towVehicle,
    ],
    queryFn: () => strengthWorker().sway(project),
    structuralSharing: false,
    placeholderData: keepPreviousData,
    gcTime: 60_000,
  });
  return { sway: data, current: data !== undefined && !isPlaceholderData };
};
