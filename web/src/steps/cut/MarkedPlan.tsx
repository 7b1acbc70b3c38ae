import { type CutList, layOut, planView } from '@kereta/core';
import { useCallback, useMemo } from 'react';
import { usePartKeys } from '../../bench/sheet/usePartKeys';
import { useFollowed } from '../../bench/workbench';
import { drawingScale, planHeightPx, planPlacement } from '../../drawing/drawingScale';
import { Lettering } from '../../drawing/Lettering';
import { HatchPatterns, type PartState, Shapes, STILL } from '../../drawing/Shapes';
import { SheetText } from '../../drawing/SheetText';
import { useWidth } from '../../fields/useWidth';
import { t } from '../../fields/language/t';

const HEIGHT_PX = 560;
const TITLE_PX = 24;
/** A piece has no fields here: they stand with its part. */
const nowhere = (): void => undefined;

/** Piece mark of each member. */
export const marksOf = ({ rows }: CutList): ReadonlyMap<string, string> =>
  new Map(rows.flatMap(({ mark, memberIds }) => memberIds.map((id) => [id, mark] as const)));

/** The frame from above with its piece marks: what is cut, and where it goes. */
export const MarkedPlan = () => {
  const { trailer, evaluation, picked, pick, say } = useFollowed('trailer', 'evaluation', 'picked', 'pick', 'say');
  const [holder, width] = useWidth<HTMLDivElement>(768);
  const { chassis, cutList } = evaluation;
  const marks = useMemo(() => marksOf(cutList), [cutList]);
  const scale = useMemo(() => drawingScale(trailer, chassis, width, HEIGHT_PX, true, false), [trailer, chassis, width]);
  const place = useMemo(() => planPlacement(scale, 0), [scale]);
  const height = planHeightPx(scale, false);
  const view = useMemo(
    () => planView({ trailer, chassis, shown: undefined }, { lettering: say, sizes: false, marks }),
    [trailer, chassis, say, marks],
  );
  const laid = useMemo(
    () => layOut(view, { ...place, bounds: { x0: 2, x1: width - 2, y0: TITLE_PX, y1: height - 2 }, text: 13 }),
    [view, place, width, height],
  );
  const onKeyDown = usePartKeys(nowhere);
  const stateOf = useCallback(
    (part: string | undefined): PartState =>
      part !== undefined && marks.has(part) ? { ...STILL, picks: true, picked: picked === part } : STILL,
    [marks, picked],
  );
  return (
    <div ref={holder} style={{ background: 'var(--paper)' }}>
      <svg
        width={width}
        height={height}
        viewBox={`0 0 ${width} ${height}`}
        tabIndex={0}
        role="application"
        aria-label={t('The frame from above with its piece marks. Keys: [ and ] pick a part.')}
        onKeyDown={onKeyDown}
        className="block"
        style={{ fontFamily: 'var(--font-sans)' }}
        onClick={(event) =>
          pick(
            event.target instanceof Element
              ? event.target.closest<SVGElement>('[data-grab]')?.dataset['grab']
              : undefined,
          )
        }
      >
        <HatchPatterns />
        <SheetText x={14} y={16} text={t('Piece marks')} anchor="start" size={12.5} bold />
        <Shapes shapes={view.shapes} place={place} stateOf={stateOf} />
        <Lettering laid={laid} />
      </svg>
    </div>
  );
};
