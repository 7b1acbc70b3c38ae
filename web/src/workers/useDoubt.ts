import type { CaseDoubt, Project } from '@kereta/core';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { strengthWorker } from './strengthWorker';

/** What the doubt in weights and places does to every towed load; of the trailer before the last change while that is worked out. */
export const useDoubt = (
  project: Project,
  wanted = true,
): { readonly doubts: readonly CaseDoubt[] | undefined; readonly current: boolean } => {
  const { data, isPlaceholderData } = useQuery({
    queryKey: [
      'doubt',
      project.frame,
      project.runningGear,
      project.coupling,
      project.items,
      project.cases,
      project.tongueBand,
      project.towVehicle?.hitchHeightM ?? null,
    ],
    queryFn: () => strengthWorker().doubt(project),
    enabled: wanted,
    structuralSharing: false,
    placeholderData: keepPreviousData,
    gcTime: 60_000,
  });
  return { doubts: data, current: data !== undefined && !isPlaceholderData };
};
