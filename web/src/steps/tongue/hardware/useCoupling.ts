import type { Coupling } from '@kereta/core';
import { useEditing } from '../../../ui/editing';

/** Whether a thing is fitted. */
export const STATES = [
  { value: 'not-decided', text: 'Not decided' },
  { value: 'fitted', text: 'Fitted' },
  { value: 'none', text: 'None' },
] as const;

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
