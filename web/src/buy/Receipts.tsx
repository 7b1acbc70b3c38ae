import { useQuery } from '@tanstack/react-query';
import { useEffect, useMemo } from 'react';
import { useEditing } from '../fields/editing';
import { blobsOf } from '../storage/blobs';

const Photo = ({ blob, number }: { readonly blob: Blob; readonly number: number }) => {
  const address = useMemo(() => URL.createObjectURL(blob), [blob]);
  useEffect(() => () => URL.revokeObjectURL(address), [address]);
  return (
    <a href={address} target="_blank" rel="noreferrer" aria-label={`Receipt ${number}`}>
      <img src={address} alt="" className="h-[44px] w-auto border border-base-300" />
    </a>
  );
};

/** Photos of receipts, small; a click shows one whole. */
export const Receipts = ({ blobIds }: { readonly blobIds: readonly string[] }) => {
  const { trailer } = useEditing();
  const { data = [] } = useQuery({
    queryKey: ['receipts', trailer.id, blobIds.join(' ')],
    queryFn: () => blobsOf(trailer.id),
    enabled: blobIds.length > 0,
  });
  return data
    .filter(({ id }) => blobIds.includes(id))
    .map(({ id, blob }, i) => <Photo key={id} blob={blob} number={i + 1} />);
};
