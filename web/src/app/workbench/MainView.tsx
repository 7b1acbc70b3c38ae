import type { StepId } from '@kereta/core';
import { lazy, memo, type ReactNode, Suspense, useEffect, useState } from 'react';
import { Drawing } from '../../bench/sheet/Drawing';
import { RearSheet } from '../../bench/sheet/RearSheet';
import { useFollowed, useWorkbench } from '../../bench/workbench';
import { WorkLegend } from '../../drawing/workShading';
import { Contained } from '../../fields/Contained';
import { TaskList } from '../../steps/build/TaskList';
import { CutTable } from '../../steps/cut/CutTable';
import { MarkedPlan } from '../../steps/cut/MarkedPlan';
import { StickPlan } from '../../steps/cut/StickPlan';
import { AboardTable } from '../../steps/loads/AboardTable';
import { TongueView } from '../../steps/rig/TongueView';
import { TowView } from '../../steps/rig/TowView';
import { StatesTable } from '../../steps/weigh/StatesTable';
import { STEP_VIEWS } from '../../steps/steps';
import { BalanceStrip, STRIP_PX } from './BalanceStrip';
import { t } from '../../fields/language/t';

const SpaceView = lazy(() => import('../../bench/space/SpaceView').then((module) => ({ default: module.SpaceView })));

const TOP_BAR_PX = 48;
/** Buttons over the drawing that choose what is drawn. */
const TABS_PX = 44;
const PHONE_PX = 800;
/** On the phone the page scrolls: the drawing is as high as its width lets it be. */
const PHONE_DRAWING_PX = 620;

const useWindowSize = (): { readonly width: number; readonly height: number } => {
  const [size, setSize] = useState({ width: window.innerWidth, height: window.innerHeight });
  useEffect(() => {
    const onResize = (): void => setSize({ width: window.innerWidth, height: window.innerHeight });
    window.addEventListener('resize', onResize);
    return () => window.removeEventListener('resize', onResize);
  }, []);
  return size;
};

/** A part of the page that may fail by itself, and is tried again when trailer or step change. */
const ContainedNow = ({ name, children }: { readonly name: string; readonly children: ReactNode }) => {
  const { trailer, step, view3d } = useWorkbench('trailer', 'step', 'view3d');
  return (
    <Contained name={name} of={[trailer, step, view3d]}>
      {children}
    </Contained>
  );
};

const CutList = () => {
  const { evaluation, say, picked } = useFollowed('evaluation', 'say', 'picked');
  return <CutTable evaluation={evaluation} say={say} picked={picked} />;
};

/** Steps in which bars and panels are put on, or are looked at: they can be seen in space. */
const IN_SPACE: ReadonlySet<StepId> = new Set(['frame', 'strength']);

interface ViewsProps {
  readonly children: ReactNode;
  readonly height: number;
  readonly leaveSpace: () => void;
  readonly openFields: (partId: string) => void;
}

/** The flat drawing with switches to the view from behind and in space, laid over its corner so that nothing moves. */
const Views = ({ children, height, leaveSpace, openFields }: ViewsProps) => {
  const { step, view3d, show3d } = useWorkbench('step', 'view3d', 'show3d');
  const [behind, setBehind] = useState(false);
  const inSpace = IN_SPACE.has(step) && view3d;
  return (
    <div className={`relative ${inSpace ? 'h-full' : ''}`}>
      <div className="absolute top-[3px] right-2 z-10 flex gap-2">
        {!inSpace && (
          <button
            type="button"
            className="button min-h-[32px] px-2 text-[13px]"
            aria-pressed={behind}
            onClick={() => setBehind(!behind)}
          >
            {behind ? t('Side and above') : t('From behind')}
          </button>
        )}
        {step === 'frame' && (
          <button
            type="button"
            className="button min-h-[32px] px-2 text-[13px]"
            aria-pressed={inSpace}
            onClick={() => show3d(!inSpace)}
          >
            {inSpace ? t('Flat drawing') : t('3-D view')}
          </button>
        )}
      </div>
      {inSpace ? (
        <Suspense fallback={<p className="mute p-6">{t('Opening …')}</p>}>
          <SpaceView onLost={leaveSpace} shaded={step === 'strength'} />
        </Suspense>
      ) : behind ? (
        <RearSheet height={height} openFields={openFields} />
      ) : (
        children
      )}
    </div>
  );
};

/** What the step draws, and the balance of every load under it. */
export const MainView = memo(
  ({ openFields, leaveSpace }: { readonly openFields: (partId: string) => void; readonly leaveSpace: () => void }) => {
    const { step } = useWorkbench('step');
    const { width, height } = useWindowSize();
    const view = STEP_VIEWS[step];
    const phone = width <= PHONE_PX;
    // One height for the drawing's scale in all steps: what is left beside the strip at its normal height.
    const fitHeight = phone ? PHONE_DRAWING_PX : height - TOP_BAR_PX - STRIP_PX.normal;
    const tabsPx = step === 'tongue' ? TABS_PX : 0;
    const drawing = (
      <Views height={fitHeight - tabsPx} leaveSpace={leaveSpace} openFields={openFields}>
        <Drawing lower={phone ? view.phoneLower : view.lower} fitHeight={fitHeight - tabsPx} openFields={openFields} />
      </Views>
    );
    const drawn = (): ReactNode => {
      switch (step) {
        case 'towing':
          return <TowView />;
        case 'tongue':
          return <TongueView drawing={drawing} />;
        case 'cut':
          return <MarkedPlan />;
        case 'build':
          return <TaskList phone={phone} />;
        case 'weigh':
          return <StatesTable />;
        default:
          return drawing;
      }
    };
    return (
      <main className="flex min-w-0 flex-1 flex-col" aria-label={t('Drawing and balance')}>
        <div
          className="relative min-h-0 flex-1 overflow-auto"
          style={{ background: step === 'build' || step === 'weigh' ? 'var(--color-base-100)' : 'var(--paper)' }}
          tabIndex={-1}
        >
          <ContainedNow name={t('The drawing')}>{drawn()}</ContainedNow>
          {step === 'strength' && !phone && <WorkLegend />}
          {step === 'loads' && (
            <div className="overflow-x-auto bg-base-100 px-4 py-3">
              <ContainedNow name={t('The table of loads')}>
                <AboardTable />
              </ContainedNow>
            </div>
          )}
          {step === 'cut' && (
            <div className="overflow-x-auto bg-base-100 px-4 py-3">
              <ContainedNow name={t('The cut list')}>
                <CutList />
              </ContainedNow>
              <ContainedNow name={t('The plan of sticks')}>
                <StickPlan />
              </ContainedNow>
            </div>
          )}
        </div>
        <ContainedNow name={t('The balance of the loads')}>
          <BalanceStrip height={phone ? 'normal' : view.strip} />
        </ContainedNow>
      </main>
    );
  },
);
