import { SheetText } from './SheetText';
import { t } from '../fields/language/t';

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
      text={t('doubt × {larger}', { larger: LARGER })}
      anchor="start"
      size={12}
      color="var(--mute)"
      cleared
    />
  </g>
);
