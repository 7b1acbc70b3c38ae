import type { Trailer } from './trailer.js';

/**
 * Whether road rules are asked of it: chains, brakes by law, plug. A hand cart and what a small machine pulls about a yard have none of them;
 * where such a machine goes on a road its own authority is to be asked.
 */
export const towsOnRoad = ({ towVehicle }: Trailer): boolean => towVehicle === null || towVehicle.kind === 'vehicle';
