import { boundsOf, type DrawnView } from '@kereta/core';
import type { ReactNode } from 'react';
import { useWidth } from '../fields/useWidth';
import { HatchPatterns, type Placement, Shapes, STILL } from './Shapes';

const EDGE_PX = 18;
const still = (): typeof STILL => STILL;

interface StillDrawingProps {
  readonly view: Pick<DrawnView, 'shapes'>;
  readonly label: string;
  /** left free above the trailer */
  readonly topPx?: number;
  readonly mostPx?: number;
  /** said under it, too: how it lies */
  readonly caption?: string;
  /** painted over the trailer; the paper's size in px goes with it */
  readonly children: (place: Placement, paper: { readonly width: number; readonly height: number }) => ReactNode;
}

/** One view of the trailer to scale, as wide as its room, that is looked at only; whatever is shown of it lies on top. */
export const StillDrawing = ({ view, label, topPx = EDGE_PX, mostPx = 300, caption, children }: StillDrawingProps) => {
  const [holder, width] = useWidth<HTMLDivElement>(340);
  const bounds = boundsOf(view.shapes) ?? { x0: 0, x1: 1, y0: 0, y1: 1 };
  const perM = Math.min(
    (width - 2 * EDGE_PX) / (bounds.x1 - bounds.x0),
    mostPx / Math.max(bounds.y1 - bounds.y0, 0.01),
  );
  const left = (width - (bounds.x1 - bounds.x0) * perM) / 2;
  const height = Math.ceil((bounds.y1 - bounds.y0) * perM + EDGE_PX + topPx);
  const place: Placement = {
    x: (x) => left + (x - bounds.x0) * perM,
    y: (y) => topPx + (bounds.y1 - y) * perM,
    perM,
  };
  return (
    <figure ref={holder} style={{ background: 'var(--paper)' }}>
      <svg
        width={width}
        height={height}
        viewBox={`0 0 ${width} ${height}`}
        role="img"
        aria-label={label}
        className="block"
        style={{ fontFamily: 'var(--font-sans)' }}
      >
        <HatchPatterns />
        <Shapes shapes={view.shapes} place={place} stateOf={still} />
        {children(place, { width, height })}
      </svg>
      {caption && <figcaption className="mute narrow px-2 pb-1 text-[13px]">{caption}</figcaption>}
    </figure>
  );
};
