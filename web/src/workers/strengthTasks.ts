import {
  afterFlick,
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
  type Project,
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
  analyse(ticket: number, project: Project, onProgress: OnProgress): Promise<AnalysisOutcome | undefined>;
  size(ticket: number, request: SizingRequest, onProgress: OnProgress): Promise<SizingResult | undefined>;
  neighbours(
    ticket: number,
    project: Project,
    onProgress: OnProgress,
  ): Promise<{ readonly present: SizedDesign; readonly steps: readonly SizeStep[] } | undefined>;
  diagram(project: Project, memberId: string, key: RunKey): Promise<MemberDiagram | undefined>;
  bent(project: Project, key: RunKey): Promise<readonly BentBar[]>;
  doubt(project: Project): Promise<readonly CaseDoubt[]>;
  sway(project: Project): Promise<Sway>;
  flick(rig: Rig, speedMPerS: number): Promise<readonly Instant[]>;
  swayWhatIf(project: Project, caseId: string, change: WhatIf): Promise<ReturnType<typeof swayWhatIf> | null>;
  tongueLengths(project: Project): Promise<readonly TongueLengthRow[]>;
  shareOverAxle(project: Project): Promise<readonly ShareLine[]>;
  wayOut(
    ticket: number,
    project: Project,
    memberId: string,
    share: number,
    onProgress: OnProgress,
  ): Promise<WayOut | null | undefined>;
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
    analyse: (ticket, project, onProgress) =>
      inTurn(() => runSteps(ticket, analysisSteps(analysisInput(project, evaluate(project))), onProgress)),
    size: (ticket, request, onProgress) => inTurn(() => runSteps(ticket, sizingSteps(request), onProgress)),
    neighbours: (ticket, project, onProgress) => inTurn(() => runSteps(ticket, neighbourSteps(project), onProgress)),
    wayOut: (ticket, project, memberId, share, onProgress) =>
      inTurn(() => runSteps(ticket, foundOrNull(wayOutSteps(project, memberId, share)), onProgress)),
    diagram: async (project, memberId, key) => memberDiagram(analysisInput(project, evaluate(project)), memberId, key),
    bent: async (project, key) => bentFrame(analysisInput(project, evaluate(project)), key),
    doubt: async (project) => doubtOf({ project, ...evaluate(project) }),
    sway: async (project) => swayOf(project, evaluate(project).cases),
    flick: async (rig, speedMPerS) => afterFlick(rig, speedMPerS, FLICK, FLICK_LASTS_S),
    swayWhatIf: async (project, caseId, change) => swayWhatIf(project, caseId, change) ?? null,
    tongueLengths: async (project) => tongueLengthRows(project),
    shareOverAxle: async (project) => shareOverAxle(project),
    callOff: async (ticket) => {
      calledOff.add(ticket);
    },
  };
};
