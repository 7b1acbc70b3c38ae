import { formatPercent, layOut, planView } from '@kereta/core';
import { useCallback, useMemo } from 'react';
import { DoubtEllipse, NINE_IN_TEN } from '../../drawing/DoubtEllipse';
import { type DrawingScale, isNarrow, planHeightPx, planPlacement } from '../../drawing/drawingScale';
import { Lettering } from '../../drawing/Lettering';
import { Shapes } from '../../drawing/Shapes';
import { useWorkbench } from '../workbench';
import { JointMarks } from './JointMarks';
import { TEXT_PX } from './SideSection';
import { usePartStates } from './usePartStates';
import { useWork } from './useWork';
import { figures } from '../../fields/language/t';

const TITLE_PX = 24;

interface PlanSectionProps {
  readonly scale: DrawingScale;
  readonly topPx: number;
  readonly shownCaseId: string | undefined;
  /** each bar shaded and numbered by how hard it works */
  readonly shaded: boolean;
  readonly sizes: boolean;
  /** piece marks by member, in place of the loads */
  readonly marks?: ReadonlyMap<string, string>;
}

/** Top view, to scale; the right side of the trailer lies at the top. */
export const PlanSection = ({ scale, topPx, shownCaseId, shaded, sizes, marks }: PlanSectionProps) => {
  const { trailer, evaluation, doubt, say, step, picked } = useWorkbench(
    'trailer',
    'evaluation',
    'doubt',
    'say',
    'step',
    'picked',
  );
  const { shares } = useWork();
  const place = useMemo(() => planPlacement(scale, topPx), [scale, topPx]);
  const withLoads = !shaded && !marks;
  const shown = evaluation.cases.find(({ loadCase }) => loadCase.id === shownCaseId);
  const own = step === 'balance' ? doubt.doubts?.find(({ caseId }) => caseId === shownCaseId) : undefined;
  const wide = sizes && !isNarrow(scale.width);
  const view = useMemo(
    () =>
      planView(
        { trailer, chassis: evaluation.chassis, shown: withLoads ? shown : undefined },
        {
          lettering: say,
          sizes: wide,
          gearSizes: step === 'axle' && wide,
          ...(shaded
            ? { shares: new Map([...shares].map(([id, share]) => [id, figures(formatPercent(share, 0))])) }
            : {}),
          ...(marks ? { marks } : {}),
        },
      ),
    [trailer, evaluation, shown, withLoads, say, wide, step, shaded, shares, marks],
  );
  const laid = useMemo(
    () =>
      layOut(view, {
        ...place,
        bounds: { x0: 2, x1: scale.width - 2, y0: topPx + TITLE_PX, y1: topPx + planHeightPx(scale, sizes) - 1 },
        text: TEXT_PX,
      }),
    [view, place, scale, topPx, sizes],
  );
  const stateOf = usePartStates(true, shaded);
  const isPast = useCallback((part: string) => (shares.get(part) ?? 0) > 1, [shares]);
  return (
    <g>
      <Shapes shapes={view.shapes} place={place} stateOf={stateOf} />
      {shown?.centre && own && (
        <DoubtEllipse
          x={scale.x(shown.centre.xM)}
          y={place.y(shown.centre.yM)}
          rx={NINE_IN_TEN * own.centre.xSdM * scale.pxPerM}
          ry={NINE_IN_TEN * own.centre.ySdM * scale.pxPerM}
        />
      )}
      {shaded && <JointMarks place={place} />}
      <Lettering laid={laid} pickedPart={picked} isPast={isPast} size={TEXT_PX} />
    </g>
  );
};
