import { workAlong, formatPercent } from '@kereta/core';
import { useFollowed } from '../workbench';
import { type DrawingScale, isNarrow } from '../../drawing/drawingScale';
import { SheetText } from '../../drawing/SheetText';
import { figures, t } from '../../fields/language/t';

export const WORK_CHART_PX = 104;
const TITLE_PX = 24;

/** Bending of tongue and rails along the ruler, each place in its worst load; 100 % is what is allowed. */
export const WorkChart = ({ scale }: { readonly scale: DrawingScale }) => {
  const { trailer, evaluation } = useFollowed('trailer', 'evaluation');
  const fromM = evaluation.chassis.ballXM;
  const toM = trailer.frame.bed.lengthM;
  const points = workAlong(evaluation.strength, fromM, toM, Math.min(400, Math.ceil((toM - fromM) * scale.pxPerM)));
  const worst = Math.max(1.1, ...points.map(({ utilisation }) => utilisation));
  const bottom = scale.lowerY + WORK_CHART_PX;
  const height = WORK_CHART_PX - TITLE_PX - 4;
  const y = (utilisation: number): number => bottom - (utilisation / worst) * height;
  const line = points.map(({ xM, utilisation }) => `${scale.x(xM).toFixed(1)} ${y(utilisation).toFixed(1)}`).join('L');
  const narrow = isNarrow(scale.width);
  /** Where a line is named: behind its end, or over it where there is no room. */
  const beside = (utilisation: number) =>
    narrow
      ? ({ x: scale.x(toM), y: y(utilisation) - 8, anchor: 'end' } as const)
      : ({ x: scale.x(toM) + 6, y: y(utilisation), anchor: 'start' } as const);
  const peak = points.reduce(
    (best, next) => (next.utilisation > best.utilisation ? next : best),
    points[0] ?? { xM: 0, utilisation: 0 },
  );
  return (
    <g
      role="img"
      aria-label={t('Bending of tongue and rails: hardest {utilisation} of what is allowed', {
        utilisation: figures(formatPercent(peak.utilisation, 0)),
      })}
    >
      <SheetText
        x={14}
        y={scale.lowerY + 12}
        text={t('By hand: how hard tongue and rails bend')}
        anchor="start"
        size={12.5}
        bold
      />
      {!narrow && (
        <SheetText
          x={scale.width - 14}
          y={scale.lowerY + 12}
          text={t('your loads, in a hard bump, by one straight beam')}
          anchor="end"
          size={12}
          color="var(--mute)"
        />
      )}
      <path
        d={`M${scale.x(fromM)} ${bottom}L${line}L${scale.x(toM)} ${bottom}Z`}
        fill="url(#work-working)"
        stroke="var(--ink)"
        strokeWidth="1.3"
      />
      <path d={`M${scale.x(fromM)} ${y(1)}H${scale.x(toM)}`} stroke="var(--fix)" strokeWidth="1.4" />
      <SheetText {...beside(1)} text={t('allowed 100 %')} size={12} />
      <path
        d={`M${scale.x(fromM)} ${y(0.7)}H${scale.x(toM)}`}
        stroke="var(--mute)"
        strokeWidth="0.8"
        strokeDasharray="2 3"
      />
      <SheetText {...beside(0.7)} text={t('tight 70 %')} size={12} color="var(--mute)" />
      <circle cx={scale.x(peak.xM)} cy={y(peak.utilisation)} r="3.5" fill="var(--ink)" />
      <SheetText
        x={scale.x(peak.xM)}
        y={y(peak.utilisation) - 11}
        text={figures(formatPercent(peak.utilisation, 0))}
        size={13}
        bold
        cleared
      />
    </g>
  );
};
