export { BOW_SOURCE, bowM, type BowRange, oneSideBowM } from './bow.js';
export { buildPlan } from './buildPlan.js';
export { doneByOf, paceOf, progressOf, type TaskProgress, type TouchedFigure } from './progress.js';
export type { BuildTask, Caution, FigureWhat, Phase, PlanFigure, TaskKind, Tool, WorkPage } from './task.js';
export { LIFT_SOURCE, type Turning, turningOf } from './turnOver.js';
