import type { JobOutput } from '@kereta/core';
import { memo, useMemo } from 'react';
import { type Placement, Shapes, STILL } from './Shapes';

const WIDTH = 320;
const HEIGHT = 150;
const EDGE = 15;
const GROUND = 10;
const still = (): typeof STILL => STILL;

/** The trailer itself from the side, small but to scale, with everything that a load puts on it; undefined until it is worked out. */
export const SmallDrawing = memo(({ card }: { readonly card: JobOutput<'shedCard'> | undefined }) => {
  const place = useMemo((): Placement | undefined => {
    if (!card) return undefined;
    const { x0M, x1M, topZM, groundZM } = card.reach;
    const perM = Math.min((WIDTH - 2 * EDGE) / (x1M - x0M), (HEIGHT - GROUND - EDGE) / (topZM - groundZM));
    const left = (WIDTH - (x1M - x0M) * perM) / 2;
    const ground = HEIGHT - GROUND;
    return { x: (xM) => left + (xM - x0M) * perM, y: (zM) => ground - (zM - groundZM) * perM, perM };
  }, [card]);
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} className="block w-full" style={{ background: 'var(--paper)' }} aria-hidden>
      <path d={`M8 ${HEIGHT - GROUND}H${WIDTH - 8}`} stroke="var(--ink)" strokeWidth="1" />
      <g data-small>{card && place && <Shapes shapes={card.shapes} place={place} stateOf={still} />}</g>
    </svg>
  );
});
