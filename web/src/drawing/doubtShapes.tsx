import type { RunningGear } from '@kereta/core';
import type { DrawingScale } from './drawingScale';
import { SheetText } from './SheetText';

/** Standard deviations that nine of ten tries lie within. */
export const NINE_IN_TEN = 1.645;

/** So small a thing as a guess's doubt is drawn ten times as large, and says so. */
const LARGER = 10;

/** Where the balance point lies in nine tries of ten. */
export const DoubtEllipse = ({
  x,
  y,
  rx,
  ry,
}: {
  readonly x: number;
  readonly y: number;
  readonly rx: number;
  readonly ry: number;
}) => (
  <g pointerEvents="none">
    <ellipse
      cx={x}
      cy={y}
      rx={Math.max(LARGER * rx, 2)}
      ry={Math.max(LARGER * ry, 2)}
      fill="var(--dye-soft)"
      fillOpacity="0.55"
      stroke="var(--ink)"
      strokeWidth="1"
      strokeDasharray="4 3"
    />
    <SheetText
      x={x + LARGER * rx + 4}
      y={y}
      text={`doubt × ${LARGER}`}
      anchor="start"
      size={12}
      color="var(--mute)"
      cleared
    />
  </g>
);

/** The tire where a hard bump puts it, against the frame as it stands. */
export const BumpWheel = ({
  scale,
  xM,
  gear,
  topZM,
  named,
}: {
  readonly scale: DrawingScale;
  readonly xM: number;
  readonly gear: RunningGear;
  /** underside of the rails */
  readonly topZM: number;
  /** says what it is; one of several does */
  readonly named: boolean;
}) => {
  const { tire, suspension } = gear;
  const radius = (tire.diameterM / 2) * scale.pxPerM;
  const hubY = scale.groundY - (tire.loadedRadiusM + suspension.bumpTravelM) * scale.pxPerM;
  if (suspension.bumpTravelM <= 0) return null;
  return (
    <g pointerEvents="none">
      <circle
        cx={scale.x(xM)}
        cy={hubY}
        r={radius}
        fill="none"
        stroke="var(--mute)"
        strokeWidth="1"
        strokeDasharray="4 3"
      />
      {named && scale.width >= 600 && (
        <SheetText
          x={scale.x(xM) + radius * 0.72 + 4}
          y={Math.min(hubY - radius * 0.72, scale.sideY(topZM) + 12)}
          text="in a bump"
          anchor="start"
          size={12}
          color="var(--mute)"
          cleared
        />
      )}
    </g>
  );
};
