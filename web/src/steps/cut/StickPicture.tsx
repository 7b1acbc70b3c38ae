import { formatMoney, type Speaker, type Stick } from '@kereta/core';
import { useDrag } from '@use-gesture/react';
import { type ReactNode, useState } from 'react';
import { Sized } from '../../fields/Sized';
import { figures, t } from '../../fields/language/t';

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

/** How what is left over is hatched; once on a page with sticks. */
export const HatchLeft = () => (
  <svg width="0" height="0" className="absolute" aria-hidden>
    <defs>
      <pattern id="hatch-left" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <path d="M0 0V7" stroke="var(--ink)" strokeOpacity="0.25" strokeWidth="1.5" />
      </pattern>
    </defs>
  </svg>
);

/** What a piece is filled with and marked by: planned, cut, come out wrong. */
const LOOKS: Readonly<Record<Laid['state'], { readonly fill: string; readonly sign: string; readonly told: string }>> =
  {
    planned: { fill: 'var(--steel)', sign: '', told: '' },
    cut: { fill: 'var(--dye-soft)', sign: '✓ ', told: t(', cut') },
    wrong: { fill: 'url(#hatch-left)', sign: '✗ ', told: t(', came out wrong') },
  };

interface PieceShapeProps {
  readonly piece: Laid;
  readonly perM: number;
  readonly say: Speaker;
  readonly chosen: boolean;
  readonly onChoose?: ((piece: Laid) => void) | undefined;
  /** it was dropped on another stick, named by its id */
  readonly onDrop?: ((piece: Laid, stickId: string) => void) | undefined;
}

/** One piece on its stick; it can be picked, and dragged to another stick. */
const PieceShape = ({ piece, perM, say, chosen, onChoose, onDrop }: PieceShapeProps) => {
  const [offset, setOffset] = useState<readonly [number, number]>();
  const bind = useDrag(
    ({ xy: [x, y], movement: [dx, dy], active, last, tap, canceled }) => {
      setOffset(active && !tap && Math.hypot(dx, dy) > 0 ? [dx, dy] : undefined);
      if (!last || tap || canceled) return;
      const under = document.elementsFromPoint(x, y).find((element) => element instanceof SVGSVGElement);
      const stickId = under instanceof SVGSVGElement ? under.dataset['stick'] : undefined;
      if (stickId !== undefined) onDrop?.(piece, stickId);
    },
    {
      filterTaps: true,
      pointer: { capture: false },
      enabled: onDrop !== undefined && piece.state === 'planned',
      keys: false,
    },
  );
  const widthPx = (piece.toM - piece.fromM - piece.slantM) * perM;
  const middle = ((piece.fromM + piece.toM) / 2) * perM;
  const { fill, sign, told } = LOOKS[piece.state];
  const length = say.length(piece.toM - piece.fromM);
  const picks = onChoose
    ? {
        tabIndex: 0,
        role: 'button',
        'aria-pressed': chosen,
        'aria-label': `${piece.mark} ${length}${told}`,
        onClick: () => onChoose(piece),
        onKeyDown: (event: React.KeyboardEvent) => {
          if (event.key !== 'Enter' && event.key !== ' ') return;
          event.preventDefault();
          onChoose(piece);
        },
      }
    : {};
  return (
    <g
      {...bind()}
      {...picks}
      transform={offset ? `translate(${offset[0]} ${offset[1]})` : undefined}
      opacity={offset ? 0.75 : undefined}
      style={onChoose ? { cursor: 'pointer', touchAction: 'pan-y' } : {}}
    >
      <polygon
        points={outline(piece, perM)}
        fill={fill}
        stroke={chosen ? 'var(--dye)' : 'var(--ink)'}
        strokeWidth={chosen ? 3 : 1.5}
      />
      {widthPx >= MARK_FROM_PX && (
        <text x={middle} y={BAR_PX / 2 + 4.5} textAnchor="middle" fontSize="13" fill="var(--ink)">
          <tspan fontWeight="700">
            {sign}
            {piece.mark}
          </tspan>
          {widthPx >= LENGTH_FROM_PX && ` ${length}`}
        </text>
      )}
    </g>
  );
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
  readonly chosen: (piece: Laid) => boolean;
  readonly onChoose?: ((piece: Laid) => void) | undefined;
  readonly onDrop?: ((piece: Laid, stickId: string) => void) | undefined;
  /** what can be done with it */
  readonly children?: ReactNode;
}

const takenM = ({ lengthM, leftM }: Stick): number => lengthM - leftM;
/** So little of a whole stick is used that one asks the yard for an offcut first. Our choice. */
const LITTLE = 0.3;
const offcutWouldDo = (stick: Stick): boolean =>
  stick.origin === 'stock' && !stick.onHand && takenM(stick) < LITTLE * stick.lengthM;

const ORIGINS: Readonly<Record<Stick['origin'], (stick: Stick) => string>> = {
  stock: ({ note }) => (note ? ` · ${note}` : ''),
  'cut-piece': ({ note }) => ` ${t('· {note} as it was cut', { note })}`,
  'cut-to-size': ({ note }) => ` ${t('· sawn by the supplier{note}', { note: note ? `, ${note}` : '' })}`,
};

/** One stick to scale: every piece by its mark and length, its cuts, what is left. */
export const StickPicture = ({
  stick,
  name,
  width,
  longestM,
  say,
  currency,
  tight,
  chosen,
  onChoose,
  onDrop,
  children,
}: StickPictureProps) => {
  const perM = (width - 2) / longestM;
  const told = stick.pieces
    .map(({ mark, fromM, toM, state }) => `${mark} ${say.length(toM - fromM)}${LOOKS[state].told}`)
    .join(', ');
  const lastM = stick.pieces.at(-1)?.toM ?? 0;
  return (
    <li className="mt-4">
      <p className="narrow flex flex-wrap items-baseline gap-x-4 text-[13.5px] leading-[20px]">
        <b>{t('Stick {number}', { number: stick.number })}</b>
        <span>
          <Sized>{`${name}, ${say.length(stick.lengthM)}`}</Sized>
          {ORIGINS[stick.origin](stick)}
        </span>
        <span>
          {stick.onHand ? t('on hand') : stick.price === null ? '' : figures(formatMoney(stick.price, currency))}
        </span>
        {stick.held && <span>{t('kept as it is')}</span>}
        <span className={`ml-auto ${tight ? 'font-semibold' : 'mute'}`}>
          <Sized>{t('{left} left over', { left: say.length(stick.leftM) })}</Sized>
          {tight ? t(': measure it before you cut') : stick.kept ? t(', keep it') : ''}
          {offcutWouldDo(stick) && (
            <>
              {t('; an offcut of')} {<Sized>{say.length(takenM(stick))}</Sized>} {t('would do')}
            </>
          )}
        </span>
      </p>
      <svg
        width={width}
        height={BAR_PX + 2}
        viewBox={`-1 -1 ${width} ${BAR_PX + 2}`}
        role={onChoose ? 'group' : 'img'}
        aria-label={t('Stick {number}: {told}; {left} left over', {
          number: stick.number,
          told,
          left: say.length(stick.leftM),
        })}
        data-stick={stick.id}
        className="block"
        style={{ fontFamily: 'var(--font-sans)', overflow: 'visible' }}
      >
        <rect
          width={stick.lengthM * perM}
          height={BAR_PX}
          fill="url(#hatch-left)"
          stroke="var(--ink)"
          strokeWidth="1"
          strokeDasharray="3 3"
        />
        {stick.pieces.map((piece) => (
          <PieceShape
            key={`${piece.id} ${piece.fromM}`}
            piece={piece}
            perM={perM}
            say={say}
            chosen={chosen(piece)}
            onChoose={onChoose}
            onDrop={onDrop}
          />
        ))}
        {stick.leftM > 0 && <path d={`M${lastM * perM} -1V${BAR_PX + 1}`} stroke="var(--dye)" strokeWidth="2" />}
      </svg>
      {children}
    </li>
  );
};
