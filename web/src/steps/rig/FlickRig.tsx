import { evaluate, type Instant, type Rig, rigView, type Trailer, vehicleLengthM } from '@kereta/core';
import { HatchPatterns, type Placement, Shapes, STILL } from '../../drawing/Shapes';

export const FLICK_WIDTH_PX = 740;
export const FLICK_HEIGHT_PX = 150;
const still = (): typeof STILL => STILL;

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
  const { chassis } = evaluate(trailer);
  const trailerM = Math.max(
    Math.max(...rig.axles.map(({ behindBallM }) => behindBallM)) + 1,
    trailer.frame.bed.lengthM - chassis.ballXM,
  );
  const aheadM = vehicleLengthM(trailer) - rig.hitchM;
  const scale = Math.min((FLICK_WIDTH_PX - 60) / (aheadM + rig.hitchM + trailerM), (FLICK_HEIGHT_PX - 40) / 3);
  const middle = FLICK_HEIGHT_PX / 2;
  const place: Placement = { x: (x) => 30 + (aheadM + x) * scale, y: (y) => middle - y * scale, perM: scale };
  return (
    <svg
      viewBox={`0 0 ${FLICK_WIDTH_PX} ${FLICK_HEIGHT_PX}`}
      className="block w-full"
      role="img"
      aria-label={label}
      style={{ fontFamily: 'var(--font-sans)' }}
    >
      <HatchPatterns />
      <path d={`M20 ${middle}H${FLICK_WIDTH_PX - 20}`} stroke="var(--mute)" strokeDasharray="14 3 3 3" />
      {now && (
        <Shapes
          shapes={rigView(trailer, chassis, { ...now, hitchM: rig.hitchM }).shapes}
          place={place}
          stateOf={still}
        />
      )}
    </svg>
  );
};
