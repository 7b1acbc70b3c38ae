import type { BalancedCase } from '../balance/index.js';
import type { Trailer } from '../project/index.js';
import { massOfWeightKg } from '../units/index.js';

/** What coupling and tow vehicle must stand: the heaviest load or the plate, and the heaviest tongue. */
export interface HitchDemand {
  readonly grossKg: number;
  /** what stands on the axles then (GTM in Australia): the gross less the share that the heaviest towed load has on its ball */
  readonly axlesKg: number;
  /** undefined where no towed case stands on its ball */
  readonly tongueKg: number | undefined;
  readonly grossCaseId: string | undefined;
  /** as it is loaded, whatever the plate says */
  readonly heaviest: { readonly kg: number; readonly caseId: string | undefined };
  readonly byPlate: boolean;
}

/** What the plate allows may one day be aboard: coupler and vehicle must stand that, too. */
export const hitchDemand = (trailer: Trailer, cases: readonly BalancedCase[]): HitchDemand => {
  let tongueShare = 0;
  let [heaviestKg, caseId, tongueKg] = [0, undefined as string | undefined, undefined as number | undefined];
  for (const { massKg, loadCase, standing } of cases) {
    if (massKg > heaviestKg) [heaviestKg, caseId] = [massKg, loadCase.id];
    if (loadCase.mode === 'towed' && standing)
      tongueKg = Math.max(tongueKg ?? Number.NEGATIVE_INFINITY, massOfWeightKg(standing.tongueN));
    if (loadCase.mode === 'towed' && standing && massKg === heaviestKg) tongueShare = standing.tongueShare;
  }
  const plateKg = trailer.ratedGrossKg ?? 0;
  const byPlate = plateKg > heaviestKg;
  const grossKg = Math.max(plateKg, heaviestKg);
  return {
    grossKg,
    axlesKg: grossKg * (1 - tongueShare),
    tongueKg,
    grossCaseId: byPlate ? undefined : caseId,
    heaviest: { kg: heaviestKg, caseId },
    byPlate,
  };
};

/** What one load asks of them by itself, whatever the plate would let aboard. */
export const demandOfLoad = (trailer: Trailer, load: BalancedCase): HitchDemand =>
  hitchDemand({ ...trailer, ratedGrossKg: null }, [load]);
