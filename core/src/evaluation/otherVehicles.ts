import type { BalancedCase } from '../balance/index.js';
import type { Chassis } from '../chassis/index.js';
import { type CouplingFindingData, couplingFindings, hitchOf } from '../coupling/index.js';
import type { Finding, FindingOf } from '../findings/index.js';
import type { Trailer } from '../project/index.js';
import type { RideHeights } from '../running-gear/index.js';
import { levelsOf, type TowingFindingData, towingFindings } from '../towing/index.js';

interface Towed {
  readonly chassis: Chassis;
  readonly cases: readonly BalancedCase[];
  readonly rides: readonly RideHeights[];
  readonly tongueWorksAt: number | undefined;
}

type Told = Pick<Finding<string, unknown>, 'id' | 'verdict' | 'value' | 'limit' | 'utilisation'>;
/** What the vehicle has a say in. */
type OfVehicle = FindingOf<CouplingFindingData & TowingFindingData>;

const same = (a: Told, b: Told | undefined): boolean =>
  b !== undefined &&
  a.verdict === b.verdict &&
  a.value?.value === b.value?.value &&
  a.limit?.value === b.limit?.value &&
  a.utilisation === b.utilisation;

/**
 * What is found of hitch and towing with each further vehicle, where it differs from what the first one gives. They stand beside the
 * first one's, and the worst counts.
 */
export const otherVehicleFindings = (
  trailer: Trailer,
  { chassis, cases, rides, tongueWorksAt }: Towed,
  own: readonly Told[],
): readonly OfVehicle[] => {
  if (trailer.alsoTowedBy.length === 0) return [];
  const first = new Map(own.map((finding) => [finding.id, finding]));
  return trailer.alsoTowedBy.flatMap((id): OfVehicle[] => {
    const kept = trailer.ownRows.vehicles.find((candidate) => candidate.id === id);
    if (!kept) return [];
    const behind: Trailer = { ...trailer, towVehicle: kept.vehicle, alsoTowedBy: [] };
    const found: readonly OfVehicle[] = [
      ...couplingFindings(behind, chassis, cases, rides, hitchOf(behind, cases, tongueWorksAt)),
      ...towingFindings(behind, chassis, cases, levelsOf(behind, chassis, cases)),
    ];
    return found
      .filter((finding) => !same(finding, first.get(finding.id)))
      .map((finding) => ({ ...finding, id: `${finding.id} ${id}`, vehicle: kept.vehicle.name }));
  });
};
