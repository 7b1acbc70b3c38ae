import type { DrawnShape, Point } from './shapes.js';

/** Which standard's symbols a shop reads: AWS A2.4 in North America, ISO 2553 (system A) elsewhere. */
export type SymbolStandard = 'aws' | 'iso';

export interface WeldSymbol {
  readonly kind: 'fillet' | 'butt';
  readonly allRound: boolean;
}

const line = (points: readonly Point[], dashed = false): DrawnShape => ({
  layer: 'plates',
  fill: 'none',
  kind: 'line',
  line: dashed ? 'hidden' : 'detail',
  points,
});

/** Sizes of the symbol, m of paper, in shares of the lettering's height. */
const LONG = 11;
const HIGH = 1.6;

/**
 * A weld's symbol with its arrow's tip at 0, 0 and its reference line to the right and up, in units of so much lettering. AWS A2.4: the arrow
 * side's weld is drawn under the line, a fillet's upright leg always to the left; ISO 2553, system A: on the line, a dashed one under it for the
 * other side. A circle where arrow and line meet says all round.
 */
export const weldSymbol = (
  { kind, allRound }: WeldSymbol,
  standard: SymbolStandard,
  text: number,
): readonly DrawnShape[] => {
  const [x0, y0] = [2.2 * text, 2.6 * text];
  const x1 = x0 + LONG * text;
  const middle = x0 + 0.5 * LONG * text;
  const down = standard === 'aws' ? -1 : 1;
  const tall = HIGH * text;
  const weld: readonly DrawnShape[] =
    kind === 'fillet'
      ? [
          line([
            [middle, y0],
            [middle, y0 + down * tall],
            [middle + tall, y0],
          ]),
        ]
      : [
          line([
            [middle - tall / 2, y0 + down * tall],
            [middle, y0],
            [middle + tall / 2, y0 + down * tall],
          ]),
        ];
  return [
    line([
      [0, 0],
      [x0, y0],
      [x1, y0],
    ]),
    line([
      [0.9 * text, 0.5 * text],
      [0, 0],
      [0.5 * text, 0.95 * text],
    ]),
    ...(standard === 'iso' && !allRound
      ? [
          line(
            [
              [x0, y0 - 0.45 * text],
              [x1, y0 - 0.45 * text],
            ],
            true,
          ),
        ]
      : []),
    ...(allRound
      ? [
          {
            layer: 'plates',
            fill: 'none',
            line: 'detail',
            kind: 'circle',
            centre: [x0, y0],
            radiusM: 0.55 * text,
          } as const,
        ]
      : []),
    ...weld,
  ];
};

/** Where a symbol's size and its length are written, in its own axes: the size before it, the length behind. */
export const weldSymbolText = (
  standard: SymbolStandard,
  text: number,
): { readonly size: Point; readonly length: Point } => {
  const down = standard === 'aws' ? -1 : 1;
  const [x0, y0] = [2.2 * text, 2.6 * text];
  const middle = x0 + 0.5 * LONG * text;
  const y = y0 + down * 0.85 * text;
  return { size: [x0 + 0.9 * text, y], length: [middle + 2.1 * text, y] };
};
