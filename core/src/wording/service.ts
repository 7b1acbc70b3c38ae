import type { Due, DueState, ServiceCode } from '../service/index.js';
import type { Speaker } from './speak.js';

export const SERVICE_NAMES = {
  lugs: 'Wheel nuts to torque',
  'u-bolts': 'U-bolts and shackle bolts to torque',
  springs: 'Springs, bushes, shackles',
  rubber: 'Rubber springs and dampers',
  bearings: 'Bearings greased, play set',
  brakes: 'Brakes adjusted, magnets or cable looked at',
  breakaway: 'Breakaway switch and battery',
  coupler: 'Coupler greased, latch and play',
  'three-axis': 'Three-axis coupling greased, pin and nut',
  ball: 'Ball’s wear',
  chains: 'Chains and hooks',
  tires: 'Tires: age, cracks, tread, pressure',
  welds: 'Look at the welds that work hardest',
  coating: 'Coating touched up',
  lights: 'Lamps, plug, ground',
  deck: 'Deck and its screws',
} as const satisfies Readonly<Record<ServiceCode, string>>;

export const SERVICE_HOW = {
  lugs: 'Crosswise with a torque wrench, wheels cold, threads dry.',
  'u-bolts': 'Evenly, a quarter turn at a time; a broken leaf or a lost clip ends the trip.',
  springs: 'Cracked leaves, worn bushes, shackles that lean.',
  rubber: 'Arms at one height left and right; no cracks, no oil.',
  bearings: 'Clean, pack, set; new seals. Warm is well, hot is not.',
  brakes: 'Both sides alike; the pull felt at 20 mph on an empty road.',
  breakaway: 'Plug out, switch pulled: the wheels hold for a quarter of an hour.',
  coupler: 'Lift the nose by it: it may not come off.',
  'three-axis': 'No play that clicks; thread and pin without a groove.',
  ball: 'A new one from 1/16 in (1.5 mm) of wear, or a fiftieth of its diameter, on any side.',
  chains: 'A link worn by a tenth, stretched or cracked: a new chain.',
  tires: 'Older than six years, or cracked at the bead: a new one, however good the tread.',
  welds:
    'Clean, then dye: root of the tongue, hangers, gussets, coupler first. A crack is ground out and the reason found.',
  coating: 'Rust under edges and in open ends; drains open.',
  lights: 'Every lamp by its function; bright metal under the ground.',
  deck: 'Rot, loose screws, splits.',
} as const satisfies Readonly<Record<ServiceCode, string>>;

const DUE_WORDS = {
  due: 'Due',
  soon: 'Soon',
  later: 'Later',
  'not-yet': 'After the first tow',
} as const satisfies Readonly<Record<DueState, string>>;

/** When it is due, in words. */
export const dueText = ({ state, day, atKm, lastDay }: Due, say: Speaker): string => {
  const by = [day, atKm === undefined ? undefined : say.t('{at} driven', { at: say.distance(atKm) })].filter(
    (part) => part !== undefined,
  );
  const last = lastDay === undefined ? '' : say.t('; done last on {lastDay}', { lastDay });
  if (state === 'not-yet')
    return atKm === undefined
      ? say.t(DUE_WORDS[state])
      : say.t('{due}, at {at}', { due: say.t(DUE_WORDS[state]), at: say.distance(atKm) });
  return `${say.t(DUE_WORDS[state])}: ${by.join(' or ')}${last}`;
};
