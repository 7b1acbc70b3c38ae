import { fromMetres, toMetres } from '@kereta/core';
import type { DrawingScale } from './drawingScale';
import { memo } from 'react';
import { SheetText } from './SheetText';

interface RulerProps {
  readonly scale: DrawingScale;
  readonly imperial: boolean;
}

const LEAST_TICK_PX = 3;
/** Figures on the ruler stand at least this far apart. */
const LEAST_LABEL_PX = 22;

/** The one ruler that both views hang from; zero is the front face of the bed. */
export const Ruler = memo(({ scale, imperial }: RulerProps) => {
  const { fromM, toM } = scale;
  const unit = imperial ? 'in' : 'mm';
  const major = imperial ? 12 : 500;
  const minor =
    (imperial ? [1, 2, 3, 6, 12] : [20, 50, 100, 250, 500]).find(
      (step) => toMetres(step, unit) * scale.pxPerM >= LEAST_TICK_PX,
    ) ?? major;
  const first = Math.ceil(fromMetres(fromM, unit) / minor);
  const last = Math.floor(fromMetres(toM, unit) / minor);
  const ticks = Array.from({ length: Math.max(0, last - first + 1) }, (_, i) => (first + i) * minor);
  const everyNth = [1, 2, 5, 10].find((n) => n * toMetres(major, unit) * scale.pxPerM >= LEAST_LABEL_PX) ?? 10;
  const y = scale.rulerY;
  const [x0, x1] = [scale.x(fromM), scale.x(toM)];
  const heightOf = (value: number): number => (value % major === 0 ? 12 : value % (major / 2) === 0 ? 9 : 6);
  return (
    <g>
      <rect x={x0} y={y} width={x1 - x0} height={scale.rulerHeight} fill="var(--color-base-100)" />
      <path d={`M${x0} ${y}H${x1}M${x0} ${y + scale.rulerHeight}H${x1}`} stroke="var(--ink)" strokeWidth="1" />
      <path
        d={ticks.map((value) => `M${scale.x(toMetres(value, unit)).toFixed(1)} ${y}v${heightOf(value)}`).join('')}
        stroke="var(--ink)"
        strokeWidth="0.8"
      />
      {ticks
        .filter((value) => value % (major * everyNth) === 0)
        .map((value) => (
          <SheetText
            key={value}
            x={scale.x(toMetres(value, unit))}
            y={y + 21}
            size={12}
            bold={value === 0}
            text={imperial ? (value === 0 ? '0' : `${Math.abs(value) / 12}'`) : String(value)}
          />
        ))}
      <path d={`M${scale.x(0) - 6} ${y}h12l-6 9z`} fill="var(--ink)" />
    </g>
  );
});

/** Foot lines, or half-metre lines, run faintly through both views. */
export const GridLines = memo(({ scale, imperial, toY }: RulerProps & { readonly toY: number }) => {
  const { fromM, toM } = scale;
  const step = imperial ? toMetres(1, 'ft') : toMetres(500, 'mm');
  const first = Math.ceil(fromM / step);
  const count = Math.max(0, Math.floor(toM / step) - first + 1);
  return (
    <path
      d={Array.from({ length: count }, (_, i) => `M${scale.x((first + i) * step).toFixed(1)} 8V${toY}`).join('')}
      stroke="var(--grid)"
      strokeWidth="1"
    />
  );
});
