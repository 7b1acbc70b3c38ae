export { DRIVEN, drivenKm, type Due, dueOf, type DueState, firstTowDay } from './due.js';
export { type ServiceCode, servicePlan, type ServiceTask } from './plan.js';
