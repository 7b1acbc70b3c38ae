import { t } from '../fields/language/t';
interface FigureProps {
  /** + the right side is further back, − the left one, 0 neither; drawn far more than it is */
  readonly leans: number;
  /** it lies upside down: seen from above left and right are changed */
  readonly turned: boolean;
}

type Place = readonly [x: number, y: number];

const LEAN_PX = 16;
const FRONT_X = 70;
const REAR_X = 270;

/** Seen from above, front at the left, the right side lies above; of a frame that lies upside down below. */
const rowsOf = (turned: boolean) => ({ right: turned ? 118 : 22, left: turned ? 22 : 118 });

/** A path through places, drawn as lines. */
const through = (...places: readonly Place[]): string => `M${places.map(([x, y]) => `${x} ${y}`).join('L')}`;

/** Beside a line, so much of its length along it. */
const besides = ([x0, y0]: Place, [x1, y1]: Place, share = 0.22): Place => [
  x0 + share * (x1 - x0) + 8,
  y0 + share * (y1 - y0) + 5,
];

const Letter = ({ at: [x, y], text }: { readonly at: Place; readonly text: string }) => (
  <text
    x={x}
    y={y}
    fontSize="16"
    fontWeight="700"
    fill="var(--ink)"
    stroke="var(--color-base-100)"
    strokeWidth="5"
    paintOrder="stroke"
  >
    {text}
  </text>
);

const Sides = ({ turned }: { readonly turned: boolean }) => {
  const rows = rowsOf(turned);
  return (
    <>
      <Letter at={[6, rows.right + 5]} text={t('right')} />
      <Letter at={[6, rows.left + 5]} text={t('left')} />
    </>
  );
};

/** The frame from above with its two diagonals. */
export const FrameFigure = ({ leans, turned }: FigureProps) => {
  const { left, right } = rowsOf(turned);
  const by = Math.sign(leans) * LEAN_PX;
  const [fl, rl, fr, rr]: readonly [Place, Place, Place, Place] = [
    [FRONT_X, left],
    [REAR_X, left],
    [FRONT_X + by, right],
    [REAR_X + by, right],
  ];
  return (
    <svg
      viewBox="0 0 320 140"
      className="block w-full max-w-[420px]"
      role="img"
      aria-label={t(
        'The frame from above, its front at the left: A from left front to right rear, B from right front to left rear',
      )}
    >
      <path d={`${through(fl, rl, rr, fr)}Z`} fill="var(--steel)" stroke="var(--ink)" strokeWidth="3" />
      <path
        d={through(fl, rr) + through(fr, rl)}
        stroke="var(--ink)"
        strokeWidth="1.5"
        strokeDasharray="6 4"
        fill="none"
      />
      <Letter at={besides(fl, rr)} text="A" />
      <Letter at={besides(fr, rl)} text="B" />
      <Sides turned={turned} />
    </svg>
  );
};

/** Ball and axle from above with the two readings. */
export const AxleFigure = ({ leans, turned }: FigureProps) => {
  const { left, right } = rowsOf(turned);
  const by = (Math.sign(leans) * LEAN_PX) / 2;
  const ball: Place = [74, 70];
  const [l, r]: readonly [Place, Place] = [
    [REAR_X - by, left],
    [REAR_X + by, right],
  ];
  return (
    <svg
      viewBox="0 0 320 140"
      className="block w-full max-w-[420px]"
      role="img"
      aria-label={t('Ball and axle from above, the ball at the left: L to the left end, R to the right end')}
    >
      <path
        d={through(ball, l) + through(ball, r)}
        stroke="var(--ink)"
        strokeWidth="1.5"
        strokeDasharray="6 4"
        fill="none"
      />
      <path d={through(l, r)} stroke="var(--ink)" strokeWidth="7" fill="none" />
      <circle cx={ball[0]} cy={ball[1]} r="7" fill="var(--ink)" />
      <Letter at={besides(ball, l, 0.55)} text="L" />
      <Letter at={besides(ball, r, 0.55)} text="R" />
      <Sides turned={turned} />
    </svg>
  );
};
