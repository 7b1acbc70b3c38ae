import type { Progress, Steps } from '../steps.js';

/** Whether the answer is still wanted; a browser's and Node's `AbortSignal` are ones. */
export interface JobSignal {
  readonly aborted: boolean;
}

/**
 * Tells how far a job is. What comes back is waited for: whoever runs the job takes the time there to look whether it is still wanted and
 * whether something more urgent waits. Undefined: go on at once.
 */
export type Report = (progress: Progress) => Promise<void> | undefined;

/** Heavy work: input in, answer out; in between it reports and can be called off. It may wait for something loaded, as WASM is. */
export type Job<Input, Output> = (input: Input, signal: JobSignal, report: Report) => Promise<Output>;

/** A job ended without an answer because nobody wants it any more. */
export class CalledOff extends Error {
  override readonly name = 'CalledOff';
  constructor() {
    super('called off');
  }
}

/** Goes through the steps of a computation, reporting each; throws `CalledOff` at the first step after the signal. */
export const inSteps = async <Output>(steps: Steps<Output>, signal: JobSignal, report: Report): Promise<Output> => {
  for (;;) {
    if (signal.aborted) throw new CalledOff();
    const step = steps.next();
    if (step.done) return step.value;
    const pause = report(step.value);
    if (pause) await pause;
  }
};

/** A job that goes in steps. */
export const stepJob =
  <Input, Output>(begin: (input: Input) => Steps<Output>): Job<Input, Output> =>
  (input, signal, report) =>
    inSteps(begin(input), signal, report);

/** A job that is short enough to be done at one go. */
export const wholeJob =
  <Input, Output>(answer: (input: Input) => Output): Job<Input, Output> =>
  async (input) =>
    answer(input);
