import type { Rule } from '../findings/index.js';
import { BALANCE_RULES } from '../balance/index.js';
import { CHASSIS_RULES } from '../chassis/index.js';
import { MASS_RULES } from '../mass/index.js';
import { RUNNING_GEAR_RULES } from '../running-gear/index.js';
import { COUPLING_RULES } from '../coupling/index.js';
import { STRENGTH_RULES } from '../strength/index.js';
import { TOWING_RULES } from '../towing/index.js';
import { BODY_RULES } from '../body/index.js';
import { FABRICATION_RULES } from '../fabrication/index.js';

/** All rules of the program by stage, in working order: the methods page is made from them. */
export const RULEBOOK: readonly { readonly stage: string; readonly rules: readonly Rule[] }[] = [
  { stage: 'chassis', rules: Object.values(CHASSIS_RULES) },
  { stage: 'mass', rules: Object.values(MASS_RULES) },
  { stage: 'balance', rules: Object.values(BALANCE_RULES) },
  { stage: 'running-gear', rules: Object.values(RUNNING_GEAR_RULES) },
  { stage: 'coupling', rules: Object.values(COUPLING_RULES) },
  { stage: 'strength', rules: Object.values(STRENGTH_RULES) },
  { stage: 'towing', rules: Object.values(TOWING_RULES) },
  { stage: 'body', rules: Object.values(BODY_RULES) },
  { stage: 'fabrication', rules: Object.values(FABRICATION_RULES) },
];
