import { otherVehicleFindings } from './otherVehicles.js';
import {
  type GateFindingData,
  gateFindings,
  type TiltFindingData,
  tiltFindings,
  type TreadFindingData,
  treadFindings,
} from '../body/index.js';
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
import {
  bySeverity,
  type FindingOf,
  rollUp,
  CHECKED_STEP_IDS,
  type CheckedStepId,
  type Verdict,
} from '../findings/index.js';
import { massFindings, type MassFindingData, type Part, trailerParts } from '../mass/index.js';
import { parsePartId, type Trailer } from '../project/index.js';
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
  type TongueSpliceFindingData,
  tonguePinFindings,
  tongueSpliceFindings,
  type StrengthFindingData,
  type StrengthResult,
} from '../strength/index.js';

/** Every code that a stage may find, with its numbers; `wording/` must know them all to compile. */
export interface AllFindingData
  extends BalanceFindingData,
    CaseFindingData,
    ChassisFindingData,
    CouplingFindingData,
    GateFindingData,
    TreadFindingData,
    TiltFindingData,
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
    TongueSpliceFindingData,
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
  readonly steps: Readonly<Record<CheckedStepId, StepResult>>;
  readonly verdict: Verdict;
}

const stepResult = (findings: readonly AnyFinding[], step: CheckedStepId): StepResult => {
  const own = findings.filter((finding) => finding.step === step);
  return { verdict: rollUp(own.filter(({ counts }) => counts).map(({ verdict }) => verdict)), findings: own };
};

/** Findings in order, rolled up by step and as a whole. */
export const summed = (findings: readonly AnyFinding[]): Pick<Evaluation, 'findings' | 'steps' | 'verdict'> => ({
  findings,
  steps: Object.fromEntries(CHECKED_STEP_IDS.map((step) => [step, stepResult(findings, step)])) as unknown as Record<
    CheckedStepId,
    StepResult
  >,
  verdict: rollUp(findings.filter(({ counts }) => counts).map(({ verdict }) => verdict)),
});

/** What is towed along in any case, by its outline: loads and bodies make a trailer wide, not only its wheels. */
const aboardOf = (trailer: Trailer, cases: readonly BalancedCase[]): readonly Outline[] => {
  const found = new Map<string, Outline>();
  const items = new Map(trailer.items.map((item) => [item.id, item]));
  for (const { parts, loadCase } of cases) {
    if (loadCase.mode !== 'towed') continue;
    for (const { id, x0M, x1M, y0M, y1M } of parts) {
      const item = items.get(id);
      if (!item && parsePartId(id).kind !== 'spare-wheel') continue;
      const old = found.get(id);
      found.set(id, {
        id,
        x0M: Math.min(x0M, old?.x0M ?? x0M),
        x1M: Math.max(x1M, old?.x1M ?? x1M),
        y0M: Math.min(y0M, old?.y0M ?? y0M),
        y1M: Math.max(y1M, old?.y1M ?? y1M),
        // What is on the tongue goes away with it.
        stays: !item || (item.kind === 'fixed' && item.attach.on !== 'tongue'),
      });
    }
  }
  return [...found.values()];
};

/** Worked out when it is first asked for, and then kept. */
const once = <T>(make: () => T): (() => T) => {
  let made: { readonly value: T } | undefined;
  return () => {
    made ??= { value: make() };
    return made.value;
  };
};

/** The stages of one trailer, each worked out when something asks for it. */
const stagesOf = (trailer: Trailer) => {
  const chassis = once(() => buildChassis(trailer));
  const bare = once(() => trailerParts(trailer, chassis()));
  const cases = once(() => trailer.cases.map((loadCase) => balanceCase(trailer, chassis(), bare(), loadCase)));
  const placement = once(() => placeAxle(trailer, chassis(), cases()));
  const rides = once(() => rideHeights(trailer, chassis(), cases()));
  const strength = once(() => handCheck(trailer, chassis(), cases()));
  // Coupling comes after strength: the tongue is one of its links.
  const hitch = once(() =>
    hitchOf(trailer, cases(), strength().findings.find(({ code }) => code === 'tongue')?.utilisation),
  );
  const levels = once(() => levelsOf(trailer, chassis(), cases()));
  const cutList = once(() => buildCutList(chassis()));
  return { chassis, bare, cases, placement, rides, strength, hitch, levels, cutList };
};

/** What all stages find, worst first. */
const findingsOf = (trailer: Trailer, stages: ReturnType<typeof stagesOf>): readonly AnyFinding[] => {
  const [chassis, bare, cases, rides] = [stages.chassis(), stages.bare(), stages.cases(), stages.rides()];
  const findings: AnyFinding[] = [
    ...chassisFindings(trailer, chassis, aboardOf(trailer, cases)),
    ...massFindings(trailer, bare, cases),
    ...balanceFindings(trailer, cases, stages.placement()),
    ...caseFindings(trailer, chassis, cases),
    ...runningGearFindings(trailer, cases, chassis.ballXM),
    ...fitFindings(trailer, chassis, cases, rides),
    ...stages.strength().findings,
    ...couplingFindings(trailer, chassis, cases, rides, stages.hitch()),
    ...towingFindings(trailer, chassis, cases, stages.levels()),
    ...deckFindings(trailer, chassis, cases),
    ...strapFindings(trailer, cases),
    ...sideRailFindings(trailer, chassis),
    ...homeMadeFindings(trailer, cases),
    ...tonguePinFindings(trailer, chassis, cases),
    ...tongueSpliceFindings(chassis),
    ...gateFindings(trailer, chassis, cases),
    ...tiltFindings(trailer, chassis, cases),
    ...treadFindings(trailer, chassis),
    ...fabricationFindings(trailer, stages.cutList()),
  ];
  const tongueWorksAt = stages.strength().findings.find(({ code }) => code === 'tongue')?.utilisation;
  findings.push(...otherVehicleFindings(trailer, { chassis, cases, rides, tongueWorksAt }, findings));
  return findings.sort(bySeverity);
};

const kept = new WeakMap<Trailer, Evaluation>();

/**
 * The light chain: trailer in, everything else out. Pure; fast enough for every frame of a drag, because each stage is worked out only
 * when something of it is read: who draws the trailer does not wait for its findings. One evaluation per trailer value: asked again, it is
 * the same one.
 */
export const evaluate = (trailer: Trailer): Evaluation => {
  const known = kept.get(trailer);
  if (known) return known;
  const stages = stagesOf(trailer);
  const hangers = once(() => loadedHangers(trailer, stages.rides()));
  const weakest = once(() => weakestPart(trailer));
  const sum = once(() => summed(findingsOf(trailer, stages)));
  const evaluation: Evaluation = {
    trailer,
    get chassis() {
      return stages.chassis();
    },
    get bare() {
      return stages.bare();
    },
    get cases() {
      return stages.cases();
    },
    get placement() {
      return stages.placement();
    },
    get rides() {
      return stages.rides();
    },
    get hangers() {
      return hangers();
    },
    get weakestPart() {
      return weakest();
    },
    get strength() {
      return stages.strength();
    },
    get hitch() {
      return stages.hitch();
    },
    get levels() {
      return stages.levels();
    },
    get cutList() {
      return stages.cutList();
    },
    get findings() {
      return sum().findings;
    },
    get steps() {
      return sum().steps;
    },
    get verdict() {
      return sum().verdict;
    },
  };
  kept.set(trailer, evaluation);
  return evaluation;
};
