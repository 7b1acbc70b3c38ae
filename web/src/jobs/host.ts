import {
  CalledOff,
  doJob,
  type JobInput,
  type JobName,
  type JobOutput,
  type Progress,
  type Trailer,
} from '@kereta/core';

/** Who waits for whom: the open trailer's own work goes first, what is asked beside it next, what nobody looks at yet last. */
export const URGENCIES = ['now', 'soon', 'background'] as const;
export type Urgency = (typeof URGENCIES)[number];

export type OnProgress = (progress: Progress) => void;

/** A job as it is sent over: with a ticket by which it can be called off. */
export interface Order<Name extends JobName> {
  readonly ticket: number;
  readonly name: Name;
  readonly input: JobInput<Name>;
  readonly urgency: Urgency;
  /** names the trailer in the input, so that it is worked out once and not for each job again */
  readonly trailerKey: number | undefined;
}

/** The answer, or that the job was called off before there was one. */
export type Answer<Name extends JobName> =
  | { readonly kind: 'answered'; readonly value: JobOutput<Name> }
  | { readonly kind: 'called-off' };

export interface JobHost {
  run<Name extends JobName>(order: Order<Name>, onProgress: OnProgress): Promise<Answer<Name>>;
  /** Stops the job of this ticket at its next step. */
  callOff(ticket: number): Promise<void>;
}

/** A job runs this long before it looks whether it is still wanted, ms. */
const BREATH_MS = 40;
/** Trailers kept with what is known of them: the open one, the one before its last change, and those compared with. */
const KEPT_TRAILERS = 6;

const breathe = (): Promise<void> =>
  new Promise((resolve) => {
    const channel = new MessageChannel();
    channel.port1.addEventListener(
      'message',
      () => {
        channel.port1.close();
        resolve();
      },
      { once: true },
    );
    channel.port1.start();
    channel.port2.postMessage(undefined);
  });

interface Waiting {
  readonly ticket: number;
  readonly rank: number;
  wake: () => void;
}

/** Lets one job run at a time: the most urgent, of those the one that came first. */
const turns = () => {
  const waiting: Waiting[] = [];
  const wakeFirst = (): void => waiting[0]?.wake();
  return {
    /** takes a place in the queue; what comes back is waited for before every stretch of work, and called at the end */
    enter: (ticket: number, urgency: Urgency) => {
      const own: Waiting = { ticket, rank: URGENCIES.indexOf(urgency), wake: () => undefined };
      const after = waiting.findIndex(({ rank }) => rank > own.rank);
      waiting.splice(after < 0 ? waiting.length : after, 0, own);
      return {
        turn: async (): Promise<void> => {
          while (waiting[0] !== own) {
            // Whoever is first may be asleep at its own turn.
            wakeFirst();
            await new Promise<void>((resolve) => {
              own.wake = resolve;
            });
          }
        },
        leave: (): void => {
          waiting.splice(waiting.indexOf(own), 1);
          wakeFirst();
        },
      };
    },
    wake: (ticket: number): void => waiting.find((own) => own.ticket === ticket)?.wake(),
  };
};

/** Keeps the last trailers by the page's own names for them, so that what is known of one is not worked out again for its next job. */
const trailersKept = () => {
  const kept = new Map<number, Trailer>();
  return <Input>(input: Input, key: number | undefined): Input => {
    if (key === undefined) return input;
    const sent = input as Input & { readonly trailer: Trailer };
    const known = kept.get(key) ?? sent.trailer;
    kept.delete(key);
    kept.set(key, known);
    for (const old of [...kept.keys()].slice(0, -KEPT_TRAILERS)) kept.delete(old);
    return known === sent.trailer ? input : { ...sent, trailer: known };
  };
};

/** The worker's side: runs the core's jobs, one at a time, each in stretches between which it can be called off or overtaken. */
export const jobHost = (): JobHost => {
  const running = new Map<number, { aborted: boolean }>();
  const queue = turns();
  const withKept = trailersKept();

  return {
    run: async ({ ticket, name, input, urgency, trailerKey }, onProgress) => {
      const signal = { aborted: false };
      running.set(ticket, signal);
      const place = queue.enter(ticket, urgency);
      try {
        await place.turn();
        if (signal.aborted) return { kind: 'called-off' };
        onProgress({ done: 0, of: 1 });
        let last = performance.now();
        const pause = async (): Promise<void> => {
          await breathe();
          await place.turn();
          last = performance.now();
        };
        const value = await doJob(name, withKept(input, trailerKey), signal, (progress) => {
          if (performance.now() - last < BREATH_MS) return undefined;
          onProgress(progress);
          return pause();
        });
        return { kind: 'answered', value };
      } catch (error) {
        if (error instanceof CalledOff) return { kind: 'called-off' };
        throw error;
      } finally {
        running.delete(ticket);
        place.leave();
      }
    },
    callOff: async (ticket) => {
      const signal = running.get(ticket);
      if (!signal) return;
      signal.aborted = true;
      queue.wake(ticket);
    },
  };
};
