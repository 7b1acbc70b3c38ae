import { layOut, reachOf, rearView } from '@kereta/core';
import { useCallback, useMemo } from 'react';
import { Lettering } from '../../drawing/Lettering';
import { HatchPatterns, type Placement, Shapes } from '../../drawing/Shapes';
import { SheetText } from '../../drawing/SheetText';
import { useWidth } from '../../fields/useWidth';
import { useWorkbench } from '../workbench';
import { TEXT_PX } from './SideSection';
import { usePartKeys } from './usePartKeys';
import { usePartStates } from './usePartStates';
import { t } from '../../fields/language/t';

const EDGE_PX = { left: 76, right: 76, top: 66, bottom: 84 } as const;

/** The trailer from behind: track, widths, and how high the balance point of the load that is shown lies. */
interface RearSheetProps {
  readonly height: number;
  readonly openFields: (partId: string) => void;
}

export const RearSheet = ({ height, openFields }: RearSheetProps) => {
  const onKeyDown = usePartKeys(openFields);
  const { trailer, evaluation, say, caseId, pick } = useWorkbench('trailer', 'evaluation', 'say', 'caseId', 'pick');
  const [holder, width] = useWidth<HTMLDivElement>(768);
  const { chassis, cases } = evaluation;
  const shown = cases.find(({ loadCase }) => loadCase.id === caseId) ?? cases[0];
  const reach = useMemo(() => reachOf(trailer, chassis, true), [trailer, chassis]);
  const perM = Math.max(
    20,
    Math.min(
      (width - EDGE_PX.left - EDGE_PX.right) / (2 * reach.halfWidthM),
      (height - EDGE_PX.top - EDGE_PX.bottom) / (reach.topZM - reach.groundZM),
    ),
  );
  const groundY = EDGE_PX.top + (reach.topZM - reach.groundZM) * perM;
  const place = useMemo(
    (): Placement => ({
      x: (yM) => width / 2 + yM * perM,
      y: (zM) => groundY - (zM - reach.groundZM) * perM,
      perM,
    }),
    [width, perM, groundY, reach.groundZM],
  );
  const view = useMemo(
    () => rearView({ trailer, chassis, shown }, { lettering: say, sizes: true }),
    [trailer, chassis, shown, say],
  );
  const states = usePartStates(false, false);
  // Nothing moves along the trailer in a view that looks along it.
  const stateOf = useCallback<typeof states>((part, layer) => ({ ...states(part, layer), moves: false }), [states]);
  const sheetHeight = groundY + EDGE_PX.bottom;
  const laid = useMemo(
    () => layOut(view, { ...place, bounds: { x0: 2, x1: width - 2, y0: 26, y1: sheetHeight - 2 }, text: TEXT_PX }),
    [view, place, width, sheetHeight],
  );
  return (
    <div ref={holder} style={{ background: 'var(--paper)' }}>
      <svg
        width={width}
        height={sheetHeight}
        tabIndex={0}
        role="application"
        aria-label={t('{name} from behind. Keys: [ and ] pick a part, Enter opens its sizes.', { name: trailer.name })}
        aria-roledescription={t('drawing')}
        onKeyDown={onKeyDown}
        data-testid="rear-view"
        className="block"
        onClick={({ target, clientX, clientY, currentTarget }) => {
          const part =
            target instanceof Element ? target.closest<SVGElement>('[data-grab]')?.dataset['grab'] : undefined;
          const sheet = currentTarget.getBoundingClientRect();
          const [x, y] = [clientX - sheet.left, clientY - sheet.top];
          if (part !== undefined)
            pick(part, {
              view: 'rear',
              at: [(x - place.x(0)) / place.perM, (place.y(0) - y) / place.perM],
            });
        }}
        style={{ fontFamily: 'var(--font-sans)' }}
      >
        <HatchPatterns />
        <SheetText
          x={14}
          y={18}
          text={t('From behind{shown}', { shown: shown ? `: ${shown.loadCase.name}` : '' })}
          anchor="start"
          size={12.5}
          bold
        />
        <path d={`M20 ${groundY}H${width - 20}`} stroke="var(--ink)" strokeWidth="1.2" />
        <Shapes shapes={view.shapes} place={place} stateOf={stateOf} />
        <Lettering laid={laid} size={TEXT_PX} />
      </svg>
    </div>
  );
};
