import type { FieldPath } from '@kereta/core';
import { type Scene, SCENES } from './scenes';
import { type Tape, TAPES } from './tapes';

const TICK = 5;

/** The dimension: hairlines from what is measured, the line with its ticks. */
const Reading = ({ tape: { along, from, to, at } }: { readonly tape: Tape }) => {
  const [[x0, y0], [x1, y1]] = [from, to];
  const ends: readonly (readonly [number, number])[] =
    along === 'h'
      ? [
          [x0, at],
          [x1, at],
        ]
      : [
          [at, y0],
          [at, y1],
        ];
  const [[ax, ay], [bx, by]] = ends as [readonly [number, number], readonly [number, number]];
  return (
    <g stroke="var(--dye)" fill="none">
      <path d={`M${x0} ${y0}L${ax} ${ay}M${x1} ${y1}L${bx} ${by}`} strokeWidth="0.8" />
      <path d={`M${ax} ${ay}L${bx} ${by}`} strokeWidth="1.6" />
      {ends.map(([x, y]) => (
        <path
          key={`${x} ${y}`}
          d={`M${x - TICK} ${y + TICK}L${x + TICK} ${y - TICK}`}
          strokeWidth="2"
          strokeLinecap="round"
        />
      ))}
    </g>
  );
};

/** Where to hold the tape for a size, as a picture and in words; nothing of sizes that nobody measures. */
export const TapeHelp = ({ of, id }: { readonly of: FieldPath; readonly id: string }) => {
  const tape = TAPES[of];
  if (!tape) return null;
  const { lines, thin = [] }: Scene = SCENES[tape.scene];
  return (
    <figure id={id} className="my-1 border border-base-300 p-2" style={{ background: 'var(--paper)' }}>
      <svg viewBox="0 0 240 120" className="block w-full max-w-[300px]" aria-hidden>
        {thin.map((d) => (
          <path key={d} d={d} fill="none" stroke="var(--mute)" strokeWidth="0.8" strokeDasharray="4 3" />
        ))}
        {lines.map((d) => (
          <path key={d} d={d} fill="none" stroke="var(--ink)" strokeWidth="1.5" strokeLinejoin="round" />
        ))}
        <Reading tape={tape} />
      </svg>
      <figcaption className="narrow text-[13.5px] leading-[18px]">{tape.how}</figcaption>
    </figure>
  );
};
