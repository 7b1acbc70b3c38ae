import { today } from '../fields/newEntry';
import {
  type ProjectRecord,
  type Source,
  sourceText,
  type Speaker,
  type SquaringEntry,
  squaringEntries,
  tapeText,
} from '@kereta/core';
import { nanoid } from 'nanoid';
import { type ReactNode, useState } from 'react';
import type { ProjectStore } from '../bench/projectStore';
import { QuantityField } from '../fields/QuantityField';
import { Sized } from '../fields/Sized';
import { Rounds } from './Rounds';
import { AxleFigure, FrameFigure } from './SquareFigure';
import { Tape } from './Tape';
import { t, voice } from '../fields/language/t';

/** Longer than any diagonal of a trailer, m. */
const MOST_M = 30;

/** What every part of the page works on. */
export interface PartProps {
  readonly record: ProjectRecord;
  readonly projectStore: ProjectStore;
  readonly say: Speaker;
  readonly turned: boolean;
  readonly mayWrite: boolean;
}

export interface Reading {
  /** its letter, in the picture and in the rounds */
  readonly key: string;
  readonly label: string;
  /** smallest that is read, m */
  readonly min?: number;
  /** what is to be read, from which the tape's marks begin, m */
  readonly expectM?: number;
  /** read off a dial in steps of so much, m, not off a tape */
  readonly dialM?: number;
}

/** What readings mean: in words, whether it is good, and how the picture leans. */
export interface Meaning {
  readonly text: string;
  readonly good: boolean;
  readonly leans: number;
}

interface ReadingPartProps extends PartProps {
  readonly name: string;
  readonly of: SquaringEntry['of'];
  readonly axle?: number;
  /** what to do, and what is to be read */
  readonly intro: string;
  readonly readings: readonly Reading[];
  /** undefined: they cannot be of anything */
  readonly judge: (readings: Readonly<Record<string, number>>) => Meaning | undefined;
  readonly impossible: string;
  readonly source: Source;
  readonly figure?: 'frame' | 'axle';
  /** kept with a round besides what was read */
  readonly also?: Readonly<Record<string, number>>;
  /** a round in words, where it is not as a tape reads */
  readonly told?: (readings: Readonly<Record<string, number>>) => string;
  readonly children?: ReactNode;
}

/** Notes a round, or that one was read wrong. */
const bookOf = (projectStore: ProjectStore, of: SquaringEntry['of'], axle: number) => {
  const note = (readings: SquaringEntry['readings'] | null, corrects?: string): void =>
    projectStore.note({
      kind: 'squaring',
      id: `squaring.${nanoid(8)}`,
      date: today(),
      of,
      axle,
      readings,
      ...(corrects === undefined ? {} : { corrects }),
    });
  return {
    round: (readings: SquaringEntry['readings']) => note(readings),
    takeBack: (entry: SquaringEntry) => note(null, entry.id),
  };
};

/** Readings of one thing that is squared: what is typed now or was kept last, what it means, and every round before. */
export const ReadingPart = (props: ReadingPartProps) => {
  const { name, of, axle = 1, intro, readings, judge, impossible, source, figure, also, told, children } = props;
  const { record, projectStore, say, mayWrite, turned } = props;
  const [typed, setTyped] = useState<Readonly<Record<string, number>>>({});
  const [onTape, setOnTape] = useState<string>();
  const book = bookOf(projectStore, of, axle);
  const entries = squaringEntries(record, of, axle);
  const tape = readings.find(({ key }) => key === onTape);
  const whole = readings.every(({ key }) => typed[key] !== undefined);
  const shown = whole ? typed : entries.at(-1)?.readings;
  const meaning = shown && judge(shown);
  const leans = meaning && !meaning.good ? meaning.leans : 0;
  return (
    <section aria-label={name} className="border-t border-[var(--ink)] py-3">
      <h2 className="text-[17px] font-bold">{name}</h2>
      <p className="text-[14.5px]">
        <Sized>{intro}</Sized>
      </p>
      {figure === 'frame' && <FrameFigure leans={leans} turned={turned} />}
      {figure === 'axle' && <AxleFigure leans={leans} turned={turned} />}
      <div className="grid grid-cols-2 gap-3">
        {readings.map(({ key, label, min = 0.1, dialM }) => (
          <div key={key}>
            <QuantityField
              label={label}
              kind={dialM === undefined ? 'length' : 'number'}
              empty={t('to be read')}
              value={typed[key] === undefined ? null : typed[key] / (dialM ?? 1)}
              min={min / (dialM ?? 1)}
              max={MOST_M / (dialM ?? 1)}
              onCommit={(value) => setTyped({ ...typed, [key]: value * (dialM ?? 1) })}
              onClear={() => setTyped(Object.fromEntries(Object.entries(typed).filter(([own]) => own !== key)))}
            />
            {dialM === undefined && (
              <button
                type="button"
                className="button mt-1 min-h-[44px] w-full"
                aria-pressed={onTape === key}
                aria-label={t('{label}, by the tape', { label })}
                onClick={() => setOnTape(onTape === key ? undefined : key)}
              >
                {t('By the tape')}
              </button>
            )}
          </div>
        ))}
        {children}
      </div>
      {tape && (
        <Tape
          name={tape.label}
          units={say.trailer.settings.units}
          value={typed[tape.key] ?? tape.expectM ?? Object.values(typed)[0] ?? 0}
          onChange={(value) => setTyped({ ...typed, [tape.key]: value })}
        />
      )}
      {shown && (
        <p role="status" className="mt-2 text-[17px]">
          {!whole && <span className="mute">{t('Last round:')} </span>}
          {meaning?.good && <b>{t('Good.')} </b>}
          <Sized>{meaning?.text ?? impossible}</Sized>
          {meaning && <span className="mute block text-[13px]">{sourceText(source, voice)}</span>}
        </p>
      )}
      <button
        type="button"
        className="button button-main mt-2 min-h-[48px]"
        disabled={!mayWrite || !whole}
        onClick={() => {
          book.round({ ...typed, ...also });
          setTyped({});
        }}
      >
        {t('Keep this round')}
      </button>
      <Rounds
        entries={entries}
        disabled={!mayWrite}
        told={({ readings: own }) =>
          told?.(own) ?? readings.map(({ key }) => `${key} ${tapeText(own[key] ?? 0, say)}`).join(', ')
        }
        onTakeBack={book.takeBack}
      />
    </section>
  );
};
