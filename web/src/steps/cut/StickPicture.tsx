import { formatMoney, type Speaker, type Stick } from '@kereta/core';
import { Sized } from '../../fields/Sized';

const BAR_PX = 38;
/** Narrower pieces have no room for their length, and below that none for their mark. */
const LENGTH_FROM_PX = 84;
const MARK_FROM_PX = 20;

type Laid = Stick['pieces'][number];

/** Corners of a piece on its stick: long points where they lie, px. */
const outline = ({ fromM, toM, slantM, shape, turned }: Laid, perM: number): string => {
  const [from, to, slant] = [fromM * perM, toM * perM, slantM * perM];
  const [top, bottom] = [0, BAR_PX];
  const corners: readonly (readonly [number, number])[] =
    shape === 'parallel'
      ? [
          [from, top],
          [to - slant, top],
          [to, bottom],
          [from + slant, bottom],
        ]
      : shape === 'same-side'
        ? turned
          ? [
              [from + slant, top],
              [to - slant, top],
              [to, bottom],
              [from, bottom],
            ]
          : [
              [from, top],
              [to, top],
              [to - slant, bottom],
              [from + slant, bottom],
            ]
        : shape === 'one-slanted'
          ? [
              [from, top],
              [to - slant, top],
              [to, bottom],
              [from, bottom],
            ]
          : [
              [from, top],
              [to, top],
              [to, bottom],
              [from, bottom],
            ];
  return corners.map((corner) => corner.join(',')).join(' ');
};

interface StickPictureProps {
  readonly stick: Stick;
  readonly name: string;
  /** px of the longest stick, and its length, so that all are to one scale */
  readonly width: number;
  readonly longestM: number;
  readonly say: Speaker;
  readonly currency: string;
  readonly tight: boolean;
  readonly picked: (mark: string) => boolean;
  readonly onPick: (mark: string) => void;
}

/** One stick to scale: every piece by its mark and length, its cuts, what is left. */
export const StickPicture = ({
  stick,
  name,
  width,
  longestM,
  say,
  currency,
  tight,
  picked,
  onPick,
}: StickPictureProps) => {
  const perM = (width - 2) / longestM;
  const told = stick.pieces.map(({ mark, fromM, toM }) => `${mark} ${say.length(toM - fromM)}`).join(', ');
  const lastM = stick.pieces.at(-1)?.toM ?? 0;
  return (
    <li className="mt-4">
      <p className="narrow flex flex-wrap items-baseline gap-x-4 text-[13.5px] leading-[20px]">
        <b>Stick {stick.number}</b>
        <span>
          <Sized>{`${name}, ${say.length(stick.lengthM)}`}</Sized>
          {stick.note && ` · ${stick.note}`}
        </span>
        <span>{stick.onHand ? 'on hand' : stick.price === null ? '' : formatMoney(stick.price, currency)}</span>
        <span className={`ml-auto ${tight ? 'font-semibold' : 'mute'}`}>
          <Sized>{`${say.length(stick.leftM)} left over`}</Sized>
          {tight ? ': measure it before you cut' : stick.kept ? ', keep it' : ''}
        </span>
      </p>
      <svg
        width={width}
        height={BAR_PX + 2}
        viewBox={`-1 -1 ${width} ${BAR_PX + 2}`}
        role="img"
        aria-label={`Stick ${stick.number}: ${told}; ${say.length(stick.leftM)} left over`}
        className="block"
        style={{ fontFamily: 'var(--font-sans)' }}
      >
        <rect
          width={stick.lengthM * perM}
          height={BAR_PX}
          fill="url(#hatch-left)"
          stroke="var(--ink)"
          strokeWidth="1"
          strokeDasharray="3 3"
        />
        {stick.pieces.map((piece, i) => {
          const widthPx = (piece.toM - piece.fromM - piece.slantM) * perM;
          const middle = ((piece.fromM + piece.toM) / 2) * perM;
          return (
            <g key={`${piece.mark} ${i}`} onClick={() => onPick(piece.mark)} style={{ cursor: 'pointer' }}>
              <polygon
                points={outline(piece, perM)}
                fill={picked(piece.mark) ? 'var(--dye-soft)' : 'var(--steel)'}
                stroke="var(--ink)"
                strokeWidth="1.5"
              />
              {widthPx >= MARK_FROM_PX && (
                <text x={middle} y={BAR_PX / 2 + 4.5} textAnchor="middle" fontSize="13" fill="var(--ink)">
                  <tspan fontWeight="700">{piece.mark}</tspan>
                  {widthPx >= LENGTH_FROM_PX && ` ${say.length(piece.toM - piece.fromM)}`}
                </text>
              )}
            </g>
          );
        })}
        {stick.leftM > 0 && <path d={`M${lastM * perM} -1V${BAR_PX + 1}`} stroke="var(--dye)" strokeWidth="2" />}
      </svg>
    </li>
  );
};
