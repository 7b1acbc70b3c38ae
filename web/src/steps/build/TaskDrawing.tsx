import {
  boundsOf,
  type BuildTask,
  type DrawnShape,
  type Evaluation,
  flippedView,
  layOut,
  planView,
  sideView,
  type Speaker,
} from '@kereta/core';
import { useMemo } from 'react';
import { Lettering } from '../../drawing/Lettering';
import { HatchPatterns, type Placement, Shapes, STILL } from '../../drawing/Shapes';
import { useWidth } from '../../fields/useWidth';
import { marksOf } from '../cut/MarkedPlan';

const EDGE_PX = 14;
const still = (): typeof STILL => STILL;
/** Bars and plates; axle and wheels only where they are what the task is about. */
const FRAME_LAYERS = ['frame', 'plates', 'coupling'];
const AXLE_LAYERS = [...FRAME_LAYERS, 'suspension', 'axle'];

const MOST_PX = 360;

/** As large as the width lets it be, with room for letters about it. */
const placed = (
  shapes: readonly DrawnShape[],
  width: number,
): { readonly place: Placement; readonly height: number } => {
  const bounds = boundsOf(shapes) ?? { x0: 0, x1: 1, y0: 0, y1: 1 };
  const [acrossM, upM] = [bounds.x1 - bounds.x0, bounds.y1 - bounds.y0];
  const perM = Math.min((width - 2 * EDGE_PX) / acrossM, MOST_PX / Math.max(upM, 0.01));
  const left = (width - acrossM * perM) / 2;
  const height = Math.ceil(upM * perM + 2 * EDGE_PX);
  return {
    place: { x: (x) => left + (x - bounds.x0) * perM, y: (y) => EDGE_PX + (bounds.y1 - y) * perM, perM },
    height,
  };
};

interface TaskDrawingProps {
  readonly task: BuildTask;
  readonly evaluation: Evaluation;
  readonly say: Speaker;
}

/** The trailer as it lies during a task, small and to scale; of what lies upside down right and left are changed, and it says so. */
export const TaskDrawing = ({ task, evaluation, say }: TaskDrawingProps) => {
  const { trailer, chassis, cutList } = evaluation;
  const [holder, width] = useWidth<HTMLDivElement>(300);
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
  const { place, height } = useMemo(() => placed(view.shapes, width), [view, width]);
  const laid = useMemo(
    () =>
      layOut(view, {
        ...place,
        bounds: { x0: 2, x1: width - 2, y0: 2, y1: height - 2 },
        text: 13,
      }),
    [view, place, width, height],
  );
  const seen =
    drawing === 'side'
      ? 'From the left.'
      : upsideDown
        ? 'From above, as it lies upside down: the left side is at the top, the right side at the bottom.'
        : 'From above: the right side is at the top.';
  return (
    <figure ref={holder} style={{ background: 'var(--paper)' }}>
      <svg
        width={width}
        height={height}
        viewBox={`0 0 ${width} ${height}`}
        role="img"
        aria-label={seen}
        className="block"
        style={{ fontFamily: 'var(--font-sans)' }}
      >
        <HatchPatterns />
        <Shapes shapes={view.shapes} place={place} stateOf={still} />
        <Lettering laid={laid} />
      </svg>
      <figcaption className="mute narrow px-2 pb-1 text-[13px]">{seen}</figcaption>
    </figure>
  );
};
