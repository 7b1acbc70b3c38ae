import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { openDatabase } from './database';
import { isFirstNoteRead, listDeleted, listTrailers, loadTrailer, watchTrailers } from './trailers';

const SHED_KEY = ['shed'] as const;

/** All trailers of this browser, newest change first, and what was deleted of late; follows changes of other tabs. */
export const useShed = () => {
  const queryClient = useQueryClient();
  useEffect(() => watchTrailers(() => void queryClient.invalidateQueries({ queryKey: SHED_KEY })), [queryClient]);
  return useQuery({
    queryKey: SHED_KEY,
    queryFn: async () => ({ trailers: await listTrailers(), deleted: await listDeleted() }),
    // Trailers keep their identity between two looks at the shed where nothing changed, and with it what was worked out of them.
    structuralSharing: (before, now) => sameTrailers(before as Shed | undefined, now as Shed),
  });
};
interface Shed {
  readonly trailers: Awaited<ReturnType<typeof listTrailers>>;
  readonly deleted: Awaited<ReturnType<typeof listDeleted>>;
}
const sameTrailers = (before: Shed | undefined, now: Shed): Shed => ({
  ...now,
  trailers: now.trailers.map(
    (trailer) =>
      before?.trailers.find(({ id, updatedAt }) => id === trailer.id && updatedAt === trailer.updatedAt) ?? trailer,
  ),
});

export const useStoredTrailer = (id: string) =>
  useQuery({
    queryKey: ['trailer', id],
    queryFn: async () => (await loadTrailer(id)) ?? null,
    gcTime: 0,
    staleTime: 0,
    structuralSharing: false,
    refetchOnWindowFocus: false,
    refetchOnReconnect: false,
  });

/** Whether this browser keeps what is written here; undefined until it has answered. */
export const useKeeping = () =>
  useQuery({ queryKey: ['keeping'], queryFn: async () => (await openDatabase()).keeping }).data;

export const useFirstNoteRead = () => useQuery({ queryKey: ['first-note-read'], queryFn: isFirstNoteRead });
