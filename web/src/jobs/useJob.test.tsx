import { DEMO_TRAILERS, type Trailer } from '@kereta/core';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { renderHook, waitFor } from '@testing-library/react';
import type { ReactNode } from 'react';
import { expect, test, vi } from 'vitest';
import type { Urgency } from './host';
import { useJob } from './useJob';

interface Asked {
  readonly urgency: Urgency;
  readonly signal: AbortSignal;
  readonly answer: (value: unknown) => void;
}
const asked: Asked[] = vi.hoisted(() => []);
vi.mock('./askWorker', async (original) => ({
  ...(await original<object>()),
  runJob: (_name: string, _input: unknown, { urgency, signal }: Omit<Asked, 'answer'>): Promise<unknown> =>
    new Promise((answer, called) => {
      signal.addEventListener('abort', () => called(new DOMException('called off', 'AbortError')));
      asked.push({ urgency, signal, answer });
    }),
}));

const [trailer] = DEMO_TRAILERS as [Trailer];

test('what waits behind all else is asked anew when somebody looks, and answered once', async () => {
  const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  const input = { trailer };
  const { result, rerender } = renderHook(({ urgency }: { urgency: Urgency }) => useJob('sway', input, { urgency }), {
    initialProps: { urgency: 'background' },
    wrapper: ({ children }: { children: ReactNode }) => (
      <QueryClientProvider client={client}>{children}</QueryClientProvider>
    ),
  });
  await waitFor(() => expect(asked.map(({ urgency }) => urgency)).toEqual(['background']));
  rerender({ urgency: 'soon' });
  await waitFor(() => expect(asked.map(({ urgency }) => urgency)).toEqual(['background', 'soon']));
  expect(asked[0]?.signal.aborted).toBe(true);
  expect(asked[1]?.signal.aborted).toBe(false);
  asked[1]?.answer({ towed: [] });
  await waitFor(() => expect(result.current.current).toBe(true));
  rerender({ urgency: 'background' });
  expect(asked).toHaveLength(2);
});
