/** How far a computation is: `done` of `of`, both in its own steps. */
export interface Progress {
  readonly done: number;
  readonly of: number;
}

/** A computation in steps, between which it can tell how far it is and be called off. */
export type Steps<Output> = Generator<Progress, Output, void>;

/** Goes through all steps at one go. */
export const lastOf = <Output>(steps: Steps<Output>): Output => {
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
};
