import { type Coupling, DECISION_NAMES, optionsOf } from '@kereta/core';
import { useEditing } from '../../../fields/editing';

/** Whether a thing is fitted. */
export const STATES = optionsOf(DECISION_NAMES);

/** The coupling as it stands, and one named edit of it. */
export const useCoupling = (): {
  readonly coupling: Coupling;
  readonly set: (label: string, change: Partial<Coupling>) => void;
} => {
  const { trailer, edit } = useEditing();
  return {
    coupling: trailer.coupling,
    set: (label, change) => edit(label, (current) => ({ ...current, coupling: { ...current.coupling, ...change } })),
  };
};
