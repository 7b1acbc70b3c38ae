import type { Part } from '@kereta/core';
import type { DrawingScale } from './drawingScale';
import { outline } from './outline';
import { SheetText } from './SheetText';

export const Ground = ({ scale }: { readonly scale: DrawingScale }) => {
  const y = scale.groundY;
  const count = Math.floor((scale.width - 40) / 9);
  return (
    <g stroke="var(--mute)" strokeWidth="0.8">
      <path d={`M20 ${y}H${scale.width - 20}`} stroke="var(--ink)" strokeWidth="1.2" />
      <path d={Array.from({ length: count }, (_, i) => `M${26 + i * 9} ${y}l-5 5`).join('')} />
    </g>
  );
};

export const Wheel = ({
  scale,
  xM,
  radiusM,
  loadedM,
  picked,
}: {
  readonly scale: DrawingScale;
  readonly xM: number;
  readonly radiusM: number;
  readonly loadedM: number;
  readonly picked: boolean;
}) => {
  const x = scale.x(xM);
  const y = scale.groundY - loadedM * scale.pxPerM;
  const r = Math.min(radiusM, loadedM) * scale.pxPerM;
  return (
    <g {...outline(picked, 2.2)}>
      <circle cx={x} cy={y} r={r} fill={picked ? 'var(--dye-soft)' : 'var(--steel)'} />
      <circle cx={x} cy={y} r={r * 0.56} fill="var(--paper)" strokeWidth="1.3" />
      <circle cx={x} cy={y} r={r * 0.16} fill="var(--paper)" strokeWidth="1.3" />
      <path
        d={`M${x} ${scale.sideY(0) - 14}V${scale.groundY + 8}`}
        strokeWidth="0.9"
        strokeDasharray="14 3 3 3"
        fill="none"
      />
    </g>
  );
};

export const ItemBox = ({
  scale,
  part,
  aboard,
  picked,
  mass,
}: {
  readonly scale: DrawingScale;
  readonly part: Part;
  readonly aboard: boolean;
  readonly picked: boolean;
  readonly mass: string;
}) => {
  const width = Math.max((part.x1M - part.x0M) * scale.pxPerM, 6);
  const x = scale.x(part.centre.xM) - width / 2;
  const height = Math.max(part.heightM * scale.pxPerM, 6);
  const y = scale.sideY(part.centre.zM) - height / 2;
  const label = part.name ?? '';
  const fits = (aboard || picked) && width > 40 && height > 30;
  return (
    <g>
      <rect
        x={x}
        y={y}
        width={width}
        height={height}
        fill={picked ? 'var(--dye-soft)' : aboard ? 'var(--load)' : 'none'}
        strokeDasharray={aboard ? undefined : '4 3'}
        strokeOpacity={aboard || picked ? 1 : 0.45}
        {...outline(picked, 1.3)}
      />
      {fits && (
        <g>
          <SheetText
            x={x + width / 2}
            y={y + height / 2 - (aboard ? 8 : 0)}
            text={label.length * 6.4 > width ? `${label.slice(0, Math.max(3, Math.floor(width / 6.4) - 1))}…` : label}
            size={12.5}
            color={aboard ? 'var(--ink)' : 'var(--mute)'}
          />
          {aboard && <SheetText x={x + width / 2} y={y + height / 2 + 8} text={mass} size={12.5} bold />}
        </g>
      )}
    </g>
  );
};

export const LoadArrow = ({
  x,
  y,
  text,
  down,
  color = 'var(--ink)',
}: {
  readonly x: number;
  readonly y: number;
  readonly text: string;
  readonly down: boolean;
  readonly color?: string;
}) => (
  <g>
    <path d={down ? `M${x} ${y - 30}v22` : `M${x} ${y}v-22`} stroke={color} strokeWidth="3" />
    <path d={down ? `M${x - 6} ${y - 10}h12l-6 10z` : `M${x - 6} ${y - 20}h12l-6 -10z`} fill={color} />
    <SheetText x={x + 10} y={y - 12} text={text} anchor="start" size={14} bold color={color} cleared />
  </g>
);

export const BalancePoint = ({
  x,
  y,
  rulerY,
  label,
}: {
  readonly x: number;
  readonly y: number;
  readonly rulerY: number;
  readonly label: string;
}) => (
  <g pointerEvents="none">
    <path d={`M${x} ${y}V${rulerY}`} stroke="var(--ink)" strokeWidth="0.9" strokeDasharray="14 3 3 3" />
    <circle cx={x} cy={y} r="8" fill="var(--paper)" stroke="var(--ink)" strokeWidth="1.4" />
    <path
      d={`M${x} ${y}V${y - 8}A8 8 0 0 1 ${x + 8} ${y}zM${x} ${y}V${y + 8}A8 8 0 0 1 ${x - 8} ${y}z`}
      fill="var(--ink)"
    />
    <path d={`M${x - 5} ${rulerY - 7}h10l-5 7z`} fill="var(--ink)" />
    <SheetText x={x - 9} y={rulerY - 12} text={label} anchor="end" size={12.5} bold cleared />
  </g>
);
