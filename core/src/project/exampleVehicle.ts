import { VEHICLE_ROWS, type VehicleRow } from '../catalog/index.js';
import { UNKNOWN_VEHICLE } from './newProject.js';
import type { TowVehicle } from './schema.js';

/** The example that a vehicle was started from. */
export const exampleOf = (vehicle: TowVehicle | null): VehicleRow | undefined =>
  vehicle?.likeId ? VEHICLE_ROWS.find(({ id }) => id === vehicle.likeId) : undefined;

/** Figures of an example that say how such a vehicle is built; what it may carry or tow is nobody's until it is read. */
const BUILT = [
  'massKg',
  'wheelbaseM',
  'ballBehindAxleM',
  'frontShare',
  'hitchHeightM',
  'widthM',
  'bumperAheadOfBallM',
  'tailgateReachM',
  'tailgateHeightM',
] as const;

/**
 * A vehicle started from an example: fills what nobody has typed, and keeps the rest. Its invented limits are not written in: they would
 * count as read. What an earlier example filled counts as nobody's.
 */
export const likeExample = (vehicle: TowVehicle, row: VehicleRow): TowVehicle => {
  const before = exampleOf(vehicle);
  const nobodys = (field: (typeof BUILT)[number] | 'name'): boolean => {
    const now: unknown = vehicle[field];
    return now === UNKNOWN_VEHICLE[field] || now === before?.[field];
  };
  const filled = Object.fromEntries(BUILT.filter((field) => nobodys(field)).map((field) => [field, row[field]]));
  return { ...vehicle, ...filled, kind: row.kind, likeId: row.id, name: nobodys('name') ? row.name : vehicle.name };
};
