import type { Evaluation, Project, Speaker, StepId } from '@kereta/core';
import { createContext, useContext } from 'react';
import type { ProjectStore } from './projectStore';

/** The open trailer as every part of the workbench sees it. */
export interface Workbench {
  /** as shown: with a drag that is on */
  readonly project: Project;
  /** as committed: what a drag started from */
  readonly committed: Project;
  readonly evaluation: Evaluation;
  readonly say: Speaker;
  readonly step: StepId;
  readonly goTo: (step: StepId) => void;
  readonly projectStore: ProjectStore;
  readonly readOnly: boolean;
  readonly picked: string | undefined;
  readonly pick: (partId: string | undefined) => void;
  /** load case that the drawing shows */
  readonly caseId: string | undefined;
  readonly showCase: (caseId: string) => void;
}

export const WorkbenchContext = createContext<Workbench | undefined>(undefined);

export const useWorkbench = (): Workbench => {
  const workbench = useContext(WorkbenchContext);
  if (!workbench) throw new Error('no open trailer around this part of the workbench');
  return workbench;
};
