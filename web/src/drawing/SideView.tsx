import { type BalancedCase, itemPart, itemParts, type Part } from '@kereta/core';
import { useWorkbench } from '../workbench/workbench';
import type { DrawingScale } from './drawingScale';
import { outline, PartShape } from './PartShape';
import { SheetText } from './SheetText';
import { Dimension } from './Dimension';

interface SideViewProps {
  readonly scale: DrawingScale;
  readonly bind: (partId: string) => object;
  /** the load that is shown; none leaves the bare trailer */
  readonly shown: BalancedCase | undefined;
}

const Ground = ({ scale }: { readonly scale: DrawingScale }) => {
  const y = scale.groundY;
  const count = Math.floor((scale.width - 40) / 9);
  return (
    <g stroke="var(--mute)" strokeWidth="0.8">
      <path d={`M20 ${y}H${scale.width - 20}`} stroke="var(--ink)" strokeWidth="1.2" />
      <path d={Array.from({ length: count }, (_, i) => `M${26 + i * 9} ${y}l-5 5`).join('')} />
    </g>
  );
};

const Wheel = ({
  scale,
  xM,
  radiusM,
  loadedM,
  picked,
}: {
  readonly scale: DrawingScale;
  readonly xM: number;
  readonly radiusM: number;
  readonly loadedM: number;
  readonly picked: boolean;
}) => {
  const x = scale.x(xM);
  const y = scale.groundY - loadedM * scale.pxPerM;
  const r = Math.min(radiusM, loadedM) * scale.pxPerM;
  return (
    <g {...outline(picked, 2.2)}>
      <circle cx={x} cy={y} r={r} fill={picked ? 'var(--dye-soft)' : 'var(--steel)'} />
      <circle cx={x} cy={y} r={r * 0.56} fill="var(--paper)" strokeWidth="1.3" />
      <circle cx={x} cy={y} r={r * 0.16} fill="var(--paper)" strokeWidth="1.3" />
      <path
        d={`M${x} ${scale.sideY(0) - 14}V${scale.groundY + 8}`}
        strokeWidth="0.9"
        strokeDasharray="14 3 3 3"
        fill="none"
      />
    </g>
  );
};

const ItemBox = ({
  scale,
  part,
  aboard,
  picked,
  mass,
}: {
  readonly scale: DrawingScale;
  readonly part: Part;
  readonly aboard: boolean;
  readonly picked: boolean;
  readonly mass: string;
}) => {
  const width = Math.max((part.x1M - part.x0M) * scale.pxPerM, 6);
  const x = scale.x(part.centre.xM) - width / 2;
  const height = Math.max(part.heightM * scale.pxPerM, 6);
  const y = scale.sideY(part.centre.zM) - height / 2;
  const label = part.name ?? '';
  const fits = (aboard || picked) && width > 40 && height > 30;
  return (
    <g>
      <rect
        x={x}
        y={y}
        width={width}
        height={height}
        fill={picked ? 'var(--dye-soft)' : aboard ? 'var(--load)' : 'none'}
        strokeDasharray={aboard ? undefined : '4 3'}
        strokeOpacity={aboard || picked ? 1 : 0.45}
        {...outline(picked, 1.3)}
      />
      {fits && (
        <g>
          <SheetText
            x={x + width / 2}
            y={y + height / 2 - (aboard ? 8 : 0)}
            text={label.length * 6.4 > width ? `${label.slice(0, Math.max(3, Math.floor(width / 6.4) - 1))}…` : label}
            size={12.5}
            color={aboard ? 'var(--ink)' : 'var(--mute)'}
          />
          {aboard && <SheetText x={x + width / 2} y={y + height / 2 + 8} text={mass} size={12.5} bold />}
        </g>
      )}
    </g>
  );
};

const LoadArrow = ({
  x,
  y,
  text,
  down,
  color = 'var(--ink)',
}: {
  readonly x: number;
  readonly y: number;
  readonly text: string;
  readonly down: boolean;
  readonly color?: string;
}) => (
  <g>
    <path d={down ? `M${x} ${y - 30}v22` : `M${x} ${y}v-22`} stroke={color} strokeWidth="3" />
    <path d={down ? `M${x - 6} ${y - 10}h12l-6 10z` : `M${x - 6} ${y - 20}h12l-6 -10z`} fill={color} />
    <SheetText x={x + 10} y={y - 12} text={text} anchor="start" size={14} bold color={color} cleared />
  </g>
);

const BalancePoint = ({
  x,
  y,
  rulerY,
  label,
}: {
  readonly x: number;
  readonly y: number;
  readonly rulerY: number;
  readonly label: string;
}) => (
  <g pointerEvents="none">
    <path d={`M${x} ${y}V${rulerY}`} stroke="var(--ink)" strokeWidth="0.9" strokeDasharray="14 3 3 3" />
    <circle cx={x} cy={y} r="8" fill="var(--paper)" stroke="var(--ink)" strokeWidth="1.4" />
    <path
      d={`M${x} ${y}V${y - 8}A8 8 0 0 1 ${x + 8} ${y}zM${x} ${y}V${y + 8}A8 8 0 0 1 ${x - 8} ${y}z`}
      fill="var(--ink)"
    />
    <path d={`M${x - 5} ${rulerY - 7}h10l-5 7z`} fill="var(--ink)" />
    <SheetText x={x - 9} y={rulerY - 12} text={label} anchor="end" size={12.5} bold cleared />
  </g>
);

/** Side elevation from the trailer's left, to scale; what stands nearer hides what stands behind: what stands where, what it weighs, what ball and axle carry in the load that is shown. */
export const SideView = ({ scale, bind, shown }: SideViewProps) => {
  const { project, committed, evaluation, picked, say } = useWorkbench();
  const { chassis } = evaluation;
  const { runningGear } = project;
  const aboard = new Map((shown ? itemParts(project, chassis, shown.loadCase) : []).map((part) => [part.id, part]));
  const ballX = scale.x(chassis.ballXM);
  const tongueZ = chassis.tongue?.members[0]?.extent;
  const axles = shown?.standing?.axles ?? [];
  const lastAxle = axles.at(-1);
  const axleTexts = axles.map(({ loadN }) => say.load(loadN));
  const axleText =
    new Set(axleTexts).size === 1 && axles.length > 1 ? `${axles.length} × ${axleTexts[0]}` : axleTexts.join(' + ');
  const axlePlaces =
    runningGear.layout === 'none'
      ? []
      : runningGear.layout === 'single'
        ? [runningGear.positionM]
        : [runningGear.positionM - runningGear.spacingM / 2, runningGear.positionM + runningGear.spacingM / 2];
  const axlePicked = picked === 'axle';
  const wasM = committed.runningGear.positionM;
  const moved = project !== committed && wasM !== runningGear.positionM;
  const share = shown?.standing;
  const light =
    share !== undefined &&
    share.on === 'ball' &&
    (share.tongueShare < (shown?.band.minShare ?? 0) || share.tongueShare > (shown?.band.maxShare ?? 1));
  const members = chassis.members.filter(
    ({ group, id }) =>
      ['rail.right', 'header.front', 'header.rear', 'side.right', 'side.front'].includes(id) ||
      (group === 'side' && id.startsWith('post.right')),
  );
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
        [...project.items]
          .sort((a, b) => Number(aboard.has(a.id)) - Number(aboard.has(b.id)) || b.attach.rightM - a.attach.rightM)
          .map((item) => {
            const own = aboard.get(item.id);
            const part = own ?? itemPart(project, chassis, item, shown?.loadCase);
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
      {chassis.tongue?.members.slice(-1).map((member) => (
        <PartShape key={member.id} partId={member.id} bind={bind} moves={false}>
          <rect
            x={scale.x(member.extent.x0M)}
            y={scale.sideY(member.extent.z1M)}
            width={(member.extent.x1M - member.extent.x0M) * scale.pxPerM}
            height={(member.extent.z1M - member.extent.z0M) * scale.pxPerM}
            fill={picked?.startsWith('tongue') ? 'var(--dye-soft)' : 'var(--steel)'}
            {...outline(picked?.startsWith('tongue') ?? false, 2.2)}
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
            fill={picked === member.id ? 'var(--dye-soft)' : 'var(--steel)'}
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
        <PartShape partId="coupler" bind={bind} moves={false}>
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
      {project.coupling.jackMassKg > 0 && tongueZ && (
        <path
          d={`M${scale.x(chassis.ballXM + project.coupling.jackBehindBallM)} ${scale.sideY(tongueZ.z1M) - 16}V${shown?.standing?.on === 'jack' ? scale.groundY : scale.groundY - 14}m-6 0h12M${scale.x(chassis.ballXM + project.coupling.jackBehindBallM)} ${scale.sideY(tongueZ.z1M) - 16}h9`}
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
          at={scale.x(project.frame.bed.lengthM) + 84}
          extendFrom={[scale.x(project.frame.bed.lengthM) + 6, scale.x(project.frame.bed.lengthM) + 6]}
          text={say.length(runningGear.railTopHeightM + chassis.deckTopZM)}
        />
      )}
    </g>
  );
};
