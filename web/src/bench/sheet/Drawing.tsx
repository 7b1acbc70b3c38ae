import { OPINION_NAMES, SITUATION_NAMES } from '@kereta/core';
import { useMemo } from 'react';
import { type DrawingScale, drawingScale, planHeightPx, planPlacement } from '../../drawing/drawingScale';
import { Ground } from '../../drawing/Ground';
import { GridLines, Ruler } from '../../drawing/Ruler';
import { HatchPatterns } from '../../drawing/Shapes';
import { SheetText } from '../../drawing/SheetText';
import { WorkPatterns } from '../../drawing/workShading';
import { useWidth } from '../../fields/useWidth';
import { useBenchValue, useWorkbench } from '../workbench';
import { BentShape } from './BentShape';
import { partPlaceM, placeText } from './parts';
import { PlanSection } from './PlanSection';
import { SideSection } from './SideSection';
import { usePartDrag } from './usePartDrag';
import { usePartKeys } from './usePartKeys';
import { useWork } from './useWork';
import { WindowChart, windowChartPx } from './WindowChart';
import { WORK_CHART_PX, WorkChart } from './WorkChart';
import { inner, t } from '../../fields/language/t';

/** Where the shading's figures come from, when it is not the analysis of the trailer as drawn. */
const WORK_FROM = {
  frame: '',
  'older-frame': t(', before the last change'),
  hand: t(', by hand'),
} as const;

export type LowerView = 'plan' | 'work' | 'window' | 'none';

interface DrawingProps {
  readonly lower: LowerView;
  /** height that the scale is fitted to, the same in every step */
  readonly fitHeight: number;
  readonly openFields: (partId: string) => void;
  /** piece marks: the bare trailer with its sizes, for the sheet */
  readonly marks?: ReadonlyMap<string, string>;
}

/** Handle of the picked part on the ruler, with its value. */
const Pill = ({
  x,
  y,
  text,
  partId,
}: {
  readonly x: number;
  readonly y: number;
  readonly text: string;
  readonly partId: string;
}) => {
  const width = Math.max(64, text.length * 8.4 + 34);
  return (
    <g data-part={`${partId}:pill`} data-grab={partId} style={{ cursor: 'ew-resize', touchAction: 'pan-y' }}>
      <rect x={x - width / 2} y={y - 2} width={width} height={36} rx="4" fill="var(--dye)" />
      <path
        d={`M${x - width / 2 + 8} ${y + 16}l6 -5v10zM${x + width / 2 - 8} ${y + 16}l-6 -5v10z`}
        fill="var(--color-primary-content)"
      />
      <SheetText x={x} y={y + 16} text={text} size={15} bold color="var(--color-primary-content)" />
    </g>
  );
};

/** The picked part's handle on the ruler, and how far a drag has brought it. */
const PickedOnRuler = ({ scale }: { readonly scale: DrawingScale }) => {
  const { trailer, committed, evaluation, picked, say } = useWorkbench(
    'trailer',
    'committed',
    'evaluation',
    'picked',
    'say',
  );
  const pickedM = picked === undefined ? undefined : partPlaceM(trailer, evaluation, picked);
  const wasM = picked === undefined ? undefined : partPlaceM(committed, evaluation, picked);
  if (picked === undefined || pickedM === undefined) return null;
  return (
    <>
      {wasM !== undefined && Math.abs(wasM - pickedM) > 1e-9 && (
        <g pointerEvents="none">
          <path
            d={`M${scale.x(wasM)} ${scale.rulerY - 24}V${scale.lowerY + 24}`}
            stroke="var(--mute)"
            strokeDasharray="4 3"
          />
          <SheetText
            x={scale.x(wasM)}
            y={scale.lowerY + 14}
            text={t('was {say}', { say: placeText(say, picked, wasM) })}
            size={12.5}
            color="var(--mute)"
            anchor={pickedM > wasM ? 'end' : 'start'}
            cleared
          />
        </g>
      )}
      <Pill x={scale.x(pickedM)} y={scale.rulerY} text={placeText(say, picked, pickedM)} partId={picked} />
    </>
  );
};

/** What is picked, said to those who do not see it. */
const Spoken = () => {
  const { trailer, evaluation, picked, say } = useWorkbench('trailer', 'evaluation', 'picked', 'say');
  const pickedM = picked === undefined ? undefined : partPlaceM(trailer, evaluation, picked);
  return (
    <p className="sr-only" aria-live="polite">
      {picked === undefined
        ? ''
        : t('{picked} picked{picked2}', {
            picked: picked === 'axle' ? t('Axle') : say.partName(picked),
            picked2: pickedM === undefined ? '' : t(', at {say}', { say: placeText(say, picked, pickedM) }),
          })}
    </p>
  );
};

const WorkTitle = ({ y }: { readonly y: number }) => {
  const { opinion, situation } = useWorkbench('opinion', 'situation');
  const work = useWork();
  return (
    <SheetText
      x={14}
      y={y}
      text={t('From above, shaded by work{opinion}: {situation}{work}', {
        opinion: opinion === 'own' ? '' : `, ${t(OPINION_NAMES[opinion])}`,
        situation: situation ? inner(t(SITUATION_NAMES[situation])) : t('each at its worst'),
        work: WORK_FROM[work.from],
      })}
      anchor="start"
      size={12.5}
      bold
    />
  );
};

const SideTitle = ({ caseId }: { readonly caseId: string | undefined }) => {
  const { say } = useWorkbench('say');
  return (
    <SheetText
      x={14}
      y={18}
      text={t('From the side{case}', { case: caseId === undefined ? '' : `: ${say.caseName(caseId)}` })}
      anchor="start"
      size={12.5}
      bold
    />
  );
};

/** The trailer, always to scale: side view over the step's own view, both hung from one ruler. */
export const Drawing = ({ lower, fitHeight, openFields, marks }: DrawingProps) => {
  const { committed, caseId, bent, step } = useWorkbench('committed', 'caseId', 'bent', 'step');
  const chassis = useBenchValue(({ evaluation }) => evaluation.chassis);
  const rows = useBenchValue(({ evaluation }) => (lower === 'window' ? evaluation.placement.intervals.length : 0));
  // On the phone the side view alone may be there, and carries the shading.
  const shaded = lower === 'work' || (lower === 'none' && step === 'strength');
  const [holder, width] = useWidth<HTMLDivElement>(768);
  // The scale follows committed sizes only: a drag must not zoom the sheet under the finger.
  const scale = useMemo(
    () => drawingScale(committed, chassis, width, fitHeight, lower !== 'none', !marks),
    // oxlint-disable-next-line react-hooks/exhaustive-deps -- the chassis moves with the committed project
    [committed, width, fitHeight, lower, marks],
  );
  const onKeyDown = usePartKeys(openFields);
  const shownCaseId = marks ? undefined : (caseId ?? committed.cases[0]?.id);
  const planTop = scale.lowerY + (lower === 'work' ? WORK_CHART_PX : 0);
  const drag = usePartDrag(scale.pxPerM, (clientX, clientY) => {
    const sheet = holder.current?.getBoundingClientRect();
    if (!sheet) return undefined;
    const y = clientY - sheet.top;
    const xM = scale.toXM(clientX - sheet.left);
    if (y < scale.rulerY) return { view: 'side', at: [xM, (scale.side.y(0) - y) / scale.pxPerM] };
    return { view: 'plan', at: [xM, (planPlacement(scale, planTop).y(0) - y) / scale.pxPerM] };
  });
  const lowerPx = {
    plan: planHeightPx(scale, true),
    work: WORK_CHART_PX + planHeightPx(scale, false),
    window: windowChartPx(rows),
    none: 4,
  }[lower];
  const height = scale.lowerY + lowerPx;
  const imperial = committed.settings.units === 'imperial';
  return (
    <div ref={holder} className="min-w-0" style={{ background: 'var(--paper)' }}>
      <svg
        width={width}
        height={height}
        viewBox={`0 0 ${width} ${height}`}
        tabIndex={0}
        role="application"
        aria-label={t('Drawing of {name}. Keys: [ and ] pick a part, arrows move it, Enter opens its sizes.', {
          name: committed.name,
        })}
        aria-roledescription={t('drawing')}
        data-testid="drawing"
        data-px-per-m={scale.pxPerM}
        className="block select-none"
        style={{ fontFamily: 'var(--font-sans)' }}
        {...drag}
        onKeyDown={onKeyDown}
      >
        <WorkPatterns />
        <HatchPatterns />
        <GridLines scale={scale} imperial={imperial} toY={height} />
        <SideTitle caseId={shownCaseId} />
        <Ground scale={scale} />
        <SideSection scale={scale} shownCaseId={shownCaseId} shaded={shaded} />
        {shaded && bent && <BentShape scale={scale} />}
        <Ruler scale={scale} imperial={imperial} />
        {lower === 'plan' && (
          <SheetText x={14} y={planTop + 16} text={t('From above')} anchor="start" size={12.5} bold />
        )}
        {lower === 'work' && <WorkTitle y={planTop + 16} />}
        {(lower === 'plan' || lower === 'work') && (
          <PlanSection
            scale={scale}
            topPx={planTop}
            shownCaseId={shownCaseId}
            shaded={lower === 'work'}
            sizes={lower === 'plan'}
            {...(marks ? { marks } : {})}
          />
        )}
        {lower === 'work' && <WorkChart scale={scale} />}
        {lower === 'window' && <WindowChart scale={scale} />}
        <PickedOnRuler scale={scale} />
      </svg>
      <Spoken />
    </div>
  );
};
