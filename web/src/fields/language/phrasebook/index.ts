import { app } from './app';
import { bench } from './bench';
import { build } from './build';
import { buy } from './buy';
import { coat } from './coat';
import { drawing } from './drawing';
import { fields } from './fields';
import { lights } from './lights';
import { log } from './log';
import { papers } from './papers';
import { print } from './print';
import { saw } from './saw';
import { send } from './send';
import { shed } from './shed';
import { square } from './square';
import { steps } from './steps';
import { stepsAxle } from './stepsAxle';
import { stepsBalance } from './stepsBalance';
import { stepsBuild } from './stepsBuild';
import { stepsCut } from './stepsCut';
import { stepsFrame } from './stepsFrame';
import { stepsJob } from './stepsJob';
import { stepsLoads } from './stepsLoads';
import { stepsRig } from './stepsRig';
import { stepsStrength } from './stepsStrength';
import { stepsTongue } from './stepsTongue';
import { stepsTowing } from './stepsTowing';
import { stepsWeigh } from './stepsWeigh';
import { trip } from './trip';
import { weigh } from './weigh';
import { words } from './words';

/** Every phrase of the pages in the other languages: who speaks English alone never loads them. */
export const PHRASEBOOK = {
  ...app,
  ...bench,
  ...build,
  ...buy,
  ...coat,
  ...drawing,
  ...fields,
  ...lights,
  ...log,
  ...papers,
  ...print,
  ...saw,
  ...send,
  ...shed,
  ...square,
  ...steps,
  ...stepsAxle,
  ...stepsBalance,
  ...stepsBuild,
  ...stepsCut,
  ...stepsFrame,
  ...stepsJob,
  ...stepsLoads,
  ...stepsRig,
  ...stepsStrength,
  ...stepsTongue,
  ...stepsTowing,
  ...stepsWeigh,
  ...trip,
  ...weigh,
  ...words,
} as const;

/** What can be said: a phrase that no phrasebook has does not compile. */
export type PagePhrase = keyof typeof PHRASEBOOK;
