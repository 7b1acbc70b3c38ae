export type { Answers, StartedWith, StartNote, SteelAtHand } from './answers.js';
export { type Started, startingProject, withAxlePlaced } from './startingProject.js';
export { startSteps } from './startSteps.js';
