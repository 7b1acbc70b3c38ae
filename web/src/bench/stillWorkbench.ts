import { asProject, evaluate, speaker, type StepId, type Trailer } from '@kereta/core';
import { NO_DOUBT, NO_STRENGTH } from '../jobs/questions';
import { createProjectStore } from './projectStore';
import type { Workbench } from './workbench';
import { voice } from '../fields/language/t';

/** A trailer that is only looked at: on a printed sheet, in a test. */
export const stillWorkbench = (trailer: Trailer, step: StepId, picked?: string): Workbench => ({
  trailer,
  committed: trailer,
  evaluation: evaluate(trailer),
  strength: NO_STRENGTH,
  doubt: NO_DOUBT,
  opinion: 'own',
  showOpinion: () => undefined,
  situation: undefined,
  showSituation: () => undefined,
  bent: false,
  showBent: () => undefined,
  joint: undefined,
  failure: undefined,
  showJoint: () => undefined,
  view3d: false,
  show3d: () => undefined,
  say: speaker(trailer, voice),
  step,
  goTo: () => undefined,
  // Its store writes nowhere: nothing saves it.
  projectStore: createProjectStore(asProject(trailer), false),
  readOnly: true,
  picked,
  pickedAt: undefined,
  pick: () => undefined,
  hidden: new Set(),
  hide: () => undefined,
  caseId: trailer.axleCaseId ?? trailer.cases[0]?.id,
  showCase: () => undefined,
});
