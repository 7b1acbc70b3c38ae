import type { Design, Trailer, UnitSystem } from '@kereta/core';
import { createContext, useContext } from 'react';

/** What every field needs of the open trailer: how it writes sizes, and whether it may be changed here. */
export interface Editing {
  readonly units: UnitSystem;
  readonly fraction: number;
  readonly readOnly: boolean;
  readonly trailer: Trailer;
  /** one undo step; the label stands behind "Undo:" */
  readonly edit: (label: string, change: (trailer: Trailer) => Design) => void;
}

export const EditingContext = createContext<Editing | undefined>(undefined);

export const useEditing = (): Editing => {
  const editing = useContext(EditingContext);
  if (!editing) throw new Error('no open trailer around this field');
  return editing;
};
