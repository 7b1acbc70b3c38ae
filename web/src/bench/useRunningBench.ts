import type { StepId } from '@kereta/core';
import { useEffect, useLayoutEffect, useState } from 'react';
import { useStore } from 'zustand';
import { useDoubt, useStrength } from '../jobs/questions';
import { createBench, type RunningBench } from './createBench';
import type { ProjectStore } from './projectStore';

/** The bench of an open trailer, with what the worker finds laid onto it as it comes. */
export const useRunningBench = (
  projectStore: ProjectStore,
  step: StepId,
  goTo: (step: StepId) => void,
): RunningBench => {
  const [bench] = useState(() => createBench(projectStore, step, goTo));
  const committed = useStore(projectStore.store, projectStore.trailerNow);
  const strength = useStrength(committed);
  const doubt = useDoubt(committed, step === 'balance');
  useEffect(() => bench.start(), [bench]);
  // Before it is painted: no part may show the step before.
  useLayoutEffect(() => bench.choose({ step, goTo }), [bench, step, goTo]);
  useLayoutEffect(() => bench.choose({ strength }), [bench, strength]);
  useLayoutEffect(() => bench.choose({ doubt }), [bench, doubt]);
  return bench;
};
