import { recordAt, type RecordAt, type RecordChange, type RecordPath, withRecord } from '@kereta/core';
import { useCallback } from 'react';
import { useEditing } from './editing';

/** Changes some fields of a record as one step that can be undone; `said` stands behind "Undo:". */
export type SetRecord<Path extends RecordPath> = (said: string, change: RecordChange<Path>) => void;

/**
 * A record of the open trailer and how it is changed. What is changed is the record as it stands when the change is made, not as it was
 * drawn: two changes made from one drawing both hold.
 */
export const useRecord = <Path extends RecordPath>(path: Path): readonly [RecordAt<Path>, SetRecord<Path>] => {
  const { trailer, edit } = useEditing();
  const set = useCallback<SetRecord<Path>>(
    (said, change) => edit(said, (current) => withRecord(current, path, change)),
    [edit, path],
  );
  return [recordAt(trailer, path), set];
};
