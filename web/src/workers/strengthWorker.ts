import { proxy, wrap } from 'comlink';
import type { OnProgress, StrengthTasks } from './strengthTasks';

let remote: StrengthTasks | undefined;

/** The one worker for heavy computation, begun when it is first asked. */
export const strengthWorker = (): StrengthTasks => {
  // All of its calls answer by promise already, so that the far side looks like the near one.
  remote ??= wrap<StrengthTasks>(
    new Worker(new URL('./strength.worker.ts', import.meta.url), { type: 'module' }),
  ) as unknown as StrengthTasks;
  return remote;
};

let tickets = 0;

/** A long job with its ticket: called off when the signal says so, and then no answer. */
export const longJob = async <R>(
  start: (worker: StrengthTasks, ticket: number, onProgress: OnProgress) => Promise<R | undefined>,
  onProgress: OnProgress,
  signal: AbortSignal,
): Promise<R> => {
  tickets += 1;
  const ticket = tickets;
  const worker = strengthWorker();
  const callOff = (): void => void worker.callOff(ticket);
  signal.addEventListener('abort', callOff);
  try {
    const answer = await start(
      worker,
      ticket,
      proxy((done, of) => {
        if (!signal.aborted) onProgress(done, of);
      }),
    );
    signal.throwIfAborted();
    if (answer === undefined) throw new DOMException('called off', 'AbortError');
    return answer;
  } finally {
    signal.removeEventListener('abort', callOff);
  }
};
