import type { JobInput, JobName, JobOutput, Trailer } from '@kereta/core';
import { proxy, wrap } from 'comlink';
import type { Answer, JobHost, OnProgress, Order, Urgency } from './host';

/** A job that gives no sign of life for this long while it has the worker is ended: it would go on for ever, ms. */
export const SILENT_AT_MOST_MS = 60_000;

/** A job was ended because it gave no answer. The page says so in place of a figure. */
export class NoAnswer extends Error {
  override readonly name = 'NoAnswer';
  constructor() {
    super('This could not be worked out in reasonable time.');
  }
}
/** The worker went away with another job; this one is asked again. */
export class WorkerEnded extends Error {
  override readonly name = 'WorkerEnded';
}

interface Running {
  readonly worker: Worker;
  readonly host: JobHost;
  /** told when the worker ends under them */
  readonly waiting: Set<(reason: Error) => void>;
  /** when it last gave a sign of life, for whichever job */
  alive: number;
  /** ends the job that gave it: where the worker falls silent, it is that one which hangs */
  working: ((reason: Error) => void) | undefined;
}
let running: Running | undefined;

const begin = (): Running => {
  const worker = new Worker(new URL('./jobs.worker.ts', import.meta.url), { type: 'module' });
  // All of its calls answer by promise already, so that the far side looks like the near one.
  const begun: Running = {
    worker,
    host: wrap(worker) as unknown as JobHost,
    waiting: new Set(),
    alive: Date.now(),
    working: undefined,
  };
  // Its program could not be loaded, or it ran out of memory.
  worker.addEventListener('error', () => end(begun, new NoAnswer()));
  return begun;
};

const end = (ended: Running, reason: Error): void => {
  if (running === ended) running = undefined;
  ended.worker.terminate();
  for (const reject of Array.from(ended.waiting)) reject(reason);
};

/**
 * Asks the one worker for heavy computation, begun when it is first asked. Where it gives no sign of life it is ended and a new one is
 * begun with the next question: the job that hung fails with `NoAnswer`, the others with `WorkerEnded`. A job that waits its turn
 * lives as long as the worker does.
 */
export const inWorker = <R>(
  ask: (host: JobHost, alive: () => void) => Promise<R>,
  silentAtMostMs = SILENT_AT_MOST_MS,
): Promise<R> => {
  running ??= begin();
  const asked = running;
  return new Promise<R>((resolve, reject) => {
    let timer: ReturnType<typeof setTimeout> | undefined;
    const settle = (done: () => void): void => {
      clearTimeout(timer);
      asked.waiting.delete(fail);
      if (asked.working === fail) asked.working = undefined;
      done();
    };
    const fail = (reason: Error): void => settle(() => reject(reason));
    const watch = (forMs: number): void => {
      clearTimeout(timer);
      timer = setTimeout(() => {
        const sinceMs = Date.now() - asked.alive;
        if (sinceMs < silentAtMostMs) return watch(silentAtMostMs - sinceMs);
        (asked.working ?? fail)(new NoAnswer());
        end(asked, new WorkerEnded('the worker was ended'));
      }, forMs);
    };
    const alive = (): void => {
      asked.alive = Date.now();
      asked.working = fail;
      watch(silentAtMostMs);
    };
    if (asked.waiting.size === 0) asked.alive = Date.now();
    asked.waiting.add(fail);
    watch(silentAtMostMs);
    ask(asked.host, alive).then(
      (answer) => {
        asked.alive = Date.now();
        settle(() => resolve(answer));
      },
      (error: unknown) => fail(error instanceof Error ? error : new Error(String(error))),
    );
  });
};

/** Whether a question is worth asking again: its worker ended under it through no fault of its own. */
export const askAgain = (failures: number, error: Error): boolean => error.name === 'WorkerEnded' && failures < 2;

const keys = new WeakMap<object, number>();
let lastKey = 0;
/** A number for a value that is the same as long as it is the very same value: stands for it where a whole trailer would be written out. */
export const identityOf = (value: object): number => {
  const known = keys.get(value);
  if (known !== undefined) return known;
  lastKey += 1;
  keys.set(value, lastKey);
  return lastKey;
};

let tickets = 0;

/** Runs a job in the worker: called off when the signal says so, and then no answer. */
export const runJob = async <Name extends JobName>(
  name: Name,
  input: JobInput<Name>,
  {
    signal,
    urgency = 'now',
    onProgress = () => undefined,
  }: { readonly signal: AbortSignal; readonly urgency?: Urgency; readonly onProgress?: OnProgress },
): Promise<JobOutput<Name>> => {
  tickets += 1;
  const ticket = tickets;
  const { trailer } = input as { readonly trailer?: Trailer };
  const order: Order<Name> = { ticket, name, input, urgency, trailerKey: trailer && identityOf(trailer) };
  const callOff = (): void => void running?.host.callOff(ticket);
  signal.addEventListener('abort', callOff);
  try {
    const answer: Answer<Name> = await inWorker((host, alive) =>
      host.run(
        order,
        proxy((progress) => {
          alive();
          if (!signal.aborted) onProgress(progress);
        }),
      ),
    );
    signal.throwIfAborted();
    if (answer.kind === 'called-off') throw new DOMException('called off', 'AbortError');
    return answer.value;
  } finally {
    signal.removeEventListener('abort', callOff);
  }
};
