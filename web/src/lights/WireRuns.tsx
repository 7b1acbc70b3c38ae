import {
  type Circuit,
  type Evaluation,
  gaugesOf,
  HOLE_SOURCE,
  planView,
  SMALL_HOLE_SHARE,
  sourceText,
  type Speaker,
  wireHoles,
  wireHoleText,
  wireWay,
} from '@kereta/core';
import { TriangleAlert } from 'lucide-react';
import { useMemo } from 'react';
import type { Placement } from '../drawing/Shapes';
import { StillDrawing } from '../drawing/StillDrawing';
import { Sized } from '../fields/Sized';
import { t, voice } from '../fields/language/t';

const lineOf = (points: readonly (readonly [number, number])[], place: Placement): string =>
  points.map(([x, y], i) => `${i === 0 ? 'M' : 'L'}${place.x(x)} ${place.y(y)}`).join('');

interface WireRunsProps {
  readonly evaluation: Evaluation;
  readonly circuits: readonly Circuit[];
  readonly say: Speaker;
}

/** Where the wires run along the bars, seen from above, and the holes that they go through. */
export const WireRuns = ({ evaluation, circuits, say }: WireRunsProps) => {
  const { trailer, chassis, cutList } = evaluation;
  const view = useMemo(
    () =>
      planView(
        { trailer, chassis, shown: undefined },
        { lettering: say, sizes: false, names: false, gearSizes: false },
      ),
    [trailer, chassis, say],
  );
  const way = wireWay(evaluation);
  const { main, branch } = gaugesOf(circuits);
  const { holes, clipped, clips } = wireHoles(evaluation, main, branch);
  const markOf = (memberId: string): string => {
    const mark = cutList.rows.find(({ memberIds }) => memberIds.includes(memberId))?.mark;
    return `${say.partName(memberId)}${mark ? ` (${mark})` : ''}`;
  };
  const wide = holes.filter(({ shareOfSide }) => shareOfSide > SMALL_HOLE_SHARE + 1e-9);
  return (
    <div className="mt-3">
      <h3 className="text-[15px] font-semibold">{t('Runs and their holes')}</h3>
      <StillDrawing view={view} mostPx={260} label={t('From above: the wires along the bars, holes by their numbers')}>
        {(place) => (
          <>
            {[way.main, way.across, ...(branch.length > 0 ? [way.toAxle] : [])].map((points) => (
              <path
                key={JSON.stringify(points)}
                d={lineOf(points, place)}
                fill="none"
                stroke="var(--color-primary)"
                strokeWidth="2.5"
                strokeDasharray="7 3"
              />
            ))}
            {holes.map(({ memberId, way: which, at: [x, y] }, i) => (
              <g key={`${memberId} ${which}`} transform={`translate(${place.x(x)} ${place.y(y)})`}>
                <circle r="8.5" fill="var(--color-base-100)" stroke="var(--ink)" strokeWidth="1.2" />
                <text y="4" textAnchor="middle" fontSize="11" fontWeight="700" fill="var(--ink)">
                  {i + 1}
                </text>
              </g>
            ))}
          </>
        )}
      </StillDrawing>
      <ol className="text-[14.5px]" aria-label={t('Holes for the wires')}>
        {holes.map((hole, i) => (
          <li key={`${hole.memberId} ${hole.way}`} className="flex gap-3 border-t border-base-300 py-1">
            <b className="w-6 shrink-0 text-right">{i + 1}</b>
            <span>
              <b>{markOf(hole.memberId)}</b>: <Sized>{wireHoleText(hole, say)}</Sized>.
            </span>
          </li>
        ))}
      </ol>
      {clipped.length > 0 && (
        <p className="text-[14.5px]">
          {t('Open bars take clips in place of holes: {clips} of them, inside of', { clips })}{' '}
          {clipped.map(({ memberId }) => markOf(memberId)).join(', ')}.
        </p>
      )}
      {wide.length > 0 && (
        <p className="flex items-start gap-2 text-[14.5px]">
          <TriangleAlert size={16} className="mt-[2px] shrink-0" aria-hidden />
          {t('Wider than a third of its side in')} {wide.map(({ memberId }) => markOf(memberId)).join(', ')}
          {t(': two smaller holes a hand apart, or the loom outside, clipped to the bar.')}
        </p>
      )}
      <p className="narrow mute mt-1 text-[13px]">
        {t(
          'Through one wall, before paint; a lamp that sits on a bar has a hole behind it. A hole through both walls, or one near a hanger or where the tongue begins, belongs under Bed & frame, where the bar is checked with it. {hole}.',
          { hole: sourceText(HOLE_SOURCE, voice) },
        )}
      </p>
    </div>
  );
};
