import {
  formatAngle,
  heaviestTowed,
  rampLook,
  rampRigOf,
  roadZM,
  type SidePoint,
  sidePoints,
  tippedPoint,
  trailerPitchRad,
  SIDE_PART_NAMES,
} from '@kereta/core';
import { useMemo, useState } from 'react';
import { SheetText } from '../../drawing/SheetText';
import { useWidth } from '../../fields/useWidth';
import { useWorkbench } from '../../bench/workbench';

/** A narrow screen needs no more height than its scale fills. */
const heightPx = (widthPx: number): number => (widthPx < 500 ? 170 : 250);
const PAD_PX = 24;
const MOST_DEG = 15;

/** The rig from the side where the road breaks: a slider for the break, one for where under the rig it lies. */
export const RampView = () => {
  const { trailer, evaluation, say } = useWorkbench('trailer', 'evaluation', 'say');
  const { chassis, cases } = evaluation;
  const [degrees, setDegrees] = useState(8);
  const [share, setShare] = useState(0.5);
  const [holder, width] = useWidth<HTMLDivElement>(740);
  const towed = useMemo(() => heaviestTowed(cases), [cases]);
  const rig = useMemo(() => towed && rampRigOf(trailer, chassis, towed), [trailer, chassis, towed]);
  const points = useMemo(() => sidePoints(trailer, chassis), [trailer, chassis]);
  const beta = (degrees * Math.PI) / 180;
  const look = useMemo(() => rig && rampLook(rig, points, beta), [rig, points, beta]);
  if (!rig || !towed || !look) {
    return (
      <p className="narrow mute p-4 text-[13px]">
        Say how far the ball stands behind the vehicle’s rear axle to see the rig over a crest and through a dip.
      </p>
    );
  }
  const vehicle = trailer.towVehicle;
  const height = heightPx(width);
  const noseM = (vehicle?.wheelbaseM ?? 2.7) + 0.85;
  const tailM = trailer.frame.bed.lengthM - chassis.ballXM;
  const breakM = share * (rig.ballBehindAxleM + tailM);
  const pitch = trailerPitchRad(rig, beta, breakM);
  const scale = Math.min((width - 2 * PAD_PX) / (noseM + rig.ballBehindAxleM + tailM + 0.3), (height - 60) / 3);
  const x = (metres: number): number => PAD_PX + (noseM + metres) * scale;
  const groundY = height - 62;
  const y = (metres: number): number => groundY - metres * scale;
  const at = (point: Pick<SidePoint, 'behindM' | 'aboveM'>): string => {
    const { xM, zM } = tippedPoint(rig, pitch, point);
    return `${x(xM).toFixed(1)},${y(zM).toFixed(1)}`;
  };
  const above = (zM: number): number => zM - rig.ballZM;
  const behind = (xM: number): number => xM - chassis.ballXM;
  const box = (x0: number, x1: number, z0: number, z1: number): string =>
    [
      { behindM: behind(x0), aboveM: above(z1) },
      { behindM: behind(x1), aboveM: above(z1) },
      { behindM: behind(x1), aboveM: above(z0) },
      { behindM: behind(x0), aboveM: above(z0) },
    ]
      .map(at)
      .join(' ');
  const faceM = rig.ballBehindAxleM - rig.bumperAheadOfBallM;
  const roof = Math.max(1.2, rig.ballHeightM + 0.9);
  const wheels = towed.standing.axles.map(({ xM }) =>
    tippedPoint(rig, pitch, { behindM: behind(xM), aboveM: rig.wheelRadiusM - rig.levelBallM }),
  );
  const name = (point: SidePoint): string =>
    point.what === 'item' ? say.partName(point.id) : SIDE_PART_NAMES[point.what];
  const worst =
    look.nearest.roomM < look.lowest.clearM
      ? { ...look.nearest, gapM: look.nearest.roomM, to: 'the vehicle' }
      : { ...look.lowest, gapM: look.lowest.clearM, to: 'the road' };
  const touching = worst.gapM < 0;
  const endM = rig.ballBehindAxleM + tailM + 0.6;
  const what = degrees === 0 ? 'Level road' : degrees > 0 ? `Dip of ${degrees}°` : `Crest of ${-degrees}°`;
  return (
    <section aria-label="Crest and dip" className="border-b border-base-300">
      <div ref={holder}>
        <svg
          width={width}
          height={height}
          role="img"
          aria-label={`${what}: the trailer tips by ${formatAngle(Math.abs(pitch))} against the vehicle`}
        >
          <SheetText
            x={14}
            y={16}
            text={`From the side over a break of the road: ${say.caseName(towed.loadCase.id)}`}
            anchor="start"
            size={12.5}
            bold
          />
          <path
            d={`M${x(-noseM)} ${groundY}H${x(Math.min(breakM, endM))}L${x(endM)} ${y(roadZM(endM, beta, breakM))}`}
            fill="none"
            stroke="var(--ink)"
            strokeWidth="1.6"
          />
          <g fill="none" stroke="var(--mute)" strokeWidth="1.4" strokeDasharray="5 4">
            <path
              d={`M${x(-noseM)} ${y(0.35)}V${y(0.8)}L${x(-noseM * 0.68)} ${y(0.95)}L${x(-noseM * 0.5)} ${y(roof)}H${x(faceM)}V${y(0.3)}Z`}
            />
            <circle cx={x(0)} cy={y(0.34)} r={0.34 * scale} />
            {vehicle?.wheelbaseM && <circle cx={x(-vehicle.wheelbaseM)} cy={y(0.34)} r={0.34 * scale} />}
          </g>
          <path
            d={`M${x(faceM)} ${y(rig.ballHeightM)}H${x(rig.ballBehindAxleM)}`}
            stroke="var(--ink)"
            strokeWidth="3"
          />
          {chassis.tongue?.members.slice(0, 1).map((member) => {
            const { x0M, x1M, z0M, z1M } = member.extent;
            const up = Math.max(0, member.frontRiseM);
            const down = Math.max(0, -member.frontRiseM);
            return (
              <polygon
                key={member.id}
                points={[
                  { behindM: behind(x0M), aboveM: above(z1M - down) },
                  { behindM: behind(x1M), aboveM: above(z1M - up) },
                  { behindM: behind(x1M), aboveM: above(z0M + down) },
                  { behindM: behind(x0M), aboveM: above(z0M + up) },
                ]
                  .map(at)
                  .join(' ')}
                fill="var(--steel)"
                stroke="var(--ink)"
                strokeWidth="1.6"
              />
            );
          })}
          <polygon
            points={box(0, trailer.frame.bed.lengthM, -chassis.railHeightM, chassis.deckTopZM)}
            fill="var(--steel)"
            stroke="var(--ink)"
            strokeWidth="2"
          />
          {points
            .filter(({ what: kind }) => kind === 'item')
            .map((point) => (
              <polygon
                key={point.id}
                points={[
                  point,
                  { ...point, behindM: point.behindM + 0.25 },
                  { ...point, behindM: point.behindM + 0.25, aboveM: above(chassis.tongue?.topZM ?? 0) },
                  { ...point, aboveM: above(chassis.tongue?.topZM ?? 0) },
                ]
                  .map(at)
                  .join(' ')}
                fill="var(--load)"
                stroke="var(--ink)"
                strokeWidth="1.1"
              />
            ))}
          {points
            .filter(({ what: kind }) => kind === 'jack')
            .map((point) => (
              <polyline
                key={point.id}
                points={`${at({ ...point, aboveM: above(chassis.tongue?.topZM ?? 0) })} ${at(point)}`}
                fill="none"
                stroke="var(--ink)"
                strokeWidth="2.4"
              />
            ))}
          {wheels.map(({ xM, zM }) => (
            <circle
              key={xM}
              cx={x(xM)}
              cy={y(zM)}
              r={rig.wheelRadiusM * scale}
              fill="var(--paper)"
              stroke="var(--ink)"
              strokeWidth="2.2"
            />
          ))}
          <circle
            cx={x(rig.ballBehindAxleM)}
            cy={y(rig.ballHeightM)}
            r="4.5"
            fill={touching ? 'var(--fix)' : 'var(--dye)'}
          />
        </svg>
      </div>
      <div className="grid grid-cols-2 gap-x-6 gap-y-1 px-4 pb-2 text-[14px] max-[800px]:grid-cols-1">
        <label className="flex items-center gap-3">
          <span className="w-[96px] whitespace-nowrap">{what}</span>
          <input
            type="range"
            className="range flex-1"
            min={-MOST_DEG}
            max={MOST_DEG}
            value={degrees}
            aria-label="Break of the road, crest to dip, degrees"
            onChange={(event) => setDegrees(Number(event.target.value))}
          />
        </label>
        <label className="flex items-center gap-3">
          <span className="whitespace-nowrap">It lies here</span>
          <input
            type="range"
            className="range flex-1"
            min={0}
            max={100}
            value={Math.round(share * 100)}
            aria-label="Where the break lies under the rig, front to rear, per cent"
            onChange={(event) => setShare(Number(event.target.value) / 100)}
          />
        </label>
      </div>
      <p
        role="status"
        className="px-4 pb-2 text-[14px] font-semibold"
        style={{ color: touching ? 'var(--fix)' : 'var(--ink)' }}
      >
        {touching ? '■ ' : ''}
        {degrees === 0
          ? `Riding level ${name(worst.point)} is nearest: ${say.length(Math.max(0, worst.gapM))} to ${worst.to}`
          : touching
            ? `Somewhere over it ${name(worst.point)} strikes ${worst.to}`
            : `Nearest anywhere over it: ${name(worst.point)}, ${say.length(worst.gapM)} to ${worst.to}`}
      </p>
    </section>
  );
};
