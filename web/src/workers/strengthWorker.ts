import { proxy, wrap } from 'comlink';
import type { OnProgress, StrengthTasks } from './strengthTasks';

/** A job that gives no sign of life for this long is ended: it would go on for ever, ms. */
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
  readonly tasks: StrengthTasks;
  /** told when the worker ends under them */
  readonly waiting: Set<(reason: Error) => void>;
}
let running: Running | undefined;

const begin = (): Running => {
  const worker = new Worker(new URL('./strength.worker.ts', import.meta.url), { type: 'module' });
  // All of its calls answer by promise already, so that the far side looks like the near one.
  const begun: Running = { worker, tasks: wrap<StrengthTasks>(worker), waiting: new Set() };
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
 * begun with the next question: the job that hung fails with `NoAnswer`, the others with `WorkerEnded`.
 */
export const inWorker = <R>(
  ask: (tasks: StrengthTasks, alive: () => void) => Promise<R>,
  silentAtMostMs = SILENT_AT_MOST_MS,
): Promise<R> => {
  running ??= begin();
  const asked = running;
  return new Promise<R>((resolve, reject) => {
    let timer: ReturnType<typeof setTimeout> | undefined;
    const settle = (done: () => void): void => {
      clearTimeout(timer);
      asked.waiting.delete(fail);
      done();
    };
    const fail = (reason: Error): void => settle(() => reject(reason));
    const alive = (): void => {
      clearTimeout(timer);
      timer = setTimeout(() => {
        fail(new NoAnswer());
        end(asked, new WorkerEnded('the worker was ended'));
      }, silentAtMostMs);
    };
    asked.waiting.add(fail);
    alive();
    ask(asked.tasks, alive).then(
      (answer) => settle(() => resolve(answer)),
      (error: unknown) => fail(error instanceof Error ? error : new Error(String(error))),
    );
  });
};

/** Whether a question is worth asking again: its worker ended under it through no fault of its own. */
export const askAgain = (failures: number, error: Error): boolean => error.name === 'WorkerEnded' && failures < 2;

let tickets = 0;

/** A long job with its ticket: called off when the signal says so, and then no answer. */
export const longJob = async <R>(
  start: (tasks: StrengthTasks, ticket: number, onProgress: OnProgress) => Promise<R | undefined>,
  onProgress: OnProgress,
  signal: AbortSignal,
): Promise<R> => {
  tickets += 1;
  const ticket = tickets;
  const callOff = (): void => void running?.tasks.callOff(ticket);
  signal.addEventListener('abort', callOff);
  try {
    const answer = await inWorker((tasks, alive) =>
      start(
        tasks,
        ticket,
        proxy((done, of) => {
          alive();
          if (!signal.aborted) onProgress(done, of);
        }),
      ),
    );
    signal.throwIfAborted();
    if (answer === undefined) throw new DOMException('called off', 'AbortError');
    return answer;
  } finally {
    signal.removeEventListener('abort', callOff);
  }
};
