import { asProject, DEMO_TRAILERS, type LoadCase, newProject, type Trailer, trailerOf } from '@kereta/core';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import 'fake-indexeddb/auto';
import { MemoryRouter, Route, Routes } from 'react-router';
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import { loadTrailer, saveTrailer } from '../storage/trailers';
import { TripBed } from './TripBed';
import { TripPage } from './TripPage';

// This tab writes: who may write is tested beside the lock itself.
vi.mock('../storage/writerLock', () => ({
  acquireWriterLock: (_id: string, { onGranted }: { onGranted: () => void }) => {
    onGranted();
    return { takeOver: () => undefined, release: () => undefined };
  },
}));

const [apiary] = DEMO_TRAILERS as [Trailer];

const open = (id: string): void => {
  render(
    <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
      <MemoryRouter initialEntries={[`/trailer/${id}/trip`]}>
        <Routes>
          <Route path="/trailer/:projectId/trip" element={<TripPage />} />
          <Route path="/trailer/:projectId/balance" element={<p>the balance step</p>} />
        </Routes>
      </MemoryRouter>
    </QueryClientProvider>,
  );
};
const save = (trailer: Trailer) => saveTrailer(asProject(trailer), Number.POSITIVE_INFINITY);
const answer = (): Promise<HTMLElement> => screen.findByRole('region', { name: 'Tongue of this trip' });

beforeEach(async () => {
  await save(apiary);
});
afterEach(cleanup);

describe('one trip', () => {
  test('nothing aboard is no verdict; a load far back is too light, all three hives ride', async () => {
    open(apiary.id);
    expect((await answer()).textContent).toContain('Nothing aboard yet');
    fireEvent.click(screen.getByLabelText(/Rear hives/));
    expect((await answer()).textContent).toMatch(
      /Fix\. One trip: .*Tail-heavy: sway is likely\. Move something forward\./,
    );
    fireEvent.click(screen.getByLabelText(/Front hives/));
    fireEvent.click(screen.getByLabelText(/Middle hives/));
    // 2,649 lb of the plate's 2,900 lb, 91 %: tight, as the strip says of the same load.
    expect((await answer()).textContent).toMatch(/Tight\. .*251 lb spare/);
  });
  test('buttons move a thing by an inch, and say how far it stands from its usual place', async () => {
    open(apiary.id);
    await answer();
    fireEvent.click(screen.getByLabelText(/Front hives/));
    fireEvent.click(screen.getByRole('button', { name: 'Front hives back' }));
    fireEvent.click(screen.getByRole('button', { name: 'Front hives back' }));
    expect(screen.getByText(/behind its usual place/)).toBeTruthy();
    for (let i = 0; i < 3; i += 1) fireEvent.click(screen.getByRole('button', { name: 'Front hives forward' }));
    expect(screen.getByText(/ahead of its usual place/)).toBeTruthy();
  });
  test('kept as a load case of the stored trailer, by its name, with what is aboard and where', async () => {
    open(apiary.id);
    await answer();
    fireEvent.click(screen.getByLabelText(/Front hives/));
    fireEvent.click(screen.getByRole('button', { name: 'Front hives back' }));
    fireEvent.change(screen.getByLabelText('Name of the trip'), { target: { value: 'To the heath' } });
    act(() => screen.getByRole('button', { name: 'Keep as a load' }).click());
    await screen.findByText('the balance step', {}, { timeout: 8000 });
    const stored = await loadTrailer(apiary.id);
    const kept = stored?.opened.ok ? stored.opened.value.design.cases.at(-1) : undefined;
    expect(kept).toMatchObject({ name: 'To the heath', mode: 'towed', countsForWindow: false });
    expect(kept?.aboard).toEqual([
      { itemId: 'item.front-hives', fill: 1, shiftM: expect.closeTo(0.0254, 9) as number },
    ]);
  });
  test('a trip without a name is not kept; too heavy for the plate says so first', async () => {
    await save({ ...apiary, ratedGrossKg: 500 });
    open(apiary.id);
    await answer();
    fireEvent.click(screen.getByLabelText(/Front hives/));
    expect((await answer()).textContent).toMatch(/Fix\. .*The plate says 1,102 lb.* Leave something\./);
    fireEvent.change(screen.getByLabelText('Name of the trip'), { target: { value: '  ' } });
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Keep as a load' }).disabled).toBe(true);
  });
  test('a trailer without loose things, and one that is not here, say so', async () => {
    const bare: Trailer = {
      ...trailerOf(newProject({ id: 'bare', name: 'Bare', units: 'metric', newId: () => 'x' })),
      items: [],
      cases: [],
      axleCaseId: null,
    };
    await save(bare);
    open('bare');
    await waitFor(() => expect(screen.getByText(/Nothing loose is on this trailer’s list yet/)).toBeTruthy());
    cleanup();
    open('nowhere');
    await waitFor(() => expect(screen.getByText('This trailer is not in this browser')).toBeTruthy());
  });
});

describe('the bed', () => {
  test('what is aboard is a block, what is fixed stays, and a drag tells the shift in metres', async () => {
    const { chassis } = (await import('@kereta/core')).evaluate(apiary);
    const trip: LoadCase = {
      id: 'trip',
      name: 'Trip',
      mode: 'towed',
      countsForWindow: false,
      aboard: [{ itemId: 'item.front-hives', fill: 1, shiftM: 0 }],
      drawerOutM: 0,
      tongueBand: null,
    };
    const shifts: number[] = [];
    const { container } = render(
      <TripBed trailer={apiary} chassis={chassis} trip={trip} onShift={(_id, shiftM) => shifts.push(shiftM)} />,
    );
    const block = container.querySelector<SVGGElement>('[data-grab="item.front-hives"]');
    if (!block) throw new Error('no block');
    const sheet = container.querySelector('svg');
    if (!sheet) throw new Error('no sheet');
    sheet.setPointerCapture = () => undefined;
    fireEvent.pointerDown(block, { clientX: 100, pointerId: 1 });
    fireEvent.pointerMove(block, { clientX: 120, pointerId: 1 });
    fireEvent.pointerUp(block, { clientX: 120, pointerId: 1 });
    fireEvent.pointerMove(block, { clientX: 200, pointerId: 1 });
    expect(shifts).toHaveLength(1);
    expect(shifts[0]).toBeCloseTo(20 / Number(sheet.dataset['pxPerM']), 6);
    expect(container.querySelectorAll('[data-grab]').length).toBe(1);
  });
});
