import { bedView, boundsOf, type Chassis, layOut, type LoadCase, planView, type Trailer } from '@kereta/core';
import { type PointerEvent, useMemo, useRef } from 'react';
import { Lettering } from '../drawing/Lettering';
import { HatchPatterns, type PartState, type Placement, Shapes, STILL } from '../drawing/Shapes';
import { useWidth } from '../fields/useWidth';
import { t } from '../fields/language/t';

const PAD_PX = 12;
const SILENT = { lettering: { length: () => '', mass: () => '', load: () => '' }, sizes: false } as const;

/** The bed from above with the trip's things in their places; a finger slides them along it. */
export const TripBed = ({
  trailer,
  chassis,
  trip,
  onShift,
}: {
  readonly trailer: Trailer;
  readonly chassis: Chassis;
  readonly trip: LoadCase;
  readonly onShift: (itemId: string, shiftM: number) => void;
}) => {
  const [holder, width] = useWidth<HTMLDivElement>(360);
  const hold = useRef<{ readonly id: string; readonly fromPx: number; readonly shiftM: number } | undefined>(undefined);
  const view = useMemo(() => bedView(trailer, chassis, trip), [trailer, chassis, trip]);
  // The frame of the picture is that of the empty bed: what slides out of it is still on the paper, as far as there is any.
  const { place, height } = useMemo(() => {
    const bare = boundsOf(planView({ trailer, chassis, shown: undefined }, SILENT).shapes) ?? {
      x0: 0,
      x1: 1,
      y0: 0,
      y1: 1,
    };
    const perM = (width - 2 * PAD_PX) / (bare.x1 - bare.x0);
    const placed: Placement = {
      x: (x) => PAD_PX + (x - bare.x0) * perM,
      y: (y) => PAD_PX + (bare.y1 - y) * perM,
      perM,
    };
    return { place: placed, height: (bare.y1 - bare.y0) * perM + 2 * PAD_PX };
  }, [trailer, chassis, width]);
  const slides = (part: string | undefined): boolean =>
    trailer.items.some(({ id, kind }) => id === part && kind !== 'fixed');
  const stateOf = (part: string | undefined): PartState =>
    slides(part) ? { ...STILL, picks: true, moves: true } : STILL;
  const labels = useMemo(
    () =>
      layOut(
        {
          ...view,
          labels: view.shapes.flatMap((shape) => {
            const item = trailer.items.find(({ id }) => id === shape.part);
            const box = item && boundsOf([shape]);
            return box
              ? [
                  {
                    id: item.id,
                    at: [(box.x0 + box.x1) / 2, (box.y0 + box.y1) / 2] as const,
                    text: item.name,
                    kind: 'name' as const,
                    within: [box.x1 - box.x0, box.y1 - box.y0] as const,
                  },
                ]
              : [];
          }),
        },
        { ...place, bounds: { x0: 0, x1: width, y0: 0, y1: height }, text: 13 },
      ),
    [view, trailer.items, place, width, height],
  );
  const grab = (event: PointerEvent<SVGSVGElement>): void => {
    const id =
      event.target instanceof Element ? event.target.closest<SVGElement>('[data-grab]')?.dataset['grab'] : undefined;
    if (id === undefined) return;
    event.currentTarget.setPointerCapture(event.pointerId);
    hold.current = { id, fromPx: event.clientX, shiftM: trip.aboard.find(({ itemId }) => itemId === id)?.shiftM ?? 0 };
  };
  const drag = (event: PointerEvent<SVGSVGElement>): void => {
    if (hold.current)
      onShift(hold.current.id, hold.current.shiftM + (event.clientX - hold.current.fromPx) / place.perM);
  };
  return (
    <div ref={holder} style={{ background: 'var(--paper)' }}>
      <svg
        width={width}
        height={height}
        role="img"
        aria-label={t('The bed from above with what comes along; the list below moves each thing, too')}
        data-px-per-m={place.perM}
        className="block select-none"
        style={{ fontFamily: 'var(--font-sans)' }}
        onPointerDown={grab}
        onPointerMove={drag}
        onPointerUp={() => {
          hold.current = undefined;
        }}
      >
        <HatchPatterns />
        <Shapes shapes={view.shapes} place={place} stateOf={stateOf} />
        <Lettering laid={labels} />
      </svg>
    </div>
  );
};
