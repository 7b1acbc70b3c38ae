import type { BalancedCase } from '../../balance/index.js';
import type { Chassis } from '../../chassis/index.js';
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
import { STANDARD_GRAVITY } from '../../units/index.js';
import { type TrailerFrame, trailerFrame } from '../frame-model/trailerFrame.js';
import { placeOf, rigidBody } from '../situations/inertia.js';
import { GROSS_CASE_IDS, ratedGrossCases } from '../situations/ratedGross.js';
import { recoveryPullN, type Run, type RunContext, runsOf, turnOverRun } from '../situations/runs.js';
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
  RunBalance,
  RunKey,
  StrengthAnalysis,
  WeldResult,
} from './analysis.js';
import { type ElementStrength, elementStrengths } from './bracing.js';
import {
  couplerBolts,
  governing,
  hangerCheck,
  holeCheck,
  holePlaces,
  hangerPlaces,
  type HardPlace,
  hardestPlace,
  limitOf,
  weldResult,
  weldShare,
  weldsOf,
} from './checks.js';
import { caseDeflections } from './deflection.js';
import { detailOf, kmToCrack } from './fatigue.js';
import { isUnsprung } from './fields.js';
import { type FrameSolver, frameSolver, FrameUnsolvable, reactionsOf, type SolvedRun } from './solver.js';

/** What the analysis starts from: the light chain's own results. */
export interface AnalysisInput {
  readonly trailer: Trailer;
  readonly chassis: Chassis;
  readonly bare: readonly Part[];
  readonly cases: readonly BalancedCase[];
  /** looks at these runs alone; all of them where it is left out */
  readonly only?: (key: RunKey) => boolean;
}

type StandingCase = RunContext['balanced'];
const stands = (balanced: BalancedCase): balanced is StandingCase => balanced.standing !== undefined;

interface Progress {
  readonly done: number;
  readonly of: number;
}

/** Worst of everything, gathered run by run. */
const collector = (trailer: Trailer, frame: TrailerFrame, strengths: readonly ElementStrength[]) => {
  const members = new Map<string, { worst: Governing; bySituation: Partial<Record<SituationId, Governing>> }>();
  const welds = new Map<string, WeldResult>();
  const hangers = new Map<string, HangerResult>();
  const holes = new Map<string, HoleResult>();
  const balances: RunBalance[] = [];
  const bumps = new Map<string, Map<string, number>>();
  let bolts: BoltResult | undefined;
  let fatigue: FatigueResult | undefined;
  let runs = 0;
  const weldedEnds = weldsOf(trailer, frame, strengths);

  const hangersOf = hangerPlaces(frame);
  const drilled = holePlaces(strengths);

  const keepBump = (id: string, caseId: string, share: number): void => {
    const byCase = bumps.get(id) ?? new Map<string, number>();
    bumps.set(id, byCase);
    byCase.set(caseId, Math.max(share, byCase.get(caseId) ?? 0));
  };
  const keepMember = (strength: ElementStrength, place: HardPlace, key: RunKey): void => {
    const { id } = strength.bar.member;
    if (key.situation === 'bump-both') keepBump(id, key.caseId, place.share);
    const known = members.get(id);
    const own = known?.bySituation[key.situation];
    if (own && place.share <= own.utilisation.value) return;
    const found = governing(strength, place, key);
    if (!known) members.set(id, { worst: found, bySituation: { [key.situation]: found } });
    else {
      known.bySituation[key.situation] = found;
      if (place.share > known.worst.utilisation.value) known.worst = found;
    }
  };
  const worse = <T extends { readonly utilisation: number }>(map: Map<string, T>, id: string, found: T): void => {
    const known = map.get(id);
    if (!known || found.utilisation > known.utilisation) map.set(id, found);
  };
  const keepFatigue = (strength: ElementStrength, joint: string | undefined, sigmaPa: number, caseId: string): void => {
    if (joint === undefined) return;
    const { member } = strength.bar;
    const { km, rangePa } = kmToCrack(sigmaPa, member.material, trailer.job.road);
    if (fatigue && km >= fatigue.km) return;
    fatigue = {
      memberId: member.id,
      joint,
      caseId,
      staticPa: sigmaPa,
      rangePa,
      category: detailOf(member.material).category,
      km,
    };
  };
  const stress = ({ section, pieces }: ElementStrength['free'], inner: InnerAt): number =>
    (Math.abs(inner.n) / section.areaM2 +
      Math.abs(inner.my) / Math.min(section.syTopM3, section.syBottomM3) +
      Math.abs(inner.mz) / Math.min(section.szLeftM3, section.szRightM3)) /
    pieces;

  return {
    take: (key: RunKey, solved: SolvedRun, onTheRoad: boolean): void => {
      runs += 1;
      const limit = limitOf(key);
      strengths.forEach((strength, own) => {
        const index = solved.prepared.memberIndex.get(strength.bar.id) as number;
        const pieces = solved.pieces[index] as SolvedRun['pieces'][number];
        const rows = solved.inner(index);
        const place = hardestPlace(strength, pieces, rows, limit);
        if (place) keepMember(strength, place, key);
        if (key.situation === 'standing' && onTheRoad) {
          if (strength.weldFrom)
            keepFatigue(strength, strength.bar.jointFrom, stress(strength.free, innerAt(pieces, rows, 0)), key.caseId);
          if (strength.weldTo)
            keepFatigue(
              strength,
              strength.bar.jointTo,
              stress(strength.free, innerAt(pieces, rows, pieces.lengthM)),
              key.caseId,
            );
        }
        for (const place of drilled) {
          if (place.index === own) worse(holes, place.id, holeCheck(place, pieces, rows, key));
        }
        for (const weld of weldedEnds) {
          if (weld.index !== own) continue;
          const found = weldShare(weld, pieces, rows, limit);
          const id = `${weld.memberId} ${weld.end}`;
          if (found.share > (welds.get(id)?.utilisation ?? -1)) welds.set(id, weldResult(weld, found, key));
        }
      });
      if (key.situation === 'turn-over') return;
      for (const place of hangersOf) worse(hangers, `${place.memberId} ${place.xM}`, hangerCheck(place, solved, key));
    },
    takeBolts: (key: RunKey, forceN: number): void => {
      const found = couplerBolts(trailer, frame, forceN, key);
      if (found && (!bolts || found.utilisation > bolts.utilisation)) bolts = found;
    },
    takeBalance: (balance: RunBalance): void => {
      balances.push(balance);
    },
    results: () => ({
      members: [...members].map(([memberId, own]): MemberResult => ({ memberId, ...own })),
      welds: [...welds.values()],
      hangers: [...hangers.values()],
      holes: [...holes.values()],
      bolts,
      fatigue,
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

/** What a run's accelerations do to each mass, added up. */
const inertiaForce = (parts: readonly Part[], run: Run, centre: Vector3): Vector3 =>
  parts.reduce<Vector3>(
    (sum, part) => {
      const felt = add(
        isUnsprung(part) ? run.field.unsprung : run.field.sprung,
        cross(run.field.angular, subtract(placeOf(part), centre)),
      );
      return add(sum, scale(felt, -part.massKg));
    },
    [0, 0, 0],
  );

const balanceOf = (
  context: RunContext,
  run: Run,
  solved: SolvedRun,
  standingN: ReadonlyMap<string, Vector3>,
): RunBalance => {
  const { balanced, body } = context;
  const outer = [...run.forces, ...(run.pressing ?? [])].reduce<Vector3>(
    (sum, { forceN }) => add(sum, forceN),
    [0, 0, 0],
  );
  const applied = add(outer, inertiaForce(balanced.parts, run, body.centre));
  const reactions = reactionsOf(solved);
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
    ...keyOf(run, balanced.loadCase.id),
    support: run.support,
    appliedN: applied,
    reactions: reactions.map(({ node, forceN }) => ({ place: node, forceN })),
    residual: size > 0 ? length(add(applied, total)) / size : 0,
    leftover,
  };
};

const leftoverBeyond = (
  reactions: readonly { readonly node: string; readonly forceN: Vector3 }[],
  standing: ReadonlyMap<string, Vector3>,
  stated: number,
): number =>
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

/** Years of use and sagging count under loads that it is towed with, not under the plate's worst arrangements. */
const isOrdinary = ({ loadCase }: StandingCase): boolean =>
  loadCase.mode === 'towed' &&
  (loadCase.id === 'gross.uniform' || !(GROSS_CASE_IDS as readonly string[]).includes(loadCase.id));

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
    grossKg: Math.max(trailer.ratedGrossKg ?? 0, balanced.massKg),
  };
  const solve = solver.caseSolver(balanced.parts, body.centre);
  const off = new Set<string>(trailer.strength.off);
  const standing = new Map<number, ReadonlyMap<string, Vector3>>();
  for (const run of runsOf(context)) {
    const key = keyOf(run, balanced.loadCase.id);
    if (off.has(run.situation) || (input.only && !input.only(key))) continue;
    const solved = solve(run);
    into.take(key, solved, isOrdinary(balanced));
    const n = verticalOf[run.situation] ?? 0;
    let still = standing.get(n);
    if (run.balance === 'free' && n > 0 && !still) {
      still = standingReactions(solve, run, n);
      standing.set(n, still);
    }
    into.takeBalance(balanceOf(context, run, solved, still ?? new Map()));
    if (run.situation === 'drawbar' || run.situation === 'recovery') {
      const atBall = run.forces.filter(({ node }) => node === frame.ball);
      into.takeBolts(
        key,
        atBall.reduce((sum, { forceN }) => sum + length(forceN), 0),
      );
    }
  }
};

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
export function* analysisSteps(input: AnalysisInput): Generator<Progress, AnalysisOutcome, void> {
  const { trailer, chassis, bare } = input;
  const frame = trailerFrame(trailer, chassis);
  if ('code' in frame) return { kind: 'fault', fault: frame };
  const solver = frameSolver(frame, chassis);
  const strengths = elementStrengths(frame.bars, trailer.runningGear.suspension.mounting === 'welded');
  const into = collector(trailer, frame, strengths);
  const gross = ratedGrossCases(trailer, chassis, bare);
  const cases = [...input.cases, ...gross].filter(stands);
  const deflections: FrameDeflection[] = [];
  try {
    for (const [done, balanced] of cases.entries()) {
      yield { done, of: cases.length };
      analyseCase(input, frame, solver, balanced, into);
      if (isOrdinary(balanced)) deflections.push(...caseDeflections(frame, chassis, solver, balanced));
    }
    if (!trailer.strength.off.includes('turn-over')) analyseTurnOver(input, frame, solver, into);
  } catch (error) {
    if (error instanceof FrameUnsolvable) return { kind: 'unsolvable', problems: error.problems };
    throw error;
  }
  const { runs, ...results } = into.results();
  const analysis: StrengthAnalysis = {
    ...results,
    deflections: worstDeflections(deflections),
    switchedOff: SITUATION_IDS.filter((id) => trailer.strength.off.includes(id)),
    notRun: recoveryPullN(trailer) === undefined ? [{ situation: 'recovery', missing: 'pull' }] : [],
    grossMissing: gross.length === 0,
    counts: { nodes: frame.nodes.length, elements: frame.elements.length, runs },
    condition: solver.condition(),
  };
  return { kind: 'analysed', analysis };
}

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
export const analyseStrength = (input: AnalysisInput): AnalysisOutcome => {
  const steps = analysisSteps(input);
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
};
