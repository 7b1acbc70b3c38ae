import { type ReactNode, useMemo } from 'react';
import { createStore } from 'zustand/vanilla';
import { type Bench, BenchContext, type Workbench } from './workbench';

/** A bench that stands still: for a printed sheet, for a test. */
export const StillBench = ({
  workbench,
  children,
}: {
  readonly workbench: Workbench;
  readonly children: ReactNode;
}) => {
  const bench = useMemo((): Bench => {
    const store = createStore(() => workbench);
    return { live: store, followed: store };
  }, [workbench]);
  return <BenchContext value={bench}>{children}</BenchContext>;
};
