import { DEMO_TRAILERS, type Trailer, SECTION_ROWS } from '@kereta/core';
import { describe, expect, test } from 'vitest';
import { strengthTasks } from './strengthTasks';

const apiary = DEMO_TRAILERS[0] as Trailer;
const quiet = (): void => undefined;
const tubes = SECTION_ROWS.filter(({ id }) => id.startsWith('hss')).map(({ id }) => id);
const wide = {
  trailer: apiary,
  candidates: { rail: tubes, header: tubes, cross: tubes, tongue: tubes },
  aim: 'mass',
  leastWallM: 0,
  flush: false,
  badly: false,
} as const;

describe('the worker’s tasks', () => {
  test('analyse gives what the core gives', async () => {
    const outcome = await strengthTasks().analyse(1, apiary, quiet);
    expect(outcome?.kind).toBe('analysed');
    if (outcome?.kind !== 'analysed') return;
    const worst = [...outcome.analysis.members].sort(
      (a, b) => b.worst.utilisation.value - a.worst.utilisation.value,
    )[0];
    expect(worst?.memberId).toBe('cross.3');
  });
  test('a search reports how far it is, and ends without an answer when it is called off', async () => {
    const tasks = strengthTasks();
    const reports: number[] = [];
    const answer = await tasks.size(7, wide, (done) => {
      reports.push(done);
      if (reports.length === 2) void tasks.callOff(7);
    });
    expect(answer).toBeUndefined();
    expect(reports.length).toBeGreaterThanOrEqual(2);
    expect(reports.length).toBeLessThan(6);
  });
  test('jobs take turns: one called off while it waits never begins, the next still answers', async () => {
    const tasks = strengthTasks();
    const order: string[] = [];
    const first = tasks.analyse(1, apiary, quiet).then((outcome) => order.push(`first ${outcome?.kind}`));
    const second = tasks
      .size(2, wide, () => order.push('second began'))
      .then((answer) => order.push(answer === undefined ? 'second called off' : 'second answered'));
    const third = tasks.analyse(3, apiary, quiet).then((outcome) => order.push(`third ${outcome?.kind}`));
    await tasks.callOff(2);
    await Promise.all([first, second, third]);
    expect(order).toEqual(['first analysed', 'second called off', 'third analysed']);
  });
  test('a diagram of one bar in the run that governs it; none of a bar or run that is gone', async () => {
    const tasks = strengthTasks();
    const key = { caseId: 'case.full-hives', situation: 'bump-both', variant: '', balance: 'supported' } as const;
    const diagram = await tasks.diagram(apiary, 'cross.3', key);
    expect(diagram?.points[0]?.xM).toBe(0);
    expect(diagram?.points.at(-1)?.xM).toBeCloseTo(diagram?.lengthM ?? Number.NaN, 9);
    // The cross-member sags between the rails: pulled below, down in the middle.
    const middle = diagram?.points.reduce((best, next) =>
      Math.abs(next.xM - diagram.lengthM / 2) < Math.abs(best.xM - diagram.lengthM / 2) ? next : best,
    );
    expect(middle?.my).toBeLessThan(0);
    expect(middle?.upM).toBeLessThan(diagram?.points[0]?.upM ?? 0);
    expect(await tasks.diagram(apiary, 'cross.99', key)).toBeUndefined();
    expect(await tasks.diagram(apiary, 'cross.3', { ...key, caseId: 'case.gone' })).toBeUndefined();
  });
  test('the bent frame has every bar, each from end to end', async () => {
    const bars = await strengthTasks().bent(apiary, {
      caseId: '',
      situation: 'turn-over',
      variant: 'left',
      balance: 'supported',
    });
    expect(bars.map(({ memberId }) => memberId)).toEqual(
      expect.arrayContaining(['rail.left', 'tongue.right', 'cross.1']),
    );
    for (const { points } of bars)
      for (const { moved } of points) expect(moved.every((value) => Number.isFinite(value))).toBe(true);
  });
  test('a way out is found or said to be none', async () => {
    const tasks = strengthTasks();
    const found = await tasks.wayOut(1, apiary, 'cross.3', 1.4, quiet);
    expect(found?.share).toBeLessThanOrEqual(1);
    expect(await tasks.wayOut(2, apiary, 'cross.3', 1e6, quiet)).toBeNull();
  });
});
