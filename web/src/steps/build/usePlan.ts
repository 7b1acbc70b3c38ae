import {
  type BuildTask,
  buildPlan,
  type Evaluation,
  type ProjectRecord,
  progressOf,
  type TaskProgress,
} from '@kereta/core';
import { useMemo } from 'react';
import { useSearchParams } from 'react-router';

export interface PlanNow {
  readonly all: readonly TaskProgress[];
  /** the one that is looked at: what the address says, else the first that is to be done */
  readonly shown: TaskProgress | undefined;
  readonly show: (task: BuildTask) => void;
}

/** The plan of the open trailer and the task that is looked at; the address keeps which. */
export const usePlan = (evaluation: Evaluation, record: ProjectRecord): PlanNow => {
  const [params, setParams] = useSearchParams();
  const all = useMemo(() => progressOf(buildPlan(evaluation), record), [evaluation, record]);
  const asked = params.get('task');
  const shown = all.find(({ task }) => task.id === asked) ?? all.find(({ state }) => state === 'to-do') ?? all[0];
  return { all, shown, show: (task) => setParams({ task: task.id }, { replace: true }) };
};
