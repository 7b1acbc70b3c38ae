import type { LaidOut, PlacedDimension, PlacedLabel } from '@kereta/core';
import { memo } from 'react';
import { SheetText } from './SheetText';

const TICK = 3.5;
const Tick = ({ x, y, color }: { readonly x: number; readonly y: number; readonly color: string }) => (
  <line
    x1={x - TICK}
    y1={y + TICK}
    x2={x + TICK}
    y2={y - TICK}
    stroke={color}
    strokeWidth="1.8"
    strokeLinecap="round"
  />
);

/** A shop dimension: hairline with stab ticks, the size broken into the line. */
const DimensionMark = ({
  placed,
  picked,
  size,
}: {
  readonly placed: PlacedDimension;
  readonly picked: boolean;
  readonly size: number;
}) => {
  const { from, to, start, text } = placed;
  const color = picked ? 'var(--dye)' : 'var(--ink)';
  const line = picked ? 'var(--dye)' : 'var(--mute)';
  const at = ([x, y]: readonly [number, number]): string => `${x.toFixed(1)} ${y.toFixed(1)}`;
  return (
    <g data-dimension={placed.dimension.id} pointerEvents="none">
      <polyline points={[start[0], from, to, start[1]].map(at).join(' ')} stroke={line} strokeWidth="0.8" fill="none" />
      <Tick x={from[0]} y={from[1]} color={color} />
      <Tick x={to[0]} y={to[1]} color={color} />
      <SheetText
        x={text.x}
        y={text.y}
        text={text.text}
        size={size}
        vertical={text.vertical}
        color={color}
        bold={picked}
        cleared
      />
    </g>
  );
};

/** How hard a bar works, or its piece's letter, with a leader where it had to step aside. */
const Badge = ({
  label,
  past,
  size,
}: {
  readonly label: PlacedLabel;
  readonly past: boolean;
  readonly size: number;
}) => {
  const { x0, x1, y0, y1 } = label.box;
  const color = past ? 'var(--fix)' : 'var(--ink)';
  const isMark = label.kind === 'mark';
  return (
    <g
      {...(isMark || label.part === undefined
        ? { pointerEvents: 'none' }
        : { 'data-part': `${label.part}:share`, 'data-grab': label.part, style: { cursor: 'pointer' } })}
    >
      {label.leader && (
        <line
          x1={label.leader[0][0]}
          y1={label.leader[0][1]}
          x2={label.leader[1][0]}
          y2={label.leader[1][1]}
          stroke={color}
          strokeWidth="0.9"
        />
      )}
      <rect
        x={x0}
        y={y0}
        width={x1 - x0}
        height={y1 - y0}
        rx={(y1 - y0) / 2}
        fill="var(--color-base-100)"
        stroke={color}
        strokeWidth={past ? 2 : 1.1}
      />
      <SheetText x={label.x} y={label.y} text={label.text} size={size} bold color={color} />
    </g>
  );
};

const LINE = 1.25;

interface LabelMarkProps {
  readonly label: PlacedLabel;
  readonly past: boolean;
  readonly size: number;
}

const samePoint = (a: readonly [number, number] | undefined, b: readonly [number, number] | undefined): boolean =>
  a === b || (a !== undefined && b !== undefined && a[0] === b[0] && a[1] === b[1]);

/** Written alike in the same place. */
const isSameLabel = (a: LabelMarkProps, b: LabelMarkProps): boolean =>
  a.past === b.past &&
  a.size === b.size &&
  a.label.kind === b.label.kind &&
  a.label.text === b.label.text &&
  a.label.second === b.label.second &&
  a.label.x === b.label.x &&
  a.label.y === b.label.y &&
  a.label.part === b.label.part &&
  samePoint(a.label.leader?.[0], b.label.leader?.[0]) &&
  samePoint(a.label.leader?.[1], b.label.leader?.[1]);

const LabelMark = memo(({ label, past, size }: LabelMarkProps) => {
  switch (label.kind) {
    case 'share':
    case 'mark':
      return <Badge label={label} past={past} size={size} />;
    case 'name':
      return (
        <g pointerEvents="none">
          <SheetText x={label.x} y={label.y} text={label.text} size={size - 0.5} rim="var(--load)" />
          {label.second && (
            <SheetText
              x={label.x}
              y={label.y + LINE * size}
              text={label.second}
              size={size - 0.5}
              bold
              rim="var(--load)"
            />
          )}
        </g>
      );
    case 'note':
      return <SheetText x={label.x} y={label.y} text={label.text} size={size - 1} color="var(--mute)" cleared />;
  }
}, isSameLabel);

const SHAFT = 30;

/** Everything that is written in a view, each in the place that was found for it. */
export const Lettering = memo(
  ({
    laid,
    pickedPart,
    isPast,
    alarming = false,
    size = 13,
    rulerY,
  }: {
    readonly laid: LaidOut;
    readonly pickedPart?: string | undefined;
    /** bars that work past their allowance */
    readonly isPast?: (part: string) => boolean;
    /** the arrow ahead tells something that has to be mended */
    readonly alarming?: boolean;
    readonly size?: number;
    /** down to which the balance point is dropped */
    readonly rulerY?: number;
  }) => (
    <g>
      {laid.dimensions.map((placed) => (
        <DimensionMark
          key={placed.dimension.id}
          placed={placed}
          picked={pickedPart !== undefined && placed.dimension.part === pickedPart}
          size={size}
        />
      ))}
      {laid.labels.map((label) => (
        <LabelMark
          key={label.id}
          label={label}
          past={label.part !== undefined && (isPast?.(label.part) ?? false)}
          size={size}
        />
      ))}
      {laid.arrows.map(({ arrow, at: [x, y], text }) => {
        const color = alarming && arrow.id === 'ahead' ? 'var(--fix)' : 'var(--ink)';
        return (
          <g key={arrow.id} pointerEvents="none">
            <path d={arrow.down ? `M${x} ${y - SHAFT}v22` : `M${x} ${y}v-22`} stroke={color} strokeWidth="3" />
            <path d={arrow.down ? `M${x - 6} ${y - 10}h12l-6 10z` : `M${x - 6} ${y - 20}h12l-6 -10z`} fill={color} />
            <SheetText x={text.x} y={text.y} text={text.text} size={size + 0.5} bold color={color} cleared />
          </g>
        );
      })}
      {laid.balancePoint && <BalancePointMark {...laid.balancePoint} size={size} rulerY={rulerY} />}
    </g>
  ),
);

/** The quartered disc of the balance point, dropped onto the ruler. */
const BalancePointMark = ({
  at: [x, y],
  text,
  size,
  rulerY,
}: NonNullable<LaidOut['balancePoint']> & { readonly size: number; readonly rulerY: number | undefined }) => (
  <g pointerEvents="none" data-testid="balance-point">
    {rulerY !== undefined && (
      <>
        <path d={`M${x} ${y}V${rulerY}`} stroke="var(--ink)" strokeWidth="0.9" strokeDasharray="14 3 3 3" />
        <path d={`M${x - 5} ${rulerY - 7}h10l-5 7z`} fill="var(--ink)" />
      </>
    )}
    <circle cx={x} cy={y} r="8" fill="var(--paper)" stroke="var(--ink)" strokeWidth="1.4" />
    <path
      d={`M${x} ${y}V${y - 8}A8 8 0 0 1 ${x + 8} ${y}zM${x} ${y}V${y + 8}A8 8 0 0 1 ${x - 8} ${y}z`}
      fill="var(--ink)"
    />
    <SheetText x={text.x} y={text.y} text={text.text} size={size - 0.5} bold cleared />
  </g>
);
