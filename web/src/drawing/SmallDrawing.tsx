import { evaluate, reachOf, sideView, type Trailer } from '@kereta/core';
import { memo, useMemo } from 'react';
import { type Placement, Shapes, STILL } from './Shapes';

const WIDTH = 320;
const HEIGHT = 150;
const EDGE = 15;
const GROUND = 10;
/** Nothing is written on a drawing so small. */
const NO_LETTERING = { length: () => '', mass: () => '', load: () => '' };
const still = (): typeof STILL => STILL;

/** The trailer itself from the side, small but to scale, with everything that a load puts on it. */
export const SmallDrawing = memo(({ trailer }: { readonly trailer: Trailer }) => {
  const { shapes, place } = useMemo(() => {
    const { chassis, cases } = evaluate(trailer);
    const shown = cases.find(({ loadCase }) => loadCase.id === trailer.axleCaseId) ?? cases[0];
    const { x0M, x1M, topZM, groundZM } = reachOf(trailer, chassis, true);
    const perM = Math.min((WIDTH - 2 * EDGE) / (x1M - x0M), (HEIGHT - GROUND - EDGE) / (topZM - groundZM));
    const left = (WIDTH - (x1M - x0M) * perM) / 2;
    const ground = HEIGHT - GROUND;
    const placed: Placement = {
      x: (xM) => left + (xM - x0M) * perM,
      y: (zM) => ground - (zM - groundZM) * perM,
      perM,
    };
    const view = sideView({ trailer, chassis, shown }, { lettering: NO_LETTERING, sizes: false, names: false });
    return {
      // Hidden lines would run into one another at this size.
      shapes: view.shapes.filter(({ line }) => line !== 'hidden' && line !== 'centre' && line !== 'ghost'),
      place: placed,
    };
  }, [trailer]);
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} className="block w-full" style={{ background: 'var(--paper)' }} aria-hidden>
      <path d={`M8 ${HEIGHT - GROUND}H${WIDTH - 8}`} stroke="var(--ink)" strokeWidth="1" />
      <g data-small>
        <Shapes shapes={shapes} place={place} stateOf={still} />
      </g>
    </svg>
  );
});
