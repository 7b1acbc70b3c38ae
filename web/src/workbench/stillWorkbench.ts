import { evaluate, type Project, speaker, type StepId } from '@kereta/core';
import { NO_DOUBT } from '../workers/useDoubt';
import { NO_STRENGTH } from '../workers/useStrength';
import { createProjectStore } from './projectStore';
import type { Workbench } from './workbench';

/** A trailer that is only looked at: on a printed sheet, in a test. */
export const stillWorkbench = (project: Project, step: StepId, picked?: string): Workbench => ({
  project,
  committed: project,
  evaluation: evaluate(project),
  strength: NO_STRENGTH,
  doubt: NO_DOUBT,
  situation: undefined,
  showSituation: () => undefined,
  bent: false,
  showBent: () => undefined,
  joint: undefined,
  showJoint: () => undefined,
  view3d: false,
  show3d: () => undefined,
  say: speaker(project),
  step,
  goTo: () => undefined,
  projectStore: createProjectStore(project),
  readOnly: true,
  picked,
  pick: () => undefined,
  caseId: project.axleCaseId ?? project.cases[0]?.id,
  showCase: () => undefined,
});
