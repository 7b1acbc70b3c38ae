import { useWorkbench } from '../workbench';
import { useJob } from '../../jobs/useJob';
import type { DrawingScale } from '../../drawing/drawingScale';
import { SheetText } from '../../drawing/SheetText';
import { runKeyOf, useGoverningRun } from './useWork';
import { t } from '../../fields/language/t';

/** The largest movement is drawn this large, px. */
const DRAWN_PX = 26;

/** Rails and tongue as they bend in the run that governs, drawn many times larger than life over the side view. */
export const BentShape = ({ scale }: { readonly scale: DrawingScale }) => {
  const { strength, say } = useWorkbench('strength', 'say');
  const run = useGoverningRun();
  const { of } = strength;
  const { result: data } = useJob('bent', of && run ? { trailer: of, run: runKeyOf(run) } : undefined, {
    dependsOn: [of, ...(run ? Object.values(runKeyOf(run)) : [])],
    keepsOld: false,
  });
  const bars = (data ?? []).filter(({ memberId }) => /^(rail|tongue)/.test(memberId));
  const most = bars.reduce(
    (all, { points }) => points.reduce((m, { moved }) => Math.max(m, Math.abs(moved[2])), all),
    0,
  );
  if (most === 0) return null;
  const larger = DRAWN_PX / (most * scale.pxPerM);
  return (
    <g pointerEvents="none">
      {bars.map(({ memberId, points }) => (
        <path
          key={memberId}
          d={`M${points
            .map(
              ({ at, moved }) => `${scale.x(at[0]).toFixed(1)} ${scale.side.y(at[2] + moved[2] * larger).toFixed(1)}`,
            )
            .join('L')}`}
          fill="none"
          stroke="var(--fix)"
          strokeWidth="2"
          strokeDasharray="6 3"
        />
      ))}
      <SheetText
        x={scale.width - 14}
        y={18}
        anchor="end"
        size={12}
        color="var(--fix)"
        text={t('bends {most} at most; drawn {x} times larger', {
          most: say.length(most),
          x: Math.max(1, Math.round(larger)),
        })}
      />
    </g>
  );
};
