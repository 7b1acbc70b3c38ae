import { useQuery } from '@tanstack/react-query';
import { useEffect, useMemo } from 'react';
import { useEditing } from './editing';
import { blobsByIds } from '../storage/blobs';

const Photo = ({ blob, name }: { readonly blob: Blob; readonly name: string }) => {
  const address = useMemo(() => URL.createObjectURL(blob), [blob]);
  useEffect(() => () => URL.revokeObjectURL(address), [address]);
  return (
    <a href={address} target="_blank" rel="noreferrer" aria-label={name}>
      <img src={address} alt="" className="h-[44px] w-auto border border-base-300" />
    </a>
  );
};

/** Photos of what was noted, small; a click shows one whole. `name`: of each, before its number. */
export const Photos = ({ blobIds, name }: { readonly blobIds: readonly string[]; readonly name: string }) => {
  const { trailer } = useEditing();
  const { data = [] } = useQuery({
    queryKey: ['photos', trailer.id, blobIds.join(' ')],
    queryFn: () => blobsByIds(blobIds),
    // Kept only while they are looked at: photos are large.
    gcTime: 10_000,
    enabled: blobIds.length > 0,
  });
  return data.map(({ id, blob }, i) => <Photo key={id} blob={blob} name={`${name} ${i + 1}`} />);
};
