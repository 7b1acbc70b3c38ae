import {
  type BalancedCase,
  type Channel,
  massOfWeightKg,
  READING_NAMES,
  type ScaleLine,
  type Speaker,
} from '@kereta/core';
import { useId, useState } from 'react';
import { useLiveScale } from './useLiveScale';
import { inner, t } from '../fields/language/t';

const LINK_WORDS = {
  off: t('Not connected.'),
  asking: t('Connecting …'),
  on: t('Connected.'),
  lost: t('The connection is lost; what was read last stays. It is tried again.'),
  file: t('Read from a file.'),
} as const;

const ORDER: readonly ScaleLine['channel'][] = ['tongue', 'left', 'right'];

/** Where the stand-in is asked, with what this trailer is thought to put on each pad. */
const addressOf = (trailerId: string, { standing }: BalancedCase, bare: boolean): string | undefined => {
  if (!standing || standing.on !== 'ball') return undefined;
  const sum = (side: 'leftN' | 'rightN'): number =>
    massOfWeightKg(standing.axles.reduce((all, axle) => all + axle[side], 0));
  const loads = { tongue: massOfWeightKg(standing.tongueN), left: sum('leftN'), right: sum('rightN') };
  const query = new URLSearchParams({
    ...Object.fromEntries(Object.entries(loads).map(([name, kg]) => [name, (bare ? 0 : kg).toFixed(2)])),
    seed: trailerId,
  });
  return `/api/scale?${query.toString()}`;
};

interface LiveScalePartProps {
  readonly balanced: BalancedCase | undefined;
  readonly say: Speaker;
  readonly disabled: boolean;
  /** what a channel shows is taken over as a reading */
  readonly onTake: (channel: ScaleLine['channel'], kg: number) => void;
}

const stateText = ({ settled, jumps }: Channel): string =>
  [
    settled ? t('stands still') : t('still moving'),
    jumps > 0 ? t('jumped {jumps}', { jumps: jumps === 1 ? 'once' : t('{jumps} times', { jumps }) }) : '',
  ]
    .filter((part) => part !== '')
    .join(', ');

/** Pads and tongue scale read live, each with big figures; taken over once it stands still. */
export const LiveScalePart = ({ balanced, say, disabled, onTake }: LiveScalePartProps) => {
  const { state, link, connect, disconnect, takeFile } = useLiveScale();
  const [zeros, setZeros] = useState<Readonly<Partial<Record<ScaleLine['channel'], number>>>>({});
  const [bare, setBare] = useState(false);
  const address = balanced && addressOf(say.trailer.id, balanced, bare);
  const fileId = useId();
  const shownKg = (name: ScaleLine['channel'], kg: number): number => kg - (zeros[name] ?? 0);
  const channels = ORDER.flatMap((name) => {
    const channel = state.channels[name];
    return channel ? [{ name, channel }] : [];
  });
  return (
    <section aria-label={t('A scale that is read live')} className="border-t border-[var(--ink)] py-3">
      <h2 className="text-[17px] font-bold">{t('A scale that is read live')}</h2>
      <p role="status" className="text-[14.5px]">
        {LINK_WORDS[link]}
        {state.garbage > 0 &&
          ` ${t('{garbage} {garbage2} no reading and changed nothing.', { garbage: state.garbage, garbage2: state.garbage === 1 ? t('line was') : t('lines were') })}`}
      </p>
      <div className="mt-1 flex flex-wrap gap-2">
        {link === 'off' || link === 'file' ? (
          <button
            type="button"
            className="button"
            disabled={address === undefined}
            onClick={() => address !== undefined && connect(address)}
          >
            {t('Connect the stand-in')}
          </button>
        ) : (
          <button type="button" className="button" onClick={disconnect}>
            {t('Disconnect')}
          </button>
        )}
        <label className="button" htmlFor={fileId}>
          {t('Open a file of readings')}
        </label>
        <input
          id={fileId}
          type="file"
          accept=".jsonl,.txt,.json"
          className="sr-only"
          onChange={(event) => {
            void event.target.files?.[0]?.text().then(takeFile);
            event.target.value = '';
          }}
        />
      </div>
      <label className="mt-1 flex min-h-[44px] items-center gap-2 text-[14.5px]">
        <input
          type="checkbox"
          className="checkbox"
          checked={bare}
          disabled={link === 'on' || link === 'asking'}
          onChange={(event) => setBare(event.target.checked)}
        />
        {t('The stand-in’s scales stand empty: to read their zeros first')}
      </label>
      {channels.map(({ name, channel }) => (
        <div key={name} className="mt-2 flex items-center gap-3 border-t border-base-300 py-2">
          <span className="flex-1">
            <span className="block text-[14.5px]">{t(READING_NAMES[name])}</span>
            <span className="wide text-[26px] font-bold">{say.mass(shownKg(name, channel.kg))}</span>{' '}
            <span className="mute text-[14px]">
              {stateText(channel)}
              {zeros[name] !== undefined && t(', its zero of {zeros} taken off', { zeros: say.mass(zeros[name]) })}
            </span>
          </span>
          <button
            type="button"
            className="button min-h-[48px]"
            disabled={!channel.settled}
            onClick={() => setZeros({ ...zeros, [name]: channel.kg })}
            aria-label={t('{reading}: nothing is on it', { reading: t(READING_NAMES[name]) })}
          >
            {t('Zero')}
          </button>
          <button
            type="button"
            className="button min-h-[48px]"
            disabled={disabled || !channel.settled}
            onClick={() => onTake(name, shownKg(name, channel.kg))}
            aria-label={t('Take {reading}', { reading: inner(t(READING_NAMES[name])) })}
          >
            {t('Take it')}
          </button>
        </div>
      ))}
      <p className="narrow mute mt-1 text-[13px]">
        {t(
          'The stand-in shows invented readings about this trailer’s own figures, to try the page with. A wrong zero is read with nothing on the scale and taken off.',
        )}
      </p>
    </section>
  );
};
