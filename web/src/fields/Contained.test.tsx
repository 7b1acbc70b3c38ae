import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import { Contained, ContainedChart } from './Contained';

afterEach(cleanup);
// The library tells the console about every error that is caught; here they are made on purpose.
beforeEach(() => void vi.spyOn(console, 'error').mockReturnValue(undefined));
afterEach(() => vi.restoreAllMocks());

let broken: Error | undefined;
const Part = () => {
  if (broken) throw broken;
  return <p>shown</p>;
};
const page = (of: unknown) => (
  <>
    <p>the rest</p>
    <Contained name="This panel" of={[of, 'axle']}>
      <Part />
    </Contained>
  </>
);

describe('a part of the page that fails', () => {
  test('says so in its own place; the rest stays, and another trailer is another try', () => {
    broken = new Error('no <b>such</b> bar');
    const { rerender } = render(page(1));
    expect(screen.getByRole('alert').textContent).toContain('This panel could not be shown.');
    expect(screen.getByText(/“no <b>such<\/b> bar”/)).toBeTruthy();
    expect(screen.getByText('the rest')).toBeTruthy();
    broken = undefined;
    rerender(page(1));
    expect(screen.queryByText('shown')).toBeNull();
    rerender(page(2));
    expect(screen.getByText('shown')).toBeTruthy();
  });
  test('is tried again at a click', () => {
    broken = new Error('once');
    render(page(1));
    broken = undefined;
    fireEvent.click(screen.getByRole('button', { name: 'Try again' }));
    expect(screen.getByText('shown')).toBeTruthy();
  });
  test('a chart whose code did not arrive asks for the page again, which is the only way to it', () => {
    broken = new TypeError('Failed to fetch dynamically imported module: /assets/SwayChart.js');
    render(
      <ContainedChart name="The chart" of={[1]}>
        <Part />
      </ContainedChart>,
    );
    expect(screen.getByRole('alert').textContent).toMatch(/the server that it comes from was stopped or updated/);
    expect(screen.getByRole('button', { name: 'Load the page again' })).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'Try again' })).toBeNull();
  });
});
