import { drawnRailTopM, facingEdges, formatAngle, frontEdges, toldAt, UNKNOWN_VEHICLE } from '@kereta/core';
import { useState } from 'react';
import { SheetText } from '../../drawing/SheetText';
import { useWidth } from '../../fields/useWidth';
import { useWorkbench } from '../../bench/workbench';

const PAD_PX = 26;
const HEIGHT_PX = 300;

/** Vehicle as an outline and trailer turned against it by a slider: what comes nearest, and how near. */
export const Turning = () => {
  const { trailer, evaluation, say } = useWorkbench('trailer', 'evaluation', 'say');
  const [degrees, setDegrees] = useState(45);
  const [holder, width] = useWidth<HTMLDivElement>(740);
  const { chassis } = evaluation;
  const vehicle = trailer.towVehicle ?? UNKNOWN_VEHICLE;
  const gamma = (degrees * Math.PI) / 180;
  const edges = facingEdges(frontEdges(trailer, chassis), drawnRailTopM(trailer, chassis), vehicle.rearTopM);
  const tight = toldAt(edges, gamma, vehicle.bumperAheadOfBallM, vehicle.widthM / 2);
  const vehicleM = (vehicle.wheelbaseM ?? 2.8) + (vehicle.ballBehindAxleM ?? 1.1) + 0.9;
  const trailerM = trailer.frame.bed.lengthM - chassis.ballXM;
  const scale = Math.min(
    (width - 2 * PAD_PX) / (vehicleM + trailerM),
    (HEIGHT_PX - PAD_PX) / (trailer.frame.bed.widthM + trailerM * Math.sin(Math.min(gamma, 1.2)) + 0.6),
  );
  const ballX = PAD_PX + vehicleM * scale;
  const ballY = PAD_PX + (vehicle.widthM / 2) * scale + 10;
  const rearFace = ballX - vehicle.bumperAheadOfBallM * scale;
  const touching = tight !== undefined && tight.roomM < 0;
  const half = trailer.frame.bed.widthM / 2;
  // Where the front corners go between straight and the furthest turn.
  const sweep = (cornerM: number): string =>
    Array.from({ length: 46 }, (_, i) => {
      const at = (Math.PI * i) / 90;
      const [x, y] = [
        -chassis.ballXM * Math.cos(at) - cornerM * Math.sin(at),
        -chassis.ballXM * Math.sin(at) + cornerM * Math.cos(at),
      ];
      return `${i === 0 ? 'M' : 'L'}${(ballX + x * scale).toFixed(1)} ${(ballY + y * scale).toFixed(1)}`;
    }).join('');
  const place = (behindM: number, sideM: number): string => `${behindM * scale},${-sideM * scale}`;
  return (
    <section aria-label="Turning" className="border-b border-base-300">
      <div ref={holder}>
        <svg
          width={width}
          height={HEIGHT_PX}
          role="img"
          aria-label={`The trailer turned by ${degrees} degrees against the vehicle`}
        >
          <g fill="none" stroke="var(--mute)" strokeWidth="1.4" strokeDasharray="5 4">
            <rect
              x={ballX - vehicleM * scale}
              y={ballY - (vehicle.widthM / 2) * scale}
              width={rearFace - (ballX - vehicleM * scale)}
              height={vehicle.widthM * scale}
              rx="10"
            />
            {vehicle.tailgateReachM > 0 && (
              <path
                d={`M${rearFace} ${ballY - (vehicle.widthM / 2) * scale * 0.85}h${vehicle.tailgateReachM * scale}v${vehicle.widthM * scale * 0.85}h${-vehicle.tailgateReachM * scale}`}
              />
            )}
          </g>
          <g fill="none" stroke="var(--mute)" strokeWidth="0.9" strokeDasharray="2 3">
            <path d={sweep(half)} />
            <path d={sweep(-half)} />
          </g>
          <path d={`M${rearFace} ${ballY}H${ballX}`} stroke="var(--ink)" strokeWidth="3" />
          <g transform={`translate(${ballX} ${ballY}) rotate(${degrees})`}>
            {[...(chassis.tongue?.members ?? []), ...(chassis.tongue?.sideTubes ?? [])].map(({ id, plan }) => (
              <polygon
                key={id}
                points={plan.map(([xM, yM]) => place(xM - chassis.ballXM, yM)).join(' ')}
                fill="var(--steel)"
                stroke="var(--ink)"
                strokeWidth="1.3"
              />
            ))}
            <path
              d={`M0 0L${place((chassis.tongue?.members[0]?.extent.x0M ?? 0) - chassis.ballXM, 0)}`}
              stroke="var(--ink)"
              strokeWidth="3"
            />
            <rect
              x={-chassis.ballXM * scale}
              y={-half * scale}
              width={trailer.frame.bed.lengthM * scale}
              height={2 * half * scale}
              fill="var(--steel)"
              stroke="var(--ink)"
              strokeWidth="2"
            />
            {edges
              .filter(({ what }) => what === 'item')
              .map((edge) => (
                <rect
                  key={edge.id}
                  x={edge.behindBallM * scale}
                  y={-edge.rightM * scale}
                  width={Math.max(4, Math.min(0.4, -chassis.ballXM - edge.behindBallM) * scale)}
                  height={(edge.rightM - edge.leftM) * scale}
                  fill="var(--load)"
                  stroke="var(--ink)"
                  strokeWidth="1.1"
                />
              ))}
          </g>
          <circle cx={ballX} cy={ballY} r="5" fill={touching ? 'var(--fix)' : 'var(--dye)'} />
          <SheetText
            x={14}
            y={16}
            text="Turned, from above; the vehicle is an outline"
            anchor="start"
            size={12.5}
            bold
          />
        </svg>
      </div>
      <label className="flex flex-wrap items-center gap-3 px-4 pb-3 text-[14px]">
        <span className="whitespace-nowrap">Turned by {degrees}°</span>
        <input
          type="range"
          className="range flex-1 max-[800px]:basis-full"
          min={0}
          max={90}
          value={degrees}
          aria-label="Angle between vehicle and trailer"
          onChange={(event) => setDegrees(Number(event.target.value))}
        />
        <span
          role="status"
          className="min-w-[190px] font-semibold"
          style={{ color: touching ? 'var(--fix)' : 'var(--ink)' }}
        >
          {tight === undefined || !Number.isFinite(tight.roomM)
            ? 'nothing is near'
            : touching
              ? `■ ${tight.edge.what === 'bed' ? 'the bed' : say.partName(tight.edge.id)} touches`
              : `${say.length(tight.roomM)} to ${tight.edge.what === 'bed' ? 'the bed' : say.partName(tight.edge.id)}`}
        </span>
      </label>
      <p className="narrow mute px-4 pb-2 text-[13px]">
        Wanted without touching: {formatAngle(trailer.job.turnRad)}. Dotted: the way of the bed’s front corners.
      </p>
    </section>
  );
};
