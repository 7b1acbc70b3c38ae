import type { Governing, SituationId, StrengthAnalysis } from '@kereta/core';
import { useMemo } from 'react';
import { useWorkbench } from '../workbench/workbench';

/** How hard each bar works, and where the figures come from. */
export interface Work {
  readonly shares: ReadonlyMap<string, number>;
  readonly from: 'frame' | 'older-frame' | 'hand';
}

/** What governs a bar: in the chosen situation, or in its worst. */
export const governingOf = (
  analysis: StrengthAnalysis,
  memberId: string,
  situation: SituationId | undefined,
): Governing | undefined => {
  const member = analysis.members.find((candidate) => candidate.memberId === memberId);
  return situation === undefined ? member?.worst : member?.bySituation[situation];
};

/** From the frame analysis where there is one, else the hand check. */
export const useWork = (): Work => {
  const { evaluation, strength, situation, trailer } = useWorkbench();
  const { outcome, current, of } = strength;
  return useMemo(() => {
    if (outcome?.kind !== 'analysed') {
      return {
        shares: new Map(evaluation.strength.members.map(({ memberId, utilisation }) => [memberId, utilisation])),
        from: 'hand',
      };
    }
    const shares = new Map<string, number>();
    for (const { memberId } of outcome.analysis.members) {
      const governing = governingOf(outcome.analysis, memberId, situation);
      if (governing) shares.set(memberId, governing.utilisation.value);
    }
    return { shares, from: current && of === trailer ? 'frame' : 'older-frame' };
  }, [outcome, current, of, trailer, situation, evaluation.strength.members]);
};

/** The run that governs the frame as a whole, in the chosen situation or in the worst. */
export const useGoverningRun = (): Governing | undefined => {
  const { strength, situation } = useWorkbench();
  return useMemo(() => {
    if (strength.outcome?.kind !== 'analysed') return undefined;
    const { analysis } = strength.outcome;
    return analysis.members
      .flatMap(({ memberId }) => governingOf(analysis, memberId, situation) ?? [])
      .reduce<Governing | undefined>(
        (worst, next) => (!worst || next.utilisation.value > worst.utilisation.value ? next : worst),
        undefined,
      );
  }, [strength.outcome, situation]);
};
