import { type Chassis, itemPart, type LoadCase, type Trailer } from '@kereta/core';
import { type PointerEvent, useEffect, useRef, useState } from 'react';
import { SheetText } from '../drawing/SheetText';

const PAD_PX = 12;

/** The bed from above with the trip's things as blocks; a finger slides them along it. */
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
  const holder = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(360);
  useEffect(() => {
    const element = holder.current;
    if (!element) return undefined;
    const observer = new ResizeObserver(([entry]) => entry && setWidth(Math.max(240, entry.contentRect.width)));
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  const hold = useRef<{ readonly id: string; readonly fromPx: number; readonly shiftM: number } | undefined>(undefined);
  const { lengthM, widthM } = trailer.frame.bed;
  const startM = Math.min(chassis.ballXM, 0);
  const scale = (width - 2 * PAD_PX) / (lengthM - startM);
  const x = (xM: number): number => PAD_PX + (xM - startM) * scale;
  // The right side lies at the top, as on every plan here.
  const y = (yM: number): number => PAD_PX + (widthM / 2 - yM) * scale;
  const height = widthM * scale + 2 * PAD_PX;
  const axleX = x(trailer.runningGear.positionM);
  const items = trailer.items.filter(
    ({ id, kind }) => kind === 'fixed' || trip.aboard.some(({ itemId }) => itemId === id),
  );
  const grab = (event: PointerEvent<SVGGElement>, id: string): void => {
    event.currentTarget.setPointerCapture(event.pointerId);
    hold.current = {
      id,
      fromPx: event.clientX,
      shiftM: trip.aboard.find(({ itemId }) => itemId === id)?.shiftM ?? 0,
    };
  };
  const drag = (event: PointerEvent<SVGGElement>): void => {
    if (hold.current) onShift(hold.current.id, hold.current.shiftM + (event.clientX - hold.current.fromPx) / scale);
  };
  return (
    <div ref={holder} style={{ background: 'var(--paper)' }}>
      <svg
        width={width}
        height={height}
        role="img"
        aria-label="The bed from above with what comes along; the list below moves each thing, too"
        className="block select-none"
        style={{ fontFamily: 'var(--font-sans)' }}
      >
        <rect
          x={x(0)}
          y={y(widthM / 2)}
          width={lengthM * scale}
          height={widthM * scale}
          fill="none"
          stroke="var(--ink)"
          strokeWidth="2"
        />
        <path
          d={`M${x(startM)} ${y(0)}L${x(0)} ${y(widthM / 4)}M${x(startM)} ${y(0)}L${x(0)} ${y(-widthM / 4)}`}
          stroke="var(--ink)"
          strokeWidth="2"
          fill="none"
        />
        <path d={`M${axleX} 2V${height - 2}`} stroke="var(--ink)" strokeWidth="0.9" strokeDasharray="14 3 3 3" />
        {items.map((item) => {
          const part = itemPart(trailer, chassis, item, trip);
          const fixed = item.kind === 'fixed';
          const block = Math.max(14, (part.x1M - part.x0M) * scale);
          const tall = Math.max(14, (part.y1M - part.y0M) * scale);
          return (
            <g
              key={item.id}
              data-block={item.id}
              style={{ cursor: fixed ? 'default' : 'grab', touchAction: 'pan-y' }}
              {...(fixed
                ? {}
                : {
                    onPointerDown: (event: PointerEvent<SVGGElement>) => grab(event, item.id),
                    onPointerMove: drag,
                    onPointerUp: () => {
                      hold.current = undefined;
                    },
                  })}
            >
              <rect
                x={x(part.centre.xM) - block / 2}
                y={y(part.centre.yM) - tall / 2}
                width={block}
                height={tall}
                rx="3"
                fill={fixed ? 'var(--steel)' : 'var(--load)'}
                stroke={fixed ? 'var(--mute)' : 'var(--dye)'}
                strokeWidth={fixed ? 1 : 1.6}
              />
              {block > 44 && (
                <SheetText
                  x={x(part.centre.xM)}
                  y={y(part.centre.yM)}
                  text={item.name.slice(0, Math.max(3, Math.floor(block / 7)))}
                  size={13}
                />
              )}
            </g>
          );
        })}
      </svg>
    </div>
  );
};
