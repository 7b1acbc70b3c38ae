import {
  type AxlePlacement,
  type BalancedCase,
  balanceCase,
  balanceFindings,
  type CaseFindingData,
  caseFindings,
  type BalanceFindingData,
  placeAxle,
} from '../balance/index.js';
import {
  buildChassis,
  type Chassis,
  type ChassisFindingData,
  chassisFindings,
  type Outline,
} from '../chassis/index.js';
import { couplingFindings, type CouplingFindingData, type Hitch, hitchOf } from '../coupling/index.js';
import { buildCutList, type CutList, type FabricationFindingData, fabricationFindings } from '../fabrication/index.js';
import { bySeverity, type FindingOf, rollUp, STEP_IDS, type StepId, type Verdict } from '../findings/index.js';
import { massFindings, type MassFindingData, type Part, trailerParts } from '../mass/index.js';
import type { Trailer } from '../project/index.js';
import { type CaseLevel, levelsOf, type TowingFindingData, towingFindings } from '../towing/index.js';
import {
  type FitFindingData,
  fitFindings,
  type HangerPlan,
  loadedHangers,
  type RideHeights,
  rideHeights,
  weakestPart,
  runningGearFindings,
  type RunningGearFindingData,
} from '../running-gear/index.js';
import {
  type AnalysisFindingData,
  type DeckFindingData,
  deckFindings,
  sideRailFindings,
  type SideRailFindingData,
  strapFindings,
  type StrapFindingData,
  handCheck,
  homeMadeFindings,
  type HomeMadeFindingData,
  type TonguePinFindingData,
  tonguePinFindings,
  type StrengthFindingData,
  type StrengthResult,
} from '../strength/index.js';

/** Every code that a stage may find, with its numbers; `wording/` must know them all to compile. */
export interface AllFindingData
  extends BalanceFindingData,
    CaseFindingData,
    ChassisFindingData,
    CouplingFindingData,
    FabricationFindingData,
    MassFindingData,
    RunningGearFindingData,
    FitFindingData,
    StrengthFindingData,
    TowingFindingData,
    DeckFindingData,
    StrapFindingData,
    SideRailFindingData,
    HomeMadeFindingData,
    TonguePinFindingData,
    AnalysisFindingData {}
export type AnyFinding = FindingOf<AllFindingData>;

export interface StepResult {
  readonly verdict: Verdict;
  readonly findings: readonly AnyFinding[];
}

/** The trailer, worked out. */
export interface Evaluation {
  readonly trailer: Trailer;
  readonly chassis: Chassis;
  /** parts that are there in every case */
  readonly bare: readonly Part[];
  readonly cases: readonly BalancedCase[];
  readonly placement: AxlePlacement;
  /** how high it stands under each load */
  readonly rides: readonly RideHeights[];
  readonly hangers: HangerPlan;
  /** of the axle assembly; undefined where nothing of it has been read */
  readonly weakestPart: ReturnType<typeof weakestPart>;
  readonly strength: StrengthResult;
  readonly hitch: Hitch;
  /** against the hitch, each towed load */
  readonly levels: readonly CaseLevel[];
  readonly cutList: CutList;
  /** worst first */
  readonly findings: readonly AnyFinding[];
  readonly steps: Readonly<Record<StepId, StepResult>>;
  readonly verdict: Verdict;
}

const stepResult = (findings: readonly AnyFinding[], step: StepId): StepResult => {
  const own = findings.filter((finding) => finding.step === step);
  return { verdict: rollUp(own.filter(({ counts }) => counts).map(({ verdict }) => verdict)), findings: own };
};

/** Findings in order, rolled up by step and as a whole. */
export const summed = (findings: readonly AnyFinding[]): Pick<Evaluation, 'findings' | 'steps' | 'verdict'> => ({
  findings,
  steps: Object.fromEntries(STEP_IDS.map((step) => [step, stepResult(findings, step)])) as unknown as Record<
    StepId,
    StepResult
  >,
  verdict: rollUp(findings.filter(({ counts }) => counts).map(({ verdict }) => verdict)),
});

/** What is towed along in any case, by its outline: loads and bodies make a trailer wide, not only its wheels. */
const aboardOf = (trailer: Trailer, cases: readonly BalancedCase[]): readonly Outline[] => {
  const found = new Map<string, Outline>();
  for (const { parts, loadCase } of cases) {
    if (loadCase.mode !== 'towed') continue;
    for (const { id, x0M, x1M, y0M, y1M } of parts) {
      const item = trailer.items.find((candidate) => candidate.id === id);
      if (!item) continue;
      const old = found.get(id);
      found.set(id, {
        id,
        x0M: Math.min(x0M, old?.x0M ?? x0M),
        x1M: Math.max(x1M, old?.x1M ?? x1M),
        y0M: Math.min(y0M, old?.y0M ?? y0M),
        y1M: Math.max(y1M, old?.y1M ?? y1M),
        // What is on the tongue goes away with it.
        stays: item.kind === 'fixed' && item.attach.on !== 'tongue',
      });
    }
  }
  return [...found.values()];
};

const kept = new WeakMap<Trailer, Evaluation>();

/**
 * The light chain: trailer in, everything else out. Pure; fast enough for every frame of a drag. One evaluation per trailer value: asked
 * again, it is the same one.
 */
export const evaluate = (trailer: Trailer): Evaluation => {
  const known = kept.get(trailer);
  if (known) return known;
  const chassis = buildChassis(trailer);
  const bare = trailerParts(trailer, chassis);
  const cases = trailer.cases.map((loadCase) => balanceCase(trailer, chassis, bare, loadCase));
  const placement = placeAxle(trailer, chassis, cases);
  const rides = rideHeights(trailer, chassis, cases);
  const strength = handCheck(trailer, chassis, cases);
  // Coupling comes after strength: the tongue is one of its links.
  const hitch = hitchOf(trailer, cases, strength.findings.find(({ code }) => code === 'tongue')?.utilisation);
  const levels = levelsOf(trailer, chassis, cases);
  const cutList = buildCutList(chassis);
  const findings: AnyFinding[] = [
    ...chassisFindings(trailer, chassis, aboardOf(trailer, cases)),
    ...massFindings(trailer, bare, cases),
    ...balanceFindings(trailer, cases, placement),
    ...caseFindings(trailer, chassis, cases),
    ...runningGearFindings(trailer, cases, chassis.ballXM),
    ...fitFindings(trailer, chassis, cases, rides),
    ...strength.findings,
    ...couplingFindings(trailer, chassis, cases, rides, hitch),
    ...towingFindings(trailer, chassis, cases, levels),
    ...deckFindings(trailer, chassis, cases),
    ...strapFindings(trailer, cases),
    ...sideRailFindings(trailer, chassis),
    ...homeMadeFindings(trailer, cases),
    ...tonguePinFindings(trailer, chassis, cases),
    ...fabricationFindings(cutList),
  ];
  findings.sort(bySeverity);
  const evaluation: Evaluation = {
    trailer,
    chassis,
    bare,
    cases,
    placement,
    rides,
    hangers: loadedHangers(trailer, rides),
    weakestPart: weakestPart(trailer),
    strength,
    hitch,
    levels,
    cutList,
    ...summed(findings),
  };
  kept.set(trailer, evaluation);
  return evaluation;
};
