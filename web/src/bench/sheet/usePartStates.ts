import { type DrawnShape, isOfAxle, isOfPiece, isOfTongue, parsePartId, type StepId } from '@kereta/core';
import { useCallback } from 'react';
import { type PartState, STILL } from '../../drawing/Shapes';
import { workFill } from '../../drawing/workShading';
import { useBenchValue, useWorkbench } from '../workbench';
import { movesAlong } from './parts';
import { useWork } from './useWork';

const isPickedPart = (picked: string | undefined, part: string): boolean =>
  picked === part ||
  (picked !== undefined && isOfPiece(part, picked)) ||
  (picked !== undefined && ((picked === 'axle' && isOfAxle(part)) || (isOfTongue(picked) && isOfTongue(part))));

/** Bars, loads, axle and coupler have fields of their own; deck, boards and fittings are chosen in the panel. */
const canPick = (part: string, layer: DrawnShape['layer']): boolean =>
  layer === 'loads' ||
  layer === 'frame' ||
  (layer === 'sides' && parsePartId(part).kind !== 'board') ||
  part === 'axle' ||
  part === 'coupler';

/** Where the frame itself is worked on, loads are outlines that let the pointer through to the steel under them. */
const standsBack = (step: StepId, layer: DrawnShape['layer'], plan: boolean): boolean =>
  plan && step === 'frame' && layer === 'loads';

/** How each part of a view is shown: picked, shaded by how hard it works, to be picked at all. */
export const usePartStates = (
  plan: boolean,
  shaded: boolean,
): ((part: string | undefined, layer: DrawnShape['layer']) => PartState) => {
  const {
    picked,
    readOnly,
    step,
    hidden,
    committed: trailer,
  } = useWorkbench('picked', 'readOnly', 'step', 'hidden', 'committed');
  const crossPlaced = useBenchValue(({ evaluation }) => evaluation.chassis.crossPlaced);
  const { shares } = useWork();
  return useCallback(
    (part, layer) => {
      if (part === undefined) return STILL;
      const isItem = layer === 'loads';
      const faint = standsBack(step, layer, plan);
      return {
        picked: isPickedPart(picked, part),
        fill:
          shaded && (layer === 'frame' || layer === 'sides') && shares.has(part)
            ? workFill(shares.get(part))
            : undefined,
        picks: !faint && canPick(part, layer),
        moves:
          !readOnly &&
          (isItem ||
            part === 'axle' ||
            part === 'coupler' ||
            crossPlaced.some(({ id }) => id === part) ||
            (part === picked && movesAlong(trailer, part))),
        faint,
        hidden: hidden.has(part),
      };
    },
    [picked, readOnly, step, hidden, trailer, shares, crossPlaced, plan, shaded],
  );
};
