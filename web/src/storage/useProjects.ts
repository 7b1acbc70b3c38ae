import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { isFirstNoteRead, listProjects, loadProject, watchProjects } from './projectDatabase';

const PROJECTS_KEY = ['projects'] as const;

/** All trailers of this browser, newest change first; follows changes of other tabs. */
export const useProjects = () => {
  const queryClient = useQueryClient();
  useEffect(() => watchProjects(() => void queryClient.invalidateQueries({ queryKey: PROJECTS_KEY })), [queryClient]);
  return useQuery({ queryKey: PROJECTS_KEY, queryFn: listProjects });
};

export const useStoredProject = (id: string) =>
  useQuery({
    queryKey: ['project', id],
    queryFn: async () => (await loadProject(id)) ?? null,
    gcTime: 0,
    staleTime: 0,
    refetchOnWindowFocus: false,
  });

export const useFirstNoteRead = () => useQuery({ queryKey: ['first-note-read'], queryFn: isFirstNoteRead });
