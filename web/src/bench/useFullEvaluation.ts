import { type Evaluation, evaluate, type Trailer, withOlderStrength, withStrength } from '@kereta/core';
import { useMemo } from 'react';
import type { Strength } from '../jobs/questions';

/** The light chain of now with the frame analysis: of now where it is done, else of before as a whole. */
export const useFullEvaluation = (
  light: Evaluation,
  shown: Trailer,
  { outcome, of, current }: Strength,
  committed: Trailer,
): Evaluation => {
  const older = useMemo(() => (outcome && of ? withStrength(evaluate(of), outcome) : undefined), [outcome, of]);
  return useMemo(() => {
    if (!outcome || !older) return light;
    return current && shown === committed ? withStrength(light, outcome) : withOlderStrength(light, older);
  }, [light, outcome, older, current, shown, committed]);
};
