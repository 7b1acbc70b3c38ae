import { EXERCISE_IDS, type ExerciseId } from '@kereta/core';
import { today } from '../fields/newEntry';
import { recall, remember } from '../storage/remembered';

const KEY = 'kereta.training';

/** Exercises that were gone through, each with its day; kept in this browser, of all trailers together. */
export type Trained = Readonly<Partial<Record<ExerciseId, string>>>;

export const trainedSoFar = (): Trained => {
  try {
    const kept: unknown = JSON.parse(recall(KEY) ?? '{}');
    if (typeof kept !== 'object' || kept === null) return {};
    return Object.fromEntries(
      Object.entries(kept).filter(
        ([id, date]) => EXERCISE_IDS.some((known) => known === id) && typeof date === 'string',
      ),
    );
  } catch {
    // Somebody else's words under that name: nothing of ours.
    return {};
  }
};

export const keepTrained = (id: ExerciseId): Trained => {
  const now = { ...trainedSoFar(), [id]: today() };
  remember(KEY, JSON.stringify(now));
  return now;
};

export const forgetTrained = (): Trained => {
  remember(KEY, '{}');
  return {};
};
