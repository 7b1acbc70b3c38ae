import {
  drawnRailTopM,
  facingEdges,
  formatAngle,
  frontEdges,
  toldAt,
  turnedView,
  UNKNOWN_VEHICLE,
  vehicleLengthM,
} from '@kereta/core';
import { useMemo, useState } from 'react';
import { HatchPatterns, type Placement, Shapes, STILL } from '../../drawing/Shapes';
import { SheetText } from '../../drawing/SheetText';
import { useWidth } from '../../fields/useWidth';
import { useWorkbench } from '../../bench/workbench';
import { figures, t } from '../../fields/language/t';

const PAD_PX = 26;
const HEIGHT_PX = 300;
const still = (): typeof STILL => STILL;

/** Vehicle as an outline and trailer turned against it by a slider: what comes nearest, and how near. */
export const Turning = () => {
  const { trailer, evaluation, say, caseId } = useWorkbench('trailer', 'evaluation', 'say', 'caseId');
  const [degrees, setDegrees] = useState(45);
  const [holder, width] = useWidth<HTMLDivElement>(740);
  const { chassis } = evaluation;
  const vehicle = trailer.towVehicle ?? UNKNOWN_VEHICLE;
  const gamma = (degrees * Math.PI) / 180;
  const edges = facingEdges(frontEdges(trailer, chassis), drawnRailTopM(trailer, chassis), vehicle.rearTopM);
  const tight = toldAt(edges, gamma, vehicle.bumperAheadOfBallM, vehicle.widthM / 2);
  const shown = evaluation.cases.find(({ loadCase }) => loadCase.id === caseId);
  const view = useMemo(() => turnedView(trailer, chassis, shown, gamma), [trailer, chassis, shown, gamma]);
  const vehicleM = vehicleLengthM(trailer);
  const trailerM = trailer.frame.bed.lengthM - chassis.ballXM;
  const scale = Math.min(
    (width - 2 * PAD_PX) / (vehicleM + trailerM),
    (HEIGHT_PX - PAD_PX) / (trailer.frame.bed.widthM + trailerM * Math.sin(Math.min(gamma, 1.2)) + 0.6),
  );
  const ballX = PAD_PX + vehicleM * scale;
  const ballY = PAD_PX + (vehicle.widthM / 2) * scale + 10;
  const place = useMemo(
    (): Placement => ({ x: (x) => ballX + x * scale, y: (y) => ballY - y * scale, perM: scale }),
    [ballX, ballY, scale],
  );
  const touching = tight !== undefined && tight.roomM < 0;
  return (
    <section aria-label={t('Turning')} className="border-b border-base-300">
      <div ref={holder}>
        <svg
          width={width}
          height={HEIGHT_PX}
          role="img"
          aria-label={t('The trailer turned by {degrees} degrees against the vehicle', { degrees })}
        >
          <HatchPatterns />
          <Shapes shapes={view.shapes} place={place} stateOf={still} />
          <circle cx={ballX} cy={ballY} r="5" fill={touching ? 'var(--fix)' : 'var(--dye)'} />
          <SheetText
            x={14}
            y={16}
            text={t('Turned, from above; the vehicle is an outline')}
            anchor="start"
            size={12.5}
            bold
          />
        </svg>
      </div>
      <label className="flex flex-wrap items-center gap-3 px-4 pb-3 text-[14px]">
        <span className="whitespace-nowrap">{t('Turned by {degrees}°', { degrees })}</span>
        <input
          type="range"
          className="range flex-1 max-[800px]:basis-full"
          min={0}
          max={90}
          value={degrees}
          aria-label={t('Angle between vehicle and trailer')}
          onChange={(event) => setDegrees(Number(event.target.value))}
        />
        <span
          role="status"
          className="min-w-[190px] font-semibold"
          style={{ color: touching ? 'var(--fix)' : 'var(--ink)' }}
        >
          {tight === undefined || !Number.isFinite(tight.roomM)
            ? t('nothing is near')
            : touching
              ? t('■ {what} touches', { what: tight.edge.what === 'bed' ? t('the bed') : say.partName(tight.edge.id) })
              : t('{room} to {what}', {
                  room: say.length(tight.roomM),
                  what: tight.edge.what === 'bed' ? t('the bed') : say.partName(tight.edge.id),
                })}
        </span>
      </label>
      <p className="narrow mute px-4 pb-2 text-[13px]">
        {t('Wanted without touching: {turn}. Dotted: the way of the bed’s front corners.', {
          turn: figures(formatAngle(trailer.job.turnRad)),
        })}
      </p>
    </section>
  );
};
