import type { Instant, Trailer, Rig } from '@kereta/core';

export const FLICK_WIDTH_PX = 740;
export const FLICK_HEIGHT_PX = 150;
/** A vehicle's nose ahead of its front axle, for the eye, m. */
const NOSE_M = 0.85;

/** Vehicle and trailer from above at one instant of a flick. */
export const FlickRig = ({
  trailer,
  rig,
  now,
  label,
}: {
  readonly trailer: Trailer;
  readonly rig: Rig;
  readonly now: Instant | undefined;
  readonly label: string;
}) => {
  const tongueM = trailer.frame.tongue.lengthM;
  const lengthM = trailer.frame.bed.lengthM;
  const trailerM = Math.max(...rig.axles.map(({ behindBallM }) => behindBallM)) + 1;
  const scale = Math.min(
    (FLICK_WIDTH_PX - 60) / (rig.frontM + NOSE_M + rig.hitchM + Math.max(trailerM, tongueM + lengthM)),
    (FLICK_HEIGHT_PX - 40) / 3,
  );
  const x0 = 30 + (rig.frontM + NOSE_M) * scale;
  const middle = FLICK_HEIGHT_PX / 2;
  const half = trailer.frame.bed.widthM / 2;
  const vehicleHalf = (trailer.towVehicle?.widthM ?? 1.93) / 2;
  const turned = (rad: number): number => (-rad * 180) / Math.PI;
  return (
    <svg
      viewBox={`0 0 ${FLICK_WIDTH_PX} ${FLICK_HEIGHT_PX}`}
      className="block w-full"
      role="img"
      aria-label={label}
      style={{ fontFamily: 'var(--font-sans)' }}
    >
      <path d={`M20 ${middle}H${FLICK_WIDTH_PX - 20}`} stroke="var(--mute)" strokeDasharray="14 3 3 3" />
      {now && (
        <g transform={`translate(${x0} ${middle}) rotate(${turned(now.headingRad)})`}>
          <rect
            x={-(rig.frontM + NOSE_M) * scale}
            y={-vehicleHalf * scale}
            width={(rig.frontM + NOSE_M + rig.hitchM - (trailer.towVehicle?.bumperAheadOfBallM ?? 0)) * scale}
            height={2 * vehicleHalf * scale}
            rx="8"
            fill="none"
            stroke="var(--ink)"
            strokeWidth="1.6"
            strokeDasharray="5 4"
          />
          <g transform={`translate(${rig.hitchM * scale} 0) rotate(${turned(now.angleRad)})`}>
            <path d={`M0 0H${tongueM * scale}`} stroke="var(--ink)" strokeWidth="2.2" />
            <rect
              x={tongueM * scale}
              y={-half * scale}
              width={lengthM * scale}
              height={2 * half * scale}
              fill="var(--steel)"
              stroke="var(--ink)"
              strokeWidth="2"
            />
            {rig.axles.map(({ behindBallM }) => (
              <path
                key={behindBallM}
                d={`M${behindBallM * scale} ${-(half + 0.15) * scale}v${2 * (half + 0.15) * scale}`}
                stroke="var(--ink)"
                strokeWidth="3"
              />
            ))}
          </g>
        </g>
      )}
    </svg>
  );
};
