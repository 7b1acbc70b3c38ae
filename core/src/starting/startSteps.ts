import { failsOf } from '../evaluation/index.js';
import { trailerOf } from '../project/index.js';
import type { Steps } from '../steps.js';
import { type SizingRequest, sizingSteps, usualRequest } from '../strength/index.js';
import type { Answers, StartedWith } from './answers.js';
import { type Started, startingProject } from './startingProject.js';

/** What the bars are chosen from: the usual tubes of the metal, or what is at hand alone. */
const requestFor = (started: Started, { steel }: Answers): SizingRequest => {
  const trailer = trailerOf(started.project);
  if (steel.kind !== 'section') return usualRequest(trailer, steel.kind);
  const ids = [steel.sectionId];
  return { ...usualRequest(trailer, 'steel'), candidates: { rail: ids, header: ids, cross: ids, tongue: ids } };
};

/** Six answers into a trailer that is drawn, sized and balanced; where no frame passes, as it was drawn, and said. */
export function* startSteps(answers: Answers, began: StartedWith): Steps<Started> {
  const drawn = startingProject(answers, began);
  const sized = yield* sizingSteps(requestFor(drawn, answers), failsOf);
  const [best] = sized.best;
  if (!best) return { ...drawn, notes: [...drawn.notes, { code: 'not-strong' }] };
  return startingProject(answers, began, best.sections);
}
