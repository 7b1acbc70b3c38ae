import type { Evaluation, OpinionId, Trailer, SituationId, Speaker, StepId } from '@kereta/core';
import type { Doubt, Strength } from '../jobs/questions';
import { createContext, useContext } from 'react';
import type { ProjectStore } from './projectStore';

/** The open trailer as every part of the workbench sees it. */
export interface Workbench {
  /** as shown: with a drag that is on */
  readonly trailer: Trailer;
  /** as committed: what a drag started from */
  readonly committed: Trailer;
  readonly evaluation: Evaluation;
  /** the frame analysis that was finished last */
  readonly strength: Strength;
  /** what guesses do to each towed load, worked out while the balance is looked at */
  readonly doubt: Doubt;
  /** whose loads drawing, charts and joints show: the user's own unless another opinion is asked */
  readonly opinion: OpinionId;
  readonly showOpinion: (opinion: OpinionId) => void;
  /** situation that the shading shows; all of them, each bar at its worst, where undefined */
  readonly situation: SituationId | undefined;
  readonly showSituation: (situation: SituationId | undefined) => void;
  /** the frame's bent shape, drawn large, on request */
  readonly bent: boolean;
  readonly showBent: (bent: boolean) => void;
  /** weld, hanger or bolts that are looked into */
  readonly joint: string | undefined;
  readonly showJoint: (id: string | undefined) => void;
  /** the frame in space in place of the drawing */
  readonly view3d: boolean;
  readonly show3d: (view3d: boolean) => void;
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
