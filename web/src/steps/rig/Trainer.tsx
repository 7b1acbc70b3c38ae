import { AS_IT_IS, changedBy, FLICK_LASTS_S, type Instant, type Rig, type WhatIf } from '@kereta/core';
import { Pause, Play, StepForward } from 'lucide-react';
import { useEffect, useMemo, useState } from 'react';
import { useWorkbench } from '../../bench/workbench';
import { useSway } from '../../jobs/questions';
import { useJob } from '../../jobs/useJob';
import { FlickRig } from './FlickRig';
import { flickVerdict, PER_SECOND } from './flickVerdict';
import { WhatIfSliders } from './WhatIfSliders';
import { t } from '../../fields/language/t';

const SPEEDS = {
  imperial: { unit: 'mph', values: [30, 40, 50, 60, 70, 80], toMs: 0.44704 },
  metric: { unit: 'km/h', values: [50, 65, 80, 95, 110, 130], toMs: 1 / 3.6 },
} as const;

const reducedMotion = (): boolean =>
  typeof window !== 'undefined' && window.matchMedia?.('(prefers-reduced-motion: reduce)').matches;

const NOTHING: readonly Instant[] = [];

/** The trajectory after a flick, worked out once in the worker; the last one while the next is on its way. */
const useFlick = (rig: Rig | undefined, speedMPerS: number): readonly Instant[] =>
  useJob('flick', rig && { rig, speedMPerS }).result ?? NOTHING;

/** Plays frames at the screen's own rate until it is paused; starts over at the end. */
const usePlayer = (frames: number) => {
  const [frame, setFrame] = useState(0);
  const [playing, setPlaying] = useState(false);
  useEffect(() => {
    if (!playing) return undefined;
    let request = 0;
    let last = performance.now();
    const tick = (now: number): void => {
      const passed = ((now - last) / 1000) * PER_SECOND;
      last = now;
      setFrame((old) => (old + passed >= frames - 1 ? 0 : old + passed));
      request = requestAnimationFrame(tick);
    };
    request = requestAnimationFrame(tick);
    return () => cancelAnimationFrame(request);
  }, [playing, frames]);
  return {
    index: Math.min(frames - 1, Math.floor(frame)),
    playing,
    toggle: () => setPlaying(!playing),
    step: () => {
      setPlaying(false);
      setFrame((old) => Math.min(frames - 1, Math.floor(old) + PER_SECOND / 10));
    },
  };
};

/** A flick of the steering wheel at a speed: how a badly loaded trailer fish-tails and a well loaded one settles, and what helps. */
export const Trainer = () => {
  const { committed, trailer, caseId, say } = useWorkbench('committed', 'trailer', 'caseId', 'say');
  const { sway, current, failed } = useSway(committed);
  const [speedIndex, setSpeedIndex] = useState(3);
  const [change, setChange] = useState<WhatIf>(AS_IT_IS);
  const { unit, values, toMs } = SPEEDS[trailer.settings.units];
  const speed = values[speedIndex] ?? values[0];
  const own = sway?.cases.find((candidate) => candidate.caseId === caseId) ?? sway?.cases[0];
  const trying = Object.values(change).some((value) => value !== 0);
  const { result: tried } = useJob(
    'swayWhatIf',
    trying && own ? { trailer: committed, caseId: own.caseId, change } : undefined,
  );
  const changed = useMemo(() => changedBy(committed, change), [committed, change]);
  const trail = useFlick(own?.rig, speed * toMs);
  const triedTrail = useFlick(trying ? tried?.rig : undefined, speed * toMs);
  const player = usePlayer(trail.length);
  if (!own) {
    return (
      <p className="narrow mute p-4 text-[13px]">
        {sway
          ? t('Name the vehicle’s weight, wheelbase and ball to see how the rig behaves at speed.')
          : failed
            ? t('No figure: the damping of sway could not be worked out in reasonable time.')
            : t('Working it out …')}
      </p>
    );
  }
  const verdict = flickVerdict(trail);
  const lost = (speedMPerS: number | undefined): string =>
    speedMPerS === undefined
      ? t('at no speed in these sums')
      : t('at {speedMPerS}', { speedMPerS: say.speed(speedMPerS) });
  const name = say.caseName(own.caseId);
  return (
    <section aria-label={t('After a flick of the wheel')} className="border-b border-base-300">
      <h2 className="narrow px-4 pt-2 text-[12.5px] font-bold">
        {t('After a flick of the wheel: {name} at {speed} {unit}{current}', {
          name,
          speed,
          unit,
          current: current ? '' : ` ${t('(before the last change)')}`,
        })}
      </h2>
      <FlickRig
        trailer={committed}
        rig={own.rig}
        now={trail[player.index]}
        label={t('{name} at {speed} {unit} after a flick of the wheel: {verdict}', { name, speed, unit, verdict })}
      />
      {trying && tried && (
        <>
          <h3 className="narrow px-4 text-[12.5px] font-bold">
            {t('As tried: {triedTrail}', { triedTrail: flickVerdict(triedTrail) })}
          </h3>
          <FlickRig
            trailer={changed}
            rig={tried.rig}
            now={triedTrail[Math.min(player.index, triedTrail.length - 1)]}
            label={t('The same with what is tried: {triedTrail}', { triedTrail: flickVerdict(triedTrail) })}
          />
        </>
      )}
      <div className="flex flex-wrap items-center gap-2 px-4 pb-3 text-[14px]">
        <button type="button" className="button" aria-pressed={player.playing} onClick={player.toggle}>
          {player.playing ? <Pause size={17} aria-hidden /> : <Play size={17} aria-hidden />}{' '}
          {player.playing ? t('Pause') : t('Play')}
        </button>
        <button type="button" className="button" onClick={player.step}>
          <StepForward size={17} aria-hidden /> {t('A tenth on')}
        </button>
        <label className="flex items-center gap-2">
          {t('at')}
          <select
            className="select"
            aria-label={t('Speed')}
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
          {t('{index} s of {flick}: {verdict}', {
            index: (player.index / PER_SECOND || 0).toFixed(1),
            flick: FLICK_LASTS_S,
            verdict,
          })}
        </span>
        {reducedMotion() && <span className="mute">{t('Motion is off in this browser: step through it.')}</span>}
      </div>
      <WhatIfSliders value={change} onChange={setChange} say={say} />
      <p className="narrow px-4 pb-2 text-[13px]">
        {trying && tried ? (
          <>
            {t('As it is, damping is gone {speedMPerS}; as tried {speedMPerS2}, with {tongueShare} on the tongue.', {
              speedMPerS: lost(own.lost.usual?.speedMPerS),
              speedMPerS2: lost(tried.lost.usual?.speedMPerS),
              tongueShare: say.percent(tried.tongueShare),
            })}
            <button type="button" className="min-h-[32px] underline" onClick={() => setChange(AS_IT_IS)}>
              {t('Back to as it is')}
            </button>
          </>
        ) : (
          <span className="mute">{t('Try what helps: the trailer itself stays as it is.')}</span>
        )}
      </p>
      <p className="narrow mute px-4 pb-3 text-[13px]">
        {t(
          'Two rods on single tracks, small angles, even speed, no wind, no hills, no braking. It compares loads; it gives no leave to drive at any speed. A trailer that begins to swing is slowed gently, not steered.',
        )}
      </p>
    </section>
  );
};
