import type { Trailer, StepId } from '@kereta/core';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { fireEvent, render, screen } from '@testing-library/react';
import type { ReactNode } from 'react';
import { MemoryRouter } from 'react-router';
import { type Editing, EditingContext } from '../fields/editing';
import { stillWorkbench } from './stillWorkbench';
import { StillBench } from './StillBench';
import type { Workbench } from './workbench';

/** For tests: shows a part of the workbench on a trailer that stands still, and keeps every edit that it asks for. */
export const testBench = (step: StepId) => {
  const edits: { label: string; trailer: Trailer }[] = [];
  return {
    edits,
    /** shows it; what comes back shows the same part on another trailer, as after an edit */
    show: (trailer: Trailer, node: ReactNode, change: Partial<Workbench> = {}): ((next: Trailer) => void) => {
      const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
      const bench = (own: Trailer): ReactNode => {
        const workbench: Workbench = { ...stillWorkbench(own, step), readOnly: false, ...change };
        const editing: Editing = {
          units: own.settings.units,
          fraction: own.settings.fraction,
          readOnly: false,
          trailer: own,
          edit: (label, edit) => edits.push({ label, trailer: { ...own, ...edit(own) } }),
        };
        return (
          <MemoryRouter>
            <QueryClientProvider client={client}>
              <StillBench workbench={workbench}>
                <EditingContext value={editing}>{node}</EditingContext>
              </StillBench>
            </QueryClientProvider>
          </MemoryRouter>
        );
      };
      const { rerender } = render(bench(trailer));
      return (next) => rerender(bench(next));
    },
    /** types into a field and presses Enter */
    type: (label: string, text: string): void => {
      const field = screen.getByLabelText(label);
      fireEvent.focus(field);
      fireEvent.change(field, { target: { value: text } });
      fireEvent.keyDown(field, { key: 'Enter' });
      fireEvent.blur(field);
    },
    choose: (label: string, value: string): void => {
      const field = screen.getByLabelText(label, { selector: 'input,select' });
      if (field.getAttribute('role') !== 'combobox') {
        fireEvent.change(field, { target: { value } });
        return;
      }
      fireEvent.click(field);
      const option = document.querySelector(`[role="option"][data-value="${value}"]`);
      if (!option) throw new Error(`${label} does not offer ${value}`);
      fireEvent.click(option);
    },
    last: (): Trailer => {
      const edit = edits.at(-1);
      if (!edit) throw new Error('nothing edited');
      return edit.trailer;
    },
  };
};
