import {
  crestView,
  formatAngle,
  heaviestTowed,
  rampLook,
  rampRigOf,
  reachOf,
  type SidePoint,
  sidePoints,
  trailerPitchRad,
  SIDE_PART_NAMES,
} from '@kereta/core';
import { useMemo, useState } from 'react';
import { HatchPatterns, type Placement, Shapes, STILL } from '../../drawing/Shapes';
import { SheetText } from '../../drawing/SheetText';
import { useWidth } from '../../fields/useWidth';
import { useWorkbench } from '../../bench/workbench';
import { figures, t } from '../../fields/language/t';

/** A narrow screen needs no more height than its scale fills. */
const heightPx = (widthPx: number): number => (widthPx < 500 ? 170 : 250);
const PAD_PX = 24;
const MOST_DEG = 15;
const still = (): typeof STILL => STILL;

const breakText = (degrees: number): string =>
  degrees === 0
    ? t('Level road')
    : degrees > 0
      ? t('Dip of {degrees}°', { degrees })
      : t('Crest of {degrees}°', { degrees: -degrees });

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
        {t('Say how far the ball stands behind the vehicle’s rear axle to see the rig over a crest and through a dip.')}
      </p>
    );
  }
  const vehicle = trailer.towVehicle;
  const height = heightPx(width);
  const noseM = (vehicle?.wheelbaseM ?? 2.7) + 0.85;
  const tailM = trailer.frame.bed.lengthM - chassis.ballXM;
  const breakM = share * (rig.ballBehindAxleM + tailM);
  const pitch = trailerPitchRad(rig, beta, breakM);
  const reach = reachOf(trailer, chassis, true);
  const highM = Math.max(3, (reach.topZM - reach.groundZM) * 1.15);
  const scale = Math.min((width - 2 * PAD_PX) / (noseM + rig.ballBehindAxleM + tailM + 0.3), (height - 92) / highM);
  const x = (metres: number): number => PAD_PX + (noseM + metres) * scale;
  const groundY = height - 62;
  const y = (metres: number): number => groundY - metres * scale;
  const name = (point: SidePoint): string =>
    point.what === 'item' ? say.partName(point.id) : t(SIDE_PART_NAMES[point.what]);
  const worst =
    look.nearest.roomM < look.lowest.clearM
      ? { ...look.nearest, gapM: look.nearest.roomM, to: t('the vehicle') }
      : { ...look.lowest, gapM: look.lowest.clearM, to: t('the road') };
  const touching = worst.gapM < 0;
  const place: Placement = { x, y, perM: scale };
  const view = crestView(trailer, chassis, towed, rig, beta, breakM);
  const what = breakText(degrees);
  return (
    <section aria-label={t('Crest and dip')} className="border-b border-base-300">
      <div ref={holder}>
        <svg
          width={width}
          height={height}
          role="img"
          aria-label={t('{what}: the trailer tips by {pitch} against the vehicle', {
            what,
            pitch: figures(formatAngle(Math.abs(pitch))),
          })}
        >
          <SheetText
            x={14}
            y={16}
            text={t('From the side over a break of the road: {id}', { id: say.caseName(towed.loadCase.id) })}
            anchor="start"
            size={12.5}
            bold
          />
          <HatchPatterns />
          <Shapes shapes={view.shapes} place={place} stateOf={still} />
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
            aria-label={t('Break of the road, crest to dip, degrees')}
            onChange={(event) => setDegrees(Number(event.target.value))}
          />
        </label>
        <label className="flex items-center gap-3">
          <span className="whitespace-nowrap">{t('It lies here')}</span>
          <input
            type="range"
            className="range flex-1"
            min={0}
            max={100}
            value={Math.round(share * 100)}
            aria-label={t('Where the break lies under the rig, front to rear, per cent')}
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
          ? t('Riding level {point} is nearest: {x} to {to}', {
              point: name(worst.point),
              x: say.length(Math.max(0, worst.gapM)),
              to: worst.to,
            })
          : touching
            ? t('Somewhere over it {point} strikes {to}', { point: name(worst.point), to: worst.to })
            : t('Nearest anywhere over it: {point}, {gap} to {to}', {
                point: name(worst.point),
                gap: say.length(worst.gapM),
                to: worst.to,
              })}
      </p>
    </section>
  );
};
