import { SheetText } from './SheetText';

const TICK = 3.5;
const Tick = ({ x, y, color }: { readonly x: number; readonly y: number; readonly color: string }) => (
  <path d={`M${x - TICK} ${y + TICK}L${x + TICK} ${y - TICK}`} stroke={color} strokeWidth="1.8" strokeLinecap="round" />
);

interface DimensionProps {
  readonly from: number;
  readonly to: number;
  /** across the dimension: y of a lying one, x of a standing one */
  readonly at: number;
  readonly text: string;
  readonly standing?: boolean;
  /** where the extension lines start */
  readonly extendFrom?: readonly [number, number];
  readonly picked?: boolean;
}

/** A shop dimension: hairline with stab ticks, the size broken into the line. */
export const Dimension = ({ from, to, at, text, standing = false, extendFrom, picked = false }: DimensionProps) => {
  const color = picked ? 'var(--dye)' : 'var(--ink)';
  const line = picked ? 'var(--dye)' : 'var(--mute)';
  const [first, second] = extendFrom ?? [at, at];
  const middle = (from + to) / 2;
  return (
    <g>
      {standing ? (
        <path
          d={`M${at} ${from}V${to}M${first} ${from}H${at}M${second} ${to}H${at}`}
          stroke={line}
          strokeWidth="0.8"
          fill="none"
        />
      ) : (
        <path
          d={`M${from} ${at}H${to}M${from} ${first}V${at}M${to} ${second}V${at}`}
          stroke={line}
          strokeWidth="0.8"
          fill="none"
        />
      )}
      <Tick x={standing ? at : from} y={standing ? from : at} color={color} />
      <Tick x={standing ? at : to} y={standing ? to : at} color={color} />
      <SheetText
        x={standing ? at : middle}
        y={standing ? middle : at}
        text={text}
        size={13.5}
        vertical={standing}
        color={color}
        bold={picked}
        cleared
      />
    </g>
  );
};
