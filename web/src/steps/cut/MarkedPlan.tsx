import type { CutList } from '@kereta/core';
import { useEffect, useMemo, useRef, useState } from 'react';
import { drawingScale, planHeightPx } from '../../drawing/drawingScale';
import { PlanView } from '../../bench/sheet/PlanView';
import { SheetText } from '../../drawing/SheetText';
import { WorkPatterns } from '../../drawing/workShading';
import { useWorkbench } from '../../bench/workbench';

const HEIGHT_PX = 560;

/** Piece mark of each member. */
export const marksOf = ({ rows }: CutList): ReadonlyMap<string, string> =>
  new Map(rows.flatMap(({ mark, memberIds }) => memberIds.map((id) => [id, mark] as const)));

/** The frame from above with its piece marks: what is cut, and where it goes. */
export const MarkedPlan = () => {
  const { trailer, evaluation, pick } = useWorkbench();
  const holder = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(768);
  useEffect(() => {
    const element = holder.current;
    if (!element) return undefined;
    const observer = new ResizeObserver(
      ([entry]) => entry && setWidth(Math.max(280, Math.round(entry.contentRect.width))),
    );
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  const marks = useMemo(() => marksOf(evaluation.cutList), [evaluation.cutList]);
  const scale = { ...drawingScale(trailer, evaluation.chassis, width, HEIGHT_PX, true), lowerY: 0 };
  const height = planHeightPx(scale, false);
  const bind = (partId: string): object => ({ onClick: () => pick(partId) });
  return (
    <div ref={holder} style={{ background: 'var(--paper)' }}>
      <svg
        width={width}
        height={height}
        viewBox={`0 0 ${width} ${height}`}
        role="img"
        aria-label="The frame from above with its piece marks"
        className="block"
        style={{ fontFamily: 'var(--font-sans)' }}
      >
        <WorkPatterns />
        <SheetText x={14} y={16} text="Piece marks" anchor="start" size={12.5} bold />
        <PlanView scale={scale} topPx={0} bind={bind} shown={undefined} work={false} marks={marks} sizes={false} />
      </svg>
    </div>
  );
};
