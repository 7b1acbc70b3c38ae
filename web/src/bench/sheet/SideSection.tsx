import { findingsOfCase, layOut, sideView } from '@kereta/core';
import { useMemo } from 'react';
import { DoubtEllipse, NINE_IN_TEN } from '../../drawing/DoubtEllipse';
import { type DrawingScale, isNarrow } from '../../drawing/drawingScale';
import { Lettering } from '../../drawing/Lettering';
import { Shapes } from '../../drawing/Shapes';
import { useFollowed, useWorkbench } from '../workbench';
import { usePartStates } from './usePartStates';

/** Height of the sheet's lettering, px. */
export const TEXT_PX = 13;
const TITLE_PX = 26;

/** Whether the load that is shown presses too little on the ball; from what was worked out last. */
const useIsLight = (caseId: string | undefined): boolean => {
  const { evaluation } = useFollowed('evaluation');
  return useMemo(
    () =>
      caseId !== undefined &&
      findingsOfCase(evaluation, caseId).some(({ code, verdict }) => code === 'tongue-share' && verdict === 'over'),
    [evaluation, caseId],
  );
};

/** Side elevation over the ruler: what stands where, what it weighs, what ball and axle carry in the load that is shown. */
export const SideSection = ({
  scale,
  shownCaseId,
  shaded,
}: {
  readonly scale: DrawingScale;
  /** the load that is shown; none leaves the bare trailer */
  readonly shownCaseId: string | undefined;
  /** shade each bar by how hard it works */
  readonly shaded: boolean;
}) => {
  const { trailer, committed, evaluation, doubt, say, step, picked } = useWorkbench(
    'trailer',
    'committed',
    'evaluation',
    'doubt',
    'say',
    'step',
    'picked',
  );
  const shown = evaluation.cases.find(({ loadCase }) => loadCase.id === shownCaseId);
  const own = step === 'balance' ? doubt.doubts?.find(({ caseId }) => caseId === shownCaseId) : undefined;
  const narrow = isNarrow(scale.width);
  const wasM = committed.runningGear.positionM;
  const view = useMemo(
    () =>
      sideView(
        { trailer, chassis: evaluation.chassis, shown },
        {
          lettering: say,
          sizes: !narrow,
          gearSizes: step === 'axle' && !narrow,
          ...(wasM === trailer.runningGear.positionM ? {} : { axleWasM: wasM }),
        },
      ),
    [trailer, evaluation, shown, say, narrow, step, wasM],
  );
  const laid = useMemo(
    () =>
      layOut(view, {
        ...scale.side,
        bounds: { x0: 2, x1: scale.width - 2, y0: TITLE_PX, y1: scale.rulerY - 2 },
        text: TEXT_PX,
        dropTo: scale.rulerY,
      }),
    [view, scale],
  );
  const stateOf = usePartStates(false, shaded);
  const light = useIsLight(shownCaseId);
  return (
    <g>
      <Shapes shapes={view.shapes} place={scale.side} stateOf={stateOf} />
      {shown?.centre && own && (
        <DoubtEllipse
          x={scale.x(shown.centre.xM)}
          y={scale.side.y(shown.centre.zM)}
          rx={NINE_IN_TEN * own.centre.xSdM * scale.pxPerM}
          ry={NINE_IN_TEN * own.centre.zSdM * scale.pxPerM}
        />
      )}
      <Lettering laid={laid} pickedPart={picked} alarming={light} rulerY={scale.rulerY} size={TEXT_PX} />
    </g>
  );
};
