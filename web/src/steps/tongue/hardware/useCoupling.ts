import { type Coupling, DECISION_NAMES } from '@kereta/core';
import { useRecord } from '../../../fields/useRecord';
import { optionsIn } from '../../../fields/language/optionsIn';

/** Whether a thing is fitted. */
export const STATES = optionsIn(DECISION_NAMES);

/** The coupling's own figures, and how they are changed: one step of undo each. */
export const useCoupling = (): {
  readonly coupling: Coupling;
  readonly set: (label: string, change: Partial<Coupling>) => void;
} => {
  const [coupling, set] = useRecord('coupling');
  return { coupling, set };
};
