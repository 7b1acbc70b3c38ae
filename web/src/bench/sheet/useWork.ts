import { type Governing, type OpinionResult, resultOf, type RunKey, type SituationId } from '@kereta/core';
import { useMemo } from 'react';
import { useFollowed, useIsBehind } from '../workbench';

/** How hard each bar works, and where the figures come from. */
export interface Work {
  readonly shares: ReadonlyMap<string, number>;
  readonly from: 'frame' | 'older-frame' | 'hand';
}

/** What names the run that a share comes from. */
export const runKeyOf = ({ caseId, situation, variant, balance }: Governing): RunKey => ({
  caseId,
  situation,
  variant,
  balance,
});

/** What governs a bar: in the chosen situation, or in its worst. */
export const governingOf = (
  result: OpinionResult,
  memberId: string,
  situation: SituationId | undefined,
): Governing | undefined => {
  const member = result.members.find((candidate) => candidate.memberId === memberId);
  return situation === undefined ? member?.worst : member?.bySituation[situation];
};

/** What the analysis found under the opinion that is shown; undefined while there is none. */
export const useShownResult = (): OpinionResult | undefined => {
  const { strength, opinion } = useFollowed('strength', 'opinion');
  return strength.outcome?.kind === 'analysed' ? resultOf(strength.outcome.analysis, opinion) : undefined;
};

/** From the frame analysis where there is one, else the hand check. */
export const useWork = (): Work => {
  const { evaluation, strength, situation, trailer } = useFollowed('evaluation', 'strength', 'situation', 'trailer');
  const { outcome, current, of } = strength;
  const result = useShownResult();
  const behind = useIsBehind();
  return useMemo(() => {
    if (outcome?.kind !== 'analysed') {
      return {
        shares: new Map(evaluation.strength.members.map(({ memberId, utilisation }) => [memberId, utilisation])),
        from: 'hand',
      };
    }
    const shares = new Map<string, number>();
    for (const { memberId } of result?.members ?? []) {
      const governing = result && governingOf(result, memberId, situation);
      if (governing) shares.set(memberId, governing.utilisation.value);
    }
    return { shares, from: current && of === trailer && !behind ? 'frame' : 'older-frame' };
  }, [outcome, result, current, of, trailer, situation, behind, evaluation]);
};

/** The run that governs the frame as a whole, in the chosen situation or in the worst. */
export const useGoverningRun = (): Governing | undefined => {
  const { situation } = useFollowed('situation');
  const result = useShownResult();
  return useMemo(
    () =>
      result?.members
        .flatMap(({ memberId }) => governingOf(result, memberId, situation) ?? [])
        .reduce<Governing | undefined>(
          (worst, next) => (!worst || next.utilisation.value > worst.utilisation.value ? next : worst),
          undefined,
        ),
    [result, situation],
  );
};
