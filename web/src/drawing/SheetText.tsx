import { memo, type SVGProps } from 'react';

const FRACTION = /(\d+)\/(\d+)(?=")/g;

/** Fractions built of tspans; the sheet's own counterpart of the running text's. */
const sized = (text: string) => {
  const parts = [];
  let end = 0;
  let lowered = false;
  for (const match of text.matchAll(FRACTION)) {
    const before = text.slice(end, match.index);
    parts.push(
      <tspan key={`t${match.index}`} {...(lowered ? { dy: 0 } : {})}>
        {before}
      </tspan>,
      <tspan key={`n${match.index}`} fontSize="0.8em" dy="-0.32em">
        {match[1]}
      </tspan>,
      <tspan key={`s${match.index}`} dy="0.256em">
        ⁄
      </tspan>,
      <tspan key={`d${match.index}`} fontSize="0.8em">
        {match[2]}
      </tspan>,
    );
    lowered = true;
    end = match.index + match[0].length;
  }
  parts.push(<tspan key="end">{text.slice(end)}</tspan>);
  return parts;
};

const CHARACTER_PX = 0.47;

interface SheetTextProps extends SVGProps<SVGGElement> {
  readonly x: number;
  readonly y: number;
  readonly text: string;
  readonly size?: number;
  readonly bold?: boolean;
  readonly anchor?: 'start' | 'middle' | 'end';
  readonly color?: string;
  readonly vertical?: boolean;
  /** paper under the lettering, so that lines do not run through it */
  readonly cleared?: boolean;
  /** a rim about the letters in this colour, where bars may run through them */
  readonly rim?: string;
}

/** Lettering on the drawing: narrow, on its own patch of paper where lines would cross it. */
export const SheetText = memo(
  ({
    x,
    y,
    text,
    size = 13,
    bold = false,
    anchor = 'middle',
    color = 'var(--ink)',
    vertical = false,
    cleared = false,
    rim,
    ...rest
  }: SheetTextProps) => {
    const width = text.length * size * CHARACTER_PX + 8;
    const left = anchor === 'middle' ? -width / 2 : anchor === 'end' ? -width + 4 : -4;
    return (
      <g transform={`translate(${x} ${y})${vertical ? ' rotate(-90)' : ''}`} pointerEvents="none" {...rest}>
        {cleared && <rect x={left} y={-size * 0.62} width={width} height={size * 1.24} fill="var(--paper)" />}
        <text
          textAnchor={anchor}
          dominantBaseline="central"
          fontSize={size}
          fontWeight={bold ? 650 : 450}
          fill={color}
          {...(rim === undefined ? {} : { stroke: rim, strokeWidth: 3, paintOrder: 'stroke' })}
          style={{ fontStretch: '84%' }}
        >
          {sized(text)}
        </text>
      </g>
    );
  },
);
