import { axleTargets, evaluate, frameTarget, speaker } from '@kereta/core';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { useStore } from 'zustand';
import { SessionNotes, TrailerPage } from '../bench/TrailerPage';
import { useFieldContext } from '../bench/useFieldContext';
import { useSession } from '../bench/useSession';
import { EditingContext } from '../fields/editing';
import type { ReadableTrailer } from '../storage/trailers';
import { AxlePart, FramePart, LevelPart, ParallelPart, TonguePart } from './parts';
import { Torques } from './Torques';

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
  const bed = frameTarget(trailer);
  const editing = useFieldContext(projectStore);
  const part = { record, projectStore, say, turned, mayWrite };
  return (
    <EditingContext value={editing}>
      <div className="mx-auto max-w-[640px] px-4 pb-24">
        <header className="flex items-center justify-between gap-3 py-3">
          <h1 className="wide text-[19px] font-bold">{trailer.name}, squared up</h1>
          <Link className="button" to={`/trailer/${trailer.id}/build`}>
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
        <LevelPart {...part} />
        <FramePart target={bed} {...part} />
        {chassis.tongue && <TonguePart target={bed} {...part} />}
        {axles.map((target) => (
          <AxlePart
            key={target.axle}
            target={target}
            name={axles.length === 1 ? 'Axle' : `Axle ${target.axle}`}
            {...part}
          />
        ))}
        {axles.slice(1).map((target) => (
          <ParallelPart key={target.axle} target={target} {...part} />
        ))}
        <Torques say={say} />
        <p className="narrow mute mt-4 text-[13.5px]">
          Level first: a frame that is twisted has no diagonals worth reading. Weld nothing to springs, spindles or the
          middle of the axle, and block what could fall before you reach under it.
        </p>
      </div>
    </EditingContext>
  );
};

export const SquarePage = () => <TrailerPage>{(id, stored) => <Squaring id={id} stored={stored} />}</TrailerPage>;
