import type { Chassis } from '../chassis/index.js';
import { axleCount } from '../mass/index.js';
import type { Trailer } from '../project/index.js';
import { type AxleWindow, caseInterval, commonWindow, type NamedInterval, positionForShare } from './axleWindow.js';
import { type BalancedCase, momentsOf, windowGeometry, windowLimits } from './balanceCase.js';

/** Share of the bed ahead of the axle by the shop's rule of thumb (common practice). */
export const SIXTY_FORTY = 0.6;

/** The axle's place three ways, m from the front face of the bed. */
export interface AxlePlacement {
  readonly ruleOfThumbM: number;
  readonly wanted: { readonly caseId: string; readonly share: number; readonly xM: number | undefined } | undefined;
  readonly intervals: readonly NamedInterval[];
  readonly window: AxleWindow;
}

/** Bed edges as the window's bounds: hangers or brackets must have rail to stand on. */
const bedBounds = (trailer: Trailer): { fromM: number; toM: number } => {
  const { spacingM, suspension } = trailer.runningGear;
  const tandemM = (spacingM * Math.max(0, axleCount(trailer) - 1)) / 2;
  const hangerM = suspension.kind === 'leaf' ? suspension.hangerSpacingM / 2 : 0;
  const armM = suspension.kind === 'torsion' ? suspension.armM : 0;
  return { fromM: tandemM + hangerM + armM, toM: trailer.frame.bed.lengthM - tandemM - hangerM };
};

export const placeAxle = (trailer: Trailer, chassis: Chassis, cases: readonly BalancedCase[]): AxlePlacement => {
  const ruleOfThumbM = SIXTY_FORTY * trailer.frame.bed.lengthM;
  const geometry = windowGeometry(trailer, chassis);
  if (!geometry) return { ruleOfThumbM, wanted: undefined, intervals: [], window: { kind: 'none-asked' } };
  const bounds = bedBounds(trailer);
  const intervals = cases
    .filter(({ loadCase, massKg }) => loadCase.mode === 'towed' && loadCase.countsForWindow && massKg > 0)
    .map(
      (balanced): NamedInterval => ({
        caseId: balanced.loadCase.id,
        ...caseInterval(momentsOf(trailer, balanced), geometry, windowLimits(trailer, balanced), bounds),
      }),
    );
  const chosen =
    cases.find(({ loadCase }) => loadCase.id === trailer.axleCaseId) ??
    cases.find(({ loadCase }) => loadCase.mode === 'towed');
  return {
    ruleOfThumbM,
    wanted: chosen && {
      caseId: chosen.loadCase.id,
      share: trailer.wantedTongueShare,
      xM: positionForShare(momentsOf(trailer, chosen), geometry, trailer.wantedTongueShare),
    },
    intervals,
    window: commonWindow(intervals),
  };
};
