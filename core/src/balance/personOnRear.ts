import type { Chassis } from '../chassis/index.js';
import { axleCount } from '../mass/index.js';
import type { Trailer } from '../project/index.js';
import { usualRailTopM } from '../suspension/index.js';
import { inches } from '../units/index.js';

/** Decks higher than this are stepped on from behind to reach the load, m: 20 in, common practice. */
const STEP_UP_M = inches(20);
/** Lighter trailers are carts: loaded from beside, kg. */
const LIGHT_KG = 250;

/**
 * Whether somebody will step on the rear edge: as the user says, else of a trailer for the road whose deck is too high to load from the ground.
 * Common practice; carts and trailers pulled by hand are asked nothing.
 */
export const stepsOnRear = (trailer: Trailer, { deckTopZM, railHeightM }: Chassis): boolean => {
  const { personOnRear } = trailer.strength;
  if (personOnRear !== 'usual') return personOnRear === 'yes';
  const heavy = trailer.ratedGrossKg === null || trailer.ratedGrossKg > LIGHT_KG;
  const byHand = trailer.towVehicle?.kind === 'muscle';
  return heavy && !byHand && usualRailTopM(trailer, railHeightM, axleCount(trailer)) + deckTopZM > STEP_UP_M;
};
