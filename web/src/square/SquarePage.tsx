import {
  AXLE_SQUARE_SOURCE,
  axleSquareText,
  type AxleTarget,
  axleTargets,
  evaluate,
  FRAME_SQUARE_SOURCE,
  type FrameTarget,
  frameSquareText,
  frameTarget,
  judgeAxle,
  judgeFrame,
  type Movable,
  type ProjectRecord,
  type Source,
  sourceText,
  speaker,
  type Speaker,
  type SquaringEntry,
  squaringEntries,
  tapeText,
} from '@kereta/core';
import { nanoid } from 'nanoid';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { useStore } from 'zustand';
import type { ProjectStore } from '../bench/projectStore';
import { SessionNotes, TrailerPage } from '../bench/TrailerPage';
import { useSession } from '../bench/useSession';
import { EditingContext } from '../fields/editing';
import { QuantityField } from '../fields/QuantityField';
import { Sized } from '../fields/Sized';
import type { ReadableTrailer } from '../storage/trailers';
import { Rounds } from './Rounds';
import { AxleFigure, FrameFigure } from './SquareFigure';

/** Longer than any diagonal of a trailer, m. */
const MOST_M = 30;

interface PartProps {
  readonly record: ProjectRecord;
  readonly projectStore: ProjectStore;
  readonly say: Speaker;
  readonly turned: boolean;
  readonly mayWrite: boolean;
}

const today = (): string => new Date().toISOString().slice(0, 10);

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

const Told = ({ text, good, source }: { readonly text: string; readonly good: boolean; readonly source: Source }) => (
  <p role="status" className="mt-2 text-[17px]">
    <b>{good ? 'Good. ' : ''}</b>
    <Sized>{text}</Sized>
    <span className="mute block text-[13px]">{sourceText(source)}</span>
  </p>
);

const FramePart = ({
  target,
  record,
  projectStore,
  say,
  turned,
  mayWrite,
}: PartProps & { readonly target: FrameTarget }) => {
  const [a, setA] = useState<number | null>(null);
  const [b, setB] = useState<number | null>(null);
  const book = bookOf(projectStore, 'frame', 1);
  const entries = squaringEntries(record, 'frame');
  const last = entries.at(-1)?.readings;
  const readings =
    a !== null && b !== null
      ? { frontLeftToRearRightM: a, frontRightToRearLeftM: b }
      : last && { frontLeftToRearRightM: last['A'] ?? Number.NaN, frontRightToRearLeftM: last['B'] ?? Number.NaN };
  const judged = readings && judgeFrame(target, readings);
  return (
    <section aria-label="Frame" className="border-t border-[var(--ink)] py-3">
      <h2 className="text-[17px] font-bold">Frame</h2>
      <p className="text-[14.5px]">
        <Sized>{`${tapeText(target.lengthM, say)} by ${tapeText(target.widthM, say)}, over the same faces or two scribed points: both diagonals are to read ${tapeText(target.diagonalM, say)}.`}</Sized>
      </p>
      <FrameFigure leans={judged?.verdict === 'off' ? judged.differenceM : 0} turned={turned} />
      <div className="grid grid-cols-2 gap-3">
        <QuantityField
          label="A, left front to right rear"
          kind="length"
          value={a}
          min={0.1}
          max={MOST_M}
          onCommit={setA}
          onClear={() => setA(null)}
        />
        <QuantityField
          label="B, right front to left rear"
          kind="length"
          value={b}
          min={0.1}
          max={MOST_M}
          onCommit={setB}
          onClear={() => setB(null)}
        />
      </div>
      {judged && (
        <Told
          text={frameSquareText(judged, target, say)}
          good={judged.verdict === 'good'}
          source={FRAME_SQUARE_SOURCE}
        />
      )}
      {readings && !judged && (
        <p role="status" className="mt-2 text-[17px]">
          No frame of these sides has these diagonals. Measure again.
        </p>
      )}
      <button
        type="button"
        className="button button-main mt-2 min-h-[48px]"
        disabled={!mayWrite || a === null || b === null}
        onClick={() => {
          if (a === null || b === null) return;
          book.round({ A: a, B: b });
          setA(null);
          setB(null);
        }}
      >
        Keep this round
      </button>
      <Rounds
        entries={entries}
        disabled={!mayWrite}
        told={({ readings: own }) => `A ${tapeText(own['A'] ?? 0, say)}, B ${tapeText(own['B'] ?? 0, say)}`}
        onTakeBack={book.takeBack}
      />
    </section>
  );
};

const MOVABLE: readonly (readonly [Movable, string])[] = [
  ['both', 'both are loose'],
  ['right', 'the left ones are tacked'],
  ['left', 'the right ones are tacked'],
];

const AxlePart = ({
  target,
  only,
  record,
  projectStore,
  say,
  turned,
  mayWrite,
}: PartProps & { readonly target: AxleTarget; readonly only: boolean }) => {
  const [left, setLeft] = useState<number | null>(null);
  const [right, setRight] = useState<number | null>(null);
  const [hooks, setHooks] = useState<number | null>(null);
  const [movable, setMovable] = useState<Movable>('both');
  const book = bookOf(projectStore, 'axle', target.axle);
  const entries = squaringEntries(record, 'axle', target.axle);
  const last = entries.at(-1)?.readings;
  const hooksApartM = hooks ?? last?.['hooks'] ?? target.hooksApartM;
  const readings =
    left !== null && right !== null
      ? { leftM: left, rightM: right }
      : last && { leftM: last['L'] ?? Number.NaN, rightM: last['R'] ?? Number.NaN };
  const judged = readings && judgeAxle({ ...target, hooksApartM }, readings, movable);
  const name = only ? 'Axle' : `Axle ${target.axle}`;
  return (
    <section aria-label={name} className="border-t border-[var(--ink)] py-3">
      <h2 className="text-[17px] font-bold">{name}</h2>
      <p className="text-[14.5px]">
        Hook the tape at the same place of both hubs, draw it to the middle of the ball with the same pull.
      </p>
      <AxleFigure leans={judged && judged.verdict !== 'good' ? judged.differenceM : 0} turned={turned} />
      <div className="grid grid-cols-2 gap-3">
        <QuantityField
          label={`${name}, L to the left end`}
          kind="length"
          value={left}
          min={0.1}
          max={MOST_M}
          onCommit={setLeft}
          onClear={() => setLeft(null)}
        />
        <QuantityField
          label={`${name}, R to the right end`}
          kind="length"
          value={right}
          min={0.1}
          max={MOST_M}
          onCommit={setRight}
          onClear={() => setRight(null)}
        />
        <QuantityField
          label={`${name}, between both hooks`}
          kind="length"
          value={hooksApartM}
          min={0.1}
          max={5}
          onCommit={setHooks}
        />
        <label className="block text-[14px]">
          Hangers
          <select
            className="field-box w-full"
            value={movable}
            aria-label={`${name}, which hangers are loose`}
            onChange={(event) => setMovable(MOVABLE.find(([id]) => id === event.target.value)?.[0] ?? 'both')}
          >
            {MOVABLE.map(([id, title]) => (
              <option key={id} value={id}>
                {title}
              </option>
            ))}
          </select>
        </label>
      </div>
      {judged && (
        <Told text={axleSquareText(judged, say)} good={judged.verdict === 'good'} source={AXLE_SQUARE_SOURCE} />
      )}
      {readings && !judged && (
        <p role="status" className="mt-2 text-[17px]">
          No axle that long is that far from the ball at both ends. Measure again.
        </p>
      )}
      <button
        type="button"
        className="button button-main mt-2 min-h-[48px]"
        disabled={!mayWrite || left === null || right === null}
        onClick={() => {
          if (left === null || right === null) return;
          book.round({ L: left, R: right, hooks: hooksApartM });
          setLeft(null);
          setRight(null);
        }}
      >
        Keep this round
      </button>
      <Rounds
        entries={entries}
        disabled={!mayWrite}
        told={({ readings: own }) => `L ${tapeText(own['L'] ?? 0, say)}, R ${tapeText(own['R'] ?? 0, say)}`}
        onTakeBack={book.takeBack}
      />
    </section>
  );
};

/** Frame and axles squared with a tape, on the phone: what was read, what it means, which side goes where. */
const Squaring = ({ id, stored }: { readonly id: string; readonly stored: ReadableTrailer }) => {
  const session = useSession(id, stored);
  const { projectStore } = session;
  const mayWrite = useStore(projectStore.store, (state) => state.mayWrite);
  const trailer = useStore(projectStore.store, projectStore.trailerNow);
  const record = useStore(projectStore.store, (state) => state.record);
  const say = useMemo(() => speaker(trailer), [trailer]);
  const { chassis } = useMemo(() => evaluate(trailer), [trailer]);
  const [turned, setTurned] = useState(false);
  const axles = axleTargets(trailer, chassis);
  const editing = useMemo(
    () => ({
      units: trailer.settings.units,
      fraction: trailer.settings.fraction,
      readOnly: !mayWrite,
      trailer,
      edit: projectStore.edit,
    }),
    [trailer, mayWrite, projectStore],
  );
  const part = { record, projectStore, say, turned, mayWrite };
  return (
    <EditingContext value={editing}>
      <div className="mx-auto max-w-[640px] px-4 pb-24">
        <header className="flex items-center justify-between gap-3 py-3">
          <h1 className="wide text-[19px] font-bold">{trailer.name}, squared up</h1>
          <Link className="button" to={`/trailer/${trailer.id}/cut`}>
            Back
          </Link>
        </header>
        <SessionNotes session={session} onlyLooked="readings can be looked at here, not kept" unsaved="what was read" />
        <label className="flex min-h-[48px] items-center gap-2 text-[15px]">
          <input
            type="checkbox"
            className="checkbox"
            checked={turned}
            onChange={(event) => setTurned(event.target.checked)}
          />
          It lies upside down: left and right are the trailer’s own, as it will be towed
        </label>
        <FramePart target={frameTarget(trailer)} {...part} />
        {axles.map((target) => (
          <AxlePart key={target.axle} target={target} only={axles.length === 1} {...part} />
        ))}
        <p className="narrow mute mt-4 text-[13.5px]">
          Level first: a frame that is twisted has no diagonals worth reading. Weld nothing to springs, spindles or the
          middle of the axle, and block what could fall before you reach under it.
        </p>
      </div>
    </EditingContext>
  );
};

export const SquarePage = () => <TrailerPage>{(id, stored) => <Squaring id={id} stored={stored} />}</TrailerPage>;
