import {
  adviceSteps,
  changesBetween,
  evaluate,
  failsOf,
  analysisInput,
  shareOverAxle,
  tongueLengthRows,
} from '../evaluation/index.js';
import { doubtSteps } from '../balance/index.js';
import { type LedgerLine, variantSteps } from '../buying/index.js';
import { stickPlanSteps } from '../fabrication/index.js';
import type { CheckedStepId } from '../findings/index.js';
import { loadSolver } from '../nesting/index.js';
import type { CutEntry, Trailer } from '../project/index.js';
import {
  analysisSteps,
  bentFrame,
  carrySteps,
  memberDiagram,
  neighbourSteps,
  pieceSteps,
  type AnalysisOutcome,
  type RunKey,
  type SizingRequest,
  sizingSteps,
  wayOutSteps,
} from '../strength/index.js';
import { type Answers, type StartedWith, startingProject, startSteps } from '../starting/index.js';
import { afterFlick, type Flick, type Rig, swayOf, swayWhatIf, type WhatIf } from '../towing/index.js';
import { inSteps, type Job, type JobSignal, type Report, stepJob, wholeJob } from './job.js';
import { type Language, voiceIn } from '../wording/index.js';
import { shedCard } from './shedCard.js';

/** Two degrees at the front wheels, there and back within a second: a start at something in the road. Our choice. */
const FLICK: Flick = { steerRad: 0.035, lastsS: 1 };
/** How long the rig is followed after a flick, s. */
export const FLICK_LASTS_S = 10;

interface OfTrailer {
  readonly trailer: Trailer;
}

/** Every heavy job by its name: what takes longer than a frame is asked for here and nowhere else. */
export const JOBS = {
  /** how a trailer stands in the shed */
  shedCard: async ({
    trailer,
    outcome,
    language,
  }: OfTrailer & { readonly outcome: AnalysisOutcome | undefined; readonly language: Language }) =>
    shedCard(trailer, outcome, await voiceIn(language)),
  /** the whole frame in every situation */
  analyse: stepJob(({ trailer }: OfTrailer) => analysisSteps(analysisInput(trailer, evaluate(trailer)))),
  /** the lightest or cheapest frame that passes everything */
  size: stepJob((request: SizingRequest) => sizingSteps(request, failsOf)),
  /** one section up and one down, group by group */
  neighbours: stepJob(({ trailer }: OfTrailer) => neighbourSteps(trailer, failsOf)),
  /** the lightest section for the bars of each ready-made piece */
  sizePieces: stepJob(({ trailer }: OfTrailer) => pieceSteps(trailer)),
  /** the lightest stronger section with which a bar passes; undefined: none */
  wayOut: stepJob(({ trailer, memberId, share }: OfTrailer & { readonly memberId: string; readonly share: number }) =>
    wayOutSteps(trailer, memberId, share),
  ),
  /** the highest gross that the frame bears */
  carry: stepJob(({ trailer }: OfTrailer) => carrySteps(trailer)),
  /** what goes on along one bar in one run; undefined where bar or run is gone */
  diagram: wholeJob(({ trailer, memberId, run }: OfTrailer & { readonly memberId: string; readonly run: RunKey }) =>
    memberDiagram(analysisInput(trailer, evaluate(trailer)), memberId, run),
  ),
  /** the frame as it bends in one run */
  bent: wholeJob(({ trailer, run }: OfTrailer & { readonly run: RunKey }) =>
    bentFrame(analysisInput(trailer, evaluate(trailer)), run),
  ),
  /** what guesses do to every towed load */
  doubt: stepJob(({ trailer }: OfTrailer) => doubtSteps(evaluate(trailer))),
  /** damping over speed */
  sway: wholeJob(({ trailer }: OfTrailer) => swayOf(trailer, evaluate(trailer).cases)),
  /** the rig after a flick of the wheel */
  flick: wholeJob(({ rig, speedMPerS }: { readonly rig: Rig; readonly speedMPerS: number }) =>
    afterFlick(rig, speedMPerS, FLICK, FLICK_LASTS_S),
  ),
  swayWhatIf: wholeJob(
    ({ trailer, caseId, change }: OfTrailer & { readonly caseId: string; readonly change: WhatIf }) =>
      swayWhatIf(trailer, caseId, change),
  ),
  /** what more or less tongue does to everything else */
  tongueLengths: wholeJob(({ trailer }: OfTrailer) => tongueLengthRows(trailer)),
  /** the tongue's share over the axle's place */
  shareOverAxle: wholeJob(({ trailer }: OfTrailer) => shareOverAxle(trailer)),
  /** what an edit changed in the checks of some steps */
  changes: wholeJob(
    ({ trailer, past, steps }: OfTrailer & { readonly past: Trailer; readonly steps: readonly CheckedStepId[] }) =>
      changesBetween(evaluate(past), evaluate(trailer), steps),
  ),
  /** how every bar is cut out of what there is and what is sold */
  sticks: async (
    { trailer, cuts }: OfTrailer & { readonly cuts: readonly CutEntry[] },
    signal: JobSignal,
    report: Report,
  ) => inSteps(stickPlanSteps(await loadSolver(), trailer, evaluate(trailer).cutList, cuts), signal, report),
  /** weight and price of the lightest frames of steel and of aluminum beside the present one */
  variants: stepJob(({ trailer, lines }: OfTrailer & { readonly lines: readonly LedgerLine[] }) =>
    variantSteps(trailer, lines),
  ),
  /** six answers into a trailer that is drawn and balanced with usual bars: what is looked at while they are given */
  draw: wholeJob(({ answers, began }: { readonly answers: Answers; readonly began: StartedWith }) =>
    startingProject(answers, began),
  ),
  /** six answers into a trailer that is drawn, sized and balanced */
  start: stepJob(({ answers, began }: { readonly answers: Answers; readonly began: StartedWith }) =>
    startSteps(answers, began),
  ),
  /** what brings the tongues back into their band */
  waysOut: stepJob(({ trailer }: OfTrailer) => adviceSteps(trailer)),
} as const;

export type JobName = keyof typeof JOBS;
export type JobInput<Name extends JobName> = Parameters<(typeof JOBS)[Name]>[0];
export type JobOutput<Name extends JobName> = Awaited<ReturnType<(typeof JOBS)[Name]>>;

/** Runs the job of that name; throws `CalledOff` once the signal says so. */
export const doJob = <Name extends JobName>(
  name: Name,
  input: JobInput<Name>,
  signal: JobSignal,
  report: Report,
): Promise<JobOutput<Name>> =>
  // The map ties each name to its input and answer; which of them it is cannot be followed from here.
  (JOBS[name] as unknown as Job<JobInput<Name>, JobOutput<Name>>)(input, signal, report);
