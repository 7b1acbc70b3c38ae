import { evaluate, type Speaker, speaker, type StepId, type Trailer } from '@kereta/core';
import { createStore } from 'zustand/vanilla';
import { NO_DOUBT, NO_STRENGTH } from '../jobs/questions';
import { fullEvaluation } from './fullEvaluation';
import type { ProjectStore } from './projectStore';
import type { Bench, Workbench } from './workbench';
import { voice } from '../fields/language/t';

/** What a speaker goes by: how numbers are written, and what parts are called. */
const spokenOf = ({ settings, items, cases, frame, runningGear }: Trailer): readonly unknown[] => [
  settings,
  frame.crossMembers,
  frame.extras,
  frame.ownBars,
  frame.ownPanels,
  frame.pieces,
  runningGear.layout,
  ...items.flatMap(({ id, name }) => [id, name]),
  ...cases.flatMap(({ id, name }) => [id, name]),
];

/** A speaker for this trailer; the one before where it would say the same. */
const speakerLike = (before: Speaker, trailer: Trailer): Speaker => {
  const [was, now] = [spokenOf(before.trailer), spokenOf(trailer)];
  return was.length === now.length && was.every((value, i) => value === now[i]) ? before : speaker(trailer, voice);
};

/** Load that is shown where none is chosen, or the chosen one is gone. */
const caseOf = (trailer: Trailer, chosen: string | undefined): string | undefined =>
  trailer.cases.some(({ id }) => id === chosen) ? chosen : (trailer.axleCaseId ?? trailer.cases[0]?.id);

/** What the workbench shows of a trailer that nobody has touched yet. */
const atFirst = (projectStore: ProjectStore, step: StepId, goTo: (step: StepId) => void): Workbench => {
  const trailer = projectStore.trailerShown();
  const nothing = (): void => undefined;
  return {
    trailer,
    committed: projectStore.trailerNow(),
    evaluation: evaluate(trailer),
    strength: NO_STRENGTH,
    doubt: NO_DOUBT,
    opinion: 'own',
    situation: undefined,
    bent: false,
    joint: undefined,
    failure: undefined,
    view3d: false,
    say: speaker(trailer, voice),
    step,
    goTo,
    projectStore,
    readOnly: !projectStore.store.getState().mayWrite,
    picked: step === 'axle' ? 'axle' : undefined,
    pickedAt: undefined,
    caseId: caseOf(trailer, undefined),
    showOpinion: nothing,
    showSituation: nothing,
    showBent: nothing,
    showJoint: nothing,
    show3d: nothing,
    pick: nothing,
    hidden: new Set(),
    hide: nothing,
    showCase: nothing,
  };
};

export interface RunningBench extends Bench {
  /** sets what is shown, at both paces alike */
  readonly choose: (change: Partial<Workbench>) => void;
  /** follows the trailer from now on; what comes back ends it */
  readonly start: () => () => void;
}

/**
 * The bench of an open trailer. A change is drawn at once; everything else is worked out as soon as two frames have passed without another
 * change, so that a drag is never slower than its drawing, and the panel is right two frames after the last move.
 */
export const createBench = (projectStore: ProjectStore, step: StepId, goTo: (step: StepId) => void): RunningBench => {
  const first = atFirst(projectStore, step, goTo);
  const live = createStore<Workbench>(() => first);
  const followed = createStore<Workbench>(() => first);
  let frame = 0;
  let rest: ReturnType<typeof setTimeout> | undefined;
  const catchUp = (): void => {
    const { trailer, committed, strength, say, caseId, readOnly } = live.getState();
    try {
      const evaluation = fullEvaluation(trailer, strength, committed);
      // Here, and not first in some view: what fails must be seen as a whole.
      void evaluation.findings;
      followed.setState({ trailer, committed, evaluation, say, caseId, readOnly, failure: undefined });
    } catch (failure) {
      followed.setState({ failure: failure ?? new Error('nothing is known of it') });
    }
  };
  const follow = (): void => {
    cancelAnimationFrame(frame);
    clearTimeout(rest);
    // A hand at 60 Hz may miss one frame and be on its way still; two without a move are a rest.
    frame = requestAnimationFrame(() => {
      frame = requestAnimationFrame(() => {
        rest = setTimeout(catchUp, 0);
      });
    });
  };
  const choose = (change: Partial<Workbench>): void => {
    live.setState(change);
    followed.setState(change);
    // The analysis is part of what is worked out: it is put with the trailer that it belongs to.
    if (change.strength) follow();
  };
  const show = (): void => {
    const trailer = projectStore.trailerShown();
    const before = live.getState();
    live.setState({
      trailer,
      committed: projectStore.trailerNow(),
      evaluation: evaluate(trailer),
      say: speakerLike(before.say, trailer),
      readOnly: !projectStore.store.getState().mayWrite,
      caseId: caseOf(trailer, before.caseId),
    });
    follow();
  };
  choose({
    showOpinion: (opinion) => choose({ opinion }),
    showSituation: (situation) => choose({ situation }),
    showBent: (bent) => choose({ bent }),
    showJoint: (joint) => choose({ joint }),
    show3d: (view3d) => choose({ view3d }),
    pick: (partId, pickedAt) => choose({ picked: partId, pickedAt }),
    hide: (hidden) => choose({ hidden }),
    showCase: (caseId) => choose({ caseId }),
  });
  const start = (): (() => void) => {
    const stop = projectStore.store.subscribe(show);
    // What came between its making and now.
    show();
    return () => {
      stop();
      cancelAnimationFrame(frame);
      clearTimeout(rest);
    };
  };
  return { live, followed, choose, start };
};
