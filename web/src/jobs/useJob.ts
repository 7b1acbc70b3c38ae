import type { JobInput, JobName, JobOutput } from '@kereta/core';
import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { identityOf, runJob } from './askWorker';
import type { Urgency } from './host';
import { tellProgress } from './progress';

/** What a view shows of a job: the answer that was finished last, and whether it is to the question of now. */
export interface JobState<Input, Output> {
  readonly result: Output | undefined;
  /** the question that the result answers */
  readonly of: Input | undefined;
  /** the result is of the input as it is now, and not of one before */
  readonly current: boolean;
  readonly working: boolean;
  /** it gave no answer: there is no figure, and none is waited for */
  readonly failed: boolean;
  /** names the job for `useJobProgress` */
  readonly progressKey: string;
  readonly again: () => void;
}

interface JobOptions {
  /** what the answer depends on; the whole input where left out. Objects count by identity. */
  readonly dependsOn?: readonly unknown[];
  readonly urgency?: Urgency;
  /** answers are kept while the next is worked out, marked as older */
  readonly keepsOld?: boolean;
  /** the question must have stood still for this long, ms */
  readonly settleMs?: number;
  /** false: nobody looks just now; what is known already is shown */
  readonly wanted?: boolean;
}

const nameOf = (value: unknown): string =>
  typeof value === 'object' && value !== null ? `#${identityOf(value)}` : String(value);

/** The value once it has stood still for so long; at once where it need not. */
const useSettled = <T>(value: T, key: string, settleMs: number): { readonly value: T; readonly key: string } => {
  const [settled, setSettled] = useState({ value, key });
  useEffect(() => {
    if (settleMs === 0 || settled.key === key) return undefined;
    const timer = setTimeout(() => setSettled({ value, key }), settleMs);
    return () => clearTimeout(timer);
  }, [value, key, settled.key, settleMs]);
  return settleMs === 0 ? { value, key } : settled;
};

/**
 * Asks for a heavy job and shows what was finished last. Undefined asks for nothing. A newer question calls the older one off; the same
 * question asked twice, by whatever views, is worked out once.
 */
export const useJob = <Name extends JobName>(
  name: Name,
  input: JobInput<Name> | undefined,
  { dependsOn, urgency = 'now', keepsOld = true, settleMs = 0, wanted = true }: JobOptions = {},
): JobState<JobInput<Name>, JobOutput<Name>> => {
  const asked = input && [name, ...(dependsOn ?? Object.values(input))].map(nameOf).join(' ');
  const settled = useSettled(input, asked ?? '', settleMs);
  const { key } = settled;
  const { data, isPlaceholderData, isFetching, isError, refetch } = useQuery({
    queryKey: ['job', name, key],
    queryFn: async ({ signal }): Promise<{ readonly answer: JobOutput<Name>; readonly of: JobInput<Name> }> => {
      // A question that nobody asks is not enabled.
      const question = settled.value as JobInput<Name>;
      try {
        return {
          answer: await runJob(name, question, { signal, urgency, onProgress: (now) => tellProgress(key, now) }),
          of: question,
        };
      } finally {
        tellProgress(key, undefined);
      }
    },
    enabled: wanted && settled.value !== undefined,
    // Maps and typed arrays are not compared piece by piece.
    structuralSharing: false,
    ...(keepsOld ? { placeholderData: keepPreviousData } : {}),
    gcTime: 60_000,
  });
  const client = useQueryClient();
  const askedAs = useRef(urgency);
  useEffect(() => {
    if (askedAs.current === urgency) return;
    askedAs.current = urgency;
    if (!isFetching) return;
    // What waits or runs is called off and asked for anew, in its new place.
    void client.cancelQueries({ queryKey: ['job', name, key], exact: true }).then(() => refetch());
  }, [urgency, isFetching, refetch, client, name, key]);
  return {
    result: data?.answer,
    of: data?.of,
    current: data !== undefined && !isPlaceholderData && key === asked,
    working: isFetching || (asked !== undefined && key !== asked),
    failed: isError,
    progressKey: key,
    again: () => void refetch(),
  };
};
