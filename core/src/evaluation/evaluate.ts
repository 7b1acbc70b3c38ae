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
import { buildChassis, type Chassis, type ChassisFindingData, chassisFindings } from '../chassis/index.js';
import { couplingFindings, type CouplingFindingData } from '../coupling/index.js';
import { buildCutList, type CutList, type FabricationFindingData, fabricationFindings } from '../fabrication/index.js';
import { bySeverity, type FindingOf, rollUp, STEP_IDS, type StepId, type Verdict } from '../findings/index.js';
import { massFindings, type MassFindingData, type Part, trailerParts } from '../mass/index.js';
import type { Project } from '../project/index.js';
import { type TowingFindingData, towingFindings } from '../towing/index.js';
import {
  type FitFindingData,
  fitFindings,
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
  readonly chassis: Chassis;
  /** parts that are there in every case */
  readonly bare: readonly Part[];
  readonly cases: readonly BalancedCase[];
  readonly placement: AxlePlacement;
  readonly strength: StrengthResult;
  readonly cutList: CutList;
  /** worst first */
  readonly findings: readonly AnyFinding[];
  readonly steps: Readonly<Record<StepId, StepResult>>;
  readonly verdict: Verdict;
}

export const stepResult = (findings: readonly AnyFinding[], step: StepId): StepResult => {
  const own = findings.filter((finding) => finding.step === step);
  return { verdict: rollUp(own.filter(({ counts }) => counts).map(({ verdict }) => verdict)), findings: own };
};

/** The light chain: project in, everything else out. Pure; fast enough for every frame of a drag. */
export const evaluate = (project: Project): Evaluation => {
  const chassis = buildChassis(project);
  const bare = trailerParts(project, chassis);
  const cases = project.cases.map((loadCase) => balanceCase(project, chassis, bare, loadCase));
  const placement = placeAxle(project, chassis, cases);
  const strength = handCheck(project, chassis, cases);
  const cutList = buildCutList(chassis);
  const tongueWorksAt = strength.findings.find(({ code }) => code === 'tongue')?.utilisation;
  const findings: AnyFinding[] = [
    ...chassisFindings(project, chassis),
    ...massFindings(project, bare, cases),
    ...balanceFindings(project, cases, placement),
    ...caseFindings(project, chassis, cases),
    ...runningGearFindings(project, cases, chassis.ballXM),
    ...fitFindings(project, chassis, cases),
    ...couplingFindings(project, chassis, cases, tongueWorksAt),
    ...strength.findings,
    ...towingFindings(project, chassis, cases),
    ...deckFindings(project, chassis, cases),
    ...strapFindings(project, cases),
    ...sideRailFindings(project, chassis),
    ...homeMadeFindings(project, cases),
    ...tonguePinFindings(project, chassis, cases),
    ...fabricationFindings(cutList),
  ];
  findings.sort(bySeverity);
  return {
    chassis,
    bare,
    cases,
    placement,
    strength,
    cutList,
    findings,
    steps: Object.fromEntries(STEP_IDS.map((step) => [step, stepResult(findings, step)])) as unknown as Record<
      StepId,
      StepResult
    >,
    verdict: rollUp(findings.filter(({ counts }) => counts).map(({ verdict }) => verdict)),
  };
};
