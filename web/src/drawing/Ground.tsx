import { memo } from 'react';
import type { DrawingScale } from './drawingScale';

/** The ground under the trailer: a line with earth hatch, as far as the ruler goes. */
export const Ground = memo(({ scale }: { readonly scale: DrawingScale }) => {
  const y = scale.groundY;
  const [x0, x1] = [scale.x(scale.fromM), scale.x(scale.toM)];
  const count = Math.max(0, Math.floor((x1 - x0 - 8) / 9));
  return (
    <g stroke="var(--mute)" strokeWidth="0.8">
      <path d={`M${x0} ${y}H${x1}`} stroke="var(--ink)" strokeWidth="1.2" />
      <path d={Array.from({ length: count }, (_, i) => `M${x0 + 8 + i * 9} ${y}l-5 5`).join('')} />
    </g>
  );
});
