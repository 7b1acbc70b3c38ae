import { type AnalysisOutcome, DEMO_TRAILERS, evaluateFully, type Trailer } from '@kereta/core';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, render, screen } from '@testing-library/react';
import type { ReactNode } from 'react';
import { MemoryRouter } from 'react-router';
import { afterEach, describe, expect, test, vi } from 'vitest';
import { Drawing } from '../../bench/sheet/Drawing';
import { workFill, workStep } from '../../drawing/workShading';
import { type Editing, EditingContext } from '../../fields/editing';
import { stillWorkbench } from '../../bench/stillWorkbench';
import { StillBench } from '../../bench/StillBench';
import type { Workbench } from '../../bench/workbench';
import { tellProgress } from '../../jobs/progress';
import type { Strength } from '../../jobs/questions';
import { AnalysisStatus } from './AnalysisStatus';
import { BarLook } from './BarLook';
import { SectionSketch } from './SectionSketch';
import { StrengthStep } from './StrengthStep';

class NoResize {
  observe(): void {}
  disconnect(): void {}
}
vi.stubGlobal('ResizeObserver', NoResize);
afterEach(cleanup);
// What the worker answers is tested with its jobs; here it stays silent.
vi.mock('../../jobs/askWorker', async (original) => ({
  ...(await original<object>()),
  runJob: (name: string) => (name === 'bent' ? Promise.resolve([]) : new Promise(() => undefined)),
}));

const apiary = DEMO_TRAILERS[0] as Trailer;
const { evaluation, outcome } = evaluateFully(apiary);
const strengthOf = (change: Partial<Strength> = {}): Strength => ({
  outcome,
  of: apiary,
  failed: false,
  current: true,
  progressKey: '',
  ...change,
});
const workbenchOf = (change: Partial<Workbench> = {}): Workbench => ({
  ...stillWorkbench(apiary, 'strength'),
  evaluation,
  strength: strengthOf(),
  ...change,
});
const edits: string[] = [];
const editing: Editing = {
  units: apiary.settings.units,
  fraction: 16,
  readOnly: false,
  trailer: apiary,
  edit: (label) => {
    edits.push(label);
  },
};
const show = (children: ReactNode, workbench = workbenchOf()): HTMLElement =>
  render(
    <MemoryRouter>
      <QueryClientProvider client={new QueryClient()}>
        <StillBench workbench={workbench}>
          <EditingContext value={editing}>{children}</EditingContext>
        </StillBench>
      </QueryClientProvider>
    </MemoryRouter>,
  ).container;

describe('whether the figures are of now', () => {
  const said = (strength: Strength): string | null => {
    show(<AnalysisStatus />, workbenchOf({ strength }));
    return screen.getByRole('status').textContent;
  };
  test('nothing yet, with how far it is', () => {
    tellProgress('analysis', { done: 2, of: 9 });
    expect(said(strengthOf({ outcome: undefined, current: false, progressKey: 'analysis' }))).toContain('load 3 of 9');
  });
  test('older than the last change', () => {
    expect(said(strengthOf({ current: false }))).toContain('before the last change');
  });
  test('of now', () => {
    expect(said(strengthOf())).toMatch(/Whole frame analysed: \d+ stretches of bar in \d+ situations/);
  });
  test('not possible', () => {
    const fault: AnalysisOutcome = { kind: 'fault', fault: { code: 'frame-incomplete' } };
    expect(said(strengthOf({ outcome: fault }))).toContain('could not be analysed');
  });
});

describe('one bar looked into', () => {
  test('nothing picked: what to do', () => {
    show(<BarLook />);
    expect(screen.getByText(/Pick a bar on the drawing/)).toBeTruthy();
  });
  test('picked: its share, its section, every situation, its welds', () => {
    show(<BarLook />, workbenchOf({ picked: 'cross.3' }));
    const look = screen.getByRole('region', { name: 'Cross-member 3' });
    expect(look.textContent).toMatch(/Cross-member 37\d %/);
    expect(look.textContent).toContain('HSS 2 x 1 x 1/8');
    expect(screen.getByRole('table', { name: 'In every situation' }).textContent).toContain('Hard bump, both wheels');
    expect(look.textContent).toContain('Weld of cross-member 3 on left rail');
  });
  test('in the chosen situation, not in the worst', () => {
    show(<BarLook />, workbenchOf({ picked: 'cross.3', situation: 'turn-over' }));
    expect(screen.getByRole('region', { name: 'Cross-member 3' }).textContent).toContain('Bare frame turned over');
  });
  test('the section is drawn closed and to scale', () => {
    const member = evaluation.chassis.members.find(({ id }) => id === 'rail.left');
    if (!member) throw new Error('no rail');
    show(<SectionSketch member={member} />);
    const path =
      screen.getByRole('img', { name: 'Section HSS 4 x 2 x 3/16' }).querySelector('path')?.getAttribute('d') ?? '';
    // Outside and inside: two loops, eight rounded corners.
    expect(path.match(/M/g)).toHaveLength(2);
    expect(path.match(/A/g)).toHaveLength(8);
    expect(path).not.toContain('NaN');
  });
});

describe('shading', () => {
  test('steps by share; over 100 % alone is past', () => {
    expect([0.1, 0.25, 0.5, 0.7, 1, 1.001].map((share) => workStep(share).id)).toEqual([
      'idle',
      'idle',
      'easy',
      'working',
      'tight',
      'past',
    ]);
    expect(workFill(undefined)).toBe('var(--paper)');
  });
  test('the drawing shades by the whole frame, and says when its figures are older or by hand', () => {
    const draw = (strength: Strength): string => {
      const text = show(
        <Drawing lower="work" fitHeight={612} openFields={() => undefined} />,
        workbenchOf({ strength }),
      ).textContent;
      cleanup();
      return text ?? '';
    };
    expect(draw(strengthOf())).toContain('shaded by work: each at its worst');
    expect(draw(strengthOf())).toMatch(/7\d %/);
    expect(draw(strengthOf({ current: false }))).toContain('before the last change');
    expect(draw(strengthOf({ outcome: undefined }))).toContain('by hand');
  });
});

describe('the step', () => {
  test('situations can be left out, by name, as one undo step', () => {
    show(<StrengthStep />);
    screen.getByText('Situations').click();
    screen.getByLabelText('Hard cornering').click();
    expect(edits.at(-1)).toBe('leave out: hard cornering');
    expect(screen.getByLabelText<HTMLInputElement>('Pulled out when stuck').checked).toBe(false);
  });
  const options = (opinion: Workbench['opinion']): string[] => {
    show(<StrengthStep />, workbenchOf({ opinion }));
    return [...screen.getByLabelText<HTMLSelectElement>('Drawing shows').options].map(({ text }) => text);
  };
  test('the drawing can show any situation that is looked at', () => {
    const own = options('own');
    expect(own[0]).toBe('Each bar at its worst');
    expect(own).toContain('Emergency stop');
    expect(own).not.toContain('Drawbar loads');
    expect(own).not.toContain('Pulled out when stuck');
  });
  test('the drawbar rules have a situation of their own', () => {
    expect(options('rules')).toEqual(['Each bar at its worst', 'Drawbar loads']);
  });
});
