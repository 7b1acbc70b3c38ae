import { evaluate, type OpinionId, type SituationId, speaker, STEP_IDS, type StepId } from '@kereta/core';
import { lazy, memo, Suspense, useCallback, useDeferredValue, useEffect, useMemo, useState } from 'react';
import { Navigate, useNavigate, useParams } from 'react-router';
import { useStore } from 'zustand';
import { Drawing } from '../../bench/sheet/Drawing';
import { WorkLegend } from '../../drawing/workShading';
import { FirstNote } from '../../shed/FirstNote';
import type { ReadableTrailer } from '../../storage/trailers';
import { TrailerRoute } from '../../bench/TrailerRoute';
import { groupFieldOf, STEP_VIEWS, stepOfPart } from '../../steps/steps';
import { CutTable } from '../../steps/cut/CutTable';
import { MarkedPlan } from '../../steps/cut/MarkedPlan';
import { type Editing, EditingContext } from '../../fields/editing';
import { useDoubt, useStrength } from '../../jobs/questions';
import { useFullEvaluation } from '../../bench/useFullEvaluation';
import { BalanceStrip, STRIP_PX } from './BalanceStrip';
import { Panel } from './Panel';
import { StepsRail } from './StepsRail';
import { TongueView } from '../../steps/rig/TongueView';
import { TowView } from '../../steps/rig/TowView';
import { TopBar } from './TopBar';
import { useSession } from '../../bench/useSession';
import { Contained } from '../../fields/Contained';
import { KeepingNote } from '../../fields/KeepingNote';
import { SaveNote } from './SaveNote';
import { useWorkbench, type Workbench, WorkbenchContext } from '../../bench/workbench';

const SpaceView = lazy(() => import('../../bench/space/SpaceView').then((module) => ({ default: module.SpaceView })));

const TOP_BAR_PX = 48;
/** Buttons over the drawing that choose what is drawn. */
const TABS_PX = 44;

const useWindowSize = (): { readonly width: number; readonly height: number } => {
  const [size, setSize] = useState({ width: window.innerWidth, height: window.innerHeight });
  useEffect(() => {
    const onResize = (): void => setSize({ width: window.innerWidth, height: window.innerHeight });
    window.addEventListener('resize', onResize);
    return () => window.removeEventListener('resize', onResize);
  }, []);
  return size;
};

const ReadOnlyNote = ({ takeOver }: { readonly takeOver: () => void }) => (
  <div className="flex items-center justify-between gap-3 border-b border-base-300 bg-base-200 px-4 py-1" role="status">
    <span>This trailer is open in another tab, which writes it. Here it can only be read.</span>
    <button type="button" className="button" onClick={takeOver}>
      Take over here
    </button>
  </div>
);

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
  const readOnly = !useStore(projectStore.store, (state) => state.mayWrite);
  const navigate = useNavigate();
  const committed = useStore(projectStore.store, projectStore.trailerNow);
  const trailer = useStore(projectStore.store, projectStore.trailerShown);
  const light = useMemo(() => evaluate(trailer), [trailer]);
  const strength = useStrength(committed);
  const doubt = useDoubt(committed, step === 'balance');
  const evaluation = useFullEvaluation(light, trailer, strength, committed);
  const [opinion, showOpinion] = useState<OpinionId>('own');
  const [situation, showSituation] = useState<SituationId | undefined>(undefined);
  const [bent, showBent] = useState(false);
  const [joint, showJoint] = useState<string | undefined>(undefined);
  const [view3d, show3d] = useState(false);
  const [spaceLost, setSpaceLost] = useState(false);
  const leaveSpace = useCallback(() => {
    show3d(false);
    setSpaceLost(true);
  }, []);
  const say = useMemo(() => speaker(trailer), [trailer]);
  const [picked, pick] = useState<string | undefined>(step === 'axle' ? 'axle' : undefined);
  const [chosenCase, showCase] = useState<string | undefined>(undefined);
  const { width, height } = useWindowSize();

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

  useEffect(() => {
    document.title = `${committed.name} · Kereta`;
  }, [committed.name]);

  const goTo = useCallback((next: StepId) => void navigate(`/trailer/${id}/${next}`), [navigate, id]);
  const caseId = trailer.cases.some(({ id }) => id === chosenCase)
    ? chosenCase
    : (trailer.axleCaseId ?? trailer.cases[0]?.id);
  const openFields = useCallback(
    (partId: string) => {
      goTo(
        stepOfPart(
          partId,
          committed.items.some(({ id }) => id === partId),
        ),
      );
      // The step's fields are there once it has been drawn.
      requestAnimationFrame(() =>
        requestAnimationFrame(() =>
          document
            .querySelector<HTMLElement>(
              `[data-part-field="${CSS.escape(partId)}"], [data-part-field="${groupFieldOf(partId)}"]`,
            )
            ?.focus(),
        ),
      );
    },
    [goTo, committed.items],
  );

  const workbench = useMemo<Workbench>(
    () => ({
      trailer,
      committed,
      evaluation,
      strength,
      doubt,
      opinion,
      showOpinion,
      situation,
      showSituation,
      bent,
      showBent,
      joint,
      showJoint,
      view3d,
      show3d,
      say,
      step,
      goTo,
      projectStore,
      readOnly,
      picked,
      pick,
      caseId,
      showCase,
    }),
    [
      trailer,
      committed,
      evaluation,
      strength,
      doubt,
      opinion,
      situation,
      bent,
      joint,
      view3d,
      say,
      step,
      goTo,
      projectStore,
      readOnly,
      picked,
      caseId,
    ],
  );
  // While a drag is on, drawing and strip follow every frame; rail and panel come after, and are dropped when they are late.
  const unhurried = useDeferredValue(workbench);
  const editing = useMemo<Editing>(
    () => ({
      units: trailer.settings.units,
      fraction: trailer.settings.fraction,
      readOnly,
      trailer: committed,
      edit: projectStore.edit,
    }),
    [trailer.settings.units, trailer.settings.fraction, readOnly, committed, projectStore],
  );

  const view = STEP_VIEWS[step];
  const phone = width <= 800;
  const strip = phone ? 'normal' : view.strip;
  // One height for the drawing's scale in all steps: what is left beside the strip at its normal height.
  const fitHeight = phone ? Math.min(380, height * 0.45) : height - TOP_BAR_PX - STRIP_PX.normal;
  const tabsPx = step === 'tongue' ? TABS_PX : 0;
  const drawing = (
    <Drawing
      lower={phone ? (step === 'balance' ? 'window' : 'none') : view.lower}
      fitHeight={fitHeight - tabsPx}
      openFields={openFields}
    />
  );
  return (
    <WorkbenchContext value={workbench}>
      <EditingContext value={editing}>
        <div className="flex h-full flex-col max-[800px]:h-auto">
          <TopBar saveState={session.saveState} refused={refused} />
          {refused && <ReadOnlyNote takeOver={session.takeOver} />}
          <KeepingNote />
          <SaveNote session={session} />
          <FirstNote />
          {spaceLost && (
            <p className="border-b border-base-300 bg-base-200 px-4 py-1" role="status">
              This browser cannot draw in space just now (WebGL is not there). The flat drawing shows the same figures.
            </p>
          )}
          <div className="flex min-h-0 flex-1 max-[800px]:flex-col">
            <WorkbenchContext value={unhurried}>
              <UnhurriedRail />
            </WorkbenchContext>
            <main className="flex min-w-0 flex-1 flex-col" aria-label="Drawing and balance">
              <div className="min-h-0 flex-1 overflow-auto" style={{ background: 'var(--paper)' }} tabIndex={-1}>
                <Contained name="The drawing" of={[trailer, step, view3d]}>
                  {step === 'towing' ? (
                    <TowView />
                  ) : step === 'tongue' ? (
                    <TongueView drawing={drawing} />
                  ) : step === 'cut' ? (
                    <MarkedPlan />
                  ) : step === 'strength' && view3d ? (
                    <Suspense fallback={<p className="mute p-6">Opening …</p>}>
                      <SpaceView
                        shown={evaluation.cases.find(({ loadCase }) => loadCase.id === caseId)}
                        onLost={leaveSpace}
                      />
                    </Suspense>
                  ) : (
                    drawing
                  )}
                </Contained>
                {step === 'strength' && !phone && <WorkLegend />}
                {step === 'cut' && (
                  <div className="overflow-x-auto bg-base-100 px-4 py-3">
                    <Contained name="The cut list" of={[trailer]}>
                      <CutTable evaluation={evaluation} say={say} />
                    </Contained>
                  </div>
                )}
              </div>
              <Contained name="The balance of the loads" of={[trailer]}>
                <BalanceStrip height={strip} />
              </Contained>
            </main>
            <div className="flex min-h-0 w-[332px] shrink-0 flex-col max-[800px]:w-full min-[1400px]:w-[400px] *:flex-1">
              <WorkbenchContext value={unhurried}>
                <UnhurriedPanel />
              </WorkbenchContext>
            </div>
          </div>
        </div>
      </EditingContext>
    </WorkbenchContext>
  );
};

/** Renders apart from its parent, so that a frame of a drag does not wait for it. */
const UnhurriedPanel = memo(() => {
  const { step, trailer } = useWorkbench();
  return (
    <Contained name="This panel" of={[trailer, step]}>
      <Panel key={step} />
    </Contained>
  );
});
const UnhurriedRail = memo(StepsRail);

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
