import { type Evaluation, type PlacedLamp, rearView, sideView, type Speaker } from '@kereta/core';
import { useMemo } from 'react';
import { StillDrawing } from '../drawing/StillDrawing';
import { t } from '../fields/language/t';

/** Above it: lamps of one housing stand on top of each other. */
const TOP_PX = 70;

const FILLS = {
  red: 'oklch(0.58 0.2 28)',
  amber: 'oklch(0.8 0.15 75)',
  white: 'oklch(0.98 0 0)',
  'red-white': 'oklch(0.58 0.2 28)',
};

interface LampDrawingProps {
  readonly evaluation: Evaluation;
  readonly lamps: readonly PlacedLamp[];
  /** number of each lamp in the list */
  readonly numbers: ReadonlyMap<string, number>;
  readonly from: 'rear' | 'left';
  readonly say: Speaker;
}

/** Whether a lamp is seen from there. */
const seenFrom = (from: 'rear' | 'left', { rule, at }: PlacedLamp): boolean =>
  from === 'rear' ? rule.place.startsWith('rear') : rule.place.startsWith('side') && at.yM < 0;

/** The trailer from behind or from the left with its lamps, each by its number in the list. */
export const LampDrawing = ({ evaluation, lamps, numbers, from, say }: LampDrawingProps) => {
  const { trailer, chassis } = evaluation;
  const view = useMemo(() => {
    const drawable = { trailer, chassis, shown: undefined };
    const options = { lettering: say, sizes: false, names: false, gearSizes: false };
    return from === 'rear' ? rearView(drawable, options) : sideView(drawable, options);
  }, [trailer, chassis, say, from]);
  const seen = lamps.filter((lamp) => seenFrom(from, lamp));
  return (
    <StillDrawing
      view={view}
      topPx={TOP_PX}
      label={t('From {from}, lamps and reflectors by their numbers in the list', {
        from: from === 'rear' ? t('behind') : t('the left'),
      })}
    >
      {(place) =>
        seen.map(({ id, at, rule }, i) => {
          const x = place.x(from === 'rear' ? at.yM : at.xM);
          const y = place.y(at.zM);
          // Lamps of one place stand in one housing: their numbers go on top of each other.
          const before = seen.slice(0, i).filter((other) => {
            const ox = place.x(from === 'rear' ? other.at.yM : other.at.xM);
            return Math.abs(ox - x) < 15 && Math.abs(place.y(other.at.zM) - y) < 12;
          }).length;
          return (
            <g key={id} transform={`translate(${x} ${y - before * 15})`}>
              <circle r="8" fill={FILLS[rule.colour]} stroke="var(--ink)" strokeWidth="1.2" />
              <circle r="6.2" fill="var(--color-base-100)" />
              <text y="4" textAnchor="middle" fontSize="10" fontWeight="700" fill="var(--ink)">
                {numbers.get(`${rule.region} ${rule.code}`)}
              </text>
            </g>
          );
        })
      }
    </StillDrawing>
  );
};
