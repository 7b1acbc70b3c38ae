import {
  evaluate,
  type Evaluation,
  type Ledger,
  ledgerOf,
  type ProjectRecord,
  purchaseLines,
  resultOf,
  type Trailer,
} from '@kereta/core';
import { useMemo } from 'react';
import { useSticks, useStrength } from '../jobs/questions';
import { today } from '../fields/newEntry';

/** What there is to buy, and what of it is still worked out in the worker: sticks, and the welds' real lengths. */
export interface LedgerNow {
  readonly evaluation: Evaluation;
  readonly ledger: Ledger;
  readonly waitsFor: readonly ('sticks' | 'welds')[];
}

export const useLedger = (trailer: Trailer, record: ProjectRecord): LedgerNow => {
  const evaluation = useMemo(() => evaluate(trailer), [trailer]);
  const sticks = useSticks(trailer, record);
  const strength = useStrength(trailer, 'soon');
  const { sections } = sticks;
  const { outcome } = strength;
  const lines = useMemo(() => {
    const welds = outcome?.kind === 'analysed' ? (resultOf(outcome.analysis, 'own')?.welds ?? []) : [];
    return purchaseLines(trailer, evaluation, sections ?? [], welds);
  }, [trailer, evaluation, sections, outcome]);
  const ledger = useMemo(() => ledgerOf(trailer, record, lines, today()), [trailer, record, lines]);
  return {
    evaluation,
    ledger,
    waitsFor: [
      ...(sticks.current || sticks.failed ? [] : (['sticks'] as const)),
      ...(strength.current || strength.failed ? [] : (['welds'] as const)),
    ],
  };
};
