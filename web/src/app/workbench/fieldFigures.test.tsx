import { DEMO_TRAILERS, STEP_IDS, type Trailer, withRoundSizes } from '@kereta/core';
import { cleanup } from '@testing-library/react';
import { afterEach, describe, expect, test, vi } from 'vitest';
import { testBench } from '../../bench/bench.testkit';
import { STEP_VIEWS } from '../../steps/steps';

class NoResize {
  observe(): void {}
  disconnect(): void {}
}
vi.stubGlobal('ResizeObserver', NoResize);
// What is worked out apart is not asked for here.
vi.mock('../../jobs/askWorker', async (original) => ({
  ...(await original<object>()),
  runJob: () => new Promise(() => undefined),
}));
afterEach(cleanup);

const inUnits = (trailer: Trailer, units: 'imperial' | 'metric'): Trailer => ({
  ...trailer,
  settings: { ...trailer.settings, units },
});
const { show } = testBench('job');

describe('figures in fields are written as people write them', () => {
  const trailers = DEMO_TRAILERS.flatMap((trailer) =>
    (['imperial', 'metric'] as const).map((units) => [`${trailer.name}, ${units}`, inUnits(trailer, units)] as const),
  );
  test.each(trailers)('%s: at most four decimals, in every field of every step', (_name, trailer) => {
    let looked = 0;
    for (const step of STEP_IDS) {
      const { Fields } = STEP_VIEWS[step];
      for (const picked of [undefined, 'cross.1', 'rail.left']) {
        show(trailer, <Fields />, { step, picked });
        for (const { value } of document.querySelectorAll('input')) {
          looked += 1;
          expect(value, `${step}: ${value}`).not.toMatch(/\.\d{5,}/);
          expect(value, `${step}: ${value}`).not.toMatch(/\d{8,}/);
        }
        cleanup();
      }
    }
    expect(looked).toBeGreaterThan(150);
  });
  test('after sizes were rounded to the other units, too', () => {
    for (const trailer of DEMO_TRAILERS) {
      const rounded = { ...trailer, ...withRoundSizes(trailer, 'metric') };
      const { Fields } = STEP_VIEWS.frame;
      show(inUnits(rounded, 'imperial'), <Fields />, { step: 'frame' });
      for (const { value } of document.querySelectorAll('input')) expect(value).not.toMatch(/\.\d{5,}/);
      cleanup();
    }
  });
});
