import { evaluate, type SituationId, speaker, STEP_IDS, type StepId } from '@kereta/core';
import { lazy, memo, Suspense, useCallback, useDeferredValue, useEffect, useMemo, useRef, useState } from 'react';
import { Link, Navigate, useNavigate, useParams } from 'react-router';
import { useStore } from 'zustand';
import { Drawing } from '../drawing/Drawing';
import { WorkLegend } from '../drawing/workShading';
import { FirstNote } from '../shed/FirstNote';
import { loadProject, type StoredProject, watchProjects } from '../storage/projectDatabase';
import { useStoredProject } from '../storage/useProjects';
import { acquireWriterLock, type WriterLock } from '../storage/writerLock';
import { STEP_VIEWS, stepOfPart } from '../steps/steps';
import { CutTable } from '../steps/cut/CutTable';
import { MarkedPlan } from '../steps/cut/MarkedPlan';
import { type Editing, EditingContext } from '../ui/editing';
import { useDoubt } from '../workers/useDoubt';
import { useFullEvaluation, useStrength } from '../workers/useStrength';
import { BalanceStrip, STRIP_PX } from './BalanceStrip';
import { Panel } from './Panel';
import { createProjectStore } from './projectStore';
import { StepsRail } from './StepsRail';
import { TongueView } from '../tow/TongueView';
import { TowView } from '../tow/TowView';
import { TopBar } from './TopBar';
import { useAutosave } from './useAutosave';
import { useWorkbench, type Workbench, WorkbenchContext } from './workbench';

const SpaceView = lazy(() => import('../space/SpaceView').then((module) => ({ default: module.SpaceView })));

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

const OpenTrailer = ({ stored, step }: { readonly stored: StoredProject; readonly step: StepId }) => {
  const [projectStore] = useState(() => createProjectStore(stored.project));
  const [writer, setWriter] = useState(true);
  const lock = useRef<WriterLock | undefined>(undefined);
  const saveState = useAutosave(projectStore, writer);
  const navigate = useNavigate();
  const committed = useStore(projectStore.store, (state) => state.project);
  const preview = useStore(projectStore.store, (state) => state.preview);
  const project = preview ?? committed;
  const light = useMemo(() => evaluate(project), [project]);
  const strength = useStrength(committed);
  const doubt = useDoubt(committed, step === 'balance');
  const evaluation = useFullEvaluation(light, project, strength, committed);
  const [situation, showSituation] = useState<SituationId | undefined>(undefined);
  const [bent, showBent] = useState(false);
  const [joint, showJoint] = useState<string | undefined>(undefined);
  const [view3d, show3d] = useState(false);
  const [spaceLost, setSpaceLost] = useState(false);
  const leaveSpace = useCallback(() => {
    show3d(false);
    setSpaceLost(true);
  }, []);
  const say = useMemo(() => speaker(project), [project]);
  const [picked, pick] = useState<string | undefined>(step === 'axle' ? 'axle' : undefined);
  const [chosenCase, showCase] = useState<string | undefined>(undefined);
  const { width, height } = useWindowSize();

  useEffect(() => {
    const refresh = async (): Promise<void> => {
      const fresh = await loadProject(stored.id);
      if (fresh) projectStore.replace(fresh.project);
    };
    let wasWriter = true;
    const acquired = acquireWriterLock(stored.id, (isWriter) => {
      setWriter(isWriter);
      // Whoever begins to write, or only reads from now on, starts from what was saved last.
      if (isWriter !== wasWriter) void refresh();
      wasWriter = isWriter;
    });
    lock.current = acquired;
    const unwatch = watchProjects(() => {
      if (!wasWriter) void refresh();
    });
    return () => {
      unwatch();
      acquired.release();
    };
  }, [stored.id, projectStore]);

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

  const goTo = useCallback((next: StepId) => void navigate(`/trailer/${stored.id}/${next}`), [navigate, stored.id]);
  const caseId = project.cases.some(({ id }) => id === chosenCase)
    ? chosenCase
    : (project.axleCaseId ?? project.cases[0]?.id);
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
              `[data-part-field="${CSS.escape(partId)}"], [data-part-field="${CSS.escape(partId.split('.')[0] ?? '')}"]`,
            )
            ?.focus(),
        ),
      );
    },
    [goTo, committed.items],
  );

  const workbench = useMemo<Workbench>(
    () => ({
      project,
      committed,
      evaluation,
      strength,
      doubt,
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
      readOnly: !writer,
      picked,
      pick,
      caseId,
      showCase,
    }),
    [
      project,
      committed,
      evaluation,
      strength,
      doubt,
      situation,
      bent,
      joint,
      view3d,
      say,
      step,
      goTo,
      projectStore,
      writer,
      picked,
      caseId,
    ],
  );
  // While a drag is on, drawing and strip follow every frame; rail and panel come after, and are dropped when they are late.
  const unhurried = useDeferredValue(workbench);
  const editing = useMemo<Editing>(
    () => ({
      units: project.settings.units,
      fraction: project.settings.fraction,
      readOnly: !writer,
      project: committed,
      edit: projectStore.edit,
    }),
    [project.settings.units, project.settings.fraction, writer, committed, projectStore],
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
          <TopBar saveState={saveState} />
          {!writer && <ReadOnlyNote takeOver={() => lock.current?.takeOver()} />}
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
                {step === 'strength' && !phone && <WorkLegend />}
                {step === 'cut' && (
                  <div className="overflow-x-auto bg-base-100 px-4 py-3">
                    <CutTable evaluation={evaluation} say={say} />
                  </div>
                )}
              </div>
              <BalanceStrip height={strip} />
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
  const { step } = useWorkbench();
  return <Panel key={step} />;
});
const UnhurriedRail = memo(StepsRail);

const isStep = (text: string | undefined): text is StepId =>
  (STEP_IDS as readonly (string | undefined)[]).includes(text);

export const WorkbenchPage = () => {
  const { projectId = '', step } = useParams();
  const { data, isPending, isError } = useStoredProject(projectId);
  if (!isStep(step)) return <Navigate to={`/trailer/${projectId}/axle`} replace />;
  if (isPending) {
    return (
      <p className="mute p-6" role="status">
        Opening …
      </p>
    );
  }
  if (isError || !data) {
    return (
      <main className="p-6">
        <h1 className="wide text-[22px] font-bold">This trailer is not in this browser</h1>
        <p className="my-3">
          It may have been deleted, or made in another browser. A trailer travels as an exported file.
        </p>
        <Link className="button" to="/">
          To the shed
        </Link>
      </main>
    );
  }
  return <OpenTrailer key={data.id} stored={data} step={step} />;
};
