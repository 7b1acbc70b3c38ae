import type { Evaluation } from '../../evaluation/index.js';
import { axleTasks, couplerTask, wheelTask } from './gearTasks.js';
import { type Draft, type Plan, taskOf } from './draft.js';
import { bodyTasks, coatTasks, lastTasks } from './finishTasks.js';
import { layOutTasks, metalTasks, turnTask, weldTasks } from './frameTasks.js';
import type { BuildTask } from './task.js';

/** Frame and axle in the order that the side which lies up asks for: upside down it is turned once, right side up twice. */
const frameInOrder = (plan: Plan): readonly Draft[] => {
  const axle = axleTasks(plan);
  const hasAxle = axle.length > 0;
  const axleIsOn = plan.upsideDown && hasAxle;
  const { first, second } = weldTasks(plan, axleIsOn);
  const turn = turnTask(plan, axleIsOn);
  const again: Draft = {
    kind: 'square-again',
    phase: 'axle',
    hours: [0.25, 0.75],
    people: 2,
    tools: ['tape'],
    page: 'square',
  };
  if (plan.upsideDown) return [...layOutTasks(plan), first, ...couplerTask(plan), ...axle, turn, second, again];
  return [
    ...layOutTasks(plan),
    first,
    turn,
    second,
    ...couplerTask(plan),
    ...axle,
    ...(hasAxle ? [{ ...turnTask(plan, true), kind: 'turn-upright' as const, phase: 'axle' as const }] : []),
    again,
  ];
};

/** What is to be done, in the order in which people work, with this trailer's own numbers. Public tasks only: the user's own come by `progressOf`. */
export const buildPlan = (evaluation: Evaluation): readonly BuildTask[] => {
  const { trailer } = evaluation;
  const plan: Plan = { trailer, evaluation, upsideDown: trailer.building?.layOut !== 'right-side-up' };
  return [
    ...metalTasks(plan),
    ...(evaluation.chassis.members.length > 0 ? frameInOrder(plan) : []),
    ...bodyTasks(plan),
    ...coatTasks(plan),
    ...wheelTask(plan),
    ...lastTasks(plan),
  ].map(taskOf);
};
