import { asProject, DEMO_TRAILERS, type Trailer } from '@kereta/core';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, render, screen, within } from '@testing-library/react';
import 'fake-indexeddb/auto';
import { MemoryRouter, Route, Routes } from 'react-router';
import { afterEach, describe, expect, test, vi } from 'vitest';
import { saveTrailer } from '../storage/trailers';
import { CutSheet } from './CutSheet';
import { TowSheet } from './TowSheet';

vi.mock('../jobs/askWorker', async (original) => (await import('../jobs/here.testkit')).jobsHere(original));

const [apiary, oven, telescope] = DEMO_TRAILERS as [Trailer, Trailer, Trailer];

const open = async (trailer: Trailer, sheet: 'tow' | 'cut-list'): Promise<void> => {
  await saveTrailer(asProject(trailer), Number.POSITIVE_INFINITY);
  render(
    <QueryClientProvider client={new QueryClient()}>
      <MemoryRouter initialEntries={[`/trailer/${trailer.id}/print/${sheet}`]}>
        <Routes>
          <Route path="/trailer/:projectId/print/tow" element={<TowSheet />} />
          <Route path="/trailer/:projectId/print/cut-list" element={<CutSheet />} />
        </Routes>
      </MemoryRouter>
    </QueryClientProvider>,
  );
  await screen.findByRole('heading', { level: 1 }, { timeout: 8000 });
};

afterEach(cleanup);

describe('tow-ready page', () => {
  test('every towed load with its weights, level and damping; no parked one', async () => {
    await open(apiary, 'tow');
    const table = screen.getByRole('table', { name: 'Every towed load' });
    const rows = within(table).getAllByRole('row').slice(1);
    expect(rows.map((row) => row.querySelector('th')?.textContent)).toEqual(
      apiary.cases.filter(({ mode }) => mode === 'towed').map(({ name }) => name),
    );
    expect(rows[2]?.textContent).toContain('298 lb, 11.3 %');
    expect(await within(rows[2] as HTMLElement).findByText('none')).toBeTruthy();
  });
  test('both axles of a tandem; the weakest link and what was not checked', async () => {
    await open(oven, 'tow');
    expect(screen.getByRole('table', { name: 'Every towed load' }).textContent).toMatch(/lb \+ [\d,]+ lb/);
    expect(screen.getByText(/The weakest link is the ball mount/)).toBeTruthy();
    expect(screen.getByText(/weld quality, wear and rust were not/)).toBeTruthy();
  });
  test('without a vehicle it says so in the table and above it', async () => {
    await open({ ...telescope, id: 'no-vehicle', towVehicle: null }, 'tow');
    expect(screen.getByText(/Behind a vehicle that is not named yet/)).toBeTruthy();
    expect(screen.getAllByText('vehicle?').length).toBeGreaterThan(0);
  });
  test('before towing it names what is on the trailer: two chains or one, a cable where it is braked', async () => {
    await open({ ...apiary, id: 'two-chains' }, 'tow');
    expect(screen.getByText(/^Chains crossed under the coupler/)).toBeTruthy();
    cleanup();
    // One chain, no brakes.
    await open({ ...telescope, id: 'one-chain' }, 'tow');
    expect(screen.getByText(/^Chain under the coupler/)).toBeTruthy();
    expect(screen.queryByText(/^Breakaway cable/)).toBeNull();
  });
  test('it never says that anything is safe', async () => {
    await open(apiary, 'tow');
    expect(document.body.textContent?.toLowerCase()).not.toMatch(/\bsafe\b/);
  });
});

describe('cut sheet', () => {
  test('plates, what is left on, and both readings of every saw cut', async () => {
    const left: Trailer = {
      ...apiary,
      id: 'left-on',
      frame: {
        ...apiary.frame,
        tongue: {
          ...apiary.frame.tongue,
          cutLaterM: 0.1524,
          topPlate: { lengthM: 0.3048, widthM: 0.2032, thicknessM: 0.00635 },
        },
      },
    };
    await open(left, 'cut-list');
    const table = screen.getByRole('table', { name: 'Cut list' });
    expect(table.textContent).toContain('Plate over the tongue');
    expect(table.textContent).toContain('left on');
    expect(table.textContent).toContain('65° off square (saw reading from the stick: 25°)');
  });
});
