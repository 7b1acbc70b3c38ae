import { expect, test } from 'vitest';
import { DEMO_TRAILERS } from '../demos/index.js';
import { adviceFor } from '../evaluation/index.js';
import type { Trailer } from '../project/index.js';
import { CalledOff, JOBS } from './index.js';

const apiary = DEMO_TRAILERS[0] as Trailer;
const wanted = { aborted: false };
const quiet = (): undefined => undefined;

test('a job answers what the function behind it answers, and tells how far it is', async () => {
  const told: number[] = [];
  const ways = await JOBS.waysOut({ trailer: apiary }, wanted, ({ done, of }) => {
    told.push(done / of);
    return undefined;
  });
  expect(ways).toEqual(adviceFor(apiary));
  expect(told.every((share, i) => share < 1 && share >= (told[i - 1] ?? 0))).toBe(true);
});
test('a job that is called off ends at its next step, without an answer', async () => {
  const signal = { aborted: false };
  const job = JOBS.doubt({ trailer: apiary }, signal, () => {
    signal.aborted = true;
    return undefined;
  });
  await expect(job).rejects.toBeInstanceOf(CalledOff);
});
test('a job waits where the one who runs it makes it wait', async () => {
  let pauses = 0;
  await JOBS.doubt({ trailer: apiary }, wanted, async () => {
    pauses += 1;
    await Promise.resolve();
  });
  expect(pauses).toBe(apiary.cases.filter(({ mode }) => mode === 'towed').length);
});
test('a diagram of one bar in the run that governs it; none of a bar or run that is gone', async () => {
  const run = { caseId: 'case.full-hives', situation: 'bump-both', variant: '', balance: 'supported' } as const;
  const diagram = await JOBS.diagram({ trailer: apiary, memberId: 'cross.3', run }, wanted, quiet);
  expect(diagram?.points[0]?.xM).toBe(0);
  expect(diagram?.points.at(-1)?.xM).toBeCloseTo(diagram?.lengthM ?? Number.NaN, 9);
  // The cross-member sags between the rails: pulled below, down in the middle.
  const middle = diagram?.points.reduce((best, next) =>
    Math.abs(next.xM - diagram.lengthM / 2) < Math.abs(best.xM - diagram.lengthM / 2) ? next : best,
  );
  expect(middle?.my).toBeLessThan(0);
  expect(middle?.upM).toBeLessThan(diagram?.points[0]?.upM ?? 0);
  expect(await JOBS.diagram({ trailer: apiary, memberId: 'cross.99', run }, wanted, quiet)).toBeUndefined();
  const gone = { ...run, caseId: 'case.gone' };
  expect(await JOBS.diagram({ trailer: apiary, memberId: 'cross.3', run: gone }, wanted, quiet)).toBeUndefined();
});
test('the bent frame has every bar, each from end to end', async () => {
  const run = { caseId: '', situation: 'turn-over', variant: 'left', balance: 'supported' } as const;
  const bars = await JOBS.bent({ trailer: apiary, run }, wanted, quiet);
  expect(bars.map(({ memberId }) => memberId)).toEqual(
    expect.arrayContaining(['rail.left', 'tongue.right', 'cross.1']),
  );
  for (const { points } of bars)
    for (const { moved } of points) expect(moved.every((value) => Number.isFinite(value))).toBe(true);
});
test('a way out is found or said to be none', async () => {
  const found = await JOBS.wayOut({ trailer: apiary, memberId: 'cross.3', share: 1.4 }, wanted, quiet);
  expect(found?.share).toBeLessThanOrEqual(1);
  expect(await JOBS.wayOut({ trailer: apiary, memberId: 'cross.3', share: 1e6 }, wanted, quiet)).toBeUndefined();
});
