import { ballZM, type BalancedCase, railTopM } from '../balance/index.js';
import { MOUNT_DROPS_M } from '../catalog/index.js';
import type { Chassis } from '../chassis/index.js';
import type { Trailer } from '../project/index.js';
import { massOfWeightKg } from '../units/index.js';
import { towedCases } from './heaviest.js';

/** Ball's height at which the trailer rides level in a case, m: by its parts and what was measured. */
export const couplerHeightM = (trailer: Trailer, chassis: Chassis, balanced: BalancedCase): number =>
  railTopM(trailer, chassis, balanced.parts) + ballZM(chassis);

/** Where the vehicle holds its ball with this tongue on it, m: its springs give by what the user has tried; undefined where nobody has measured. */
export const hitchUnderLoadM = (trailer: Trailer, { standing }: BalancedCase): number | undefined => {
  const { towVehicle } = trailer;
  const heightM = towVehicle?.hitchHeightM ?? null;
  if (!towVehicle || heightM === null) return undefined;
  const tongueKg = standing?.on === 'ball' ? massOfWeightKg(standing.tongueN) : 0;
  return heightM - (towVehicle.hitchSinksMPerKg ?? 0) * tongueKg;
};

/** How one load rides behind this vehicle. */
export interface CaseLevel {
  readonly caseId: string;
  readonly couplerM: number;
  readonly hitchM: number;
  /** hitch above the height at which the trailer rides level */
  readonly offM: number;
  /** nose up +, rad */
  readonly noseUpRad: number;
}

export const levelsOf = (trailer: Trailer, chassis: Chassis, cases: readonly BalancedCase[]): readonly CaseLevel[] =>
  towedCases(cases).flatMap((balanced): CaseLevel[] => {
    const couplerM = couplerHeightM(trailer, chassis, balanced);
    const hitchM = hitchUnderLoadM(trailer, balanced);
    if (hitchM === undefined) return [];
    const offM = hitchM - couplerM;
    return [
      {
        caseId: balanced.loadCase.id,
        couplerM,
        hitchM,
        offM,
        noseUpRad: Math.atan2(offM, balanced.standing.groupCentreXM - chassis.ballXM),
      },
    ];
  });

/** A mount to buy: its drop, or its rise where negative. */
export interface MountChoice {
  /** as much lower than the ball stands now, exactly */
  readonly wantedM: number;
  /** nearest that is sold; undefined where it is not known what is fitted now */
  readonly dropM: number | undefined;
  /** still off level with it, hitch above coupler + */
  readonly leftM: number;
}

/** The nearest ball mount that is sold, turned up or down, for a hitch that stands this much too high. */
export const mountFor = (trailer: Trailer, offM: number): MountChoice => {
  const fittedM = trailer.coupling.ballMount.dropM;
  if (fittedM === null) return { wantedM: offM, dropM: undefined, leftM: 0 };
  const wantedM = fittedM + offM;
  const sold = MOUNT_DROPS_M[trailer.settings.units].flatMap((drop) => (drop === 0 ? [0] : [drop, -drop]));
  const dropM = sold.reduce((best, next) => (Math.abs(next - wantedM) < Math.abs(best - wantedM) ? next : best));
  return { wantedM: offM, dropM, leftM: wantedM - dropM };
};
