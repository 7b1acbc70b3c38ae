import { fireEvent, render, screen } from '@testing-library/react';
import { afterEach, expect, test, vi } from 'vitest';
import { offlineState } from '../fields/offlineState';
import { OfflineNote } from './OfflineNote';

afterEach(() => offlineState.setState({ kept: 'none', takeNewer: undefined }));

test('a newer version is offered once it waits, taken only when somebody says so, and put off by Later', async () => {
  const take = vi.fn();
  render(<OfflineNote />);
  expect(screen.queryByRole('complementary', { name: 'A newer Kereta' })).toBeNull();
  offlineState.setState({ takeNewer: take });
  expect(await screen.findByText(/A newer Kereta is ready/)).toBeTruthy();
  expect(take).not.toHaveBeenCalled();
  fireEvent.click(screen.getByRole('button', { name: 'Take it now' }));
  expect(take).toHaveBeenCalledTimes(1);
  fireEvent.click(screen.getByRole('button', { name: 'Later' }));
  expect(screen.queryByText(/A newer Kereta is ready/)).toBeNull();
});
