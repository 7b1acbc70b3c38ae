import type { Trailer } from '../project/index.js';
import { heaviestTowed, jackknifeTravelM, type LostDamping, swayOf } from '../towing/index.js';
import { inches, massOfWeightKg, millimetres, toRadians } from '../units/index.js';
import { evaluate } from './evaluate.js';

/** What a tongue of another length does to the whole trailer. */
export interface TongueLengthRow {
  readonly lengthM: number;
  readonly overallM: number;
  readonly tongueKg: number | undefined;
  readonly tongueShare: number | undefined;
  /** undefined where nothing touches to 90° */
  readonly touchRad: number | undefined;
  /** steel more (+) or less than now, kg */
  readonly metalKg: number;
  /** by hand, in a hard bump */
  readonly tongueWorksAt: number | undefined;
  /** backed so far, an angle of 5° has grown to 20° */
  readonly backsM: number | undefined;
  readonly lost: LostDamping | undefined;
  /** false where the vehicle does not say enough for the sums on sway */
  readonly swayKnown: boolean;
}

const STEPS = {
  imperial: [-12, -6, 0, 6, 12, 24].map(inches),
  metric: [-300, -150, 0, 150, 300, 600].map(millimetres),
} as const;
const SHORTEST_M = 0.4;
const SMALL_RAD = toRadians(5, 'deg');
const LARGE_RAD = toRadians(20, 'deg');

const withLength = (trailer: Trailer, lengthM: number): Trailer => ({
  ...trailer,
  frame: { ...trailer.frame, tongue: { ...trailer.frame.tongue, lengthM } },
});

/** The trailer again with shorter and longer tongues, each worked out whole, in its heaviest towed load. */
export const tongueLengthRows = (trailer: Trailer): readonly TongueLengthRow[] => {
  const nowM = trailer.frame.tongue.lengthM;
  const frameKg = (evaluation: ReturnType<typeof evaluate>): number =>
    evaluation.chassis.members.reduce((sum, { massKg }) => sum + massKg, 0);
  const nowKg = frameKg(evaluate(trailer));
  return STEPS[trailer.settings.units]
    .map((step) => nowM + step)
    .filter((lengthM) => lengthM >= SHORTEST_M)
    .map((lengthM): TongueLengthRow => {
      const changed = withLength(trailer, lengthM);
      const evaluation = evaluate(changed);
      const heaviest = heaviestTowed(evaluation.cases);
      const turns = evaluation.findings.find((finding) => finding.code === 'turns-clear');
      const sway = heaviest && swayOf(changed, [heaviest]);
      return {
        lengthM,
        overallM: lengthM + trailer.frame.bed.lengthM,
        tongueKg: heaviest && massOfWeightKg(heaviest.standing.tongueN),
        tongueShare: heaviest?.standing.tongueShare,
        touchRad: turns?.code === 'turns-clear' ? turns.data.touchRad : undefined,
        metalKg: frameKg(evaluation) - nowKg,
        tongueWorksAt: evaluation.findings.find(({ code }) => code === 'tongue')?.utilisation,
        backsM:
          heaviest &&
          jackknifeTravelM(heaviest.standing.groupCentreXM - evaluation.chassis.ballXM, SMALL_RAD, LARGE_RAD),
        lost: sway?.cases[0]?.lost.usual,
        swayKnown: (sway?.cases.length ?? 0) > 0,
      };
    });
};
