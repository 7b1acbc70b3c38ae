import { useMemo } from 'react';
import { OPINION_NAMES, SITUATION_NAMES } from '@kereta/core';
import { useWidth } from '../../fields/useWidth';
import { useWorkbench } from '../workbench';
import { BentShape } from './BentShape';
import { drawingScale, planHeightPx } from '../../drawing/drawingScale';
import { partPlaceM, placeText } from './parts';
import { PlanView } from './PlanView';
import { GridLines, Ruler } from '../../drawing/Ruler';
import { SheetText } from '../../drawing/SheetText';
import { SideView } from './SideView';
import { usePartDrag } from './usePartDrag';
import { usePartKeys } from './usePartKeys';
import { useWork } from './useWork';
import { WindowChart, windowChartPx } from './WindowChart';
import { WORK_CHART_PX, WorkChart } from './WorkChart';
import { WorkPatterns } from '../../drawing/workShading';

/** Where the shading's figures come from, when it is not the analysis of the trailer as drawn. */
const WORK_FROM = {
  frame: '',
  'older-frame': ', before the last change',
  hand: ', by hand',
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
  bind,
  partId,
}: {
  readonly x: number;
  readonly y: number;
  readonly text: string;
  readonly bind: (partId: string) => object;
  readonly partId: string;
}) => {
  const width = Math.max(64, text.length * 8.4 + 34);
  return (
    <g {...bind(partId)} data-part={`${partId}:pill`} style={{ cursor: 'ew-resize', touchAction: 'pan-y' }}>
      <rect x={x - width / 2} y={y - 2} width={width} height={36} rx="4" fill="var(--dye)" />
      <path
        d={`M${x - width / 2 + 8} ${y + 16}l6 -5v10zM${x + width / 2 - 8} ${y + 16}l-6 -5v10z`}
        fill="var(--color-primary-content)"
      />
      <SheetText x={x} y={y + 16} text={text} size={15} bold color="var(--color-primary-content)" />
    </g>
  );
};

/** The trailer, always to scale: side view over the step's own view, both hung from one ruler. */
export const Drawing = ({ lower, fitHeight, openFields, marks }: DrawingProps) => {
  const workbench = useWorkbench();
  const { trailer, committed, evaluation, picked, say, caseId, bent, opinion, situation, step } = workbench;
  const work = useWork();
  // On the phone the side view alone is there, and carries the shading.
  const shaded = lower === 'work' || (lower === 'none' && step === 'strength');
  const [holder, width] = useWidth<HTMLDivElement>(768);
  // The scale follows committed sizes only: a drag must not zoom the sheet under the finger.
  const scale = useMemo(
    () =>
      drawingScale(
        marks ? { ...committed, items: [] } : committed,
        evaluation.chassis,
        width,
        fitHeight,
        lower !== 'none',
      ),
    // oxlint-disable-next-line react-hooks/exhaustive-deps -- the chassis moves with the committed project
    [committed, width, fitHeight, lower, marks],
  );
  const bind = usePartDrag(scale.pxPerM);
  const onKeyDown = usePartKeys(openFields);
  const shown = marks
    ? undefined
    : (evaluation.cases.find(({ loadCase }) => loadCase.id === caseId) ?? evaluation.cases[0]);
  const lowerPx = {
    plan: planHeightPx(scale, true),
    work: WORK_CHART_PX + planHeightPx(scale, false),
    window: windowChartPx(evaluation.placement.intervals.length),
    none: 4,
  }[lower];
  const height = scale.lowerY + lowerPx;
  const pickedM = picked === undefined ? undefined : partPlaceM(trailer, evaluation, picked);
  const wasM = picked === undefined ? undefined : partPlaceM(committed, evaluation, picked);
  const spoken =
    picked === undefined
      ? ''
      : `${picked === 'axle' ? 'Axle' : say.partName(picked)} picked${pickedM === undefined ? '' : `, at ${placeText(say, picked, pickedM)}`}`;
  const fromM = scale.toXM(0);
  const toM = scale.toXM(width);
  return (
    <div ref={holder} className="min-w-0" style={{ background: 'var(--paper)' }}>
      <svg
        width={width}
        height={height}
        viewBox={`0 0 ${width} ${height}`}
        tabIndex={0}
        role="application"
        aria-label={`Drawing of ${trailer.name}. Keys: [ and ] pick a part, arrows move it, Enter opens its sizes.`}
        aria-roledescription="drawing"
        data-testid="drawing"
        data-px-per-m={scale.pxPerM}
        onKeyDown={onKeyDown}
        className="block select-none"
        style={{ fontFamily: 'var(--font-sans)' }}
      >
        <WorkPatterns />
        <GridLines scale={scale} trailer={trailer} fromM={fromM} toM={toM} toY={height} />
        <SheetText
          x={14}
          y={18}
          text={`From the side${shown ? `: ${shown.loadCase.name}` : ''}`}
          anchor="start"
          size={12.5}
          bold
        />
        <SideView scale={scale} bind={bind} shown={shown} work={shaded} />
        {shaded && bent && <BentShape scale={scale} />}
        <Ruler scale={scale} trailer={trailer} fromM={fromM} toM={toM} />
        {(lower === 'plan' || lower === 'work') && (
          <>
            <SheetText
              x={14}
              y={scale.lowerY + (lower === 'work' ? WORK_CHART_PX : 0) + 16}
              text={
                lower === 'work'
                  ? `From above, shaded by work${opinion === 'own' ? '' : `, ${OPINION_NAMES[opinion]}`}: ${situation ? SITUATION_NAMES[situation].toLowerCase() : 'each at its worst'}${WORK_FROM[work.from]}`
                  : 'From above'
              }
              anchor="start"
              size={12.5}
              bold
            />
            <PlanView
              scale={scale}
              topPx={scale.lowerY + (lower === 'work' ? WORK_CHART_PX : 0)}
              bind={bind}
              shown={shown}
              work={lower === 'work'}
              sizes={lower === 'plan'}
              {...(marks ? { marks } : {})}
            />
          </>
        )}
        {lower === 'work' && <WorkChart scale={scale} />}
        {lower === 'window' && <WindowChart scale={scale} />}
        {picked !== undefined && pickedM !== undefined && wasM !== undefined && Math.abs(wasM - pickedM) > 1e-9 && (
          <g pointerEvents="none">
            <path
              d={`M${scale.x(wasM)} ${scale.rulerY - 24}V${scale.lowerY + 24}`}
              stroke="var(--mute)"
              strokeDasharray="4 3"
            />
            <SheetText
              x={scale.x(wasM)}
              y={scale.lowerY + 14}
              text={`was ${placeText(say, picked, wasM)}`}
              size={12.5}
              color="var(--mute)"
              anchor={pickedM > wasM ? 'end' : 'start'}
              cleared
            />
          </g>
        )}
        {picked !== undefined && pickedM !== undefined && (
          <Pill
            x={scale.x(pickedM)}
            y={scale.rulerY}
            text={placeText(say, picked, pickedM)}
            bind={bind}
            partId={picked}
          />
        )}
      </svg>
      <p className="sr-only" aria-live="polite">
        {spoken}
      </p>
    </div>
  );
};
