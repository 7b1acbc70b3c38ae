import {
  afterFlick,
  type Carry,
  carrySteps,
  type AnalysisOutcome,
  analysisInput,
  analysisSteps,
  type BentBar,
  bentFrame,
  type CaseDoubt,
  doubtOf,
  evaluate,
  type Flick,
  type Instant,
  memberDiagram,
  type MemberDiagram,
  neighbourSteps,
  type Trailer,
  type Rig,
  type RunKey,
  type SizedDesign,
  type SizeStep,
  type SizingRequest,
  type SizingResult,
  sizingSteps,
  type ShareLine,
  shareOverAxle,
  type Sway,
  swayOf,
  swayWhatIf,
  type TongueLengthRow,
  tongueLengthRows,
  type WayOut,
  type WhatIf,
  wayOutSteps,
} from '@kereta/core';

export type OnProgress = (done: number, of: number) => void;

/** What the page asks the worker for. Every long job carries a ticket, so that it can be called off. */
export interface StrengthTasks {
  analyse(ticket: number, trailer: Trailer, onProgress: OnProgress): Promise<AnalysisOutcome | undefined>;
  size(ticket: number, request: SizingRequest, onProgress: OnProgress): Promise<SizingResult | undefined>;
  neighbours(
    ticket: number,
    trailer: Trailer,
    onProgress: OnProgress,
  ): Promise<{ readonly present: SizedDesign; readonly steps: readonly SizeStep[] } | undefined>;
  diagram(trailer: Trailer, memberId: string, key: RunKey): Promise<MemberDiagram | undefined>;
  bent(trailer: Trailer, key: RunKey): Promise<readonly BentBar[]>;
  doubt(trailer: Trailer): Promise<readonly CaseDoubt[]>;
  sway(trailer: Trailer): Promise<Sway>;
  flick(rig: Rig, speedMPerS: number): Promise<readonly Instant[]>;
  swayWhatIf(trailer: Trailer, caseId: string, change: WhatIf): Promise<ReturnType<typeof swayWhatIf> | null>;
  tongueLengths(trailer: Trailer): Promise<readonly TongueLengthRow[]>;
  shareOverAxle(trailer: Trailer): Promise<readonly ShareLine[]>;
  wayOut(
    ticket: number,
    trailer: Trailer,
    memberId: string,
    share: number,
    onProgress: OnProgress,
  ): Promise<WayOut | null | undefined>;
  carry(ticket: number, trailer: Trailer, onProgress: OnProgress): Promise<Carry | null | undefined>;
  /** Stops the job of this ticket at its next step. */
  callOff(ticket: number): Promise<void>;
}

/** Two degrees at the front wheels, there and back within a second: a start at something in the road. */
const FLICK: Flick = { steerRad: 0.035, lastsS: 1 };
export const FLICK_LASTS_S = 10;

/** A job runs this long before it looks whether it is still wanted, ms. */
const BREATH_MS = 40;

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

/** "Nothing found" as an answer of its own: undefined means called off. */
function* foundOrNull<P, R>(steps: Generator<P, R | undefined, void>): Generator<P, R | null, void> {
  return (yield* steps) ?? null;
}

/** The worker's side: forwards to the core, one job after another, each in steps between which it can be stopped. */
export const strengthTasks = (): StrengthTasks => {
  const calledOff = new Set<number>();
  let queue: Promise<unknown> = Promise.resolve();

  const runSteps = async <P extends { readonly done: number; readonly of: number }, R>(
    ticket: number,
    steps: Generator<P, R, void>,
    onProgress: OnProgress,
  ): Promise<R | undefined> => {
    let last = performance.now();
    for (;;) {
      if (calledOff.delete(ticket)) return undefined;
      const step = steps.next();
      if (step.done) return step.value;
      if (performance.now() - last < BREATH_MS) continue;
      onProgress(step.value.done, step.value.of);
      await breathe();
      last = performance.now();
    }
  };
  const inTurn = <R>(job: () => Promise<R>): Promise<R> => {
    const next = queue.then(job, job);
    queue = next.catch(() => undefined);
    return next;
  };

  return {
    analyse: (ticket, trailer, onProgress) =>
      inTurn(() => runSteps(ticket, analysisSteps(analysisInput(trailer, evaluate(trailer))), onProgress)),
    size: (ticket, request, onProgress) => inTurn(() => runSteps(ticket, sizingSteps(request), onProgress)),
    neighbours: (ticket, trailer, onProgress) => inTurn(() => runSteps(ticket, neighbourSteps(trailer), onProgress)),
    wayOut: (ticket, trailer, memberId, share, onProgress) =>
      inTurn(() => runSteps(ticket, foundOrNull(wayOutSteps(trailer, memberId, share)), onProgress)),
    carry: (ticket, trailer, onProgress) =>
      inTurn(() => runSteps(ticket, foundOrNull(carrySteps(trailer)), onProgress)),
    diagram: async (trailer, memberId, key) => memberDiagram(analysisInput(trailer, evaluate(trailer)), memberId, key),
    bent: async (trailer, key) => bentFrame(analysisInput(trailer, evaluate(trailer)), key),
    doubt: async (trailer) => doubtOf(evaluate(trailer)),
    sway: async (trailer) => swayOf(trailer, evaluate(trailer).cases),
    flick: async (rig, speedMPerS) => afterFlick(rig, speedMPerS, FLICK, FLICK_LASTS_S),
    swayWhatIf: async (trailer, caseId, change) => swayWhatIf(trailer, caseId, change) ?? null,
    tongueLengths: async (trailer) => tongueLengthRows(trailer),
    shareOverAxle: async (trailer) => shareOverAxle(trailer),
    callOff: async (ticket) => {
      calledOff.add(ticket);
    },
  };
};
