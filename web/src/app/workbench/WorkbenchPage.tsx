import { STEP_IDS, type StepId } from '@kereta/core';
import { memo, type ReactNode, useCallback, useEffect, useState } from 'react';
import { Navigate, useNavigate, useParams } from 'react-router';
import { useStore } from 'zustand';
import type { ProjectStore } from '../../bench/projectStore';
import { TrailerRoute } from '../../bench/TrailerRoute';
import { useFieldContext } from '../../bench/useFieldContext';
import { useRunningBench } from '../../bench/useRunningBench';
import { useSession } from '../../bench/useSession';
import { type Bench, BenchContext, PaceContext, useWorkbench } from '../../bench/workbench';
import { Contained } from '../../fields/Contained';
import { EditingContext } from '../../fields/editing';
import { KeepingNote } from '../../fields/KeepingNote';
import { FirstNote } from '../../shed/FirstNote';
import { groupFieldOf, stepOfPart } from '../../steps/steps';
import type { ReadableTrailer } from '../../storage/trailers';
import { PageKeys } from '../palette/PageKeys';
import { MainView } from './MainView';
import { Panel } from './Panel';
import { SaveNote } from './SaveNote';
import { StepsRail } from './StepsRail';
import { TopBar } from './TopBar';
import { t } from '../../fields/language/t';

const ReadOnlyNote = ({ takeOver }: { readonly takeOver: () => void }) => (
  <div className="flex items-center justify-between gap-3 border-b border-base-300 bg-base-200 px-4 py-1" role="status">
    <span>{t('This trailer is open in another tab, which writes it. Here it can only be read.')}</span>
    <button type="button" className="button" onClick={takeOver}>
      {t('Take over here')}
    </button>
  </div>
);

/** A step's fields are there once it has been drawn; longer than that nothing is waited for. */
const FRAMES_WAITED = 40;
const focusWhenThere = (selector: string, frames: number): void => {
  const field = document.querySelector<HTMLElement>(selector);
  // In a group that is folded nothing takes the focus.
  field?.closest('details')?.setAttribute('open', '');
  field?.focus();
  // Behind a dialog that is closing nothing takes the focus yet.
  if (frames > 0 && (!field || document.activeElement !== field))
    requestAnimationFrame(() => focusWhenThere(selector, frames - 1));
};

/** Goes to the fields of a part, whatever step they stand in. */
const useOpenFields = (bench: Bench, goTo: (step: StepId) => void): ((partId: string) => void) =>
  useCallback(
    (partId) => {
      const { items } = bench.live.getState().committed;
      goTo(
        stepOfPart(
          partId,
          items.some(({ id }) => id === partId),
        ),
      );
      focusWhenThere(
        `[data-part-field="${CSS.escape(partId)}"], [data-part-field="${groupFieldOf(partId)}"]`,
        FRAMES_WAITED,
      );
    },
    [bench, goTo],
  );

const useUndoKeys = (projectStore: ProjectStore): void =>
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      const typing =
        event.target instanceof HTMLElement && ['INPUT', 'TEXTAREA', 'SELECT'].includes(event.target.tagName);
      if (typing || !(event.ctrlKey || event.metaKey) || event.altKey) return;
      const key = event.key.toLowerCase();
      if (key === 'z' && !event.shiftKey) projectStore.undo();
      else if (key === 'y' || (key === 'z' && event.shiftKey)) projectStore.redo();
      else return;
      event.preventDefault();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [projectStore]);

/** Rail and panel stand at the pace of what is worked out; they are drawn apart, so that a frame of a drag does not wait for them. */
const Followed = ({ children }: { readonly children: ReactNode }) => (
  <PaceContext value="followed">{children}</PaceContext>
);

const OpenPanel = memo(({ openFields }: { readonly openFields: (partId: string) => void }) => {
  const { step, trailer } = useWorkbench('step', 'trailer');
  return (
    <Contained name={t('This panel')} of={[trailer, step]}>
      <Panel key={step} openFields={openFields} />
    </Contained>
  );
});
const Rail = memo(StepsRail);

const OpenTrailer = ({
  id,
  stored,
  step,
}: {
  readonly id: string;
  readonly stored: ReadableTrailer;
  readonly step: StepId;
}) => {
  const session = useSession(id, stored);
  const { projectStore, refused } = session;
  const navigate = useNavigate();
  const goTo = useCallback((next: StepId) => void navigate(`/trailer/${id}/${next}`), [navigate, id]);
  const bench = useRunningBench(projectStore, step, goTo);
  const openFields = useOpenFields(bench, goTo);
  const editing = useFieldContext(projectStore);
  const [spaceLost, setSpaceLost] = useState(false);
  const leaveSpace = useCallback(() => {
    bench.choose({ view3d: false });
    setSpaceLost(true);
  }, [bench]);
  useUndoKeys(projectStore);
  const failure = useStore(bench.followed, (state) => state.failure);
  if (failure !== undefined) throw failure as Error;
  useEffect(() => {
    document.title = `${editing.trailer.name} · Kereta`;
  }, [editing.trailer.name]);
  return (
    <BenchContext value={bench}>
      <EditingContext value={editing}>
        <PageKeys openFields={openFields} />
        <div className="flex h-full flex-col max-[800px]:h-auto">
          <TopBar saveState={session.saveState} refused={refused} />
          {refused && <ReadOnlyNote takeOver={session.takeOver} />}
          <KeepingNote />
          <SaveNote session={session} />
          <FirstNote />
          {spaceLost && (
            <p className="border-b border-base-300 bg-base-200 px-4 py-1" role="status">
              {t(
                'This browser cannot draw in space just now (WebGL is not there). The flat drawing shows the same figures.',
              )}
            </p>
          )}
          <div className="flex min-h-0 flex-1 max-[800px]:flex-col">
            <Followed>
              <Rail />
            </Followed>
            <MainView openFields={openFields} leaveSpace={leaveSpace} />
            <div className="side-panel flex min-h-0 w-[332px] shrink-0 flex-col max-[800px]:w-full min-[1400px]:w-[400px] *:flex-1">
              <Followed>
                <OpenPanel openFields={openFields} />
              </Followed>
            </div>
          </div>
        </div>
      </EditingContext>
    </BenchContext>
  );
};

const isStep = (text: string | undefined): text is StepId =>
  (STEP_IDS as readonly (string | undefined)[]).includes(text);

export const WorkbenchPage = () => {
  const { projectId = '', step } = useParams();
  if (!isStep(step)) return <Navigate to={`/trailer/${projectId}/axle`} replace />;
  return (
    <TrailerRoute>
      {(stored) => <OpenTrailer key={projectId} id={projectId} stored={stored} step={step} />}
    </TrailerRoute>
  );
};
