import type { Evaluation, OpinionId, PointedAt, Trailer, SituationId, Speaker, StepId } from '@kereta/core';
import type { Doubt, Strength } from '../jobs/questions';
import { createContext, useContext } from 'react';
import { useStore } from 'zustand';
import { useShallow } from 'zustand/react/shallow';
import type { StoreApi } from 'zustand/vanilla';
import type { ProjectStore } from './projectStore';

/** The open trailer as every part of the workbench sees it, at one of its two paces. */
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
  /** why nothing could be worked out any more; the page then says so as a whole */
  readonly failure: unknown;
  readonly say: Speaker;
  readonly step: StepId;
  readonly goTo: (step: StepId) => void;
  readonly projectStore: ProjectStore;
  readonly readOnly: boolean;
  readonly picked: string | undefined;
  /** the place on it that was pointed at, where a pointer picked it */
  readonly pickedAt: PointedAt | undefined;
  readonly pick: (partId: string | undefined, at?: PointedAt) => void;
  /** parts that are left out of the drawing for the moment; they stay in every figure */
  readonly hidden: ReadonlySet<string>;
  readonly hide: (hidden: ReadonlySet<string>) => void;
  /** load case that the drawing shows */
  readonly caseId: string | undefined;
  readonly showCase: (caseId: string) => void;
}

/**
 * The open trailer at two paces. `live` follows every frame of a drag with what a drawing needs; `followed` has everything, findings and
 * frame analysis included, and catches up when the drag rests.
 */
export interface Bench {
  readonly live: StoreApi<Workbench>;
  readonly followed: StoreApi<Workbench>;
}
export const BenchContext = createContext<Bench | undefined>(undefined);
/** At which pace the parts inside show the trailer. */
export const PaceContext = createContext<keyof Bench>('live');

const useBench = (): Bench => {
  const bench = useContext(BenchContext);
  if (!bench) throw new Error('no open trailer around this part of the workbench');
  return bench;
};

const picked =
  <Key extends keyof Workbench>(keys: readonly Key[]) =>
  (state: Workbench): Pick<Workbench, Key> =>
    Object.fromEntries(keys.map((key) => [key, state[key]])) as unknown as Pick<Workbench, Key>;

/** These parts of the open trailer's state, at the pace of this place; drawn again only when one of them changes. */
export const useWorkbench = <Key extends keyof Workbench>(...keys: readonly Key[]): Pick<Workbench, Key> => {
  const bench = useBench();
  const pace = useContext(PaceContext);
  return useStore(bench[pace], useShallow(picked(keys)));
};

/** One value out of the state, at the pace of this place; drawn again only when it is another one. */
export const useBenchValue = <Value>(select: (state: Workbench) => Value): Value =>
  useStore(useBench()[useContext(PaceContext)], select);

/** The same of what has everything: what was worked out of the trailer as it stood when the drag last rested. */
export const useFollowed = <Key extends keyof Workbench>(...keys: readonly Key[]): Pick<Workbench, Key> =>
  useStore(useBench().followed, useShallow(picked(keys)));

/** The state as it is now, for a handler that runs long after it was made. */
export const useWorkbenchNow = (): (() => Workbench) => {
  const { live } = useBench();
  return live.getState;
};

/** Whether something has moved since findings and figures were worked out. */
export const useIsBehind = (): boolean => {
  const { live, followed } = useBench();
  const shown = useStore(followed, ({ trailer }) => trailer);
  return useStore(live, ({ trailer }) => trailer !== shown);
};
