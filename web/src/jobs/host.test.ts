import { DEMO_TRAILERS, type JobOutput, SECTION_ROWS, type Trailer } from '@kereta/core';
import { describe, expect, test } from 'vitest';
import { type Answer, jobHost, type OnProgress, type Urgency } from './host';

const apiary = DEMO_TRAILERS[0] as Trailer;
const tubes = SECTION_ROWS.filter(({ id }) => id.startsWith('hss')).map(({ id }) => id);
const wide = {
  trailer: apiary,
  candidates: { rail: tubes, header: tubes, cross: tubes, tongue: tubes },
  aim: 'mass',
  leastWallM: 0,
  flush: false,
  badly: false,
} as const;

/** One worker, asked as the page asks it. */
const asked = () => {
  const host = jobHost();
  const quiet = (): void => undefined;
  const analyse = (ticket: number, urgency: Urgency = 'now', onProgress: OnProgress = quiet) =>
    host.run({ ticket, name: 'analyse', input: { trailer: apiary }, urgency, trailerKey: 1 }, onProgress);
  const size = (ticket: number, onProgress: OnProgress, urgency: Urgency = 'now') =>
    host.run({ ticket, name: 'size', input: wide, urgency, trailerKey: 1 }, onProgress);
  return { host, analyse, size };
};
const valueOf = <Name extends 'analyse'>(answer: Answer<Name>): JobOutput<Name> | undefined =>
  answer.kind === 'answered' ? answer.value : undefined;

describe('the worker’s jobs', () => {
  test('analyse gives what the core gives', async () => {
    const outcome = valueOf(await asked().analyse(1));
    expect(outcome?.kind).toBe('analysed');
    if (outcome?.kind !== 'analysed') return;
    const worst = [...outcome.analysis.members].sort(
      (a, b) => b.worst.utilisation.value - a.worst.utilisation.value,
    )[0];
    expect(worst?.memberId).toBe('cross.3');
  });
  test('a search reports how far it is, and ends without an answer when it is called off', async () => {
    const { host, size } = asked();
    let reports = 0;
    const answer = await size(7, () => {
      reports += 1;
      if (reports === 3) void host.callOff(7);
    });
    expect(answer).toEqual({ kind: 'called-off' });
    expect(reports).toBeGreaterThanOrEqual(3);
    expect(reports).toBeLessThan(7);
  });
  test('jobs take turns: one called off while it waits never begins, the next still answers', async () => {
    const { host, analyse, size } = asked();
    const order: string[] = [];
    const first = analyse(1).then(({ kind }) => order.push(`first ${kind}`));
    const second = size(2, () => order.push('second began')).then(({ kind }) => order.push(`second ${kind}`));
    const third = analyse(3).then(({ kind }) => order.push(`third ${kind}`));
    await host.callOff(2);
    await Promise.all([first, second, third]);
    expect(order).toEqual(['first answered', 'second called-off', 'third answered']);
  });
  test('what is more urgent overtakes: at the next breath of what runs, and in front of what waits', async () => {
    const { analyse, size, host } = asked();
    const order: string[] = [];
    let sent = false;
    const long = size(
      1,
      ({ done }) => {
        if (done > 0 && !sent) {
          sent = true;
          urgent = analyse(3, 'now').then(() => order.push('urgent'));
        }
        if (order.includes('urgent')) void host.callOff(1);
      },
      'background',
    ).then(({ kind }) => order.push(`background ${kind}`));
    let urgent: Promise<unknown> = Promise.resolve();
    const behind = analyse(2, 'background').then(() => order.push('behind'));
    await Promise.all([long, behind]);
    await urgent;
    expect(order).toEqual(['urgent', 'background called-off', 'behind']);
  });
  test('a job that throws is over, and the next begins', async () => {
    const { host, analyse } = asked();
    const broken = host.run(
      { ticket: 1, name: 'sway', input: { trailer: {} as Trailer }, urgency: 'now', trailerKey: undefined },
      () => undefined,
    );
    await expect(broken).rejects.toThrow();
    expect((await analyse(2)).kind).toBe('answered');
  });
});
