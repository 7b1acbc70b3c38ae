import { asProject, DEMO_TRAILERS, type Trailer } from '@kereta/core';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, render, screen } from '@testing-library/react';
import 'fake-indexeddb/auto';
import { MemoryRouter, Route, Routes } from 'react-router';
import { afterEach, describe, expect, test } from 'vitest';
import { saveTrailer } from '../storage/trailers';
import { AxleCard } from './AxleCard';

const [apiary, oven, telescope] = DEMO_TRAILERS as [Trailer, Trailer, Trailer];

const open = async (trailer: Trailer): Promise<HTMLElement> => {
  await saveTrailer(asProject(trailer), Number.POSITIVE_INFINITY);
  render(
    <QueryClientProvider client={new QueryClient()}>
      <MemoryRouter initialEntries={[`/trailer/${trailer.id}/print/axle`]}>
        <Routes>
          <Route path="/trailer/:projectId/print/axle" element={<AxleCard />} />
        </Routes>
      </MemoryRouter>
    </QueryClientProvider>,
  );
  return screen.findByRole('table', { name: 'What to order' }, { timeout: 8000 });
};
const cell = (table: HTMLElement, name: string): string | null | undefined =>
  [...table.querySelectorAll('tr')].find((row) => row.querySelector('th')?.textContent === name)?.querySelector('td')
    ?.textContent;

afterEach(cleanup);

describe('axle card', () => {
  test('a leaf axle: rating, hub faces, spring centres, studs, drum, and hangers by the loaded chord', async () => {
    const table = await open(apiary);
    expect(cell(table, 'Rating on the tag, each')).toBe('3,500 lb');
    expect(cell(table, 'Hub face to hub face')).toBe(`6' 7"`);
    expect(cell(table, 'Spring centre to spring centre, under the rails’ middles')).toBe(`5' 2"`);
    expect(cell(table, 'Brakes')).toContain('10 x 2-1');
    expect(cell(table, 'Spindle, bearing seats (trade class)')).toContain('1-3');
    const hangers = screen.getByRole('table', { name: 'Hangers' });
    expect(hangers.textContent).toContain('fixed eye');
    expect(hangers.textContent).toContain('shackle hanger');
  });
  test('a torsion axle has arm and angle, no springs', async () => {
    const table = await open(telescope);
    expect(cell(table, 'Arm')).toBe('150 mm');
    expect(cell(table, 'Springs')).toBeUndefined();
    expect(screen.getByRole('table', { name: 'Hangers' }).textContent).toContain('bracket');
  });
  test('what nobody has read is left to be written in, never printed as zero', async () => {
    const unread: Trailer = {
      ...oven,
      runningGear: {
        ...oven.runningGear,
        axle: { ...oven.runningGear.axle, ratingKg: null },
        tire: { ...oven.runningGear.tire, maxLoadKg: null },
      },
    };
    const table = await open(unread);
    expect(cell(table, 'Rating on the tag, each')).toContain('read it off and write it here');
    expect(cell(table, 'Load on the sidewall, each')).toContain('read it off');
    expect(document.body.textContent).not.toMatch(/NaN|undefined|null/);
  });
  test('its checks say what does not fit, and who has the last word', async () => {
    await open(oven);
    expect(screen.getByText(/Front axle carries 2,506 lb of 2,200 lb/)).toBeTruthy();
    expect(screen.getByText(/licensed engineer or inspector have the last word/)).toBeTruthy();
  });
});
