import {
  drawnRailTopM,
  axlePlaces as axlesOf,
  type BalancedCase,
  hangerPlan,
  itemPart,
  itemParts,
  sideOutline,
  parsePartId,
  isOfTongue,
  findingsOfCase,
} from '@kereta/core';
import { useWorkbench } from '../workbench';
import type { DrawingScale } from '../../drawing/drawingScale';
import { outline } from '../../drawing/outline';
import { PartShape } from './PartShape';
import { BumpWheel, DoubtEllipse, NINE_IN_TEN } from '../../drawing/doubtShapes';
import { BalancePoint, Ground, ItemBox, LoadArrow, Wheel } from '../../drawing/sideShapes';
import { Dimension } from '../../drawing/Dimension';
import { useWork } from './useWork';
import { workFill } from '../../drawing/workShading';

interface SideViewProps {
  readonly scale: DrawingScale;
  readonly bind: (partId: string) => object;
  /** the load that is shown; none leaves the bare trailer */
  readonly shown: BalancedCase | undefined;
  /** shade each bar by how hard it works */
  readonly work?: boolean;
}

/** Side elevation from the trailer's left, to scale; what stands nearer hides what stands behind: what stands where, what it weighs, what ball and axle carry in the load that is shown. */
const isRightPost = (id: string): boolean => {
  const part = parsePartId(id);
  return part.kind === 'post' && part.edge === 'right';
};

export const SideView = ({ scale, bind, shown, work = false }: SideViewProps) => {
  const { shares } = useWork();
  const steel = (id: string): string => (work && shares.has(id) ? workFill(shares.get(id)) : 'var(--steel)');
  const { trailer, committed, doubt: doubted, evaluation, picked, say, step } = useWorkbench();
  const doubt = doubted.doubts?.find(({ caseId }) => caseId === shown?.loadCase.id);
  const { chassis } = evaluation;
  const { runningGear } = trailer;
  const aboard = new Map((shown ? itemParts(trailer, chassis, shown.loadCase) : []).map((part) => [part.id, part]));
  const ballX = scale.x(chassis.ballXM);
  const front = chassis.tongue?.members[0];
  // Coupler and jack stand on the tongue's front end, wherever a slope or a step has brought it.
  const tongueZ = front && { z1M: front.extent.z1M - Math.max(0, -front.frontRiseM) };
  const axles = shown?.standing?.axles ?? [];
  const lastAxle = axles.at(-1);
  const axleTexts = axles.map(({ loadN }) => say.load(loadN));
  const axleText =
    new Set(axleTexts).size === 1 && axles.length > 1 ? `${axles.length} × ${axleTexts[0]}` : axleTexts.join(' + ');
  const axlePlaces = axlesOf(trailer).map(({ xM }) => xM);
  const axlePicked = picked === 'axle';
  const tonguePicked = picked !== undefined && isOfTongue(picked);
  const wasM = committed.runningGear.positionM;
  const moved = trailer !== committed && wasM !== runningGear.positionM;
  const share = shown?.standing;
  const light =
    shown !== undefined &&
    findingsOfCase(evaluation, shown.loadCase.id).some(
      ({ code, verdict }) => code === 'tongue-share' && verdict === 'over',
    );
  const members = chassis.members.filter(
    ({ group, id }) =>
      ['rail.right', 'header.front', 'header.rear', 'side.right', 'side.front'].includes(id) ||
      (group === 'side' && isRightPost(id)),
  );
  // Seen from the left, the nearest of each pair hides the other.
  const tongueBars = [
    ...(chassis.tongue?.sideTubes.slice(0, 1) ?? []),
    ...(chassis.tongue?.members.slice(-1) ?? []),
    ...(chassis.tongue?.risers ?? []),
    ...(chassis.tongue?.packers ?? []),
  ];
  const suspendedZ = -chassis.railHeightM;
  const wheelY = scale.groundY - runningGear.tire.loadedRadiusM * scale.pxPerM;
  const half = runningGear.suspension.hangerSpacingM / 2;
  return (
    <g>
      <Ground scale={scale} />
      {chassis.panels.map((panel) => (
        <rect
          key={panel.id}
          x={scale.x(panel.extent.x0M)}
          y={scale.sideY(panel.extent.z1M)}
          width={(panel.extent.x1M - panel.extent.x0M) * scale.pxPerM}
          height={Math.max(1.5, (panel.extent.z1M - panel.extent.z0M) * scale.pxPerM)}
          fill="var(--wood)"
          stroke="var(--ink)"
          strokeWidth="0.8"
          pointerEvents="none"
          opacity={panel.kind === 'board' ? 0.6 : 1}
        />
      ))}
      {shown &&
        [...trailer.items]
          .sort((a, b) => Number(aboard.has(a.id)) - Number(aboard.has(b.id)) || b.attach.rightM - a.attach.rightM)
          .map((item) => {
            const own = aboard.get(item.id);
            const part = own ?? itemPart(trailer, chassis, item, shown?.loadCase);
            return (
              <PartShape key={item.id} partId={item.id} bind={bind} moves>
                <ItemBox
                  scale={scale}
                  part={part}
                  aboard={own !== undefined}
                  picked={picked === item.id}
                  mass={say.mass(part.massKg)}
                />
              </PartShape>
            );
          })}
      {runningGear.suspension.kind === 'leaf' &&
        axlePlaces.map((xM) => (
          <path
            key={xM}
            d={`M${scale.x(xM - half)} ${scale.sideY(suspendedZ) + 5}Q${scale.x(xM)} ${wheelY + 8} ${scale.x(xM + half)} ${scale.sideY(suspendedZ) + 5}`}
            fill="none"
            stroke="var(--ink)"
            strokeWidth="2.2"
            pointerEvents="none"
          />
        ))}
      {tongueBars.map((member) => (
        <PartShape key={member.id} partId={member.id} bind={bind} moves={false}>
          <polygon
            points={sideOutline(member)
              .map(([xM, zM]) => `${scale.x(xM).toFixed(1)},${scale.sideY(zM).toFixed(1)}`)
              .join(' ')}
            fill={tonguePicked ? 'var(--dye-soft)' : steel(member.id)}
            {...outline(tonguePicked, 2.2)}
          />
        </PartShape>
      ))}
      {members.map((member) => (
        <PartShape key={member.id} partId={member.id} bind={bind} moves={false}>
          <rect
            x={scale.x(member.extent.x0M)}
            y={scale.sideY(member.extent.z1M)}
            width={(member.extent.x1M - member.extent.x0M) * scale.pxPerM}
            height={Math.max(2, (member.extent.z1M - member.extent.z0M) * scale.pxPerM)}
            fill={picked === member.id ? 'var(--dye-soft)' : steel(member.id)}
            {...outline(picked === member.id, member.group === 'side' ? 1.3 : 2.2)}
          />
        </PartShape>
      ))}
      {chassis.members
        .filter(({ group }) => group === 'cross')
        .map((member) => (
          <PartShape key={member.id} partId={member.id} bind={bind} moves>
            <rect
              x={scale.x(member.extent.x0M)}
              y={scale.sideY(member.extent.z1M) + 1}
              width={(member.extent.x1M - member.extent.x0M) * scale.pxPerM}
              height={Math.max(2, (member.extent.z1M - member.extent.z0M) * scale.pxPerM - 1)}
              fill={picked === member.id ? 'var(--dye)' : 'var(--mute)'}
              opacity={picked === member.id ? 1 : 0.45}
            />
          </PartShape>
        ))}
      {tongueZ && (
        <PartShape partId="coupler" bind={bind} moves>
          <path
            d={`M${ballX - 7} ${scale.sideY(tongueZ.z1M) - 2}h${Math.max(18, 0.2 * scale.pxPerM)}v7h-${Math.max(10, 0.2 * scale.pxPerM - 8)}a8 8 0 0 1 -15 -2z`}
            fill={picked === 'coupler' ? 'var(--dye-soft)' : 'var(--steel)'}
            {...outline(picked === 'coupler', 1.8)}
          />
          <circle
            cx={ballX}
            cy={scale.sideY(tongueZ.z1M) + 6}
            r="3.4"
            fill="var(--paper)"
            {...outline(picked === 'coupler', 1.3)}
          />
        </PartShape>
      )}
      {trailer.coupling.jackMassKg > 0 && tongueZ && (
        <path
          d={`M${scale.x(chassis.ballXM + trailer.coupling.jackBehindBallM)} ${scale.sideY(tongueZ.z1M) - 16}V${shown?.standing?.on === 'jack' ? scale.groundY : scale.groundY - 14}m-6 0h12M${scale.x(chassis.ballXM + trailer.coupling.jackBehindBallM)} ${scale.sideY(tongueZ.z1M) - 16}h9`}
          stroke="var(--ink)"
          strokeWidth="2"
          fill="none"
          pointerEvents="none"
        />
      )}
      {moved && (
        <g pointerEvents="none" opacity="0.7">
          <circle
            cx={scale.x(wasM)}
            cy={wheelY}
            r={runningGear.tire.loadedRadiusM * scale.pxPerM}
            fill="none"
            stroke="var(--mute)"
            strokeDasharray="4 3"
          />
        </g>
      )}
      {axlePlaces.map((xM, index) => (
        <PartShape key={xM} partId="axle" bind={bind} moves>
          <Wheel
            scale={scale}
            xM={xM}
            radiusM={runningGear.tire.diameterM / 2}
            loadedM={runningGear.tire.loadedRadiusM}
            picked={axlePicked}
          />
          <title>{`${axlePlaces.length > 1 ? (index === 0 ? 'Front axle' : 'Rear axle') : 'Axle'}: drag along the ruler`}</title>
        </PartShape>
      ))}
      {step === 'axle' &&
        hangerPlan(trailer, 0).marks.map(({ id, xM }) => (
          <path
            key={id}
            d={`M${scale.x(xM)} ${scale.sideY(suspendedZ)}v9m-4 0h8`}
            stroke="var(--ink)"
            strokeWidth="1.8"
            pointerEvents="none"
          />
        ))}
      {step === 'axle' &&
        axlePlaces.map((xM, i) => (
          <BumpWheel
            key={xM}
            scale={scale}
            xM={xM}
            gear={runningGear}
            topZM={suspendedZ}
            named={i === axlePlaces.length - 1}
          />
        ))}
      {shown?.centre && doubt && step === 'balance' && (
        <DoubtEllipse
          x={scale.x(shown.centre.xM)}
          y={scale.sideY(shown.centre.zM)}
          rx={NINE_IN_TEN * doubt.centre.xSdM * scale.pxPerM}
          ry={NINE_IN_TEN * doubt.centre.zSdM * scale.pxPerM}
        />
      )}
      {shown?.centre && (
        <BalancePoint
          x={scale.x(shown.centre.xM)}
          y={scale.sideY(shown.centre.zM)}
          rulerY={scale.rulerY}
          label={`balance point ${say.length(shown.centre.xM)} back`}
        />
      )}
      {share && (
        <LoadArrow
          x={share.on === 'jack' ? scale.x(share.aheadXM) : ballX}
          y={scale.groundY - 3}
          text={say.load(share.aheadN)}
          down={share.aheadN < 0}
          color={light ? 'var(--fix)' : 'var(--ink)'}
        />
      )}
      {lastAxle && (
        <LoadArrow
          x={scale.x(lastAxle.xM) + runningGear.tire.loadedRadiusM * scale.pxPerM + 12}
          y={scale.groundY - 3}
          text={axleText}
          down={false}
        />
      )}
      {scale.width >= 600 && (
        <Dimension
          standing
          from={scale.sideY(chassis.deckTopZM)}
          to={scale.groundY}
          at={scale.x(trailer.frame.bed.lengthM) + 84}
          extendFrom={[scale.x(trailer.frame.bed.lengthM) + 6, scale.x(trailer.frame.bed.lengthM) + 6]}
          text={say.length(drawnRailTopM(trailer, chassis) + chassis.deckTopZM)}
        />
      )}
    </g>
  );
};
