import type { BalancedCase } from '../balance/index.js';
import type { Trailer } from '../project/index.js';
import { type MissingOfVehicle, rigOf, STIFFNESS_DOUBT } from './rig.js';
import { eigenvalues, leastDamped, type LostDamping, lostDamping, type Rig } from './sway.js';

/** How one load behaves over speed. */
export interface CaseSway {
  readonly caseId: string;
  readonly rig: Rig;
  /** damping ratio of the mode that swings longest, at each speed; undefined where nothing swings */
  readonly damping: readonly (number | undefined)[];
  /** the same with softer and with stiffer tires: between them lies the doubt */
  readonly dampingSofter: readonly (number | undefined)[];
  readonly dampingStiffer: readonly (number | undefined)[];
  /** with the usual tires, with softer and with stiffer ones; undefined where no speed to 400 km/h loses it */
  readonly lost: {
    readonly usual: LostDamping | undefined;
    readonly softer: LostDamping | undefined;
    readonly stiffer: LostDamping | undefined;
  };
}

export interface Sway {
  /** m/s */
  readonly speeds: readonly number[];
  readonly cases: readonly CaseSway[];
  readonly missing: MissingOfVehicle | undefined;
}

/** Speeds of the chart, km/h. */
const SLOWEST = 20;
const FASTEST = 160;
const COUNT = 57;

const dampingOver = (speeds: readonly number[], rig: Rig): readonly (number | undefined)[] =>
  speeds.map((speed) => leastDamped(eigenvalues(rig, speed))?.dampingRatio);

/** Damping against speed for every towed load: a comparison between loads, no leave to drive at any speed. */
export const swayOf = (trailer: Trailer, cases: readonly BalancedCase[]): Sway => {
  const speeds = Array.from({ length: COUNT }, (_, i) => (SLOWEST + ((FASTEST - SLOWEST) * i) / (COUNT - 1)) / 3.6);
  const towed = cases.filter(({ loadCase, standing }) => loadCase.mode === 'towed' && standing);
  let missing: MissingOfVehicle | undefined;
  const found = towed.flatMap((balanced): CaseSway[] => {
    const [usual, softer, stiffer] = [1, 1 - STIFFNESS_DOUBT, 1 + STIFFNESS_DOUBT].map((stiffness) =>
      rigOf(trailer, balanced, stiffness),
    );
    if (typeof usual === 'string') missing = usual;
    if (typeof usual !== 'object' || typeof softer !== 'object' || typeof stiffer !== 'object') return [];
    if (![usual, softer, stiffer].every((rig) => eigenvalues(rig, speeds[0] ?? 1).length > 0)) return [];
    return [
      {
        caseId: balanced.loadCase.id,
        rig: usual,
        damping: dampingOver(speeds, usual),
        dampingSofter: dampingOver(speeds, softer),
        dampingStiffer: dampingOver(speeds, stiffer),
        lost: { usual: lostDamping(usual), softer: lostDamping(softer), stiffer: lostDamping(stiffer) },
      },
    ];
  });
  return { speeds, cases: found, missing };
};
