import {
  axlePlaces as axlesOf,
  type BalancedCase,
  formatPercent,
  itemPart,
  itemParts,
  overallWidthM,
  webOf,
  type HangerMark,
  hangerPlan,
  isOfTongue,
} from '@kereta/core';
import { useWorkbench } from '../workbench';
import { Dimension } from '../../drawing/Dimension';
import { type DrawingScale, planY } from '../../drawing/drawingScale';
import { DoubtEllipse, NINE_IN_TEN } from '../../drawing/doubtShapes';
import { JointMarks } from './JointMarks';
import { outline } from '../../drawing/outline';
import { PartShape } from './PartShape';
import { SheetText } from '../../drawing/SheetText';
import { useWork } from './useWork';
import { workFill } from '../../drawing/workShading';

/** From each hanger to the next one behind it. */
const hangerSpans = (marks: readonly HangerMark[]): readonly (readonly [number, number])[] => {
  const places = [...marks].map(({ xM }) => xM).sort((a, b) => a - b);
  return places.slice(1).map((xM, i) => [places[i] as number, xM] as const);
};

interface PlanViewProps {
  readonly scale: DrawingScale;
  readonly topPx: number;
  readonly bind: (partId: string) => object;
  readonly shown: BalancedCase | undefined;
  /** shade each member by how hard it works */
  readonly work: boolean;
  /** piece marks by member, in place of the loads */
  readonly marks?: ReadonlyMap<string, string>;
  readonly sizes: boolean;
}

/** An open bar's web, so that its open side shows. */
const WebLine = ({
  web,
  points,
}: {
  readonly web: ReturnType<typeof webOf>;
  readonly points: (plan: readonly (readonly [number, number])[]) => string;
}) =>
  web ? <polyline points={points(web)} fill="none" stroke="var(--ink)" strokeWidth="1" strokeDasharray="6 3" /> : null;

/** Top view, to scale; the right side of the trailer lies at the top. */
export const PlanView = ({ scale, topPx, bind, shown, work, marks, sizes }: PlanViewProps) => {
  const { trailer, doubt: doubted, evaluation, picked, pick, say, step } = useWorkbench();
  const doubt = step === 'balance' ? doubted.doubts?.find(({ caseId }) => caseId === shown?.loadCase.id) : undefined;
  const { chassis } = evaluation;
  const { shares: hardest } = useWork();
  const { bed } = trailer.frame;
  const { runningGear } = trailer;
  const y = planY(scale, topPx);
  const polygon = (plan: readonly (readonly [number, number])[]): string =>
    plan.map(([xM, yM]) => `${scale.x(xM).toFixed(1)},${y(yM).toFixed(1)}`).join(' ');
  const axlePlaces = axlesOf(trailer).map(({ xM }) => xM);
  const axlePicked = picked === 'axle';
  const tonguePicked = picked !== undefined && isOfTongue(picked);
  const fill = (id: string): string =>
    picked === id || (tonguePicked && isOfTongue(id))
      ? 'var(--dye-soft)'
      : work
        ? workFill(hardest.get(id))
        : 'var(--steel)';
  const isPicked = (id: string): boolean => picked === id || (tonguePicked && isOfTongue(id));
  const below = y(-scale.planWidthM / 2);
  const ballX = scale.x(chassis.ballXM);
  const aboard = new Set(shown ? itemParts(trailer, chassis, shown.loadCase).map(({ id }) => id) : []);
  const tireHalf = runningGear.tire.diameterM / 2;
  const track = runningGear.suspension.trackM;
  // Where the frame itself is worked on, loads are outlines that let the pointer through to the steel under them.
  const frameOnly = step === 'frame';
  const members = chassis.members.filter(({ group }) => group !== 'side');
  const ordered = [
    ...members.filter(({ group }) => group === 'tongue'),
    ...members.filter(({ group }) => group !== 'tongue'),
  ];
  return (
    <g>
      {axlePlaces.map((xM) => (
        <PartShape key={xM} partId="axle" bind={bind} moves>
          <rect x={scale.x(xM) - 22} y={y(track / 2)} width="44" height={track * scale.pxPerM} fill="transparent" />
          <rect
            x={scale.x(xM) - Math.max(2, (runningGear.axle.tubeDiameterM * scale.pxPerM) / 2)}
            y={y(track / 2)}
            width={Math.max(4, runningGear.axle.tubeDiameterM * scale.pxPerM)}
            height={track * scale.pxPerM}
            fill={axlePicked ? 'var(--dye-soft)' : 'var(--paper)'}
            {...outline(axlePicked, 0.9)}
          />
          {[-1, 1].map((side) => (
            <rect
              key={side}
              x={scale.x(xM - tireHalf)}
              y={y((side * track) / 2 + runningGear.tire.widthM / 2)}
              width={2 * tireHalf * scale.pxPerM}
              height={runningGear.tire.widthM * scale.pxPerM}
              rx="4"
              fill={axlePicked ? 'var(--dye-soft)' : 'var(--steel)'}
              {...outline(axlePicked, 2)}
            />
          ))}
          <path
            d={`M${scale.x(xM)} ${scale.lowerY}V${below + 10}`}
            stroke={axlePicked ? 'var(--dye)' : 'var(--ink)'}
            strokeWidth={axlePicked ? 1.2 : 0.9}
            strokeDasharray="14 3 3 3"
          />
        </PartShape>
      ))}
      {ordered.map((member) => {
        const moves = member.group === 'cross';
        const picks = isPicked(member.id);
        return (
          <PartShape
            key={member.id}
            partId={member.id}
            bind={bind}
            moves={moves}
            grab={
              moves ? (
                <rect
                  x={scale.x(member.centre.xM) - 11}
                  y={y(bed.widthM / 2 - chassis.railWidthM)}
                  width="22"
                  height={(bed.widthM - 2 * chassis.railWidthM) * scale.pxPerM}
                  fill="transparent"
                />
              ) : undefined
            }
          >
            <polygon
              points={polygon(member.plan)}
              fill={fill(member.id)}
              strokeLinejoin="round"
              {...outline(picks, member.group === 'cross' ? 1.5 : 2)}
            />
            <WebLine web={webOf(trailer, member)} points={polygon} />
          </PartShape>
        );
      })}
      {!work &&
        shown &&
        !marks &&
        [...trailer.items]
          .sort((a, b) => Number(aboard.has(a.id)) - Number(aboard.has(b.id)))
          .map((item) => {
            const part = itemPart(trailer, chassis, item, shown?.loadCase);
            const width = Math.max(4, (part.x1M - part.x0M) * scale.pxPerM);
            const height = Math.max(4, (part.y1M - part.y0M) * scale.pxPerM);
            const here = aboard.has(item.id);
            return (
              <g key={item.id} pointerEvents={frameOnly ? 'none' : undefined} opacity={frameOnly ? 0.45 : 1}>
                <PartShape partId={item.id} bind={bind} moves>
                  <rect
                    x={scale.x(part.centre.xM) - width / 2}
                    y={y(part.centre.yM) - height / 2}
                    width={width}
                    height={height}
                    fill={picked === item.id ? 'var(--dye-soft)' : here ? 'var(--load)' : 'transparent'}
                    fillOpacity={picked === item.id ? 0.8 : 0.7}
                    strokeOpacity={here || picked === item.id ? 1 : 0.35}
                    strokeDasharray="4 3"
                    {...outline(picked === item.id, 0.9)}
                  />
                  {here && width > 46 && height > 18 && (
                    <SheetText
                      x={scale.x(part.centre.xM)}
                      y={y(part.centre.yM)}
                      text={
                        item.name.length * 6.2 > width
                          ? `${item.name.slice(0, Math.max(3, Math.floor(width / 6.2) - 1))}…`
                          : item.name
                      }
                      size={12.5}
                    />
                  )}
                </PartShape>
              </g>
            );
          })}
      {doubt && shown?.centre && (
        <DoubtEllipse
          x={scale.x(shown.centre.xM)}
          y={y(shown.centre.yM)}
          rx={NINE_IN_TEN * doubt.centre.xSdM * scale.pxPerM}
          ry={NINE_IN_TEN * doubt.centre.ySdM * scale.pxPerM}
        />
      )}
      {step === 'axle' &&
        sizes &&
        scale.width >= 600 &&
        hangerSpans(hangerPlan(trailer, 0).marks).map(([fromM, toM]) => (
          <Dimension
            key={fromM}
            from={scale.x(fromM)}
            to={scale.x(toM)}
            at={y(bed.widthM / 2) - 14}
            extendFrom={[y(bed.widthM / 2), y(bed.widthM / 2)]}
            text={say.length(toM - fromM)}
          />
        ))}
      {step === 'axle' && sizes && runningGear.layout !== 'none' && scale.width >= 600 && (
        <Dimension
          standing
          from={y(-track / 2 + runningGear.tire.widthM / 2)}
          to={y(-bed.widthM / 2)}
          at={scale.x((axlePlaces[0] ?? 0) - tireHalf) - 14}
          extendFrom={[scale.x((axlePlaces[0] ?? 0) - tireHalf), scale.x((axlePlaces[0] ?? 0) - tireHalf)]}
          text={say.length(Math.abs(track / 2 - runningGear.tire.widthM / 2 - bed.widthM / 2))}
        />
      )}
      <PartShape partId="coupler" bind={bind} moves>
        <path
          d={`M${ballX - 8} ${y(0)}a8 8 0 0 1 8 -8h${0.16 * scale.pxPerM}l${0.09 * scale.pxPerM} -5v26l-${0.09 * scale.pxPerM} -5h-${0.16 * scale.pxPerM}a8 8 0 0 1 -8 -8z`}
          fill={picked === 'coupler' ? 'var(--dye-soft)' : 'var(--steel)'}
          {...outline(picked === 'coupler', 1.8)}
        />
        <circle cx={ballX} cy={y(0)} r="4" fill="var(--paper)" {...outline(picked === 'coupler', 1.3)} />
      </PartShape>
      {work && <JointMarks scale={scale} topPx={topPx} />}
      {work && (
        <g>
          {ordered.map((member) => {
            const used = hardest.get(member.id);
            if (used === undefined) return null;
            const xs = member.plan.map(([xM]) => xM);
            const alongM = member.group === 'tongue' ? Math.min(...xs) * 0.5 : (Math.min(...xs) + Math.max(...xs)) / 2;
            const text = formatPercent(used, 0);
            const py = member.group === 'cross' || member.group === 'header' ? below + 6 : y(member.centre.yM);
            return (
              <g
                key={member.id}
                data-part={`${member.id}:share`}
                style={{ cursor: 'pointer' }}
                onClick={() => pick(member.id)}
              >
                <rect
                  x={scale.x(alongM) - 22}
                  y={py - 10}
                  width="44"
                  height="20"
                  rx="10"
                  fill="var(--color-base-100)"
                  stroke={used > 1 ? 'var(--fix)' : 'var(--ink)'}
                  strokeWidth={used > 1 ? 2 : 1.1}
                />
                <SheetText
                  x={scale.x(alongM)}
                  y={py}
                  text={text}
                  size={13}
                  bold
                  color={used > 1 ? 'var(--fix)' : 'var(--ink)'}
                />
              </g>
            );
          })}
        </g>
      )}
      {marks &&
        ordered.map((member) => {
          const mark = marks.get(member.id);
          const xs = member.plan.map(([xM]) => xM);
          const px = scale.x((Math.min(...xs) + Math.max(...xs)) / 2);
          const py = y(member.centre.yM);
          return mark === undefined ? null : (
            <g key={member.id} pointerEvents="none">
              <circle cx={px} cy={py} r="13" fill="var(--color-base-100)" stroke="var(--ink)" strokeWidth="1.2" />
              <SheetText x={px} y={py} text={mark} size={12.5} bold />
              {sizes && member.group === 'cross' && (
                <SheetText
                  x={px}
                  y={y(-bed.widthM / 2 + chassis.railWidthM) - 16}
                  text={say.length(member.centre.xM)}
                  size={12}
                  cleared
                />
              )}
            </g>
          );
        })}
      {scale.width >= 600 && sizes && (
        <g>
          <Dimension
            from={ballX}
            to={scale.x(0)}
            at={below + 26}
            extendFrom={[y(0) + 12, y(-bed.widthM / 2)]}
            text={say.length(-chassis.ballXM)}
          />
          {runningGear.layout !== 'none' && (
            <Dimension
              from={scale.x(0)}
              to={scale.x(runningGear.positionM)}
              at={below + 26}
              extendFrom={[below, below]}
              text={say.length(runningGear.positionM)}
              picked={axlePicked}
            />
          )}
          {runningGear.layout !== 'none' && (
            <Dimension
              from={scale.x(runningGear.positionM)}
              to={scale.x(bed.lengthM)}
              at={below + 26}
              extendFrom={[below, y(-bed.widthM / 2)]}
              text={say.length(bed.lengthM - runningGear.positionM)}
            />
          )}
          <Dimension
            from={ballX}
            to={scale.x(bed.lengthM)}
            at={below + 48}
            extendFrom={[below + 30, below + 30]}
            text={`${say.length(bed.lengthM - chassis.ballXM)} ball to rear edge`}
          />
          <Dimension
            standing
            from={y(bed.widthM / 2)}
            to={y(-bed.widthM / 2)}
            at={scale.x(bed.lengthM) + 30}
            extendFrom={[scale.x(bed.lengthM) + 6, scale.x(bed.lengthM) + 6]}
            text={say.length(bed.widthM)}
          />
          <Dimension
            standing
            from={y(overallWidthM(trailer).widthM / 2)}
            to={y(-overallWidthM(trailer).widthM / 2)}
            at={scale.x(bed.lengthM) + 56}
            extendFrom={[scale.x(bed.lengthM) + 34, scale.x(bed.lengthM) + 34]}
            text={say.length(overallWidthM(trailer).widthM)}
          />
        </g>
      )}
    </g>
  );
};
