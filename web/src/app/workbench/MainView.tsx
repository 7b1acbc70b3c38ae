import { lazy, memo, type ReactNode, Suspense, useEffect, useState } from 'react';
import { Drawing } from '../../bench/sheet/Drawing';
import { RearSheet } from '../../bench/sheet/RearSheet';
import { useFollowed, useWorkbench } from '../../bench/workbench';
import { WorkLegend } from '../../drawing/workShading';
import { Contained } from '../../fields/Contained';
import { CutTable } from '../../steps/cut/CutTable';
import { MarkedPlan } from '../../steps/cut/MarkedPlan';
import { TongueView } from '../../steps/rig/TongueView';
import { TowView } from '../../steps/rig/TowView';
import { STEP_VIEWS } from '../../steps/steps';
import { BalanceStrip, STRIP_PX } from './BalanceStrip';

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

/** The flat drawing with a switch to the view from behind, laid over its corner so that nothing moves. */
const FlatDrawing = ({ children, height }: { readonly children: ReactNode; readonly height: number }) => {
  const [behind, setBehind] = useState(false);
  return (
    <div className="relative">
      <button
        type="button"
        className="button absolute top-[3px] right-2 z-10 min-h-[32px] px-2 text-[13px]"
        aria-pressed={behind}
        onClick={() => setBehind(!behind)}
      >
        {behind ? 'Side and above' : 'From behind'}
      </button>
      {behind ? <RearSheet height={height} /> : children}
    </div>
  );
};

/** What the step draws, and the balance of every load under it. */
export const MainView = memo(
  ({ openFields, leaveSpace }: { readonly openFields: (partId: string) => void; readonly leaveSpace: () => void }) => {
    const { step, view3d } = useWorkbench('step', 'view3d');
    const { width, height } = useWindowSize();
    const view = STEP_VIEWS[step];
    const phone = width <= PHONE_PX;
    // One height for the drawing's scale in all steps: what is left beside the strip at its normal height.
    const fitHeight = phone ? PHONE_DRAWING_PX : height - TOP_BAR_PX - STRIP_PX.normal;
    const tabsPx = step === 'tongue' ? TABS_PX : 0;
    const drawing = (
      <FlatDrawing height={fitHeight - tabsPx}>
        <Drawing lower={phone ? view.phoneLower : view.lower} fitHeight={fitHeight - tabsPx} openFields={openFields} />
      </FlatDrawing>
    );
    const drawn = (): ReactNode => {
      switch (step) {
        case 'towing':
          return <TowView />;
        case 'tongue':
          return <TongueView drawing={drawing} />;
        case 'cut':
          return <MarkedPlan />;
        case 'strength':
          return view3d ? (
            <Suspense fallback={<p className="mute p-6">Opening …</p>}>
              <SpaceView onLost={leaveSpace} />
            </Suspense>
          ) : (
            drawing
          );
        default:
          return drawing;
      }
    };
    return (
      <main className="flex min-w-0 flex-1 flex-col" aria-label="Drawing and balance">
        <div className="min-h-0 flex-1 overflow-auto" style={{ background: 'var(--paper)' }} tabIndex={-1}>
          <ContainedNow name="The drawing">{drawn()}</ContainedNow>
          {step === 'strength' && !phone && <WorkLegend />}
          {step === 'cut' && (
            <div className="overflow-x-auto bg-base-100 px-4 py-3">
              <ContainedNow name="The cut list">
                <CutList />
              </ContainedNow>
            </div>
          )}
        </div>
        <ContainedNow name="The balance of the loads">
          <BalanceStrip height={phone ? 'normal' : view.strip} />
        </ContainedNow>
      </main>
    );
  },
);
