import { type Instant, toMetres } from '@kereta/core';
import { useQuery } from '@tanstack/react-query';
import { Pause, Play, StepForward } from 'lucide-react';
import { useEffect, useState } from 'react';
import { useWorkbench } from '../workbench/workbench';
import { FLICK_LASTS_S } from '../workers/strengthTasks';
import { strengthWorker } from '../workers/strengthWorker';
import { useSway } from '../workers/useSway';

const WIDTH_PX = 740;
const HEIGHT_PX = 190;
const PER_SECOND = 60;
/** A vehicle's nose ahead of its front axle, for the eye, m. */
const NOSE_M = 0.85;
/** At angles beyond this the sums no longer hold, rad. */
const BEYOND = 0.6;

const SPEEDS = {
  imperial: { unit: 'mph', values: [30, 40, 50, 60, 70, 80], toMs: 0.44704 },
  metric: { unit: 'km/h', values: [50, 65, 80, 95, 110, 130], toMs: 1 / 3.6 },
} as const;

const reducedMotion = (): boolean =>
  typeof window !== 'undefined' && window.matchMedia?.('(prefers-reduced-motion: reduce)').matches;

/** A flick of the steering wheel at a speed, played as it was worked out once: how a badly loaded trailer fish-tails and a well loaded one settles. */
export const Trainer = () => {
  const { committed, project, caseId, say } = useWorkbench();
  const { sway, current } = useSway(committed);
  const [speedIndex, setSpeedIndex] = useState(3);
  const [frame, setFrame] = useState(0);
  const [playing, setPlaying] = useState(false);
  const { unit, values, toMs } = SPEEDS[project.settings.units];
  const speed = values[speedIndex] ?? values[0];
  const own = sway?.cases.find((candidate) => candidate.caseId === caseId) ?? sway?.cases[0];
  const { data } = useQuery({
    queryKey: ['flick', own?.rig, speed * toMs],
    queryFn: () => (own ? strengthWorker().flick(own.rig, speed * toMs) : []),
    enabled: own !== undefined,
    structuralSharing: false,
  });
  const trail: readonly Instant[] = data ?? [];
  useEffect(() => {
    if (!playing) return undefined;
    let request = 0;
    let last = performance.now();
    const tick = (now: number): void => {
      const passed = ((now - last) / 1000) * PER_SECOND;
      last = now;
      setFrame((old) => {
        const next = old + passed;
        return next >= trail.length - 1 ? 0 : next;
      });
      request = requestAnimationFrame(tick);
    };
    request = requestAnimationFrame(tick);
    return () => cancelAnimationFrame(request);
  }, [playing, trail.length]);
  if (!own) {
    return (
      <p className="narrow mute p-4 text-[13px]">
        {sway
          ? 'Name the vehicle’s weight, wheelbase and ball to see how the rig behaves at speed.'
          : 'Working it out …'}
      </p>
    );
  }
  const index = Math.min(trail.length - 1, Math.floor(frame));
  const now = trail[index];
  const { rig } = own;
  const trailerM = Math.max(...rig.axles.map(({ behindBallM }) => behindBallM)) + 1;
  const bodyEndM = committed.frame.tongue.lengthM + committed.frame.bed.lengthM;
  const scale = Math.min(
    (WIDTH_PX - 60) / (rig.frontM + NOSE_M + rig.hitchM + Math.max(trailerM, bodyEndM)),
    (HEIGHT_PX - 50) / 3.2,
  );
  const x0 = 30 + (rig.frontM + NOSE_M) * scale;
  const middle = HEIGHT_PX / 2;
  const widest = trail.reduce((most, { angleRad }) => Math.max(most, Math.abs(angleRad)), 0);
  const late = trail.slice(-2 * PER_SECOND).reduce((most, { angleRad }) => Math.max(most, Math.abs(angleRad)), 0);
  const early = trail
    .slice(PER_SECOND, 3 * PER_SECOND)
    .reduce((most, { angleRad }) => Math.max(most, Math.abs(angleRad)), 0);
  const verdict =
    widest > BEYOND
      ? 'it swings further than these sums hold'
      : late > early
        ? 'the swing grows'
        : late < 0.1 * early
          ? 'it settles'
          : 'it swings on for long';
  const half = committed.frame.bed.widthM / 2;
  const vehicleHalf = (committed.towVehicle?.widthM ?? toMetres(76, 'in')) / 2;
  return (
    <section aria-label="After a flick of the wheel">
      <h2 className="narrow px-4 pt-2 text-[12.5px] font-bold">
        After a flick of the wheel: {say.caseName(own.caseId)} at {speed} {unit}
        {current ? '' : ' (before the last change)'}
      </h2>
      <svg
        viewBox={`0 0 ${WIDTH_PX} ${HEIGHT_PX}`}
        className="block w-full"
        role="img"
        aria-label={`${say.caseName(own.caseId)} at ${speed} ${unit} after a flick of the wheel: ${verdict}`}
        style={{ fontFamily: 'var(--font-sans)' }}
      >
        <path d={`M20 ${middle}H${WIDTH_PX - 20}`} stroke="var(--mute)" strokeDasharray="14 3 3 3" />
        {now && (
          <g transform={`translate(${x0} ${middle}) rotate(${(-now.headingRad * 180) / Math.PI})`}>
            <rect
              x={-(rig.frontM + NOSE_M) * scale}
              y={-vehicleHalf * scale}
              width={(rig.frontM + NOSE_M + rig.hitchM - (committed.towVehicle?.bumperAheadOfBallM ?? 0)) * scale}
              height={2 * vehicleHalf * scale}
              rx="8"
              fill="none"
              stroke="var(--ink)"
              strokeWidth="1.6"
              strokeDasharray="5 4"
            />
            <g transform={`translate(${rig.hitchM * scale} 0) rotate(${(-now.angleRad * 180) / Math.PI})`}>
              <path d={`M0 0H${committed.frame.tongue.lengthM * scale}`} stroke="var(--ink)" strokeWidth="2.2" />
              <rect
                x={committed.frame.tongue.lengthM * scale}
                y={-half * scale}
                width={committed.frame.bed.lengthM * scale}
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
      <div className="flex flex-wrap items-center gap-2 px-4 pb-3 text-[14px]">
        <button type="button" className="button" aria-pressed={playing} onClick={() => setPlaying(!playing)}>
          {playing ? <Pause size={17} aria-hidden /> : <Play size={17} aria-hidden />} {playing ? 'Pause' : 'Play'}
        </button>
        <button
          type="button"
          className="button"
          onClick={() => {
            setPlaying(false);
            setFrame((old) => Math.min(trail.length - 1, Math.floor(old) + PER_SECOND / 10));
          }}
        >
          <StepForward size={17} aria-hidden /> A tenth on
        </button>
        <label className="flex items-center gap-2">
          at
          <select
            className="select"
            aria-label="Speed"
            value={speedIndex}
            onChange={(event) => setSpeedIndex(Number(event.target.value))}
          >
            {values.map((value, i) => (
              <option key={value} value={i}>
                {value} {unit}
              </option>
            ))}
          </select>
        </label>
        <span role="status" className="font-semibold">
          {(index / PER_SECOND || 0).toFixed(1)} s of {FLICK_LASTS_S}: {verdict}
        </span>
        {reducedMotion() && <span className="mute">Motion is off in this browser: step through it.</span>}
      </div>
      <p className="narrow mute px-4 pb-3 text-[13px]">
        Two rods on single tracks, small angles, even speed, no wind, no hills, no braking. It compares loads; it gives
        no leave to drive at any speed. A trailer that begins to swing is slowed gently, not steered.
      </p>
    </section>
  );
};
