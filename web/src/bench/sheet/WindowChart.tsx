import { type Evaluation, tongueSlopes } from '@kereta/core';
import { useWorkbench } from '../workbench';
import type { DrawingScale } from '../../drawing/drawingScale';
import { SheetText } from '../../drawing/SheetText';
import { t } from '../../fields/language/t';

const ROW_PX = 24;
const TOP_PX = 52;
const LABEL_PX = 150;

export const windowChartPx = (rows: number): number => TOP_PX + rows * ROW_PX + 62;

type NamedInterval = Evaluation['placement']['intervals'][number];

/** Where the axle may sit for one load, and by how much its ends are in doubt. */
const WindowRow = ({
  interval: { from, to, empty },
  name,
  y,
  x,
  left,
  positionM,
  doubtM,
}: {
  readonly interval: NamedInterval;
  readonly name: string;
  readonly y: number;
  readonly x: (xM: number) => number;
  readonly left: number;
  readonly positionM: number;
  readonly doubtM: number;
}) => {
  const inside = !empty && from.xM <= positionM && positionM <= to.xM;
  return (
    <g>
      <SheetText
        x={14}
        y={y + 8}
        text={`${inside ? '✓' : '✕'} ${name}`.slice(0, 26)}
        anchor="start"
        size={12.5}
        bold={!inside}
      />
      {empty ? (
        <SheetText x={left + 6} y={y + 8} text={t('no place suits it')} anchor="start" size={12.5} color="var(--fix)" />
      ) : (
        <rect
          x={x(from.xM)}
          y={y}
          width={Math.max(2, x(to.xM) - x(from.xM))}
          height="16"
          fill={inside ? 'url(#band)' : 'url(#band-bad)'}
          stroke={inside ? 'var(--good)' : 'var(--fix)'}
          strokeWidth="1.3"
        />
      )}
      {!empty &&
        doubtM > 0 &&
        [from.xM, to.xM].map((edge) => (
          <path
            key={edge}
            d={`M${x(edge - doubtM)} ${y + 5}v6M${x(edge - doubtM)} ${y + 8}H${x(edge + doubtM)}M${x(edge + doubtM)} ${y + 5}v6`}
            stroke="var(--ink)"
            strokeWidth="1.3"
            fill="none"
          />
        ))}
    </g>
  );
};

/** Where the axle may sit: one bar per load on a stretch of the ruler, flared open below it; where all bars overlap, all loads ride well. */
export const WindowChart = ({ scale }: { readonly scale: DrawingScale }) => {
  const { trailer, evaluation, doubt, say } = useWorkbench('trailer', 'evaluation', 'doubt', 'say');
  /** how far an edge may lie elsewhere in nine tries of ten, m along the ruler */
  const doubtOf = (caseId: string): number => {
    const own = doubt.doubts?.find((candidate) => candidate.caseId === caseId);
    const balanced = evaluation.cases.find(({ loadCase }) => loadCase.id === caseId);
    const slopes = own && balanced && tongueSlopes(trailer, balanced);
    if (!own || !slopes || slopes.axleBack <= 0) return 0;
    return (own.tongueKg.p95 - own.tongueKg.p5) / 2 / slopes.axleBack;
  };
  const { intervals, window, ruleOfThumbM, wanted } = evaluation.placement;
  const { positionM } = trailer.runningGear;
  const places = [
    positionM,
    ruleOfThumbM,
    ...intervals.filter(({ empty }) => !empty).flatMap(({ from, to }) => [from.xM, to.xM]),
    ...(wanted?.xM === undefined ? [] : [wanted.xM]),
  ];
  const lowM = Math.max(Math.min(...places) - 0.08, evaluation.chassis.ballXM);
  const highM = Math.min(Math.max(...places) + 0.08, trailer.frame.bed.lengthM + 0.3);
  const left = Math.min(LABEL_PX, scale.width * 0.36);
  const right = scale.width - 34;
  const x = (xM: number): number =>
    left + ((Math.min(Math.max(xM, lowM), highM) - lowM) / (highM - lowM)) * (right - left);
  const top = scale.lowerY + TOP_PX;
  const bottom = top + intervals.length * ROW_PX;
  const together = wanted?.xM !== undefined && Math.abs(x(wanted.xM) - x(ruleOfThumbM)) < 190;
  const wantedDrop = together ? 32 : 14;
  const boxed = `M${scale.x(lowM)} ${scale.rulerY}V${scale.lowerY}L${left} ${top - 14}H${right}L${scale.x(highM)} ${scale.lowerY}V${scale.rulerY}`;
  return (
    <g>
      <path d={boxed} fill="none" stroke="var(--ink)" strokeWidth="1.2" />
      <SheetText x={14} y={scale.lowerY + 16} text={t('Where the axle may sit')} anchor="start" size={12.5} bold />
      {window.kind === 'window' && (
        <rect
          x={x(window.fromM)}
          y={top - 14}
          width={Math.max(2, x(window.toM) - x(window.fromM))}
          height={bottom - top + 18}
          fill="url(#band)"
          stroke="var(--good)"
        />
      )}
      {intervals.map((interval, row) => (
        <WindowRow
          key={interval.caseId}
          interval={interval}
          name={say.caseName(interval.caseId)}
          y={top + row * ROW_PX + 4}
          x={x}
          left={left}
          positionM={positionM}
          doubtM={doubtOf(interval.caseId)}
        />
      ))}
      <path d={`M${x(positionM)} ${top - 18}V${bottom + 2}`} stroke="var(--dye)" strokeWidth="3" />
      <SheetText
        x={x(positionM)}
        y={top - 28}
        text={t('axle {position}', { position: say.length(positionM) })}
        size={13.5}
        bold
        color="var(--dye)"
        cleared
      />
      {doubt.doubts && (
        <SheetText
          x={scale.width - 14}
          y={bottom + 50}
          text={t('whiskers: what your guesses may move each end by')}
          anchor="end"
          size={12}
          color="var(--mute)"
        />
      )}
      <path d={`M${x(ruleOfThumbM)} ${bottom}v8`} stroke="var(--ink)" strokeWidth="1.2" />
      <SheetText
        x={x(ruleOfThumbM)}
        y={bottom + 14}
        text={`${t('60/40 rule')} ${say.length(ruleOfThumbM)}`}
        size={12.5}
        cleared
      />
      {wanted?.xM !== undefined && (
        <g>
          <path
            d={`M${x(wanted.xM)} ${bottom}v${wantedDrop - 6}`}
            stroke="var(--ink)"
            strokeWidth="1.2"
            strokeDasharray="3 2"
          />
          <SheetText
            x={x(wanted.xM)}
            y={bottom + wantedDrop}
            text={t('{share} in {case}: {x}', {
              share: say.percent(wanted.share),
              case: say.caseName(wanted.caseId),
              x: say.length(wanted.xM),
            })}
            size={12.5}
            cleared
          />
        </g>
      )}
    </g>
  );
};
