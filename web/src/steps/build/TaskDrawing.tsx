import {
  type BuildTask,
  type DrawnView,
  type Evaluation,
  flippedView,
  layOut,
  planView,
  sideView,
  type Speaker,
} from '@kereta/core';
import { useMemo } from 'react';
import { Lettering } from '../../drawing/Lettering';
import type { Placement } from '../../drawing/Shapes';
import { StillDrawing } from '../../drawing/StillDrawing';
import { marksOf } from '../cut/MarkedPlan';
import { t } from '../../fields/language/t';

/** Bars and plates; axle and wheels only where they are what the task is about. */
const FRAME_LAYERS = ['frame', 'plates', 'coupling'];
const AXLE_LAYERS = [...FRAME_LAYERS, 'suspension', 'axle'];

const MOST_PX = 360;

interface LettersProps {
  readonly view: DrawnView;
  readonly place: Placement;
  readonly paper: { readonly width: number; readonly height: number };
}

/** Sizes and marks where there is room for them. */
const Letters = ({ view, place, paper: { width, height } }: LettersProps) => {
  const laid = useMemo(
    () => layOut(view, { ...place, bounds: { x0: 2, x1: width - 2, y0: 2, y1: height - 2 }, text: 13 }),
    [view, place, width, height],
  );
  return <Lettering laid={laid} />;
};

interface TaskDrawingProps {
  readonly task: BuildTask;
  readonly evaluation: Evaluation;
  readonly say: Speaker;
}

/** The trailer as it lies during a task, small and to scale; of what lies upside down right and left are changed, and it says so. */
export const TaskDrawing = ({ task, evaluation, say }: TaskDrawingProps) => {
  const { trailer, chassis, cutList } = evaluation;
  const { drawing, upsideDown, phase } = task;
  const view = useMemo(() => {
    const drawable = { trailer, chassis, shown: undefined };
    const options = { lettering: say, sizes: false, names: false, gearSizes: false };
    if (drawing === 'side') return sideView(drawable, options);
    const plan = planView(drawable, { ...options, marks: marksOf(cutList) });
    const layers = phase === 'axle' ? AXLE_LAYERS : FRAME_LAYERS;
    const own = { ...plan, shapes: plan.shapes.filter(({ layer }) => layers.includes(layer)) };
    return upsideDown ? flippedView(own) : own;
  }, [trailer, chassis, cutList, say, drawing, upsideDown, phase]);
  const seen =
    drawing === 'side'
      ? t('From the left.')
      : upsideDown
        ? t('From above, as it lies upside down: the left side is at the top, the right side at the bottom.')
        : t('From above: the right side is at the top.');
  return (
    <StillDrawing view={view} label={seen} caption={seen} mostPx={MOST_PX}>
      {(place, paper) => <Letters view={view} place={place} paper={paper} />}
    </StillDrawing>
  );
};
