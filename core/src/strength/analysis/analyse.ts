import { type BalancedCase, stepsOnRear } from '../../balance/index.js';
import type { Chassis, Member } from '../../chassis/index.js';
import {
  add,
  cross,
  type InnerAt,
  innerAt,
  length,
  scale,
  subtract,
  type Vector3,
} from '../../frame-analysis/index.js';
import type { Part } from '../../mass/index.js';
import type { Trailer } from '../../project/index.js';
import { lastOf, type Steps } from '../../steps.js';
import { STANDARD_GRAVITY } from '../../units/index.js';
import { elementLines } from '../frame-model/bearings.js';
import { isSheet } from '../frame-model/deckSheet.js';
import { type TrailerFrame, trailerFrame } from '../frame-model/trailerFrame.js';
import { placeOf, rigidBody } from '../situations/inertia.js';
import { BADLY_OFF, type OpinionId, opinionOf } from '../situations/opinions.js';
import { isBadlyLoaded, ratedGrossCases } from '../situations/ratedGross.js';
import { loadingTail } from './loadingTail.js';
import { loadingTailRuns, recoveryPullN, type Run, type RunContext, runsOf, turnOverRun } from '../situations/runs.js';
import { SITUATION_IDS, type SituationId } from '../situations/situations.js';
import type {
  AnalysisOutcome,
  BoltResult,
  FatigueResult,
  HoleResult,
  FrameDeflection,
  Governing,
  HangerResult,
  MemberResult,
  OpinionResult,
  RunBalance,
  RunKey,
  StrengthAnalysis,
  WeldResult,
} from './analysis.js';
import { type ElementStrength, elementStrengths, type Fastening } from './bracing.js';
import {
  couplerBolts,
  governing,
  hangerForceN,
  hangerPlaces,
  hangerResult,
  hangerShare,
  type HardPlace,
  hardestPlace,
  holeCheck,
  holePlaces,
  limitOf,
} from './checks.js';
import { caseDeflections } from './deflection.js';
import { detailOf, kmToCrack } from './fatigue.js';
import { isUnsprung } from './fields.js';
import { type EndMoments, endMoments, relieved, softBars } from './relief.js';
import { FrameUnsolvable } from './unitLoads.js';
import { weldPlaces, weldResult, weldShare } from './welds.js';
import { type FrameSolver, frameSolver, type Reactions, reactionsOf, type SolvedRun } from './solver.js';

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

/** A solved run with all that its bars bear. */
export interface WatchedRun {
  readonly key: RunKey;
  readonly opinion: OpinionId;
  readonly solved: SolvedRun;
  readonly strengths: readonly ElementStrength[];
  readonly ends: ReadonlyMap<string, EndMoments>;
}

type StandingCase = RunContext['balanced'];
const stands = (balanced: BalancedCase): balanced is StandingCase => balanced.standing !== undefined;

/** A bar's hardest place in a run, not yet put in words. */
interface HeldPlace {
  readonly strength: ElementStrength;
  readonly place: HardPlace;
  readonly key: RunKey;
}
interface HeldMember {
  worst: HeldPlace;
  readonly bySituation: Map<SituationId, HeldPlace>;
}

const memberResult = (memberId: string, { worst, bySituation }: HeldMember): MemberResult => {
  const told = new Map<HeldPlace, Governing>();
  for (const held of bySituation.values()) told.set(held, governing(held.strength, held.place, held.key));
  return {
    memberId,
    worst: told.get(worst) as Governing,
    bySituation: Object.fromEntries(
      [...bySituation].map(([situation, held]) => [situation, told.get(held) as Governing]),
    ),
  };
};

/** The worst of its kind by id: how hard, and how to tell it; only what stays the worst to the end is told. */
const worstById = <Told>() => {
  const worst = new Map<string, { readonly share: number; readonly tell: () => Told }>();
  return {
    take: (id: string, share: number, tell: () => Told): void => {
      if (share > (worst.get(id)?.share ?? -1)) worst.set(id, { share, tell });
    },
    told: (): Told[] => [...worst.values()].map(({ tell }) => tell()),
  };
};

/** Worst of everything under one opinion, gathered run by run. */
const opinionCollector = () => {
  const members = new Map<string, HeldMember>();
  const welds = worstById<WeldResult>();
  const hangers = worstById<HangerResult>();
  const holes = worstById<HoleResult>();
  let bolts: BoltResult | undefined;
  return {
    takeMember: (strength: ElementStrength, place: HardPlace, key: RunKey): void => {
      const { id } = strength.bar.member;
      const known = members.get(id);
      const own = known?.bySituation.get(key.situation);
      if (own && place.share <= own.place.share) return;
      const held = { strength, place, key };
      if (!known) members.set(id, { worst: held, bySituation: new Map([[key.situation, held]]) });
      else {
        known.bySituation.set(key.situation, held);
        if (place.share > known.worst.place.share) known.worst = held;
      }
    },
    takeWeld: welds.take,
    takeHanger: hangers.take,
    takeHole: holes.take,
    takeBolts: (found: BoltResult): void => {
      if (!bolts || found.utilisation > bolts.utilisation) bolts = found;
    },
    result: (): OpinionResult => ({
      members: [...members].map(([id, own]) => memberResult(id, own)),
      welds: welds.told(),
      hangers: hangers.told(),
      holes: holes.told(),
      bolts,
    }),
  };
};

/** The published loads are asked of the drawbar, the header that it is joined to, and their joints. */
const isOfDrawbar = ({ group, id }: Member): boolean => group === 'tongue' || id === 'header.front';

/** The weld or bar's end that cracks first, gathered end by end. */
const fatigueCollector = (trailer: Trailer) => {
  let fatigue: FatigueResult | undefined;
  const take = (strength: ElementStrength, end: 'from' | 'to', inner: InnerAt, caseId: string): void => {
    const { member, jointFrom, jointTo, softFrom, softTo } = strength.bar;
    const [joint, toe] = end === 'from' ? [jointFrom, softFrom?.toe] : [jointTo, softTo?.toe];
    if (joint === undefined) return;
    // At a tube's end on a tube's wall the wall beside the toe works harder than the bar. (Sharp corners of the bar would work harder still;
    // real ones are round.)
    const toeFactor = toe?.wall ?? 1;
    const { section, pieces } = strength.free;
    const upright = Math.abs(inner.my) / Math.min(section.syTopM3, section.syBottomM3) / pieces;
    const rest =
      (Math.abs(inner.n) / section.areaM2 + Math.abs(inner.mz) / Math.min(section.szLeftM3, section.szRightM3)) /
      pieces;
    const staticPa = toe ? toeFactor * upright : upright + rest;
    const detail = detailOf(member.material, toe !== undefined);
    const { km, rangePa } = kmToCrack(staticPa, detail, trailer.job.road);
    if (fatigue && km >= fatigue.km) return;
    fatigue = {
      memberId: member.id,
      joint,
      caseId,
      staticPa,
      toeFactor,
      rangePa,
      category: detail.category,
      km,
    };
  };
  return { take, first: (): FatigueResult | undefined => fatigue };
};

/** Worst of everything, gathered run by run, each opinion by itself. */
const collector = (
  trailer: Trailer,
  frame: TrailerFrame,
  strengths: readonly ElementStrength[],
  watch: AnalysisInput['watch'],
) => {
  const opinions = { own: opinionCollector(), badly: opinionCollector(), rules: opinionCollector() };
  const balances: RunBalance[] = [];
  const bumps = new Map<string, Map<string, number>>();
  const cracks = fatigueCollector(trailer);
  let runs = 0;
  const lines = elementLines(frame);
  const places = weldPlaces(trailer, frame, strengths, (id) => lines.get(id));
  const drawbar = new Set(
    strengths
      .map(({ bar }) => bar.member)
      .filter(isOfDrawbar)
      .map(({ id }) => id),
  );
  const soft = softBars(strengths);

  const hangersOf = hangerPlaces(frame);
  const drilled = holePlaces(strengths);

  const keepBump = (id: string, caseId: string, share: number): void => {
    const byCase = bumps.get(id) ?? new Map<string, number>();
    bumps.set(id, byCase);
    byCase.set(caseId, Math.max(share, byCase.get(caseId) ?? 0));
  };
  return {
    take: (key: RunKey, solved: SolvedRun, onTheRoad: boolean): void => {
      runs += 1;
      const limit = limitOf(key);
      const opinion = opinionOf(key);
      const into = opinions[opinion];
      const asks = (memberId: string): boolean => opinion !== 'rules' || drawbar.has(memberId);
      const ends = endMoments(soft, strengths, solved);
      watch?.({ key, opinion, solved, strengths, ends });
      strengths.forEach((strength, own) => {
        const { bar } = strength;
        const { id } = bar.member;
        if (!asks(id)) return;
        const index = solved.prepared.memberIndex.get(bar.id) as number;
        const pieces = solved.pieces[index] as SolvedRun['pieces'][number];
        const rows = solved.inner(index);
        const ownEnds = ends.get(id);
        const place = hardestPlace(strength, pieces, rows, limit, ownEnds);
        if (place) {
          into.takeMember(strength, place, key);
          if (key.situation === 'bump-both') keepBump(id, key.caseId, place.share);
        }
        if (key.situation === 'standing' && onTheRoad && place) {
          const at = (xM: number): InnerAt => relieved(innerAt(pieces, rows, xM), bar.fromM + xM, ownEnds);
          if (strength.weldFrom) cracks.take(strength, 'from', at(bar.clearFromM), key.caseId);
          if (strength.weldTo) cracks.take(strength, 'to', at(pieces.lengthM - bar.clearToM), key.caseId);
        }
        for (const hole of drilled) {
          if (hole.index !== own) continue;
          const found = holeCheck(hole, pieces, rows, key);
          into.takeHole(hole.id, found.utilisation, () => found);
        }
      });
      for (const weld of places) {
        if (!asks(weld.memberId) && weld.kind !== 'coupler') continue;
        if (key.situation === 'turn-over' && weld.kind !== 'butt' && weld.kind !== 'gusset') continue;
        const found = weldShare(weld, solved, ends, limit);
        into.takeWeld(weld.id, found.share, () => weldResult(weld, found, key, limit));
      }
      if (key.situation === 'turn-over' || opinion === 'rules') return;
      for (const place of hangersOf) {
        const forceN = hangerForceN(place, solved);
        into.takeHanger(place.id, hangerShare(place, forceN, limit), () => hangerResult(place, forceN, key));
      }
    },
    takeBolts: (key: RunKey, forceN: number): void => {
      const found = couplerBolts(trailer, frame, forceN, key);
      if (found) opinions[opinionOf(key)].takeBolts(found);
    },
    takeBalance: (balance: RunBalance): void => {
      balances.push(balance);
    },
    results: () => ({
      own: opinions.own.result(),
      badly: opinions.badly.result(),
      rules: opinions.rules.result(),
      fatigue: cracks.first(),
      balances,
      bumps,
      runs,
    }),
  };
};

type Collector = ReturnType<typeof collector>;

const keyOf = (run: Run, caseId: string): RunKey => ({
  caseId,
  situation: run.situation,
  variant: run.variant,
  balance: run.balance,
});

/** Masses of a case as far as they feel accelerations: on springs, on axles, and their moment about the body's centre, kg·m. */
interface Masses {
  readonly sprungKg: number;
  readonly unsprungKg: number;
  readonly momentKgM: Vector3;
}
const massesOf = (parts: readonly Part[], centre: Vector3): Masses => {
  const kg = (of: (part: Part) => boolean): number => parts.filter(of).reduce((total, { massKg }) => total + massKg, 0);
  return {
    sprungKg: kg((part) => !isUnsprung(part)),
    unsprungKg: kg(isUnsprung),
    momentKgM: parts.reduce<Vector3>(
      (sum, part) => add(sum, scale(subtract(placeOf(part), centre), part.massKg)),
      [0, 0, 0],
    ),
  };
};

/** What a run's accelerations do to all masses together. */
const inertiaForce = ({ sprungKg, unsprungKg, momentKgM }: Masses, { field }: Run): Vector3 =>
  scale(
    add(add(scale(field.sprung, sprungKg), scale(field.unsprung, unsprungKg)), cross(field.angular, momentKgM)),
    -1,
  );

const balanceOf = (
  caseId: string,
  masses: Masses,
  run: Run,
  reactions: Reactions,
  standingN: ReadonlyMap<string, Vector3>,
): RunBalance => {
  const outer = [...run.forces, ...(run.pressing ?? [])].reduce<Vector3>(
    (sum, { forceN }) => add(sum, forceN),
    [0, 0, 0],
  );
  const applied = add(outer, inertiaForce(masses, run));
  const total = reactions.reduce<Vector3>((sum, { forceN }) => add(sum, forceN), [0, 0, 0]);
  const stated = run.forces.reduce((sum, { forceN }) => sum + length(forceN), 0);
  const size = reactions.reduce((sum, { forceN }) => sum + length(forceN), 0) + length(applied) + stated;
  const n = run.field.unsprung[2] === 0 ? 0 : 1;
  const leftover =
    run.balance === 'free' && stated > 0 && n === 0
      ? Math.max(...reactions.map(({ forceN }) => length(forceN))) / stated
      : run.balance === 'free' && stated > 0
        ? leftoverBeyond(reactions, standingN, stated)
        : undefined;
  return {
    ...keyOf(run, caseId),
    support: run.support,
    appliedN: applied,
    statedN: stated,
    reactions: reactions.map(({ node, forceN }) => ({ place: node, forceN })),
    outside: outsideForces(run, reactions),
    residual: size > 0 ? length(add(applied, total)) / size : 0,
    leftover,
  };
};

/** What the world gives at each place: what holds it and what is put on it there. */
const outsideForces = (run: Run, reactions: Reactions): RunBalance['outside'] => {
  const places = new Map<string, Vector3>();
  for (const { node, forceN } of [...reactions, ...run.forces])
    places.set(node, add(places.get(node) ?? [0, 0, 0], forceN));
  return [...places].map(([place, forceN]) => ({ place, forceN }));
};

const leftoverBeyond = (reactions: Reactions, standing: ReadonlyMap<string, Vector3>, stated: number): number =>
  Math.max(...reactions.map(({ node, forceN }) => length(subtract(forceN, standing.get(node) ?? [0, 0, 0])))) / stated;

/** Standing reactions at n times the sprung and once the unsprung load, which a free body's supports must give and no more. */
const standingReactions = (solve: (run: Run) => SolvedRun, run: Run, n: number): ReadonlyMap<string, Vector3> => {
  const still: Run = {
    ...run,
    forces: [],
    field: { sprung: [0, 0, n * STANDARD_GRAVITY], unsprung: [0, 0, STANDARD_GRAVITY], angular: [0, 0, 0] },
  };
  return new Map(reactionsOf(solve(still)).map(({ node, forceN }) => [node, forceN]));
};

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
  const cases = [...input.cases, ...gross].filter(stands);
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
