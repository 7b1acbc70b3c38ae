import { type BalancedCase, stepsOnRear } from '../../balance/index.js';
import type { Chassis } from '../../chassis/index.js';
import { add, length, type Vector3 } from '../../frame-analysis/index.js';
import { isTipped, type Part } from '../../mass/index.js';
import type { Trailer } from '../../project/index.js';
import { lastOf, type Steps } from '../../steps.js';
import { isSheet } from '../frame-model/deckSheet.js';
import { type TrailerFrame, trailerFrame } from '../frame-model/trailerFrame.js';
import { rigidBody } from '../situations/inertia.js';
import { BADLY_OFF } from '../situations/opinions.js';
import { isBadlyLoaded, ratedGrossCases } from '../situations/ratedGross.js';
import { loadingTail } from './loadingTail.js';
import { loadingTailRuns, recoveryPullN, type Run, type RunContext, runsOf, turnOverRun } from '../situations/runs.js';
import { SITUATION_IDS, type SituationId } from '../situations/situations.js';
import type { AnalysisOutcome, FrameDeflection, RunKey, StrengthAnalysis } from './analysis.js';
import { type ElementStrength, elementStrengths, type Fastening } from './bracing.js';
import { caseDeflections } from './deflection.js';
import { FrameUnsolvable } from './unitLoads.js';
import { collector, type Collector, type WatchedRun } from './collect.js';
import { balanceOf, keyOf, massesOf, standingReactions } from './runBalance.js';
import { type FrameSolver, frameSolver, type Reactions, reactionsOf } from './solver.js';

/** What the analysis starts from: the light chain's own results. */
export interface AnalysisInput {
  readonly trailer: Trailer;
  readonly chassis: Chassis;
  readonly bare: readonly Part[];
  readonly cases: readonly BalancedCase[];
  /** looks at these runs alone; all of them where it is left out */
  readonly only?: (key: RunKey) => boolean;
  /** sees every run as it is taken */
  readonly watch?: (run: WatchedRun) => void;
}

type StandingCase = RunContext['balanced'];
const stands = (balanced: BalancedCase): balanced is StandingCase => balanced.standing !== undefined;

const verticalOf: Readonly<Partial<Record<SituationId, number>>> = {
  'bump-one': 1,
  twist: 1,
  braking: 1.5,
  cornering: 1.5,
};

/** Sagging counts under loads that it is towed with and the plate's; years of use under the user's own alone. */
const isOrdinary = ({ loadCase }: StandingCase): boolean => loadCase.mode === 'towed' && !isBadlyLoaded(loadCase.id);

const analyseCase = (
  input: AnalysisInput,
  frame: TrailerFrame,
  solver: FrameSolver,
  balanced: StandingCase,
  into: Collector,
): void => {
  const { trailer } = input;
  const body = rigidBody(balanced.parts);
  const context: RunContext = {
    trailer,
    frame,
    balanced,
    body,
    stepsOnRear: stepsOnRear(trailer, input.chassis),
  };
  const solve = solver.caseSolver(balanced.parts, body.centre);
  const masses = massesOf(balanced.parts, body.centre);
  const off = new Set<string>(trailer.strength.off);
  const standing = new Map<number, ReadonlyMap<string, Vector3>>();
  for (const run of runsOf(context)) {
    const key = keyOf(run, balanced.loadCase.id);
    if (off.has(run.situation) || (input.only && !input.only(key))) continue;
    const solved = solve(run);
    into.take(key, solved, isOrdinary(balanced) && balanced.loadCase.id !== 'gross.uniform');
    const n = verticalOf[run.situation] ?? 0;
    let still = standing.get(n);
    if (run.balance === 'free' && n > 0 && !still) {
      still = standingReactions(solve, run, n);
      standing.set(n, still);
    }
    const reactions = reactionsOf(solved);
    into.takeBalance(balanceOf(balanced.loadCase.id, masses, run, reactions, still ?? new Map()));
    if (run.support === 'road') into.takeBolts(key, length(ballForce(frame, run, reactions)));
  }
};

/** A machine drives on over the tail of the trailer as it stands without it. */
const analyseLoadingTail = (input: AnalysisInput, frame: TrailerFrame, solver: FrameSolver, into: Collector): void => {
  const loading = loadingTail(input, frame);
  if (!loading) return;
  const { context, machineKg } = loading;
  const solve = solver.caseSolver(context.balanced.parts, context.body.centre);
  for (const run of loadingTailRuns(context, machineKg)) {
    const key = keyOf(run, '');
    if (!input.only || input.only(key)) into.take(key, solve(run), false);
  }
};

/** A deck that lies on top and is a sheet holds rails and headers as well as what lies between them. */
const fasteningOf = (trailer: Trailer, chassis: Chassis): Fastening => {
  const onTop = trailer.frame.deck.seat === 'on-top';
  const held = new Set(
    isSheet(trailer)
      ? chassis.members
          .filter(({ group }) => group === 'cross' || (onTop && (group === 'rail' || group === 'header')))
          .map(({ id }) => id)
      : [],
  );
  return { hangersWelded: trailer.runningGear.suspension.mounting === 'welded', deckHolds: (id) => held.has(id) };
};

/** What the hitch gives the ball: the forces that are stated there and what holds it. */
const ballForce = (frame: TrailerFrame, run: Run, reactions: Reactions): Vector3 =>
  [
    ...run.forces.filter(({ node }) => node === frame.ball),
    ...reactions.filter(({ node }) => node === frame.ball),
  ].reduce<Vector3>((sum, { forceN }) => add(sum, forceN), [0, 0, 0]);

/** The bare frame by itself, on its corners. */
const analyseTurnOver = (input: AnalysisInput, frame: TrailerFrame, solver: FrameSolver, into: Collector): void => {
  const frameIds = new Set(frame.bars.map(({ member }) => member.id));
  const parts = input.bare.filter(({ id }) => frameIds.has(id));
  const body = rigidBody(parts);
  const solve = solver.caseSolver(parts, body.centre);
  for (const side of ['left', 'right'] as const) {
    const run = turnOverRun(side);
    if (input.only && !input.only(keyOf(run, ''))) continue;
    into.take(keyOf(run, ''), solve(run), false);
  }
};

/**
 * The whole analysis in steps, one load case each, so that a worker can report and stop between them. Returns the outcome;
 * a frame that cannot be put together or solved says why.
 */
export function* analysisSteps(input: AnalysisInput): Steps<AnalysisOutcome> {
  const { trailer, chassis, bare } = input;
  const frame = trailerFrame(trailer, chassis);
  if ('code' in frame) return { kind: 'fault', fault: frame };
  const solver = frameSolver(trailer, frame, chassis);
  const strengths = elementStrengths(frame.bars, fasteningOf(trailer, chassis));
  const into = collector(trailer, frame, strengths, input.watch);
  const badly = !trailer.strength.off.includes(BADLY_OFF);
  const gross = ratedGrossCases(trailer, chassis, bare, badly);
  // A bed that is tipped hangs on its pivot and the ground, not on its latch: another frame than this.
  const cases = [...input.cases.filter(({ loadCase }) => !isTipped(loadCase)), ...gross].filter(stands);
  const deflections: FrameDeflection[] = [];
  try {
    for (const [done, balanced] of cases.entries()) {
      yield { done, of: cases.length };
      analyseCase(input, frame, solver, balanced, into);
      if (isOrdinary(balanced)) deflections.push(...caseDeflections(frame, chassis, solver, balanced));
    }
    if (!trailer.strength.off.includes('loading-tail')) analyseLoadingTail(input, frame, solver, into);
    if (!trailer.strength.off.includes('turn-over')) analyseTurnOver(input, frame, solver, into);
  } catch (error) {
    if (error instanceof FrameUnsolvable) return { kind: 'unsolvable', problems: error.problems };
    throw error;
  }
  const { runs, own, badly: second, rules, ...results } = into.results();
  const analysis: StrengthAnalysis = {
    ...own,
    ...results,
    badly: badly && second.members.length > 0 ? second : undefined,
    rules: rules.members.length > 0 ? rules : undefined,
    deflections: worstDeflections(deflections),
    switchedOff: SITUATION_IDS.filter((id) => trailer.strength.off.includes(id)),
    notRun: recoveryPullN(trailer) === undefined ? [{ situation: 'recovery', missing: 'pull' }] : [],
    grossMissing: gross.length === 0,
    guessedEnds: guessedEnds(strengths),
    outrigger: frame.gear.outrigger,
    nobodyOnRear: !stepsOnRear(trailer, chassis),
    counts: { nodes: frame.nodes.length, elements: frame.elements.length, runs },
    condition: solver.condition(),
  };
  return { kind: 'analysed', analysis };
}

const guessedEnds = (strengths: readonly ElementStrength[]): readonly string[] => [
  ...new Set(
    strengths
      .filter(({ bar: { softFrom, softTo } }) => softFrom?.known === false || softTo?.known === false)
      .map(({ bar }) => bar.member.id),
  ),
];

const worstDeflections = (all: readonly FrameDeflection[]): FrameDeflection[] => {
  const worst = new Map<string, FrameDeflection>();
  const share = ({ byM, lengthM, divisor }: FrameDeflection): number => (byM * divisor) / lengthM;
  for (const next of all) {
    const known = worst.get(next.what);
    if (!known || share(next) > share(known)) worst.set(next.what, next);
  }
  return [...worst.values()];
};

/** The whole analysis at once. */
export const analyseStrength = (input: AnalysisInput): AnalysisOutcome => lastOf(analysisSteps(input));
