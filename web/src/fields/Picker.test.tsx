import { DEMO_TRAILERS, searchText, type Trailer } from '@kereta/core';
import { cleanup, fireEvent, render, screen, within } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';

import { forget } from '../storage/remembered';
import { type Editing, EditingContext } from './editing';
import { Picker, type PickRow } from './Picker';

const row = (id: string, name: string, group: string, detail: string): PickRow => ({
  id,
  name,
  group,
  detail,
  search: searchText(name, group),
});
const ROWS = [
  row('a', 'HSS 3 x 2 x 3/16', 'Structural tube', '5.59 lb/ft, A500'),
  row('b', 'HSS 4 x 2 x 3/16', 'Structural tube', '6.87 lb/ft, A500'),
  row('c', 'Aluminum tube 50 x 30 x 3', 'Aluminum tube', '1.20 kg/m, 6061'),
];
const [trailer] = DEMO_TRAILERS as [Trailer];
const editing = (readOnly = false): Editing => ({
  units: 'imperial',
  fraction: 16,
  readOnly,
  trailer,
  edit: () => undefined,
});
const show = (value = 'a', readOnly = false) => {
  const taken = vi.fn();
  render(
    <EditingContext value={editing(readOnly)}>
      <Picker label="Rails" list="sections" value={value} rows={ROWS} onCommit={taken} partField="rail" />
    </EditingContext>,
  );
  return { taken, field: screen.getByRole<HTMLInputElement>('combobox', { name: 'Rails' }) };
};

beforeEach(() => forget('kereta-recent-sections'));
afterEach(cleanup);

describe('a picker', () => {
  test('shows the whole name, and what decides beside it', () => {
    const { field } = show();
    expect(field.value).toBe('HSS 3 x 2 x 3/16');
    expect(document.body.textContent).toContain('5.59 lb/ft, A500');
    expect(field.dataset['partField']).toBe('rail');
  });
  test('by keyboard: type some of it, walk, Enter; Esc leaves it as it was', () => {
    const { taken, field } = show();
    field.focus();
    fireEvent.change(field, { target: { value: '50x30' } });
    expect(screen.getAllByRole('option')).toHaveLength(1);
    fireEvent.keyDown(field, { key: 'Enter' });
    expect(taken).toHaveBeenCalledWith('c');
    taken.mockClear();
    fireEvent.change(field, { target: { value: '2 3/16' } });
    fireEvent.keyDown(field, { key: 'ArrowDown' });
    expect(field.getAttribute('aria-activedescendant')).toBe(screen.getAllByRole('option')[1]?.id);
    fireEvent.keyDown(field, { key: 'Escape' });
    expect(taken).not.toHaveBeenCalled();
    expect(field.value).toBe('HSS 3 x 2 x 3/16');
  });
  test('leaving it takes nothing', () => {
    const { taken, field } = show();
    fireEvent.change(field, { target: { value: '4x2' } });
    fireEvent.blur(field);
    expect(taken).not.toHaveBeenCalled();
  });
  test('for a screen reader: what it is, whether it is open, its groups, which one is chosen', () => {
    const { field } = show();
    expect(field.getAttribute('aria-expanded')).toBe('false');
    fireEvent.click(field);
    expect(field.getAttribute('aria-expanded')).toBe('true');
    const list = screen.getByRole('listbox', { name: 'Rails' });
    const group = within(list).getByRole('group', { name: 'Structural tube' });
    expect(within(group).getAllByRole('option')).toHaveLength(2);
    expect(screen.getByRole('option', { selected: true }).textContent).toContain('HSS 3 x 2');
  });
  test('what was chosen lately stands on top; one choice is one edit', () => {
    const { taken, field } = show();
    fireEvent.click(field);
    fireEvent.click(screen.getByText('Aluminum tube 50 x 30 x 3'));
    expect(taken).toHaveBeenCalledTimes(1);
    fireEvent.click(field);
    expect(screen.getAllByRole('group')[0]?.getAttribute('aria-label')).toBe('Chosen lately');
    fireEvent.click(screen.getByRole('option', { selected: true }));
    expect(taken).toHaveBeenCalledTimes(1);
  });
  test('nothing fits: it says so', () => {
    const { field } = show();
    fireEvent.change(field, { target: { value: 'unobtainium' } });
    expect(document.body.textContent).toContain('Nothing on the list fits “unobtainium”');
  });
  test('where nothing may be changed, nothing opens', () => {
    const { field } = show('a', true);
    expect(field.disabled).toBe(true);
  });
});
