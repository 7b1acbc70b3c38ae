import { inches, newProject, trailerOf } from '@kereta/core';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { afterEach, describe, expect, test, vi } from 'vitest';
import { type Editing, EditingContext } from './editing';
import { QuantityField } from './QuantityField';

const trailer = trailerOf(newProject({ id: 'p', name: 'P', units: 'imperial', newId: () => 'x' }));
const editing: Editing = { units: 'imperial', fraction: 16, readOnly: false, trailer, edit: () => undefined };

const show = (props: Partial<Parameters<typeof QuantityField>[0]> = {}, around: Partial<Editing> = {}) => {
  const onCommit = vi.fn();
  render(
    <EditingContext value={{ ...editing, ...around }}>
      <QuantityField label="Length" kind="length" value={inches(59)} onCommit={onCommit} {...props} />
    </EditingContext>,
  );
  return { onCommit, input: screen.getByLabelText<HTMLInputElement>('Length') };
};
const type = (input: HTMLElement, text: string): void => {
  fireEvent.change(input, { target: { value: text } });
  fireEvent.keyDown(input, { key: 'Enter' });
};

afterEach(cleanup);

describe('a field that takes sizes', () => {
  test('echoes what it understood before it counts', () => {
    const { input, onCommit } = show();
    fireEvent.change(input, { target: { value: '1.5m' } });
    expect(document.body.textContent?.replace('\u00a0', ' ')).toContain(`= 4' 11 1⁄16"`);
    expect(onCommit).not.toHaveBeenCalled();
    fireEvent.keyDown(input, { key: 'Enter' });
    expect(onCommit).toHaveBeenCalledWith(1.5);
  });
  test.each(['', 'long', '-3', '0', '1e9', '5/0'])('%j is not taken, and says what would work', (text) => {
    const { input, onCommit } = show({ min: 0.1, max: 20 });
    type(input, text);
    expect(onCommit).not.toHaveBeenCalled();
    expect(input.getAttribute('aria-invalid')).toBe('true');
    expect(document.body.textContent).toMatch(/Try|Must be/);
  });
  test('Esc puts the old size back, a look changes nothing', () => {
    const { input, onCommit } = show({ value: 1.2345678912 });
    // Written as people write it; what stands behind it stays exact.
    expect(input.value).toBe('48.605"');
    fireEvent.change(input, { target: { value: '9' } });
    fireEvent.keyDown(input, { key: 'Escape' });
    fireEvent.focus(input);
    fireEvent.blur(input);
    expect(onCommit).not.toHaveBeenCalled();
  });
  test('what was typed finer than fields write comes back as typed; set elsewhere it is rounded, and kept exact', () => {
    const Own = ({ first }: { readonly first: number }) => {
      const [value, setValue] = useState(first);
      return (
        <>
          <QuantityField label="Length" kind="number" value={value} onCommit={setValue} />
          <button type="button" onClick={() => setValue(1 / 3)}>
            elsewhere
          </button>
        </>
      );
    };
    render(
      <EditingContext value={editing}>
        <Own first={1} />
      </EditingContext>,
    );
    const input = screen.getByLabelText<HTMLInputElement>('Length');
    type(input, '0.123456789');
    expect(input.value).toBe('0.123456789');
    fireEvent.click(screen.getByRole('button'));
    expect(input.value).toBe('0.3333');
    fireEvent.focus(input);
    fireEvent.blur(input);
    expect(input.value).toBe('0.3333');
  });
  test('may be left empty only where missing is allowed', () => {
    const onClear = vi.fn();
    const { input } = show({ onClear });
    type(input, '');
    expect(onClear).toHaveBeenCalledOnce();
  });
  test('cannot be changed where the trailer is only read', () => {
    expect(show({}, { readOnly: true }).input.disabled).toBe(true);
  });
});
