import {
  axleTargets,
  evaluate,
  frameTarget,
  GATE_SOURCE,
  gateTargets,
  HANGERS_SOURCE,
  hangerTarget,
  pieceName,
  speaker,
} from '@kereta/core';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { useStore } from 'zustand';
import { SessionNotes, TrailerPage } from '../bench/TrailerPage';
import { useFieldContext } from '../bench/useFieldContext';
import { useSession } from '../bench/useSession';
import { EditingContext } from '../fields/editing';
import type { ReadableTrailer } from '../storage/trailers';
import {
  CamberPart,
  FrontCornersPart,
  HitchedPart,
  RectanglePart,
  RunOutPart,
  ShacklePart,
  ToePart,
} from './moreParts';
import { AxlePart, FramePart, LevelPart, ParallelPart, TonguePart } from './parts';
import { Torques } from './Torques';
import { t, voice } from '../fields/language/t';

/** Frame and axles squared with a tape, on the phone: what was read, what it means, which side goes where. */
const Squaring = ({ id, stored }: { readonly id: string; readonly stored: ReadableTrailer }) => {
  const session = useSession(id, stored);
  const { projectStore } = session;
  const mayWrite = useStore(projectStore.store, (state) => state.mayWrite);
  const trailer = useStore(projectStore.store, projectStore.trailerNow);
  const record = useStore(projectStore.store, (state) => state.record);
  const say = useMemo(() => speaker(trailer, voice), [trailer]);
  const evaluation = useMemo(() => evaluate(trailer), [trailer]);
  const { chassis } = evaluation;
  const hangers = hangerTarget(trailer, chassis, evaluation.hangers);
  const { suspension } = trailer.runningGear;
  const shackled = suspension.kind === 'leaf' && suspension.spring.kind === 'double-eye';
  const [turned, setTurned] = useState(false);
  const axles = axleTargets(trailer, chassis);
  const bed = frameTarget(trailer);
  const editing = useFieldContext(projectStore);
  const part = { record, projectStore, say, turned, mayWrite };
  return (
    <EditingContext value={editing}>
      <div className="mx-auto max-w-[640px] px-4 pb-24">
        <header className="flex items-center justify-between gap-3 py-3">
          <h1 className="wide text-[19px] font-bold">{t('{name}, squared up', { name: trailer.name })}</h1>
          <Link className="button" to={`/trailer/${trailer.id}/build`}>
            {t('Back')}
          </Link>
        </header>
        <SessionNotes
          session={session}
          onlyLooked={t('readings can be looked at here, not kept')}
          unsaved={t('what was read')}
        />
        <label className="flex min-h-[48px] items-center gap-2 text-[15px]">
          <input
            type="checkbox"
            className="checkbox"
            checked={turned}
            onChange={(event) => setTurned(event.target.checked)}
          />
          {t('It lies upside down: left and right are the trailer’s own, as it will be towed')}
        </label>
        <LevelPart {...part} />
        <FramePart target={bed} {...part} />
        {chassis.tongue && <TonguePart target={bed} {...part} />}
        {chassis.tongue && <FrontCornersPart target={bed} {...part} />}
        {hangers && (
          <RectanglePart
            target={hangers}
            name={t('Hangers')}
            of="hangers"
            intro={t(
              'A straight rod through both front bolts and one through the rear ones: from the left front bolt to the right rear one, and the other way, at the middles of the springs.',
            )}
            source={HANGERS_SOURCE}
            {...part}
          />
        )}
        {axles.map((target) => (
          <AxlePart
            key={target.axle}
            target={target}
            name={axles.length === 1 ? t('Axle') : t('Axle {axle}', { axle: target.axle })}
            {...part}
          />
        ))}
        {axles.slice(1).map((target) => (
          <ParallelPart key={target.axle} target={target} {...part} />
        ))}
        {axles.map(({ axle }) => (
          <ToePart
            key={axle}
            axle={axle}
            name={axles.length === 1 ? t('Axle') : t('Axle {axle}', { axle })}
            {...part}
          />
        ))}
        {axles.map(({ axle }) => (
          <CamberPart
            key={axle}
            axle={axle}
            name={axles.length === 1 ? t('Axle') : t('Axle {axle}', { axle })}
            {...part}
          />
        ))}
        {trailer.runningGear.axle.homeBuilt && <RunOutPart {...part} />}
        {axles.length > 0 && shackled && (
          <ShacklePart shackleM={trailer.runningGear.suspension.spring.shackleM} {...part} />
        )}
        {gateTargets(trailer).map(({ id: gateId, target }, i) => (
          <RectanglePart
            key={gateId}
            target={target}
            name={pieceName(say, gateId)}
            of="gate"
            axle={i + 1}
            intro={t('The gate’s frame, flat, over its outer corners.')}
            source={GATE_SOURCE}
            {...part}
          />
        ))}
        {chassis.tongue && axles.length > 0 && <HitchedPart lengthM={bed.lengthM} {...part} />}
        <Torques say={say} />
        <p className="narrow mute mt-4 text-[13.5px]">
          {t(
            'Level first: a frame that is twisted has no diagonals worth reading. Weld nothing to springs, spindles or the middle of the axle, and block what could fall before you reach under it.',
          )}
        </p>
      </div>
    </EditingContext>
  );
};

export const SquarePage = () => <TrailerPage>{(id, stored) => <Squaring id={id} stored={stored} />}</TrailerPage>;
