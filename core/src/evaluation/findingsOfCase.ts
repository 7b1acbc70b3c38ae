import { type BalancedCase, balanceFindings, caseFindings } from '../balance/index.js';
import { couplingFindings, hitchOfLoad } from '../coupling/index.js';
import { bySeverity, rollUp, type Verdict } from '../findings/index.js';
import { fitFindings, runningGearFindings } from '../running-gear/index.js';
import type { AnyFinding, Evaluation } from './evaluate.js';

/**
 * What a single load answers for: its weight and where it lies. Whether the trailer rides level, bends or clears a dip is the trailer's
 * affair and stands in the steps.
 */
const OF_A_LOAD: ReadonlySet<AnyFinding['code']> = new Set([
  'tongue-share',
  'tongue-limit',
  'left-right',
  'jack-load',
  'jack-rating',
  'loading-uplift',
  'parked-tips',
  'axle-load',
  'tire-load',
  'wheel-load',
  'spring-load',
  'weakest-part',
  'clearance',
  'gross-against-plate',
  'gross-against-coupler',
  'gross-against-tow-vehicle',
] as const);

/** Asked of nothing that stands parked. */
const OF_TOWING: ReadonlySet<AnyFinding['code']> = new Set([
  'gross-against-coupler',
  'gross-against-tow-vehicle',
  'weakest-link',
] as const);

/** Hitch, mount, ball or chains that this load is too much for; one that nobody read yet is the trailer's affair. */
const isLinkPastItsStamp = (finding: AnyFinding): boolean =>
  finding.code === 'weakest-link' &&
  finding.verdict === 'over' &&
  finding.data.link !== 'vehicle' &&
  finding.data.link !== 'coupler';

const kept = new WeakMap<BalancedCase, readonly AnyFinding[]>();

/**
 * What one load asks of tongue, axle, tires, wheels, plate and vehicle, as if it were the only load there is; worst first. The findings of
 * the whole trailer tell of the worst load alone, whichever that is. None for a load that is not there.
 */
export const findingsOfCase = (evaluation: Evaluation, caseId: string): readonly AnyFinding[] => {
  const { trailer, chassis, cases, placement, rides } = evaluation;
  const balanced = cases.find(({ loadCase }) => loadCase.id === caseId);
  if (!balanced) return [];
  const known = kept.get(balanced);
  if (known) return known;
  const { loadCase } = balanced;
  const alone = [balanced];
  const ride = rides.filter((of) => of.caseId === caseId);
  const findings = [
    ...balanceFindings(trailer, alone, placement),
    ...caseFindings(trailer, chassis, alone),
    ...runningGearFindings(trailer, alone, chassis.ballXM),
    ...fitFindings(trailer, chassis, alone, ride),
    ...couplingFindings(trailer, chassis, alone, ride, hitchOfLoad(trailer, balanced)),
  ]
    .filter((finding) => (OF_A_LOAD.has(finding.code) && finding.caseId === caseId) || isLinkPastItsStamp(finding))
    .filter(({ code }) => loadCase.mode !== 'parked' || !OF_TOWING.has(code))
    // That no load is parked is the trailer’s lack, not this load’s.
    .filter((finding) => finding.code !== 'jack-rating' || !finding.data.assumed)
    .sort(bySeverity);
  kept.set(balanced, findings);
  return findings;
};

/** How one load stands: what strip, see-saw, trip planner and phone show. Missing where nothing carries it. */
export const verdictOfCase = (evaluation: Evaluation, caseId: string): Verdict => {
  const balanced = evaluation.cases.find(({ loadCase }) => loadCase.id === caseId);
  if (!balanced?.standing) return 'open';
  return rollUp(
    findingsOfCase(evaluation, caseId)
      .filter(({ counts }) => counts)
      .map(({ verdict }) => verdict),
  );
};

const OF_THE_TONGUE: ReadonlySet<AnyFinding['code']> = new Set([
  'tongue-share',
  'jack-load',
  'loading-uplift',
] as const);

/** How its tongue alone stands, for the see-saw; and what is worst of the load as a whole, where something is. */
export const loadAnswer = (
  evaluation: Evaluation,
  caseId: string,
): { readonly verdict: Verdict; readonly tongue: Verdict; readonly worst: AnyFinding | undefined } => {
  const verdict = verdictOfCase(evaluation, caseId);
  const findings = findingsOfCase(evaluation, caseId).filter(({ counts }) => counts);
  return {
    verdict,
    tongue: rollUp(findings.filter(({ code }) => OF_THE_TONGUE.has(code)).map((finding) => finding.verdict)),
    worst: verdict === 'ok' ? undefined : findings.find((finding) => finding.verdict === verdict),
  };
};
